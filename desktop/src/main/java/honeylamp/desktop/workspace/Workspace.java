package honeylamp.desktop.workspace;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.edit.Clipping;
import honeylamp.edit.History;
import honeylamp.illustrate.Lamp;
import honeylamp.illustrate.PaperFrame;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;

/**
 * Everything the window shows, as one value.
 *
 * @param origin the document as it was opened or saved last, with pictures and unknown fields, and its file
 * @param storey the storey worked on
 * @param tool the tool taken up; its stage is the active one
 * @param frame where the plan lies on paper while work goes on
 * @param said what is said to the person
 * @param measured what was measured last, to be put in as a length
 * @param clipping what was copied last, to be pasted
 */
public record Workspace(
        Origin origin,
        History history,
        ElementId.StoreyId storey,
        Tool tool,
        Gesture gesture,
        Set<ElementId> selection,
        Choices choices,
        Lamp lamp,
        PaperFrame frame,
        View view,
        Said said,
        Optional<Length> measured,
        Optional<Clipping> clipping) {
    /** A sentence for the person; empty if there is nothing to say. */
    public record Said(String text, Weight weight) {
        /** Whether something is wrong. */
        public enum Weight {
            /** Good to know. */
            NEWS,
            /** Something cannot be. */
            COMPLAINT
        }

        /** Nothing to say. */
        public static final Said NOTHING = new Said("", Weight.NEWS);

        /** Something that is good to know. */
        public static Said news(String text) {
            return new Said(text, Weight.NEWS);
        }

        /** Something that cannot be. */
        public static Said complaint(String text) {
            return new Said(text, Weight.COMPLAINT);
        }
    }

    public Workspace {
        selection = Set.copyOf(selection);
    }

    /** The document as it was opened or saved last, with pictures and unknown fields. */
    public PlanDocument document() {
        return origin.document();
    }

    /** The active stage. */
    public Stage stage() {
        return tool.stage();
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
        return new Workspace(
                origin, other, storey, tool, gesture, selection, choices, lamp, frame, view, said, measured, clipping);
    }

    Workspace with(Origin other) {
        return new Workspace(
                other, history, storey, tool, gesture, selection, choices, lamp, frame, view, said, measured, clipping);
    }

    Workspace with(Gesture other) {
        return new Workspace(
                origin, history, storey, tool, other, selection, choices, lamp, frame, view, said, measured, clipping);
    }

    Workspace picking(Set<ElementId> ids) {
        return new Workspace(
                origin, history, storey, tool, gesture, ids, choices, lamp, frame, view, said, measured, clipping);
    }

    Workspace with(Choices other) {
        return new Workspace(
                origin, history, storey, tool, gesture, selection, other, lamp, frame, view, said, measured, clipping);
    }

    Workspace with(Lamp other) {
        return new Workspace(
                origin, history, storey, tool, gesture, selection, choices, other, frame, view, said, measured,
                clipping);
    }

    Workspace with(PaperFrame other) {
        return new Workspace(
                origin, history, storey, tool, gesture, selection, choices, lamp, other, view, said, measured,
                clipping);
    }

    Workspace with(View other) {
        return new Workspace(
                origin, history, storey, tool, gesture, selection, choices, lamp, frame, other, said, measured,
                clipping);
    }

    Workspace saying(Said sentence) {
        return new Workspace(
                origin, history, storey, tool, gesture, selection, choices, lamp, frame, view, sentence, measured,
                clipping);
    }

    Workspace on(ElementId.StoreyId other) {
        return new Workspace(
                origin, history, other, tool, gesture, Set.of(), choices, lamp, frame, view, said, measured, clipping);
    }

    Workspace measuring(Length length) {
        return new Workspace(
                origin,
                history,
                storey,
                tool,
                gesture,
                selection,
                choices,
                lamp,
                frame,
                view,
                said,
                Optional.of(length),
                clipping);
    }

    Workspace keeping(Clipping copied) {
        return new Workspace(
                origin,
                history,
                storey,
                tool,
                gesture,
                selection,
                choices,
                lamp,
                frame,
                view,
                said,
                measured,
                Optional.of(copied));
    }

    Workspace at(Tool other, Gesture begun) {
        return new Workspace(
                origin,
                history,
                storey,
                other,
                begun,
                selection,
                choices,
                lamp,
                frame,
                view,
                Said.NOTHING,
                measured,
                clipping);
    }
}
