package honeylamp.desktop.panel.tray;

import honeylamp.catalogue.MinimumSets;
import honeylamp.catalogue.MinimumSets.MinimumSet;
import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.piece.PieceFinder;
import honeylamp.derive.listing.BriefCheck;
import honeylamp.derive.listing.BriefCheck.ContentItem;
import honeylamp.derive.listing.BriefCheck.PieceItem;
import honeylamp.derive.listing.BriefCheck.RoomItem;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.LengthField;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Tips;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.BriefEdits;
import honeylamp.plan.Brief;
import honeylamp.plan.Brief.WantedPiece;
import honeylamp.plan.Brief.WantedRoom;
import honeylamp.plan.Minimums;
import honeylamp.plan.Plan;
import honeylamp.units.AreaReader;
import honeylamp.units.AreaReading;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The brief as a live checklist: what is wanted, ticked off as the plan comes to have it, and the least sizes. */
record BriefTray(WorkspaceModel model, Library<MinimumSet> sets) implements Content<BriefTray.Part> {
    /** What is shown. */
    record Part(BriefCheck check, Minimums least, UnitSystem units, List<MinimumSet> kept) {}

    private static final PseudoClass MET = PseudoClass.getPseudoClass("met");

    @Override
    public Part part(Workspace now) {
        return new Part(
                model.shown().briefCheck(),
                now.plan().brief().minimums(),
                now.plan().units(),
                sets.all());
    }

    @Override
    public List<Node> nodes(Part part) {
        var check = part.check();
        var out = new ArrayList<Node>();
        var rows = new VBox(4);
        check.rooms().forEach(r -> rows.getChildren().add(room(r)));
        check.pieces().forEach(p -> rows.getChildren().add(piece(p)));
        if (rows.getChildren().isEmpty()) {
            rows.getChildren().add(Widgets.quiet("Write down what is wanted; it is ticked off as the plan gets it."));
        }
        out.add(rows);
        out.add(Widgets.menu(
                "Want a room",
                "brief-room",
                "Rooms the client wants; once more wants one more",
                RoomUses.all().stream().map(RoomUse::label).toList(),
                index -> want(RoomUses.all().get(index))));
        out.add(wantedPiece());
        var contents = new VBox(3);
        for (var content : Brief.Content.values()) {
            contents.getChildren().add(content(content, check));
        }
        out.add(Widgets.section("On the sheets", contents));
        out.add(Widgets.section("At least", minimums().toArray(Node[]::new)));
        return out;
    }

    private Plan plan() {
        return model.now().plan();
    }

    /** One more of a use; its own least sizes stay. */
    private void want(RoomUse use) {
        var wanted = plan().brief().rooms().stream()
                .filter(r -> r.use().equals(use.key()))
                .findFirst()
                .map(r -> r.withCount(r.count() + 1))
                .orElseGet(() -> new WantedRoom(use.key(), 1, use.leastAreaM2(), Length.ofMm(use.leastSideMm())));
        model.edit(BriefEdits.want(plan(), wanted), "Want a room");
    }

    /** A piece is wanted by a word; the same word once more wants one more. */
    private Node wantedPiece() {
        var field = new TextField();
        field.setId("brief-piece");
        field.setPromptText("Want a piece, such as: sofa");
        field.setAccessibleText("A piece the client wants");
        field.setOnAction(_ -> PieceFinder.find(field.getText(), plan().units()).stream()
                .findFirst()
                .filter(_ -> !field.getText().isBlank())
                .ifPresentOrElse(
                        found -> want(found.kind()),
                        () -> model.complain(
                                "No piece is called \"" + field.getText().strip() + "\". Try another word.")));
        return field;
    }

    private void want(FurnishingKind kind) {
        var count = plan().brief().pieces().stream()
                .filter(p -> p.kind().equals(kind.key()))
                .mapToInt(WantedPiece::count)
                .sum();
        model.edit(BriefEdits.want(plan(), new WantedPiece(kind.key(), count + 1)), "Want a piece");
    }

    private Node room(RoomItem item) {
        var wanted = item.wanted();
        var name = RoomUses.of(wanted.use()).map(RoomUse::label).orElse(wanted.use());
        var row = row(
                name + "  " + item.found() + " of " + wanted.count(),
                item.isMet(),
                "brief-drop-" + wanted.use(),
                () -> model.edit(BriefEdits.wantNoRoom(plan(), wanted.use()), "Take room off the brief"));
        var box = new VBox(2, row);
        if (!item.isMet()) {
            box.getChildren().add(Widgets.quiet(item.shortfall()));
        }
        box.getChildren()
                .addAll(
                        leastArea(wanted),
                        new LengthField(
                                "Least side",
                                "brief-side-" + wanted.use(),
                                wanted.leastSide(),
                                plan().units(),
                                LengthReader::notNegative,
                                v -> change(wanted.withLeastSide(v)),
                                model::complain));
        return box;
    }

    private void change(WantedRoom room) {
        model.edit(BriefEdits.want(plan(), room), "Change what is wanted");
    }

    /** The least area, typed in the unit of the plan or with another; nothing asks for nothing. */
    private Node leastArea(WantedRoom wanted) {
        var units = plan().units();
        var shown = AreaText.rounded(wanted.leastAreaM2() * AreaText.MM2_PER_M2, units);
        var field = new TextField(shown);
        field.setId("brief-area-" + wanted.use());
        field.setAccessibleText("Least area");
        field.setOnAction(_ -> {
            if (field.getText().equals(shown)) {
                return; // untouched: the area behind the rounded text stays as it is
            }
            switch (AreaReader.read(field.getText(), units)) {
                case AreaReading.Good(var area) -> change(wanted.withLeastAreaM2(area / AreaText.MM2_PER_M2));
                case AreaReading.Bad(var sentence) -> model.complain(sentence);
            }
        });
        var label = new Label("Least area");
        label.getStyleClass().add("field-name");
        label.setLabelFor(field);
        var line = Widgets.row(label, Widgets.spring(), field);
        line.getStyleClass().add("field-row");
        return line;
    }

    private Node piece(PieceItem item) {
        var kind = item.wanted().kind();
        return row(
                Furnishings.of(kind).map(FurnishingKind::label).orElse(kind) + "  " + item.found() + " of "
                        + item.wanted().count(),
                item.isMet(),
                "brief-drop-" + kind,
                () -> model.edit(BriefEdits.wantNoPiece(plan(), kind), "Take piece off the brief"));
    }

    /** Wanted or not by its box; what is wanted and missing says so below. */
    private Node content(Brief.Content content, BriefCheck check) {
        var item = check.contents().stream().filter(i -> i.wanted() == content).findFirst();
        var there = item.filter(ContentItem::isMet).isPresent();
        var box = new CheckBox(content.label());
        box.setId("brief-content-" + content.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        box.setSelected(item.isPresent());
        Tips.on(box, "Whether the sheets must show it");
        box.setOnAction(_ -> model.edit(BriefEdits.toggle(plan(), content), "Change the brief"));
        var row = Widgets.row(box, Widgets.spring());
        item.ifPresent(_ -> row.getChildren().add(mark(there)));
        var shortfall = item.map(ContentItem::shortfall).orElse("");
        return shortfall.isEmpty() ? row : new VBox(0, row, Widgets.quiet(shortfall));
    }

    private static Label mark(boolean met) {
        var mark = new Label(met ? "\u2713" : "\u2013");
        mark.getStyleClass().add("brief-mark");
        mark.pseudoClassStateChanged(MET, met);
        mark.setAccessibleText(met ? "there" : "missing");
        mark.setMinWidth(Region.USE_PREF_SIZE);
        return mark;
    }

    /** A tick or a gap, said in words as well. */
    private static Node row(String text, boolean met, String id, Runnable drop) {
        var words = new Label(text);
        words.setWrapText(true);
        var off = Widgets.button("\u00d7", id, "Takes it off the brief", drop);
        off.getStyleClass().add("small");
        off.setMaxWidth(Region.USE_PREF_SIZE);
        off.setMinWidth(Region.USE_PREF_SIZE);
        return Widgets.row(mark(met), words, Widgets.spring(), off);
    }

    private List<Node> minimums() {
        var now = plan().brief().minimums();
        var all = Stream.concat(MinimumSets.all().stream(), sets.all().stream()).toList();
        return List.of(
                Widgets.menu(
                        "As a set",
                        "least-set",
                        "All least sizes at once, what pieces need beside them too",
                        all.stream().map(MinimumSet::name).toList(),
                        i -> {
                            model.edit(
                                    BriefEdits.minimums(plan(), _ -> all.get(i).minimums()), "Set least sizes");
                            model.say("Least sizes as in \"" + all.get(i).name() + "\".");
                        }),
                PageFields.words("Keep as", "least-set-name", "", this::keep),
                least("Door, clear", "least-door", now.clearDoor(), Minimums::withClearDoor),
                least("Nib", "least-nib", now.nib(), Minimums::withNib),
                least("Before stairs", "least-landing", now.landing(), Minimums::withLanding),
                least("Headroom", "least-headroom", now.headroom(), Minimums::withHeadroom),
                least("Ways", "least-way", now.way(), Minimums::withWay));
    }

    private void keep(String name) {
        var wrong = name.isBlank()
                ? "A set is known by its name. Type one."
                : sets.keep(new MinimumSet(name, plan().brief().minimums()));
        if (wrong.isEmpty()) {
            model.say("Kept: \"" + name + "\" is among the sets of least sizes, in all your plans.");
        } else {
            model.complain(wrong);
        }
    }

    private Node least(String name, String id, Length value, BiFunction<Minimums, Length, Minimums> change) {
        return new LengthField(
                name,
                id,
                value,
                plan().units(),
                LengthReader::notNegative,
                v -> model.edit(BriefEdits.minimums(plan(), m -> change.apply(m, v)), "Set least size"),
                model::complain);
    }
}
