package honeylamp.cli;

import honeylamp.plan.Plan;
import honeylamp.store.IfcFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes a plan as a model for other programs. */
@Command(
        name = "model",
        mixinStandardHelpOptions = true,
        description = "Writes walls, openings, floors, rooms and furniture as IFC4, for other programs for building.")
final class ModelCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "where to; a name that ends in .ifc")
    private Path output = Path.of("");

    @Override
    public Integer call() {
        if (!output.toString().toLowerCase(Locale.ROOT).endsWith(".ifc")) {
            System.err.println("\"" + output + "\" does not end in .ifc. Give the file such an ending.");
            return 2;
        }
        return plan.document().map(d -> write(d.plan())).orElse(2);
    }

    private int write(Plan of) {
        try {
            IfcFile.write(of, output);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + e.getMessage());
            return 2;
        }
    }
}
