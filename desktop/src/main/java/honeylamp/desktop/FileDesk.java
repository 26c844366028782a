package honeylamp.desktop;

import honeylamp.catalogue.NewPlan;
import honeylamp.demo.Shipped;
import honeylamp.desktop.files.FileDialogs;
import honeylamp.desktop.files.FileNames;
import honeylamp.desktop.files.SaveWork;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.PlanEdits;
import honeylamp.pack.Office;
import honeylamp.plan.Plan;
import honeylamp.store.ModelFile;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.RecentPlan;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Opens, saves and leaves plans; reading and writing never hold up the interface. */
final class FileDesk {
    private static final Logger LOG = LoggerFactory.getLogger(FileDesk.class);

    private final WorkspaceModel model;
    private final FileDialogs dialogs;
    private final Errands errands;
    private final Library<RecentPlan> recent;
    private final Library<Office> offices;
    private boolean saving;

    FileDesk(
            WorkspaceModel model,
            FileDialogs dialogs,
            Errands errands,
            Library<RecentPlan> recent,
            Library<Office> offices) {
        this.offices = offices;
        this.recent = recent;
        this.model = model;
        this.dialogs = dialogs;
        this.errands = errands;
    }

    /** Whether something is still being read or written. */
    boolean busy() {
        return errands.busy();
    }

    /** Goes on once the present plan may be left: it is saved, or the person said so. */
    void leaving(Runnable then) {
        if (!model.now().unsaved()) {
            then.run();
            return;
        }
        switch (dialogs.unsaved(model.now().plan().spokenName())) {
            case SAVE -> save(model.now().file(), then);
            case DROP -> then.run();
            case STAY -> {}
        }
    }

    void newPlan(Runnable then) {
        begin(NewPlan.in(model.now().plan().units()), then);
    }

    /** Begins a plan that is in no file yet, with the office's words in its title blocks. */
    void begin(Plan plan, Runnable then) {
        leaving(() -> {
            model.open(Origin.of(asTheOffice(plan)));
            then.run();
        });
    }

    private PlanDocument asTheOffice(Plan plan) {
        var office = offices.all().stream().findFirst();
        var document = PlanDocument.of(office.map(o -> o.in(plan)).orElse(plan));
        return office.flatMap(Office::logo)
                .map(logo -> document.withAsset(logo.picture().asset(), logo.read()))
                .orElse(document);
    }

    /** Opens a plan that ships as if it were new, so that saving asks where. */
    void shipped(Shipped plan, Runnable then) {
        leaving(() -> errands.run("Opening " + plan.label(), _ -> plan.document(), document -> {
            model.open(Origin.of(document));
            then.run();
        }));
    }

    /** Keeps what others can begin with under the name of the plan. */
    void keepTemplate(Library<Plan> templates) {
        var plan = model.now().plan();
        if (plan.name().isBlank()) {
            model.complain("A template is known by its name. Type one above the drawing first.");
            return;
        }
        errands.run("Keeping the template", _ -> templates.keep(PlanEdits.template(plan)), wrong -> {
            if (wrong.isEmpty()) {
                model.say("Kept as a template: plans can begin with " + plan.spokenName() + " from now on.");
            } else {
                model.complainOfFile(wrong);
            }
        });
    }

    /** It is offered when the program begins. */
    private void remember(Path file, Plan plan) {
        var wrong = recent.keep(RecentPlan.of(file, plan.name().isBlank() ? FileNames.plan(file) : plan.name()));
        if (!wrong.isEmpty()) {
            LOG.warn("recent plans: {}", wrong);
        }
    }

    void open(Runnable then) {
        leaving(() -> dialogs.openPlan().ifPresent(file -> opened(file, then)));
    }

    void open(Path file, Runnable then) {
        leaving(() -> opened(file, then));
    }

    private void opened(Path file, Runnable then) {
        errands.run("Opening", progress -> PlanFile.open(file), opened -> {
            switch (opened) {
                case PlanFile.Opened.Good(var document, var mended) -> {
                    model.open(Origin.in(file, document));
                    remember(file, document.plan());
                    then.run();
                    if (!mended.isEmpty()) {
                        model.say("The file was not quite whole: " + String.join("; ", mended) + ".");
                    }
                }
                case PlanFile.Opened.Refused(var problem) -> model.complainOfFile(problem.sentence());
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
            model.complainOfFile("The plan is being saved; wait a moment, or cancel that first.");
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
        known.or(() -> dialogs.savePlan(FileNames.of(model.now().plan().name())))
                .ifPresent(file -> write(withEnding(file), then));
    }

    private static Path withEnding(Path file) {
        return file.toString().endsWith(PlanFile.ENDING) ? file : Path.of(file + PlanFile.ENDING);
    }

    private void write(Path file, Runnable then) {
        saving = true;
        var plan = model.now().plan();
        if (plan.name().isBlank()) { // it is called like its file from now on
            model.edit(PlanEdits.named(plan, FileNames.plan(file)), "Name plan");
        }
        var document = model.now().document().with(model.now().plan());
        errands.follow(
                new SaveWork(document, file),
                origin -> {
                    model.saved(origin);
                    remember(file, document.plan());
                    model.say("Saved as " + file.getFileName() + ".");
                    then.run();
                },
                () -> model.say("Saving ended; the file is as it was."),
                e -> model.complainOfFile("The plan was not saved to " + file + ": " + Errands.reason(e)
                        + (Files.exists(file) ? ". What was there is whole." : ".") + " Choose another place."),
                () -> saving = false);
    }

    /** Writes a document to a file that the person names, beside what is open. */
    void saveElsewhere(PlanDocument document, Runnable then) {
        dialogs.savePlan(FileNames.of(document.plan().name()))
                .map(FileDesk::withEnding)
                .ifPresent(file -> errands.follow(
                        new SaveWork(document, file),
                        _ -> {
                            model.say("Saved as " + file.getFileName() + ".");
                            then.run();
                        },
                        () -> model.say("Saving ended; nothing was written."),
                        e -> model.complainOfFile("The work was not saved to " + file + ": " + Errands.reason(e)
                                + ". Choose another place."),
                        () -> {}));
    }

    void model(Path file, Runnable then) {
        leaving(() -> errands.run("Reading the model", _ -> ModelFile.read(file), result -> {
            switch (result) {
                case ModelFile.Result.Refused(var problem) -> model.complainOfFile(problem.sentence());
                case ModelFile.Result.Good(var made) -> {
                    model.open(Origin.of(asTheOffice(made.plan())));
                    then.run();
                    model.say(made.said());
                }
            }
        }));
    }

    void survey(Path file, Runnable then) {
        leaving(() -> errands.run("Reading the survey", _ -> SurveyFile.read(file), result -> {
            switch (result) {
                case SurveyFile.Result.Refused(var problem) -> model.complainOfFile(problem.sentence());
                case SurveyFile.Result.Good(var survey, var units) -> {
                    try {
                        var adjusted = Adjustment.of(survey);
                        model.open(Origin.of(asTheOffice(SurveyPlan.of(survey, adjusted, units))));
                        then.run();
                        var words = adjusted.closingWords();
                        model.say(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".");
                    } catch (SurveyException e) {
                        model.complainOfFile(SurveyFile.problem(e, String.valueOf(file.getFileName()))
                                .sentence());
                    }
                }
            }
        }));
    }
}
