package honeylamp.desktop.gesture;

import honeylamp.edit.PickedEdits;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import java.util.ArrayList;
import java.util.List;

/** Moves what is picked by typed lengths across and up. */
final class TypedMove {
    private TypedMove() {}

    static Step entered(Gesture gesture, Scene scene, List<String> typed) {
        var by = new ArrayList<Length>();
        for (var i = 0; i < 2; i++) {
            var text = Gesture.field(typed, i);
            if (text.isEmpty()) {
                by.add(Length.ZERO);
                continue;
            }
            switch (LengthReader.signed(text, scene.units())) {
                case LengthReading.Bad(var sentence) -> {
                    return Step.complain(gesture, sentence);
                }
                case LengthReading.Good(var length) -> by.add(length);
            }
        }
        var moved = PickedEdits.move(scene.plan(), scene.storey(), scene.selection(), by.get(0), by.get(1));
        return moved.result().filter(scene.plan()::equals).isPresent()
                ? Step.to(gesture)
                : Step.outcome(gesture, moved, gesture, "Move by typed lengths", "That cannot be");
    }

    static List<Readout.Field> fields() {
        return List.of(new Readout.Field("Across", "0"), new Readout.Field("Up", "0"));
    }
}
