package honeylamp.desktop.workspace;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.desktop.workspace.SnagSearch.Threads;
import java.util.ArrayDeque;
import org.junit.jupiter.api.Test;

class AsideTest {
    private final ArrayDeque<Runnable> aside = new ArrayDeque<>();
    private boolean wasWanted;
    private final Aside<String, Integer> lengths =
            new Aside<>(new Threads(aside::add, Runnable::run), String::equals, (question, wanted) -> {
                wasWanted = wanted.getAsBoolean();
                return question.length();
            });

    private void work() {
        while (!aside.isEmpty()) {
            aside.remove().run();
        }
    }

    @Test
    void theNewestQuestionIsAnswered() {
        lengths.ask("four");
        lengths.ask("sixteen");
        work();
        assertThat(lengths.to("four")).isEmpty();
        assertThat(lengths.to("sixteen")).contains(7);
    }

    @Test
    void aQuestionThatIsDroppedIsNotAnswered() {
        lengths.ask("four");
        assertThat(lengths.isAsked("four")).isTrue();
        lengths.drop();
        assertThat(lengths.isAsked("four")).isFalse();
        work();
        assertThat(lengths.known().get()).isEmpty();
        assertThat(wasWanted).isFalse();
        lengths.ask("four");
        work();
        assertThat(lengths.to("four")).contains(4);
    }
}
