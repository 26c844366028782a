package honeylamp.illustrate.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.DrawnByHand;
import honeylamp.illustrate.pen.Fading;
import honeylamp.illustrate.pen.Markered;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.pen.SeenPens;
import honeylamp.illustrate.pen.Washed;
import honeylamp.plan.ElementId;
import honeylamp.plan.Light;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;
import honeylamp.raised.CornerParts;
import honeylamp.raised.KeptBodies;
import honeylamp.raised.Looking;
import honeylamp.raised.Scene;
import honeylamp.raised.SeenLines;
import honeylamp.raised.SeenLines.SeenLine;
import honeylamp.raised.SeenParts;
import honeylamp.raised.SeenSpots;
import honeylamp.raised.SunParts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/** Draws what is seen raised: surfaces in their colours and patterns, shade, and lines by what they are lines of. */
public final class RaisedArt {
    /** Fills reach so far over the seams between them, in paper mm. */
    private static final double SEAM_MM = 0.08;

    /** How much of what lies behind panes hide. */
    private static final double GLASS = 0.34;

    /** How much of what lies behind near walls they hide that are seen through. */
    private static final double FILM = 0.14;

    /** A surface that is no larger both ways a hand fills evenly. */
    private static final double LEAST_FILLED_MM = 4;

    /** Layers of walls narrower on paper are not told apart. */
    private static final double LEAST_LAYER_MM = 0.35;

    /** Light falls from the upper left, on paper, y down. */
    private static final Point FALL = new Point(1, 1).unit();

    /** Of more facets surfaces are not worked out one by one. */
    private static final int MOST_FACETS = 7000;

    private static final int UNDER_LINES_PX = 2600;

    /** So many pixels are enough on a screen. */
    private static final int ON_SCREEN_PX = 1280;

    private final LaidView view;
    private final Raised subject;
    private final Known known;
    private final Scene scene;
    private final PaperFrame frame;
    private final Pens pens;
    private final Lamp lamp;
    private final Optional<Mark> soft;
    private final Toning toning;
    private final FacetTones tones;
    private final Showing showing;
    private final FloorArt finishes;

    /** What is known of a view whatever it is drawn with. */
    private record Known(AboutScene about, List<Object> on, Scene scene, List<SeenLine> lines, Remembered remembered) {
        Map<ElementId, SeenSpots.Spot> spots(Set<ElementId> things) {
            return remembered.answerOf(new AboutSpots(about, things), on, () -> SeenSpots.of(scene, things));
        }
    }

    private RaisedArt(LaidView view, Raised subject, Known known, PaperFrame frame, Lamp lamp, Optional<Mark> soft) {
        this.known = known;
        this.soft = soft;
        this.subject = subject;
        this.view = view;
        this.scene = known.scene;
        this.frame = frame;
        this.lamp = lamp;
        this.pens = Pens.of(view.look(), frame.scale());
        this.toning = soft.isPresent() ? Toning.NONE : Toning.of(view.view().light(), subject.eye());
        this.showing = view.view().seen();
        this.tones = new FacetTones(pens, toning, showing);
        this.finishes = new FloorArt(
                PaperFrame.atOrigin(frame.scale()),
                pens,
                view.look().textureStrength(),
                known.remembered.within(this.pens));
    }

    private record AboutScene(Raised subject, Set<Kind> hidden, double livedIn) {}

    private record AboutSpots(AboutScene scene, Set<ElementId> things) {}

    private record AboutLines(AboutScene scene) {}

    private record AboutExact(AboutScene scene, Optional<Light> sun, boolean hasCorners) {}

    /** The picture of a raised view; nothing if what it shows is gone. */
    public static Drawing of(LaidView view, Raised subject, PaperFrame frame, Lamp lamp, Remembered remembered) {
        var looking = Looking.of(view, subject);
        if (looking.isEmpty()) {
            return new Drawing(List.of());
        }
        var asked =
                new AboutScene(subject, view.view().seen().hidden(), view.view().livedIn());
        var on = KeptBodies.built(view);
        KeptBodies kept = remembered.answer(KeptBodies.class, KeptBodies::new);
        Scene scene = remembered.answerOf(asked, on, () -> Looking.scene(view, subject, looking.get(), kept));
        List<SeenLine> lines = remembered.answerOf(new AboutLines(asked), on, () -> SeenLines.of(scene));
        var known = new Known(asked, on, scene, lines, remembered);
        var drawing = scene.count() > MOST_FACETS
                ? pixels(view, subject, known, frame, lamp, UNDER_LINES_PX)
                : worked(view, subject, known, frame, lamp);
        return scene.framed()
                .map(box -> drawing.clipped(frame.paper(Figure.ring(box.ring()))))
                .orElse(drawing);
    }

    /** Worked out exactly, or as pixels as long as it is not. */
    private static Drawing worked(LaidView view, Raised subject, Known known, PaperFrame frame, Lamp lamp) {
        // the sun does not come in through what is cut
        var isSunny = lamp == Lamp.LIT && view.look().castShadow() > 0 && !(subject instanceof Raised.Section);
        var hasCorners = lamp == Lamp.LIT && view.look().cornerShade() > 0;
        var about =
                new AboutExact(known.about, isSunny ? Optional.of(view.view().light()) : Optional.empty(), hasCorners);
        return known.remembered
                .<Exact>laterAnswerOf(about, known.on, (_, wanted) -> Exact.of(known.scene, subject, about, wanted))
                .map(exact -> exact(view, subject, known, frame, lamp, exact))
                .orElseGet(() -> pixels(view, subject, known, frame, lamp, ON_SCREEN_PX));
    }

    /**
     * What is worked out exactly.
     *
     * @param dark where the sun does not come, by facets
     */
    private record Exact(List<SeenParts.Part> parts, Map<Integer, List<Outline>> dark, List<CornerParts.Step> corners) {
        Exact unshaded() {
            return new Exact(parts, Map.of(), List.of());
        }

        static Optional<Exact> of(Scene scene, Raised subject, AboutExact about, BooleanSupplier wanted) {
            var parts = SeenParts.of(scene, wanted);
            var dark = parts.flatMap(seen -> about.sun
                    .map(light -> SunParts.of(scene, seen, Toning.sun(light, subject), wanted))
                    .orElse(Optional.of(Map.of())));
            return parts.flatMap(seen ->
                    dark.map(d -> new Exact(seen, d, about.hasCorners ? CornerParts.of(scene, seen) : List.of())));
        }
    }

    private static Drawing exact(LaidView view, Raised subject, Known known, PaperFrame frame, Lamp lamp, Exact exact) {
        Optional<Mark> soft = lamp == Lamp.LIT && SoftLight.isIn(view)
                ? SoftLight.of(view, subject, known.scene, exact.parts, frame, known.about, known.on, known.remembered)
                : Optional.empty();
        var art = new RaisedArt(view, subject, known, frame, lamp, soft);
        return art.drawing(soft.isPresent() ? exact.unshaded() : exact);
    }

    /**
     * Surfaces and shade as a picture of pixels under the lines: until they are worked out, and for good of very many
     * bodies, where that would take minutes.
     */
    private static Drawing pixels(
            LaidView view, Raised subject, Known known, PaperFrame frame, Lamp lamp, int longerPx) {
        var art = new RaisedArt(view, subject, known, frame, lamp, Optional.empty());
        var layers = new ArrayList<>(art.lines(known.lines));
        if (lamp != Lamp.DRAFT) {
            var pictures = known.remembered
                    .tool(SurfacePictures.Painted.class)
                    .map(p -> p.in(view.look()))
                    .orElse(SurfacePictures.NONE);
            layers.add(Layer.of(
                    LayerKind.FACES,
                    QuickPicture.surfaces(view, known.scene, subject, frame, pictures, lamp == Lamp.LIT, longerPx)));
        }
        layers.addAll(art.words());
        return new Drawing(layers);
    }

    private Drawing drawing(Exact exact) {
        var fills = new Fills();
        var glass = new ArrayList<Mark>();
        for (var part : exact.parts) {
            var facet = scene.facet(part.facet());
            var kind = scene.body(part.facet()).kind();
            if (facet.skin().sort() == Skin.Sort.CLEAR) {
                var isPane = facet.skin().role() == Role.GLASS;
                glass.add(new Mark.Fill(
                        paper(part.parts()),
                        isPane
                                ? pens.ink(Role.GLASS).at(GLASS)
                                : pens.ink(Role.PAPER).at(FILM)));
            } else {
                fill(fills, layer(kind), kind, facet, part);
            }
        }
        var layers = new ArrayList<Layer>();
        fills.marks().forEach((layer, marks) -> layers.add(Layer.of(layer, marks)));
        if (!glass.isEmpty() && lamp != Lamp.DRAFT) {
            layers.add(Layer.of(LayerKind.FURNITURE, glass));
        }
        layers.addAll(new RaisedShade(view, subject, frame, pens).layers(exact.parts, exact.dark, exact.corners));
        soft.ifPresent(light -> layers.add(new Layer(LayerKind.TOP_SHADOW, Blend.MULTIPLY, List.of(light))));
        layers.addAll(lines(known.lines));
        layers.addAll(words());
        return new Drawing(layers);
    }

    /** What is written beside and along a view. */
    private List<Layer> words() {
        var out = new ArrayList<Layer>();
        var words = new SquareWords(view, frame, pens).of(scene);
        if (!words.isEmpty()) {
            out.add(Layer.of(LayerKind.DIMENSIONS, words));
        }
        var names = new SideLabels(view, frame, pens).of(scene, subject, known::spots);
        if (!names.isEmpty()) {
            out.add(Layer.of(LayerKind.LABELS, names));
        }
        return out;
    }

    private static LayerKind layer(Kind kind) {
        return switch (kind) {
            case GROUND -> LayerKind.GROUND;
            case FINISHES -> LayerKind.FLOOR;
            case FURNITURE -> LayerKind.FURNITURE;
            case FIXED_PARTS,
                    WALLS,
                    OPENINGS,
                    OVERHEAD,
                    CROWNS,
                    FITTINGS,
                    ACTIVITIES,
                    DIMENSIONS,
                    ROOM_NAMES,
                    NOTES,
                    TAGS -> LayerKind.FACES;
        };
    }

    /** Fills of one colour in one path each, by layer. */
    private static final class Fills {
        private final Map<LayerKind, Map<Ink, Figure.Builder>> plain = new LinkedHashMap<>();
        private final Map<LayerKind, List<Mark>> patterned = new LinkedHashMap<>();

        void plain(LayerKind layer, Ink ink, Figure path) {
            plain.computeIfAbsent(layer, _ -> new LinkedHashMap<>())
                    .computeIfAbsent(ink, _ -> Figure.builder())
                    .path(path);
        }

        void patterned(LayerKind layer, Mark mark) {
            patterned.computeIfAbsent(layer, _ -> new ArrayList<>()).add(mark);
        }

        Map<LayerKind, List<Mark>> marks() {
            var out = new LinkedHashMap<LayerKind, List<Mark>>();
            plain.forEach((layer, paths) -> paths.forEach((ink, builder) -> {
                var path = builder.build();
                var marks = out.computeIfAbsent(layer, _ -> new ArrayList<>());
                marks.add(new Mark.Fill(path, ink));
                marks.add(new Mark.Stroke(path, Pen.round(SEAM_MM), ink));
            }));
            patterned.forEach((layer, marks) ->
                    out.computeIfAbsent(layer, _ -> new ArrayList<>()).addAll(marks));
            return out;
        }
    }

    private void fill(Fills fills, LayerKind layer, Kind kind, Facet facet, SeenParts.Part part) {
        var path = paper(part.parts());
        if (path.isEmpty()) {
            return;
        }
        if (lamp == Lamp.DRAFT) {
            fills.plain(layer, facet.skin().isCut() ? tones.of(kind, facet) : pens.ink(Role.PAPER), path);
            return;
        }
        var laid = facet.skin().laid().filter(_ -> showing.shows(Kind.FINISHES));
        var material = laid.flatMap(l -> Materials.of(l.finish()));
        var ink = isTooThin(facet, part) ? tones.faint(kind, pens.ink(Role.POCHE)) : tones.of(kind, facet);
        fills.plain(layer, ink, path);
        var pattern = laid.flatMap(l -> material.flatMap(m -> pattern(facet, l, m, path)));
        pattern.ifPresent(mark -> fills.patterned(layer, mark));
        if (!facet.skin().isCut()) {
            hand(kind, path, ink, pattern.isPresent()).forEach(mark -> fills.patterned(layer, mark));
        }
    }

    /** Layers that would be finer than what is drawn are as dark as the rest of the cut. */
    private boolean isTooThin(Facet facet, SeenParts.Part part) {
        if (facet.skin().sort() != Skin.Sort.LAYER) {
            return false;
        }
        var area = part.parts().stream().mapToDouble(Outline::area).sum();
        var round = part.parts().stream()
                .flatMap(Outline::rings)
                .mapToDouble(Ring::perimeter)
                .sum();
        return 2 * area < frame.planMm(LEAST_LAYER_MM) * round; // a strip's width is twice its area by its outline
    }

    /** A surface as the hand of the look fills it, over its even colour; nothing of one too small for that. */
    private List<Mark> hand(Kind kind, Figure path, Ink ink, boolean isPatterned) {
        List<Mark> fill = List.of(new Mark.Fill(path, ink));
        var paper = pens.ink(Role.PAPER);
        List<Mark> filled = switch (view.look().shading()) {
            case WASHED -> isPatterned ? List.of(new Mark.Clip(path, Washed.rims(path, ink))) : Washed.of(fill, paper);
            case BROAD -> kind == Kind.FURNITURE ? Markered.of(fill, paper, FALL) : List.of();
            case SOFT, LAMPS, HATCHED -> List.of();
        };
        var box = path.bounds();
        return Math.min(box.width(), box.height()) < LEAST_FILLED_MM
                ? List.of()
                : filled.stream().filter(Mark.Clip.class::isInstance).toList();
    }

    /** The pattern of what covers a facet, where it is seen, in the light that falls on it. */
    private Optional<Mark> pattern(Facet facet, Skin.Laid laid, Material material, Figure seen) {
        if (view.look().textureStrength() == 0) {
            return Optional.empty();
        }
        var shape = facet.outline().path();
        var flat = finishes.floor(shape, facet.outline().bounds(), material, laid.finish(), laid.seed());
        var onto = new Onto(onto(facet));
        // it is cut to what is seen of the facet, so that its own clip is not needed
        var marks = new ArrayList<>(onto.of(flat instanceof Mark.Clip(var _, var inside) ? inside : List.of(flat)));
        var dim = 1 - toning.share(facet.normal());
        if (dim > 0) {
            marks.add(new Mark.Fill(seen, new Ink(pens.ink(Role.INK).rgb(), dim)));
        }
        return Optional.of(new Mark.Clip(seen, marks));
    }

    /** From paper on which a facet lies flat to where it is seen on this paper. */
    private Projective onto(Facet facet) {
        var fromFlatPaper = PaperFrame.atOrigin(frame.scale()).toPaper().inverse();
        return Projective.of(fromFlatPaper)
                .then(scene.projection().of(facet.flat()))
                .then(frame.toPaper());
    }

    private Figure paper(List<Outline> parts) {
        return RaisedShade.paper(frame, parts);
    }

    private record LineOf(LayerKind layer, Pen pen, Ink ink) {}

    private List<Layer> lines(List<SeenLine> lines) {
        var paths = new LinkedHashMap<LineOf, Figure.Builder>();
        for (var line : lines) {
            var body = scene.bodies().get(line.body());
            paths.computeIfAbsent(lineOf(body, line.sort()), _ -> Figure.builder())
                    .line(frame.paper(line.line().a()), frame.paper(line.line().b()));
        }
        var marks = new LinkedHashMap<LayerKind, List<Mark>>();
        paths.forEach((of, path) -> marks.computeIfAbsent(of.layer, _ -> new ArrayList<>())
                .add(new Mark.Stroke(path.build(), of.pen, of.ink)));
        var out = new ArrayList<Layer>();
        marks.forEach((layer, all) -> out.add(Layer.of(
                layer, DrawnByHand.of(all, view.look().drafting().unsteadyMm(), DrawnByHand.Lines.ONCE, frame))));
        return out;
    }

    private LineOf lineOf(Body body, SeenLines.Sort sort) {
        var kind = body.kind();
        var layer = switch (kind) {
            case FURNITURE -> LayerKind.TOPS;
            case OPENINGS -> LayerKind.OPENINGS;
            case WALLS -> LayerKind.POCHE;
            case GROUND,
                    FINISHES,
                    FIXED_PARTS,
                    OVERHEAD,
                    CROWNS,
                    FITTINGS,
                    ACTIVITIES,
                    DIMENSIONS,
                    ROOM_NAMES,
                    NOTES,
                    TAGS -> LayerKind.STRUCTURES;
        };
        var by = new SeenPens(pens);
        var ink = by.ink(kind, sort);
        var isSeenThrough = kind == Kind.WALLS
                && !body.facets().isEmpty()
                && body.facets().getFirst().skin().sort() == Skin.Sort.CLEAR;
        var seen = isSeenThrough ? Fading.of(ink, pens.colour(Role.PAPER)) : tones.faint(kind, ink);
        return new LineOf(layer, by.pen(kind, sort), seen);
    }

    /** What a raised view takes up, in picture mm; empty if there is nothing to see. */
    public static Optional<Box> extentMm(LaidView view, Raised subject) {
        return Looking.of(view, subject).map(Looking::extent);
    }
}
