package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.ToneMenu;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.UnderlayEdits;
import honeylamp.plan.Linework;
import honeylamp.plan.Linework.Use;
import honeylamp.plan.Placing;
import honeylamp.plan.Position;
import honeylamp.plan.Treatment;
import honeylamp.plan.Treatment.Lie;
import honeylamp.plan.Treatment.Tint;
import honeylamp.plan.Treatment.Tone;
import honeylamp.plan.Treatment.Tone.Sense;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Lock;
import honeylamp.plan.Underlay.Sight;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.paint.Color;

/** A picture to trace: its known lengths, place, look and notes. */
record UnderlayCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Underlay underlay) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading("Underlay"));
        out.add(Widgets.quiet(underlay.picture().name() + ", "
                + underlay.picture().widthPx() + " \u00d7 " + underlay.picture().heightPx() + " px"));
        out.add(parts.folding(
                "Known lengths", new KnownLengthTable(model).of(underlay).toArray(Node[]::new)));
        underlay.linework()
                .ifPresent(l -> out.add(
                        parts.folding("Lines to read", lines(underlay, l).toArray(Node[]::new))));
        out.add(parts.folding("Look", look(underlay).toArray(Node[]::new)));
        out.add(parts.folding("Place", place(underlay).toArray(Node[]::new)));
        if (!underlay.notes().isEmpty()) {
            out.add(parts.folding("Notes on it", notes(underlay).toArray(Node[]::new)));
        }
        out.add(parts.delete());
        return out;
    }

    /** What walls are read from: a layer can be told by its name, its colour and how it is drawn. */
    private List<Node> lines(Underlay underlay, Linework linework) {
        var out = new ArrayList<Node>();
        out.add(Widgets.quiet("Walls are read from what is ticked, as exactly as it is drawn; with nothing ticked, from"
                + " the picture."));
        out.add(Widgets.row(
                Widgets.button("Tick all", "lines-all", "Reads all layers", () -> use(underlay, Use.READ)),
                Widgets.button("Tick none", "lines-none", "Reads no layer", () -> use(underlay, Use.LEFT_OUT))));
        for (var i = 0; i < linework.layers().size(); i++) {
            out.add(layer(underlay, linework.layers().get(i), i));
        }
        return out;
    }

    private void use(Underlay underlay, Use use) {
        model.edit(UnderlayEdits.useLayers(parts.plan(), parts.at(), underlay.id(), use), "Lines to read");
    }

    private Node layer(Underlay underlay, Linework.Layer layer, int number) {
        var form = switch (layer.form()) {
            case LINES -> "line";
            case BROKEN_LINES -> "broken line";
            case FILLS -> "filled area";
        };
        var tick = new CheckBox((layer.name().isBlank() ? "No layer" : layer.name()) + ", " + layer.count() + " " + form
                + (layer.count() == 1 ? "" : "s"));
        tick.setId("lines-" + number);
        tick.setWrapText(true);
        tick.setSelected(layer.use() == Use.READ);
        tick.setGraphic(ToneMenu.swatch(Color.web(layer.colour())));
        Tips.on(tick, "Drawn in the colour shown (" + layer.colour() + ")");
        tick.setOnAction(_ -> model.edit(
                UnderlayEdits.useLayer(
                        parts.plan(), parts.at(), underlay.id(), number, tick.isSelected() ? Use.READ : Use.LEFT_OUT),
                "Lines to read"));
        return tick;
    }

    private List<Node> look(Underlay underlay) {
        var treatment = underlay.treatment();
        var tone = treatment.tone();
        var tints = new FlowPane(4, 4);
        for (var tint : Tint.values()) {
            tints.getChildren()
                    .add(Widgets.toggle(
                            tint.label(),
                            "tint-" + tint,
                            "The colour its lines are shown in",
                            tint == treatment.tint(),
                            () -> treat(underlay, t -> t.withTint(tint), "Tint underlay")));
        }
        return List.of(
                slider(underlay, "Fade", "card-fade", 0, treatment.fade(), Treatment::withFade),
                slider(
                        underlay,
                        "Clean the paper",
                        "card-paper",
                        0,
                        tone.paper(),
                        (t, v) -> t.withTone(t.tone().withPaper(v))),
                slider(
                        underlay,
                        "Brightness",
                        "card-brightness",
                        -1,
                        tone.brightness(),
                        (t, v) -> t.withTone(t.tone().withBrightness(v))),
                slider(
                        underlay,
                        "Contrast",
                        "card-contrast",
                        -1,
                        tone.contrast(),
                        (t, v) -> t.withTone(t.tone().withContrast(v))),
                tints,
                Widgets.row(
                        Widgets.toggle(
                                "Invert",
                                "card-invert",
                                "Light lines on a dark ground become dark on light",
                                tone.sense() == Sense.INVERTED,
                                () -> treat(
                                        underlay,
                                        t -> t.withTone(t.tone()
                                                .withSense(
                                                        t.tone().sense() == Sense.INVERTED
                                                                ? Sense.AS_IS
                                                                : Sense.INVERTED)),
                                        "Invert underlay")),
                        Widgets.toggle(
                                "Above",
                                "card-above",
                                "Shown above what is drawn instead of below",
                                treatment.lie() == Lie.ABOVE,
                                () -> treat(
                                        underlay,
                                        t -> t.withLie(t.lie() == Lie.ABOVE ? Lie.BELOW : Lie.ABOVE),
                                        "Underlay below or above"))),
                Widgets.button(
                        "Look as scanned",
                        "card-plain",
                        "Takes all changes of its look back",
                        () -> treat(
                                underlay,
                                t -> new Treatment(t.fade(), Tint.NONE, Lie.BELOW, Tone.PLAIN),
                                "Plain underlay")));
    }

    private interface Slid {
        Treatment with(Treatment treatment, double value);
    }

    private Node slider(Underlay underlay, String name, String id, double least, double value, Slid slid) {
        return Widgets.slider(
                name,
                id,
                least,
                1,
                value,
                (v, going) -> model.slide(
                        UnderlayEdits.treat(parts.plan(), parts.at(), underlay.id(), t -> slid.with(t, v)),
                        name + " of underlay",
                        going));
    }

    private void treat(Underlay underlay, UnaryOperator<Treatment> change, String action) {
        model.edit(UnderlayEdits.treat(parts.plan(), parts.at(), underlay.id(), change), action);
    }

    private List<Node> place(Underlay underlay) {
        var placing = underlay.placing();
        var locked = underlay.lock() == Lock.LOCKED;
        var hidden = underlay.sight() == Sight.HIDDEN;
        var out = new ArrayList<Node>();
        out.add(parts.place(
                "Left",
                "card-left",
                placing.at().x(),
                v -> Outcome.done(
                        at(underlay, placing.at(new Position(v, placing.at().y())))),
                "Move underlay"));
        out.add(parts.place(
                "Top",
                "card-top",
                placing.at().y(),
                v -> Outcome.done(
                        at(underlay, placing.at(new Position(placing.at().x(), v)))),
                "Move underlay"));
        out.add(turn(underlay));
        out.add(Widgets.row(
                Widgets.toggle(
                        "Locked",
                        "underlay-lock",
                        "A locked picture cannot be dragged",
                        locked,
                        () -> model.edit(
                                UnderlayEdits.lock(
                                        parts.plan(), parts.at(), underlay.id(), locked ? Lock.FREE : Lock.LOCKED),
                                locked ? "Unlock underlay" : "Lock underlay")),
                Widgets.toggle(
                        "Hidden",
                        "underlay-hidden",
                        "U hides and shows all of them",
                        hidden,
                        () -> model.edit(
                                UnderlayEdits.show(
                                        parts.plan(), parts.at(), underlay.id(), hidden ? Sight.SHOWN : Sight.HIDDEN),
                                hidden ? "Show underlay" : "Hide underlay"))));
        if (model.now().currentStorey().underlays().size() > 1) {
            out.add(Widgets.row(
                    Widgets.button("Higher", "underlay-higher", "Over the next picture", () -> raise(underlay, 1)),
                    Widgets.button("Lower", "underlay-lower", "Under the next picture", () -> raise(underlay, -1))));
        }
        if (underlay.crop().isPresent()) {
            out.add(Widgets.button(
                    "Show all of it",
                    "uncrop",
                    "Takes the crop back",
                    () -> model.edit(
                            UnderlayEdits.crop(parts.plan(), parts.at(), underlay.id(), Optional.empty()),
                            "Uncrop underlay")));
        }
        if (underlay.squaring().isPresent()) {
            out.add(Widgets.button(
                    "As photographed",
                    "unsquare",
                    "Takes squaring up back",
                    () -> model.edit(
                            UnderlayEdits.unsquare(parts.plan(), parts.at(), underlay.id()), "Undo squaring up")));
        }
        return out;
    }

    private honeylamp.plan.Plan at(Underlay underlay, Placing placing) {
        return UnderlayEdits.place(parts.plan(), parts.at(), underlay.id(), placing);
    }

    private void raise(Underlay underlay, int by) {
        model.edit(UnderlayEdits.raise(parts.plan(), parts.at(), underlay.id(), by), "Order of underlays");
    }

    private Node turn(Underlay underlay) {
        return parts.angle(
                "card-turn",
                underlay.placing().turnDeg(),
                deg -> Outcome.done(UnderlayEdits.turn(
                        parts.plan(),
                        parts.at(),
                        underlay.id(),
                        deg - underlay.placing().turnDeg(),
                        UnderlayEdits.TracedWork.STAYS)),
                "Turn underlay");
    }

    private List<Node> notes(Underlay underlay) {
        var out = new ArrayList<Node>();
        for (var i = 0; i < underlay.notes().size(); i++) {
            var index = i;
            var note = underlay.notes().get(i);
            var words = note.text().isBlank() ? "(a line)" : note.text();
            out.add(Widgets.row(
                    new Label(words),
                    Widgets.spring(),
                    Widgets.button(
                            "\u00d7",
                            "note-gone-" + i,
                            "Remove this note",
                            () -> model.edit(
                                    UnderlayEdits.removeNote(parts.plan(), parts.at(), underlay.id(), index),
                                    "Remove note on picture"))));
        }
        return out;
    }
}
