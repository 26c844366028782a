package honeylamp.geometry;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.quadtree.Quadtree;

/** Boxes that are put down one by one, and whether a further one would meet any of them. */
public final class BoxPile {
    private final Quadtree tree = new Quadtree();

    /** Puts one down. */
    public void add(Box box) {
        tree.insert(envelope(box), box);
    }

    /** Whether any that was put down meets a box; edges that touch meet. */
    public boolean meets(Box box) {
        return tree.query(envelope(box)).stream().anyMatch(b -> ((Box) b).meets(box));
    }

    private static Envelope envelope(Box box) {
        return new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY());
    }
}
