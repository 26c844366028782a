package honeylamp.derive.traced;

import honeylamp.derive.traced.ReadWalls.ReadOpening;
import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Underlay;
import honeylamp.tracing.Proposal;
import honeylamp.tracing.Proposal.Precision;
import honeylamp.tracing.Proposal.ProposedOpening;
import honeylamp.tracing.Proposal.ProposedWall;
import honeylamp.tracing.Proposal.Run;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Puts what was read from a picture into the plan: squared up, of few thicknesses, with ends on each other. */
final class ReadInPlan {
    private static final double USUAL_THICKNESS_SHARE = 0.14;
    private static final double USUAL_THICKNESS_MM = 15;

    /** Lines tell thicknesses to a tenth of a millimetre, whatever a page was rounded to. */
    private static final double LINES_STEP_MM = 0.1;

    private ReadInPlan() {}

    static ReadWalls of(Proposal proposal, Underlay underlay) {
        var read = turnDeg(proposal, underlay);
        var turn = Math.abs(read) < ReadWalls.LEVEL_DEG ? 0 : read;
        var level = Affine.turn(-turn);
        var lines = new ArrayList<Segment>();
        var usual = thicknesses(proposal, underlay);
        for (var wall : proposal.walls()) {
            lines.add(squared(plan(wall.line(), underlay, level), wall));
        }
        var back = level.inverse();
        var out = new ArrayList<ReadWall>();
        for (var i = 0; i < lines.size(); i++) {
            var wall = proposal.walls().get(i);
            var own = thicknessMm(wall, underlay);
            var usualOwn = usual.getOrDefault(wall.thickness(), own);
            var isUsual = wall.precision() == Precision.PIXELS
                    && Math.abs(own - usualOwn) < Math.max(USUAL_THICKNESS_MM, USUAL_THICKNESS_SHARE * usualOwn);
            var line = lines.get(i);
            var turned = new Segment(back.apply(line.a()), back.apply(line.b()));
            out.add(new ReadWall(
                    i,
                    turned,
                    tie(lines, i, line.a()),
                    tie(lines, i, line.b()),
                    isUsual ? usualOwn : own,
                    false,
                    openings(wall, turned, underlay),
                    wall.sure(),
                    wall.precision()));
        }
        return new ReadWalls(out).settled();
    }

    static double turnDeg(Proposal proposal, Underlay underlay) {
        double x = 0, y = 0;
        var best = proposal.walls().stream().anyMatch(w -> w.precision() == Precision.LINES)
                ? Precision.LINES
                : Precision.PIXELS;
        for (var wall : proposal.walls()) {
            if (wall.run() != Run.ASLANT && wall.precision() == best) {
                var line = plan(wall.line(), underlay, Affine.IDENTITY);
                var angle = 4
                        * Math.atan2(
                                line.b().y() - line.a().y(),
                                line.b().x() - line.a().x()); // squares repeat
                x += line.length() * Math.cos(angle);
                y += line.length() * Math.sin(angle);
            }
        }
        return Math.toDegrees(Math.atan2(y, x)) / 4;
    }

    private static Segment plan(Segment px, Underlay underlay, Affine level) {
        return new Segment(level.apply(underlay.plan(px.a())), level.apply(underlay.plan(px.b())));
    }

    /** A picture tells no place to less than a millimetre; lines do. */
    private static Segment squared(Segment line, ProposedWall wall) {
        if (wall.run() == Run.ASLANT) {
            return line;
        }
        var m = wall.precision() == Precision.LINES
                ? line.middle()
                : new Point(
                        Math.rint(line.middle().x()), Math.rint(line.middle().y()));
        return Math.abs(line.b().y() - line.a().y())
                        > Math.abs(line.b().x() - line.a().x())
                ? new Segment(
                        new Point(m.x(), line.a().y()),
                        new Point(m.x(), line.b().y()))
                : new Segment(new Point(line.a().x(), m.y()), new Point(line.b().x(), m.y()));
    }

    private static double thicknessMm(ProposedWall wall, Underlay underlay) {
        var line = plan(wall.line(), underlay, Affine.IDENTITY);
        var mm = 2 * Math.abs(line.offset(underlay.plan(wall.face())));
        return wall.precision() == Precision.LINES ? Math.rint(mm / LINES_STEP_MM) * LINES_STEP_MM : mm;
    }

    /** Of each thickness, the one half of the length is thinner than. */
    private static Map<Integer, Double> thicknesses(Proposal proposal, Underlay underlay) {
        record Thick(double mm, double length) {}
        var out = new HashMap<Integer, Double>();
        for (var k = 0; k < proposal.thicknesses(); k++) {
            var which = k;
            var own = proposal.walls().stream()
                    .filter(w -> w.thickness() == which)
                    .map(w -> new Thick(thicknessMm(w, underlay), w.line().length()))
                    .sorted(Comparator.comparingDouble(Thick::mm))
                    .toList();
            var half = own.stream().mapToDouble(Thick::length).sum() / 2;
            for (var t : own) {
                half -= t.length;
                if (half <= 0) {
                    out.put(k, Math.rint(t.mm));
                    break;
                }
            }
        }
        return out;
    }

    private static Optional<Integer> tie(List<Segment> lines, int own, Point end) {
        var best = -1;
        var nearest = ReadWalls.TIE_MM;
        for (var i = 0; i < lines.size(); i++) {
            var other = lines.get(i);
            if (i == own || Math.abs(other.unit().cross(lines.get(own).unit())) < 0.5) {
                continue;
            }
            var away = other.distance(end);
            if (away < nearest) {
                nearest = away;
                best = i;
            }
        }
        return best < 0 ? Optional.empty() : Optional.of(best);
    }

    private static List<ReadOpening> openings(ProposedWall wall, Segment line, Underlay underlay) {
        return wall.openings().stream().map(o -> opening(o, line, underlay)).toList();
    }

    private static ReadOpening opening(ProposedOpening o, Segment line, Underlay underlay) {
        var a = underlay.plan(o.first());
        var b = underlay.plan(o.second());
        var inOrder = line.along(a) <= line.along(b);
        var first = inOrder ? a : b;
        var second = inOrder ? b : a;
        var hinge = underlay.plan(o.hinge());
        var side = line.offset(underlay.plan(o.opensTo()));
        return new ReadOpening(
                switch (o.kind()) {
                    case DOOR -> OpeningKind.DOOR;
                    case PAIR_DOOR -> OpeningKind.PAIR_DOOR;
                    case WINDOW -> OpeningKind.CASEMENT_WINDOW;
                    case PLAIN -> OpeningKind.PLAIN;
                },
                first,
                second,
                hinge.distance(first) <= hinge.distance(second) ? Hand.FIRST : Hand.SECOND,
                side >= 0 ? Swing.LEFT : Swing.RIGHT,
                o.sure(),
                o.precision());
    }
}
