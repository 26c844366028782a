package honeylamp.desktop.panel.part;

import honeylamp.derive.listing.SeenFromCorner;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.View;
import honeylamp.units.Figures;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** From where a raised view is looked at. */
public final class RaisedFields {
    private final WorkspaceModel model;

    public RaisedFields(WorkspaceModel model) {
        this.model = model;
    }

    /**
     * What the fields tell.
     *
     * @param corners from which it may be looked at
     */
    private record Part(Optional<Raised> seen, UnitSystem units, View.Lit lit, List<SeenFromCorner> corners) {}

    private final Content<Part> fields = new Content<>() {
        @Override
        public Part part(Workspace now) {
            var raised = model.raised();
            return new Part(raised.seen(), now.plan().units(), now.view().lit(), raised.corners());
        }

        @Override
        public List<Node> nodes(Part part) {
            return part.seen.map(raised -> section(raised, part.units)).stream().toList();
        }
    };

    /** The fields of what is seen, as long as they are shown; none while that is not raised. */
    public Node live() {
        return new LivePart(model, fields);
    }

    private Node section(Raised raised, UnitSystem units) {
        var out = new ArrayList<Node>();
        if (raised instanceof Raised.Inside inside) {
            var fields = new ArrayList<>(inside(inside, units));
            fields.add(light());
            return Widgets.section("Seen from", fields.toArray(Node[]::new));
        }
        if (raised.isSquare()) {
            return Widgets.section("Seen from", square(raised, units).toArray(Node[]::new));
        }
        out.add(corners(raised.eye()));
        out.add(rays(raised.eye()));
        out.add(degrees(
                "Turned",
                "raised-turn",
                raised.eye().turnDeg(),
                0,
                360,
                deg -> new Eye(raised.eye().rays(), deg % 360, raised.eye().downDeg())));
        if (raised.eye().rays() != Raised.Rays.ON_PLAN) {
            out.add(degrees(
                    "Looking down",
                    "raised-down",
                    raised.eye().downDeg(),
                    Eye.LEAST_DOWN_DEG,
                    Eye.MOST_DOWN_DEG,
                    deg -> new Eye(raised.eye().rays(), raised.eye().turnDeg(), deg)));
        }
        switch (raised) {
            case Raised.WholeStorey whole -> {
                out.add(near(whole.near(), List.of(Raised.Near.values())));
                out.add(new LengthField(
                        "Cut above the floor",
                        "raised-cut",
                        whole.cut(),
                        units,
                        v -> model.edit(
                                ViewEdits.cutAt(
                                        model.now().plan(), model.now().view().id(), v),
                                "Cut raised storey"),
                        model::complain));
            }
            case Raised.Building building ->
                out.add(new LengthField(
                        "Storeys apart",
                        "raised-apart",
                        building.apart(),
                        units,
                        LengthReader::notNegative,
                        this::apart,
                        model::complain));
            case Raised.Cutaway cutaway ->
                out.add(near(cutaway.before(), List.of(Raised.Near.GONE, Raised.Near.LOW, Raised.Near.THROUGH)));
            case Raised.Inside _, Raised.RoofPlan _, Raised.Outside _, Raised.Section _ -> {}
        }
        out.add(light());
        return Widgets.section("Seen from", out.toArray(Node[]::new));
    }

    /** Of views straight from a side or from above. */
    private List<Node> square(Raised raised, UnitSystem units) {
        return switch (raised) {
            case Raised.Outside outside -> List.of(corners(outside.eye()), light());
            case Raised.Section section -> section(section, units);
            case Raised.RoofPlan _ -> List.of(Widgets.quiet("From straight above, north at the top."));
            case Raised.Cutaway _, Raised.WholeStorey _, Raised.Building _, Raised.Inside _ -> List.of();
        };
    }

    private List<Node> section(Raised.Section section, UnitSystem units) {
        return List.of(
                new LengthField(
                        "Seen behind the line",
                        "section-depth",
                        section.depth(),
                        units,
                        v -> cut("See deeper", s -> new Raised.Section(s.storey(), s.from(), s.to(), v)),
                        model::complain),
                new LengthField(
                        "Line farther on by",
                        "section-shift",
                        Length.ZERO,
                        units,
                        LengthReader::signed,
                        v -> cut("Move section", s -> s.moved(v)),
                        model::complain),
                Widgets.button(
                        "Look the other way",
                        "section-around",
                        "The same line, seen from the other side",
                        () -> cut("Turn section around", Raised.Section::turnedAround)),
                light());
    }

    private void cut(String action, UnaryOperator<Raised.Section> change) {
        model.edit(ViewEdits.cutAlong(model.now().plan(), model.now().view().id(), change), action);
    }

    private List<Node> inside(Raised.Inside inside, UnitSystem units) {
        return List.of(
                Widgets.quiet("Shift with full stop walks on, with comma back; full stop and comma turn."),
                degrees(
                        "Looking",
                        "inside-towards",
                        inside.towardsDeg(),
                        0,
                        360,
                        deg -> inside.standing(inside.at(), deg).eye()),
                new NumberField(
                        "How wide",
                        "inside-across",
                        inside.acrossDeg(),
                        new Figures(Raised.Inside.LEAST_ACROSS_DEG, Raised.Inside.MOST_ACROSS_DEG, 2),
                        "°",
                        v -> model.edit(
                                ViewEdits.across(
                                        model.now().plan(), model.now().view().id(), v),
                                "Look wider"),
                        model::complain),
                new LengthField(
                        "Eyes above the floor",
                        "inside-high",
                        inside.high(),
                        units,
                        v -> model.edit(
                                ViewEdits.eyesAt(
                                        model.now().plan(), model.now().view().id(), v),
                                "Raise eyes"),
                        model::complain));
    }

    private void apart(Length by) {
        model.edit(ViewEdits.apart(model.now().plan(), model.now().view().id(), by), "Draw storeys apart");
    }

    private Node corners(Eye eye) {
        var out = new FlowPane(4, 4);
        for (var corner : model.raised().corners()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            corner.from(),
                            "raised-from-" + corner.from(),
                            "Looks from the corner in the " + corner.from(),
                            Math.abs(corner.eye().turnDeg() - eye.turnDeg()) < 0.5,
                            () -> model.raised()
                                    .look(new Eye(eye.rays(), corner.eye().turnDeg(), eye.downDeg()))));
        }
        return out;
    }

    /** By what surfaces are lit, and how far that has come. */
    private Node light() {
        var out = new FlowPane(4, 4);
        for (var lit : View.Lit.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            lit.label(),
                            "raised-lit-" + lit.name().toLowerCase(Locale.ROOT),
                            hint(lit),
                            lit == model.now().view().lit(),
                            () -> model.edit(
                                    ViewEdits.lit(
                                            model.now().plan(),
                                            model.now().view().id(),
                                            lit),
                                    "Light raised view")));
        }
        return Widgets.section("Light", out, new LightFar(model.shown().light()));
    }

    private static String hint(View.Lit lit) {
        return switch (lit) {
            case DRAWN -> "Surfaces by the way they look, shadows in one tone; drawn at once";
            case TRACED -> "Light from the sky, windows and lamps, thrown from surface to surface; takes a minute";
        };
    }

    private Node near(Raised.Near now, List<Raised.Near> all) {
        var out = new FlowPane(4, 4);
        for (var near : all) {
            out.getChildren()
                    .add(Widgets.toggle(
                            near.label(),
                            "raised-near-" + near.name().toLowerCase(Locale.ROOT),
                            "What becomes of the walls one looks over",
                            near == now,
                            () -> model.edit(
                                    ViewEdits.near(
                                            model.now().plan(),
                                            model.now().view().id(),
                                            near),
                                    "Near walls")));
        }
        return Widgets.section("Near walls", out);
    }

    private Node rays(Eye eye) {
        var out = new FlowPane(4, 4);
        for (var rays : Raised.Rays.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            rays.label(),
                            "raised-rays-"
                                    + rays.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            hint(rays),
                            rays == eye.rays(),
                            () -> model.raised().look(eye.with(rays))));
        }
        out.getChildren()
                .add(Widgets.button(
                        "Three directions alike",
                        "raised-isometric",
                        "Isometric: lengths along walls and heights are all true to scale",
                        () -> model.raised().look(model.raised().isometric(eye))));
        return out;
    }

    private static String hint(Raised.Rays rays) {
        return switch (rays) {
            case PARALLEL -> "What is alike is as large wherever it stands; to scale";
            case ON_PLAN -> "Floors as the plan has them, to be measured; heights straight up, at three quarters";
            case PERSPECTIVE -> "As an eye sees it, verticals upright; fills its place on the page";
        };
    }

    private interface Turned {
        Eye by(double deg);
    }

    private Node degrees(String name, String id, double value, double least, double most, Turned turned) {
        return new NumberField(
                name,
                id,
                Math.rint(value * 100) / 100,
                new Figures(least, most, 2),
                "°",
                v -> model.raised().look(turned.by(v)),
                model::complain);
    }
}
