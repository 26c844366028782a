package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * Which tiers of dimensions a view has around its plan, and what they count.
 *
 * @param rows the tiers there are, side by side, on each side the innermost first
 * @param slanted the tiers along outer faces that look to none of the four sides, the innermost first
 * @param jog steps of the outside that are less deep or less wide than this are part of what is beside them
 */
@RecordBuilder
public record Tiers(List<Row> rows, List<Kind> slanted, Openings openings, Length jog) implements TiersBuilder.With {
    /** What a tier tells, the innermost first. */
    public enum Kind {
        /** Openings and what lies between them. */
        OPENINGS("Openings"),
        /** How thick walls are, and what is clear between them. */
        WALLS("Walls and between"),
        /** From end to end. */
        OVERALL("Overall");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }
    }

    /** What of an opening is measured. */
    public enum Openings {
        EDGES("Edges"),
        CENTRES("Centres");

        private final String label;

        Openings(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }
    }

    /** A tier on a side. */
    public record Row(Side side, Kind kind) {}

    /** Steps of the outside less than this are usually not told. */
    public static final Length USUAL_JOG = Length.ofMm(20);

    /** Steps of a metre and more are always told. */
    public static final Length MOST_JOG = Length.ofMm(1000);

    /** Openings and overall on all sides. */
    public static final Tiers USUAL = of(Kind.OPENINGS, Kind.OVERALL);

    /** Puts the rows in order, each once; refuses jogs of more than a metre. */
    public Tiers {
        rows = rows.stream()
                .distinct()
                .sorted(Comparator.comparing(Row::side).thenComparing(Row::kind))
                .toList();
        slanted = slanted.stream().distinct().sorted().toList();
        Checks.notNegative("least step", jog);
        if (jog.compareTo(MOST_JOG) > 0) {
            throw new IllegalArgumentException("least step is " + jog + ", at most " + MOST_JOG);
        }
    }

    /** The same tiers on all sides. */
    public static Tiers of(Kind... kinds) {
        return new Tiers(
                Arrays.stream(Side.values())
                        .flatMap(side -> Arrays.stream(kinds).map(kind -> new Row(side, kind)))
                        .toList(),
                List.of(kinds),
                Openings.EDGES,
                USUAL_JOG);
    }

    /** Whether a side has a tier. */
    public boolean has(Side side, Kind kind) {
        return rows.contains(new Row(side, kind));
    }

    /** With a tier on a side, or without it. */
    public Tiers toggling(Side side, Kind kind) {
        var row = new Row(side, kind);
        return withRows(
                rows.contains(row)
                        ? rows.stream().filter(r -> !r.equals(row)).toList()
                        : Stream.concat(rows.stream(), Stream.of(row)).toList());
    }

    /** With a tier along slanted faces, or without it. */
    public Tiers togglingSlanted(Kind kind) {
        return withSlanted(
                slanted.contains(kind)
                        ? slanted.stream().filter(k -> k != kind).toList()
                        : Stream.concat(slanted.stream(), Stream.of(kind)).toList());
    }

    /** The same about a plan turned by so many quarters, counter-clockwise. */
    Tiers turned(int quarters) {
        return withRows(
                rows.stream().map(r -> new Row(r.side.turned(quarters), r.kind)).toList());
    }
}
