package honeylamp.demo;

import honeylamp.demo.place.Lamplit;
import honeylamp.demo.place.TiledBathroom;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.output.Progress;
import honeylamp.output.RasterPainter;
import honeylamp.plan.Plan;
import honeylamp.store.PagePictures;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;

/** The pictures of the guide, drawn from the demos. */
public final class GuidePictures {
    /** So wide they are in the window, twice for sharp screens. */
    private static final int WIDE_PX = 720;

    private static final Box WHOLE = new Box(0, 0, 1, 1);
    private static final int LOOKS_ACROSS = 4;

    private GuidePictures() {}

    private interface Source {
        BufferedImage draw() throws IOException;
    }

    /** A picture and the name of its file. */
    private record Shot(String name, Source source) {}

    private static final List<Shot> ALL = List.of(
            new Shot("listing-scan", GuidePictures::scan),
            new Shot(
                    "listing-sheet", () -> page(Gallery.LANTERN_COURT.document().plan(), 0, WHOLE)),
            new Shot("remodel-schemes", () -> page(DemoSets.schemes(), 2, WHOLE)),
            new Shot("bathroom-page", () -> page(TiledBathroom.plan(), 1, WHOLE)),
            new Shot("bathroom-wall", () -> page(TiledBathroom.plan(), 1, new Box(0.34, 0.08, 0.58, 0.4))),
            new Shot("lighting-plan", () -> page(Lamplit.quillbackLane(), 2, WHOLE)),
            new Shot("lighting-evening", () -> page(Lamplit.sailclothYard(), 0, WHOLE)),
            new Shot("looks", () -> LooksPicture.ofLooks(LOOKS_ACROSS)));

    /** Writes all of them as PNG into a folder, made if need be. */
    public static void write(Path folder) throws IOException {
        Files.createDirectories(folder);
        for (var shot : ALL) {
            ImageIO.write(
                    opaque(shot.source.draw()),
                    "png",
                    folder.resolve(shot.name + ".png").toFile());
        }
    }

    /** The survey sheet of the demo. */
    private static BufferedImage scan() throws IOException {
        var sheet = ImageIO.read(new ByteArrayInputStream(DemoFiles.scan()));
        var out = new BufferedImage(
                WIDE_PX,
                Math.round((float) WIDE_PX * sheet.getHeight() / sheet.getWidth()),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = out.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.drawImage(sheet, 0, 0, out.getWidth(), out.getHeight(), null);
        pen.dispose();
        return out;
    }

    /**
     * A part of a page of a plan.
     *
     * @param part in shares of the sheet, from its upper left corner
     */
    private static BufferedImage page(Plan plan, int number, Box part) throws IOException {
        try {
            var pages = new PagePictures().printed(LaidPlan.of(plan).pages(), Map.of(), Progress.NONE);
            var page = pages.get(number);
            var perMm = WIDE_PX / (page.widthMm() * part.width());
            var out = new BufferedImage(
                    WIDE_PX,
                    (int) Math.round(page.heightMm() * part.height() * perMm),
                    BufferedImage.TYPE_INT_ARGB_PRE);
            RasterPainter.paint(
                    page.drawing(),
                    out,
                    new Affine(
                            perMm,
                            0,
                            0,
                            perMm,
                            -part.minX() * page.widthMm() * perMm,
                            -part.minY() * page.heightMm() * perMm));
            return out;
        } catch (Progress.Cancelled e) {
            throw new IOException("it was cancelled", e);
        }
    }

    private static BufferedImage opaque(BufferedImage image) {
        var out = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        var pen = out.createGraphics();
        pen.drawImage(image, 0, 0, null);
        pen.dispose();
        return out;
    }
}
