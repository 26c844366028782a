package honeylamp.illustrate.building;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Materials;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Surface;
import honeylamp.plan.WallType.Poche;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A painted wall is cut darker than its sides, also where its type is cut light; what is cut dark enough stays. */
class PaintedCutsTest {
    /** A room whose walls are cut in a way, all painted in brick red. */
    private static Plan room(Poche poche) {
        var plan = TestPlans.clearRectangle(5000, 4000);
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2500, 2000), "Study", Finish.of("bare"))
                .plan();
        var room = plan.storeys().getFirst().rooms().getFirst().id();
        var types = plan.wallTypes().stream().map(t -> t.withPoche(poche)).toList();
        plan = plan.withWallTypes(types);
        return Coverings.cover(
                plan, TestPlans.storey(plan), new Surface.Walls(room), Optional.of(Finish.of("paint-brick")));
    }

    private static List<Mark> cuts(Plan plan, Look look) {
        return PaintedCuts.of(TestPlans.laid(plan), PaperFrame.atOrigin(50), Pens.of(look, 50));
    }

    @Test
    void aHatchedCutIsFilledDarkerThanThePaintOfItsSides() {
        var paint = Materials.of("paint-brick").orElseThrow().tone();
        assertThat(cuts(room(Poche.HATCH), Looks.DAYLIGHT)).hasSize(4).allSatisfy(m -> {
            var cut = Oklch.ofRgb(((Mark.Fill) m).ink().rgb());
            assertThat(cut.lightness()).isLessThan(paint.lightness() - 0.1);
            assertThat(cut.hueDeg()).isBetween(paint.hueDeg() - 12, paint.hueDeg() + 12);
        });
        var walls = new WallArt(PaperFrame.atOrigin(50), Pens.of(Looks.DAYLIGHT, 50));
        var inks = walls.marks(TestPlans.laid(room(Poche.HATCH)), Lamp.COLOUR, Optional.empty()).stream()
                .flatMap(m -> m instanceof Mark.Clip clip ? clip.inside().stream() : Stream.of(m))
                .filter(Mark.Fill.class::isInstance)
                .map(m -> ((Mark.Fill) m).ink())
                .toList();
        assertThat(inks)
                .contains(((Mark.Fill) cuts(room(Poche.HATCH), Looks.DAYLIGHT).getFirst()).ink());
    }

    @Test
    void aDarkCutStaysAndSoDoWallsNobodyPainted() {
        assertThat(cuts(room(Poche.SOLID), Looks.DAYLIGHT)).isEmpty();
        assertThat(cuts(TestPlans.clearRectangle(5000, 4000), Looks.DAYLIGHT)).isEmpty();
    }

    @Test
    void onDarkPaperWallsAreLightOnPurpose() {
        var night = Looks.all().stream()
                .filter(l -> Pens.of(l, 50).ink(Role.PAPER) instanceof Ink paper
                        && Oklch.ofRgb(paper.rgb()).lightness() < 0.4)
                .findFirst()
                .orElseThrow();
        assertThat(cuts(room(Poche.HATCH), night)).isEmpty();
    }
}
