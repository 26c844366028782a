package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.TierSets;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Reach;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Words that hands put over others are told; by themselves none lies over another. */
class WordsOverWordsTest {
    private static List<Snag> told(Plan plan) {
        return LaidPlan.of(plan).all().stream()
                .flatMap(s -> SheetSnags.all(s, Snags.USUAL_GAP_REACH).stream())
                .filter(s -> s.kind() == Snag.Kind.WORDS_OVER_WORDS)
                .toList();
    }

    @Test
    void aNoteOverAnotherIsToldWithBoth() {
        var room = TestPlans.clearRectangle(5000, 4000);
        var storey = TestPlans.storey(room);
        var one = NoteEdits.add(room, storey, Position.ofMm(2500, 2000), "Boards turned here");
        var two = NoteEdits.add(one.plan(), storey, Position.ofMm(2550, 2010), "Hatch above");
        assertThat(told(one.plan())).isEmpty();
        assertThat(told(two.plan())).singleElement().satisfies(snag -> {
            assertThat(snag.sentence()).contains("Boards turned here").contains("Hatch above");
            assertThat(snag.about()).contains(two.id());
        });
    }

    /** Clear 5,000 by 4,000 within walls of 300: the overall tier north has its figure over 2,500, where the note lies. */
    @Test
    void aFigureOfATierGivesWayToANote() {
        var room = TestPlans.clearRectangle(5000, 4000);
        var tiered = TierSets.chosen(
                room,
                TestPlans.view(room).view().id(),
                Reach.ALL,
                TierSets.all().get(2));
        var page = TestPlans.page(tiered);
        var north = page("5600", tiered);
        var at = SheetComposer.frame(page, TestPlans.view(tiered).view().id())
                .plan(north.ring().bounds().centre());
        var noted = NoteEdits.add(tiered, TestPlans.storey(tiered), Position.of(at), "Eaves at 2.4 m")
                .plan();
        assertThat(told(noted)).isEmpty();
        assertThat(page("5600", noted).ring().bounds().meets(north.ring().bounds()))
                .isFalse();
    }

    private static Mark.Text page(String text, Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1).drawing().layers().stream()
                .flatMap(l -> Mark.words(l.marks()))
                .filter(t -> t.text().equals(text))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theDemosSayNothingOverOtherWords() {
        for (var demo : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            assertThat(told(demo)).isEmpty();
            var view = TestPlans.view(demo).view().id();
            assertThat(told(TierSets.chosen(demo, view, Reach.ALL, TierSets.THREE_TIERS)))
                    .isEmpty();
        }
    }
}
