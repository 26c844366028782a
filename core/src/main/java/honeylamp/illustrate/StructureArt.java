package honeylamp.illustrate;

import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Oklch;
import honeylamp.catalogue.Palette;
import honeylamp.drawing.Face;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;

/** Draws posts, stairs and balconies. */
final class StructureArt {
    private static final Oklch POST = new Oklch(0.60, 0.055, 62);
    private static final Oklch STEP = new Oklch(0.90, 0.022, 75);
    private static final double RAIL_MM = 60;

    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;

    StructureArt(PaperFrame frame, Pens pens, Lamp lamp) {
        this.frame = frame;
        this.pens = pens;
        this.lamp = lamp;
    }

    /** The footprint in plan mm, counter-clockwise. */
    static Ring footprint(Structure part) {
        var w = part.width().mm() / 2;
        var d = part.depth().mm() / 2;
        return new Box(-w, -d, w, d).ring().through(part.placing());
    }

    List<Mark> posts(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var part : parts) {
            if (part.kind() == Structure.Kind.POST) {
                var ring = footprint(part);
                var path = frame.paper(Path.ring(ring));
                out.add(new Mark.Fill(path, Ink.of(POST.argb())));
                var c = ring.corners();
                out.add(new Mark.Stroke(
                        frame.paper(Path.builder()
                                .line(c.get(0), c.get(2))
                                .line(c.get(1), c.get(3))
                                .build()),
                        pens.swing(),
                        Pens.INK));
                out.add(new Mark.Stroke(path, pens.cutPost(), Pens.INK));
            }
        }
        return out;
    }

    List<Mark> stairs(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var part : parts) {
            if (part.kind() == Structure.Kind.STAIR_DOWN) {
                stair(out, part);
            }
        }
        return out;
    }

    private void stair(List<Mark> out, Structure stair) {
        var w = stair.width().mm() / 2;
        var d = stair.depth().mm() / 2;
        var toPaper = stair.placing().then(frame.toPaper());
        var outline = Path.ring(new Box(-w, -d, w, d).ring()).through(toPaper);
        out.add(new Mark.Fill(outline, Ink.of((lamp == Lamp.DRAFT ? Palette.PAPER : STEP).argb())));
        var goings = Math.max(1, stair.risers() - 1);
        var treads = Path.builder();
        for (var i = 0; i < goings; i++) {
            var y = -d + 2 * d * i / goings;
            treads.line(new Point(-w, y), new Point(w, y));
            if (lamp != Lamp.DRAFT) {
                // lower steps lie in the dark of the well
                var depth = Math.min(0.5, 0.045 * (goings - i));
                var step =
                        Path.ring(new Box(-w, y, w, y + 2 * d / goings).ring()).through(toPaper);
                out.add(new Mark.Fill(step, new Ink(Palette.SHADOW.argb(), depth * 0.6)));
            }
        }
        out.add(new Mark.Stroke(treads.build().through(toPaper), pens.swing(), Pens.swingInk()));
        out.add(new Mark.Stroke(outline, pens.leaf(), Pens.INK));
        arrow(out, stair, d, toPaper);
    }

    private void arrow(List<Mark> out, Structure stair, double d, Affine toPaper) {
        var top = d - 140;
        var foot = -d + 160;
        var head = Math.min(90, stair.width().mm() * 0.12);
        var line = Path.builder()
                .line(new Point(0, top), new Point(0, foot))
                .line(new Point(-head, foot + 1.6 * head), new Point(0, foot), new Point(head, foot + 1.6 * head))
                .build();
        out.add(new Mark.Stroke(line.through(toPaper), pens.leaf(), Pens.INK));
        out.add(new Mark.Fill(Path.circle(toPaper.apply(new Point(0, top)), 0.6), Pens.INK));
        var word = toPaper.apply(new Point(-stair.width().mm() / 4 - 60, top - 60));
        var along = uprightTurn(stair.turnDeg() - 90);
        var align = along == ((90 - stair.turnDeg()) % 360 + 360) % 360 ? Mark.Align.LEFT : Mark.Align.RIGHT;
        out.add(new Mark.Text(
                "down, " + stair.risers() + " risers", word, 1.8, Face.REGULAR, 0, align, along, Pens.INK));
    }

    /** Clockwise page turn of a text along the part's own x, never upside down. */
    private static double uprightTurn(double turnDeg) {
        var turn = ((-turnDeg % 360) + 360) % 360;
        return turn > 90 && turn <= 270 ? turn - 180 : turn;
    }

    /** Balconies: decking with a railing on all sides but the back. */
    List<Mark> balconies(List<Structure> parts, FloorArt floors) {
        var out = new ArrayList<Mark>();
        for (var part : parts) {
            if (part.kind() == Structure.Kind.BALCONY) {
                balcony(out, part, floors);
            }
        }
        return out;
    }

    private void balcony(List<Mark> out, Structure part, FloorArt floors) {
        var ring = footprint(part);
        var material = Materials.of(Materials.DECKING);
        if (lamp != Lamp.DRAFT && material.isPresent()) {
            var finish = new Finish(
                    Materials.DECKING,
                    part.turnDeg() + 90,
                    Position.of(ring.corners().getFirst()));
            out.add(floors.floor(
                    Path.ring(ring),
                    ring.bounds(),
                    material.get(),
                    finish,
                    part.id().number()));
        }
        var w = part.width().mm() / 2;
        var d = part.depth().mm() / 2;
        var toPaper = part.placing().then(frame.toPaper());
        var rail = Path.builder()
                .line(new Point(-w, d), new Point(-w, -d), new Point(w, -d), new Point(w, d))
                .line(
                        new Point(-w + RAIL_MM, d),
                        new Point(-w + RAIL_MM, -d + RAIL_MM),
                        new Point(w - RAIL_MM, -d + RAIL_MM),
                        new Point(w - RAIL_MM, d))
                .build();
        out.add(new Mark.Stroke(rail.through(toPaper), pens.leaf(), Pens.INK));
        var posts = Path.builder();
        var bays = Math.max(1, (int) Math.round(2 * w / 1200));
        for (var i = 0; i <= bays; i++) {
            var x = -w + RAIL_MM / 2 + (2 * w - RAIL_MM) * i / bays;
            posts.ring(new Box(x - 40, -d - 10, x + 40, -d + 70).ring());
        }
        var path = posts.build().through(toPaper);
        out.add(new Mark.Fill(path, Ink.of(POST.argb())));
        out.add(new Mark.Stroke(path, pens.swing(), Pens.INK));
    }
}
