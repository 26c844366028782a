package honeylamp.illustrate.ground;

import honeylamp.catalogue.Grain;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.pattern.Piece;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Detail;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Laying.Turning;
import java.util.ArrayList;
import java.util.List;

/** Draws what is seen on a material beside its tone: grain, veins, chips, tufts, clouds. */
final class GrainArt {
    /** Clouds lie so far apart, in plan mm. */
    private static final double CLOUD_PITCH_MM = 900;

    private static final int CLOUD_RINGS = 5;

    private final Material material;
    private final Affine toPaper;
    private final PaperFrame frame;
    private final Pens pens;
    private final double strength;
    private final long seed;

    /** On paper, in the frame of a laying. */
    GrainArt(Material material, Affine toPaper, PaperFrame frame, Pens pens, double strength, long seed) {
        this.material = material;
        this.toPaper = toPaper;
        this.frame = frame;
        this.pens = pens;
        this.strength = strength * material.laying().figure();
        this.seed = seed;
    }

    /** On pieces, as far as the scale bears it. */
    void on(List<Mark> marks, List<Piece> pieces, Box cover, Detail detail) {
        switch (material.grain()) {
            case WOOD, KNOTTY, BRUSHED -> {
                if (detail.showsGrain()) {
                    boards(marks, pieces);
                }
            }
            case VEINS -> {
                if (detail.showsGrain()) {
                    veins(marks, pieces);
                }
            }
            case FLECK, WEAVE, CLOUDS, PILE, PEBBLES, RIPPLES -> over(marks, cover);
            case PLAIN -> {}
        }
    }

    /** Over a surface in one piece. */
    void over(List<Mark> marks, Box cover) {
        switch (material.grain()) {
            case PILE -> pile(marks, cover);
            case WEAVE -> weave(marks, cover);
            case CLOUDS -> clouds(marks, cover);
            case FLECK -> chips(marks, cover, 70, 15);
            case PEBBLES -> chips(marks, cover, 85, 26);
            case RIPPLES, BRUSHED -> waves(marks, cover);
            case VEINS -> longVeins(marks, cover);
            case WOOD, KNOTTY, PLAIN -> {}
        }
    }

    private void boards(List<Mark> marks, List<Piece> pieces) {
        var lines = Figure.builder();
        var knots = Figure.builder();
        for (var piece : pieces) {
            if (piece.ring().corners().size() == 4) {
                lines(lines, piece);
                if (material.grain() == Grain.KNOTTY) {
                    knots(knots, piece);
                }
            }
        }
        stroke(marks, lines.build(), -0.045, 0.75);
        var path = knots.build();
        if (!path.isEmpty()) {
            marks.add(new Mark.Fill(path, tone(-0.10, 0.55)));
        }
    }

    /** The sides of a four-cornered piece from its first corner, the longer first unless chance turned it. */
    private record Sides(Point corner, Point along, Point across) {}

    private Sides sides(Piece piece) {
        var corners = piece.ring().corners();
        var a = corners.get(0);
        var u = corners.get(1).minus(a);
        var v = corners.get(3).minus(a);
        var isTurned =
                material.laying().turning() == Turning.BY_CHANCE && Seeds.unit(seed + 29, piece.i(), piece.j()) < 0.5;
        return u.length() < v.length() != isTurned ? new Sides(a, v, u) : new Sides(a, u, v);
    }

    /** A fine line or three along a block, bent a little in the middle, never up to its edges. */
    private void lines(Figure.Builder out, Piece piece) {
        var sides = sides(piece);
        var lines = sides.across.length() > 120 ? 3 : 1;
        for (var k = 0; k < lines; k++) {
            var key = piece.j() * 8 + k;
            var y = (k + 0.5 + 0.5 * Seeds.signed(seed, piece.i(), key + 100_003)) / (lines + 0.4) + 0.06;
            var from = 0.04 + 0.35 * Seeds.unit(seed, piece.i(), key + 200_003);
            var to = 0.96 - 0.35 * Seeds.unit(seed, piece.i(), key + 300_007);
            var bow = material.grain() == Grain.BRUSHED ? 0 : 0.07 * Seeds.signed(seed, piece.i(), key + 400_009);
            out.line(at(sides, from, y), at(sides, (from + to) / 2, y + bow), at(sides, to, y));
        }
    }

    private Point at(Sides sides, double along, double across) {
        return toPaper.apply(sides.corner.plus(sides.along.times(along)).plus(sides.across.times(across)));
    }

    private void knots(Figure.Builder out, Piece piece) {
        for (var k = 0; k < 3; k++) {
            var key = piece.j() * 8 + k;
            if (Seeds.unit(seed + 3, piece.i(), key) < 0.45) {
                var sides = sides(piece);
                var centre = sides.corner
                        .plus(sides.along.times(0.08 + 0.84 * Seeds.unit(seed + 4, piece.i(), key)))
                        .plus(sides.across.times(0.2 + 0.6 * Seeds.unit(seed + 5, piece.i(), key)));
                var r = 7 + 9 * Seeds.unit(seed + 6, piece.i(), key);
                out.path(Figure.builder().ellipse(centre, 1.5 * r, r).build().through(toPaper));
            }
        }
    }

    /** One vein or two from edge to edge of a piece. */
    private void veins(List<Mark> marks, List<Piece> pieces) {
        var fine = Figure.builder();
        for (var piece : pieces) {
            if (piece.ring().corners().size() != 4) {
                continue;
            }
            var sides = sides(piece);
            for (var k = 0; k < 2; k++) {
                var key = piece.j() * 8 + k;
                if (Seeds.unit(seed + 7, piece.i(), key) < 0.7 - 0.3 * k) {
                    var points = new ArrayList<Point>();
                    var from = 0.1 + 0.8 * Seeds.unit(seed + 8, piece.i(), key);
                    var to = Math.clamp(from + 0.6 * Seeds.signed(seed + 9, piece.i(), key), 0.08, 0.92);
                    for (var n = 0; n <= 6; n++) {
                        var share = n / 6.0;
                        var wander = 0.05 * Seeds.signed(seed + 10 + n, piece.i(), key);
                        points.add(at(
                                sides,
                                0.03 + 0.94 * share,
                                Math.clamp(from + (to - from) * share + wander, 0.04, 0.96)));
                    }
                    fine.line(points.toArray(Point[]::new));
                }
            }
        }
        stroke(marks, fine.build(), material.tone().lightness() > 0.7 ? -0.09 : 0.14, 0.6);
    }

    private void longVeins(List<Mark> marks, Box cover) {
        var pitch = 900.0;
        var path = Figure.builder();
        each(cover, pitch, (i, j) -> {
            var points = new ArrayList<Point>();
            var p = new Point((i + Seeds.unit(seed, i, 2 * j)) * pitch, (j + Seeds.unit(seed, i, 2 * j + 1)) * pitch);
            for (var n = 0; n < 7; n++) {
                points.add(toPaper.apply(p));
                p = p.plus(
                        Point.direction(35 + 40 * Seeds.signed(seed + n, i, j)).times(pitch / 5));
            }
            path.line(points.toArray(Point[]::new));
        });
        stroke(marks, path.build(), -0.08, 0.6);
    }

    private void pile(List<Mark> marks, Box cover) {
        var pitch = Math.max(95, frame.planMm(1.5));
        var dark = Figure.builder();
        var light = Figure.builder();
        for (var j = (long) Math.floor(cover.minY() / pitch); j * pitch <= cover.maxY(); j++) {
            for (var i = (long) Math.floor(cover.minX() / pitch); i * pitch <= cover.maxX(); i++) {
                var p = new Point(
                        (i + Seeds.unit(seed, i, 2 * j)) * pitch, (j + Seeds.unit(seed, i, 2 * j + 1)) * pitch);
                var lean =
                        Point.direction(60 + 50 * Seeds.signed(seed + 5, i, j)).times(pitch * 0.26);
                (Math.floorMod(i + j, 2L) == 0 ? dark : light).line(toPaper.apply(p), toPaper.apply(p.plus(lean)));
            }
        }
        marks.add(new Mark.Stroke(dark.build(), pens.furnitureInner(), tone(-0.05, 0.7)));
        marks.add(new Mark.Stroke(light.build(), pens.furnitureInner(), tone(0.035, 0.8)));
    }

    /** Short threads, every other one across. */
    private void weave(List<Mark> marks, Box cover) {
        var pitch = Math.max(60, frame.planMm(1.1));
        var along = Figure.builder();
        var across = Figure.builder();
        each(cover, pitch, (i, j) -> {
            var p = new Point((i + 0.5) * pitch, (j + 0.5) * pitch);
            var isAcross = Math.floorMod(i + j, 2L) == 0;
            var half = new Point(isAcross ? 0 : 0.36 * pitch, isAcross ? 0.36 * pitch : 0);
            (isAcross ? across : along).line(toPaper.apply(p.minus(half)), toPaper.apply(p.plus(half)));
        });
        marks.add(new Mark.Stroke(along.build(), pens.furnitureInner(), tone(-0.04, 0.7)));
        marks.add(new Mark.Stroke(across.build(), pens.furnitureInner(), tone(0.03, 0.7)));
    }

    /** Darker and lighter clouds, each of rings so faint that no edge of one is seen. */
    private void clouds(List<Mark> marks, Box cover) {
        for (var pass = 0; pass < 2; pass++) {
            var tone = tone(pass == 0 ? -0.05 : 0.05, 0.16 / CLOUD_RINGS);
            for (var ring = 0; ring < CLOUD_RINGS; ring++) {
                marks.add(new Mark.Fill(cloudRings(cover, pass, 1 - ring / (CLOUD_RINGS + 1.0)), tone));
            }
        }
    }

    /** One ring of every cloud, so large as a share of the cloud. */
    private Figure cloudRings(Box cover, int pass, double share) {
        var path = Figure.builder();
        each(cover.grown(CLOUD_PITCH_MM), CLOUD_PITCH_MM, (i, j) -> {
            var p = new Point(
                    (i + Seeds.unit(seed + pass, i, 2 * j)) * CLOUD_PITCH_MM,
                    (j + Seeds.unit(seed + pass, i, 2 * j + 1)) * CLOUD_PITCH_MM);
            var rx = CLOUD_PITCH_MM * (0.45 + 0.6 * Seeds.unit(seed + pass, i, j + 77));
            var ry = rx * (0.5 + 0.4 * Seeds.unit(seed + pass, i, j + 99));
            path.path(
                    Figure.builder().ellipse(p, rx * share, ry * share).build().through(toPaper));
        });
        return path.build();
    }

    /** Small stones with four or five corners, darker and lighter ones. */
    private void chips(List<Mark> marks, Box cover, double usualPitch, double size) {
        var pitch = Math.max(usualPitch, frame.planMm(1.3));
        var grown = size * pitch / usualPitch;
        var tones = List.of(Figure.builder(), Figure.builder(), Figure.builder());
        each(cover, pitch, (i, j) -> {
            var p = new Point((i + Seeds.unit(seed, i, 2 * j)) * pitch, (j + Seeds.unit(seed, i, 2 * j + 1)) * pitch);
            var corners = 4 + (int) (2 * Seeds.unit(seed + 2, i, j));
            var r = grown * (0.35 + 0.65 * Seeds.unit(seed + 3, i, j));
            var points = new ArrayList<Point>();
            for (var k = 0; k < corners; k++) {
                var turn = 360.0 * (k + 0.35 * Seeds.signed(seed + 4 + k, i, j)) / corners;
                points.add(toPaper.apply(p.plus(Point.direction(turn).times(r))));
            }
            tones.get((int) (2.999 * Seeds.unit(seed + 11, i, j))).ring(new Ring(points));
        });
        marks.add(new Mark.Fill(tones.get(0).build(), tone(-0.13, 0.7)));
        marks.add(new Mark.Fill(tones.get(1).build(), tone(-0.06, 0.8)));
        marks.add(new Mark.Fill(tones.get(2).build(), tone(0.05, 0.9)));
    }

    private void waves(List<Mark> marks, Box cover) {
        var isStill = material.grain() == Grain.BRUSHED;
        var pitch = Math.max(isStill ? 90 : 260, frame.planMm(2));
        var path = Figure.builder();
        each(cover, pitch, (i, j) -> {
            var p = new Point((i + Seeds.unit(seed, i, 2 * j)) * pitch, (j + Seeds.unit(seed, i, 2 * j + 1)) * pitch);
            var reach = pitch * (0.5 + 0.6 * Seeds.unit(seed + 2, i, j));
            var swell = isStill ? 0 : 0.12 * reach;
            path.line(
                    toPaper.apply(p),
                    toPaper.apply(p.plus(new Point(reach / 3, swell))),
                    toPaper.apply(p.plus(new Point(reach * 2 / 3, -swell))),
                    toPaper.apply(p.plus(new Point(reach, 0))));
        });
        stroke(marks, path.build(), isStill ? -0.05 : 0.07, 0.7);
    }

    private interface Cell {
        void at(long i, long j);
    }

    private static void each(Box cover, double pitch, Cell cell) {
        for (var j = (long) Math.floor(cover.minY() / pitch) - 1; j * pitch <= cover.maxY(); j++) {
            for (var i = (long) Math.floor(cover.minX() / pitch) - 1; i * pitch <= cover.maxX(); i++) {
                cell.at(i, j);
            }
        }
    }

    private void stroke(List<Mark> marks, Figure lines, double lighter, double share) {
        if (!lines.isEmpty()) {
            marks.add(new Mark.Stroke(lines, pens.grain(), tone(lighter, share)));
        }
    }

    private Ink tone(double lighter, double share) {
        return pens.of(material.tone().lighter(lighter)).at(Math.min(1, share * strength));
    }
}
