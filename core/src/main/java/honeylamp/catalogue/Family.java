package honeylamp.catalogue;

import honeylamp.plan.Pattern;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/** What a material is: where it is used, and how it can be laid. */
public enum Family {
    WOOD("Wood", EnumSet.allOf(Place.class), Laid.IN_PIECES),
    TILE("Tile", EnumSet.of(Place.FLOOR, Place.WALL, Place.COUNTER), Laid.IN_PIECES),
    STONE("Stone", EnumSet.of(Place.FLOOR, Place.WALL, Place.GROUND, Place.COUNTER), Laid.EITHER),
    SCREED("Screed and concrete", EnumSet.of(Place.FLOOR, Place.WALL, Place.GROUND, Place.COUNTER), Laid.EITHER),
    CARPET("Carpet and sheet", EnumSet.of(Place.FLOOR), Laid.EITHER),
    PLASTER("Plaster", EnumSet.of(Place.WALL, Place.CEILING), Laid.SEAMLESS),
    PAINT("Paint", EnumSet.of(Place.FLOOR, Place.WALL, Place.CEILING), Laid.SEAMLESS),
    PAPER("Paper", EnumSet.of(Place.WALL, Place.CEILING), Laid.EITHER),
    PANEL("Panel", EnumSet.of(Place.WALL, Place.CEILING, Place.COUNTER), Laid.IN_PIECES),
    GLASS("Glass", EnumSet.of(Place.FLOOR, Place.WALL, Place.COUNTER), Laid.EITHER),
    METAL("Metal", EnumSet.of(Place.FLOOR, Place.WALL, Place.CEILING, Place.COUNTER), Laid.EITHER),
    PAVING("Paving", EnumSet.of(Place.FLOOR, Place.GROUND), Laid.IN_PIECES),
    LOOSE("Gravel and sand", EnumSet.of(Place.GROUND), Laid.SEAMLESS),
    PLANTING("Planting", EnumSet.of(Place.GROUND), Laid.SEAMLESS),
    WATER("Water", EnumSet.of(Place.GROUND), Laid.SEAMLESS);

    /** What can be covered with it. */
    public enum Place {
        FLOOR,
        WALL,
        CEILING,
        GROUND,
        /** The tops of kitchen units and the like. */
        COUNTER
    }

    private enum Laid {
        IN_PIECES,
        SEAMLESS,
        EITHER
    }

    private final String label;
    private final Set<Place> places;
    private final Laid laid;

    Family(String label, Set<Place> places, Laid laid) {
        this.label = label;
        this.places = Set.copyOf(places);
        this.laid = laid;
    }

    /** The name shown to people. */
    public String label() {
        return label;
    }

    /** Whether such a place is covered with it. */
    public boolean covers(Place place) {
        return places.contains(place);
    }

    /** What is covered with it first of all; empty if that is what one points at. */
    public Optional<Place> usually() {
        return switch (this) {
            case WOOD, STONE, SCREED, CARPET, PAVING -> Optional.of(Place.FLOOR);
            case PLASTER, PAINT, PAPER, PANEL, GLASS, METAL -> Optional.of(Place.WALL);
            case LOOSE, PLANTING, WATER -> Optional.of(Place.GROUND);
            case TILE -> Optional.empty();
        };
    }

    /** The place among what such a place is covered with, the usual first. */
    int rankAt(Place place) {
        return switch (place) {
            case FLOOR, GROUND -> ordinal();
            case COUNTER ->
                switch (this) {
                    case STONE -> -2;
                    case WOOD -> -1;
                    default -> ordinal();
                };
            case WALL, CEILING ->
                switch (this) {
                    case PLASTER -> -4;
                    case PAINT -> -3;
                    case TILE -> -2;
                    case PAPER, PANEL -> -1;
                    default -> ordinal();
                };
        };
    }

    /** Whether it can lie in a pattern: what comes in pieces lies in any with pieces, what is spread in none. */
    public boolean suits(Pattern pattern) {
        return switch (laid) {
            case EITHER -> true;
            case SEAMLESS -> pattern instanceof Pattern.Seamless;
            case IN_PIECES -> !(pattern instanceof Pattern.Seamless);
        };
    }
}
