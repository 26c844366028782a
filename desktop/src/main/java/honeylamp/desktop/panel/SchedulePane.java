package honeylamp.desktop.panel;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.listing.Schedule.Measure;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.OpeningLimits;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.takeoff.FinishTyping;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.StringJoiner;
import java.util.function.Function;
import java.util.regex.Pattern;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.cell.TextFieldTableCell;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The schedules below the plan: a row picks what it is about, what is picked shows its row, values are typed over. */
public final class SchedulePane extends VBox {
    private static final double HIGH_PX = 230;

    /** Columns whose values can be typed over. */
    private static final Set<String> TYPED = Set.of("width", "sill", "head", "product", "number", "name", "height");

    /** The same in the list of finishes. */
    private static final Set<String> TYPED_OF_FINISHES = Set.of("finish", "reason");

    private final WorkspaceModel model;
    private final WindowActions window;
    private final TableView<Row> table = new TableView<>();
    private final FlowPane bar = new FlowPane(6, 4);
    private final TextField only = new TextField();
    private final Label together = Widgets.quiet("");
    private final ListWork work = new ListWork();
    private Subject subject = Subject.DOORS;
    private @Nullable Subject headed;
    private @Nullable Plan shown;
    private boolean following;

    /** Schedules of a model's plan. */
    public SchedulePane(WorkspaceModel model, WindowActions window) {
        super(6);
        this.model = model;
        this.window = window;
        setId("schedules");
        getStyleClass().add("schedules");
        setPrefHeight(HIGH_PX);
        setMinHeight(HIGH_PX);
        setMaxHeight(HIGH_PX);
        bar.getStyleClass().add("row");
        table.setId("schedule-table");
        table.setEditable(true);
        table.setPlaceholder(Widgets.quiet("Nothing of this kind is in the plan yet."));
        only.setId("schedule-only");
        only.setPromptText("Only what says\u2026");
        only.setAccessibleText("Only rows that say these words, such as a room or a finish");
        only.textProperty().subscribe((_, _) -> update());
        together.setId("schedule-together");
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().addAll(bar, table, Widgets.row(only, together));
        table.getSelectionModel().selectedItemProperty().subscribe(this::rowPicked);
        model.state().subscribe(this::follow);
    }

    /** What is listed. */
    public Subject subject() {
        return subject;
    }

    /** Lists something else. */
    public void list(Subject other) {
        subject = other;
        update();
    }

    /** Builds the table anew for what is now in the plan. */
    public void update() {
        if (isVisible()) {
            shown = null;
            follow(model.now());
        }
    }

    private void follow(Workspace now) {
        if (!isVisible()) {
            return;
        }
        following = true; // what the model changes must not come back to it as a press on a row
        if (shown != now.plan()) {
            shown = now.plan();
            fill(now);
        }
        following = false;
        select(now);
    }

    /** Shows the row of what is picked. */
    private void select(Workspace now) {
        following = true;
        table.getItems().stream()
                .filter(r -> now.selection().contains(r.about()))
                .findFirst()
                .ifPresentOrElse(
                        r -> table.getSelectionModel().select(r),
                        () -> table.getSelectionModel().clearSelection());
        following = false;
    }

    private void fill(Workspace now) {
        bar.getChildren().setAll(buttons(now));
        together.setText("Counting\u2026");
        work.ask(model.shown().plan(), subject, only.getText(), this::listed);
    }

    private void listed(Schedule schedule) {
        following = true; // what stood in the table goes, and is no press on a row
        if (headed != subject) { // widths and the place scrolled to stay while values change
            headed = subject;
            table.getColumns()
                    .setAll(schedule.columns().stream()
                            .map(c -> column(schedule, c))
                            .toList());
        }
        table.getItems().setAll(schedule.rows());
        together.setText(together(schedule));
        following = false;
        select(model.now());
    }

    /** Whether the list is being worked out. */
    public boolean working() {
        return work.working();
    }

    /** What the columns come to, in one line. */
    private String together(Schedule schedule) {
        var total = schedule.total();
        var out = new StringJoiner(", ", schedule.rows().size() + " rows; together ", "");
        out.setEmptyValue("");
        for (var c = 0; c < total.size(); c++) {
            var text = text(total.get(c));
            if (!text.isEmpty()) {
                out.add(schedule.columns().get(c).heading().toLowerCase(Locale.ROOT) + " " + text);
            }
        }
        return out.toString();
    }

    private List<Node> buttons(Workspace now) {
        var out = new java.util.ArrayList<Node>();
        for (var s : Subject.values()) {
            var toggle = Widgets.toggle(
                    s.label(),
                    "schedule-" + s.name().toLowerCase(Locale.ROOT),
                    "Lists these",
                    s == subject,
                    () -> list(s));
            HBox.setHgrow(toggle, Priority.NEVER);
            out.add(toggle);
        }
        var tags = now.view().showing().of(Kind.TAGS);
        var tag = Widgets.toggle(
                "Tags on the plan",
                "schedule-tags",
                "Openings bear their tags on the sheet",
                tags == Degree.SHOWN,
                () -> model.edit(
                        ViewEdits.showing(
                                model.now().plan(), Kind.TAGS, tags == Degree.SHOWN ? Degree.HIDDEN : Degree.SHOWN),
                        "Show tags"));
        HBox.setHgrow(tag, Priority.NEVER);
        out.add(tag);
        var export =
                Widgets.button("Export schedules\u2026", "schedule-export", "XLSX or CSV", window::exportSchedules);
        var close = Widgets.button("Close", "schedule-close", "Hides the lists", () -> {
            if (subject.isTakeoff()) {
                window.toggleTakeoff();
            } else {
                window.toggleSchedules();
            }
        });
        for (var button : List.of(export, close)) {
            button.setMaxWidth(USE_PREF_SIZE);
            out.add(button);
        }
        return out;
    }

    private TableColumn<Row, String> column(Schedule schedule, Column column) {
        var at = schedule.columns().indexOf(column);
        var out = new TableColumn<Row, String>(column.heading());
        out.setId("schedule-column-" + column.key());
        out.setCellValueFactory(
                r -> new ReadOnlyStringWrapper(text(r.getValue().cells().get(at))));
        out.setSortable(true);
        out.setComparator(order(column.measure()));
        if (TYPED.contains(column.key()) || subject == Subject.FINISHES && TYPED_OF_FINISHES.contains(column.key())) {
            out.setCellFactory(TextFieldTableCell.forTableColumn());
            out.setOnEditCommit(e -> typed(e.getRowValue(), column.key(), e.getNewValue()));
        } else {
            out.setEditable(false);
        }
        return out;
    }

    /** Lengths and areas by their size, words with the numbers in them by these. */
    private Comparator<String> order(Measure measure) {
        return switch (measure) {
            case LENGTH -> Comparator.comparing(this::nanometres).thenComparing(Comparator.naturalOrder());
            case AREA, NUMBER ->
                Comparator.comparingDouble(SchedulePane::leading).thenComparing(Comparator.naturalOrder());
            case WORDS -> Comparator.comparing(SchedulePane::padded);
        };
    }

    private long nanometres(String text) {
        return LengthReader.signed(text, model.now().plan().units()) instanceof LengthReading.Good(var length)
                ? length.nanometres()
                : Long.MIN_VALUE;
    }

    private static double leading(String area) {
        var number = Pattern.compile("[0-9]+(\\.[0-9]+)?").matcher(area);
        return number.find() ? Double.parseDouble(number.group()) : -1;
    }

    private static String padded(String words) {
        return Pattern.compile("[0-9]+")
                .matcher(words)
                .replaceAll(m -> "0".repeat(Math.max(0, 12 - m.group().length())) + m.group());
    }

    private String text(Cell cell) {
        var units = model.now().plan().units();
        return switch (cell) {
            case Cell.Words(var text) -> text;
            case Cell.Long(var length) -> LengthText.rounded(length, units);
            case Cell.Wide(var area) -> AreaText.rounded(area, units);
            case Cell.Number number -> number.text();
        };
    }

    private void rowPicked(@Nullable Row row) {
        if (row == null || following) {
            return;
        }
        model.act(
                new Intent.GoTo(row.storey()),
                new Intent.TakeUp(tool(row.about())),
                new Intent.Pick(Set.of(row.about())));
    }

    /** The tool with which such a thing is picked. */
    private Tool tool(ElementId id) {
        return switch (id) {
            case ElementId.RoomId _ -> subject.isTakeoff() ? Tool.LAY_FINISH : Tool.NAME_ROOMS;
            case ElementId.WallId _ -> Tool.PICK_WALLS;
            case ElementId.RegionId _ -> Tool.PICK_REGIONS;
            case ElementId.FurnishingId _ -> Tool.PICK_PIECES;
            case ElementId.StructureId _ -> Tool.PICK_PARTS;
            default -> Tool.PICK_OPENINGS;
        };
    }

    /** Takes a value typed into the table, as the card would. */
    void typed(Row row, String key, String text) {
        if (subject == Subject.FINISHES) {
            finish(row, key, text);
        } else if (row.about() instanceof ElementId.OpeningId id) {
            model.now().plan().storey(row.storey()).opening(id).ifPresent(o -> opening(row.storey(), o, key, text));
        } else if (row.about() instanceof ElementId.RoomId id) {
            room(row.storey(), id, key, text);
        }
        update(); // what was refused shows its old value again
    }

    private void finish(Row row, String key, String text) {
        var laid = model.shown().plan();
        switch (key) {
            case "finish" -> model.edit(FinishTyping.finish(laid, row, text), "Lay finish");
            case "reason" -> model.edit(FinishTyping.why(laid, row, text), "Say why");
            default -> {}
        }
    }

    private void opening(ElementId.StoreyId storey, Opening opening, String key, String text) {
        var plan = model.now().plan();
        switch (key) {
            case "width" -> {
                var there = StoreyGeometry.of(plan, plan.storey(storey));
                length(text, false, v -> OpeningLimits.setWidth(plan, storey, there, Set.of(opening.id()), v));
            }
            case "sill" ->
                length(text, true, v -> OpeningEdits.setHeights(plan, storey, opening.id(), v, opening.head()));
            case "head" ->
                length(text, false, v -> OpeningEdits.setHeights(plan, storey, opening.id(), opening.sill(), v));
            case "product" ->
                model.edit(
                        OpeningEdits.build(plan, storey, opening.id(), m -> m.withProduct(text.strip())),
                        "Name product");
            default -> {}
        }
    }

    private void room(ElementId.StoreyId storey, ElementId.RoomId id, String key, String text) {
        var plan = model.now().plan();
        switch (key) {
            case "name" -> model.edit(RoomEdits.change(plan, storey, id, m -> m.withName(text.strip())), "Name room");
            case "number" ->
                model.edit(
                        RoomEdits.change(
                                plan, storey, id, m -> m.withFit(m.fit().withNumber(text.strip()))),
                        "Number room");
            case "height" ->
                length(text, false, v -> Outcome.done(RoomEdits.change(plan, storey, id, m -> high(m, v))));
            default -> {}
        }
    }

    private static RoomMark high(RoomMark mark, Length height) {
        return mark.withFit(mark.fit().withHeight(Optional.of(height)));
    }

    private void length(String text, boolean mayBeNothing, Function<Length, Outcome<Plan>> change) {
        var units = model.now().plan().units();
        switch (mayBeNothing ? LengthReader.notNegative(text, units) : LengthReader.positive(text, units)) {
            case LengthReading.Bad(var sentence) -> model.complain(sentence);
            case LengthReading.Good(var length) -> {
                model.edit(change.apply(length), "Change in schedule");
            }
        }
    }
}
