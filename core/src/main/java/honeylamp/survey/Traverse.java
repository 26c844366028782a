package honeylamp.survey;

import honeylamp.geometry.Point;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Leg;
import honeylamp.survey.reading.Survey.OnLeg;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The stations as the readings give them one after the other, before anything is spread: mm, the first at
 * the origin.
 *
 * @param stations in the order they were reached
 * @param legs in their order, each with where it began and where it came to
 * @param closings where a leg came back to a station already known
 */
record Traverse(Map<String, Point> stations, List<Walked> legs, List<Closing> closings) {
    private static final double SQUARE_DEG = 90;

    Traverse {
        legs = List.copyOf(legs);
        closings = List.copyOf(closings);
    }

    /** A leg as it was walked. */
    record Walked(Leg leg, Point from, Point to, double headingDeg) {}

    /**
     * Walks the legs.
     *
     * @throws SurveyException if a leg begins at a station that is not known yet
     */
    static Traverse of(Survey survey) throws SurveyException {
        var walk = new Walk();
        for (var reading : survey.readings()) {
            switch (reading) {
                case Leg leg -> walk.leg(leg);
                case OnLeg on -> walk.on(on);
                case Survey.Diagonal _, Survey.Hole _ -> {}
            }
        }
        if (walk.legs.isEmpty()) {
            throw new SurveyException(0, "there is no leg; a survey needs at least one");
        }
        return new Traverse(walk.stations, walk.legs, walk.closings);
    }

    private static final class Walk {
        private final Map<String, Point> stations = new LinkedHashMap<>();
        private final Map<String, Double> headings = new LinkedHashMap<>(); // on arrival at a station
        private final Map<String, Integer> arrivals = new LinkedHashMap<>(); // the leg that led there
        private final List<Walked> legs = new ArrayList<>();
        private final List<Closing> closings = new ArrayList<>();

        private void leg(Leg leg) throws SurveyException {
            if (legs.isEmpty()) {
                stations.put(leg.from(), Point.ORIGIN);
                headings.put(leg.from(), 0.0);
            }
            var from = stations.get(leg.from());
            var heading = headings.get(leg.from());
            if (from == null || heading == null) {
                throw new SurveyException(
                        leg.line(),
                        "leg " + leg.name() + " begins at " + leg.from() + ", which no leg has reached yet");
            }
            var turn = leg.turnDeg().orElse(legs.isEmpty() ? 0 : SQUARE_DEG);
            var way = heading + turn;
            var to = from.plus(Point.direction(way).times(leg.length().mm()));
            legs.add(new Walked(leg, from, to, way));
            var known = stations.get(leg.to());
            if (known == null) {
                stations.put(leg.to(), to);
                headings.put(leg.to(), way);
                arrivals.put(leg.to(), legs.size() - 1);
            } else {
                close(leg, to.minus(known));
            }
        }

        /** The ring runs back along arrivals until it meets the closing station or the start of a branch. */
        private void close(Leg leg, Point error) {
            var ring = new ArrayList<Integer>();
            ring.add(legs.size() - 1);
            var at = leg.from();
            while (!at.equals(leg.to())) {
                var arrival = arrivals.get(at);
                if (arrival == null) {
                    break;
                }
                ring.addFirst(arrival);
                at = legs.get(arrival).leg.from();
            }
            var length = ring.stream()
                    .mapToDouble(i -> legs.get(i).leg.length().mm())
                    .sum();
            closings.add(new Closing(leg.to(), ring, error, length));
        }

        private void on(OnLeg on) throws SurveyException {
            var host = legs.stream()
                    .filter(w -> w.leg.from().equals(on.from()) && w.leg.to().equals(on.to()))
                    .findFirst()
                    .orElseThrow(() -> new SurveyException(
                            on.line(),
                            "station " + on.station() + " lies on " + on.from() + "-" + on.to()
                                    + ", which is no leg measured before it"));
            if (on.at().compareTo(host.leg.length()) > 0) {
                throw new SurveyException(
                        on.line(), "station " + on.station() + " lies beyond the end of leg " + host.leg.name());
            }
            if (stations.containsKey(on.station())) {
                throw new SurveyException(on.line(), "station " + on.station() + " is known already");
            }
            stations.put(
                    on.station(),
                    host.from.plus(
                            Point.direction(host.headingDeg).times(on.at().mm())));
            headings.put(on.station(), host.headingDeg);
        }
    }
}
