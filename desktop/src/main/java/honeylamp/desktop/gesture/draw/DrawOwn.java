package honeylamp.desktop.gesture.draw;

import honeylamp.derive.own.OwnPlace;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.NewOwn;
import honeylamp.desktop.gesture.NewOwn.Effect;
import honeylamp.desktop.gesture.NewOwn.Mode;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Added;
import honeylamp.edit.Outcome;
import honeylamp.edit.OwnParts;
import honeylamp.edit.OwnPieces;
import honeylamp.edit.OwnShapes;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnLine.Corner;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Draws own pieces where they stand. What is drawn while an own piece is picked becomes a part of it, measured along its
 * front and its side; else a piece begins.
 *
 * @param corners so far, in plan mm
 * @param isHeld whether a part is being dragged
 */
public record DrawOwn(List<Corner> corners, boolean isHeld, Catch aim) implements Gesture {
    static final Ask<Length> WIDTH = Ask.length("Width");
    static final Ask<Length> DEPTH = Ask.length("Depth");
    static final Ask<Ask.Reach> NEXT = Ask.reach("Length");
    static final Ask<Length> BOW = Ask.shift("Bow");
    static final Ask<Length> RADIUS = Ask.length("Radius");
    static final Ask<Length> RIGHT = Ask.shift("Right of it");
    static final Ask<Length> BACK = Ask.shift("Behind it");

    public DrawOwn {
        corners = List.copyOf(corners);
    }

    /** Nothing drawn yet. */
    public static DrawOwn begin() {
        return new DrawOwn(List.of(), false, Catch.none());
    }

    /** Nothing drawn, the pointer where it is. */
    private DrawOwn afresh() {
        return new DrawOwn(List.of(), false, Catch.plain(aim.pointer()));
    }

    static NewOwn how(Surroundings scene) {
        return scene.choices().own();
    }

    static Mode mode(Surroundings scene) {
        return how(scene).mode();
    }

    /** The own piece that is picked alone. */
    static Optional<OwnPlace> on(Surroundings scene) {
        if (scene.selection().size() != 1) {
            return Optional.empty();
        }
        return scene.geometry()
                .storey()
                .elements()
                .find(Furnishing.class, scene.selection().iterator().next())
                .flatMap(f -> f.own().map(own -> new OwnPlace(f, own)));
    }

    static OwnShapes shapes(Surroundings scene) {
        return OwnShapes.on(on(scene));
    }

    static Optional<Point> reference(Surroundings scene) {
        return how(scene).reference().or(() -> on(scene).map(OwnPlace::leftFront));
    }

    List<Point> points() {
        return corners.stream().map(c -> c.at().point()).toList();
    }

    // pointing

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    /** Corners of the piece before all else; along its front or its side where nothing is caught. */
    private DrawOwn aimed(Surroundings scene, Pointer pointer) {
        if (mode(scene) == Mode.PART || mode(scene) == Mode.ROUND) {
            return new DrawOwn(corners, isHeld, isHeld ? caught(scene, pointer) : Catch.plain(pointer));
        }
        var caught = caught(scene, pointer);
        var isFree = caught.snap().isPresent()
                || pointer.keys().control()
                || pointer.keys().shift();
        var runs = mode(scene) == Mode.OUTLINE || mode(scene) == Mode.LINE;
        var there = isFree || corners.isEmpty() || !runs
                ? caught
                : caught.meaning(shapes(scene).nearlySquare(points().getLast(), caught.at()));
        return new DrawOwn(corners, isHeld, there);
    }

    private Catch caught(Surroundings scene, Pointer pointer) {
        if (pointer.keys().control()) {
            return Catch.plain(pointer);
        }
        if (runsRound(scene) && points().getFirst().distance(pointer.at()) <= scene.reachMm()) {
            return Catch.of(Snap.of(points().getFirst(), Caught.START), pointer);
        }
        return on(scene)
                .filter(_ -> !isHeld)
                .flatMap(place -> place.caught(pointer.at(), scene.reachMm()))
                .map(spot -> Catch.of(Snap.of(spot.at(), caught(spot.kind())), pointer))
                .orElseGet(() -> aim.moved(scene, pointer, points()));
    }

    private static Caught caught(OwnPlace.Kind kind) {
        return switch (kind) {
            case CORNER -> Caught.CORNER;
            case MIDDLE -> Caught.MIDDLE;
            case CENTRE -> Caught.CENTRE;
            case ALONG -> Caught.ALONG;
        };
    }

    private boolean runsRound(Surroundings scene) {
        return mode(scene) == Mode.OUTLINE && corners.size() > 2;
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var there = aimed(scene, pointer);
        return switch (mode(scene)) {
            case PART -> there.taken(scene);
            case ROUND -> there.rounded(scene);
            case REFERENCE ->
                Reply.to(afresh())
                        .choosing(scene.choices()
                                .withOwn(how(scene)
                                        .with(copy -> copy.reference(Optional.of(there.aim.at()))
                                                .mode(Mode.RECTANGLE))))
                        .saying("Places are measured from there now.");
            case RECTANGLE, OUTLINE, LINE, CIRCLE, ARC -> there.at(scene, there.aim.at(), Length.ZERO);
        };
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        if (isHeld) {
            var shift = pointer.at().minus(points().getFirst());
            return shift.length() <= scene.reachMm() / 2
                    ? Reply.to(afresh())
                    : aimed(scene, pointer).dropped(scene);
        }
        var isFar = mode(scene) == Mode.RECTANGLE
                && corners.size() == 1
                && points().getFirst().distance(pointer.at()) > 2 * scene.reachMm();
        return isFar ? aimed(scene, pointer).at(scene, aimed(scene, pointer).aim.at(), Length.ZERO) : Reply.to(this);
    }

    /** A point more, or the end of the line. */
    private Reply at(Surroundings scene, Point p, Length bow) {
        var there = plus(p, bow);
        return switch (mode(scene)) {
            case RECTANGLE ->
                corners.isEmpty() ? Reply.to(there) : drawn(scene, shapes(scene).rectangle(points().getFirst(), p));
            case CIRCLE ->
                corners.isEmpty()
                        ? Reply.to(there)
                        : drawn(scene, shapes(scene).circle(points().getFirst(), p.distance(points().getFirst())));
            case ARC ->
                corners.size() < 2
                        ? Reply.to(there)
                        : drawn(scene, shapes(scene).arc(points().get(0), points().get(1), p));
            case OUTLINE ->
                runsRound(scene) && points().getFirst().distance(p) < 1 ? closed(scene, bow) : Reply.to(there);
            case LINE, PART, ROUND, REFERENCE -> Reply.to(there);
        };
    }

    DrawOwn plus(Point p, Length bow) {
        if (!corners.isEmpty() && points().getLast().distance(p) < 1) {
            return this;
        }
        return new DrawOwn(OwnShapes.plus(corners, p, bow), false, aim);
    }

    private Reply closed(Surroundings scene, Length bow) {
        return drawn(scene, OwnShapes.around(corners, bow));
    }

    private Reply drawn(Surroundings scene, Outcome<OwnLine> shape) {
        return switch (shape) {
            case Outcome.Refused<OwnLine> no -> Reply.complain(this, no.sentence("That cannot be drawn"));
            case Outcome.Done<OwnLine>(var line) ->
                on(scene).map(place -> added(scene, place, line)).orElseGet(() -> begun(scene, line));
        };
    }

    private Reply added(Surroundings scene, OwnPlace place, OwnLine line) {
        var isCut = how(scene).effect() == Effect.CUTS;
        var made = isCut
                ? OwnPieces.cutOut(scene.plan(), place, line)
                : OwnPieces.draw(scene.plan(), place, line, how(scene).style());
        var reply = Reply.outcome(afresh(), made, afresh(), isCut ? "Cut out" : "Draw part", "That cannot be drawn");
        return isCut
                ? reply
                : reply.choosing(scene.choices()
                        .withOwn(how(scene).withPart(place.own().parts().size())));
    }

    private Reply begun(Surroundings scene, OwnLine line) {
        if (how(scene).effect() == Effect.CUTS) {
            return Reply.complain(afresh(), "Nothing is picked to cut from. Pick an own piece, or draw a part first.");
        }
        return switch (OwnPieces.begin(
                scene.plan(), scene.storey(), line, how(scene).style())) {
            case Outcome.Refused<Added<FurnishingId>> no ->
                Reply.complain(afresh(), no.sentence("That cannot be drawn"));
            case Outcome.Done<Added<FurnishingId>>(var added) ->
                Reply.commit(afresh(), added.plan(), "Draw own piece")
                        .picking(Set.of(added.id()))
                        .choosing(scene.choices().withOwn(how(scene).withPart(0)))
                        .saying("What is drawn next belongs to it; Esc ends that.");
        };
    }

    // parts

    private Reply taken(Surroundings scene) {
        var place = on(scene);
        if (place.isEmpty()) {
            return Reply.complain(this, "Pick an own piece first; its parts can be taken up then.");
        }
        var part = place.get().partAt(aim.at(), scene.reachMm());
        return part < 0
                ? Reply.complain(afresh(), "No part of the piece lies there.")
                : Reply.to(new DrawOwn(List.of(OwnShapes.corner(aim.at())), true, aim))
                        .choosing(scene.choices().withOwn(how(scene).withPart(part)));
    }

    /** The dragged part where it was dropped. */
    private Reply dropped(Surroundings scene) {
        return on(scene)
                .map(place -> Reply.outcome(afresh(), shifted(scene, place), afresh(), "Move part", "That cannot be"))
                .orElseGet(() -> Reply.to(afresh()));
    }

    Outcome<Plan> shifted(Surroundings scene, OwnPlace place) {
        var from = place.drawn(points().getFirst());
        var to = place.drawn(aim.at());
        return moved(scene, place, Length.ofMm(to.x() - from.x()), Length.ofMm(to.y() - from.y()));
    }

    private static Outcome<Plan> moved(Surroundings scene, OwnPlace place, Length right, Length back) {
        var part = how(scene).part(place.own());
        return OwnPieces.put(
                scene.plan(),
                place.own(),
                part,
                OwnParts.moved(place.own().parts().get(part), right, back));
    }

    private Reply rounded(Surroundings scene) {
        var place = on(scene);
        var part = place.map(p -> p.partAt(aim.at(), scene.reachMm())).orElse(-1);
        if (part < 0) {
            return Reply.complain(this, "Click a corner of the own piece that is picked.");
        }
        var own = place.get().own();
        var other = OwnParts.rounded(
                own.parts().get(part), place.get().drawn(aim.at()), how(scene).rounded());
        return Reply.outcome(
                this, OwnPieces.put(scene.plan(), own, part, other), afresh(), "Round corner", "That cannot be");
    }

    // typing

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return switch (mode(scene)) {
            case PART ->
                on(scene)
                        .filter(_ -> !typed.isEmpty())
                        .map(place -> Reply.outcome(
                                afresh(),
                                moved(
                                        scene,
                                        place,
                                        typed.of(RIGHT).orElse(Length.ZERO),
                                        typed.of(BACK).orElse(Length.ZERO)),
                                afresh(),
                                "Move part",
                                "That cannot be"))
                        .orElseGet(() -> Reply.to(this));
            case ROUND ->
                typed.of(RADIUS)
                        .map(r -> Reply.to(this)
                                .choosing(scene.choices().withOwn(how(scene).withRounded(r)))
                                .saying("Corners clicked are rounded by that."))
                        .orElseGet(() -> Reply.to(this));
            case RECTANGLE, OUTLINE, LINE, CIRCLE, ARC, REFERENCE ->
                corners.isEmpty() ? first(scene, typed) : next(scene, typed);
        };
    }

    private Reply first(Surroundings scene, Typed typed) {
        var from = reference(scene);
        if (typed.isEmpty() || from.isEmpty()) {
            return Reply.to(this);
        }
        var there = shapes(scene)
                .from(
                        from.get(),
                        typed.of(RIGHT).orElse(Length.ZERO),
                        typed.of(BACK).orElse(Length.ZERO));
        return mode(scene) == Mode.REFERENCE
                ? Reply.to(afresh())
                        .choosing(scene.choices()
                                .withOwn(how(scene)
                                        .with(copy -> copy.reference(Optional.of(there))
                                                .mode(Mode.RECTANGLE))))
                : at(scene, there, Length.ZERO);
    }

    private Reply next(Surroundings scene, Typed typed) {
        return switch (mode(scene)) {
            case RECTANGLE ->
                drawn(scene, shapes(scene).rectangle(points().getFirst(), aim.at(), typed.of(WIDTH), typed.of(DEPTH)));
            case CIRCLE ->
                drawn(
                        scene,
                        shapes(scene)
                                .circle(
                                        points().getFirst(),
                                        typed.of(RADIUS)
                                                .map(Length::mm)
                                                .orElseGet(() -> aim.at().distance(points().getFirst()))));
            case ARC ->
                corners.size() < 2 || typed.of(RADIUS).isEmpty()
                        ? at(scene, aim.at(), Length.ZERO)
                        : drawn(
                                scene,
                                shapes(scene)
                                        .arc(
                                                points().get(0),
                                                points().get(1),
                                                aim.at(),
                                                typed.of(RADIUS).get()));
            case OUTLINE, LINE -> corner(scene, typed);
            case PART, ROUND, REFERENCE -> Reply.to(this);
        };
    }

    private Reply corner(Surroundings scene, Typed typed) {
        if (typed.isEmpty()) {
            return mode(scene) == Mode.OUTLINE ? closed(scene, Length.ZERO) : drawn(scene, OwnShapes.open(corners));
        }
        var last = points().getLast();
        var bow = typed.of(BOW).orElse(Length.ZERO);
        var way = aim.at().minus(last);
        if (typed.of(NEXT).isPresent()) {
            return switch (typed.of(NEXT).get()) {
                case Ask.Reach.Offset(var right, var back) ->
                    at(scene, shapes(scene).from(last, right, back), bow);
                case Ask.Reach.Along(var length) ->
                    way.length() < 1
                            ? Reply.complain(this, "Point the way first, then type the length.")
                            : at(scene, last.plus(way.unit().times(length.mm())), bow);
            };
        }
        return way.length() < 1 ? Reply.complain(this, "Point where the bowed side ends.") : at(scene, aim.at(), bow);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case CLOSE ->
                runsRound(scene)
                        ? closed(scene, Length.ZERO)
                        : mode(scene) == Mode.LINE && corners.size() > 1
                                ? drawn(scene, OwnShapes.open(corners))
                                : Reply.to(this);
            case NEXT -> Reply.to(new DrawOwn(corners, isHeld, aim.next(scene, points())));
            case TURN, FLIP, AWAY -> Reply.to(this);
        };
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !corners.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return new OwnShown(this, scene).readout();
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return new OwnShown(this, scene).sketch();
    }
}
