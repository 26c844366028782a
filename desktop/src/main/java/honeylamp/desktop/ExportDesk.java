package honeylamp.desktop;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.desktop.files.ExportWork;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.files.FileNames;
import honeylamp.desktop.panel.PreviewPane;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ReviewEdits;
import honeylamp.output.Export;
import honeylamp.output.Printing;
import honeylamp.store.ClientPage;
import honeylamp.store.ExportPreview;
import honeylamp.store.Leaving;
import honeylamp.store.ModelFormat;
import honeylamp.store.PagePictures;
import honeylamp.store.RemarkFile;
import honeylamp.store.ScheduleFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** Exports pages and schedules; writing never holds up the interface. */
final class ExportDesk {
    private final WorkspaceModel model;
    private final FileDialogs dialogs;
    private final Errands errands;

    private final PreviewPane preview;
    private Optional<Path> written = Optional.empty();

    ExportDesk(WorkspaceModel model, FileDialogs dialogs, Errands errands, PreviewPane preview) {
        this.preview = preview;
        this.model = model;
        this.dialogs = dialogs;
        this.errands = errands;
    }

    /** Whether something is still being written. */
    boolean busy() {
        return errands.busy();
    }

    /** All pages as one PDF. */
    void exportAll() {
        dialogs.exportSheet(FileNames.of(model.now().plan().name()) + ".pdf").ifPresent(file -> {
            if (Export.Format.of(file).filter(f -> f == Export.Format.PDF).isEmpty()) {
                model.complainOfFile("All pages go into one PDF; give the file the ending .pdf.");
                return;
            }
            export(
                    new ExportWork(
                            model.shown().plan().pages(),
                            model.now().document().assets(),
                            Export.Format.PDF,
                            model.now().choices().picture(),
                            file),
                    file);
        });
    }

    private void export(ExportWork work, Path file) {
        errands.follow(
                work,
                hard -> {
                    written = Optional.of(file);
                    tell("Exported to " + file.getFileName() + ".", hard);
                },
                () -> model.say("Export ended; nothing was written."),
                e -> model.complainOfFile(
                        "Export failed: " + Errands.reason(e) + ". Choose another place or a lower resolution."),
                () -> {});
    }

    /** What was written, and which words on it are hard to read. */
    private void tell(String done, List<String> hard) {
        if (hard.isEmpty()) {
            model.say(done);
        } else {
            var more = hard.size() > 1 ? " and " + (hard.size() - 1) + " more are" : " is";
            model.complain(done + " \"" + hard.getFirst() + "\"" + more
                    + " hard to read there. Move them, give notes paper under them, or lighten what lies there.");
        }
    }

    void exportSheet() {
        dialogs.exportSheet(FileNames.of(model.now().plan().name()) + ".pdf").ifPresent(file -> {
            var format = Export.Format.of(file);
            if (format.isEmpty()) {
                model.complainOfFile("\"" + file.getFileName() + "\" ends in none of " + Export.Format.endingsInWords()
                        + ". Give it such an ending.");
                return;
            }
            export(
                    new ExportWork(
                            List.of(model.shown().printed()),
                            model.now().document().assets(),
                            format.get(),
                            model.now().choices().picture(),
                            file),
                    file);
        });
    }

    /** The page as it would be written, in each format. */
    void preview() {
        preview.open(this::previewed, this::exportSheet);
    }

    private void previewed(Export.Format format) {
        var page = model.shown().printed();
        var assets = model.now().document().assets();
        var picture = model.now().choices().picture();
        errands.follow(
                Errands.work("Writing the page", progress -> ExportPreview.of(page, assets, format, picture, progress)),
                made -> preview.show(format, made),
                () -> preview.failed("Ended."),
                e -> preview.failed("It cannot be written so: " + Errands.reason(e) + "."),
                () -> {});
    }

    /** Pages on paper at true size, by the print dialog of the system. */
    void print(List<LaidPage> pages) {
        var assets = model.now().document().assets();
        var name = FileNames.of(model.now().plan().name());
        var lasting = model.now().choices().picture();
        errands.follow(
                Errands.work("Printing", progress -> {
                    var composed = new PagePictures().printed(pages, assets, progress);
                    var file = Files.createTempFile("honeylamp", ".pdf");
                    try {
                        Export.writeAll(composed, lasting, file, progress);
                        return dialogs.print(file, name, progress);
                    } finally {
                        Files.deleteIfExists(file);
                    }
                }),
                came -> {
                    if (came == Printing.Came.PRINTED || came == Printing.Came.LEFT) {
                        model.say(came.sentence());
                    } else {
                        model.complainOfFile(came.sentence());
                    }
                },
                () -> model.say("Printing ended."),
                e -> model.complainOfFile("Nothing was printed: " + Errands.reason(e) + "."),
                () -> {});
    }

    /** Shows where the file lies that was exported last. */
    void reveal() {
        written.ifPresentOrElse(
                file -> {
                    if (Files.exists(file)) {
                        dialogs.reveal(file);
                    } else {
                        model.complainOfFile(
                                file.getFileName() + " is no longer where it was written. Export it again.");
                    }
                },
                () -> model.complain("Nothing was exported yet. Export the sheet first."));
    }

    /** All pages as they print; what is found stands in the sheet's tray. */
    void lookOver() {
        var document = model.now().current();
        errands.run("Looking over all pages", progress -> Leaving.of(document, progress), found -> {
            model.chooseWithin(model.now().choices().withLeaving(Optional.of(found)));
            model.say(
                    found.isEmpty()
                            ? "All is ready to leave."
                            : found.size() == 1
                                    ? "One thing to look at before it leaves."
                                    : found.size() + " things to look at before it leaves.");
        });
    }

    /** The page for those the plan is for, in one file. */
    void exportClientPage() {
        var unsent = model.now().choices().unsent();
        if (model.now().plan().presentation().pages().stream().allMatch(p -> unsent.contains(p.id()))) {
            model.complain("No page would be in it. Choose one, under Client.");
            return;
        }
        dialogs.clientPage(FileNames.of(model.now().plan().name()) + ".html").ifPresent(file -> {
            var document = model.now().current();
            errands.follow(
                    Errands.work("Writing the client page", progress -> {
                        ClientPage.write(document, page -> !unsent.contains(page), file, progress);
                        return Files.size(file);
                    }),
                    bytes -> model.say("The client page is in " + file.getFileName() + ", "
                            + Math.ceilDiv(bytes, 1_000_000) + " MB. Send it, and bring in what comes back."),
                    () -> model.say("Export ended; nothing was written."),
                    e -> model.complainOfFile(
                            "The client page was not written: " + Errands.reason(e) + ". Choose another place."),
                    () -> {});
        });
    }

    /** The plan as a body, for other programs. */
    void exportModel() {
        dialogs.model(FileNames.of(model.now().plan().name()) + ".ifc").ifPresent(file -> {
            var plan = model.now().plan();
            var format = ModelFormat.of(file);
            if (format.isEmpty()) {
                model.complainOfFile(
                        "\"" + file.getFileName() + "\" ends in neither .ifc nor .glb. Give it such an ending.");
                return;
            }
            errands.follow(
                    Errands.work("Writing the model", _ -> {
                        format.get().write(plan, file);
                        return file;
                    }),
                    _ -> model.say("Walls, openings, floors, rooms and furniture are in " + file.getFileName() + "."),
                    () -> model.say("Export ended."),
                    e -> model.complainOfFile(
                            "The model was not written: " + Errands.reason(e) + ". Choose another place."),
                    () -> {});
        });
    }

    /** Remarks and approvals become part of the plan. */
    void bringInRemarks() {
        dialogs.openRemarks().ifPresent(file -> {
            var plan = model.now().plan();
            errands.run("Reading " + file.getFileName(), _ -> RemarkFile.read(file, plan), this::take);
        });
    }

    private void take(RemarkFile.Result read) {
        switch (read) {
            case RemarkFile.Result.Refused(var problem) -> model.complainOfFile(problem.sentence());
            case RemarkFile.Result.Good(var remarks, var approvals) -> {
                model.edit(ReviewEdits.take(model.now().plan(), remarks, approvals), "Take up remarks");
                model.say(remarks.size()
                        + (remarks.size() == 1 ? " remark, " : " remarks, ")
                        + approvals.size()
                        + (approvals.size() == 1 ? " approval." : " approvals."));
            }
        }
    }

    void exportSchedules() {
        dialogs.exportSchedules(FileNames.of(model.now().plan().name()) + ".xlsx")
                .ifPresent(file -> {
                    var format = ScheduleFile.Format.of(file);
                    if (format.isEmpty()) {
                        model.complainOfFile("\"" + file.getFileName()
                                + "\" ends in neither .xlsx nor .csv. Give it such an ending.");
                        return;
                    }
                    var plan = model.now().plan();
                    errands.follow(
                            Errands.work("Exporting the schedules", _ -> {
                                ScheduleFile.write(plan, format.get(), file);
                                return file;
                            }),
                            _ -> model.say("Schedules exported to " + file.getFileName() + "."),
                            () -> model.say("Export ended."),
                            e -> model.complainOfFile(
                                    "The schedules were not written: " + Errands.reason(e) + ". Choose another place."),
                            () -> {});
                });
    }
}
