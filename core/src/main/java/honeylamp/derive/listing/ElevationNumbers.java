package honeylamp.derive.listing;

import honeylamp.plan.Presentation;
import honeylamp.plan.Raised;
import honeylamp.plan.View;
import java.util.List;
import java.util.Optional;

/** The numbers of elevations and sections among all of a plan: what stands in its marks and below its pictures. */
public final class ElevationNumbers {
    private ElevationNumbers() {}

    /** The number of an elevation or a section, from 1; empty if it is none. */
    public static Optional<Integer> of(Presentation presentation, View view) {
        var at = numbered(presentation).stream().map(View::id).toList().indexOf(view.id());
        return at < 0 ? Optional.empty() : Optional.of(at + 1);
    }

    /** The number the next one gets. */
    public static int next(Presentation presentation) {
        return numbered(presentation).size() + 1;
    }

    private static List<View> numbered(Presentation presentation) {
        return presentation.views().stream()
                .filter(v -> v.subject() instanceof View.Subject.Front || v.subject() instanceof Raised.Section)
                .toList();
    }
}
