package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import java.awt.image.BufferedImage;
import java.util.List;
import java.util.stream.Stream;

/** A drawing with the box each mark covers, so that what lies outside an image is passed over. */
record BoundedDrawing(List<BoundedLayer> layers) {
    /** Edges are smoothed over the pixels beside them. */
    private static final double EDGE_PX = 2;

    record BoundedLayer(Layer layer, List<BoundedMark> marks) {}

    /** A mark and its box in paper mm. */
    record BoundedMark(Mark mark, Box box) {}

    static BoundedDrawing of(Drawing drawing) {
        return new BoundedDrawing(drawing.layers().stream()
                .map(l -> new BoundedLayer(
                        l, l.marks().stream().flatMap(BoundedDrawing::bounded).toList()))
                .toList());
    }

    private static Stream<BoundedMark> bounded(Mark mark) {
        return MarkBounds.of(mark).map(box -> new BoundedMark(mark, box)).stream();
    }

    /** What an image shows with its edges, in paper mm. */
    static Box part(BufferedImage image, Affine toPixels) {
        return new Box(-EDGE_PX, -EDGE_PX, image.getWidth() + EDGE_PX, image.getHeight() + EDGE_PX)
                .ring()
                .through(toPixels.inverse())
                .bounds();
    }

    /** The layers with only the marks that reach into an image. */
    List<Layer> seen(BufferedImage image, Affine toPixels) {
        var part = part(image, toPixels);
        return layers.stream()
                .map(l -> new Layer(
                        l.layer.kind(),
                        l.layer.blend(),
                        l.marks.stream()
                                .filter(m -> part.meets(m.box))
                                .map(BoundedMark::mark)
                                .toList()))
                .filter(l -> !l.marks().isEmpty())
                .toList();
    }
}
