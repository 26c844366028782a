package honeylamp.desktop.gesture.place;

import honeylamp.derive.pointing.FaceSpot;
import honeylamp.derive.pointing.FaceSpot.Round;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.RunEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Lays a run of units along the faces of a room: a click where it begins, a click where it ends, round as many corners as
 * lie between.
 *
 * @param from where it begins
 * @param to where it would end, or begin
 * @param way round the room
 */
public record LayRun(Optional<FaceSpot> from, Optional<FaceSpot> to, Round way) implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");

    /** A face is pointed at from so far off. */
    private static final double POINTED_MM = 700;

    private static final double SPOT_PX = 6;

    /** Nothing laid yet. */
    public static LayRun begin() {
        return new LayRun(Optional.empty(), Optional.empty(), Round.SHORTER);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private LayRun aimed(Surroundings scene, Pointer pointer) {
        var spot = from.map(f -> Optional.of(FaceSpot.on(f.room(), pointer.at())))
                .orElseGet(() -> FaceSpot.near(scene.laid(), pointer.at(), Math.max(POINTED_MM, scene.reachMm())));
        var free = pointer.keys().control();
        return new LayRun(from, spot.map(s -> free ? s : s.caught(scene.laid(), scene.reachMm())), way);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var there = aimed(scene, pointer);
        if (there.to.isEmpty()) {
            return Reply.complain(this, "No wall of a room is near. Click at the face where the run begins.");
        }
        return from.isEmpty() ? Reply.to(new LayRun(there.to, there.to, way)) : there.laid(scene);
    }

    private Reply laid(Surroundings scene) {
        var like = scene.choices().run().like(scene.units());
        return switch (RunEdits.lay(scene.plan(), scene.storey(), faces(), like)) {
            case Outcome.Refused<RunEdits.Laid> no -> Reply.complain(this, no.sentence("That cannot be"));
            case Outcome.Done<RunEdits.Laid>(var laid) -> {
                var storey = laid.plan().storey(scene.storey());
                Set<ElementId> longest = laid.pieces().stream()
                        .flatMap(id -> storey.elements().find(Furnishing.class, id).stream())
                        .max(Comparator.comparing(Furnishing::width))
                        .<Set<ElementId>>map(f -> Set.of(f.id()))
                        .orElse(Set.of());
                yield Reply.commit(begin(), laid.plan(), "Lay run").picking(longest);
            }
        };
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (from.isEmpty() || to.isEmpty()) {
            return Reply.to(this);
        }
        var asked = typed.of(LENGTH);
        if (asked.isEmpty()) {
            return laid(scene);
        }
        var isAhead = isAhead();
        var end = from.get().on(isAhead ? asked.get().mm() : -asked.get().mm());
        return new LayRun(from, Optional.of(end), Round.SHORTER).laid(scene);
    }

    /** Whether the run goes on with the room to its left. */
    private boolean isAhead() {
        var faces = faces();
        return !faces.isEmpty()
                && faces.getFirst().a().distance(from.orElseThrow().at())
                        < faces.getLast().b().distance(from.orElseThrow().at());
    }

    private List<Segment> faces() {
        return from.flatMap(f -> to.map(t -> f.to(t, way))).orElse(List.of());
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.FLIP ? new LayRun(from, to, way.other()) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (from.isEmpty()) {
            return Readout.hint("Click at the face of a wall where the run begins; corners and jambs are caught.");
        }
        var longMm = faces().stream().mapToDouble(Segment::length).sum();
        return new Readout(
                List.of(new Readout.Field(LENGTH, LengthText.rounded(Length.ofMm(longMm), scene.units()))),
                "",
                "Click where it ends, or type its length. F goes the other way round.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        var like = scene.choices().run().like(scene.units());
        for (var piece : RunEdits.pieces(faces(), like)) {
            out.addAll(Sketches.piece(scene.frame(), piece, scene.penMm()));
        }
        for (var face : faces()) {
            out.addAll(Sketches.words(
                    scene.frame(),
                    face.middle(),
                    LengthText.rounded(Length.ofMm(face.length()), scene.units()),
                    scene.penMm()));
        }
        to.map(FaceSpot::at).ifPresent(p -> out.add(spot(scene, p)));
        from.map(FaceSpot::at).ifPresent(p -> out.add(spot(scene, p)));
        return out;
    }

    private static Mark spot(Surroundings scene, Point p) {
        return Sketches.spot(scene.frame(), p, SPOT_PX * scene.penMm(), scene.penMm());
    }
}
