package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.KeptFitting;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewFitting;
import honeylamp.desktop.gesture.NewFitting.Spread;
import honeylamp.desktop.gesture.NewLighting;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.edit.EveningEdits;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.Annotation.Brightness;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Wall.Works;
import honeylamp.store.AtHand;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** Lights, switches and outlets as symbols, how they are spread, and the view on which they are planned. */
record LightingTray(
        WorkspaceModel model,
        WindowActions window,
        Thumbnails thumbnails,
        Catalogue catalogue,
        Library<KeptFitting> products)
        implements Content<LightingTray.Part> {
    /**
     * What is shown.
     *
     * @param groups of all lights of the plan
     * @param kept products
     * @param isOnView whether the view worked on is one for lights
     */
    record Part(
            NewFitting chosen,
            NewLighting lighting,
            Tool tool,
            boolean isOnView,
            UnitSystem units,
            LightingRules rules,
            Brightness brightness,
            Optional<Evening> evening,
            List<Integer> groups,
            List<KeptFitting> kept,
            List<AtHand> atHand) {
        boolean isPlacing() {
            return tool == Tool.PLACE_FITTING;
        }
    }

    @Override
    public Part part(Workspace now) {
        return new Part(
                now.choices().fitting(),
                now.choices().lighting(),
                now.tool(),
                LightingViews.isOne(now.view()),
                now.plan().units(),
                now.plan().lighting(),
                now.view().annotation().brightness(),
                now.view().light().evening(),
                EveningEdits.groups(now.plan()),
                products.all(),
                catalogue.atHand());
    }

    @Override
    public Object pinning(Part part) {
        return part;
    }

    @Override
    public List<Node> pinned(Part part) {
        var out = new ArrayList<Node>();
        out.add(steps().node(part.lighting().step(), part.isOnView()));
        out.add(Widgets.toggle(
                "Rules",
                "lighting-show-rules",
                "Spacing, reach, sockets, light that is wanted, usual heights",
                part.lighting().step() == NewLighting.Step.RULES,
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withLighting(model.now().choices().lighting().withStep(NewLighting.Step.RULES)))));
        if (part.lighting().step() != NewLighting.Step.FITTINGS) {
            return out;
        }
        out.add(Widgets.button(
                "First lights for this storey",
                "propose-lights",
                window.commands().of("propose-lights").tip("Rooms without lights get some, with switches and sockets"),
                window.commands().of("propose-lights").action()));
        if (part.chosen().canBeSpread()) {
            var spreads = new FlowPane(4, 4);
            for (var spread : Spread.values()) {
                spreads.getChildren()
                        .add(Widgets.toggle(
                                spread.label(),
                                "spread-" + spread.name().toLowerCase(Locale.ROOT),
                                spread.hint(),
                                part.chosen().spread() == spread,
                                () -> take(model.now().choices().fitting().withSpread(spread))));
            }
            out.add(spreads);
        }
        out.add(catalogue.search());
        return out;
    }

    @Override
    public List<Node> nodes(Part part) {
        return switch (part.lighting().step()) {
            case ACTIVITIES ->
                new ActivityFields(model, window, steps()).nodes(part.lighting(), part.tool() == Tool.MARK_ACTIVITY);
            case SOURCES -> new SourceFields(model, steps()).nodes(part.brightness(), part.rules());
            case FITTINGS -> fittings(part);
            case SWITCHES -> new SwitchFields(model, window, steps()).nodes(part.evening(), part.groups());
            case RULES -> new LightingRuleFields(model).nodes(part.rules(), part.units());
        };
    }

    private LightingSteps steps() {
        return new LightingSteps(model, window);
    }

    private List<Node> fittings(Part part) {
        var out = new ArrayList<Node>();
        var mine = new Group(
                "My products", part.kept().stream().map(k -> entry(k, part)).toList());
        out.add(catalogue.of(Stream.concat(
                        Stream.of(mine).filter(g -> !g.entries().isEmpty()),
                        Arrays.stream(FittingKind.Group.values())
                                .map(group -> new Group(
                                        group.label(),
                                        Arrays.stream(FittingKind.values())
                                                .filter(k -> k.group() == group)
                                                .map(k -> entry(k, part))
                                                .toList())))
                .toList()));
        var works = new FlowPane(4, 4);
        for (var state : Works.values()) {
            works.getChildren()
                    .add(Widgets.toggle(
                            state.label(),
                            "fittings-" + state.name().toLowerCase(Locale.ROOT),
                            "What becomes of those put in next",
                            part.chosen().works() == state,
                            () -> take(model.now().choices().fitting().withWorks(state))));
        }
        out.add(Widgets.section("Those put in next are", works));
        return out;
    }

    private Entry entry(FittingKind kind, Part part) {
        var key = "fitting-" + kind.key();
        Supplier<Drawing> sample = () -> Samples.of(kind);
        return new Entry(
                kind.key(),
                key,
                kind.label(),
                part.rules()
                        .height(kind)
                        .or(() -> Fittings.height(kind, part.units()))
                        .map(h -> LengthText.rounded(h, part.units()))
                        .orElse("ceiling"),
                () -> thumbnails.view(key, sample, Samples.FITTING_MM),
                () -> thumbnails.large(key, sample, Samples.FITTING_MM),
                part.isPlacing()
                        && part.chosen().kind() == kind
                        && part.chosen().product().isEmpty(),
                () -> take(model.now().choices().fitting().any(kind)));
    }

    private Entry entry(KeptFitting kept, Part part) {
        var key = "fitting-" + kept.kind().key();
        Supplier<Drawing> sample = () -> Samples.of(kept.kind());
        return new Entry(
                "mine " + kept.name(),
                "my-fitting-" + Tray.id(kept.name()),
                kept.name(),
                kept.emission().map(e -> e.lumen() + " lm").orElse(kept.kind().label()),
                () -> thumbnails.view(key, sample, Samples.FITTING_MM),
                () -> thumbnails.large(key, sample, Samples.FITTING_MM),
                part.isPlacing() && part.chosen().product().equals(Optional.of(kept)),
                () -> take(model.now().choices().fitting().one(kept)));
    }

    private void take(NewFitting chosen) {
        model.act(
                new Intent.ChooseWithin(model.now().choices().withFitting(chosen)),
                new Intent.TakeUp(Tool.PLACE_FITTING));
        window.focusPlan();
    }
}
