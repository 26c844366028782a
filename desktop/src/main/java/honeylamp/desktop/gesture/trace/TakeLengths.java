package honeylamp.desktop.gesture.trace;

import honeylamp.derive.traced.ScaleFit;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.TakingLengths;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.ReadSketch;
import honeylamp.lettering.WrittenLength;
import honeylamp.lettering.WrittenLength.Agreement;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * Lengths read from a picture lie over it. A press picks one, typing corrects it, Delete refuses it; Enter makes those
 * that agree known lengths of the picture, or the one that is picked.
 *
 * @param picked the number of the length that is picked; -1 for none
 */
public record TakeLengths(UnderlayId underlay, List<WrittenLength> lengths, int picked) implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");

    /** Freezes the list. */
    public TakeLengths {
        lengths = List.copyOf(lengths);
    }

    /** None is picked. */
    public static TakeLengths begin(UnderlayId underlay, List<WrittenLength> lengths) {
        return new TakeLengths(underlay, lengths, -1);
    }

    private Optional<Underlay> picture(Surroundings scene) {
        return scene.geometry().storey().elements().find(Underlay.class, underlay);
    }

    private static Segment line(Underlay picture, WrittenLength length) {
        return new Segment(picture.plan(length.firstPx()), picture.plan(length.secondPx()));
    }

    private Optional<WrittenLength> meant() {
        return picked < 0 ? Optional.empty() : Optional.of(lengths.get(picked));
    }

    private TakeLengths picking(int number) {
        return new TakeLengths(underlay, lengths, number);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var reach = 2 * scene.reachMm(); // what is written stands beside the line
        return Reply.to(picking(picture(scene).stream()
                .flatMap(u -> IntStream.range(0, lengths.size())
                        .boxed()
                        .filter(i -> line(u, lengths.get(i)).distance(pointer.at()) <= reach)
                        .min(Comparator.comparingDouble(
                                i -> line(u, lengths.get(i)).distance(pointer.at())))
                        .stream())
                .findFirst()
                .orElse(-1)));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var length = typed.of(LENGTH);
        if (meant().isPresent() && length.isPresent()) {
            return Reply.to(with(picked, meant().get().corrected(length.get())));
        }
        if (meant().isPresent()) {
            return take(scene, List.of(meant().get().trusted()), without(picked));
        }
        return lengths.stream().anyMatch(l -> l.agreement() == Agreement.AGREES)
                ? take(scene, lengths, List.of())
                : Reply.complain(
                        this, "No two lengths give the same scale. Press one you trust and take it with Enter.");
    }

    private Reply take(Surroundings scene, List<WrittenLength> taken, List<WrittenLength> rest) {
        var plan = TakingLengths.take(scene.plan(), scene.storey(), underlay, taken, OnPicture.traced(scene));
        var next = rest.isEmpty() ? MarkKnownLength.begin() : begin(underlay, rest);
        var fit = plan.storey(scene.storey())
                .elements()
                .find(Underlay.class, underlay)
                .flatMap(ScaleFit::of);
        return Reply.commit(next, plan, taken.size() == 1 ? "Take written length" : "Take written lengths")
                .picking(rest.isEmpty() ? Set.of(underlay) : Set.of())
                .saying(fit.map(f -> f.words(scene.units())).orElse("These lengths are known already."));
    }

    private TakeLengths with(int number, WrittenLength other) {
        var all = new ArrayList<>(lengths);
        all.set(number, other);
        return new TakeLengths(underlay, all, number);
    }

    private List<WrittenLength> without(int number) {
        var all = new ArrayList<>(lengths);
        all.remove(number);
        return all;
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case AWAY -> Reply.to(refused());
            case NEXT -> Reply.to(picking(lengths.isEmpty() ? -1 : (picked + 1) % lengths.size()));
            case TURN, FLIP, CLOSE -> Reply.to(this);
        };
    }

    private Gesture refused() {
        if (picked < 0) {
            return this;
        }
        var rest = without(picked);
        return rest.isEmpty() ? MarkKnownLength.begin() : begin(underlay, rest);
    }

    /** With none picked Delete does nothing: the picture itself is not meant. */
    @Override
    public boolean takesAway() {
        return true;
    }

    @Override
    public Gesture dropped() {
        return picked < 0 ? MarkKnownLength.begin() : picking(-1);
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return meant().map(l -> new Readout(
                        List.of(new Readout.Field(LENGTH, LengthText.rounded(l.length(), scene.units()))),
                        "",
                        words(l) + " Enter takes it alone, Delete refuses it; type to correct it."))
                .orElseGet(() -> Readout.hint(allWords()));
    }

    private static String words(WrittenLength length) {
        return switch (length.agreement()) {
            case AGREES -> "This length agrees with others.";
            case DISAGREES -> "This length gives another scale than the others: misread, or written wrong.";
            case ALONE -> "No other length gives the same scale.";
        };
    }

    private String allWords() {
        var agree =
                lengths.stream().filter(l -> l.agreement() == Agreement.AGREES).count();
        var others = lengths.size() - agree;
        return agree == 0
                ? "Read: " + counted(lengths.size()) + ", but no two give the same scale. Press one to look at it."
                : "Read: " + counted(lengths.size()) + ", " + agree + " give the same scale"
                        + (others == 0 ? "" : ", " + others + " dashed")
                        + ". Enter takes them as known; press one or N to look at it.";
    }

    private static String counted(int count) {
        return count + (count == 1 ? " length" : " lengths");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return picture(scene).stream()
                .flatMap(u -> IntStream.range(0, lengths.size())
                        .boxed()
                        .flatMap(i -> ReadSketch.length(
                                scene.frame(),
                                line(u, lengths.get(i)),
                                LengthText.rounded(lengths.get(i).length(), scene.units()),
                                lengths.get(i).agreement() == Agreement.AGREES,
                                i == picked,
                                scene.penMm())
                                .stream()))
                .toList();
    }
}
