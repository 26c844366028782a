package honeylamp.survey;

import honeylamp.geometry.Point;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Leg;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The stations after the closing error was spread, and how.
 *
 * @param corrections of the legs, in their order
 * @param misfits of the diagonals, in their order
 */
public record Adjustment(
        Method method,
        Map<String, Point> stations,
        List<Closing> closings,
        List<Correction> corrections,
        List<Misfit> misfits) {
    /** How a closing error is spread. */
    public enum Method {
        /** In proportion to the length walked (Bowditch 1808). */
        COMPASS_RULE("compass rule"),
        /** By the least sum of weighted squares over all readings, diagonals included. */
        LEAST_SQUARES("least squares");

        private final String label;

        Method(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** By how much a leg was changed: east and north of its way, and in length, all in mm. */
    public record Correction(Leg leg, Point way, double lengthMm) {}

    /** What a diagonal measures after spreading, less what was read, in mm. */
    public record Misfit(Survey.Diagonal diagonal, double mm) {}

    public Adjustment {
        closings = List.copyOf(closings);
        corrections = List.copyOf(corrections);
        misfits = List.copyOf(misfits);
    }

    /** The usual way: least squares if there are diagonals, else the compass rule. */
    public static Adjustment of(Survey survey) throws SurveyException {
        return of(survey, survey.diagonals().isEmpty() ? Method.COMPASS_RULE : Method.LEAST_SQUARES);
    }

    /**
     * The stations by one method.
     *
     * @throws SurveyException if the readings cannot be put together
     */
    public static Adjustment of(Survey survey, Method method) throws SurveyException {
        var walked = Traverse.of(survey);
        var stations = switch (method) {
            case COMPASS_RULE -> CompassRule.stations(survey, walked);
            case LEAST_SQUARES -> LeastSquares.stations(survey, walked);
        };
        var corrections = new ArrayList<Correction>();
        for (var w : walked.legs()) {
            var before = w.to().minus(w.from());
            var after = station(stations, w.leg().to())
                    .minus(station(stations, w.leg().from()));
            corrections.add(new Correction(
                    w.leg(),
                    after.minus(before),
                    after.length() - w.leg().length().mm()));
        }
        var misfits = new ArrayList<Misfit>();
        for (var d : survey.diagonals()) {
            var a = stations.get(d.from());
            var b = stations.get(d.to());
            if (a == null || b == null) {
                throw new SurveyException(
                        d.line(), "diagonal " + d.from() + "-" + d.to() + " names a station no leg has reached");
            }
            misfits.add(new Misfit(d, a.distance(b) - d.length().mm()));
        }
        return new Adjustment(method, stations, walked.closings(), corrections, misfits);
    }

    static Point station(Map<String, Point> stations, String name) {
        var at = stations.get(name);
        if (at == null) {
            throw new IllegalArgumentException("no station is called " + name);
        }
        return at;
    }

    /** The first ring's closing error in words, or that nothing closed. */
    public String closingWords() {
        if (closings.isEmpty()) {
            return "no ring closes, so nothing tells how good the survey is";
        }
        var worst = closings.stream()
                .max(java.util.Comparator.comparingDouble(Closing::errorMm))
                .orElseThrow();
        var mm = worst.errorMm();
        return mm < 0.5
                ? "it closes to within a millimetre"
                : Words.of(
                        "closing error %.0f mm in %.2f m (1:%.0f), spread over the legs by %s",
                        mm,
                        worst.lengthMm() / 1000,
                        worst.ratio(),
                        method == Method.COMPASS_RULE ? "the compass rule" : method.label());
    }
}
