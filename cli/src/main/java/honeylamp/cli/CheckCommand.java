package honeylamp.cli;

import honeylamp.store.ReportJson;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Lists what is probably wrong with a plan. */
@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Lists snags; exit 0 none, 1 some, 2 unreadable.")
final class CheckCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        var opened = plan.open();
        if (opened.isEmpty()) {
            return 2;
        }
        var snags = ReportJson.snags(opened.get());
        if (json) {
            System.out.println(ReportJson.check(snags));
        } else {
            snags.forEach(s -> System.out.println(s.kind().label() + ": " + s.sentence()));
            System.out.println(snags.isEmpty() ? "No snags." : snags.size() + " snags.");
        }
        return snags.isEmpty() ? 0 : 1;
    }
}
