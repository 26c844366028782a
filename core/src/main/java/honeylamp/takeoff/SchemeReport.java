package honeylamp.takeoff;

import honeylamp.derive.listing.Differing;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.schemes.SchemeDifferences;
import honeylamp.derive.schemes.SchemeDifferences.Difference;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Covering;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.takeoff.bought.ShoppingList;
import honeylamp.units.AreaText;
import honeylamp.units.Money;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * In what one arrangement of a plan differs from another, in words: what came, went, moved or changed, the areas of rooms
 * and what the pieces cost.
 *
 * @param lines what differs, storey by storey
 * @param areas the rooms that are not as large as before
 * @param costCents by how much the pieces cost more; less than nothing if they cost less
 */
public record SchemeReport(List<Line> lines, List<String> areas, long costCents) {
    /** Less than this is rounding, in mm². */
    private static final double SAME_AREA_MM2 = 5000;

    /** Freezes the lists. */
    public SchemeReport {
        lines = List.copyOf(lines);
        areas = List.copyOf(areas);
    }

    /**
     * Something that differs.
     *
     * @param of its id, if it is there to be picked
     */
    public record Line(StoreyId storey, Optional<ElementId> of, Differing kind, String words) {}

    /** What differs from one arrangement to another of the same plan. */
    public static SchemeReport of(LaidPlan before, LaidPlan now) {
        var lines = new ArrayList<Line>();
        var areas = new ArrayList<String>();
        var cents = 0L;
        for (var storey : now.all()) {
            var on = of(before.on(storey.id()), storey);
            lines.addAll(on.lines);
            areas.addAll(on.areas);
            cents += on.costCents;
        }
        return new SchemeReport(lines, areas, cents);
    }

    /** What differs from one arrangement of a storey to another. */
    public static SchemeReport of(LaidStorey before, LaidStorey now) {
        return new SchemeReport(
                SchemeDifferences.of(before, now).stream()
                        .map(d -> line(before, now, d))
                        .toList(),
                areas(before, now),
                cost(now) - cost(before));
    }

    private static Line line(LaidStorey before, LaidStorey now, Difference difference) {
        var there = difference.kind() == Differing.GONE ? before : now;
        var element = difference.element();
        var words = element instanceof Covering c
                ? "Finish: " + SurfaceNames.room(there, c.surface()) + ", " + SurfaceNames.part(there, c.surface())
                : Contents.of(there.plan().drawn(), there.geometry(), element.id())
                        .map(e -> e.name().isBlank() ? e.kind() : e.name())
                        .orElse("");
        return new Line(now.id(), difference.now().map(Element::id), difference.kind(), words);
    }

    private static List<String> areas(LaidStorey before, LaidStorey now) {
        var was = byName(before);
        var is = byName(now);
        var units = now.plan().units();
        var out = new ArrayList<String>();
        is.forEach((name, area) -> {
            var old = was.getOrDefault(name, 0.0);
            if (Math.abs(area - old) > SAME_AREA_MM2) {
                out.add(name + ": " + (was.containsKey(name) ? AreaText.rounded(old, units) : "not there") + " \u2192 "
                        + AreaText.rounded(area, units));
            }
        });
        was.forEach((name, area) -> {
            if (!is.containsKey(name)) {
                out.add(name + ": " + AreaText.rounded(area, units) + " \u2192 not there");
            }
        });
        return out;
    }

    private static Map<String, Double> byName(LaidStorey storey) {
        Map<String, Double> out = new LinkedHashMap<>();
        for (var room : storey.geometry().rooms()) {
            out.merge(name(room), room.areaMm2(), Double::sum);
        }
        return out;
    }

    private static String name(Room room) {
        return room.name().isBlank() ? "Room without a name" : room.name();
    }

    private static long cost(LaidStorey storey) {
        return ShoppingList.of(List.of(storey)).stream()
                .mapToLong(ShoppingList.Entry::costCents)
                .sum();
    }

    /** How many things differ in one way. */
    public long count(Differing kind) {
        return lines.stream().filter(l -> l.kind() == kind).count();
    }

    /** By how much the pieces cost more or less; empty if they cost the same. */
    public Optional<String> cost() {
        return costCents == 0
                ? Optional.empty()
                : Optional.of((costCents > 0 ? "+" : "\u2212") + Money.text(Math.abs(costCents)));
    }
}
