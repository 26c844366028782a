package honeylamp.desktop.panel.card;

import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.panel.part.NumberField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.Outcome;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.Works;
import honeylamp.takeoff.lighting.FittingSpot;
import honeylamp.takeoff.lighting.FittingTyping;
import honeylamp.units.Figures;
import honeylamp.units.Length;
import honeylamp.units.Money;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** Lights, switches and outlets: what they are, where, what light they give, what switches them. */
record FittingCard(WorkspaceModel model, WindowActions window, CardFields parts) {
    /** What is told of fittings that are picked, one or several. */
    List<Node> of(List<Fitting> picked) {
        var out = new ArrayList<Node>();
        var first = picked.getFirst();
        var isOne = picked.size() == 1;
        var alike = picked.stream().allMatch(f -> f.kind() == first.kind());
        out.add(Widgets.heading(
                isOne || alike
                        ? first.kind().label() + (isOne ? "" : ", " + picked.size())
                        : picked.size() + " fittings"));
        if (!isOne) {
            out.addAll(linking(picked));
        }
        if (alike) {
            out.add(kinds(picked));
            out.addAll(products().menu(picked));
        }
        if (isOne) {
            out.addAll(place(first));
        }
        out.addAll(heights(picked));
        if (alike && first.kind().isLong()) {
            out.add(parts.length(
                    "Length",
                    "fitting-length",
                    first.length(),
                    v -> all(picked, f -> f.withLength(v)),
                    "Size fitting"));
        }
        if (picked.stream().allMatch(f -> f.kind().isLight())) {
            out.add(light(picked));
        }
        out.addAll(numbers(picked));
        out.add(works(picked));
        if (alike) {
            out.add(buying(picked));
        }
        out.add(parts.delete());
        return out;
    }

    private Outcome<Plan> all(List<Fitting> picked, UnaryOperator<Fitting> change) {
        return Outcome.done(changed(picked, change));
    }

    private Plan changed(List<Fitting> picked, UnaryOperator<Fitting> change) {
        var plan = parts.plan();
        for (var fitting : picked) {
            plan = FittingEdits.change(plan, parts.at(), fitting.id(), change);
        }
        return plan;
    }

    private void edit(List<Fitting> picked, UnaryOperator<Fitting> change, String action) {
        model.edit(changed(picked, change), action);
    }

    private List<Node> linking(List<Fitting> picked) {
        var lights = picked.stream().anyMatch(f -> f.kind().isLight());
        var switches = picked.stream().anyMatch(f -> f.kind().isSwitch());
        if (!lights || !switches) {
            return List.of();
        }
        return List.of(Widgets.button(
                "Switch these together",
                "fitting-link",
                "The lights become one group that the switches switch",
                () -> model.edit(
                        FittingEdits.link(
                                parts.plan(),
                                parts.at(),
                                picked.stream().map(Fitting::id).collect(Collectors.<ElementId>toSet())),
                        "Link lights")));
    }

    private Node kinds(List<Fitting> picked) {
        var now = picked.getFirst().kind();
        var kinds = FittingTyping.kindsFor(picked.getFirst());
        return Widgets.menu(
                now.label(),
                "fitting-kind",
                "Makes it another kind in the same place",
                kinds.stream().map(FittingKind::label).toList(),
                i -> edit(picked, f -> FittingTyping.as(f, kinds.get(i)), "Change kind"));
    }

    private List<Node> place(Fitting fitting) {
        var geometry = model.geometry();
        var out = new ArrayList<Node>();
        switch (fitting.on()) {
            case Fitting.WallSide _ ->
                FittingSpot.distances(geometry, fitting).stream()
                        .findFirst()
                        .ifPresent(left -> out.add(parts.distance(
                                left.name(),
                                "fitting-left",
                                Length.ofMm(left.mm()),
                                v -> all(List.of(fitting), f -> FittingSpot.fromLeft(geometry, f, v)),
                                "Move fitting")));
            case Fitting.InRoom rows -> {
                out.add(count(
                        "Across",
                        "fitting-across",
                        rows.across(),
                        fitting,
                        n -> new Fitting.InRoom(rows.room(), n, rows.rows(), rows.height())));
                out.add(count(
                        "Rows",
                        "fitting-rows",
                        rows.rows(),
                        fitting,
                        n -> new Fitting.InRoom(rows.room(), rows.across(), n, rows.height())));
            }
            case Fitting.AlongWall row -> {
                out.add(count(
                        "Number",
                        "fitting-number",
                        row.count(),
                        fitting,
                        n -> new Fitting.AlongWall(row.wall(), row.side(), row.room(), n, row.away(), row.height())));
                out.add(parts.distance(
                        "From the wall",
                        "fitting-away",
                        row.away(),
                        v -> on(
                                fitting,
                                new Fitting.AlongWall(
                                        row.wall(), row.side(), row.room(), row.count(), v, row.height())),
                        "Move fittings"));
            }
            case Fitting.AlongPiece row -> {
                out.add(count(
                        "Number",
                        "fitting-number",
                        row.count(),
                        fitting,
                        n -> new Fitting.AlongPiece(row.piece(), n, row.before(), row.above())));
                out.add(parts.place(
                        "Before its middle",
                        "fitting-away",
                        row.before(),
                        v -> on(fitting, new Fitting.AlongPiece(row.piece(), row.count(), v, row.above())),
                        "Move fittings"));
            }
            case Fitting.Ring ring -> {
                out.add(count(
                        "Number",
                        "fitting-number",
                        ring.count(),
                        fitting,
                        n -> new Fitting.Ring(ring.at(), ring.radius(), n, ring.height())));
                out.add(parts.length(
                        "Radius",
                        "fitting-away",
                        ring.radius(),
                        v -> on(fitting, new Fitting.Ring(ring.at(), v, ring.count(), ring.height())),
                        "Size ring"));
            }
            case Fitting.Ceiling _, Fitting.Floor _, Fitting.Piece _ -> {}
        }
        if (fitting.on() instanceof Fitting.Row) {
            out.add(Widgets.quiet(
                    FittingTyping.rowWords(geometry, fitting, parts.plan().units())));
            out.add(Widgets.button(
                    "Make single ones of it",
                    "fitting-loosen",
                    "Each stays where it is and no longer follows the room, wall or piece",
                    () -> model.edit(FittingEdits.loosen(parts.plan(), geometry, fitting.id()), "Loosen row")));
        }
        if (!(fitting.on() instanceof Fitting.WallSide || fitting.on() instanceof Fitting.AlongWall)) {
            out.add(parts.angle(
                    "fitting-turn",
                    fitting.turnDeg(),
                    deg -> all(List.of(fitting), f -> f.withTurnDeg(((deg % 360) + 360) % 360)),
                    "Turn fitting"));
        }
        return out;
    }

    private Outcome<Plan> on(Fitting fitting, Fitting.On on) {
        return all(List.of(fitting), f -> f.withOn(on));
    }

    private Node count(String name, String id, int now, Fitting fitting, IntFunction<Fitting.On> with) {
        return number(
                name,
                id,
                now,
                Figures.whole(1, Fitting.MOST_IN_ROW),
                "",
                n -> edit(List.of(fitting), f -> f.withOn(with.apply((int) n)), "Change row"));
    }

    private Node number(String name, String id, double now, Figures bounds, String unit, DoubleConsumer take) {
        return new NumberField(name, id, now, bounds, unit, take, model::complain);
    }

    private List<Node> heights(List<Fitting> picked) {
        var first = picked.getFirst();
        var isAlike = picked.stream().allMatch(f -> f.isMeasuredFromPiece() == first.isMeasuredFromPiece());
        if (!isAlike) {
            return List.of();
        }
        var out = new ArrayList<Node>();
        var shown = first.height()
                .orElseGet(() -> Length.ofMm(FittingPlaces.of(model.geometry(), first).stream()
                        .findFirst()
                        .map(FittingPlaces.Placed::heightMm)
                        .orElse(0.0)));
        if (first.isMeasuredFromPiece()) {
            out.add(parts.place(
                    "Above the piece",
                    "fitting-height",
                    shown,
                    v -> all(picked, f -> f.atHeight(Optional.of(v))),
                    "Hang fitting"));
        } else {
            out.add(parts.distance(
                    "Above the floor",
                    "fitting-height",
                    shown,
                    v -> all(picked, f -> f.atHeight(Optional.of(v))),
                    "Hang fitting"));
        }
        if (picked.stream().allMatch(Fitting::canBeAtCeiling)) {
            out.add(Widgets.toggle(
                    "At the ceiling",
                    "fitting-ceiling",
                    "Goes with the height of the ceiling",
                    picked.stream().allMatch(f -> f.height().isEmpty()),
                    () -> edit(picked, f -> f.atHeight(Optional.empty()), "Hang fitting")));
        }
        return out;
    }

    private Node light(List<Fitting> picked) {
        var now = picked.getFirst().emission().orElseThrow();
        var dims = OneSurface.row();
        for (var dimming : Emission.Dimming.values()) {
            dims.getChildren()
                    .add(Widgets.toggle(
                            dimming.label(),
                            "fitting-" + dimming.name().toLowerCase(Locale.ROOT),
                            "Whether a dimmer can turn it down",
                            now.dimming() == dimming,
                            () -> shine(picked, e -> e.withDimming(dimming))));
        }
        return parts.folding(
                "Light",
                number(
                        "Light",
                        "fitting-lumen",
                        now.lumen(),
                        Figures.whole(0, Emission.MOST_LUMEN),
                        "lm",
                        n -> shine(picked, e -> e.withLumen((int) n))),
                number(
                        "Draws",
                        "fitting-watt",
                        now.watt(),
                        new Figures(0, Emission.MOST_WATT, 2),
                        "W",
                        v -> shine(picked, e -> e.withWatt(v))),
                number(
                        "Beam",
                        "fitting-beam",
                        now.beamDeg(),
                        new Figures(Emission.LEAST_BEAM_DEG, 360, 1),
                        "\u00b0",
                        v -> shine(picked, e -> e.withBeamDeg(v).withCurve(List.of()))),
                number(
                        "Colour",
                        "fitting-kelvin",
                        now.kelvin(),
                        Figures.whole(Emission.LEAST_KELVIN, Emission.MOST_KELVIN),
                        "K",
                        n -> shine(picked, e -> e.withKelvin((int) n))),
                dims,
                Widgets.button(
                        "Light from a file",
                        "fitting-from-file",
                        "Shines as a photometric file of IES LM-63 says, planes averaged",
                        window::lightFromFile),
                Widgets.quiet(
                        now.curve().isEmpty()
                                ? "Its light is reckoned from its beam."
                                : "Its light is as it was measured; a typed beam takes that away."));
    }

    private void shine(List<Fitting> picked, UnaryOperator<Emission> change) {
        edit(picked, f -> f.withEmission(f.emission().map(change)), "Change light");
    }

    private List<Node> numbers(List<Fitting> picked) {
        var out = new ArrayList<Node>();
        if (picked.stream().allMatch(f -> f.kind().isLight() || f.kind().isSwitch())) {
            var isLight = picked.stream().anyMatch(f -> f.kind().isLight());
            var groups = shared(picked, Fitting::groups).orElse(List.of());
            var text = groups.stream().map(String::valueOf).collect(Collectors.joining(", "));
            var name = isLight ? "Group" : "Switches groups";
            out.add(words(
                    name,
                    "fitting-groups",
                    text,
                    typed -> FittingTyping.groups(typed, isLight ? 1 : Fitting.MOST_GROUPS)
                            .ifPresentOrElse(
                                    g -> edit(picked, f -> f.withGroups(g), "Say group"),
                                    () -> model.complain("\"" + typed + "\" names no group. Type "
                                            + (isLight
                                                    ? "one number"
                                                    : "up to " + Fitting.MOST_GROUPS + " numbers, such as 1, 2,")
                                            + " from 1 to " + Fitting.MOST_NUMBER + ", or nothing."))));
        }
        out.add(number(
                "Circuit",
                "fitting-circuit",
                shared(picked, Fitting::circuit).orElse(0),
                Figures.whole(0, Fitting.MOST_NUMBER),
                "",
                n -> edit(picked, f -> f.withCircuit((int) n), "Say circuit")));
        return out;
    }

    /** A line of words with its name before it. */
    private static Node words(String name, String id, String now, Consumer<String> take) {
        var label = new Label(name);
        label.getStyleClass().add("field-name");
        var field = new WordField(name, id, now, take);
        label.setLabelFor(field);
        var row = new HBox(6, label, Widgets.spring(), field);
        row.getStyleClass().add("field-row");
        return row;
    }

    private static <T> Optional<T> shared(List<Fitting> picked, Function<Fitting, T> what) {
        var all = picked.stream().map(what).collect(Collectors.toSet());
        return all.size() == 1 ? Optional.of(all.iterator().next()) : Optional.empty();
    }

    private Node works(List<Fitting> picked) {
        var row = OneSurface.row();
        var now = picked.stream().map(Fitting::works).collect(Collectors.toSet());
        for (var works : Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.label(),
                            "fitting-works-" + works.name().toLowerCase(Locale.ROOT),
                            "What becomes of it in the works",
                            now.equals(Set.of(works)),
                            () -> edit(picked, f -> f.withWorks(works), "Mark fitting")));
        }
        return row;
    }

    private Node buying(List<Fitting> picked) {
        var buying = picked.getFirst().buying();
        return parts.folding(
                "To buy",
                words("fitting-product", "What it is called", buying.name(), picked, Buying::withName),
                words("fitting-source", "From whom", buying.source(), picked, Buying::withSource),
                words("fitting-link-to", "Link", buying.link(), picked, Buying::withLink),
                new WordField(
                                "Price of one, such as 49.50",
                                "fitting-price",
                                buying.price() == 0 ? "" : Money.text(buying.price()),
                                text -> Money.read(text)
                                        .ifPresentOrElse(
                                                cents -> edit(
                                                        picked,
                                                        f -> f.withBuying(
                                                                f.buying().withPrice(cents)),
                                                        "Say what it costs"),
                                                () -> model.complain(
                                                        "\"" + text
                                                                + "\" is no price. Type a number such as 49.50, at most a million.")))
                        .hinted(),
                products().keeping(picked.getFirst()));
    }

    private ProductFields products() {
        return new ProductFields(model, parts);
    }

    private Node words(
            String id, String prompt, String now, List<Fitting> picked, BiFunction<Buying, String, Buying> with) {
        return new WordField(prompt, id, now, text -> {
                    if (text.length() > Buying.LONGEST) {
                        model.complain("That is too long: " + Buying.LONGEST + " letters are kept at most.");
                    } else {
                        edit(picked, f -> f.withBuying(with.apply(f.buying(), text)), "Say how it is bought");
                    }
                })
                .hinted();
    }
}
