package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Folding;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ReviewEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Motion;
import honeylamp.plan.Review.Approval;
import honeylamp.plan.Review.Remark;
import honeylamp.plan.Review.State;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The page for the client, and what came back of it: remarks to work off, and approvals. */
final class RemarkFields {
    private static final double CLOSE_PX_PER_MM = 0.15;

    private final WorkspaceModel model;
    private final WindowActions window;

    RemarkFields(WorkspaceModel model, WindowActions window) {
        this.model = model;
        this.window = window;
    }

    Node section(SheetTray.Part part) {
        var review = part.review();
        var box = new VBox(6);
        if (part.presentation().pages().size() > 1) {
            box.getChildren().addAll(Widgets.quiet("Pages in it"), pages(part));
        }
        box.getChildren()
                .addAll(
                        Widgets.button(
                                "Page for the client\u2026",
                                "client-page",
                                "One HTML file to look at, measure in, remark on and approve, without any network",
                                window::exportClientPage),
                        Widgets.button(
                                "Bring in remarks\u2026",
                                "bring-in-remarks",
                                "The file that the client page saves",
                                window::bringInRemarks));
        var open =
                review.remarks().stream().filter(r -> r.state() == State.OPEN).count();
        if (!review.remarks().isEmpty()) {
            box.getChildren().add(Widgets.quiet(open + " of " + review.remarks().size() + " open"));
        }
        review.remarks().forEach(r -> box.getChildren().add(remark(r)));
        review.approvals().forEach(a -> box.getChildren().add(approval(a)));
        return Folding.section(model, "Client", box);
    }

    /** Which pages the reader gets; their names may need a second line. */
    private Node pages(SheetTray.Part part) {
        var column = new VBox(6);
        for (var i = 0; i < part.pageNames().size(); i++) {
            var page = part.presentation().pages().get(i).id();
            var toggle = Widgets.toggle(
                    (i + 1) + "  " + part.pageNames().get(i),
                    "client-" + page.text(),
                    "Whether the page is in the file for the client",
                    !part.unsent().contains(page),
                    () -> model.chooseWithin(model.now().choices().sending(page)));
            toggle.setWrapText(true);
            toggle.setMinHeight(Region.USE_PREF_SIZE);
            toggle.setMaxWidth(Double.MAX_VALUE);
            toggle.setAlignment(Pos.CENTER_LEFT);
            column.getChildren().add(toggle);
        }
        return column;
    }

    private Node remark(Remark remark) {
        var row = new FlowPane(6, 6);
        for (var state : State.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            state.label(),
                            "remark-" + remark.number() + "-" + state.name().toLowerCase(Locale.ROOT),
                            "What became of the remark",
                            remark.state() == state,
                            () -> model.edit(
                                    ReviewEdits.state(model.now().plan(), remark.number(), state), "Work off remark")));
        }
        row.getChildren()
                .addAll(
                        Widgets.button(
                                "Show", "remark-" + remark.number() + "-show", "Goes to the place", () -> show(remark)),
                        Widgets.button(
                                "Forget",
                                "remark-" + remark.number() + "-forget",
                                "The plan is without it; undo brings it back",
                                () -> model.edit(
                                        ReviewEdits.forget(model.now().plan(), remark.number()), "Forget remark")));
        return new VBox(
                2,
                Widgets.quiet(remark.number() + "  " + remark.words() + said(remark.by(), remark.on()) + where(remark)),
                row);
    }

    /** The page it is about, where there are several: one may show the plan in a scheme of its own. */
    private String where(Remark remark) {
        var presentation = model.now().plan().presentation();
        return presentation.pages().size() < 2
                ? ""
                : presentation
                        .page(remark.page())
                        .map(p -> ". On " + model.shown().plan().page(p.id()).name())
                        .orElse(". On a page that is gone");
    }

    private static String said(String by, String on) {
        return by.isBlank() && on.isBlank() ? "" : "  (" + (by + " " + on).strip() + ")";
    }

    private Node approval(Approval approval) {
        var page = model.now().plan().presentation().page(approval.page());
        var name = page.map(p -> model.shown().plan().page(p.id()).name()).orElse("A page that is gone");
        return new VBox(
                2,
                Widgets.quiet(name + " is approved" + said(approval.by(), approval.on())
                        + ". Its stamp is printed as long as nothing on the page changes."),
                Widgets.button(
                        "Forget approval",
                        "approval-" + approval.page().text() + "-forget",
                        "The page is without it; undo brings it back",
                        () -> model.edit(ReviewEdits.forget(model.now().plan(), approval), "Forget approval")));
    }

    /** Goes to the page it is about, in the scheme that page shows, and to its place there. */
    private void show(Remark remark) {
        var presentation = model.now().plan().presentation();
        var there = presentation
                .page(remark.page())
                .flatMap(page -> page.views().stream()
                        .flatMap(id -> presentation.view(id).stream())
                        .filter(v -> remark.storey().map(v.storey()::equals).orElse(true))
                        .findFirst()
                        .map(v -> new Worked(v.id(), Optional.of(page.id()))));
        there.ifPresentOrElse(
                worked -> model.act(new Intent.TurnTo(worked)),
                () -> remark.storey().ifPresent(storey -> model.act(new Intent.GoTo(storey))));
        if (remark.storey().isPresent()) {
            var turn = Motion.turn(Point.ORIGIN, model.shown().view().view().turnDeg());
            model.act(new Intent.Show(new Viewport(
                    turn.of(remark.at()).point(),
                    Math.max(model.now().viewport().pxPerMm(), CLOSE_PX_PER_MM))));
        }
        model.say(remark.number() + "  " + remark.words());
    }
}
