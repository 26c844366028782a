package honeylamp.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** Changed copies of lists. */
final class Lists {
    private Lists() {}

    static <T> List<T> plus(List<T> list, T more) {
        var out = new ArrayList<>(list);
        out.add(more);
        return out;
    }

    static <T> List<T> plusAll(List<T> list, List<T> more) {
        var out = new ArrayList<>(list);
        out.addAll(more);
        return out;
    }

    static <T> List<T> without(List<T> list, Predicate<T> gone) {
        return list.stream().filter(gone.negate()).toList();
    }

    /** The list with those that match changed; the same list if none does. */
    static <T> List<T> changed(List<T> list, Predicate<T> which, UnaryOperator<T> change) {
        return list.stream().noneMatch(which)
                ? list
                : list.stream().map(x -> which.test(x) ? change.apply(x) : x).toList();
    }
}
