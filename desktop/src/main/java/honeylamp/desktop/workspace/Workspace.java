package honeylamp.desktop.workspace;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.edit.History;
import honeylamp.illustrate.Lamp;
import honeylamp.illustrate.PaperFrame;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;

/**
 * Everything the window shows, as one value.
 *
 * @param origin the document as it was opened or saved last, with pictures and unknown fields, and its file
 * @param storey the storey worked on
 * @param tool index into the stage's tools
 * @param frame where the plan lies on paper while work goes on
 * @param said what is said to the person
 */
public record Workspace(
        Origin origin,
        History history,
        ElementId.StoreyId storey,
        Stage stage,
        int tool,
        Gesture gesture,
        Set<ElementId> selection,
        Choices choices,
        Lamp lamp,
        PaperFrame frame,
        View view,
        Said said) {
    /** A sentence for the person; empty if there is nothing to say. */
    public record Said(String text, Weight weight) {
        /** Whether something is wrong. */
        public enum Weight {
            /** Good to know. */
            NEWS,
            /** Something cannot be. */
            COMPLAINT
        }

        static final Said NOTHING = new Said("", Weight.NEWS);

        static Said news(String text) {
            return new Said(text, Weight.NEWS);
        }

        static Said complaint(String text) {
            return new Said(text, Weight.COMPLAINT);
        }
    }

    /** Freezes the set. */
    public Workspace {
        selection = Set.copyOf(selection);
    }

    /** The document as it was opened or saved last, with pictures and unknown fields. */
    public PlanDocument document() {
        return origin.document();
    }

    /** Where the plan is saved, if it is. */
    public Optional<Path> file() {
        return origin.file();
    }

    /** The plan as it is now. */
    public Plan plan() {
        return history.now();
    }

    /** What is said to the person, empty if nothing is. */
    public String message() {
        return said.text();
    }

    /** The storey worked on, as it is now. */
    public Storey currentStorey() {
        return plan().storey(storey);
    }

    /** Whether there are changes that are in no file. */
    public boolean unsaved() {
        return !plan().equals(origin.document().plan());
    }

    Workspace with(History other) {
        return new Workspace(origin, other, storey, stage, tool, gesture, selection, choices, lamp, frame, view, said);
    }

    Workspace with(Origin other) {
        return new Workspace(other, history, storey, stage, tool, gesture, selection, choices, lamp, frame, view, said);
    }

    Workspace at(Stage other, int otherTool, Gesture begun) {
        return new Workspace(
                origin, history, storey, other, otherTool, begun, selection, choices, lamp, frame, view, Said.NOTHING);
    }

    Workspace with(Gesture other) {
        return new Workspace(origin, history, storey, stage, tool, other, selection, choices, lamp, frame, view, said);
    }

    Workspace picking(Set<ElementId> ids) {
        return new Workspace(origin, history, storey, stage, tool, gesture, ids, choices, lamp, frame, view, said);
    }

    Workspace with(Choices other) {
        return new Workspace(origin, history, storey, stage, tool, gesture, selection, other, lamp, frame, view, said);
    }

    Workspace with(Lamp other) {
        return new Workspace(
                origin, history, storey, stage, tool, gesture, selection, choices, other, frame, view, said);
    }

    Workspace with(PaperFrame other) {
        return new Workspace(
                origin, history, storey, stage, tool, gesture, selection, choices, lamp, other, view, said);
    }

    Workspace with(View other) {
        return new Workspace(
                origin, history, storey, stage, tool, gesture, selection, choices, lamp, frame, other, said);
    }

    Workspace saying(Said sentence) {
        return new Workspace(
                origin, history, storey, stage, tool, gesture, selection, choices, lamp, frame, view, sentence);
    }

    Workspace on(ElementId.StoreyId other) {
        return new Workspace(origin, history, other, stage, tool, gesture, Set.of(), choices, lamp, frame, view, said);
    }
}
