package honeylamp.desktop.gesture.trace;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.PictureNote;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Notes on a picture: a click sets a pin, a drag draws a line; words and Enter say what it is. Notes are
 * never part of the plan's geometry and never printed.
 */
public record NoteOnPicture(List<Point> points, boolean drawn) implements Gesture {
    private static final Ask<String> NOTE = Ask.words("Note");

    private static final double STEP_SHARE = 0.5;

    public NoteOnPicture {
        points = List.copyOf(points);
    }

    /** Nothing yet. */
    public static NoteOnPicture begin() {
        return new NoteOnPicture(List.of(), false);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.at(scene, pointer.at());
        return underlay.isEmpty()
                ? Reply.complain(this, OnPicture.NONE_YET)
                : Reply.to(new NoteOnPicture(List.of(pointer.at()), false))
                        .picking(Set.of(underlay.get().id()));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        if (points.isEmpty() || drawn || points.getLast().distance(pointer.at()) < STEP_SHARE * scene.reachMm()) {
            return Reply.to(this);
        }
        var more = new ArrayList<>(points);
        more.add(pointer.at());
        return Reply.to(new NoteOnPicture(more, false));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return Reply.to(new NoteOnPicture(points, !points.isEmpty()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var underlay = OnPicture.of(scene);
        if (points.isEmpty() || underlay.isEmpty()) {
            return Reply.complain(this, "Click or draw on the picture first.");
        }
        var text = typed.of(NOTE).orElse("");
        if (text.isEmpty() && points.size() == 1) {
            return Reply.complain(this, "Type what the pin says.");
        }
        var u = underlay.get();
        var note = new PictureNote(points.stream().map(u::pixel).toList(), text);
        return Reply.commit(begin(), UnderlayEdits.note(scene.plan(), scene.storey(), u.id(), note), "Note on picture")
                .picking(Set.of(u.id()));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !points.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return points.isEmpty()
                ? Readout.hint("Click to set a pin, or draw a line. Notes stay on the picture and are never printed.")
                : new Readout(
                        List.of(new Readout.Field(NOTE, "")),
                        "",
                        points.size() > 1
                                ? "Type a word for the line, or just press Enter."
                                : "Type the note and press Enter.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return points.isEmpty()
                ? List.of()
                : honeylamp.illustrate.sketch.Sketches.pictureNote(scene.frame(), points, "", scene.penMm());
    }
}
