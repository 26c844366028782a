package honeylamp.illustrate.ground;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.pattern.LayingPattern.Piece;
import honeylamp.catalogue.pattern.LayingPattern.Seamless;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Detail;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Oklch;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Draws floor finishes at true size, clipped to their surface. */
public final class FloorArt {
    /** Tones are sorted into steps of this lightness, so that one path holds all pieces of a tone. */
    private static final double TONE_STEP = 0.004;

    private static final double AROUND_STEP_MM = 1000;

    private static final double DRIFT = 0.010;
    private static final double DRIFT_LENGTH_MM = 2600;

    private final PaperFrame frame;
    private final Detail detail;
    private final Pens pens;
    private final double strength;
    private final Remembered remembered;

    /** Draws with pens, the pattern so strong, on paper. */
    public FloorArt(PaperFrame frame, Pens pens, double strength) {
        this(frame, pens, strength, new Remembered());
    }

    /** The same, with what was drawn before on this paper, with these pens and so strong. */
    public FloorArt(PaperFrame frame, Pens pens, double strength, Remembered remembered) {
        this.remembered = remembered;
        this.frame = frame;
        this.detail = new Detail(frame.scale());
        this.pens = pens;
        this.strength = strength;
    }

    /** What the pattern of a floor depends on. */
    private record Laid(Box bounds, Material material, Finish finish, long seed) {}

    /** The marks of one floor: clipped to {@code surface}, seeded by the room's number. */
    public Mark floor(Figure surface, Box bounds, Material usual, Finish finish, long seed) {
        // a wall that is moved a little leaves the pattern as it is
        var around = new Box(
                Math.floor(bounds.minX() / AROUND_STEP_MM) * AROUND_STEP_MM,
                Math.floor(bounds.minY() / AROUND_STEP_MM) * AROUND_STEP_MM,
                Math.ceil(bounds.maxX() / AROUND_STEP_MM) * AROUND_STEP_MM,
                Math.ceil(bounds.maxY() / AROUND_STEP_MM) * AROUND_STEP_MM);
        var laid = new Laid(around, usual.in(pens.look()), finish, seed);
        return new Mark.Clip(frame.paper(surface), remembered.answer(laid, () -> List.copyOf(pattern(laid))));
    }

    private List<Mark> pattern(Laid on) {
        var material = on.material;
        var bounds = on.bounds;
        var finish = on.finish;
        var seed = on.seed;
        var laid = Affine.turn(finish.directionDeg())
                .then(Affine.move(finish.start().x().mm(), finish.start().y().mm()));
        var cover = bounds.ring().through(laid.inverse()).bounds();
        var marks = new ArrayList<Mark>();
        var ground = frame.paper(
                bounds.grown(frame.planMm(1)).ring().through(Affine.IDENTITY).bounds());
        var whole = Figure.ring(ground.ring());
        var pattern = material.pattern();
        if (pattern instanceof Seamless seamless) {
            marks.add(new Mark.Fill(whole, ink(material.tone())));
            seamless(seamless, marks, cover, laid, material, seed);
        } else if (!detail.showsPattern(pattern.pitchMm()) || strength == 0) {
            marks.add(new Mark.Fill(whole, ink(material.tone())));
        } else {
            marks.add(new Mark.Fill(whole, ink(joints(material))));
            pieces(marks, pattern.pieces(cover, seed), bounds, laid, material, seed);
        }
        return marks;
    }

    private Oklch joints(Material material) {
        return material.tone().lighter(-material.jointDarker() * strength);
    }

    private void pieces(List<Mark> marks, List<Piece> pieces, Box bounds, Affine laid, Material material, long seed) {
        Map<Integer, Figure.Builder> byTone = new TreeMap<>();
        var grain = Figure.builder();
        var toPaper = laid.then(frame.toPaper());
        for (var piece : pieces) {
            var ring = piece.ring().through(laid);
            if (!ring.bounds().meets(bounds)) {
                continue;
            }
            var centre = ring.bounds().centre();
            var tone = strength
                    * (material.toneSpread() * Seeds.signed(seed, piece.i(), piece.j())
                            + DRIFT * drift(seed, centre.x(), centre.y()));
            byTone.computeIfAbsent((int) Math.round(tone / TONE_STEP), _ -> Figure.builder())
                    .ring(piece.ring().through(toPaper));
            if (material.pattern().hasGrain() && detail.showsGrain()) {
                grain(grain, piece, toPaper, seed);
            }
        }
        byTone.forEach((step, path) -> {
            // warmer where darker, as timber and fired clay are
            var tone = material.tone().lighter(step * TONE_STEP).stronger(-step * TONE_STEP * 0.22);
            marks.add(new Mark.Fill(path.build(), ink(tone)));
        });
        var lines = grain.build();
        if (!lines.isEmpty()) {
            marks.add(new Mark.Stroke(
                    lines, pens.grain(), ink(material.tone().lighter(-0.045)).at(0.75 * strength)));
        }
    }

    /** A fine line or three along a block, bent a little in the middle, never up to its edges. */
    private static void grain(Figure.Builder out, Piece piece, Affine toPaper, long seed) {
        var corners = piece.ring().corners();
        var a = corners.get(0);
        var u = corners.get(1).minus(a);
        var v = corners.get(3).minus(a);
        if (u.length() < v.length()) {
            var swap = u;
            u = v;
            v = swap;
        }
        var lines = v.length() > 120 ? 3 : 1;
        for (var k = 0; k < lines; k++) {
            var key = piece.j() * 8 + k;
            var y = (k + 0.5 + 0.5 * Seeds.signed(seed, piece.i(), key + 100_003)) / (lines + 0.4) + 0.06;
            var from = 0.04 + 0.35 * Seeds.unit(seed, piece.i(), key + 200_003);
            var to = 0.96 - 0.35 * Seeds.unit(seed, piece.i(), key + 300_007);
            var bow = 0.07 * Seeds.signed(seed, piece.i(), key + 400_009);
            var p = toPaper.apply(a.plus(u.times(from)).plus(v.times(y)));
            var q = toPaper.apply(a.plus(u.times((from + to) / 2)).plus(v.times(y + bow)));
            var r = toPaper.apply(a.plus(u.times(to)).plus(v.times(y)));
            out.line(p, q, r);
        }
    }

    private void seamless(Seamless seamless, List<Mark> marks, Box cover, Affine laid, Material material, long seed) {
        if (strength == 0) {
            return;
        }
        var toPaper = laid.then(frame.toPaper());
        switch (seamless.texture()) {
            case PILE -> pile(marks, cover, toPaper, material, seed);
            case CLOUDS -> clouds(marks, cover, toPaper, material, seed);
        }
    }

    private void pile(List<Mark> marks, Box cover, Affine toPaper, Material material, long seed) {
        var pitch = Math.max(95, frame.planMm(1.5));
        var dark = Figure.builder();
        var light = Figure.builder();
        for (var j = (long) Math.floor(cover.minY() / pitch); j * pitch <= cover.maxY(); j++) {
            for (var i = (long) Math.floor(cover.minX() / pitch); i * pitch <= cover.maxX(); i++) {
                var p = new Point(
                        (i + Seeds.unit(seed, i, 2 * j)) * pitch, (j + Seeds.unit(seed, i, 2 * j + 1)) * pitch);
                var lean =
                        Point.direction(60 + 50 * Seeds.signed(seed + 5, i, j)).times(pitch * 0.26);
                var a = toPaper.apply(p);
                var b = toPaper.apply(p.plus(lean));
                (Math.floorMod(i + j, 2L) == 0 ? dark : light).line(a, b);
            }
        }
        marks.add(new Mark.Stroke(
                dark.build(),
                pens.furnitureInner(),
                ink(material.tone().lighter(-0.05)).at(0.7 * strength)));
        marks.add(new Mark.Stroke(
                light.build(),
                pens.furnitureInner(),
                ink(material.tone().lighter(0.035)).at(0.8 * strength)));
    }

    private void clouds(List<Mark> marks, Box cover, Affine toPaper, Material material, long seed) {
        var pitch = 900.0;
        for (var pass = 0; pass < 2; pass++) {
            var path = Figure.builder();
            for (var j = (long) Math.floor(cover.minY() / pitch) - 1; (j - 1) * pitch <= cover.maxY(); j++) {
                for (var i = (long) Math.floor(cover.minX() / pitch) - 1; (i - 1) * pitch <= cover.maxX(); i++) {
                    var p = new Point(
                            (i + Seeds.unit(seed + pass, i, 2 * j)) * pitch,
                            (j + Seeds.unit(seed + pass, i, 2 * j + 1)) * pitch);
                    var rx = pitch * (0.35 + 0.5 * Seeds.unit(seed + pass, i, j + 77));
                    var ry = rx * (0.4 + 0.4 * Seeds.unit(seed + pass, i, j + 99));
                    path.path(Figure.builder().ellipse(p, rx, ry).build().through(toPaper));
                }
            }
            marks.add(new Mark.Fill(
                    path.build(),
                    ink(material.tone().lighter(pass == 0 ? -0.05 : 0.05)).at(0.14 * strength)));
        }
    }

    /** A slow wave over the floor, from -1 to 1, that gives it depth. */
    private static double drift(long seed, double x, double y) {
        var phase = 6.28 * Seeds.unit(seed, 1, 1);
        return Math.sin(x / DRIFT_LENGTH_MM * 2.1 + phase) * Math.cos(y / DRIFT_LENGTH_MM * 1.7 + 2 * phase);
    }

    private static Ink ink(Oklch tone) {
        return Ink.of(tone.argb());
    }
}
