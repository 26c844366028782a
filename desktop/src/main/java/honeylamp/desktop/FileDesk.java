package honeylamp.desktop;

import honeylamp.catalogue.NewPlan;
import honeylamp.desktop.files.ExportWork;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.files.SaveWork;
import honeylamp.desktop.panel.TopBar;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.output.Export;
import honeylamp.output.Progress;
import honeylamp.store.FileTrouble;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.ScheduleFile;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.concurrent.Task;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Opens, saves, leaves and exports plans; reading and writing never hold up the interface. */
final class FileDesk {
    private static final Logger LOG = LoggerFactory.getLogger(FileDesk.class);

    private final WorkspaceModel model;
    private final FileDialogs dialogs;
    private final TopBar top;
    private int underWay;
    private boolean saving;

    FileDesk(WorkspaceModel model, FileDialogs dialogs, TopBar top) {
        this.model = model;
        this.dialogs = dialogs;
        this.top = top;
    }

    /** Whether something is still being read or written. */
    boolean busy() {
        return underWay > 0;
    }

    /** Goes on once the present plan may be left: it is saved, or the person said so. */
    void leaving(Runnable then) {
        if (!model.now().unsaved()) {
            then.run();
            return;
        }
        switch (dialogs.unsaved(model.now().plan().name())) {
            case SAVE -> save(model.now().file(), then);
            case DROP -> then.run();
            case STAY -> {}
        }
    }

    void newPlan(Runnable then) {
        leaving(() -> {
            model.open(Origin.of(PlanDocument.of(NewPlan.in(model.now().plan().units()))));
            then.run();
        });
    }

    void open(Runnable then) {
        leaving(() -> dialogs.openPlan().ifPresent(file -> opened(file, then)));
    }

    void open(Path file, Runnable then) {
        leaving(() -> opened(file, then));
    }

    private void opened(Path file, Runnable then) {
        run("Opening", progress -> PlanFile.open(file), opened -> {
            switch (opened) {
                case PlanFile.Opened.Good(var document, var mended) -> {
                    model.open(Origin.in(file, document));
                    then.run();
                    if (!mended.isEmpty()) {
                        model.say("The file was not quite whole: " + String.join("; ", mended) + ".");
                    }
                }
                case PlanFile.Opened.Refused(var problem) -> model.complain(problem.sentence());
            }
        });
    }

    void save() {
        save(model.now().file(), () -> {});
    }

    void saveAs() {
        save(Optional.empty(), () -> {});
    }

    private void save(Optional<Path> known, Runnable then) {
        if (saving) {
            model.complain("The plan is being saved; wait a moment, or cancel that first.");
            return;
        }
        if (known.isPresent() && model.now().origin().changedOnDisk()) {
            switch (dialogs.changedOnDisk(known.get())) {
                case WRITE_OVER -> {}
                case ELSEWHERE -> {
                    save(Optional.empty(), then);
                    return;
                }
                case STAY -> {
                    return;
                }
            }
        }
        known.or(() -> dialogs.savePlan(fileName())).ifPresent(file -> write(withEnding(file), then));
    }

    private static Path withEnding(Path file) {
        return file.toString().endsWith(PlanFile.ENDING) ? file : Path.of(file + PlanFile.ENDING);
    }

    private void write(Path file, Runnable then) {
        saving = true;
        var document = model.now().document().with(model.now().plan());
        follow(
                new SaveWork(document, file),
                origin -> {
                    model.saved(origin);
                    model.say("Saved as " + file.getFileName() + ".");
                    then.run();
                },
                () -> model.say("Saving ended; the file is as it was."),
                e -> model.complain("The plan was not saved to " + file + ": " + reason(e)
                        + (Files.exists(file) ? ". What was there is whole." : ".") + " Choose another place."),
                () -> saving = false);
    }

    /** Writes a document to a file that the person names, beside what is open. */
    void saveElsewhere(PlanDocument document, Runnable then) {
        dialogs.savePlan(fileName(document.plan().name()))
                .map(FileDesk::withEnding)
                .ifPresent(file -> follow(
                        new SaveWork(document, file),
                        _ -> {
                            model.say("Saved as " + file.getFileName() + ".");
                            then.run();
                        },
                        () -> model.say("Saving ended; nothing was written."),
                        e -> model.complain(
                                "The work was not saved to " + file + ": " + reason(e) + ". Choose another place."),
                        () -> {}));
    }

    private String fileName() {
        return fileName(model.now().plan().name());
    }

    private static String fileName(String plan) {
        var name = plan.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
        return name.isBlank() || name.equals("-") ? "plan" : name;
    }

    void survey(Path file, Runnable then) {
        leaving(() -> run("Reading the survey", _ -> SurveyFile.read(file), result -> {
            switch (result) {
                case SurveyFile.Result.Refused(var problem) -> model.complain(problem.sentence());
                case SurveyFile.Result.Good(var survey, var units) -> {
                    try {
                        var adjusted = Adjustment.of(survey);
                        model.open(Origin.of(PlanDocument.of(SurveyPlan.of(survey, adjusted, units))));
                        then.run();
                        var words = adjusted.closingWords();
                        model.say(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".");
                    } catch (SurveyException e) {
                        model.complain(SurveyFile.problem(e, String.valueOf(file.getFileName()))
                                .sentence());
                    }
                }
            }
        }));
    }

    /** All pages as one PDF. */
    void exportAll() {
        dialogs.exportSheet(fileName() + ".pdf").ifPresent(file -> {
            if (Export.Format.of(file).filter(f -> f == Export.Format.PDF).isEmpty()) {
                model.complain("All pages go into one PDF; give the file the ending .pdf.");
                return;
            }
            export(new ExportWork(model.shown().plan().pages(), Export.Format.PDF, Export.Png.USUAL, file), file);
        });
    }

    private void export(ExportWork work, Path file) {
        follow(
                work,
                _ -> model.say("Exported to " + file.getFileName() + "."),
                () -> model.say("Export ended; nothing was written."),
                e -> model.complain("Export failed: " + reason(e) + ". Choose another place or a lower resolution."),
                () -> {});
    }

    void exportSheet() {
        dialogs.exportSheet(fileName() + ".pdf").ifPresent(file -> {
            var format = Export.Format.of(file);
            if (format.isEmpty()) {
                model.complain(
                        "\"" + file.getFileName() + "\" ends in none of .pdf, .png and .svg. Give it such an ending.");
                return;
            }
            var png =
                    new Export.Png(Export.Png.USUAL.dpi(), model.now().choices().backing());
            export(new ExportWork(List.of(model.shown().page()), format.get(), png, file), file);
        });
    }

    void exportSchedules() {
        dialogs.exportSchedules(fileName() + ".xlsx").ifPresent(file -> {
            var format = ScheduleFile.Format.of(file);
            if (format.isEmpty()) {
                model.complain(
                        "\"" + file.getFileName() + "\" ends in neither .xlsx nor .csv. Give it such an ending.");
                return;
            }
            var plan = model.now().plan();
            follow(
                    work("Exporting the schedules", _ -> {
                        ScheduleFile.write(plan, format.get(), file);
                        return file;
                    }),
                    _ -> model.say("Schedules exported to " + file.getFileName() + "."),
                    () -> model.say("Export ended."),
                    e -> model.complain("The schedules were not written: " + reason(e) + ". Choose another place."),
                    () -> {});
        });
    }

    private interface Reading<T> {
        T read(Progress progress) throws Exception;
    }

    private static <T> Task<T> work(String title, Reading<T> reading) {
        return new Task<>() {
            @Override
            protected T call() throws Exception {
                updateTitle(title);
                return reading.read(share -> {
                    if (isCancelled()) {
                        throw new Progress.Cancelled();
                    }
                    updateProgress(share, 1);
                });
            }
        };
    }

    private <T> void run(String title, Reading<T> reading, Consumer<T> then) {
        follow(
                work(title, reading),
                then,
                () -> model.say("Ended; nothing was opened."),
                e -> model.complain(title + " failed: " + reason(e) + "."),
                () -> {});
    }

    private <T> void follow(
            Task<T> work, Consumer<T> done, Runnable cancelled, Consumer<Throwable> failed, Runnable last) {
        underWay++;
        Runnable over = () -> {
            underWay--;
            last.run();
        };
        work.setOnSucceeded(_ -> {
            over.run();
            done.accept(work.getValue());
        });
        work.setOnCancelled(_ -> {
            over.run();
            cancelled.run();
        });
        work.setOnFailed(_ -> {
            over.run();
            LOG.warn("{} failed", work.getTitle(), work.getException());
            failed.accept(work.getException());
        });
        top.follow(work);
        Thread.ofPlatform().daemon().name("files").start(work);
    }

    private static String reason(Throwable e) {
        return e instanceof Exception x ? FileTrouble.reason(x) : String.valueOf(e.getMessage());
    }
}
