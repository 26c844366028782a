package honeylamp.takeoff;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** The finishes one sees on storeys, as the key of a sheet lists them. */
public final class FinishKey {
    private FinishKey() {}

    /**
     * A line of the key.
     *
     * @param reasons why it was chosen, as far as anybody said
     */
    public record Entry(Material material, List<String> reasons) {
        /** What it is, how it lies if not as usual, and why. */
        public String words() {
            var usual = Materials.of(material.key());
            var laid = usual.filter(
                            u -> !u.laying().pattern().equals(material.laying().pattern()))
                    .map(_ -> ", " + Patterns.label(material.laying().pattern()).toLowerCase(Locale.ROOT))
                    .orElse("");
            return material.label() + laid + (reasons.isEmpty() ? "" : ": " + String.join("; ", reasons));
        }
    }

    /** The lines of the key, each material as it is laid once, with all reasons for it. */
    public static List<Entry> entries(List<LaidStorey> storeys) {
        return of(storeys).stream()
                .map(m -> new Entry(
                        m,
                        storeys.stream()
                                .flatMap(FinishKey::finishes)
                                .filter(f -> Materials.of(f).filter(m::equals).isPresent())
                                .map(Finish::reason)
                                .filter(r -> !r.isBlank())
                                .distinct()
                                .toList()))
                .toList();
    }

    private static Stream<Finish> finishes(LaidStorey laid) {
        var floors = laid.geometry().rooms().stream()
                .map(Room::mark)
                .flatMap(Optional::stream)
                .map(RoomMark::floor);
        var regions = laid.storey().regions().stream()
                .flatMap(r -> Surfaces.finish(laid.storey(), new Surface.OwnRegion(r.id())).stream());
        return Stream.concat(floors, regions);
    }

    /** Each material once: floors of rooms, then regions on them, then balconies, then ground out of doors, storey by storey. */
    public static List<Material> of(List<LaidStorey> storeys) {
        return storeys.stream().flatMap(FinishKey::on).distinct().toList();
    }

    private static Stream<Material> on(LaidStorey laid) {
        var floors = laid.geometry().rooms().stream()
                .map(Room::mark)
                .flatMap(Optional::stream)
                .flatMap(m -> Materials.of(m.floor()).stream());
        return Stream.of(floors, regions(laid), balconies(laid.storey()), grounds(laid.storey()))
                .flatMap(s -> s);
    }

    private static Stream<Material> regions(LaidStorey laid) {
        return laid.storey().regions().stream()
                .filter(r -> r.on() instanceof Region.Floors
                        && !RegionPlaces.level(laid.geometry(), r).isEmpty())
                .flatMap(r -> Surfaces.finish(laid.storey(), new Surface.OwnRegion(r.id())).stream())
                .flatMap(f -> Materials.of(f).stream());
    }

    private static Stream<Material> balconies(Storey storey) {
        return storey.structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY))
                .flatMap(_ -> Materials.of(Materials.DECKING).stream());
    }

    /** A plot is a boundary and no surface. */
    private static Stream<Material> grounds(Storey storey) {
        return storey.grounds().stream()
                .map(Ground::use)
                .filter(use -> use != Ground.Use.PLOT)
                .distinct()
                .map(Grounds::material);
    }
}
