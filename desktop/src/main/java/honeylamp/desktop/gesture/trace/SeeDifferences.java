package honeylamp.desktop.gesture.trace;

import honeylamp.derive.traced.Difference;
import honeylamp.derive.traced.Differences;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.pick.PickAndMove;
import honeylamp.desktop.gesture.pick.PickAndMove.Reach;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.sketch.ReadSketch;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * In what a picture and the plan differ, numbered over the plan; nothing is changed. A press, Enter or N goes to one.
 *
 * @param at the number of the one that is looked at; -1 for none
 */
public record SeeDifferences(Differences differences, int at) implements Gesture {
    /** None is looked at. */
    public static SeeDifferences begin(Differences differences) {
        return new SeeDifferences(differences, -1);
    }

    /** The same, another one looked at. */
    public SeeDifferences looking(int number) {
        return new SeeDifferences(differences, number);
    }

    private List<Difference> all() {
        return differences.all();
    }

    private Optional<Difference> meant() {
        return at < 0 ? Optional.empty() : Optional.of(all().get(at));
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var near = differences.near(pointer.at(), 2 * scene.reachMm());
        return Reply.to(looking(near.isEmpty() ? -1 : near.getFirst()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return Reply.to(next());
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.NEXT ? next() : this);
    }

    private SeeDifferences next() {
        return looking(all().isEmpty() ? -1 : (at + 1) % all().size());
    }

    @Override
    public Gesture dropped() {
        return at < 0 ? PickAndMove.of(Reach.UNDERLAYS) : looking(-1);
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return Readout.hint(meant().map(d -> (at + 1) + " of " + all().size() + ". " + d.words(scene.units())
                        + ". Enter goes to the next, Esc leaves.")
                .orElseGet(() -> allWords(scene.units())));
    }

    private String allWords(UnitSystem units) {
        var off = differences.isShifted()
                ? " The picture lies "
                        + LengthText.roundedWithUnit(
                                Length.ofMm(Math.rint(Math.hypot(
                                        differences.shift().x(),
                                        differences.shift().y()))),
                                units)
                        + " off the plan; it is compared as if it did not."
                : "";
        return all().size()
                + (all().size() == 1 ? " difference" : " differences")
                + " between the picture and the plan." + off + " Enter goes to the first, Esc leaves.";
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return IntStream.range(0, all().size())
                .boxed()
                .flatMap(
                        i -> ReadSketch.difference(scene.frame(), all().get(i), i + 1, i == at, scene.penMm()).stream())
                .toList();
    }
}
