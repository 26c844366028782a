package honeylamp.desktop.command;

import static honeylamp.desktop.workspace.Keys.control;
import static honeylamp.desktop.workspace.Keys.shift;
import static honeylamp.desktop.workspace.Keys.unshifted;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.Raised;
import java.util.List;
import javafx.scene.input.KeyCode;

/** Commands about raised views. */
final class RaisedCommands {
    private static final double STEP_DEG = 15;
    private static final double TILT_DEG = 5;

    private final CommandList into;
    private final WorkspaceModel model;

    RaisedCommands(CommandList into, WorkspaceModel model) {
        this.into = into;
        this.model = model;
    }

    /** Adds them all. */
    void add() {
        into.add(new Command(
                "cut-away",
                "Cut the room away, or back to the plan",
                "The room that is picked or in the middle, with the walls behind it; from there back to the plan",
                Place.SEEN,
                List.of(shift(KeyCode.G)),
                Where.OUTSIDE_TEXT,
                _ -> true,
                () -> {
                    if (isRaised(model.now())) {
                        model.raised().backToPlan();
                    } else {
                        model.raised().cutAwayHere();
                    }
                }));
        into.add(
                "raise-storey",
                "Raise the storey",
                "A page with the storey raised, cut at its usual height",
                Place.SEEN,
                () -> model.raised().raiseStorey());
        into.add(
                "raise-building",
                "Raise all storeys",
                "A page with all storeys raised, one above the other",
                Place.SEEN,
                () -> model.raised().raiseBuilding());
        into.add(
                "roof-plan",
                "Roof plan",
                "A page with all roofs from straight above",
                Place.SEEN,
                () -> model.raised().roofPlan());
        into.add(
                "from-outside",
                "From outside, all four sides",
                "A page each with the whole building straight from a side",
                Place.SEEN,
                () -> model.raised().fromOutside());
        turning(
                "raised-next-corner",
                "From the next corner",
                "Looks from the next corner of it",
                () -> model.raised().nextCorner(),
                control(KeyCode.G));
        turning(
                "raised-left",
                "Turn it clockwise",
                "By 15 degrees",
                () -> model.raised().turnBy(-STEP_DEG),
                unshifted(KeyCode.COMMA));
        turning(
                "raised-right",
                "Turn it counter-clockwise",
                "By 15 degrees",
                () -> model.raised().turnBy(STEP_DEG),
                unshifted(KeyCode.PERIOD));
        turning(
                "raised-steeper",
                "Look down more steeply, or walk on",
                "By 5 degrees; who stands inside walks half a metre, through doors and not through walls",
                () -> model.raised().tiltBy(TILT_DEG),
                shift(KeyCode.PERIOD));
        turning(
                "raised-flatter",
                "Look down less steeply, or walk back",
                "By 5 degrees; who stands inside walks half a metre, through doors and not through walls",
                () -> model.raised().tiltBy(-TILT_DEG),
                shift(KeyCode.COMMA));
    }

    private void turning(String id, String words, String hint, Runnable action, Keys keys) {
        into.add(new Command(
                id, words, hint, Place.SEEN, List.of(keys), Where.OUTSIDE_TEXT, RaisedCommands::isRaised, action));
    }

    private static boolean isRaised(Workspace now) {
        return now.view().subject() instanceof Raised;
    }
}
