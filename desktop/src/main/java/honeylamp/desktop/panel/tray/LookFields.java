package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.Looks;
import honeylamp.catalogue.Looks.ToneReach;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.desktop.gesture.Choices.Presenting;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Drafting;
import honeylamp.plan.Lettering.Voice;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import honeylamp.plan.TypeFamily;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/** What a look is made of, one thing at a time: tones of finishes, pens, type, colours. */
final class LookFields {
    private static final double LARGER = 1.1;

    private final WorkspaceModel model;

    LookFields(WorkspaceModel model) {
        this.model = model;
    }

    List<Node> nodes(Look look, Presenting chosen, List<Material> laid) {
        var out = new ArrayList<Node>();
        if (!laid.isEmpty()) {
            out.add(tones(look, laid, chosen));
        }
        out.add(pens(look, chosen.line()));
        out.add(type(look, chosen.text()));
        out.add(colours(look, chosen.role()));
        return out;
    }

    /** The materials laid anywhere in a plan. */
    static List<Material> laid(Plan plan) {
        return plan.storeys().stream()
                .flatMap(s -> s.rooms().stream())
                .flatMap(r -> Materials.of(r.floor().material()).stream())
                .distinct()
                .toList();
    }

    /** The tone of one material that is laid at a time, wherever it lies. */
    private Node tones(Look look, List<Material> laid, Presenting chosen) {
        var material = laid.stream()
                .filter(m -> m.key().equals(chosen.material()))
                .findFirst()
                .orElse(laid.getFirst());
        var changing = new Toning(material, laid, chosen.tones());
        var tone = material.in(look).tone();
        return Widgets.section(
                "Tones of finishes",
                Widgets.menu(
                        material.label(),
                        "tone-material",
                        "Which finish",
                        laid.stream().map(Material::label).toList(),
                        i -> model.chooseWithin(
                                model.now().choices().withToned(laid.get(i).key()))),
                toneReach(chosen.tones()),
                Widgets.slider(
                        "Lightness",
                        "tone-lightness",
                        0.3,
                        1,
                        tone.lightness(),
                        (v, going) -> tone(going, changing, t -> new Oklch(v, t.chroma(), t.hueDeg()))),
                Widgets.slider(
                        "Strength",
                        "tone-chroma",
                        0,
                        Looks.MOST_CHROMA,
                        tone.chroma(),
                        (v, going) -> tone(going, changing, t -> new Oklch(t.lightness(), v, t.hueDeg()))),
                Widgets.slider(
                        "Hue",
                        "tone-hue",
                        0,
                        360,
                        tone.hueDeg(),
                        (v, going) -> tone(going, changing, t -> new Oklch(t.lightness(), t.chroma(), v))),
                Widgets.button(
                        "Tone as it came",
                        "tone-back",
                        "The finish has its usual tone again",
                        () -> model.edit(
                                changed(l -> l.withTone(material.key(), Optional.empty())), "Take tone back")));
    }

    /** What is toned: a material, and of those that are laid as many more as the reach has. */
    private record Toning(Material material, List<Material> laid, ToneReach reach) {}

    private Node toneReach(ToneReach now) {
        var out = new FlowPane(4, 4);
        for (var reach : ToneReach.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            reach.label(),
                            "tone-reach-" + reach.name().toLowerCase(Locale.ROOT),
                            "Others change by as much as this one",
                            now == reach,
                            () -> model.chooseWithin(model.now()
                                    .choices()
                                    .withPresenting(
                                            model.now().choices().presenting().withTones(reach)))));
        }
        return out;
    }

    private void tone(boolean going, Toning toning, UnaryOperator<Oklch> change) {
        look(
                going,
                l -> Looks.toned(
                        l, toning.material, change.apply(toning.material.in(l).tone()), toning.laid, toning.reach));
    }

    /** The pen of one kind of line at a time. */
    private Node pens(Look look, LineRole role) {
        var line = look.drafting().of(role);
        var roles = Arrays.asList(LineRole.values());
        return Widgets.section(
                "Pens",
                Widgets.menu(
                        role.label(),
                        "pen-role",
                        "What the pen draws",
                        roles.stream().map(LineRole::label).toList(),
                        i -> model.chooseWithin(model.now().choices().withLine(roles.get(i)))),
                Widgets.slider(
                        "Width, in mm on paper",
                        "pen-width",
                        0.05,
                        1,
                        line.largeMm(),
                        (v, going) -> look(
                                going,
                                l -> l.withDrafting(l.drafting()
                                        .with(
                                                role,
                                                l.drafting()
                                                        .of(role)
                                                        .times(v
                                                                / l.drafting()
                                                                        .of(role)
                                                                        .largeMm()))))));
    }

    /** The height of one kind of words at a time, and of all. */
    private Node type(Look look, TextRole role) {
        var roles = Arrays.asList(TextRole.values());
        var lettering = look.drafting().lettering();
        var voices = Arrays.stream(Voice.values()).map(v -> family(v, lettering.of(v)));
        var heights = Stream.<Node>of(
                Widgets.menu(
                        role.label(),
                        "type-role",
                        "What the words are",
                        roles.stream().map(TextRole::label).toList(),
                        i -> model.chooseWithin(model.now().choices().withText(roles.get(i)))),
                Widgets.slider(
                        "Height of capitals, in mm on paper",
                        "type-height",
                        Drafting.LEAST_CAP_MM,
                        Drafting.MOST_CAP_MM,
                        look.drafting().of(role),
                        (v, going) ->
                                look(going, l -> l.withDrafting(l.drafting().with(role, v)))),
                Widgets.row(
                        Widgets.button(
                                "All larger",
                                "type-larger",
                                "All words a tenth higher",
                                () -> model.edit(
                                        changed(l -> l.withDrafting(l.drafting().typeTimes(LARGER))), "Larger type")),
                        Widgets.button(
                                "All smaller",
                                "type-smaller",
                                "All words a tenth lower, none below what can be read",
                                () -> model.edit(
                                        changed(l -> l.withDrafting(l.drafting().typeTimes(1 / LARGER))),
                                        "Smaller type"))),
                Widgets.button(
                        "Large print",
                        "type-large-print",
                        "All words a fifth higher, and none of them below 2.5 mm",
                        () -> model.edit(
                                changed(l -> l.withDrafting(l.drafting()
                                        .withCapHeightsMm(Looks.of(l.name())
                                                .drafting()
                                                .inLargePrint()
                                                .capHeightsMm()))),
                                "Set in large print")),
                Widgets.button(
                        "Pens and type as the look came",
                        "drafting-back",
                        "Every pen and all type as the preset has them",
                        () -> model.edit(
                                changed(l -> l.withDrafting(Looks.of(l.name()).drafting())),
                                "Take pens and type back")));
        return Widgets.section("Type", Stream.concat(voices, heights).toArray(Node[]::new));
    }

    /** The family of some of the words. */
    private Node family(Voice voice, TypeFamily family) {
        var families = Arrays.asList(TypeFamily.values());
        return Widgets.menu(
                voice.label() + ": " + family.label().toLowerCase(Locale.ROOT),
                "lettering-" + voice.name().toLowerCase(Locale.ROOT),
                "The family of type",
                families.stream().map(TypeFamily::label).toList(),
                i -> model.edit(
                        changed(l -> l.withDrafting(l.drafting()
                                .withLettering(l.drafting().lettering().with(voice, families.get(i))))),
                        "Letter another way"));
    }

    /** The colour of one role at a time: how light, how strong, and which. */
    private Node colours(Look look, Role role) {
        var colour = look.palette().of(role);
        var roles = Arrays.asList(Role.values());
        return Widgets.section(
                "Colours",
                Widgets.menu(
                        role.label(),
                        "colour-role",
                        "What the colour is for",
                        roles.stream().map(Role::label).toList(),
                        i -> model.chooseWithin(model.now().choices().withRole(roles.get(i)))),
                Widgets.slider(
                        "Lightness",
                        "colour-lightness",
                        0,
                        1,
                        colour.lightness(),
                        (v, going) -> colour(going, role, c -> new Oklch(v, c.chroma(), c.hueDeg()))),
                Widgets.slider(
                        "Strength",
                        "colour-chroma",
                        0,
                        Looks.MOST_CHROMA,
                        colour.chroma(),
                        (v, going) -> colour(going, role, c -> new Oklch(c.lightness(), v, c.hueDeg()))),
                Widgets.slider(
                        "Hue",
                        "colour-hue",
                        0,
                        360,
                        colour.hueDeg(),
                        (v, going) -> colour(going, role, c -> new Oklch(c.lightness(), c.chroma(), v))),
                Widgets.button(
                        "Colours as the look came",
                        "colours-back",
                        "Every role has the colour that the preset gives it",
                        () -> model.edit(
                                changed(l -> l.withPalette(Looks.of(l.name()).palette())), "Take colours back")));
    }

    private void colour(boolean going, Role role, UnaryOperator<Oklch> change) {
        look(
                going,
                l -> l.withPalette(
                        l.palette().with(Map.of(role, change.apply(l.palette().of(role))))));
    }

    /** The plan with the look of the view worked on changed, or that of all. */
    Plan changed(UnaryOperator<Look> change) {
        var now = model.now();
        return ViewEdits.look(
                now.plan(), now.worked().view(), now.choices().presenting().reach(), change);
    }

    /** Changes the look while a slider moves. */
    void look(boolean going, UnaryOperator<Look> change) {
        model.slide(changed(change), "Change look", going);
    }
}
