package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.output.Export;
import honeylamp.output.Export.Backing;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** How the sheet and its pictures leave the house. */
record ExportFields(WorkspaceModel model, WindowActions window, SheetTray.Part part) {
    List<Node> nodes() {
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
                new FlowPane(
                        6,
                        6,
                        button("See it first\u2026", "preview-export"),
                        button("Print\u2026", "print"),
                        button("Print all pages\u2026", "print-all"),
                        button("Show the file", "reveal-export")),
                Widgets.button("Model, IFC4 or glTF\u2026", "export-model", other.tip(), other.action()),
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
                mostKb(picture),
                Widgets.quiet("A PDF or SVG says of itself"),
                notes(picture));
    }

    private Node button(String label, String command) {
        var of = window.commands().of(command);
        return Widgets.button(label, command, of.tip(), of.action());
    }

    /** Nothing private leaves the house unasked. */
    private Node notes(Export.Picture picture) {
        var out = new FlowPane(6, 6);
        for (var each : Export.Notes.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            each.label(),
                            "notes-" + each.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            "Besides what is drawn on it; no place, no time, no name of the machine",
                            picture.notes() == each,
                            () -> choose(picture.withNotes(each))));
        }
        return out;
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
}
