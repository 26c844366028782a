package honeylamp.desktop.panel;

import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.UnderlayEdits;
import honeylamp.plan.Underlay;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;

/** A picture to trace: its scale, fade and lock. */
record UnderlayCard(WorkspaceModel model, CardParts parts) {
    List<Node> of(Underlay underlay) {
        var locked = underlay.lock() == Underlay.Lock.LOCKED;
        var out = new ArrayList<Node>(List.of(
                Widgets.heading("Underlay"),
                Widgets.fact("Picture", underlay.name()),
                Widgets.fact("Pixels", underlay.widthPx() + " \u00d7 " + underlay.heightPx()),
                Widgets.fact("Scale", "%.3f mm per pixel".formatted(underlay.mmPerPixel()))));
        underlay.knownLength()
                .ifPresent(k -> out.add(
                        Widgets.fact("One pixel of error", "\u00b1%.1f mm in a metre".formatted(k.errorMmPerMetre()))));
        out.add(Widgets.slider(
                "Fade",
                "card-fade",
                0,
                1,
                underlay.fade(),
                (v, going) -> model.slide(
                        UnderlayEdits.fade(parts.plan(), parts.at(), underlay.id(), v), "Fade underlay", going)));
        out.add(Widgets.button(
                locked ? "Unlock" : "Lock",
                "underlay-lock",
                "A locked picture cannot be moved",
                () -> model.edit(
                        UnderlayEdits.lock(
                                parts.plan(),
                                parts.at(),
                                underlay.id(),
                                locked ? Underlay.Lock.FREE : Underlay.Lock.LOCKED),
                        locked ? "Unlock underlay" : "Lock underlay")));
        out.add(parts.delete());
        return out;
    }
}
