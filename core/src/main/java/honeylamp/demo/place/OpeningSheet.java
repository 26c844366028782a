package honeylamp.demo.place;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.Palettes;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.edit.Added;
import honeylamp.edit.Bays;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Wall.BodySide;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Every kind of opening at 1:50 and 1:100 beside each other, to be looked at for weights and arcs at print size. */
public final class OpeningSheet {
    private static final double WIDTH_MM = 420;
    private static final double HEIGHT_MM = 390;
    private static final double MARGIN_MM = 12;
    private static final double HEADING_MM = 16;
    private static final int COLUMNS = 5;
    private static final double FIELD_WIDTH_MM = 80;
    private static final double FIELD_HEIGHT_MM = 70;
    private static final double AXIS_MM = 52;
    private static final Set<LayerKind> SHOWN = Set.of(LayerKind.POCHE, LayerKind.OPENINGS, LayerKind.OVERHEAD);
    private static final WallTypeId OUTER = new WallTypeId(1);
    private static final WallTypeId INNER = new WallTypeId(2);

    private OpeningSheet() {}

    private record Sample(String name, Plan plan) {}

    public static ComposedPage page() {
        var samples = samples();
        var layers = new ArrayList<Layer>();
        var words = new ArrayList<Mark>();
        words.add(words("Openings at 1:50 and 1:100", MARGIN_MM, MARGIN_MM + 5, 4, Typeface.SEMIBOLD));
        for (var i = 0; i < samples.size(); i++) {
            var left = MARGIN_MM + FIELD_WIDTH_MM * (i % COLUMNS);
            var top = MARGIN_MM + HEADING_MM + FIELD_HEIGHT_MM * (i / COLUMNS);
            words.add(words(samples.get(i).name, left, top, 2.1, Typeface.MEDIUM));
            layers.addAll(drawn(samples.get(i).plan, 50, left + 20, top + AXIS_MM));
            layers.addAll(drawn(samples.get(i).plan, 100, left + 58, top + AXIS_MM));
        }
        layers.addFirst(Layer.of(
                LayerKind.PAPER,
                List.of(new Mark.Fill(
                        Figure.ring(new Box(0, 0, WIDTH_MM, HEIGHT_MM).ring()),
                        Ink.of(Palettes.DAYLIGHT.of(Role.PAPER).argb())))));
        layers.add(Layer.of(LayerKind.LABELS, words));
        return new ComposedPage(WIDTH_MM, HEIGHT_MM, PaperFrame.atOrigin(50), "Openings", "", new Drawing(layers));
    }

    private static Mark words(String text, double x, double y, double high, Typeface face) {
        return new Mark.Text(
                text,
                new Point(x, y),
                high,
                face,
                0,
                Mark.Align.LEFT,
                0,
                Ink.of(Palettes.DAYLIGHT.of(Role.INK).argb()));
    }

    private static List<Layer> drawn(Plan plan, double scale, double x, double y) {
        var view = LaidPlan.of(plan).pages().getFirst().views().getFirst();
        return Illustration.of(view, new PaperFrame(scale, x, y), Lamp.COLOUR, 1).layers().stream()
                .filter(l -> SHOWN.contains(l.kind()))
                .toList();
    }

    private static List<Sample> samples() {
        var out = new ArrayList<Sample>();
        for (var kind : OpeningKind.values()) {
            if (kind != OpeningKind.CORNER_WINDOW) {
                out.add(new Sample(kind.label(), straight(kind)));
            }
        }
        out.add(new Sample("Corner window", corner()));
        out.add(new Sample("Bay window", bay(Bays.Shape.SPLAYED)));
        out.add(new Sample("Bow window", bay(Bays.Shape.BOW)));
        out.add(new Sample("Door in a curved wall", curved(OpeningKind.DOOR)));
        out.add(new Sample("Window in a curved wall", curved(OpeningKind.FIXED_WINDOW)));
        out.add(new Sample("Window above the cut", high()));
        return out;
    }

    private static Plan empty() {
        return NewPlan.in(UnitSystem.MM);
    }

    private static StoreyId storey(Plan plan) {
        return plan.storeys().getFirst().id();
    }

    private static WallTypeId type(OpeningKind kind) {
        return kind.isWindow() || kind == OpeningKind.OUTER_DOOR || kind == OpeningKind.GARAGE_DOOR ? OUTER : INNER;
    }

    private static Plan straight(OpeningKind kind) {
        var plan = empty();
        var half = 1000.0;
        var wall = WallEdits.add(
                        plan,
                        storey(plan),
                        Position.ofMm(-half, 0),
                        Position.ofMm(half, 0),
                        BodySide.CENTRE,
                        type(kind))
                .orThrow();
        var most = kind == OpeningKind.PARTING_DOOR ? 1000 : 1500; // its leaves part by half of that to both sides
        var width = Math.min(most, kind.usual(UnitSystem.MM).width().mm());
        var offset = kind == OpeningKind.POCKET_DOOR ? 2 * half - width - 100 : half - width / 2;
        return put(wall.plan(), wall.id(), kind, offset, width).plan();
    }

    private static Added<OpeningId> put(Plan plan, WallId wall, OpeningKind kind, double offset, double width) {
        return OpeningEdits.add(
                plan, storey(plan), kind, wall, Length.ofMm(offset), Length.ofMm(width), Hand.FIRST, Swing.LEFT);
    }

    private static Plan high() {
        var plan = straight(OpeningKind.FIXED_WINDOW);
        var window = plan.storeys().getFirst().openings().getFirst();
        return OpeningEdits.setHeights(plan, storey(plan), window.id(), Length.ofMm(1700), Length.ofMm(2200))
                .orThrow();
    }

    private static Plan corner() {
        var plan = empty();
        var corner = Position.ofMm(700, -200);
        var first = WallEdits.add(plan, storey(plan), Position.ofMm(-1000, -200), corner, BodySide.RIGHT, OUTER)
                .orThrow();
        var both = WallEdits.add(first.plan(), storey(plan), corner, Position.ofMm(700, 1400), BodySide.RIGHT, OUTER)
                .orThrow()
                .plan();
        var wall = both.storeys().getFirst().walls().getFirst();
        var usual = OpeningKind.CORNER_WINDOW.usual(UnitSystem.MM);
        var half = new Opening(
                new OpeningId(both.nextNumber()),
                OpeningKind.CORNER_WINDOW,
                wall.id(),
                wall.length().minus(usual.width()),
                usual.width(),
                usual.sill(),
                usual.head(),
                Hand.FIRST,
                Swing.LEFT);
        return OpeningEdits.addCorner(
                        both,
                        storey(both),
                        StoreyGeometry.of(both, both.storeys().getFirst()),
                        half)
                .orThrow()
                .plan();
    }

    private static Plan bay(Bays.Shape shape) {
        var plan = empty();
        var wall = WallEdits.add(
                        plan, storey(plan), Position.ofMm(-1000, 500), Position.ofMm(1000, 500), BodySide.RIGHT, OUTER)
                .orThrow();
        var built = Bays.add(
                        wall.plan(),
                        storey(plan),
                        wall.id(),
                        Length.ofMm(150),
                        Length.ofMm(1850),
                        Length.ofMm(500),
                        shape,
                        false)
                .orThrow();
        return Bays.glazed(built, storey(plan), Swing.LEFT);
    }

    private static Plan curved(OpeningKind kind) {
        var plan = empty();
        var wall = WallEdits.addArc(
                        plan,
                        storey(plan),
                        Position.ofMm(-1000, -250),
                        Position.ofMm(1000, -250),
                        Length.ofMm(450),
                        BodySide.CENTRE,
                        type(kind))
                .orThrow();
        var middle = wall.plan().storeys().getFirst().walls().getFirst().line().length() / 2;
        return put(wall.plan(), wall.id(), kind, middle - 450, 900).plan();
    }
}
