package honeylamp.raised;

import honeylamp.body.Facet;
import honeylamp.geometry.Projective;
import honeylamp.geometry.space.SpacePoint;
import java.util.Arrays;
import java.util.IdentityHashMap;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Where the sun does not come, told place by place from a picture of what is nearest to it: as {@link SunParts}, only as
 * fine as the pixels of that picture, and much sooner.
 */
public final class SunBuffer {
    private final FacetBuffer buffer;
    private final int[] there;
    private final @Nullable Projective[] toLight;

    private SunBuffer(FacetBuffer buffer, int[] there, @Nullable Projective[] toLight) {
        this.buffer = buffer;
        this.there = there;
        this.toLight = toLight;
    }

    /**
     * What lies in the light of a scene; empty if there is nothing in it.
     *
     * @param light towards it, at length one
     * @param longerPx so many pixels has the longer side of the picture from there
     */
    public static Optional<SunBuffer> of(Scene scene, SpacePoint light, int longerPx) {
        var fromLight = SunParts.from(scene, light);
        return fromLight.bounds().map(box -> {
            var buffer = new FacetBuffer(box, longerPx, fromLight.projection());
            buffer.draw(fromLight.facets());
            var numbers = new IdentityHashMap<Facet, Integer>();
            for (var i = 0; i < fromLight.count(); i++) {
                numbers.put(fromLight.facet(i), i);
            }
            var there = new int[scene.count()];
            Arrays.setAll(there, i -> numbers.getOrDefault(scene.facet(i), FacetBuffer.NONE));
            var toLight = new @Nullable Projective[scene.count()];
            IntStream.range(0, there.length)
                    .parallel()
                    .filter(i -> there[i] != FacetBuffer.NONE)
                    .forEach(i -> toLight[i] = scene.toFrame(i)
                            .then(fromLight.projection().of(scene.facet(i).flat())));
            return new SunBuffer(buffer, there, toLight);
        });
    }

    /** Whether a facet looks to the light: what looks away is in its own shade, which its tone shows. */
    public boolean looksToLight(int facet) {
        return there[facet] != FacetBuffer.NONE;
    }

    /**
     * Whether the light does not come to a place of a facet that looks to it; never of one that looks away.
     *
     * @param x in picture mm, as y
     */
    public boolean isDark(int facet, double x, double y) {
        var to = toLight[facet];
        if (to == null) {
            return false;
        }
        var by = 1 / (to.g() * x + to.h() * y + to.i());
        return !buffer.isAt(
                there[facet], (to.a() * x + to.b() * y + to.c()) * by, (to.d() * x + to.e() * y + to.f()) * by);
    }
}
