package honeylamp.demo.place;

import honeylamp.catalogue.Fittings;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.ActivityEdits;
import honeylamp.edit.ArrangementEdits;
import honeylamp.edit.EveningEdits;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Group;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.Works;
import honeylamp.takeoff.lighting.ActivityProposals;
import honeylamp.takeoff.lighting.ActivityProposals.ActivityProposal;
import honeylamp.takeoff.lighting.FittingSpot;
import honeylamp.takeoff.lighting.LightingViews;
import honeylamp.takeoff.lighting.StarterLights;
import honeylamp.takeoff.way.Ways;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The demo's houses after dark: the tea room with its lighting and power plan, the flat as it looks in the evening. */
public final class Lamplit {
    /** A second switch stands so far beside the first. */
    private static final Length BESIDE = Length.ofMm(110);

    /** Its schedule goes over the width of its page. */
    private static final double LEFT_MM = 20;

    private static final double DOWN_MM = 14;
    private static final double WIDE_MM = 262;

    /** A light outside is so far beside its door, reckoned so far before the wall. */
    private static final double BESIDE_DOOR_MM = 350;

    private static final double BEFORE_DOOR_MM = 100;

    /** From a lamp to the socket in the floor beside it, in mm. */
    private static final Point CORD = new Point(220, 160);

    /** Names and prices in cents, all made up. */
    private static final Map<FittingKind, Buying> PRODUCTS = Map.of(
            FittingKind.DOWNLIGHT, product("Gannet 60", 3_400),
            FittingKind.CEILING_LIGHT, product("Ripple 30", 8_900),
            FittingKind.PENDANT, product("Buoy", 12_500),
            FittingKind.STRIP, product("Tideline", 4_200),
            FittingKind.FLOOR_LAMP, product("Mast", 21_000),
            FittingKind.TABLE_LAMP, product("Pebble", 6_800),
            FittingKind.WALL_WASHER, product("Gannet W", 5_600),
            FittingKind.MIRROR_LIGHT, product("Halyard", 7_400),
            FittingKind.SOCKET_2, product("Dock 2", 900),
            FittingKind.TWO_WAY, product("Cleat", 1_200));

    private Plan plan;
    private final StoreyId at;

    private Lamplit(Plan plan, StoreyId at) {
        this.plan = plan;
        this.at = at;
    }

    private static Buying product(String name, int cents) {
        return Buying.UNKNOWN.withName(name).withPrice(cents);
    }

    /** The tea room and the flat above it, each with a page of lights, their key and schedule. */
    public static Plan quillbackLane() {
        var plan = QuillbackLane.plan();
        for (var storey : plan.storeys()) {
            plan = lit(plan, storey.id());
        }
        var pages = new ArrayList<PageId>();
        for (var storey : plan.storeys()) {
            var added = LightingViews.add(plan, storey.id());
            plan = added.plan();
            pages.add(added.id());
            var view =
                    plan.presentation().page(added.id()).orElseThrow().views().getFirst();
            plan = ViewEdits.showing(plan, view, Reach.THIS, Showing.Kind.TAGS, Showing.Degree.SHOWN);
        }
        return scheduled(plan, pages);
    }

    /** With a page for the schedule of all its pages of lights. */
    private static Plan scheduled(Plan plan, List<PageId> pages) {
        var list = ArrangementEdits.listsPage(plan, pages.getLast(), Set.of(Listing.FITTING_SCHEDULE));
        var first =
                plan.presentation().page(pages.getFirst()).orElseThrow().views().getFirst();
        var both = PageEdits.place(list.plan(), list.id(), first).result().orElseThrow();
        var wide = ArrangementEdits.put(both, list.id(), Listing.FITTING_SCHEDULE, LEFT_MM, DOWN_MM, WIDE_MM)
                .result()
                .orElseThrow();
        return PageEdits.name(wide, list.id(), "Lighting schedule");
    }

    /** The flat in the evening: lamps where one sits, the rows at the ceilings off. */
    public static Plan sailclothYard() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst().id();
        var lit = lit(plan, storey);
        var view = lit.presentation().views().getFirst().id();
        var ceiling = lit.storey(storey).fittings().stream()
                .filter(f -> f.kind() == FittingKind.CEILING_LIGHT)
                .filter(f -> room(lit, storey, f).filter(r -> isSatIn(r)).isPresent())
                .flatMap(f -> f.group().stream())
                .toList();
        return EveningEdits.off(lit, view, ceiling);
    }

    private static boolean isSatIn(Room room) {
        return room.name().contains("room") && !room.name().contains("Bath");
    }

    private static Optional<Room> room(Plan plan, StoreyId storey, Fitting fitting) {
        return FittingPlaces.room(LaidPlan.of(plan).on(storey).geometry(), fitting);
    }

    private static Plan lit(Plan plan, StoreyId storey) {
        var begun = StarterLights.of(plan, LaidPlan.of(plan).on(storey));
        var lamps = new Lamplit(begun, storey);
        lamps.laid().geometry().rooms().forEach(lamps::furnish);
        lamps.lightTheWayFromCars();
        lamps.name();
        var proposals = ActivityProposals.of(lamps.laid(), lamps.plan.lighting());
        return ActivityEdits.addAll(
                lamps.plan,
                storey,
                proposals.stream().map(ActivityProposal::activity).toList());
    }

    private LaidStorey laid() {
        return LaidPlan.of(plan).on(at);
    }

    /** Lights for what is done in a room, switched beside the ones there are. */
    private void furnish(Room room) {
        for (var piece : laid().geometry().furnishingsIn(room)) {
            var kind = piece.kind();
            if (kind.startsWith("dining-table")) {
                add(room, FittingKind.PENDANT, over(piece, Fittings.overTable(plan.units())), "table");
            } else if (kind.equals("counter-run") || kind.equals("base-units") || kind.equals("counter")) {
                add(
                        room,
                        FittingKind.STRIP,
                        new Fitting.AlongPiece(piece.id(), 2, Length.ofMm(-150), Length.ofMm(450)),
                        "counter");
            } else if (kind.equals("bedside-table") || kind.equals("sideboard")) {
                lamp(FittingKind.TABLE_LAMP, over(piece, Length.ofMm(400)));
            } else if (kind.equals("armchair") || kind.equals("sofa")) {
                var side = piece.placing().apply(new Point(piece.width().mm() / 2 + 180, 150));
                lamp(FittingKind.FLOOR_LAMP, new Fitting.Floor(Position.of(side), Length.ofMm(1_500)));
                if (isFarFromSockets(side)) {
                    put(
                            FittingKind.FLOOR_SOCKET,
                            new Fitting.Floor(Position.of(side.plus(CORD)), Length.ZERO),
                            List.of());
                }
            } else if (kind.equals("desk")) {
                lamp(FittingKind.DESK_LAMP, new Fitting.Piece(piece.id(), Position.ofMm(-180, -100), Length.ofMm(400)));
            } else if (kind.startsWith("basin")) {
                var wall = piece.placing().apply(new Point(0, piece.depth().mm() / 2 - 60));
                FittingSpot.at(laid().geometry(), FittingKind.MIRROR_LIGHT, wall, Optional.empty(), 0, plan.units())
                        .ifPresent(spot -> add(room, FittingKind.MIRROR_LIGHT, spot.on(), "mirror"));
            }
        }
        room.mark().filter(m -> m.fit().use().equals("living")).ifPresent(_ -> wash(room));
    }

    /** In the middle of a room a lamp has a socket in the floor. */
    private boolean isFarFromSockets(Point lamp) {
        var geometry = laid().geometry();
        var room = geometry.roomAt(lamp);
        return FittingPlaces.on(geometry).stream()
                .filter(p -> p.fitting().kind().group() == Group.SOCKETS)
                .filter(p -> geometry.roomAt(p.before()).equals(room))
                .noneMatch(p -> p.at().distance(lamp) <= plan.lighting().cord().mm());
    }

    private static Fitting.On over(Furnishing piece, Length above) {
        return new Fitting.Piece(piece.id(), Position.ORIGIN, above);
    }

    /** The longest wall of a room that nothing opens. */
    private void wash(Room room) {
        var geometry = laid().geometry();
        WallSides.of(geometry, room).stream()
                .max(Comparator.comparingDouble(WallSides.WallSide::lengthMm))
                .ifPresent(side -> {
                    var inside = side.faces().getFirst();
                    var wall = geometry.storey().wall(side.wall()).orElseThrow();
                    var left = wall.line().unitAt(0).left().dot(inside.unit().left()) > 0;
                    add(
                            room,
                            FittingKind.WALL_WASHER,
                            new Fitting.AlongWall(
                                    side.wall(),
                                    left ? Swing.LEFT : Swing.RIGHT,
                                    room.mark().map(m -> m.id()),
                                    5,
                                    Length.ofMm(850),
                                    Optional.empty()),
                            "wall");
                });
    }

    /** Where cars stand, a light beside the door one comes in by, and what sees who comes. */
    private void lightTheWayFromCars() {
        var ways = Ways.of(laid());
        for (var part : plan.storey(at).structures()) {
            if (part.form() instanceof Structure.ParkingBay) {
                var car = part.at().point();
                ways.entrances().stream()
                        .min(Comparator.comparingDouble(car::distance))
                        .ifPresent(this::porch);
            }
        }
    }

    private void porch(Point door) {
        var geometry = laid().geometry();
        var cut = geometry.cuts().stream()
                .min(Comparator.comparingDouble(c -> c.middle().distance(door)))
                .orElseThrow();
        var left = cut.unit().left().times(cut.thicknessMm() / 2 + BEFORE_DOOR_MM);
        var out = geometry.roomAt(cut.middle().middle().plus(left)).isEmpty() ? left : left.times(-1);
        var beside = cut.middle().b().plus(cut.unit().times(BESIDE_DOOR_MM)).plus(out);
        var height = Fittings.height(FittingKind.OUTDOOR_WALL_LIGHT, plan.units());
        var group = FittingEdits.freeGroup(plan);
        FittingSpot.at(geometry, FittingKind.OUTDOOR_WALL_LIGHT, beside, height, 0, plan.units())
                .ifPresent(spot -> put(FittingKind.OUTDOOR_WALL_LIGHT, spot.on(), List.of(group)));
        var eye = Position.of(cut.middle().a().plus(out.times(2)));
        put(FittingKind.SENSOR, new Fitting.Ceiling(eye, height), List.of(group));
    }

    /** A light of a group of its own, the same for all of a room that are for the same, with switches beside those there. */
    private void add(Room room, FittingKind kind, Fitting.On on, String what) {
        var key = room.name() + "/" + what;
        var known = groups.get(key);
        var group = known == null ? FittingEdits.freeGroup(plan) : known;
        put(kind, on, List.of(group));
        if (known == null) {
            groups.put(key, group);
            beside(room, group);
        }
    }

    private final Map<String, Integer> groups = new HashMap<>();

    private void lamp(FittingKind kind, Fitting.On on) {
        put(kind, on, List.of());
    }

    private void beside(Room room, int group) {
        var geometry = laid().geometry();
        for (var there : List.copyOf(geometry.storey().fittings())) {
            if (there.kind().isSwitch()
                    && there.on() instanceof Fitting.WallSide side
                    && lights(room, there)
                    && FittingPlaces.room(geometry, there)
                            .filter(r -> r.name().equals(room.name()))
                            .isPresent()) {
                var on = new Fitting.WallSide(
                        side.wall(), side.side(), side.along().plus(BESIDE), side.height());
                put(there.kind(), on, List.of(group));
            }
        }
    }

    /** Whether a switch is one of those that first lights gave a room. */
    private boolean lights(Room room, Fitting button) {
        return laid().geometry().storey().fittings().stream()
                .filter(f -> f.on() instanceof Fitting.InRoom rows
                        && room.mark().filter(m -> m.id().equals(rows.room())).isPresent())
                .anyMatch(f -> f.groups().stream().anyMatch(button.groups()::contains));
    }

    private void put(FittingKind kind, Fitting.On on, List<Integer> switched) {
        plan = FittingEdits.add(
                        plan,
                        at,
                        new Fitting(
                                new FittingId(1),
                                kind,
                                on,
                                0,
                                Fittings.length(kind, plan.units()),
                                Fittings.emission(kind),
                                switched,
                                0,
                                Works.NEW,
                                Buying.UNKNOWN))
                .plan();
    }

    /** Circuits: lights on one, sockets on the next, each storey its own; products where there are any. */
    private void name() {
        var first = 1 + 2 * plan.storeys().indexOf(plan.storey(at));
        var named = new ArrayList<Fitting>();
        for (var f : plan.storey(at).fittings()) {
            var circuit =
                    f.kind().group() == Group.SOCKETS ? first + 1 : f.kind().isLight() ? first : 0;
            named.add(f.withCircuit(circuit).withBuying(PRODUCTS.getOrDefault(f.kind(), f.buying())));
        }
        plan = plan.withStorey(at, s -> s.with(Fitting.class, named));
    }
}
