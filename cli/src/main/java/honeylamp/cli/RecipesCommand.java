package honeylamp.cli;

import honeylamp.output.FileWords;
import honeylamp.pack.Recipes;
import honeylamp.store.FileTrouble;
import honeylamp.store.KeptFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Tells which recipes ship, or writes them as a file to begin own ones with. */
@Command(
        name = "recipes",
        mixinStandardHelpOptions = true,
        description = "Lists the recipes of packs that ship, or writes them to a file to change.")
final class RecipesCommand implements Callable<Integer> {
    @Option(
            names = {"-o", "--output"},
            paramLabel = "FILE",
            description = "a JSON file to write them to")
    private Optional<Path> output = Optional.empty();

    @Override
    public Integer call() {
        if (output.isEmpty()) {
            Recipes.all().forEach(r -> System.out.printf("%-16s %s%n", FileWords.of(r.name(), ""), r.about()));
            return 0;
        }
        try {
            KeptFile.RECIPES.write(output.get(), Recipes.all());
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output.get() + "\" was not written: " + FileTrouble.reason(e) + ".");
            return 2;
        }
    }
}
