package honeylamp.takeoff.bought;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.listing.RunLayout.Part;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.RunEdits;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Run;
import honeylamp.plan.Sense;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** The units of all runs from left to right, fillers among them, with what is cut out of counters. */
public final class UnitList {
    private UnitList() {}

    /** Units that are alike in all runs of a kind, the first met first. */
    public record Alike(String run, String unit, Length width) {}

    /** How many there are of each on some storeys. */
    public static Map<Alike, Integer> counted(List<LaidStorey> storeys) {
        var out = new LinkedHashMap<Alike, Integer>();
        for (var storey : storeys) {
            for (var piece : storey.storey().furnishings()) {
                if (piece.works() != Wall.Works.REMOVED) {
                    Runs.layout(piece)
                            .ifPresent(layout -> layout.parts()
                                    .forEach(p -> out.merge(
                                            new Alike(
                                                    Furnishings.label(piece),
                                                    p.kind().label(),
                                                    p.width()),
                                            1,
                                            Integer::sum)));
                }
            }
        }
        return out;
    }

    public static Schedule schedule(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.words("run", "Run"),
                Schedule.words("unit", "Unit"),
                Schedule.length("from", "From left"),
                Schedule.length("width", "Width"),
                Schedule.length("depth", "Depth"),
                Schedule.length("height", "Height"),
                Schedule.words("cut_out", "Cut-out"));
        var rows = new ArrayList<Row>();
        for (var storey : plan.all()) {
            for (var piece : storey.storey().furnishings()) {
                if (piece.works() != Wall.Works.REMOVED) {
                    Runs.layout(piece).ifPresent(layout -> {
                        RunEdits.seen(piece, layout).forEach(part -> rows.add(row(storey, piece, part)));
                        if (piece.kind().equals(Runs.COUNTER)) {
                            rows.add(counter(storey, piece));
                        }
                    });
                }
            }
        }
        return new Schedule(Subject.UNITS, columns, rows);
    }

    /** The counter over the units, with its edge. */
    private static Row counter(LaidStorey storey, Furnishing piece) {
        var edge = Runs.of(piece).map(Run::edge).orElse(Run.Edge.SQUARE);
        var cells = where(storey, piece);
        cells.add(new Cell.Words("Counter, edge " + edge.label().toLowerCase(Locale.ROOT)));
        cells.add(new Cell.Long(Length.ZERO));
        cells.add(new Cell.Long(piece.width()));
        cells.add(new Cell.Long(piece.depth()));
        cells.add(new Cell.Long(Runs.COUNTER_THICK));
        cells.add(new Cell.Words(""));
        return new Row(storey.id(), piece.id(), cells);
    }

    private static List<Cell> where(LaidStorey storey, Furnishing piece) {
        var units = storey.plan().units();
        return new ArrayList<>(List.of(
                new Cell.Words(storey.storey().name()),
                new Cell.Words(storey.geometry()
                        .roomAt(piece.at().point())
                        .map(Room::name)
                        .orElse("")),
                new Cell.Words(Furnishings.label(piece) + " of " + LengthText.rounded(piece.width(), units))));
    }

    private static Row row(LaidStorey storey, Furnishing piece, Part part) {
        var cells = where(storey, piece);
        cells.addAll(List.of(
                new Cell.Words(part.kind().label()),
                new Cell.Long(piece.sense() == Sense.MIRRORED ? RunEdits.seen(piece, part.to()) : part.from()),
                new Cell.Long(part.width()),
                new Cell.Long(piece.depth()),
                new Cell.Long(piece.height()),
                new Cell.Words(cutOut(part, piece, storey.plan().units()))));
        return new Row(storey.id(), piece.id(), cells);
    }

    /** The note for who cuts the counter: the hole, and what it leaves before and behind and from the left end. */
    static String cutOut(Part part, Furnishing piece, UnitSystem units) {
        return part.cutOut(piece.depth())
                .map(cut -> {
                    var ledge =
                            new Length((piece.depth().nanometres() - cut.depth().nanometres()) / 2);
                    var left = RunEdits.seen(piece, part.middle())
                            .minus(new Length(cut.width().nanometres() / 2));
                    return LengthText.rounded(cut.width(), units) + " \u00d7 "
                            + LengthText.rounded(cut.depth(), units) + ", "
                            + LengthText.rounded(left, units) + " from the left end, "
                            + LengthText.rounded(ledge, units) + " before and behind";
                })
                .orElse("");
    }
}
