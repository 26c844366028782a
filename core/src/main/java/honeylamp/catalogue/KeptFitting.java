package honeylamp.catalogue;

import honeylamp.plan.Buying;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.units.Length;
import java.util.Optional;

/**
 * A light, switch or outlet as it is bought, which a person keeps for all plans.
 *
 * @param length of a track or a strip
 * @param emission the light it gives; empty if it is no light
 * @param buying its name, by which it is known, where it is bought and for how much
 */
public record KeptFitting(FittingKind kind, Length length, Optional<Emission> emission, Buying buying) {
    /** Refuses one without a name, a light without light, and light of what is none. */
    public KeptFitting {
        if (buying.name().isBlank()) {
            throw new IllegalArgumentException("a fitting that is kept needs a name");
        }
        if (emission.isPresent() != kind.isLight()) {
            throw new IllegalArgumentException("lights, and only they, give light");
        }
    }

    /** What a fitting is, to be kept; it needs the name of a product. */
    public static KeptFitting of(Fitting fitting) {
        return new KeptFitting(fitting.kind(), fitting.length(), fitting.emission(), fitting.buying());
    }

    /** The name by which it is known. */
    public String name() {
        return buying.name();
    }

    /** A fitting of the same mount as this product, where it is and switched as it is. */
    public Fitting insteadOf(Fitting before) {
        return before.withLength(length).withEmission(emission).withBuying(buying);
    }
}
