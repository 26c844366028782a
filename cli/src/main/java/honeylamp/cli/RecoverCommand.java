package honeylamp.cli;

import honeylamp.store.Journal;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes a plan file of an autosave journal by hand. */
@Command(
        name = "recover",
        mixinStandardHelpOptions = true,
        description = "Writes the newest plan of an autosave journal to a plan file.")
final class RecoverCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "JOURNAL", description = "an autosave journal")
    private Path journal = Path.of("");

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "PLAN",
            description = "plan file to write")
    private Path output = Path.of("");

    @Override
    public Integer call() {
        try {
            var plan = Journal.recover(journal);
            if (plan.isEmpty()) {
                System.err.println("\"" + journal + "\" holds no whole plan.");
                return 2;
            }
            PlanFile.save(PlanDocument.of(plan.get()), Preview.png(plan.get()), output);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + e.getMessage());
            return 2;
        }
    }
}
