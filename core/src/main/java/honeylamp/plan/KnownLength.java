package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A length read off a picture: two marks on it, in picture pixels, and what is written or was measured
 * between them.
 */
@RecordBuilder
public record KnownLength(Point firstPx, Point secondPx, Length length, Trust trust)
        implements KnownLengthBuilder.With {
    /** Whether a length gives the picture its scale. */
    public enum Trust {
        COUNTED,
        /** It is only compared. */
        LEFT_OUT
    }

    /** Refuses marks closer than one pixel and lengths of zero or less. */
    public KnownLength {
        Checks.positive("known length", length);
        if (firstPx.distance(secondPx) < 1) {
            throw new IllegalArgumentException("the marks of a known length lie within one pixel");
        }
    }

    /** A length that counts. */
    public KnownLength(Point firstPx, Point secondPx, Length length) {
        this(firstPx, secondPx, length, Trust.COUNTED);
    }

    /** What an error of one pixel in one mark does to a length of one metre, in mm. */
    public double errorMmPerMetre() {
        return 1000 / firstPx.distance(secondPx);
    }

    /** The length between other marks. */
    public KnownLength between(Point first, Point second) {
        return with(copy -> copy.firstPx(first).secondPx(second));
    }
}
