package honeylamp.illustrate;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.shade.FloorShade;
import honeylamp.plan.Ground;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Look;
import honeylamp.plan.Structure;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What of a storey takes shade.
 *
 * @param floors of its rooms, in plan mm
 * @param frame where floors lie on paper
 * @param isDeep whether the plan has depth: only floors lie so low then
 */
record ShadedGround(StoreyGeometry geometry, List<Figure> floors, PaperFrame frame, Look look, boolean isDeep) {
    /** No shade is followed farther over bare ground, in paper mm: there the sheet begins. */
    private static final double MOST_GROUND_MM = 22;

    /** All floors inside, on balconies and around the building, in paper mm; or the whole ground. */
    Figure takingShade(Light light) {
        return light.falls() == Falls.INSIDE ? floorsAround() : wholeGround(light);
    }

    /** As far as something throws its shade. */
    private Figure wholeGround(Light light) {
        var reach = Math.min(MOST_GROUND_MM, FloorShade.reachMm(look, light) / frame.scale());
        return built().map(box -> Figure.ring(box.grown(reach).ring())).orElseGet(this::floorsAround);
    }

    /** The building and the ground that is drawn, in paper mm; empty if there is nothing. */
    Optional<Box> built() {
        var grounds = geometry.storey().grounds().stream().map(g -> g.ring().bounds());
        return Stream.concat(geometry.shellBounds().stream(), grounds)
                .reduce(Box::union)
                .map(frame::paper);
    }

    private Figure floorsAround() {
        var path = Figure.builder();
        floors.forEach(surface -> path.path(frame.paper(surface)));
        if (isDeep) {
            return path.build();
        }
        for (var part : geometry.storey().structures()) {
            if (part.is(Structure.Kind.BALCONY)) {
                path.path(frame.paper(Figure.ring(part.footprint())));
            }
        }
        for (var ground : geometry.storey().grounds()) {
            if (ground.use() != Ground.Use.PLOT) {
                path.path(frame.paper(Figure.ring(ground.ring())));
            }
        }
        return path.build();
    }
}
