package honeylamp.desktop.panel.card;

import honeylamp.catalogue.KeptFitting;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FittingEdits;
import honeylamp.plan.Fitting;
import honeylamp.takeoff.lighting.FittingTyping;
import java.util.List;
import javafx.scene.Node;

/** Lights, switches and outlets as they are bought, which a person keeps for all plans. */
record ProductFields(WorkspaceModel model, CardFields parts) {
    /** A list of those that can be where fittings are; nothing if none is kept. */
    List<Node> menu(List<Fitting> picked) {
        var kinds = FittingTyping.kindsFor(picked.getFirst());
        var fit = kept().all().stream().filter(k -> kinds.contains(k.kind())).toList();
        if (fit.isEmpty()) {
            return List.of();
        }
        return List.of(Widgets.menu(
                "My products",
                "fitting-my-product",
                "Makes it one of the products you keep, in the same place",
                fit.stream().map(KeptFitting::name).toList(),
                i -> become(picked, fit.get(i))));
    }

    private void become(List<Fitting> picked, KeptFitting product) {
        var plan = parts.plan();
        for (var fitting : picked) {
            plan = FittingEdits.change(plan, parts.at(), fitting.id(), f -> FittingTyping.as(f, product));
        }
        model.edit(plan, "Choose product");
    }

    /** Keeps what a fitting is, or no longer keeps what has its name. */
    Node keeping(Fitting fitting) {
        var name = fitting.buying().name();
        return kept().all().stream()
                .filter(k -> k.name().equals(name))
                .findFirst()
                .map(known -> (Node) Widgets.row(
                        Widgets.button(
                                "Keep as it is now",
                                "fitting-keep",
                                "What you keep under this name becomes like this one; plans stay as they are",
                                () -> keep(fitting)),
                        Widgets.button(
                                "Forget",
                                "fitting-forget",
                                "Is no longer kept; where it is put in it stays",
                                () -> told(
                                        kept().forget(known), "\"" + name + "\" is no longer among your products."))))
                .orElseGet(() -> Widgets.button(
                        "Keep for all plans",
                        "fitting-keep",
                        "It stands among your products in the catalogue, with its light and its price",
                        () -> keep(fitting)));
    }

    private void keep(Fitting fitting) {
        if (fitting.buying().name().isBlank()) {
            model.complain("Say what it is called first; under that name it is kept.");
        } else {
            told(
                    kept().keep(KeptFitting.of(fitting)),
                    "\"" + fitting.buying().name() + "\" is among your products now, in all plans.");
        }
    }

    private void told(String wrong, String done) {
        if (wrong.isEmpty()) {
            model.say(done);
        } else {
            model.complain(wrong);
        }
    }

    private Library<KeptFitting> kept() {
        return parts.libraries().fittings();
    }
}
