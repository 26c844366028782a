package honeylamp.survey;

import honeylamp.geometry.Point;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Leg;
import honeylamp.survey.reading.Survey.OnLeg;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Spreads each closing error over its ring in proportion to the length walked.
 *
 * @see "N. Bowditch, The Analyst, 1808; W. Schofield, Engineering Surveying, the Bowditch adjustment"
 */
final class CompassRule {
    private CompassRule() {}

    /**
     * The stations after spreading. Rings are closed in the order they were measured; a ring that branches
     * off an earlier one keeps the stations both share.
     */
    static Map<String, Point> stations(Survey survey, Traverse walked) {
        Map<Integer, Point> shares = new HashMap<>(); // by leg: what is taken off its way
        for (var closing : walked.closings()) {
            double free = 0;
            var left = closing.error();
            for (var i : closing.ring()) {
                var fixed = shares.get(i);
                if (fixed == null) {
                    free += walked.legs().get(i).leg().length().mm();
                } else {
                    left = left.minus(fixed);
                }
            }
            for (var i : closing.ring()) {
                if (!shares.containsKey(i) && free > 0) {
                    shares.put(i, left.times(walked.legs().get(i).leg().length().mm() / free));
                }
            }
        }
        return walk(survey, walked, shares);
    }

    private static Map<String, Point> walk(Survey survey, Traverse walked, Map<Integer, Point> shares) {
        var out = new LinkedHashMap<String, Point>();
        out.put(walked.legs().getFirst().leg().from(), Point.ORIGIN);
        var index = 0;
        for (var reading : survey.readings()) {
            switch (reading) {
                case Leg leg -> {
                    var w = walked.legs().get(index);
                    var way = w.to().minus(w.from()).minus(shares.getOrDefault(index, Point.ORIGIN));
                    out.putIfAbsent(
                            leg.to(), Adjustment.station(out, leg.from()).plus(way));
                    index++;
                }
                case OnLeg on -> out.put(on.station(), onLeg(out, survey, on));
                case Survey.Diagonal _, Survey.Hole _ -> {}
            }
        }
        return out;
    }

    /** A station on a leg keeps its share of the leg. */
    static Point onLeg(Map<String, Point> stations, Survey survey, OnLeg on) {
        var length = survey.legs().stream()
                .filter(l -> l.from().equals(on.from()) && l.to().equals(on.to()))
                .findFirst()
                .orElseThrow()
                .length();
        return Adjustment.station(stations, on.from())
                .towards(Adjustment.station(stations, on.to()), on.at().mm() / length.mm());
    }
}
