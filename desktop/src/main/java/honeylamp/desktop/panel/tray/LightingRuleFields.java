package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Fittings;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.NumberField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.Doing;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.units.Figures;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;

/** What is gone by when lights are planned: spacing, reach, sockets, heights of kinds, light for activities. */
record LightingRuleFields(WorkspaceModel model) {
    private static final double PERCENT = 100;

    List<Node> nodes(LightingRules rules, UnitSystem units) {
        return List.of(
                Widgets.section(
                        "Even layouts",
                        number(
                                "Beams overlap by",
                                "rule-overlap",
                                rules.overlap() * PERCENT,
                                90,
                                "%",
                                (r, v) -> r.withOverlap(v / PERCENT)),
                        number(
                                "Washers off, of height",
                                "rule-washer",
                                Math.rint(rules.washerAway() * PERCENT * 10) / 10,
                                100,
                                "%",
                                (r, v) -> r.withWasherAway(Math.max(0.05, v / PERCENT))),
                        number(
                                "Light left of old lamps",
                                "rule-maintenance",
                                rules.maintenance() * PERCENT,
                                100,
                                "%",
                                (r, v) -> r.withMaintenance(Math.max(0.3, v / PERCENT))),
                        new NumberField(
                                "Overcast sky, 0 for none",
                                "rule-sky",
                                rules.skyLux(),
                                Figures.whole(0, LightingRules.MOST_SKY_LUX),
                                "lx",
                                v -> edit(r -> r.withSkyLux((int) v)),
                                model::complain)),
                Widgets.section(
                        "Switches and sockets",
                        above("Reach to a switch", "rule-reach", rules.reach(), units, LightingRules::withReach),
                        length(
                                "From bath or shower",
                                "rule-wet",
                                rules.wetBeside(),
                                units,
                                LightingRules::withWetBeside),
                        above("Cord of a lamp", "rule-cord", rules.cord(), units, LightingRules::withCord),
                        length(
                                "Wall for a socket",
                                "rule-socket-each",
                                rules.socketEach(),
                                units,
                                LightingRules::withSocketEach),
                        new NumberField(
                                "Sockets in a room",
                                "rule-sockets",
                                rules.leastSockets(),
                                Figures.whole(0, 40),
                                "",
                                v -> edit(r -> r.withLeastSockets((int) v)),
                                model::complain)),
                Widgets.section("Light wanted, in lux", targets(rules).toArray(Node[]::new)),
                Widgets.section("Usual heights", heights(rules, units).toArray(Node[]::new)));
    }

    private interface Change<T> {
        LightingRules of(LightingRules rules, T value);
    }

    private Node number(String name, String id, double value, int most, String unit, Change<Double> change) {
        return new NumberField(
                name, id, value, new Figures(0, most, 1), unit, v -> edit(r -> change.of(r, v)), model::complain);
    }

    /** A length above nothing. */
    private Node above(String name, String id, Length value, UnitSystem units, Change<Length> change) {
        return new LengthField(name, id, value, units, v -> edit(r -> change.of(r, v)), model::complain);
    }

    private Node length(String name, String id, Length value, UnitSystem units, Change<Length> change) {
        return new LengthField(
                name, id, value, units, LengthReader::notNegative, v -> edit(r -> change.of(r, v)), model::complain);
    }

    private void edit(UnaryOperator<LightingRules> change) {
        var plan = model.now().plan();
        model.edit(plan.withLighting(change.apply(plan.lighting())), "Change rules of lighting");
    }

    private List<Node> targets(LightingRules rules) {
        var out = new ArrayList<Node>();
        for (var doing : Doing.values()) {
            out.add(new NumberField(
                    doing.label(),
                    "rule-lux-" + doing.key(),
                    rules.lux(doing),
                    Figures.whole(0, 20_000),
                    "lx",
                    v -> edit(r -> r.with(new LightingRules.Target(doing, (int) v))),
                    model::complain));
        }
        return out;
    }

    /** Of what is fixed to walls and hangs; what goes with the ceiling has none. */
    private List<Node> heights(LightingRules rules, UnitSystem units) {
        var out = new ArrayList<Node>();
        for (var kind : FittingKind.values()) {
            rules.height(kind)
                    .or(() -> Fittings.height(kind, units))
                    .ifPresent(height -> out.add(new LengthField(
                            kind.label(),
                            "rule-height-" + kind.key(),
                            height,
                            units,
                            LengthReader::notNegative,
                            v -> edit(r -> r.with(new LightingRules.Height(kind, v))),
                            model::complain)));
        }
        return out;
    }
}
