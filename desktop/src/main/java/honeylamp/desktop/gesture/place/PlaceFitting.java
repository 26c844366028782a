package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.KeptFitting;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.NewFitting;
import honeylamp.desktop.gesture.NewFitting.Spread;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.FittingEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.takeoff.lighting.FittingRow;
import honeylamp.takeoff.lighting.FittingSpot;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Puts lights, switches and outlets in: on the side of the wall, the ceiling or the piece that is pointed to, or an even
 * row of them.
 *
 * @param height above the floor that was typed; empty for the usual one
 * @param asked how the row was typed to be
 * @param turnDeg how it is turned
 */
@RecordBuilder
public record PlaceFitting(
        NewFitting chosen, Optional<Length> height, FittingRow.Asked asked, double turnDeg, Optional<Pointer> pointer)
        implements Gesture, PlaceFittingBuilder.With {
    private static final Ask<Length> HEIGHT = Ask.distance("Height");
    private static final Ask<Integer> ACROSS = number("Across");
    private static final Ask<Integer> ROWS = number("Rows");
    private static final Ask<Integer> NUMBER = number("Number");
    private static final Ask<Length> AWAY = Ask.distance("Away");
    private static final Ask<Length> RADIUS = Ask.length("Radius");

    private static Ask<Integer> number(String name) {
        return Ask.count(
                name,
                1,
                Fitting.MOST_IN_ROW,
                "\"%s\" is no number of lights. Type a whole number from 1 to " + Fitting.MOST_IN_ROW + ".");
    }

    /** What is chosen, in its usual size. */
    public static PlaceFitting begin(NewFitting chosen) {
        return new PlaceFitting(chosen, Optional.empty(), FittingRow.Asked.NOTHING, 0, Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(withPointer(Optional.of(at)));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        return withPointer(Optional.of(at)).placed(scene);
    }

    private Reply placed(Surroundings scene) {
        var fitting = fitting(scene);
        if (fitting.isEmpty()) {
            return Reply.complain(
                    this,
                    switch (chosen.spreadOfKind()) {
                        case ROOM -> "There is no room here. Click inside a room that has a name or a floor.";
                        case ONE, ALONG, RING -> "There is no wall here to fix it to. Click nearer to one.";
                    });
        }
        var added = FittingEdits.add(scene.plan(), scene.storey(), fitting.get().fitting());
        return Reply.commit(
                        this, added.plan(), "Put in " + chosen.kind().label().toLowerCase(Locale.ROOT))
                .picking(Set.of(added.id()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (typed.isEmpty()) {
            return pointer.isPresent() ? placed(scene) : Reply.to(this);
        }
        return Reply.to(with(copy -> copy.height(typed.of(HEIGHT).or(() -> height))
                .asked(new FittingRow.Asked(
                        typed.of(ACROSS).or(() -> typed.of(NUMBER)).or(asked::number),
                        typed.of(ROWS).or(asked::rows),
                        typed.of(AWAY).or(() -> typed.of(RADIUS)).or(asked::away)))));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.TURN ? withTurnDeg((turnDeg + 90) % 360) : this);
    }

    @Override
    public Gesture dropped() {
        return begin(chosen);
    }

    private record Aimed(Fitting fitting, String caught, String beside) {}

    private Optional<Aimed> fitting(Surroundings scene) {
        if (pointer.isEmpty()) {
            return Optional.empty();
        }
        var p = pointer.get().at();
        var reach = pointer.get().keys().control() ? 0 : scene.reachMm();
        if (chosen.spreadOfKind() == Spread.ONE) {
            return FittingSpot.at(scene.geometry(), chosen.kind(), p, usual(scene), reach, scene.units())
                    .map(spot -> new Aimed(on(scene, spot.on()), spot.caught(), ""));
        }
        return row(scene, p).map(row -> new Aimed(on(scene, row.on()), row.along(), row.words(scene.units())));
    }

    /** The height that was typed, or that the plan has for such fittings. */
    private Optional<Length> usual(Surroundings scene) {
        return height.or(() -> scene.plan().lighting().height(chosen.kind()));
    }

    private Optional<FittingRow> row(Surroundings scene, Point p) {
        if (chosen.spreadOfKind() == Spread.ONE) {
            return Optional.empty(); // only lights go in rows
        }
        var rows = new FittingRow.Finder(
                scene.geometry(),
                chosen.kind(),
                emission().orElseThrow(),
                height,
                asked,
                turnDeg,
                scene.plan().lighting(),
                scene.units());
        return switch (chosen.spreadOfKind()) {
            case ROOM -> rows.inRoom(p);
            case ALONG -> rows.along(p);
            case RING -> Optional.of(rows.ring(p));
            case ONE -> Optional.empty();
        };
    }

    private Fitting on(Surroundings scene, Fitting.On on) {
        var plain = new Fitting(
                new FittingId(scene.plan().nextNumber()),
                chosen.kind(),
                on,
                turnDeg,
                Fittings.length(chosen.kind(), scene.units()),
                emission(),
                List.of(),
                0,
                chosen.works(),
                Buying.UNKNOWN);
        return chosen.product().map(kept -> kept.insteadOf(plain)).orElse(plain);
    }

    private Optional<Emission> emission() {
        return chosen.product().map(KeptFitting::emission).orElseGet(() -> Fittings.emission(chosen.kind()));
    }

    @Override
    public Readout readout(Surroundings scene) {
        var aimed = fitting(scene);
        var fields = new ArrayList<Readout.Field>();
        var row = pointer.flatMap(at -> row(scene, at.at()));
        row.ifPresent(r -> {
            switch (chosen.spreadOfKind()) {
                case ROOM -> {
                    fields.add(new Readout.Field(ACROSS, Integer.toString(r.number())));
                    fields.add(new Readout.Field(ROWS, Integer.toString(r.rows())));
                }
                case ALONG -> {
                    fields.add(new Readout.Field(NUMBER, Integer.toString(r.number())));
                    fields.add(new Readout.Field(AWAY, LengthText.rounded(r.away(), scene.units())));
                }
                case RING -> {
                    fields.add(new Readout.Field(NUMBER, Integer.toString(r.number())));
                    fields.add(new Readout.Field(RADIUS, LengthText.rounded(r.away(), scene.units())));
                }
                case ONE -> {}
            }
        });
        fields.add(new Readout.Field(
                HEIGHT,
                usual(scene)
                        .or(() -> Fittings.height(chosen.kind(), scene.units()))
                        .map(h -> LengthText.rounded(h, scene.units()))
                        .orElse("ceiling")));
        return new Readout(
                        fields,
                        aimed.map(Aimed::caught).orElse(""),
                        "Click to put it in; a typed height or number stays. R turns, Ctrl keeps it from catching, Esc leaves.")
                .with(aimed.map(Aimed::beside).orElse(""));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return fitting(scene)
                .map(a -> Sketches.newFitting(scene.frame(), scene.geometry(), a.fitting(), scene.penMm()))
                .orElse(List.of());
    }
}
