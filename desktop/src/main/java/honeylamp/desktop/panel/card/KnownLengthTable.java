package honeylamp.desktop.panel.card;

import honeylamp.derive.traced.ScaleFit;
import honeylamp.derive.traced.TracedLengths;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Placing.Axes;
import honeylamp.plan.Plan;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/** The lengths written on a picture: what the picture and the trace make of each, and which of them count. */
record KnownLengthTable(WorkspaceModel model) {
    List<Node> of(Underlay underlay) {
        var out = new ArrayList<Node>();
        if (underlay.knownLengths().isEmpty()) {
            out.add(Widgets.quiet("No known length yet. Take \"Known length\" and click both ends of one."));
            return out;
        }
        var fit = ScaleFit.of(underlay);
        out.add(table(underlay, fit));
        fit.ifPresent(f -> out.add(Widgets.quiet(f.words(units()))));
        fit.ifPresent(f -> axes(underlay, f).ifPresent(out::add));
        return out;
    }

    private honeylamp.units.UnitSystem units() {
        return model.now().plan().units();
    }

    private GridPane table(Underlay underlay, Optional<ScaleFit> fit) {
        var grid = new GridPane(6, 4);
        grid.getStyleClass().add("lengths");
        grid.setId("known-lengths");
        var heads = List.of("Written", "Picture", "Trace", "");
        for (var i = 0; i < heads.size(); i++) {
            var head = Widgets.quiet(heads.get(i));
            head.setMinWidth(Region.USE_PREF_SIZE);
            grid.add(head, i, 0);
        }
        var rows = TracedLengths.of(model.geometry(), underlay);
        for (var i = 0; i < rows.size(); i++) {
            row(grid, underlay, fit, rows.get(i), i);
        }
        return grid;
    }

    private void row(GridPane grid, Underlay underlay, Optional<ScaleFit> fit, TracedLengths.Row row, int index) {
        var counts = new CheckBox(LengthText.rounded(row.known().length(), units()));
        counts.setId("known-" + index);
        counts.setSelected(row.known().trust() == Trust.COUNTED);
        Tips.on(counts, "Counts for the scale; without the tick it is only compared");
        counts.setAccessibleText("Length " + counts.getText() + " counts for the scale");
        counts.setOnAction(_ -> edit(
                UnderlayEdits.changeKnown(
                        plan(),
                        model.now().storey(),
                        underlay.id(),
                        index,
                        k -> k.withTrust(counts.isSelected() ? Trust.COUNTED : Trust.LEFT_OUT),
                        traced()),
                counts.isSelected() ? "Count known length" : "Leave known length out"));
        counts.setMinWidth(Region.USE_PREF_SIZE);
        grid.add(counts, 0, index + 1);
        var percent = row.picturePercent();
        var picture =
                new Label(difference(row.pictureMm() - row.known().length().mm()) + percentShown(percent));
        Tips.on(picture, "What the picture measures more or less than what is written");
        mark(picture, Math.abs(percent) > ScaleFit.WARNING_PERCENT);
        if (fit.flatMap(f -> f.suspect().stream().boxed().findFirst())
                .filter(s -> s == index)
                .isPresent()) {
            picture.setText("\u26a0 " + picture.getText());
        }
        grid.add(picture, 1, index + 1);
        var trace = new Label(
                row.differenceMm().isEmpty()
                        ? "\u2013"
                        : difference(row.differenceMm().getAsDouble()));
        Tips.on(trace, "What the traced walls measure more or less; \u2013 is not traced yet");
        mark(
                trace,
                Math.abs(row.differenceMm().orElse(0))
                        > 0.01 * row.known().length().mm());
        grid.add(trace, 2, index + 1);
        var gone = new Button("\u00d7");
        gone.setId("known-gone-" + index);
        gone.getStyleClass().add("small");
        gone.setAccessibleText("Remove this known length");
        Tips.on(gone, "Remove this known length");
        gone.setOnAction(_ -> edit(
                UnderlayEdits.removeKnown(plan(), model.now().storey(), underlay.id(), index, traced()),
                "Remove known length"));
        grid.add(gone, 3, index + 1);
    }

    private String difference(double mm) {
        var text = LengthText.rounded(Length.ofMm(Math.abs(mm)), units());
        var nothing = text.equals(LengthText.rounded(Length.ZERO, units()));
        return nothing ? text : (mm < 0 ? "\u2212" : "+") + text;
    }

    private static String percentShown(double percent) {
        return Math.abs(percent) < 0.05 ? "" : String.format(Locale.ROOT, " (%+.1f %%)", percent);
    }

    private static void mark(Label label, boolean wrong) {
        label.setMinWidth(Region.USE_PREF_SIZE);
        label.getStyleClass().add(wrong ? "wrong" : "right");
    }

    private Optional<Node> axes(Underlay underlay, ScaleFit fit) {
        var separate = underlay.placing().axes() == Axes.SEPARATE;
        if (!separate && !fit.stretched().likely()) {
            return Optional.empty();
        }
        return Optional.of(Widgets.button(
                separate ? "One scale again" : "Separate scales",
                "axes",
                separate
                        ? "Rows and columns of the picture have the same scale"
                        : "Rows and columns of a stretched picture have scales of their own",
                () -> edit(
                        UnderlayEdits.setAxes(
                                plan(),
                                model.now().storey(),
                                underlay.id(),
                                separate ? Axes.ONE : Axes.SEPARATE,
                                traced()),
                        separate ? "One scale" : "Separate scales")));
    }

    private TracedWork traced() {
        return model.now().currentStorey().walls().isEmpty()
                ? TracedWork.STAYS
                : model.now().choices().tracedWork();
    }

    private Plan plan() {
        return model.now().plan();
    }

    private void edit(Plan plan, String action) {
        model.edit(plan, action);
    }
}
