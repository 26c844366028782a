package honeylamp.demo.gallery;

import honeylamp.catalogue.Looks;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import java.io.IOException;

/** Tarry and Wake, chandlers: a shop with one wall along the quay, in greys and one colour. All numbers in cm. */
public final class TarryAndWake {
    /** The file of its measures. */
    public static final String MEASURES = "tarry-and-wake.csv";

    private TarryAndWake() {}

    /** The finished plan. */
    public static Plan plan() throws IOException {
        var house = HouseScript.of(MEASURES, 10);
        house.room(500, 300, "Shop", "wide-plank-oak", 90);
        house.use(500, 300, "trade");
        house.room(200, 1000, "Store", "screed", 0);
        house.use(200, 1000, "store");
        house.room(700, 900, "Office", "wide-plank-ash", 90);
        house.use(700, 900, "work");
        house.room(940, 1140, "WC", "square-tile", 0);
        house.opening(300, 1240, OpeningKind.OUTER_DOOR);
        house.swing(300, 1240);
        house.swing(425, 760);
        shop(house);
        store(house);
        house.stand("desk", 640, 1195, 0);
        house.stand("filing-cabinet", 605, 1020, 90);
        house.stand("office-shelf", 850, 779, 180);
        house.stand("office-shelf", 955, 779, 180);
        house.stand("plant", 980, 980, 0);
        house.put().piece("wc", 38, 68, 80, 985, 1202, 0);
        house.put().piece("basin", 50, 40, 85, 960, 1064, 180);
        house.sheet(Paper.A3, Way.PORTRAIT, "As it is to be fitted out", "Jory Tarry and Hester Wake");
        house.look(Looks.ONE_ACCENT);
        house.dimensions("Three tiers");
        return house.plan();
    }

    private static void shop(HouseScript house) {
        var put = house.put();
        house.stand("shop-counter", 800, 560, 0);
        house.stand("cash-desk", 640, 560, 0);
        put.piece("office-shelf", 200, 38, 200, 19, 620, 90);
        put.piece("office-shelf", 200, 38, 200, 19, 410, 90);
        put.piece("office-shelf", 200, 38, 200, 19, 200, 90);
        put.piece("office-shelf", 200, 38, 200, 250, 729, 0);
        put.piece("office-shelf", 150, 38, 200, 920, 729, 0);
        house.stand("display-cabinet", 965, 120, -92.8);
        house.stand("glass-case", 180, 430, 90);
        house.stand("glass-case", 180, 300, 90);
        house.stand("clothes-rail", 330, 430, 90);
        house.stand("clothes-rail", 430, 430, 90);
        house.stand("rope-coils", 560, 330, 0);
        house.stand("barrel", 690, 330, 0);
        house.stand("barrel", 755, 300, 0);
        house.stand("bench", 720, 60, 180);
        house.stand("canoe", 330, 600, 90);
        house.stand("plant", 60, 50, 0);
    }

    private static void store(HouseScript house) {
        house.stand("heavy-shelf", 30, 1150, 90);
        house.stand("heavy-shelf", 30, 965, 90);
        house.stand("heavy-shelf", 220, 970, 90);
        house.stand("heavy-shelf", 285, 970, -90);
        house.stand("spar-rack", 537, 1040, -90);
        house.stand("trunk", 140, 785, 180);
    }
}
