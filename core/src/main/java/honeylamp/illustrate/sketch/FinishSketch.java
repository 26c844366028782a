package honeylamp.illustrate.sketch;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.ScreenColours;
import honeylamp.catalogue.piece.Counters;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.SurfacesAt.Target;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Look;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.List;

/** What a finish will look like where it is about to be laid: around what stands there, and outlined. */
public final class FinishSketch {
    /** A wall's side is shown so wide on paper. */
    private static final double SIDE_PAPER_MM = 1.4;

    /** Parts of a symbol smaller than this are ornaments on larger ones. */
    private static final double SMALL_MM = 150;

    private FinishSketch() {}

    /** The pattern on what lies level, the colour along what stands upright; a ceiling is outlined only. */
    public static List<Mark> of(
            LaidStorey storey, PaperFrame frame, Look look, Target target, Material material, Finish finish) {
        var out = new ArrayList<Mark>();
        switch (target.lies()) {
            case COUNTER -> counter(out, storey, frame, look, target, material, finish);
            case FLOOR, OUTSIDE -> floor(out, storey, frame, look, target, material, finish);
            case WALL -> {
                for (var line : target.lines()) {
                    out.add(new Mark.Stroke(
                            Figure.line(frame.paper(line.a()), frame.paper(line.b())),
                            Pen.butt(SIDE_PAPER_MM),
                            Ink.of(look.colouring()
                                    .of(material.in(look).as(finish).tone())
                                    .argb())));
                }
            }
            case CEILING -> {}
        }
        return out;
    }

    private static void floor(
            List<Mark> out,
            LaidStorey storey,
            PaperFrame frame,
            Look look,
            Target target,
            Material material,
            Finish finish) {
        var free = Regions.difference(target.outline(), standing(storey, target.outline()));
        laid(out, frame, look, free, target, material, inPlan(storey, target, finish));
    }

    /** What is let into a counter is seen. */
    private static void counter(
            List<Mark> out,
            LaidStorey storey,
            PaperFrame frame,
            Look look,
            Target target,
            Material material,
            Finish finish) {
        target.surfaces().stream()
                .flatMap(s -> storey.storey().elements().find(Furnishing.class, (FurnishingId) s.host()).stream())
                .map(piece -> Counters.frame(piece, 0).inPlan(finish))
                .forEach(there -> laid(out, frame, look, target.outline(), target, material, there));
    }

    private static void laid(
            List<Mark> out,
            PaperFrame frame,
            Look look,
            List<Outline> seen,
            Target target,
            Material material,
            Finish inPlan) {
        var path = Figure.builder();
        seen.forEach(o -> path.path(o.path()));
        var shape = path.build();
        if (!shape.isEmpty()) {
            var seed = target.surfaces().isEmpty()
                    ? 0
                    : target.surfaces().getFirst().host().seed();
            out.add(new FloorArt(frame, Pens.of(look, frame.scale()), 1)
                    .floor(shape, shape.bounds(), material, inPlan, seed));
        }
    }

    /** A finish as it lies in the plan; only thresholds have a frame of their own. */
    private static Finish inPlan(LaidStorey storey, Target target, Finish finish) {
        return target.surfaces().stream()
                .findFirst()
                .filter(Surface.Threshold.class::isInstance)
                .flatMap(s -> storey.geometry().cut(((Surface.Threshold) s).opening()))
                .flatMap(cut -> Surfaces.threshold(storey, cut))
                .map(found -> found.frame().inPlan(finish))
                .orElse(finish);
    }

    /** What stands on a floor. */
    private static List<Outline> standing(LaidStorey storey, List<Outline> floor) {
        var around = floor.stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
        var out = new ArrayList<Outline>();
        for (var piece : storey.storey().furnishings()) {
            if (Picking.footprint(piece).bounds().meets(around)) {
                out.addAll(seen(piece));
            }
        }
        for (var part : storey.storey().structures()) {
            if (part.footprint().bounds().meets(around)) {
                out.add(Outline.of(part.footprint()));
            }
        }
        return out;
    }

    /** What a piece takes up as it is drawn, with the chairs that stand round it. */
    private static List<Outline> seen(Furnishing piece) {
        var kind = Furnishings.of(piece);
        if (kind.isEmpty()) {
            return List.of(Outline.of(Picking.footprint(piece)));
        }
        var symbol = kind.get()
                .symbol(new FurnishingKind.Size(
                        piece.width().mm(),
                        piece.depth().mm(),
                        piece.height().mm(),
                        piece.id().seed()));
        var boxes = symbol.parts().stream()
                .filter(p -> p.path().bounds().width() > SMALL_MM
                        && p.path().bounds().height() > SMALL_MM)
                .map(p -> Outline.of(
                        p.path().bounds().ring().through(piece.placing()).counterClockwise()))
                .toList();
        return Regions.union(boxes);
    }

    /** What is about to be covered, outlined. */
    public static List<Mark> outline(PaperFrame frame, Target target, double penMm) {
        var honey = Ink.of(ScreenColours.HONEY.argb());
        var out = new ArrayList<Mark>();
        for (var part : target.outline()) {
            out.add(new Mark.Stroke(frame.paper(part), Pen.butt(2.5 * penMm), honey));
        }
        for (var line : target.lines()) {
            out.add(new Mark.Stroke(
                    Figure.line(frame.paper(line.a()), frame.paper(line.b())), Pen.butt(2.5 * penMm), honey));
        }
        return out;
    }
}
