package honeylamp.demo.gallery;

import honeylamp.catalogue.Looks;
import honeylamp.plan.Ground.Use;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import java.io.IOException;

/** Saltpan House: one storey with its garden, in late sun on A2. All numbers in m. */
public final class SaltpanHouse {
    /** The file of its measures. */
    public static final String MEASURES = "saltpan-house.csv";

    private SaltpanHouse() {}

    /** The finished plan. */
    public static Plan plan() throws IOException {
        var house = HouseScript.of(MEASURES, 1000);
        house.room(3, 3, "Living room", "herringbone-oak", 0);
        house.room(3, 8.5, "Kitchen and dining", "stone-slabs", 0);
        house.room(7.5, 9.5, "Utility room", "tile-chalk", 0);
        house.use(7.5, 9.5, "service");
        house.room(7.5, 6.5, "Bathroom", "tile-sea", 0);
        house.room(7.5, 2, "Hall", "stone-slabs", 0);
        house.room(12, 2, "Bedroom", "wide-plank-ash", 0);
        house.room(12, 5, "Second bedroom", "wide-plank-ash", 0);
        house.opening(7.7, 0, OpeningKind.OUTER_DOOR);
        house.opening(9.4, 9.5, OpeningKind.OUTER_DOOR);
        living(house);
        house.put().piece("dining-table", 2.2, 0.95, 0.74, 2.4, 8.2, 0);
        house.furnished(3, 8.5);
        house.furnished(7.5, 9.5);
        house.furnished(7.5, 6.5);
        house.furnished(12, 2);
        secondBedroom(house);
        house.stand("console-table", 6.35, 2.2, 90);
        house.put().piece("runner", 0.8, 2.4, 0.01, 7.7, 2.6, 0);
        outside(house);
        house.sheet(Paper.A2, Way.LANDSCAPE, "House and garden", "Ines and Rowan Askell");
        house.look(Looks.LATE_SUN);
        house.dimensions("Three tiers");
        return house.plan();
    }

    private static void living(HouseScript house) {
        var put = house.put();
        put.piece("rug", 3.4, 2.6, 0.012, 2.2, 3.1, 0);
        put.piece("sofa", 2.4, 0.95, 0.8, 2.2, 4.75, 0);
        put.piece("sofa", 1.8, 0.9, 0.8, 0.5, 3, 90);
        put.piece("armchair", 0.8, 0.8, 0.8, 4.05, 2.9, -80);
        put.piece("low-table", 1.3, 0.7, 0.4, 2.1, 3.2, 0);
        put.piece("stove", 0.6, 0.45, 0.9, 2.1, 0.35, 180);
        put.piece("bookcase", 2.4, 0.32, 2.1, 1.5, 6.02, 0);
        put.piece("piano-upright", 1.5, 0.62, 1.2, 5.69, 1, -90);
        house.stand("plant", 0.4, 0.4, 0);
        house.stand("floor-lamp", 3.8, 5, 0);
    }

    private static void secondBedroom(HouseScript house) {
        var put = house.put();
        put.piece("bed", 1.4, 2, 0.9, 12.2, 4.4, 180);
        put.piece("bedside-table", 0.45, 0.4, 0.5, 11.2, 3.6, 180);
        put.piece("bedside-table", 0.45, 0.4, 0.5, 13.2, 3.6, 180);
        put.piece("wardrobe", 1.5, 0.6, 2.1, 14.4, 3.7, 180);
    }

    private static void outside(HouseScript house) {
        var put = house.put();
        put.ground(Use.LAWN, -4.2, -2.2, 16.7, -2.2, 16.7, 12.6, -4.2, 12.6);
        put.ground(Use.TERRACE, -4, 4.6, -0.36, 4.6, -0.36, 11.16, -4, 11.16);
        put.ground(Use.PATH, 6.9, -2.2, 8.5, -2.2, 8.5, -0.36, 6.9, -0.36);
        put.ground(Use.PATH, 9.76, 8.5, 11.6, 8.5, 11.6, 10.4, 9.76, 10.4);
        put.ground(Use.PLANTING, 0.4, -1.3, 6.4, -1.3, 6.4, -0.36, 0.4, -0.36);
        put.ground(Use.PLANTING, 9.2, -1.3, 15.2, -1.3, 15.2, -0.36, 9.2, -0.36);
        put.ground(Use.HEDGE, -4.2, 11.9, 16.7, 11.9, 16.7, 12.6, -4.2, 12.6);
        put.piece("garden-table", 1.8, 0.9, 0.73, -3, 9.9, 90);
        put.piece("lounger", 0.7, 2, 0.4, -2.6, 5.3, 90);
        house.stand("planter", -0.9, 5.2, 0);
        put.piece("orchard-tree", 2.5, 2.5, 3, 14.6, 9.4, 0);
        put.piece("orchard-tree", 2.5, 2.5, 3, -2.5, 2.2, 20);
        house.stand("garden-bench", 12.9, 10.9, 0);
    }
}
