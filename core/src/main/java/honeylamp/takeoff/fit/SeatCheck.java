package honeylamp.takeoff.fit;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.SeatPlace;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Seats whose front legs just miss the rug before them, and seats too near to their screen or too far from it. */
public final class SeatCheck {
    private static final Set<String> RUGS = Set.of("rug", "rug-round");

    private static final String UNIT = "screen-unit";

    /** The screen on a low unit leaves so much of it free on both sides together, and is no wider than so. */
    private static final double UNIT_FREE_MM = 120;

    private static final double UNIT_MOST_MM = 1450;

    /** One sits so many widths of the picture away: it then fills 45 degrees of what one sees. */
    private static final double NEAREST = 1.2;

    /** Farther than so many widths it fills less than 19 degrees; 30 are recommended (SMPTE EG 18-1994). */
    private static final double FARTHEST = 3;

    /** Lower seats and narrower ones are drawn up where they are needed. */
    private static final double LEAST_WIDE_MM = 600;

    private static final double LEAST_HIGH_MM = 550;

    /** A rug or a screen farther than this is not that of a seat. */
    private static final double NEAR_MM = 12_000;

    private SeatCheck() {}

    /**
     * A seat that stands wrongly to its rug or its screen.
     *
     * @param line from the seat to the other, in plan mm
     */
    public record Miss(Snag.Kind kind, Furnishing seat, Furnishing other, Segment line) {}

    /** What is wrong with the seats of a storey, in words. */
    public static List<Snag> of(LaidStorey storey) {
        var pieces = standing(storey.geometry());
        return pieces.stream()
                .filter(SeatCheck::isSeat)
                .flatMap(seat -> misses(storey.geometry(), seat, pieces).stream())
                .map(miss -> snag(storey, miss))
                .toList();
    }

    /** What is wrong with a piece, wherever it now is: as a seat, as the rug of seats, or as their screen. */
    public static List<Miss> of(StoreyGeometry geometry, Furnishing piece) {
        if (!matters(piece)) {
            return List.of();
        }
        var others = standing(geometry).stream()
                .filter(f -> !f.id().equals(piece.id()))
                .filter(f -> f.at().point().distance(piece.at().point()) < NEAR_MM);
        var all = Stream.concat(others, Stream.of(piece)).toList();
        return all.stream()
                .filter(SeatCheck::isSeat)
                .flatMap(seat -> misses(geometry, seat, all).stream())
                .filter(m -> m.seat.equals(piece) || m.other.equals(piece))
                .toList();
    }

    private static List<Furnishing> standing(StoreyGeometry geometry) {
        return geometry.storey().furnishings().stream()
                .filter(f -> f.works() != Wall.Works.REMOVED)
                .filter(SeatCheck::matters)
                .toList();
    }

    private static boolean matters(Furnishing piece) {
        return RUGS.contains(piece.kind()) || Furnishings.isScreen(piece.kind()) || isSeat(piece);
    }

    private static boolean isSeat(Furnishing piece) {
        return piece.width().mm() >= LEAST_WIDE_MM
                && piece.height().mm() >= LEAST_HIGH_MM
                && Furnishings.of(piece).filter(k -> k.group() == Group.SEATS).isPresent();
    }

    private static List<Miss> misses(StoreyGeometry geometry, Furnishing seat, List<Furnishing> all) {
        return Stream.of(offRug(seat, all), unlikeScreen(geometry, seat, all))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Miss> offRug(Furnishing seat, List<Furnishing> all) {
        var rugs = all.stream().filter(f -> RUGS.contains(f.kind())).toList();
        if (rugs.stream().anyMatch(r -> SeatPlace.isOn(seat, r))) {
            return Optional.empty();
        }
        return rugs.stream()
                .flatMap(r -> SeatPlace.offRug(seat, r).stream().map(l -> new Miss(Snag.Kind.SEAT_OFF_RUG, seat, r, l)))
                .min(Comparator.comparingDouble(m -> m.line.length()));
    }

    private static Optional<Miss> unlikeScreen(StoreyGeometry geometry, Furnishing seat, List<Furnishing> all) {
        return all.stream()
                .filter(f -> Furnishings.isScreen(f.kind()))
                .flatMap(s -> SeatPlace.view(seat, s).stream()
                        .filter(v -> v.length() < NEAREST * wideMm(s) || v.length() > FARTHEST * wideMm(s))
                        .map(v -> new Miss(Snag.Kind.SEAT_AND_SCREEN, seat, s, v)))
                .filter(m -> isOneRoom(geometry, m))
                .findFirst();
    }

    private static boolean isOneRoom(StoreyGeometry geometry, Miss miss) {
        var room = geometry.roomAt(miss.seat.at().point());
        return room.isPresent() && room.equals(geometry.roomAt(miss.other.at().point()));
    }

    private static Snag snag(LaidStorey storey, Miss miss) {
        var seat = miss.seat;
        var far = shown(storey, miss.line.length());
        var about = List.<ElementId>of(seat.id(), miss.other.id());
        if (miss.kind == Snag.Kind.SEAT_OFF_RUG) {
            return new Snag(
                    miss.kind,
                    seat.at().point(),
                    about,
                    "The front legs of " + Furnishings.label(seat) + " stand " + far + " behind the rug.");
        }
        var wide = wideMm(miss.other);
        return new Snag(
                miss.kind,
                miss.line.middle(),
                about,
                Furnishings.label(seat) + " is " + far + " from the screen; " + shown(storey, NEAREST * wide) + " to "
                        + shown(storey, FARTHEST * wide) + " suit its size.");
    }

    /** How wide the picture on a screen is. */
    private static double wideMm(Furnishing screen) {
        var wide = screen.width().mm();
        return screen.kind().equals(UNIT) ? Math.min(wide - UNIT_FREE_MM, UNIT_MOST_MM) : wide;
    }

    private static String shown(LaidStorey storey, double mm) {
        return LengthText.roundedWithUnit(Length.ofMm(mm), storey.plan().units());
    }
}
