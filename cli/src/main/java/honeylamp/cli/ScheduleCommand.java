package honeylamp.cli;

import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.plan.Plan;
import honeylamp.store.ScheduleFile;
import honeylamp.store.ScheduleFile.Format;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes the schedules of a plan. */
@Command(
        name = "schedule",
        mixinStandardHelpOptions = true,
        description = "Writes the schedules of doors, windows and rooms as XLSX or CSV.")
final class ScheduleCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "FILE",
            description = "file to write; its ending (.xlsx, .csv) says the format")
    private Path file = Path.of("");

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
            ScheduleFile.write(opened, List.of(Subject.DOORS, Subject.WINDOWS, Subject.ROOMS), "", format, file);
            return 0;
        } catch (IOException e) {
            System.err.println("\"" + file + "\" was not written: " + e.getMessage());
            return 2;
        }
    }
}
