package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.storeys.UnitContents;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.building.StairArt;
import honeylamp.illustrate.building.StructureArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.ground.SiteArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Plan;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;

/** Marks of fixed parts, ground and units under way, in paper mm. */
public final class PartSketches {
    private static final Ink HONEY = Ink.of(ScreenColours.HONEY.argb());

    private PartSketches() {}

    /** A fixed part about to be put in, as it will be drawn. */
    public static List<Mark> part(PaperFrame frame, Plan plan, Storey storey, Structure part, double penMm) {
        var pens = Pens.usual(frame.scale());
        var out = new ArrayList<Mark>();
        if (part.form() instanceof Stair) {
            var alone = plan.withStorey(storey.id(), s -> s.with(Structure.class, List.of(part)));
            out.addAll(new StairArt(
                            frame, pens, Lamp.COLOUR, storey.levels().cut().mm())
                    .marks(FixedParts.on(alone, alone.storey(storey.id())).stairs().stream()
                            .filter(f -> f.part().id().equals(part.id()))
                            .toList()));
        } else {
            var art = new StructureArt(frame, pens, Lamp.COLOUR, plan.units());
            var site = new SiteArt(frame, pens, Lamp.COLOUR, new FloorArt(frame, pens, 0));
            out.addAll(art.onFloor(List.of(part)));
            out.addAll(site.bays(List.of(part)));
            out.addAll(site.cars(List.of(part)));
            out.addAll(art.cut(List.of(part)));
            out.addAll(art.overhead(List.of(part)));
        }
        out.add(new Mark.Stroke(frame.paper(Figure.ring(part.footprint())), Pen.butt(1.6 * penMm), HONEY));
        return out;
    }

    /** An outline on the ground under way: its corners so far and the line back to the first. */
    public static List<Mark> outline(PaperFrame frame, List<Point> corners, double penMm) {
        var out = new ArrayList<Mark>();
        if (corners.size() > 2) {
            out.add(new Mark.Fill(frame.paper(Figure.ring(new Ring(corners))), HONEY.at(0.14)));
        }
        if (corners.size() > 1) {
            out.add(new Mark.Stroke(
                    frame.paper(Figure.line(corners.toArray(Point[]::new))), Pen.butt(2 * penMm), HONEY));
            out.add(Sketches.line(frame, new Segment(corners.getLast(), corners.getFirst()), penMm, true));
        }
        return out;
    }

    /** Where a copy of a unit stands, or would: its walls as a wash, and its rooms' edges. */
    public static List<Mark> unit(
            PaperFrame frame, StoreyGeometry drawn, UnitContents contents, Affine placing, double penMm) {
        var walls = Figure.builder();
        for (var wall : contents.walls()) {
            for (var piece : drawn.network().of(wall.id())) {
                walls.path(frame.paper(Figure.ring(piece.body().through(placing))));
            }
        }
        var out = new ArrayList<Mark>();
        out.add(new Mark.Fill(walls.build(), HONEY.at(0.45)));
        for (var room : contents.rooms()) {
            out.add(new Mark.Stroke(frame.paper(room.outline().through(placing)), Pen.butt(1.4 * penMm), HONEY));
        }
        return out;
    }
}
