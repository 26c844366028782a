package honeylamp.edit;

import honeylamp.derive.Snag;
import honeylamp.derive.StoreyGeometry;
import honeylamp.derive.WallNetwork.OpenEnd;
import honeylamp.derive.WallNetwork.Overlapping;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;

/** Puts snags right where one answer is safe; what is mended and how is said before. */
public final class Mending {
    /** An end is carried on at most so far, in mm. */
    private static final double REACH_MM = 600;

    private Mending() {}

    /**
     * A way to put a snag right.
     *
     * @param words what will be done, for the button
     */
    public record Mend(String words, Plan plan) {}

    /** The mend of a snag; empty where a person has to decide. */
    public static Optional<Mend> of(Plan plan, StoreyGeometry geometry, Snag snag) {
        return switch (snag.kind()) {
            case OPEN_END -> carriedOn(plan, geometry, snag);
            case WALL_ON_WALL -> withoutCovered(plan, geometry, snag);
            case LOST_NAME ->
                Optional.of(new Mend(
                        "Delete the name", Deletion.of(plan, geometry.storey().id(), Set.copyOf(snag.about()))));
            case UNNAMED_ROOM, OPENING_OUT_OF_PLACE -> Optional.empty();
        };
    }

    /** Carries the open end on, straight ahead, to the nearest wall line it meets. */
    private static Optional<Mend> carriedOn(Plan plan, StoreyGeometry geometry, Snag snag) {
        return geometry.network().openEnds().stream()
                .filter(e -> e.at().equals(snag.where()))
                .findFirst()
                .flatMap(end -> met(geometry, end)
                        .map(target -> new Mend(
                                "Carry the wall on to the next",
                                WallEdits.moveCorner(
                                        plan, geometry.storey().id(), Position.of(end.at()), Position.of(target)))));
    }

    private static Optional<Point> met(StoreyGeometry geometry, OpenEnd end) {
        var ahead = new Segment(end.at(), end.at().plus(end.unit().times(2 * REACH_MM)));
        return geometry.storey().walls().stream()
                .filter(w -> !w.id().equals(end.wall().id()))
                .map(Wall::line)
                .flatMap(line -> ahead.crossings(line).stream())
                .filter(p -> p.distance(end.at()) <= 2 * REACH_MM)
                .min(Comparator.comparingDouble(p -> p.distance(end.at())));
    }

    /** Deletes the covered wall if the other covers all of it and nothing hangs in it. */
    private static Optional<Mend> withoutCovered(Plan plan, StoreyGeometry geometry, Snag snag) {
        return geometry.network().overlaps().stream()
                .filter(o -> o.where().middle().equals(snag.where()))
                .filter(o -> whole(o)
                        && geometry.storey().openingsIn(o.covered().id()).isEmpty())
                .findFirst()
                .map(o -> new Mend(
                        "Delete the covered wall",
                        Deletion.of(
                                plan,
                                geometry.storey().id(),
                                Set.<ElementId>of(o.covered().id()))));
    }

    private static boolean whole(Overlapping overlap) {
        return Math.abs(overlap.where().length() - overlap.covered().line().length()) < 2;
    }
}
