package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewOwn;
import honeylamp.desktop.gesture.NewOwn.Effect;
import honeylamp.desktop.gesture.NewOwn.Mode;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.OwnMenus;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** How own pieces are drawn. */
record OwnTray(WorkspaceModel model, WindowActions window) {
    List<Node> of(NewOwn own, UnitSystem units) {
        var modes = new VBox(4);
        for (var mode : Mode.values()) {
            modes.getChildren()
                    .add(Widgets.toggle(
                            mode.label(),
                            "own-mode-" + mode.name().toLowerCase(Locale.ROOT),
                            mode.hint(),
                            own.mode() == mode,
                            () -> choose(o -> o.withMode(mode))));
        }
        var out = new ArrayList<Node>(List.of(modes));
        var effects = new VBox(4);
        for (var effect : Effect.values()) {
            effects.getChildren()
                    .add(Widgets.toggle(
                            effect.label(),
                            "own-effect-" + effect.name().toLowerCase(Locale.ROOT),
                            "What becomes of what is drawn",
                            own.effect() == effect,
                            () -> choose(o -> o.withEffect(effect))));
        }
        out.add(Widgets.section(
                "It becomes",
                effects,
                OwnMenus.fill("own-next-fill", own.fill(), fill -> choose(o -> o.withFill(fill))),
                OwnMenus.pen("own-next-pen", own.pen(), pen -> choose(o -> o.withPen(pen))),
                height("Bottom", "own-next-bottom", own.bottom(), units, v -> choose(o -> o.withBottom(v))),
                height("Top", "own-next-top", own.top(), units, v -> choose(o -> o.withTop(v)))));
        out.add(Widgets.section(
                "Drawn on",
                Widgets.button(
                        "A new piece",
                        "own-new",
                        "What is drawn next begins a piece of its own",
                        () -> model.act(
                                new Intent.Pick(Set.of()),
                                new Intent.ChooseWithin(
                                        model.now().choices().withOwn(own.withReference(Optional.empty()))))),
                Widgets.button(
                        "From its corner",
                        "own-reference-corner",
                        "Places are measured from its left front corner again",
                        () -> choose(o -> o.withReference(Optional.empty())))));
        return out;
    }

    private LengthField height(String name, String id, Length now, UnitSystem units, Consumer<Length> take) {
        return new LengthField(name, id, now, units, LengthReader::notNegative, take, model::complain);
    }

    private void choose(UnaryOperator<NewOwn> change) {
        var choices = model.now().choices();
        model.act(new Intent.ChooseWithin(choices.withOwn(change.apply(choices.own()))));
        window.focusPlan();
    }
}
