package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.Stretches;
import honeylamp.desktop.gesture.Ends;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.Edging;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.OpeningLimits;
import honeylamp.edit.Outcome;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** An opening, or several, as typed values, both distances along the wall among them. */
record OpeningCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Opening opening) {
        var id = opening.id();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(opening.kind().label()));
        if (!opening.build().product().isEmpty()) {
            out.add(Widgets.fact("Product", opening.build().product()));
        }
        out.add(kinds(List.of(opening)));
        out.add(width(List.of(opening)));
        distances(opening, out);
        heights(List.of(opening), out);
        make(opening, out);
        out.add(parts.folding("Keeps", keeps(opening)));
        out.addAll(hanging(List.of(opening)));
        out.add(works(List.of(opening)));
        sizes(opening, out);
        out.add(parts.folding(
                "Reveal",
                parts.covering(List.of(new Surface.Reveal(id)), "reveal", Place.WALL, "Finish reveal")
                        .toArray(Node[]::new)));
        if (opening.sill().equals(Length.ZERO)) {
            out.add(parts.folding(
                    "Threshold",
                    parts.covering(List.of(new Surface.Threshold(id)), "threshold", Place.FLOOR, "Lay threshold")
                            .toArray(Node[]::new)));
            out.add(parts.folding(
                    "Strip where floors meet",
                    new StripFields(parts)
                            .strip(opening.build().strip(), s -> Edging.strip(parts.plan(), parts.at(), id, s))
                            .toArray(Node[]::new)));
        }
        out.add(Widgets.button(
                "Copy to the opposite wall",
                "opening-opposite",
                "The same in the wall across the room",
                () -> model.edit(
                        OpeningEdits.copyOpposite(parts.plan(), parts.at(), model.geometry(), id)
                                .map(Added::plan),
                        "Copy to opposite wall")));
        out.add(parts.delete());
        return out;
    }

    /** What several openings have in common; a change goes to all of them. */
    List<Node> of(List<Opening> openings) {
        var out = new ArrayList<Node>();
        out.add(kinds(openings));
        out.add(width(openings));
        heights(openings, out);
        var ids = ids(openings);
        out.add(parts.folding(
                "In their wall",
                Widgets.button(
                        "Equal gaps",
                        "openings-even",
                        "Puts them into a row with equal gaps, and keeps them so",
                        () -> model.edit(
                                OpeningEdits.spaceEvenly(parts.plan(), parts.at(), model.geometry(), ids),
                                "Space evenly"))));
        out.addAll(hanging(openings));
        out.add(works(openings));
        return out;
    }

    private Node works(List<Opening> openings) {
        var now = openings.stream().map(Opening::works).collect(Collectors.toSet());
        var row = new FlowPane(6, 6);
        for (var works : Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.ofOpening(),
                            "opening-works-" + works.name().toLowerCase(Locale.ROOT),
                            works.meaningOfOpening(),
                            now.equals(Set.of(works)),
                            () -> model.edit(
                                    OpeningEdits.setWorks(parts.plan(), parts.at(), ids(openings), works),
                                    "Change what stays")));
        }
        return parts.folding("In the works", row);
    }

    private static Set<OpeningId> ids(List<Opening> openings) {
        return openings.stream().map(Opening::id).collect(Collectors.toUnmodifiableSet());
    }

    private Outcome<Plan> each(List<Opening> openings, BiFunction<Plan, Opening, Outcome<Plan>> change) {
        var plan = Outcome.done(parts.plan());
        for (var opening : openings) {
            plan = plan.then(p -> change.apply(p, opening));
        }
        return plan;
    }

    private Node kinds(List<Opening> openings) {
        var kind = openings.getFirst().kind();
        var one = openings.stream().allMatch(o -> o.kind() == kind);
        var kinds = OpeningKind.values();
        return Widgets.menu(
                one ? kind.label() : "Several kinds",
                "opening-kind",
                "Kind",
                Arrays.stream(kinds).map(OpeningKind::label).toList(),
                index -> model.edit(
                        each(
                                openings,
                                (p, o) -> Outcome.done(OpeningEdits.setKind(p, parts.at(), o.id(), kinds[index]))),
                        "Change kind"));
    }

    private Node width(List<Opening> openings) {
        return parts.length(
                openings.getFirst().kind() == OpeningKind.ROUND_WINDOW ? "Diameter" : "Width",
                "opening-card-width",
                openings.getFirst().width(),
                v -> OpeningLimits.setWidth(parts.plan(), parts.at(), model.geometry(), ids(openings), v),
                "Set width");
    }

    private void distances(Opening opening, List<Node> out) {
        var id = opening.id();
        model.now().currentStorey().wall(opening.host()).ifPresent(host -> {
            var shown = model.geometry().cutOrClosed(id).map(c -> c.opening()).orElse(opening);
            var neighbours = model.geometry().places().placed().stream()
                    .filter(o -> o.host().equals(host.id()) && !o.id().equals(id))
                    .toList();
            var stretch = Stretches.bounding(model.geometry().network(), host, neighbours, shown.middleMm());
            var sides = Ends.of(host.chord()).ofIt();
            out.add(distance(
                    sides.from(),
                    "opening-before",
                    stretch.beforeMm(shown),
                    v -> Outcome.done(OpeningEdits.setBefore(parts.plan(), parts.at(), id, stretch, v))));
            out.add(distance(
                    sides.to(),
                    "opening-after",
                    stretch.afterMm(shown),
                    v -> Outcome.done(OpeningEdits.setAfter(parts.plan(), parts.at(), id, stretch, v))));
        });
    }

    private Node distance(String name, String id, double mm, Function<Length, Outcome<Plan>> change) {
        return parts.distance(name, id, Length.ofMm(Math.max(0, mm)), change, "Move opening");
    }

    private void heights(List<Opening> openings, List<Node> out) {
        var first = openings.getFirst();
        out.add(parts.distance(
                "Sill",
                "opening-sill",
                first.sill(),
                v -> each(openings, (p, o) -> OpeningEdits.setHeights(p, parts.at(), o.id(), v, o.head())),
                "Set sill"));
        out.add(parts.length(
                "Head",
                "opening-head",
                first.head(),
                v -> each(openings, (p, o) -> OpeningEdits.setHeights(p, parts.at(), o.id(), o.sill(), v)),
                "Set head"));
    }

    private void make(Opening opening, List<Node> out) {
        var id = opening.id();
        if (opening.kind() == OpeningKind.UNEQUAL_PAIR) {
            out.add(parts.length(
                    "Main leaf",
                    "opening-main-leaf",
                    opening.mainLeaf(),
                    v -> Outcome.done(OpeningEdits.build(parts.plan(), parts.at(), id, m -> m.withMainLeaf(v))),
                    "Set main leaf"));
        }
        if (opening.kind().isWindow()) {
            model.geometry()
                    .cut(id)
                    .ifPresent(cut -> out.add(parts.distance(
                            "Reveal",
                            "opening-reveal",
                            opening.build().reveal().orElse(Length.ofMm(FrameSizes.usualRevealMm(cut.thicknessMm()))),
                            v -> OpeningLimits.setReveal(parts.plan(), parts.at(), model.geometry(), id, v),
                            "Set reveal")));
        }
    }

    private Node keeps(Opening opening) {
        var box = new VBox(4);
        var keeping = opening.keeping();
        if (keeping.rule() == Rule.FROM_FIRST || keeping.rule() == Rule.FROM_SECOND) {
            box.getChildren()
                    .add(Widgets.fact(
                            keeping.rule() == Rule.FROM_FIRST ? "Distance before it" : "Distance after it",
                            LengthText.roundedWithUnit(
                                    keeping.nib(), parts.plan().units())));
        }
        if (keeping.of() > 1) {
            box.getChildren().add(Widgets.fact("Equal gaps", keeping.place() + " of " + keeping.of()));
        }
        box.getChildren()
                .add(Widgets.toggle(
                        "Its place in the wall",
                        "keep-place",
                        "It stays where it is, whatever changes beside it",
                        keeping.rule() == Rule.AS_PUT,
                        () -> keep(opening, Keeping.AS_PUT)));
        for (var between : Between.values()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            "Centred between " + between.label(),
                            "keep-" + between.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            "It stays centred when the wall changes (C does it too)",
                            keeping.equals(Keeping.centred(between)),
                            () -> keep(opening, Keeping.centred(between))));
        }
        return box;
    }

    private void keep(Opening opening, Keeping keeping) {
        model.edit(
                OpeningEdits.keep(parts.plan(), parts.at(), opening.id(), keeping),
                keeping.rule() == Rule.EVEN ? "Centre opening" : "Keep place");
    }

    private List<Node> hanging(List<Opening> openings) {
        var buttons = new ArrayList<Node>();
        if (openings.stream().anyMatch(o -> o.kind().hasHand())) {
            buttons.add(Widgets.button(
                    "Other hand",
                    "flip-hand",
                    "R does it too",
                    () -> model.edit(
                            each(openings, (p, o) -> Outcome.done(OpeningEdits.flipHand(p, parts.at(), o.id()))),
                            "Change hand")));
        }
        if (openings.stream().anyMatch(o -> o.kind().hasSide())) {
            buttons.add(Widgets.button(
                    "Other side",
                    "flip-side",
                    "F does it too",
                    () -> model.edit(
                            each(openings, (p, o) -> Outcome.done(OpeningEdits.flipSwing(p, parts.at(), o.id()))),
                            "Change side")));
        }
        return buttons.isEmpty() ? List.of() : List.of(Widgets.row(buttons.toArray(Node[]::new)));
    }

    private void sizes(Opening opening, List<Node> out) {
        if (opening.kind().family() == OpeningKind.Family.PLAIN) {
            return;
        }
        var sizes = FrameSizes.of(opening);
        out.add(parts.folding(
                "Follows from it",
                fact(
                        "Rough opening",
                        opening.width().mm(),
                        opening.head().minus(opening.sill()).mm()),
                fact("Frame, outside", sizes.frameWidthMm(), sizes.frameHeightMm()),
                Widgets.fact("Clear width", shown(sizes.clearWidthMm()))));
    }

    private Node fact(String name, double width, double height) {
        return Widgets.fact(name, shown(width) + " \u00d7 " + shown(height));
    }

    private String shown(double mm) {
        return LengthText.rounded(Length.ofMm(Math.max(0, mm)), parts.plan().units());
    }
}
