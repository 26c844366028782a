package honeylamp.cli;

import honeylamp.model.ModelPlan;
import honeylamp.store.ModelFile;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Makes a plan to draw on of a building model of another program. */
@Command(
        name = "base",
        mixinStandardHelpOptions = true,
        description = "Makes a plan to draw on of a building model (IFC4): its walls, openings and rooms.")
final class BaseCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "MODEL", description = "a building model, .ifc")
    private Path file = Path.of("");

    @Option(names = "-o", required = true, paramLabel = "PLAN", description = "the .honeylamp file to write")
    private Path target = Path.of("");

    @Override
    public Integer call() {
        return switch (ModelFile.read(file)) {
            case ModelFile.Result.Refused(var problem) -> {
                System.err.println(problem.sentence());
                yield 2;
            }
            case ModelFile.Result.Good(var made) -> write(made);
        };
    }

    private int write(ModelPlan.Made made) {
        try {
            PlanFile.save(PlanDocument.of(made.plan()), Preview.png(made.plan()), target);
            System.out.println(made.said());
            return 0;
        } catch (IOException e) {
            System.err.println("The plan was not written to " + target + ": " + e.getMessage());
            return 2;
        }
    }
}
