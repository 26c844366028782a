package honeylamp.desktop.workspace;

import honeylamp.derive.snags.Snag;
import honeylamp.desktop.workspace.Workspace.Said.About;
import honeylamp.guide.Place;

/** Where in the guide something is told about. */
public final class Topics {
    /** What to do while work cannot be kept. */
    public static final Place UNSAVED = new Place("files", "when-it-cannot-be-saved");

    private Topics() {}

    /** What is said about the work at hand. */
    public static Place of(Workspace now) {
        return of(now.stage());
    }

    /** What is said about the sentence that is shown. */
    public static Place ofSaid(Workspace now) {
        return now.said().about() == About.FILES ? Place.of("files") : of(now);
    }

    /** What is said about a kind of snag. */
    public static Place of(Snag.Kind kind) {
        return new Place("snags", Place.key(kind.label()));
    }

    /** What is said about a stage. */
    public static Place of(WorkStage stage) {
        return Place.of(
                switch (stage) {
                    case UNDERLAY -> "underlay";
                    case WALLS -> "walls";
                    case OPENINGS -> "openings";
                    case FIXED -> "fixed-parts";
                    case ROOMS -> "rooms";
                    case FINISHES -> "finishes";
                    case FURNISH -> "furnish";
                    case SITE -> "site";
                    case DIMENSIONS -> "dimensions";
                    case LABELS -> "labels";
                    case LIGHTING -> "lighting";
                    case LOOK -> "look";
                    case SHEET -> "sheet";
                });
    }
}
