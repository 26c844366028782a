package honeylamp.geometry;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.IntFunction;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.hprtree.HPRtree;

/** Finds which of many boxes meet a box without looking at all of them; by number, in rising order. */
public final class BoxIndex {
    private final HPRtree tree = new HPRtree();
    private final int count;

    /** An index of so many boxes. */
    public BoxIndex(int count, IntFunction<Box> boxes) {
        this.count = count;
        for (var i = 0; i < count; i++) {
            tree.insert(envelope(boxes.apply(i)), i);
        }
        if (count > 0) {
            tree.build();
        }
    }

    /** The numbers of the boxes that meet a box, rising. */
    public List<Integer> meeting(Box box) {
        var out = new ArrayList<Integer>();
        if (count > 0) {
            tree.query(envelope(box), item -> out.add((Integer) item));
            Collections.sort(out);
        }
        return out;
    }

    private static Envelope envelope(Box box) {
        return new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY());
    }
}
