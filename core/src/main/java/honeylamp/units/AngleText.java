package honeylamp.units;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Angles as drawings state them. */
public final class AngleText {
    private AngleText() {}

    /** To a tenth of a degree, whole degrees without a fraction. */
    public static String shown(double deg) {
        var tenths = BigDecimal.valueOf(deg).setScale(1, RoundingMode.HALF_UP);
        return (tenths.stripTrailingZeros().scale() <= 0 ? tenths.setScale(0, RoundingMode.HALF_UP) : tenths)
                        .toPlainString()
                + "\u00b0";
    }
}
