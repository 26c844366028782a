package honeylamp.tracing;

import honeylamp.geometry.Point;
import honeylamp.tracing.Proposal.Kind;
import honeylamp.tracing.Proposal.ProposedOpening;
import honeylamp.tracing.Proposal.ProposedWall;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** A proposal against the truth it was drawn from, both in mm of the house; nothing here is shared with the reader. */
final class Scored {
    private static final double STEP = 20;
    private static final double NEAR = 25;
    private static final double GHOST = 100;
    private static final double CELL = 25;

    private final Scan scan;
    private final List<Line> proposed = new ArrayList<>();
    private final List<Line> truth = new ArrayList<>();

    double trueMm;
    double foundMm;
    double proposedMm;
    double falseMm;
    double ghostMm;
    double classMm;
    double classRightMm;
    final List<Double> centreErrors = new ArrayList<>();
    final List<Double> thicknessErrors = new ArrayList<>();
    final Map<House.Kind, int[]> byKind = new HashMap<>(); // there, found, kind right, hung right
    int falseOpenings;
    int proposedOpenings;
    final List<Double> widthErrors = new ArrayList<>();
    int rooms;
    int roomsRight;
    int extraRooms;
    final List<Double> areaErrors = new ArrayList<>();

    private record Line(
            boolean upright, double at, double from, double to, double thickness, List<ProposedOpening> openings) {}

    Scored(Scan scan, Proposal proposal) {
        this.scan = scan;
        for (var wall : scan.house.walls) {
            truth.add(new Line(wall.upright(), wall.at(), wall.from(), wall.to(), wall.thickness(), List.of()));
        }
        for (var wall : proposal.walls()) {
            proposed.add(line(wall));
        }
        lengths();
        for (var kind : House.Kind.values()) {
            byKind.put(kind, new int[4]);
        }
        openings();
        areas();
    }

    private Line line(ProposedWall wall) {
        var a = mm(wall.line().a());
        var b = mm(wall.line().b());
        var face = mm(wall.face());
        var upright = Math.abs(b.getY() - a.getY()) > Math.abs(b.getX() - a.getX());
        return upright
                ? new Line(
                        true,
                        (a.getX() + b.getX()) / 2,
                        Math.min(a.getY(), b.getY()),
                        Math.max(a.getY(), b.getY()),
                        2 * Math.abs(face.getX() - (a.getX() + b.getX()) / 2),
                        wall.openings())
                : new Line(
                        false,
                        (a.getY() + b.getY()) / 2,
                        Math.min(a.getX(), b.getX()),
                        Math.max(a.getX(), b.getX()),
                        2 * Math.abs(face.getY() - (a.getY() + b.getY()) / 2),
                        wall.openings());
    }

    private Point2D mm(Point px) {
        try {
            return scan.toPixels.inverseTransform(new Point2D.Double(px.x(), px.y()), null);
        } catch (NoninvertibleTransformException e) {
            throw new IllegalStateException(e);
        }
    }

    private static Line nearest(List<Line> among, Line line, double s, double within) {
        Line best = null;
        for (var o : among) {
            if (o.upright == line.upright && s > o.from - 40 && s < o.to + 40 && Math.abs(o.at - line.at) < within) {
                if (best == null || Math.abs(o.at - line.at) < Math.abs(best.at - line.at)) {
                    best = o;
                }
            }
        }
        return best;
    }

    private void lengths() {
        for (var wall : truth) {
            for (var s = wall.from + STEP / 2; s < wall.to; s += STEP) {
                trueMm += STEP;
                var found = nearest(proposed, wall, s, NEAR);
                if (found != null) {
                    foundMm += STEP;
                    centreErrors.add(Math.abs(found.at - wall.at));
                    thicknessErrors.add(Math.abs(found.thickness - wall.thickness));
                    classMm += STEP;
                    var other = wall.thickness == scan.house.outer ? scan.house.inner : scan.house.outer;
                    if (Math.abs(found.thickness - wall.thickness) < Math.abs(found.thickness - other)) {
                        classRightMm += STEP;
                    }
                }
            }
        }
        for (var line : proposed) {
            for (var s = line.from + STEP / 2; s < line.to; s += STEP) {
                proposedMm += STEP;
                falseMm += nearest(truth, line, s, NEAR) == null ? STEP : 0;
                ghostMm += nearest(truth, line, s, GHOST) == null ? STEP : 0;
            }
        }
    }

    private void openings() {
        record Seen(Line line, ProposedOpening opening, double from, double to) {}
        var seen = new ArrayList<Seen>();
        for (var line : proposed) {
            for (var o : line.openings) {
                var a = mm(o.first());
                var b = mm(o.second());
                var s0 = line.upright ? a.getY() : a.getX();
                var s1 = line.upright ? b.getY() : b.getX();
                seen.add(new Seen(line, o, Math.min(s0, s1), Math.max(s0, s1)));
            }
        }
        proposedOpenings = seen.size();
        for (var o : scan.house.openings) {
            var counts = byKind.get(o.kind());
            counts[0]++;
            var match = seen.stream()
                    .filter(s -> s.line.upright == o.wall().upright()
                            && Math.abs(s.line.at - o.wall().at()) < 100)
                    .filter(s -> Math.abs((s.from + s.to) / 2 - o.middle()) < 150
                            && Math.abs(s.to - s.from - o.width()) < 0.4 * o.width())
                    .findFirst();
            if (match.isPresent()) {
                counts[1]++;
                var m = match.get();
                seen.remove(m);
                counts[2] += right(o.kind(), m.opening.kind()) ? 1 : 0;
                counts[3] += isHungRight(o, m.opening) ? 1 : 0;
                widthErrors.add(Math.abs(m.to - m.from - o.width()));
            }
        }
        falseOpenings = seen.size();
    }

    private static boolean right(House.Kind truth, Kind read) {
        return switch (truth) {
            case DOOR -> read == Kind.DOOR;
            case DOUBLE -> read == Kind.PAIR_DOOR;
            case WINDOW -> read == Kind.WINDOW;
            case PLAIN -> read == Kind.PLAIN;
        };
    }

    private boolean isHungRight(House.Opening o, ProposedOpening read) {
        var hinge = mm(read.hinge());
        var side = mm(read.opensTo());
        var along = o.wall().upright() ? hinge.getY() : hinge.getX();
        var across = o.wall().upright() ? side.getX() : side.getY();
        var first = Math.abs(along - o.from()) < Math.abs(along - o.to());
        return (o.kind() != House.Kind.DOOR || first == o.hingedFirst())
                && across > o.wall().at() == o.greaterSide();
    }

    /** Rooms as cells of a grid that walls do not cover and the open air does not reach. */
    private void areas() {
        var a = cells(truth);
        var b = cells(proposed);
        var shared = new HashMap<Long, Integer>();
        for (var i = 0; i < a.label.length; i++) {
            if (a.label[i] > 0 && b.label[i] > 0) {
                shared.merge((long) a.label[i] << 32 | b.label[i], 1, Integer::sum);
            }
        }
        var used = new ArrayList<Integer>();
        for (var r = 1; r < a.sizes.length; r++) {
            if (a.sizes[r] < 100) {
                continue;
            }
            rooms++;
            var best = 0.0;
            var which = 0;
            for (var k = 1; k < b.sizes.length; k++) {
                var both = shared.getOrDefault((long) r << 32 | k, 0);
                var iou = (double) both / (a.sizes[r] + b.sizes[k] - both);
                if (iou > best) {
                    best = iou;
                    which = k;
                }
            }
            if (best > 0.9) {
                used.add(which);
                areaErrors.add(Math.abs((double) b.sizes[which] / a.sizes[r] - 1));
            }
            roomsRight += best > 0.97 ? 1 : 0;
        }
        for (var k = 1; k < b.sizes.length; k++) {
            extraRooms += b.sizes[k] >= 100 && !used.contains(k) ? 1 : 0;
        }
    }

    private record Cells(int[] label, int[] sizes) {}

    private Cells cells(List<Line> lines) {
        var w = (int) ((scan.house.width + 4000) / CELL);
        var h = (int) ((scan.house.depth + 4000) / CELL);
        var label = new int[w * h];
        for (var line : lines) {
            var t = line.thickness / 2;
            double x0 = line.upright ? line.at - t : line.from, x1 = line.upright ? line.at + t : line.to;
            double y0 = line.upright ? line.from : line.at - t, y1 = line.upright ? line.to : line.at + t;
            for (var y = 0; y < h; y++) {
                var my = (y + 0.5) * CELL - 2000;
                for (var x = 0; my >= y0 && my <= y1 && x < w; x++) {
                    var mx = (x + 0.5) * CELL - 2000;
                    if (mx >= x0 && mx <= x1) {
                        label[y * w + x] = -1;
                    }
                }
            }
        }
        var sizes = new ArrayList<Integer>(List.of(0));
        flood(label, w, h, 0, -2);
        for (var i = 0; i < label.length; i++) {
            if (label[i] == 0) {
                sizes.add(flood(label, w, h, i, sizes.size()));
            }
        }
        return new Cells(label, sizes.stream().mapToInt(Integer::intValue).toArray());
    }

    private static int flood(int[] label, int w, int h, int start, int as) {
        var todo = new ArrayDeque<Integer>(List.of(start));
        label[start] = as;
        var count = 0;
        while (!todo.isEmpty()) {
            var i = todo.poll();
            count++;
            for (var n : new int[] {i - 1, i + 1, i - w, i + w}) {
                var wraps = Math.abs(n % w - i % w) > 1;
                if (n >= 0 && n < w * h && !wraps && label[n] == 0) {
                    label[n] = as;
                    todo.add(n);
                }
            }
        }
        return count;
    }

    boolean isAllRight() {
        return roomsRight == rooms && extraRooms == 0;
    }

    /** The figures of many scans in one row. */
    static String table(List<Scored> all) {
        var k = new StringBuilder();
        var sum = new double[8];
        all.forEach(s -> {
            sum[0] += s.trueMm;
            sum[1] += s.foundMm;
            sum[2] += s.proposedMm;
            sum[3] += s.falseMm;
            sum[4] += s.ghostMm;
            sum[5] += s.classMm;
            sum[6] += s.classRightMm;
        });
        row(k, "wall length within 25 mm, %", 100 * sum[1] / sum[0]);
        row(k, "proposed off by more than 25 mm, %", 100 * sum[3] / sum[2]);
        row(k, "ghosts, %", 100 * sum[4] / sum[2]);
        row(
                k,
                "centre error, 90th of 100, mm",
                rank(all.stream().flatMap(s -> s.centreErrors.stream()).toList(), 0.9));
        row(k, "thickness class right, %", 100 * sum[6] / sum[5]);
        row(
                k,
                "thickness error, 90th of 100, mm",
                rank(all.stream().flatMap(s -> s.thicknessErrors.stream()).toList(), 0.9));
        for (var kind : House.Kind.values()) {
            var c = new int[4];
            all.forEach(s -> Arrays.setAll(c, i -> c[i] + s.byKind.get(kind)[i]));
            row(k, kind + " found, %", 100.0 * c[1] / c[0]);
            row(k, kind + " kind right, %", 100.0 * c[2] / c[1]);
            if (kind == House.Kind.DOOR || kind == House.Kind.DOUBLE) {
                row(k, kind + " hung right, %", 100.0 * c[3] / c[1]);
            }
        }
        row(
                k,
                "false openings, %",
                100.0
                        * all.stream().mapToInt(s -> s.falseOpenings).sum()
                        / all.stream().mapToInt(s -> s.proposedOpenings).sum());
        row(
                k,
                "width error, 90th of 100, mm",
                rank(all.stream().flatMap(s -> s.widthErrors.stream()).toList(), 0.9));
        var rooms = all.stream().mapToInt(s -> s.rooms).sum();
        row(
                k,
                "rooms right, %",
                100.0 * all.stream().mapToInt(s -> s.roomsRight).sum() / rooms);
        row(
                k,
                "extra rooms, %",
                100.0 * all.stream().mapToInt(s -> s.extraRooms).sum() / rooms);
        row(
                k,
                "area error, 90th of 100, %",
                100 * rank(all.stream().flatMap(s -> s.areaErrors.stream()).toList(), 0.9));
        row(
                k,
                "plans all right, %",
                100.0 * all.stream().filter(Scored::isAllRight).count() / all.size());
        return k.toString();
    }

    private static void row(StringBuilder out, String words, double value) {
        out.append(words).append('\t').append(Math.round(value * 10) / 10.0).append('\n');
    }

    private static double rank(List<Double> values, double share) {
        var sorted = values.stream().sorted().toList();
        return sorted.isEmpty() ? Double.NaN : sorted.get((int) (share * (sorted.size() - 1)));
    }
}
