package honeylamp.edit;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface.WallSide;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Lets pieces follow what they stand at and on. A piece whose back stands at the face of a wall stays at that face when an
 * edit moves, turns, lengthens, parts or thickens the wall: at its distance from the nearer end of the face, or where its
 * own rule says. A piece that stands on another goes where that goes. What the edit itself has moved stays where it was
 * put; what touches nothing stays too.
 *
 * <p>Law: an edit that leaves walls and pieces alone moves nothing.
 */
public final class Leaning {
    /** A run so little shorter than its face reaches from end to end. */
    private static final double REACHING_MM = 1;

    /** No run is made shorter than this by its wall. */
    private static final double LEAST_RUN_MM = 150;

    /** A back so near to a face stands at it: furniture is put off walls for skirtings and curtains. */
    private static final double NEAR_MM = 80;

    /** Less of a face than this is none. */
    private static final double LEAST_FACE_MM = 1;

    /** A back reaches no farther into a wall it stands at. */
    private static final double INTO_MM = 20;

    /** A back is along a face if the sine of the angle between them is less: about half a degree. */
    private static final double ALONG_SINE = 0.01;

    /** Faces in line with each other are one if no more than this lies between. */
    private static final double JOINED_MM = 1;

    /** Something stands on a top that is so near below it. */
    private static final double ON_TOP_MM = 1;

    private static final double THERE_MM = 1e-4;

    private final StoreyGeometry before;
    private final Storey storey;
    private final WallNetwork after;
    private final Map<FurnishingId, Furnishing> was = new HashMap<>();

    private Leaning(StoreyGeometry before, Storey storey, WallNetwork after) {
        this.before = before;
        this.storey = storey;
        this.after = after;
        before.storey().furnishings().forEach(f -> was.put(f.id(), f));
    }

    /** The plan after an edit, the pieces of a storey where they stand now. */
    public static Plan settled(StoreyGeometry before, Plan plan, WallNetwork after) {
        var storey = plan.storey(before.storey().id());
        var isSame = after == before.network()
                && storey.furnishings() == before.storey().furnishings();
        if (isSame || storey.furnishings().isEmpty()) {
            return plan;
        }
        var leaning = new Leaning(before, storey, after);
        var pieces =
                leaning.onTop(storey.furnishings().stream().map(leaning::atWall).toList());
        return pieces.equals(storey.furnishings())
                ? plan
                : plan.withStorey(storey.id(), s -> s.with(Furnishing.class, pieces));
    }

    /**
     * What is left of a face on both sides of a piece, as one looks at it.
     *
     * @param wall at which the piece stands
     */
    public record Gaps(WallId wall, Length left, Length right) {
        /** So much on its left, if the face leaves it. */
        public Outcome<Keeping> keepLeft(Length wanted, UnitSystem units) {
            return within(wanted, units).map(Keeping::fromFirst);
        }

        /** So much on its right, if the face leaves it. */
        public Outcome<Keeping> keepRight(Length wanted, UnitSystem units) {
            return within(wanted, units).map(Keeping::fromSecond);
        }

        private Outcome<Length> within(Length wanted, UnitSystem units) {
            var most = left.plus(right);
            if (wanted.compareTo(most) <= 0) {
                return Outcome.done(wanted);
            }
            var shown = LengthText.roundedWithUnit(most, units);
            return LengthText.roundedWithUnit(wanted, units).equals(shown)
                    ? Outcome.done(most) // what is shown can be typed
                    : Outcome.refused("its wall leaves " + shown + " beside it on both sides together");
        }
    }

    /** What is left beside a piece of the face it stands at; empty if it stands loose. */
    public static Optional<Gaps> gaps(WallNetwork network, Furnishing piece) {
        var half = piece.width().mm() / 2;
        return touch(network, piece)
                .map(t -> new Gaps(
                        t.wall(),
                        Length.ofMm(Math.max(0, t.alongMm() - half)),
                        Length.ofMm(Math.max(0, t.face().length() - t.alongMm() - half))));
    }

    /** What a piece stands on, if it does not stand on the floor. */
    public static Optional<Furnishing> base(Storey storey, Furnishing piece) {
        return piece.bottom().mm() > 0 ? below(storey, piece) : Optional.empty();
    }

    /**
     * A face a back touches, from left to right as one looks at it.
     *
     * @param alongMm of the piece's middle on it
     * @param offMm from it to the back of the piece, below nothing inside the wall
     */
    private record Touch(WallId wall, Swing side, Curve face, double alongMm, double offMm) {}

    private Furnishing atWall(Furnishing piece) {
        var known = Optional.ofNullable(was.get(piece.id()));
        var isPut = known.filter(old -> old.at().equals(piece.at()) && old.turnDeg() == piece.turnDeg())
                .isEmpty();
        if (isPut) {
            return piece.keeping().rule() == Keeping.Rule.AS_PUT ? piece : measured(known, piece);
        }
        var old = known.orElseThrow();
        if (after == before.network() && old.equals(piece)) {
            return piece;
        }
        var touch = touch(before.network(), old);
        if (touch.isEmpty()) {
            return piece;
        }
        var face = face(touch.get(), piece);
        if (face.isEmpty() || face.get().equals(touch.get().face()) && old.equals(piece)) {
            return piece;
        }
        var wide = reaching(old, piece, touch.get(), face.get());
        return placed(wide, touch.get(), face.get());
    }

    /** A run that reached from end to end of its face still does. */
    private static Furnishing reaching(Furnishing old, Furnishing piece, Touch touch, Curve face) {
        var reached = piece.run().isPresent()
                && old.width().equals(piece.width())
                && Math.abs(touch.face().length() - old.width().mm()) < REACHING_MM
                && Math.abs(touch.alongMm() - touch.face().length() / 2) < REACHING_MM;
        return reached && face.length() >= LEAST_RUN_MM ? piece.withWidth(Length.ofMm(face.length())) : piece;
    }

    /** Where it was put becomes what its rule says; a place among equal gaps is given up, unless that is what was asked. */
    private Furnishing measured(Optional<Furnishing> old, Furnishing piece) {
        var touch = touch(after, piece);
        if (touch.isEmpty()) {
            return piece.withKeeping(Keeping.AS_PUT);
        }
        if (old.filter(o -> !o.keeping().equals(piece.keeping())).isPresent()) {
            return placed(piece, touch.get(), touch.get().face());
        }
        var half = piece.width().mm() / 2;
        var from = touch.get().alongMm() - half;
        var to = touch.get().face().length() - touch.get().alongMm() - half;
        return switch (piece.keeping().rule()) {
            case AS_PUT -> piece;
            case FROM_FIRST -> piece.withKeeping(Keeping.fromFirst(Length.ofMm(Math.max(0, from))));
            case FROM_SECOND -> piece.withKeeping(Keeping.fromSecond(Length.ofMm(Math.max(0, to))));
            case EVEN -> // one that was put just there keeps to it
                placed(piece, touch.get(), touch.get().face()).equals(piece)
                        ? piece
                        : piece.withKeeping(Keeping.AS_PUT);
        };
    }

    /** The piece at a face, its back on it. */
    private static Furnishing placed(Furnishing piece, Touch touch, Curve face) {
        var along = within(face, piece, along(piece, touch, face));
        var unit = face.unitAt(along);
        var inward = unit.left().times(-1);
        var at = face.at(along).plus(inward.times(touch.offMm() + piece.depth().mm() / 2));
        var turn = piece.turnDeg() + degrees(touch.face().unitAt(touch.alongMm()), unit);
        var isThere = at.distance(piece.at().point()) < THERE_MM && Math.abs(turn - piece.turnDeg()) < THERE_MM;
        return isThere ? piece : piece.withAt(Position.of(at)).turnedTo(turn);
    }

    /** From one direction to another, between -180 and 180. */
    private static double degrees(Point from, Point to) {
        return Math.toDegrees(Math.atan2(from.cross(to), from.dot(to)));
    }

    private static double along(Furnishing piece, Touch touch, Curve face) {
        var width = piece.width().mm();
        var keeping = piece.keeping();
        return switch (keeping.rule()) {
            case FROM_FIRST -> keeping.nib().mm() + width / 2;
            case FROM_SECOND -> face.length() - keeping.nib().mm() - width / 2;
            case EVEN -> {
                var gap = (face.length() - keeping.of() * width) / (keeping.of() + 1);
                yield keeping.place() * gap + (keeping.place() - 0.5) * width;
            }
            case AS_PUT -> {
                var left = touch.face().length() - touch.alongMm();
                yield touch.alongMm() <= left ? touch.alongMm() : face.length() - left;
            }
        };
    }

    /** As near as it can stand without reaching beyond the face; what is too wide for it stays in the middle. */
    private static double within(Curve face, Furnishing piece, double along) {
        var half = piece.width().mm() / 2;
        return face.length() < 2 * half ? face.length() / 2 : Math.clamp(along, half, face.length() - half);
    }

    /** The face on which one touched before lies after the edit. */
    private Optional<Curve> face(Touch touch, Furnishing piece) {
        var side = new WallSide(touch.wall(), touch.side(), Optional.empty());
        var at = piece.at().point();
        return Coverings.onWalls(side, before.storey(), storey, true).stream()
                .flatMap(s -> faces(after, s.wall(), s.side()).stream())
                .filter(f -> f.length() > LEAST_FACE_MM)
                .min(Comparator.comparingDouble(f -> f.distance(at)));
    }

    private static Optional<Touch> touch(WallNetwork network, Furnishing piece) {
        var back = piece.placing().apply(new Point(0, piece.depth().mm() / 2));
        var middle = piece.at().point();
        var out = new ArrayList<Touch>();
        for (var near : network.near(back, NEAR_MM)) {
            for (var side : Swing.values()) {
                for (var face : faces(network, near.wall().id(), side)) {
                    if (face.length() <= LEAST_FACE_MM) {
                        continue; // where other walls cover it nothing can touch it
                    }
                    var along = face.along(back);
                    var isAlong = Math.abs(face.unitAt(Math.clamp(along, 0, face.length()))
                                    .dot(back.minus(middle).unit()))
                            <= ALONG_SINE;
                    var off = -face.offset(back);
                    if (isAlong
                            && off <= NEAR_MM
                            && off >= -INTO_MM
                            && along >= 0
                            && along <= face.length()
                            && face.offset(middle) < 0) {
                        out.add(new Touch(near.wall().id(), side, face, along, off));
                    }
                }
            }
        }
        return out.stream().min(Comparator.comparingDouble(t -> Math.abs(t.offMm())));
    }

    /** The faces of one side of a wall from left to right as one looks at them from the room, those in line with each other as one. */
    private static List<Curve> faces(WallNetwork network, WallId wall, Swing side) {
        var out = new ArrayList<Curve>();
        for (var piece : network.of(wall)) {
            var face = side == Swing.LEFT ? piece.leftFace() : piece.rightFace();
            if (face instanceof Segment next
                    && !out.isEmpty()
                    && out.getLast() instanceof Segment last
                    && last.b().distance(next.a()) <= JOINED_MM
                    && Math.abs(last.unit().cross(next.unit())) <= ALONG_SINE) {
                out.set(out.size() - 1, new Segment(last.a(), next.b()));
            } else {
                out.add(face);
            }
        }
        return side == Swing.RIGHT ? out : out.stream().map(Curve::reversed).toList();
    }

    /** The pieces with those that stand on others where these stand now; the lowest first, so that what stands on them follows too. */
    private List<Furnishing> onTop(List<Furnishing> pieces) {
        Map<FurnishingId, Furnishing> now = new HashMap<>();
        pieces.forEach(p -> now.put(p.id(), p));
        var changed = pieces.stream()
                .filter(p -> was.containsKey(p.id()) && !p.equals(was.get(p.id())))
                .toList();
        if (changed.isEmpty()) {
            return pieces;
        }
        before.storey().furnishings().stream()
                .filter(f -> f.bottom().mm() > 0)
                .sorted(Comparator.comparing(Furnishing::bottom))
                .filter(f -> f.equals(now.get(f.id())))
                .forEach(f -> below(before.storey(), f)
                        .filter(base -> now.containsKey(base.id()))
                        .ifPresent(base -> now.put(f.id(), carried(f, base, now.getOrDefault(base.id(), base)))));
        return pieces.stream().map(p -> now.getOrDefault(p.id(), p)).toList();
    }

    /** The piece whose top another stands on, or within whose height it lies, as a cushion on the seat of a sofa. */
    private static Optional<Furnishing> below(Storey storey, Furnishing piece) {
        var bottom = piece.bottom().mm();
        return storey.furnishings().stream()
                .filter(b -> !b.id().equals(piece.id())
                        && bottom > b.bottom().mm()
                        && bottom <= b.top().mm() + ON_TOP_MM
                        && Picking.footprint(b).contains(piece.at().point()))
                .min(Comparator.<Furnishing>comparingInt(b -> isOnTop(piece, b) ? 0 : 1)
                        .thenComparingDouble(
                                b -> b.at().point().distance(piece.at().point())));
    }

    private static boolean isOnTop(Furnishing piece, Furnishing base) {
        return Math.abs(base.top().mm() - piece.bottom().mm()) <= ON_TOP_MM;
    }

    private static Furnishing carried(Furnishing piece, Furnishing base, Furnishing now) {
        if (base.equals(now)) {
            return piece;
        }
        var at = base.placing().inverse().then(now.placing()).apply(piece.at().point());
        var share = piece.bottom().minus(base.bottom()).mm() / base.height().mm();
        var bottom = isOnTop(piece, base)
                ? now.top()
                : now.bottom().plus(Length.ofMm(share * now.height().mm()));
        return piece.withAt(Position.of(at))
                .withBottom(bottom)
                .turnedTo(piece.turnDeg() + now.turnDeg() - base.turnDeg());
    }
}
