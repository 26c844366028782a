package honeylamp.cli;

import honeylamp.output.Progress;
import honeylamp.store.ClientPage;
import honeylamp.store.FileTrouble;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes a plan as a page for its reader. */
@Command(
        name = "client",
        mixinStandardHelpOptions = true,
        description = "Writes all pages as one HTML file, to look at, measure in, remark on and approve.")
final class ClientCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "an .html file to write")
    private Path output = Path.of("");

    @Override
    public Integer call() {
        return plan.document().map(this::write).orElse(2);
    }

    private int write(PlanDocument document) {
        try {
            ClientPage.write(document, output, Progress.NONE);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + FileTrouble.reason(e) + ".");
            return 2;
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }
}
