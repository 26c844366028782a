package honeylamp.demo.gallery;

import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import java.io.IOException;

/** The measures of the houses, as somebody brought them home. */
public final class Measures {
    private static final String FOLDER = "/honeylamp/demo/gallery/";

    private Measures() {}

    /** The plan of a file of measures. */
    static Plan plan(String file) throws IOException {
        var read = read(file);
        try {
            return SurveyPlan.of(read.survey(), Adjustment.of(read.survey()), read.units());
        } catch (SurveyException e) {
            throw new IOException(file + " does not hang together", e);
        }
    }

    /** The plan with a file of measures on an empty storey. */
    static Plan onto(Plan plan, StoreyId storey, String file) throws IOException {
        var read = read(file);
        try {
            return SurveyPlan.onto(plan, storey, read.survey(), Adjustment.of(read.survey()));
        } catch (SurveyException e) {
            throw new IOException(file + " does not hang together", e);
        }
    }

    /**
     * A file of measures as it was written.
     *
     * @throws IOException if it is missing from the program
     */
    public static byte[] bytes(String file) throws IOException {
        try (var in = Measures.class.getResourceAsStream(FOLDER + file)) {
            if (in == null) {
                throw new IOException("the measures " + file + " are missing from the program");
            }
            return in.readAllBytes();
        }
    }

    private static SurveyFile.Result.Good read(String file) throws IOException {
        return switch (SurveyFile.read(bytes(file), file)) {
            case SurveyFile.Result.Good good -> good;
            case SurveyFile.Result.Refused(var problem) -> throw new IOException(problem.sentence());
        };
    }
}
