package honeylamp.derive.snags;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.geometry.Point;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.Comparator;
import java.util.Optional;

/**
 * Why a place lies in no room.
 *
 * @param where the place to look at: the nearest end of a wall that meets nothing, if there is one
 * @param sentence what is missing and what to do
 */
public record WhyNoRoom(Optional<Point> where, String sentence) {
    /** The reason for a place; empty if it lies in a room. */
    public static Optional<WhyNoRoom> at(StoreyGeometry geometry, Point p, UnitSystem units) {
        if (geometry.roomAt(p).isPresent()) {
            return Optional.empty();
        }
        if (geometry.network().poche().stream().anyMatch(o -> o.contains(p))) {
            return Optional.of(new WhyNoRoom(Optional.empty(), "This is a wall. Click the space beside it."));
        }
        return Optional.of(geometry.network().openEnds().stream()
                .min(Comparator.comparingDouble(e -> e.at().distance(p)))
                .map(end -> open(geometry, end, units))
                .orElseGet(() -> new WhyNoRoom(
                        Optional.empty(),
                        "This lies outside all walls. Draw boundaries around it to make it a space of its own.")));
    }

    private static WhyNoRoom open(StoreyGeometry geometry, WallNetwork.OpenEnd end, UnitSystem units) {
        var gap = geometry.network().openEnds().stream()
                .filter(o -> o != end)
                .mapToDouble(o -> o.at().distance(end.at()))
                .min();
        var words = gap.isPresent()
                ? "; the next open end is " + LengthText.roundedWithUnit(Length.ofMm(gap.getAsDouble()), units)
                        + " away"
                : "";
        return new WhyNoRoom(
                Optional.of(end.at()),
                "This is no room: the walls around it do not close. The nearest wall end that meets nothing is marked"
                        + words + ". Close it with a wall or a boundary.");
    }
}
