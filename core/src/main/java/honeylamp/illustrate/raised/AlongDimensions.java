package honeylamp.illustrate.raised;

import honeylamp.body.StoreyBodies;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Rays;
import honeylamp.plan.Structure;
import honeylamp.plan.TextRole;
import honeylamp.raised.Looking;
import honeylamp.raised.Projection;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The dimensions of what is raised along its three directions: how long, how deep and, of a room, how high. */
final class AlongDimensions {
    private static final double AWAY_MM = 7;
    private static final double PAST_MM = 1.5;
    private static final double OFF_MM = 1.5;
    private static final double TICK_MM = 1.1;
    private static final double ABOVE_MM = 1;
    private static final int CORNERS = 4;

    /** Beside the outline of a room lie its walls, which are cut away there. */
    private static final double WALL_MM = 450;

    private final LaidView view;
    private final Projection seen;
    private final PaperFrame frame;
    private final Pens pens;

    AlongDimensions(LaidView view, Projection seen, PaperFrame frame, Pens pens) {
        this.view = view;
        this.seen = seen;
        this.frame = frame;
        this.pens = pens;
    }

    /** Whether a view has them: one in which lengths along a direction are alike. */
    static boolean isFor(Raised subject) {
        return switch (subject) {
            case Raised.Cutaway _, Raised.WholeStorey _ -> subject.eye().rays() != Rays.PERSPECTIVE;
            case Raised.Building _, Raised.RoofPlan _, Raised.Outside _, Raised.Section _, Raised.Inside _ -> false;
        };
    }

    /**
     * What is measured.
     *
     * @param kept what lies outside of it, which lines keep clear of
     * @param besideMm so much around it are walls
     * @param levelMm of its floor
     * @param thickMm from there to the foot of its slab
     */
    private record Measured(
            Ring ring, List<Ring> kept, double besideMm, double levelMm, double thickMm, Optional<Double> highMm) {
        /** The foot of its slab. */
        double lowMm() {
            return levelMm - thickMm;
        }
    }

    List<Mark> of(Raised subject) {
        var storey = view.storey();
        return measured(storey, subject).map(m -> marks(m, subject)).orElse(List.of());
    }

    private static Optional<Measured> measured(LaidStorey storey, Raised subject) {
        var level = storey.storey().level().mm();
        return switch (subject) {
            case Raised.Cutaway(var _, var id, var _, var _) ->
                storey.geometry()
                        .room(id)
                        .map(room -> new Measured(
                                room.outline().shell(),
                                List.of(),
                                WALL_MM,
                                level,
                                StoreyBodies.edgeMm(room),
                                Optional.of(room.mark()
                                        .flatMap(m -> m.fit().height())
                                        .orElse(storey.storey().height())
                                        .mm())));
            case Raised.WholeStorey _ ->
                storey.geometry().shells().stream()
                        .map(o -> o.shell())
                        .max(Comparator.comparingDouble(Ring::area))
                        .map(ring -> new Measured(
                                ring,
                                storey.storey().structures().stream()
                                        .filter(p -> p.is(Structure.Kind.BALCONY))
                                        .map(Structure::footprint)
                                        .toList(),
                                0,
                                level,
                                StoreyBodies.SLAB_MM,
                                Optional.empty()));
            case Raised.Building _, Raised.RoofPlan _, Raised.Outside _, Raised.Section _, Raised.Inside _ ->
                Optional.empty();
        };
    }

    private List<Mark> marks(Measured m, Raised subject) {
        var along = m.ring.edges().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow()
                .unit();
        var turned = Affine.turn(-along.angleDeg());
        var box = m.ring.through(turned).bounds();
        var all = m.kept.stream().map(k -> k.through(turned).bounds()).reduce(box, Box::union);
        var towards = turned.apply(Looking.towards(subject.eye()));
        var back = turned.inverse();
        var out = new ArrayList<Mark>();
        var near = frame.planMm(AWAY_MM) + m.besideMm;
        // along the side that looks to the eye, and across it
        var y = towards.y() > 0 ? all.minY() - near : all.maxY() + near;
        var fromY = towards.y() > 0 ? box.minY() - m.besideMm : box.maxY() + m.besideMm;
        level(out, m, back, new Point[] {
            new Point(box.minX(), fromY),
            new Point(box.maxX(), fromY),
            new Point(box.minX(), y),
            new Point(box.maxX(), y)
        });
        var x = towards.x() > 0 ? all.minX() - near : all.maxX() + near;
        var fromX = towards.x() > 0 ? box.minX() - m.besideMm : box.maxX() + m.besideMm;
        level(out, m, back, new Point[] {
            new Point(fromX, box.minY()),
            new Point(fromX, box.maxY()),
            new Point(x, box.minY()),
            new Point(x, box.maxY())
        });
        m.highMm.ifPresent(high -> upright(out, m, box, back, high));
        return out;
    }

    /** A dimension on the floor: from two corners, to where its line lies. */
    private void level(List<Mark> out, Measured m, Affine back, Point[] p) {
        var from = new Segment(paper(back.apply(p[0]), m.lowMm()), paper(back.apply(p[1]), m.lowMm()));
        var line = new Segment(paper(back.apply(p[2]), m.lowMm()), paper(back.apply(p[3]), m.lowMm()));
        dimension(out, from, line, p[2].distance(p[3]));
    }

    /** How high the room is, beside the corner that is seen farthest to the left. */
    private void upright(List<Mark> out, Measured m, Box box, Affine back, double high) {
        var corner = IntStream.range(0, CORNERS)
                .mapToObj(i -> back.apply(box.ring().corners().get(i)))
                .min(Comparator.comparingDouble(
                        p -> seen.of(SpacePoint.of(p, m.levelMm)).x()))
                .orElseThrow();
        var from = new Segment(paper(corner, m.levelMm), paper(corner, m.levelMm + high));
        var left = new Point(-AWAY_MM - m.besideMm / frame.scale(), 0);
        dimension(out, from, from.moved(left), high);
    }

    private Point paper(Point plan, double z) {
        return frame.paper(seen.of(SpacePoint.of(plan, z)));
    }

    private void dimension(List<Mark> out, Segment from, Segment line, double mm) {
        for (var end : List.of(new Segment(from.a(), line.a()), new Segment(from.b(), line.b()))) {
            if (end.length() > 2 * OFF_MM) {
                out.add(new Mark.Stroke(
                        Figure.line(end.at(OFF_MM), end.at(end.length() + PAST_MM)),
                        pens.dimension(),
                        pens.dimensionInk()));
            }
        }
        out.add(new Mark.Stroke(Figure.line(line.a(), line.b()), pens.dimension(), pens.dimensionInk()));
        var aslant = line.unit().plus(line.unit().left()).unit().times(TICK_MM);
        for (var end : List.of(line.a(), line.b())) {
            out.add(new Mark.Stroke(
                    Figure.line(end.minus(aslant), end.plus(aslant)), pens.tick(), pens.dimensionInk()));
        }
        var reads = line.a().x() < line.b().x() - 1e-6
                        || Math.abs(line.a().x() - line.b().x()) <= 1e-6
                                && line.a().y() > line.b().y()
                ? line
                : line.reversed();
        var above = reads.unit().left().times(-ABOVE_MM); // y is down on paper
        out.add(new Mark.Text(
                LengthText.built(LengthText.rounded(Length.ofMm(mm), view.plan().units())),
                reads.middle().plus(above),
                pens.cap(TextRole.DIMENSION),
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                reads.unit().angleDeg(),
                pens.dimensionInk()));
    }
}
