package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices.Docked;
import honeylamp.desktop.panel.part.Folding;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.Leaving.Found;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** What to look at once more before the plan leaves the house; a press goes there. */
record LeavingFields(WorkspaceModel model, WindowActions window) {
    Node section(Optional<List<Found>> found) {
        var box = new VBox(4);
        box.getChildren()
                .add(Widgets.button(
                        "Look over all pages",
                        "leaving-check",
                        "Names, north, titles, snags, words, room, scales and approvals of all pages as they print",
                        window::lookOver));
        found.filter(List::isEmpty).ifPresent(_ -> {
            var none = Widgets.quiet("All is ready to leave.");
            none.setId("leaving-none");
            box.getChildren().add(none);
        });
        var all = found.orElse(List.of());
        for (var i = 0; i < all.size(); i++) {
            box.getChildren().add(jump(all.get(i), i));
        }
        return Folding.section(model, "Before it leaves", box);
    }

    private Button jump(Found found, int number) {
        var button = Widgets.button(
                found.sentence(),
                "leaving-" + found.about().name().toLowerCase(Locale.ROOT).replace('_', '-') + "-" + number,
                "Goes where it is changed",
                () -> show(found));
        button.setWrapText(true);
        button.setMinHeight(Button.USE_PREF_SIZE);
        button.setMaxWidth(Double.MAX_VALUE);
        return button;
    }

    private void show(Found found) {
        found.page()
                .flatMap(id -> model.now().plan().presentation().page(id))
                .ifPresent(page ->
                        model.act(new Intent.TurnTo(new Worked(page.views().getFirst(), Optional.of(page.id())))));
        switch (found.about()) {
            case NAME -> model.go(WorkStage.ROOMS);
            case NORTH -> model.go(WorkStage.SITE);
            case SNAG -> {
                var choices = model.now().choices();
                model.chooseWithin(choices.withRound(choices.round().withDocked(Docked.SNAGS)));
            }
            case TITLE, WORDS, ROOM_ON_PAGE, SCALE, APPROVAL -> {}
        }
        model.say(found.sentence());
    }
}
