package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * What a person wants at least; less gives a snag and blocks nothing. Zero asks for nothing.
 *
 * @param clearDoor the clear width of doors
 * @param nib the wall between hinges and a cross wall
 * @param landing what a leaf leaves free before the end of a stair
 * @param headroom above stairs
 * @param way the clear width of ways between what stands in rooms
 */
@RecordBuilder
public record Minimums(Length clearDoor, Length nib, Length landing, Length headroom, Length way)
        implements MinimumsBuilder.With {
    /** What is usual in homes: a nib of 25 mm, 400 mm before stairs, 2,000 mm above them; ways of 900 mm. */
    public static final Minimums USUAL =
            new Minimums(Length.ofMm(600), Length.ofMm(25), Length.ofMm(400), Length.ofMm(2000), Length.ofMm(900));

    /** Refuses negative lengths. */
    public Minimums {
        Checks.notNegative("least clear width", clearDoor);
        Checks.notNegative("least nib", nib);
        Checks.notNegative("least landing", landing);
        Checks.notNegative("least headroom", headroom);
        Checks.notNegative("least width of ways", way);
    }
}
