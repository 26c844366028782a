package honeylamp.illustrate.elevation;

import honeylamp.derive.listing.PartBefore;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.listing.WallElevation.Covered;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Region;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Surface;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiConsumer;

/** What throws a shadow on a wall that is seen from the front: what stands before it, what is built out, its openings. */
record FrontShadow(LaidView view, WallElevation wall, PaperFrame frame, Pens pens) {
    /** How dark shadows are at full strength. */
    private static final double SHADOW = 0.42;

    private static final double MOST_SHADOW_MM = 450;
    private static final double MOST_REVEAL_MM = 120;

    /**
     * Shadows as drawings of walls have them: light falls from the upper left and from before at 45 degrees, so that what
     * stands out by so much throws a shadow as far to the right and down.
     */
    List<Mark> marks() {
        var out = new ArrayList<Mark>();
        var face = Figure.ring(wall.tops().face());
        if (view.view().seen().shows(Kind.FIXED_PARTS)) {
            shadow(
                    out,
                    face,
                    PartBefore.of(view.storey(), wall, (View.Subject.Front)
                                    view.view().subject())
                            .stream()
                            .filter(p -> p.fill() == PartBefore.Fill.WHOLE)
                            .map(p -> Outline.of(thrown(p.box(), p.awayMm(), Math.min(MOST_SHADOW_MM, p.frontMm()))))
                            .toList());
        }
        if (view.view().seen().shows(Kind.FURNITURE)) {
            var parts = new ArrayList<Outline>();
            for (var before : wall.before()) {
                if (!ElevationArt.isFlat(before)) {
                    parts.add(Outline.of(
                            thrown(before.box(), before.awayMm(), Math.min(MOST_SHADOW_MM, before.frontMm()))));
                }
            }
            shadow(out, face, parts);
        }
        deepRegions((each, region) -> {
            var deep = region.raised().mm();
            for (var part : each.surface().outline()) {
                var ring = ElevationArt.moved(part, each.fromMm());
                if (region.isNiche()) {
                    var by = Math.min(MOST_REVEAL_MM, -deep);
                    var lit = ring.through(Affine.move(by, -by));
                    shadow(out, Figure.ring(ring.shell()), Regions.difference(List.of(ring), List.of(lit)));
                } else {
                    var parts = Regions.difference(
                            List.of(Outline.of(thrown(ring.bounds(), 0, Math.min(MOST_SHADOW_MM, deep)))),
                            List.of(ring));
                    shadow(out, face, parts);
                }
            }
        });
        if (view.view().seen().shows(Kind.OPENINGS)) {
            for (var hole : wall.holes()) {
                var ring = OpeningShape.of(hole.cut().opening().kind(), hole.box());
                var deep = Math.min(MOST_REVEAL_MM, hole.cut().thicknessMm() / 2);
                var lit = Outline.of(ring.through(Affine.move(deep, -deep)));
                shadow(out, Figure.ring(ring), Regions.difference(List.of(Outline.of(ring)), List.of(lit)));
            }
        }
        return out;
    }

    /** Tells of the niches in the wall, and of what of it is built out. */
    void deepRegions(BiConsumer<Covered, Region> each) {
        for (var covered : wall.covered()) {
            if (covered.surface().surface() instanceof Surface.OwnRegion(var id)) {
                view.storey()
                        .storey()
                        .elements()
                        .find(Region.class, id)
                        .filter(Region::isDeep)
                        .ifPresent(region -> each.accept(covered, region));
            }
        }
    }

    private void shadow(List<Mark> out, Figure within, List<Outline> parts) {
        if (parts.isEmpty()) {
            return;
        }
        var path = Figure.builder();
        Regions.union(parts).forEach(o -> path.path(o.path()));
        var ink = new Ink(pens.colour(Role.SHADOW).argb(), SHADOW * view.look().castShadow());
        out.add(new Mark.Clip(frame.paper(within), List.of(new Mark.Fill(frame.paper(path.build()), ink))));
    }

    /** A box swept to the right and down between two distances. */
    private static Ring thrown(Box box, double from, double to) {
        return new Ring(List.of(
                new Point(box.minX() + from, box.minY() - from),
                new Point(box.minX() + to, box.minY() - to),
                new Point(box.maxX() + to, box.minY() - to),
                new Point(box.maxX() + to, box.maxY() - to),
                new Point(box.maxX() + from, box.maxY() - from),
                new Point(box.minX() + from, box.maxY() - from)));
    }
}
