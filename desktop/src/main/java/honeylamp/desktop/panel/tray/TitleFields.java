package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordsArea;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.PageEdits;
import honeylamp.output.FileWords;
import honeylamp.pack.Office;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.OwnBlock;
import honeylamp.plan.Sheet.OwnField;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.sheet.ScaleChoice;
import honeylamp.units.DateText;
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
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The words of the title block, how it stands, and what of it is the office's. */
record TitleFields(WorkspaceModel model, WindowActions window, SheetTray.Part part, Libraries libraries) {
    /** What a block of own rows begins with. */
    private static final String FIRST_ROWS = """
            2x ## {project} | {scale bar}
            # {drawing} | Page: {page}
            Client: {client} | Drawn by: {drawn by} | Date: {date} | Revision: {revision}
            """;

    private TitleBlock title() {
        return part.page().sheet().title();
    }

    private void change(UnaryOperator<TitleBlock> change) {
        sheet(s -> s.withTitle(change.apply(s.title())));
    }

    private void sheet(UnaryOperator<Sheet> change) {
        var changed = PageEdits.sheet(model.now().plan(), part.page().id(), part.reach(), change);
        model.edit(ScaleChoice.keeping(model.shown().plan(), changed), "Change title block");
    }

    Node all() {
        var box = new VBox(6);
        box.getChildren()
                .addAll(
                        word("Project", TitleBlock::project, (t, v) -> t.withProject(v)),
                        word("Drawing", TitleBlock::drawing, (t, v) -> t.withDrawing(v)),
                        word("Client", TitleBlock::client, (t, v) -> t.withClient(v)),
                        word("Drawn by", TitleBlock::author, (t, v) -> t.withAuthor(v)),
                        word("Date", TitleBlock::date, (t, v) -> t.withDate(dated(v))),
                        word("Revision", TitleBlock::revision, (t, v) -> t.withRevision(v)));
        var own = title().own();
        for (var i = 0; i < own.size(); i++) {
            box.getChildren().add(ownField(i, own.get(i)));
        }
        if (own.size() < TitleBlock.MOST_OWN) {
            box.getChildren().add(PageFields.words("Add a field called", "title-own-name", "", this::addField));
        }
        box.getChildren().addAll(small(), logo(), blocks());
        if (title().block() == Block.OWN) {
            box.getChildren().add(rows());
        }
        box.getChildren().add(office());
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
        change(t -> {
            var fields = new ArrayList<>(title().own());
            change.accept(fields);
            return t.withOwn(fields);
        });
    }

    private Node word(
            String name, Function<TitleBlock, String> read, BiFunction<TitleBlock, String, TitleBlock> write) {
        return PageFields.words(
                name,
                "title-" + name.toLowerCase(Locale.ROOT).replace(' ', '-'),
                read.apply(title()),
                v -> change(t -> write.apply(t, v)));
    }

    private Node small() {
        return new VBox(
                2,
                Widgets.quiet("Small print"),
                new WordsArea("title-small", "Small print", title().smallPrint(), typed -> {
                    if (typed.strip().length() > TitleBlock.MOST_SMALL) {
                        model.complain("Small print has room for " + TitleBlock.MOST_SMALL + " letters. Type fewer.");
                    } else {
                        change(t -> t.withSmallPrint(typed.strip()));
                    }
                }));
    }

    private Node logo() {
        var row = new FlowPane(6, 6);
        row.getChildren()
                .add(Widgets.button(
                        "Mark of the house\u2026",
                        "title-logo",
                        "A picture for the title blocks that have a place for it",
                        window::layLogo));
        title().logo()
                .ifPresent(logo -> row.getChildren()
                        .add(Widgets.button(
                                "Take " + logo.name() + " away",
                                "title-logo-away",
                                "The title block is without it; undo brings it back",
                                () -> change(t -> t.withLogo(Optional.empty())))));
        return row;
    }

    private Node blocks() {
        var out = new FlowPane(6, 6);
        for (var block : Block.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            block.label(),
                            "block-" + block.name().toLowerCase(Locale.ROOT),
                            "How the title block stands on the page",
                            title().block() == block,
                            () -> change(t -> t.with(c -> c.block(block)
                                    .made(
                                            block == Block.OWN
                                                    ? t.made()
                                                            .or(() -> Optional.of(new OwnBlock("Own rows", FIRST_ROWS)))
                                                    : t.made())))));
        }
        return out;
    }

    /** Rows made by oneself, typed: the page shows at once what becomes of them. */
    private Node rows() {
        var made = title().made().orElseGet(() -> new OwnBlock("Own rows", FIRST_ROWS));
        var kept = new FlowPane(6, 6);
        for (var each : libraries.titleBlocks().all()) {
            kept.getChildren()
                    .add(Widgets.toggle(
                            each.name(),
                            "own-block-" + FileWords.of(each.name(), "own"),
                            "The rows kept under this name",
                            each.equals(made),
                            () -> change(t -> t.withMade(Optional.of(each)))));
        }
        return new VBox(
                4,
                kept,
                PageFields.words("Name of these rows", "own-block-name", made.name(), name -> make(name, made.rows())),
                new WordsArea(
                        "own-block-rows", "Rows of the title block", made.rows(), rows -> make(made.name(), rows)),
                Widgets.quiet(
                        "A line is a row, | parts it. # large, ## as a title, 2x twice as wide, a label before a colon."),
                Widgets.quiet("{project} {drawing} {client} {drawn by} {date} {revision} {page} {scale} {paper}"),
                Widgets.quiet("{small print} {total area} {logo} {scale bar}, and own fields by their name"),
                new FlowPane(
                        6,
                        6,
                        Widgets.button(
                                "Keep for all plans",
                                "own-block-keep",
                                "Under its name, for all plans",
                                () -> told(libraries.titleBlocks().keep(made), "Kept: \"" + made.name() + "\".")),
                        Widgets.button(
                                "Forget",
                                "own-block-forget",
                                "It is offered no longer; pages that have it keep it",
                                () -> told(
                                        libraries.titleBlocks().forget(made),
                                        made.name() + " is offered no longer."))));
    }

    private void make(String name, String rows) {
        var lines = rows.lines().filter(l -> !l.isBlank()).count();
        if (name.isBlank() || name.strip().length() > OwnBlock.LONGEST_NAME) {
            model.complain("Rows are known by a name of at most " + OwnBlock.LONGEST_NAME + " letters. Type one.");
        } else if (lines == 0 || rows.lines().count() > OwnBlock.MOST_ROWS) {
            model.complain("A title block has from 1 to " + OwnBlock.MOST_ROWS + " rows. Type a line for each.");
        } else if (rows.length() > OwnBlock.MOST_LETTERS) {
            model.complain("A title block has room for " + OwnBlock.MOST_LETTERS + " letters. Type fewer.");
        } else {
            change(t -> t.withMade(Optional.of(new OwnBlock(name.strip(), rows))));
        }
    }

    /** What is filled in once, for all plans that are begun from then on. */
    private Node office() {
        var office = libraries.offices().all().stream().findFirst();
        var row = new FlowPane(6, 6);
        row.getChildren()
                .add(Widgets.button(
                        "Keep as the office's",
                        "office-keep",
                        "Who draws, small print, own fields, mark and block: filled in wherever a plan is begun",
                        this::keepOffice));
        office.ifPresent(o -> row.getChildren()
                .addAll(
                        Widgets.button(
                                "Fill in the office's",
                                "office-fill",
                                "Where this plan says nothing of its own",
                                () -> fill(o)),
                        Widgets.button(
                                "Forget the office's",
                                "office-forget",
                                "New plans begin without them",
                                () -> told(
                                        libraries.offices().forget(o),
                                        "New plans begin without the office's words."))));
        return row;
    }

    private void keepOffice() {
        var logo = title().logo()
                .flatMap(picture ->
                        Optional.ofNullable(model.now().document().assets().get(picture.asset())));
        if (logo.filter(b -> b.length > Office.MOST_LOGO_BYTES).isPresent()) {
            model.complain("The mark is larger than " + (Office.MOST_LOGO_BYTES >> 20)
                    + " MB, too large to be kept for all plans. Lay a smaller picture.");
            return;
        }
        told(
                libraries.offices().keep(Office.of(title(), logo)),
                "New plans begin with these words; \"Fill in the office's\" puts them into others.");
    }

    private void fill(Office office) {
        var plan = office.in(model.now().plan());
        office.logo()
                .ifPresentOrElse(
                        logo -> model.addAsset(logo.picture().asset(), logo.read(), plan, "Fill in the office's words"),
                        () -> model.edit(plan, "Fill in the office's words"));
    }

    private void told(String wrong, String right) {
        if (wrong.isEmpty()) {
            model.say(right);
        } else {
            model.complain(wrong);
        }
    }
}
