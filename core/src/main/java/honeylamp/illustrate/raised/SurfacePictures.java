package honeylamp.illustrate.raised;

import honeylamp.body.Facet;
import java.util.Optional;

/** Pictures of what covers facets, as far as there are any by now. */
public interface SurfacePictures {
    /** None at all: every facet in its tone. */
    SurfacePictures NONE = _ -> Optional.empty();

    /** The picture of what covers a facet. */
    Optional<SurfacePicture> of(Facet facet);
}
