package honeylamp.illustrate.elevation;

import honeylamp.body.BeforeWall;
import honeylamp.body.Body;
import honeylamp.body.Skin;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.pen.SeenPens;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.raised.Projection;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenLines;
import honeylamp.raised.SeenParts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;

/** Draws what stands before a straight wall from its bodies, as raised views do: what is hidden is left out. */
final class BodiesInFront {
    /** What looks up or aside is so much darker than what looks to the eye. */
    private static final double ASIDE_DARKER = 0.06;

    private final WallElevation wall;
    private final Pens pens;
    private final Lamp lamp;
    private final BeforeWall before;
    private final Projection.Parallel seen;
    private final Box framed;
    private final Affine toPaper;

    BodiesInFront(LaidStorey storey, WallElevation wall, double depthMm, PaperFrame frame, Pens pens, Lamp lamp) {
        this.wall = wall;
        this.pens = pens;
        this.lamp = lamp;
        var foot = wall.line().getFirst();
        this.before = new BeforeWall(storey, foot, wall.into(), depthMm);
        this.seen = Projection.Parallel.turned(90 - wall.into().times(-1).angleDeg(), 0);
        var from = seen.of(SpacePoint.of(foot.a(), storey.storey().level().mm()));
        this.framed = new Box(0, 0, wall.lengthMm(), wall.heightMm()).moved(from);
        this.toPaper = Affine.move(-from.x(), -from.y()).then(frame.toPaper());
    }

    /** A fixed part. */
    List<Mark> fixed(ElementId part) {
        return marks(before.fixed(part));
    }

    /** A piece; empty if it has no body. */
    Optional<List<Mark>> piece(Furnishing piece) {
        return before.piece(piece).map(body -> marks(List.of(body)));
    }

    private List<Mark> marks(List<Body> bodies) {
        var scene = new Scene(bodies, seen, Optional.of(framed));
        var out = new ArrayList<Mark>();
        for (var part : SeenParts.of(scene)) {
            var facet = scene.facet(part.facet());
            var figure = Figure.builder();
            part.parts().forEach(o -> figure.path(o.path().through(toPaper)));
            var path = figure.build();
            if (lamp != Lamp.DRAFT || facet.skin().isCut()) {
                out.add(new Mark.Fill(path, pens.of(tone(facet.skin(), towardsEye(facet.normal())))));
            } else {
                out.add(new Mark.Fill(path, pens.ink(Role.PAPER)));
            }
        }
        out.addAll(lines(scene));
        return out;
    }

    private double towardsEye(SpacePoint normal) {
        return Math.max(0, SpacePoint.of(wall.into(), 0).dot(normal));
    }

    private Oklch tone(Skin skin, double towardsEye) {
        var own = skin.own()
                .orElseGet(() -> skin.role() == Role.WALL_SIDE ? ElevationArt.plaster(pens) : pens.colour(skin.role()));
        return skin.isCut() ? own : own.lighter(-ASIDE_DARKER * (1 - towardsEye));
    }

    private List<Mark> lines(Scene scene) {
        var by = new SeenPens(pens);
        var paths = new LinkedHashMap<Edge, Figure.Builder>();
        for (var line : SeenLines.of(scene)) {
            var kind = scene.bodies().get(line.body()).kind();
            paths.computeIfAbsent(new Edge(kind, line.sort()), _ -> Figure.builder())
                    .line(
                            toPaper.apply(line.line().a()),
                            toPaper.apply(line.line().b()));
        }
        var out = new ArrayList<Mark>();
        paths.forEach((edge, path) ->
                out.add(new Mark.Stroke(path.build(), by.pen(edge.kind, edge.sort), by.ink(edge.kind, edge.sort))));
        return out;
    }

    private record Edge(Kind kind, SeenLines.Sort sort) {}
}
