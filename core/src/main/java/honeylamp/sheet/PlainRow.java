package honeylamp.sheet;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.SchemeReport;
import honeylamp.takeoff.bought.RoomCosts;
import honeylamp.takeoff.bought.UnitList;
import honeylamp.takeoff.bought.WayList;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Money;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A row of a list on a page: words, and a figure at the right. */
record PlainRow(String words, String figure, Typeface face) implements RowList.Row {
    @Override
    public void draw(ListRows rows, Box column, double y) {
        var pen = rows.pen();
        var wide = pen.width(figure, TextRole.BODY, face) + 2;
        pen.fitted(words, column.minX(), y, TextRole.BODY, face, column.width() - wide);
        pen.text(figure, column.maxX(), y, TextRole.BODY, face, Align.RIGHT);
    }

    /** So many letters have room beside a figure. */
    private static final int LETTERS = 32;

    private static final int LETTERS_BESIDE_A_WORD = 27;

    /** What runs are made up of, alike units together. */
    static List<PlainRow> units(List<LaidStorey> storeys, UnitSystem units) {
        return UnitList.counted(storeys).entrySet().stream()
                .map(e -> new PlainRow(
                        (e.getValue() > 1 ? e.getValue() + " \u00d7 " : "")
                                + e.getKey().unit() + ", " + e.getKey().run().toLowerCase(Locale.ROOT),
                        LengthText.built(LengthText.rounded(e.getKey().width(), units)),
                        Typeface.REGULAR))
                .toList();
    }

    /** How wide the ways to rooms are, and where they are narrowest. */
    static List<PlainRow> ways(List<LaidStorey> storeys, UnitSystem units) {
        var out = new ArrayList<PlainRow>();
        for (var entry : WayList.of(storeys)) {
            var name = entry.reached().room().name();
            var figure = entry.leastMm()
                    .map(mm -> LengthText.built(LengthText.rounded(Length.ofMm(mm), units)))
                    .orElse("");
            var whole = name + ", " + entry.where();
            if (whole.length() <= LETTERS) {
                out.add(new PlainRow(whole, figure, Typeface.REGULAR));
            } else {
                out.add(new PlainRow(name + ",", figure, Typeface.REGULAR));
                out.add(new PlainRow(entry.where(), "", Typeface.REGULAR));
            }
        }
        return out;
    }

    /** What is too long beside its word is written on, where it says in which room. */
    private static List<PlainRow> inTwo(String words, String figure) {
        var at = words.lastIndexOf(", ");
        return words.length() <= LETTERS_BESIDE_A_WORD || at < 0
                ? List.of(new PlainRow(words, figure, Typeface.REGULAR))
                : List.of(
                        new PlainRow(words.substring(0, at + 1), figure, Typeface.REGULAR),
                        new PlainRow(words.substring(at + 2), "", Typeface.REGULAR));
    }

    private static String scheme(LaidView view) {
        var schemes = view.plan().drawn().schemes();
        return schemes.name(schemes.open());
    }

    /** In what a view of a scheme differs from another, way by way. */
    static List<PlainRow> differences(LaidView view, LaidView other) {
        var report = SchemeReport.of(other.storey(), view.storey());
        var out = new ArrayList<PlainRow>();
        out.add(new PlainRow(scheme(view), "", Typeface.MEDIUM));
        out.add(new PlainRow("beside " + scheme(other), "", Typeface.REGULAR));
        var alike = report.lines().stream()
                .sorted(Comparator.comparing(SchemeReport.Line::kind))
                .collect(Collectors.groupingBy(
                        l -> List.of(l.kind().label(), l.words()), LinkedHashMap::new, Collectors.counting()));
        alike.forEach((said, count) ->
                out.addAll(inTwo((count > 1 ? count + " \u00d7 " : "") + said.getLast(), said.getFirst())));
        report.areas().forEach(words -> out.add(new PlainRow(words, "", Typeface.REGULAR)));
        report.cost().ifPresent(words -> out.add(new PlainRow("Pieces cost", words, Typeface.MEDIUM)));
        if (out.isEmpty()) {
            out.add(new PlainRow("Nothing differs", "", Typeface.REGULAR));
        }
        return out;
    }

    /** What the pieces of rooms come to, and all together if there are several. */
    static List<PlainRow> costs(List<LaidStorey> storeys) {
        var sums = RoomCosts.of(storeys);
        var out = new ArrayList<PlainRow>();
        sums.forEach(s -> out.add(new PlainRow(s.room(), Money.text(s.cents()), Typeface.REGULAR)));
        if (sums.size() > 1) {
            var all = sums.stream().mapToLong(RoomCosts.Sum::cents).sum();
            out.add(new PlainRow("Together", Money.text(all), Typeface.MEDIUM));
        }
        return out;
    }
}
