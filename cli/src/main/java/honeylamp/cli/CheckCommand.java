package honeylamp.cli;

import honeylamp.store.CheckReport;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Lists what is probably wrong with a plan, and which words on its pages are hard to read. */
@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Lists snags and words that are hard to read; exit 0 none, 1 some, 2 no plan.")
final class CheckCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        var opened = plan.document();
        if (opened.isEmpty()) {
            return 2;
        }
        var snags = CheckReport.snags(opened.get().plan());
        var readings = CheckReport.readings(opened.get());
        var words = readings.stream()
                .flatMap(r -> r.hard().stream().map(r::sentence))
                .toList();
        var count = snags.size() + words.size();
        if (json) {
            System.out.println(CheckReport.json(snags, readings));
        } else {
            snags.forEach(s -> System.out.println(s.kind().label() + ": " + s.sentence()));
            words.forEach(w -> System.out.println("hard to read: " + w));
            System.out.println(count == 0 ? "No snags." : count + " snags.");
        }
        return count == 0 ? 0 : 1;
    }
}
