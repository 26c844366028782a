package honeylamp.illustrate.raised;

import honeylamp.body.Facet;
import honeylamp.catalogue.Materials;
import honeylamp.drawing.ink.Ink;
import honeylamp.illustrate.pen.Fading;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;

/** The colours facets are seen in. */
final class FacetTones {
    /** Walls nobody painted: as walls from the front. */
    private static final double PLASTER_LIGHTER = 0.03;

    /** Darker paper is no measure of how warm a wall is. */
    private static final double DARK_PAPER = 0.6;

    private final Pens pens;
    private final Toning toning;
    private final Showing showing;

    FacetTones(Pens pens, Toning toning, Showing showing) {
        this.pens = pens;
        this.toning = toning;
        this.showing = showing;
    }

    /** The colour of a facet of a kind of thing; where it is covered, as the covering looks from afar. */
    Ink of(Kind kind, Facet facet) {
        var skin = facet.skin();
        if (skin.isCut()) {
            return faint(kind, pens.ink(skin.role()));
        }
        Oklch own = skin.laid()
                .filter(_ -> showing.shows(Kind.FINISHES))
                .flatMap(l -> Materials.of(l.finish())
                        .map(m -> m.in(pens.look()).as(l.finish()).tone()))
                .or(skin::own)
                .orElseGet(() -> skin.role() == Role.WALL_SIDE ? plaster() : pens.colour(skin.role()));
        var seen = toning.seen(own, facet.normal());
        var isCovered = skin.laid().isPresent() && showing.shows(Kind.FINISHES);
        return faint(kind, isCovered ? pens.surface(seen) : pens.of(seen));
    }

    /** As light as bare floors, and as warm as the paper. */
    private Oklch plaster() {
        var bare = pens.colour(Role.BARE_FLOOR);
        var paper = pens.colour(Role.PAPER).lightness() < DARK_PAPER ? bare : pens.colour(Role.PAPER);
        return new Oklch(
                Math.min(1, bare.lightness() + PLASTER_LIGHTER),
                Math.max(bare.chroma(), paper.chroma()),
                paper.hueDeg());
    }

    /** An ink, or what is left of it where its kind is shown faintly. */
    Ink faint(Kind kind, Ink ink) {
        return showing.of(kind) == Showing.Degree.FADED ? Fading.of(ink, pens.colour(Role.PAPER)) : ink;
    }
}
