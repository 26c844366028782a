package honeylamp.desktop.panel.card;

import honeylamp.derive.storeys.Areas;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.desktop.gesture.Choices.Working;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.units.AreaText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import javafx.scene.Node;

/** The areas of the storey worked on and of the whole plan, each basis with its definition. */
record AreaTotals(WorkspaceModel model) {
    List<Node> nodes() {
        var out = new ArrayList<Node>();
        var shown = model.now().choices().working() == Working.SHOWN;
        out.add(Widgets.toggle(
                "All areas",
                "all-areas",
                "By each basis, with and without garage, outdoor and low parts, storey and total",
                shown,
                () -> model.chooseWithin(model.now().choices().withWorking(shown ? Working.HIDDEN : Working.SHOWN))));
        if (shown) {
            var all = model.shown().plan().all();
            var here = all.stream()
                    .filter(s -> s.id().equals(model.now().storey()))
                    .toList();
            out.add(Widgets.section("This storey", of(here).toArray(Node[]::new)));
            if (all.size() > 1) {
                out.add(Widgets.section("All storeys", of(all).toArray(Node[]::new)));
            }
        }
        return out;
    }

    private static List<Node> of(List<LaidStorey> storeys) {
        var out = new ArrayList<Node>();
        for (var basis : AreaBasis.values()) {
            out.add(Widgets.fact(basis.label(), both(storeys, s -> part(s, basis, CountsAs.INDOOR))));
            out.add(Widgets.quiet("Indoor rooms " + basis.definition() + "."));
            for (var part : CountsAs.values()) {
                var area = sum(storeys, s -> part(s, basis, part));
                if (part != CountsAs.INDOOR && area > 0) {
                    out.add(Widgets.fact(
                            "With " + part.label().toLowerCase(Locale.ROOT),
                            AreaText.both(area + sum(storeys, s -> part(s, basis, CountsAs.INDOOR)))));
                }
            }
        }
        out.add(Widgets.fact("Internal gross", both(storeys, s -> s.areas().internalGrossMm2())));
        out.add(Widgets.quiet("All " + Areas.INTERNAL_GROSS + "."));
        out.add(Widgets.fact("External gross", both(storeys, s -> s.areas().externalGrossMm2())));
        out.add(Widgets.quiet("All " + Areas.EXTERNAL_GROSS + "."));
        return out;
    }

    private static double part(LaidStorey storey, AreaBasis basis, CountsAs part) {
        return storey.areas().sum(storey.geometry(), basis, part);
    }

    private static double sum(List<LaidStorey> storeys, ToDoubleFunction<LaidStorey> area) {
        return storeys.stream().mapToDouble(area).sum();
    }

    private static String both(List<LaidStorey> storeys, ToDoubleFunction<LaidStorey> area) {
        return AreaText.both(sum(storeys, area));
    }
}
