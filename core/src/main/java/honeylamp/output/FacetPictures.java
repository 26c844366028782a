package honeylamp.output;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import honeylamp.geometry.space.Flat;
import honeylamp.illustrate.raised.BodyColours;
import honeylamp.illustrate.raised.SurfacePicture;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.plan.Look;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * Pictures of what covers the facets of raised views, painted once and kept for the next view of them: so that surfaces
 * have their patterns while a view is turned. May be asked by several threads.
 */
public final class FacetPictures implements SurfacePictures.Painted {
    /** Finer than this nobody looks at a floor while it turns, in mm to a pixel. */
    private static final double FINEST_MM = 7;

    private static final int MOST_PX = 900;
    private static final double LEAST_MM2 = 40_000;

    /** What pictures of one view take together, and those that are kept: about 64 and 128 MB. */
    private static final long MOST_IN_VIEW = 12_000_000;

    private static final long MOST_KEPT = 24_000_000;

    private final LinkedHashMap<Key, SurfacePicture> known = new LinkedHashMap<>(16, 0.75f, true);
    private long kept;

    /** None painted yet. */
    public FacetPictures() {}

    private record On(Flat flat, Box box, Skin.Laid laid) {
        static Optional<On> of(Facet facet) {
            return facet.skin()
                    .laid()
                    .map(laid -> new On(facet.flat(), facet.outline().bounds(), laid));
        }
    }

    private record Key(Look look, On on) {}

    private record Covered(Body body, Facet facet, On on) {
        double areaMm2() {
            return facet.outline().area();
        }
    }

    /**
     * Paints pictures for the bodies of a view, of the largest surfaces first, as many as have room.
     *
     * @param wanted whether anybody still waits for them: what is painted by then is kept
     * @return those that there are then
     */
    public SurfacePictures paint(LaidView view, List<Body> bodies, BooleanSupplier wanted) {
        var painting = new FlatPainting(BodyColours.of(view), FINEST_MM, MOST_PX, LEAST_MM2);
        var room = MOST_IN_VIEW;
        for (var each : covered(bodies)) {
            if (room <= 0 || !wanted.getAsBoolean()) {
                break;
            }
            room -= picture(painting, new Key(view.look(), each.on), each)
                    .map(SurfacePicture::pixels)
                    .orElse(0L);
        }
        return in(view.look());
    }

    @Override
    public SurfacePictures in(Look look) {
        return facet -> On.of(facet).flatMap(on -> known(new Key(look, on)));
    }

    private synchronized Optional<SurfacePicture> known(Key key) {
        return Optional.ofNullable(known.get(key));
    }

    private static List<Covered> covered(List<Body> bodies) {
        var out = new ArrayList<Covered>();
        for (var body : bodies) {
            for (var facet : body.facets()) {
                On.of(facet).ifPresent(on -> out.add(new Covered(body, facet, on)));
            }
        }
        out.sort(Comparator.comparingDouble(Covered::areaMm2).reversed());
        return out;
    }

    private Optional<SurfacePicture> picture(FlatPainting painting, Key key, Covered of) {
        var there = known(key);
        if (there.isPresent()) {
            return there;
        }
        var made = painting.of(of.body, of.facet).map(image -> new SurfacePicture(of.on.box, pixels(image)));
        made.ifPresent(picture -> keep(key, picture));
        return made;
    }

    private synchronized void keep(Key key, SurfacePicture picture) {
        if (known.put(key, picture) == null) {
            kept += picture.pixels();
        }
        var oldest = known.entrySet().iterator();
        while (kept > MOST_KEPT && oldest.hasNext()) {
            kept -= oldest.next().getValue().pixels();
            oldest.remove();
        }
    }

    private static Pixels pixels(BufferedImage image) {
        var w = image.getWidth();
        var h = image.getHeight();
        var argb = image.getRGB(0, 0, w, h, null, 0, w);
        return new Pixels(w, h, argb);
    }
}
