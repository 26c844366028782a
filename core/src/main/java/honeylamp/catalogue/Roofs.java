package honeylamp.catalogue;

import honeylamp.plan.Oklch;
import honeylamp.plan.Roof;
import java.util.OptionalDouble;

/** What roofs are covered with. */
public final class Roofs {
    private Roofs() {}

    /** How a covering looks from afar. */
    public static Oklch tone(Roof.Cover cover) {
        return switch (cover) {
            case TILES -> new Oklch(0.700, 0.058, 42);
            case SLATE -> new Oklch(0.620, 0.014, 255);
            case METAL -> new Oklch(0.780, 0.012, 220);
            case BOARDS -> new Oklch(0.760, 0.030, 70);
            case GREEN -> new Oklch(0.800, 0.048, 125);
        };
    }

    /** How far apart, in mm, courses lie that run along the eaves; none of a covering that has none. */
    public static OptionalDouble coursesMm(Roof.Cover cover) {
        return switch (cover) {
            case TILES -> OptionalDouble.of(340);
            case SLATE -> OptionalDouble.of(230);
            case BOARDS -> OptionalDouble.of(180);
            case METAL, GREEN -> OptionalDouble.empty();
        };
    }

    /** How far apart, in mm, seams lie that run up the slope; none of a covering that has none. */
    public static OptionalDouble seamsMm(Roof.Cover cover) {
        return cover == Roof.Cover.METAL ? OptionalDouble.of(530) : OptionalDouble.empty();
    }
}
