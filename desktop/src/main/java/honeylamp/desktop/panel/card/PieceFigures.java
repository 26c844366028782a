package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Patterns;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.Outcome;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.takeoff.StartProposals;
import honeylamp.takeoff.TileCount;
import honeylamp.takeoff.TileWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** What the pieces of a finish come to, where they are begun better, and how they are bought. */
record PieceFigures(OneSurface on) {
    /** Figures, proposals, and what is known of the pieces as they are bought. */
    List<Node> of(Finish finish, Laying laying) {
        var out = new ArrayList<>(figures(finish, laying));
        out.add(boxes(finish, laying));
        return out;
    }

    private List<Node> figures(Finish finish, Laying laying) {
        if (!finish.courses().isEmpty()) {
            return List.of(Widgets.quiet("The takeoff counts it course by course."));
        }
        var count = count(finish, laying);
        if (count.isEmpty()) {
            return List.of(Widgets.quiet("There are too many pieces to count one by one."));
        }
        var out = new ArrayList<Node>();
        out.add(Widgets.fact("Pieces", TileWords.count(count.get())));
        out.add(Widgets.fact(
                "To order",
                TileWords.order(count.get(), laying, on.parts().plan().units())));
        out.add(Widgets.fact("With offcuts used", TileWords.nested(count.get())));
        out.add(Widgets.fact(
                "Smallest cut",
                TileWords.leastCut(count.get(), on.parts().plan().units())));
        if (count.get().leastShare() < leastShare()) {
            var warning = Widgets.quiet("Less than " + Math.round(100 * leastShare())
                    + " % of a piece. A better start may be found below.");
            warning.getStyleClass().add("complaint");
            out.add(warning);
        }
        if (Patterns.repeats(laying.pattern())) {
            out.add(OneSurface.row(
                    Widgets.button(
                            "Centre it",
                            on.id() + "-centre",
                            "Both ends alike, with a piece or a joint in the middle, whichever leaves the larger end pieces",
                            () -> centre(finish, laying)),
                    Widgets.button(
                            "Find a start",
                            on.id() + "-find-start",
                            "Looks for the start with the fewest and largest cut pieces; nothing changes until you take one",
                            () -> on.model()
                                    .chooseWithin(
                                            on.model().now().choices().withFinishing(f -> f.withStartsOf(on.id()))))));
            out.add(Widgets.slider(
                    "A cut is at least, % of a piece",
                    on.id() + "-least",
                    10,
                    90,
                    100 * leastShare(),
                    (v, _) -> on.model()
                            .chooseWithin(on.model()
                                    .now()
                                    .choices()
                                    .withFinishing(f -> f.withLeastPercent(5 * (int) Math.rint(v / 5))))));
            if (on.model().now().choices().finishing().startsOf().equals(on.id())) {
                out.add(proposals(finish, laying));
            }
        }
        return out;
    }

    private double leastShare() {
        return on.model().now().choices().finishing().leastPercent() / 100.0;
    }

    /** Of all stretches together; empty if one cannot be counted. */
    private Optional<TileCount> count(Finish finish, Laying laying) {
        var counts = on.surface().stream()
                .map(s -> TileCount.of(s, laying, finish, on.seed()))
                .toList();
        return counts.stream().allMatch(Optional::isPresent)
                ? counts.stream().flatMap(Optional::stream).reduce(TileCount::plus)
                : Optional.empty();
    }

    private void centre(Finish finish, Laying laying) {
        var centred = StartProposals.centred(on.largest(), laying, finish);
        on.lay(finish.startingAt(centred.start()), "Move starting point");
        on.model().say(TileWords.centred(centred, on.parts().plan().units()));
    }

    private Node proposals(Finish finish, Laying laying) {
        var box = new VBox(4);
        var all = StartProposals.of(on.largest(), laying, finish, leastShare(), on.seed());
        for (var i = 0; i < all.size(); i++) {
            var proposal = all.get(i);
            box.getChildren()
                    .add(Widgets.button(
                            TileWords.proposal(proposal, on.parts().plan().units()),
                            on.id() + "-start-" + (i + 1),
                            "Begins there",
                            () -> on.lay(finish.startingAt(proposal.start()), "Move starting point")));
        }
        return box;
    }

    private Node boxes(Finish finish, Laying laying) {
        var goods = laying.goods();
        return Widgets.section(
                "As bought",
                whole(
                        "Pieces in a box",
                        on.id() + "-per-box",
                        goods.perBox(),
                        n -> on.lay(
                                Outcome.done(laying.withGoods(goods.withPerBox(n))), finish, "Say what a box holds")),
                whole(
                        "Price, in cents",
                        on.id() + "-price",
                        goods.price(),
                        n -> on.lay(Outcome.done(laying.withGoods(goods.withPrice(n))), finish, "Price pieces")),
                on.parts()
                        .distance(
                                "Thickness",
                                on.id() + "-thickness",
                                goods.thickness(),
                                v -> on.sized(finish, Outcome.done(laying.withGoods(goods.withThickness(v)))),
                                "Say how thick pieces are"),
                on.parts()
                        .distance(
                                "Lost along a cut",
                                on.id() + "-blade",
                                goods.blade(),
                                v -> on.sized(finish, Outcome.done(laying.withGoods(goods.withBlade(v)))),
                                "Change blade"),
                whole(
                        "Weight of a piece, g",
                        on.id() + "-grams",
                        goods.grams(),
                        n -> on.lay(Outcome.done(laying.withGoods(goods.withGrams(n))), finish, "Weigh pieces")));
    }

    private interface Whole {
        void take(int number);
    }

    /** A whole number; 0 means that nobody said. */
    private Node whole(String name, String fieldId, int value, Whole take) {
        var field = new TextField(value == 0 ? "" : String.valueOf(value));
        field.setId(fieldId);
        field.setPromptText("not said");
        field.setAccessibleText(name);
        field.setOnAction(_ -> {
            var typed = field.getText().strip();
            if (typed.matches("[0-9]{0,8}")) {
                take.take(typed.isEmpty() ? 0 : Integer.parseInt(typed));
            } else {
                on.model().complain(name + ": \"" + typed + "\" is no whole number. Type digits only, such as 12.");
            }
        });
        var row = Widgets.row(Widgets.quiet(name), Widgets.spring(), field);
        row.getStyleClass().add("field-row");
        return row;
    }
}
