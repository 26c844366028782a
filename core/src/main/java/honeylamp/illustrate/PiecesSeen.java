package honeylamp.illustrate;

import honeylamp.derive.pointing.Picking;
import honeylamp.geometry.Box;
import honeylamp.plan.Furnishing;
import honeylamp.takeoff.lived.LivedIn;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What stands and lies on a storey.
 *
 * @param inRooms the pieces, and what lies about in rooms
 * @param onSills what stands in windows
 */
record PiecesSeen(List<Furnishing> inRooms, List<Furnishing> onSills) {
    /**
     * The pieces of a storey, and as much of what lies about as a view wants, where no words are.
     *
     * @param all that could lie about
     * @param words where they are read, in plan mm
     */
    static PiecesSeen of(List<Furnishing> pieces, List<LivedIn.Small> all, double amount, List<Box> words) {
        var small = LivedIn.at(all, amount).stream()
                .filter(s ->
                        words.stream().noneMatch(Picking.footprint(s.piece()).bounds()::meets))
                .collect(Collectors.groupingBy(
                        LivedIn.Small::place, Collectors.mapping(LivedIn.Small::piece, Collectors.toList())));
        return new PiecesSeen(
                Stream.concat(pieces.stream(), small.getOrDefault(LivedIn.Place.IN_ROOM, List.of()).stream())
                        .toList(),
                small.getOrDefault(LivedIn.Place.ON_SILL, List.of()));
    }
}
