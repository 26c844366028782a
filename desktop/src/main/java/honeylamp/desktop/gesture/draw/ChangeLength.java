package honeylamp.desktop.gesture.draw;

import honeylamp.derive.pointing.ShownLength;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Stretching;
import honeylamp.edit.Stretching.Moving;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.ShownLengths;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Optional;

/**
 * Types over a shown length: of a tier, a single dimension, or from face to face of a room. One side moves; which one
 * is chosen once and stays so. A note that tells heights is typed over too.
 *
 * @param pointed the length under the pointer
 * @param taken the length that is typed over
 */
public record ChangeLength(Optional<ShownLength> pointed, Optional<ShownLength> taken, Moving moving)
        implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");

    /** No length yet; the right or upper side moves. */
    public static ChangeLength begin() {
        return begin(Moving.HIGH);
    }

    /** No length yet. */
    static ChangeLength begin(Moving moving) {
        return new ChangeLength(Optional.empty(), Optional.empty(), moving);
    }

    private ChangeLength again() {
        return begin(moving);
    }

    private static Optional<ShownLength> at(Surroundings scene, Point p) {
        return ShownLengths.at(scene.view(), scene.geometry().storey(), scene.frame(), p, scene.reachMm());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(taken.isPresent() ? this : new ChangeLength(at(scene, pointer.at()), taken, moving));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var note = ChangeHeights.at(scene, pointer.at(), moving);
        if (note.isPresent()) {
            return Reply.to(note.get());
        }
        var there = at(scene, pointer.at());
        return there.isPresent()
                ? Reply.to(new ChangeLength(there, there, moving))
                : Reply.complain(
                        again(),
                        "No length is shown here. Click a number, a note that tells a height, or into a room.");
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (taken.isEmpty()) {
            return Reply.complain(this, "Click the length that is to change first.");
        }
        var shown = taken.get();
        return typed.of(LENGTH)
                .map(wanted -> Reply.outcome(
                        this,
                        Stretching.to(scene.plan(), scene.storey(), shown, wanted, moving),
                        again(),
                        "Change length",
                        "That cannot be"))
                .orElseGet(() -> Reply.to(again()));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return key == Key.FLIP ? Reply.to(new ChangeLength(pointed, taken, moving.other())) : Reply.to(this);
    }

    @Override
    public Gesture dropped() {
        return again();
    }

    @Override
    public boolean underWay() {
        return taken.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (taken.isEmpty()) {
            var words = pointed.map(s -> LengthText.rounded(Length.ofMm(s.lengthMm()), scene.units()));
            return new Readout(
                    List.of(),
                    words.orElse(""),
                    "Click a shown length, a note of a height, or into a room, to type another.");
        }
        var shown = taken.get();
        var side = moving.word(shown.axis());
        return new Readout(
                        List.of(new Readout.Field(
                                LENGTH, LengthText.rounded(Length.ofMm(shown.lengthMm()), scene.units()))),
                        "",
                        "Type the new length; F: the " + moving.other().word(shown.axis()) + " side moves instead.")
                .with("the " + side + " side moves");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return taken.or(() -> pointed)
                .map(shown -> ShownLengths.marks(scene.frame(), shown, moving, scene.penMm()))
                .orElse(List.of());
    }
}
