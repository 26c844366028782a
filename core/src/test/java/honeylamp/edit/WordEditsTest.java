package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.plan.Position;
import org.junit.jupiter.api.Test;

class WordEditsTest {
    @Test
    void wordsAreReplacedWhereverAPersonWroteThem() {
        var plan = SailclothYard.plan();
        var noted = NoteEdits.add(plan, TestPlans.storey(plan), Position.ofMm(0, 0), "Bedroom floor sanded")
                .plan();
        var done = WordEdits.replace(noted, "Bedroom", "Cabin").orThrow();
        assertThat(done.places()).isEqualTo(2); // the room and the note; "Second bedroom" is written small
        var storey = done.plan().storeys().getFirst();
        assertThat(storey.rooms())
                .extracting(m -> m.name())
                .contains("Cabin", "Second bedroom")
                .doesNotContain("Bedroom");
        assertThat(storey.notes().getLast().text()).isEqualTo("Cabin floor sanded");
        var yard = WordEdits.replace(plan, "Wrenmouth", "Gullmouth").orThrow().plan();
        assertThat(yard.presentation().pages().getFirst().sheet().title().project())
                .endsWith("Gullmouth");
    }

    @Test
    void whatStandsNowhereIsSaid() {
        assertThat(WordEdits.replace(SailclothYard.plan(), "Scullery", "Galley"))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        no -> assertThat(no.sentence("Nothing")).contains("Scullery"));
        assertThat(WordEdits.replace(SailclothYard.plan(), "", "x")).isInstanceOf(Outcome.Refused.class);
    }

    @Test
    void wordsThatWouldBecomeTooLongAreRefused() {
        var plan = SailclothYard.plan();
        var noted = NoteEdits.add(plan, TestPlans.storey(plan), Position.ofMm(0, 0), "o".repeat(100))
                .plan();
        assertThat(WordEdits.replace(noted, "o", "w".repeat(100)))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        no -> assertThat(no.sentence("Nothing")).contains("too long"));
    }
}
