package honeylamp.illustrate;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Materials;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What lies around the letters of words on floors. */
class WordGroundsTest {
    private static final Finish PLANKS = new Finish("wide-plank-oak", 0, Position.ORIGIN);

    private static Plan floored() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var room = TestPlans.geometry(plan).rooms().getFirst();
        var named = RoomEdits.name(plan, TestPlans.storey(plan), room, "Sail loft");
        var there = TestPlans.geometry(named).rooms().getFirst();
        return RoomEdits.floor(named, TestPlans.storey(named), there, PLANKS);
    }

    private static List<Mark> name(Plan plan, Lamp lamp) {
        return Illustration.of(TestPlans.view(plan), PaperFrame.atOrigin(50), lamp, 1).layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(m -> Mark.words(List.of(m)).anyMatch(t -> t.text().equals("SAIL LOFT")))
                .toList();
    }

    @Test
    void theMeanToneOfTheFloorLiesAroundTheLettersOfItsRoom() {
        var plan = floored();
        var look = TestPlans.view(plan).look();
        var planks = Materials.of(PLANKS.material()).orElseThrow();
        var tone = new FloorArt(PaperFrame.atOrigin(50), Pens.of(look, 50), 1).tone(planks, PLANKS);
        assertThat(name(plan, Lamp.LIT))
                .singleElement()
                .isInstanceOfSatisfying(
                        Mark.Haloed.class, h -> assertThat(h.ink()).isEqualTo(tone));
    }

    /** The wall of 300 south of the room reaches from 0 down to -300: a note there would be ink on near-black. */
    @Test
    void aNoteOnAWallIsReadOnPaper() {
        var plan = floored();
        var noted = NoteEdits.add(plan, TestPlans.storey(plan), Position.ofMm(2500, -150), "Old stone")
                .plan();
        var paper = Pens.of(TestPlans.view(noted).look(), 50).ink(Role.PAPER);
        var marks = Illustration.of(TestPlans.view(noted), PaperFrame.atOrigin(50), Lamp.LIT, 1).layers().stream()
                .flatMap(l -> l.marks().stream())
                .filter(m -> Mark.words(List.of(m)).anyMatch(t -> t.text().equals("Old stone")));
        assertThat(marks)
                .singleElement()
                .isInstanceOfSatisfying(
                        Mark.Haloed.class, h -> assertThat(h.ink()).isEqualTo(paper));
    }

    @Test
    void whereNoFloorIsDrawnNothingDoes() {
        assertThat(name(floored(), Lamp.DRAFT)).singleElement().isInstanceOf(Mark.Text.class);
        var plan = floored();
        var view = TestPlans.view(plan).view().id();
        var without = ViewEdits.showing(plan, view, Reach.ALL, Kind.FINISHES, Degree.HIDDEN);
        assertThat(name(without, Lamp.LIT)).singleElement().isInstanceOf(Mark.Text.class);
    }
}
