package honeylamp.cli;

import honeylamp.plan.Plan;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import java.nio.file.Path;
import java.util.Optional;
import picocli.CommandLine.Parameters;

/** The plan a command works on. */
final class PlanArgument {
    @Parameters(index = "0", paramLabel = "PLAN", description = "a .honeylamp file")
    private Path file = Path.of("");

    /** The plan, or empty after saying on the error stream why not. */
    Optional<Plan> open() {
        return document().map(PlanDocument::plan);
    }

    /** The plan with the pictures in its file, or empty after saying on the error stream why not. */
    Optional<PlanDocument> document() {
        return switch (PlanFile.open(file)) {
            case PlanFile.Opened.Good(var document, var mended) -> {
                mended.forEach(m -> System.err.println("Mended: " + m + "."));
                yield Optional.of(document);
            }
            case PlanFile.Opened.Refused(var problem) -> {
                System.err.println(problem.sentence());
                yield Optional.<PlanDocument>empty();
            }
        };
    }
}
