package honeylamp.desktop.gesture;

import honeylamp.plan.Doing;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What is chosen while lights are planned, beside the fitting put in next.
 *
 * @param doing the activity marked next
 * @param step whose fields are shown
 */
@RecordBuilder
public record NewLighting(Doing doing, Step step) implements NewLightingBuilder.With {
    /** The steps of the work whose fields can be shown, and the rules. */
    public enum Step {
        ACTIVITIES,
        SOURCES,
        FITTINGS,
        SWITCHES,
        RULES
    }

    /** The choices of a fresh start. */
    public static final NewLighting FIRST = new NewLighting(Doing.READING, Step.FITTINGS);
}
