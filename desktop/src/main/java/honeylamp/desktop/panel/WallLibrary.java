package honeylamp.desktop.panel;

import honeylamp.plan.WallType;
import java.util.List;

/** The wall types a person keeps for all plans. */
public interface WallLibrary {
    /** All that are kept. */
    List<WallType> types();

    /**
     * Keeps a type; one of the same name is replaced.
     *
     * @return why it cannot be kept, or empty words
     */
    String keep(WallType type);
}
