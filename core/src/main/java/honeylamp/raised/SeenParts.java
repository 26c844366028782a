package honeylamp.raised;

import honeylamp.geometry.Box;
import honeylamp.geometry.Convex;
import honeylamp.geometry.HalfPlane;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * What is seen of each facet: its outline less those of the facets before it. Where two pass through each other each hides
 * the other on its side of the line in which they meet; of two in one plane the higher rank hides the lower.
 */
public final class SeenParts {
    /** What is nearer by less hides nothing. */
    static final double LEAST_BEFORE_MM = 0.6;

    /** Pixels of the picture that tells which facets to look at. */
    private static final int LONGER_PX = 1500;

    /** Facets narrower than so many pixels may lie between their middles. */
    private static final double THIN_PX = 2;

    /** Less is not worth looking at, in picture mm². */
    private static final double LEAST_MM2 = 0.5;

    private final Scene scene;
    private final List<SeenFacet> facets;

    private SeenParts(Scene scene) {
        this.scene = scene;
        this.facets = scene.facets();
    }

    /**
     * What is seen of a facet.
     *
     * @param facet its number among those of the scene that look to the eye
     * @param parts in picture mm
     */
    public record Part(int facet, List<Outline> parts) {}

    /** What is seen of all facets of a scene, in their order; those that are hidden are left out. */
    public static List<Part> of(Scene scene) {
        return of(scene, () -> true).orElseThrow();
    }

    /** The same as long as somebody waits for it; empty if nobody does any more. */
    public static Optional<List<Part>> of(Scene scene, BooleanSupplier wanted) {
        var seen = new SeenParts(scene);
        var box = scene.bounds();
        if (box.isEmpty()) {
            return Optional.of(List.of());
        }
        var buffer = new FacetBuffer(box.get(), LONGER_PX, scene.projection());
        buffer.draw(seen.facets);
        var thin = seen.thin(buffer.pixelMm());
        var out = IntStream.range(0, seen.facets.size())
                .parallel()
                .filter(_ -> wanted.getAsBoolean())
                .mapToObj(i -> new Part(i, seen.left(i, seen.before(i, buffer, thin))))
                .filter(p -> !p.parts.isEmpty())
                .toList();
        return wanted.getAsBoolean() ? Optional.of(out) : Optional.empty();
    }

    /** The same by comparing every facet with all whose boxes it meets, for checking. */
    static List<Part> byAllPairs(Scene scene) {
        var seen = new SeenParts(scene);
        return IntStream.range(0, seen.facets.size())
                .mapToObj(i ->
                        new Part(i, seen.left(i, scene.near(seen.facets.get(i).box()))))
                .filter(p -> !p.parts.isEmpty())
                .toList();
    }

    private BitSet thin(double pixelMm) {
        var out = new BitSet();
        for (var i = 0; i < facets.size(); i++) {
            var box = facets.get(i).box();
            var wide = facets.get(i).outline().area() / Math.max(1e-9, Math.hypot(box.width(), box.height()));
            if (wide < THIN_PX * pixelMm) {
                out.set(i);
            }
        }
        return out;
    }

    private List<Integer> before(int number, FacetBuffer buffer, BitSet thin) {
        var facet = facets.get(number);
        var found = new BitSet();
        var any = buffer.over(facet, found::set);
        if (!any || thin.get(number)) {
            return scene.near(facet.box());
        }
        for (var other : scene.near(facet.box())) {
            if (thin.get(other)) {
                found.set(other);
            }
        }
        return found.stream().boxed().toList();
    }

    private List<Outline> left(int number, List<Integer> before) {
        var facet = facets.get(number);
        var hiding = new ArrayList<Outline>();
        for (var other : before) {
            if (other != number && Scene.hides(facets.get(other))) {
                hiding.addAll(hiding(number, other));
            }
        }
        // the largest first: mostly little or nothing is left for the others
        hiding.sort(Comparator.comparingDouble(Outline::area).reversed());
        var left = List.of(facet.outline());
        for (var each : hiding) {
            if (left.isEmpty()) {
                break;
            }
            left = without(left, each);
        }
        return left;
    }

    private static List<Outline> without(List<Outline> all, Outline away) {
        var out = new ArrayList<Outline>();
        var convex = Convex.of(away);
        for (var each : all) {
            if (convex.filter(c -> c.holds(each.shell())).isPresent()) {
                continue;
            }
            if (each.bounds().meets(away.bounds())
                    && convex.filter(c -> c.isApart(each.shell())).isEmpty()) {
                for (var part : Regions.differenceOnGrid(each, away)) {
                    if (part.area() > LEAST_MM2) {
                        out.add(part);
                    }
                }
            } else {
                out.add(each);
            }
        }
        return out;
    }

    /** What of a facet lies before another, within the box they share. */
    private List<Outline> hiding(int number, int other) {
        var facet = facets.get(number);
        var before = facets.get(other);
        var shared = facet.box().shared(before.box());
        if (shared.isEmpty() || shared.get().width() <= 0 || shared.get().height() <= 0) {
            return List.of();
        }
        if (facet.isInPlaneOf(before)) {
            var byRank = Integer.compare(before.facet().rank(), facet.facet().rank());
            return byRank > 0 || byRank == 0 && other > number ? List.of(before.outline()) : List.of();
        }
        var box = shared.get().grown(1);
        var middle = box.centre();
        var least = scene.projection().shift(facet.slope().at(middle), LEAST_BEFORE_MM);
        var nearer = nearer(facet, before, box, Math.abs(least));
        return switch (nearer) {
            case NOWHERE -> List.of();
            case EVERYWHERE -> List.of(before.outline());
            case PARTLY ->
                HalfPlane.of(box, p -> before.slope().at(p) - facet.slope().at(p) - Math.abs(least))
                        .map(half -> within(before.outline(), half))
                        .orElse(List.of());
        };
    }

    private static List<Outline> within(Outline outline, Ring half) {
        return Convex.of(outline)
                .map(convex -> convex.within(half.counterClockwise()).stream().toList())
                .orElseGet(() -> Regions.intersection(List.of(outline), List.of(Outline.of(half))));
    }

    private enum Nearer {
        NOWHERE,
        PARTLY,
        EVERYWHERE
    }

    private static Nearer nearer(SeenFacet facet, SeenFacet before, Box box, double leastMm) {
        var any = false;
        var all = true;
        for (var p : box.ring().corners()) {
            var isNearer = before.slope().at(p) - facet.slope().at(p) > leastMm;
            any |= isNearer;
            all &= isNearer;
        }
        return all ? Nearer.EVERYWHERE : any ? Nearer.PARTLY : Nearer.NOWHERE;
    }
}
