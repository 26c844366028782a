package honeylamp.desktop.panel;

import honeylamp.demo.DemoFiles;
import honeylamp.plan.Plan;
import honeylamp.store.PlanDocument;
import java.io.IOException;

/** The demos, by their numbers. */
public final class Demos {
    private Demos() {}

    /**
     * A demo with its picture to trace.
     *
     * @throws IOException if the picture cannot be made
     */
    public static PlanDocument document(int number) throws IOException {
        return number == 0 ? DemoFiles.document() : PlanDocument.of(plan(number));
    }

    /** A demo as it is drawn. */
    static Plan plan(int number) throws IOException {
        return switch (number) {
            case 0 -> DemoFiles.document().plan();
            case 1 -> DemoFiles.twoStoreys();
            default -> DemoFiles.shed();
        };
    }
}
