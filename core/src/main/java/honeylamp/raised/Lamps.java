package honeylamp.raised;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.lighting.Beam;
import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.lighting.LampPoint.Aim;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.Raised;
import honeylamp.plan.Wall;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What shines in a raised view. */
public final class Lamps {
    /** What hangs in the middle of rooms of plans that have no fittings yet. */
    private static final Emission HANGING = new Emission(900, 9, 360, 2700, Emission.Dimming.FULL);

    private static final Emission STANDING = new Emission(500, 6, 360, 2700, Emission.Dimming.FULL);
    private static final double BELOW_CEILING_MM = 500;

    /** Lamps shine from so far below their tops. */
    private static final double BELOW_TOP_MM = 120;

    private static final double FINE_MM = 100;

    private Lamps() {}

    /**
     * A point that shines.
     *
     * @param at in space, as the view shows it
     */
    public record Hung(SpacePoint at, Aim aim, Beam beam, int kelvin) {}

    /**
     * Those of the room that is seen, of the storey, or of all storeys as the view lifts them. On a storey without fittings
     * lamps that are pieces shine, and one in the middle of each room.
     */
    public static List<Hung> of(LaidView view, Raised subject, Predicate<Fitting> isOn) {
        var storey = view.storey();
        return switch (subject) {
            case Raised.Cutaway cutaway ->
                hung(storey, 0, isOn).stream()
                        .filter(l -> storey.geometry()
                                .roomAt(l.at.plan())
                                .equals(storey.geometry().room(cutaway.room())))
                        .toList();
            case Raised.WholeStorey _ -> hung(storey, 0, isOn);
            case Raised.Building building ->
                Looking.lifts(storey, building).stream()
                        .flatMap(l -> hung(l.storey(), l.byMm(), isOn).stream())
                        .toList();
            case Raised.RoofPlan _, Raised.Outside _, Raised.Section _, Raised.Inside _ ->
                storey.plan().all().stream()
                        .flatMap(s -> hung(s, 0, isOn).stream())
                        .toList();
        };
    }

    private static List<Hung> hung(LaidStorey storey, double byMm, Predicate<Fitting> isOn) {
        var floor = storey.storey().level().mm() + byMm;
        var geometry = storey.geometry();
        var isFitted =
                geometry.storey().fittings().stream().anyMatch(f -> f.kind().isLight() && f.stands());
        if (isFitted) {
            return LampPoint.on(geometry, isOn).stream()
                    .map(p -> new Hung(SpacePoint.of(p.at(), floor + p.heightMm()), p.aim(), p.beam(), p.kelvin()))
                    .toList();
        }
        return geometry.rooms().stream()
                .flatMap(r -> Stream.concat(
                        Stream.of(alone(
                                Regions.freestPoint(r.outline(), FINE_MM).centre(),
                                floor + storey.storey().height().mm() - BELOW_CEILING_MM,
                                HANGING)),
                        pieces(geometry, r, floor)))
                .toList();
    }

    private static Stream<Hung> pieces(StoreyGeometry geometry, Room room, double floor) {
        return geometry.furnishingsIn(room).stream()
                .filter(f -> f.works() != Wall.Works.REMOVED)
                .filter(f ->
                        Furnishings.of(f).filter(k -> k.group() == Group.LAMPS).isPresent())
                .map(f -> alone(f.at().point(), floor + f.top().mm() - BELOW_TOP_MM, STANDING));
    }

    private static Hung alone(Point at, double zMm, Emission light) {
        return new Hung(SpacePoint.of(at, zMm), Aim.DOWN, Beam.of(light, 1), light.kelvin());
    }
}
