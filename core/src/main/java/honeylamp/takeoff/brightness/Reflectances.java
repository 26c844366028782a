package honeylamp.takeoff.brightness;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Finish;
import honeylamp.plan.Surface;
import honeylamp.units.Checks;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * The share of light that the surfaces of a room give back, from 0 to 1: of a finish the cube of its lightness, which is how
 * OKLCH lightness is made of the luminance of greys (B. Ottosson, 2020); where there is none what is usual.
 */
public record Reflectances(double floor, double walls, double ceiling) {
    /** Usual in homes (EN 12464-1:2021 names 0.2–0.6, 0.5–0.8, 0.7–0.9). */
    public static final Reflectances USUAL = new Reflectances(0.3, 0.5, 0.7);

    private static final double MOST = 0.95;

    /** Refuses what gives back more than it gets. */
    public Reflectances {
        Checks.within("reflectance of a floor", floor, 0, MOST);
        Checks.within("reflectance of walls", walls, 0, MOST);
        Checks.within("reflectance of a ceiling", ceiling, 0, MOST);
    }

    /** Those of a room by its finishes. */
    public static Reflectances of(LaidStorey storey, Room room) {
        if (room.mark().isEmpty()) {
            return USUAL;
        }
        var found = Surfaces.ofRoom(storey, room, room.mark().get());
        return new Reflectances(
                mean(found, Surface.Floor.class::isInstance).orElse(USUAL.floor),
                mean(found, s -> s instanceof Surface.WallSide || s instanceof Surface.Walls)
                        .orElse(USUAL.walls),
                mean(found, Surface.Ceiling.class::isInstance).orElse(USUAL.ceiling));
    }

    /** The mean of surfaces that have a finish, each by its size. */
    private static Optional<Double> mean(List<Surfaces.Found> all, Predicate<Surface> which) {
        var area = 0.0;
        var back = 0.0;
        for (var surface : all) {
            var share = which.test(surface.surface())
                    ? surface.finish().flatMap(Reflectances::of)
                    : Optional.<Double>empty();
            if (share.isPresent()) {
                area += surface.areaMm2();
                back += surface.areaMm2() * share.get();
            }
        }
        return area > 0 ? Optional.of(back / area) : Optional.empty();
    }

    private static Optional<Double> of(Finish finish) {
        return Materials.of(finish).map(m -> Math.min(MOST, Math.pow(m.tone().lightness(), 3)));
    }
}
