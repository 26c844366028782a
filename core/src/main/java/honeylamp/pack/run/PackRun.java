package honeylamp.pack.run;

import honeylamp.output.Export;
import honeylamp.output.Export.Format;
import honeylamp.output.InPairs;
import honeylamp.output.Progress;
import honeylamp.pack.Packed;
import honeylamp.pack.Recipe;
import honeylamp.pack.Recipe.Of;
import honeylamp.plan.Look;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.store.Digests;
import honeylamp.store.KeptFile;
import honeylamp.store.PagePictures;
import honeylamp.store.PlanDocument;
import honeylamp.store.ScheduleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Makes a pack of a plan in a folder: two files at a time, and only those that are not there as they should be. */
public final class PackRun {
    /** Beside what is packed it stands what was asked, so that the next run knows what changed. */
    public static final String RECORD = "packed.json";

    /** Another version of the program may draw otherwise. */
    private static final String VERSION =
            String.valueOf(PackRun.class.getPackage().getImplementationVersion());

    /** What became of a file. */
    public enum Done {
        WRITTEN,
        UNCHANGED,
        FAILED
    }

    /**
     * What is told of a file.
     *
     * @param words why it failed; else empty
     */
    public record Line(String file, Done done, String words) {}

    private record Made(Line line, Optional<Packed> packed) {}

    private final Recipe recipe;
    private final PlanDocument document;
    private final Path folder;
    private final List<Packed> before;
    private final PagePictures pictures = new PagePictures();

    private PackRun(Recipe recipe, PlanDocument document, Path folder, List<Packed> before) {
        this.recipe = recipe;
        this.document = document;
        this.folder = folder;
        this.before = before;
    }

    /**
     * Packs a plan.
     *
     * @param folder made if it is not there
     * @return what became of each file, in the order of the recipe; that one failed does not hold up the others
     * @throws IOException if the folder cannot be made or its record not be written
     * @throws IllegalArgumentException if the recipe asks for a look or a set that is not there
     * @throws Progress.Cancelled if the progress ended the work; what was written stays
     */
    public static List<Line> into(Path folder, Recipe recipe, PlanDocument document, Progress progress)
            throws IOException, Progress.Cancelled {
        Files.createDirectories(folder);
        var record = folder.resolve(RECORD);
        var before = known(record);
        var made = new PackRun(recipe, document, folder, before).all(progress);
        var after = before;
        for (var packed : made.stream().flatMap(m -> m.packed.stream()).toList()) {
            after = KeptFile.PACKED.with(after, packed);
        }
        if (!List.copyOf(before).equals(after)) {
            KeptFile.PACKED.write(record, after);
        }
        return made.stream().map(Made::line).toList();
    }

    /** The names of the looks a recipe can ask for when it packs a plan: those that ship, then the plan's own. */
    public static List<String> looks(Plan plan) {
        return Dressing.looks(plan).stream().map(Look::name).toList();
    }

    /** What a recipe asks for by a name that nothing has when it packs a plan, each in words: {@code the look "Sepia"}. */
    public static List<String> missing(Plan plan, Recipe recipe) {
        return recipe.parts().stream()
                .flatMap(part -> Dressing.missing(plan, part.drawn()).stream())
                .distinct()
                .toList();
    }

    /** A record that cannot be read is as good as none: all is made anew. */
    private static List<Packed> known(Path record) {
        try {
            return KeptFile.PACKED.read(record);
        } catch (IOException _) {
            return List.of();
        }
    }

    private List<Made> all(Progress progress) throws IOException, Progress.Cancelled {
        return InPairs.all(PackFile.of(document.plan(), recipe), this::made, progress);
    }

    private Made made(PackFile file, Progress progress) throws Progress.Cancelled {
        try {
            return made(file, folder.resolve(file.name()), progress);
        } catch (IOException | IllegalArgumentException e) {
            return new Made(new Line(file.name(), Done.FAILED, String.valueOf(e.getMessage())), Optional.empty());
        }
    }

    private Made made(PackFile file, Path to, Progress progress) throws IOException, Progress.Cancelled {
        var last = before.stream().filter(p -> p.file().equals(file.name())).findFirst();
        var asked = Digests.of(document, file.part() + "\n" + recipe.brand() + "\n" + VERSION);
        var isThere = last.isPresent()
                && Files.exists(to)
                && Digests.of(to).equals(last.get().written());
        if (isThere && last.get().asked().equals(asked)) {
            return new Made(new Line(file.name(), Done.UNCHANGED, ""), last);
        }
        if (file.part().of() == Of.SCHEDULES) {
            ScheduleFile.write(document.plan(), ScheduleFile.Format.XLSX, to);
            return new Made(
                    new Line(file.name(), Done.WRITTEN, ""),
                    Optional.of(new Packed(file.name(), asked, "", Digests.of(to))));
        }
        var pages = composed(file, progress);
        var drawn = Digests.<IOException>of(out -> {
            for (var page : pages) {
                Export.drawn(page, out);
            }
            out.write(file.part().toString().getBytes(java.nio.charset.StandardCharsets.UTF_8));
        });
        if (isThere && last.get().drawn().equals(drawn)) {
            return new Made(
                    new Line(file.name(), Done.UNCHANGED, ""),
                    Optional.of(new Packed(file.name(), asked, drawn, last.get().written())));
        }
        if (file.part().format() == Format.PDF && pages.size() > 1) {
            Export.writeAll(pages, file.picture(), to, progress);
        } else {
            Export.write(pages.getFirst(), file.part().format(), file.picture(), to, progress);
        }
        return new Made(
                new Line(file.name(), Done.WRITTEN, ""),
                Optional.of(new Packed(file.name(), asked, drawn, Digests.of(to))));
    }

    private List<ComposedPage> composed(PackFile file, Progress progress) throws Progress.Cancelled {
        var out = new ArrayList<ComposedPage>();
        for (var page : file.pages()) {
            progress.at(0);
            var printed =
                    pictures.printed(List.of(page), document.assets(), progress).getFirst();
            var seen = file.part().planOnly() ? Export.planOnly(printed) : printed;
            out.add(recipe.brand()
                    .map(brand -> BrandFoot.under(
                            seen, brand, page.look(), file.part().planOnly()))
                    .orElse(seen));
        }
        return out;
    }
}
