package honeylamp.illustrate.raised;

import honeylamp.body.Facet;
import honeylamp.plan.Look;
import java.util.Optional;

/** Pictures of what covers facets, as far as there are any by now. */
public interface SurfacePictures {
    /** None at all: every facet in its tone. */
    SurfacePictures NONE = _ -> Optional.empty();

    /** Who has such pictures, by looks. */
    interface Painted {
        /** What is painted in a look, as it comes. */
        SurfacePictures in(Look look);
    }

    /** The picture of what covers a facet. */
    Optional<SurfacePicture> of(Facet facet);
}
