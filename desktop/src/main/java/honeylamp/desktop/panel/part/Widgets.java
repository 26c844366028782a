package honeylamp.desktop.panel.part;

import java.util.List;
import java.util.Locale;
import java.util.function.IntConsumer;
import java.util.regex.Pattern;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The few kinds of controls the panels are made of. */
public final class Widgets {
    private Widgets() {}

    public static Label heading(String text) {
        var label = new Label(text);
        label.getStyleClass().add("heading");
        label.setMinWidth(Region.USE_PREF_SIZE); // what stands beside it gives way
        return label;
    }

    public static VBox fact(String name, String value) {
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        var number = new Label(value);
        number.getStyleClass().add("number");
        number.setWrapText(true);
        return new VBox(1, label, number);
    }

    /** The same of a value that may change. */
    public static VBox fact(String name, ObservableValue<String> value) {
        var out = fact(name, "");
        ((Label) out.getChildren().getLast()).textProperty().bind(value);
        return out;
    }

    public static Label quiet(String text) {
        var label = new Label(text);
        label.getStyleClass().add("quiet");
        label.setWrapText(true);
        return label;
    }

    public static Button button(String text, String id, String tip, Runnable action) {
        var button = new Button(text);
        button.setId(id);
        button.setOnAction(_ -> action.run());
        Tips.on(button, tip);
        button.setAccessibleText(text + ". " + tip);
        button.setMaxWidth(Double.MAX_VALUE);
        return button;
    }

    /** A small question mark that opens the page of the guide about what it stands beside. */
    public static Button why(String id, Runnable open) {
        var button = button("?", id, "The page of the guide about this", open);
        button.setAccessibleText(button.getAccessibleHelp());
        button.getStyleClass().addAll("small", "why");
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setMaxWidth(Region.USE_PREF_SIZE);
        return button;
    }

    public static ToggleButton toggle(String text, String id, String tip, boolean on, Runnable action) {
        var toggle = new ToggleButton(text);
        toggle.setId(id);
        toggle.setSelected(on);
        toggle.setOnAction(_ -> action.run());
        Tips.on(toggle, tip);
        toggle.setAccessibleText(text + ". " + tip);
        toggle.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(toggle, Priority.ALWAYS);
        return toggle;
    }

    /** Says what a button is for to those who do not see it: its words and its tip. */
    public static void named(Button button, String words) {
        var tip = button.getAccessibleHelp();
        button.setAccessibleText(tip == null ? words : words + ". " + tip);
    }

    /** A list that opens; {@code take} is told the place of what was chosen. */
    public static MenuButton menu(String text, String id, String tip, List<String> labels, IntConsumer take) {
        var menu = new MenuButton(text);
        menu.setId(id);
        Tips.on(menu, tip);
        menu.setAccessibleText(tip + ": " + text);
        menu.setMaxWidth(Double.MAX_VALUE);
        for (var i = 0; i < labels.size(); i++) {
            var index = i;
            var item = new MenuItem(labels.get(i));
            item.setOnAction(_ -> take.accept(index));
            menu.getItems().add(item);
        }
        return menu;
    }

    public static HBox row(Node... nodes) {
        var row = new HBox(6, nodes);
        row.getStyleClass().add("row");
        return row;
    }

    public static VBox section(String heading, Node... nodes) {
        var box = new VBox(6);
        box.getStyleClass().add("section");
        var alone = heading(heading);
        alone.setMinWidth(0);
        alone.setWrapText(true);
        box.getChildren().add(alone);
        box.getChildren().addAll(nodes);
        return box;
    }

    public static Region spring() {
        var region = new Region();
        HBox.setHgrow(region, Priority.ALWAYS);
        return region;
    }

    private static final Pattern NUMBER = Pattern.compile("-?[0-9]{1,6}([.,][0-9]{0,9})?");
    private static final double WIDE_RANGE = 20;
    private static final double NARROW_RANGE = 3;

    /** Takes each value of a slider; told whether it belongs to a slide that has begun before. */
    public interface Sliding {
        void take(double value, boolean going);
    }

    /** A named slider with live effect; all values of one drag are one slide. */
    public static VBox slider(String name, String id, double least, double most, double value, Sliding sliding) {
        var slider = new Slider(least, most, value);
        slider.setId(id);
        slider.setAccessibleText(name);
        var going = new boolean[1];
        slider.valueProperty().subscribe((_, now) -> {
            sliding.take(now.doubleValue(), going[0]);
            going[0] = slider.isValueChanging();
        });
        slider.valueChangingProperty().subscribe((_, is) -> going[0] = going[0] && is);
        var wrong = quiet("");
        wrong.getStyleClass().add("wrong-number");
        wrong.setId(id + "-wrong");
        wrong.setManaged(false);
        var label = quiet(name);
        var box = new VBox(2, row(label, spring(), number(name, slider, wrong)), slider, wrong);
        box.getStyleClass().add("slider-box");
        return box;
    }

    /** The number of a slider, to be read and typed over; beside it what is wrong with what was typed. */
    private static WordField number(String name, Slider slider, Label wrong) {
        var decimals = decimals(slider);
        var field = new WordField(name, slider.getId() + "-value", shown(slider.getValue(), decimals), text -> {
            var typed = NUMBER.matcher(text).matches() ? Double.parseDouble(text.replace(',', '.')) : Double.NaN;
            var isGood = typed >= slider.getMin() && typed <= slider.getMax();
            wrong.setManaged(!isGood);
            wrong.setText(
                    isGood
                            ? ""
                            : "Type a number from " + shown(slider.getMin(), decimals) + " to "
                                    + shown(slider.getMax(), decimals) + ".");
            if (isGood) {
                slider.setValue(typed);
            }
        });
        field.getStyleClass().add("slider-value");
        slider.valueProperty().subscribe((_, now) -> field.setText(shown(now.doubleValue(), decimals)));
        return field;
    }

    /** As many as one step of a hand on the slider tells apart. */
    private static int decimals(Slider slider) {
        var range = slider.getMax() - slider.getMin();
        return range > WIDE_RANGE ? 0 : range > NARROW_RANGE ? 1 : 2;
    }

    private static String shown(double value, int decimals) {
        return String.format(Locale.ROOT, "%." + decimals + "f", value);
    }

    /** Whether a slider within is being dragged, so that it must not be replaced now. */
    public static boolean sliding(Parent parent) {
        return parent.getChildrenUnmodifiable().stream()
                .anyMatch(n -> n instanceof Slider s ? s.isValueChanging() : n instanceof Parent p && sliding(p));
    }

    /** Builds a pane's content anew; what had the keyboard has it again if it is still there. */
    public static void rebuilt(Pane pane, List<Node> nodes) {
        var owner = pane.getScene() == null ? null : pane.getScene().getFocusOwner();
        var id = owner == null ? null : owner.getId();
        var within = false;
        for (Node node = owner; node != null; node = node.getParent()) {
            within |= node == pane;
        }
        pane.getChildren().setAll(nodes);
        if (within && id != null && pane.lookup("#" + id) instanceof Node again) {
            again.requestFocus();
        }
    }
}
