package honeylamp.desktop.gesture.pick;

import honeylamp.derive.pointing.Apart;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Moves a piece to a typed distance from what is clicked: a wall, a door or window, another piece, a fixed part.
 *
 * @param under what goes on afterwards
 * @param thing that was clicked
 * @param pointed what is pointed at
 */
public record StandFrom(Gesture under, FurnishingId id, Optional<ElementId> thing, Optional<ElementId> pointed)
        implements Gesture {
    private static final Ask<Length> DISTANCE = Ask.distance("Distance");

    /** Before anything is clicked. */
    public static StandFrom begin(Gesture under, FurnishingId id) {
        return new StandFrom(under, id, Optional.empty(), Optional.empty());
    }

    private Optional<Furnishing> piece(Surroundings scene) {
        return scene.geometry().storey().elements().find(Furnishing.class, id);
    }

    private Optional<Apart> apart(Surroundings scene, Optional<ElementId> of) {
        return piece(scene).flatMap(f -> of.flatMap(t -> Apart.of(scene.geometry(), f, t)));
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        var there = piece(scene).flatMap(f -> Apart.thingAt(scene.geometry(), f, at.at(), scene.reachMm()));
        return Reply.to(new StandFrom(under, id, thing, there));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        var there = piece(scene).flatMap(f -> Apart.thingAt(scene.geometry(), f, at.at(), scene.reachMm()));
        return there.isEmpty()
                ? Reply.complain(this, "Nothing stands there. Click a wall, an opening, a piece or a fixed part.")
                : Reply.to(new StandFrom(under, id, there, there));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var wanted = typed.of(DISTANCE);
        if (wanted.isEmpty()) {
            return Reply.to(thing.isEmpty() ? this : under);
        }
        return apart(scene, thing)
                .map(a -> Reply.outcome(
                                this,
                                FurnishingEdits.standFrom(scene.plan(), scene.storey(), id, a, wanted.get()),
                                this,
                                "Move furnishing",
                                "That cannot be")
                        .picking(Set.of(id)))
                .orElseGet(() -> Reply.complain(this, "Click first what it shall stand from."));
    }

    @Override
    public Gesture dropped() {
        return under;
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        var shown = apart(scene, thing.or(() -> pointed));
        if (thing.isEmpty() || shown.isEmpty()) {
            return Readout.hint("Click what it shall stand from: a wall, an opening, a piece. Esc leaves it.");
        }
        return new Readout(
                List.of(new Readout.Field(DISTANCE, length(scene, shown.get()))),
                "",
                "Type the distance; Enter alone or Esc ends it. A click measures from something else.");
    }

    private static String length(Surroundings scene, Apart apart) {
        return LengthText.rounded(Length.ofMm(apart.line().length()), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        apart(scene, thing).or(() -> apart(scene, pointed)).ifPresent(a -> {
            if (a.line().length() > 1) {
                out.add(Sketches.line(scene.frame(), a.line(), scene.penMm(), false));
                out.addAll(Sketches.words(scene.frame(), a.line().middle(), length(scene, a), scene.penMm()));
            }
        });
        return out;
    }
}
