package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.FurnishingEdits;
import honeylamp.plan.Buying;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import honeylamp.units.Money;
import java.util.List;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.TextField;

/** What is known of a piece as it is bought, and what becomes of it in the building works. */
record BuyingFields(CardFields parts) {
    Node of(Furnishing piece) {
        var buying = piece.buying();
        var price = field("piece-price", "Price, such as 249.50", Money.text(buying.price()));
        price.setOnAction(_ -> Money.read(price.getText())
                .ifPresentOrElse(
                        cents -> buy(piece, buying.withPrice(cents)),
                        () -> parts.model()
                                .complain("\"" + price.getText()
                                        + "\" is no price. Type a number such as 249.50, at most a million.")));
        return Widgets.section(
                "To buy",
                words("piece-product", "What it is called", buying.name(), piece, buying::withName),
                words("piece-source", "From whom", buying.source(), piece, buying::withSource),
                price,
                words("piece-link", "Link", buying.link(), piece, buying::withLink),
                Widgets.toggle(
                        "Bought",
                        "piece-bought",
                        "Ticked off on the shopping list",
                        buying.state() == Buying.State.BOUGHT,
                        () -> buy(
                                piece,
                                buying.withState(
                                        buying.state() == Buying.State.BOUGHT
                                                ? Buying.State.WANTED
                                                : Buying.State.BOUGHT))));
    }

    private static void takenOnLeaving(TextField field) {
        if (field.getScene() != null) { // else Enter has taken it, and the card was made anew
            field.fireEvent(new ActionEvent());
        }
    }

    private static TextField field(String id, String prompt, String text) {
        var field = new TextField(text);
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.focusedProperty().subscribe((was, is) -> {
            if (was && !is && !field.getText().equals(text)) {
                Platform.runLater(
                        () -> takenOnLeaving(field)); // the focus has moved on by then, and the card may change
            }
        });
        return field;
    }

    private Node words(String id, String prompt, String now, Furnishing piece, Function<String, Buying> with) {
        var field = field(id, prompt, now);
        field.setOnAction(_ -> {
            var text = field.getText().strip();
            if (text.length() > Buying.LONGEST) {
                parts.model().complain("That is too long: " + Buying.LONGEST + " letters are kept at most.");
            } else {
                buy(piece, with.apply(text));
            }
        });
        return field;
    }

    private void buy(Furnishing piece, Buying buying) {
        parts.model()
                .edit(
                        FurnishingEdits.buy(parts.plan(), parts.at(), List.of(piece.id()), buying),
                        "Say how it is bought");
    }

    /** Whether it stays, goes or comes. */
    Node works(Furnishing piece) {
        var row = OneSurface.row();
        for (var works : Wall.Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.label(),
                            "piece-works-" + works.name().toLowerCase(java.util.Locale.ROOT),
                            "What becomes of it in the works",
                            piece.works() == works,
                            () -> parts.model()
                                    .edit(
                                            FurnishingEdits.setWorks(
                                                    parts.plan(), parts.at(), List.of(piece.id()), works),
                                            "Mark furnishing")));
        }
        return Widgets.section("In the works", row);
    }
}
