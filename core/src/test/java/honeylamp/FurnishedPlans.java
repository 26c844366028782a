package honeylamp;

import honeylamp.edit.RoomEdits;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.BodySide;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Random houses with named rooms, doors and furniture. */
public final class FurnishedPlans {
    private static final List<String> NAMES =
            List.of("Hall", "Kitchen and dining", "Linen", "Reading nook", "Net loft store", "Bath", "Second bedroom");

    private FurnishedPlans() {}

    /** A house of two rows of rooms with doors between them and pieces anywhere in them, turned at will. */
    public static Plan next(Random random) {
        var wide = 7000 + 100 * random.nextInt(60);
        var deep = 6000 + 100 * random.nextInt(40);
        var middle = deep / 2 + 100 * random.nextInt(10);
        var building = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, wide, 0, wide, deep, 0, deep)
                .wall(0, middle, wide, middle, BodySide.CENTRE, TestPlans.PARTITION);
        for (var x = 1500 + random.nextInt(1500); x < wide - 1200; x += 1500 + random.nextInt(3000)) {
            building.wall(x, 0, x, middle, BodySide.CENTRE, TestPlans.PARTITION);
        }
        for (var x = 1500 + random.nextInt(1500); x < wide - 1200; x += 1500 + random.nextInt(3000)) {
            building.wall(x, middle, x, deep, BodySide.CENTRE, TestPlans.PARTITION);
        }
        var plan = building.plan();
        for (var at = 300; at < wide - 1300; at += 1600) {
            plan = TestPlans.opening(
                    plan,
                    4,
                    OpeningKind.DOOR,
                    at,
                    800,
                    random.nextBoolean() ? Hand.FIRST : Hand.SECOND,
                    random.nextBoolean() ? Swing.LEFT : Swing.RIGHT);
        }
        for (var k = 0; k < 14; k++) {
            plan = TestPlans.with(
                    plan,
                    List.of("sofa", "bed", "dining-table", "wardrobe").get(random.nextInt(4)),
                    600 + random.nextInt(1400),
                    400 + random.nextInt(700),
                    600,
                    random.nextInt(wide),
                    random.nextInt(deep),
                    random.nextInt(3) > 0 ? 90 * random.nextInt(4) : random.nextInt(360));
        }
        for (var room : new ArrayList<>(TestPlans.geometry(plan).rooms())) {
            plan = RoomEdits.name(plan, TestPlans.storey(plan), room, NAMES.get(random.nextInt(NAMES.size())));
        }
        return plan;
    }
}
