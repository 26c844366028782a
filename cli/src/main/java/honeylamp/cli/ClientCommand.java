package honeylamp.cli;

import honeylamp.output.Progress;
import honeylamp.plan.Page;
import honeylamp.store.ClientPage;
import honeylamp.store.FileTrouble;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
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

    @Option(names = "--pages", paramLabel = "N", split = ",", description = "which pages, as 1,3 (default all)")
    private List<Integer> pages = List.of();

    @Override
    public Integer call() {
        return plan.document().map(this::write).orElse(2);
    }

    private int write(PlanDocument document) {
        try {
            var all = document.plan().presentation().pages().stream()
                    .map(Page::id)
                    .toList();
            for (var number : pages) {
                if (number < 1 || number > all.size()) {
                    System.err.println("There is no page " + number + "; the plan has " + all.size() + ".");
                    return 2;
                }
            }
            ClientPage.write(
                    document, id -> pages.isEmpty() || pages.contains(1 + all.indexOf(id)), output, Progress.NONE);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + FileTrouble.reason(e) + ".");
            return 2;
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException("nobody can end this work", e);
        }
    }
}
