package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Sight;
import honeylamp.store.PictureImport.Notes;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.VBox;

/** Bringing in pictures and surveys, and the pile of pictures of this storey. */
record UnderlayTray(WorkspaceModel model, WindowActions window) {
    List<Node> nodes() {
        var underlays = model.now().currentStorey().underlays();
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
        out.add(cameraNotes());
        if (underlays.isEmpty()) {
            out.add(
                    Widgets.quiet(
                            "Bring in a scan, a photo, a listing picture or a page to trace. No picture? Go to Walls and walk a room."));
            return out;
        }
        out.add(Widgets.section("Pictures", pile(underlays)));
        if (underlays.stream().noneMatch(u -> model.now().selection().contains(u.id()))) {
            out.add(fade(underlays.getLast())); // the card has it for a picture that is picked
        }
        out.add(Widgets.button(
                "Propose level",
                "propose-level",
                "Looks for the angle at which the picture's lines run, and shows it",
                window::proposeLevel));
        out.add(Widgets.toggle(
                "Beside the plan",
                "toggle-beside",
                "The picture in a pane of its own (B)",
                window.besideShown(),
                window::toggleBeside));
        if (!model.now().currentStorey().walls().isEmpty()) {
            out.add(Widgets.section("Traced work", tracedWork()));
        }
        return out;
    }

    private Node cameraNotes() {
        var keep = new CheckBox("Keep a camera's notes");
        keep.setId("keep-notes");
        keep.setWrapText(true);
        keep.setTooltip(
                new Tooltip("Place, time and owner of a photo go into the plan file; else only the picture does"));
        keep.setSelected(model.now().choices().pictures().notes() == Notes.KEPT);
        keep.setOnAction(_ ->
                model.chooseWithin(model.now().choices().withNotes(keep.isSelected() ? Notes.KEPT : Notes.LEFT_OUT)));
        return keep;
    }

    private Node pile(List<Underlay> underlays) {
        var box = new VBox(4);
        for (var underlay : underlays.reversed()) {
            var hidden = underlay.sight() == Sight.HIDDEN;
            var name = new Button("", new Label(underlay.picture().name()));
            name.setId("picture-" + underlay.id().text());
            name.getStyleClass().add("list-row");
            name.setMaxWidth(Double.MAX_VALUE);
            name.setAccessibleText("Pick " + underlay.picture().name());
            name.pseudoClassStateChanged(
                    javafx.css.PseudoClass.getPseudoClass("active"),
                    model.now().selection().contains(underlay.id()));
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
                        UnderlayEdits.treat(model.now().plan(), model.now().storey(), top.id(), t -> t.faded(value)),
                        "Fade underlay",
                        going));
    }

    private Node tracedWork() {
        var goes = model.now().choices().tracedWork() == TracedWork.GOES_ALONG;
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
