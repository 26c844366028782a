package honeylamp.illustrate.fitting;

import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Pixels;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation.Brightness;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.brightness.IsoLines;
import honeylamp.takeoff.brightness.LightLayers;
import honeylamp.takeoff.brightness.LuxGrid;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** How bright rooms are, drawn: as numbers, as lines of equal light, or as a tone with the least and the most in numbers. */
public final class BrightnessArt {
    /** The light that is told apart, in lux. */
    public static final List<Integer> LEVELS = List.of(10, 20, 50, 100, 150, 200, 300, 500, 750, 1000, 1500, 2000);

    private static final double BETWEEN_NUMBERS_MM = 9;
    private static final double HALO_MM = 0.35;
    private static final double AIR_MM = 0.4;

    /** Shorter lines say nothing, in paper mm. */
    private static final double LEAST_LINE_MM = 4;

    /** Numbers keep so far from walls, in paper mm. */
    private static final double FROM_WALL_MM = 2.5;

    /** What is left of white in the darkest tone. */
    private static final double DARKEST = 0.5;

    private final PaperFrame frame;
    private final Pens pens;
    private final List<Box> taken;

    /**
     * Draws on a paper with the pens of a look.
     *
     * @param words that numbers keep off, in paper mm
     */
    public BrightnessArt(PaperFrame frame, Pens pens, List<Box> words) {
        this.frame = frame;
        this.pens = pens;
        this.taken = new ArrayList<>(words);
    }

    /** What tells the light of rooms. */
    public List<Layer> layers(List<LuxGrid> rooms, Brightness as) {
        var lines = new ArrayList<Mark>();
        var tones = new ArrayList<Mark>();
        for (var room : rooms) {
            switch (as) {
                case NONE -> {}
                case NUMBERS -> lines.addAll(numbers(room));
                case LINES -> lines.addAll(lines(room.smooth().smooth()));
                case TONE -> {
                    tones.add(tone(room.smooth()));
                    lines.addAll(ends(room));
                }
            }
        }
        var out = new ArrayList<Layer>();
        if (!tones.isEmpty()) {
            out.add(new Layer(LayerKind.LAMPS, Blend.MULTIPLY, tones));
        }
        if (!lines.isEmpty()) {
            out.add(Layer.of(LayerKind.LAMPS, lines));
        }
        return out;
    }

    private List<Mark> numbers(LuxGrid room) {
        var every = Math.max(1, (int) Math.round(frame.planMm(BETWEEN_NUMBERS_MM) / room.stepMm()));
        var out = new ArrayList<Mark>();
        for (var row = every / 2; row < room.rows(); row += every) {
            for (var column = every / 2; column < room.columns(); column += every) {
                number(room, column, row, out);
            }
        }
        return out;
    }

    private boolean number(LuxGrid room, int column, int row, List<Mark> out) {
        var at = room.at(column, row);
        var outline = room.room().outline();
        if (!outline.contains(at) || outline.edgeDistance(at) < frame.planMm(FROM_WALL_MM)) {
            return false;
        }
        return write(LightLayers.rounded(room.at(row * room.columns() + column)), frame.paper(at), out);
    }

    /** Writes where nothing is written yet. */
    private boolean write(String words, Point at, List<Mark> out) {
        var cap = pens.cap(TextRole.TAG);
        var text = new Mark.Text(
                words,
                at.plus(new Point(0, cap / 2)),
                cap,
                pens.face(TextRole.TAG, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                0,
                pens.ink());
        var box = text.ring().bounds().grown(AIR_MM);
        if (taken.stream().anyMatch(box::meets)) {
            return false;
        }
        taken.add(box);
        out.add(new Mark.Haloed(text, HALO_MM, pens.ink(Role.PAPER)));
        return true;
    }

    private List<Mark> lines(LuxGrid room) {
        var strokes = new ArrayList<Mark>();
        var words = new ArrayList<Mark>();
        for (var level : LEVELS) {
            var pen = Pen.round(pens.dimension().widthMm()).dashed(2.2, 0.7);
            var paper = IsoLines.at(room, level).stream()
                    .map(line -> line.stream().map(frame::paper).toList())
                    .filter(line -> length(line) >= LEAST_LINE_MM)
                    .sorted(Comparator.comparingDouble(BrightnessArt::length).reversed())
                    .toList();
            for (var line : paper) {
                strokes.add(new Mark.Stroke(Figure.line(line.toArray(Point[]::new)), pen, pens.dimensionInk()));
                label(level, line, room, words);
            }
        }
        if (strokes.isEmpty()) {
            return ends(room);
        }
        var out = new ArrayList<Mark>();
        out.add(new Mark.Clip(frame.paper(room.room().outline().path()), strokes));
        out.addAll(words);
        return out;
    }

    /** The number of a line, where on it there is room, from its middle outwards. */
    private void label(int level, List<Point> line, LuxGrid room, List<Mark> out) {
        var middle = line.size() / 2;
        for (var aside = 0; aside < middle; aside++) {
            for (var at : List.of(middle + aside, middle - aside)) {
                if (at >= 0 && at < line.size()) {
                    var plan = frame.plan(line.get(at));
                    var outline = room.room().outline();
                    if (outline.contains(plan)
                            && outline.edgeDistance(plan) > frame.planMm(FROM_WALL_MM)
                            && write(Integer.toString(level), line.get(at), out)) {
                        return;
                    }
                }
            }
        }
    }

    private static double length(List<Point> line) {
        var sum = 0.0;
        for (var i = 0; i + 1 < line.size(); i++) {
            sum += line.get(i).distance(line.get(i + 1));
        }
        return sum;
    }

    /** Darker where there is less light, in the steps of the levels. */
    private Mark tone(LuxGrid room) {
        var out = new int[room.rows() * room.columns()];
        for (var row = 0; row < room.rows(); row++) {
            for (var column = 0; column < room.columns(); column++) {
                var lux = room.at(row * room.columns() + column);
                var steps = LEVELS.stream().filter(l -> l <= lux).count();
                var left = DARKEST + (1 - DARKEST) * Math.min(1, steps / 8.0);
                var level = (int) Math.round(255 * left);
                // the first row of a picture is its northernmost
                out[(room.rows() - 1 - row) * room.columns() + column] =
                        0xff000000 | level << 16 | level << 8 | Math.min(255, level + 6);
            }
        }
        var half = room.stepMm() / 2;
        var last = room.at(room.columns() - 1, room.rows() - 1);
        var where = frame.paper(
                new Box(room.origin().x() - half, room.origin().y() - half, last.x() + half, last.y() + half));
        return new Mark.Clip(
                frame.paper(room.room().outline().path()),
                List.of(new Mark.Image(new Pixels(room.columns(), room.rows(), out), where)));
    }

    /** The least and the most in numbers, where they are. */
    private List<Mark> ends(LuxGrid room) {
        var out = new ArrayList<Mark>();
        var within = new ArrayList<Integer>();
        for (var i = 0; i < room.lux().size(); i++) {
            within.add(i);
        }
        within.sort(Comparator.comparingDouble(room::at));
        first(room, within, out);
        first(room, within.reversed(), out);
        return out;
    }

    /** Writes the number of the first point at which there is room for it. */
    private void first(LuxGrid room, List<Integer> points, List<Mark> out) {
        for (var i : points) {
            if (number(room, i % room.columns(), i / room.columns(), out)) {
                return;
            }
        }
    }
}
