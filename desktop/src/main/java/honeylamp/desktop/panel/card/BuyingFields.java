package honeylamp.desktop.panel.card;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.edit.FurnishingEdits;
import honeylamp.plan.Buying;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import honeylamp.units.Money;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.VBox;

/** What is known of a piece as it is bought, and what becomes of it in the building works. */
record BuyingFields(CardFields parts, WindowActions window) {
    private static final double SHOWN_PX = 120;

    Node of(Furnishing piece) {
        var buying = piece.buying();
        var price = new WordField(
                "Price, such as 249.50",
                "piece-price",
                Money.text(buying.price()),
                text -> Money.read(text)
                        .ifPresentOrElse(
                                cents -> buy(piece, buying.withPrice(cents)),
                                () -> parts.model()
                                        .complain("\"" + text
                                                + "\" is no price. Type a number such as 249.50, at most a million.")));
        return parts.folding(
                "To buy",
                words("piece-product", "What it is called", buying.name(), piece, buying::withName),
                words("piece-source", "From whom", buying.source(), piece, buying::withSource),
                price.hinted(),
                words("piece-link", "Link", buying.link(), piece, buying::withLink),
                picture(piece),
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

    private Node words(String id, String prompt, String now, Furnishing piece, Function<String, Buying> with) {
        return new WordField(prompt, id, now, text -> {
                    if (text.length() > Buying.LONGEST) {
                        parts.model().complain("That is too long: " + Buying.LONGEST + " letters are kept at most.");
                    } else {
                        buy(piece, with.apply(text));
                    }
                })
                .hinted();
    }

    /** What the real thing looks like; it stands on the shopping list in the place of the symbol. */
    private Node picture(Furnishing piece) {
        var choose = Widgets.button(
                "Picture of it\u2026",
                "piece-picture",
                "A photograph of the real thing; it is shown here and on the shopping list",
                window::pictureOfPieces);
        if (piece.buying().picture().isEmpty()) {
            return choose;
        }
        var seen = new ImageView(new Image(
                new ByteArrayInputStream(piece.buying().picture().get().bytes()), SHOWN_PX, SHOWN_PX, true, true));
        seen.setAccessibleText("Picture of it");
        var none = Widgets.button(
                "No picture",
                "piece-picture-away",
                "Takes the picture away",
                () -> parts.model()
                        .edit(
                                FurnishingEdits.picture(
                                        parts.plan(), parts.at(), List.of(piece.id()), Optional.empty()),
                                "Take picture away"));
        return new VBox(4, seen, Widgets.row(choose, none));
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
        return parts.folding("In the works", row);
    }
}
