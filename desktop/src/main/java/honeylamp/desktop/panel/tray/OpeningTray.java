package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.OpeningSizes;
import honeylamp.catalogue.OpeningSizes.Product;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.NewOpening;
import honeylamp.desktop.panel.part.Catalogue;
import honeylamp.desktop.panel.part.Catalogue.Entry;
import honeylamp.desktop.panel.part.Catalogue.Group;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Thumbnails;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.drawing.Drawing;
import honeylamp.illustrate.sketch.Samples;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.OpeningKind.Size;
import honeylamp.plan.Wall.Works;
import honeylamp.store.AtHand;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** The kinds of openings as pictures, and the size the next one has. */
record OpeningTray(
        WorkspaceModel model,
        WindowActions window,
        Thumbnails thumbnails,
        Catalogue catalogue,
        Library<Product> products)
        implements Content<OpeningTray.Part> {
    /**
     * What is shown.
     *
     * @param next the opening put in next
     * @param works what becomes in the building works of those put in next
     * @param kept the products a person keeps
     */
    record Part(NewOpening next, Works works, UnitSystem units, List<Product> kept, List<AtHand> atHand) {}

    /** So much of a wall is shown with a sample, in mm. */
    private static final double SAMPLE_MM = 1900;

    private static final double SAMPLE_PX = 66;
    private static final double SHOWN_PX = 40;
    private static final double PAPER_MM = SAMPLE_MM / 50;

    @Override
    public Part part(Workspace now) {
        return new Part(
                now.choices().opening(), now.choices().works(), now.plan().units(), products.all(), catalogue.atHand());
    }

    @Override
    public Object pinning(Part part) {
        return part;
    }

    @Override
    public List<Node> pinned(Part part) {
        return List.of(Widgets.section("Size", size(part).toArray(Node[]::new)), catalogue.search());
    }

    @Override
    public List<Node> nodes(Part part) {
        var out = new ArrayList<Node>();
        out.add(catalogue.of(Arrays.stream(OpeningKind.Family.values())
                .map(family -> new Group(
                        family.label(),
                        Arrays.stream(OpeningKind.values())
                                .filter(k -> k.family() == family)
                                .map(k -> entry(part, k))
                                .toList()))
                .toList()));
        out.add(Widgets.button(
                "Schedules", "show-schedules", "Doors, windows and rooms as tables", window::toggleSchedules));
        out.add(Widgets.section("Products", products(part).toArray(Node[]::new)));
        out.add(Widgets.section("In the works", works(part.works())));
        return out;
    }

    /** What becomes of openings put in next into walls that stay; of walls drawn next it is the same. */
    private Node works(Works now) {
        var row = new FlowPane(6, 6);
        for (var works : Works.values()) {
            row.getChildren()
                    .add(Widgets.toggle(
                            works.ofOpening(),
                            "put-in-works-" + works.name().toLowerCase(Locale.ROOT),
                            works.meaningOfOpening() + " (walls drawn next: "
                                    + works.label().toLowerCase(Locale.ROOT) + ")",
                            works == now,
                            () -> model.chooseWithin(model.now().choices().withWorks(works))));
        }
        return row;
    }

    private Entry entry(Part part, OpeningKind kind) {
        var key = "opening-" + kind.name();
        Supplier<Drawing> sample = () -> Samples.of(kind, SAMPLE_MM);
        var size = kind.usual(part.units());
        return new Entry(
                kind.name(),
                key.toLowerCase(Locale.ROOT).replace('_', '-'),
                kind.label(),
                LengthText.rounded(size.width(), part.units()) + " \u00d7 "
                        + LengthText.rounded(size.head().minus(size.sill()), part.units()),
                () -> upper(thumbnails.view(key, sample, PAPER_MM)),
                () -> thumbnails.large(key, sample, PAPER_MM),
                kind == part.next().kind(),
                () -> take(NewOpening.of(kind, part.units())));
    }

    /** The upper part of a sample: what lies below the wall is empty. */
    private static Node upper(Node picture) {
        var part = new StackPane(picture);
        part.setAlignment(Pos.TOP_LEFT);
        part.setMinHeight(SHOWN_PX);
        part.setMaxHeight(SHOWN_PX);
        part.setPrefHeight(SHOWN_PX);
        part.setClip(new Rectangle(SAMPLE_PX, SHOWN_PX));
        return part;
    }

    private void take(NewOpening opening) {
        model.act(
                new Intent.ChooseWithin(model.now().choices().withOpening(opening)),
                new Intent.TakeUp(Tool.PUT_IN_OPENING));
        window.focusPlan();
    }

    private List<Node> size(Part part) {
        var opening = part.next();
        var units = part.units();
        var chips = new FlowPane(6, 6);
        for (var width : OpeningSizes.widths(opening.kind(), units)) {
            chips.getChildren()
                    .add(Widgets.toggle(
                            LengthText.rounded(width, units),
                            "width-" + Math.round(width.mm()),
                            "The next one is so wide (" + Keys.NEXT_WIDTH.text() + " goes on to the next width)",
                            width.equals(opening.width()),
                            () -> resize(opening.wide(width).size())));
        }
        var size = opening.size();
        var out = new ArrayList<Node>();
        out.add(chips);
        out.add(field("Width", "opening-width", size.width(), w -> new Size(w, size.sill(), size.head())));
        if (opening.kind().isWindow()) {
            out.add(new LengthField(
                    "Sill",
                    "opening-sill-next",
                    size.sill(),
                    units,
                    LengthReader::notNegative,
                    s -> resizeChecked(new Size(size.width(), s, size.head())),
                    model::complain));
        }
        out.add(field("Head", "opening-head-next", size.head(), h -> new Size(size.width(), size.sill(), h)));
        return out;
    }

    private LengthField field(String name, String id, Length value, Function<Length, Size> change) {
        return new LengthField(
                name, id, value, model.now().plan().units(), v -> resizeChecked(change.apply(v)), model::complain);
    }

    private void resizeChecked(Size size) {
        if (size.head().compareTo(size.sill()) <= 0) {
            model.complain("The head must lie above the sill. Type a higher head or a lower sill.");
        } else {
            resize(size);
        }
    }

    private void resize(Size size) {
        var now = model.now();
        model.chooseWithin(
                now.choices().withOpening(new NewOpening(now.choices().opening().kind(), size, "")));
    }

    /** Products of the chosen kind, and a way to keep the present size under a name. */
    private List<Node> products(Part part) {
        var opening = part.next();
        var units = part.units();
        var box = new VBox(4);
        Stream.concat(part.kept().stream(), OpeningSizes.products(units).stream())
                .filter(p -> p.kind() == opening.kind())
                .forEach(p -> box.getChildren()
                        .add(Widgets.toggle(
                                p.name() + "   " + LengthText.rounded(p.size().width(), units) + " \u00d7 "
                                        + LengthText.rounded(
                                                p.size().head().minus(p.size().sill()), units),
                                "product-" + p.name().toLowerCase(Locale.ROOT).replace(' ', '-'),
                                "The next one is this product",
                                p.name().equals(opening.product()),
                                () -> take(new NewOpening(p.kind(), p.size(), p.name())))));
        var name = new TextField();
        name.setId("product-name");
        name.setPromptText("Its name");
        name.setAccessibleText("Name under which this size is kept");
        var keep = Widgets.button("Keep", "product-keep", "Keeps kind and size for all your plans", () -> keep(name));
        keep.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(name, Priority.ALWAYS);
        return List.of(box, Widgets.row(name, keep));
    }

    private void keep(TextField name) {
        var text = name.getText().strip();
        if (text.isEmpty()) {
            model.complain("Type a name for this size first.");
            return;
        }
        var opening = model.now().choices().opening();
        var wrong = products.keep(new Product(text, opening.kind(), opening.size()));
        if (wrong.isEmpty()) {
            model.act(
                    new Intent.ChooseWithin(
                            model.now().choices().withOpening(new NewOpening(opening.kind(), opening.size(), text))),
                    new Intent.Say(Said.news("\"" + text + "\" is in your library now.")));
        } else {
            model.complain(wrong);
        }
    }
}
