package honeylamp.cli;

import honeylamp.derive.listing.Schedule.Subject;
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

    @Mixin
    private ListsFile file = new ListsFile();

    @Option(
            names = "--only",
            paramLabel = "WORDS",
            defaultValue = "",
            description = "only rows that say all these words, such as a storey, a room, a surface or a finish: "
                    + "--only \"bathroom wall\"")
    private String words = "";

    @Override
    public Integer call() {
        return file.write(
                plan, Arrays.stream(Subject.values()).filter(Subject::isTakeoff).toList(), words);
    }
}
