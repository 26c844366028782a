package honeylamp.sheet;

import honeylamp.derive.listing.Headroom;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.drawing.ink.Typeface;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.units.AreaText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a house comes to, as those want to know who do not draw: storey by storey and together, with what is counted apart,
 * in square metres and square feet.
 *
 * @param storeys the area of rooms that count as indoors, within the inner faces of their walls, in mm², by storey
 * @param apart the same of rooms that count as something else, all storeys together
 * @param low what of the rooms that count as indoors is low
 * @param grossMm2 within the outer faces of outer walls, all storeys together
 */
record HouseAreas(List<StoreyArea> storeys, Map<CountsAs, Double> apart, Headroom low, double grossMm2) {
    record StoreyArea(String name, double netMm2) {}

    static HouseAreas of(LaidPlan plan) {
        var storeys = plan.all().stream()
                .map(s -> new StoreyArea(s.storey().name(), sum(s, CountsAs.INDOOR)))
                .toList();
        Map<CountsAs, Double> apart = new EnumMap<>(CountsAs.class);
        for (var counts : CountsAs.values()) {
            var mm2 = plan.all().stream().mapToDouble(s -> sum(s, counts)).sum();
            if (counts != CountsAs.INDOOR && mm2 > 0) {
                apart.put(counts, mm2);
            }
        }
        var gross = plan.all().stream()
                .mapToDouble(s -> s.geometry().grossAreaMm2())
                .sum();
        var low = plan.all().stream()
                .map(s -> Headroom.of(s, r -> r.counts() == CountsAs.INDOOR))
                .reduce(Headroom.FULL, Headroom::plus);
        return new HouseAreas(storeys, apart, low, gross);
    }

    private static double sum(LaidStorey storey, CountsAs counts) {
        return storey.geometry().rooms().stream()
                .filter(r -> r.counts() == counts)
                .mapToDouble(Room::areaMm2)
                .sum();
    }

    /** All that counts as indoors, in mm². */
    double netMm2() {
        return storeys.stream().mapToDouble(StoreyArea::netMm2).sum();
    }

    /** The rows of the list, with what net and gross mean below them. */
    List<PlainRow> rows(UnitSystem units) {
        var out = new ArrayList<PlainRow>();
        if (storeys.size() > 1) {
            storeys.forEach(s -> out.add(row(s.name(), s.netMm2(), Typeface.REGULAR)));
        }
        out.add(row("Net indoors", netMm2(), Typeface.MEDIUM));
        if (!low.isFull()) {
            out.add(row(
                    "of it " + Headroom.belowLow(units).toLowerCase(Locale.ROOT), low.below1500(), Typeface.REGULAR));
            out.add(row("of it " + Headroom.belowFull(units), low.below2000(), Typeface.REGULAR));
        }
        var with = netMm2();
        for (var counts : List.of(CountsAs.LOW_HEADROOM, CountsAs.GARAGE, CountsAs.OUTDOOR)) {
            var mm2 = apart.getOrDefault(counts, 0.0);
            if (mm2 > 0) {
                with += mm2;
                out.add(row(counts.label(), mm2, Typeface.REGULAR));
                out.add(row("With " + counts.label().toLowerCase(Locale.ROOT), with, Typeface.REGULAR));
            }
        }
        out.add(row("Gross, outer faces", grossMm2, Typeface.MEDIUM));
        out.add(new PlainRow("Net: floors within inner faces", "", Typeface.REGULAR));
        out.add(new PlainRow("Gross: outer walls in, voids not", "", Typeface.REGULAR));
        return List.copyOf(out);
    }

    private static PlainRow row(String words, double mm2, Typeface face) {
        return new PlainRow(words, AreaText.both(mm2), face);
    }
}
