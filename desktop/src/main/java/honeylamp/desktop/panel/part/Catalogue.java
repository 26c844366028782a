package honeylamp.desktop.panel.part;

import honeylamp.store.AtHand;
import honeylamp.store.AtHand.Why;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;

/** Things one chooses by their pictures: found by word, favourites and what was taken last before all others. */
public final class Catalogue {
    /** Longer sizes do not stand in one line below a picture. */
    private static final int ONE_LINE = 14;

    private static final int USED_SHOWN = 4;

    /** Of more things than this each family shows its first few, until it is asked for. */
    private static final int MOST_AT_ONCE = 120;

    private static final int FIRST_FEW = 6;
    private static final String ALL_FAMILIES = "All families";
    private static final PseudoClass KEPT = PseudoClass.getPseudoClass("kept");

    /**
     * A thing.
     *
     * @param key what it is kept by
     * @param id of its tile
     * @param size what is said beside its name, perhaps nothing
     * @param picture of the tile
     * @param large shown while the pointer rests on the tile
     * @param on whether it is the one put in next
     */
    public record Entry(
            String key,
            String id,
            String label,
            String size,
            Supplier<Node> picture,
            Supplier<Node> large,
            boolean on,
            Runnable take) {}

    /** How much of a tile its picture takes. */
    public enum Pictures {
        SQUARE,
        LOW
    }

    /** Things under a heading. */
    public record Group(String label, List<Entry> entries) {}

    private final String name;
    private final String prompt;
    private final Pictures pictures;
    private final Library<AtHand> kept;
    private final Consumer<String> complain;
    private final VBox shown = new VBox(12);
    private List<Group> groups = List.of();
    private Function<String, List<Group>> asked = this::called;
    private String searched = "";
    private String family = "";
    private Consumer<String> familyName = _ -> {};

    /**
     * A catalogue.
     *
     * @param name leads the keys of its things, and the ids of its nodes
     * @param complain is told what could not be kept
     */
    public Catalogue(String name, String prompt, Pictures pictures, Library<AtHand> kept, Consumer<String> complain) {
        this.name = name;
        this.prompt = prompt;
        this.pictures = pictures;
        this.kept = kept;
        this.complain = complain;
    }

    /** The field in which words are typed. */
    public Node search() {
        var field = new TextField(searched);
        field.setId(name + "-search");
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.textProperty().subscribe((_, text) -> {
            searched = text;
            fill();
        });
        return field;
    }

    /** Which family alone is shown, of many. */
    public Node families(List<String> labels) {
        var all = new ArrayList<>(List.of(ALL_FAMILIES));
        all.addAll(labels);
        var menu = Widgets.menu("", name + "-families", "Shows one family alone", all, i -> {
            family = i == 0 ? "" : labels.get(i - 1);
            fill();
        });
        familyName = menu.textProperty()::set;
        familyName.accept(family.isEmpty() ? all.getFirst() : family);
        return menu;
    }

    /** The tiles of these groups, as far as they match what is typed. */
    public Node of(List<Group> now) {
        return of(now, this::called);
    }

    /**
     * The tiles of these groups, or those that are asked for while something is typed.
     *
     * @param found the groups that match what is typed
     */
    public Node of(List<Group> now, Function<String, List<Group>> found) {
        groups = now;
        asked = found;
        fill();
        return shown;
    }

    /** Those whose names hold the words. */
    private List<Group> called(String words) {
        return groups.stream()
                .map(g -> new Group(
                        g.label(),
                        g.entries().stream()
                                .filter(e -> (e.label() + " " + g.label())
                                        .toLowerCase(Locale.ROOT)
                                        .contains(words))
                                .toList()))
                .toList();
    }

    /** What is kept and was used, so that a tray is made anew when that changes. */
    public List<AtHand> atHand() {
        return kept.all().stream().filter(a -> a.what().startsWith(name + "/")).toList();
    }

    private void fill() {
        shown.getChildren().clear();
        var words = searched.strip().toLowerCase(Locale.ROOT);
        if (words.isEmpty() && family.isEmpty()) {
            row("Favourites", "favourite-", favourites());
            row("Used last", "used-", used());
        }
        familyName.accept(family.isEmpty() ? ALL_FAMILIES : family);
        for (var group : words.isEmpty() ? groups : asked.apply(words)) {
            if (!words.isEmpty() || family.equals(group.label())) {
                row(group.label(), "", group.entries());
            } else if (family.isEmpty()) {
                begun(group);
            }
        }
        if (shown.getChildren().isEmpty()) {
            shown.getChildren().add(Widgets.quiet("Nothing here is called that. Try another word."));
        }
    }

    /** A family, or the first few of it where there are very many things in all. */
    private void begun(Group group) {
        var many = groups.stream().mapToInt(g -> g.entries().size()).sum() > MOST_AT_ONCE;
        if (!many || group.entries().size() <= FIRST_FEW + 1) {
            row(group.label(), "", group.entries());
            return;
        }
        row(group.label(), "", group.entries().subList(0, FIRST_FEW));
        shown.getChildren()
                .add(Widgets.button(
                        "All " + group.entries().size() + ": " + group.label(),
                        name + "-all-" + group.label().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"),
                        "Shows this family alone",
                        () -> {
                            family = group.label();
                            fill();
                        }));
    }

    private void row(String heading, String lead, List<Entry> entries) {
        if (!entries.isEmpty()) {
            var tiles = new FlowPane(4, 4);
            tiles.setRowValignment(VPos.TOP);
            entries.forEach(e -> tiles.getChildren().add(tile(e, lead)));
            shown.getChildren().add(Widgets.section(heading, tiles));
        }
    }

    private List<Entry> favourites() {
        return entries(because(Why.FAVOURITE));
    }

    /** The newest few, each where it stood before. */
    private List<Entry> used() {
        var all = because(Why.USED).toList();
        return entries(all.subList(Math.max(0, all.size() - USED_SHOWN), all.size()).stream());
    }

    private Stream<String> because(Why why) {
        return atHand().stream().filter(a -> a.why() == why).map(a -> a.what().substring(name.length() + 1));
    }

    private List<Entry> entries(Stream<String> keys) {
        return keys.flatMap(k -> groups.stream()
                        .flatMap(g -> g.entries().stream())
                        .filter(e -> e.key().equals(k))
                        .limit(1))
                .toList();
    }

    private Node tile(Entry entry, String lead) {
        var text = new ArrayList<Node>(List.of(entry.picture().get(), words(entry.label(), "tile-name")));
        if (!entry.size().isEmpty()) {
            text.add(words(entry.size(), "tile-size"));
        }
        var button = new Button("", new VBox(2, text.toArray(Node[]::new)));
        button.setId(lead + entry.id());
        button.getStyleClass().addAll("tile", pictures == Pictures.LOW ? "low-tile" : "square-tile");
        if (pictures != Pictures.LOW && entry.size().length() > ONE_LINE) {
            button.getStyleClass().add("tall-tile"); // feet and inches take two lines
        }
        button.setAccessibleText(entry.size().isEmpty() ? entry.label() : entry.label() + ", " + entry.size());
        button.pseudoClassStateChanged(PseudoClass.getPseudoClass("active"), entry.on());
        button.setOnAction(_ -> {
            noteUse(kept, name, entry.key());
            entry.take().run();
        });
        button.setOnMouseEntered(_ -> {
            if (button.getTooltip() == null) {
                button.setTooltip(large(entry)); // there are many tiles, and few are ever pointed at
            }
        });
        button.setOnContextMenuRequested(e -> {
            menu(entry).show(button, e.getScreenX(), e.getScreenY());
            e.consume();
        });
        var ribbon = ribbon(entry, lead);
        var both = new StackPane(button, ribbon);
        both.getStyleClass().add("tile-place");
        StackPane.setAlignment(ribbon, Pos.TOP_RIGHT);
        return both;
    }

    private static Label words(String text, String style) {
        var words = new Label(text);
        words.setWrapText(true);
        words.getStyleClass().add(style);
        words.setMinHeight(Label.USE_PREF_SIZE);
        return words;
    }

    /** The picture is drawn large only when somebody looks at it. */
    private static Tooltip large(Entry entry) {
        var tip = new Tooltip(entry.size().isEmpty() ? entry.label() : entry.label() + "   " + entry.size());
        tip.setContentDisplay(ContentDisplay.TOP);
        tip.setOnShowing(_ -> {
            if (tip.getGraphic() == null) {
                tip.setGraphic(entry.large().get());
            }
        });
        return tip;
    }

    /** The ribbon in the corner of a tile marks a favourite. */
    private Node ribbon(Entry entry, String lead) {
        var shape = new SVGPath();
        shape.setContent("M0 0H7V11L3.5 8L0 11Z");
        shape.getStyleClass().add("ribbon-shape");
        var ribbon = new Button("", shape);
        ribbon.setId(lead + "ribbon-" + entry.id());
        ribbon.getStyleClass().add("ribbon");
        ribbon.setFocusTraversable(false); // by keyboard the menu of the tile does it
        ribbon.setAccessibleText(favouring(entry) + ": " + entry.label());
        ribbon.setOnMouseEntered(_ -> ribbon.setTooltip(new Tooltip(favouring(entry))));
        ribbon.pseudoClassStateChanged(KEPT, favourite(entry).isPresent());
        ribbon.setOnAction(_ -> favour(entry));
        return ribbon;
    }

    private ContextMenu menu(Entry entry) {
        var item = new MenuItem(favouring(entry));
        item.setOnAction(_ -> favour(entry));
        var menu = new ContextMenu(item);
        menu.setId("menu-" + entry.id());
        return menu;
    }

    private String favouring(Entry entry) {
        return favourite(entry).isPresent() ? "No favourite any more" : "Keep among the favourites";
    }

    private Optional<AtHand> favourite(Entry entry) {
        return Optional.of(new AtHand(name + "/" + entry.key(), Why.FAVOURITE)).filter(kept.all()::contains);
    }

    private void favour(Entry entry) {
        var now = favourite(entry);
        var wrong =
                now.map(kept::forget).orElseGet(() -> kept.keep(new AtHand(name + "/" + entry.key(), Why.FAVOURITE)));
        if (!wrong.isEmpty()) {
            complain.accept(wrong);
        }
        fill();
    }

    /**
     * A thing was taken, here or elsewhere. What is among those shown stays where it is, so that nothing jumps under the
     * hand.
     *
     * @param catalogue the name of the one it stands in
     */
    public static void noteUse(Library<AtHand> kept, String catalogue, String key) {
        var used = new AtHand(catalogue + "/" + key, Why.USED);
        var last = kept.all().stream()
                .filter(a -> a.why() == Why.USED && a.what().startsWith(catalogue + "/"))
                .toList();
        if (!last.subList(Math.max(0, last.size() - USED_SHOWN), last.size()).contains(used)) {
            kept.keep(used); // if it cannot be written it is known till the end
        }
    }
}
