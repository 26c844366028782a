package honeylamp.desktop.gesture.look;

import honeylamp.derive.pointing.WallLines;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Added;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoundDimensionEdits;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Measures what is not straight: a click on a curved wall its radius, its diameter or its length; clicks on two straight
 * walls, and where it lies, the angle between them.
 *
 * @param measures of a curved wall
 * @param legs the lines of the straight walls that were clicked
 */
public record MeasureRound(Measures measures, List<Segment> legs, Optional<Point> pointer) implements Gesture {
    /** How far outside a curved wall its length is drawn, in paper mm. */
    private static final double OUT_PAPER_MM = 8;

    public MeasureRound {
        legs = List.copyOf(legs);
    }

    /** Nothing clicked yet. */
    public static MeasureRound begin() {
        return new MeasureRound(Measures.RADIUS, List.of(), Optional.empty());
    }

    private MeasureRound again() {
        return new MeasureRound(measures, List.of(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(new MeasureRound(measures, legs, Optional.of(at.at())));
    }

    private static Optional<Curve> line(Surroundings scene, Point p) {
        return WallLines.at(scene.view().plan(), scene.laid(), p, scene.reachMm());
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        var p = at.at();
        if (legs.size() == 2) {
            return done(RoundDimensionEdits.angle(scene.plan(), scene.storey(), legs.getFirst(), legs.getLast(), p));
        }
        var line = line(scene, p);
        if (line.isEmpty()) {
            return Reply.complain(this, "No wall lies here. " + readout(scene).hint());
        }
        return switch (line.get()) {
            case Arc _
            when !legs.isEmpty() -> Reply.complain(this, "A curved wall has no angle. Click a straight one.");
            case Arc arc -> done(Outcome.done(curved(scene, arc)));
            case Segment leg when !legs.isEmpty() -> second(leg, p);
            case Segment leg -> Reply.to(new MeasureRound(measures, List.of(leg), Optional.of(p)));
        };
    }

    private Reply second(Segment leg, Point p) {
        return RoundDimensionEdits.areParallel(legs.getFirst(), leg)
                ? Reply.complain(
                        this, "Both walls run the same way. Click one that meets the first, or would if it went on.")
                : Reply.to(new MeasureRound(measures, List.of(legs.getFirst(), leg), Optional.of(p)));
    }

    private Reply done(Outcome<Added<RoundDimensionId>> outcome) {
        return switch (outcome) {
            case Outcome.Done<Added<RoundDimensionId>>(var added) ->
                Reply.commit(again(), added.plan(), "Add dimension").picking(Set.of(added.id()));
            case Outcome.Refused<Added<RoundDimensionId>> no ->
                Reply.complain(this, no.sentence("That cannot be measured"));
        };
    }

    private Added<RoundDimensionId> curved(Surroundings scene, Arc arc) {
        return RoundDimensionEdits.of(
                scene.plan(), scene.storey(), measures, arc, scene.frame().planMm(OUT_PAPER_MM));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return Reply.complain(this, readout(scene).hint());
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return key == Key.TURN ? Reply.to(new MeasureRound(measures.next(), legs, pointer)) : Reply.to(this);
    }

    @Override
    public Gesture dropped() {
        return again();
    }

    @Override
    public boolean underWay() {
        return !legs.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return Readout.hint(
                switch (legs.size()) {
                    case 0 ->
                        "Click two straight walls for the angle between them, or a curved one for its "
                                + words(measures) + ". R: its " + words(measures.next()) + ".";
                    case 1 -> "Click the other wall.";
                    default -> "Click where the angle lies.";
                });
    }

    private static String words(Measures measures) {
        return measures == Measures.ARC_LENGTH ? "length" : measures.label().toLowerCase(Locale.ROOT);
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        legs.forEach(leg -> out.add(Sketches.line(scene.frame(), leg, 2 * scene.penMm(), false)));
        pointer.ifPresent(p -> out.addAll(preview(scene, p)));
        return out;
    }

    private List<Mark> preview(Surroundings scene, Point p) {
        if (legs.size() == 2) {
            return RoundDimensionEdits.angle(scene.plan(), scene.storey(), legs.getFirst(), legs.getLast(), p)
                    .result()
                    .map(added -> drawn(scene, added))
                    .orElse(List.of());
        }
        return line(scene, p)
                .map(line -> switch (line) {
                    case Segment leg -> List.of(Sketches.line(scene.frame(), leg, 2 * scene.penMm(), true));
                    case Arc arc -> legs.isEmpty() ? drawn(scene, curved(scene, arc)) : List.<Mark>of();
                })
                .orElse(List.of());
    }

    private static List<Mark> drawn(Surroundings scene, Added<RoundDimensionId> added) {
        return added.plan()
                .storey(scene.storey())
                .elements()
                .find(RoundDimension.class, added.id())
                .map(d -> Captions.drawn(scene.frame(), d, 2 * scene.penMm()))
                .orElse(List.of());
    }
}
