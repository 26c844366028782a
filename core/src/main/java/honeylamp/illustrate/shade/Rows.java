package honeylamp.illustrate.shade;

import java.util.function.IntConsumer;
import java.util.stream.IntStream;

/** Rows of a grid, from one to before another. */
record Rows(int from, int to) {
    /** Works on every row, several at a time. */
    void each(IntConsumer work) {
        IntStream.range(from, to).parallel().forEach(work);
    }
}
