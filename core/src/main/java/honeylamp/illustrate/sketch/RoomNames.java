package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.illustrate.words.OtherWords;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Showing;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The names of rooms where a view writes them: to be taken up and put elsewhere.
 *
 * @param names in the order they are written
 */
public record RoomNames(List<Name> names) {
    private static final double AIR_MM = 1;

    /** Freezes the list. */
    public RoomNames {
        names = List.copyOf(names);
    }

    /**
     * A name.
     *
     * @param box what it covers, in paper mm
     */
    public record Name(RoomId room, Box box) {
        /** Its middle, in plan mm. */
        public Point middle(PaperFrame frame) {
            return frame.plan(box.centre());
        }
    }

    /** What all that is remembered depends on. */
    private record Setting(PaperFrame frame, Pens pens) {}

    /** The names of a view, once all its words are placed; none where it shows none. */
    public static RoomNames of(LaidView view, PaperFrame frame) {
        return of(view, frame, new Remembered());
    }

    /** The same, with what is remembered of times before. */
    public static RoomNames of(LaidView view, PaperFrame frame, Remembered times) {
        if (!view.view().seen().shows(Showing.Kind.ROOM_NAMES)) {
            return new RoomNames(List.of());
        }
        var pens = pens(view, frame);
        times.next();
        var remembered = times.within(new Setting(frame, pens));
        var placed = new LabelArt(view, frame, pens, OtherWords.of(view, frame, pens, remembered), remembered).placed();
        return new RoomNames(placed.stream()
                .flatMap(n -> n.room().mark().stream().map(m -> new Name(m.id(), n.box())))
                .toList());
    }

    /** The name at a point of the plan. */
    public Optional<Name> at(PaperFrame frame, Point p, double reachMm) {
        var onPaper = frame.paper(p);
        return names.stream()
                .filter(n -> n.box.grown(reachMm / frame.scale()).contains(onPaper))
                .findFirst();
    }

    /** The frame of a name that a view has somewhere by hand, with its leader. */
    public static List<Mark> held(LaidView view, PaperFrame frame, RoomId room, double penMm) {
        var out = new ArrayList<Mark>();
        LabelArt.byHand(view, frame, pens(view, frame), room).ifPresent(name -> {
            out.add(held(Figure.ring(name.box().grown(AIR_MM).ring()), penMm));
            name.leader().ifPresent(line -> out.add(held(Figure.line(line.a(), line.b()), penMm)));
        });
        return out;
    }

    private static Mark held(Figure path, double penMm) {
        return new Mark.Stroke(path, Pen.butt(2 * penMm), Ink.of(ScreenColours.HONEY.argb()));
    }

    private static Pens pens(LaidView view, PaperFrame frame) {
        return Pens.of(view.look(), frame.scale());
    }
}
