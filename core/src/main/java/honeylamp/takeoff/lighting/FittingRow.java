package honeylamp.takeoff.lighting;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Mount;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.Locale;
import java.util.Optional;

/**
 * An even row about to be put in.
 *
 * @param number of them in each row
 * @param rows of them; one but in rooms
 * @param away from the wall, the middle of the piece, or the middle of the ring
 * @param along what it goes, in the words people see
 * @param spacingMm from one to the next, in the direction in which they are farther apart
 * @param overlap how much of a beam the next one covers; empty if they shine all around
 */
public record FittingRow(
        Fitting.On on, int number, int rows, Length away, String along, double spacingMm, Optional<Double> overlap) {
    /** What a person typed of a row. */
    public record Asked(Optional<Integer> number, Optional<Integer> rows, Optional<Length> away) {
        public static final Asked NOTHING = new Asked(Optional.empty(), Optional.empty(), Optional.empty());
    }

    private static final Length USUAL_RADIUS = Length.ofMm(600);
    private static final int USUAL_IN_RING = 6;

    /** How far apart they are, and how their beams overlap at work height, in words. */
    public String words(UnitSystem units) {
        var apart = LengthText.rounded(Length.ofMm(Math.rint(spacingMm)), units) + " apart";
        return overlap.map(
                        o -> apart + (o > 0 ? Words.of(", beams overlap by %.0f %%", o * 100) : ", beams do not meet"))
                .orElse(apart);
    }

    /**
     * Finds rows for a kind of light.
     *
     * @param emission the light that one gives
     * @param height typed; empty for the usual one
     * @param turnDeg how rows in rooms run
     * @param rules what is gone by
     */
    public record Finder(
            StoreyGeometry geometry,
            FittingKind kind,
            Emission emission,
            Optional<Length> height,
            Asked asked,
            double turnDeg,
            LightingRules rules,
            UnitSystem units) {
        private Optional<Length> hangs() {
            return height.or(() -> rules.height(kind)).or(() -> Fittings.height(kind, units));
        }

        private double mountedMm(Point p) {
            return hangs().orElseGet(() -> geometry.clearHeightAt(p)).mm();
        }

        /** Rows over the room at a place; empty if there is none that anything was said of. */
        public Optional<FittingRow> inRoom(Point p) {
            var room = FittingSpot.room(geometry, p);
            return room.flatMap(Room::mark).map(mark -> inRoom(room.orElseThrow(), mark, p));
        }

        private FittingRow inRoom(Room room, RoomMark mark, Point p) {
            var proposed = EvenLayout.of(room, turnDeg, emission(), mountedMm(p), rules.overlap());
            var across = asked.number().orElse(proposed.across());
            var rows = asked.rows().orElse(proposed.rows());
            var box = room.outline().through(Affine.turn(-turnDeg)).bounds();
            var apart =
                    Math.max(across > 1 || rows == 1 ? box.width() / across : 0, rows > 1 ? box.height() / rows : 0);
            return new FittingRow(
                    new Fitting.InRoom(mark.id(), across, rows, hangs()),
                    across,
                    rows,
                    Length.ZERO,
                    room.name(),
                    apart,
                    EvenLayout.overlap(emission(), mountedMm(p), apart));
        }

        /** A row along the piece at a place, else along the wall nearest to it. */
        public Optional<FittingRow> along(Point p) {
            return FittingSpot.along(geometry, p)
                    .map(piece -> {
                        var above = kind == FittingKind.PENDANT
                                ? height.map(h -> h.minus(piece.top())).orElseGet(() -> Fittings.overTable(units))
                                : Length.ofMm(mountedMm(p)).minus(piece.top());
                        var number = asked.number()
                                .orElseGet(() -> EvenLayout.of(
                                                new Box(
                                                        0,
                                                        0,
                                                        piece.width().mm(),
                                                        piece.depth().mm()),
                                                emission(),
                                                piece.top().plus(above).mm(),
                                                rules.overlap())
                                        .along(piece.width().mm()));
                        var before = asked.away().orElse(Length.ZERO);
                        return row(
                                new Fitting.AlongPiece(piece.id(), number, before, above),
                                number,
                                before,
                                "along the " + Furnishings.label(piece).toLowerCase(Locale.ROOT),
                                piece.width().mm(),
                                p);
                    })
                    .or(() -> alongWall(p));
        }

        private Optional<FittingRow> alongWall(Point p) {
            return FittingSpot.wall(geometry, p).flatMap(near -> {
                var away = asked.away().orElseGet(() -> away(p));
                var room = geometry.roomAt(p).flatMap(Room::mark).map(RoomMark::id);
                var one = new Fitting.AlongWall(near.wall().id(), near.side(), room, 1, away, hangs());
                return FittingPlaces.stretch(geometry, one).map(s -> {
                    var length = s.toMm() - s.fromMm();
                    var number = asked.number()
                            .orElseGet(() ->
                                    Math.clamp((int) Math.ceil(length / apartMm(away, p)), 1, Fitting.MOST_IN_ROW));
                    return row(
                            new Fitting.AlongWall(near.wall().id(), near.side(), room, number, away, hangs()),
                            number,
                            away,
                            "along the wall",
                            length,
                            p);
                });
            });
        }

        /** What washes a wall stands as far apart as it is away from it; what lights a room by the spacing of the room. */
        private double apartMm(Length away, Point p) {
            return kind == FittingKind.WALL_WASHER
                    ? Math.max(400, away.mm())
                    : EvenLayout.of(new Box(0, 0, 1, 1), emission(), mountedMm(p), rules.overlap())
                            .spacingMm();
        }

        private Length away(Point p) {
            if (kind.mount() == Mount.WALL) {
                return Length.ZERO;
            }
            return EvenLayout.washerAway(geometry.clearHeightAt(p), rules.washerAway());
        }

        private FittingRow row(Fitting.On on, int number, Length away, String along, double length, Point p) {
            var apart = length / number;
            return new FittingRow(
                    on, number, 1, away, along, apart, EvenLayout.overlap(emission(), mountedMm(p), apart));
        }

        /** A ring around a place. */
        public FittingRow ring(Point p) {
            var number = asked.number().orElse(USUAL_IN_RING);
            var radius = asked.away().filter(r -> !r.equals(Length.ZERO)).orElse(USUAL_RADIUS);
            var apart = 2 * radius.mm() * Math.sin(Math.PI / Math.max(2, number));
            return new FittingRow(
                    new Fitting.Ring(Position.of(p), radius, number, hangs()),
                    number,
                    1,
                    radius,
                    "",
                    apart,
                    EvenLayout.overlap(emission(), mountedMm(p), apart));
        }
    }
}
