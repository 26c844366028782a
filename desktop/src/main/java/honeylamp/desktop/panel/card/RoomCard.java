package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.RoomUses.RoomNames;
import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.Dissection;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.listing.WallSides.WallSide;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.desktop.gesture.Choices.Working;
import honeylamp.desktop.panel.part.Library;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.desktop.panel.part.WordField;
import honeylamp.desktop.workspace.Intent;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.Workspace.Said;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.edit.Added;
import honeylamp.edit.Coverings;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnRegions;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Outline;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Region;
import honeylamp.plan.RoomFit;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.takeoff.JointsThrough;
import honeylamp.takeoff.StartProposals;
import honeylamp.takeoff.fit.Repurposing;
import honeylamp.takeoff.fit.StarterGroup;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** A room: its name and use, its numbers, its surfaces, and what is left along its walls. */
record RoomCard(WorkspaceModel model, CardFields parts, Library<RoomNames> kept) {
    List<Node> of(Room room) {
        var fit = room.mark().map(RoomMark::fit).orElse(RoomFit.NONE);
        var isFinished = model.now().stage() == WorkStage.FINISHES; // what is worked on stands first
        var out = new ArrayList<Node>();
        out.add(Widgets.heading(isFinished && !room.name().isBlank() ? room.name() : "Room"));
        if (isFinished) {
            out.addAll(finishes(room));
        }
        out.add(new WordField(
                        "Name of the room",
                        "room-name",
                        room.name(),
                        name -> model.edit(RoomEdits.name(parts.plan(), parts.at(), room, name), "Name room"))
                .hinted());
        out.add(uses(room, fit));
        RoomUses.of(fit.use()).ifPresent(use -> out.addAll(names(room, RoomUses.names(use, kept.all()))));
        RoomUses.of(fit.use())
                .filter(use -> !use.pieces().isEmpty())
                .ifPresent(use -> out.add(parts.folding("One expects here", expected(room, use))));
        if (!StarterGroup.of(fit.use()).isEmpty() && room.mark().isPresent()) {
            out.add(Widgets.button(
                    "Furnish it",
                    "room-furnish",
                    "With what such rooms usually have, in sizes there is room for; each piece is picked, to be kept or deleted",
                    () -> furnish(room, fit.use())));
        }
        if (room.mark().isPresent()) {
            out.add(repurposing(room));
        }
        room.mark().map(RoomMark::id).ifPresent(id -> out.add(schemeOf(id)));
        room.mark().map(RoomMark::id).flatMap(this::takingOver).ifPresent(out::add);
        var standing = model.shown().geometry().furnishingsIn(room).stream()
                .map(Furnishing::id)
                .filter(id -> !id.isCopied())
                .toList();
        if (!standing.isEmpty()) {
            out.add(Widgets.button(
                    "Pick all that stands in it",
                    "room-pick-pieces",
                    "To colour it in one go, make it calmer or stronger, move it, or mark it for the works",
                    () -> model.act(new Intent.TakeUp(Tool.PICK_PIECES), new Intent.Pick(Set.copyOf(standing)))));
        }
        out.add(new WordField(
                        "Number", "room-number", fit.number(), n -> fit(room, f -> f.withNumber(n), "Number room"))
                .hinted());
        out.add(new WordField(
                        "Words on its label",
                        "room-words",
                        fit.words(),
                        words -> fit(room, f -> f.withWords(words.strip()), "Write on the room's label"))
                .hinted());
        room.mark().map(RoomMark::id).ifPresent(id -> out.add(pair(id)));
        out.add(parts.folding("Area", areas(room, fit).toArray(Node[]::new)));
        out.add(height(room, fit));
        if (!isFinished) {
            out.addAll(finishes(room));
        }
        out.addAll(new UnitCard(model, parts).making(model.now()));
        return out;
    }

    /** The room may have schemes of its own. */
    private Node schemeOf(RoomId room) {
        return Widgets.button(
                "A scheme of this room",
                "room-scheme",
                "Other pieces and finishes here alone: what else is changed meanwhile is changed in all arrangements",
                () -> model.schemes().addOfRoom(room));
    }

    /** Its pieces and finishes may be those of another arrangement. */
    private Optional<Node> takingOver(RoomId room) {
        var schemes = model.now().plan().schemes();
        var others =
                schemes.ids().stream().filter(id -> !id.equals(schemes.open())).toList();
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of(Widgets.menu(
                        "Take over from",
                        "room-take-over",
                        "Its pieces, fixed parts and finishes as they are in another arrangement",
                        others.stream().map(schemes::name).toList(),
                        index -> model.schemes().takeRoom(room, others.get(index))));
    }

    /** Whether its width and depth are drawn in the view worked on, or in all. */
    private Node pair(RoomId room) {
        var now = model.now();
        return Widgets.toggle(
                "Width and depth in it",
                "room-pair",
                "A pair of dimensions from face to face, in this view or in all, as chosen in Dimensions",
                now.view().annotation().pairs().has(room),
                () -> model.annotate(
                        "Choose sizes of rooms", a -> a.withPairs(a.pairs().toggling(room))));
    }

    /** Its floor, its ceiling, its walls. */
    private List<Node> finishes(Room room) {
        var out = new ArrayList<Node>();
        var build = new RoomBuildFields(model, parts);
        out.add(section("Floor", floor(room)));
        out.add(section("Below the floor", build.belowFloor(room)));
        out.add(section("Ceiling", covering(room, Surface.Ceiling::new, "ceiling", Place.CEILING, "Finish ceiling")));
        var walls = new ArrayList<>(covering(room, Surface.Walls::new, "walls", Place.WALL, "Finish walls"));
        walls.add(Widgets.button(
                "Joints as on the floor",
                "joints-through",
                "Begins the tiles of all walls where the joints of the floor meet them, and says where they cannot run through",
                () -> JointsThrough.in(parts.plan(), model.shown().storey(), room)
                        .ifPresentOrElse(
                                done -> {
                                    model.edit(done.plan(), "Run joints through");
                                    model.say(done.words());
                                },
                                () -> model.complain(
                                        "No joints can run through: lay floor and walls in pieces first."))));
        walls.addAll(build.tileEdge(room));
        out.add(section("All walls", walls));
        var plinth = new ArrayList<Node>();
        plinth.add(build.plinthHeight(room));
        plinths(room).ifPresent(plinth::addAll);
        out.add(section("Plinth, all round", plinth));
        out.add(parts.folding("Each wall, and what is left of it", sides(room).toArray(Node[]::new)));
        out.add(parts.folding("Walls from the front", build.elevations(room)));
        out.add(parts.folding("Raised", build.cutaway(room)));
        return out;
    }

    private Node section(String heading, List<Node> nodes) {
        return parts.folding(heading, nodes.toArray(Node[]::new));
    }

    private void fit(Room room, UnaryOperator<RoomFit> change, String action) {
        model.edit(RoomEdits.fit(parts.plan(), parts.at(), room, change), action);
    }

    /** Name, floor, doors and contents at once. */
    private Node repurposing(Room room) {
        var uses = RoomUses.all();
        return Widgets.menu(
                "Make it something else",
                "room-repurpose",
                "Its name, floor, doors and contents follow; what stands in it goes",
                uses.stream().map(RoomUse::label).toList(),
                i -> repurpose(room, uses.get(i)));
    }

    private void repurpose(Room room, RoomUse use) {
        var done = Repurposing.of(parts.plan(), parts.at(), room, use);
        var went = done.gone() == 0 ? "" : done.gone() == 1 ? " One piece went." : " " + done.gone() + " pieces went.";
        var doors = done.turned() == 0
                ? ""
                : done.turned() == 1
                        ? " A door opens the other way."
                        : " " + done.turned() + " doors open the other way.";
        var left = done.leftOut().isEmpty() ? "" : " No room was found for: " + String.join(", ", done.leftOut()) + ".";
        model.edit(done.plan(), "Make room something else");
        model.say("It is \"" + done.name() + "\" now." + went + doors + left);
    }

    private void furnish(Room room, String use) {
        var done = StarterGroup.in(parts.plan(), parts.at(), room, use);
        if (done.placed().isEmpty()) {
            model.complain(
                    done.leftOut().isEmpty()
                            ? "All that such a room usually has is there."
                            : "There is no room for: " + String.join(", ", done.leftOut()) + ".");
            return;
        }
        var left = done.leftOut().isEmpty() ? "" : " No room was found for: " + String.join(", ", done.leftOut()) + ".";
        model.act(
                new Intent.Edit(done.plan(), "Furnish room"),
                new Intent.TakeUp(Tool.PICK_PIECES),
                new Intent.Pick(Set.copyOf(done.placed())),
                new Intent.Say(Said.news((done.placed().size() == 1
                                ? "One piece stands in it, picked."
                                : done.placed().size() + " pieces stand in it, all picked.")
                        + left)));
    }

    /** The pieces one expects in a room of this use, ticked if they are there; a press takes one up to place it. */
    private Node[] expected(Room room, RoomUse use) {
        var there = model.shown().geometry().furnishingsIn(room).stream()
                .map(Furnishing::kind)
                .toList();
        return use.pieces().stream()
                .flatMap(key -> Furnishings.of(key).stream())
                .map(kind -> Widgets.toggle(
                        (there.contains(kind.key()) ? "\u2713 " : "\u2013 ") + kind.label(),
                        "expected-" + kind.key(),
                        there.contains(kind.key())
                                ? "It is there; a press places one more"
                                : "Missing; a press places it",
                        there.contains(kind.key()),
                        () -> model.act(
                                new Intent.ChooseWithin(model.now().choices().placing(kind.key())),
                                new Intent.TakeUp(Tool.PLACE_PIECE))))
                .toArray(Node[]::new);
    }

    private Node uses(Room room, RoomFit fit) {
        var label = RoomUses.of(fit.use()).map(RoomUse::label).orElse("Choose a use");
        return Widgets.menu(
                label,
                "room-use",
                "What the room is for",
                RoomUses.all().stream().map(RoomUse::label).toList(),
                index -> model.edit(
                        RoomEdits.use(
                                parts.plan(),
                                parts.at(),
                                room,
                                RoomUses.all().get(index).key(),
                                RoomUses.all().get(index).part()),
                        "Say what the room is for"));
    }

    /** Names rooms of this use go by, one press each; the list is the person's own to change. */
    private List<Node> names(Room room, RoomNames list) {
        var chips = new FlowPane(6, 6);
        for (var name : list.names()) {
            chips.getChildren()
                    .add(Widgets.toggle(
                            name,
                            "name-"
                                    + name.toLowerCase(Locale.ROOT)
                                            .replace(' ', '-')
                                            .replace("'", ""),
                            "Names the room so",
                            name.equals(room.name()),
                            () -> model.edit(RoomEdits.name(parts.plan(), parts.at(), room, name), "Name room")));
        }
        if (room.name().isBlank()) {
            return List.of(chips);
        }
        var listed = list.names().contains(room.name());
        var change = Widgets.button(
                listed ? "Take it out of the list" : "Keep it in the list",
                listed ? "room-name-out" : "room-name-keep",
                "The list of names for rooms of this use, in all plans",
                () -> {
                    var problem = kept.keep(listed ? list.without(room.name()) : list.with(room.name()));
                    if (problem.isEmpty()) {
                        model.say("\"" + room.name() + "\" is " + (listed ? "no longer" : "now") + " in the list.");
                    } else {
                        model.complain(problem);
                    }
                });
        return List.of(chips, change);
    }

    private List<Node> areas(Room room, RoomFit fit) {
        var units = parts.plan().units();
        var out = new ArrayList<Node>();
        var at = model.shown().geometry().rooms().stream()
                .map(r -> r.mark().map(RoomMark::id))
                .toList()
                .indexOf(room.mark().map(RoomMark::id));
        if (at >= 0) {
            var by = model.shown().areas().rooms().get(at);
            for (var basis : AreaBasis.values()) {
                out.add(Widgets.fact(basis.label(), AreaText.both(by.getOrDefault(basis, 0.0))));
            }
        }
        out.addAll(parts.low(room::equals));
        var clear = LabelSpot.clearSize(
                room.outline(), LabelSpot.freest(room.outline()).centre());
        out.add(Widgets.fact(
                "Clear, " + clear.spans(),
                LengthText.rounded(Length.ofMm(clear.alongMm()), units) + " \u00d7 "
                        + LengthText.roundedWithUnit(Length.ofMm(clear.acrossMm()), units)));
        out.add(Widgets.fact("Perimeter", LengthText.roundedWithUnit(Length.ofMm(room.perimeterMm()), units)));
        out.add(Widgets.menu(
                "Counts as " + fit.counts().label().toLowerCase(Locale.ROOT),
                "room-counts",
                "As what its area counts in totals",
                Arrays.stream(CountsAs.values()).map(CountsAs::label).toList(),
                index -> fit(room, f -> f.withCounts(CountsAs.values()[index]), "Count room")));
        var shown = model.now().choices().working() == Working.SHOWN;
        out.add(Widgets.toggle(
                "Show the working",
                "room-working",
                "Takes the room apart into rectangles, triangles, trapezia and sectors",
                shown,
                () -> model.chooseWithin(model.now().choices().withWorking(shown ? Working.HIDDEN : Working.SHOWN))));
        if (shown) {
            out.add(working(room));
        }
        return out;
    }

    private Node working(Room room) {
        var box = new VBox(2);
        var dissection = Dissection.of(model.shown().geometry(), room);
        for (var i = 0; i < dissection.parts().size(); i++) {
            var part = dissection.parts().get(i);
            box.getChildren()
                    .add(Widgets.fact(
                            Dissection.letter(i) + "  " + part.shape().label() + "  "
                                    + part.working(parts.plan().units()),
                            AreaText.rounded(part.areaMm2(), parts.plan().units())));
        }
        box.getChildren()
                .add(Widgets.fact(
                        "Sum",
                        AreaText.rounded(dissection.areaMm2(), parts.plan().units())));
        return box;
    }

    private Node height(Room room, RoomFit fit) {
        return parts.length(
                "Height",
                "room-height",
                fit.height().orElse(model.now().currentStorey().height()),
                h -> Outcome.done(RoomEdits.fit(parts.plan(), parts.at(), room, f -> f.withHeight(Optional.of(h)))),
                "Set room height");
    }

    private List<Node> floor(Room room) {
        var finish = room.mark()
                .map(RoomMark::floor)
                .filter(f -> Materials.of(f.material()).isPresent());
        if (finish.isEmpty()) {
            return List.of(Widgets.quiet("Nothing is laid yet; the Finishes stage lays floors."));
        }
        var mark = room.mark().orElseThrow();
        var surface = surface(room, new Surface.Floor(mark.id()));
        var out = new ArrayList<>(new FinishFields(new OneSurface(
                        model,
                        parts,
                        "floor",
                        Place.FLOOR,
                        "Lay finish",
                        surface,
                        mark.id().seed(),
                        f -> RoomEdits.floor(parts.plan(), parts.at(), room, f.orElse(Finish.of(RoomEdits.BARE)))))
                .of(finish));
        Materials.of(finish.get())
                .map(Material::laying)
                .filter(laying -> !laying.isSeamless())
                .ifPresent(laying -> out.add(Widgets.button(
                        "Begin at the threshold",
                        "floor-from-threshold",
                        "One piece lies in the middle of the widest door, whole along it",
                        () -> StartProposals.fromThreshold(model.shown().geometry(), room, laying, finish.get())
                                .ifPresentOrElse(
                                        start -> model.edit(
                                                RoomEdits.floor(
                                                        parts.plan(),
                                                        parts.at(),
                                                        room,
                                                        finish.get().startingAt(start)),
                                                "Move starting point"),
                                        () -> model.complain("The room has no door down to its floor.")))));
        return out;
    }

    /** The stretches of a surface of the room. */
    private List<List<Outline>> surface(Room room, Surface surface) {
        return room.mark().map(m -> Surfaces.ofRoom(model.shown().storey(), room, m)).orElse(List.of()).stream()
                .filter(f -> surface instanceof Surface.Walls
                        ? f.surface() instanceof Surface.WallSide // those that have no finish of their own
                                && Surfaces.covering(model.shown().storey().storey(), f.surface())
                                        .isEmpty()
                        : f.surface().equals(surface))
                .map(Surfaces.Found::outline)
                .toList();
    }

    /** What covers a surface of the room; a room that nobody spoke of is given a mark with its first finish. */
    private List<Node> covering(Room room, Function<RoomId, Surface> surface, String id, Place place, String action) {
        var now = room.mark()
                .flatMap(m -> Surfaces.finish(model.shown().geometry().storey(), surface.apply(m.id())));
        var found = room.mark().map(m -> surface(room, surface.apply(m.id()))).orElse(List.of());
        var seed = room.mark().map(m -> surface.apply(m.id()).host().seed()).orElse(0L);
        return new FinishFields(new OneSurface(model, parts, id, place, action, found, seed, finish -> {
                    var marked = room.mark()
                            .map(m -> new Added<>(parts.plan(), m.id()))
                            .orElseGet(() -> RoomEdits.marked(parts.plan(), parts.at(), room));
                    return Coverings.cover(marked.plan(), parts.at(), surface.apply(marked.id()), finish);
                }))
                .briefly(now);
    }

    /** What covers the plinths along all walls of the room; none if nobody spoke of the room, or it has no walls. */
    private Optional<List<Node>> plinths(Room room) {
        var all = room.mark().map(m -> Surfaces.ofRoom(model.shown().storey(), room, m)).orElse(List.of()).stream()
                .map(Surfaces.Found::surface)
                .filter(Surface.Plinth.class::isInstance)
                .toList();
        return Optional.of(all)
                .filter(a -> !a.isEmpty())
                .map(a -> parts.covering(a, "plinth", Place.WALL, "Finish plinth"));
    }

    private List<Node> sides(Room room) {
        var units = parts.plan().units();
        var out = new ArrayList<Node>();
        var surfaces = room.mark()
                .map(m -> Surfaces.ofRoom(model.shown().storey(), room, m))
                .orElse(List.of());
        for (var side : WallSides.of(model.shown().geometry(), room)) {
            out.add(Widgets.fact(
                    capital(side.towards()) + ", " + LengthText.roundedWithUnit(Length.ofMm(side.lengthMm()), units),
                    left(side, area(surfaces, side))));
            out.addAll(covering(
                    room,
                    id -> new Surface.WallSide(side.wall(), side.side(), Optional.of(id)),
                    side.wall().text() + "-" + side.side().name().toLowerCase(Locale.ROOT),
                    Place.WALL,
                    "Finish wall"));
            out.add(regions(side));
        }
        return out;
    }

    /** The regions on a side, each to be picked, and a button for a further one. */
    private Node regions(WallSide side) {
        var storey = model.now().currentStorey();
        var on = new Region.Upright(side.wall(), side.side());
        var row = new FlowPane(6, 6);
        storey.regions().stream()
                .filter(r -> r.on().equals(on))
                .forEach(r -> row.getChildren()
                        .add(Widgets.button(
                                "Region, " + size(r),
                                "region-" + r.id().text(),
                                "Picks it, to be changed or deleted",
                                () -> model.act(
                                        new Intent.TakeUp(Tool.PICK_REGIONS), new Intent.Pick(Set.of(r.id()))))));
        if (storey.wall(side.wall()).isPresent()) { // walls of copies are changed in their unit
            row.getChildren()
                    .add(Widgets.button(
                            "Own region",
                            "region-on-" + side.wall().text() + "-"
                                    + side.side().name().toLowerCase(Locale.ROOT),
                            "A part of this side with a finish of its own, such as a splash-back",
                            () -> outline(side, on)));
        }
        return row;
    }

    private String size(Region region) {
        var box = region.ring().bounds();
        var units = parts.plan().units();
        return LengthText.rounded(Length.ofMm(box.width()), units) + " \u00d7 "
                + LengthText.roundedWithUnit(Length.ofMm(box.height()), units);
    }

    private void outline(WallSide side, Region.Upright on) {
        var storey = model.now().currentStorey();
        var line = storey.wall(side.wall()).orElseThrow().line();
        var corners = OwnRegions.splashBack(
                storey,
                side.wall(),
                line.along(side.faces().getFirst().a()),
                line.along(side.faces().getLast().b()));
        var added = OwnRegions.add(parts.plan(), parts.at(), on, corners, Finish.of("tile-white"));
        model.act(
                new Intent.Edit(added.plan(), "Outline a region"),
                new Intent.TakeUp(Tool.PICK_REGIONS),
                new Intent.Pick(Set.of(added.id())));
    }

    private String left(WallSide side, double areaMm2) {
        var units = parts.plan().units();
        return LengthText.rounded(Length.ofMm(side.leftMm()), units) + " left, "
                + LengthText.roundedWithUnit(Length.ofMm(side.longestFreeMm()), units) + " in one piece"
                + (areaMm2 > 0 ? "; " + AreaText.rounded(areaMm2, units) + " to cover" : "");
    }

    /** What of a wall's side can be covered; nothing if the room is not marked. */
    private static double area(List<Surfaces.Found> surfaces, WallSide side) {
        return surfaces.stream()
                .filter(f -> f.surface() instanceof Surface.WallSide s
                        && s.wall().equals(side.wall())
                        && s.side() == side.side())
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }
}
