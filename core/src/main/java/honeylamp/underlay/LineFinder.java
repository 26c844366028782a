package honeylamp.underlay;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.underlay.LinePoints.Kind;
import honeylamp.underlay.LinePoints.LinePoint;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds the line of a picture nearest to a point, reading only the neighbourhood of that point. */
public final class LineFinder {
    private static final int TURN_BINS = 60;
    private static final int MOST_LINES = 5;

    /** A line must be seen over so many pixels of the level that is read. */
    private static final int LEAST_RUN = 15;

    /** Of the pixels along a line near the point, so many must show it. */
    private static final double LEAST_SHARE = 0.62;

    private static final int BEYOND = 18;
    private static final double CROSSING_SINE = 0.35;
    private static final double LARGEST_REACH = 26;
    private static final int LEVELS_READ = 2;

    private LineFinder() {}

    /** What was found. */
    public enum Found {
        /** A dark line. */
        LINE,
        /** Where two of them cross or meet. */
        CROSSING,
        /** The face of a thick wall. */
        FACE
    }

    /**
     * A point on a line of the picture.
     *
     * @param at in full pixels, the top left corner of the picture being 0, 0
     * @param way a piece of the line through it, as far as it was seen
     */
    public record Catch(Point at, Found found, Segment way) {}

    private record Line(double x, double y, double ux, double uy, double from, double to, int run, Kind kind) {
        double along(double px, double py) {
            return (px - x) * ux + (py - y) * uy;
        }

        double offset(double px, double py) {
            return ux * (py - y) - uy * (px - x);
        }

        boolean covers(double s, double slack) {
            return s >= from - slack && s <= to + slack;
        }
    }

    /**
     * The nearest line within reach; a crossing within reach goes before a line. The finest level on which
     * the reach is not too wide is read first, then coarser ones, on which broad lines are thin.
     *
     * @param at in full pixels
     * @param reachPx in full pixels
     */
    public static Optional<Catch> nearest(TracedPicture picture, Point at, double reachPx) {
        var levels = picture.pyramid().levels();
        var first = 0;
        while (first < levels.size() - 1 && reachPx / levels.get(first).step() > LARGEST_REACH) {
            first++;
        }
        for (var i = first; i < Math.min(first + LEVELS_READ, levels.size()); i++) {
            var found = onLevel(levels.get(i), at, reachPx);
            if (found.isPresent()) {
                return i == 0 ? found : finer(levels, i, found.get());
            }
        }
        return Optional.empty();
    }

    /** The same line read on finer levels, as long as they show it. */
    private static Optional<Catch> finer(List<Pyramid.Level> levels, int index, Catch coarse) {
        var best = coarse;
        for (var i = index - 1; i >= 0; i--) {
            var level = levels.get(i);
            var wanted = best.found;
            var way = best.way.unit();
            var found = onLevel(level, best.at, 3.0 * level.step())
                    .filter(f -> f.found == wanted
                            && (wanted == Found.CROSSING
                                    || Math.abs(f.way.unit().cross(way)) < 0.12));
            if (found.isEmpty()) {
                break;
            }
            best = found.get();
        }
        return Optional.of(best);
    }

    private static Optional<Catch> onLevel(Pyramid.Level level, Point at, double reachPx) {
        var step = level.step();
        var reach = reachPx / step;
        var cx = at.x() / step - 0.5;
        var cy = at.y() / step - 0.5;
        var window = Window.around(level, cx, cy, (int) Math.ceil(reach) + BEYOND);
        var lines = lines(LinePoints.of(window), cx, cy, reach);
        var crossing = crossing(lines, cx, cy, reach);
        if (crossing.isPresent()) {
            return Optional.of(full(step, crossing.get().x(), crossing.get().y(), lines.getFirst(), Found.CROSSING));
        }
        return lines.stream()
                .filter(l -> Math.abs(l.offset(cx, cy)) <= reach && l.covers(l.along(cx, cy), 1.5))
                .min(Comparator.comparingDouble(l -> Math.abs(l.offset(cx, cy))))
                .map(l -> {
                    var s = l.along(cx, cy);
                    return full(step, l.x + s * l.ux, l.y + s * l.uy, l, l.kind == Kind.FACE ? Found.FACE : Found.LINE);
                });
    }

    private static Catch full(int step, double x, double y, Line line, Found found) {
        return new Catch(
                new Point((x + 0.5) * step, (y + 0.5) * step),
                found,
                new Segment(
                        new Point(
                                (line.x + line.from * line.ux + 0.5) * step,
                                (line.y + line.from * line.uy + 0.5) * step),
                        new Point(
                                (line.x + line.to * line.ux + 0.5) * step, (line.y + line.to * line.uy + 0.5) * step)));
    }

    private static Optional<Point> crossing(List<Line> lines, double cx, double cy, double reach) {
        Optional<Point> best = Optional.empty();
        var nearest = reach;
        for (var i = 0; i < lines.size(); i++) {
            for (var k = i + 1; k < lines.size(); k++) {
                var a = lines.get(i);
                var b = lines.get(k);
                var sine = a.ux * b.uy - a.uy * b.ux;
                if (Math.abs(sine) < CROSSING_SINE) {
                    continue;
                }
                var s = ((b.x - a.x) * b.uy - (b.y - a.y) * b.ux) / sine;
                var x = a.x + s * a.ux;
                var y = a.y + s * a.uy;
                var away = Math.hypot(x - cx, y - cy);
                if (away <= nearest && a.covers(s, 3.5) && b.covers(b.along(x, y), 3.5)) {
                    nearest = away;
                    best = Optional.of(new Point(x, y));
                }
            }
        }
        return best;
    }

    /** Straight lines through the points, strongest first: the fullest bin of angle and offset, then refined. */
    private static List<Line> lines(List<LinePoint> points, double cx, double cy, double reach) {
        var left = new ArrayList<>(points);
        var out = new ArrayList<Line>();
        for (var tries = 0; tries < MOST_LINES && left.size() >= LEAST_RUN; tries++) {
            var seed = fullest(left, cx, cy, reach);
            if (seed.isEmpty()) {
                break;
            }
            var fitted = refined(left, seed.get(), cx, cy);
            left.removeIf(p ->
                    p == seed.get().point || Math.abs(fitted.offset(p.x(), p.y())) < 1.8 && turnedLike(fitted, p, 0.8));
            if (fitted.run >= LEAST_RUN) {
                out.add(fitted);
            }
        }
        return out;
    }

    private record Seed(LinePoint point, double ux, double uy, double x, double y) {}

    private static Optional<Seed> fullest(List<LinePoint> points, double cx, double cy, double reach) {
        var width = 2 * (int) Math.ceil(reach) + 5;
        var votes = new double[TURN_BINS][width];
        var first = new LinePoint[TURN_BINS][width];
        var best = 0.0;
        Seed found = null;
        for (var p : points) {
            var turn = Math.atan2(p.ny(), p.nx());
            var own = (int) Math.floor((turn + Math.PI) / Math.PI * TURN_BINS);
            for (var bin = own - 1; bin <= own + 1; bin++) {
                var k = Math.floorMod(bin, TURN_BINS);
                var angle = (k + 0.5) * Math.PI / TURN_BINS;
                double nx = Math.cos(angle), ny = Math.sin(angle);
                var offset = (p.x() - cx) * nx + (p.y() - cy) * ny;
                var slot = (int) Math.round(offset) + width / 2;
                if (slot < 0 || slot >= width) {
                    continue;
                }
                votes[k][slot] += Math.min(40, p.depth());
                if (first[k][slot] == null) {
                    first[k][slot] = p;
                }
                if (votes[k][slot] > best) {
                    best = votes[k][slot];
                    var off = slot - width / 2;
                    found = new Seed(first[k][slot], -ny, nx, cx + off * nx, cy + off * ny);
                }
            }
        }
        return Optional.ofNullable(found);
    }

    private static boolean turnedLike(Line line, LinePoint p, double sine) {
        return Math.abs(p.nx() * line.ux + p.ny() * line.uy) < sine;
    }

    /** Least squares through the points near a line, three times, each time nearer. */
    private static Line refined(List<LinePoint> points, Seed seed, double cx, double cy) {
        var line = new Line(seed.x, seed.y, seed.ux, seed.uy, 0, 0, 0, Kind.LINE);
        for (var near : new double[] {2.2, 1.5, 1.2}) {
            double w = 0, mx = 0, my = 0;
            for (var p : points) {
                if (on(line, p, near)) {
                    w += p.depth();
                    mx += p.depth() * p.x();
                    my += p.depth() * p.y();
                }
            }
            if (w == 0) {
                return line;
            }
            mx /= w;
            my /= w;
            double xx = 0, xy = 0, yy = 0;
            for (var p : points) {
                if (on(line, p, near)) {
                    xx += p.depth() * (p.x() - mx) * (p.x() - mx);
                    xy += p.depth() * (p.x() - mx) * (p.y() - my);
                    yy += p.depth() * (p.y() - my) * (p.y() - my);
                }
            }
            var angle = 0.5 * Math.atan2(2 * xy, xx - yy);
            line = new Line(mx, my, Math.cos(angle), Math.sin(angle), 0, 0, 0, Kind.LINE);
        }
        return covered(points, line, cx, cy);
    }

    private static boolean on(Line line, LinePoint p, double near) {
        return Math.abs(line.offset(p.x(), p.y())) < near && turnedLike(line, p, 0.4);
    }

    /** The stretch of a line around the foot of the pointer that is seen without a long gap. */
    private static Line covered(List<LinePoint> points, Line line, double cx, double cy) {
        var half = 64;
        var seen = new int[2 * half + 1];
        var foot = line.along(cx, cy);
        var faces = 0;
        var count = 0;
        for (var p : points) {
            if (on(line, p, 1.5)) {
                var slot = (int) Math.round(line.along(p.x(), p.y()) - foot) + half;
                if (slot >= 0 && slot < seen.length) {
                    seen[slot]++;
                }
                count++;
                faces += p.kind() == Kind.FACE ? 1 : 0;
            }
        }
        var kind = 2 * faces > count ? Kind.FACE : Kind.LINE;
        return longest(line, seen, foot, half, kind);
    }

    private static Line longest(Line line, int[] seen, double foot, int half, Kind kind) {
        int bestFrom = 0, bestTo = -1, from = -1, hits = 0, bestHits = 0, last = -10;
        for (var i = 0; i < seen.length; i++) {
            if (seen[i] == 0) {
                continue;
            }
            if (from < 0 || i - last > 4) {
                from = i;
                hits = 0;
            }
            hits++;
            last = i;
            if (hits > bestHits) {
                bestHits = hits;
                bestFrom = from;
                bestTo = i;
            }
        }
        var length = bestTo - bestFrom + 1;
        var run = length > 0 && bestHits >= LEAST_SHARE * length ? bestHits : 0;
        return new Line(line.x, line.y, line.ux, line.uy, foot + bestFrom - half, foot + bestTo - half, run, kind);
    }
}
