package honeylamp.demo;

import honeylamp.store.PlanDocument;
import java.io.IOException;

/** A plan that ships with the program. */
public interface Shipped {
    /** The name people see. */
    String label();

    /** What it shows, in a few words. */
    String about();

    /** What it is called by programs: small letters and hyphens. */
    String key();

    /**
     * The plan with what belongs to it.
     *
     * @throws IOException if its picture or its readings cannot be made
     */
    PlanDocument document() throws IOException;
}
