package honeylamp.desktop.panel.part;

import java.util.List;

/**
 * What a person keeps for all plans.
 *
 * @param <T> what is kept
 */
public interface Library<T> {
    /** All that is kept. */
    List<T> all();

    /**
     * Keeps something; what has the same name is replaced.
     *
     * @return why it cannot be kept, or empty words
     */
    String keep(T entry);

    /**
     * Keeps something no longer; what is not kept is passed over.
     *
     * @return why it cannot be taken out, or empty words
     */
    String forget(T entry);
}
