package honeylamp.cli;

import honeylamp.edit.ReviewEdits;
import honeylamp.store.FileTrouble;
import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import honeylamp.store.RemarkFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Takes up what a reader of a client page sent back. */
@Command(
        name = "remarks",
        mixinStandardHelpOptions = true,
        description = "Takes remarks and approvals of a client page into a plan, and lists them.")
final class RemarksCommand implements Callable<Integer> {
    @Mixin
    private PlanArgument plan = new PlanArgument();

    @Parameters(index = "1", paramLabel = "FILE", description = "the file that the client page saved")
    private Path file = Path.of("");

    @Option(
            names = {"-o", "--output"},
            required = true,
            paramLabel = "PLAN",
            description = "plan file to write")
    private Path output = Path.of("");

    @Override
    public Integer call() {
        return plan.document().map(this::take).orElse(2);
    }

    private int take(PlanDocument document) {
        return switch (RemarkFile.read(file, document.plan())) {
            case RemarkFile.Result.Refused(var problem) -> {
                System.err.println(problem.sentence());
                yield 2;
            }
            case RemarkFile.Result.Good(var remarks, var approvals) -> {
                var taken = ReviewEdits.take(document.plan(), remarks, approvals);
                taken.refusal().ifPresent(System.err::println);
                yield taken.result().map(p -> write(document.with(p))).orElse(2);
            }
        };
    }

    private int write(PlanDocument document) {
        try {
            PlanFile.save(document, Preview.png(document.plan()), output);
        } catch (IOException e) {
            System.err.println("\"" + output + "\" was not written: " + FileTrouble.reason(e) + ".");
            return 2;
        }
        var review = document.plan().review();
        review.remarks()
                .forEach(r ->
                        System.out.println(r.number() + "  " + r.state().label() + "  " + r.by() + ": " + r.words()));
        review.approvals()
                .forEach(a -> System.out.println("approved  " + a.page().text() + "  " + a.by() + " " + a.on()));
        return 0;
    }
}
