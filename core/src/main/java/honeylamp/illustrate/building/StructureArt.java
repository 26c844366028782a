package honeylamp.illustrate.building;

import honeylamp.catalogue.Materials;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.TextRole;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/** Draws fixed parts that three sizes describe: cut ones, those that lie on the floor, those overhead. */
public final class StructureArt {
    private static final double RAIL_MM = 60;
    private static final double SHAFT_WALL_MM = 150;
    private static final double HEARTH_MM = 400;
    private static final double FLUE_MM = 220;

    /** So wide the edge of a tray ceiling rises. */
    private static final double TRAY_EDGE_MM = 300;

    /** What an overhang takes of the light at its back, in so many steps. */
    private static final double COVERED = 0.2;

    private static final int COVERED_STEPS = 16;

    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;
    private final UnitSystem units;

    /** Draws with pens on paper; heights are written in units. */
    public StructureArt(PaperFrame frame, Pens pens, Lamp lamp, UnitSystem units) {
        this.units = units;
        this.frame = frame;
        this.pens = pens;
        this.lamp = lamp;
    }

    /** A part with what its drawing needs. */
    private record Drawn(Structure part, Block block, Box box, Affine toPaper) {}

    private List<Drawn> blocks(List<Structure> parts) {
        var out = new ArrayList<Drawn>();
        for (var part : parts) {
            if (part.form() instanceof Block block) {
                out.add(new Drawn(part, block, part.box(), part.placing().then(frame.toPaper())));
            }
        }
        return out;
    }

    /** What the plan cuts: posts, shafts, chimneys, chimney breasts. */
    public List<Mark> cut(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var d : blocks(parts)) {
            switch (d.block.kind()) {
                case POST -> post(out, d);
                case LIFT_SHAFT -> shaft(out, d);
                case CHIMNEY -> chimney(out, d);
                case FIREPLACE -> fireplace(out, d);
                case BALCONY,
                        RAMP,
                        VOID,
                        GALLERY,
                        BEAM,
                        ROOFLIGHT,
                        OVERHANG,
                        TRAY_CEILING,
                        SLOPING_CEILING,
                        DORMER -> {}
            }
        }
        return out;
    }

    /** What lies in the floor, or on it as shade: ramps, voids, and what an overhang covers. */
    public List<Mark> onFloor(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var d : blocks(parts)) {
            switch (d.block.kind()) {
                case RAMP -> ramp(out, d);
                case VOID -> missingFloor(out, d);
                case OVERHANG -> covered(out, d);
                case POST,
                        BALCONY,
                        GALLERY,
                        LIFT_SHAFT,
                        BEAM,
                        FIREPLACE,
                        CHIMNEY,
                        ROOFLIGHT,
                        TRAY_CEILING,
                        SLOPING_CEILING,
                        DORMER -> {}
            }
        }
        return out;
    }

    /** What lies above the cut, dashed: beams, galleries, rooflights, overhangs, ceilings. */
    public List<Mark> overhead(List<Structure> parts) {
        var out = new ArrayList<Mark>();
        for (var d : blocks(parts)) {
            switch (d.block.kind()) {
                case BEAM -> dashed(out, d, sides(d.box));
                case GALLERY -> gallery(out, d);
                case ROOFLIGHT -> rooflight(out, d);
                case OVERHANG -> dashed(out, d, Figure.ring(d.box.ring()));
                case TRAY_CEILING -> tray(out, d);
                case SLOPING_CEILING -> slope(out, d);
                case DORMER -> dormer(out, d);
                case POST, BALCONY, RAMP, VOID, LIFT_SHAFT, FIREPLACE, CHIMNEY -> {}
            }
        }
        return out;
    }

    private void post(List<Mark> out, Drawn d) {
        var path = path(d, d.box);
        out.add(new Mark.Fill(path, Ink.of(pens.colour(Role.POST).argb())));
        out.add(new Mark.Stroke(cross(d.box).through(d.toPaper), pens.swing(), pens.ink()));
        out.add(new Mark.Stroke(path, pens.cutPost(), pens.ink()));
    }

    private static Figure path(Drawn d, Box box) {
        return Figure.ring(box.ring()).through(d.toPaper);
    }

    private static Figure cross(Box b) {
        return Figure.builder()
                .line(new Point(b.minX(), b.minY()), new Point(b.maxX(), b.maxY()))
                .line(new Point(b.minX(), b.maxY()), new Point(b.maxX(), b.minY()))
                .build();
    }

    /** The two long sides of a box. */
    private static Figure sides(Box b) {
        return b.width() >= b.height()
                ? Figure.builder()
                        .line(new Point(b.minX(), b.minY()), new Point(b.maxX(), b.minY()))
                        .line(new Point(b.minX(), b.maxY()), new Point(b.maxX(), b.maxY()))
                        .build()
                : Figure.builder()
                        .line(new Point(b.minX(), b.minY()), new Point(b.minX(), b.maxY()))
                        .line(new Point(b.maxX(), b.minY()), new Point(b.maxX(), b.maxY()))
                        .build();
    }

    private void poche(List<Mark> out, Drawn d, List<Outline> solid) {
        for (var part : solid) {
            var path = part.path().through(d.toPaper);
            out.add(new Mark.Fill(path, pens.ink(Role.POCHE)));
            out.add(new Mark.Stroke(path, pens.cutPost(), pens.ink()));
        }
    }

    /** Walls around the shaft with a door to the front, and the car crossed through. */
    private void shaft(List<Mark> out, Drawn d) {
        var wall = Math.min(SHAFT_WALL_MM, Math.min(d.box.width(), d.box.height()) / 6);
        var inner = d.box.grown(-wall);
        var door = Math.min(900, inner.width() * 0.7) / 2;
        var gap = new Box(-door, d.box.minY(), door, inner.minY());
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(path(d, d.box), Ink.of(pens.colour(Role.DEPTH).argb())));
        }
        poche(
                out,
                d,
                Regions.difference(
                        List.of(Outline.of(d.box.ring())), List.of(Outline.of(inner.ring()), Outline.of(gap.ring()))));
        var aside = Math.min(80, inner.width() / 4);
        var front = Math.min(60, inner.height() / 8);
        var car = new Box(
                inner.minX() + aside,
                inner.minY() + front,
                inner.maxX() - aside,
                inner.maxY() - Math.min(160, inner.height() / 4));
        var lines = Figure.builder()
                .ring(car.ring())
                .path(cross(car))
                .line(new Point(-door, gap.minY() + wall / 3), new Point(door, gap.minY() + wall / 3))
                .line(new Point(-door, gap.minY() + wall * 2 / 3), new Point(door, gap.minY() + wall * 2 / 3));
        out.add(new Mark.Stroke(lines.build().through(d.toPaper), pens.swing(), pens.swingInk()));
    }

    private void chimney(List<Mark> out, Drawn d) {
        var size = Math.min(FLUE_MM, Math.min(d.box.width(), d.box.height()) * 0.55);
        var flues = Math.max(1, (int) (d.box.width() / (1.8 * size)));
        var holes = new ArrayList<Outline>();
        var lines = Figure.builder();
        for (var i = 0; i < flues; i++) {
            var x = d.box.minX() + d.box.width() * (i + 0.5) / flues;
            var flue = new Box(x - size / 2, -size / 2, x + size / 2, size / 2);
            holes.add(Outline.of(flue.ring()));
            lines.line(new Point(flue.minX(), flue.minY()), new Point(flue.maxX(), flue.maxY()));
        }
        for (var hole : holes) {
            out.add(new Mark.Fill(hole.path().through(d.toPaper), pens.ink(Role.PAPER)));
        }
        poche(out, d, Regions.difference(List.of(Outline.of(d.box.ring())), holes));
        out.add(new Mark.Stroke(lines.build().through(d.toPaper), pens.swing(), pens.ink()));
    }

    /** The chimney breast with the fire's splayed opening, and the hearth before it. */
    private void fireplace(List<Mark> out, Drawn d) {
        var front = d.box.minY();
        var mouth = d.box.width() * 0.30;
        var back = mouth * 0.66;
        var deep = front + d.box.height() * 0.66;
        var fire = Ring.of(
                new Point(-mouth, front), new Point(mouth, front), new Point(back, deep), new Point(-back, deep));
        var slab = new Box(-mouth - 150, front - HEARTH_MM, mouth + 150, front);
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(path(d, slab), Ink.of(pens.colour(Role.HEARTH).argb())));
        }
        out.add(new Mark.Stroke(path(d, slab), pens.swing(), pens.swingInk()));
        var mouthPath = Figure.ring(fire).through(d.toPaper);
        out.add(new Mark.Fill(
                mouthPath, Ink.of((lamp == Lamp.DRAFT ? pens.colour(Role.PAPER) : pens.colour(Role.FIRE)).argb())));
        poche(out, d, Regions.difference(List.of(Outline.of(d.box.ring())), List.of(Outline.of(fire))));
        out.add(new Mark.Stroke(mouthPath, pens.leaf(), pens.ink()));
    }

    private void ramp(List<Mark> out, Drawn d) {
        var path = path(d, d.box);
        out.add(new Mark.Fill(
                path, Ink.of((lamp == Lamp.DRAFT ? pens.colour(Role.PAPER) : pens.colour(Role.RAMP)).argb())));
        out.add(new Mark.Stroke(path, pens.leaf(), pens.ink()));
        var foot = d.box.minY() + Math.min(160, d.box.height() * 0.1);
        var top = d.box.maxY() - Math.min(160, d.box.height() * 0.1);
        var head = Math.min(110, d.box.width() * 0.12);
        var lines = Figure.builder()
                .line(new Point(0, foot), new Point(0, top))
                .line(new Point(-head, top - 1.7 * head), new Point(0, top), new Point(head, top - 1.7 * head))
                .build();
        out.add(new Mark.Stroke(lines.through(d.toPaper), pens.leaf(), pens.ink()));
        words(out, d, "up, 1 in " + Math.round(d.block.climbsOneIn()), new Point(-d.box.width() / 4, 0), 90);
    }

    private void missingFloor(List<Mark> out, Drawn d) {
        var path = path(d, d.box);
        if (lamp != Lamp.DRAFT) {
            out.add(new Mark.Fill(path, Ink.of(pens.colour(Role.DEPTH).argb())));
        }
        out.add(new Mark.Stroke(cross(d.box).through(d.toPaper), pens.swing(), pens.innerInk()));
        out.add(new Mark.Stroke(path, pens.leaf(), pens.ink()));
        out.add(new Mark.Stroke(path(d, d.box.grown(-RAIL_MM)), pens.swing(), pens.swingInk()));
        words(out, d, "void", new Point(0, d.box.height() / 4), 0);
    }

    private void gallery(List<Mark> out, Drawn d) {
        dashed(out, d, Figure.ring(d.box.ring()));
        var rail = d.box.minY() + RAIL_MM;
        dashed(out, d, Figure.line(new Point(d.box.minX(), rail), new Point(d.box.maxX(), rail)));
        words(out, d, "gallery above", new Point(0, d.box.minY() + d.box.height() * 0.25), 0);
    }

    private void rooflight(List<Mark> out, Drawn d) {
        dashed(out, d, Figure.ring(d.box.ring()));
        dashed(out, d, cross(d.box));
    }

    /** The shade below an overhang, darker towards the building it comes from, which lies behind it. */
    private void covered(List<Mark> out, Drawn d) {
        if (lamp != Lamp.LIT) {
            return;
        }
        var shadow = pens.colour(Role.SHADOW).argb();
        for (var i = 1; i <= COVERED_STEPS; i++) {
            var front = d.box.minY() + d.box.height() * (i - 1) / (COVERED_STEPS + 1);
            var part = new Box(d.box.minX(), front, d.box.maxX(), d.box.maxY());
            out.add(new Mark.Fill(path(d, part), new Ink(shadow, COVERED / COVERED_STEPS)));
        }
    }

    /** The edge of the raised part, and where it has risen. */
    private void tray(List<Mark> out, Drawn d) {
        var inner = d.box.grown(-Math.min(TRAY_EDGE_MM, Math.min(d.box.width(), d.box.height()) / 6));
        dashed(out, d, Figure.ring(d.box.ring()));
        dashed(out, d, Figure.ring(inner.ring()));
        var corners = Figure.builder();
        for (var i = 0; i < d.box.ring().corners().size(); i++) {
            corners.line(d.box.ring().corners().get(i), inner.ring().corners().get(i));
        }
        dashed(out, d, corners.build());
        words(out, d, "ceiling " + height(d), new Point(0, (inner.maxY() + d.box.maxY()) / 2), 0);
    }

    /** The edge of the slope, and an arrow down it. */
    private void slope(List<Mark> out, Drawn d) {
        dashed(out, d, Figure.ring(d.box.ring()));
        var low = d.box.minY() + Math.min(200, d.box.height() * 0.12);
        var high = d.box.maxY() - Math.min(200, d.box.height() * 0.12);
        var head = Math.min(110, d.box.width() * 0.1);
        dashed(out, d, Figure.line(new Point(0, high), new Point(0, low)));
        out.add(new Mark.Stroke(
                Figure.line(new Point(-head, low + 1.7 * head), new Point(0, low), new Point(head, low + 1.7 * head))
                        .through(d.toPaper),
                pens.swing(),
                pens.swingInk()));
        words(out, d, "slopes to " + height(d), new Point(-d.box.width() / 4, d.box.minY() + d.box.height() * 0.3), 0);
    }

    /** Its walls, and its ridge from the front back. */
    private void dormer(List<Mark> out, Drawn d) {
        dashed(out, d, Figure.ring(d.box.ring()));
        dashed(out, d, Figure.line(new Point(0, d.box.minY()), new Point(0, d.box.maxY())));
    }

    private String height(Drawn d) {
        return LengthText.built(LengthText.rounded(d.block.height(), units));
    }

    private void dashed(List<Mark> out, Drawn d, Figure own) {
        out.add(new Mark.Stroke(own.through(d.toPaper), pens.overhead(), pens.swingInk()));
    }

    /** Words about a point of the part's own frame, along a direction of it, never upside down. */
    private void words(List<Mark> out, Drawn d, String text, Point at, double alongDeg) {
        var turn = StairArt.upright(-(d.part.turnDeg() + alongDeg));
        var width =
                frame.planMm(pens.face(TextRole.STAIR, Typeface.REGULAR).widthMm(text, pens.cap(TextRole.STAIR), 0));
        if (width < Math.max(d.box.width(), d.box.height())) {
            out.add(StairArt.written(pens, text, d.toPaper.apply(at), turn));
        }
    }

    /** Balconies: decking with a railing on all sides but the back. */
    public List<Mark> balconies(List<Structure> parts, FloorArt floors) {
        var out = new ArrayList<Mark>();
        for (var d : blocks(parts)) {
            if (d.block.kind() == Structure.Kind.BALCONY) {
                balcony(out, d, floors);
            }
        }
        return out;
    }

    private void balcony(List<Mark> out, Drawn drawn, FloorArt floors) {
        var part = drawn.part;
        var ring = part.footprint();
        var material = Materials.of(Materials.DECKING);
        if (lamp != Lamp.DRAFT && material.isPresent()) {
            var finish = new Finish(
                    Materials.DECKING,
                    part.turnDeg() + 90,
                    Position.of(ring.corners().getFirst()));
            out.add(floors.floor(
                    Figure.ring(ring),
                    ring.bounds(),
                    material.get(),
                    finish,
                    part.id().seed()));
        }
        var w = part.width().mm() / 2;
        var d = part.depth().mm() / 2;
        var rail = Figure.builder()
                .line(new Point(-w, d), new Point(-w, -d), new Point(w, -d), new Point(w, d))
                .line(
                        new Point(-w + RAIL_MM, d),
                        new Point(-w + RAIL_MM, -d + RAIL_MM),
                        new Point(w - RAIL_MM, -d + RAIL_MM),
                        new Point(w - RAIL_MM, d))
                .build();
        out.add(new Mark.Stroke(rail.through(drawn.toPaper), pens.leaf(), pens.ink()));
        var posts = Figure.builder();
        var bays = Math.max(1, (int) Math.round(2 * w / 1200));
        for (var i = 0; i <= bays; i++) {
            var x = -w + RAIL_MM / 2 + (2 * w - RAIL_MM) * i / bays;
            posts.ring(new Box(x - 40, -d - 10, x + 40, -d + 70).ring());
        }
        var path = posts.build().through(drawn.toPaper);
        out.add(new Mark.Fill(path, Ink.of(pens.colour(Role.POST).argb())));
        out.add(new Mark.Stroke(path, pens.swing(), pens.ink()));
    }
}
