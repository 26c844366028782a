package honeylamp.illustrate.shade;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Role;
import java.util.List;
import java.util.Optional;

/** Shade whose shapes are known, in the strokes of looks that hatch: as on floors, where shade is known pixel by pixel. */
public final class HatchedShapes {
    private static final double PX_PER_MM = 4;

    private HatchedShapes() {}

    /**
     * A shape in shade.
     *
     * @param path in paper mm
     * @param loss what of the light is lost there, from 0 to 1; where shapes lie over each other, of all together
     */
    public record Shape(Figure path, double loss) {}

    /** Whether a look hatches its shade. */
    public static boolean isIn(Look look) {
        return tool(look.shading()).isPresent();
    }

    private static Optional<Hatching.Tool> tool(Shading shading) {
        return switch (shading) {
            case HATCHED -> Optional.of(Hatching.Tool.PENCIL);
            case BROAD -> Optional.of(Hatching.Tool.MARKER);
            case SOFT, WASHED, LAMPS -> Optional.empty();
        };
    }

    /** The strokes; none in a look that does not hatch. */
    public static List<Mark> of(List<Shape> shapes, PaperFrame frame, Look look) {
        var box = shapes.stream()
                .filter(s -> !s.path.isEmpty())
                .map(s -> s.path.bounds())
                .reduce(Box::union);
        var tool = tool(look.shading());
        if (box.isEmpty() || tool.isEmpty()) {
            return List.of();
        }
        var grid = ShadeGrid.over(box.get(), PX_PER_MM, frame);
        var loss = new float[grid.count()];
        for (var shape : shapes) {
            var in = grid.numbered(List.of(shape.path));
            for (var i = 0; i < loss.length; i++) {
                loss[i] += in[i] == 0 ? 0 : (float) shape.loss;
            }
        }
        var role = tool.get() == Hatching.Tool.PENCIL ? Role.INK : Role.SHADOW;
        return Hatching.of(
                grid, loss, tool.get(), Ink.of(look.palette().of(role).argb()));
    }
}
