package honeylamp.desktop.workspace;

import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.workspace.Workspace.Fit;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.edit.Clipping;
import honeylamp.edit.History;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.store.Origin;
import java.util.Set;

/** Something a person does or asks for; {@link WorkspaceRules} say what it makes of the workspace. */
public sealed interface Intent {
    /** The pointer does something over the drawing. */
    record Point(Act act, Pointer pointer) implements Intent {
        /** What the pointer does. */
        public enum Act {
            /** It moves, no button held. */
            MOVED,
            /** The button goes down. */
            PRESSED,
            /** It moves with the button held. */
            DRAGGED,
            /** The button goes up. */
            RELEASED
        }
    }

    /** Enter, with what the measure line holds. */
    record Enter(Typed typed) implements Intent {}

    /** A key of the gesture under way. */
    record Press(Gesture.Key key) implements Intent {}

    /** Drops the gesture under way, then what is picked, then goes back to the tool that picks. */
    record Escape() implements Intent {}

    /** Drops the gesture under way, which met something it could not do, and says why. */
    record Drop(String sentence) implements Intent {}

    /** Makes a plan the present one, completed. */
    record Edit(Plan plan, String action) implements Intent {}

    /**
     * Makes a plan the present one while a value slides.
     *
     * @param going whether the slide goes on: its first step is an action of its own
     */
    record Slide(Plan plan, String action, boolean going) implements Intent {}

    /** Takes the last action back. */
    record Undo() implements Intent {}

    /** Does again what was taken back. */
    record Redo() implements Intent {}

    /** Takes a tool up, in its stage. */
    record TakeUp(Tool tool) implements Intent {}

    /** Takes up a gesture that no tool begins. */
    record Begin(Gesture gesture) implements Intent {}

    /** Chooses something; the tool begins anew with it. */
    record Choose(Choices choices) implements Intent {}

    /** Chooses something without dropping the gesture under way. */
    record ChooseWithin(Choices choices) implements Intent {}

    /** Sets the lamp. */
    record Light(Lamp lamp) implements Intent {}

    /** Shows another part of the plan. */
    record Show(Viewport viewport) implements Intent {}

    /** Shows the part of the plan that something fills. */
    record FillWith(Fit fit) implements Intent {}

    /** Lays the plan on its sheet anew. */
    record FitSheet() implements Intent {}

    /** Works on another storey. */
    record GoTo(ElementId.StoreyId storey) implements Intent {}

    /** Works on a view, on one of its pages. */
    record TurnTo(Worked worked) implements Intent {}

    /** Picks these and nothing else. */
    record Pick(Set<ElementId> ids) implements Intent {}

    /** Keeps a copy to be pasted. */
    record Keep(Clipping clipping) implements Intent {}

    /** Says something to the person. */
    record Say(Said said) implements Intent {}

    /** Another document, begun or gone on with. */
    record Open(Origin origin, History history) implements Intent {}

    /** The document has another file or other pictures; the plan goes on. */
    record Rename(Origin origin) implements Intent {}
}
