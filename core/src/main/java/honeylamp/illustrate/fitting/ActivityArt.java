package honeylamp.illustrate.fitting;

import honeylamp.derive.storeys.ActivityPlaces.Placed;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** Marks of what is done where: a drop whose tip shows where one faces, and the word beside it. */
public final class ActivityArt {
    private static final double RADIUS_MM = 1.2;
    private static final double TIP_MM = 2.5;
    private static final double DOT_MM = 0.35;

    /** The tip leaves the circle at so many degrees from where it points. */
    private static final double SHOULDER_DEG = 55;

    private static final double BESIDE_MM = 2;
    private static final double HALO_MM = 0.35;
    private static final double AIR_MM = 0.2;

    private final PaperFrame frame;
    private final Pens pens;

    /** Draws on a paper with the pens of a look. */
    public ActivityArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /** The marks with their words, each where it is clear of the other marks if it can be. */
    public List<Mark> marks(List<Placed> placed) {
        return marks(placed, List.of(), _ -> true);
    }

    /**
     * The same, clear of other things too if it can be.
     *
     * @param others what else is on the paper
     * @param isFloor whether there is no wall at a point of the plan
     */
    public List<Mark> marks(List<Placed> placed, List<Box> others, Predicate<Point> isFloor) {
        var out = new ArrayList<Mark>();
        var taken = new ArrayList<>(others);
        placed.forEach(p -> taken.add(box(p)));
        for (var p : placed) {
            out.addAll(symbol(p));
            var places = words(p);
            var words = places.stream()
                    .filter(t -> taken.stream().noneMatch(room(t)::meets))
                    .filter(t -> t.ring().corners().stream().map(frame::plan).allMatch(isFloor))
                    .findFirst()
                    .orElse(places.getFirst());
            taken.add(room(words));
            out.add(new Mark.Haloed(words, HALO_MM, pens.ink(Role.PAPER)));
        }
        return List.copyOf(out);
    }

    private static Box room(Mark.Text text) {
        return text.ring().bounds().grown(AIR_MM);
    }

    /** The drop alone. */
    public List<Mark> symbol(Placed placed) {
        var at = frame.paper(placed.at());
        var turn = -placed.facingDeg(); // on paper y runs down
        var path = Figure.builder().arc(at, RADIUS_MM, turn + SHOULDER_DEG, 360 - 2 * SHOULDER_DEG);
        var tip = at.plus(Point.direction(turn).times(TIP_MM));
        path.lineTo(tip.x(), tip.y());
        path.close();
        var drop = path.build();
        return List.of(
                new Mark.Fill(drop, pens.ink(Role.PAPER)),
                new Mark.Stroke(drop, Pen.round(pens.furniture().widthMm()), pens.ink()),
                new Mark.Fill(Figure.circle(at, DOT_MM), pens.ink()));
    }

    /** What a drop takes of the paper. */
    public Box box(Placed placed) {
        var at = frame.paper(placed.at());
        return new Box(at.x() - RADIUS_MM, at.y() - RADIUS_MM, at.x() + RADIUS_MM, at.y() + RADIUS_MM);
    }

    private List<Mark.Text> words(Placed placed) {
        return Stream.of(new Point(1, 0), new Point(-1, 0), new Point(0, 1.35), new Point(0, -1.35))
                .sorted((a, b) -> Double.compare(ahead(placed, a), ahead(placed, b)))
                .map(way -> word(placed, way))
                .toList();
    }

    /** How much a way on paper is the one faced. */
    private static double ahead(Placed placed, Point way) {
        return Math.rint(placed.ahead().dot(new Point(way.x(), -way.y())) * 10);
    }

    private Mark.Text word(Placed placed, Point way) {
        var cap = pens.cap(TextRole.TAG);
        var at = frame.paper(placed.at()).plus(way.times(BESIDE_MM));
        var align = way.x() > 0.3 ? Mark.Align.LEFT : way.x() < -0.3 ? Mark.Align.RIGHT : Mark.Align.MIDDLE;
        return new Mark.Text(
                placed.activity().doing().label(),
                at.plus(new Point(0, cap / 2)),
                cap,
                pens.face(TextRole.TAG, Typeface.MEDIUM),
                0,
                align,
                0,
                pens.ink());
    }
}
