package honeylamp.demo.gallery;

import honeylamp.catalogue.Looks;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import java.io.IOException;

/** 3 Cordage Steps: one room to live in, drawn as by hand on A4. All numbers in mm. */
public final class CordageSteps {
    /** The file of its measures. */
    public static final String MEASURES = "cordage-steps.csv";

    private CordageSteps() {}

    /** The finished plan. */
    public static Plan plan() throws IOException {
        var house = HouseScript.of(MEASURES, 1);
        house.room(3000, 2000, "Studio", "wide-plank-oak", 0);
        house.room(6200, 4000, "Bathroom", "tile-sage", 0);
        house.opening(4300, 5200, OpeningKind.OUTER_DOOR);
        livingCorner(house);
        var put = house.put();
        put.piece("base-units", 2600, 600, 900, 1350, 4900, 0);
        put.piece("refrigerator", 600, 650, 1850, 2980, 4875, 0);
        put.piece("dining-table-round", 1000, 1000, 740, 1300, 3450, 0);
        put.piece("bed", 1400, 2050, 900, 6175, 760, -90);
        put.piece("wardrobe", 1800, 600, 2100, 6300, 2400, 0);
        put.piece("shower", 900, 900, 2000, 6750, 4750, 0);
        put.piece("wc", 380, 680, 800, 6800, 3140, 180);
        put.piece("basin-unit", 800, 480, 850, 5720, 3040, 180);
        house.stand("doormat", 4300, 4800, 0);
        house.stand("shoe-bench", 4925, 3350, -90);
        house.sheet(Paper.A4, Way.LANDSCAPE, "One room, furnished", "Tamsin Orrel");
        house.look(Looks.BY_HAND);
        house.dimensions("Two tiers");
        return house.plan();
    }

    private static void livingCorner(HouseScript house) {
        house.stand("rug", 1800, 1250, 0);
        house.put().piece("sofa", 1800, 880, 800, 440, 1250, 90);
        house.put().piece("low-table-round", 700, 700, 400, 1650, 1250, 0);
        house.put().piece("armchair", 760, 780, 800, 2750, 850, -115);
        house.stand("floor-lamp", 280, 2400, 0);
        house.put().piece("bookcase", 1000, 300, 1900, 3700, 150, 180);
        house.stand("plant", 4760, 350, 0);
    }
}
