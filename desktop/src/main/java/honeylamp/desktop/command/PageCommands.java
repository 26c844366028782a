package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.control;
import static honeylamp.desktop.workspace.Keys.controlShift;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.ArrangementEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Arrangement;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.sheet.ScaleChoice;
import java.util.Locale;
import java.util.Set;
import java.util.function.Supplier;
import javafx.scene.input.KeyCode;

/** Commands about pages: how they are arranged, and how they come onto paper. */
final class PageCommands {
    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    PageCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        into.add(
                "preview-export",
                "See the page as it will be written",
                "PDF, SVG or a picture, with what it weighs",
                Place.PLAN,
                window::previewExport,
                controlShift(KeyCode.P));
        into.add(
                "print",
                "Print sheet",
                "At true size, by the print dialog of the system",
                Place.PLAN,
                window::printSheet,
                control(KeyCode.P));
        into.add(
                "print-all",
                "Print all pages",
                "At true size, by the print dialog of the system",
                Place.PLAN,
                window::printAll);
        into.add(
                "reveal-export",
                "Show the exported file",
                "In its folder, in the way of the system",
                Place.PLAN,
                window::revealExported);
        for (var lists : Arrangement.Lists.values()) {
            into.add(
                    "arrange-" + lists.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                    "Lists of the page: " + lists.label().toLowerCase(Locale.ROOT),
                    "Where lists and title block stand",
                    Place.PLAN,
                    () -> edit(
                            () -> ScaleChoice.keeping(
                                    model.shown().plan(),
                                    ArrangementEdits.lists(
                                            plan(),
                                            page(),
                                            model.now().choices().presenting().reach(),
                                            lists)),
                            "Arrange page"));
        }
        for (var run : Arrangement.Run.values()) {
            var way = run.name().toLowerCase(Locale.ROOT);
            into.add(
                    "page-line-" + way,
                    "Setting-out line " + way + " the page",
                    "What is dragged on the page keeps to it; never printed",
                    Place.PLAN,
                    () -> edit(
                            () -> ArrangementEdits.addLine(plan(), page(), new Arrangement.Line(run, middleMm(run))),
                            "Add setting-out line"));
        }
        into.add(
                "page-go-on",
                "Lists go on on another page",
                "A page after this one with what has no room",
                Place.PLAN,
                () -> edit(() -> ArrangementEdits.goOn(plan(), page()).map(Added::plan), "Go on on another page"));
        into.add(
                "page-lists",
                "A page for lists",
                "For schedules and long lists, without a plan",
                Place.PLAN,
                () -> edit(
                        () -> Outcome.done(ArrangementEdits.listsPage(
                                        plan(), page(), Set.of(Listing.ROOMS, Listing.DOORS, Listing.WINDOWS))
                                .plan()),
                        "Add page for lists"));
    }

    private Plan plan() {
        return model.now().plan();
    }

    private PageId page() {
        return model.shown().page().page().id();
    }

    private double middleMm(Arrangement.Run run) {
        var sheet = model.shown().page().page().sheet();
        return (run == Arrangement.Run.DOWN ? sheet.widthMm() : sheet.heightMm()) / 2;
    }

    private void edit(Supplier<Outcome<Plan>> outcome, String action) {
        if (plan().presentation().page(page()).isEmpty()) {
            model.complain("This view is on no page. Put it on one first, in Sheet.");
        } else {
            model.edit(outcome.get(), action);
        }
    }
}
