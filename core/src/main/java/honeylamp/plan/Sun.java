package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDateTime;

/**
 * The sun over a place at a time.
 *
 * @param latitudeDeg north of the equator, negative to the south
 * @param longitudeDeg east of Greenwich, negative to the west
 * @param clock the date and what clocks there say
 * @param hoursAhead how far those clocks are ahead of Coordinated Universal Time; negative if they are behind
 */
@RecordBuilder
public record Sun(double latitudeDeg, double longitudeDeg, LocalDateTime clock, double hoursAhead)
        implements SunBuilder.With {
    /** No clocks are farther from Coordinated Universal Time, in hours. */
    public static final double MOST_HOURS = 14;

    /** Refuses places that are not on earth and clocks that are nowhere. */
    public Sun {
        Checks.within("latitude", latitudeDeg, -90, 90);
        Checks.within("longitude", longitudeDeg, -180, 180);
        Checks.within("hours ahead of UTC", hoursAhead, -MOST_HOURS, MOST_HOURS);
    }
}
