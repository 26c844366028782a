package honeylamp.plan;

import java.util.List;

/** Something that stands on a storey: drawn, picked and found by its id. */
public sealed interface Element
        permits Wall,
                Opening,
                RoomMark,
                Structure,
                Furnishing,
                Underlay,
                Dimension,
                Note,
                FreeMark,
                RoundDimension,
                SettingOutLine,
                Boundary,
                Ground,
                Region,
                Covering,
                Fitting,
                Activity {
    /** Its identity, which stays whatever is done to it. */
    ElementId id();

    /** The element where a motion takes it; what hangs in something else goes with that and is at most mirrored. */
    Element moved(Motion motion);

    /** Its twin under another key. */
    Element under(ElementId.Key key);

    /** The places that it is held by; none if it hangs in something else. */
    List<Position> places();
}
