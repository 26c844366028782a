package honeylamp.demo.place;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import java.io.IOException;
import java.util.Map;

/** The third demo: a boat shed built from readings alone. */
public final class BoatShed {
    private static final String READINGS = "/honeylamp/demo/boat-shed.csv";
    private static final Map<String, Finish> FLOORS = Map.of(
            "Boat hall", Finish.of("screed"),
            "Workshop", Finish.of("wide-plank-oak").turnedTo(90),
            "Sail store", Finish.of("wide-plank-ash"));

    private BoatShed() {}

    /** The readings as a file. */
    public static byte[] readings() throws IOException {
        try (var in = BoatShed.class.getResourceAsStream(READINGS)) {
            if (in == null) {
                throw new IOException("the readings of the boat shed are missing from the program");
            }
            return in.readAllBytes();
        }
    }

    /** The plan: walls, openings and rooms from the readings, and a floor for each room. */
    public static Plan plan() throws IOException {
        if (!(SurveyFile.read(readings(), "boat-shed.csv") instanceof SurveyFile.Result.Good(var survey, var units))) {
            throw new IOException("the readings of the boat shed are no survey");
        }
        try {
            var plan = SurveyPlan.of(survey, Adjustment.of(survey), units);
            var storey = plan.storeys().getFirst();
            for (var room : StoreyGeometry.of(plan, storey).rooms()) {
                var floor = FLOORS.get(room.name());
                if (floor != null) {
                    plan = RoomEdits.floor(plan, storey.id(), room, floor);
                }
            }
            return plan;
        } catch (SurveyException e) {
            throw new IOException("the readings of the boat shed do not hang together", e);
        }
    }
}
