package honeylamp.survey;

import honeylamp.geometry.Point;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Leg;
import honeylamp.survey.reading.Survey.OnLeg;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.math3.exception.ConvergenceException;
import org.apache.commons.math3.exception.TooManyEvaluationsException;
import org.apache.commons.math3.exception.TooManyIterationsException;
import org.apache.commons.math3.fitting.leastsquares.LeastSquaresBuilder;
import org.apache.commons.math3.fitting.leastsquares.LevenbergMarquardtOptimizer;
import org.apache.commons.math3.linear.DiagonalMatrix;

/**
 * Finds the stations at which all readings together are missed least: lengths by {@value #LENGTH_MM} mm,
 * turns by {@value #TURN_DEG} degrees each. The first station and the direction of the first leg stay.
 */
final class LeastSquares {
    /** How well a length is read. */
    private static final double LENGTH_MM = 3;

    /** How square a corner is that was taken to turn by a given angle. */
    private static final double TURN_DEG = 0.5;

    private static final int MOST_STEPS = 2000;
    private static final double STEP_MM = 0.01;

    private final Survey survey;
    private final Traverse walked;
    private final List<String> free = new ArrayList<>();
    private final List<Observation> observations = new ArrayList<>();

    /** Something read: what it should be and how well it was read. */
    private record Observation(Seen seen, double read, double sigma) {}

    private interface Seen {
        double at(Map<String, Point> stations);
    }

    private LeastSquares(Survey survey, Traverse walked) {
        this.survey = survey;
        this.walked = walked;
        var onLegs = survey.of(OnLeg.class).stream().map(OnLeg::station).toList();
        walked.stations().keySet().stream()
                .filter(s -> !onLegs.contains(s))
                .skip(1)
                .forEach(free::add);
        observe();
    }

    static Map<String, Point> stations(Survey survey, Traverse walked) throws SurveyException {
        return new LeastSquares(survey, walked).solved();
    }

    private void observe() {
        for (var w : walked.legs()) {
            distance(w.leg().from(), w.leg().to(), w.leg().length().mm());
        }
        for (var d : survey.diagonals()) {
            if (walked.stations().containsKey(d.from()) && walked.stations().containsKey(d.to())) {
                distance(d.from(), d.to(), d.length().mm());
            }
        }
        for (var i = 1; i < walked.legs().size(); i++) {
            var leg = walked.legs().get(i).leg();
            if (leg.turnDeg().isPresent()) {
                turn(leg);
            }
        }
    }

    private void distance(String a, String b, double mm) {
        observations.add(
                new Observation(s -> Adjustment.station(s, a).distance(Adjustment.station(s, b)), mm, LENGTH_MM));
    }

    private void turn(Leg leg) {
        var arriving = arriving(leg);
        var read = leg.turnDeg().orElseThrow();
        observations.add(new Observation(
                s -> {
                    var before = way(s, arriving).angleDeg();
                    var turn = way(s, leg).angleDeg() - before - read;
                    return read + turn - 360 * Math.rint(turn / 360);
                },
                read,
                TURN_DEG));
    }

    private static Point way(Map<String, Point> stations, Leg leg) {
        return Adjustment.station(stations, leg.to()).minus(Adjustment.station(stations, leg.from()));
    }

    /** The leg whose direction a turn is measured from: the one that arrived, or that its station lies on. */
    private Leg arriving(Leg leg) {
        for (var on : survey.of(OnLeg.class)) {
            if (on.station().equals(leg.from())) {
                return survey.legs().stream()
                        .filter(l -> l.from().equals(on.from()) && l.to().equals(on.to()))
                        .findFirst()
                        .orElseThrow();
            }
        }
        return survey.legs().stream()
                .filter(l -> l.to().equals(leg.from()))
                .findFirst()
                .orElse(survey.legs().getFirst());
    }

    private Map<String, Point> solved() throws SurveyException {
        // the first leg only grows or shrinks; all other stations move both ways
        var start = new double[2 * free.size() - 1];
        start[0] = walked.legs().getFirst().leg().length().mm();
        for (var i = 1; i < free.size(); i++) {
            var p = Adjustment.station(walked.stations(), free.get(i));
            start[2 * i - 1] = p.x();
            start[2 * i] = p.y();
        }
        var target = observations.stream().mapToDouble(Observation::read).toArray();
        var weights =
                observations.stream().mapToDouble(o -> 1 / (o.sigma * o.sigma)).toArray();
        var problem = new LeastSquaresBuilder()
                .start(start)
                .model(this::seen, this::slopes)
                .target(target)
                .weight(new DiagonalMatrix(weights))
                .maxEvaluations(MOST_STEPS)
                .maxIterations(MOST_STEPS)
                .lazyEvaluation(false)
                .build();
        try {
            return placed(new LevenbergMarquardtOptimizer()
                    .optimize(problem)
                    .getPoint()
                    .toArray());
        } catch (ConvergenceException | TooManyEvaluationsException | TooManyIterationsException _) {
            throw new SurveyException(
                    0, "the readings contradict each other too much for least squares; check the longest lengths");
        }
    }

    private Map<String, Point> placed(double[] unknowns) {
        var out = new LinkedHashMap<String, Point>();
        out.put(walked.legs().getFirst().leg().from(), Point.ORIGIN);
        out.put(
                free.getFirst(),
                Point.direction(walked.legs().getFirst().headingDeg()).times(unknowns[0]));
        for (var i = 1; i < free.size(); i++) {
            out.put(free.get(i), new Point(unknowns[2 * i - 1], unknowns[2 * i]));
        }
        for (var on : survey.of(OnLeg.class)) {
            out.put(on.station(), CompassRule.onLeg(out, survey, on));
        }
        return out;
    }

    private double[] seen(double[] unknowns) {
        var stations = placed(unknowns);
        return observations.stream().mapToDouble(o -> o.seen.at(stations)).toArray();
    }

    private double[][] slopes(double[] unknowns) {
        var out = new double[observations.size()][unknowns.length];
        for (var k = 0; k < unknowns.length; k++) {
            var more = unknowns.clone();
            var less = unknowns.clone();
            more[k] += STEP_MM;
            less[k] -= STEP_MM;
            var up = seen(more);
            var down = seen(less);
            for (var i = 0; i < out.length; i++) {
                out[i][k] = (up[i] - down[i]) / (2 * STEP_MM);
            }
        }
        return out;
    }
}
