package honeylamp.illustrate.building;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Light;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Draws what of the storey above stands out over the outside: its edge dashed, and its shade on the ground.
 *
 * @param over what stands out, in plan mm
 * @param shells the outside of the storey that is drawn, in plan mm: neither edge nor shade lies within
 */
public record OverheadArt(PaperFrame frame, Pens pens, List<Outline> over, List<Outline> shells) {
    /** What it takes of the light where it is darkest. */
    private static final double DARKEST = 0.26;

    private static final int STEPS = 10;

    /** From an edge to what lies beside it, in mm. */
    private static final double BESIDE_MM = 5;

    /**
     * The shade below it and beside it as the light falls, from so high as a look lets things throw shade; soft, as many
     * shades over each other.
     */
    public List<Mark> shade(Light light, double heightMm) {
        var whole = light.fall().times(light.shadowPerHeight() * heightMm);
        var ink = new Ink(pens.colour(Role.SHADOW).argb(), 1 - Math.pow(1 - DARKEST, 1.0 / STEPS));
        return IntStream.range(0, STEPS)
                .mapToObj(step -> moved(whole.times(step / (STEPS - 1.0))))
                .filter(path -> !path.isEmpty())
                .<Mark>map(path -> new Mark.Fill(frame.paper(path), ink))
                .toList();
    }

    private Figure moved(Point by) {
        var motion = Affine.move(by.x(), by.y());
        var thrown = over.stream()
                .map(o -> new Outline(
                        o.shell().through(motion),
                        o.holes().stream().map(h -> h.through(motion)).toList()))
                .toList();
        var path = Figure.builder();
        Regions.difference(thrown, shells).forEach(o -> path.path(o.path()));
        return path.build();
    }

    /** Its edges, but those along the walls below. */
    public List<Mark> edges() {
        var lines = Figure.builder();
        var out = new ArrayList<Mark>();
        over.stream()
                .flatMap(Outline::rings)
                .flatMap(r -> r.edges().stream())
                .filter(this::isFree)
                .forEach(e -> lines.line(e.a(), e.b()));
        var path = lines.build();
        if (!path.isEmpty()) {
            out.add(new Mark.Stroke(frame.paper(path), pens.overhead(), pens.swingInk()));
        }
        return out;
    }

    private boolean isFree(Segment edge) {
        if (edge.length() == 0) {
            return false;
        }
        var outside = edge.middle().minus(edge.unit().left().times(BESIDE_MM));
        return shells.stream().noneMatch(shell -> shell.contains(outside));
    }
}
