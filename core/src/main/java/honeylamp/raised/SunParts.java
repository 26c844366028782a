package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Showing.Kind;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** What lies in shadow: what the eye sees and the light does not, worked out by looking from the light. */
public final class SunParts {
    private static final double LEAST_MM2 = 400;

    private SunParts() {}

    /**
     * The dark parts of the facets of a scene, in picture mm, by the number of the facet. Facets that look away from the light
     * are in their own shade, which their tone shows.
     *
     * @param parts what is seen of them
     * @param light towards it, at length one
     */
    public static Map<Integer, List<Outline>> of(Scene scene, List<SeenParts.Part> parts, SpacePoint light) {
        return of(scene, parts, light, () -> true).orElseThrow();
    }

    /** The same as long as somebody waits for it; empty if nobody does any more. */
    public static Optional<Map<Integer, List<Outline>>> of(
            Scene scene, List<SeenParts.Part> parts, SpacePoint light, BooleanSupplier wanted) {
        var fromLight = from(scene, light);
        var lit = new HashMap<Object, List<Outline>>();
        for (var part : SeenParts.of(fromLight, wanted).orElse(List.of())) {
            lit.put(new Same(fromLight.facet(part.facet())), part.parts());
        }
        var out = new LinkedHashMap<Integer, List<Outline>>();
        parts.parallelStream()
                .filter(_ -> wanted.getAsBoolean())
                .filter(p -> Scene.hides(scene.facets().get(p.facet())) && stands(scene.body(p.facet())))
                .filter(p -> fromLight.projection().sees(scene.facet(p.facet()).flat()))
                .map(p -> new SeenParts.Part(p.facet(), dark(scene, fromLight, p, lit)))
                .filter(p -> !p.parts().isEmpty())
                .toList()
                .forEach(p -> out.put(p.facet(), p.parts()));
        return wanted.getAsBoolean() ? Optional.of(out) : Optional.empty();
    }

    /** A scene as the light sees it. */
    static Scene from(Scene scene, SpacePoint light) {
        return new Scene(scene.bodies().stream().filter(SunParts::stands).toList(), looking(light));
    }

    /** Lamps hang from ceilings that mostly are not there, and plates are too thin: they throw no shadow by day. */
    private static boolean stands(Body body) {
        return body.kind() != Kind.FITTINGS;
    }

    /** Facets are told apart by which they are, not by what they are like. */
    private record Same(Facet facet) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Same other && other.facet == facet;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(facet);
        }
    }

    private static List<Outline> dark(
            Scene scene, Scene fromLight, SeenParts.Part part, Map<Object, List<Outline>> lit) {
        var facet = scene.facet(part.facet());
        // in the plane of the facet, where nothing lies behind the eye
        var toPicture = scene.projection().of(facet.flat());
        var fromPicture = toPicture.inverse();
        var fromItsLight = fromLight.projection().of(facet.flat()).inverse();
        var seen = part.parts().stream().map(o -> o.through(fromPicture)).toList();
        var bright = lit.getOrDefault(new Same(facet), List.of()).stream()
                .map(o -> o.through(fromItsLight))
                .toList();
        return Regions.difference(seen, bright).stream()
                .filter(o -> o.area() > LEAST_MM2)
                .map(o -> o.through(toPicture))
                .toList();
    }

    /** From the light, its picture upright. */
    private static Projection looking(SpacePoint light) {
        var right = Math.abs(light.z()) > 0.9999
                ? new SpacePoint(1, 0, 0)
                : SpacePoint.UP.cross(light).unit();
        return new Projection.Parallel(right, light.cross(right));
    }
}
