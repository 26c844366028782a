package honeylamp.illustrate.ground;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.pattern.Piece;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.catalogue.pattern.Seeds;
import honeylamp.derive.rooms.Room;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Detail;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.pen.Washed;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend.Mixing;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Oklch;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** Draws finishes at true size, clipped to their surface. */
public final class FloorArt {
    /** A wash lets the paper through. */
    private static final double WASH_COVERS = 0.82;

    /** Tones are sorted into steps of this lightness, so that one path holds all pieces of a tone. */
    private static final double TONE_STEP = 0.004;

    private static final double AROUND_STEP_MM = 1000;

    /** A surface with more pieces than this is shown in their mean tone, however large it is printed. */
    private static final double MOST_PIECES = 400_000;

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

    /** What the pattern of a surface depends on. */
    private record Laid(Box bounds, Material material, double directionDeg, Position start, long seed) {}

    /** The marks of one surface: clipped to {@code surface}, seeded by the number of what it belongs to. */
    public Mark floor(Figure surface, Box bounds, Material usual, Finish finish, long seed) {
        // a wall that is moved a little leaves the pattern as it is
        var around = new Box(
                Math.floor(bounds.minX() / AROUND_STEP_MM) * AROUND_STEP_MM,
                Math.floor(bounds.minY() / AROUND_STEP_MM) * AROUND_STEP_MM,
                Math.ceil(bounds.maxX() / AROUND_STEP_MM) * AROUND_STEP_MM,
                Math.ceil(bounds.maxY() / AROUND_STEP_MM) * AROUND_STEP_MM);
        var laid = new Laid(around, usual.in(pens.look()).as(finish), finish.directionDeg(), finish.start(), seed);
        var area = frame.paper(surface);
        var marks = remembered.answer(laid, () -> List.copyOf(pattern(laid)));
        return new Mark.Clip(
                area, pens.look().shading() == Shading.WASHED ? rimmed(area, marks, laid.material) : marks);
    }

    /** As a wash dries: darker along its edges. */
    private List<Mark> rimmed(Figure area, List<Mark> marks, Material material) {
        var out = new ArrayList<>(marks);
        out.addAll(Washed.rims(area, ink(mean(material))));
        return out;
    }

    private List<Mark> pattern(Laid on) {
        var material = on.material;
        var bounds = on.bounds;
        var laid = Affine.turn(on.directionDeg)
                .then(Affine.move(on.start.x().mm(), on.start.y().mm()));
        var cover = bounds.ring().through(laid.inverse()).bounds();
        var marks = new ArrayList<Mark>();
        var ground = frame.paper(
                bounds.grown(frame.planMm(1)).ring().through(Affine.IDENTITY).bounds());
        var whole = Figure.ring(ground.ring());
        var laying = material.laying();
        var grain = new GrainArt(material, laid.then(frame.toPaper()), frame, pens, strength, on.seed);
        var coat = new CoatArt(material, laid.then(frame.toPaper()), frame, pens, on.seed);
        var pitch = Pieces.pitchMm(laying);
        if (pens.look().shading() == Shading.WASHED) {
            marks.add(new Mark.Fill(whole, pens.ink(Role.PAPER)));
            marks.add(new Mark.Fill(whole, ink(mean(material)).at(WASH_COVERS)));
            if (!laying.isSeamless() && laying.joint().mm() > 0 && detail.showsPattern(pitch) && strength > 0) {
                joints(marks, material, cover, bounds, laid, on.seed);
            }
            return marks;
        }
        if (pens.look().shading() == Shading.BROAD) {
            marks.addAll(
                    new MarkerArt(laid.then(frame.toPaper()), frame, pens, on.seed).over(mean(material), cover, whole));
            return marks;
        }
        var isTooMuch = cover.width() * cover.height() / (pitch * pitch) > MOST_PIECES;
        if (laying.face().isPresent() && strength > 0) {
            new FaceArt(laid.then(frame.toPaper()), frame, pens)
                    .over(marks, laying.face().get(), material.tone(), cover, whole);
            if (!laying.isSeamless() && laying.joint().mm() > 0 && detail.showsPattern(pitch) && !isTooMuch) {
                marks.add(new Mark.Fill(
                        between(Pieces.of(laying, cover, on.seed), bounds, laid, whole), pens.joint(joints(material))));
            }
        } else if (laying.isSeamless() || !detail.showsPattern(pitch) || isTooMuch || strength == 0) {
            marks.add(new Mark.Fill(whole, ink(mean(material))));
            if (strength > 0 && laying.isSeamless() && !pens.hasJointsAlone()) {
                grain.over(marks, cover);
            }
        } else {
            marks.add(new Mark.Fill(whole, pens.joint(joints(material))));
            var pieces = Pieces.of(laying, cover, on.seed);
            pieces(marks, pieces, bounds, laid, material, on.seed);
            if (!pens.hasJointsAlone()) {
                coat.second(marks, pieces);
                grain.on(marks, pieces, cover, detail);
            }
        }
        if (strength > 0 && !pens.hasJointsAlone()) {
            coat.sheen(marks, cover);
        }
        return marks;
    }

    /** Pieces outlined by a fine brush, where there are not too many. */
    private void joints(List<Mark> marks, Material material, Box cover, Box bounds, Affine laid, long seed) {
        var pitch = Pieces.pitchMm(material.laying());
        if (cover.width() * cover.height() / (pitch * pitch) > MOST_PIECES) {
            return;
        }
        var lines = Figure.builder();
        var toPaper = laid.then(frame.toPaper());
        for (var piece : Pieces.of(material.laying(), cover, seed)) {
            if (piece.ring().through(laid).bounds().meets(bounds)) {
                lines.ring(piece.ring().through(toPaper));
            }
        }
        var ink = ink(mean(material).lighter(-0.14).stronger(0.02));
        marks.add(new Mark.Stroke(lines.build(), pens.grain(), ink.at(0.5)));
    }

    /** What is left of a surface between its pieces. */
    private Figure between(List<Piece> pieces, Box bounds, Affine laid, Figure whole) {
        var toPaper = laid.then(frame.toPaper());
        var path = Figure.builder().path(whole);
        var turn = Math.signum(whole.flattened(1).signedArea());
        for (var piece : pieces) {
            if (piece.ring().through(laid).bounds().meets(bounds)) {
                var ring = piece.ring().through(toPaper);
                path.ring(Math.signum(ring.signedArea()) == turn ? ring.reversed() : ring);
            }
        }
        return path.build();
    }

    /** Whether floors are seen as washes for the uses of their rooms, whatever is laid. */
    public boolean areWashed() {
        return pens.look().colouring().floors() == Floors.BY_USE;
    }

    /** The wash of a room: that of its use, or of bare floors. */
    public Ink wash(Room room) {
        return pens.ink(room.mark()
                .flatMap(m -> RoomUses.of(m.fit().use()))
                .map(RoomUses.RoomUse::floor)
                .orElse(Role.BARE_FLOOR));
    }

    /** What a surface with a finish looks like from afar. */
    public Ink tone(Material usual, Finish finish) {
        return ink(mean(usual.in(pens.look()).as(finish)));
    }

    /** What a floor looks like from afar. */
    private static Oklch mean(Material material) {
        var shares = material.laying().blend().shares();
        if (shares.isEmpty()) {
            return material.tone();
        }
        var all = shares.stream().mapToDouble(Laying.Share::share).sum();
        var lightness = shares.stream()
                        .mapToDouble(s -> s.share() * s.tone().lightness())
                        .sum()
                / all;
        var chroma =
                shares.stream().mapToDouble(s -> s.share() * s.tone().chroma()).sum() / all;
        var most = shares.stream()
                .max((a, b) -> Double.compare(
                        a.share() * a.tone().chroma(), b.share() * b.tone().chroma()))
                .orElseThrow();
        return new Oklch(lightness, chroma, most.tone().hueDeg());
    }

    private Oklch joints(Material material) {
        return material.laying()
                .jointTone()
                .orElseGet(() -> mean(material).lighter(-material.jointDarker() * strength));
    }

    /** A tone of a blend, lighter or darker by so many steps. */
    private record Tone(int ofBlend, int step) implements Comparable<Tone> {
        @Override
        public int compareTo(Tone other) {
            return ofBlend != other.ofBlend
                    ? Integer.compare(ofBlend, other.ofBlend)
                    : Integer.compare(step, other.step);
        }
    }

    private void pieces(List<Mark> marks, List<Piece> pieces, Box bounds, Affine laid, Material material, long seed) {
        Map<Tone, Figure.Builder> byTone = new TreeMap<>();
        var toPaper = laid.then(frame.toPaper());
        var blend = material.laying().blend();
        for (var piece : pieces) {
            var ring = piece.ring().through(laid);
            if (!ring.bounds().meets(bounds)) {
                continue;
            }
            var centre = ring.bounds().centre();
            var tone = strength
                    * (material.toneSpread() * Seeds.signed(seed, piece.i(), piece.j())
                            + DRIFT * drift(seed, centre.x(), centre.y()));
            byTone.computeIfAbsent(
                            new Tone(ofBlend(blend, piece, seed), (int) Math.round(tone / TONE_STEP)),
                            _ -> Figure.builder())
                    .ring(piece.ring().through(toPaper));
        }
        byTone.forEach((tone, path) -> {
            var base = blend.shares().isEmpty()
                    ? material.tone()
                    : blend.shares().get(tone.ofBlend).tone();
            // warmer where darker, as timber and fired clay are
            var shown = base.lighter(tone.step * TONE_STEP).stronger(-tone.step * TONE_STEP * 0.22);
            marks.add(new Mark.Fill(path.build(), ink(shown)));
        });
    }

    /** Which tone of a blend a piece has. */
    private static int ofBlend(Laying.Blend blend, Piece piece, long seed) {
        var shares = blend.shares();
        if (shares.isEmpty()) {
            return 0;
        }
        if (blend.mixing() == Mixing.IN_TURN) {
            return (int) Math.floorMod(piece.i() + piece.j(), (long) shares.size());
        }
        var left = Seeds.unit(seed + 17, piece.i(), piece.j())
                * shares.stream().mapToDouble(Laying.Share::share).sum();
        var at = 0;
        while (at < shares.size() - 1 && left >= shares.get(at).share()) {
            left -= shares.get(at).share();
            at++;
        }
        return at;
    }

    /** A slow wave over the floor, from -1 to 1, that gives it depth. */
    private static double drift(long seed, double x, double y) {
        var phase = 6.28 * Seeds.unit(seed, 1, 1);
        return Math.sin(x / DRIFT_LENGTH_MM * 2.1 + phase) * Math.cos(y / DRIFT_LENGTH_MM * 1.7 + 2 * phase);
    }

    private Ink ink(Oklch tone) {
        return pens.surface(tone);
    }
}
