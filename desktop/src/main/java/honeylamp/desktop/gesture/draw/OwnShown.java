package honeylamp.desktop.gesture.draw;

import honeylamp.derive.own.OwnLines;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.NewOwn.Mode;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.OwnShapes;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.OwnSketch;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Furnishing;
import honeylamp.plan.OwnLine;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What is said and shown while an own piece is drawn. */
record OwnShown(DrawOwn hand, Surroundings scene) {
    private static final double CROSS_PX = 7;

    Readout readout() {
        var mode = DrawOwn.mode(scene);
        if (mode == Mode.ROUND) {
            return new Readout(
                    List.of(field(DrawOwn.RADIUS, DrawOwn.how(scene).rounded().mm())), "", mode.hint() + ".");
        }
        if (mode == Mode.PART) {
            var shift = hand.isHeld()
                    ? DrawOwn.shapes(scene)
                            .between(hand.points().getFirst(), hand.aim().at())
                    : Point.ORIGIN;
            return new Readout(
                    List.of(field(DrawOwn.RIGHT, shift.x()), field(DrawOwn.BACK, shift.y())),
                    hand.aim().word(),
                    "Click a part to take it up, drag it, or type how far it moves.");
        }
        return hand.corners().isEmpty() ? before() : during();
    }

    private Readout before() {
        var words = DrawOwn.on(scene).map(p -> "On " + p.own().name() + ": ").orElse("A new piece: ")
                + DrawOwn.how(scene).mode().hint().toLowerCase(Locale.ROOT) + ".";
        return DrawOwn.reference(scene)
                .map(from -> {
                    var shift = DrawOwn.shapes(scene).between(from, hand.aim().at());
                    return new Readout(
                            List.of(field(DrawOwn.RIGHT, shift.x()), field(DrawOwn.BACK, shift.y())),
                            hand.aim().word(),
                            words);
                })
                .orElseGet(() -> new Readout(List.of(), hand.aim().word(), words));
    }

    private Readout during() {
        var size = DrawOwn.shapes(scene)
                .between(hand.points().getFirst(), hand.aim().at());
        var far = hand.aim().at().distance(hand.points().getLast());
        return switch (DrawOwn.mode(scene)) {
            case RECTANGLE ->
                new Readout(
                        List.of(field(DrawOwn.WIDTH, Math.abs(size.x())), field(DrawOwn.DEPTH, Math.abs(size.y()))),
                        hand.aim().word(),
                        "Click the opposite corner, or type width and depth.");
            case CIRCLE ->
                new Readout(
                        List.of(field(DrawOwn.RADIUS, far)), hand.aim().word(), "Click its edge, or type its radius.");
            case ARC ->
                hand.corners().size() < 2
                        ? new Readout(List.of(), hand.aim().word(), "Click its other end.")
                        : new Readout(
                                List.of(new Readout.Field(DrawOwn.RADIUS, "")),
                                hand.aim().word(),
                                "Click a point on it, or type its radius.");
            case OUTLINE, LINE ->
                new Readout(
                        List.of(field(DrawOwn.NEXT, far), new Readout.Field(DrawOwn.BOW, "")),
                        hand.aim().word(),
                        DrawOwn.mode(scene) == Mode.OUTLINE
                                ? "Click or type the next corner; C or Enter closes it. A bow bends the side."
                                : "Click or type the next corner; Enter ends it. A bow bends the side.");
            case PART, ROUND, REFERENCE -> new Readout(List.of(), hand.aim().word(), "");
        };
    }

    private Readout.Field field(Ask<?> ask, double mm) {
        return new Readout.Field(ask, LengthText.rounded(Length.ofMm(mm), scene.units()));
    }

    List<Mark> sketch() {
        var out = new ArrayList<Mark>();
        DrawOwn.on(scene).ifPresent(place -> {
            var part = place.own().parts().get(DrawOwn.how(scene).part(place.own()));
            OwnSketch.part(scene.frame(), place, part, scene.penMm()).forEach(out::add);
            if (hand.isHeld()) {
                hand.shifted(scene, place)
                        .result()
                        .flatMap(plan -> plan.storey(scene.storey())
                                .elements()
                                .find(Furnishing.class, place.piece().id()))
                        .ifPresent(f -> out.addAll(Sketches.piece(scene.frame(), f, scene.penMm())));
            }
        });
        DrawOwn.reference(scene)
                .ifPresent(p -> out.add(Sketches.cross(scene.frame(), p, CROSS_PX * scene.penMm(), scene.penMm())));
        preview()
                .ifPresent(line -> out.addAll(
                        OwnSketch.line(scene.frame(), OwnLines.points(line), line.isClosed(), scene.penMm())));
        out.addAll(hand.aim().marks(scene));
        return out;
    }

    /** What the next click would draw. */
    private Optional<OwnLine> preview() {
        if (hand.corners().isEmpty() || hand.isHeld()) {
            return Optional.empty();
        }
        var shapes = DrawOwn.shapes(scene);
        var p = hand.aim().at();
        return switch (DrawOwn.mode(scene)) {
            case RECTANGLE -> shapes.rectangle(hand.points().getFirst(), p).result();
            case CIRCLE ->
                shapes.circle(hand.points().getFirst(), p.distance(hand.points().getFirst()))
                        .result();
            case ARC ->
                hand.corners().size() < 2
                        ? OwnShapes.open(hand.plus(p, Length.ZERO).corners()).result()
                        : shapes.arc(hand.points().get(0), hand.points().get(1), p)
                                .result();
            case OUTLINE, LINE ->
                OwnShapes.open(hand.plus(p, Length.ZERO).corners()).result();
            case PART, ROUND, REFERENCE -> Optional.empty();
        };
    }
}
