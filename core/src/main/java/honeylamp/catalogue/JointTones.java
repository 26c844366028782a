package honeylamp.catalogue;

import honeylamp.plan.Oklch;
import java.util.List;
import java.util.Optional;

/** Colours of joints. */
public final class JointTones {
    private static final List<Named> ALL = List.of(
            new Named("As the material", Optional.empty()),
            new Named("White", Optional.of(new Oklch(0.965, 0.004, 95))),
            new Named("Cream", Optional.of(new Oklch(0.915, 0.020, 88))),
            new Named("Sand", Optional.of(new Oklch(0.840, 0.028, 82))),
            new Named("Silver grey", Optional.of(new Oklch(0.810, 0.004, 240))),
            new Named("Cement grey", Optional.of(new Oklch(0.690, 0.005, 110))),
            new Named("Graphite", Optional.of(new Oklch(0.450, 0.006, 250))),
            new Named("Brick", Optional.of(new Oklch(0.620, 0.060, 40))),
            new Named("Moss", Optional.of(new Oklch(0.640, 0.040, 145))));

    private JointTones() {}

    /** A colour under its name; empty for that which suits the material. */
    public record Named(String label, Optional<Oklch> tone) {}

    /** All of them. */
    public static List<Named> all() {
        return ALL;
    }

    /** The name of a colour. */
    public static String label(Optional<Oklch> tone) {
        return ALL.stream()
                .filter(n -> n.tone().equals(tone))
                .map(Named::label)
                .findFirst()
                .orElse("Own colour");
    }
}
