package honeylamp.desktop.gesture.place;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Position;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Writes a note: a click says where, typed words and Enter say what. */
public record WriteNote(Optional<Point> at) implements Gesture {
    private static final Ask<String> NOTE = Ask.words("Note");

    /** No place yet. */
    public static WriteNote begin() {
        return new WriteNote(Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return Reply.to(new WriteNote(Optional.of(pointer.at())));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var text = typed.of(NOTE).orElse("");
        if (at.isEmpty() || text.isEmpty()) {
            return Reply.complain(this, "Click where the note goes, then type it.");
        }
        var added = NoteEdits.add(scene.plan(), scene.storey(), Position.of(at.get()), text);
        return Reply.commit(begin(), added.plan(), "Write note").picking(Set.of(added.id()));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return at.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return at.isEmpty()
                ? Readout.hint("Click where the note goes.")
                : new Readout(List.of(new Readout.Field(NOTE, "")), "", "Type the note and press Enter.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return at.map(p -> List.of(Sketches.spot(scene.frame(), p, 6 * scene.penMm(), scene.penMm())))
                .orElse(List.of());
    }
}
