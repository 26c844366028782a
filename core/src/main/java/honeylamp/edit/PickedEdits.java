package honeylamp.edit;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Moving, turning and mirroring whatever is picked, all at once; walls beside picked ones stretch. */
public final class PickedEdits {
    private PickedEdits() {}

    /** Moves what is picked. */
    public static Plan move(Plan plan, StoreyId storey, Set<ElementId> picked, Length across, Length up) {
        return placed(plan, storey, picked, p -> p.moved(across, up), 0);
    }

    /** Turns what is picked about a point, counter-clockwise. */
    public static Plan turn(Plan plan, StoreyId storey, Set<ElementId> picked, Point about, double deg) {
        var turn = Affine.move(-about.x(), -about.y()).then(Affine.turn(deg)).then(Affine.move(about.x(), about.y()));
        return placed(plan, storey, picked, p -> Position.of(turn.apply(p.point())), deg);
    }

    /**
     * Mirrors what is picked on a line; bodies, arcs and swings change sides, stairs turn to the other hand.
     *
     * @throws IllegalArgumentException if the line has no direction
     */
    public static Plan mirror(Plan plan, StoreyId storey, Set<ElementId> picked, Segment axis) {
        UnaryOperator<Position> mirrored = p -> {
            var foot = axis.a().plus(axis.unit().times(axis.along(p.point())));
            return Position.of(foot.plus(foot.minus(p.point())));
        };
        var moved = walls(plan, storey, picked, mirrored)
                .withStorey(
                        storey,
                        s -> s.withWalls(Lists.changed(s.walls(), w -> picked.contains(w.id()), PickedEdits::otherSide))
                                .withOpenings(Lists.changed(
                                        s.openings(), o -> picked.contains(o.host()), o -> o.mirrored())));
        var axisDeg = axis.unit().angleDeg();
        return loose(
                moved,
                storey,
                picked,
                f -> f.movedTo(mirrored.apply(f.at()))
                        .turnedTo(2 * axisDeg - 180 - f.turnDeg())
                        .inSense(f.sense().other()),
                x -> x.mirroredTo(2 * axisDeg - 180 - x.turnDeg()).movedTo(mirrored.apply(x.at())),
                mirrored,
                Length::negated);
    }

    private static Wall otherSide(Wall wall) {
        return wall.withBody(wall.body().flipped()).withSagitta(wall.sagitta().negated());
    }

    private static Plan placed(
            Plan plan, StoreyId storey, Set<ElementId> picked, UnaryOperator<Position> way, double deg) {
        return loose(
                walls(plan, storey, picked, way),
                storey,
                picked,
                f -> f.movedTo(way.apply(f.at())).turnedTo(f.turnDeg() + deg),
                x -> x.movedTo(way.apply(x.at())).turnedTo(x.turnDeg() + deg),
                way,
                UnaryOperator.identity());
    }

    private static Plan walls(Plan plan, StoreyId storey, Set<ElementId> picked, UnaryOperator<Position> way) {
        Map<Position, Position> moves = new HashMap<>();
        for (var wall : plan.storey(storey).walls()) {
            if (picked.contains(wall.id())) {
                moves.put(wall.from(), way.apply(wall.from()));
                moves.put(wall.to(), way.apply(wall.to()));
            }
        }
        return moves.isEmpty() ? plan : WallEdits.moved(plan, storey, moves);
    }

    private static Plan loose(
            Plan plan,
            StoreyId storey,
            Set<ElementId> picked,
            UnaryOperator<Furnishing> furnishing,
            UnaryOperator<Structure> part,
            UnaryOperator<Position> corner,
            UnaryOperator<Length> aside) {
        return plan.withStorey(
                storey,
                s -> s.withFurnishings(Lists.changed(s.furnishings(), f -> picked.contains(f.id()), furnishing))
                        .withStructures(Lists.changed(s.structures(), x -> picked.contains(x.id()), part))
                        .withGrounds(Lists.changed(
                                s.grounds(),
                                g -> picked.contains(g.id()),
                                g -> g.within(g.corners().stream().map(corner).toList())))
                        .withNotes(Lists.changed(
                                s.notes(),
                                n -> picked.contains(n.id()),
                                n -> new Note(n.id(), corner.apply(n.at()), n.text())))
                        .withDimensions(Lists.changed(
                                s.dimensions(),
                                d -> picked.contains(d.id()),
                                d -> new Dimension(
                                        d.id(),
                                        corner.apply(d.from()),
                                        corner.apply(d.to()),
                                        aside.apply(d.offset())))));
    }

    /** A plumb line through a point, to mirror on. */
    public static Segment plumb(Point through) {
        return Segment.through(through, new Point(0, 1), 1000);
    }

    /** A level line through a point, to mirror on. */
    public static Segment level(Point through) {
        return Segment.through(through, new Point(1, 0), 1000);
    }

    /** The middle of the box around what is picked; empty if nothing of it has a place of its own. */
    public static Optional<Point> middle(Storey storey, Set<ElementId> picked) {
        var points = new ArrayList<Point>();
        storey.walls().stream().filter(w -> picked.contains(w.id())).forEach(w -> {
            points.add(w.from().point());
            points.add(w.to().point());
        });
        storey.furnishings().stream().filter(f -> picked.contains(f.id())).forEach(f -> points.add(f.at().point()));
        storey.structures().stream().filter(x -> picked.contains(x.id())).forEach(x -> points.add(x.at().point()));
        storey.notes().stream().filter(n -> picked.contains(n.id())).forEach(n -> points.add(n.at().point()));
        storey.dimensions().stream().filter(d -> picked.contains(d.id())).forEach(d -> {
            points.add(d.from().point());
            points.add(d.to().point());
        });
        return points.isEmpty()
                ? Optional.empty()
                : Optional.of(Box.around(points).centre());
    }
}
