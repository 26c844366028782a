package honeylamp.edit;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.pointing.Apart;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Side;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.pointing.PieceHandles;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Motion;
import honeylamp.plan.Oklch;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Palette;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Sense;
import honeylamp.plan.SmallPicture;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

/** Placing and correcting furnishings. */
public final class FurnishingEdits {
    private static final double LEAST_SIZE_MM = 100;
    private static final double LEAST_APART_MM = 0.01;
    private static final Length HIGHEST = Length.ofMm(10_000);
    private static final Length DUPLICATE_SHIFT = Length.ofMm(300);

    private static final double ROUNDING_MM = 1e-6;

    /** More pieces than these are put nowhere at once. */
    private static final int MOST_FILLING = 60;

    private FurnishingEdits() {}

    /** Places a piece. */
    public static Added<FurnishingId> add(
            Plan plan,
            StoreyId storey,
            String kind,
            Length width,
            Length depth,
            Length height,
            Position at,
            double turnDeg) {
        return add(
                plan,
                storey,
                new Furnishing(new FurnishingId(plan.nextNumber()), kind, width, depth, height, at, turnDeg));
    }

    /** Places a piece under a number of its own. */
    public static Added<FurnishingId> add(Plan plan, StoreyId storey, Furnishing like) {
        var id = new FurnishingId(plan.nextNumber());
        var piece = like.withId(id);
        return new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Furnishing.class, Lists.plus(s.furnishings(), piece))),
                id);
    }

    /** Places pieces, each under a number of its own. */
    public static Plan add(Plan plan, StoreyId storey, List<Furnishing> pieces) {
        var now = plan;
        for (var piece : pieces) {
            now = add(now, storey, piece).plan();
        }
        return now;
    }

    /** Pieces keep to a place along the face of the wall they stand at. */
    public static Plan keep(Plan plan, StoreyId storey, List<FurnishingId> ids, Keeping keeping) {
        return change(plan, storey, ids, f -> f.withKeeping(keeping));
    }

    /** Pieces keep equal gaps between them and to both ends of their face, in the order in which they are named. */
    public static Plan keepEven(Plan plan, StoreyId storey, List<FurnishingId> ids) {
        return change(
                plan,
                storey,
                ids,
                f -> f.withKeeping(Keeping.evenly(ids.indexOf(f.id()) + 1, ids.size(), Keeping.Between.WALLS)));
    }

    /** Gives a role another colour on pieces alone; nothing gives it that of the look back. */
    public static Plan tone(Plan plan, StoreyId storey, List<FurnishingId> ids, Role role, Optional<Oklch> tone) {
        return change(plan, storey, ids, f -> f.toned(role, tone));
    }

    /** Pieces in the colours of another. */
    public static Plan toneLike(Plan plan, StoreyId storey, List<FurnishingId> ids, List<Furnishing.Tinted> tones) {
        return change(plan, storey, ids, f -> f.withTones(tones));
    }

    /**
     * The colours of a piece with their chroma so many times as strong.
     *
     * @param roles it is drawn in
     * @param palette for those that have no colour of their own
     */
    public static List<Furnishing.Tinted> stronger(Furnishing piece, List<Role> roles, Palette palette, double times) {
        return roles.stream()
                .map(role -> {
                    var now = piece.tone(role).orElseGet(() -> palette.of(role));
                    return new Furnishing.Tinted(role, now.stronger(now.chroma() * (times - 1)));
                })
                .toList();
    }

    /** Where pieces like another are looked for. */
    public enum Among {
        ROOM,
        STOREY
    }

    /** The pieces of the same kind as one, itself among them. */
    public static List<FurnishingId> such(StoreyGeometry geometry, Furnishing piece, Among among) {
        var room = geometry.roomAt(piece.at().point());
        return geometry.storey().furnishings().stream()
                .filter(f -> f.kind().equals(piece.kind()))
                .filter(f ->
                        among == Among.STOREY || geometry.roomAt(f.at().point()).equals(room))
                .map(Furnishing::id)
                .toList();
    }

    /** Draws pieces over others of their level, or below them if less than 0, so many steps more. */
    public static Plan order(Plan plan, StoreyId storey, List<FurnishingId> ids, int more) {
        return change(
                plan,
                storey,
                ids,
                f -> f.withOrder(Math.clamp((long) f.order() + more, -Furnishing.MOST_ORDER, Furnishing.MOST_ORDER)));
    }

    /** What becomes of pieces in the building works. */
    public static Plan setWorks(Plan plan, StoreyId storey, List<FurnishingId> ids, Wall.Works works) {
        return change(plan, storey, ids, f -> f.withWorks(works));
    }

    /** What is known of pieces as they are bought. */
    public static Plan buy(Plan plan, StoreyId storey, List<FurnishingId> ids, Buying buying) {
        return change(plan, storey, ids, f -> f.withBuying(buying));
    }

    /** Hangs or stands pieces so high above the floor. */
    public static Outcome<Plan> raise(Plan plan, StoreyId storey, List<FurnishingId> ids, Length bottom) {
        return bottom.compareTo(HIGHEST) > 0
                ? Outcome.refused("a piece is at most 10 m above its floor")
                : Outcome.done(change(plan, storey, ids, f -> f.withBottom(bottom)));
    }

    /**
     * Makes pieces another kind, in its usual size and at its usual height; place, direction and side stay. What stands
     * with its back at a wall still does; what a run was made up of goes with its kind.
     */
    public static Plan swap(
            Plan plan,
            StoreyId storey,
            List<FurnishingId> ids,
            String kind,
            Optional<OwnPiece> own,
            Length width,
            Length depth,
            Length height,
            Length bottom) {
        return change(plan, storey, ids, f -> {
            var back = new Point(0, (f.depth().mm() - depth.mm()) / 2);
            return f.with(copy -> copy.kind(kind)
                    .own(own)
                    .run(kind.equals(f.kind()) ? f.run() : Optional.empty())
                    .width(width)
                    .depth(depth)
                    .height(height)
                    .bottom(bottom)
                    .at(Position.of(f.placing().apply(back))));
        });
    }

    /** Moves a piece. */
    public static Plan moveTo(Plan plan, StoreyId storey, FurnishingId id, Position at) {
        return change(plan, storey, List.of(id), f -> f.withAt(at));
    }

    /** Moves pieces by a shift. */
    public static Plan move(Plan plan, StoreyId storey, List<FurnishingId> ids, Length dx, Length dy) {
        return change(plan, storey, ids, f -> f.withAt(f.at().moved(dx, dy)));
    }

    /** Places a piece anew, moved and turned. */
    public static Plan place(Plan plan, StoreyId storey, FurnishingId id, Position at, double turnDeg) {
        return change(plan, storey, List.of(id), f -> f.withAt(at).turnedTo(turnDeg));
    }

    /** Turns pieces by an angle, each about its own centre. */
    public static Plan turnBy(Plan plan, StoreyId storey, List<FurnishingId> ids, double deg) {
        return change(plan, storey, ids, f -> f.turnedTo(f.turnDeg() + deg));
    }

    /** What pieces face that are to face a point: the middle of another piece that stands there, else the point. */
    public static Point facedAt(StoreyGeometry geometry, List<FurnishingId> ids, Point p) {
        return geometry.storey().furnishings().stream()
                .filter(f -> !ids.contains(f.id()) && Picking.footprint(f).contains(p))
                .map(f -> f.at().point())
                .min(Comparator.comparingDouble(q -> q.distance(p)))
                .orElse(p);
    }

    /**
     * Moves a piece straight towards a thing or away from it, until so much is between their edges.
     *
     * @param apart how far it stands from it now
     * @return refused if they touch, so that no direction shows
     */
    public static Outcome<Plan> standFrom(Plan plan, StoreyId storey, FurnishingId id, Apart apart, Length wanted) {
        var now = apart.line().length();
        if (now < LEAST_APART_MM) {
            return Outcome.refused("they touch, and no direction shows", "Move it a little apart first.");
        }
        var shift = apart.line().unit().times(now - wanted.mm());
        return Outcome.done(move(plan, storey, List.of(id), Length.ofMm(shift.x()), Length.ofMm(shift.y())));
    }

    /** Turns pieces so that each faces a point. */
    public static Plan face(Plan plan, StoreyId storey, List<FurnishingId> ids, Point p) {
        return change(plan, storey, ids, f -> f.turnedTo(PieceHandles.facing(f, p)));
    }

    /**
     * Moves a piece so that what stands on one side of it is so far off.
     *
     * @return refused if nothing stands there
     */
    public static Outcome<Plan> standOff(
            StoreyGeometry geometry, Plan plan, Furnishing piece, Side side, Length wanted) {
        return BesidePiece.gap(geometry, piece, side, _ -> true)
                .map(gap -> {
                    var by = BesidePiece.away(piece, side).times(gap.mm() - wanted.mm());
                    return Outcome.done(move(
                            plan,
                            geometry.storey().id(),
                            List.of(piece.id()),
                            Length.ofMm(by.x()),
                            Length.ofMm(by.y())));
                })
                .orElseGet(() -> Outcome.refused("nothing stands " + side.where() + " within six metres"));
    }

    /** More pieces like one, in a row to its right, so far from each other. */
    public static Plan row(Plan plan, StoreyId storey, Furnishing piece, int more, Length gap) {
        var step = new Point(piece.width().mm() + gap.mm(), 0);
        return copies(
                plan,
                storey,
                more,
                i -> piece.withAt(Position.of(piece.placing().apply(step.times(i)))));
    }

    /**
     * More pieces like one, all round a point before its front, each facing it.
     *
     * @param radius from the point to the middle of each
     */
    public static Plan circle(Plan plan, StoreyId storey, Furnishing piece, int more, Length radius) {
        var middle = piece.placing().apply(new Point(0, -radius.mm()));
        return copies(plan, storey, more, i -> piece.moved(Motion.turn(middle, 360.0 * i / (more + 1))));
    }

    /**
     * As many like a piece as the stretch it stands in holds, it among them, with equal gaps between them and to what bounds
     * the stretch on both sides: a wall, or another piece. The gaps come to (L - n w) / (n + 1). Between walls they stay
     * equal when those move.
     *
     * @param leastGap between two and at both ends
     */
    public static Outcome<Plan> fill(StoreyGeometry geometry, Plan plan, Furnishing piece, Length leastGap) {
        var left = BesidePiece.gap(geometry, piece, Side.LEFT, _ -> true);
        var right = BesidePiece.gap(geometry, piece, Side.RIGHT, _ -> true);
        if (left.isEmpty() || right.isEmpty()) {
            return Outcome.refused("nothing bounds the stretch it stands in within six metres");
        }
        var wide = piece.width().mm();
        var stretch = left.get().mm() + wide + right.get().mm();
        var many = (int) Math.floor((stretch - leastGap.mm() + ROUNDING_MM) / (wide + leastGap.mm()));
        if (many < 2) {
            return Outcome.refused("there is no room for another", "Ask for smaller gaps.");
        }
        if (many > MOST_FILLING) {
            return Outcome.refused("that would be " + many + " pieces", "Fill with at most " + MOST_FILLING + ".");
        }
        var storey = geometry.storey().id();
        var gap = (stretch - many * wide) / (many + 1);
        var from = -wide / 2 - left.get().mm();
        var all = IntStream.range(0, many)
                .mapToObj(i -> piece.withAt(Position.of(
                                piece.placing().apply(new Point(from + gap + wide / 2 + i * (gap + wide), 0))))
                        .withKeeping(Keeping.AS_PUT))
                .toList();
        var out = plan.withStorey(storey, s -> s.change(Furnishing.class, piece.id(), f -> all.getFirst()));
        var ids = new ArrayList<>(List.of(piece.id()));
        for (var copy : all.subList(1, many)) {
            var added = add(out, storey, copy);
            out = added.plan();
            ids.add(added.id());
        }
        var isBetweenWalls = left.get().what().isEmpty() && right.get().what().isEmpty();
        return Outcome.done(
                isBetweenWalls && Leaning.gaps(geometry.network(), piece).isPresent()
                        ? keepEven(out, storey, piece.sense() == Sense.MIRRORED ? ids.reversed() : ids)
                        : out);
    }

    private static Plan copies(Plan plan, StoreyId storey, int more, IntFunction<Furnishing> copy) {
        var out = plan;
        for (var i = 1; i <= more; i++) {
            out = add(out, storey, copy.apply(i).withKeeping(Keeping.AS_PUT)).plan();
        }
        return out;
    }

    /** Keeps a picture of the real thing with pieces, or none. */
    public static Plan picture(Plan plan, StoreyId storey, List<FurnishingId> ids, Optional<SmallPicture> picture) {
        return change(plan, storey, ids, f -> f.withBuying(f.buying().withPicture(picture)));
    }

    /** Exchanges left and right of a piece. */
    public static Plan mirror(Plan plan, StoreyId storey, FurnishingId id) {
        return change(plan, storey, List.of(id), f -> f.withSense(f.sense().other()));
    }

    /** Makes a piece at another size; its centre stays. */
    public static Plan resize(Plan plan, StoreyId storey, FurnishingId id, Length width, Length depth, Length height) {
        return change(plan, storey, List.of(id), f -> f.sized(width, depth, height));
    }

    /**
     * Draws a piece's front right corner to a point; the back left corner stays, and the size is whole
     * centimetres, at least ten of them.
     */
    public static Plan drawCornerTo(Plan plan, StoreyId storey, Furnishing piece, Point corner) {
        var fixed = new Point(-piece.width().mm() / 2, piece.depth().mm() / 2);
        var local = piece.placing().inverse().apply(corner);
        var width = Math.max(LEAST_SIZE_MM, 10 * Math.rint((local.x() - fixed.x()) / 10));
        var depth = Math.max(LEAST_SIZE_MM, 10 * Math.rint((fixed.y() - local.y()) / 10));
        var centre = piece.placing().apply(new Point(fixed.x() + width / 2, fixed.y() - depth / 2));
        var sized = resize(plan, storey, piece.id(), Length.ofMm(width), Length.ofMm(depth), piece.height());
        return moveTo(sized, storey, piece.id(), Position.of(centre));
    }

    /** A second piece like the first, a little aside. */
    public static Added<FurnishingId> duplicate(Plan plan, StoreyId storey, FurnishingId id) {
        var original = plan.storey(storey)
                .elements()
                .find(Furnishing.class, id)
                .orElseThrow(() -> new NoSuchElementException("no furnishing " + id.text()));
        var copy = new FurnishingId(plan.nextNumber());
        var piece = original.withId(copy)
                .withAt(original.at().moved(DUPLICATE_SHIFT, new Length(-DUPLICATE_SHIFT.nanometres())));
        var there = plan.numbersTaken(1)
                .withStorey(storey, s -> s.with(Furnishing.class, Lists.plus(s.furnishings(), piece)));
        var counter = Surfaces.covering(plan.storey(storey), new Surface.Counter(id));
        return new Added<>(
                counter.map(c -> Coverings.cover(there, storey, new Surface.Counter(copy), Optional.of(c.finish())))
                        .orElse(there),
                copy);
    }

    private static Plan change(Plan plan, StoreyId storey, List<FurnishingId> ids, UnaryOperator<Furnishing> change) {
        return plan.withStorey(
                storey,
                s -> s.with(Furnishing.class, Lists.changed(s.furnishings(), f -> ids.contains(f.id()), change)));
    }
}
