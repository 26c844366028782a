package honeylamp.desktop.gesture.draw;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Stretching.Moving;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.Note;
import honeylamp.takeoff.NoteHeights;
import honeylamp.takeoff.NoteHeights.Told;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Types over the heights a note tells.
 *
 * @param moving the side that moves when a length is typed over next
 */
record ChangeHeights(NoteId note, Moving moving) implements Gesture {
    /** Of the note at a point, if it tells heights. */
    static Optional<ChangeHeights> at(Surroundings scene, Point p, Moving moving) {
        return Captions.at(scene.view(), scene.geometry().storey(), scene.frame(), p, scene.reachMm())
                .filter(NoteId.class::isInstance)
                .map(id -> new ChangeHeights((NoteId) id, moving))
                .filter(heights -> !heights.told(scene).isEmpty());
    }

    private Optional<Note> found(Surroundings scene) {
        return scene.geometry().storey().elements().find(Note.class, note);
    }

    private List<Told> told(Surroundings scene) {
        return found(scene).map(n -> NoteHeights.of(scene.view().storey(), n)).orElse(List.of());
    }

    private static Ask<Length> ask(Told told) {
        return Ask.distance(told.label());
    }

    private ChangeLength again() {
        return ChangeLength.begin(moving);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return again().pressed(scene, pointer);
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var wanted = told(scene).stream()
                .flatMap(t -> typed.of(ask(t)).map(v -> new Told(t.field(), v)).stream())
                .toList();
        return wanted.isEmpty()
                ? Reply.to(again())
                : found(scene)
                        .map(n -> Reply.outcome(
                                this,
                                NoteHeights.typed(scene.plan(), scene.view().storey(), n, wanted),
                                again(),
                                "Change height",
                                "That cannot be"))
                        .orElseGet(() -> Reply.to(again()));
    }

    @Override
    public Gesture dropped() {
        return again();
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return new Readout(
                told(scene).stream()
                        .map(t -> new Readout.Field(ask(t), LengthText.rounded(t.value(), scene.units())))
                        .toList(),
                "",
                "Type how high what the note points at is to be.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return Captions.picked(scene.view(), scene.geometry().storey(), scene.frame(), Set.of(note), scene.penMm());
    }
}
