package honeylamp.desktop.gesture;

import honeylamp.derive.ClearDistances;
import honeylamp.derive.OpeningCut;
import honeylamp.derive.Picking;
import honeylamp.drawing.Mark;
import honeylamp.edit.OpeningEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Puts openings into walls: the ghost slides in the wall under the pointer, both distances live. */
public record PlaceOpening(Optional<Ghost> ghost, Hand hand, Turned turned) implements Gesture {
    /** Whether the swing follows the pointer's side or the other. */
    public enum Turned {
        TO_POINTER,
        AWAY
    }

    /** An opening about to be, in its wall. */
    public record Ghost(Wall wall, Point pointer, Length offset, ClearDistances stretch, boolean centred) {}

    /** Nothing under the pointer yet. */
    public static PlaceOpening begin() {
        return new PlaceOpening(Optional.empty(), Hand.FIRST, Turned.TO_POINTER);
    }

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(aimed(scene, pointer.at(), pointer.keys().control()));
    }

    private PlaceOpening aimed(Scene scene, Point p, boolean free) {
        var wall = Picking.wall(scene.geometry(), p, 2.5 * scene.reachMm());
        return new PlaceOpening(wall.map(w -> slid(scene, w, p, free)), hand, turned);
    }

    private static Ghost slid(Scene scene, Wall wall, Point p, boolean free) {
        var along = Math.clamp(wall.line().along(p), 0, wall.line().length());
        var stretch = ClearDistances.around(scene.geometry().network(), wall, along);
        var middle = (stretch.stretchFromMm() + stretch.stretchToMm()) / 2;
        var centred = !free && Math.abs(along - middle) <= scene.reachMm();
        var offset = OpeningEdits.offsetWithin(
                stretch, centred ? middle : along, scene.choices().openingWidth());
        return new Ghost(wall, p, offset, stretch, centred);
    }

    private Opening opening(Scene scene, Ghost ghost) {
        var added = add(scene, ghost);
        return added.plan().storey(scene.storey()).opening(added.id()).orElseThrow();
    }

    private honeylamp.edit.Added<OpeningId> add(Scene scene, Ghost ghost) {
        return OpeningEdits.add(
                scene.plan(),
                scene.storey(),
                scene.choices().opening(),
                ghost.wall.id(),
                ghost.offset,
                scene.choices().openingWidth(),
                hand,
                swing(ghost));
    }

    private Swing swing(Ghost ghost) {
        var side = ghost.wall.line().offset(ghost.pointer) >= 0 ? Swing.LEFT : Swing.RIGHT;
        return turned == Turned.TO_POINTER ? side : side.flipped();
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        var aimed = aimed(scene, pointer.at(), pointer.keys().control());
        return aimed.ghost.map(g -> aimed.place(scene, g)).orElse(Step.to(aimed));
    }

    private Step place(Scene scene, Ghost ghost) {
        if (scene.choices().openingWidth().mm() > ghost.stretch.lengthMm() + 0.5) {
            return Step.complain(
                    this,
                    "The opening is wider than this stretch of wall ("
                            + LengthText.shownWithUnit(Length.ofMm(ghost.stretch.lengthMm()), scene.units())
                            + "). Type a smaller width.");
        }
        var added = add(scene, ghost);
        var action = "Put in " + scene.choices().opening().label().toLowerCase(java.util.Locale.ROOT);
        return Step.commit(new PlaceOpening(Optional.empty(), hand, turned), added.plan(), action)
                .picking(Set.of(added.id()));
    }

    @Override
    public Step entered(Scene scene, List<String> typed) {
        if (ghost.isEmpty()) {
            return Step.complain(this, "Move the pointer onto a wall first.");
        }
        var g = ghost.get();
        for (var index = 0; index < 2; index++) {
            var text = Gesture.field(typed, index);
            if (text.isEmpty()) {
                continue;
            }
            switch (honeylamp.units.LengthReader.notNegative(text, scene.units())) {
                case LengthReading.Bad(var sentence) -> {
                    return Step.complain(this, sentence);
                }
                case LengthReading.Good(var distance) -> g = shifted(scene, g, index, distance);
            }
        }
        return place(scene, g);
    }

    private static Ghost shifted(Scene scene, Ghost g, int index, Length distance) {
        var width = scene.choices().openingWidth().mm();
        var offset = index == 0
                ? g.stretch.stretchFromMm() + distance.mm()
                : g.stretch.stretchToMm() - distance.mm() - width;
        return new Ghost(g.wall, g.pointer, Length.ofMm(Math.max(0, offset)), g.stretch, false);
    }

    @Override
    public Step key(Scene scene, Key key) {
        return switch (key) {
            case TURN -> Step.to(new PlaceOpening(ghost, hand.flipped(), turned));
            case FLIP ->
                Step.to(new PlaceOpening(ghost, hand, turned == Turned.TO_POINTER ? Turned.AWAY : Turned.TO_POINTER));
            case CLOSE, NEXT -> Step.to(this);
        };
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return ghost.isPresent();
    }

    @Override
    public Readout readout(Scene scene) {
        if (ghost.isEmpty()) {
            return Readout.hint("Point at a wall. R changes the hand, F the side.");
        }
        var g = ghost.get();
        var opening = opening(scene, g);
        return new Readout(
                List.of(
                        new Readout.Field("Before", shown(scene, g.stretch.beforeMm(opening))),
                        new Readout.Field("After", shown(scene, g.stretch.afterMm(opening)))),
                g.centred ? "centre" : "",
                "Click, or type a distance. R changes the hand, F the side.");
    }

    private static String shown(Scene scene, double mm) {
        return LengthText.shown(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        return ghost.map(g -> Sketches.opening(
                        scene.plan(),
                        scene.frame(),
                        OpeningCut.of(
                                opening(scene, g),
                                g.wall,
                                scene.plan().wallType(g.wall.type()).thickness().mm()),
                        scene.penMm()))
                .orElse(List.of());
    }
}
