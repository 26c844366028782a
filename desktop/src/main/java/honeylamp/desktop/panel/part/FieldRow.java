package honeylamp.desktop.panel.part;

import javafx.geometry.Orientation;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.text.Text;

/**
 * A name, a field and its unit on one line, the field at the right; where that has no room the name stands above, so that
 * neither is cut.
 */
class FieldRow extends HBox {
    private static final double LINES_APART = 2;

    /** What a field needs beside its text. */
    private static final double AROUND_TEXT = 20;

    private static final double SPACING = 6;

    private final Label name;
    private final TextField field;
    private final Label unit;

    /** What the field shows before anything is typed: it is as wide as that. */
    private final Text shown = new Text();

    FieldRow(Label name, TextField field, Label unit) {
        super(SPACING);
        this.name = name;
        this.field = field;
        this.unit = unit;
        getStyleClass().add("field-row");
        name.getStyleClass().add("field-name");
        name.setWrapText(true);
        name.setLabelFor(field);
        unit.getStyleClass().addAll("quiet", "unit");
        unit.setManaged(!unit.getText().isEmpty());
        unit.setVisible(unit.isManaged());
        shown.setText(field.getText());
        shown.fontProperty().bind(field.fontProperty());
        getChildren().addAll(name, field, unit);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private double across() {
        return snappedLeftInset() + snappedRightInset();
    }

    private double unitWidth() {
        return unit.isManaged() ? getSpacing() + unit.prefWidth(-1) : 0;
    }

    /** As wide as what the field shows, and never less than it may be. */
    private double leastField() {
        return Math.max(field.minWidth(-1), snapSizeX(shown.getLayoutBounds().getWidth() + AROUND_TEXT));
    }

    private double fieldWidth() {
        return Math.max(field.prefWidth(-1), leastField());
    }

    private double oneLine(double fieldWidth) {
        return snapSizeX(name.prefWidth(-1)) + getSpacing() + fieldWidth + unitWidth();
    }

    private boolean isOneLine(double width) {
        return oneLine(leastField()) <= width - across();
    }

    @Override
    protected double computeMinWidth(double height) {
        return across() + field.minWidth(-1) + unitWidth();
    }

    @Override
    protected double computePrefWidth(double height) {
        return across() + oneLine(fieldWidth());
    }

    @Override
    protected double computePrefHeight(double width) {
        var inside = width < 0 ? oneLine(fieldWidth()) : width - across();
        var around = snappedTopInset() + snappedBottomInset();
        var line = Math.max(field.prefHeight(-1), unit.prefHeight(-1));
        return width < 0 || isOneLine(width)
                ? around + Math.max(name.prefHeight(-1), line)
                : around + snapSizeY(name.prefHeight(inside)) + LINES_APART + line;
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected void layoutChildren() {
        var left = snappedLeftInset();
        var top = snappedTopInset();
        var inside = getWidth() - across();
        var below = getHeight() - top - snappedBottomInset();
        var right = left + inside - unitWidth();
        var isOneLine = isOneLine(getWidth());
        var beside = isOneLine ? snapSizeX(name.prefWidth(-1)) + getSpacing() : 0;
        var fieldWidth = Math.min(fieldWidth(), inside - unitWidth() - beside);
        if (isOneLine) {
            name.resizeRelocate(
                    left,
                    snapPositionY(top + (below - name.prefHeight(-1)) / 2),
                    inside - getSpacing() - fieldWidth - unitWidth(),
                    name.prefHeight(-1));
            lay(right - fieldWidth, top, fieldWidth, below);
        } else {
            var high = snapSizeY(name.prefHeight(inside));
            name.resizeRelocate(left, top, inside, high);
            lay(right - fieldWidth, top + high + LINES_APART, fieldWidth, below - high - LINES_APART);
        }
    }

    private void lay(double x, double y, double wide, double high) {
        var own = Math.min(high, field.prefHeight(-1));
        field.resizeRelocate(snapPositionX(x), snapPositionY(y + (high - own) / 2), wide, own);
        var unitHigh = unit.prefHeight(-1);
        unit.resizeRelocate(
                snapPositionX(x + wide + getSpacing()),
                snapPositionY(y + (high - unitHigh) / 2),
                unit.prefWidth(-1),
                unitHigh);
    }
}
