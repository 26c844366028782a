package honeylamp.plan;

import java.util.List;

/**
 * Things of one storey that are picked and moved together.
 *
 * @param numbers of the things, which are theirs alone whatever kind they are of; two at least, rising
 */
public record Group(List<Integer> numbers) {
    /** Orders the numbers; refuses a group of less than two. */
    public Group {
        numbers = numbers.stream().distinct().sorted().toList();
        if (numbers.size() < 2) {
            throw new IllegalArgumentException("a group holds two things at least");
        }
    }
}
