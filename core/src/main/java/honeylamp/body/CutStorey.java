package honeylamp.body;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Raised.Near;
import java.util.ArrayList;
import java.util.List;

/**
 * A storey cut level. What stands there whichever walls one looks over is made once. Not for sharing between threads.
 */
public final class CutStorey {
    private final StoreyBodies bodies;
    private final double cutMm;
    private final List<Body> ground;
    private final List<Body> within;

    CutStorey(StoreyBodies bodies, double cutMm) {
        this.bodies = bodies;
        this.cutMm = cutMm;
        this.ground = bodies.grounds();
        this.within = bodies.within(cutMm);
    }

    /**
     * All that stands there.
     *
     * @param near what becomes of the near walls
     * @param over the ground of those; none if they stand as the others do
     */
    public List<Body> bodies(Near near, List<Outline> over) {
        var walls = bodies.poche();
        var out = new ArrayList<>(ground);
        var standing = new ArrayList<Body>();
        bodies.standing(standing, over.isEmpty() ? walls : Regions.difference(walls, over), cutMm, _ -> true);
        bodies.near(standing, over, cutMm, near);
        bodies.endUnderRoof(standing);
        out.addAll(standing);
        out.addAll(within);
        return List.copyOf(out);
    }
}
