package honeylamp.output;

import java.awt.GraphicsEnvironment;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;

/**
 * A program of its own that shows the print dialog of the system and prints a PDF at its true size. It runs beside the
 * window, so that what printer drivers do to a process they do not do to a plan.
 */
final class PrintDialog {
    private PrintDialog() {}

    /**
     * Shows the dialog and prints.
     *
     * @param args the PDF, and the name of the job
     */
    public static void main(String[] args) {
        System.exit(run(Path.of(args[0]), args[1]).exit());
    }

    private static Printing.Came run(Path pdf, String name) {
        if (GraphicsEnvironment.isHeadless()) {
            return Printing.Came.NO_WINDOWS;
        }
        if (PrinterJob.lookupPrintServices().length == 0) {
            return Printing.Came.NO_PRINTER;
        }
        try (var document = Loader.loadPDF(pdf.toFile())) {
            var job = PrinterJob.getPrinterJob();
            var chosen = PaperPrint.wanted(document, name);
            if (!job.printDialog(chosen)) {
                return Printing.Came.LEFT;
            }
            if (!PaperPrint.holds(document, chosen)) {
                return Printing.Came.PAPER_TOO_SMALL;
            }
            PaperPrint.print(document, job.getPrintService(), chosen);
            return Printing.Came.PRINTED;
        } catch (IOException | PrinterException _) {
            return Printing.Came.REFUSED;
        }
    }
}
