package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import javafx.scene.input.KeyCode;

/** Commands as they are added, one after the other. */
final class CommandList {
    private final WorkspaceModel model;
    private final List<Command> all = new ArrayList<>();

    CommandList(WorkspaceModel model) {
        this.model = model;
    }

    /** All that were added. */
    List<Command> all() {
        return List.copyOf(all);
    }

    void add(Command command) {
        all.add(command);
    }

    void add(String id, String words, String hint, Place place, Runnable action, Keys... keys) {
        add(new Command(id, words, hint, place, List.of(keys), Where.ANYWHERE, _ -> true, action));
    }

    /** A key alone: it must not be taken from what is being typed. */
    void plain(String id, String words, String hint, Place place, Runnable action, KeyCode key) {
        add(new Command(id, words, hint, place, List.of(alone(key)), Where.OUTSIDE_TEXT, _ -> true, action));
    }

    /** About what is picked; a key of it must not be taken from what is being typed. */
    void outside(String id, String words, String hint, Predicate<Workspace> possible, Runnable action, Keys... keys) {
        add(new Command(id, words, hint, Place.PICKED, List.of(keys), Where.OUTSIDE_TEXT, possible, action));
    }

    /** Goes on to the next of a few choices. */
    void choice(
            String id,
            String words,
            String hint,
            Function<Workspace, Choices> next,
            Predicate<Workspace> possible,
            KeyCode key) {
        add(new Command(
                id,
                words,
                hint,
                Place.NEXT,
                List.of(alone(key)),
                Where.OUTSIDE_TEXT,
                possible,
                () -> model.chooseWithin(next.apply(model.now()))));
    }

    /** For the keyboard on the drawing. */
    void drawing(String id, String words, String hint, Runnable action, Keys... keys) {
        add(new Command(id, words, hint, Place.HANDS, List.of(keys), Where.DRAWING, _ -> true, action));
    }

    /** Whether anything is picked. */
    static boolean isPicked(Workspace now) {
        return !now.selection().isEmpty();
    }
}
