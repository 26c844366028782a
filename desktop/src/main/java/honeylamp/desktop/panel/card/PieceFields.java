package honeylamp.desktop.panel.card;

import honeylamp.catalogue.Family.Place;
import honeylamp.catalogue.JointTones;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Patterns;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.Finishing;
import honeylamp.edit.Outcome;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;

/** How the pieces of a finish lie: their size, joints, direction and start. */
record PieceFields(OneSurface on) {
    /** All of it, with what the pieces come to. */
    List<Node> of(Finish finish, Material material) {
        var laying = material.laying();
        var out = new ArrayList<Node>();
        out.add(on.parts()
                .length(
                        "Width",
                        on.id() + "-piece-width",
                        laying.width(),
                        v -> on.sized(finish, Finishing.sized(laying, v, laying.length(), laying.joint())),
                        "Size pieces"));
        if (Patterns.hasLength(laying.pattern())) {
            out.add(on.parts()
                    .length(
                            "Length",
                            on.id() + "-piece-length",
                            laying.length(),
                            v -> on.sized(finish, Finishing.sized(laying, laying.width(), v, laying.joint())),
                            "Size pieces"));
        }
        out.add(on.parts()
                .distance(
                        "Joint",
                        on.id() + "-joint",
                        laying.joint(),
                        v -> on.sized(finish, Finishing.sized(laying, laying.width(), laying.length(), v)),
                        "Change joint"));
        Patterns.measure(laying.pattern()).ifPresent(m -> out.add(measure(finish, laying, m)));
        out.add(joints(finish, laying));
        out.add(new ToneFields(on)
                .code(
                        on.id() + "-joint-code",
                        material.in(on.model().shown().view().look()).jointTone(),
                        typed -> on.lay(
                                Outcome.done(laying.withJointTone(Optional.of(typed))), finish, "Colour joints")));
        out.addAll(direction(finish));
        out.addAll(start(finish));
        out.addAll(new PieceFigures(on).of(finish, laying));
        return out;
    }

    /** The one measure a pattern has of its own, such as how far courses are shifted. */
    private Node measure(Finish finish, Laying laying, Patterns.Measure measure) {
        return Widgets.slider(
                measure.label(),
                on.id() + "-measure",
                measure.least(),
                measure.most(),
                measure.value(),
                (v, going) -> on.model()
                        .slide(
                                on.put()
                                        .apply(Optional.of(finish.withLaying(Optional.of(laying.withPattern(
                                                measure.with().apply(v)))))),
                                "Change pattern",
                                going));
    }

    private Node joints(Finish finish, Laying laying) {
        var tones = JointTones.all();
        return Widgets.menu(
                "Joints: " + JointTones.label(laying.jointTone()).toLowerCase(Locale.ROOT),
                on.id() + "-joint-tone",
                "The colour of the joints",
                tones.stream().map(JointTones.Named::label).toList(),
                index -> on.lay(
                        Outcome.done(laying.withJointTone(tones.get(index).tone())), finish, "Colour joints"));
    }

    private List<Node> direction(Finish finish) {
        return List.of(
                Widgets.slider(
                        "Direction, degrees",
                        on.id() + "-direction",
                        0,
                        180,
                        finish.directionDeg(),
                        (v, going) -> on.model()
                                .slide(
                                        on.put().apply(Optional.of(finish.turnedTo(5 * Math.rint(v / 5)))),
                                        "Turn finish",
                                        going)),
                on.parts()
                        .angle(
                                on.id() + "-deg",
                                finish.directionDeg(),
                                deg -> Outcome.done(
                                        on.put().apply(Optional.of(finish.turnedTo(Finishing.direction(deg))))),
                                "Turn finish"),
                OneSurface.row(Widgets.button(
                        "Along the longest side",
                        on.id() + "-along",
                        "The courses run along the longest straight side of the surface",
                        () -> on.lay(finish.turnedTo(Finishing.alongLongestEdge(on.largest())), "Turn finish"))));
    }

    /** The starting point of the pattern, from the origin of the surface. */
    private List<Node> start(Finish finish) {
        var at = finish.start();
        return List.of(
                on.parts()
                        .place(
                                on.place() == Place.FLOOR ? "Start across" : "Start along",
                                on.id() + "-start-across",
                                at.x(),
                                x -> Outcome.done(
                                        on.put().apply(Optional.of(finish.startingAt(new Position(x, at.y()))))),
                                "Move starting point"),
                on.parts()
                        .place(
                                "Start up",
                                on.id() + "-start-up",
                                at.y(),
                                y -> Outcome.done(
                                        on.put().apply(Optional.of(finish.startingAt(new Position(at.x(), y))))),
                                "Move starting point"));
    }
}
