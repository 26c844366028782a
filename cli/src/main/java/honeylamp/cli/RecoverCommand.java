package honeylamp.cli;

import honeylamp.store.FileTrouble;
import honeylamp.store.LeftWork;
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
        description = "Writes the newest plan of an autosave journal, with its pictures, to a plan file.")
final class RecoverCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "JOURNAL", description = "the folder of an autosave journal")
    private Path journal = Path.of("");

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "PLAN",
            description = "plan file to write")
    private Path output = Path.of("");

    @Override
    public Integer call() {
        return switch (LeftWork.of(journal)) {
            case LeftWork.Unreadable none -> {
                System.err.println("\"" + journal + "\" gives no plan. " + none.sentence());
                yield 2;
            }
            case LeftWork.Good good -> write(good.document());
        };
    }

    private int write(PlanDocument document) {
        try {
            PlanFile.save(document, Preview.png(document.plan()), output);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + FileTrouble.reason(e) + ".");
            return 2;
        }
    }
}
