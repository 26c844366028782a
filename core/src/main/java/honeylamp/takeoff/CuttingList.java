package honeylamp.takeoff;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.listing.Schedule.Measure;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Box;
import honeylamp.takeoff.tiles.Nesting;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** Which cuts come out of which whole pieces, those that are cut up alike in one row. */
final class CuttingList {
    private static final List<Column> COLUMNS = List.of(
            Schedule.words("finish", "Finish"),
            Schedule.words("numbers", "Numbers"),
            Schedule.words("piece", "Piece"),
            Schedule.words("into", "Cut into"),
            new Column("pieces", "Pieces", Measure.NUMBER),
            new Column("cuts", "Cuts", Measure.NUMBER),
            new Column("left_percent", "Left over, %", Measure.NUMBER));

    private CuttingList() {}

    /** Pieces that are cut up alike. */
    private record Alike(String piece, String into) {}

    static Schedule of(LaidPlan plan, List<Takeoff.Together> all) {
        var rows = new ArrayList<Row>();
        for (var together : all) {
            together.count()
                    .filter(c -> CutNumbers.isListed(c.cuts()))
                    .ifPresent(count -> rows.addAll(rows(plan.units(), together, count)));
        }
        return new Schedule(Subject.CUTS, COLUMNS, rows);
    }

    private static List<Row> rows(UnitSystem units, Takeoff.Together together, TileCount count) {
        Map<Alike, List<Nesting.Tile>> by = new LinkedHashMap<>();
        Map<Alike, List<Integer>> numbers = new HashMap<>();
        var number = 0;
        for (var tile : Nesting.of(count.cuts().all(), count.cuts().bladeMm()).tiles()) {
            number++;
            by.computeIfAbsent(alike(units, tile), _ -> new ArrayList<>()).add(tile);
            numbers.computeIfAbsent(alike(units, tile), _ -> new ArrayList<>()).add(number);
        }
        var first = together.surfaces().getFirst();
        return by.entrySet().stream()
                .sorted(Comparator.comparingInt(e -> -e.getValue().size()))
                .map(e -> new Row(
                        first.storey(),
                        first.surface().host(),
                        List.of(
                                new Cell.Words(together.material().label()),
                                new Cell.Words(CutNumbers.words(numbers.getOrDefault(e.getKey(), List.of()))),
                                new Cell.Words(e.getKey().piece),
                                new Cell.Words(e.getKey().into),
                                Cell.Number.of(e.getValue().size(), 0),
                                Cell.Number.of(
                                        e.getValue().stream()
                                                .mapToInt(t -> t.taken().size())
                                                .sum(),
                                        0),
                                Cell.Number.of(leftPercent(e.getValue().getFirst()), 0))))
                .toList();
    }

    private static Alike alike(UnitSystem units, Nesting.Tile tile) {
        return new Alike(
                size(units, tile.widthMm(), tile.heightMm()),
                tile.taken().stream()
                        .map(Nesting.Taken::place)
                        .map(b -> size(units, b.width(), b.height()))
                        .sorted()
                        .collect(Collectors.joining(", ")));
    }

    private static String size(UnitSystem units, double widthMm, double heightMm) {
        return LengthText.rounded(Length.ofMm(widthMm), units) + " \u00d7 "
                + LengthText.rounded(Length.ofMm(heightMm), units);
    }

    private static double leftPercent(Nesting.Tile tile) {
        var taken = tile.taken().stream()
                .map(Nesting.Taken::place)
                .mapToDouble(CuttingList::area)
                .sum();
        return 100 * Math.max(0, 1 - taken / (tile.widthMm() * tile.heightMm()));
    }

    private static double area(Box box) {
        return box.width() * box.height();
    }
}
