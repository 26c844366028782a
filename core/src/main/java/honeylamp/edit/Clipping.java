package honeylamp.edit;

import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.NoteId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Note;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.WallType;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What was copied, to be pasted into any storey of any plan: walls with their openings, furnishings, posts
 * and stairs, notes and dimensions, and the wall types they need.
 *
 * @param types those of the walls
 * @param from a storey that holds nothing but what was copied
 */
public record Clipping(List<WallType> types, Storey from) {
    /** Freezes the list. */
    public Clipping {
        types = List.copyOf(types);
    }

    /** A copy of what is picked; openings come with their walls. */
    public static Clipping of(Plan plan, StoreyId storey, Set<ElementId> picked) {
        var s = plan.storey(storey);
        var walls = s.walls().stream().filter(w -> picked.contains(w.id())).toList();
        var used = new HashSet<WallTypeId>();
        walls.forEach(w -> used.add(w.type()));
        return new Clipping(
                plan.wallTypes().stream().filter(t -> used.contains(t.id())).toList(),
                Storey.empty(s.id(), s.name(), s.level(), s.height())
                        .withWalls(walls)
                        .withOpenings(s.openings().stream()
                                .filter(o -> picked.contains(o.host()))
                                .toList())
                        .withFurnishings(s.furnishings().stream()
                                .filter(f -> picked.contains(f.id()))
                                .toList())
                        .withStructures(s.structures().stream()
                                .filter(x -> picked.contains(x.id()))
                                .toList())
                        .withNotes(s.notes().stream()
                                .filter(n -> picked.contains(n.id()))
                                .toList())
                        .withDimensions(s.dimensions().stream()
                                .filter(d -> picked.contains(d.id()))
                                .toList()));
    }

    /** Whether there is nothing to paste. */
    public boolean isEmpty() {
        return from.walls().isEmpty()
                && from.furnishings().isEmpty()
                && from.structures().isEmpty()
                && from.notes().isEmpty()
                && from.dimensions().isEmpty();
    }

    /** Whether any of what was copied stands in a storey at its own place. */
    public boolean standsIn(Storey storey) {
        return storey.walls().stream()
                        .anyMatch(w ->
                                from.walls().stream().anyMatch(o -> o.from().equals(w.from()) && o.to().equals(w.to())))
                || storey.furnishings().stream()
                        .anyMatch(f -> from.furnishings().stream()
                                .anyMatch(o -> o.at().equals(f.at()) && o.kind().equals(f.kind())))
                || storey.structures().stream()
                        .anyMatch(x -> from.structures().stream()
                                .anyMatch(o -> o.at().equals(x.at()) && o.form().equals(x.form())))
                || storey.notes().stream()
                        .anyMatch(n -> from.notes().stream()
                                .anyMatch(o -> o.at().equals(n.at()) && o.text().equals(n.text())))
                || storey.dimensions().stream()
                        .anyMatch(d -> from.dimensions().stream()
                                .anyMatch(o -> o.line().equals(d.line())));
    }

    /** A plan with pasted things, and their ids. */
    public record Pasted(Plan plan, Set<ElementId> ids) {}

    /**
     * Pastes into a storey, moved by two lengths. Wall types the plan does not have come along; one that
     * differs only by its id is the same type.
     */
    public Pasted into(Plan plan, StoreyId storey, Length across, Length up) {
        var number = plan.nextNumber();
        Map<WallTypeId, WallTypeId> typeIds = new HashMap<>();
        var allTypes = new ArrayList<>(plan.wallTypes());
        for (var type : types) {
            var same = plan.wallTypes().stream()
                    .filter(t -> t.withId(type.id()).equals(type))
                    .findFirst();
            if (same.isPresent()) {
                typeIds.put(type.id(), same.get().id());
            } else {
                var id = new WallTypeId(number++);
                allTypes.add(type.withId(id));
                typeIds.put(type.id(), id);
            }
        }
        Map<WallId, WallId> wallIds = new HashMap<>();
        Set<ElementId> ids = new HashSet<>();
        var target = plan.storey(storey);
        var walls = new ArrayList<>(target.walls());
        for (var wall : from.walls()) {
            var id = new WallId(number++);
            wallIds.put(wall.id(), id);
            ids.add(id);
            walls.add(wall.withId(id)
                    .between(wall.from().moved(across, up), wall.to().moved(across, up))
                    .withType(typeIds.getOrDefault(wall.type(), wall.type())));
        }
        var openings = new ArrayList<>(target.openings());
        for (var opening : from.openings()) {
            openings.add(opening.withId(new OpeningId(number++))
                    .in(wallIds.getOrDefault(opening.host(), opening.host()), opening.offset()));
        }
        var furnishings = new ArrayList<>(target.furnishings());
        for (var piece : from.furnishings()) {
            var id = new FurnishingId(number++);
            ids.add(id);
            furnishings.add(piece.withId(id).movedTo(piece.at().moved(across, up)));
        }
        var structures = new ArrayList<>(target.structures());
        for (var part : from.structures()) {
            var id = new StructureId(number++);
            ids.add(id);
            structures.add(part.withId(id).movedTo(part.at().moved(across, up)));
        }
        var notes = new ArrayList<>(target.notes());
        for (var note : from.notes()) {
            var id = new NoteId(number++);
            ids.add(id);
            notes.add(new Note(id, note.at().moved(across, up), note.text()));
        }
        var dimensions = new ArrayList<>(target.dimensions());
        for (var d : from.dimensions()) {
            var id = new DimensionId(number++);
            ids.add(id);
            dimensions.add(new Dimension(id, d.from().moved(across, up), d.to().moved(across, up), d.offset()));
        }
        var pasted = plan.numbersTaken(number - plan.nextNumber())
                .withWallTypes(allTypes)
                .withStorey(
                        storey,
                        s -> s.withWalls(walls)
                                .withOpenings(openings)
                                .withFurnishings(furnishings)
                                .withStructures(structures)
                                .withNotes(notes)
                                .withDimensions(dimensions));
        return new Pasted(pasted, Set.copyOf(ids));
    }
}
