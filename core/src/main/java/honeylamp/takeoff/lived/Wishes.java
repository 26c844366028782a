package honeylamp.takeoff.lived;

import java.util.ArrayList;
import java.util.List;

/** What would like to be there, gathered. */
final class Wishes {
    private final List<Wish> all = new ArrayList<>();

    void add(Wish wish) {
        all.add(wish);
    }

    List<Wish> all() {
        return List.copyOf(all);
    }
}
