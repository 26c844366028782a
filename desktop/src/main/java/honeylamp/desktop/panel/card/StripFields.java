package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.Edging;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.Plan;
import honeylamp.plan.TileEdge;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;

/** Strips between floors, and trims along edges of tiles: their form, how wide they are, what they are made of. */
record StripFields(CardFields parts) {
    private static final Set<Family> OF_STRIPS = Set.of(Family.METAL, Family.WOOD);

    /** The strip where two floors meet. */
    List<Node> strip(FloorStrip now, Function<FloorStrip, Plan> put) {
        var forms = FloorStrip.Form.values();
        var out = new ArrayList<Node>();
        out.add(Widgets.menu(
                now.form().label(),
                "strip-form",
                "What covers the joint where two floors that differ meet",
                Arrays.stream(forms).map(FloorStrip.Form::label).toList(),
                i -> edit(put.apply(now.formed(forms[i])))));
        if (now.form() != FloorStrip.Form.NONE) {
            out.add(parts.length(
                    "Seen width",
                    "strip-width",
                    now.seen(),
                    v -> Edging.wide(now, v, parts.plan().units()).map(put),
                    "Size strip"));
            out.add(material(now.material(), "strip-material", m -> edit(put.apply(now.withMaterial(m)))));
        }
        return out;
    }

    /** How outer corners and free edges of tiles are made. */
    List<Node> edge(TileEdge now, Function<TileEdge, Plan> put) {
        var forms = TileEdge.Form.values();
        var out = new ArrayList<Node>();
        out.add(Widgets.menu(
                "Edges of tiles: " + now.form().label().toLowerCase(Locale.ROOT),
                "tile-edge-form",
                "How outer corners and free edges of tiles are made; the takeoff has their lengths",
                Arrays.stream(forms).map(TileEdge.Form::label).toList(),
                i -> edit(put.apply(now.withForm(forms[i])))));
        if (now.form() == TileEdge.Form.TRIM) {
            out.add(parts.length(
                    "Seen width",
                    "tile-edge-width",
                    now.width(),
                    v -> Edging.wide(now, v, parts.plan().units()).map(put),
                    "Size edge trims"));
            out.add(material(now.material(), "tile-edge-material", m -> edit(put.apply(now.withMaterial(m)))));
        }
        return out;
    }

    private Node material(String now, String id, Consumer<String> put) {
        var all = Materials.all().stream()
                .filter(m -> OF_STRIPS.contains(m.family()))
                .toList();
        return Widgets.menu(
                Materials.of(now).map(Material::label).orElse(now),
                id,
                "What it is made of",
                all.stream().map(Material::label).toList(),
                i -> put.accept(all.get(i).key()));
    }

    private void edit(Plan plan) {
        parts.model().edit(plan, "Choose strip");
    }
}
