package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.Searches;
import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.Remembered;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is remembered of pictures before must never show in the next: each is compared with one drawn from nothing. */
class RememberedPictureTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);
    private static final int EDITS = Searches.cases(7, 14);

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void everyPictureIsAsIfDrawnFromNothing(long seed) {
        var random = new Random(seed);
        var plan = seed % 2 == 0 ? SailclothYard.plan() : QuillbackLane.plan();
        var remembered = new Remembered();
        for (var i = 0; i < EDITS; i++) {
            var lamp = i == EDITS / 2 ? Lamp.COLOUR : Lamp.LIT;
            var view = TestPlans.view(plan);
            remembered.next();
            var drawn = Illustration.of(view, FRAME, lamp, Illustration.SCREEN_SHADE_PX_PER_MM, remembered);
            assertThat(drawn)
                    .as("picture %d", i)
                    .isEqualTo(Illustration.of(view, FRAME, lamp, Illustration.SCREEN_SHADE_PX_PER_MM));
            plan = edited(plan, random);
        }
    }

    private static Plan edited(Plan plan, Random random) {
        var storey = plan.storeys().getFirst();
        return switch (random.nextInt(6)) {
            case 0 -> {
                var wall = storey.walls().get(random.nextInt(storey.walls().size()));
                var moved = WallEdits.moveWall(plan, storey.id(), wall.id(), by(random), by(random));
                yield moved instanceof Outcome.Done<Plan> done ? done.made() : plan;
            }
            case 1 -> {
                var rooms = TestPlans.geometry(plan).rooms();
                yield RoomEdits.name(
                        plan, storey.id(), rooms.get(random.nextInt(rooms.size())), "Room " + random.nextInt(99));
            }
            case 2 ->
                Deletion.of(plan, storey.id(), Set.of(piece(storey, random).id()));
            case 3 ->
                FurnishingEdits.turnBy(
                        plan, storey.id(), List.of(piece(storey, random).id()), random.nextInt(360));
            case 4 ->
                FurnishingEdits.move( // off the paper
                        plan, storey.id(), List.of(piece(storey, random).id()), Length.ofMm(90_000), by(random));
            default ->
                FurnishingEdits.move(
                        plan, storey.id(), List.of(piece(storey, random).id()), by(random), by(random));
        };
    }

    private static Furnishing piece(Storey storey, Random random) {
        return storey.furnishings().get(random.nextInt(storey.furnishings().size()));
    }

    private static Length by(Random random) {
        return Length.ofMm(random.nextInt(-400, 400));
    }
}
