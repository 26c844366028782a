package honeylamp.edit;

import honeylamp.plan.Boundary;
import honeylamp.plan.BuildUpLayer.Board;
import honeylamp.plan.ElementId.BoundaryId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.Plan;
import honeylamp.plan.TileEdge;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.Optional;
import java.util.stream.Stream;

/** Strips between floors, trims along edges of tiles, and the boards layers come in. */
public final class Edging {
    private Edging() {}

    /** Another strip in an opening. */
    public static Plan strip(Plan plan, StoreyId storey, OpeningId id, FloorStrip strip) {
        return OpeningEdits.build(plan, storey, id, b -> b.withStrip(strip));
    }

    /** Another strip along an edge of rooms. */
    public static Plan strip(Plan plan, StoreyId storey, BoundaryId id, FloorStrip strip) {
        return plan.withStorey(storey, s -> s.change(Boundary.class, id, b -> b.withStrip(strip)));
    }

    /** The strip so wide; refused if none is. */
    public static Outcome<FloorStrip> wide(FloorStrip strip, Length width, UnitSystem units) {
        return width.compareTo(FloorStrip.WIDEST) > 0
                ? tooWide("a strip", FloorStrip.WIDEST, units)
                : Outcome.done(strip.withWidth(Optional.of(width)));
    }

    /** The trim so wide; refused if none is. */
    public static Outcome<TileEdge> wide(TileEdge edge, Length width, UnitSystem units) {
        return width.compareTo(TileEdge.WIDEST) > 0
                ? tooWide("an edge trim", TileEdge.WIDEST, units)
                : Outcome.done(edge.withWidth(width));
    }

    /** A board of that size; refused if none is sold so. */
    public static Outcome<Board> board(Length width, Length length, UnitSystem units) {
        var isOne = Stream.of(width, length)
                .allMatch(side -> side.compareTo(Board.LEAST) >= 0 && side.compareTo(Board.MOST) <= 0);
        return isOne
                ? Outcome.done(new Board(width, length))
                : Outcome.refused(
                        "no board has such a side",
                        "It can be " + LengthText.exact(Board.LEAST, units) + " to "
                                + LengthText.exact(Board.MOST, units) + ".");
    }

    private static <T> Outcome<T> tooWide(String what, Length most, UnitSystem units) {
        return Outcome.refused(
                what + " is not so wide", "At most " + LengthText.exact(most, units) + " of one can be seen.");
    }
}
