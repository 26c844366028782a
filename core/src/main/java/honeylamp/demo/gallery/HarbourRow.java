package honeylamp.demo.gallery;

import honeylamp.catalogue.Looks;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import java.io.IOException;

/** 8 Harbour Row: the end of a row, two storeys side by side in marker. All numbers in inches. */
public final class HarbourRow {
    /** The file of its measures, ground storey. */
    public static final String GROUND = "harbour-row-ground.csv";
    /** The file of its measures, upper storey. */
    public static final String UPPER = "harbour-row-upper.csv";

    private HarbourRow() {}

    /** The finished plan. */
    public static Plan plan() throws IOException {
        var house = HouseScript.of(GROUND, Length.MM_PER_INCH);
        house.room(60, 60, "Parlour", "wide-plank-oak", 90);
        house.room(60, 280, "Kitchen", "square-tile", 0);
        house.room(170, 60, "Hall", "tile-checker", 0);
        house.opening(172, 0, OpeningKind.OUTER_DOOR);
        house.opening(151, 348, OpeningKind.OUTER_DOOR);
        parlour(house);
        kitchen(house);
        var ground = house.put().storey();
        house.upstairs(UPPER, "Upper storey", 12);
        house.room(60, 60, "Bedroom", "wide-plank-oak", 90);
        house.room(60, 280, "Second bedroom", "wide-plank-oak", 90);
        house.room(160, 280, "Bathroom", "hexagon-tile", 0);
        house.room(100, 180, "Landing", "wide-plank-oak", 90);
        house.furnished(60, 60);
        backRooms(house);
        house.put().onto(ground, "G.");
        house.put().stair(Stair.Shape.STRAIGHT, Stair.Turn.LEFT, 36, 0, 174, 126, 0);
        house.onOnePage();
        house.sheet(Paper.TABLOID, Way.LANDSCAPE, "Both storeys", "Perran Wake");
        house.look(Looks.MARKER);
        house.dimensions("Overall only");
        return house.plan();
    }

    private static void parlour(HouseScript house) {
        var put = house.put();
        put.piece("rug", 96, 70, 0.5, 66, 66, 0);
        put.piece("sofa", 76, 34, 32, 66, 19, 180);
        put.piece("low-table", 42, 22, 16, 66, 66, 0);
        put.piece("armchair", 31, 31, 32, 20, 86, 90);
        put.block(Structure.Kind.FIREPLACE, 54, 18, 102, 9, 140, 90);
        put.piece("bookcase", 60, 12, 72, 141.5, 150, -90);
        put.piece("plant", 22, 22, 44, 14, 14, 0);
    }

    private static void kitchen(HouseScript house) {
        var put = house.put();
        put.piece("base-units", 90, 24, 36, 47, 336, 0);
        put.piece("refrigerator", 26, 28, 72, 106, 334, 0);
        put.piece("dining-table", 60, 34, 29, 70, 262, 0);
        put.piece("dresser", 50, 18, 76, 183, 250, -90);
    }

    private static void backRooms(HouseScript house) {
        var put = house.put();
        put.piece("bed", 39, 80, 36, 40, 326, 90);
        put.piece("bedside-table", 16, 14, 20, 7.5, 297, 90);
        put.piece("wardrobe", 48, 24, 84, 26, 252, 180);
        put.piece("bookcase", 36, 12, 72, 107.5, 300, -90);
        put.piece("bath", 67, 28, 23, 178, 312, -90);
        put.piece("basin-unit", 22, 18, 34, 130, 339, 0);
        put.piece("wc", 15, 27, 32, 152.5, 334.5, 0);
    }
}
