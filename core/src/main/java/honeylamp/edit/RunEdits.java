package honeylamp.edit;

import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.runs.RunPath;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Run;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.plan.Sense;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Laying runs of units along walls, and changing what they are made up of. */
public final class RunEdits {
    /** A unit that wants to be there stands at the right end of its run, however long that is made. */
    private static final Length FAR_END = Length.ofMm(100_000);

    private RunEdits() {}

    /**
     * How a run is laid.
     *
     * @param kind of its straight stretches
     */
    public record Like(String kind, Length depth, Length height, Length bottom, Run run, InCorner corner) {}

    /** What stands in corners. */
    public sealed interface InCorner {
        /** A corner unit; it is as deep as it is wide. */
        record CornerUnit(String kind, Length side) implements InCorner {}

        /** Stretches run through to the corner. */
        record Through() implements InCorner {}

        /**
         * They run through, with a unit in the corner of which a part opens, and a board beside it so that fronts do not
         * meet.
         *
         * @param opens how wide the part is that opens
         * @param filler how wide the board is
         */
        record Blind(Length opens, Length filler) implements InCorner {}

        /** The side of corner units, if there are any. */
        default Optional<Length> unitSide() {
            return this instanceof CornerUnit unit ? Optional.of(unit.side) : Optional.empty();
        }
    }

    /** What was laid, stretch by stretch and then corner by corner. */
    public record Laid(Plan plan, List<FurnishingId> pieces) {}

    /** Lays a run along faces that follow each other, each with the room to its left. */
    public static Outcome<Laid> lay(Plan plan, StoreyId storey, List<Segment> faces, Like like) {
        var pieces = pieces(faces, like);
        var narrowest = like.run.series().widths().getLast().mm();
        if (pieces.isEmpty() || faces.stream().mapToDouble(Segment::length).sum() < narrowest) {
            return Outcome.refused(
                    "it is too short for a unit", "Draw it at least as long as the narrowest unit is wide.");
        }
        var out = plan;
        var ids = new ArrayList<FurnishingId>();
        for (var piece : pieces) {
            var added = FurnishingEdits.add(out, storey, piece);
            out = added.plan();
            ids.add(added.id());
        }
        return Outcome.done(new Laid(out, List.copyOf(ids)));
    }

    /** The pieces a run along faces is made of, all under one number: for showing it before it is laid. */
    public static List<Furnishing> pieces(List<Segment> faces, Like like) {
        var path = RunPath.along(faces, like.depth.mm(), like.corner.unitSide().map(Length::mm));
        var out = new ArrayList<Furnishing>();
        for (var leg : path.legs()) {
            var line = leg.line();
            var middle = line.middle().plus(line.unit().left().times(like.depth.mm() / 2));
            var width = Length.ofMm(line.length());
            out.add(piece(
                            like.kind,
                            width,
                            like.depth,
                            like,
                            middle,
                            line.unit().times(-1).angleDeg())
                    .withRun(Optional.of(
                            like.corner instanceof InCorner.Blind blind ? blind(like, blind, leg, width) : like.run)));
        }
        if (like.corner instanceof InCorner.CornerUnit(var kind, var side)) {
            path.corners().forEach(c -> out.add(piece(kind, side, side, like, c.middle(), c.turnDeg())));
        }
        return out;
    }

    /** With a blind unit where it runs through to a corner, and a board where it meets one that does. */
    private static Run blind(Like like, InCorner.Blind blind, RunPath.Leg leg, Length width) {
        var units = new ArrayList<>(like.run.units());
        // as one looks at its front a stretch comes to its left end
        atEnd(leg.comesTo(), like, blind).ifPresent(u -> units.addFirst(u.withAt(half(u.width()))));
        atEnd(leg.begins(), like, blind).ifPresent(u -> units.add(u.withAt(FAR_END)));
        var needed = units.stream().map(RunUnit::width).reduce(Length.ZERO, Length::plus);
        return needed.compareTo(width) > 0 ? like.run : like.run.withUnits(units);
    }

    private static Optional<RunUnit> atEnd(RunPath.End end, Like like, InCorner.Blind blind) {
        return switch (end) {
            case PLAIN -> Optional.empty();
            case THROUGH ->
                Optional.of(new RunUnit(Kind.BLIND, like.depth.plus(blind.opens), Length.ZERO, Optional.empty()));
            case MEETING -> Optional.of(new RunUnit(Kind.FILLER, blind.filler, Length.ZERO, Optional.empty()));
        };
    }

    private static Length half(Length length) {
        return new Length(length.nanometres() / 2);
    }

    private static Furnishing piece(String kind, Length width, Length depth, Like like, Point at, double turnDeg) {
        return new Furnishing(new FurnishingId(0), kind, width, depth, like.height, Position.of(at), 0)
                .withBottom(like.bottom)
                .turnedTo(turnDeg);
    }

    /** How far something is from the left end of a run as one looks at it, and the way back: a mirrored one is told from its other end. */
    public static Length seen(Furnishing piece, Length at) {
        return piece.sense() == Sense.MIRRORED
                ? Length.max(Length.ZERO, piece.width().minus(at))
                : at;
    }

    /** What makes a run up, from left to right as one looks at it. */
    public static List<RunLayout.Part> seen(Furnishing piece, RunLayout layout) {
        return piece.sense() == Sense.MIRRORED ? layout.parts().reversed() : layout.parts();
    }

    /** Makes a run up of something else. */
    public static Plan make(Plan plan, StoreyId storey, FurnishingId id, Run run) {
        return plan.withStorey(storey, s -> s.change(Furnishing.class, id, f -> f.withRun(Optional.of(run))));
    }

    /**
     * Asks for a unit more: a sink below the window there is, anything else in the middle of the widest stretch that fills
     * itself.
     *
     * @param run what the piece is made up of now
     * @return refused if the units asked for leave no room
     */
    public static Outcome<Plan> ask(StoreyGeometry geometry, Plan plan, Furnishing piece, Run run, Kind kind) {
        var wide = Length.min(kind.usual(run.series()), piece.width());
        var taken = run.units().stream().map(RunUnit::width).reduce(Length.ZERO, Length::plus);
        if (taken.plus(wide).compareTo(piece.width()) > 0 || run.units().size() == Run.MOST) {
            return Outcome.refused(
                    "the run is " + shown(piece.width(), plan) + " wide, and the units in it take " + shown(taken, plan)
                            + " of it",
                    "Make it longer, or take one out.");
        }
        var isSink = kind == Kind.SINK || kind == Kind.SINK_TWO;
        var at = (isSink ? belowWindow(geometry, piece) : Optional.<Length>empty())
                .orElseGet(() -> widest(run, piece.width()));
        return changed(plan, geometry, piece, run, plus(run, new RunUnit(kind, wide, at, Optional.empty())));
    }

    /** Puts another unit in the place of one, or one where it is taken away. */
    public static Outcome<Plan> put(
            StoreyGeometry geometry, Plan plan, Furnishing piece, Run run, RunUnit old, Optional<RunUnit> unit) {
        var units = new ArrayList<>(run.units());
        units.remove(old);
        unit.ifPresent(units::add);
        return changed(plan, geometry, piece, run, run.withUnits(units));
    }

    /** Lets something of another size into the counter, if it leaves a ledge all round. */
    public static Outcome<Plan> cutOut(
            StoreyGeometry geometry, Plan plan, Furnishing piece, Run run, RunUnit unit, RunUnit.CutOut cut) {
        if (cut.width().compareTo(unit.width()) > 0) {
            return Outcome.refused("its unit is " + shown(unit.width(), plan) + " wide", "Make the unit wider first.");
        }
        return cut.depth().compareTo(piece.depth()) >= 0
                ? Outcome.refused("the counter is " + shown(piece.depth(), plan) + " deep")
                : put(geometry, plan, piece, run, unit, Optional.of(unit.withCutOut(Optional.of(cut))));
    }

    private static Outcome<Plan> changed(Plan plan, StoreyGeometry geometry, Furnishing piece, Run before, Run after) {
        var no = RunLayout.of(after, piece.width()).leftOut();
        var said = RunLayout.of(before, piece.width()).leftOut();
        return no.size() > said.size()
                ? Outcome.refused(
                        "there is no room for " + no.getFirst().kind().label().toLowerCase(Locale.ROOT)
                                + " in a run of " + shown(piece.width(), plan))
                : Outcome.done(make(plan, geometry.storey().id(), piece.id(), after));
    }

    private static Run plus(Run run, RunUnit unit) {
        var units = new ArrayList<>(run.units());
        units.add(unit);
        return run.withUnits(units);
    }

    /** The middle of the window in the wall the piece stands at, from its left end. */
    private static Optional<Length> belowWindow(StoreyGeometry geometry, Furnishing piece) {
        var wall = Leaning.gaps(geometry.network(), piece).map(Leaning.Gaps::wall);
        var half = piece.width().mm() / 2;
        return geometry.cuts().stream()
                .filter(c -> c.opening().kind().isWindow())
                .filter(c -> wall.filter(c.host().id()::equals).isPresent())
                .map(OpeningCut::middle)
                .map(m -> piece.placing().inverse().apply(m.middle()).x())
                .filter(x -> Math.abs(x) < half)
                .min(Comparator.comparingDouble(Math::abs))
                .map(x -> Length.ofMm(half + x));
    }

    /** The middle of the widest stretch that fills itself. */
    private static Length widest(Run run, Length width) {
        var parts = RunLayout.of(run, width).parts();
        var best = Length.ZERO;
        var middle = new Length(width.nanometres() / 2);
        var from = Length.ZERO;
        for (var part : parts) {
            if (part.asked().isPresent()) {
                from = part.to();
            } else if (part.to().minus(from).compareTo(best) > 0) {
                best = part.to().minus(from);
                middle = from.plus(new Length(best.nanometres() / 2));
            }
        }
        return middle;
    }

    /** Lengthens a run to what stands beside it on one side. */
    public static Outcome<Plan> reach(StoreyGeometry geometry, Plan plan, Furnishing piece, Side side) {
        var gap = BesidePiece.gap(geometry, piece, side, _ -> true);
        if (gap.isEmpty() || gap.get().mm() < 1) {
            return Outcome.refused(
                    gap.isEmpty() ? "nothing stands there within six metres" : "it reaches there already");
        }
        var more = gap.get().mm();
        var shift = new Point((side == Side.LEFT ? -more : more) / 2, 0);
        return Outcome.done(plan.withStorey(
                geometry.storey().id(),
                s -> s.change(
                        Furnishing.class,
                        piece.id(),
                        f -> f.withWidth(Length.ofMm(f.width().mm() + more))
                                .withAt(Position.of(f.placing().apply(shift))))));
    }

    private static String shown(Length length, Plan plan) {
        return LengthText.roundedWithUnit(length, plan.units());
    }
}
