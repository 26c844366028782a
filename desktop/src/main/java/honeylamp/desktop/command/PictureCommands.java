package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.control;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.units.Length;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.input.KeyCode;

/** Commands about pictures to trace, and what else is seen beside the plan. */
final class PictureCommands {
    private final CommandList into;
    private final WorkspaceModel model;
    private final WindowActions window;

    PictureCommands(CommandList into, WorkspaceModel model, WindowActions window) {
        this.into = into;
        this.model = model;
        this.window = window;
    }

    /** Adds them all. */
    void add() {
        into.add(
                "picture",
                "Bring in picture",
                "A scan or drawing to trace",
                Place.PICTURE,
                window::bringInPicture,
                control(KeyCode.I));
        into.add("paste-picture", "Paste picture", "The picture on the clipboard", Place.PICTURE, window::pastePicture);
        into.add(
                "level",
                "Propose level of picture",
                "Looks for the angle its lines run at",
                Place.PICTURE,
                window::proposeLevel);
        into.add(
                "read-walls",
                "Read walls from picture",
                "Looks for the walls, doors and windows it shows, and lays them over it to be taken or refused",
                Place.PICTURE,
                window::proposeWalls);
        into.add(
                "read-lengths",
                "Read lengths from picture",
                "Looks for the lengths written at its dimension lines, to give it its scale",
                Place.PICTURE,
                window::proposeLengths);
        into.add(
                "compare-picture",
                "Compare picture with plan",
                "Lists the walls and openings in which they differ",
                Place.PICTURE,
                window::comparePicture);
        into.plain(
                "beside",
                "Picture beside the plan",
                "The picture in a pane of its own",
                Place.PICTURE,
                window::toggleBeside,
                KeyCode.B);
        into.plain(
                "lines",
                "Catch lines of picture",
                "Whether its lines are caught",
                Place.PICTURE,
                window::toggleLines,
                KeyCode.P);
        into.plain(
                "traced-always",
                "Picture in every stage",
                "Pictures to trace are seen in all stages, or only where one traces",
                Place.PICTURE,
                () -> seen(s -> s.withTraced(s.traced().other())),
                KeyCode.I);
        into.plain(
                "walls-through",
                "See through walls",
                "Walls are faint on the screen while one traces; they print as they are",
                Place.PICTURE,
                () -> seen(s -> s.withWalls(s.walls().other())),
                KeyCode.V);
        into.plain(
                "grid",
                "Scale grid",
                "Lines at every step with their lengths, on the screen only",
                Place.SEEN,
                () -> seen(s -> s.withGrid(
                        s.grid().isPresent()
                                ? Optional.empty()
                                : Optional.of(
                                        model.now().plan().units().isMetric()
                                                ? Length.ofMm(1000)
                                                : Length.ofInches(12)))),
                KeyCode.Y);
        into.plain(
                "next-step",
                "Next step at the pointer",
                "While something is drawn the pointer says what comes next, or only the measure line does",
                Place.SEEN,
                () -> seen(s -> s.withNextStep(s.nextStep().other())),
                KeyCode.J);
        into.plain(
                "underlays",
                "Show or hide underlays",
                "All pictures of the storey",
                Place.PICTURE,
                window::toggleUnderlays,
                KeyCode.U);
    }

    private void seen(UnaryOperator<Choices.Seen> change) {
        var choices = model.now().choices();
        model.chooseWithin(choices.withSeen(change.apply(choices.seen())));
    }
}
