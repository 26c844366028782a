package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.KeptFinish;
import honeylamp.catalogue.Materials;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.plan.Finish;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** Finishes a person keeps under names, for all plans: sets of courses, own colours, own ways to lay. */
record KeptFields(OneSurface on) {
    /** A field to keep this finish, and those that are kept. */
    Node of(Finish finish) {
        var name = new TextField();
        name.setId(on.id() + "-keep-name");
        name.setPromptText("A name to keep it under");
        name.setAccessibleText("A name to keep the finish under");
        name.setOnAction(_ -> keep(name.getText(), finish));
        var nodes = new ArrayList<Node>(List.of(name));
        mine(finish).ifPresent(nodes::add);
        return Widgets.section("My finishes", nodes.toArray(Node[]::new));
    }

    private void keep(String name, Finish finish) {
        if (name.isBlank()) {
            on.model().complain("A finish that is kept needs a name.");
            return;
        }
        var wrong = on.parts().libraries().finishes().keep(new KeptFinish(name, finish));
        if (wrong.isEmpty()) {
            on.model().say("\"" + name.strip() + "\" is among your finishes now, in all plans.");
        } else {
            on.model().complain(wrong);
        }
    }

    /** Those that suit the surface, each to be laid there or forgotten; empty if none is kept. */
    Optional<Node> mine(Finish before) {
        var box = new VBox(4);
        var all = on.parts().libraries().finishes().all();
        for (var i = 0; i < all.size(); i++) {
            var kept = all.get(i);
            if (suits(kept, on.place())) {
                box.getChildren()
                        .add(Widgets.row(
                                Widgets.button(
                                        kept.name(),
                                        on.id() + "-kept-" + (i + 1),
                                        "Lays it here",
                                        () -> on.lay(kept.insteadOf(before), "Lay finish")),
                                Widgets.spring(),
                                Widgets.button(
                                        "\u00d7",
                                        on.id() + "-kept-gone-" + (i + 1),
                                        "Is no longer kept; where it lies it stays",
                                        () -> forget(kept))));
            }
        }
        return box.getChildren().isEmpty() ? Optional.empty() : Optional.of(box);
    }

    private void forget(KeptFinish kept) {
        var wrong = on.parts().libraries().finishes().forget(kept);
        if (wrong.isEmpty()) {
            on.model().say("\"" + kept.name() + "\" is no longer among your finishes.");
        } else {
            on.model().complain(wrong);
        }
    }

    private static boolean suits(KeptFinish kept, Place place) {
        return Materials.of(kept.finish().material())
                .filter(m -> m.family().covers(place))
                .isPresent();
    }
}
