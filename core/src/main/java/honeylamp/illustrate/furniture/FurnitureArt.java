package honeylamp.illustrate.furniture;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.Counters;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SideView;
import honeylamp.catalogue.symbol.Symbol;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.Depth;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Detail;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import honeylamp.plan.Sense;
import honeylamp.plan.Stand;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** Draws furnishings from their symbols: rugs, standing pieces, things on top. */
public final class FurnitureArt {
    /** The outline of new pieces is so much bolder. */
    private static final double NEW_BOLDER = 1.7;

    /** So much crowns of trees hide of what lies below. */
    private static final double CANOPY_COVERS = 0.5;

    /** Of what lies on something this share of its height counts. */
    private static final double LYING = 0.25;

    /** What ends so little above the main top is part of it. */
    private static final double FLUSH_MM = 2;

    private final PaperFrame frame;
    private final Detail detail;
    private final Pens pens;
    private final Lamp lamp;
    private final Remembered remembered;
    private final Map<FurnishingId, Finish> counters;
    private final double strength;

    /** What the marks of a piece depend on beside it. */
    private static final int PIECES_PER_CURVE = 6;

    private record Drawn(SymbolShape.Level level, Lamp lamp, Optional<Finish> counter) {}

    /**
     * Draws with pens on paper.
     *
     * @param remembered what was drawn before on this paper, with these pens
     */
    public FurnitureArt(PaperFrame frame, Pens pens, Lamp lamp, Remembered remembered) {
        this(frame, pens, lamp, remembered, Map.of(), 0);
    }

    private FurnitureArt(
            PaperFrame frame,
            Pens pens,
            Lamp lamp,
            Remembered remembered,
            Map<FurnishingId, Finish> counters,
            double strength) {
        this.remembered = remembered;
        this.counters = counters;
        this.strength = strength;
        this.frame = frame;
        this.detail = new Detail(frame.scale());
        this.pens = pens;
        this.lamp = lamp;
    }

    /** The same for the pieces of a storey, whose counters may be covered; their pattern is seen so strongly. */
    public FurnitureArt covered(Storey storey, double textureStrength) {
        return new FurnitureArt(frame, pens, lamp, remembered, Counters.finishes(storey), textureStrength);
    }

    private record Covered(Material material, Finish finish) {}

    /** What covers the counter of a piece, if it is a material that is known. */
    private Optional<Covered> counter(Furnishing piece) {
        return Optional.ofNullable(counters.get(piece.id()))
                .flatMap(finish -> Materials.of(finish).map(material -> new Covered(material, finish)));
    }

    /** The colour a role has on a piece; empty if it is that of the look. */
    private Optional<Oklch> tone(Furnishing piece, Role role) {
        return (role == Role.COUNTER ? counter(piece) : Optional.<Covered>empty())
                .map(c -> c.material.in(pens.look()).as(c.finish).tone())
                .or(() -> piece.tone(role));
    }

    /** Pieces in the order in which they are drawn: what lies on something after what it may lie on. */
    public static List<Furnishing> lowestFirst(List<Furnishing> pieces) {
        return pieces.stream()
                .sorted(Comparator.comparingInt(Furnishing::order)
                        .thenComparing(Furnishing::bottom)
                        .thenComparing(Furnishing::height)
                        .thenComparing(Furnishing::id, ElementId.ORDER))
                .toList();
    }

    /** The marks of one level of all pieces, lower pieces first. */
    public List<Mark> marks(List<Furnishing> pieces, SymbolShape.Level level) {
        var out = new ArrayList<Mark>();
        for (var piece : lowestFirst(pieces)) {
            var drawn = new Drawn(level, lamp, Optional.ofNullable(counters.get(piece.id())));
            out.addAll(remembered.answerAbout(drawn, piece, () -> List.copyOf(marks(piece, level))));
        }
        return out;
    }

    /**
     * The marks of one level of all pieces as one sees them who looks down into a storey: each where its main top lies, with
     * its sides below, as far as its room lets it be seen.
     *
     * @param seen what of the paper a piece is seen in
     */
    public List<Mark> raised(
            List<Furnishing> pieces, SymbolShape.Level level, Depth depth, Function<Furnishing, Figure> seen) {
        var out = new ArrayList<Mark>();
        for (var piece : lowestFirst(pieces)) {
            var marks = raised(piece, level, depth);
            if (!marks.isEmpty()) {
                out.add(new Mark.Clip(seen.apply(piece), marks));
            }
        }
        return out;
    }

    private List<Mark> raised(Furnishing piece, SymbolShape.Level level, Depth depth) {
        if (level == SymbolShape.Level.FLOOR) {
            return marks(piece, level, depth.at(0));
        }
        var out = new ArrayList<Mark>();
        if (level == SymbolShape.Level.BODY) {
            sides(out, piece, depth);
        }
        out.addAll(marks(piece, level, depth.at(mainTopMm(piece))));
        if (level == SymbolShape.Level.BODY) {
            higherParts(out, piece, depth);
        }
        return out;
    }

    /** What of a piece stands higher than its main top, such as backs and arms of seats: drawn once more up there. */
    private void higherParts(List<Mark> out, Furnishing piece, Depth depth) {
        var main = mainTopMm(piece);
        var bottom = piece.bottom().mm();
        Furnishings.of(piece)
                .filter(k -> k.stand() != Stand.UNDERFOOT && k.stand() != Stand.ON_TOP)
                .ifPresent(kind -> kind.symbol(piece).bodies().stream()
                        .filter(b -> bottom + b.topMm() > main + FLUSH_MM)
                        .sorted(Comparator.comparingDouble(Symbol.Body::topMm))
                        .forEach(body -> {
                            side(out, piece, body, Math.max(main, bottom + body.bottomMm()), depth);
                            var there = depth.at(bottom + body.topMm());
                            var top = there.paper(Figure.ring(standing(piece, body)));
                            out.add(new Mark.Clip(top, marks(piece, SymbolShape.Level.BODY, there)));
                            out.add(new Mark.Stroke(top, pens.furnitureInner(), pens.furnitureInk()));
                        }));
    }

    /** The sides of a part that stands up, from a height above the floor to its top. */
    private void side(List<Mark> out, Furnishing piece, Symbol.Body body, double fromMm, Depth depth) {
        var hull = Figure.ring(
                depth.body(standing(piece, body), fromMm, piece.bottom().mm() + body.topMm()));
        out.add(new Mark.Fill(hull, side(piece, body.role())));
        out.add(new Mark.Stroke(hull, pens.furnitureInner(), pens.furnitureInk()));
    }

    /** How high the largest part of a piece ends: the seat of a sofa, the top of a table. */
    private static double mainTopMm(Furnishing piece) {
        var kind = Furnishings.of(piece);
        if (kind.filter(k -> k.stand() == Stand.ON_TOP).isPresent()) {
            return piece.bottom().mm() + LYING * piece.height().mm(); // most of it is near what it lies on
        }
        return kind.flatMap(k -> k.symbol(piece).bodies().stream()
                        .max(Comparator.comparingDouble((Symbol.Body b) ->
                                        Math.rint(b.footprint().area()))
                                .thenComparing(Symbol.Body::topMm)))
                .map(body -> piece.bottom().mm() + body.topMm())
                .orElseGet(() -> piece.top().mm());
    }

    /** What of a piece stands up below its main top, the lowest first. */
    private void sides(List<Mark> out, Furnishing piece, Depth depth) {
        var top = mainTopMm(piece);
        var bottom = piece.bottom().mm();
        Furnishings.of(piece)
                .filter(k -> k.stand() != Stand.UNDERFOOT)
                .ifPresent(kind -> kind.symbol(piece).bodies().stream()
                        .filter(b -> bottom + b.topMm() <= top + FLUSH_MM)
                        .sorted(Comparator.comparingDouble(Symbol.Body::topMm))
                        .forEach(body -> side(out, piece, body, bottom + body.bottomMm(), depth)));
    }

    /** Where a part that stands up stands, in plan mm: no wider than the piece is drawn from above, as a boat is. */
    private static Ring standing(Furnishing piece, Symbol.Body body) {
        var ring = body.footprint().through(piece.placing());
        var drawn = Furnishings.of(piece).stream()
                .flatMap(kind -> kind.symbol(piece).parts().stream())
                .filter(part -> part.level() == SymbolShape.Level.BODY
                        && part.edge() == SymbolShape.Edge.OUTLINE
                        && !part.path().isEmpty())
                .flatMap(part -> part.path().flattened(PIECES_PER_CURVE).corners().stream())
                .map(piece.placing()::apply)
                .toList();
        return drawn.size() < 3
                ? ring
                : Regions.intersection(List.of(Outline.of(ring)), List.of(Outline.of(Regions.hull(drawn)))).stream()
                        .map(Outline::shell)
                        .max(Comparator.comparingDouble(Ring::area))
                        .orElse(ring);
    }

    private Ink side(Furnishing piece, Role role) {
        var tone = tone(piece, role).orElseGet(() -> pens.colour(role));
        return pens.of(tone.lighter(-Depth.SIDE_DARKER));
    }

    private List<Mark> marks(Furnishing piece, SymbolShape.Level level) {
        return marks(piece, level, frame);
    }

    private List<Mark> marks(Furnishing piece, SymbolShape.Level level, PaperFrame there) {
        var out = new ArrayList<Mark>();
        Furnishings.of(piece).ifPresent(kind -> {
            var toPaper = piece.placing().then(there.toPaper());
            for (var part : kind.symbol(piece).parts()) {
                if (part.level() == level && detail.shows(part.detail())) {
                    part(out, piece, part, part.path().through(toPaper));
                    if (Counters.is(part)) {
                        laid(out, piece, part, there);
                    }
                }
            }
        });
        return out;
    }

    /** What covers a counter, over its tone and within its outline. */
    private void laid(List<Mark> out, Furnishing piece, SymbolShape part, PaperFrame there) {
        if (lamp == Lamp.DRAFT || piece.works() == Wall.Works.REMOVED) {
            return;
        }
        counter(piece).ifPresent(covered -> {
            var top = part.path().through(piece.placing());
            var finish = Counters.frame(piece, 0).inPlan(covered.finish);
            out.add(new FloorArt(there, pens, strength)
                    .floor(
                            top,
                            top.bounds(),
                            covered.material,
                            finish,
                            piece.id().seed()));
            out.add(new Mark.Stroke(there.paper(top), outline(piece), pens.furnitureInk()));
        });
    }

    /** The marks of a piece seen level from a side; its middle at the foot is where {@code toPaper} takes the origin. */
    public List<Mark> fromSide(Furnishing piece, SideView.From from, Affine toPaper) {
        var out = new ArrayList<Mark>();
        Furnishings.of(piece).ifPresent(kind -> {
            var isMirrored = piece.sense() == Sense.MIRRORED;
            var seen = isMirrored ? from.mirrored() : from;
            var there = (isMirrored ? Affine.scale(-1, 1) : Affine.IDENTITY).then(toPaper);
            for (var part : SideView.of(kind.symbol(piece), seen)) {
                if (detail.shows(part.detail())) {
                    drawn(out, piece, part, part.path().through(there));
                }
            }
        });
        return out;
    }

    /** The main tone of a piece from above at a point of the plan; empty beside it and where it is not filled. */
    public Optional<Ink> toneAt(Furnishing piece, Point p) {
        if (piece.works() == Wall.Works.REMOVED) {
            return Optional.empty();
        }
        var there = piece.placing().inverse().apply(p);
        return Furnishings.of(piece)
                .flatMap(kind -> kind.symbol(piece).parts().stream()
                        .filter(part -> part.paint() instanceof SymbolShape.Paint.Of
                                && detail.shows(part.detail())
                                && !isAside(part))
                        .sorted(Comparator.comparing(SymbolShape::level))
                        .filter(part -> part.path().bounds().contains(there)
                                && part.path().encloses(there, PIECES_PER_CURVE))
                        .flatMap(part -> part.paint() instanceof SymbolShape.Paint.Of(var tone)
                                ? Stream.of(tone)
                                : Stream.empty())
                        .reduce((_, last) -> last)
                        .map(tone -> fill(piece, tone)));
    }

    /** What hangs above, and small things that lie on a piece, are not its tone. */
    private static boolean isAside(SymbolShape part) {
        return part.level() == SymbolShape.Level.ABOVE
                || part.level() == SymbolShape.Level.CANOPY
                || part.level() == SymbolShape.Level.TOP && part.detail() != SymbolShape.Detail.PLAIN;
    }

    /** What hangs above, and what goes in the works, is seen as dashes, nothing of it filled. */
    private void part(List<Mark> out, Furnishing piece, SymbolShape part, Figure path) {
        if (part.level() == SymbolShape.Level.ABOVE || piece.works() == Wall.Works.REMOVED) {
            if (part.edge() == SymbolShape.Edge.OUTLINE) {
                out.add(new Mark.Stroke(path, pens.overhead(), pens.furnitureInk()));
            }
            return;
        }
        if (part.level() == SymbolShape.Level.CANOPY) {
            var leaves = new ArrayList<Mark>();
            drawn(leaves, piece, part, path);
            leaves.forEach(m -> out.add(m instanceof Mark.Fill(var area, var ink) ? seenThrough(area, ink) : m));
            return;
        }
        drawn(out, piece, part, path);
    }

    private static Mark seenThrough(Figure area, Ink ink) {
        return new Mark.Fill(area, ink.at(CANOPY_COVERS * ink.opacity()));
    }

    private void drawn(List<Mark> out, Furnishing piece, SymbolShape part, Figure path) {
        switch (part.paint()) {
            case SymbolShape.Paint.Of(var tone) -> out.add(new Mark.Fill(path, fill(piece, tone)));
            case SymbolShape.Paint.None() -> {}
        }
        switch (part.edge()) {
            case OUTLINE -> out.add(new Mark.Stroke(path, outline(piece), pens.furnitureInk()));
            case INNER -> out.add(new Mark.Stroke(path, pens.furnitureInner(), pens.innerInk()));
            case HIDDEN -> out.add(new Mark.Stroke(path, pens.overhead(), pens.furnitureInk()));
            case GRAIN -> {
                if (lamp != Lamp.DRAFT) {
                    out.add(new Mark.Stroke(path, pens.furnitureInner(), grainInk()));
                }
            }
            case NONE -> {}
        }
    }

    /** In draft, pieces are plain paper with bold lines. */
    private Ink fill(Furnishing piece, Role tone) {
        return lamp == Lamp.DRAFT
                ? pens.ink(Role.PAPER)
                : tone(piece, tone).map(pens::of).orElseGet(() -> pens.ink(tone));
    }

    /** What is new stands out by a bolder line. */
    private Pen outline(Furnishing piece) {
        var usual = pens.furniture();
        return piece.works() == Wall.Works.NEW
                ? new Pen(NEW_BOLDER * usual.widthMm(), usual.tip(), usual.dashMm())
                : usual;
    }

    private Ink grainInk() {
        return new Ink(pens.colour(Role.TIMBER_DARK).lighter(-0.06).argb(), 0.55);
    }
}
