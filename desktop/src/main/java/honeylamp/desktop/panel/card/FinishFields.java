package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.edit.Finishing;
import honeylamp.edit.RepeatEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Pattern;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** The finish of one surface: what it is of, how its pieces lie, where they begin, what they come to. */
record FinishFields(OneSurface on) {
    /** All that can be said of it. */
    List<Node> of(Optional<Finish> finish) {
        var out = new ArrayList<Node>();
        out.add(material(finish));
        finish.ifPresent(f -> Materials.of(f).ifPresent(m -> {
            out.add(pattern(f, m));
            if (m.laying().pattern() instanceof Pattern.Repeat repeat) {
                out.add(new RepeatFields(on).of(f, m.laying(), repeat));
            }
            if (!m.laying().isSeamless()) {
                out.addAll(new PieceFields(on).of(f, m));
            }
            m.laying().face().ifPresent(face -> out.add(new FaceFields(on).of(f, m.laying(), face)));
            out.add(new ToneFields(on).tone(f, m));
            if (!m.laying().isSeamless()) {
                out.add(new ToneFields(on).blend(f, m));
            }
            out.add(reason(f));
            out.add(new CourseFields(on).of(f));
            out.add(everywhere(f, m));
            out.add(new KeptFields(on).of(f));
        }));
        if (finish.isEmpty()) {
            mine().ifPresent(out::add);
        }
        return out;
    }

    /** The finishes a person keeps that suit the surface, where nothing lies yet. */
    private Optional<Node> mine() {
        return new KeptFields(on).mine(Finish.of(""));
    }

    /** The finish alone; of what is laid in pieces all that can be said, once that is asked for. */
    List<Node> briefly(Optional<Finish> finish) {
        if (on.model().now().choices().finishing().piecesOf().equals(on.id())) {
            return of(finish);
        }
        var out = new ArrayList<>(List.of(material(finish)));
        if (finish.isPresent()) {
            out.add(OneSurface.row(Widgets.button(
                    "Set out",
                    on.id() + "-set-out",
                    "How it lies, what it takes, its colour here",
                    () -> on.model()
                            .chooseWithin(on.model().now().choices().withFinishing(f -> f.withPiecesOf(on.id()))))));
        } else {
            mine().ifPresent(out::add);
        }
        return out;
    }

    private Node material(Optional<Finish> finish) {
        var all = Materials.covering(on.place());
        var labels = new ArrayList<>(List.of("No finish"));
        all.forEach(m -> labels.add(m.label()));
        return Widgets.menu(
                finish.flatMap(Materials::of).map(Material::label).orElse("No finish"),
                "finish-" + on.id(),
                "Finish",
                labels,
                index -> on.model()
                        .edit(
                                on.put()
                                        .apply(
                                                index == 0
                                                        ? Optional.empty()
                                                        : Optional.of(finish.orElse(Finish.of(""))
                                                                .with(copy -> copy.material(all.get(index - 1)
                                                                                .key())
                                                                        .laying(Optional.empty())
                                                                        .tone(Optional.empty())))),
                                on.action()));
    }

    private Node pattern(Finish finish, Material material) {
        var suiting = Patterns.all().stream()
                .filter(p -> material.family().suits(p.pattern()))
                .toList();
        return Widgets.menu(
                Patterns.label(material.laying().pattern()),
                on.id() + "-pattern",
                "How it lies",
                Stream.concat(
                                suiting.stream().map(Patterns.Named::label),
                                Stream.of("Own repeat")
                                        .filter(_ -> material.family().suits(RepeatEdits.first())))
                        .toList(),
                index -> on.lay(
                        finish.withLaying(Optional.of(Finishing.inPattern(
                                material.laying(),
                                index < suiting.size() ? suiting.get(index).pattern() : RepeatEdits.first()))),
                        "Lay in another pattern"));
    }

    private Node everywhere(Finish finish, Material material) {
        var chosen = Materials.of(on.model().now().choices().material());
        var buttons = new ArrayList<Node>();
        buttons.add(Widgets.button(
                "All of it like this",
                on.id() + "-like-this",
                "Wherever this material lies it is laid, coloured and bought as here; directions and starts stay",
                () -> on.model()
                        .edit(
                                Finishing.everywhere(
                                        on.parts().plan(),
                                        finish.material(),
                                        f -> f.with(copy ->
                                                copy.laying(finish.laying()).tone(finish.tone()))),
                                "Lay all alike")));
        chosen.filter(c -> !c.key().equals(material.key()) && c.family().covers(on.place()))
                .ifPresent(c -> buttons.add(Widgets.button(
                        "Swap everywhere for " + c.label(),
                        on.id() + "-swap",
                        "Wherever this material lies the one chosen in the tray is laid instead",
                        () -> on.model()
                                .edit(
                                        Finishing.everywhere(
                                                on.parts().plan(),
                                                finish.material(),
                                                f -> f.with(copy -> copy.material(c.key())
                                                        .laying(Optional.empty())
                                                        .tone(Optional.empty()))),
                                        "Swap finish everywhere"))));
        return new VBox(4, buttons.toArray(Node[]::new));
    }

    private Node reason(Finish finish) {
        return new WordField(
                        "Why this one, in a few words",
                        on.id() + "-reason",
                        finish.reason(),
                        text -> on.lay(finish.withReason(text), "Say why"))
                .hinted();
    }
}
