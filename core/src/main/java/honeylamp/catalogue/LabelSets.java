package honeylamp.catalogue;

import honeylamp.plan.AreaBasis;
import honeylamp.plan.RoomLabel;
import honeylamp.plan.RoomLabel.Part;
import java.util.List;

/** What is written into rooms, under names. */
public final class LabelSets {
    /** Labels under a name. */
    public record LabelSet(String name, RoomLabel label) {
        /** The labels of this set; one that ships leaves open up to where areas are counted. */
        public RoomLabel onto(RoomLabel now) {
            return ALL.contains(this) ? label.withBasis(now.basis()).withCramped(now.cramped()) : label;
        }
    }

    private static final List<LabelSet> ALL = List.of(
            set("Name only", Part.NAME),
            set("Name and area", Part.NAME, Part.AREA),
            new LabelSet("Name, area and size", RoomLabel.USUAL),
            set(
                    "All for the builder",
                    Part.NUMBER,
                    Part.NAME,
                    Part.AREA,
                    Part.CLEAR_SIZE,
                    Part.CLEAR_HEIGHT,
                    Part.FLOOR,
                    Part.OWN_WORDS));

    private LabelSets() {}

    private static LabelSet set(String name, Part... parts) {
        return new LabelSet(name, new RoomLabel(List.of(parts), AreaBasis.INNER_FACES));
    }

    /** Those that ship. */
    public static List<LabelSet> all() {
        return ALL;
    }
}
