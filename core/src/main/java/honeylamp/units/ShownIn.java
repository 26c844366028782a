package honeylamp.units;

import java.util.Optional;

/**
 * The units lengths are shown in: the plan's own, and perhaps others in brackets behind them.
 *
 * @param second for those who reckon in other units
 */
public record ShownIn(Rounding first, Optional<Rounding> second) {
    /** In one unit only. */
    public static ShownIn only(Rounding first) {
        return new ShownIn(first, Optional.empty());
    }

    /** A length as it is shown. */
    public String one(Length length) {
        return both(first.shown(length), second.map(s -> s.shown(length)));
    }

    /** What is shown in the first unit, and behind it in brackets with its sign what is shown in the second. */
    public String both(String inFirst, Optional<String> inSecond) {
        return inSecond.map(text -> inFirst + " (" + text + sign() + ")").orElse(inFirst);
    }

    private String sign() {
        return second.map(Rounding::system)
                .filter(UnitSystem::isMetric)
                .map(s -> " " + s.sign())
                .orElse("");
    }
}
