package honeylamp.illustrate.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.catalogue.Materials;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The colours and patterns bodies have in a look before any light falls on them. */
public final class BodyColours {
    private static final double CLEAR = 0.34;
    private static final double SCALE = 50;

    /** On which paper coverings are drawn flat: the frame of a facet lies at its corner. */
    public static final PaperFrame FLAT = PaperFrame.atOrigin(SCALE);

    private final LaidView view;
    private final FacetTones tones;
    private final Pens pens;
    private final FloorArt finishes;

    private BodyColours(LaidView view) {
        this.view = view;
        this.pens = Pens.of(view.look(), SCALE);
        this.tones = new FacetTones(pens, Toning.NONE, view.view().seen());
        this.finishes = new FloorArt(FLAT, pens, view.look().textureStrength());
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

    /** What covers a facet, flat on its paper, over all of the box around it; empty if it is plain. */
    public Optional<Drawing> covering(Body body, Facet facet) {
        if (view.look().textureStrength() == 0 || !view.view().seen().shows(Kind.FINISHES)) {
            return Optional.empty();
        }
        return facet.skin()
                .laid()
                .flatMap(laid -> Materials.of(laid.finish()).map(material -> {
                    var box = facet.outline().bounds();
                    var ground = new Mark.Fill(
                            FLAT.paper(Figure.ring(box.grown(SCALE).ring())), tones.of(body.kind(), facet));
                    var pattern = finishes.floor(facet.outline().path(), box, material, laid.finish(), laid.seed());
                    return new Drawing(List.of(Layer.of(LayerKind.FLOOR, List.of(ground, pattern))));
                }));
    }

    private static String name(Skin skin) {
        if (skin.isCut()) {
            return "Cut";
        }
        return skin.laid().map(l -> l.finish().material()).orElseGet(() -> {
            var word = skin.role().name().toLowerCase(Locale.ROOT).replace('_', ' ');
            return Character.toUpperCase(word.charAt(0)) + word.substring(1);
        });
    }
}
