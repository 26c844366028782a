package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.PageSentences;
import honeylamp.catalogue.Scales;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.output.Export;
import honeylamp.output.Export.Backing;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.View;
import honeylamp.sheet.ScaleChoice;
import honeylamp.units.DateText;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
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
        var out = new ArrayList<Node>(export());
        out.add(new LeavingFields(model, window).section(part.leaving()));
        out.add(new RemarkFields(model, window).section(part.review()));
        var packs = new PackFields(model, window, libraries);
        out.add(packs.packs());
        out.add(packs.brand());
        out.add(new RefineFields(model).section(part.hints()));
        var pages = new PageFields(model, part, libraries.seenSets());
        if (part.presentation().pages().size() > 1) {
            out.add(pages.list());
            out.add(LightTray.reach(model, part.reach(), "All pages", "This page only"));
        }
        if (part.presentation().page(page.id()).isPresent()) {
            out.add(Widgets.section("Paper", paper(), sides(), margins()));
            out.add(Widgets.section("Scale", scales(), nudge()));
            if (part.view().subject() instanceof View.Subject.Front front) {
                out.add(Widgets.section("Seen before the wall", depth(front)));
            }
            out.add(Widgets.section("Title block", words()));
            out.add(Widgets.section(
                    page.sheet().hasColumn() ? "Beside the plan" : "Below the plan", lists(), notes(), sentences()));
            out.add(Widgets.section("Notes on the page", new NoteFields(model, part).all()));
            out.add(Widgets.section("Pictures on the page", new PictureFields(model, window, part).all()));
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

    private List<Node> export() {
        var export = Widgets.button(
                "Export sheet\u2026", "export", window.commands().of("export").tip(), window::exportSheet);
        export.getStyleClass().add("main-action");
        var all = window.commands().of("export-all");
        var allPages = Widgets.button("Export all pages\u2026", "export-all", all.tip(), all.action());
        allPages.setDisable(part.presentation().pages().size() < 2);
        var other = window.commands().of("export-model");
        var picture = part.picture();
        return List.of(
                export,
                allPages,
                Widgets.button("Model, IFC4\u2026", "export-model", other.tip(), other.action()),
                Widgets.quiet("Pictures"),
                new FlowPane(
                        6,
                        6,
                        backing("On its paper", "backing-paper", "As the sheet lies here", Backing.PAPER),
                        backing("On white", "backing-white", "White, whatever the paper of the look", Backing.WHITE),
                        backing(
                                "Clear",
                                "png-clear",
                                "What is under a PNG, WebP or TIFF shows through it; a JPEG has always paper",
                                Backing.CLEAR),
                        Widgets.toggle(
                                "Only the plan",
                                "cut-plan",
                                "With dimensions and labels, without title block, lists and margins; PDF and SVG too",
                                picture.cut() == Export.Cut.PLAN,
                                () -> choose(picture.withCut(
                                        picture.cut() == Export.Cut.PLAN ? Export.Cut.PAGE : Export.Cut.PLAN))),
                        Widgets.toggle(
                                "PDF to be kept",
                                "pdf-archive",
                                "Readable in many years, as archives and offices want it: PDF/A-2, level A",
                                picture.lasting() == Export.Lasting.ARCHIVE,
                                () -> choose(
                                        picture.withLasting(picture.lasting().other())))),
                longest(picture),
                mostKb(picture));
    }

    /** Pictures are as sharp as print, or so many pixels long. */
    private Node longest(Export.Picture picture) {
        var now = picture.size() instanceof Export.Size.Longest(var px) ? Integer.toString(px) : "";
        var field = new WordField("Longest side of a picture, in pixels", "picture-longest", now, typed -> {
            if (typed.isBlank()) {
                choose(picture.withSize(Export.Picture.USUAL.size()));
            } else if (typed.strip().matches("[0-9]{2,5}")
                    && Integer.parseInt(typed.strip()) >= Export.Size.Longest.LEAST
                    && Integer.parseInt(typed.strip()) <= Export.Size.Longest.MOST) {
                choose(picture.withSize(new Export.Size.Longest(Integer.parseInt(typed.strip()))));
            } else {
                model.complain("A picture is from " + Export.Size.Longest.LEAST + " to " + Export.Size.Longest.MOST
                        + " pixels long; leave the field empty for 300 dots per inch.");
            }
        });
        field.setPromptText("300 dots per inch");
        return new VBox(2, Widgets.quiet("Longest side of a picture, in pixels"), field);
    }

    private Node backing(String label, String id, String tip, Backing backing) {
        var picture = part.picture();
        return Widgets.toggle(label, id, tip, picture.backing() == backing, () -> choose(picture.withBacking(backing)));
    }

    /** Pictures for the web have a most that they may weigh. */
    private Node mostKb(Export.Picture picture) {
        var now = picture.mostKb().map(Object::toString).orElse("");
        var field = new WordField("Most kB of a picture", "picture-kb", now, typed -> {
            if (typed.isBlank()) {
                choose(picture.withMostKb(Optional.empty()));
            } else if (typed.strip().matches("[0-9]{2,6}")
                    && Integer.parseInt(typed.strip()) >= Export.Picture.LEAST_KB
                    && Integer.parseInt(typed.strip()) <= Export.Picture.MOST_KB) {
                choose(picture.withMostKb(Optional.of(Integer.parseInt(typed.strip()))));
            } else {
                model.complain("A picture has from " + Export.Picture.LEAST_KB + " to " + Export.Picture.MOST_KB
                        + " kB; leave the field empty for as many as it takes.");
            }
        });
        field.setPromptText("as many as it takes");
        return new VBox(2, Widgets.quiet("Most kB of a picture"), field);
    }

    private void choose(Export.Picture picture) {
        model.chooseWithin(model.now().choices().withPicture(picture));
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

    private Node words() {
        var box = new VBox(6);
        box.getChildren()
                .addAll(
                        word("Project", TitleBlock::project, (t, v) -> t.withProject(v)),
                        word("Drawing", TitleBlock::drawing, (t, v) -> t.withDrawing(v)),
                        word("Client", TitleBlock::client, (t, v) -> t.withClient(v)),
                        word("Drawn by", TitleBlock::author, (t, v) -> t.withAuthor(v)),
                        word("Date", TitleBlock::date, (t, v) -> t.withDate(dated(v))),
                        word("Revision", TitleBlock::revision, (t, v) -> t.withRevision(v)));
        var own = page.sheet().title().own();
        for (var i = 0; i < own.size(); i++) {
            box.getChildren().add(ownField(i, own.get(i)));
        }
        if (own.size() < TitleBlock.MOST_OWN) {
            box.getChildren().add(PageFields.words("Add a field called", "title-own-name", "", this::addField));
        }
        box.getChildren().add(blocks());
        return box;
    }

    /** What is a date is written as one; other words stay as they are. */
    private static String dated(String typed) {
        return DateText.read(typed, LocalDate.now()).map(DateText::of).orElse(typed);
    }

    private Node ownField(int at, OwnField field) {
        return new VBox(
                2,
                PageFields.words(field.label(), "title-own-" + at, field.words(), v -> {
                    if (v.length() > OwnField.LONGEST_WORDS) {
                        model.complain("A field has room for " + OwnField.LONGEST_WORDS + " letters. Type fewer.");
                    } else {
                        own(fields -> fields.set(at, new OwnField(field.label(), v)));
                    }
                }),
                Widgets.button(
                        "Take " + field.label() + " away",
                        "title-own-away-" + at,
                        "The title block is without it; undo brings it back",
                        () -> own(fields -> fields.remove(at))));
    }

    private void addField(String name) {
        if (name.isBlank() || name.strip().length() > OwnField.LONGEST_LABEL) {
            model.complain("A field needs a name of at most " + OwnField.LONGEST_LABEL + " letters.");
        } else {
            own(fields -> fields.add(new OwnField(name.strip(), "")));
        }
    }

    private void own(Consumer<List<OwnField>> change) {
        change(s -> {
            var fields = new ArrayList<>(page.sheet().title().own());
            change.accept(fields);
            return s.withTitle(s.title().withOwn(fields));
        });
    }

    private Node blocks() {
        var out = new FlowPane(6, 6);
        for (var block : Block.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            block.label(),
                            "block-" + block.name().toLowerCase(Locale.ROOT),
                            "How the title block stands on the page",
                            page.sheet().title().block() == block,
                            () -> change(s -> s.withTitle(s.title().withBlock(block)))));
        }
        return out;
    }

    private Node word(
            String name, Function<TitleBlock, String> read, BiFunction<TitleBlock, String, TitleBlock> write) {
        return PageFields.words(
                name,
                "title-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'),
                read.apply(page.sheet().title()),
                v -> change(s -> s.withTitle(write.apply(s.title(), v))));
    }

    private Node lists() {
        var out = new FlowPane(6, 6);
        for (var list : Page.Listing.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            list.label(),
                            "list-" + list.name().toLowerCase(Locale.ROOT),
                            page.sheet().hasColumn()
                                    ? "Listed in the column beside the plan"
                                    : "Listed in a band below the plan; the plan has the less room",
                            page.lists().contains(list),
                            () -> model.edit(PageEdits.toggle(plan(), id(), reach(), list), "Change lists")));
        }
        return out;
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
