package honeylamp.desktop.gesture.place;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnShapes;
import honeylamp.edit.RunEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Lays a run where no wall is: an island, or a peninsula that begins at a wall. Its back lies along the line that is
 * drawn; with both sides, two runs stand back to back; halved, each half of it opens to its own side.
 *
 * @param from where it begins
 * @param isFlipped whether its front lies to the right of the line
 */
public record LayIsland(Optional<Point> from, Catch aim, boolean isFlipped) implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final double LEAST_MM = 1;

    /** Nothing laid yet. */
    public static LayIsland begin() {
        return new LayIsland(Optional.empty(), Catch.none(), false);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private LayIsland aimed(Surroundings scene, Pointer pointer) {
        var caught = aim.moved(scene, pointer, from.map(List::of).orElse(List.of()));
        var isFree =
                from.isEmpty() || caught.snap().isPresent() || pointer.keys().control();
        return new LayIsland(
                from,
                isFree ? caught : caught.meaning(OwnShapes.on(Optional.empty()).nearlySquare(from.get(), caught.at())),
                isFlipped);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var there = aimed(scene, pointer);
        return from.isEmpty()
                ? Reply.to(new LayIsland(Optional.of(there.aim.at()), there.aim, isFlipped))
                : there.laid(scene, there.aim.at());
    }

    private Reply laid(Surroundings scene, Point to) {
        var out = scene.plan();
        Set<ElementId> picked = Set.of();
        for (var face : faces(scene, to)) {
            switch (RunEdits.lay(out, scene.storey(), List.of(face), like(scene))) {
                case Outcome.Refused<RunEdits.Laid> no -> {
                    return Reply.complain(this, no.sentence("That cannot be"));
                }
                case Outcome.Done<RunEdits.Laid>(var laid) -> {
                    out = laid.plan();
                    picked = Set.copyOf(laid.pieces());
                }
            }
        }
        return picked.isEmpty()
                ? Reply.complain(this, "It has no length. Click farther away, or type its length.")
                : Reply.commit(begin(), out, "Lay run").picking(picked);
    }

    /** The line with what is laid to its left. */
    private List<Segment> faces(Surroundings scene, Point to) {
        if (from.isEmpty() || from.get().distance(to) < LEAST_MM) {
            return List.of();
        }
        var line = isFlipped ? new Segment(to, from.get()) : new Segment(from.get(), to);
        return switch (scene.choices().run().stand()) {
            case AT_WALLS, FREE -> List.of(line);
            case BOTH_SIDES -> List.of(line, line.reversed());
            case HALVES -> {
                var deep = like(scene).depth().mm();
                var half = new Segment(line.a(), line.middle());
                yield List.of(
                        half,
                        new Segment(line.middle(), line.b()).shiftedLeft(deep).reversed());
            }
        };
    }

    private static RunEdits.Like like(Surroundings scene) {
        return scene.choices().run().like(scene.units());
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (from.isEmpty()) {
            return Reply.to(this);
        }
        var way = aim.at().minus(from.get());
        if (typed.of(LENGTH).isEmpty()) {
            return laid(scene, aim.at());
        }
        return way.length() < LEAST_MM
                ? Reply.complain(this, "Point the way first, then type the length.")
                : laid(
                        scene,
                        from.get().plus(way.unit().times(typed.of(LENGTH).get().mm())));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.FLIP ? new LayIsland(from, aim, !isFlipped) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (from.isEmpty()) {
            return new Readout(List.of(), aim.word(), "Click where the back of the run begins; a wall is caught.");
        }
        return new Readout(
                List.of(new Readout.Field(
                        LENGTH, LengthText.rounded(Length.ofMm(from.get().distance(aim.at())), scene.units()))),
                aim.word(),
                "Click where it ends, or type its length. F puts its front on the other side.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        for (var face : faces(scene, aim.at())) {
            for (var piece : RunEdits.pieces(List.of(face), like(scene))) {
                out.addAll(Sketches.piece(scene.frame(), piece, scene.penMm()));
            }
        }
        out.addAll(aim.marks(scene));
        return out;
    }
}
