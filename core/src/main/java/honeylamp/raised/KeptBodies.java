package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.CutStorey;
import honeylamp.body.StoreyBodies;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Outline;
import honeylamp.plan.Raised;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/**
 * The bodies of the views looked at last, the same objects as long as nothing is built otherwise: looking from another side
 * makes none anew unless other walls stand then. Not for sharing between threads.
 */
public final class KeptBodies {
    private static final int MOST = 6;

    private final Map<Asked, List<Body>> known = new Newest<>();
    private final Map<Asked, CutStorey> cut = new Newest<>();

    /** Keeps nothing yet. */
    public KeptBodies() {}

    /** Those asked for last. */
    private static final class Newest<V> extends LinkedHashMap<Asked, V> {
        Newest() {
            super(8, 0.75f, true);
        }

        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, V> eldest) {
            return size() > MOST;
        }
    }

    /**
     * What bodies follow from.
     *
     * @param what is looked at, from anywhere if that makes no difference
     * @param near the ground of the walls one looks over
     * @param on the same objects as long as nothing is built otherwise
     */
    private record Asked(Raised what, List<Outline> near, double livedIn, List<Object> on) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Asked other
                    && what.equals(other.what)
                    && near.equals(other.near)
                    && livedIn == other.livedIn
                    && on.size() == other.on.size()
                    && IntStream.range(0, on.size()).allMatch(i -> on.get(i) == other.on.get(i));
        }

        @Override
        public int hashCode() {
            return 31 * what.hashCode() + near.size();
        }
    }

    /** The bodies of a view. */
    List<Body> of(LaidView view, Raised what, List<Outline> near, Supplier<List<Body>> made) {
        return known.computeIfAbsent(new Asked(what, near, view.view().livedIn(), built(view)), _ -> made.get());
    }

    /** A storey that is cut. */
    CutStorey cut(LaidView view, Raised.WholeStorey what) {
        return cut.computeIfAbsent(
                new Asked(what.fromAnywhere(), List.of(), 0, built(view)),
                _ -> StoreyBodies.cut(view.storey(), what.cut().mm()));
    }

    /** All that bodies follow from: the same objects as long as nothing is built otherwise. */
    public static List<Object> built(LaidView view) {
        var out = new ArrayList<Object>();
        view.plan().all().forEach(s -> out.add(s.geometry()));
        out.add(view.plan().wallTypes());
        return out;
    }
}
