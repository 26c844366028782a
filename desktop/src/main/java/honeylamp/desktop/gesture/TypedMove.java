package honeylamp.desktop.gesture;

import honeylamp.edit.PickedEdits;
import honeylamp.units.Length;
import java.util.List;

/** Moves what is picked by typed lengths across and up. */
public final class TypedMove {
    public static final Ask<Length> ACROSS = Ask.shift("Across");
    public static final Ask<Length> UP = Ask.shift("Up");

    /** The same where up is not up the sheet. */
    private static final Ask<Length> ACROSS_PLAN = Ask.shift("Across plan");

    private static final Ask<Length> UP_PLAN = Ask.shift("Up plan");

    private TypedMove() {}

    public static Reply entered(Gesture gesture, Surroundings scene, Typed typed) {
        var across = typed.of(ACROSS).or(() -> typed.of(ACROSS_PLAN)).orElse(Length.ZERO);
        var up = typed.of(UP).or(() -> typed.of(UP_PLAN)).orElse(Length.ZERO);
        var moved = PickedEdits.move(scene.plan(), scene.storey(), scene.selection(), across, up);
        return moved.result().filter(scene.plan()::equals).isPresent()
                ? Reply.to(gesture)
                : Reply.outcome(gesture, moved, gesture, "Move by typed lengths", "That cannot be");
    }

    public static List<Readout.Field> fields() {
        return List.of(new Readout.Field(ACROSS, "0"), new Readout.Field(UP, "0"));
    }

    /** The fields where the plan is seen raised. */
    public static List<Readout.Field> overFloor() {
        return List.of(new Readout.Field(ACROSS_PLAN, "0"), new Readout.Field(UP_PLAN, "0"));
    }
}
