package honeylamp.cli;

import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.plan.Plan;
import honeylamp.store.ScheduleFile;
import honeylamp.store.ScheduleFile.Format;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes what a plan comes to. */
@Command(
        name = "takeoff",
        mixinStandardHelpOptions = true,
        description =
                "Writes the takeoff of a plan as XLSX or CSV: every covered surface with its pieces, cuts and boxes, "
                        + "the materials, edges, walls and everything placed.")
final class TakeoffCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "file to write; its ending (.xlsx, .csv) says the format")
    private Path file = Path.of("");

    @Option(
            names = "--only",
            paramLabel = "WORDS",
            defaultValue = "",
            description = "only rows that say all these words, such as a storey, a room, a surface or a finish: "
                    + "--only \"bathroom wall\"")
    private String words = "";

    @Override
    public Integer call() {
        var format = Format.of(file);
        if (format.isEmpty()) {
            System.err.println("\"" + file + "\" ends in neither .xlsx nor .csv. Give it such an ending.");
            return 2;
        }
        return plan.open().map(p -> write(p, format.get())).orElse(2);
    }

    private int write(Plan opened, Format format) {
        try {
            var subjects =
                    Arrays.stream(Subject.values()).filter(Subject::isTakeoff).toList();
            ScheduleFile.write(opened, subjects, words, format, file);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + file + "\" was not written: " + e.getMessage());
            return 2;
        }
    }
}
