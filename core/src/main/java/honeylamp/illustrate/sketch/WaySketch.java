package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.takeoff.way.NarrowPlace;
import honeylamp.takeoff.way.Way;
import honeylamp.takeoff.way.Ways;
import honeylamp.takeoff.way.Ways.Reached;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;

/** Ways through the rooms, how wide they are where they are narrowest, and where a wheelchair turns. */
public final class WaySketch {
    private static final Ink GOOD = Ink.of(ScreenColours.SAGE.argb());
    private static final Ink BAD = Ink.of(ScreenColours.BRICK.argb());
    private static final Ink UNDER = new Ink(ScreenColours.PAPER.argb(), 0.75);
    private static final double WAY_PX = 2.5;
    private static final double UNDER_PX = 5.5;
    private static final double ACROSS_PX = 2;
    private static final double END_PX = 4;
    private static final double TICK_PX = 5;

    private final PaperFrame frame;
    private final UnitSystem units;
    private final double penMm;
    private final double wantedMm;
    private final List<Mark> out = new ArrayList<>();

    private WaySketch(PaperFrame frame, UnitSystem units, double penMm, double wantedMm) {
        this.frame = frame;
        this.units = units;
        this.penMm = penMm;
        this.wantedMm = wantedMm;
    }

    /** All ways to rooms, in paper mm. */
    public static List<Mark> marks(
            PaperFrame frame, List<Reached> reached, double wantedMm, UnitSystem units, double penMm) {
        var sketch = new WaySketch(frame, units, penMm, wantedMm);
        reached.forEach(r -> r.way().ifPresent(sketch::under));
        reached.forEach(r -> r.way().ifPresent(w -> sketch.line(w, GOOD)));
        var told = new LinkedHashSet<NarrowPlace>();
        reached.forEach(r -> r.way().ifPresent(w -> told.addAll(sketch.worthTelling(w))));
        told.forEach(sketch::across);
        return sketch.out;
    }

    /** One way, in paper mm. */
    public static List<Mark> marks(PaperFrame frame, Way way, double wantedMm, UnitSystem units, double penMm) {
        var sketch = new WaySketch(frame, units, penMm, wantedMm);
        sketch.under(way);
        sketch.line(way, GOOD);
        way.narrow().forEach(sketch::across);
        return sketch.out;
    }

    /** All ways as one goes them who is not to step: those that cannot be gone so in brick, and the circles to turn in. */
    public static List<Mark> stepFree(PaperFrame frame, List<Reached> reached, UnitSystem units, double penMm) {
        var sketch = new WaySketch(frame, units, penMm, Ways.WAY_MM);
        for (var room : reached) {
            var ink = room.isStepFree() ? GOOD : BAD;
            room.way().ifPresent(sketch::under);
            room.way().ifPresent(w -> sketch.line(w, ink));
        }
        for (var room : reached) {
            var enough = room.turningMm() >= Ways.TURNING_MM;
            sketch.circle(room.turning(), Math.min(room.turningMm(), Ways.TURNING_MM), enough ? GOOD : BAD);
        }
        var told = new LinkedHashSet<NarrowPlace>();
        reached.forEach(r -> r.way()
                .ifPresent(w -> w.narrow().stream()
                        .filter(n -> n.mm() < (n.door().isPresent() ? Ways.DOOR_MM : Ways.WAY_MM))
                        .forEach(told::add)));
        told.forEach(sketch::across);
        return sketch.out;
    }

    private List<NarrowPlace> worthTelling(Way way) {
        return way.narrow().stream()
                .filter(n -> isTight(n) || way.narrowest().filter(n::equals).isPresent())
                .toList();
    }

    /** A door has its own least width, and is judged there. */
    private boolean isTight(NarrowPlace place) {
        return place.door().isEmpty() && place.mm() < wantedMm;
    }

    private void under(Way way) {
        if (way.line().size() > 1) {
            out.add(new Mark.Stroke(path(way), Pen.round(UNDER_PX * penMm), UNDER));
        }
    }

    private void line(Way way, Ink ink) {
        if (way.line().size() > 1) {
            out.add(new Mark.Stroke(path(way), Pen.round(WAY_PX * penMm), ink));
        }
        out.add(new Mark.Fill(frame.paper(Figure.circle(way.line().getLast(), px(END_PX))), ink));
    }

    private Figure path(Way way) {
        return frame.paper(Figure.line(way.line().toArray(Point[]::new)));
    }

    private void across(NarrowPlace place) {
        var ink = isTight(place) ? BAD : GOOD;
        var line = place.line();
        var tick = line.unit().left().times(px(TICK_PX));
        var drawn = Figure.builder()
                .line(line.a(), line.b())
                .line(line.a().plus(tick), line.a().minus(tick))
                .line(line.b().plus(tick), line.b().minus(tick))
                .build();
        out.add(new Mark.Stroke(frame.paper(drawn), Pen.butt(ACROSS_PX * penMm), ink));
        out.addAll(Sketches.words(frame, place.middle(), LengthText.rounded(Length.ofMm(place.mm()), units), penMm));
    }

    private void circle(Point middle, double wideMm, Ink ink) {
        out.add(new Mark.Stroke(
                frame.paper(Figure.circle(middle, wideMm / 2)),
                Pen.butt(ACROSS_PX * penMm).dashed(6 * penMm, 4 * penMm),
                ink));
        out.addAll(Sketches.words(frame, middle, LengthText.rounded(Length.ofMm(wideMm), units), penMm));
    }

    private double px(double px) {
        return px * penMm * frame.scale();
    }
}
