package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page.Listing;
import honeylamp.sheet.SheetComposer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.awt.print.Printable;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.print.DocFlavor;
import javax.print.StreamPrintServiceFactory;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.standard.Media;
import javax.print.attribute.standard.MediaSizeName;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pages on paper are as large as they are. */
class PrintingTest {
    private static final PageId FIRST = new PageId(1);
    private static final double DPI = 400;

    private static Path pdf(Path folder) throws Exception {
        var plan = PageEdits.toggle(SailclothYard.plan(), FIRST, Reach.THIS, Listing.SQUARE);
        var pages = LaidPlan.of(plan).pages().stream()
                .map(p -> SheetComposer.compose(p, Lamp.DRAFT, 1))
                .toList();
        var file = folder.resolve("sheet.pdf");
        Export.writeAll(List.of(pages.getFirst(), pages.getFirst()), Export.Picture.USUAL, file, Progress.NONE);
        return file;
    }

    /** The checking square is 30 mm on paper: 30 / 25.4 × 400 = 472.4 dots between the middles of its lines. */
    @Test
    void aCheckingSquareIsTrueOnPaper(@TempDir Path folder) throws Exception {
        var plan = PageEdits.toggle(SailclothYard.plan(), FIRST, Reach.THIS, Listing.SQUARE);
        var place = SheetComposer.lists(LaidPlan.of(plan).page(FIRST)).get(Listing.SQUARE);
        try (var document = Loader.loadPDF(pdf(folder).toFile())) {
            var pages = PaperPrint.pages(document);
            assertThat(pages.getNumberOfPages()).isEqualTo(2);
            var format = pages.getPageFormat(0);
            assertThat(format.getWidth()).isCloseTo(420 / 25.4 * 72, within(0.1));
            var perPoint = DPI / 72;
            var image = new BufferedImage(
                    (int) Math.ceil(format.getWidth() * perPoint),
                    (int) Math.ceil(format.getHeight() * perPoint),
                    BufferedImage.TYPE_INT_RGB);
            var g = image.createGraphics();
            g.setColor(Color.WHITE);
            g.fillRect(0, 0, image.getWidth(), image.getHeight());
            g.scale(perPoint, perPoint);
            assertThat(pages.getPrintable(0).print(g, format, 0)).isEqualTo(Printable.PAGE_EXISTS);
            var perMm = DPI / 25.4;
            // the square's left and right lines cross a row some way down from its top
            var row = (int) ((place.minY() + 20) * perMm);
            var dark = IntStream.range((int) ((place.minX() - 2) * perMm), (int) ((place.minX() + 34) * perMm))
                    .filter(x -> (image.getRGB(x, row) >> 8 & 255) < 120)
                    .toArray();
            assertThat((dark[dark.length - 1] - dark[0]) / perMm).isCloseTo(30, within(0.35)); // and a line's width
        }
    }

    /** A printer gets paper as large as the page is asked for, and two pages, in PostScript here. */
    @Test
    void aPrinterGetsAllPages(@TempDir Path folder) throws Exception {
        try (var document = Loader.loadPDF(pdf(folder).toFile())) {
            var out = new ByteArrayOutputStream();
            var service = StreamPrintServiceFactory.lookupStreamPrintServiceFactories(
                    DocFlavor.SERVICE_FORMATTED.PAGEABLE, "application/postscript")[0]
                    .getPrintService(out);
            var wanted = PaperPrint.wanted(document, "Sailcloth Yard");
            assertThat(wanted.get(Media.class)).isEqualTo(MediaSizeName.ISO_A3);
            PaperPrint.print(document, service, wanted);
            var said = out.toString(StandardCharsets.ISO_8859_1);
            assertThat(said).startsWith("%!PS");
            assertThat(said.lines().filter(l -> l.startsWith("%%Page:")).count())
                    .isEqualTo(2);
            var size = Pattern.compile("/PageSize \\[([0-9.]+) ([0-9.]+)]").matcher(said);
            assertThat(size.find()).isTrue();
            assertThat(Double.parseDouble(size.group(1)) * 25.4 / 72).isCloseTo(297, within(0.01));
            assertThat(Double.parseDouble(size.group(2)) * 25.4 / 72).isCloseTo(420, within(0.01));
        }
    }

    @Test
    void smallerPaperIsRefusedAndNotCut(@TempDir Path folder) throws Exception {
        try (var document = Loader.loadPDF(pdf(folder).toFile())) {
            var chosen = new HashPrintRequestAttributeSet(MediaSizeName.ISO_A4);
            assertThat(PaperPrint.holds(document, chosen)).isFalse();
            assertThat(PaperPrint.holds(document, new HashPrintRequestAttributeSet(MediaSizeName.ISO_A2)))
                    .isTrue();
            assertThat(PaperPrint.holds(document, new HashPrintRequestAttributeSet()))
                    .isTrue();
        }
    }

    /** Where nobody can see a dialog, that is said; the program that would show it has ended. */
    @Test
    void withoutAWindowSystemNothingIsPrintedAndThatIsSaid(@TempDir Path folder) throws Exception {
        assumeThat(System.getenv("DISPLAY")).isNull();
        var came = Printing.dialog(pdf(folder), "Sailcloth Yard", Progress.NONE);
        assertThat(came).isIn(Printing.Came.NO_WINDOWS, Printing.Came.NO_PRINTER);
        assertThat(came.sentence()).contains("Export a PDF");
    }
}
