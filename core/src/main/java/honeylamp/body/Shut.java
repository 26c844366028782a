package honeylamp.body;

import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Outline;
import honeylamp.plan.ElementId;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A building as one sees it from afar: its doors are shut, and nobody looks in through its panes. */
public final class Shut {
    private Shut() {}

    /** The same building, without what is in it, its panes a surface like others. */
    public static List<Body> of(List<Body> bodies, LaidPlan plan) {
        Set<ElementId> doors = new HashSet<>();
        var out = new ArrayList<Body>();
        for (var storey : plan.all()) {
            var roof = UnderRoof.overWalls(storey);
            for (var cut : storey.geometry().cuts()) {
                var kind = cut.opening().kind();
                if (!kind.isWindow() && kind.family() != OpeningKind.Family.PLAIN) {
                    doors.add(cut.opening().id());
                    door(storey, cut).stream()
                            .map(b -> roof.map(r -> r.under(b)).orElse(b))
                            .forEach(out::add);
                }
            }
        }
        bodies.stream()
                .filter(b -> b.kind() != Kind.FURNITURE && b.kind() != Kind.FINISHES)
                .filter(b -> b.of().filter(doors::contains).isEmpty())
                .map(b -> new Body(
                        b.kind(), b.of(), b.facets().stream().map(Shut::opaque).toList(), b.lines()))
                .forEach(out::add);
        return out;
    }

    /** A door in its lining, its leaf shut. */
    private static List<Body> door(LaidStorey storey, OpeningCut cut) {
        var floor = storey.storey().level().mm();
        var head = cut.opening().head().mm();
        var out = new ArrayList<>(
                new OpeningBodies(storey, storey.storey().height().mm(), _ -> false).filling(cut));
        var half = FrameSizes.OUTER_LEAF_MM / 2;
        var leaf = OpeningFrame.of(cut)
                .strip(LeafSweep.LINING_MM, cut.opening().width().mm() - LeafSweep.LINING_MM, -half, half);
        out.add(new Body(
                Kind.OPENINGS,
                Optional.of(cut.opening().id()),
                Prism.upright(
                        Outline.of(leaf.counterClockwise()),
                        floor,
                        floor + head - LeafSweep.LINING_MM,
                        Skin.of(Role.FRAME))));
        return out;
    }

    private static Facet opaque(Facet facet) {
        var skin = facet.skin();
        return skin.sort() == Skin.Sort.CLEAR
                ? new Facet(
                        facet.flat(),
                        facet.outline(),
                        new Skin(skin.role(), skin.own(), skin.laid(), Skin.Sort.WHOLE),
                        facet.rank(),
                        facet.of())
                : facet;
    }
}
