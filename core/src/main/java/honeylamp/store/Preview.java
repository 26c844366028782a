package honeylamp.store;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Progress;
import honeylamp.output.RasterPainter;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;

/** The small picture kept in a plan file. */
public final class Preview {
    private static final double PIXELS_PER_MM = 1.2;

    private Preview() {}

    /** The first page as a small PNG. */
    public static byte[] png(Plan plan) throws IOException {
        try {
            return png(plan, Progress.NONE);
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }

    /**
     * The first page as a small PNG.
     *
     * @throws Progress.Cancelled if the progress ended the work
     */
    public static byte[] png(Plan plan, Progress progress) throws IOException, Progress.Cancelled {
        progress.at(0);
        var first = LaidPlan.of(plan).pages().getFirst();
        progress.at(0.3);
        var page = SheetComposer.compose(first, Lamp.COLOUR, 1);
        progress.at(0.6);
        var image = new BufferedImage(
                (int) Math.ceil(page.widthMm() * PIXELS_PER_MM),
                (int) Math.ceil(page.heightMm() * PIXELS_PER_MM),
                BufferedImage.TYPE_INT_RGB);
        RasterPainter.paint(page.drawing(), image, Affine.scale(PIXELS_PER_MM, PIXELS_PER_MM));
        progress.at(0.9);
        var out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return out.toByteArray();
    }
}
