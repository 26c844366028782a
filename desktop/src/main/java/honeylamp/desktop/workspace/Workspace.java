package honeylamp.desktop.workspace;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.edit.History;
import honeylamp.illustrate.Lamp;
import honeylamp.illustrate.PaperFrame;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.store.PlanDocument;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;

/**
 * Everything the window shows, as one value.
 *
 * @param document assets and unknown fields of the open file; its plan is that of the last opening or saving
 * @param file where the plan is saved, if it is
 * @param storey the storey worked on
 * @param tool index into the stage's tools
 * @param frame where the plan lies on paper while work goes on
 * @param said what is said to the person
 */
public record Workspace(
        PlanDocument document,
        History history,
        Optional<Path> file,
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
        return !plan().equals(document.plan());
    }

    Workspace with(History other) {
        return new Workspace(
                document, other, file, storey, stage, tool, gesture, selection, choices, lamp, frame, view, said);
    }

    Workspace with(PlanDocument other, Optional<Path> where) {
        return new Workspace(
                other, history, where, storey, stage, tool, gesture, selection, choices, lamp, frame, view, said);
    }

    Workspace at(Stage other, int otherTool, Gesture begun) {
        return new Workspace(
                document,
                history,
                file,
                storey,
                other,
                otherTool,
                begun,
                selection,
                choices,
                lamp,
                frame,
                view,
                Said.NOTHING);
    }

    Workspace with(Gesture other) {
        return new Workspace(
                document, history, file, storey, stage, tool, other, selection, choices, lamp, frame, view, said);
    }

    Workspace picking(Set<ElementId> ids) {
        return new Workspace(
                document, history, file, storey, stage, tool, gesture, ids, choices, lamp, frame, view, said);
    }

    Workspace with(Choices other) {
        return new Workspace(
                document, history, file, storey, stage, tool, gesture, selection, other, lamp, frame, view, said);
    }

    Workspace with(Lamp other) {
        return new Workspace(
                document, history, file, storey, stage, tool, gesture, selection, choices, other, frame, view, said);
    }

    Workspace with(PaperFrame other) {
        return new Workspace(
                document, history, file, storey, stage, tool, gesture, selection, choices, lamp, other, view, said);
    }

    Workspace with(View other) {
        return new Workspace(
                document, history, file, storey, stage, tool, gesture, selection, choices, lamp, frame, other, said);
    }

    Workspace saying(Said sentence) {
        return new Workspace(
                document, history, file, storey, stage, tool, gesture, selection, choices, lamp, frame, view, sentence);
    }

    Workspace on(ElementId.StoreyId other) {
        return new Workspace(
                document, history, file, other, stage, tool, gesture, Set.of(), choices, lamp, frame, view, said);
    }
}
