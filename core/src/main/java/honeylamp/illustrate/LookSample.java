package honeylamp.illustrate;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Finish;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/** The same corner of a house in a look: an armchair by the window, a bath behind a partition. */
public final class LookSample {
    /** The side of the picture, in paper mm. */
    public static final double SIDE_MM = 72;

    private static final double SCALE = 50;

    /** The corner as it is drawn; a look changes nothing of it. */
    private static final Plan CORNER = corner();

    private LookSample() {}

    /** The corner in a look, about the paper origin. */
    public static Drawing of(Look look) {
        return of(look, Looks.UPPER_LEFT);
    }

    /** The same under a light. */
    public static Drawing of(Look look, Light light) {
        var view = CORNER.presentation().views().getFirst().id();
        var looked = ViewEdits.light(ViewEdits.look(CORNER, view, Reach.ALL, _ -> look), view, Reach.ALL, _ -> light);
        var laid = LaidPlan.of(looked).pages().getFirst().views().getFirst();
        var picture = Illustration.of(laid, PaperFrame.atOrigin(SCALE), Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM)
                .only(k -> k != LayerKind.DIMENSIONS && k != LayerKind.LABELS);
        var half = SIDE_MM / 2;
        var square = Figure.ring(new Box(-half, -half, half, half).ring());
        var paper = new Mark.Fill(square, Ink.of(look.palette().of(Role.PAPER).argb()));
        var layers = new ArrayList<>(List.of(Layer.of(LayerKind.PAPER, List.of(paper))));
        layers.addAll(picture.layers());
        return new Drawing(layers).clipped(square);
    }

    private static Plan corner() {
        var plan = NewPlan.in(UnitSystem.MM);
        var storey = plan.storeys().getFirst().id();
        plan = walls(plan, storey);
        plan = opening(plan, storey, 2, OpeningKind.CASEMENT_WINDOW, 2250, 1200);
        plan = opening(plan, storey, 4, OpeningKind.DOOR, 2700, 800);
        plan = room(plan, storey, new Point(-1000, -500), "living", "herringbone-oak");
        plan = room(plan, storey, new Point(1200, -500), "bath", "square-tile");
        plan = piece(plan, storey, "rug", 1700, 1500, -650, -700, 0);
        plan = piece(plan, storey, "armchair", 850, 850, -900, -250, 24);
        plan = piece(plan, storey, "low-table", 700, 500, -400, -1150, 0);
        plan = piece(plan, storey, "plant", 560, 560, -1400, 820, 0);
        return piece(plan, storey, "basin", 600, 480, 1420, 1000, 0);
    }

    private static Plan walls(Plan plan, StoreyId storey) {
        var outer = new WallTypeId(1);
        var inner = new WallTypeId(3);
        var out = wall(plan, storey, outer, -3000, -3000, 3000, -3000);
        out = wall(out, storey, outer, 3000, -3000, 3000, 1250);
        out = wall(out, storey, outer, 3000, 1250, -3000, 1250);
        out = wall(out, storey, outer, -3000, 1250, -3000, -3000);
        return wall(out, storey, inner, 700, -3000, 700, 1250);
    }

    private static Plan wall(Plan plan, StoreyId storey, WallTypeId type, double x0, double y0, double x1, double y1) {
        return WallEdits.add(plan, storey, Position.ofMm(x0, y0), Position.ofMm(x1, y1), BodySide.RIGHT, type)
                .orThrow()
                .plan();
    }

    private static Plan opening(Plan plan, StoreyId storey, int wall, OpeningKind kind, double fromMm, double widthMm) {
        WallId host = plan.storey(storey).walls().get(wall).id();
        return OpeningEdits.add(
                        plan, storey, kind, host, Length.ofMm(fromMm), Length.ofMm(widthMm), Hand.FIRST, Swing.LEFT)
                .plan();
    }

    private static Plan room(Plan plan, StoreyId storey, Point at, String use, String material) {
        var geometry = StoreyGeometry.of(plan, plan.storey(storey));
        var room = geometry.roomAt(at).orElseThrow();
        var used = RoomEdits.use(plan, storey, room, use, CountsAs.INDOOR);
        var there = StoreyGeometry.of(used, used.storey(storey)).roomAt(at).orElseThrow();
        return RoomEdits.floor(used, storey, there, new Finish(material, 45, Position.ofMm(at.x(), at.y())));
    }

    private static Plan piece(
            Plan plan, StoreyId storey, String kind, double wide, double deep, double x, double y, double turnDeg) {
        var usual = Furnishings.of(kind).orElseThrow();
        return FurnishingEdits.add(
                        plan,
                        storey,
                        kind,
                        Length.ofMm(wide),
                        Length.ofMm(deep),
                        usual.height(),
                        Position.ofMm(x, y),
                        turnDeg)
                .plan();
    }
}
