package honeylamp.illustrate.building;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Oklch;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Role;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * The cut of walls whose sides are covered, where it would else be hardly darker than these: in the colour of the darkest
 * of its sides, darker still. On dark paper walls are light on purpose, and stay so.
 */
final class PaintedCuts {
    /** A cut that is darker than its sides by so much is told from them. */
    private static final double TOLD = 0.10;

    private static final double DARKER = 0.20;
    private static final double DARKEST = 0.12;

    private PaintedCuts() {}

    static List<Mark> of(LaidStorey storey, PaperFrame frame, Pens pens) {
        var out = new ArrayList<Mark>();
        if (pens.colour(Role.PAPER).lightness() < pens.colour(Role.INK).lightness() || pens.hasJointsAlone()) {
            return out;
        }
        darkest(storey, pens).forEach((id, side) -> {
            var wall = storey.storey().wall(id);
            if (wall.filter(w -> cut(storey, w, pens).lightness() > side.lightness() - TOLD)
                    .isPresent()) {
                var path = Figure.builder();
                storey.geometry()
                        .pieces(id)
                        .forEach(p -> path.path(Outline.of(p.body()).path()));
                var tone = side.lighter(-Math.min(DARKER, Math.max(0, side.lightness() - DARKEST)));
                out.add(new Mark.Fill(frame.paper(path.build()), pens.of(tone)));
            }
        });
        return out;
    }

    /** The tone in which a wall is cut by its type. */
    private static Oklch cut(LaidStorey storey, Wall wall, Pens pens) {
        return switch (storey.plan().drawn().wallType(wall.type()).poche()) {
            case SOLID -> pens.colour(Role.POCHE);
            case TINT -> pens.colour(Role.POCHE_TINT);
            case HATCH -> pens.colour(Role.PAPER);
        };
    }

    /** Of walls with covered sides the tone of the darkest. */
    private static Map<WallId, Oklch> darkest(LaidStorey storey, Pens pens) {
        var out = new TreeMap<WallId, Oklch>(ElementId.ORDER);
        var isCovered = storey.storey().coverings().stream()
                .anyMatch(c -> c.surface() instanceof Surface.OnWall || c.surface() instanceof Surface.Walls);
        if (!isCovered) {
            return out;
        }
        for (var room : storey.geometry().rooms()) {
            for (var side : WallSides.of(storey.geometry(), room)) {
                var seen = new Surface.WallSide(
                        side.wall(), side.side(), room.mark().map(RoomMark::id));
                darker(out, storey, pens, side.wall(), seen);
            }
        }
        for (var wall : storey.storey().walls()) {
            for (var side : Swing.values()) {
                darker(out, storey, pens, wall.id(), new Surface.OuterSide(wall.id(), side));
            }
        }
        return out;
    }

    private static void darker(Map<WallId, Oklch> by, LaidStorey storey, Pens pens, WallId wall, Surface surface) {
        Surfaces.finish(storey.storey(), surface)
                .flatMap(f -> Materials.of(f).map(m -> m.in(pens.look()).as(f).tone()))
                .ifPresent(tone -> by.merge(wall, tone, (a, b) -> a.lightness() <= b.lightness() ? a : b));
    }
}
