package honeylamp.illustrate;

import honeylamp.catalogue.FurnishingKind;
import honeylamp.catalogue.Material;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.geometry.Box;
import honeylamp.geometry.Path;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import java.util.Arrays;
import java.util.List;

/** Small pictures of what can be chosen, drawn as on the sheet, in paper mm about the origin. */
public final class Samples {
    private static final double SCALE = 50;

    private Samples() {}

    /** A furnishing at its usual size. */
    public static Drawing of(FurnishingKind kind) {
        var frame = PaperFrame.atOrigin(SCALE);
        var art = new FurnitureArt(frame, Pens.of(1, SCALE), Lamp.COLOUR);
        var piece = new Furnishing(
                new FurnishingId(1), kind.key(), kind.width(), kind.depth(), kind.height(), Position.ORIGIN, 0);
        return new Drawing(Arrays.stream(honeylamp.catalogue.SymbolPart.Level.values())
                .map(level -> Layer.of(LayerKind.FURNITURE, art.marks(List.of(piece), level)))
                .toList());
    }

    /** The larger side of a furnishing's picture, with what stands out of its footprint, in paper mm. */
    public static double sizeMm(FurnishingKind kind) {
        var symbol = kind.symbol(new FurnishingKind.Size(
                kind.width().mm(), kind.depth().mm(), kind.height().mm(), 1));
        var box = symbol.parts().stream()
                .map(p -> p.path().bounds())
                .reduce(Box::union)
                .orElseThrow();
        var reach = Math.max(
                Math.max(Math.abs(box.minX()), Math.abs(box.maxX())),
                Math.max(Math.abs(box.minY()), Math.abs(box.maxY())));
        return 2 * reach / SCALE;
    }

    /** A square of a floor material, so many plan mm wide. */
    public static Drawing of(Material material, double widthMm) {
        var frame = PaperFrame.atOrigin(SCALE);
        var floors = new FloorArt(frame, Pens.of(1, SCALE), 1);
        var box = new Box(-widthMm / 2, -widthMm / 2, widthMm / 2, widthMm / 2);
        var mark = floors.floor(Path.ring(box.ring()), box, material, Finish.of(material.key()), 3);
        return new Drawing(List.of(Layer.of(LayerKind.FLOOR, List.of(mark))));
    }
}
