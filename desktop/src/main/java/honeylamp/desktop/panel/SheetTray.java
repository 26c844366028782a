package honeylamp.desktop.panel;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.output.Export.Backing;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Sheet.Way;
import honeylamp.sheet.Scales;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Paper, scale, words of the title block, and export. */
final class SheetTray {
    private SheetTray() {}

    static List<Node> nodes(WorkspaceModel model, WindowActions window) {
        var plan = model.now().plan();
        var sheet = plan.sheet();
        var paper = new FlowPane(6, 6);
        for (var p : Paper.values()) {
            paper.getChildren()
                    .add(Widgets.toggle(
                            p.name(),
                            "paper-" + p,
                            "ISO 216",
                            p == sheet.paper(),
                            () -> change(model, s -> s.on(p, s.way()))));
        }
        for (var w : Way.values()) {
            var label = w == Way.LANDSCAPE ? "Across" : "Upright";
            paper.getChildren()
                    .add(Widgets.toggle(
                            label,
                            "way-" + label,
                            "How the paper lies",
                            w == sheet.way(),
                            () -> change(model, s -> s.on(s.paper(), w))));
        }
        var scales = new FlowPane(6, 6);
        scales.getChildren()
                .add(Widgets.toggle(
                        "Largest that fits",
                        "scale-auto",
                        "The largest standard scale at which the plan fits the sheet",
                        sheet.scale().isEmpty(),
                        () -> change(model, s -> s.at(Optional.empty()))));
        for (int scale : Scales.standard(plan.units()).subList(1, 6)) {
            scales.getChildren()
                    .add(Widgets.toggle(
                            Scales.words(scale, plan.units()),
                            "scale-" + scale,
                            "Lock this scale",
                            sheet.scale().equals(Optional.of(scale)),
                            () -> change(model, s -> s.at(Optional.of(scale)))));
        }
        var export = Widgets.button(
                "Export sheet\u2026", "export", window.commands().of("export").tip(), window::exportSheet);
        export.getStyleClass().add("main-action");
        var all = window.commands().of("export-all");
        var allStoreys = Widgets.button("Export all storeys\u2026", "export-all", all.tip(), all.action());
        allStoreys.setDisable(!window.commands().isPossible(all));
        return List.of(
                export,
                allStoreys,
                Widgets.toggle(
                        "PNG without paper",
                        "png-clear",
                        "What is under the picture shows through it",
                        model.now().choices().backing() == Backing.CLEAR,
                        () -> model.chooseWithin(model.now()
                                .choices()
                                .withBacking(
                                        model.now().choices().backing() == Backing.CLEAR
                                                ? Backing.PAPER
                                                : Backing.CLEAR))),
                Widgets.section("Paper", paper),
                Widgets.section("Scale", scales),
                Widgets.section("Title block", words(model)));
    }

    private static Node words(WorkspaceModel model) {
        var box = new VBox(6);
        box.getChildren()
                .addAll(
                        word(
                                model,
                                "Project",
                                TitleBlock::project,
                                (t, v) ->
                                        new TitleBlock(v, t.drawing(), t.client(), t.author(), t.date(), t.revision())),
                        word(
                                model,
                                "Drawing",
                                TitleBlock::drawing,
                                (t, v) ->
                                        new TitleBlock(t.project(), v, t.client(), t.author(), t.date(), t.revision())),
                        word(
                                model,
                                "Client",
                                TitleBlock::client,
                                (t, v) -> new TitleBlock(
                                        t.project(), t.drawing(), v, t.author(), t.date(), t.revision())),
                        word(
                                model,
                                "Drawn by",
                                TitleBlock::author,
                                (t, v) -> new TitleBlock(
                                        t.project(), t.drawing(), t.client(), v, t.date(), t.revision())),
                        word(
                                model,
                                "Date",
                                TitleBlock::date,
                                (t, v) -> new TitleBlock(
                                        t.project(), t.drawing(), t.client(), t.author(), v, t.revision())),
                        word(
                                model,
                                "Revision",
                                TitleBlock::revision,
                                (t, v) ->
                                        new TitleBlock(t.project(), t.drawing(), t.client(), t.author(), t.date(), v)));
        return box;
    }

    private static Node word(
            WorkspaceModel model,
            String name,
            Function<TitleBlock, String> read,
            BiFunction<TitleBlock, String, TitleBlock> write) {
        var field = new TextField(read.apply(model.now().plan().sheet().title()));
        field.setId("title-" + name.toLowerCase(java.util.Locale.ROOT).replace(' ', '-'));
        field.setAccessibleText(name);
        field.setOnAction(_ -> change(
                model, s -> s.titled(write.apply(s.title(), field.getText().strip()))));
        field.focusedProperty().subscribe((was, is) -> {
            if (was && !is) {
                change(
                        model,
                        s -> s.titled(write.apply(s.title(), field.getText().strip())));
            }
        });
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(field);
        return new VBox(2, label, field);
    }

    private static void change(WorkspaceModel model, UnaryOperator<Sheet> change) {
        var plan = model.now().plan();
        var sheet = change.apply(plan.sheet());
        if (!sheet.equals(plan.sheet())) {
            model.act(new Intent.Edit(plan.with(sheet), "Change sheet"), new Intent.FitSheet());
        }
    }
}
