package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.DrawnFace;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import honeylamp.units.BoardModule;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What the next walls are like. */
record WallTray(WorkspaceModel model, WindowActions window) implements Content<WallTray.Part> {
    /**
     * What is shown.
     *
     * @param lines whether lines of pictures are caught; empty if there is no picture
     */
    record Part(
            List<WallType> types,
            UnitSystem units,
            WallTypeId type,
            DrawnFace face,
            Wall.Works works,
            Choices.Angle angle,
            Optional<Choices.Lines> lines,
            Choices.Glance glance,
            Optional<Length> grid,
            Optional<BoardModule> module) {}

    @Override
    public Part part(Workspace now) {
        var choices = now.choices();
        return new Part(
                now.plan().wallTypes(),
                now.plan().units(),
                choices.wallType(),
                choices.face(),
                choices.works(),
                choices.angle(),
                Optional.of(choices.lines())
                        .filter(_ -> !now.currentStorey().underlays().isEmpty()),
                choices.glance(),
                choices.seen().grid(),
                choices.seen().module());
    }

    @Override
    public List<Node> nodes(Part part) {
        var types = new VBox(4);
        for (var type : part.types()) {
            types.getChildren()
                    .add(Widgets.toggle(
                            type.name() + "   " + LengthText.rounded(type.thickness(), part.units()),
                            "wall-type-" + type.id().number(),
                            "New walls are of this type until you change it here (T goes on to the next)",
                            type.id().equals(part.type()),
                            () -> model.chooseWithin(model.now().choices().withWallType(type.id()))));
        }
        var faces = choice(
                DrawnFace.values(),
                DrawnFace::label,
                "face-",
                "Which line of the wall you draw (D goes on to the next)",
                part.face(),
                f -> model.chooseWithin(model.now().choices().withFace(f)));
        var angles = Widgets.row(
                Widgets.toggle(
                        "Square",
                        "angle-square",
                        "Level or plumb (Q changes it)",
                        part.angle() == Choices.Angle.SQUARE,
                        () -> model.chooseWithin(model.now().choices().withAngle(Choices.Angle.SQUARE))),
                Widgets.toggle(
                        "Free",
                        "angle-free",
                        "Any direction (Q changes it, Shift for one wall)",
                        part.angle() == Choices.Angle.FREE,
                        () -> model.chooseWithin(model.now().choices().withAngle(Choices.Angle.FREE))));
        var out = new ArrayList<Node>(List.of(
                Widgets.section(
                        "Wall type",
                        types,
                        Widgets.button(
                                "Name, layers, height",
                                "wall-type-card",
                                "The chosen type in the card, to be changed; again puts it away",
                                () -> model.chooseWithin(model.now().choices().telling(Choices.Aside.WALL_TYPE)))),
                Widgets.section("Drawn face", faces),
                Widgets.section("Angle", angles),
                Widgets.section("In the works", works(part.works()))));
        if (part.lines().isPresent()) {
            var caught = part.lines().get() == Choices.Lines.CAUGHT;
            out.add(Widgets.section(
                    "Picture",
                    Widgets.toggle(
                            "Catch its lines",
                            "catch-lines",
                            "The pointer is drawn to the lines of the picture (P changes it, Control frees it for once)",
                            caught,
                            window::toggleLines)));
        }
        out.add(Widgets.toggle(
                "Raised glance",
                "toggle-glance",
                "A raised picture in the corner, of the storey or of what was seen raised last (G)",
                part.glance() != Choices.Glance.HIDDEN,
                () -> {
                    window.toggleGlance();
                    window.focusPlan();
                }));
        var grid = window.commands().of("grid");
        out.add(Widgets.toggle(
                "Scale grid", "toggle-grid", grid.tip(), part.grid().isPresent(), grid.action()));
        part.grid()
                .ifPresent(step -> out.add(new LengthField(
                        "Step",
                        "grid-step",
                        step,
                        part.units(),
                        v -> model.chooseWithin(model.now()
                                .choices()
                                .withSeen(model.now().choices().seen().withGrid(Optional.of(v)))),
                        model::complain)));
        out.add(new LengthField(
                "Board module",
                "board-module",
                part.module().map(BoardModule::length).orElse(Length.ZERO),
                part.units(),
                LengthReader::notNegative,
                v -> model.chooseWithin(model.now()
                        .choices()
                        .withSeen(model.now()
                                .choices()
                                .seen()
                                .withModule(
                                        v.equals(Length.ZERO) ? Optional.empty() : Optional.of(new BoardModule(v))))),
                model::complain));
        out.add(Widgets.quiet("Sheets so wide: walls say which lengths near theirs need no cut. 0 for none."));
        out.add(Widgets.section(
                "Laser meter", new MeterTray(window.meter()).nodes().toArray(Node[]::new)));
        return out;
    }

    /** What becomes of the walls drawn next. */
    private Node works(Wall.Works now) {
        var row = new FlowPane(6, 6);
        for (var works : Wall.Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.label(),
                            "draw-works-" + Tray.id(works.label()),
                            works.meaning(),
                            works == now,
                            () -> model.chooseWithin(model.now().choices().withWorks(works))));
        }
        return row;
    }

    private <T> VBox choice(
            T[] values, Function<T, String> label, String id, String tip, T selected, Consumer<T> take) {
        var box = new VBox(4);
        for (var value : values) {
            box.getChildren()
                    .add(Widgets.toggle(
                            label.apply(value),
                            id + Tray.id(label.apply(value)),
                            tip,
                            value.equals(selected),
                            () -> take.accept(value)));
        }
        return box;
    }
}
