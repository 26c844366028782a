package honeylamp.illustrate.sketch;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairSteps;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.building.OpeningArt;
import honeylamp.illustrate.building.StairArt;
import honeylamp.illustrate.building.StructureArt;
import honeylamp.illustrate.fitting.FittingArt;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.ground.SiteArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.GroundId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Finish;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Stair;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Small pictures of what can be chosen, drawn as on the sheet, in paper mm about the origin. */
public final class Samples {
    private static final double SCALE = 50;
    private static final double SAMPLE_WALL_MM = 175;

    private Samples() {}

    /** A furnishing at its usual size. */
    public static Drawing of(FurnishingKind kind) {
        var frame = PaperFrame.atOrigin(SCALE);
        var art = new FurnitureArt(frame, Pens.usual(SCALE), Lamp.COLOUR, new Remembered());
        var piece = new Furnishing(
                        new FurnishingId(1), kind.key(), kind.width(), kind.depth(), kind.height(), Position.ORIGIN, 0)
                .withOwn(kind.own());
        return new Drawing(Arrays.stream(honeylamp.catalogue.symbol.SymbolShape.Level.values())
                .map(level -> Layer.of(LayerKind.FURNITURE, art.marks(List.of(piece), level)))
                .toList());
    }

    /** An opening of a kind at its usual size in a short wall, so many plan mm wide. */
    public static Drawing of(OpeningKind kind, double widthMm) {
        var frame = PaperFrame.atOrigin(SCALE);
        var pens = Pens.usual(SCALE);
        var size = kind.usual(UnitSystem.MM);
        var wall = new Wall(
                new WallId(1),
                Position.ofMm(-widthMm, 0),
                Position.ofMm(widthMm, 0),
                BodySide.CENTRE,
                new WallTypeId(1),
                Length.ofMm(2600));
        var width = Math.min(size.width().mm(), 0.6 * widthMm);
        var opening = new Opening(
                new OpeningId(2),
                kind,
                wall.id(),
                Length.ofMm(widthMm - width / 2),
                Length.ofMm(width),
                size.sill(),
                size.head(),
                Hand.FIRST,
                Swing.LEFT);
        var cut = OpeningCut.of(opening, wall, SAMPLE_WALL_MM, Storey.Levels.USUAL_CUT);
        var half = SAMPLE_WALL_MM / 2;
        var solid = Regions.difference(
                List.of(Outline.of(new Box(-widthMm / 2, -half, widthMm / 2, half).ring())),
                List.of(Outline.of(cut.hole())));
        var poche = Figure.builder();
        solid.forEach(o -> poche.path(frame.paper(o)));
        var marks = new ArrayList<Mark>();
        marks.add(new Mark.Fill(poche.build(), pens.ink(Role.POCHE)));
        marks.addAll(new OpeningArt(frame, pens).all(List.of(cut)));
        return new Drawing(List.of(Layer.of(LayerKind.OPENINGS, marks)));
    }

    /** A fixed part, drawn to fit a square. */
    public static Drawing of(Structure.Form form) {
        var frame = PaperFrame.atOrigin(SCALE);
        var pens = Pens.usual(SCALE);
        var part = new Structure(new StructureId(1), form, Position.ORIGIN, 0);
        var marks = new ArrayList<Mark>();
        if (form instanceof Stair stair) {
            var flights = new FixedParts.Flights(part, stair, FixedParts.End.HEAD, StairSteps.of(part, stair), 0);
            marks.addAll(new StairArt(frame, pens, Lamp.COLOUR, stair.rise().mm()).marks(List.of(flights)));
        } else {
            var art = new StructureArt(frame, pens, Lamp.COLOUR, UnitSystem.MM);
            var site = new SiteArt(frame, pens, Lamp.COLOUR, new FloorArt(frame, pens, 1));
            marks.addAll(art.balconies(List.of(part), new FloorArt(frame, pens, 1)));
            marks.addAll(site.bays(List.of(part)));
            marks.addAll(art.onFloor(List.of(part)));
            marks.addAll(site.cars(List.of(part)));
            marks.addAll(art.cut(List.of(part)));
            marks.addAll(art.overhead(List.of(part)));
        }
        marks.removeIf(Mark.Text.class::isInstance);
        return new Drawing(List.of(Layer.of(LayerKind.STRUCTURES, marks)));
    }

    /** The larger side of a fixed part's picture, in paper mm. */
    public static double sizeMm(Structure.Form form) {
        var hearth = form instanceof Structure.Block b && b.kind() == Structure.Kind.FIREPLACE ? 800 : 0;
        return (Math.max(form.width().mm(), form.depth().mm()) + hearth) / SCALE;
    }

    /** A square of ground, so many plan mm wide. */
    public static Drawing of(Ground.Use use, double widthMm) {
        var frame = PaperFrame.atOrigin(SCALE);
        var pens = Pens.usual(SCALE);
        var half = widthMm / 2;
        var ground = new Ground(
                new GroundId(1),
                use,
                List.of(
                        Position.ofMm(-half, -half),
                        Position.ofMm(half, -half),
                        Position.ofMm(half, half),
                        Position.ofMm(-half, half)),
                Length.ofMm(use == Ground.Use.PLOT ? widthMm / 6 : 0));
        var site = new SiteArt(frame, pens, Lamp.COLOUR, new FloorArt(frame, pens, 1));
        return new Drawing(List.of(Layer.of(LayerKind.GROUND, site.sample(ground))));
    }

    /** The larger side of a furnishing's picture, with what stands out of its footprint, in paper mm. */
    public static double sizeMm(FurnishingKind kind) {
        var symbol = kind.symbol(new FurnishingKind.Size(
                kind.width().mm(), kind.depth().mm(), kind.height().mm(), 1));
        var box = symbol.parts().stream()
                .map(p -> p.path().bounds())
                .reduce(Box::union)
                .orElseThrow();
        var reach = Math.max(
                Math.max(Math.abs(box.minX()), Math.abs(box.maxX())),
                Math.max(Math.abs(box.minY()), Math.abs(box.maxY())));
        return 2 * reach / SCALE;
    }

    /** A light, a switch or an outlet as its symbol; {@link #FITTING_MM} wide on paper. */
    public static Drawing of(FittingKind kind) {
        return new Drawing(List.of(Layer.of(
                LayerKind.FITTINGS, FittingArt.sample(kind, Point.ORIGIN, Pens.usual(SCALE), FITTING_MM * 0.7))));
    }

    /** The width of a symbol with room around it, in paper mm. */
    public static final double FITTING_MM = 8;

    /** A square of a floor material, so many plan mm wide. */
    public static Drawing of(Material material, double widthMm) {
        var frame = PaperFrame.atOrigin(SCALE);
        var floors = new FloorArt(frame, Pens.usual(SCALE), 1);
        var box = new Box(-widthMm / 2, -widthMm / 2, widthMm / 2, widthMm / 2);
        var mark = floors.floor(Figure.ring(box.ring()), box, material, Finish.of(material.key()), 3);
        return new Drawing(List.of(Layer.of(LayerKind.FLOOR, List.of(mark))));
    }
}
