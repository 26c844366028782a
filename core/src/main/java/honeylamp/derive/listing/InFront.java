package honeylamp.derive.listing;

import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What can be pointed at in a view of walls from the front: the walls, what is in them, and what stands before them.
 *
 * @param all as they are drawn, the nearest last
 */
public record InFront(List<Seen> all) {
    /** Freezes the list. */
    public InFront {
        all = List.copyOf(all);
    }

    /** A thing, and what it covers: mm from the left end of the first wall and up from the floor. */
    public record Seen(ElementId id, Box box) {}

    /** What may be picked in a view; nothing in one from above. */
    public static InFront of(LaidView view) {
        var out = new ArrayList<Seen>();
        if (view.view().subject() instanceof Subject.Front front) {
            var from = 0.0;
            for (var wall : WallElevation.all(view.storey(), front)) {
                add(out, view, wall, new Point(from, 0));
                standing(out, view, wall, front, new Point(from, 0));
                fittings(out, view, wall, front, new Point(from, 0));
                from += wall.lengthMm();
            }
        }
        return new InFront(out);
    }

    private static void add(List<Seen> out, LaidView view, WallElevation wall, Point from) {
        var seen = view.view().seen();
        if (seen.frees(Kind.WALLS)) {
            for (var covered : wall.covered()) {
                if (covered.surface().surface() instanceof Surface.OnWall on) {
                    covered.surface().outline().stream()
                            .map(Outline::bounds)
                            .reduce(Box::union)
                            .ifPresent(box -> out.add(new Seen(
                                    on.wall(),
                                    box.moved(new Point(covered.fromMm(), 0)).moved(from))));
                }
            }
        }
        if (seen.frees(Kind.FINISHES)) {
            for (var covered : wall.covered()) {
                if (covered.surface().surface() instanceof Surface.OwnRegion(var region)) {
                    covered.surface().outline().stream()
                            .map(Outline::bounds)
                            .reduce(Box::union)
                            .ifPresent(box -> out.add(new Seen(
                                    region,
                                    box.moved(new Point(covered.fromMm(), 0)).moved(from))));
                }
            }
        }
        if (seen.frees(Kind.OPENINGS)) {
            wall.holes()
                    .forEach(h ->
                            out.add(new Seen(h.cut().opening().id(), h.box().moved(from))));
        }
    }

    /** What stands before a wall, fixed or not, the nearest to the eye last. */
    private static void standing(List<Seen> out, LaidView view, WallElevation wall, Subject.Front front, Point from) {
        var seen = view.view().seen();
        record Standing(double awayMm, Seen what) {}
        var all = new ArrayList<Standing>();
        if (seen.frees(Kind.FIXED_PARTS)) {
            PartBefore.of(view.storey(), wall, front)
                    .forEach(p -> all.add(
                            new Standing(p.awayMm(), new Seen(p.id(), p.box().moved(from)))));
        }
        if (seen.frees(Kind.FURNITURE)) {
            wall.before()
                    .forEach(b -> all.add(new Standing(
                            b.awayMm(), new Seen(b.piece().id(), b.box().moved(from)))));
        }
        all.sort(Comparator.comparingDouble(Standing::awayMm));
        all.forEach(s -> out.add(s.what));
    }

    private static void fittings(List<Seen> out, LaidView view, WallElevation wall, Subject.Front front, Point from) {
        if (view.view().seen().frees(Kind.FITTINGS)) {
            FittingBefore.of(view, wall, front)
                    .forEach(f ->
                            out.add(new Seen(f.placed().fitting().id(), f.box().moved(from))));
        }
    }

    /** What lies nearest at a point; empty beside the walls. */
    public Optional<ElementId> at(Point there) {
        return all.reversed().stream()
                .filter(s -> s.box.contains(there))
                .map(Seen::id)
                .findFirst();
    }

    /** What some things cover. */
    public List<Box> of(Collection<ElementId> ids) {
        return all.stream().filter(s -> ids.contains(s.id)).map(Seen::box).toList();
    }
}
