package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A room of 5 by 3 m with a window of 1,200 in its south wall and a chest of 1,000, 800 high, below it. */
class InFrontTest {
    private static Plan room() {
        var plan = TestPlans.clearRectangle(5000, 3000);
        plan = RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Study");
        plan = TestPlans.opening(plan, 0, OpeningKind.CASEMENT_WINDOW, 1500, 1200, Hand.FIRST, Swing.LEFT);
        return TestPlans.with(plan, "chest-of-drawers", 1000, 450, 800, 2200, 240, 180);
    }

    private record InFrontOf(Plan plan, ViewId view) {
        static InFrontOf south(Plan plan) {
            var laid = TestPlans.laid(plan);
            var subject = WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                    .filter(s -> s.wall().equals(TestPlans.wallId(plan, 0)))
                    .findFirst()
                    .orElseThrow();
            var made = ViewEdits.elevations(
                    plan, plan.presentation().views().getFirst().id(), List.of(subject), List.of("South"), "South");
            return new InFrontOf(
                    made.plan(), made.plan().presentation().views().getLast().id());
        }

        LaidView seen() {
            return LaidPlan.of(plan).view(view);
        }

        InFrontOf with(Kind kind, Degree degree) {
            return new InFrontOf(ViewEdits.showing(plan, view, Reach.THIS, kind, degree), view);
        }
    }

    @Test
    void theNearestIsPickedAndWhatIsHiddenIsNot() {
        var south = InFrontOf.south(room());
        var there = InFront.of(south.seen());
        var window = there.all().stream()
                .filter(s -> s.id() instanceof OpeningId)
                .findFirst()
                .orElseThrow();
        var chest = there.all().stream()
                .filter(s -> s.id() instanceof FurnishingId)
                .findFirst()
                .orElseThrow();
        assertThat(window.box().width()).isCloseTo(1200, within(1e-6));
        assertThat(chest.box().width()).isCloseTo(1000, within(1e-6));
        assertThat(chest.box().maxY()).isCloseTo(800, within(1e-6));
        assertThat(there.at(chest.box().centre())).contains(chest.id());
        assertThat(there.at(window.box().centre())).contains(window.id());
        assertThat(there.at(new Point(4900, 100))).get().isInstanceOf(WallId.class);
        assertThat(there.at(new Point(-300, 100))).isEmpty();
        var bare = InFront.of(south.with(Kind.FURNITURE, Degree.HIDDEN).seen());
        assertThat(bare.at(chest.box().centre())).get().isInstanceOf(WallId.class);
        assertThat(InFront.of(TestPlans.view(room())).all())
                .as("a view from above")
                .isEmpty();
    }

    @Test
    void fixedPartsBeforeTheWallArePicked() {
        var form = new Structure.Block(Structure.Kind.POST, Length.ofMm(200), Length.ofMm(200), Length.ofMm(2400));
        var made = StructureEdits.add(room(), TestPlans.storey(room()), form, Position.ofMm(2200, 700), 0);
        var south = InFrontOf.south(made.plan());
        var post = InFront.of(south.seen()).all().stream()
                .filter(s -> s.id().equals(made.id()))
                .findFirst()
                .orElseThrow();
        assertThat(post.box().minX()).isCloseTo(2700, within(1e-6)); // 5,000 less 2,200, less half its width
        assertThat(post.box().width()).isCloseTo(200, within(1e-6));
        assertThat(post.box().maxY()).isCloseTo(2400, within(1e-6));
        // it stands before the chest
        assertThat(InFront.of(south.seen()).at(new Point(2800, 400))).contains(made.id());
        assertThat(InFront.of(south.with(Kind.FIXED_PARTS, Degree.HIDDEN).seen())
                        .at(new Point(2800, 400)))
                .get()
                .isInstanceOf(FurnishingId.class);
    }
}
