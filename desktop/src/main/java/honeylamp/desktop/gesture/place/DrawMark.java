package honeylamp.desktop.gesture.place;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.NewMark;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Added;
import honeylamp.edit.FreeMarkEdits;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.plan.ElementId.FreeMarkId;
import honeylamp.plan.FreeMark;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * Draws a free mark: from one point to another by two clicks, a drag, or a click and typed lengths; by hand by a drag.
 *
 * @param run where the pointer has been since the mark was begun
 */
public record DrawMark(NewMark mark, List<Point> run, Held held) implements Gesture {
    private static final Ask<Length> ACROSS = Ask.shift("Across");
    private static final Ask<Length> UP = Ask.shift("Up");

    /** By hand, a line may run past what the pointer did by this many of its own widths. */
    private static final double THINNED_PENS = 1.5;

    /** Whether the button is down. */
    enum Held {
        DOWN,
        UP
    }

    public DrawMark {
        run = List.copyOf(run);
    }

    /** Nothing drawn yet. */
    public static DrawMark begin(NewMark mark) {
        return new DrawMark(mark, List.of(), Held.UP);
    }

    private boolean byHand() {
        return mark.shape() == Shape.FREEHAND;
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return run.isEmpty() || byHand() ? Reply.to(this) : Reply.to(to(pointer, Held.UP));
    }

    /** Shift keeps lines level or plumb and boxes and clouds as wide as they are high. */
    private DrawMark to(Pointer pointer, Held now) {
        var from = run.getFirst();
        return new DrawMark(
                mark, List.of(from, pointer.keys().shift() ? squared(from, pointer.at()) : pointer.at()), now);
    }

    private Point squared(Point from, Point at) {
        var by = at.minus(from);
        if (mark.shape().isFourSided()) {
            var side = Math.max(Math.abs(by.x()), Math.abs(by.y()));
            return from.plus(new Point(Math.copySign(side, by.x()), Math.copySign(side, by.y())));
        }
        return Math.abs(by.x()) > Math.abs(by.y()) ? new Point(at.x(), from.y()) : new Point(from.x(), at.y());
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return run.isEmpty() || byHand()
                ? Reply.to(new DrawMark(mark, List.of(pointer.at()), Held.DOWN))
                : done(scene, to(pointer, Held.UP));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        if (run.isEmpty() || held == Held.UP) {
            return moved(scene, pointer);
        }
        if (!byHand()) {
            return Reply.to(to(pointer, Held.DOWN));
        }
        var more = new ArrayList<>(run);
        more.add(pointer.at());
        return Reply.to(new DrawMark(mark, more, Held.DOWN));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        if (run.isEmpty() || held == Held.UP) {
            return Reply.to(this);
        }
        var isDrag = run.getFirst().distance(pointer.at()) > scene.reachMm() || byHand() && run.size() > 2;
        if (isDrag) {
            return done(scene, byHand() ? this : to(pointer, Held.UP));
        }
        return byHand()
                ? Reply.complain(begin(mark), "A line by hand is drawn while the button is down.")
                : Reply.to(new DrawMark(mark, run, Held.UP)); // the second click ends it
    }

    private static Reply done(Surroundings scene, DrawMark drawn) {
        return switch (drawn.added(scene)) {
            case Outcome.Done<Added<FreeMarkId>>(var added) ->
                Reply.commit(begin(drawn.mark), added.plan(), "Draw mark").picking(Set.of(added.id()));
            case Outcome.Refused<Added<FreeMarkId>> no -> Reply.complain(drawn, no.sentence("That cannot be drawn"));
        };
    }

    private Outcome<Added<FreeMarkId>> added(Surroundings scene) {
        var plan = scene.plan();
        return byHand()
                ? FreeMarkEdits.add(
                        plan,
                        scene.storey(),
                        mark.line(),
                        run,
                        THINNED_PENS * scene.frame().planMm(scene.penMm()))
                : FreeMarkEdits.add(
                        plan,
                        scene.storey(),
                        mark.shape(),
                        mark.line(),
                        Position.of(run.getFirst()),
                        Position.of(run.getLast()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (run.isEmpty() || byHand()) {
            return Reply.complain(this, readout(scene).hint());
        }
        var from = run.getFirst();
        var shown = run.getLast().minus(from);
        var across = typed.of(ACROSS).map(Length::mm).orElse(shown.x());
        var up = typed.of(UP).map(Length::mm).orElse(shown.y());
        return done(scene, new DrawMark(mark, List.of(from, from.plus(new Point(across, up))), Held.UP));
    }

    @Override
    public Gesture dropped() {
        return begin(mark);
    }

    @Override
    public boolean underWay() {
        return !run.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (byHand()) {
            return Readout.hint("Draw with the button down. Nothing is caught by it or measured to it.");
        }
        if (run.isEmpty()) {
            return Readout.hint("Click where the " + mark.shape().label().toLowerCase(Locale.ROOT)
                    + " begins, or drag it." + begins());
        }
        var by = run.getLast().minus(run.getFirst());
        return new Readout(
                List.of(
                        new Readout.Field(ACROSS, LengthText.rounded(Length.ofMm(by.x()), scene.units())),
                        new Readout.Field(UP, LengthText.rounded(Length.ofMm(by.y()), scene.units()))),
                "",
                "Click where it ends, or type how far across and up. Shift keeps it square.");
    }

    private String begins() {
        return switch (mark.shape()) {
            case CIRCLE -> " It begins in its middle.";
            case ARROW -> " It ends in its tip.";
            case SECTION -> " One looks to the left of the way it is drawn.";
            case LINE, BOX, CLOUD, FREEHAND -> "";
        };
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        if (run.stream().distinct().count() < 2) {
            return List.of();
        }
        if (byHand()) {
            var points = run.stream().map(Position::of).toList();
            var last = points.subList(Math.max(0, points.size() - FreeMark.MOST_POINTS), points.size());
            return last.stream().distinct().count() < 2
                    ? List.of()
                    : Captions.drawn(
                            scene.frame(),
                            new FreeMark(new FreeMarkId(0), Shape.FREEHAND, last, mark.line(), ""),
                            2 * scene.penMm());
        }
        return added(scene)
                .result()
                .flatMap(a -> a.plan().storey(scene.storey()).elements().find(FreeMark.class, a.id()))
                .map(m -> Captions.drawn(scene.frame(), m, 2 * scene.penMm()))
                .orElse(List.of());
    }
}
