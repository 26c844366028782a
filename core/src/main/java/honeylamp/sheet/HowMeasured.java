package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidView;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.RoomLabel.Part;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Showing.Kind;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How what is written into the rooms of a page is measured: said once on it. */
final class HowMeasured {
    private HowMeasured() {}

    /** Between which faces sizes of rooms run, and up to where areas reach, if any are written. */
    static List<String> of(LaidPage page) {
        var plans = page.views().stream()
                .filter(v -> v.view().isPlan() && isNamed(v))
                .map(LaidView::view)
                .toList();
        var sized = plans.stream()
                .anyMatch(v -> v.seen().shows(Kind.ROOM_NAMES)
                                && v.annotation().rooms().parts().contains(Part.CLEAR_SIZE)
                        || v.seen().shows(Kind.DIMENSIONS)
                                && !v.annotation().pairs().equals(RoomPairs.NONE));
        var bases = plans.stream()
                .filter(v -> v.annotation().rooms().parts().contains(Part.AREA))
                .map(v -> v.annotation().rooms().basis())
                .filter(b -> b != AreaBasis.INNER_FACES)
                .distinct()
                .map(b -> "Areas in rooms to: " + b.label().toLowerCase(Locale.ROOT))
                .toList();
        var out = new ArrayList<String>();
        if (sized) {
            out.add("Sizes of rooms clear, face to face");
        }
        out.addAll(bases);
        return List.copyOf(out);
    }

    /** Whether the list of rooms says it; where there is none, the title block does. */
    static boolean isSaidWithRooms(LaidPage page) {
        return page.page().hasColumn()
                && page.page().lists().contains(Listing.ROOMS)
                && page.views().stream().anyMatch(v -> v.view().isPlan() && isNamed(v));
    }

    private static boolean isNamed(LaidView view) {
        return view.storey().geometry().rooms().stream().anyMatch(r -> !r.name().isBlank());
    }

    /** The second units that any view of a page shows. */
    static Optional<UnitSystem> second(LaidPage page) {
        return page.views().stream()
                .flatMap(v -> v.view().annotation().second().stream())
                .findFirst();
    }
}
