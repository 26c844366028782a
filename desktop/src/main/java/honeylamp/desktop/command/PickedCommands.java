package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.alone;
import static honeylamp.desktop.workspace.Keys.control;
import static honeylamp.desktop.workspace.Keys.controlShift;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Arranging.Depth;
import java.util.List;
import javafx.scene.input.KeyCode;

/** Commands about what is picked, and taking actions back. */
final class PickedCommands {
    private final CommandList into;
    private final WorkspaceModel model;

    PickedCommands(CommandList into, WorkspaceModel model) {
        this.into = into;
        this.model = model;
    }

    /** Adds them all. */
    void add() {
        into.add(new Command(
                "undo",
                "Undo",
                "Take the last action back",
                Place.PICKED,
                List.of(Keys.UNDO),
                Where.ANYWHERE,
                w -> w.history().undoable().isPresent(),
                model::undo));
        into.add(new Command(
                "redo",
                "Redo",
                "Do it again",
                Place.PICKED,
                List.of(control(KeyCode.Y), controlShift(KeyCode.Z)),
                Where.ANYWHERE,
                w -> w.history().redoable().isPresent(),
                model::redo));
        into.outside(
                "copy",
                "Copy",
                "Keeps a copy, to be pasted into any storey or plan",
                CommandList::isPicked,
                model.picked()::copy,
                control(KeyCode.C));
        into.outside(
                "cut",
                "Cut",
                "Keeps a copy and deletes what is picked",
                CommandList::isPicked,
                model.picked()::cut,
                control(KeyCode.X));
        into.outside(
                "duplicate",
                "Duplicate",
                "A second one beside it",
                CommandList::isPicked,
                model.picked()::duplicate,
                Keys.DUPLICATE);
        into.outside(
                "pick-alike",
                "Pick all alike",
                "All walls of its type, all doors or pieces of its kind …",
                CommandList::isPicked,
                model.picked()::alike,
                controlShift(KeyCode.A));
        into.outside(
                "make-like",
                "Make like…",
                "What is picked gets type, sizes and build of what you click next",
                CommandList::isPicked,
                model.picked()::makeLike,
                controlShift(KeyCode.C));
        into.outside(
                "keep-together",
                "Keep together",
                "What is picked is picked and moved as one from now on",
                CommandList::isPicked,
                model.picked()::keepTogether,
                Keys.KEEP_TOGETHER);
        into.outside(
                "let-go",
                "Let go of each other",
                "What is kept together with what is picked is picked by itself again",
                CommandList::isPicked,
                model.picked()::letGo,
                Keys.LET_GO);
        into.outside(
                "before",
                "Lay before others",
                "Drawn over all else of its kind",
                CommandList::isPicked,
                () -> model.picked().order(Depth.BEFORE));
        into.outside(
                "behind",
                "Lay behind others",
                "Drawn under all else of its kind",
                CommandList::isPicked,
                () -> model.picked().order(Depth.BEHIND));
        into.outside(
                "pick-all",
                "Pick all of the stage",
                "All walls, all openings, all pieces …",
                _ -> true,
                model.picked()::all,
                control(KeyCode.A));
        into.outside(
                "delete",
                "Delete",
                "What is picked; what hangs in it goes too",
                now -> CommandList.isPicked(now) || now.gesture().takesAway(),
                () -> {
                    if (CommandList.isPicked(model.now())) {
                        model.picked().delete();
                    } else {
                        model.act(new Intent.Press(Gesture.Key.AWAY));
                    }
                },
                alone(KeyCode.DELETE),
                alone(KeyCode.BACK_SPACE));
    }
}
