package honeylamp.demo.gallery;

import honeylamp.catalogue.Looks;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import java.io.IOException;

/** Sluice House: splayed to the water, in washes of colour on A3. All numbers in mm. */
public final class SluiceHouse {
    /** The file of its measures. */
    public static final String MEASURES = "sluice-house.csv";

    private SluiceHouse() {}

    /** The finished plan. */
    public static Plan plan() throws IOException {
        var house = HouseScript.of(MEASURES, 1);
        house.room(6000, 3000, "Living room", "wide-plank-oak", 0);
        house.room(1500, 1500, "Bedroom", "carpet-moss", 0);
        house.room(1000, 5000, "Bathroom", "mosaic-sea", 0);
        house.opening(3500, 6400, OpeningKind.OUTER_DOOR);
        house.furnished(1500, 1500);
        house.furnished(1000, 5000);
        living(house);
        outside(house);
        house.sheet(Paper.A3, Way.LANDSCAPE, "By the water", "The harbour office");
        house.look(Looks.WASH);
        house.dimensions("Overall only");
        return house.plan();
    }

    private static void living(HouseScript house) {
        var put = house.put();
        put.piece("base-units", 2300, 600, 900, 5450, 6100, 0);
        put.piece("refrigerator", 600, 650, 1800, 6920, 6075, 0);
        put.piece("dining-table-oval", 1700, 1000, 740, 5800, 4350, 0);
        put.piece("rug", 3000, 2000, 12, 7150, 1900, 0);
        put.piece("sofa", 2000, 900, 800, 5300, 1900, 90);
        put.piece("low-table-oval", 1100, 600, 400, 6700, 1900, 90);
        put.piece("armchair", 780, 800, 800, 8000, 1450, -70);
        put.piece("lounge-chair", 750, 800, 850, 8700, 2400, -90);
        put.piece("stove", 480, 480, 1100, 4200, 350, 180);
        put.piece("plant", 600, 600, 1200, 8650, 4700, 0);
    }

    private static void outside(HouseScript house) {
        var put = house.put();
        put.ground(Use.LAWN, -1100, -1600, 12_300, -1600, 12_300, 8000, -1100, 8000);
        put.ground(Use.TERRACE, 9720, 400, 12_300, 400, 12_300, 6000, 9720, 6000);
        put.ground(Use.PATH, 2900, 6720, 4100, 6720, 4100, 8000, 2900, 8000);
        put.ground(Use.PLANTING, 300, -1300, 6800, -1300, 6800, -320, 300, -320);
        put.ground(Use.HEDGE, -1100, -1600, -600, -1600, -600, 8000, -1100, 8000);
        put.piece("garden-table", 1400, 850, 730, 11_400, 4900, 90);
        put.piece("lounger", 700, 2000, 400, 11_200, 950, 90);
        put.piece("tree", 2500, 2500, 3500, 11_000, 6900, 0);
        put.piece("tree", 2500, 2500, 3500, 11_000, -450, 0);
        put.piece("shrub", 900, 900, 800, 6200, 7500, 0);
    }
}
