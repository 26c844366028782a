package honeylamp.illustrate.raised;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.shade.HatchedShapes;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Raised;
import honeylamp.plan.Role;
import honeylamp.raised.CornerParts;
import honeylamp.raised.SeenParts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The drawn shade of a raised view: of the sun and in corners, in tones or in strokes as the look has it. */
record RaisedShade(LaidView view, Raised subject, PaperFrame frame, Pens pens) {
    /** How dark a step of corner shade is at full strength, on floors, on walls and about pieces. */
    private static final double CORNER_FLOOR = 0.17;

    private static final double CORNER_WALL = 0.09;
    private static final double CORNER_PIECE = 0.42;

    /** How dark the sun's shadow is at full strength. */
    private static final double SHADOW = 0.75;

    /** The same on plain walls outside. */
    private static final double SHADOW_OUTSIDE = 0.36;

    /** How much of the light of the sun is seen where it falls into a room. */
    private static final double SUN_INSIDE = 0.8;

    /** What of the light is lost in hatched shade, at full strength: of the sun's, and of corners by how dark they are. */
    private static final double HATCHED_SUN = 0.3;

    private static final double HATCHED_CORNER = 0.8;

    /** Light narrower than this on paper is a thread. */
    private static final double THREAD_MM = 0.2;

    /** Parts narrower than this on paper are specks. */
    private static final double SPECK_MM2 = 0.01;

    /**
     * What lies over the surfaces.
     *
     * @param dark where the sun does not come, by the number of the facet
     */
    List<Layer> layers(List<SeenParts.Part> parts, Map<Integer, List<Outline>> dark, List<CornerParts.Step> corners) {
        var out = new ArrayList<Layer>();
        if (HatchedShapes.isIn(view.look())) {
            hatched(dark, corners).ifPresent(out::add);
        } else {
            if (!corners.isEmpty()) {
                out.add(new Layer(LayerKind.TOP_SHADOW, Blend.MULTIPLY, corners(corners)));
            }
            sun(parts, dark).ifPresent(out::add);
        }
        return out;
    }

    /** What is seen of surfaces, without specks. */
    static Figure paper(PaperFrame frame, List<Outline> parts) {
        var path = Figure.builder();
        var least = SPECK_MM2 * frame.scale() * frame.scale();
        parts.stream().filter(o -> o.area() > least).forEach(o -> path.path(o.path()));
        return frame.paper(path.build());
    }

    /** Shade in the strokes of looks that hatch; in rooms only that of corners. */
    private Optional<Layer> hatched(Map<Integer, List<Outline>> dark, List<CornerParts.Step> corners) {
        var shapes = new ArrayList<HatchedShapes.Shape>();
        for (var step : corners) {
            shapes.add(new HatchedShapes.Shape(paper(frame, step.parts()), corner(step.corner())));
        }
        if (!(subject instanceof Raised.Inside)) {
            var all = dark.values().stream().flatMap(List::stream).toList();
            shapes.add(new HatchedShapes.Shape(paper(frame, all), shadow()));
        }
        var marks = HatchedShapes.of(shapes, frame, view.look());
        var blend = view.look().shading() == Shading.HATCHED ? Blend.COVER : Blend.MULTIPLY;
        return marks.isEmpty() ? Optional.empty() : Optional.of(new Layer(LayerKind.TOP_SHADOW, blend, marks));
    }

    /** How dark one step in a corner is, from 0 to 1. */
    double corner(CornerParts.Corner corner) {
        var share = switch (corner) {
            case FLOOR -> CORNER_FLOOR;
            case WALL -> CORNER_WALL;
            case PIECE -> CORNER_PIECE;
        };
        return Math.min(
                1,
                (HatchedShapes.isIn(view.look()) ? HATCHED_CORNER : 1)
                        * share
                        * view.look().cornerShade());
    }

    /** How dark it is where the sun does not come, from 0 to 1. */
    double shadow() {
        var most = HatchedShapes.isIn(view.look())
                ? HATCHED_SUN
                : subject instanceof Raised.Outside ? SHADOW_OUTSIDE : SHADOW;
        return Math.min(1, most * view.look().castShadow());
    }

    /** How much of the colour of sunlight is seen where it falls into a room, from 0 to 1. */
    double sunInside() {
        return Math.min(1, SUN_INSIDE * view.look().windowLight());
    }

    /** Where the sun does not come, it is darker; in rooms, where most is in shade, it is lighter where it does. */
    private Optional<Layer> sun(List<SeenParts.Part> parts, Map<Integer, List<Outline>> dark) {
        if (dark.isEmpty()) {
            return Optional.empty();
        }
        if (subject instanceof Raised.Inside) {
            var lit = parts.stream()
                    .filter(p -> dark.containsKey(p.facet()))
                    .flatMap(p -> Regions.difference(p.parts(), dark.getOrDefault(p.facet(), List.of())).stream())
                    .filter(this::isBroad)
                    .toList();
            var ink = pens.ink(Role.SUNLIGHT).at(sunInside());
            return Optional.of(Layer.of(LayerKind.TOP_SHADOW, List.of(new Mark.Fill(paper(frame, lit), ink))));
        }
        var ink = new Ink(pens.colour(Role.SHADOW).argb(), shadow());
        var shapes = dark.values().stream().flatMap(List::stream).toList();
        return Optional.of(
                new Layer(LayerKind.TOP_SHADOW, Blend.MULTIPLY, List.of(new Mark.Fill(paper(frame, shapes), ink))));
    }

    /** Along edges that two facets share threads of light are left that no sun throws. */
    private boolean isBroad(Outline o) {
        var around = o.shell().edges().stream().mapToDouble(Segment::length).sum();
        return o.area() > THREAD_MM * frame.scale() * around / 2;
    }

    /** Steps of one strength together: where they lie over each other it is darker. */
    private List<Mark> corners(List<CornerParts.Step> steps) {
        var out = new ArrayList<Mark>();
        for (var step : steps) {
            var path = paper(frame, step.parts());
            if (!path.isEmpty()) {
                out.add(new Mark.Fill(path, new Ink(pens.colour(Role.SHADOW).argb(), corner(step.corner()))));
            }
        }
        return out;
    }
}
