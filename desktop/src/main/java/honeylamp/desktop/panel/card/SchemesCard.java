package honeylamp.desktop.panel.card;

import honeylamp.derive.listing.Differing;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.SchemeActions;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.SchemeEdits;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.Schemes;
import honeylamp.takeoff.SchemeReport;
import honeylamp.takeoff.SchemeReport.Line;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Other arrangements of the plan: which one is laid open, in what it differs, and what is taken over from others. */
record SchemesCard(WorkspaceModel model, CardFields parts) {
    /** More lines than this are read in the list beside the plan. */
    private static final int MOST_LINES = 14;

    List<Node> nodes(Workspace now) {
        var schemes = now.plan().schemes();
        var out = new ArrayList<Node>();
        if (schemes.all().isEmpty()) {
            out.add(Widgets.quiet("A scheme is another arrangement of the same house; only what differs is kept."));
        } else {
            out.add(list(schemes));
        }
        out.add(adding(now));
        if (!schemes.open().equals(Schemes.AS_DRAWN)) {
            out.addAll(open(schemes));
        }
        if (!schemes.all().isEmpty()) {
            out.add(against(schemes));
            out.add(differences());
            out.add(pages());
        }
        return List.of(parts.folding("Schemes", out.toArray(Node[]::new)));
    }

    private SchemeActions actions() {
        return model.schemes();
    }

    private Node list(Schemes schemes) {
        var box = new VBox(4);
        for (var id : schemes.ids()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            schemes.name(id),
                            "scheme-" + id.text(),
                            "Lay it open, to be seen and changed (" + Keys.NEXT_SCHEME.text() + " goes on to the next)",
                            id.equals(schemes.open()),
                            () -> actions().open(id)));
        }
        return box;
    }

    private Node adding(Workspace now) {
        var box = new VBox(
                4,
                Widgets.button(
                        "New scheme",
                        "scheme-new",
                        "Like what is laid open; what is changed from now on is changed in it alone",
                        () -> actions().add(Optional.empty())));
        if (now.plan().storeys().size() > 1) {
            box.getChildren()
                    .add(Widgets.button(
                            "New scheme of this storey",
                            "scheme-new-storey",
                            "What is changed on other storeys is changed in the plan as drawn",
                            () -> actions().add(Optional.of(now.storey()))));
        }
        return box;
    }

    private List<Node> open(Schemes schemes) {
        return List.of(
                new WordField(
                        "Name of the scheme",
                        "scheme-name",
                        schemes.name(schemes.open()),
                        name -> model.edit(SchemeEdits.name(parts.plan(), schemes.open(), name), "Name scheme")),
                Widgets.row(
                        Widgets.button(
                                "Adopt",
                                "scheme-adopt",
                                "The plan as drawn becomes like it; the other schemes stay as they are",
                                actions()::adopt),
                        Widgets.button(
                                "Forget",
                                "scheme-forget",
                                Keys.BRINGS_IT_BACK,
                                () -> actions().forget())));
    }

    /** What is compared with what is laid open. */
    private Node against(Schemes schemes) {
        var others =
                schemes.ids().stream().filter(id -> !id.equals(schemes.open())).toList();
        var against = actions().against();
        return new VBox(
                4,
                menu("Beside " + schemes.name(against), "scheme-against", schemes, others),
                Widgets.button(
                        "Under an edge",
                        "scheme-compare",
                        "The other one to the left of an edge that is dragged; Esc ends it",
                        actions()::compare),
                Widgets.toggle(
                        "Mark what differs",
                        "scheme-mark",
                        "On this view, on the screen and in print",
                        model.now().view().arranged().against().isPresent(),
                        actions()::mark));
    }

    private MenuButton menu(String text, String id, Schemes schemes, List<SchemeId> others) {
        var menu = Widgets.menu(
                text,
                id,
                "With which one it is compared",
                others.stream().map(schemes::name).toList(),
                index -> actions().against(others.get(index)));
        menu.setPopupSide(Side.BOTTOM);
        return menu;
    }

    /** What differs, once it is known. */
    private Node differences() {
        var asked = model.shown().compared(actions().against());
        model.shown().differences().ask(asked);
        var box = new VBox(2);
        box.setId("scheme-differences");
        var report = new SimpleObjectProperty<Optional<SchemeReport>>(Optional.empty());
        report.bind(model.shown()
                .differences()
                .known()
                .map(_ -> model.shown().differences().to(asked)));
        report.subscribe(known ->
                box.getChildren().setAll(known.map(this::lines).orElse(List.of(Widgets.quiet("Comparing\u2026")))));
        box.setUserData(report); // lives as long as the box
        return box;
    }

    private List<Node> lines(SchemeReport report) {
        var out = new ArrayList<Node>();
        var counts = new ArrayList<String>();
        for (var kind : Differing.values()) {
            if (report.count(kind) > 0) {
                counts.add(report.count(kind) + " " + kind.label().toLowerCase(Locale.ROOT));
            }
        }
        out.add(Widgets.fact("Differs in", counts.isEmpty() ? "nothing" : String.join(", ", counts)));
        report.cost().ifPresent(words -> out.add(Widgets.fact("Pieces cost", words)));
        report.areas().forEach(words -> out.add(Widgets.quiet(words)));
        var lines = report.lines();
        for (var i = 0; i < Math.min(MOST_LINES, lines.size()); i++) {
            out.add(line(lines.get(i), i));
        }
        if (lines.size() > MOST_LINES) {
            out.add(Widgets.quiet("and " + (lines.size() - MOST_LINES) + " more"));
        }
        return out;
    }

    private Node line(Line line, int number) {
        var button = Widgets.button(
                line.kind().label() + ": " + line.words(),
                "scheme-line-" + number,
                line.of().isPresent() ? "Picks it" : "It is not there any more",
                () -> show(line));
        button.setWrapText(true);
        button.setMinHeight(Region.USE_PREF_SIZE);
        button.setMaxWidth(Double.MAX_VALUE);
        return button;
    }

    private void show(Line line) {
        if (!line.storey().equals(model.now().storey())) {
            model.goTo(line.storey());
        }
        line.of().ifPresent(id -> model.act(new Intent.Pick(Set.of(id))));
    }

    private Node pages() {
        return new VBox(
                4,
                Widgets.button(
                        "A page of each",
                        "scheme-pages",
                        "A page like this one for the plan as drawn and for every scheme",
                        actions()::pages),
                Widgets.button(
                        "Side by side on a page",
                        "scheme-side-by-side",
                        "The one it is compared with, and what is laid open, with what differs marked",
                        actions()::sideBySide));
    }
}
