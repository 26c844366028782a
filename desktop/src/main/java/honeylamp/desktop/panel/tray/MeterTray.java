package honeylamp.desktop.panel.tray;

import honeylamp.desktop.meter.MeterLink;
import honeylamp.desktop.meter.MeterLink.Link;
import honeylamp.desktop.panel.part.Widgets;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** Links a laser meter and says how the link is. */
record MeterTray(MeterLink link) {
    List<Node> nodes() {
        var words = new Label();
        words.setId("meter-state");
        words.setWrapText(true);
        words.getStyleClass().add("quiet");
        var on = Widgets.toggle(
                "Take its readings",
                "meter",
                "Puts them in the measure line: links the meter on this machine, port " + link.port()
                        + " (./honeylamp meter starts a stand-in)",
                link.state().get().link() != Link.OFF,
                () -> {
                    if (link.state().get().link() == Link.OFF) {
                        link.connect();
                    } else {
                        link.disconnect();
                    }
                });
        show(words);
        // the tray is built anew now and then; a listener on a label that is gone must not keep it
        var there = new java.lang.ref.WeakReference<>(words);
        link.state().subscribe(_ -> {
            var label = there.get();
            if (label != null) {
                show(label);
            }
        });
        return List.of(on, words);
    }

    private void show(Label words) {
        var state = link.state().get();
        words.setText(
                switch (state.link()) {
                    case OFF -> "Not linked.";
                    case LOOKING -> "Looking for the meter\u2026";
                    case LINKED -> state.last().isEmpty() ? "Linked." : "Linked. Last: " + state.last();
                });
    }
}
