package honeylamp.desktop.panel.card;

import honeylamp.catalogue.KeptFinish;
import honeylamp.catalogue.KeptFitting;
import honeylamp.catalogue.RoomUses.RoomNames;
import honeylamp.desktop.command.WindowActions;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.panel.part.Content;
import honeylamp.desktop.panel.part.Libraries;
import honeylamp.desktop.panel.part.Watched;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Edging;
import honeylamp.edit.SettingOutEdits;
import honeylamp.edit.WallEdits.End;
import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Region;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.SettingOutLine.Stay;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import honeylamp.units.AreaText;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleBinding;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;

/** What is picked, as typed values with live effect; with nothing picked only what was asked for is told. */
public final class Card extends VBox {
    private static final double FRAME_PX = 4;

    private final WorkspaceModel model;
    private final WindowActions window;
    private final Libraries libraries;
    private final CardFields parts;
    private final VBox content = new VBox(10);
    private @Nullable Plan newest;
    private @Nullable Plan told;
    private final BooleanProperty rest = new SimpleBooleanProperty(true);

    /**
     * What the card is made of: numbers of a thing follow from all of the plan.
     *
     * @param wallTypes those a person keeps, as are the names of rooms
     */
    private record Part(
            Plan plan,
            StoreyId storey,
            Set<ElementId> picked,
            WorkStage stage,
            Tool tool,
            WallTypeId wallType,
            End lengthEnd,
            Choices.Working working,
            Choices.Finishing finishing,
            Optional<Choices.Ghost> ghost,
            Choices.Aside aside,
            List<WallType> wallTypes,
            List<RoomNames> roomNames,
            List<KeptFinish> finishes,
            List<KeptFitting> fittings,
            int ownPart,
            Set<String> folded) {}

    private final Content<Part> made = new Content<>() {
        @Override
        public Part part(Workspace now) {
            var choices = now.choices();
            return new Part(
                    told(now.plan()),
                    now.storey(),
                    now.selection(),
                    now.stage(),
                    now.tool(),
                    choices.wallType(),
                    choices.lengthEnd(),
                    choices.working(),
                    choices.finishing(),
                    choices.ghost(),
                    choices.round().aside(),
                    libraries.wallTypes().all(),
                    libraries.roomNames().all(),
                    libraries.finishes().all(),
                    libraries.fittings().all(),
                    choices.own().part(),
                    choices.round().folded());
        }

        @Override
        public List<Node> nodes(Part part) {
            return Card.this.nodes(model.now());
        }
    };

    /** A card on a model, with what a person keeps. */
    public Card(WorkspaceModel model, WindowActions window, Libraries libraries) {
        this.model = model;
        this.window = window;
        this.libraries = libraries;
        this.parts = new CardFields(model, libraries);
        setId("card");
        getStyleClass().add("card");
        content.getStyleClass().add("card-content");
        var scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().add(scroll);
        visibleProperty().bind(Bindings.isNotEmpty(content.getChildren()).and(rest));
        managedProperty().bind(visibleProperty());
        Watched.in(content, model, made::of);
        model.state().subscribe((was, now) -> {
            if (!was.selection().equals(now.selection())) {
                scroll.setVvalue(0); // another thing is read from its top
            }
        });
        model.state().subscribe(now -> rest.set(now.choices().round().rest() == Choices.Rest.SHOWN));
    }

    /** The plan it told of, as long as that is only looked at from elsewhere: what is picked stays the same. */
    private Plan told(Plan now) {
        if (now != newest) {
            newest = now;
            told = told != null && told.isSeenAs(now) ? told : now;
        }
        return Objects.requireNonNull(told);
    }

    /** How high all that it tells is, in px. */
    public DoubleBinding wantedHeight() {
        return content.heightProperty().add(FRAME_PX);
    }

    private List<Node> nodes(Workspace now) {
        if (now.selection().isEmpty()) {
            return switch (now.choices().round().aside()) {
                case NOTHING -> List.of();
                case STOREY -> storey(now);
                case WALL_TYPE -> now.stage() == WorkStage.WALLS ? wallType(now) : List.of();
            };
        }
        if (now.selection().size() > 1) {
            return many(now);
        }
        var id = now.selection().iterator().next();
        var out = new ArrayList<>(single(now, id));
        var standsByItself = !(id instanceof ElementId.RoomId
                || id instanceof ElementId.OpeningId
                || id instanceof ElementId.StoreyId
                || id instanceof ElementId.UnderlayId);
        if (!out.isEmpty() && standsByItself && now.plan().storeys().size() > 1) {
            out.add(new StoreysCard(model, parts).copying(now));
        }
        return out;
    }

    private List<Node> single(Workspace now, ElementId picked) {
        var storey = now.currentStorey();
        return switch (picked) {
            case ElementId.WallId id ->
                storey.wall(id).map(new WallCard(model, parts)::of).orElse(List.of());
            case ElementId.OpeningId id ->
                storey.opening(id).map(new OpeningCard(model, parts)::of).orElse(List.of());
            case ElementId.RoomId id ->
                model.shown().geometry().rooms().stream()
                        .filter(r -> r.mark().map(m -> m.id().equals(id)).orElse(false))
                        .findFirst()
                        .map(new RoomCard(model, parts, libraries.roomNames())::of)
                        .orElse(List.of());
            case ElementId.FurnishingId id ->
                storey.elements()
                        .find(Furnishing.class, id)
                        .map(new FurnishingCard(model, window, parts, libraries.pieces())::of)
                        .orElse(List.of());
            case ElementId.UnderlayId id ->
                storey.elements()
                        .find(Underlay.class, id)
                        .map(new UnderlayCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.StructureId id ->
                storey.elements()
                        .find(Structure.class, id)
                        .map(new PartCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.GroundId id ->
                storey.elements()
                        .find(Ground.class, id)
                        .map(new GroundCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.RegionId id ->
                storey.elements()
                        .find(Region.class, id)
                        .map(new RegionCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.FittingId id ->
                storey.elements()
                        .find(Fitting.class, id)
                        .map(f -> new FittingCard(model, window, parts).of(List.of(f)))
                        .orElse(List.of());
            case ElementId.ActivityId id ->
                storey.elements()
                        .find(Activity.class, id)
                        .map(new ActivityCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.UnitCopyId id ->
                model.scene().copies().stream()
                        .filter(c -> c.copy().id().equals(id))
                        .findFirst()
                        .map(new UnitCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.DimensionId id ->
                storey.elements()
                        .find(Dimension.class, id)
                        .map(new CaptionCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.NoteId id ->
                storey.elements()
                        .find(Note.class, id)
                        .map(new CaptionCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.RoundDimensionId id ->
                storey.elements()
                        .find(RoundDimension.class, id)
                        .map(new CaptionCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.FreeMarkId id ->
                storey.elements()
                        .find(FreeMark.class, id)
                        .map(new CaptionCard(model, parts)::of)
                        .orElse(List.of());
            case ElementId.BoundaryId id ->
                storey.elements().find(Boundary.class, id).map(this::boundary).orElse(List.of());
            case ElementId.SettingOutId id -> settingOut(now, id);
            case ElementId.StoreyId id ->
                now.plan().storeys().stream()
                        .filter(s -> s.id().equals(id) && s.roof().isPresent())
                        .findFirst()
                        .map(s -> new RoofFields(model, parts, id).card())
                        .orElse(List.of());
            case ElementId.UnitId _,
                    ElementId.WallTypeId _,
                    ElementId.CoveringId _,
                    ElementId.LookId _,
                    ElementId.ViewId _,
                    ElementId.PageId _,
                    ElementId.SchemeId _ -> List.of();
        };
    }

    /** A heading with a button that puts what is told away. */
    private Node aside(String heading, Choices.Aside told) {
        var away = Widgets.button(
                "Close",
                "card-close",
                "Puts this away",
                () -> model.chooseWithin(model.now().choices().telling(told)));
        away.setMinWidth(USE_PREF_SIZE);
        away.getStyleClass().add("small");
        return Widgets.row(Widgets.heading(heading), Widgets.spring(), away);
    }

    /** While drawing, the type that new walls are of. */
    private List<Node> wallType(Workspace now) {
        var out = new ArrayList<>(new WallTypeCard(model, parts, libraries.wallTypes())
                .of(now.plan().wallType(now.choices().wallType())));
        out.set(0, aside("Wall type", Choices.Aside.WALL_TYPE));
        return out;
    }

    private List<Node> settingOut(Workspace now, ElementId.SettingOutId id) {
        return now.currentStorey()
                .elements()
                .find(SettingOutLine.class, id)
                .map(line -> List.of(
                        Widgets.heading("Setting-out line"),
                        Widgets.toggle(
                                "Keep it",
                                "setting-out-keep",
                                "Otherwise it goes when a wall is drawn along it",
                                line.stay() == Stay.KEPT,
                                () -> model.edit(
                                        SettingOutEdits.stay(
                                                parts.plan(),
                                                parts.at(),
                                                id,
                                                line.stay() == Stay.KEPT ? Stay.UNTIL_USED : Stay.KEPT),
                                        "Keep setting-out line")),
                        parts.delete()))
                .orElse(List.of());
    }

    private List<Node> storey(Workspace now) {
        var geometry = model.shown().geometry(); // copies of units count
        var out = new ArrayList<Node>();
        out.add(aside(now.currentStorey().name(), Choices.Aside.STOREY));
        var lengths = now.currentStorey().underlays().stream()
                .filter(u -> !u.knownLengths().isEmpty())
                .toList();
        if (geometry.rooms().isEmpty()) {
            out.add(Widgets.quiet(
                    "No room yet. Bring in a picture to trace, or draw walls; rooms form by themselves."));
            out.addAll(written(now, lengths));
            out.addAll(new StoreysCard(model, parts).nodes(now));
            return out;
        }
        out.add(Widgets.fact("Net, inner faces", AreaText.both(geometry.netAreaMm2())));
        out.add(Widgets.fact("Gross, outer faces", AreaText.both(geometry.grossAreaMm2())));
        out.addAll(parts.low(_ -> true));
        out.add(Widgets.fact("Rooms", Integer.toString(geometry.rooms().size())));
        out.addAll(new AreaTotals(model).nodes());
        out.addAll(written(now, lengths));
        out.addAll(new StoreysCard(model, parts).nodes(now));
        return out;
    }

    /** While tracing, what is written on the pictures beside what the trace says. */
    private List<Node> written(Workspace now, List<Underlay> underlays) {
        return now.showsUnderlay()
                ? underlays.stream()
                        .<Node>map(u -> parts.folding(
                                "Written lengths",
                                new KnownLengthTable(model).of(u).toArray(Node[]::new)))
                        .toList()
                : List.of();
    }

    private List<Node> boundary(Boundary boundary) {
        return List.of(
                Widgets.heading("Boundary"),
                parts.folding(
                        "Strip where floors meet",
                        new StripFields(parts)
                                .strip(boundary.strip(), s -> Edging.strip(parts.plan(), parts.at(), boundary.id(), s))
                                .toArray(Node[]::new)),
                parts.delete());
    }

    private List<Node> many(Workspace now) {
        var walls = now.currentStorey().walls().stream()
                .map(Wall::id)
                .filter(now.selection()::contains)
                .toList();
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(now.selection().size() + " things"));
        if (walls.size() == now.selection().size()) {
            out.addAll(new WallCard(model, parts).of(walls));
        }
        var openings = now.currentStorey().openings().stream()
                .filter(o -> now.selection().contains(o.id()))
                .toList();
        if (openings.size() == now.selection().size()) {
            out.addAll(new OpeningCard(model, parts).of(openings));
        }
        var fittings = now.currentStorey().fittings().stream()
                .filter(f -> now.selection().contains(f.id()))
                .toList();
        if (fittings.size() == now.selection().size()) {
            return new FittingCard(model, window, parts).of(fittings);
        }
        if (now.selection().stream().allMatch(ElementId.RoomId.class::isInstance)) {
            out.addAll(new UnitCard(model, parts).making(now));
            return out;
        }
        out.addAll(new ArrangeCard(model, parts).of(now.selection()));
        var pieces = now.currentStorey().furnishings().stream()
                .filter(f -> now.selection().contains(f.id()))
                .toList();
        if (!pieces.isEmpty()) {
            out.add(new PieceToneFields(parts).of(pieces));
        }
        if (now.plan().storeys().size() > 1) {
            out.add(new StoreysCard(model, parts).copying(now));
        }
        out.add(parts.delete());
        return out;
    }
}
