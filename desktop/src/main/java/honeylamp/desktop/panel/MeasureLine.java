package honeylamp.desktop.panel;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.Workspace.Said.Weight;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.guide.Place;
import honeylamp.survey.MeterLine;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

/** Live numbers of the gesture under way, named, and typed over without a click. */
public final class MeasureLine extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final PseudoClass NEWS = PseudoClass.getPseudoClass("news");

    private static final int LINES = 2;
    private static final double FULL_WIDTH_PX = 460;
    private static final double USUAL_PX = 520;
    private static final double MANY_PX = 690;
    private static final int FEW_FIELDS = 2;

    /** The size of the hint's words where all words have their usual size. */
    private static final double HINT_PX = 11.5;

    private static final double SLACK_PX = 3;
    private static final double LEAST_HINT_PX = 40;

    /** Lines end where words do, so two of them hold less than twice their width. */
    private static final double RAGGED = 1.35;

    /** A narrower line leaves its room to the hint; what is caught is said beside the pointer. */
    private static final double WIDE_PX = 480;

    private final WorkspaceModel model;
    private final Node plan;
    private final Label inFull = new Label();
    private final HBox line = new HBox(14);
    private final HBox box = new HBox(10);
    private final HBox beside;
    private final Button why;
    private final Label echo = new Label();
    private final Label caught = new Label();
    private final Label hint = new Label();
    private final List<TextField> fields = new ArrayList<>();
    private final List<Label> names = new ArrayList<>();
    private List<Readout.Field> shown = List.of();

    /**
     * A measure line.
     *
     * @param plan gets the keyboard back after Enter and Escape
     * @param guide opens the guide where a complaint is told about
     */
    public MeasureLine(WorkspaceModel model, Node plan, Consumer<Place> guide) {
        super(2);
        this.model = model;
        this.plan = plan;
        setId("measure-line");
        getStyleClass().addAll("measure-line", "pill");
        setMinWidth(0);
        setMaxWidth(USE_PREF_SIZE);
        echo.getStyleClass().add("echo");
        echo.setId("echo");
        caught.getStyleClass().add("caught-word");
        hint.getStyleClass().add("hint");
        hint.setId("hint");
        hint.setWrapText(true);
        caught.setMinWidth(USE_PREF_SIZE);
        echo.setMinWidth(0); // cut rather than laid over its neighbour in the narrowest window
        box.setMinWidth(USE_PREF_SIZE);
        why = Widgets.why("said-why", () -> guide.accept(Topics.ofSaid(model.now())));
        why.managedProperty().bind(why.visibleProperty());
        beside = new HBox(10, echo, caught, why);
        beside.setAlignment(Pos.CENTER);
        beside.setMinWidth(0);
        hint.setMinWidth(0);
        hint.setPrefWidth(1);
        hint.setMinHeight(USE_PREF_SIZE); // a label asked for its height knows no width yet
        hint.setMaxHeight(USE_PREF_SIZE);
        hint.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(hint, Priority.ALWAYS);
        inFull.setId("said-in-full");
        inFull.getStyleClass().addAll("hint", "said-in-full");
        inFull.setWrapText(true);
        inFull.setMaxSize(FULL_WIDTH_PX, USE_PREF_SIZE);
        inFull.setMinHeight(USE_PREF_SIZE);
        inFull.setMouseTransparent(true);
        inFull.managedProperty().bind(inFull.visibleProperty());
        line.getChildren().addAll(hint, box, beside);
        getChildren().add(line);
        model.state().subscribe(_ -> update());
        model.shown().ways().known().subscribe((_, _) -> update());
        var grown = new Later(
                () -> { // words are placed anew, which must not happen while the window is laid out
                    width();
                    update();
                });
        widthProperty().subscribe(grown::ask);
        hint.fontProperty().subscribe(grown::ask);
        box.widthProperty().subscribe(grown::ask);
        beside.widthProperty().subscribe(grown::ask); // it gets its own letters after the hint was placed
        hint.widthProperty().subscribe(grown::ask);
    }

    /** What is said and does not fit beside the fields, in full, to lie over the lower edge of the plan. */
    public Node inFull() {
        return inFull;
    }

    /** How wide its fields stand, to watch; known once they are laid out. */
    public ReadOnlyDoubleProperty fieldsWide() {
        return box.widthProperty();
    }

    /** Narrower than this its fields do not stand beside each other, or its hint takes more than two lines. */
    public double leastWidth() {
        var fieldsWide = box.prefWidth(-1) + (fields.isEmpty() ? 0 : line.getSpacing()) + LEAST_HINT_PX;
        var hintWide = text(hint.getText()).getLayoutBounds().getWidth() / LINES * RAGGED;
        return Math.max(fieldsWide, hintWide)
                + getInsets().getLeft()
                + getInsets().getRight();
    }

    private void update() {
        var readout = model.readout();
        if (!asksTheSame(readout.fields())) {
            rebuild(readout.fields());
        }
        shown = readout.fields();
        for (var i = 0; i < fields.size(); i++) {
            fields.get(i).setPromptText(readout.fields().get(i).value());
            names.get(i).setText(readout.fields().get(i).name()); // of the wall that is pointed at now
        }
        caught.setText(readout.caught());
        showCaught();
        var message = model.now().message();
        var fits =
                fits(message, getWidth() - getInsets().getLeft() - getInsets().getRight());
        hint.setText(message.isEmpty() || !fits ? readout.hint() : message);
        placeHint();
        why.setVisible(!message.isEmpty() && model.now().said().weight() == Weight.COMPLAINT);
        inFull.setText(message);
        inFull.setVisible(!fits);
        for (var words : List.of(hint, inFull)) {
            var said = words == inFull || fits;
            words.pseudoClassStateChanged(WRONG, said && model.now().said().weight() == Weight.COMPLAINT);
            words.pseudoClassStateChanged(
                    NEWS, said && !message.isEmpty() && model.now().said().weight() == Weight.NEWS);
        }
    }

    /** The hint stands beside the fields where it has the room, else above them; it is never cut. */
    private void placeHint() {
        var taken = box.prefWidth(-1) + beside.prefWidth(-1) + 2 * line.getSpacing();
        var whole = getWidth() - getInsets().getLeft() - getInsets().getRight();
        var there = fits(hint.getText(), whole - taken) ? line : this;
        hint.setPrefHeight(highMostly(there == line ? whole - taken : whole));
        if (hint.getParent() != there) {
            line.getChildren().remove(hint);
            getChildren().remove(hint);
            there.getChildren().addFirst(hint);
        }
    }

    /** How high the hint stands: as its words are measured, and as it says itself once it has its letters. */
    private double highMostly(double widthPx) {
        hint.setPrefHeight(USE_COMPUTED_SIZE);
        var own = hint.prefHeight(Math.max(1, widthPx - SLACK_PX));
        return Math.ceil(Math.max(own, high(hint.getText(), widthPx))) + 3;
    }

    /** Whether words take no more than two lines of so many px, and no word of them is wider. */
    private boolean fits(String words, double widthPx) {
        if (words.isEmpty()) {
            return true;
        }
        var longest = Stream.of(words.split("\\s+"))
                .mapToDouble(w -> text(w).getLayoutBounds().getWidth())
                .max()
                .orElse(0);
        return longest < widthPx - SLACK_PX
                && high(words, widthPx)
                        < (LINES + 0.5) * text("1").getLayoutBounds().getHeight();
    }

    /** How high words stand in lines of so many px. */
    private double high(String words, double widthPx) {
        var text = text(words);
        text.setWrappingWidth(Math.max(1, widthPx - SLACK_PX));
        return text.getLayoutBounds().getHeight();
    }

    private Text text(String words) {
        var text = new Text(words);
        text.setFont(hint.getFont());
        return text;
    }

    /** Wider for many fields, and with the size of the words. */
    private void width() {
        setPrefWidth((fields.size() > FEW_FIELDS ? MANY_PX : USUAL_PX)
                * hint.getFont().getSize()
                / HINT_PX);
    }

    private boolean asksTheSame(List<Readout.Field> next) {
        return asks(next).equals(asks(shown));
    }

    private static List<Ask<?>> asks(List<Readout.Field> fields) {
        return fields.stream().<Ask<?>>map(Readout.Field::ask).toList();
    }

    private void rebuild(List<Readout.Field> next) {
        var hadFocus = fields.stream().anyMatch(Node::isFocused);
        fields.clear();
        names.clear();
        box.getChildren().clear();
        read();
        for (var i = 0; i < next.size(); i++) {
            var field = field(next.get(i), i);
            fields.add(field);
            var name = new Label(next.get(i).name());
            name.getStyleClass().add("field-name");
            name.setLabelFor(field);
            name.setMinWidth(USE_PREF_SIZE);
            field.setMinWidth(USE_PREF_SIZE);
            names.add(name);
            box.getChildren().add(new HBox(5, name, field));
        }
        width();
        if (hadFocus) {
            plan.requestFocus();
        }
    }

    private TextField field(Readout.Field spec, int index) {
        var field = new TextField();
        field.setId("measure-" + index);
        field.getStyleClass().add("measure-field");
        if (spec.ask().kind() == Ask.Kind.WORDS) {
            field.getStyleClass().add("words");
        }
        field.setAccessibleText(spec.name());
        field.textProperty().subscribe((_, _) -> read());
        field.setOnAction(_ -> enter());
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                clear();
                plan.requestFocus();
                e.consume();
            }
        });
        return field;
    }

    /** What is typed is read; its full value is said, so that it cannot be misread. */
    private void read() {
        model.typing(fields.stream().map(TextField::getText).toList());
        echo.setText(model.typing().get().echo());
        showCaught();
    }

    /** What is typed goes before what the pointer catches, which stands beside the pointer too. */
    private void showCaught() {
        var shows = !caught.getText().isEmpty() && echo.getText().isEmpty() && getWidth() >= WIDE_PX;
        caught.setVisible(shows);
        caught.setManaged(shows);
    }

    private void enter() {
        var typed = model.typing().get();
        clear();
        plan.requestFocus();
        model.entered(typed);
    }

    private void clear() {
        fields.forEach(TextField::clear);
    }

    /**
     * A sign was typed while no field had the keyboard: the first field that takes it gets it.
     *
     * @return whether it was taken
     */
    public boolean type(String sign) {
        if (fields.isEmpty() || sign.isEmpty() || sign.charAt(0) < ' ' || sign.charAt(0) == 127) {
            return false;
        }
        var words = shown.getFirst().ask().kind() == Ask.Kind.WORDS;
        var numberSign = "0123456789.,-'\"(".indexOf(sign.charAt(0)) >= 0;
        if (!words && !numberSign) {
            return false;
        }
        var field = fields.getFirst();
        field.requestFocus();
        field.appendText(sign);
        field.end();
        return true;
    }

    /**
     * Gives the keyboard to the first field.
     *
     * @return whether there is one
     */
    public boolean focusFirst() {
        if (fields.isEmpty()) {
            return false;
        }
        fields.getFirst().requestFocus();
        return true;
    }

    /** A reading came from a meter: it lands in the first field that takes a length, as if typed. */
    public void reading(MeterLine.Reading reading) {
        for (var i = 0; i < fields.size(); i++) {
            if (shown.get(i).ask().kind() == Ask.Kind.LENGTH) {
                fields.get(i).setText(reading.text());
                fields.get(i).requestFocus();
                fields.get(i).end();
                if (reading.entered()) {
                    enter();
                }
                return;
            }
        }
        model.say("The meter read " + reading.text() + "; nothing asks for a length just now.");
    }

    /** Puts a length into the first field that takes one, as if typed, and waits for Enter. */
    public void put(Length length) {
        reading(new MeterLine.Reading(
                LengthText.exact(length, model.now().plan().units()), false));
    }

    /** Enter was pressed on the plan: the gesture is told, with nothing typed. */
    public void enterFromPlan() {
        enter();
    }

    /** Whether the first field takes words, so that letters are no commands. */
    public boolean takesWords() {
        return !shown.isEmpty() && shown.getFirst().ask().kind() == Ask.Kind.WORDS;
    }
}
