package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.KeptLook;
import honeylamp.catalogue.Looks;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.illustrate.LookSample;
import honeylamp.plan.Colouring;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.Look;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The looks to choose from as small pictures, those that ship and those a person keeps; how strong one is. */
record LookShelf(
        WorkspaceModel model, LookFields parts, WindowActions window, Thumbnails thumbnails, Library<KeptLook> kept) {
    /** One step calmer or stronger. */
    private static final double STRONGER = 1.25;

    List<Node> nodes(Look look, List<KeptLook> own) {
        var out = new ArrayList<Node>();
        var mine = own.stream().filter(k -> k.look().equals(look)).findFirst();
        var shipped = new FlowPane(4, 4);
        for (var preset : Looks.all()) {
            var isOn = mine.isEmpty() && preset.name().equals(look.name());
            shipped.getChildren().add(tile(preset.name(), preset, isOn));
        }
        out.add(Widgets.section(
                "Look",
                shipped,
                state(look, mine),
                Widgets.button(
                        "The look before",
                        "look-flip",
                        "Flips between the two, at the same place (F8)",
                        model::flipLook),
                compare()));
        if (!own.isEmpty()) {
            var tiles = new FlowPane(4, 4);
            own.forEach(k -> tiles.getChildren().add(tile(k.name(), k.look(), mine.equals(Optional.of(k)))));
            out.add(Widgets.section("My looks", tiles));
        }
        out.add(PageFields.words("Keep as", "look-name", "", name -> keep(name, look)));
        mine.ifPresent(k -> out.add(Widgets.button(
                "Forget \u201c" + k.name() + "\u201d", "look-forget", "It is no longer among my looks", () -> {
                    var wrong = kept.forget(k);
                    if (wrong.isEmpty()) {
                        model.say("\u201c" + k.name() + "\u201d is no longer kept; plans that have it keep it.");
                    } else {
                        model.complain(wrong);
                    }
                })));
        out.add(new FlowPane(
                4,
                4,
                Widgets.button("Share my looks", "share-looks", "A file for others", window::shareLooks),
                Widgets.button("Bring in looks", "bring-in-looks", "Those somebody shared", window::bringInLooks)));
        out.add(colours(look));
        return out;
    }

    /** Two looks, or two states, under an edge that is dragged. */
    private Node compare() {
        var comparing = model.now().choices().presenting().comparing();
        if (comparing.isEmpty()) {
            return new FlowPane(
                    4,
                    4,
                    Widgets.button(
                            "Compare looks",
                            "compare-look",
                            "The look before to the left of an edge you drag (Ctrl+F8)",
                            model::compareLook),
                    Widgets.button(
                            "Hold to compare",
                            "compare-state",
                            "The plan as it is now stays to the left of an edge, whatever you change",
                            model::compareState));
        }
        return new VBox(
                4,
                Widgets.slider(
                        "Edge between \u201c" + comparing.get().name() + "\u201d and now",
                        "compare-at",
                        0,
                        1,
                        comparing.get().edge(),
                        (v, _) -> model.compareAt(v)),
                Widgets.button("End comparing", "compare-end", "The plan alone again (Esc)", model::compareNoMore));
    }

    private Node tile(String name, Look look, boolean isOn) {
        var words = new Label(name);
        words.setWrapText(true);
        words.getStyleClass().add("tile-name");
        words.setMinHeight(Label.USE_PREF_SIZE);
        var key = "look " + look.hashCode();
        var picture = thumbnails.view(key, () -> LookSample.of(look), LookSample.SIDE_MM);
        var button = new Button("", new VBox(2, picture, words));
        button.setId("look-" + name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"));
        button.getStyleClass().addAll("tile", "look-tile");
        button.setAccessibleText(isOn ? name + ", chosen" : name);
        button.pseudoClassStateChanged(PseudoClass.getPseudoClass("active"), isOn);
        button.setOnAction(_ -> model.look(look));
        var tip = new Tooltip("A preset; every value stays free to change");
        tip.setOnShowing(_ -> tip.setGraphic(thumbnails.large(key, () -> LookSample.of(look), LookSample.SIDE_MM)));
        tip.setContentDisplay(ContentDisplay.TOP);
        button.setTooltip(tip);
        return button;
    }

    /** Whether it is as it came, and the way back. */
    private Node state(Look look, Optional<KeptLook> mine) {
        if (mine.isPresent() || !Looks.isChanged(look)) {
            var as = Widgets.quiet(mine.map(k -> "\u201c" + k.name() + "\u201d, as you keep it.")
                    .orElse("As it came."));
            as.setId("look-state");
            return as;
        }
        var changed = new Label(look.name() + ", changed");
        changed.setId("look-state");
        return new VBox(
                4,
                changed,
                Widgets.button(
                        "As it came",
                        "look-back",
                        "Every value as the preset has it",
                        () -> model.edit(parts.changed(l -> Looks.of(l.name())), "Take look back")));
    }

    private void keep(String name, Look look) {
        var plain = name.strip();
        if (plain.isEmpty()) {
            model.complain("A look is known by its name. Type one.");
        } else if (Looks.all().stream().anyMatch(l -> l.name().equalsIgnoreCase(plain))) {
            model.complain("\u201c" + plain + "\u201d is one of those that came with the program. Type another name.");
        } else {
            var wrong = kept.keep(new KeptLook(plain, look));
            if (wrong.isEmpty()) {
                model.say("Kept: \u201c" + plain + "\u201d is among your looks, in all your plans.");
            } else {
                model.complain(wrong);
            }
        }
    }

    /** What becomes of the colours of things. */
    private Node colours(Look look) {
        var floors = new FlowPane(4, 4);
        Arrays.stream(Floors.values())
                .forEach(f -> floors.getChildren()
                        .add(Widgets.toggle(
                                f.label(),
                                "floors-" + f.key(),
                                "What is seen of floors",
                                look.colouring().floors() == f,
                                () -> model.edit(
                                        parts.changed(l ->
                                                l.withColouring(l.colouring().withFloors(f))),
                                        "Show floors otherwise"))));
        return Widgets.section(
                "Colours of things",
                floors,
                Widgets.slider(
                        "Strength",
                        "colouring-strength",
                        0,
                        Colouring.MOST_STRENGTH,
                        look.colouring().strength(),
                        (v, going) -> parts.look(
                                going, l -> l.withColouring(l.colouring().withStrength(v)))),
                new FlowPane(
                        4,
                        4,
                        Widgets.button(
                                "Calmer",
                                "look-calmer",
                                "All colours a step weaker",
                                () -> model.edit(parts.changed(l -> Looks.stronger(l, 1 / STRONGER)), "Calm colours")),
                        Widgets.button(
                                "Stronger",
                                "look-stronger",
                                "All colours a step stronger",
                                () -> model.edit(
                                        parts.changed(l -> Looks.stronger(l, STRONGER)), "Strengthen colours"))));
    }
}
