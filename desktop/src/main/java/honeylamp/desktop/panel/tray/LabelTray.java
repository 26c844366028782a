package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.LabelSets.LabelSet;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.desktop.gesture.NewMark;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.edit.WordEdits;
import honeylamp.edit.WordEdits.Replaced;
import honeylamp.output.PageReading;
import honeylamp.plan.Annotation;
import honeylamp.plan.Annotation.Words;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.RoomLabel;
import honeylamp.plan.RoomLabel.Cramped;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What labels of rooms say, line by line, and what can be done with notes. */
record LabelTray(WorkspaceModel model, Library<LabelSet> sets) implements Content<LabelTray.Part> {
    /** The worst of the words that are hard to read are listed. */
    private static final int MOST_SHOWN = 12;

    private static final double CLOSE_PX_PER_MM = 0.25;

    /**
     * What is shown.
     *
     * @param reading how well the words of the page are read, if that was asked for and nothing has changed since
     * @param anyMoved whether a name of the view was put elsewhere by hand
     * @param groups of the pieces that stand there
     * @param several whether there is more than one view
     */
    record Part(
            Annotation annotation,
            boolean anyMoved,
            boolean several,
            Reach reach,
            List<LabelSet> kept,
            NewMark mark,
            List<Group> groups,
            Optional<PageReading> reading) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                now.view().annotation(),
                !now.view().moved().isEmpty(),
                now.plan().presentation().views().size() > 1,
                now.choices().presenting().reach(),
                sets.all(),
                now.choices().mark(),
                model.shown().geometry().storey().furnishings().stream()
                        .flatMap(f -> Furnishings.of(f).stream())
                        .map(FurnishingKind::group)
                        .distinct()
                        .sorted()
                        .toList(),
                model.shown().readings().to(model.shown().read()));
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        if (part.several()) {
            out.add(LookTray.reach(model, part.reach(), "All views", "This view only"));
        }
        out.add(Widgets.section("Free marks", marks(part.mark())));
        out.add(Widgets.toggle(
                "All words and figures",
                "words-written",
                "Labels, dimensions, notes and tags: none, or as they were",
                part.annotation().words() == Words.WRITTEN,
                () -> model.annotate(
                        "Leave words out, or write them",
                        a -> a.withWords(a.words().other()))));
        out.add(Widgets.section("Rooms say", sets(part).toArray(Node[]::new)));
        out.add(Widgets.section("Line by line", lines(part.annotation().rooms())));
        out.add(Widgets.section("Areas, up to", bases(part.annotation().rooms())));
        out.add(Widgets.toggle(
                "Numbers in small rooms",
                "labels-cramped",
                "A room without space for its name shows its number, and the list of rooms on the page says which it is; otherwise its name stands closer to the walls",
                part.annotation().rooms().cramped() == Cramped.NUMBER,
                () -> change(l -> l.withCramped(l.cramped().other()))));
        if (!part.groups().isEmpty()) {
            out.add(Widgets.section("Pieces say what they are", groups(part)));
        }
        out.add(PageFields.words("Keep as", "labels-set-name", "", this::keep));
        out.add(Widgets.section("In all words of the plan", replacing()));
        out.add(Widgets.section("Can all be read?", reading(part)));
        if (part.anyMoved()) {
            out.add(Widgets.button(
                    "Labels find their place again",
                    "names-back",
                    "Those that were put by hand in this view go where they find room",
                    () -> model.edit(
                            ViewEdits.namesBack(
                                    model.now().plan(), model.now().worked().view()),
                            "Put names back")));
        }
        out.add(
                Widgets.quiet(
                        "Room labels find the freest place by themselves; drag one where this view should have it. Write notes where you want more words; Pick and move takes them up again."));
        return out;
    }

    /** Measures every word, and lists those that are hard to read; a press on one shows it. */
    private Node reading(Part part) {
        var box = new VBox(4);
        box.getChildren()
                .add(Widgets.button(
                        "Measure every word",
                        "words-readable",
                        "How clear each word and figure of the page is against what truly lies under it, as it prints; a second press ends that",
                        () -> {
                            var page = model.shown().read();
                            var readings = model.shown().readings();
                            if (readings.isAsked(page)) {
                                readings.drop();
                                model.say("Ended; nobody knows whether all words can be read.");
                                return;
                            }
                            readings.ask(page);
                            model.say(
                                    readings.to(page).map(PageReading::sentence).orElse("Reading the page\u2026"));
                        }));
        part.reading().ifPresent(reading -> {
            var found = Widgets.quiet(reading.sentence());
            found.setId("words-read");
            box.getChildren().add(found);
            var hard = reading.hard();
            for (var i = 0; i < Math.min(MOST_SHOWN, hard.size()); i++) {
                var word = hard.get(i);
                box.getChildren()
                        .add(Widgets.button(
                                String.format(Locale.ROOT, "%s, %.1f : 1", word.text(), word.contrast()),
                                "hard-word-" + i,
                                "Shows it",
                                () -> model.act(
                                        new Intent.Show(new Viewport(
                                                model.now().frame().plan(word.at()),
                                                Math.max(model.now().viewport().pxPerMm(), CLOSE_PX_PER_MM))),
                                        new Intent.Say(Said.news(reading.sentence(word))))));
            }
        });
        return box;
    }

    /** What a free mark is; a press takes up its tool. */
    private Node marks(NewMark chosen) {
        var pane = new FlowPane(4, 4);
        for (var shape : Shape.values()) {
            pane.getChildren()
                    .add(Widgets.toggle(
                            shape.label(),
                            "mark-" + shape.name().toLowerCase(Locale.ROOT),
                            "Draws it; no part of the plan",
                            chosen.shape() == shape,
                            () -> draw(new NewMark(shape, chosen.line()))));
        }
        pane.getChildren()
                .add(Widgets.toggle(
                        Line.DASHED.label(),
                        "mark-line-dashed",
                        "How the lines of marks are drawn next",
                        chosen.line() == Line.DASHED,
                        () -> draw(new NewMark(chosen.shape(), chosen.line().other()))));
        return pane;
    }

    private void draw(NewMark mark) {
        model.choose(model.now().choices().withMark(mark));
        model.use(Tool.DRAW_MARK);
    }

    private void change(UnaryOperator<RoomLabel> change) {
        model.annotate("Choose what labels say", a -> a.withRooms(change.apply(a.rooms())));
    }

    private List<Node> sets(Part part) {
        var box = new VBox(4);
        for (var set :
                Stream.concat(LabelSets.all().stream(), part.kept().stream()).toList()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            set.name(),
                            "labels-" + set.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                            "In every room of the view",
                            set.onto(part.annotation().rooms())
                                    .equals(part.annotation().rooms()),
                            () -> change(set::onto)));
        }
        return List.of(box);
    }

    private void keep(String name) {
        var wrong = name.isBlank()
                ? "A set is known by its name. Type one."
                : sets.keep(new LabelSet(name, model.now().view().annotation().rooms()));
        if (wrong.isEmpty()) {
            model.say("Kept: \"" + name + "\" is among what rooms say, in all your plans.");
        } else {
            model.complain(wrong);
        }
    }

    /** What is said in its order, then what is not. */
    private Node lines(RoomLabel label) {
        var box = new VBox(4);
        var unsaid = Arrays.stream(RoomLabel.Part.values())
                .filter(p -> !label.parts().contains(p));
        for (var part : Stream.concat(label.parts().stream(), unsaid).toList()) {
            var key = part.name().toLowerCase(Locale.ROOT).replace('_', '-');
            var said = label.parts().contains(part);
            var row = new HBox(
                    4,
                    Widgets.toggle(
                            part.label(),
                            "label-" + key,
                            said ? "No longer on labels" : "As the last line of labels",
                            said,
                            () -> change(l -> l.toggling(part))));
            if (label.parts().indexOf(part) > 0) {
                var higher = Widgets.button(
                        "Higher", "label-higher-" + key, "One line up", () -> change(l -> l.higher(part)));
                higher.setAccessibleText(part.label() + " one line higher");
                row.getChildren().addAll(Widgets.spring(), higher);
            }
            box.getChildren().add(row);
        }
        return box;
    }

    /** Finds words and puts others in their place. */
    private Node replacing() {
        var find = new TextField();
        find.setId("words-find");
        find.setPromptText("Find");
        find.setAccessibleText("Words to find");
        var by = new TextField();
        by.setId("words-by");
        by.setPromptText("Put in its place");
        by.setAccessibleText("Words to put in their place");
        var replace = Widgets.button(
                "Replace",
                "words-replace",
                "In notes, names of rooms, views, pages and storeys, products, title blocks and notes on pages",
                () -> replace(find.getText(), by.getText()));
        by.setOnAction(_ -> replace(find.getText(), by.getText()));
        return new VBox(4, find, by, replace);
    }

    private void replace(String find, String by) {
        switch (WordEdits.replace(model.now().plan(), find, by)) {
            case Outcome.Done<Replaced>(var done) -> {
                model.edit(done.plan(), "Replace words");
                model.say("Replaced in " + done.places() + (done.places() == 1 ? " place." : " places."));
            }
            case Outcome.Refused<Replaced> no -> model.complain(no.sentence("Nothing is replaced"));
        }
    }

    private Node groups(Part part) {
        var pane = new FlowPane(4, 4);
        for (var group : part.groups()) {
            var key = group.name().toLowerCase(Locale.ROOT);
            pane.getChildren()
                    .add(Widgets.toggle(
                            group.label(),
                            "label-pieces-" + key,
                            "Their products or kinds, on them or beside them",
                            part.annotation().pieces().contains(key),
                            () -> model.annotate("Name pieces", a -> a.naming(key))));
        }
        return pane;
    }

    private Node bases(RoomLabel label) {
        var row = new FlowPane(4, 4);
        for (var basis : AreaBasis.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            basis.label(),
                            "label-basis-" + basis.name().toLowerCase(Locale.ROOT),
                            "Areas of rooms " + basis.definition(),
                            label.basis() == basis,
                            () -> change(l -> l.withBasis(basis))));
        }
        return row;
    }
}
