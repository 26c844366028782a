package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.PageSentences;
import honeylamp.catalogue.Scales;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Folding;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.RaisedFields;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.View;
import honeylamp.sheet.ScaleChoice;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What of a page can be set: paper, scale, words of the title block, lists, notes; and its export. */
final class SheetFields {
    private final WorkspaceModel model;
    private final WindowActions window;
    private final Libraries libraries;
    private final SheetTray.Part part;
    private final Page page;

    SheetFields(WorkspaceModel model, WindowActions window, SheetTray.Part part, Libraries libraries) {
        this.libraries = libraries;
        this.model = model;
        this.window = window;
        this.part = part;
        this.page = part.page();
    }

    List<Node> nodes() {
        var out = new ArrayList<>(new ExportFields(model, window, part).nodes());
        out.add(new LeavingFields(model, window).section(part.leaving()));
        out.add(new RemarkFields(model, window).section(part));
        var packs = new PackFields(model, window, libraries);
        out.add(packs.packs());
        out.addAll(packs.recipes());
        out.add(packs.brand());
        out.add(new RefineFields(model).section(part.hints()));
        var pages = new PageFields(model, part, libraries.seenSets());
        if (part.presentation().pages().size() > 1) {
            out.add(pages.list());
            out.add(LookTray.reach(model, part.reach(), "All pages", "This page only"));
        }
        if (part.presentation().page(page.id()).isPresent()) {
            out.add(Folding.section(model, "Paper", paper(), sides(), margins()));
            out.add(Folding.section(model, "Scale", scales(), nudge()));
            out.add(new RaisedFields(model).live());
            if (part.view().subject() instanceof View.Subject.Front front) {
                out.add(Widgets.section("Seen before the wall", depth(front)));
            }
            out.add(Folding.section(model, "Title block", new TitleFields(model, window, part, libraries).all()));
            out.add(Folding.section(
                    model, "What is listed", new ArrangementFields(model, part).lists(), notes(), sentences()));
            out.add(Folding.section(model, "Where things stand", new ArrangementFields(model, part).all()));
            out.add(Folding.section(model, "Revisions", new RevisionFields(model, part).all()));
            out.add(Folding.section(model, "Notes on the page", new NoteFields(model, part).all()));
            out.add(Folding.section(model, "Pictures on the page", new PictureFields(model, window, part).all()));
        } else {
            out.add(pages.none());
        }
        out.addAll(pages.nodes());
        return out;
    }

    private Plan plan() {
        return model.now().plan();
    }

    private PageId id() {
        return page.id();
    }

    private Reach reach() {
        return part.reach();
    }

    private Node paper() {
        var out = new FlowPane(6, 6);
        var sheet = page.sheet();
        for (var p : Paper.standard()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            p.label(),
                            "paper-" + p.label().replace(' ', '-'),
                            "The size of the paper",
                            p.equals(sheet.paper()),
                            () -> change(s -> s.on(p, s.way()))));
        }
        for (var w : Way.values()) {
            var label = w == Way.LANDSCAPE ? "Landscape" : "Portrait";
            out.getChildren()
                    .add(Widgets.toggle(
                            label,
                            "way-" + label,
                            "How the paper lies",
                            w == sheet.way(),
                            () -> change(s -> s.on(s.paper(), w))));
        }
        return out;
    }

    private Node sides() {
        var sheet = page.sheet();
        return new VBox(
                4,
                side("Across", "paper-across", sheet.widthMm(), mm -> sides(mm, sheet.heightMm())),
                side("Up", "paper-up", sheet.heightMm(), mm -> sides(sheet.widthMm(), mm)));
    }

    private Node side(String name, String id, double mm, Function<Double, Outcome<Plan>> change) {
        return PictureFields.paperMm(model, part.units(), name, id, mm, change, "Change paper");
    }

    private Outcome<Plan> sides(double acrossMm, double upMm) {
        return PageEdits.paper(plan(), id(), reach(), acrossMm, upMm).then(this::kept);
    }

    /** Scales that somebody chose keep their room. */
    private Outcome<Plan> kept(Plan changed) {
        return ScaleChoice.keeping(model.shown().plan(), changed);
    }

    private Node margins() {
        var now = page.sheet().margins();
        return new VBox(
                4,
                margin("Binding edge", "margin-binding", now.bindingMm(), mm -> margins(mm, now.othersMm())),
                margin("Other edges", "margin-others", now.othersMm(), mm -> margins(now.bindingMm(), mm)));
    }

    private Node margin(String name, String id, double mm, Function<Double, Outcome<Plan>> change) {
        return PictureFields.paperMm(model, part.units(), name, id, mm, change, "Change margins");
    }

    private Outcome<Plan> margins(double binding, double others) {
        return PageEdits.margins(plan(), id(), reach(), binding, others).then(this::kept);
    }

    private Node scales() {
        var out = new FlowPane(6, 6);
        var scale = part.view().scale();
        out.getChildren()
                .add(Widgets.toggle(
                        "Largest that fits",
                        "scale-auto",
                        "The largest standard scale at which the plan fits the sheet",
                        scale.isEmpty() && !part.view().isFilling(),
                        () -> fit(View.Fit.STANDARD)));
        out.getChildren()
                .add(Widgets.toggle(
                        "Filling, not to scale",
                        "scale-filling",
                        "As large as its part of the page; the sheet says that it is not to scale",
                        part.view().isFilling(),
                        () -> fit(View.Fit.FILLING)));
        for (int each : Scales.standard(part.units())) {
            out.getChildren()
                    .add(Widgets.toggle(
                            Scales.words(each, part.units()),
                            "scale-" + each,
                            "Lock this scale",
                            scale.equals(Optional.of(each)),
                            () -> lock(each)));
        }
        return out;
    }

    private Node depth(View.Subject.Front front) {
        return new LengthField(
                "Depth",
                "front-depth",
                front.depth(),
                part.units(),
                LengthReader::notNegative,
                v -> model.edit(ViewEdits.depth(plan(), model.now().worked().view(), v), "Say how deep is seen"),
                model::complain);
    }

    private void fit(View.Fit fit) {
        model.edit(ViewEdits.fit(plan(), model.now().worked().view(), reach(), fit), "Change scale");
    }

    private void lock(int scale) {
        model.edit(ScaleChoice.lock(model.shown().plan(), model.now().worked().view(), reach(), scale), "Change scale");
    }

    /** How far the plan was put from the middle of its part of the page. */
    private Node nudge() {
        var now = part.view().nudge();
        return new VBox(
                4,
                nudge("To the right", "nudge-right", now.rightMm(), mm -> nudged(mm, now.downMm())),
                nudge("Down", "nudge-down", now.downMm(), mm -> nudged(now.rightMm(), mm)));
    }

    private Node nudge(String name, String id, double mm, Function<Double, Outcome<Plan>> change) {
        return new LengthField(
                name,
                id,
                Length.ofMm(mm),
                part.units(),
                LengthReader::signed,
                v -> model.edit(change.apply(v.mm()), "Put view"),
                model::complain);
    }

    private Outcome<Plan> nudged(double rightMm, double downMm) {
        return ViewEdits.nudge(plan(), model.now().worked().view(), rightMm, downMm);
    }

    /** What many pages say about how far to trust them. */
    private Node sentences() {
        var out = new FlowPane(6, 6);
        for (var each : PageSentences.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            each.label(),
                            "sentence-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            each.sentence(),
                            page.notes().contains(each.sentence()),
                            () -> model.edit(
                                    PageEdits.notes(plan(), id(), reach(), each.in(page.notes())), "Write notes")));
        }
        return out;
    }

    private Node notes() {
        var area = new TextArea(page.notes());
        area.setId("page-notes");
        area.setAccessibleText("Notes on the page");
        area.setPromptText("Notes on the page");
        area.setWrapText(true);
        area.setPrefRowCount(3);
        area.focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                model.edit(PageEdits.notes(plan(), id(), reach(), area.getText()), "Write notes");
            }
        });
        return area;
    }

    private void change(UnaryOperator<Sheet> change) {
        model.edit(kept(PageEdits.sheet(plan(), id(), reach(), change)), "Change sheet");
    }
}
