package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.ArrangementEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Arrangement.LaidList;
import honeylamp.plan.Arrangement.Line;
import honeylamp.plan.Arrangement.Lists;
import honeylamp.plan.Arrangement.Run;
import honeylamp.plan.Arrangement.Shares;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.sheet.ScaleChoice;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Which lists a page has, where its parts stand, and the setting-out lines of the page. */
record ArrangementFields(WorkspaceModel model, SheetTray.Part part) {
    private Plan plan() {
        return model.now().plan();
    }

    private PageId id() {
        return part.page().id();
    }

    private Arrangement now() {
        return part.page().arrangement();
    }

    /** What is listed; each list by a click. */
    Node lists() {
        var out = new FlowPane(6, 6);
        for (var list : Listing.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            list.label(),
                            "list-" + list.name().toLowerCase(Locale.ROOT),
                            part.page().hasColumn()
                                    ? "Listed in the column beside the plan"
                                    : "Listed in a band below the plan; the plan has the less room",
                            part.page().lists().contains(list),
                            () -> model.edit(PageEdits.toggle(plan(), id(), part.reach(), list), "Change lists")));
        }
        return out;
    }

    /** Where lists and views go by themselves, what was put elsewhere, and what helps to put it. */
    Node all() {
        var out = new VBox(6, Widgets.quiet("Lists and title block"), places());
        if (part.page().views().size() > 1 || !part.page().showsViews()) {
            out.getChildren().addAll(Widgets.quiet("Views"), shares());
        }
        if (!now().laid().isEmpty()) {
            out.getChildren().add(Widgets.quiet("Put elsewhere: drag them on the page, or type"));
            now().laid().forEach(laid -> out.getChildren().add(laid(laid)));
            out.getChildren()
                    .add(Widgets.button(
                            "All back where they go by themselves",
                            "laid-all-back",
                            "Undo puts them there again",
                            () -> model.edit(ArrangementEdits.liftAll(plan(), id()), "Put lists back")));
        }
        out.getChildren().addAll(further(), settingOut());
        return out;
    }

    private Node places() {
        var out = new FlowPane(6, 6);
        for (var each : Lists.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            each.label(),
                            "lists-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            each == Lists.BY_PAPER
                                    ? "Beside the views on wide paper, below them on narrow paper"
                                    : "On all paper that has room for it",
                            now().lists() == each,
                            () -> model.edit(
                                    kept(ArrangementEdits.lists(plan(), id(), part.reach(), each)), "Arrange page")));
        }
        return out;
    }

    private Node shares() {
        var out = new FlowPane(6, 6);
        for (var each : Shares.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            each.label(),
                            "shares-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            "How the views share their place",
                            now().shares() == each,
                            () -> model.edit(kept(ArrangementEdits.shares(plan(), id(), each)), "Arrange views")));
        }
        return out;
    }

    /** Scales that somebody chose keep their room. */
    private Outcome<Plan> kept(Plan changed) {
        return ScaleChoice.keeping(model.shown().plan(), changed);
    }

    private Node laid(LaidList laid) {
        var name = new Label(laid.list().label());
        name.getStyleClass().add("field-name");
        var id = laid.list().name().toLowerCase(Locale.ROOT);
        return new VBox(
                4,
                name,
                mm("From the left", "laid-left-" + id, laid.leftMm(), v -> put(laid, v, laid.downMm(), laid.widthMm())),
                mm("From the top", "laid-down-" + id, laid.downMm(), v -> put(laid, laid.leftMm(), v, laid.widthMm())),
                mm("Width", "laid-width-" + id, laid.widthMm(), v -> put(laid, laid.leftMm(), laid.downMm(), v)),
                Widgets.button(
                        "Back where it goes by itself",
                        "laid-back-" + id,
                        "Undo puts it here again",
                        () -> model.edit(ArrangementEdits.lift(plan(), id(), laid.list()), "Put list back")));
    }

    private Outcome<Plan> put(LaidList laid, double left, double down, double width) {
        return ArrangementEdits.put(plan(), id(), laid.list(), left, down, width);
    }

    private Node mm(String name, String id, double mm, Function<Double, Outcome<Plan>> change) {
        return PictureFields.paperMm(model, part.units(), name, id, mm, change, "Put on page");
    }

    /** Pages for what has no room on this one. */
    private Node further() {
        var goOn = Widgets.button(
                "Go on on another page",
                "go-on",
                part.goesOver()
                        ? "A page after this one, with what has no room here"
                        : "All that is listed has room on this page",
                () -> ArrangementEdits.goOn(plan(), id()).map(added -> turned(added, "Go on on another page")));
        goOn.setDisable(!part.goesOver());
        return new FlowPane(
                6,
                6,
                goOn,
                Widgets.button(
                        "A page for lists",
                        "lists-page",
                        "A page after this one without views: for schedules and long lists",
                        () -> turned(
                                ArrangementEdits.listsPage(
                                        plan(), id(), Set.of(Listing.ROOMS, Listing.DOORS, Listing.WINDOWS)),
                                "Add page for lists")));
    }

    private Plan turned(Added<PageId> added, String action) {
        model.edit(added.plan(), action);
        model.act(new Intent.TurnTo(new Worked(model.now().worked().view(), Optional.of(added.id()))));
        return added.plan();
    }

    private Node settingOut() {
        var out = new VBox(
                4,
                Widgets.quiet("Setting-out lines of the page, never printed"),
                new FlowPane(6, 6, line("One across", Run.ACROSS), line("One down", Run.DOWN)));
        for (var i = 0; i < now().lines().size(); i++) {
            var at = i;
            var line = now().lines().get(i);
            out.getChildren()
                    .add(new VBox(
                            2,
                            mm(
                                    line.run() == Run.DOWN ? "From the left" : "From the top",
                                    "page-line-" + i,
                                    line.mm(),
                                    v -> ArrangementEdits.putLine(plan(), id(), at, v)),
                            Widgets.button(
                                    "Take it away",
                                    "page-line-away-" + i,
                                    "Undo brings it back",
                                    () -> model.edit(
                                            ArrangementEdits.takeLine(plan(), id(), at),
                                            "Take setting-out line away"))));
        }
        out.getChildren()
                .addAll(
                        Widgets.quiet("What is dragged keeps to steps"),
                        PictureFields.paperMm(
                                model,
                                part.units(),
                                "Steps",
                                "page-step",
                                now().stepMm(),
                                v -> ArrangementEdits.step(plan(), id(), part.reach(), v),
                                "Set steps of page"));
        return out;
    }

    private Node line(String label, Run run) {
        var sheet = part.page().sheet();
        return Widgets.button(
                label,
                "page-line-" + run.name().toLowerCase(Locale.ROOT),
                "In the middle of the page; drag it, or type its place",
                () -> model.edit(
                        ArrangementEdits.addLine(
                                plan(),
                                id(),
                                new Line(run, (run == Run.DOWN ? sheet.widthMm() : sheet.heightMm()) / 2)),
                        "Add setting-out line"));
    }
}
