package honeylamp.desktop.panel.card;

import honeylamp.desktop.panel.part.NumberField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Outcome;
import honeylamp.edit.StoreyEdits;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Roof;
import honeylamp.plan.Storey;
import honeylamp.units.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;

/**
 * The roof of a storey: its form and measures, and what is low below it.
 *
 * @param at the storey
 */
record RoofFields(WorkspaceModel model, CardFields parts, StoreyId at) {
    /** For a roof that is picked. */
    List<Node> card() {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading("Roof of " + parts.plan().storey(at).name()));
        out.addAll(nodes());
        return out;
    }

    List<Node> nodes() {
        var storey = parts.plan().storey(at);
        var out = new ArrayList<Node>();
        out.add(forms(storey));
        storey.roof().ifPresent(roof -> measures(out, storey, roof));
        if (storey.roof().isPresent()) {
            out.add(Widgets.row(
                    Widgets.button(
                            "Roof plan",
                            "roof-plan",
                            "A page with all roofs from straight above",
                            () -> model.raised().roofPlan()),
                    Widgets.button(
                            "From outside",
                            "from-outside",
                            "Pages with the whole building straight from its four sides",
                            () -> model.raised().fromOutside())));
        }
        return out;
    }

    private Node forms(Storey storey) {
        var out = new FlowPane(4, 4);
        var now = storey.roof().map(Roof::form);
        out.getChildren()
                .add(Widgets.toggle(
                        "None",
                        "roof-none",
                        "No roof is drawn over this storey",
                        now.isEmpty(),
                        () -> set(Optional.empty(), "Take roof off")));
        for (var form : Roof.Form.values()) {
            out.getChildren()
                    .add(Widgets.toggle(
                            form.label(),
                            "roof-" + form.name().toLowerCase(Locale.ROOT).replace('_', '-'),
                            hint(form),
                            now.equals(Optional.of(form)),
                            () -> set(Optional.of(as(storey, form)), "Roof")));
        }
        return out;
    }

    /** A roof of another form keeps what was said of it. */
    private static Roof as(Storey storey, Roof.Form form) {
        var usual = Roof.of(form);
        return storey.roof()
                .map(r -> usual.withSprings(r.springs()).withQuarters(r.quarters()))
                .orElse(usual);
    }

    private static String hint(Roof.Form form) {
        return switch (form) {
            case GABLE -> "Two slopes up to a ridge; walls rise to it at its ends";
            case HIP -> "Slopes from all sides";
            case LEAN_TO -> "One slope";
            case FLAT -> "Level, with a parapet around it";
        };
    }

    private void measures(List<Node> out, Storey storey, Roof roof) {
        if (roof.form() == Roof.Form.FLAT) {
            out.add(parts.distance(
                    "Parapet", "roof-parapet", roof.parapet(), v -> changed(r -> r.withParapet(v)), "Set parapet"));
        } else {
            out.add(new NumberField(
                    "Pitch",
                    "roof-pitch",
                    roof.pitchDeg(),
                    new Figures(Roof.LEAST_PITCH_DEG, Roof.MOST_PITCH_DEG, 2),
                    "\u00b0",
                    v -> model.edit(changed(r -> r.withPitchDeg(v)), "Set pitch"),
                    model::complain));
            out.add(parts.distance(
                    "Overhang",
                    "roof-overhang",
                    roof.overhang(),
                    v -> StoreyEdits.overhang(parts.plan(), at, v),
                    "Set overhang"));
        }
        out.add(parts.length(
                "Springs at",
                "roof-springs",
                roof.springs().orElse(storey.height()),
                v -> changed(r -> r.withSprings(Optional.of(v).filter(s -> !s.equals(storey.height())))),
                "Set where the roof springs"));
        if (roof.form() == Roof.Form.GABLE || roof.form() == Roof.Form.LEAN_TO) {
            out.add(Widgets.button(
                    "Turn it a quarter",
                    "roof-turn",
                    "The ridge or the fall runs the other way",
                    () -> model.edit(changed(Roof::turned), "Turn roof")));
        }
        out.add(Widgets.menu(
                "Covered with: " + roof.cover().label(),
                "roof-cover",
                "What the roof is covered with",
                Arrays.stream(Roof.Cover.values()).map(Roof.Cover::label).toList(),
                i -> model.edit(changed(r -> r.withCover(Roof.Cover.values()[i])), "Cover roof")));
        out.add(Widgets.quiet("Dormers and rooflights are among the fixed parts, Above."));
        if (at.equals(parts.at())) {
            out.addAll(parts.low(_ -> true));
        }
    }

    private Outcome<Plan> changed(UnaryOperator<Roof> change) {
        return StoreyEdits.roof(parts.plan(), at, parts.plan().storey(at).roof().map(change));
    }

    private void set(Optional<Roof> roof, String action) {
        model.edit(StoreyEdits.roof(parts.plan(), at, roof), action);
    }
}
