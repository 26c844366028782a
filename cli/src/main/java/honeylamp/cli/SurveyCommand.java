package honeylamp.cli;

import honeylamp.store.PlanDocument;
import honeylamp.store.PlanFile;
import honeylamp.store.Preview;
import honeylamp.store.SurveyFile;
import honeylamp.store.SurveyReport;
import honeylamp.survey.Adjustment;
import honeylamp.survey.Adjustment.Method;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Turns a measured survey into a plan and reports its closing error. */
@Command(
        name = "survey",
        mixinStandardHelpOptions = true,
        description = "Turns a measured survey (CSV or JSON) into a plan and reports its closing error.")
final class SurveyCommand implements Callable<Integer> {
    @Parameters(index = "0", paramLabel = "FILE", description = "a survey, see docs/survey.md")
    private Path file = Path.of("");

    @Option(names = "-o", required = true, paramLabel = "PLAN", description = "the .honeylamp file to write")
    private Path target = Path.of("");

    @Option(
            names = "--spread",
            paramLabel = "METHOD",
            description = "compass_rule or least_squares; without it least squares if there are diagonals")
    private @Nullable Method method;

    @Override
    public Integer call() {
        return switch (SurveyFile.read(file)) {
            case SurveyFile.Result.Refused(var problem) -> {
                System.err.println(problem.sentence());
                yield 2;
            }
            case SurveyFile.Result.Good good -> write(good);
        };
    }

    private int write(SurveyFile.Result.Good good) {
        try {
            var adjusted = method == null ? Adjustment.of(good.survey()) : Adjustment.of(good.survey(), method);
            var plan = SurveyPlan.of(good.survey(), adjusted, good.units());
            PlanFile.save(PlanDocument.of(plan), Preview.png(plan), target);
            System.out.print(SurveyReport.words(good.survey(), adjusted));
            System.out.println("written to " + target);
            return 0;
        } catch (SurveyException e) {
            System.err.println(
                    SurveyFile.problem(e, String.valueOf(file.getFileName())).sentence());
            return 2;
        } catch (IOException e) {
            System.err.println("The plan was not written to " + target + ": " + e.getMessage());
            return 2;
        }
    }
}
