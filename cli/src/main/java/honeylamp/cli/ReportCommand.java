package honeylamp.cli;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Plan;
import honeylamp.store.ReportJson;
import honeylamp.units.AreaText;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Prints a plan in numbers. */
@Command(name = "report", mixinStandardHelpOptions = true, description = "Prints rooms, walls, openings, furnishings.")
final class ReportCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(names = "--json", description = "as JSON, lengths in mm and areas in m²")
    private boolean json;

    @Override
    public Integer call() {
        var opened = plan.open();
        opened.ifPresent(p -> System.out.println(json ? ReportJson.report(p) : words(p)));
        return opened.isPresent() ? 0 : 2;
    }

    private static String words(Plan drawn) {
        var plan = LaidPlan.of(drawn);
        var out = new StringBuilder(plan.name());
        for (var storey : plan.all()) {
            var geometry = storey.geometry();
            out.append('\n').append(storey.storey().name());
            for (var room : geometry.rooms()) {
                out.append("\n  ")
                        .append(room.name().isBlank() ? "(no name)" : room.name())
                        .append("  ")
                        .append(AreaText.both(room.areaMm2()));
            }
            out.append("\n  net ").append(AreaText.both(geometry.netAreaMm2()));
            out.append("\n  gross ").append(AreaText.both(geometry.grossAreaMm2()));
        }
        return out.toString();
    }
}
