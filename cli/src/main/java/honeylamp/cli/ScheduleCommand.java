package honeylamp.cli;

import honeylamp.derive.listing.Schedule.Subject;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** Writes the schedules of a plan. */
@Command(
        name = "schedule",
        mixinStandardHelpOptions = true,
        description = "Writes the schedules of doors, windows and rooms as XLSX or CSV.")
final class ScheduleCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Mixin
    private ListsFile file = new ListsFile();

    @Override
    public Integer call() {
        return file.write(plan, List.of(Subject.DOORS, Subject.WINDOWS, Subject.ROOMS, Subject.WAYS), "");
    }
}
