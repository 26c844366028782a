package honeylamp.demo.place;

import honeylamp.catalogue.RoomUses;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Side;
import honeylamp.store.SurveyFile;
import honeylamp.survey.Adjustment;
import honeylamp.survey.SurveyException;
import honeylamp.survey.SurveyPlan;
import honeylamp.units.Length;
import java.io.IOException;
import java.util.List;
import java.util.Map;

/** The third demo: a boat shed built from readings alone. */
public final class BoatShed {
    private static final double LIVED_IN = 0.5;
    private static final String READINGS = "/honeylamp/demo/boat-shed.csv";
    private static final Map<String, String> USES =
            Map.of("Boat hall", "trade", "Sail store", "store", "Workshop", "service");

    private static final Map<String, Finish> FLOORS = Map.of(
            "Boat hall", Finish.of("screed"),
            "Workshop", Finish.of("wide-plank-oak").turnedTo(90),
            "Sail store", Finish.of("wide-plank-ash"));

    /** What stands in it: kind, size, the middle of its place in mm from the first corner, and its turn. */
    private record Put(String kind, int wide, int deep, int high, int x, int y, double turnDeg) {}

    private static final List<Put> PIECES = List.of(
            // the hall: a dinghy on its trailer before the doors, rowing boats behind it, a canoe along the wall
            new Put("boat-trailer", 1900, 4500, 700, 2900, 3600, 90),
            new Put("sailing-dinghy", 1550, 4200, 900, 2900, 3600, 90),
            new Put("rowing-boat", 1400, 3800, 700, 7150, 4150, 0),
            new Put("rowing-boat", 1250, 3000, 650, 5740, 4700, 180),
            new Put("canoe", 850, 4600, 400, 4700, 6900, 90),
            new Put("barrel", 600, 600, 900, 8450, 450, 0),
            new Put("rope-coils", 1000, 700, 250, 7300, 700, 0),
            new Put("ladder", 450, 250, 2600, 2250, 150, 180),
            // the workshop: benches under the windows, machines free, timber along the wall
            new Put("workbench", 1800, 700, 880, 11_500, 360, 180),
            new Put("workbench", 1800, 700, 880, 13_850, 3700, -90),
            new Put("tool-cabinet", 700, 450, 1000, 9700, 240, 180),
            new Put("tool-wall", 1400, 120, 900, 13_480, 7340, 0),
            new Put("table-saw", 1100, 850, 900, 11_600, 3300, 0),
            new Put("band-saw", 650, 650, 1700, 12_600, 5600, 0),
            new Put("drill-press", 400, 600, 1600, 13_900, 6600, -90),
            new Put("timber-rack", 3000, 500, 1800, 9400, 3500, 90),
            new Put("saw-horses", 2000, 750, 800, 11_300, 1900, 0),
            // the sail store: a sail on the floor, spars along the wall, rope
            new Put("sewing-floor", 2050, 3000, 5, 2000, 8880, 90),
            new Put("spar-rack", 3000, 400, 1200, 3500, 7790, 180),
            new Put("rope-coils", 900, 600, 250, 4600, 9600, 20),
            // before the doors
            new Put("rowing-boat", 1400, 3800, 700, -2200, 420, 90));

    private BoatShed() {}

    private static Plan furnished(Plan plan) {
        var out = plan;
        for (var p : PIECES) {
            out = FurnishingEdits.add(
                            out,
                            out.storeys().getFirst().id(),
                            p.kind,
                            Length.ofMm(p.wide),
                            Length.ofMm(p.deep),
                            Length.ofMm(p.high),
                            Position.ofMm(p.x, p.y),
                            p.turnDeg)
                    .plan();
        }
        return out;
    }

    /** On all sides but that of the slip: what is read there is read on the other side too. */
    private static Plan measured(Plan plan) {
        return ViewEdits.tiers(
                plan,
                ViewEdits.first(plan, plan.storeys().getFirst().id()),
                Reach.THIS,
                t -> t.withRows(
                        t.rows().stream().filter(r -> r.side() != Side.WEST).toList()));
    }

    /** The slip the boats go down, grass beside it, a hedge along the lane. */
    private static Plan outside(Plan plan) {
        var out = ground(plan, Use.LAWN, -4900, -700, 14_456, 10_900);
        out = ground(out, Use.TERRACE, -4900, 1500, -240, 5700);
        out = ground(out, Use.PLANTING, 5700, 7900, 14_300, 9100);
        return ground(out, Use.HEDGE, -4900, 10_400, 14_456, 10_900);
    }

    private static Plan ground(Plan plan, Use use, int x0, int y0, int x1, int y1) {
        var corners =
                List.of(Position.ofMm(x0, y0), Position.ofMm(x1, y0), Position.ofMm(x1, y1), Position.ofMm(x0, y1));
        return GroundEdits.add(plan, plan.storeys().getFirst().id(), use, corners)
                .plan();
    }

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
                var use = RoomUses.of(USES.getOrDefault(room.name(), ""));
                if (use.isPresent()) {
                    plan = RoomEdits.fit(
                            plan,
                            storey.id(),
                            room,
                            f -> f.usedAs(use.get().key(), use.get().part()));
                }
            }
            return measured(ViewEdits.livedIn(outside(furnished(plan)), LIVED_IN));
        } catch (SurveyException e) {
            throw new IOException("the readings of the boat shed do not hang together", e);
        }
    }
}
