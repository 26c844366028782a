package honeylamp.derive.listing;

import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Brief.Content;
import honeylamp.plan.Brief.WantedPiece;
import honeylamp.plan.Brief.WantedRoom;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing;
import honeylamp.units.AreaText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What of a brief a plan has.
 *
 * @param rooms in the order of the brief
 * @param pieces in the order of the brief
 * @param contents what the sheets must show
 */
public record BriefCheck(List<RoomItem> rooms, List<PieceItem> pieces, List<ContentItem> contents) {
    /**
     * A wanted room and what there is of it.
     *
     * @param found rooms of this use
     * @param shortfall what is missing, in words; empty if nothing is
     */
    public record RoomItem(WantedRoom wanted, int found, String shortfall) {
        /** Whether all that is wanted is there. */
        public boolean isMet() {
            return shortfall.isEmpty();
        }
    }

    /** A wanted piece and how many there are. */
    public record PieceItem(WantedPiece wanted, int found) {
        /** Whether all that is wanted is there. */
        public boolean isMet() {
            return found >= wanted.count();
        }
    }

    /**
     * Something the sheets must show.
     *
     * @param shortfall what is missing, in words; empty if nothing is
     */
    public record ContentItem(Content wanted, String shortfall) {
        /** Whether the sheets show it. */
        public boolean isMet() {
            return shortfall.isEmpty();
        }
    }

    /** The check of a plan, what stands in copies of units counted. */
    public static BriefCheck of(LaidPlan plan) {
        var storeys = plan.all().stream().map(LaidStorey::geometry).toList();
        var rooms = plan.brief().rooms().stream()
                .map(w -> item(plan.drawn(), storeys, w))
                .toList();
        var pieces = plan.brief().pieces().stream()
                .map(w -> new PieceItem(w, (int) plan.storeys().stream()
                        .flatMap(s -> s.furnishings().stream())
                        .filter(f -> f.kind().equals(w.kind()))
                        .count()))
                .toList();
        var contents = plan.brief().contents().stream()
                .map(c -> new ContentItem(c, lacking(plan, storeys, c)))
                .toList();
        return new BriefCheck(rooms, pieces, contents);
    }

    /** What is missing of a content, in words. */
    private static String lacking(LaidPlan plan, List<StoreyGeometry> storeys, Content content) {
        return switch (content) {
            case ROOM_NAMES -> {
                var rooms = storeys.stream().flatMap(g -> g.rooms().stream()).toList();
                var unnamed = rooms.stream().filter(r -> r.name().isBlank()).count();
                yield rooms.isEmpty()
                        ? "no rooms yet"
                        : unnamed > 0
                                ? unnamed + " of " + rooms.size() + " without a name"
                                : unseen(plan, Showing.Kind.ROOM_NAMES);
            }
            case DIMENSIONS -> built(plan).orElseGet(() -> unseen(plan, Showing.Kind.DIMENSIONS));
            case NORTH, SCALE -> built(plan).orElse(""); // every title block has them
            case PIECES ->
                plan.storeys().stream().allMatch(s -> s.furnishings().isEmpty())
                        ? "no pieces yet"
                        : unseen(plan, Showing.Kind.FURNITURE);
        };
    }

    private static Optional<String> built(LaidPlan plan) {
        var empty = plan.storeys().stream().allMatch(s -> s.walls().isEmpty());
        return empty ? Optional.of("nothing drawn yet") : Optional.empty();
    }

    private static String unseen(LaidPlan plan, Showing.Kind kind) {
        return hidden(plan, kind).orElse("");
    }

    /** The views on pages that hide a kind, in words. */
    private static Optional<String> hidden(LaidPlan plan, Showing.Kind kind) {
        var views = plan.pages().stream()
                .flatMap(p -> p.views().stream())
                .filter(v -> !v.view().seen().shows(kind))
                .map(LaidView::name)
                .distinct()
                .toList();
        return views.isEmpty() ? Optional.empty() : Optional.of("hidden in " + String.join(", ", views));
    }

    private static RoomItem item(Plan plan, List<StoreyGeometry> storeys, WantedRoom wanted) {
        var found = storeys.stream()
                .flatMap(g -> g.rooms().stream())
                .filter(r -> use(r).equals(wanted.use()))
                .toList();
        var missing = new ArrayList<String>();
        if (found.size() < wanted.count()) {
            missing.add((wanted.count() - found.size()) + " missing");
        }
        for (var room : found) {
            tooSmall(plan, room, wanted).forEach(words -> missing.add(named(room) + words));
        }
        return new RoomItem(wanted, found.size(), String.join("; ", missing));
    }

    private static String named(Room room) {
        return room.name().isBlank() ? "one " : room.name() + " ";
    }

    /** The use of a room, or empty words. */
    public static String use(Room room) {
        return room.mark().map(m -> m.fit().use()).orElse("");
    }

    /** What a room lacks of a wanted one, in words. */
    public static List<String> tooSmall(Plan plan, Room room, WantedRoom wanted) {
        var out = new ArrayList<String>();
        if (room.areaMm2() < wanted.leastAreaM2() * AreaText.MM2_PER_M2) {
            out.add("has " + AreaText.rounded(room.areaMm2(), plan.units()) + " of "
                    + AreaText.rounded(wanted.leastAreaM2() * AreaText.MM2_PER_M2, plan.units()));
        }
        var clear = LabelSpot.clearSize(
                room.outline(), LabelSpot.freest(room.outline()).centre());
        var side = Math.min(clear.alongMm(), clear.acrossMm());
        if (side < wanted.leastSide().mm()) {
            out.add("is " + LengthText.roundedWithUnit(Length.ofMm(side), plan.units()) + " wide of "
                    + LengthText.roundedWithUnit(wanted.leastSide(), plan.units()));
        }
        return out;
    }
}
