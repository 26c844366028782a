package honeylamp.desktop;

import honeylamp.demo.DemoFiles;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.io.UncheckedIOException;

/** The demo with its underlay, made once for all tests: a value no window changes, and its survey sheet is dear to draw. */
public final class DemoDocument {
    private static final PlanDocument MADE = drawn();

    private DemoDocument() {}

    /** The finished plan with its underlay. */
    public static PlanDocument made() {
        return MADE;
    }

    private static PlanDocument drawn() {
        try {
            return DemoFiles.document();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
