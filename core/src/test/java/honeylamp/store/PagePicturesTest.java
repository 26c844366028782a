package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay.Picture;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pictures on a page: where they lie, what is clear in them, and what becomes of those that are not there. */
class PagePicturesTest {
    private static final PageId FIRST = new PageId(1);
    private static final int BRICK = 0xffa8503f;

    @TempDir
    private Path folder;

    /** 60 \u00d7 30 pixels: the left half brick, the right half clear. */
    private static byte[] mark() throws IOException {
        var image = new BufferedImage(60, 30, BufferedImage.TYPE_INT_ARGB);
        for (var y = 0; y < 30; y++) {
            for (var x = 0; x < 30; x++) {
                image.setRGB(x, y, BRICK);
            }
        }
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }

    private static Plan with(byte[] bytes) {
        var picture = new Picture(PictureImport.sha256(bytes), "mark.png", 60, 30);
        var laid = PageEdits.layPicture(SailclothYard.plan(), FIRST, picture).orThrow();
        return PageEdits.putPicture(laid, FIRST, 0, 30, 20, 50).orThrow();
    }

    private static ComposedPage composed(Plan plan, Map<String, byte[]> assets) {
        var page = TestPlans.page(plan);
        return new PagePictures().onto(SheetComposer.compose(page, Lamp.COLOUR, 1), page, assets);
    }

    /** The left half is brick in the exported picture, 25 by 25 mm from 30, 20; the right half shows the paper. */
    @Test
    void aPictureIsPrintedWhereItWasPutAndWhatIsClearInItStaysClear() throws Exception {
        var bytes = mark();
        var plan = with(bytes);
        var page = composed(plan, Map.of(PictureImport.sha256(bytes), bytes));
        var file = folder.resolve("page.png");
        Export.write(page, Export.Format.PNG, Export.Picture.dpi(50.8), file, Progress.NONE);
        var image = ImageIO.read(file.toFile()); // two pixels a millimetre
        assertThat(image.getRGB(2 * 32, 2 * 22)).isEqualTo(BRICK);
        assertThat(image.getRGB(2 * 54, 2 * 44)).isEqualTo(BRICK);
        var paper = image.getRGB(4, 4);
        assertThat(image.getRGB(2 * 57, 2 * 22)).isEqualTo(paper);
        assertThat(image.getRGB(2 * 28, 2 * 22)).isEqualTo(paper);
        for (var format : Export.Format.values()) {
            var out = folder.resolve("all." + format.name().toLowerCase(java.util.Locale.ROOT));
            Export.write(page, format, Export.Picture.USUAL, out, Progress.NONE);
            assertThat(Files.size(out)).isGreaterThan(10_000);
        }
    }

    /** A chequer of single black and white pixels, far finer than the screen, is an even grey and no moir\u00e9. */
    @Test
    void aPictureFarFinerThanIsSeenIsItsMean() throws Exception {
        var image = new BufferedImage(1600, 800, BufferedImage.TYPE_INT_RGB);
        for (var y = 0; y < 800; y++) {
            for (var x = 0; x < 1600; x++) {
                image.setRGB(x, y, (x + y) % 2 == 0 ? 0xffffff : 0);
            }
        }
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        var bytes = out.toByteArray();
        var plan = with(bytes);
        var file = folder.resolve("fine.png");
        Export.write(
                composed(plan, Map.of(PictureImport.sha256(bytes), bytes)),
                Export.Format.PNG,
                Export.Picture.dpi(50.8),
                file,
                Progress.NONE);
        var page = ImageIO.read(file.toFile());
        for (var x = 31; x < 79; x++) {
            assertThat(page.getRGB(2 * x, 2 * 30) & 0xff).isBetween(120, 135);
        }
    }

    @Test
    void aPictureThatIsMissingOrBrokenLeavesItsFrame() throws Exception {
        var bytes = mark();
        var plan = with(bytes);
        for (var assets : java.util.List.of(
                Map.<String, byte[]>of(), Map.of(PictureImport.sha256(bytes), new byte[] {1, 2, 3}))) {
            var marks = composed(plan, assets).drawing().layers().getLast().marks();
            assertThat(marks)
                    .singleElement()
                    .isInstanceOfSatisfying(
                            Mark.Stroke.class,
                            s -> assertThat(s.path().bounds().width()).isCloseTo(50, within(1e-9)));
        }
    }

    @Test
    void aPictureIsKeptInTheFileAndComesOffAgain() throws Exception {
        var bytes = mark();
        var plan = with(bytes);
        var file = folder.resolve("kept.honeylamp");
        PlanFile.save(PlanDocument.of(plan).withAsset(PictureImport.sha256(bytes), bytes), new byte[0], file);
        var opened = ((PlanFile.Opened.Good) PlanFile.open(file)).document();
        assertThat(opened.plan()).isEqualTo(plan);
        assertThat(opened.assets()).containsKey(PictureImport.sha256(bytes));
        assertThat(PageEdits.takePicture(plan, FIRST, 0)).isEqualTo(SailclothYard.plan());
    }

    @Test
    void placesOffThePaperAndSizesThatAreNoneAreRefused() throws Exception {
        var plan = with(mark());
        for (var wrong :
                new double[][] {{-1, 0, 20}, {0, 298, 20}, {421, 0, 20}, {0, 0, 1}, {0, 0, 500}, {0, 0, Double.NaN}}) {
            assertThat(PageEdits.putPicture(plan, FIRST, 0, wrong[0], wrong[1], wrong[2]))
                    .isInstanceOf(Outcome.Refused.class);
        }
    }

    private static Stream<Object> greys(List<Mark> marks) {
        return marks.stream().flatMap(mark -> switch (mark) {
            case Mark.Clip(var _, var inside) -> greys(inside);
            case Mark.Picture(var grey, var _) -> Stream.of(grey);
            case Mark.Fill _, Mark.Stroke _, Mark.Shaded _, Mark.Image _, Mark.Text _, Mark.Haloed _ -> Stream.of();
        });
    }

    private static List<Object> shadeOf(ComposedPage page) {
        return page.drawing().layers().stream()
                .filter(l -> l.kind() == LayerKind.SHADE)
                .flatMap(l -> greys(l.marks()))
                .toList();
    }

    /** Pages in turn of both storeys: each is drawn as it is alone, and copies have the very shade of what they copy. */
    @Test
    void pagesThatShowTheSameHaveTheSameShadeAndAreInTheFileOnce() throws Exception {
        var two = QuillbackLane.plan();
        var pages = two.presentation().pages();
        var four = PageEdits.copy(
                        PageEdits.copy(two, pages.get(0).id()).plan(),
                        pages.get(1).id())
                .plan();
        var laid = LaidPlan.of(four).pages();
        var made = new PagePictures().printed(laid, Map.of(), Progress.NONE);
        assertThat(made).hasSize(4);
        var shades = made.stream().map(PagePicturesTest::shadeOf).toList();
        for (var i = 0; i < laid.size(); i++) {
            assertThat(made.get(i).drawing())
                    .as(laid.get(i).name())
                    .isEqualTo(new PagePictures().printed(laid.get(i), Map.of()).drawing());
            assertThat(shades.get(i)).isNotEmpty();
        }
        var kinds = new IdentityHashMap<Object, Integer>();
        shades.forEach(s -> s.forEach(g -> kinds.merge(g, 1, Integer::sum)));
        assertThat(kinds.values()).containsOnly(2);
        var twoPages = folder.resolve("two.pdf");
        var fourPages = folder.resolve("four.pdf");
        Export.writeAll(
                new PagePictures().printed(LaidPlan.of(two).pages(), Map.of(), Progress.NONE),
                Export.Picture.USUAL,
                twoPages,
                Progress.NONE);
        Export.writeAll(made, Export.Picture.USUAL, fourPages, Progress.NONE);
        assertThat(imagesIn(fourPages)).isEqualTo(imagesIn(twoPages)).isPositive();
    }

    private static long imagesIn(Path pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf.toFile())) {
            return document.getDocument().getXrefTable().keySet().stream()
                    .map(key -> document.getDocument().getObjectFromPool(key).getObject())
                    .filter(o ->
                            o instanceof COSStream stream && COSName.IMAGE.equals(stream.getCOSName(COSName.SUBTYPE)))
                    .count();
        }
    }
}
