package honeylamp.plan;

import java.util.List;

/** The units of a plan and the places where they stand once more. */
public record Repeats(List<Unit> units, List<UnitCopy> copies) {
    /** Nothing is repeated. */
    public static final Repeats NONE = new Repeats(List.of(), List.of());

    /** Freezes the lists; refuses copies of no unit. */
    public Repeats {
        units = List.copyOf(units);
        copies = List.copyOf(copies);
        for (var copy : copies) {
            if (units.stream().noneMatch(u -> u.id().equals(copy.unit()))) {
                throw new IllegalArgumentException("copy " + copy.id().text() + " is of unknown unit "
                        + copy.unit().text());
            }
        }
    }

    public Repeats withUnits(List<Unit> other) {
        return new Repeats(other, copies);
    }

    public Repeats withCopies(List<UnitCopy> other) {
        return new Repeats(units, other);
    }
}
