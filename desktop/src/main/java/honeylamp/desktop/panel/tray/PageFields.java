package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.SeenSets;
import honeylamp.catalogue.SeenSets.SeenSet;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.View;
import honeylamp.units.AngleReader;
import honeylamp.units.AngleReading;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The pages and views of a plan: which are worked on, their names and order, and what a view shows. */
final class PageFields {
    private final WorkspaceModel model;
    private final SheetTray.Part part;
    private final Library<SeenSet> sets;

    PageFields(WorkspaceModel model, SheetTray.Part part, Library<SeenSet> sets) {
        this.sets = sets;
        this.model = model;
        this.part = part;
    }

    private Plan plan() {
        return model.now().plan();
    }

    private ViewId view() {
        return part.view().id();
    }

    private Optional<PageId> page() {
        return part.presentation().page(part.page().id()).map(Page::id);
    }

    /** All pages in their order; each is worked on by a click. */
    Node list() {
        var box = new VBox(4);
        for (var i = 0; i < part.pageNames().size(); i++) {
            var page = part.presentation().pages().get(i);
            box.getChildren()
                    .add(Widgets.toggle(
                            (i + 1) + "  " + part.pageNames().get(i),
                            "page-" + page.id().text(),
                            "Work on this page",
                            page().equals(Optional.of(page.id())),
                            () -> turn(new Worked(page.views().getFirst(), Optional.of(page.id())))));
        }
        return Widgets.section("Pages", box);
    }

    private void turn(Worked worked) {
        model.act(new Intent.TurnTo(worked));
    }

    /** For a view that is on no page. */
    Node none() {
        return Widgets.section(
                "This view is on no page",
                Widgets.button(
                        "Put it on a page",
                        "page-add",
                        "A page of its own, after the others",
                        () -> model.edit(PageEdits.add(plan(), view()).plan(), "Add page")));
    }

    /** What the view shows, and what can be done with view and page. */
    List<Node> nodes() {
        var out = new ArrayList<Node>();
        out.add(Widgets.section("Seen in this view", kinds()));
        if (part.view().crop().isPresent()) {
            out.add(Widgets.button(
                    "Show all of it again",
                    "see-all",
                    "The view shows the whole storey",
                    () -> model.edit(ViewEdits.crop(plan(), view(), Optional.empty()), "Show all")));
        }
        out.add(Widgets.section("Walls in the works", works()));
        out.add(Widgets.section("Turned on the page", turned()));
        page().ifPresent(page -> {
            if (part.presentation().views().size() > 1) {
                out.add(Widgets.section("Views on this page", placed(page)));
            }
            if (part.presentation().pages().size() > 1) {
                out.add(Widgets.section("This page", name(page), order(page)));
            }
        });
        out.add(Widgets.section("Further pages", further()));
        return out;
    }

    /** Which walls the view shows when some go and others are new. */
    private Node works() {
        var row = new FlowPane(6, 6);
        for (var works : View.Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.label(),
                            "view-works-" + works.name().toLowerCase(Locale.ROOT),
                            "What stays, goes and is new is said of walls in their card",
                            works == part.view().works(),
                            () -> model.edit(
                                    ViewEdits.works(plan(), view(), part.reach(), works),
                                    "Change which walls are seen")));
        }
        return row;
    }

    /** Walls are drawn as they are measured; here the page says how they lie on it. */
    private Node turned() {
        var now = part.view().turnDeg();
        return new VBox(
                6,
                words("Degrees, counter-clockwise", "view-turn", shownDeg(now), text -> {
                    switch (AngleReader.read(text)) {
                        case AngleReading.Good(var deg) -> turnPlan(deg);
                        case AngleReading.Bad(var sentence) -> model.complain(sentence);
                    }
                }),
                new FlowPane(
                        6,
                        6,
                        Widgets.button(
                                "A quarter left",
                                "turn-left",
                                "Counter-clockwise on the page",
                                () -> turnPlan(now + 90)),
                        Widgets.button(
                                "A quarter right", "turn-right", "Clockwise on the page", () -> turnPlan(now - 90))));
    }

    private static String shownDeg(double deg) {
        return deg == Math.rint(deg) ? String.valueOf((int) deg) : String.valueOf(deg);
    }

    private void turnPlan(double deg) {
        var reach = part.reach();
        model.edit(ViewEdits.turn(plan(), view(), reach, deg), "Turn on the page");
    }

    private Node kinds() {
        var box = new VBox(4);
        var all = new ArrayList<>(SeenSets.all());
        all.addAll(sets.all());
        box.getChildren()
                .add(Widgets.menu(
                        "As a set",
                        "seen-set",
                        "All kinds at once, under a name",
                        all.stream().map(SeenSet::name).toList(),
                        i -> model.edit(
                                ViewEdits.showing(
                                        plan(), view(), part.reach(), all.get(i).showing()),
                                "Change what is seen")));
        box.getChildren().add(words("Keep as", "seen-set-name", "", name -> {
            var wrong = name.isBlank()
                    ? "A set is known by its name. Type one."
                    : sets.keep(new SeenSet(name.strip(), part.view().showing()));
            if (wrong.isEmpty()) {
                model.say("Kept: \"" + name.strip() + "\" is among the sets, in all your plans.");
            } else {
                model.complain(wrong);
            }
        }));
        for (var kind : Kind.values()) {
            var now = part.view().showing().of(kind);
            var menu = Widgets.menu(
                    now.label(),
                    "seen-" + kind.name().toLowerCase(Locale.ROOT),
                    kind.label() + ": how much of it the view shows",
                    Arrays.stream(Degree.values()).map(Degree::label).toList(),
                    i -> model.edit(
                            ViewEdits.showing(plan(), view(), part.reach(), kind, Degree.values()[i]),
                            "Change what is seen"));
            menu.getStyleClass().add("kind-degree");
            var name = Widgets.quiet(kind.label());
            name.setMaxWidth(Double.MAX_VALUE);
            HBox.setHgrow(name, Priority.ALWAYS);
            HBox.setHgrow(menu, Priority.NEVER);
            box.getChildren().add(Widgets.row(name, menu));
        }
        return box;
    }

    private Node placed(PageId page) {
        var box = new VBox(4);
        var on = part.presentation().page(page).orElseThrow().views();
        for (var i = 0; i < part.viewNames().size(); i++) {
            var each = part.presentation().views().get(i);
            var name = part.viewNames().get(i);
            box.getChildren()
                    .add(Widgets.toggle(
                            name,
                            "place-" + each.id().text(),
                            "Puts the view on this page beside the others, or takes it off",
                            on.contains(each.id()),
                            () -> place(page, each.id())));
        }
        return box;
    }

    private void place(PageId page, ViewId each) {
        switch (PageEdits.place(plan(), page, each)) {
            case Outcome.Done<Plan>(var after) -> {
                var views = after.presentation().page(page).orElseThrow().views();
                var worked = views.contains(view()) ? view() : views.getFirst();
                model.act(
                        new Intent.Edit(after, "Place view"), new Intent.TurnTo(new Worked(worked, Optional.of(page))));
            }
            case Outcome.Refused<Plan> no -> model.complain(no.sentence("That cannot be"));
        }
    }

    private Node name(PageId page) {
        return words(
                "Name",
                "page-name",
                part.presentation().page(page).orElseThrow().name(),
                v -> model.edit(PageEdits.name(plan(), page, v), "Name page"));
    }

    private Node order(PageId page) {
        return new FlowPane(
                6,
                6,
                Widgets.button(
                        "Earlier",
                        "page-earlier",
                        "Changes places with the page before it",
                        () -> model.edit(PageEdits.move(plan(), page, -1), "Move page")),
                Widgets.button(
                        "Later",
                        "page-later",
                        "Changes places with the page after it",
                        () -> model.edit(PageEdits.move(plan(), page, 1), "Move page")),
                Widgets.button(
                        "Take page away",
                        "page-remove",
                        "The views on it stay",
                        () -> model.edit(PageEdits.remove(plan(), page), "Take page away")));
    }

    private Node further() {
        var out = new VBox(
                6,
                Widgets.button(
                        "Another view of this storey",
                        "view-copy",
                        "Like this one, on a page of its own, to be shown in another way",
                        this::copyView));
        page().ifPresent(page -> out.getChildren()
                .add(Widgets.button(
                        "Another page with these views",
                        "page-copy",
                        "Like this one, for other paper or other words",
                        () -> copyPage(page))));
        if (part.presentation().views().size() > 1) {
            out.getChildren()
                    .addAll(
                            words(
                                    "Name of this view",
                                    "view-name",
                                    part.view().name(),
                                    v -> model.edit(ViewEdits.name(plan(), view(), v), "Name view")),
                            Widgets.button(
                                    "Take this view away",
                                    "view-remove",
                                    "With the pages that show no other; the plan itself stays as it is",
                                    () -> model.edit(ViewEdits.remove(plan(), view()), "Take view away")));
        }
        return out;
    }

    private void copyView() {
        var added = ViewEdits.copy(plan(), view());
        model.act(
                new Intent.Edit(added.plan(), "Add view"), new Intent.TurnTo(new Worked(added.id(), Optional.empty())));
    }

    private void copyPage(PageId page) {
        var added = PageEdits.copy(plan(), page);
        model.act(
                new Intent.Edit(added.plan(), "Add page"),
                new Intent.TurnTo(new Worked(view(), Optional.of(added.id()))));
    }

    /** A line of words, taken by Enter or on leaving the field. */
    static Node words(String name, String id, String value, Consumer<String> take) {
        var field = new WordField(name, id, value, take);
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(field);
        return new VBox(2, label, field);
    }
}
