package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.DimensionStyles;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.DimensionStyle.Ends;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** How the dimensions of a look are drawn: one of the ways that have names, or each of its lengths by itself. */
final class DimensionStyleFields {
    /** What a way is called once something of it was changed. */
    private static final String OWN = "Own";

    private static final double MOST_SLID_MM = 20;

    private final WorkspaceModel model;
    private final LookFields looks;
    private final Library<DimensionStyle> kept;

    DimensionStyleFields(WorkspaceModel model, Library<DimensionStyle> kept) {
        this.model = model;
        this.looks = new LookFields(model);
        this.kept = kept;
    }

    List<Node> nodes(DimensionStyle style, List<DimensionStyle> own) {
        return List.of(
                Widgets.section("Drawn", named(style, own), ends(style), keep(style)),
                Widgets.section("On paper, in mm", lengths(style)));
    }

    private Node named(DimensionStyle style, List<DimensionStyle> own) {
        var row = new FlowPane(4, 4);
        Stream.concat(DimensionStyles.all().stream(), own.stream())
                .forEach(s -> row.getChildren()
                        .add(Widgets.toggle(
                                s.name(),
                                "dimension-style-"
                                        + s.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                                "All dimensions of the look, on every page",
                                style.equals(s),
                                () -> change(_ -> s, "Draw dimensions another way"))));
        return row;
    }

    private Node ends(DimensionStyle style) {
        var row = new FlowPane(4, 4);
        for (var ends : Ends.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            ends.label(),
                            "tiers-ends-" + ends.name().toLowerCase(Locale.ROOT),
                            "What ends the lines of dimensions, single ones too",
                            style.ends() == ends,
                            () -> change(s -> s.with(c -> c.ends(ends).name(OWN)), "Choose how dimensions end")));
        }
        return row;
    }

    private Node keep(DimensionStyle style) {
        return PageFields.words("Keep as", "dimension-style-name", "", name -> {
            var taken = DimensionStyles.all().stream().anyMatch(s -> s.name().equalsIgnoreCase(name.strip()));
            if (name.isBlank()) {
                model.complain("A way to draw dimensions is known by its name. Type one.");
            } else if (taken) {
                model.complain(
                        "\"" + name.strip() + "\" is one of those that came with the program. Type another name.");
            } else {
                var named = style.withName(name.strip());
                var wrong = kept.keep(named);
                if (wrong.isEmpty()) {
                    change(_ -> named, "Draw dimensions another way");
                    model.say("Kept: \"" + named.name() + "\" draws dimensions so, in all your plans.");
                } else {
                    model.complain(wrong);
                }
            }
        });
    }

    private Node[] lengths(DimensionStyle style) {
        var out = new ArrayList<Node>();
        out.add(slider("First tier off the walls", "first", tier(), style.firstMm(), DimensionStyle::withFirstMm));
        out.add(slider("From tier to tier", "between", tier(), style.betweenMm(), DimensionStyle::withBetweenMm));
        var witness = new double[] {0, DimensionStyle.MOST_WITNESS_MM};
        out.add(slider("Witness lines off the walls", "off", witness, style.offMm(), DimensionStyle::withOffMm));
        out.add(slider("Witness lines past the line", "past", witness, style.pastMm(), DimensionStyle::withPastMm));
        var end = new double[] {DimensionStyle.LEAST_END_MM, DimensionStyle.MOST_END_MM};
        out.add(slider("Size of what ends a line", "end", end, style.endMm(), DimensionStyle::withEndMm));
        return out.toArray(Node[]::new);
    }

    private static double[] tier() {
        return new double[] {DimensionStyle.LEAST_TIER_MM, MOST_SLID_MM};
    }

    private Node slider(
            String name,
            String id,
            double[] range,
            double value,
            BiFunction<DimensionStyle, Double, DimensionStyle> change) {
        return Widgets.slider(
                name,
                "dimension-" + id,
                range[0],
                range[1],
                value,
                (v, going) -> looks.look(
                        going,
                        l -> l.withDrafting(l.drafting()
                                .withDimensions(change.apply(l.drafting().dimensions(), Math.rint(v * 10) / 10)
                                        .withName(OWN)))));
    }

    private void change(UnaryOperator<DimensionStyle> change, String action) {
        model.edit(
                looks.changed(l -> l.withDrafting(
                        l.drafting().withDimensions(change.apply(l.drafting().dimensions())))),
                action);
    }
}
