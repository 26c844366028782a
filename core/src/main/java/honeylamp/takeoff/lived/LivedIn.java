package honeylamp.takeoff.lived;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.Key;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Stair;
import honeylamp.plan.Stand;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What makes rooms look lived in: laid tables, throws, books, coats, pots on sills. All of it follows from the plan, the
 * same at every drawing, and keeps off what is there already; none of it is in the plan.
 */
public final class LivedIn {
    private static final Set<String> CHAIRS = Set.of("chair", "carver", "stool");

    /** What overlaps by less than this only touches, in mm². */
    private static final double TOUCH_MM2 = 400;

    /** What ends so little above where something lies does not stand in its way. */
    private static final double FLUSH_MM = 12;

    /** What lies no higher than this on the floor can be stood upon. */
    private static final double FLAT_MM = 40;

    /** So far before a door nothing lies, beside what it is wide. */
    private static final double DOOR_MM = 850;

    private LivedIn() {}

    /**
     * A small thing that has found its place.
     *
     * @param from how lived-in a picture is at least for it to be seen, from 0 to 1
     * @param place whether it lies in a room, or in the wall on the sill of a window
     */
    public record Small(Furnishing piece, double from, Place place) {}

    /** Where a small thing has found its place. */
    public enum Place {
        IN_ROOM,
        ON_SILL
    }

    /** All that finds a place on a storey, what is there soonest first. */
    public static List<Small> all(StoreyGeometry geometry) {
        var wishes = new Wishes();
        var pieces = geometry.storey().furnishings().stream()
                .filter(f -> f.works() != Wall.Works.REMOVED)
                .toList();
        var chairs = pieces.stream().filter(f -> CHAIRS.contains(f.kind())).toList();
        pieces.forEach(piece -> OnPieces.wishes(wishes, piece, chairs));
        new AtWalls(geometry, wishes).wishes();
        var sorted = wishes.all().stream()
                .sorted(Comparator.comparingDouble(Wish::from))
                .toList();
        return new Fitting(geometry, pieces).fit(sorted);
    }

    /** What is seen of it in a picture so lived-in, from 0 to 1. */
    public static List<Small> at(List<Small> all, double amount) {
        return all.stream().takeWhile(s -> amount > 0 && s.from <= amount).toList();
    }

    /** What of it can become pieces of a plan: not what is seen in copies of a unit, nor what stands within walls. */
    public static List<Furnishing> forPlan(List<Small> seen) {
        return seen.stream()
                .filter(s -> s.place == Place.IN_ROOM)
                .map(Small::piece)
                .filter(f -> !f.id().isCopied())
                .toList();
    }

    /** Puts one thing after the other where there is room. */
    private static final class Fitting {
        private final StoreyGeometry geometry;
        private final List<Taken> there;
        private final BoxIndex index;
        /** What doors need, and what is no floor to lie on. */
        private final List<Area> keptFree;

        private final List<Taken> taken = new ArrayList<>();

        private record Area(Ring ring, Box box) {
            static Area of(Ring ring) {
                return new Area(ring, ring.bounds());
            }

            boolean meets(Area other) {
                return box.meets(other.box) && shared(ring, other.ring) > TOUCH_MM2;
            }
        }

        private record Taken(Furnishing piece, Area area) {
            static Taken of(Furnishing piece) {
                return new Taken(piece, Area.of(Picking.footprint(piece)));
            }

            boolean meets(Taken other) {
                return area.meets(other.area);
            }
        }

        Fitting(StoreyGeometry geometry, List<Furnishing> pieces) {
            this.geometry = geometry;
            this.there = pieces.stream().map(Taken::of).toList();
            this.index = new BoxIndex(there.size(), n -> there.get(n).area.box);
            var doors = geometry.cuts().stream()
                    .filter(c -> !c.opening().kind().isWindow())
                    .map(c -> before(c.left(), c.right(), c.unit().left()));
            var parts = geometry.storey().structures().stream()
                    .filter(Fitting::isInTheWay)
                    .map(x -> x.footprint().counterClockwise());
            this.keptFree = Stream.concat(doors, parts).map(Area::of).toList();
        }

        private static boolean isInTheWay(Structure part) {
            return switch (part.form()) {
                case Stair _, Structure.ParkingBay _ -> true;
                case Structure.Block block ->
                    switch (block.kind()) {
                        case POST, RAMP, VOID, LIFT_SHAFT, FIREPLACE, CHIMNEY -> true;
                        case BALCONY, GALLERY, BEAM, ROOFLIGHT, OVERHANG, TRAY_CEILING, SLOPING_CEILING, DORMER ->
                            false;
                    };
            };
        }

        private static Ring before(Segment left, Segment right, Point out) {
            return Ring.of(
                            left.a().plus(out.times(DOOR_MM)),
                            left.b().plus(out.times(DOOR_MM)),
                            right.b().minus(out.times(DOOR_MM)),
                            right.a().minus(out.times(DOOR_MM)))
                    .counterClockwise();
        }

        List<Small> fit(List<Wish> wishes) {
            var out = new ArrayList<Small>();
            for (var wish : wishes) {
                wish.places().stream()
                        .map(Taken::of)
                        .filter(t -> isFree(t, wish.on()))
                        .findFirst()
                        .ifPresent(t -> {
                            taken.add(t);
                            out.add(new Small(
                                    t.piece, wish.from(), wish.on() == Wish.On.SILL ? Place.ON_SILL : Place.IN_ROOM));
                        });
            }
            return out;
        }

        private boolean isFree(Taken one, Wish.On on) {
            return taken.stream().noneMatch(one::meets)
                    && switch (on) {
                        case PIECE, SILL -> others(one).noneMatch(o -> standsIn(o, one));
                        case FLOOR ->
                            isInRoom(one)
                                    && others(one).noneMatch(o -> stands(o, one))
                                    && keptFree.stream().noneMatch(one.area::meets);
                        case THRESHOLD -> isInRoom(one) && others(one).findAny().isEmpty();
                    };
        }

        private Stream<Taken> others(Taken one) {
            return index.meeting(one.area.box).stream().map(there::get).filter(one::meets);
        }

        /** Whether a piece rises through where something would lie, or lies there already. */
        private static boolean standsIn(Taken other, Taken one) {
            var bottom = one.piece.bottom().mm();
            return !CHAIRS.contains(other.piece.kind()) // drawn up, its back stands behind
                    && other.piece.top().mm() > bottom + FLUSH_MM
                    && other.piece.bottom().mm() < one.piece.top().mm()
                    && !isHost(other.piece, one.piece);
        }

        /** What something lies on may rise behind it, as the back of a sofa does. */
        private static boolean isHost(Furnishing other, Furnishing one) {
            return one.id().key() instanceof Key.With with
                    && with.other().equals(other.id().key());
        }

        private static boolean stands(Taken other, Taken one) {
            return other.piece.top().mm() > FLAT_MM
                    && other.piece.bottom().mm() < one.piece.top().mm()
                    && Furnishings.of(other.piece)
                            .filter(k -> k.stand() == Stand.ABOVE)
                            .isEmpty();
        }

        private boolean isInRoom(Taken one) {
            return geometry.roomAt(one.piece.at().point())
                    .filter(room -> one.area.ring.corners().stream().allMatch(room.outline()::contains))
                    .isPresent();
        }

        private static double shared(Ring a, Ring b) {
            var both = ConvexClip.clip(a.corners(), b.corners());
            return both.size() < 3 ? 0 : new Ring(both).area();
        }
    }
}
