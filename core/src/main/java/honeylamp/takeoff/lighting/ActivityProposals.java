package honeylamp.takeoff.lighting;

import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Activity;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.LightingRules;
import honeylamp.plan.LightingRules.Dropped;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.Works;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is probably done where: by what stands in rooms (a sofa before a screen, the pillow end of a bed, a counter with a
 * hob) and by what rooms are for. Each is proposed until it is there or was dropped.
 */
public final class ActivityProposals {
    /** A front: a piece's own frame has y to the back. */
    private static final double TO_FRONT = -90;

    private static final double TO_BACK = 90;

    /** One stands so far before what one works at. */
    private static final double BEFORE_MM = 350;

    /** Farther apart two marks of the same are two. */
    private static final double SAME_MM = 1_000;

    private static final double SCREEN_FAR_MM = 7_000;

    /** One looks so far to the side at most, from a seat at its screen. */
    private static final double SIDEWAYS_DEG = 40;

    private final StoreyGeometry geometry;
    private final List<ActivityProposal> found = new ArrayList<>();

    private ActivityProposals(StoreyGeometry geometry) {
        this.geometry = geometry;
    }

    /**
     * An activity that may be done at a place.
     *
     * @param room its name; empty words where there is none
     * @param with what speaks for it
     * @param because the same in a few words
     */
    public record ActivityProposal(Activity activity, String room, ElementId with, String because) {
        /** What is remembered of it if it is dropped. */
        public Dropped dropped() {
            return new Dropped(activity.doing(), with.text());
        }
    }

    /** Those of a storey that are neither there yet nor dropped, room by room. */
    public static List<ActivityProposal> of(LaidStorey storey, LightingRules rules) {
        var all = new ActivityProposals(storey.geometry());
        all.find();
        var there = ActivityPlaces.on(storey.geometry().storey());
        return all.found.stream()
                .filter(p -> !rules.dropped().contains(p.dropped()))
                .filter(p -> !isThere(storey.geometry(), there, p))
                .sorted(Comparator.comparing(ActivityProposal::room)
                        .thenComparing(p -> p.activity().doing())
                        .thenComparing(p -> p.with().number()))
                .toList();
    }

    private static boolean isThere(
            StoreyGeometry geometry, List<ActivityPlaces.Placed> there, ActivityProposal proposal) {
        var at = ActivityPlaces.of(geometry.storey(), proposal.activity()).orElseThrow();
        return there.stream()
                .filter(p -> p.activity().doing() == proposal.activity().doing())
                .anyMatch(p -> p.at().distance(at.at()) < SAME_MM
                        || p.activity().piece().isPresent()
                                && p.activity()
                                        .piece()
                                        .equals(proposal.activity().piece()));
    }

    private void find() {
        for (var room : geometry.rooms()) {
            var pieces = geometry.furnishingsIn(room).stream()
                    .filter(f -> !f.id().isCopied() && f.works() != Works.REMOVED)
                    .toList();
            pieces.forEach(f -> Furnishings.of(f).ifPresent(kind -> with(room, pieces, f, kind)));
            room.mark().filter(m -> !m.id().isCopied()).ifPresent(mark -> {
                if (RoomUses.isOf(mark, "circulation")) {
                    passing(room, mark.id());
                }
            });
        }
        geometry.cuts().forEach(this::entering);
    }

    private void with(Room room, List<Furnishing> pieces, Furnishing f, FurnishingKind kind) {
        var key = f.kind();
        switch (kind.group()) {
            case SEATS -> seat(room, pieces, f, key);
            case SLEEPING -> {
                if (key.contains("bed") && !key.startsWith("bedside")) {
                    put(room, f, Doing.READING, 0, f.depth().mm() * 0.25, TO_FRONT, "the pillow end of a bed");
                } else if (key.equals("dressing-table")) {
                    before(room, f, Doing.GROOMING, "a dressing table");
                }
            }
            case TABLES -> {
                if (f.height().mm() > 600
                        && key.contains("table")
                        && !key.contains("side")
                        && !key.contains("console")) {
                    put(room, f, Doing.DINING, 0, 0, TO_BACK, "a table one eats at");
                }
            }
            case SHOP -> {
                if (key.contains("cafe-table") || key.equals("high-table")) {
                    put(room, f, Doing.DINING, 0, 0, TO_BACK, "a table one eats at");
                }
            }
            case WORK -> {
                if (key.contains("desk") || key.equals("drawing-board") || key.equals("meeting-table")) {
                    before(room, f, Doing.DESK_WORK, "a desk");
                }
            }
            case WORKSHOP -> {
                if (Set.of("workbench", "table-saw", "band-saw", "drill-press").contains(key)) {
                    before(room, f, Doing.CRAFT, "a bench one works at");
                }
            }
            case STORAGE -> {
                if (key.contains("wardrobe") || key.equals("closet")) {
                    before(room, f, Doing.DRESSING, "a wardrobe");
                }
            }
            case KITCHEN, LAUNDRY -> kitchen(room, f, key);
            case BATH, STEP_FREE -> {
                if (key.startsWith("basin")) {
                    before(room, f, Doing.GROOMING, "a basin");
                } else if (key.startsWith("shower")
                        || key.startsWith("bath") && !key.equals("bath-cabinet") && !key.equals("bath-tall")) {
                    put(room, f, Doing.BATHING, 0, 0, TO_FRONT, "a bath or a shower");
                }
            }
            case CHILDREN -> {
                if (key.startsWith("play") || key.startsWith("toy") || key.equals("child-table")) {
                    before(room, f, Doing.PLAY, "what children play with");
                }
            }
            case SPORT -> put(room, f, Doing.EXERCISE, 0, 0, TO_BACK, "what one exercises with");
            case HALL, MEDIA, LAMPS, DECOR, PLANTS, SERVICES, GARDEN, OWN -> {}
        }
    }

    private void seat(Room room, List<Furnishing> pieces, Furnishing f, String key) {
        if (key.contains("chair") && !key.contains("armchair") && !key.contains("tub") && !key.contains("wing")
                || key.contains("stool")
                || key.equals("carver")
                || key.equals("bench")
                || key.equals("pouffe")) {
            return; // what stands at tables counts with them
        }
        put(room, f, Doing.SITTING, 0, 0, TO_FRONT, "a seat");
        pieces.stream()
                .filter(p -> Furnishings.isScreen(p.kind()))
                .filter(p -> faces(f, p))
                .findFirst()
                .ifPresent(_ -> put(room, f, Doing.WATCHING, 0, 0, TO_FRONT, "a seat that faces a screen"));
        if (key.contains("chair") || key.equals("chaise-sofa") || key.equals("window-seat") || key.equals("day-bed")) {
            put(room, f, Doing.READING, 0, 0, TO_FRONT, "a seat one reads in");
        }
    }

    private static boolean faces(Furnishing seat, Furnishing screen) {
        var placing = seat.placing();
        var ahead = placing.apply(new Point(0, -1)).minus(placing.apply(Point.ORIGIN));
        var way = screen.at().point().minus(seat.at().point());
        return way.length() < SCREEN_FAR_MM && way.unit().dot(ahead) > Math.cos(Math.toRadians(SIDEWAYS_DEG));
    }

    private void kitchen(Room room, Furnishing f, String key) {
        var layout = RunLayout.of(f);
        if (layout.isPresent()) {
            for (var part : layout.get().parts()) {
                var x = part.middle().mm() - f.width().mm() / 2;
                switch (part.kind()) {
                    case HOB -> atRun(room, f, Doing.COOKING, x, "a hob");
                    case SINK, SINK_TWO -> atRun(room, f, Doing.WASHING_UP, x, "a sink");
                    case DOORS,
                            DRAWERS,
                            OPEN,
                            OVEN,
                            DISHWASHER,
                            WASHER,
                            COOLER,
                            HOOD,
                            RAIL,
                            RAILS,
                            SHELVES,
                            BLIND,
                            FILLER -> {}
                }
            }
        } else if (key.equals("cooker") || key.contains("hob")) {
            before(room, f, Doing.COOKING, "a hob");
        } else if (key.contains("sink")) {
            before(room, f, Doing.WASHING_UP, "a sink");
        } else if (key.equals("ironing-board")) {
            before(room, f, Doing.CRAFT, "an ironing board");
        }
    }

    private void atRun(Room room, Furnishing f, Doing doing, double x, String because) {
        put(room, f, doing, x, -f.depth().mm() / 2 - BEFORE_MM, TO_BACK, because);
    }

    /** Before the front of a piece, facing it. */
    private void before(Room room, Furnishing f, Doing doing, String because) {
        put(room, f, doing, 0, -f.depth().mm() / 2 - BEFORE_MM, TO_BACK, because);
    }

    private void put(Room room, Furnishing f, Doing doing, double x, double y, double facing, String because) {
        add(
                new Activity(
                        new ActivityId(1),
                        doing,
                        Position.ofMm(Math.rint(x), Math.rint(y)),
                        ((facing % 360) + 360) % 360,
                        Optional.of(f.id())),
                room.name(),
                f.id(),
                because);
    }

    private void passing(Room room, ElementId with) {
        var at = Regions.inside(room.outline());
        var box = room.outline().bounds();
        add(
                new Activity(new ActivityId(1), Doing.PASSING, rounded(at), box.width() > box.height() ? 0 : 90),
                room.name(),
                with,
                "a way through");
    }

    /** Just inside an outer door, facing in. */
    private void entering(OpeningCut cut) {
        if (cut.opening().kind() != OpeningKind.OUTER_DOOR || cut.opening().id().isCopied()) {
            return;
        }
        for (var side : List.of(1, -1)) {
            var in = cut.unit().left().times(side);
            var at = cut.middle().middle().plus(in.times(cut.thicknessMm() / 2 + 2 * BEFORE_MM));
            geometry.roomAt(at)
                    .filter(r -> r.lie() == Room.Lie.INSIDE)
                    .ifPresent(room -> add(
                            new Activity(
                                    new ActivityId(1),
                                    Doing.ENTERING,
                                    rounded(at),
                                    Math.rint(((in.angleDeg() % 360) + 360) % 360)),
                            room.name(),
                            cut.opening().id(),
                            "an outer door"));
        }
    }

    private static Position rounded(Point at) {
        return Position.ofMm(Math.rint(at.x()), Math.rint(at.y()));
    }

    private void add(Activity activity, String room, ElementId with, String because) {
        found.add(new ActivityProposal(activity, room, with, because));
    }
}
