package honeylamp.takeoff.lighting;

import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.OpeningId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What the open leaves of doors cover: found fast, for there are many. */
final class OpenLeaves {
    /** An open leaf covers so much before its wall. */
    private static final double BEHIND_MM = 200;

    private record Leaf(OpeningId opening, List<Ring> covered) {}

    private final List<Leaf> leaves = new ArrayList<>();
    private final BoxIndex boxes;

    OpenLeaves(StoreyGeometry geometry) {
        for (var cut : geometry.cuts()) {
            LeafSweep.of(cut).forEach(leaf -> leaves.add(new Leaf(cut.opening().id(), covered(leaf))));
        }
        boxes = new BoxIndex(
                leaves.size(),
                i -> leaves.get(i).covered.stream()
                        .map(Ring::bounds)
                        .reduce(Box::union)
                        .orElseThrow());
    }

    /** What a leaf sweeps, what is behind it where it stands open, and where it lies when it is opened all the way. */
    private static List<Ring> covered(LeafSweep leaf) {
        var out = leaf.open().minus(leaf.hinge()).unit();
        var back = leaf.shut().times(-1);
        return Stream.of(
                        leaf.area().shell(),
                        strip(leaf.hinge(), out.times(leaf.leafMm()), back.times(BEHIND_MM)),
                        strip(leaf.hinge(), back.times(leaf.leafMm()), out.times(BEHIND_MM)))
                .toList();
    }

    private static Ring strip(Point from, Point along, Point deep) {
        return new Ring(List.of(from, from.plus(along), from.plus(along).plus(deep), from.plus(deep)));
    }

    /** The door whose open leaf covers a place. */
    Optional<OpeningId> over(Point p) {
        return boxes.meeting(new Box(p.x(), p.y(), p.x(), p.y())).stream()
                .map(leaves::get)
                .filter(leaf -> leaf.covered.stream().anyMatch(r -> r.contains(p)))
                .map(Leaf::opening)
                .findFirst();
    }
}
