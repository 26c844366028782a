package honeylamp.takeoff.key;

import honeylamp.catalogue.RoomUses;
import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** The uses of the rooms one sees on storeys, as the key of a sheet lists them where rooms are washed by use. */
public final class UseKey {
    private UseKey() {}

    /** Each use once, in the order of the catalogue. */
    public static List<RoomUse> of(List<LaidStorey> storeys) {
        var seen = storeys.stream()
                .flatMap(s -> s.geometry().rooms().stream())
                .map(Room::mark)
                .flatMap(Optional::stream)
                .map(mark -> mark.fit().use())
                .collect(Collectors.toSet());
        return RoomUses.all().stream().filter(u -> seen.contains(u.key())).toList();
    }
}
