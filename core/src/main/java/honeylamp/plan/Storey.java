package honeylamp.plan;

import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/**
 * One storey: its levels, and all that stands on it. Lists keep
 * the order in which things were made.
 */
public record Storey(
        StoreyId id,
        String name,
        Levels levels,
        List<Wall> walls,
        List<Opening> openings,
        List<RoomMark> rooms,
        List<Structure> structures,
        List<Furnishing> furnishings,
        List<Underlay> underlays,
        List<Dimension> dimensions,
        List<Note> notes,
        List<SettingOutLine> settingOut,
        List<Boundary> boundaries,
        List<Ground> grounds) {
    /**
     * The heights of a storey.
     *
     * @param level its floor above the plan's zero
     * @param height clear, from floor to ceiling
     * @param cut where the plan is cut, above the floor
     */
    public record Levels(Length level, Length height, Length cut) {
        /** Where plans are usually cut. */
        public static final Length USUAL_CUT = Length.ofMm(1200);

        /** Refuses a storey without height, and a cut at or below the floor. */
        public Levels {
            Checks.positive("storey height", height);
            Checks.positive("cut height", cut);
        }

        /** With another level. */
        public Levels withLevel(Length other) {
            return new Levels(other, height, cut);
        }

        /** With another height. */
        public Levels withHeight(Length other) {
            return new Levels(level, other, cut);
        }

        /** Cut at another height. */
        public Levels withCut(Length other) {
            return new Levels(level, height, other);
        }
    }

    /** Freezes the lists. */
    public Storey {
        walls = List.copyOf(walls);
        openings = List.copyOf(openings);
        rooms = List.copyOf(rooms);
        structures = List.copyOf(structures);
        furnishings = List.copyOf(furnishings);
        underlays = List.copyOf(underlays);
        dimensions = List.copyOf(dimensions);
        notes = List.copyOf(notes);
        settingOut = List.copyOf(settingOut);
        boundaries = List.copyOf(boundaries);
        grounds = List.copyOf(grounds);
    }

    /** A storey with nothing on it. */
    public static Storey empty(StoreyId id, String name, Length level, Length height) {
        var levels = new Levels(level, height, Levels.USUAL_CUT);
        return new Storey(
                id, name, levels, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of(), List.of(), List.of());
    }

    /** Its floor above the plan's zero. */
    public Length level() {
        return levels.level();
    }

    /** Its clear height. */
    public Length height() {
        return levels.height();
    }

    /** The storey at other levels. */
    public Storey with(Levels other) {
        return new Storey(
                id,
                name,
                other,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey under another name. */
    public Storey named(String other) {
        return new Storey(
                id,
                other,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The wall of this id, if it stands here. */
    public Optional<Wall> wall(WallId wanted) {
        return walls.stream().filter(w -> w.id().equals(wanted)).findFirst();
    }

    /** The opening of this id, if it is here. */
    public Optional<Opening> opening(OpeningId wanted) {
        return openings.stream().filter(o -> o.id().equals(wanted)).findFirst();
    }

    /** The openings of a wall. */
    public List<Opening> openingsIn(WallId host) {
        return openings.stream().filter(o -> o.host().equals(host)).toList();
    }

    /** The storey with other walls. */
    public Storey withWalls(List<Wall> other) {
        if (other == walls) {
            return this;
        }
        return new Storey(
                id,
                name,
                levels,
                other,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other openings. */
    public Storey withOpenings(List<Opening> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                other,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other room marks. */
    public Storey withRooms(List<RoomMark> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                other,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other fixed parts. */
    public Storey withStructures(List<Structure> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                other,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other furnishings. */
    public Storey withFurnishings(List<Furnishing> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                other,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other underlays. */
    public Storey withUnderlays(List<Underlay> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                other,
                dimensions,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other single dimensions. */
    public Storey withDimensions(List<Dimension> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                other,
                notes,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other notes. */
    public Storey withNotes(List<Note> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                other,
                settingOut,
                boundaries,
                grounds);
    }

    /** The storey with other setting-out lines. */
    public Storey withSettingOut(List<SettingOutLine> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                other,
                boundaries,
                grounds);
    }

    /** The storey with other boundaries. */
    public Storey withBoundaries(List<Boundary> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                other,
                grounds);
    }

    /** The storey with other ground around it. */
    public Storey withGrounds(List<Ground> other) {
        return new Storey(
                id,
                name,
                levels,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut,
                boundaries,
                other);
    }
}
