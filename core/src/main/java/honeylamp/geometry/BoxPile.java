package honeylamp.geometry;

import java.util.concurrent.atomic.AtomicBoolean;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.quadtree.Quadtree;

/** Boxes that are put down one by one, and whether a further one would meet any of them. */
public final class BoxPile {
    private final Quadtree tree = new Quadtree();

    /** Begins with none. */
    public BoxPile() {}

    /** Puts one down. */
    public void add(Box box) {
        tree.insert(envelope(box), box);
    }

    /** Whether any that was put down meets a box; edges that touch meet. */
    public boolean meets(Box box) {
        var found = new AtomicBoolean();
        tree.query(envelope(box), item -> found.compareAndSet(false, ((Box) item).meets(box)));
        return found.get();
    }

    private static Envelope envelope(Box box) {
        return new Envelope(box.minX(), box.maxX(), box.minY(), box.maxY());
    }
}
