package honeylamp.desktop.panel.guide;

import honeylamp.guide.Block;
import honeylamp.guide.Guide;
import honeylamp.guide.GuidePage;
import honeylamp.guide.Place;
import honeylamp.guide.Span;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ObservableDoubleValue;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/** A page of the guide as it is read in the window. */
final class PageNodes {
    private final Consumer<Place> follow;
    private final ObservableDoubleValue width;
    private final Map<String, Node> headings = new HashMap<>();
    private final List<Node> nodes = new ArrayList<>();

    /**
     * A page.
     *
     * @param follow goes where a link leads
     * @param width so wide pictures are, in px
     */
    PageNodes(GuidePage page, ObservableDoubleValue width, Consumer<Place> follow) {
        this.follow = follow;
        this.width = width;
        nodes.add(label(page.title(), "guide-title"));
        page.blocks().forEach(this::add);
    }

    /** What stands below each other. */
    List<Node> nodes() {
        return List.copyOf(nodes);
    }

    /** A heading by its key. */
    Optional<Node> heading(String key) {
        return Optional.ofNullable(headings.get(key));
    }

    private void add(Block block) {
        switch (block) {
            case Block.Heading(var words, var key) -> {
                var heading = label(words, "guide-heading");
                headings.put(key, heading);
                nodes.add(heading);
            }
            case Block.Words(var spans) -> nodes.add(flow(spans));
            case Block.Points(var order, var points) -> nodes.add(points(order, points));
            case Block.Picture picture -> nodes.add(picture(picture));
        }
    }

    private static Label label(String words, String style) {
        var label = new Label(words);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        return label;
    }

    private VBox points(Block.Order order, List<List<Span>> points) {
        var out = new VBox(4);
        for (var i = 0; i < points.size(); i++) {
            var sign = new Label(order == Block.Order.NUMBERED ? i + 1 + "." : "\u2013");
            sign.getStyleClass().add("guide-sign");
            sign.setMinWidth(18);
            var flow = flow(points.get(i));
            HBox.setHgrow(flow, Priority.ALWAYS);
            out.getChildren().add(new HBox(2, sign, flow));
        }
        return out;
    }

    private TextFlow flow(List<Span> spans) {
        var flow = new TextFlow();
        flow.setMinWidth(0);
        flow.getStyleClass().add("guide-words");
        spans.forEach(span -> flow.getChildren().add(node(span)));
        return flow;
    }

    private Node node(Span span) {
        return switch (span) {
            case Span.Plain(var words) -> text(words, "guide-plain");
            case Span.Label(var words) -> text(words, "guide-label");
            case Span.Leaning(var words) -> text(words, "guide-leaning");
            case Span.Typed(var words) -> text(words, "guide-typed");
            case Span.Link(var words, var to) -> {
                var link = new Hyperlink(words);
                link.getStyleClass().add("guide-link");
                link.setId("guide-to-" + to.page() + (to.heading().isEmpty() ? "" : "-" + to.heading()));
                link.setOnAction(_ -> follow.accept(to));
                yield link;
            }
        };
    }

    private static Text text(String words, String style) {
        var text = new Text(words);
        text.getStyleClass().add(style);
        return text;
    }

    /** A picture, which comes as soon as it is read aside. */
    private ImageView picture(Block.Picture picture) {
        var view = new ImageView(new Image(Guide.picture(picture.file()).toExternalForm(), true));
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.fitWidthProperty().bind(width);
        view.setAccessibleText(picture.about());
        return view;
    }
}
