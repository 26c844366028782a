package honeylamp.demo.gallery;

import honeylamp.catalogue.Looks;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.util.Optional;

/** 12 Lantern Court: a flat to let, as for a listing. All numbers in mm. */
public final class LanternCourt {
    /** The file of its measures. */
    public static final String MEASURES = "lantern-court.csv";

    private LanternCourt() {}

    /** The finished plan. */
    public static Plan plan() throws IOException {
        var house = HouseScript.of(MEASURES, 1);
        house.room(2600, 2000, "Living room", "plank-limed", 0);
        house.room(1800, 7000, "Kitchen", "tile-chalk", 0);
        house.room(4800, 7000, "Bathroom", "tile-sea", 0);
        house.room(7000, 7000, "Hall", "plank-limed", 0);
        house.room(7000, 2000, "Bedroom", "carpet-oat", 0);
        house.room(10700, 2000, "Second bedroom", "carpet-oat", 0);
        house.room(10200, 7000, "Study", "carpet-mist", 0);
        house.opening(7050, 8600, OpeningKind.OUTER_DOOR);
        living(house);
        var put = house.put();
        put.piece("base-units", 3600, 600, 900, 1800, 8300, 0);
        put.piece("refrigerator", 600, 650, 1850, 3275, 6900, -90);
        put.piece("dining-table", 1200, 800, 740, 1450, 6750, 0);
        house.furnished(4800, 7000);
        house.furnished(7000, 2000);
        secondBedroomAndStudy(house);
        house.sheet(Paper.A4, Way.LANDSCAPE, "To let", "Quill and Lantern, lettings");
        house.look(Looks.LISTING);
        house.dimensions("None");
        house.labels("Name and area");
        house.change(p -> ViewEdits.annotation(
                p,
                ViewEdits.first(p, house.put().storey()),
                Reach.ALL,
                a -> a.withSecond(Optional.of(UnitSystem.FEET_INCHES))));
        return house.plan();
    }

    private static void secondBedroomAndStudy(HouseScript house) {
        var put = house.put();
        put.piece("bed", 1600, 2050, 900, 11_375, 2400, -90);
        put.piece("bedside-table", 450, 400, 500, 12_200, 3430, -90);
        put.piece("bedside-table", 450, 400, 500, 12_200, 1370, -90);
        put.piece("wardrobe", 2400, 600, 2300, 11_200, 5100, 0);
        put.piece("desk", 1600, 800, 740, 10_000, 5900, 180);
        put.piece("bookcase", 1800, 320, 1900, 9500, 8440, 0);
        put.piece("armchair", 780, 800, 800, 11_200, 8000, -40);
        put.piece("plant", 500, 500, 1100, 12_080, 8280, 0);
    }

    private static void living(HouseScript house) {
        var put = house.put();
        put.piece("rug", 3000, 2000, 12, 2700, 1500, 0);
        put.piece("sofa", 2200, 900, 800, 2700, 2860, 0);
        put.piece("low-table", 1200, 600, 400, 2700, 1600, 0);
        put.piece("armchair", 780, 800, 800, 1150, 1200, 70);
        put.piece("armchair", 780, 800, 800, 4250, 1200, -70);
        put.piece("screen-unit", 1800, 420, 500, 2550, 220, 180);
        put.piece("sideboard", 1600, 450, 800, 4975, 3000, -90);
        put.piece("plant", 600, 600, 1200, 400, 380, 0);
        put.piece("bookcase", 1000, 320, 1900, 600, 5240, 0);
        house.stand("floor-lamp", 4900, 400, 0);
    }
}
