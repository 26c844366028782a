package honeylamp.takeoff.fit;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.pointing.SeatPlace;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Seats whose front legs just miss the rug before them, and seats too near to their screen or too far from it. */
public final class SeatCheck {
    private static final Set<String> RUGS = Set.of("rug", "rug-round");

    private static final String UNIT = "screen-unit";
    private static final Set<String> SCREENS = Set.of(UNIT, "screen-wall", "picture-screen");

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

    private SeatCheck() {}

    /** What is wrong with the seats of a storey, in words. */
    public static List<Snag> of(LaidStorey storey) {
        var pieces = storey.storey().furnishings().stream()
                .filter(f -> f.works() != Wall.Works.REMOVED)
                .toList();
        var rugs = pieces.stream().filter(f -> RUGS.contains(f.kind())).toList();
        var screens = pieces.stream().filter(f -> SCREENS.contains(f.kind())).toList();
        var out = new ArrayList<Snag>();
        for (var seat : pieces) {
            if (isSeat(seat)) {
                rug(storey, seat, rugs).ifPresent(out::add);
                screen(storey, seat, screens).ifPresent(out::add);
            }
        }
        return out;
    }

    private static boolean isSeat(Furnishing piece) {
        return piece.width().mm() >= LEAST_WIDE_MM
                && piece.height().mm() >= LEAST_HIGH_MM
                && Furnishings.of(piece).filter(k -> k.group() == Group.SEATS).isPresent();
    }

    private static Optional<Snag> rug(LaidStorey storey, Furnishing seat, List<Furnishing> rugs) {
        if (rugs.stream().anyMatch(r -> SeatPlace.isOn(seat, r))) {
            return Optional.empty();
        }
        return rugs.stream()
                .filter(r -> SeatPlace.offRugMm(seat, r).isPresent())
                .min(Comparator.comparingDouble(r -> SeatPlace.offRugMm(seat, r).getAsDouble()))
                .map(r -> new Snag(
                        Snag.Kind.SEAT_OFF_RUG,
                        seat.at().point(),
                        List.of(seat.id(), r.id()),
                        "The front legs of " + Furnishings.label(seat) + " stand "
                                + shown(storey, SeatPlace.offRugMm(seat, r).getAsDouble()) + " behind the rug."));
    }

    private static Optional<Snag> screen(LaidStorey storey, Furnishing seat, List<Furnishing> screens) {
        var room = storey.geometry().roomAt(seat.at().point());
        for (var screen : screens) {
            var view = SeatPlace.view(seat, screen)
                    .filter(_ -> room.isPresent()
                            && room.equals(storey.geometry().roomAt(screen.at().point())));
            if (view.isPresent()) {
                var wide = wideMm(screen);
                var far = view.get().length();
                if (far < NEAREST * wide || far > FARTHEST * wide) {
                    return Optional.of(new Snag(
                            Snag.Kind.SEAT_AND_SCREEN,
                            view.get().middle(),
                            List.of(seat.id(), screen.id()),
                            Furnishings.label(seat) + " is " + shown(storey, far) + " from the screen; "
                                    + shown(storey, NEAREST * wide) + " to " + shown(storey, FARTHEST * wide)
                                    + " suit its size."));
                }
            }
        }
        return Optional.empty();
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
