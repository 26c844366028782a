package honeylamp.illustrate.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.derive.storeys.LaidView;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import java.util.Locale;

/** The colours bodies have in a look before any light falls on them. */
public final class BodyColours {
    private static final double CLEAR = 0.34;
    private static final double SCALE = 50;

    private final FacetTones tones;
    private final Pens pens;

    private BodyColours(LaidView view) {
        this.pens = Pens.of(view.look(), SCALE);
        this.tones = new FacetTones(pens, Toning.NONE, view.view().seen());
    }

    /** In the look of a view. */
    public static BodyColours of(LaidView view) {
        return new BodyColours(view);
    }

    /**
     * A colour and what it is the colour of.
     *
     * @param rgb as 0xRRGGBB
     * @param opacity from 0 to 1
     */
    public record Colour(String name, int rgb, double opacity) {}

    /** The colour of a facet. */
    public Colour of(Body body, Facet facet) {
        if (facet.skin().sort() == Skin.Sort.CLEAR) {
            return new Colour("Glass", pens.ink(Role.GLASS).rgb(), CLEAR);
        }
        return new Colour(name(facet.skin()), tones.of(body.kind(), facet).rgb(), 1);
    }

    private static String name(Skin skin) {
        if (skin.sort() == Skin.Sort.CUT) {
            return "Cut";
        }
        return skin.laid().map(l -> l.finish().material()).orElseGet(() -> {
            var word = skin.role().name().toLowerCase(Locale.ROOT).replace('_', ' ');
            return Character.toUpperCase(word.charAt(0)) + word.substring(1);
        });
    }
}
