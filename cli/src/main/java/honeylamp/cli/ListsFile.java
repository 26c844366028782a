package honeylamp.cli;

import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.plan.Plan;
import honeylamp.store.ScheduleFile;
import honeylamp.store.ScheduleFile.Format;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import picocli.CommandLine.Option;

/** The file lists are written to; said the same way by all commands that write some. */
final class ListsFile {
    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "file to write; its ending (.xlsx, .csv) says the format")
    private Path file = Path.of("");

    /** Writes lists of a plan, as far as their rows say all these words; 0 if it could, else 2 with the reason said. */
    int write(PlanArgument plan, List<Subject> subjects, String words) {
        var format = Format.of(file);
        if (format.isEmpty()) {
            System.err.println("\"" + file + "\" ends in neither .xlsx nor .csv. Give it such an ending.");
            return 2;
        }
        return plan.open().map(p -> write(p, subjects, words, format.get())).orElse(2);
    }

    private int write(Plan opened, List<Subject> subjects, String words, Format format) {
        try {
            ScheduleFile.write(opened, subjects, words, format, file);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + file + "\" was not written: " + e.getMessage());
            return 2;
        }
    }
}
