package honeylamp.desktop.panel.card;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.desktop.panel.part.NumberField;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.ActivityEdits;
import honeylamp.plan.Activity;
import honeylamp.plan.Doing;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Sense;
import honeylamp.units.Figures;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import javafx.scene.Node;

/** The mark of an activity: what is done, which way one faces, what it goes with. */
record ActivityCard(WorkspaceModel model, CardFields parts) {
    List<Node> of(Activity activity) {
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(activity.doing().label()));
        out.add(Widgets.menu(
                activity.doing().label(),
                "activity-doing",
                "Something else is done here",
                Arrays.stream(Doing.values()).map(Doing::label).toList(),
                i -> edit(activity, a -> a.withDoing(Doing.values()[i]), "Change activity")));
        out.add(Widgets.quiet("Wants " + parts.plan().lighting().lux(activity.doing()) + " lx."));
        var storey = model.geometry().storey();
        ActivityPlaces.of(storey, activity)
                .ifPresent(at -> out.add(new NumberField(
                        "Faces",
                        "activity-facing",
                        Math.rint(((at.facingDeg() % 360) + 360) % 360),
                        Figures.whole(0, 360),
                        "\u00b0 from east",
                        deg -> edit(activity, a -> a.facing(a.facingDeg() + turn(at, deg)), "Turn activity"),
                        model::complain)));
        activity.piece()
                .flatMap(f -> storey.elements().find(Furnishing.class, f))
                .ifPresent(f -> {
                    out.add(Widgets.quiet(
                            "Goes with the " + Furnishings.label(f).toLowerCase(Locale.ROOT) + "."));
                    out.add(Widgets.button(
                            "Take it off",
                            "activity-loosen",
                            "It stays where it is when the piece moves",
                            () -> model.edit(
                                    ActivityEdits.loosened(parts.plan(), parts.at(), activity.id()),
                                    "Take activity off")));
                });
        out.add(parts.delete());
        return out;
    }

    /** By how much it turns; the other way in a piece that is mirrored. */
    private double turn(ActivityPlaces.Placed at, double deg) {
        var by = deg - at.facingDeg();
        var isMirrored = at.activity()
                .piece()
                .flatMap(f -> model.geometry().storey().elements().find(Furnishing.class, f))
                .filter(f -> f.sense() == Sense.MIRRORED)
                .isPresent();
        return isMirrored ? -by : by;
    }

    private void edit(Activity activity, UnaryOperator<Activity> change, String action) {
        model.edit(ActivityEdits.change(parts.plan(), parts.at(), activity.id(), change), action);
    }
}
