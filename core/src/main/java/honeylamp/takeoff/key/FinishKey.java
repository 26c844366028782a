package honeylamp.takeoff.key;

import honeylamp.catalogue.Grounds;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.plan.Covering;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import honeylamp.takeoff.TileCount;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

    /** The lines of the key for walls that are seen from the front, with the pieces these walls take. */
    public static List<Entry> ofElevations(List<LaidView> views) {
        Map<Material, List<WallElevation.Covered>> by = new LinkedHashMap<>();
        for (var view : views) {
            if (view.view().subject() instanceof View.Subject.Front subject) {
                WallElevation.all(view.storey(), subject).stream()
                        .flatMap(w -> w.covered().stream())
                        .forEach(c -> c.surface()
                                .finish()
                                .flatMap(Materials::of)
                                .ifPresent(m -> by.computeIfAbsent(m, _ -> new ArrayList<>())
                                        .add(c)));
            }
        }
        return by.entrySet().stream()
                .map(e -> new Entry(e.getKey(), said(e.getKey(), e.getValue())))
                .toList();
    }

    /** How many pieces there are to order, and why. */
    private static List<String> said(Material material, List<WallElevation.Covered> covered) {
        var out = new ArrayList<String>();
        covered.stream()
                .map(WallElevation.Covered::surface)
                .flatMap(
                        s -> TileCount.of(
                                s.outline(),
                                material.laying(),
                                s.finish().orElseThrow(),
                                s.surface().host().seed())
                                .stream())
                .reduce(TileCount::plus)
                .ifPresent(count -> out.add(count.ordered() + " to order"));
        covered.stream()
                .flatMap(c -> c.surface().finish().stream())
                .map(Finish::reason)
                .filter(r -> !r.isBlank())
                .distinct()
                .forEach(out::add);
        return out;
    }

    private static Stream<Finish> finishes(LaidStorey laid) {
        var floors = laid.geometry().rooms().stream()
                .map(Room::mark)
                .flatMap(Optional::stream)
                .map(RoomMark::floor);
        var regions = laid.storey().regions().stream()
                .flatMap(r -> Surfaces.finish(laid.storey(), new Surface.OwnRegion(r.id())).stream());
        return Stream.of(floors, regions, smallOnes(laid)).flatMap(s -> s).flatMap(FinishKey::withBorders);
    }

    /** Each material once: floors of rooms, then regions on them, then balconies, then ground out of doors, storey by storey. */
    public static List<Material> of(List<LaidStorey> storeys) {
        return storeys.stream().flatMap(FinishKey::on).distinct().toList();
    }

    private static Stream<Material> on(LaidStorey laid) {
        var floors = laid.geometry().rooms().stream()
                .map(Room::mark)
                .flatMap(Optional::stream)
                .map(RoomMark::floor)
                .flatMap(FinishKey::withBorders)
                .flatMap(f -> Materials.of(f).stream());
        var smallOnes = smallOnes(laid).flatMap(f -> Materials.of(f).stream());
        return Stream.of(floors, regions(laid), smallOnes, balconies(laid.storey()), grounds(laid.storey()))
                .flatMap(s -> s);
    }

    private static Stream<Material> regions(LaidStorey laid) {
        return laid.storey().regions().stream()
                .filter(r -> r.on() instanceof Region.Floors
                        && !RegionPlaces.level(laid.geometry(), r).isEmpty())
                .flatMap(r -> Surfaces.finish(laid.storey(), new Surface.OwnRegion(r.id())).stream())
                .flatMap(FinishKey::withBorders)
                .flatMap(f -> Materials.of(f).stream());
    }

    /** A finish, and what lies in its borders. */
    private static Stream<Finish> withBorders(Finish finish) {
        return Stream.concat(
                Stream.of(finish),
                finish.courses().stream()
                        .map(c -> Finish.of(c.material())
                                .with(copy ->
                                        copy.laying(Optional.of(c.laying())).tone(c.tone()))));
    }

    /** What covers thresholds and counters. */
    private static Stream<Finish> smallOnes(LaidStorey laid) {
        return laid.storey().coverings().stream()
                .filter(c -> c.surface() instanceof Surface.Threshold || c.surface() instanceof Surface.Counter)
                .map(Covering::finish);
    }

    private static Stream<Material> balconies(Storey storey) {
        return storey.structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY))
                .flatMap(_ -> Materials.of(Materials.DECKING).stream());
    }

    /** A plot is a boundary and no surface. */
    private static Stream<Material> grounds(Storey storey) {
        return storey.grounds().stream()
                .filter(g -> g.use() != Ground.Use.PLOT)
                .map(g -> Surfaces.finish(storey, new Surface.Site(g.id()))
                        .flatMap(Materials::of)
                        .orElseGet(() -> Grounds.material(g.use())))
                .distinct();
    }
}
