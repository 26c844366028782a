package honeylamp.cli;

import honeylamp.output.FileWords;
import honeylamp.output.Progress;
import honeylamp.pack.Brand;
import honeylamp.pack.Recipe;
import honeylamp.pack.Recipes;
import honeylamp.pack.run.PackRun;
import honeylamp.pack.run.PackRun.Done;
import honeylamp.store.FileTrouble;
import honeylamp.store.KeptFile;
import honeylamp.store.PlanFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Packs plans by a recipe into a folder. */
@Command(
        name = "pack",
        mixinStandardHelpOptions = true,
        description = {
            "Makes all files of a recipe of one or more plans; what did not change is left as it is.",
            "Exit 0 if all is well, 1 if some files failed, 2 if nothing could be done."
        })
final class PackCommand implements Callable<Integer> {
    @Parameters(
            index = "0",
            paramLabel = "RECIPE",
            description = "one that ships, as listing-portal (see: recipes), or a file of recipes")
    private String recipe = "";

    @Parameters(index = "1..*", arity = "1..*", paramLabel = "PLAN", description = "plan files, or folders of them")
    private List<Path> plans = new ArrayList<>();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "DIR",
            description = "where to; of several plans each gets a folder in it")
    private Path output = Path.of("");

    @Option(names = "--brand", paramLabel = "FILE", description = "colours, letters, mark and words of a house")
    private Optional<Path> brand = Optional.empty();

    @Override
    public Integer call() {
        try {
            var recipes = recipes();
            var files = files();
            if (files.isEmpty()) {
                System.err.println("There is no " + PlanFile.ENDING + " file in what was given.");
                return 2;
            }
            var worst = 0;
            for (var file : files) {
                var into = files.size() == 1 ? output : output.resolve(FileWords.of(stem(file), "plan"));
                for (var each : recipes) {
                    worst = Math.max(worst, pack(each, file, into));
                }
            }
            return worst;
        } catch (IOException | IllegalArgumentException e) {
            System.err.println("Nothing was packed: " + e.getMessage() + ".");
            return 2;
        }
    }

    private List<Recipe> recipes() throws IOException {
        var shipped = Recipes.named(recipe);
        var found = shipped.isPresent() ? List.of(shipped.get()) : read(Path.of(recipe));
        if (brand.isEmpty()) {
            return found;
        }
        var brands = KeptFile.BRANDS.read(existing(brand.get()));
        if (brands.isEmpty()) {
            throw new IOException("\"" + brand.get() + "\" holds no brand");
        }
        Brand first = brands.getFirst();
        return found.stream()
                .map(r -> new Recipe(r.name(), r.about(), r.parts(), Optional.of(first)))
                .toList();
    }

    private static List<Recipe> read(Path file) throws IOException {
        if (!Files.exists(file)) {
            throw new IOException("there is neither a recipe nor a file called \"" + file + "\"; there are "
                    + Recipes.all().stream()
                            .map(r -> FileWords.of(r.name(), ""))
                            .collect(Collectors.joining(", ")));
        }
        var all = KeptFile.RECIPES.read(file);
        if (all.isEmpty()) {
            throw new IOException("\"" + file + "\" holds no recipe");
        }
        return all;
    }

    private static Path existing(Path file) throws IOException {
        if (!Files.exists(file)) {
            throw new IOException("there is no file \"" + file + "\"");
        }
        return file;
    }

    private List<Path> files() throws IOException {
        var out = new ArrayList<Path>();
        for (var each : plans) {
            if (Files.isDirectory(each)) {
                try (var inside = Files.list(each)) {
                    inside.filter(f -> f.toString().endsWith(PlanFile.ENDING))
                            .sorted()
                            .forEach(out::add);
                }
            } else {
                out.add(existing(each));
            }
        }
        return out;
    }

    private static String stem(Path file) {
        var name = String.valueOf(file.getFileName());
        return name.endsWith(PlanFile.ENDING) ? name.substring(0, name.length() - PlanFile.ENDING.length()) : name;
    }

    /** The exit code of a plan. */
    private static int pack(Recipe recipe, Path file, Path into) {
        return switch (PlanFile.open(file)) {
            case PlanFile.Opened.Refused(var problem) -> {
                System.err.println(problem.sentence());
                yield 1;
            }
            case PlanFile.Opened.Good(var document, var _) -> {
                try {
                    var lines = PackRun.into(into, recipe, document, Progress.NONE);
                    lines.forEach(PackCommand::tell);
                    yield lines.stream().anyMatch(l -> l.done() == Done.FAILED) ? 1 : 0;
                } catch (IOException e) {
                    System.err.println("\"" + into + "\" was not packed: " + FileTrouble.reason(e) + ".");
                    yield 1;
                } catch (IllegalArgumentException e) {
                    System.err.println("\"" + file + "\" was not packed: " + e.getMessage() + ".");
                    yield 1;
                } catch (Progress.Cancelled e) {
                    throw new IllegalStateException("nobody can end this work", e);
                }
            }
        };
    }

    private static void tell(PackRun.Line line) {
        switch (line.done()) {
            case WRITTEN -> System.out.println("written    " + line.file());
            case UNCHANGED -> System.out.println("unchanged  " + line.file());
            case FAILED -> System.err.println("failed     " + line.file() + ": " + line.words());
        }
    }
}
