package honeylamp.derive.traced;

import honeylamp.geometry.Segment;
import honeylamp.plan.OpeningKind;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.Locale;

/**
 * One thing in which a picture and the plan differ.
 *
 * @param where along the wall or between the jambs, in plan mm
 */
public record Difference(What what, Segment where) {
    /** What differs. */
    public sealed interface What {
        /** A stretch of wall the picture alone has. */
        record WallInPicture() implements What {}

        /** A stretch of wall the plan alone has. */
        record WallInPlan() implements What {}

        /** A wall is otherwise thick. */
        record Thickness(double planMm, double pictureMm) implements What {}

        /** An opening the picture alone has. */
        record OpeningInPicture(OpeningKind kind) implements What {}

        /** An opening the plan alone has. */
        record OpeningInPlan(OpeningKind kind) implements What {}

        /** An opening is otherwise wide. */
        record Width(OpeningKind kind, double planMm, double pictureMm) implements What {}

        /** An opening stands elsewhere along its wall. */
        record Moved(OpeningKind kind, double byMm) implements What {}

        /** Another kind of opening stands there. */
        record OtherKind(OpeningKind plan, OpeningKind picture) implements What {}
    }

    /** Whether only the picture has it. */
    public boolean isInPicture() {
        return what instanceof What.WallInPicture || what instanceof What.OpeningInPicture;
    }

    /** Whether only the plan has it. */
    public boolean isInPlan() {
        return what instanceof What.WallInPlan || what instanceof What.OpeningInPlan;
    }

    /** What differs, in a few words. */
    public String words(UnitSystem units) {
        return switch (what) {
            case What.WallInPicture() -> "Wall, " + shown(where.length(), units) + ": only in the picture";
            case What.WallInPlan() -> "Wall, " + shown(where.length(), units) + ": only in the plan";
            case What.Thickness(var plan, var picture) ->
                "Wall: " + shown(plan, units) + " thick in the plan, " + shown(picture, units) + " in the picture";
            case What.OpeningInPicture(var kind) ->
                kind.label() + ", " + shown(where.length(), units) + ": only in the picture";
            case What.OpeningInPlan(var kind) ->
                kind.label() + ", " + shown(where.length(), units) + ": only in the plan";
            case What.Width(var kind, var plan, var picture) ->
                kind.label() + ": " + shown(plan, units) + " wide in the plan, " + shown(picture, units)
                        + " in the picture";
            case What.Moved(var kind, var by) ->
                kind.label() + ": " + shown(by, units) + " farther along in the picture than in the plan";
            case What.OtherKind(var plan, var picture) ->
                plan.label() + " in the plan, " + picture.label().toLowerCase(Locale.ROOT) + " in the picture";
        };
    }

    private static String shown(double mm, UnitSystem units) {
        return LengthText.roundedWithUnit(Length.ofMm(Math.rint(mm)), units);
    }
}
