package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.ink.Blend;
import honeylamp.geometry.Affine;
import honeylamp.output.ScreenPainter.Scene;
import honeylamp.plan.Treatment.Lie;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/**
 * A scene as what lies below its shade, the shade, and what lies above, so that each can be painted anew without the
 * others. Where something above does not simply cover, all of it counts as lying below.
 */
record ScreenLayers(Scene scene, Part paper, Part below, Part shade, Part above, boolean parted) {
    /** Layers that are painted together. */
    record Part(Drawing drawing, BoundedDrawing bounded) {
        static Part of(Drawing drawing) {
            return new Part(drawing, BoundedDrawing.of(drawing));
        }
    }

    static ScreenLayers of(Scene scene) {
        var drawing = scene.page().drawing();
        var parted = drawing.layers().stream()
                        .filter(l -> l.kind().compareTo(LayerKind.SHADE) > 0)
                        .allMatch(l -> l.blend() == Blend.COVER)
                && scene.underlays().stream()
                        .noneMatch(t -> t.underlay().treatment().lie() == Lie.ABOVE);
        var ghost = ScreenPainter.alone(scene.ghost());
        return new ScreenLayers(
                scene,
                Part.of(drawing.only(k -> k == LayerKind.PAPER)),
                Part.of(drawing.only(k -> k != LayerKind.PAPER && (!parted || k.compareTo(LayerKind.SHADE) < 0))),
                Part.of(drawing.only(k -> parted && k == LayerKind.SHADE)),
                Part.of(drawing.only(k -> parted && k.compareTo(LayerKind.SHADE) > 0)
                        .with(ghost)),
                parted);
    }

    private Affine toPixels(Rectangle part) {
        return scene.toPixels().then(Affine.move(-part.x, -part.y));
    }

    private static BufferedImage blank(Rectangle part) {
        return new BufferedImage(part.width, part.height, BufferedImage.TYPE_INT_ARGB_PRE);
    }

    /** Paints what lies below. */
    BufferedImage below(Rectangle part) {
        var image = blank(part);
        var toPixels = toPixels(part);
        ScreenPainter.desk(scene, image, toPixels);
        RasterPainter.paint(paper.bounded, image, toPixels);
        var toScreen = scene.page().frame().toPaper().then(toPixels);
        ScreenPainter.underlays(scene.underlays(), Lie.BELOW, image, toScreen);
        RasterPainter.paint(below.bounded, image, toPixels);
        if (!parted) {
            RasterPainter.paint(above.bounded, image, toPixels);
            ScreenPainter.underlays(scene.underlays(), Lie.ABOVE, image, toScreen);
        }
        return image;
    }

    /** Paints what lies above, on nothing. */
    BufferedImage above(Rectangle part) {
        var image = blank(part);
        if (parted) {
            RasterPainter.paint(above.bounded, image, toPixels(part));
        }
        return image;
    }

    /** Lays the shade and what lies above over what lies below, which is changed. */
    BufferedImage together(Rectangle part, BufferedImage below, BufferedImage above) {
        RasterPainter.paint(shade.bounded, below, toPixels(part));
        Blending.over(pixels(below), pixels(above));
        return below;
    }

    /** Paints all of it. */
    BufferedImage painted(Rectangle part) {
        return together(part, below(part), above(part));
    }

    private static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }
}
