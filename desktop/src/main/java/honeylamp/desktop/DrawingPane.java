package honeylamp.desktop;

import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.DeskEdge;
import honeylamp.desktop.panel.GlancePane;
import honeylamp.desktop.panel.MeasureLine;
import honeylamp.desktop.panel.SnagCounter;
import honeylamp.desktop.panel.card.Card;
import honeylamp.desktop.panel.part.Later;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.picture.PlanPane;
import honeylamp.desktop.picture.SmallMap;
import honeylamp.desktop.workspace.Viewport;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import java.util.List;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** The drawing, and what floats over its edges: the card beside what is picked, the measure line, storeys, zoom, snags. */
final class DrawingPane extends StackPane {
    private static final double AIR_PX = 10;

    /** What floats at the lower edge is so high, with its air. */
    private static final double EDGE_PX = 56;

    /** So much of the drawing's height the card takes at most; what is longer is scrolled. */
    private static final double CARD_SHARE = 0.64;

    /** The card changes sides only where it then covers that much less. */
    private static final double MUCH = 2;

    private final WorkspaceModel model;
    private final PlanPane plan;
    private final Card card;
    private final HBox row = new HBox(8);
    private @Nullable Seen seen;

    /** What decides on which side the card stands. */
    private record Seen(Set<ElementId> picked, Viewport viewport, double widthPx) {}

    DrawingPane(
            WorkspaceModel model,
            PlanPane plan,
            GlancePane glance,
            SmallMap map,
            Card card,
            MeasureLine measure,
            DeskEdge edge,
            SnagCounter snags) {
        this.model = model;
        this.plan = plan;
        this.card = card;
        plan.setMinSize(0, 0);
        setMinSize(0, 0);
        card.setMaxWidth(USE_PREF_SIZE);
        card.maxHeightProperty().bind(Bindings.min(heightProperty().multiply(CARD_SHARE), card.wantedHeight()));
        edge.setMinWidth(USE_PREF_SIZE);
        snags.setMinWidth(USE_PREF_SIZE);
        row.getChildren().addAll(edge, Widgets.spring(), measure, Widgets.spring(), snags);
        row.setAlignment(Pos.BOTTOM_CENTER);
        row.setFillHeight(false);
        row.setPickOnBounds(false);
        var below = new VBox(8, row);
        below.setAlignment(Pos.BOTTOM_CENTER);
        below.setPickOnBounds(false);
        below.setMaxHeight(USE_PREF_SIZE);
        var arrange = new Later(() -> {
            var left = getWidth() - 2 * AIR_PX - edge.prefWidth(-1) - snags.prefWidth(-1) - 4 * row.getSpacing();
            var there = getWidth() <= 0 || measure.leastWidth() <= left ? row : below;
            if (measure.getParent() != there) {
                row.getChildren().remove(measure);
                below.getChildren().remove(measure);
                there.getChildren().add(there == row ? 2 : 0, measure);
            }
        });
        row.needsLayoutProperty().subscribe(_ -> arrange.ask()); // with its value, else it tells but once
        measure.needsLayoutProperty().subscribe(_ -> arrange.ask());
        measure.fieldsWide().subscribe(arrange::ask);
        widthProperty().subscribe(arrange::ask);
        getChildren().addAll(plan, glance, map, card, measure.inFull(), below);
        setMargin(below, new Insets(AIR_PX));
        setAlignment(below, Pos.BOTTOM_CENTER);
        var lifted = new Later(() -> setMargin(
                measure.inFull(),
                new Insets(
                        0,
                        AIR_PX,
                        Math.max(EDGE_PX, Math.max(below.getHeight(), measure.getHeight()) + AIR_PX) + AIR_PX,
                        AIR_PX)));
        below.heightProperty().subscribe(lifted::ask);
        measure.heightProperty().subscribe(lifted::ask); // it may stand higher than the row it is in
        setAlignment(measure.inFull(), Pos.BOTTOM_CENTER);
        setMargin(glance, new Insets(AIR_PX, AIR_PX, EDGE_PX + AIR_PX, AIR_PX));
        setAlignment(glance, Pos.BOTTOM_LEFT);
        setMargin(map, new Insets(AIR_PX, AIR_PX, EDGE_PX + AIR_PX, AIR_PX));
        setAlignment(map, Pos.BOTTOM_RIGHT);
        setMargin(card, new Insets(AIR_PX));
        setAlignment(card, Pos.TOP_RIGHT);
        model.state().subscribe(now -> {
            var rest = now.choices().round().rest() == Choices.Rest.SHOWN;
            edge.setVisible(rest);
            edge.setManaged(rest);
            place(now);
        });
        widthProperty().subscribe(() -> place(model.now()));
    }

    /** The card stands on the side where less of what is picked would lie below it; it stays while something is moved. */
    private void place(Workspace now) {
        var next = new Seen(now.selection(), now.viewport(), getWidth());
        if (now.gesture().underWay() || next.equals(seen)) {
            return;
        }
        seen = next;
        var wide = card.prefWidth(-1) + 2 * AIR_PX;
        var left = Picking.bounds(model.shown().geometry(), now.selection())
                .map(this::pixels)
                .filter(box -> overlap(box, getWidth() - wide, getWidth()) > MUCH * overlap(box, 0, wide))
                .isPresent();
        setAlignment(card, left ? Pos.TOP_LEFT : Pos.TOP_RIGHT);
    }

    private Box pixels(Box planMm) {
        return Box.around(List.of(
                plan.pixel(new Point(planMm.minX(), planMm.minY())),
                plan.pixel(new Point(planMm.maxX(), planMm.maxY()))));
    }

    private double overlap(Box px, double fromX, double toX) {
        var across = Math.min(px.maxX(), toX) - Math.max(px.minX(), fromX);
        var down = Math.min(px.maxY(), getHeight() * CARD_SHARE) - Math.max(px.minY(), 0);
        return Math.max(0, across) * Math.max(0, down);
    }
}
