package honeylamp.model;

import honeylamp.catalogue.NewPlan;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.TakingWalls;
import honeylamp.geometry.Segment;
import honeylamp.model.BuildingModel.ModelHole;
import honeylamp.model.BuildingModel.ModelSpace;
import honeylamp.model.BuildingModel.ModelStorey;
import honeylamp.model.BuildingModel.ModelWall;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Builds a plan on what another program hands over: its walls and openings, and the names of its rooms. */
public final class ModelPlan {
    private static final double FINEST_MM = 0.01;
    private static final double LEAST_HEIGHT_MM = 1500;
    private static final double MOST_HEIGHT_MM = 12_000;

    /** An opening lies where it was handed over, to this. */
    private static final double SAME_PLACE_MM = 5;

    private Plan plan;
    private int walls;
    private int openings;
    private int named;
    private int bowed;
    private int unhung;

    private ModelPlan(Plan plan) {
        this.plan = plan;
    }

    /**
     * A plan with what there is to say of it.
     *
     * @param said what was taken, and what was not, in sentences
     */
    public record Made(Plan plan, String said) {}

    /** The plan of a building. Storeys without walls are left out. */
    public static Made of(BuildingModel model) {
        var storeys = model.storeys().stream()
                .filter(s -> !s.walls().isEmpty())
                .sorted(Comparator.comparingDouble(ModelStorey::levelMm))
                .toList();
        var made = new ModelPlan(NewPlan.in(model.units()).withName(model.name()));
        var ids = made.storeys(storeys);
        for (var i = 0; i < ids.size(); i++) {
            made.storey(ids.get(i), storeys.get(i));
        }
        return new Made(made.plan, made.said(model, storeys.size()));
    }

    private List<StoreyId> storeys(List<ModelStorey> storeys) {
        var ids = new ArrayList<StoreyId>();
        for (var i = 0; i < storeys.size(); i++) {
            var storey = storeys.get(i);
            if (i > 0) {
                plan = StoreyEdits.addOnTop(plan, storey.name()).plan();
            }
            var id = plan.storeys().get(i).id();
            var toNext = i + 1 < storeys.size() ? storeys.get(i + 1).levelMm() - storey.levelMm() : MOST_HEIGHT_MM;
            var height = Math.min(toNext, usualHeight(storey));
            var name = storey.name();
            plan = plan.withStorey(
                    id,
                    s -> Storey.empty(
                            s.id(),
                            name.isBlank() ? s.name() : name,
                            rounded(storey.levelMm()),
                            rounded(Math.clamp(height, LEAST_HEIGHT_MM, MOST_HEIGHT_MM))));
            ids.add(id);
        }
        return ids;
    }

    /** The height that half of the walls do not exceed. */
    private static double usualHeight(ModelStorey storey) {
        var heights = storey.walls().stream()
                .mapToDouble(ModelWall::heightMm)
                .sorted()
                .toArray();
        return heights[heights.length / 2];
    }

    /** What comes from another program carries the noise of its sums. */
    private static Length rounded(double mm) {
        return Length.ofMm(Math.rint(mm / FINEST_MM) * FINEST_MM);
    }

    private void storey(StoreyId id, ModelStorey storey) {
        var bodies = BodyWalls.of(storey.walls());
        var taken = TakingWalls.take(plan, id, bodies.walls().walls());
        plan = taken.plan();
        walls += taken.ids().size();
        bowed += bodies.bowed();
        taken.ids().forEach((number, wall) -> heights(id, wall, bodies.holes().getOrDefault(number, List.of())));
        for (var space : storey.spaces()) {
            var room = StoreyGeometry.of(plan, plan.storey(id)).rooms().stream()
                    .filter(r -> r.name().isEmpty() && isMeant(r, space))
                    .findFirst();
            if (room.isPresent() && !space.name().isBlank()) {
                plan = RoomEdits.name(plan, id, room.get(), space.name());
                named++;
            }
        }
        plan = RoomEdits.markNew(plan, id, StoreyGeometry.of(plan, plan.storey(id)));
    }

    /** A space lies in the room that holds most of its corners, drawn in a little. */
    private static boolean isMeant(Room room, ModelSpace space) {
        var ring = space.ring();
        var middle = ring.bounds().centre();
        var held = ring.corners().stream()
                .filter(c -> room.outline().contains(c.towards(middle, 0.05)))
                .count();
        return 2 * held > ring.corners().size();
    }

    private void heights(StoreyId storey, WallId wall, List<ModelHole> holes) {
        var own = plan.storey(storey).openings().stream()
                .filter(o -> o.host().equals(wall))
                .toList();
        openings += own.size();
        var host = plan.storey(storey).wall(wall).orElseThrow();
        var line = new Segment(host.from().point(), host.to().point());
        for (var hole : holes) {
            unhung += hole.kind().hasHinges() && hole.hung().isEmpty() ? 1 : 0;
            var middle = hole.ring().bounds().centre();
            for (var opening : own) {
                if (Math.abs(line.along(middle) - opening.middleMm()) < SAME_PLACE_MM) {
                    heights(storey, opening, hole);
                }
            }
        }
    }

    private void heights(StoreyId storey, Opening opening, ModelHole hole) {
        plan = OpeningEdits.setHeights(
                        plan, storey, opening.id(), rounded(Math.max(0, hole.sillMm())), rounded(hole.headMm()))
                .result()
                .orElse(plan);
    }

    private String said(BuildingModel model, int storeys) {
        var out = new StringBuilder(Words.of(
                "Brought in: %s, %s, %s, %s named.",
                counted(storeys, "storey"),
                counted(walls, "wall"),
                counted(openings, "opening"),
                counted(named, "room")));
        if (bowed > 0) {
            out.append(" Left out: ")
                    .append(counted(bowed, "wall"))
                    .append(" that run in a curve or are of no one thickness.");
        }
        if (unhung > 0) {
            out.append(" How a leaf hangs is not told of ")
                    .append(counted(unhung, "door"))
                    .append(": look at them.");
        }
        model.unread().forEach(u -> out.append(' ').append(u));
        return out.toString();
    }

    private static String counted(int count, String what) {
        return count + " " + what + (count == 1 ? "" : "s");
    }
}
