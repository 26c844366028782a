package honeylamp.output;

import java.awt.print.Pageable;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import javax.print.PrintService;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.PrintRequestAttributeSet;
import javax.print.attribute.Size2DSyntax;
import javax.print.attribute.standard.JobName;
import javax.print.attribute.standard.Media;
import javax.print.attribute.standard.MediaSize;
import javax.print.attribute.standard.MediaSizeName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.Orientation;
import org.apache.pdfbox.printing.PDFPageable;
import org.jspecify.annotations.Nullable;

/** The pages of a PDF on paper: drawn as lines and letters, and as large as they are, whatever paper a printer has. */
final class PaperPrint {
    /** Paper that is smaller by less holds the page, in mm: sizes of media are rounded. */
    private static final double LITTLE_MM = 1.5;

    private static final double POINTS_PER_MM = 72 / 25.4;

    private PaperPrint() {}

    /** The pages as a printer takes them: it asks for nothing to be made smaller. */
    static Pageable pages(PDDocument document) {
        return new PDFPageable(document, Orientation.AUTO, false, 0);
    }

    /** What a printer is asked for before somebody chooses: paper as large as the first page, and a name for the job. */
    static PrintRequestAttributeSet wanted(PDDocument document, String name) {
        var out = new HashPrintRequestAttributeSet();
        out.add(new JobName(name, null));
        var page = document.getPage(0).getMediaBox();
        var longMm = Math.max(page.getWidth(), page.getHeight()) / POINTS_PER_MM;
        var shortMm = Math.min(page.getWidth(), page.getHeight()) / POINTS_PER_MM;
        var media = MediaSize.findMedia((float) shortMm, (float) longMm, Size2DSyntax.MM);
        if (media != null && holds(media, longMm, shortMm)) {
            out.add(media);
        }
        return out;
    }

    /** Whether the paper that was chosen is as large as the pages; paper of an unknown size is taken to be. */
    static boolean holds(PDDocument document, PrintRequestAttributeSet chosen) {
        var media = chosen.get(Media.class);
        for (var page : document.getPages()) {
            var box = page.getMediaBox();
            var longMm = Math.max(box.getWidth(), box.getHeight()) / POINTS_PER_MM;
            var shortMm = Math.min(box.getWidth(), box.getHeight()) / POINTS_PER_MM;
            if (media instanceof MediaSizeName name && !holds(name, longMm, shortMm)) {
                return false;
            }
        }
        return true;
    }

    private static boolean holds(MediaSizeName name, double longMm, double shortMm) {
        @Nullable MediaSize size = MediaSize.getMediaSizeForName(name);
        return size == null
                || Math.max(size.getX(Size2DSyntax.MM), size.getY(Size2DSyntax.MM)) >= longMm - LITTLE_MM
                        && Math.min(size.getX(Size2DSyntax.MM), size.getY(Size2DSyntax.MM)) >= shortMm - LITTLE_MM;
    }

    /**
     * Prints.
     *
     * @throws PrinterException if the printer does not take it
     */
    static void print(PDDocument document, PrintService service, PrintRequestAttributeSet chosen)
            throws PrinterException {
        var job = PrinterJob.getPrinterJob();
        job.setPrintService(service);
        job.setPageable(pages(document));
        job.print(chosen);
    }
}
