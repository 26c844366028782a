package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.TierSets;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.PlanEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.sketch.TierLines;
import honeylamp.plan.Annotation;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.plan.Tiers.Openings;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthText;
import honeylamp.units.Rounding;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Which dimensions lie around the plan, how they are counted and rounded, and that they add up. */
record DimensionTray(WorkspaceModel model, Library<TierSet> sets, Library<DimensionStyle> styles)
        implements Content<DimensionTray.Part> {
    /**
     * What is shown.
     *
     * @param anyMoved whether a tier of the view was put elsewhere by hand
     * @param several whether there is more than one view
     * @param style how the look of the view draws dimensions
     * @param ways own ways to draw them
     * @param sums the tiers that have several parts, if it is to be seen that they add up
     */
    record Part(
            Tiers tiers,
            Annotation annotation,
            boolean anyMoved,
            boolean several,
            Reach reach,
            Rounding rounding,
            List<TierSet> kept,
            DimensionStyle style,
            List<DimensionStyle> ways,
            boolean summed,
            List<String> sums) {}

    @Override
    public Part part(Workspace now) {
        var summed = now.choices().round().sumsAreShown();
        return new Part(
                now.view().tiers(),
                now.view().annotation(),
                now.view().hasMovedTiers(),
                now.plan().presentation().views().size() > 1,
                now.choices().presenting().reach(),
                Rounding.to(now.plan().units(), now.plan().roundedTo()),
                sets.all(),
                now.plan().presentation().look(now.view().look()).drafting().dimensions(),
                styles.all(),
                summed,
                summed ? TierLines.sums(model.shown().view()) : List.of());
    }

    private Plan plan() {
        return model.now().plan();
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        if (part.several()) {
            out.add(LookTray.reach(model, part.reach(), "All views", "This view only"));
        }
        out.add(Widgets.section("Around the plan", sets(part).toArray(Node[]::new)));
        out.add(Widgets.section("Side by side", sides(part.tiers())));
        out.add(Widgets.section(
                "In rooms",
                Widgets.toggle(
                        "Width and depth of all",
                        "room-pairs",
                        "A pair of lines in every room, from face to face; rooms of their own on the card of a room",
                        part.annotation().pairs().equals(RoomPairs.ALL),
                        () -> model.annotate(
                                "Choose sizes of rooms",
                                a -> a.withPairs(a.pairs().equals(RoomPairs.ALL) ? RoomPairs.NONE : RoomPairs.ALL))),
                Widgets.toggle(
                        "Rows of tiles",
                        "tile-rows",
                        "On floors of tiles, how wide the cut rows at their edges are and how many whole ones lie between",
                        part.annotation().tiles() == Annotation.Tiles.MEASURED,
                        () -> model.annotate(
                                "Measure tiles, or not",
                                a -> a.withTiles(a.tiles().asked(Annotation.Tiles.MEASURED)))),
                Widgets.toggle(
                        "Numbers of cut tiles",
                        "tile-numbers",
                        "On floors, each cut piece has the number of the whole one it comes out of, as the cutting list has it",
                        part.annotation().tiles() == Annotation.Tiles.NUMBERED,
                        () -> model.annotate(
                                "Number tiles, or not",
                                a -> a.withTiles(a.tiles().asked(Annotation.Tiles.NUMBERED))))));
        out.add(Widgets.toggle(
                "Axes of the building",
                "axes",
                "Through walls that carry and posts, the same on every storey; numbers from the west, letters from the south",
                part.annotation().axes() == Annotation.Axes.DRAWN,
                () -> model.annotate(
                        "Draw axes, or none", a -> a.withAxes(a.axes().other()))));
        out.add(Widgets.section("Openings, by their", openings(part.tiers())));
        out.addAll(new DimensionStyleFields(model, styles).nodes(part.style(), part.ways()));
        out.add(new LengthField(
                "Steps told from",
                "tiers-jog",
                part.tiers().jog(),
                plan().units(),
                LengthReader::notNegative,
                this::jog,
                model::complain));
        out.add(rounding(part.rounding()));
        out.add(second(part.annotation().second()));
        if (part.anyMoved()) {
            out.add(Widgets.button(
                    "Tiers where they usually lie",
                    "tiers-back",
                    "Those that were dragged in this view go back to their places",
                    () -> model.edit(
                            ViewEdits.tiersBack(plan(), model.now().worked().view()), "Put tiers back")));
        }
        out.add(adding(part));
        out.add(
                Widgets.quiet(
                        "Drag a tier nearer or farther for this view. New dimension measures between two points; Change a length types over a number or the clear size of a room."));
        return out;
    }

    private void change(UnaryOperator<Tiers> change, String action) {
        var now = model.now();
        model.edit(
                ViewEdits.tiers(
                        now.plan(),
                        now.worked().view(),
                        now.choices().presenting().reach(),
                        change),
                action);
    }

    private void choose(TierSet set) {
        var now = model.now();
        model.edit(
                TierSets.chosen(
                        now.plan(),
                        now.worked().view(),
                        now.choices().presenting().reach(),
                        set),
                "Choose dimensions");
    }

    private Node second(Optional<UnitSystem> now) {
        var others = Arrays.stream(UnitSystem.values())
                .filter(u -> u != plan().units())
                .toList();
        var words = new ArrayList<>(List.of("In no other unit"));
        others.forEach(u -> words.add(andIn(u)));
        return Widgets.menu(
                now.map(DimensionTray::andIn).orElse(words.getFirst()),
                "second-unit",
                "Lengths and areas on the drawing once more, in brackets",
                words,
                i -> model.annotate(
                        "Show a second unit",
                        a -> a.withSecond(i == 0 ? Optional.empty() : Optional.of(others.get(i - 1)))));
    }

    private static String andIn(UnitSystem units) {
        return "And in " + (units.isMetric() ? units.sign() : "feet and inches");
    }

    private void jog(Length least) {
        if (least.compareTo(Tiers.MOST_JOG) > 0) {
            model.complain("Steps of the outside are told from "
                    + LengthText.roundedWithUnit(Tiers.MOST_JOG, plan().units()) + " at the latest. Type less.");
        } else {
            change(t -> t.withJog(least), "Say which steps are told");
        }
    }

    private List<Node> sets(Part part) {
        var box = new VBox(4);
        for (var set :
                Stream.concat(TierSets.all().stream(), part.kept().stream()).toList()) {
            box.getChildren()
                    .add(Widgets.toggle(
                            set.name(),
                            "tiers-" + set.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                            "On all four sides at once",
                            set.is(part.tiers(), part.annotation()),
                            () -> choose(set)));
        }
        return List.of(box, PageFields.words("Keep as", "tiers-set-name", "", this::keep));
    }

    private void keep(String name) {
        var wrong = name.isBlank()
                ? "A set is known by its name. Type one."
                : sets.keep(new TierSet(
                        name,
                        model.now().view().tiers(),
                        model.now().view().annotation().pairs().usual(),
                        model.now().view().annotation().tiles(),
                        model.now().view().annotation().distances().isEmpty()
                                ? TierSets.Pieces.NONE
                                : TierSets.Pieces.CHOSEN));
        if (wrong.isEmpty()) {
            model.say("Kept: \"" + name + "\" is among the sets of dimensions, in all your plans.");
        } else {
            model.complain(wrong);
        }
    }

    /** A row for each side, a press for each of its tiers. */
    private Node sides(Tiers tiers) {
        var grid = new GridPane(4, 4);
        for (var side : Side.values()) {
            var name = new Label(side.label());
            name.getStyleClass().add("field-name");
            name.setMinWidth(Label.USE_PREF_SIZE);
            grid.add(name, 0, side.ordinal());
            for (var kind : Kind.values()) {
                var press = Widgets.toggle(
                        Integer.toString(kind.ordinal() + 1),
                        "tier-" + side.name().toLowerCase(Locale.ROOT) + "-"
                                + kind.name().toLowerCase(Locale.ROOT),
                        side.label() + ": " + kind.label().toLowerCase(Locale.ROOT),
                        tiers.has(side, kind),
                        () -> change(t -> t.toggling(side, kind), "Choose dimensions"));
                press.setAccessibleText(side.label() + ", " + kind.label());
                grid.add(press, kind.ordinal() + 1, side.ordinal());
            }
        }
        var name = new Label("Slanted");
        name.getStyleClass().add("field-name");
        name.setMinWidth(Label.USE_PREF_SIZE);
        grid.add(name, 0, Side.values().length);
        for (var kind : Kind.values()) {
            var press = Widgets.toggle(
                    Integer.toString(kind.ordinal() + 1),
                    "tier-slanted-" + kind.name().toLowerCase(Locale.ROOT),
                    "Along outer walls that look to none of the four sides: "
                            + kind.label().toLowerCase(Locale.ROOT),
                    tiers.slanted().contains(kind),
                    () -> change(t -> t.togglingSlanted(kind), "Choose dimensions"));
            press.setAccessibleText("Slanted, " + kind.label());
            grid.add(press, kind.ordinal() + 1, Side.values().length);
        }
        return new VBox(4, grid, Widgets.quiet("1 openings, 2 walls and what is clear between them, 3 overall"));
    }

    private Node openings(Tiers tiers) {
        var row = new HBox(4);
        for (var by : Openings.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            by.label(),
                            "tiers-openings-" + by.name().toLowerCase(Locale.ROOT),
                            "What of an opening the innermost tier measures to",
                            tiers.openings() == by,
                            () -> change(t -> t.withOpenings(by), "Measure openings")));
        }
        return row;
    }

    private Node rounding(Rounding rounding) {
        var system = rounding.system();
        var steps = Rounding.steps(system);
        return Widgets.section(
                "Shown lengths",
                Widgets.menu(
                        "Rounded to " + rounding.words(),
                        "rounded-to",
                        "What lengths on the drawing are whole multiples of; they still add up, and nothing in the plan changes",
                        steps.stream().map(s -> new Rounding(system, s).words()).toList(),
                        i -> model.edit(PlanEdits.rounded(plan(), steps.get(i)), "Round shown lengths")));
    }

    /** Every tier with several parts as a sum, so that anybody can see that it comes to the whole. */
    private Node adding(Part part) {
        var press = Widgets.toggle(
                "Show that they add up",
                "tiers-sums",
                "Every tier as a sum, beside its side and here; what was traced and is not as written is marked. It never prints",
                part.summed(),
                () -> model.chooseWithin(model.now()
                        .choices()
                        .withRound(model.now().choices().round().summing())));
        var box = new VBox(4, press);
        for (var i = 0; i < part.sums().size(); i++) {
            var line = Widgets.quiet(part.sums().get(i));
            line.setId("tier-sum-" + i);
            box.getChildren().add(line);
        }
        return box;
    }
}
