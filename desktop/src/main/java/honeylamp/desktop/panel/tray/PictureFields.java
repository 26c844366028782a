package honeylamp.desktop.panel.tray;

import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.PageEdits;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.UnitSystem;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The pictures laid on a page: where they lie and how wide they are. */
record PictureFields(WorkspaceModel model, WindowActions window, SheetTray.Part part) {
    /** A mark of the house, a photograph: dragged on the page, or typed here. */
    Node all() {
        var out = new VBox(
                6,
                Widgets.button(
                        "Lay a picture on the page\u2026",
                        "page-picture",
                        "A mark of the house, a photograph: it lies above the plan and is printed",
                        window::layPictureOnPage));
        for (var i = 0; i < part.page().pictures().size(); i++) {
            out.getChildren().add(picture(i));
        }
        return out;
    }

    private Node picture(int at) {
        var laid = part.page().pictures().get(at);
        var name = new Label(laid.picture().name());
        name.getStyleClass().add("field-name");
        return new VBox(
                4,
                name,
                paperMm(
                        "From the left",
                        "picture-left-" + at,
                        laid.leftMm(),
                        mm -> put(at, mm, laid.downMm(), laid.widthMm())),
                paperMm(
                        "From the top",
                        "picture-down-" + at,
                        laid.downMm(),
                        mm -> put(at, laid.leftMm(), mm, laid.widthMm())),
                paperMm(
                        "Width",
                        "picture-width-" + at,
                        laid.widthMm(),
                        mm -> put(at, laid.leftMm(), laid.downMm(), mm)),
                Widgets.button(
                        "Take it away",
                        "picture-away-" + at,
                        "The page is without it; undo brings it back",
                        () -> model.edit(
                                PageEdits.takePicture(
                                        model.now().plan(), part.page().id(), at),
                                "Take picture away")));
    }

    private Outcome<Plan> put(int at, double left, double down, double width) {
        return PageEdits.putPicture(model.now().plan(), part.page().id(), at, left, down, width);
    }

    private Node paperMm(String name, String id, double mm, Function<Double, Outcome<Plan>> change) {
        return paperMm(model, part.units(), name, id, mm, change, "Put picture");
    }

    /** A length on paper, from 0. */
    static Node paperMm(
            WorkspaceModel model,
            UnitSystem units,
            String name,
            String id,
            double mm,
            Function<Double, Outcome<Plan>> change,
            String action) {
        return new LengthField(
                name,
                id,
                Length.ofMm(mm),
                units,
                LengthReader::notNegative,
                v -> model.edit(change.apply(v.mm()), action),
                model::complain);
    }
}
