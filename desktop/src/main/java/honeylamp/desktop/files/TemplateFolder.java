package honeylamp.desktop.files;

import honeylamp.desktop.panel.part.Library;
import honeylamp.plan.Plan;
import honeylamp.store.FileTrouble;
import honeylamp.store.OwnerOnly;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import java.io.IOException;
import java.nio.file.DirectoryIteratorException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Templates a person keeps, each a plan file in a folder; one that cannot be read is left alone. */
public final class TemplateFolder implements Library<Plan> {
    private static final Logger LOG = LoggerFactory.getLogger(TemplateFolder.class);
    private static final int MOST = 60;

    private final Path folder;

    /** The templates of a folder, which is made when the first is kept. */
    public TemplateFolder(Path folder) {
        this.folder = folder;
    }

    @Override
    public List<Plan> all() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        var out = new ArrayList<Plan>();
        try (var files = Files.newDirectoryStream(folder, "*" + PlanFile.ENDING)) {
            for (var file : files) {
                switch (PlanFile.open(file)) {
                    case PlanFile.Opened.Good good
                    when out.size() < MOST -> out.add(good.document().plan());
                    case PlanFile.Opened.Good _ -> {}
                    case PlanFile.Opened.Refused(var problem) ->
                        LOG.warn("a template is left out: {}", problem.sentence());
                }
            }
        } catch (IOException | DirectoryIteratorException e) {
            LOG.warn("the templates in {} cannot be looked through", folder, e);
        }
        out.sort(Comparator.comparing(Plan::name));
        return List.copyOf(out);
    }

    @Override
    public String keep(Plan template) {
        try {
            OwnerOnly.folder(folder);
            PlanFile.save(PlanDocument.of(template), Preview.png(template), place(template.name()));
            return "";
        } catch (IOException e) {
            return "The template cannot be kept: " + FileTrouble.reason(e) + " (" + folder + ").";
        }
    }

    @Override
    public String forget(Plan template) {
        try {
            var file = place(template.name());
            if (Files.exists(file) && isOf(file, template.name())) {
                Files.delete(file);
            }
            return "";
        } catch (IOException e) {
            return "The template cannot be taken off the list: " + FileTrouble.reason(e) + " (" + folder + ").";
        }
    }

    /** A file of its own for each name, also where two names are written alike in the names of files. */
    private Path place(String name) {
        var stem = FileNames.of(name);
        var file = folder.resolve(stem + PlanFile.ENDING);
        for (var i = 2; Files.exists(file) && !isOf(file, name); i++) {
            file = folder.resolve(stem + "-" + i + PlanFile.ENDING);
        }
        return file;
    }

    private static boolean isOf(Path file, String name) {
        return PlanFile.open(file) instanceof PlanFile.Opened.Good good
                && good.document().plan().name().equals(name);
    }
}
