package honeylamp.desktop.command;

import honeylamp.desktop.command.Command.Place;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.workspace.WorkspaceModel;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.input.KeyEvent;

/** All commands of a window, each once. */
public final class CommandTable {
    private final WorkspaceModel model;
    private final List<Command> all;

    /**
     * The commands of a window.
     *
     * @param window does what the workspace cannot
     */
    public CommandTable(WorkspaceModel model, WindowActions window) {
        this.model = model;
        var list = new CommandList(model);
        new PlanCommands(list, model, window).add();
        new PictureCommands(list, model, window).add();
        new PickedCommands(list, model).add();
        new GestureCommands(list, model, window).add();
        new SightCommands(list, model, window).add();
        new PageCommands(list, model, window).add();
        new RaisedCommands(list, model).add();
        new LightingCommands(list, model, window).add();
        new HandCommands(list, model, window).add();
        list.add(
                "meter-connect",
                "Connect laser meter",
                "Lengths come from a laser meter",
                Place.DEVICE,
                () -> window.meter().connect());
        list.add(
                "meter-disconnect",
                "Disconnect laser meter",
                "Lengths are typed again",
                Place.DEVICE,
                () -> window.meter().disconnect());
        this.all = list.all();
    }

    /** All commands, place by place. */
    public List<Command> all() {
        return all;
    }

    /**
     * The command of this id.
     *
     * @throws NoSuchElementException if there is none
     */
    public Command of(String id) {
        return all.stream().filter(c -> c.id().equals(id)).findFirst().orElseThrow();
    }

    /**
     * The command that keys ask for.
     *
     * @param reach whether the keyboard is where a command wants it
     */
    public Optional<Command> of(KeyEvent pressed, Predicate<Where> reach) {
        return all.stream()
                .filter(c -> reach.test(c.where()) && c.keys().stream().anyMatch(k -> k.matches(pressed)))
                .findFirst();
    }

    /** Whether a command can be done now. */
    public boolean isPossible(Command command) {
        return command.possible().test(model.now());
    }
}
