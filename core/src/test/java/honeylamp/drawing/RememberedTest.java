package honeylamp.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class RememberedTest {
    private final Remembered remembered = new Remembered();
    private int worked;

    private int ask(Object question) {
        return remembered.answer(question, () -> ++worked);
    }

    @Test
    void whatIsAskedAgainInTheNextPictureIsKnown() {
        var first = ask("floor");
        remembered.next();
        assertThat(ask("floor")).isEqualTo(first);
        remembered.next();
        assertThat(ask("floor")).isEqualTo(first);
    }

    @Test
    void whatTwoPicturesDidNotAskForIsForgotten() {
        var first = ask("floor");
        remembered.next();
        remembered.next();
        assertThat(ask("floor")).isNotEqualTo(first);
    }

    @Test
    void thingsAreToldApartByWhichTheyAreNotByWhatTheyHold() {
        var one = new StringBuilder("a");
        var other = new StringBuilder("a");
        int first = remembered.answerOf("length", List.of(one), () -> ++worked);
        int again = remembered.answerOf("length", List.of(one), () -> ++worked);
        int second = remembered.answerOf("length", List.of(other), () -> ++worked);
        assertThat(again).isEqualTo(first);
        assertThat(second).isNotEqualTo(first);
    }
}
