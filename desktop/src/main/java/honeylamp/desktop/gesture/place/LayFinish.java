package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.piece.Counters;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.SurfacesAt;
import honeylamp.derive.listing.SurfacesAt.Lies;
import honeylamp.derive.listing.SurfacesAt.Target;
import honeylamp.derive.rooms.Room;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.Finishing;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.FinishSketch;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Lays the chosen finish on what is clicked: a floor, a wall's side, a reveal, the steps of a stair. It is seen in place
 * before.
 *
 * @param next how often another surface at the same point was asked for
 * @param taken a finish that was taken up from where it lies, as it lies there; empty for the one chosen in the tray
 * @param seen what is shown in place
 */
public record LayFinish(Optional<Point> pointer, int next, Optional<Taken> taken, Optional<Seen> seen)
        implements Gesture {
    /** A finish that was taken up, and on what it lies. */
    public record Taken(Finish finish, Lies on) {}

    /** A finish shown in place, kept until another surface is pointed at. */
    public record Seen(Target target, Finish finish, List<Mark> marks) {
        /** Freezes the marks. */
        public Seen {
            marks = List.copyOf(marks);
        }

        private boolean is(Target other, Finish laid) {
            return target.surfaces().equals(other.surfaces())
                    && target.room().equals(other.room())
                    && target.called().equals(other.called())
                    && finish.equals(laid);
        }
    }

    /** Nothing under the pointer yet. */
    public static LayFinish begin() {
        return new LayFinish(Optional.empty(), 0, Optional.empty(), Optional.empty());
    }

    /** A finish that was made elsewhere, to be laid on what is clicked. */
    public static LayFinish of(Finish finish) {
        return new LayFinish(Optional.empty(), 0, Optional.of(new Taken(finish, Lies.FLOOR)), Optional.empty());
    }

    private Optional<Material> material(Surroundings scene) {
        return taken.flatMap(t -> Materials.of(t.finish()))
                .or(() -> Materials.of(scene.choices().material()));
    }

    private static Place place(Lies lies) {
        return switch (lies) {
            case FLOOR -> Place.FLOOR;
            case WALL -> Place.WALL;
            case CEILING -> Place.CEILING;
            case COUNTER -> Place.COUNTER;
            case OUTSIDE -> Place.GROUND;
        };
    }

    /** What lies there: a counter first, then what is round and below it. */
    private static Stream<Target> at(Surroundings scene, Point at) {
        var storey = scene.view().storey();
        return Stream.concat(Counters.at(storey, at).stream(), SurfacesAt.at(storey, at, scene.reachMm()).stream());
    }

    /** What can be covered there with the finish chosen. */
    private List<Target> targets(Surroundings scene, Point at) {
        var material = material(scene);
        return at(scene, at)
                .filter(t ->
                        material.filter(m -> m.family().covers(place(t.lies()))).isPresent())
                .sorted(Comparator.comparing(t -> material.flatMap(
                                m -> m.family().usually())
                        .filter(usual -> usual != place(t.lies()) && t.lies() != Lies.COUNTER)
                        .isPresent())) // what is usual first, else as they are pointed at
                .toList();
    }

    private Optional<Target> target(Surroundings scene, Point at) {
        var all = targets(scene, at);
        return all.isEmpty() ? Optional.empty() : Optional.of(all.get(next % all.size()));
    }

    /** The finish as it is laid on a surface: in the direction and from where what lies there is laid. */
    private Finish finish(Surroundings scene, Target target) {
        var before = target.surfaces().stream()
                .findFirst()
                .flatMap(s -> Surfaces.finish(scene.view().storey().storey(), s))
                .filter(f -> !f.material().equals(RoomEdits.BARE));
        if (taken.isPresent()) {
            // courses of walls are no borders of floors
            var isOfOneKind = (target.lies() == Lies.WALL) == (taken.get().on() == Lies.WALL);
            var finish = taken.get().finish();
            return isOfOneKind ? finish : finish.withCourses(List.of());
        }
        var start = before.map(Finish::start).orElseGet(() -> corner(target));
        return new Finish(
                scene.choices().material(), before.map(Finish::directionDeg).orElse(0.0), start);
    }

    /** Floors begin in the lower left corner of their room; what stands upright in the corner of its own frame. */
    private static Position corner(Target target) {
        return target.lies() == Lies.FLOOR || target.lies() == Lies.OUTSIDE
                ? target.room()
                        .map(r -> r.outline().bounds())
                        .map(b -> Position.ofMm(b.minX(), b.minY()))
                        .orElse(Position.ORIGIN)
                : Position.ORIGIN;
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new LayFinish(Optional.of(pointer.at()), next, taken, seen).shown(scene));
    }

    /** The same with what is pointed at shown in place. */
    private LayFinish shown(Surroundings scene) {
        var target = pointer.flatMap(p -> target(scene, p));
        var material = material(scene);
        if (target.isEmpty() || material.isEmpty()) {
            return new LayFinish(pointer, next, taken, Optional.empty());
        }
        var finish = finish(scene, target.get());
        if (seen.filter(s -> s.is(target.get(), finish)).isPresent()) {
            return this;
        }
        var marks = FinishSketch.of(
                scene.view().storey(), scene.frame(), scene.view().look(), target.get(), material.get(), finish);
        return new LayFinish(pointer, next, taken, Optional.of(new Seen(target.get(), finish, marks)));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var there = new LayFinish(Optional.of(pointer.at()), next, taken, Optional.empty());
        var target = there.target(scene, pointer.at());
        if (target.isEmpty()) {
            return Reply.complain(there, nothingThere(scene, pointer.at()));
        }
        var copied = target.get().surfaces().stream().map(Surface::host).anyMatch(ElementId::isCopied);
        return copied ? there.laidInUnit(scene, target.get()) : there.laid(scene, target.get());
    }

    private String nothingThere(Surroundings scene, Point at) {
        var material = material(scene);
        if (scene.laid().roomAt(at).isEmpty() || material.isEmpty()) {
            return "There is no closed room here, and no ground that is drawn; a finish needs walls all round or a surface of the site.";
        }
        return material.get().label() + " is laid out of doors, on ground that the Site stage draws.";
    }

    private Reply laidInUnit(Surroundings scene, Target target) {
        if (!(target.surfaces().getFirst() instanceof Surface.Floor(var room))) {
            return Reply.complain(
                    this, "This belongs to a copy of a unit. Cover it in the unit itself; all copies follow.");
        }
        var drawn = new RoomId(room.number());
        var plan = taken.map(t -> RoomEdits.floor(scene.plan(), drawn, t.finish()))
                .orElseGet(() ->
                        RoomEdits.floor(scene.plan(), drawn, scene.choices().material()));
        return Reply.commit(this, plan, "Lay finish").withNews("It is laid in the unit and all its copies.");
    }

    private Reply laid(Surroundings scene, Target target) {
        var plan = Finishing.lay(scene.plan(), scene.storey(), target, finish(scene, target));
        for (var other : alsoPicked(scene, target)) {
            plan = Finishing.lay(plan, scene.storey(), other, finish(scene, other));
        }
        return Reply.commit(this, plan, "Lay finish").picking(picked(scene, target));
    }

    /** The same surfaces of the other rooms that are picked, if the room pointed at is picked too. */
    private List<Target> alsoPicked(Surroundings scene, Target target) {
        var here = target.room().flatMap(Room::mark).map(RoomMark::id);
        if (here.isEmpty()
                || !scene.selection().contains(here.get())
                || target.lines().size() == 1) {
            return List.of();
        }
        var out = new ArrayList<Target>();
        for (var room : scene.laid().rooms()) {
            room.mark()
                    .filter(m -> scene.selection().contains(m.id()) && !m.id().equals(here.get()))
                    .flatMap(m -> SurfacesAt.at(scene.view().storey(), m.at().point(), 0).stream()
                            .filter(t -> t.called().equals(target.called()))
                            .findFirst())
                    .ifPresent(out::add);
        }
        return out;
    }

    /** Afterwards what was covered is picked, or stays picked with others. */
    private static Set<ElementId> picked(Surroundings scene, Target target) {
        var host = target.surfaces().stream()
                .findFirst()
                .filter(s -> !(s instanceof Surface.OnWall))
                .map(Surface::host)
                .or(() -> target.room().flatMap(Room::mark).map(RoomMark::id));
        return host.filter(h -> !scene.selection().contains(h))
                .<Set<ElementId>>map(Set::of)
                .orElse(scene.selection());
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case NEXT -> Reply.to(new LayFinish(pointer, next + 1, taken, Optional.empty()).shown(scene));
            case TURN ->
                Reply.to(new LayFinish(
                                pointer,
                                next,
                                seen.map(s -> new Taken(
                                        s.finish().turnedTo((s.finish().directionDeg() + 45) % 180),
                                        s.target().lies())),
                                Optional.empty())
                        .shown(scene));
            case CLOSE -> takenUp(scene);
            case FLIP, AWAY -> Reply.to(this);
        };
    }

    /** Takes up what lies at the pointer, to be laid elsewhere as it lies here. */
    private Reply takenUp(Surroundings scene) {
        var here = pointer.stream()
                .flatMap(p -> at(scene, p))
                .flatMap(t -> t.surfaces().stream()
                        .flatMap(s -> Surfaces.finish(scene.view().storey().storey(), s).stream())
                        .map(f -> new Taken(f, t.lies())))
                .filter(t -> Materials.of(t.finish()).isPresent())
                .findFirst();
        return here.map(t -> Reply.to(new LayFinish(pointer, 0, Optional.of(t), Optional.empty()).shown(scene))
                        .withNews("Taken up: "
                                + Materials.of(t.finish()).map(Material::label).orElse("")
                                + ". It is laid elsewhere as it lies here; Esc lets go."))
                .orElseGet(() -> Reply.complain(this, "Nothing is laid here that could be taken up."));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return taken.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var label = material(scene).map(Material::label).orElse("the finish");
        var room = pointer.flatMap(scene.laid()::roomAt).map(Room::name).orElse("");
        var more = pointer.map(p -> targets(scene, p).size()).orElse(0) > 1 ? " N: another surface here." : "";
        var hint = seen.map(s -> "Click to lay " + label + " on " + s.target().called() + "." + more
                        + " C takes up what lies here.")
                .orElse("Click a room to lay " + label + " in it.");
        return new Readout(List.of(), room, hint);
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        seen.ifPresent(s -> {
            out.addAll(s.marks());
            out.addAll(FinishSketch.outline(scene.frame(), s.target(), scene.penMm()));
        });
        return out;
    }
}
