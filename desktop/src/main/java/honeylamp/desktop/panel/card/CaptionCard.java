package honeylamp.desktop.panel.card;

import honeylamp.derive.rooms.Compass;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.panel.part.WordsArea;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FreeMarkEdits;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoundDimensionEdits;
import honeylamp.edit.RoundTyping;
import honeylamp.edit.RoundTyping.Giving;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.plan.Dimension;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Hold;
import honeylamp.plan.Note;
import honeylamp.plan.NoteForm;
import honeylamp.plan.NoteForm.Edge;
import honeylamp.plan.NoteForm.Ground;
import honeylamp.plan.NoteForm.Setting;
import honeylamp.plan.Plan;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.takeoff.NoteHeights;
import honeylamp.takeoff.PlanFields;
import honeylamp.takeoff.PlanFields.Field;
import honeylamp.units.AngleText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntConsumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;

/** A note by its words and how they are set, a dimension by what it measures and how far off its line lies. */
record CaptionCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Note note) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading("Note"));
        var words = words(note);
        out.add(words);
        said(note).ifPresent(out::add);
        out.addAll(heights(note));
        out.add(Widgets.menu(
                "Read from the plan",
                "note-field",
                "Puts in what the plan says, so that the note cannot contradict it",
                Arrays.stream(Field.values()).map(Field::word).toList(),
                i -> {
                    words.insertText(words.getCaretPosition(), Field.values()[i].braced());
                    rewrite(note, words.getText());
                }));
        out.add(Widgets.section("Set", setting(note)));
        out.add(Widgets.menu(
                note.form().sign().label(),
                "note-sign",
                "A sign the note goes with",
                Arrays.stream(NoteForm.Sign.values()).map(NoteForm.Sign::label).toList(),
                i -> form(note, f -> f.withSign(NoteForm.Sign.values()[i]))));
        out.add(number(
                "Width, in mm",
                "note-width",
                (int) Math.rint(note.form().widthMm()),
                0,
                (int) NoteForm.MOST_WIDTH_MM,
                n -> form(note, f -> f.withWidthMm(n))));
        out.add(number(
                "Columns",
                "note-columns",
                note.form().columns(),
                1,
                NoteForm.MOST_COLUMNS,
                n -> form(note, f -> f.withColumns(n))));
        out.addAll(leader(note));
        out.add(parts.delete());
        return out;
    }

    private Node number(String name, String id, int value, int least, int most, IntConsumer take) {
        var field = new WordField(name, id, Integer.toString(value), text -> {
            if (text.matches("[0-9]{1,4}") && Integer.parseInt(text) >= least && Integer.parseInt(text) <= most) {
                take.accept(Integer.parseInt(text));
            } else {
                model.complain("\"" + text + "\" cannot be; type a whole number from " + least + " to " + most + ".");
            }
        });
        field.setPrefColumnCount(4);
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        label.setLabelFor(field);
        return Widgets.row(label, Widgets.spring(), field);
    }

    private TextArea words(Note note) {
        return new WordsArea("note-words", "Words of the note", note.text(), text -> rewrite(note, text));
    }

    private void rewrite(Note note, String text) {
        if (text.isBlank()) {
            model.complain("A note needs words. Delete it if it is no longer wanted.");
            return;
        }
        var unknown = PlanFields.unknown(text);
        switch (NoteEdits.rewrite(parts.plan(), parts.at(), note.id(), text)) {
            case Outcome.Done(var plan) -> {
                model.edit(plan, "Rewrite note");
                if (!unknown.isEmpty()) {
                    model.complain(
                            "{" + unknown.getFirst()
                                    + "} is nothing a plan can be asked for, so it stays as it is typed. Read from the plan lists what is.");
                }
            }
            case Outcome.Refused<Plan> no -> model.complain(no.sentence("That cannot be written"));
        }
    }

    /** What it says now, if that is not as it was typed. */
    private Optional<Node> said(Note note) {
        var said = Captions.words(model.shown().view(), model.now().frame(), note);
        if (said.equals(note.text())) {
            return Optional.of(
                    Widgets.quiet(
                            "A line that begins with # is a heading, one with - a point of a list. Ctrl+Enter takes what is typed."));
        }
        var label = Widgets.quiet("Says: " + said);
        label.setId("note-says");
        return Optional.of(label);
    }

    /** What it points at is so high; typed here, it becomes as high as that. */
    private List<Node> heights(Note note) {
        var storey = model.shown().view().storey();
        return NoteHeights.of(storey, note).stream()
                .<Node>map(told -> parts.distance(
                        told.label(),
                        "note-" + told.field().name().toLowerCase(Locale.ROOT),
                        told.value(),
                        v -> NoteHeights.typed(
                                parts.plan(), storey, note, List.of(new NoteHeights.Told(told.field(), v))),
                        "Change height"))
                .toList();
    }

    private void form(Note note, UnaryOperator<NoteForm> change) {
        model.edit(NoteEdits.form(parts.plan(), parts.at(), note.id(), change), "Set note");
    }

    private Node setting(Note note) {
        var pane = new FlowPane(4, 4);
        for (var setting : Setting.values()) {
            pane.getChildren()
                    .add(press(
                            setting.label(),
                            "note-" + setting.name(),
                            "Where lines begin",
                            note.form().setting() == setting,
                            () -> form(note, f -> f.withSetting(setting))));
        }
        var isEdged = note.form().edge() == Edge.LINE;
        pane.getChildren()
                .add(press(
                        Edge.LINE.label(),
                        "note-edge",
                        "A line around the note, or none",
                        isEdged,
                        () -> form(note, f -> f.withEdge(isEdged ? Edge.NONE : Edge.LINE))));
        var isGrounded = note.form().ground() == Ground.PAPER;
        pane.getChildren()
                .add(press(
                        Ground.PAPER.label(),
                        "note-ground",
                        "Paper under the note, so that it is read over anything",
                        isGrounded,
                        () -> form(note, f -> f.withGround(isGrounded ? Ground.NONE : Ground.PAPER))));
        return pane;
    }

    private static ToggleButton press(String words, String id, String tip, boolean on, Runnable action) {
        return Widgets.toggle(words, id.toLowerCase(Locale.ROOT), tip, on, action);
    }

    private List<Node> leader(Note note) {
        return note.leader()
                .map(l -> List.<Node>of(
                        Widgets.quiet(
                                l.hold() == Hold.LOST
                                        ? "What it pointed at is gone. Drag the end of its leader to what it speaks of."
                                        : "Drag the end of its leader to point elsewhere; it follows what it points at."),
                        Widgets.button(
                                "No leader",
                                "note-no-leader",
                                "The note points at nothing",
                                () -> model.edit(
                                        NoteEdits.point(parts.plan(), parts.at(), note.id(), Optional.empty()),
                                        "Take leader away"))))
                .orElse(List.of());
    }

    List<Node> of(FreeMark mark) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(mark.shape().label()));
        if (mark.shape() == FreeMark.Shape.SECTION) {
            var label = new Label("Letter");
            label.getStyleClass().add("field-name");
            var field = new WordField("Letter", "mark-word", mark.word(), word -> named(mark, word));
            field.setPrefColumnCount(4);
            label.setLabelFor(field);
            out.add(Widgets.row(label, Widgets.spring(), field));
        } else {
            out.add(Widgets.toggle(
                    FreeMark.Line.DASHED.label(),
                    "mark-dashed",
                    "Full or dashed",
                    mark.line() == FreeMark.Line.DASHED,
                    () -> model.edit(
                            FreeMarkEdits.line(
                                    parts.plan(),
                                    parts.at(),
                                    mark.id(),
                                    mark.line().other()),
                            "Draw line otherwise")));
        }
        out.add(Widgets.quiet("It says something about the plan and is no part of it: nothing is caught by it."));
        out.add(parts.delete());
        return out;
    }

    private void named(FreeMark mark, String word) {
        switch (FreeMarkEdits.name(parts.plan(), parts.at(), mark.id(), word)) {
            case Outcome.Done(var plan) -> model.edit(plan, "Name section");
            case Outcome.Refused<Plan> no -> model.complain(no.sentence("That cannot be written"));
        }
    }

    List<Node> of(Dimension dimension) {
        var units = parts.plan().units();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(dimension.stops().isEmpty() ? "Dimension" : "Chain of dimensions"));
        out.add(Widgets.fact(
                "Measures",
                LengthText.roundedWithUnit(Length.ofMm(dimension.line().length()), units)));
        out.add(Widgets.section("Measured", ways(dimension)));
        if (!dimension.stops().isEmpty()) {
            out.add(Widgets.toggle(
                    Dimension.Figures.FROM_FIRST.label(),
                    "dimension-running",
                    "Figures say how far each point is from the first, or how long each part is",
                    dimension.figures() == Dimension.Figures.FROM_FIRST,
                    () -> model.edit(
                            NoteEdits.figures(
                                    parts.plan(),
                                    parts.at(),
                                    dimension.id(),
                                    dimension.figures().other()),
                            "Choose figures")));
        }
        out.add(parts.place(
                "Line off by",
                "dimension-offset",
                dimension.offset(),
                v -> Outcome.done(NoteEdits.aside(parts.plan(), parts.at(), dimension.id(), v)),
                "Move dimension line"));
        out.add(Widgets.quiet(
                dimension.hold() == Hold.LOST
                        ? "What it was put on is gone. Drag its end to what it should measure."
                        : "Its points follow what they were put on. Change a length types over what it measures."));
        out.add(parts.delete());
        return out;
    }

    List<Node> of(RoundDimension dimension) {
        var units = parts.plan().units();
        var out = new ArrayList<Node>();
        var isAngle = dimension.measures() == Measures.ANGLE;
        out.add(Widgets.heading(dimension.measures().label()));
        out.add(Widgets.fact(
                "Measures",
                isAngle
                        ? AngleText.shown(dimension.value())
                        : LengthText.roundedWithUnit(Length.ofMm(dimension.value()), units)));
        if (isAngle) {
            out.add(Widgets.section(
                    "Turned until it is",
                    Arrays.stream(Giving.values())
                            .map(giving -> turned(dimension, giving))
                            .toArray(Node[]::new)));
        } else {
            if (dimension.measures() != Measures.ARC_LENGTH) {
                out.add(parts.length(
                        dimension.measures().label(),
                        "round-value",
                        Length.ofMm(dimension.value()),
                        v -> RoundTyping.radius(parts.plan(), parts.at(), dimension.id(), v),
                        "Type over radius"));
            }
            var pane = new FlowPane(4, 4);
            for (var measures : List.of(Measures.RADIUS, Measures.DIAMETER, Measures.ARC_LENGTH)) {
                pane.getChildren()
                        .add(Widgets.toggle(
                                measures.label(),
                                "round-"
                                        + measures.name()
                                                .toLowerCase(Locale.ROOT)
                                                .replace('_', '-'),
                                "What of the curved line is measured",
                                dimension.measures() == measures,
                                () -> model.edit(
                                        RoundDimensionEdits.measuring(
                                                parts.plan(), parts.at(), dimension.id(), measures),
                                        "Measure otherwise")));
            }
            out.add(Widgets.section("Measured", pane));
        }
        out.add(Widgets.quiet(
                dimension.hold() == Hold.LOST
                        ? "What it was put on is gone, or no longer has it. Delete it, and measure anew."
                        : "Drag its line where it should lie. It follows the walls it was put on."));
        out.add(parts.delete());
        return out;
    }

    /** The one of two walls that gives is turned by what is typed at it. */
    private Node turned(RoundDimension angle, Giving giving) {
        return parts.angle(
                "The wall " + Compass.of(RoundTyping.way(angle, giving)),
                "angle-" + giving.name().toLowerCase(Locale.ROOT),
                angle.value(),
                deg -> RoundTyping.angle(parts.plan(), parts.at(), angle.id(), giving, deg),
                "Type over angle");
    }

    private Node ways(Dimension dimension) {
        var pane = new FlowPane(4, 4);
        var ways = List.of(
                new Way("Straight", "straight", Optional.empty()),
                new Way("Across", "across", Optional.of(Dimension.ACROSS_DEG)),
                new Way("Up", "up", Optional.of(Dimension.UP_DEG)));
        for (var way : ways) {
            pane.getChildren()
                    .add(Widgets.toggle(
                            way.label,
                            "dimension-" + way.key,
                            "From point to point, or only as far as they lie apart that way",
                            dimension.alongDeg().equals(way.deg),
                            () -> model.edit(
                                    NoteEdits.along(parts.plan(), parts.at(), dimension.id(), way.deg),
                                    "Measure another way")));
        }
        return pane;
    }

    private record Way(String label, String key, Optional<Double> deg) {}
}
