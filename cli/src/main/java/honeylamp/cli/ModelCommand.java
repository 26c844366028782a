package honeylamp.cli;

import honeylamp.plan.Plan;
import honeylamp.store.ModelFormat;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes a plan as a model for other programs. */
@Command(
        name = "model",
        mixinStandardHelpOptions = true,
        description = {
            "Writes the plan as a body: as IFC4 walls, openings, floors, rooms and furniture for other programs for building;",
            "as glTF 2.0 (.glb) all that is raised, with its colours, to be turned and looked at."
        })
final class ModelCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "where to; a name that ends in .ifc or .glb")
    private Path output = Path.of("");

    @Override
    public Integer call() {
        var format = ModelFormat.of(output);
        if (format.isEmpty()) {
            System.err.println("\"" + output + "\" ends in neither .ifc nor .glb. Give the file such an ending.");
            return 2;
        }
        return plan.document().map(d -> write(d.plan(), format.get())).orElse(2);
    }

    private int write(Plan of, ModelFormat format) {
        try {
            format.write(of, output);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + e.getMessage());
            return 2;
        }
    }
}
