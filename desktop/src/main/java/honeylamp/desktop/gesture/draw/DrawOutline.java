package honeylamp.desktop.gesture.draw;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Bands;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.PartSketches;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * Draws an outline corner by corner: clicks or typed lengths, ended at the first corner, by C, or by Enter. Two
 * typed lengths after the first corner make a rectangle; a typed band makes one of what is drawn, where that can be.
 *
 * @param corners so far
 */
public record DrawOutline(Outlining what, List<Point> corners, Catch aim) implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final Ask<Length> UP = Ask.length("Up");
    private static final Ask<Length> BAND = Ask.length("As a band, wide");
    private static final double SQUARE_DEG = 7;

    public DrawOutline {
        corners = List.copyOf(corners);
    }

    /** Nothing laid out yet. */
    public static DrawOutline begin(Outlining what) {
        return new DrawOutline(what, List.of(), Catch.none());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new DrawOutline(what, corners, aimed(scene, pointer)));
    }

    /** Runs level or plumb from the last corner where the pointer nearly does and catches nothing. */
    private Catch aimed(Surroundings scene, Pointer pointer) {
        var caught = aim.moved(scene, pointer, corners);
        if (corners.isEmpty() || caught.snap().isPresent() || pointer.keys().control()) {
            return caught;
        }
        var from = corners.getLast();
        var way = caught.at().minus(from);
        var tangent = Math.tan(Math.toRadians(SQUARE_DEG));
        if (Math.abs(way.y()) < Math.abs(way.x()) * tangent) {
            return caught.meaning(new Point(caught.at().x(), from.y()));
        }
        return Math.abs(way.x()) < Math.abs(way.y()) * tangent
                ? caught.meaning(new Point(from.x(), caught.at().y()))
                : caught;
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = aimed(scene, pointer);
        if (corners.size() > 2 && at.at().distance(corners.getFirst()) <= scene.reachMm()) {
            return closed(scene);
        }
        return Reply.to(with(at.at(), at));
    }

    private DrawOutline with(Point corner, Catch caught) {
        if (!corners.isEmpty() && corners.getLast().distance(corner) < 1) {
            return this;
        }
        var all = new ArrayList<>(corners);
        all.add(corner);
        return new DrawOutline(what, all, caught);
    }

    private Reply closed(Surroundings scene) {
        if (corners.size() < 3) {
            return Reply.complain(this, "An outline needs three corners; click one more.");
        }
        if (!new Ring(corners).isSimple()) {
            return Reply.complain(this, "The outline crosses itself. Press Esc and go around it once.");
        }
        return laid(scene, corners);
    }

    private Reply laid(Surroundings scene, List<Point> around) {
        return switch (what.laid(scene, around)) {
            case Outcome.Done<Outlining.Laid>(var laid) ->
                Reply.commit(begin(what), laid.plan(), what.action()).picking(Set.of(laid.id()));
            case Outcome.Refused<Outlining.Laid> refused ->
                Reply.complain(begin(what), refused.sentence("That cannot be"));
        };
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (corners.isEmpty()) {
            return Reply.to(this);
        }
        if (typed.isEmpty()) {
            return closed(scene);
        }
        if (typed.of(BAND).isPresent()) {
            return band(scene, typed.of(BAND).get());
        }
        var length = typed.of(LENGTH);
        if (length.isEmpty()) {
            return Reply.complain(this, "Type the length across too.");
        }
        if (typed.of(UP).isPresent()) {
            return rectangle(scene, length.get(), typed.of(UP).get());
        }
        var way = aim.at().minus(corners.getLast());
        return way.length() < 1
                ? Reply.complain(this, "Point the way first, then type the length.")
                : Reply.to(with(
                        corners.getLast().plus(way.unit().times(length.get().mm())), aim));
    }

    private Reply band(Surroundings scene, Length width) {
        return switch (Bands.along(scene.laid(), corners, width)) {
            case Outcome.Done<List<Point>>(var around) -> laid(scene, around);
            case Outcome.Refused<List<Point>> refused -> Reply.complain(this, refused.sentence("That cannot be"));
        };
    }

    /** From the first corner towards the pointer. */
    private Reply rectangle(Surroundings scene, Length across, Length up) {
        var a = corners.getFirst();
        var x = a.x() + (aim.at().x() < a.x() ? -1 : 1) * across.mm();
        var y = a.y() + (aim.at().y() < a.y() ? -1 : 1) * up.mm();
        return laid(scene, List.of(a, new Point(x, a.y()), new Point(x, y), new Point(a.x(), y)));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case CLOSE -> closed(scene);
            case NEXT -> Reply.to(new DrawOutline(what, corners, aim.next(scene, corners)));
            case TURN, FLIP, AWAY -> Reply.to(this);
        };
    }

    @Override
    public Gesture dropped() {
        return begin(what);
    }

    @Override
    public boolean underWay() {
        return !corners.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (corners.isEmpty()) {
            return new Readout(List.of(), aim.word(), "Click the first corner of the " + what.label() + ".");
        }
        var length = LengthText.rounded(Length.ofMm(corners.getLast().distance(aim.at())), scene.units());
        if (corners.size() == 1) {
            return new Readout(
                    List.of(new Readout.Field(LENGTH, length), new Readout.Field(UP, "")),
                    aim.word(),
                    "Click or type the next corner; two lengths make a rectangle.");
        }
        var ring = new ArrayList<>(corners);
        ring.add(aim.at());
        var next = new Readout.Field(LENGTH, length);
        return new Readout(
                what.canBeBand() ? List.of(next, new Readout.Field(BAND, "")) : List.of(next),
                aim.word(),
                AreaText.rounded(new Ring(ring).area(), scene.units())
                        + ". Click the first corner, press C or Enter to close it; Esc drops it.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (!corners.isEmpty()) {
            var all = new ArrayList<>(corners);
            all.add(aim.at());
            out.addAll(PartSketches.outline(scene.frame(), all, scene.penMm()));
            var last = new Segment(corners.getLast(), aim.at());
            if (last.length() > 1) {
                out.add(Sketches.line(scene.frame(), last, 2 * scene.penMm(), false));
            }
        }
        out.addAll(aim.marks(scene));
        return out;
    }
}
