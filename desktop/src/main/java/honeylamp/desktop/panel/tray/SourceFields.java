package honeylamp.desktop.panel.tray;

import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.Annotation.Brightness;
import honeylamp.plan.LightingRules;
import honeylamp.takeoff.brightness.LightLayers;
import honeylamp.takeoff.brightness.LightingReport;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;

/** Where light should come from, room by room, what is missing, and how bright rooms are. */
record SourceFields(WorkspaceModel model, LightingSteps steps) {
    List<Node> nodes(Brightness now, LightingRules rules) {
        var kinds = new FlowPane(4, 4);
        for (var as : Brightness.values()) {
            kinds.getChildren()
                    .add(Widgets.toggle(
                            as.label(),
                            "brightness-" + as.name().toLowerCase(Locale.ROOT),
                            "How the light of the fittings that are on is told in this view, in lux on work height",
                            now == as,
                            () -> model.annotate("Tell how bright it is", a -> a.withBrightness(as))));
        }
        var isDay = rules.skyLux() > 0;
        var day = Widgets.toggle(
                "With daylight",
                "brightness-daylight",
                "Adds the light of an overcast sky through windows, nothing before them; how bright the sky is stands in Rules",
                isDay,
                () -> model.edit(
                        model.now().plan().withLighting(rules.withSkyLux(isDay ? 0 : LightingRules.USUAL_SKY_LUX)),
                        isDay ? "Leave daylight out" : "Reckon with daylight"));
        return List.of(
                Widgets.section("How bright, about", kinds, day, steps.live("room-brightness", SourceFields::rooms)),
                Widgets.section("Where it should be", steps.live("light-layers", this::layers)));
    }

    private static List<Node> rooms(Optional<LightingReport> report) {
        return report.map(LightingReport::rooms).orElse(List.of()).stream()
                .filter(r -> !r.room().name().isBlank())
                .<Node>map(r -> Widgets.quiet(r.room().name() + ": about " + LightLayers.rounded(r.meanLux()) + " lx"
                        + (r.wantedLux() == 0 ? "" : " of " + r.wantedLux())
                        + (r.lumen() == 0 ? "" : ", " + Math.round(r.lumen()) + " lm, " + Math.round(r.watt()) + " W")
                        + (r.dayLux() == 0 ? "" : "; daylight " + LightLayers.rounded(r.dayLux()) + " lx")))
                .toList();
    }

    private List<Node> layers(Optional<LightingReport> report) {
        var out = new ArrayList<Node>();
        for (var room : report.map(LightingReport::layers).orElse(List.of())) {
            out.add(Widgets.heading(room.room().name()));
            for (var layer : room.layers()) {
                out.add(row(layer));
            }
        }
        if (out.isEmpty()) {
            out.add(Widgets.quiet(report.isEmpty() ? "Looking\u2026" : "Name rooms first: light is planned for each."));
        }
        return out;
    }

    private Node row(LightLayers.Layer layer) {
        var tick = new Label(
                switch (layer.state()) {
                    case GIVEN -> "\u2713";
                    case WEAK -> "\u223c";
                    case MISSING -> "\u2013";
                });
        tick.setAccessibleText(layer.state().name().toLowerCase(Locale.ROOT));
        tick.setMinWidth(14);
        var words = Widgets.quiet(layer.kind().label() + ": " + layer.words());
        words.setWrapText(true);
        var row = Widgets.row(tick, words);
        layer.of().ifPresent(id -> row.setOnMouseClicked(_ -> model.pick(Set.of(id))));
        return row;
    }
}
