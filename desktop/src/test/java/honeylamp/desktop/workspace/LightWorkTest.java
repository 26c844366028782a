package honeylamp.desktop.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import honeylamp.desktop.workspace.LightWork.State;
import honeylamp.desktop.workspace.SnagSearch.Threads;
import honeylamp.drawing.Remembered.LongWork;
import honeylamp.illustrate.raised.SurfacePictures;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** Long work goes on beside pictures: by hand here, step by step. */
class LightWorkTest {
    private final Deque<Runnable> aside = new ArrayDeque<>();
    private final Deque<Runnable> rested = new ArrayDeque<>();
    private final LightWork light =
            new LightWork(new Threads(aside::add, Runnable::run), rested::add, _ -> SurfacePictures.NONE);

    /** A work that says what it is told to, between one step and the next. */
    private static final class Steps implements LongWork.Work<String> {
        private final List<Runnable> between = new ArrayList<>();
        private int done;

        Steps then(Runnable next) {
            between.add(next);
            return this;
        }

        @Override
        public Optional<String> run(Consumer<LongWork.Sofar<String>> sofar, BooleanSupplier wanted) {
            for (var i = 0; i < between.size(); i++) {
                if (!wanted.getAsBoolean()) {
                    return Optional.empty();
                }
                done++;
                sofar.accept(new LongWork.Sofar<>("after " + done, done / 10.0));
                between.get(i).run();
            }
            return wanted.getAsBoolean() ? Optional.of("all") : Optional.empty();
        }
    }

    private Optional<String> drawn(String question, LongWork.Work<String> work) {
        light.begin();
        var known = light.answer(question, work);
        light.end();
        return known;
    }

    @Test
    void aPictureHasWhatIsKnownByThen() {
        var seen = new ArrayList<Optional<String>>();
        var work = new Steps();
        work.then(() -> seen.add(drawn("room", work))).then(() -> seen.add(drawn("room", work)));
        assertThat(drawn("room", work)).isEmpty();
        assertThat(light.known().get().state()).isEqualTo(State.GOING);
        aside.remove().run();
        assertThat(seen).containsExactly(Optional.of("after 1"), Optional.of("after 2"));
        assertThat(drawn("room", work)).contains("all");
        assertThat(aside).as("it is not worked out again").isEmpty();
        assertThat(light.known().get().state()).isEqualTo(State.RESTING);
    }

    private Optional<String> drawnLater(String question, LongWork.Work<String> work) {
        light.begin();
        var known = light.later(question, work, () -> {
            throw new AssertionError("no picture waits for it");
        });
        light.end();
        return known;
    }

    /** Surfaces are worked out once the hand rests; pictures are told, but nobody is told how far it is. */
    @Test
    void whatAPictureCanDoWithoutIsDoneOnceTheHandRests() {
        var work = new Steps().then(() -> {});
        assertThat(drawnLater("surfaces", work)).isEmpty();
        assertThat(light.known().get().state()).isEqualTo(State.RESTING);
        assertThat(light.isWorking()).isTrue();
        light.stop();
        var step = light.known().get().step();
        rested.remove().run();
        assertThat(light.known().get().step()).isGreaterThan(step);
        assertThat(light.isWorking()).isFalse();
        assertThat(drawnLater("surfaces", work)).contains("all");
        assertThat(rested).isEmpty();
    }

    @Test
    void aHandThatMovesAgainLeavesItForLater() {
        var work = new Steps().then(() -> {});
        drawnLater("surfaces", work);
        light.moved();
        rested.remove().run();
        assertThat(work.done).isZero();
        var step = light.known().get().step();
        light.asked(); // the view stays as it was
        assertThat(light.known().get().step()).as("pictures ask anew").isGreaterThan(step);
        assertThat(drawnLater("surfaces", work)).isEmpty();
        rested.remove().run();
        assertThat(drawnLater("surfaces", work)).contains("all");
    }

    @Test
    void whatNoPictureAsksForEnds() {
        var other = new Steps();
        var work = new Steps().then(() -> drawn("another", other)).then(() -> {});
        drawn("room", work);
        aside.remove().run();
        assertThat(work.done).isEqualTo(1);
        assertThat(light.known().get().state()).as("the other goes on").isEqualTo(State.GOING);
        light.begin();
        light.end();
        assertThat(light.known().get().state()).as("nothing does").isEqualTo(State.RESTING);
        aside.remove().run();
        assertThat(other.done).isZero();
    }

    @Test
    void whatIsGoodEnoughStays() {
        var work = new Steps().then(light::stop).then(() -> {});
        drawn("room", work);
        aside.remove().run();
        assertThat(work.done).isEqualTo(1);
        assertThat(drawn("room", work)).contains("after 1");
        assertThat(aside).isEmpty();
        assertThat(light.known().get().state()).isEqualTo(State.STOPPED);
    }

    /** A mistake is told by whoever ran it; pictures go on with what was known, and nothing seems to be under way. */
    @Test
    void workThatBreaksOffIsLeftAtThat() {
        var work = new Steps().then(() -> {
            throw new IllegalStateException("no light");
        });
        drawn("room", work);
        assertThatThrownBy(aside.remove()::run).hasMessage("no light");
        assertThat(light.known().get().state()).isEqualTo(State.RESTING);
        assertThat(drawn("room", work)).contains("after 1");
        assertThat(aside).as("it is not begun anew").isEmpty();
    }
}
