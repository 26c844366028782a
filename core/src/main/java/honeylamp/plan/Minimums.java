package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a person wants at least; less gives a snag and blocks nothing. Zero asks for nothing.
 *
 * @param clearDoor the clear width of doors
 * @param nib the wall between hinges and a cross wall
 * @param landing what a leaf leaves free before the end of a stair
 * @param headroom above stairs
 * @param way the clear width of ways between what stands in rooms
 * @param beside what kinds of pieces need beside them, where that is other than usual
 */
@RecordBuilder
public record Minimums(Length clearDoor, Length nib, Length landing, Length headroom, Length way, List<Beside> beside)
        implements MinimumsBuilder.With {
    /** What is usual in homes: a nib of 25 mm, 400 mm before stairs, 2,000 mm above them; ways of 900 mm. */
    public static final Minimums USUAL = new Minimums(
            Length.ofMm(600), Length.ofMm(25), Length.ofMm(400), Length.ofMm(2000), Length.ofMm(900), List.of());

    /**
     * What a kind of piece needs on some of its sides.
     *
     * @param kind its key in the catalogue
     * @param sides by their names, a space between them, as the rule names them that it is in the place of
     */
    public record Beside(String kind, String sides, Length least) {
        /** Refuses a negative length. */
        public Beside {
            Checks.notNegative("room beside a piece", least);
        }
    }

    /** With another need of a kind on some sides. */
    public Minimums with(Beside other) {
        return withBeside(Stream.concat(
                        beside.stream().filter(b -> !b.kind.equals(other.kind) || !b.sides.equals(other.sides)),
                        Stream.of(other))
                .toList());
    }

    /** What a kind needs on some sides, where that is other than usual. */
    public Optional<Length> beside(String kind, String sides) {
        return beside.stream()
                .filter(b -> b.kind.equals(kind) && b.sides.equals(sides))
                .map(Beside::least)
                .findFirst();
    }

    /** Refuses negative lengths. */
    public Minimums {
        Checks.notNegative("least clear width", clearDoor);
        Checks.notNegative("least nib", nib);
        Checks.notNegative("least landing", landing);
        Checks.notNegative("least headroom", headroom);
        Checks.notNegative("least width of ways", way);
        beside = List.copyOf(beside);
    }
}
