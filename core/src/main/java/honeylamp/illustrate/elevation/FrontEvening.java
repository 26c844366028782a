package honeylamp.illustrate.elevation;

import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Blend;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.FrontLight;
import honeylamp.illustrate.shade.LampLight;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.List;

/** Walls in the light of fittings; through windows one looks into the dusk, or into rooms that are lit. */
final class FrontEvening {
    private FrontEvening() {}

    /**
     * A wall that is seen.
     *
     * @param notCut what of it is seen, in mm along it and up
     * @param outside how dark it is before it: dusk where one sees it from outside
     */
    record OfWall(WallElevation wall, PaperFrame frame, Ring notCut, LampLight.Outside outside) {}

    static Layer layer(LaidView view, Evening evening, List<OfWall> walls) {
        var geometry = view.storey().geometry();
        var lit = FrontLight.lit(geometry, evening);
        var marks = new ArrayList<Mark>();
        for (var each : walls) {
            var face = FrontLight.of(geometry, lit, each.wall, each.outside, each.frame);
            marks.add(new Mark.Clip(each.frame.paper(Figure.ring(each.notCut)), List.of(face)));
            if (each.outside == LampLight.Outside.NIGHT && view.view().seen().shows(Kind.OPENINGS)) {
                marks.addAll(panes(each));
            }
        }
        return new Layer(LayerKind.LAMPS, Blend.MULTIPLY, marks);
    }

    /** From inside a window is as dark as it is outside. */
    private static List<Mark> panes(OfWall each) {
        return each.wall.holes().stream()
                .filter(h -> h.cut().opening().kind().isWindow())
                .<Mark>map(h -> new Mark.Fill(
                        each.frame.paper(
                                Figure.ring(OpeningShape.of(h.cut().opening().kind(), h.box()))),
                        LampLight.dusk()))
                .toList();
    }
}
