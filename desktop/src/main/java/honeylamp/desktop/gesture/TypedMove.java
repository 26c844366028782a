package honeylamp.desktop.gesture;

import honeylamp.edit.PickedEdits;
import honeylamp.units.Length;
import java.util.List;

/** Moves what is picked by typed lengths across and up. */
public final class TypedMove {
    public static final Ask<Length> ACROSS = Ask.shift("Across");
    public static final Ask<Length> UP = Ask.shift("Up");

    private TypedMove() {}

    public static Reply entered(Gesture gesture, Surroundings scene, Typed typed) {
        var across = typed.of(ACROSS).orElse(Length.ZERO);
        var up = typed.of(UP).orElse(Length.ZERO);
        var moved = PickedEdits.move(scene.plan(), scene.storey(), scene.selection(), across, up);
        return moved.result().filter(scene.plan()::equals).isPresent()
                ? Reply.to(gesture)
                : Reply.outcome(gesture, moved, gesture, "Move by typed lengths", "That cannot be");
    }

    public static List<Readout.Field> fields() {
        return List.of(new Readout.Field(ACROSS, "0"), new Readout.Field(UP, "0"));
    }
}
