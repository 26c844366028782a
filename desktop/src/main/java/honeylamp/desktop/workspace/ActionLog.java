package honeylamp.desktop.workspace;

import honeylamp.plan.Plan;
import honeylamp.store.Origin;

/** Is told what happens to the document that is open, so that nothing of it is lost. */
public interface ActionLog {
    /** An action gave this plan. */
    void acted(Plan plan);

    /** Another document was opened or begun; the one before is safe or was given up. */
    default void opened(Origin origin) {}

    /**
     * Work that an earlier run left is gone on with.
     *
     * @param kept to run once it is safe here, so that the old journal may go
     */
    default void resumed(Origin origin, Plan plan, Runnable kept) {}

    /** The document was saved; the plan may have gone on meanwhile. */
    default void saved(Origin origin) {}

    /** A picture to trace was added to the document. */
    default void brought(String sha256, byte[] bytes) {}
}
