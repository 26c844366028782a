package honeylamp.plan;

import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/**
 * One storey: its level above the plan's zero, its clear height, and all that stands on it. Lists keep
 * the order in which things were made.
 */
public record Storey(
        StoreyId id,
        String name,
        Length level,
        Length height,
        List<Wall> walls,
        List<Opening> openings,
        List<RoomMark> rooms,
        List<Structure> structures,
        List<Furnishing> furnishings,
        List<Underlay> underlays,
        List<Dimension> dimensions,
        List<Note> notes,
        List<SettingOutLine> settingOut) {
    /** Freezes the lists. */
    public Storey {
        Checks.positive("storey height", height);
        walls = List.copyOf(walls);
        openings = List.copyOf(openings);
        rooms = List.copyOf(rooms);
        structures = List.copyOf(structures);
        furnishings = List.copyOf(furnishings);
        underlays = List.copyOf(underlays);
        dimensions = List.copyOf(dimensions);
        notes = List.copyOf(notes);
        settingOut = List.copyOf(settingOut);
    }

    /** A storey with nothing on it. */
    public static Storey empty(StoreyId id, String name, Length level, Length height) {
        return new Storey(
                id, name, level, height, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
                List.of(), List.of());
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
                level,
                height,
                other,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut);
    }

    /** The storey with other openings. */
    public Storey withOpenings(List<Opening> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                other,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut);
    }

    /** The storey with other room marks. */
    public Storey withRooms(List<RoomMark> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                other,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut);
    }

    /** The storey with other fixed parts. */
    public Storey withStructures(List<Structure> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                rooms,
                other,
                furnishings,
                underlays,
                dimensions,
                notes,
                settingOut);
    }

    /** The storey with other furnishings. */
    public Storey withFurnishings(List<Furnishing> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                rooms,
                structures,
                other,
                underlays,
                dimensions,
                notes,
                settingOut);
    }

    /** The storey with other underlays. */
    public Storey withUnderlays(List<Underlay> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                other,
                dimensions,
                notes,
                settingOut);
    }

    /** The storey with other single dimensions. */
    public Storey withDimensions(List<Dimension> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                other,
                notes,
                settingOut);
    }

    /** The storey with other notes. */
    public Storey withNotes(List<Note> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                other,
                settingOut);
    }

    /** The storey with other setting-out lines. */
    public Storey withSettingOut(List<SettingOutLine> other) {
        return new Storey(
                id,
                name,
                level,
                height,
                walls,
                openings,
                rooms,
                structures,
                furnishings,
                underlays,
                dimensions,
                notes,
                other);
    }
}
