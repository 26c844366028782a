package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.trace.SeeDifferences;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.plan.ElementId;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.PictureImport.Notes;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Bringing in pictures and surveys, and the pile of pictures of this storey. */
record UnderlayTray(WorkspaceModel model, WindowActions window) implements Content<UnderlayTray.Part> {
    /**
     * What is shown.
     *
     * @param traced whether walls stand on the storey
     * @param differences in what the picture and the plan differ, while that is looked at
     * @param beside whether a picture is shown beside the plan
     */
    record Part(
            List<Underlay> underlays,
            Set<ElementId> picked,
            boolean traced,
            Notes notes,
            TracedWork tracedWork,
            Optional<SeeDifferences> differences,
            UnitSystem units,
            boolean beside) {}

    @Override
    public Part part(Workspace now) {
        return new Part(
                now.currentStorey().underlays(),
                now.selection(),
                !now.currentStorey().walls().isEmpty(),
                now.choices().pictures().notes(),
                now.choices().tracedWork(),
                now.gesture() instanceof SeeDifferences see ? Optional.of(see) : Optional.empty(),
                now.plan().units(),
                window.besideShown());
    }

    @Override
    public List<Node> nodes(Part part) {
        var underlays = part.underlays();
        var out = new ArrayList<Node>();
        var bring = Widgets.button(
                "Bring in picture\u2026",
                "bring-in",
                "PNG, JPEG, GIF, BMP, TIFF, WebP, SVG or PDF; or drop a file on the plan, or paste ("
                        + window.commands().of("picture").keyText() + ", " + Keys.PASTE.text() + ")",
                window::bringInPicture);
        bring.getStyleClass().add("main-action");
        out.add(bring);
        out.add(Widgets.button(
                "Bring in survey\u2026",
                "bring-in-survey",
                "Readings taken on site, as CSV or JSON, become a plan",
                window::bringInSurvey));
        out.add(Widgets.button(
                "Bring in model\u2026",
                "bring-in-model",
                "Walls, openings and rooms that another program wrote as IFC4 become a plan to draw on",
                window::bringInModel));
        out.add(cameraNotes(part.notes()));
        if (underlays.isEmpty()) {
            out.add(
                    Widgets.quiet(
                            "Bring in a scan, a photo, a listing picture or a page to trace. No picture? Go to Walls and walk a room."));
            return out;
        }
        out.add(Widgets.section("Pictures", pile(underlays, part.picked())));
        if (underlays.stream().noneMatch(u -> part.picked().contains(u.id()))) {
            out.add(fade(underlays.getLast())); // the card has it for a picture that is picked
        }
        out.add(Widgets.button(
                "Propose level",
                "propose-level",
                "Looks for the angle at which the picture's lines run, and shows it",
                window::proposeLevel));
        out.add(Widgets.button(
                "Read lengths",
                "read-lengths",
                "Looks for the lengths written at its dimension lines, and lays them over it to give it its scale",
                window::proposeLengths));
        out.add(Widgets.button(
                "Read walls",
                "read-walls",
                "Looks for the walls, doors and windows the picture shows, and lays them over it to be taken or refused",
                window::proposeWalls));
        if (part.traced()) {
            out.add(Widgets.button(
                    "Compare with plan",
                    "compare-picture",
                    "Lists the walls and openings in which the picture and the plan differ",
                    window::comparePicture));
        }
        part.differences().ifPresent(d -> out.add(Widgets.section("Differences", differences(d, part.units()))));
        out.add(Widgets.toggle(
                "Beside the plan",
                "toggle-beside",
                "The picture in a pane of its own (B)",
                part.beside(),
                window::toggleBeside));
        if (part.traced()) {
            out.add(Widgets.section("Traced work", tracedWork(part.tracedWork())));
        }
        return out;
    }

    private Node cameraNotes(Notes notes) {
        var keep = new CheckBox("Keep a camera's notes");
        keep.setId("keep-notes");
        keep.setWrapText(true);
        Tips.on(keep, "Place, time and owner of a photo go into the plan file; else only the picture does");
        keep.setSelected(notes == Notes.KEPT);
        keep.setOnAction(_ ->
                model.chooseWithin(model.now().choices().withNotes(keep.isSelected() ? Notes.KEPT : Notes.LEFT_OUT)));
        return keep;
    }

    private Node differences(SeeDifferences see, UnitSystem units) {
        var box = new VBox(4);
        for (var i = 0; i < see.differences().all().size(); i++) {
            var number = i;
            var difference = see.differences().all().get(i);
            var words = new Label((i + 1) + "  " + difference.words(units));
            words.setWrapText(true);
            var row = new Button("", words);
            row.setId("difference-" + (i + 1));
            row.getStyleClass().add("list-row");
            row.setMaxWidth(Double.MAX_VALUE);
            row.setOnAction(_ -> {
                model.act(new Intent.Begin(see.looking(number)));
                window.showAround(difference.where());
            });
            box.getChildren().add(row);
        }
        return box;
    }

    private Node pile(List<Underlay> underlays, Set<ElementId> picked) {
        var box = new VBox(4);
        for (var underlay : underlays.reversed()) {
            var hidden = underlay.sight() == Sight.HIDDEN;
            var name = new Button("", new Label(underlay.picture().name()));
            name.setId("picture-" + underlay.id().text());
            name.getStyleClass().add("list-row");
            name.setMaxWidth(Double.MAX_VALUE);
            name.setAccessibleText("Pick " + underlay.picture().name());
            name.pseudoClassStateChanged(
                    javafx.css.PseudoClass.getPseudoClass("active"), picked.contains(underlay.id()));
            name.setOnAction(_ -> model.pick(Set.of(underlay.id())));
            box.getChildren().add(name);
            if (hidden) {
                name.setOpacity(0.55);
            }
        }
        var allHidden = underlays.stream().allMatch(u -> u.sight() == Sight.HIDDEN);
        box.getChildren()
                .add(Widgets.button(
                        allHidden ? "Show underlays" : "Hide underlays",
                        "underlay-sight",
                        "U does it too",
                        window::toggleUnderlays));
        return box;
    }

    private Node fade(Underlay top) {
        return Widgets.slider(
                "Fade",
                "fade",
                0,
                1,
                top.treatment().fade(),
                (value, going) -> model.slide(
                        UnderlayEdits.treat(model.now().plan(), model.now().storey(), top.id(), t -> t.withFade(value)),
                        "Fade underlay",
                        going));
    }

    private Node tracedWork(TracedWork now) {
        var goes = now == TracedWork.GOES_ALONG;
        return Widgets.row(
                Widgets.toggle(
                        "Goes along",
                        "traced-along",
                        "Walls and openings are scaled, turned and moved with the picture",
                        goes,
                        () -> model.chooseWithin(model.now().choices().withTracedWork(TracedWork.GOES_ALONG))),
                Widgets.toggle(
                        "Stays",
                        "traced-stays",
                        "Walls and openings keep their sizes and places",
                        !goes,
                        () -> model.chooseWithin(model.now().choices().withTracedWork(TracedWork.STAYS))));
    }
}
