package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.PartKinds.PartKind;
import honeylamp.derive.pointing.AgainstWall;
import honeylamp.derive.pointing.TouchingWalls;
import honeylamp.derive.snags.BayClearance;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.StructureEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.PartSketches;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Position;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Structure.Form;
import honeylamp.plan.Structure.ParkingBay;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

/**
 * Puts in fixed parts and parking bays: the part itself hangs at the pointer, its sides catch walls.
 *
 * @param usual the part as a storey asks for it
 * @param made sizes typed for it, if any were
 * @param hand to which a stair turns
 */
@RecordBuilder
public record PlacePart(
        Function<Surroundings, Form> usual,
        Optional<Form> made,
        Stair.Turn hand,
        Optional<Point> pointer,
        Point at,
        double turnDeg,
        boolean touching)
        implements Gesture, PlacePartBuilder.With {
    private static final Ask<Length> FLIGHT = Ask.length("Flight");
    private static final Ask<Length> GOING = Ask.length("Going");
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> DEPTH = Ask.length("Depth");
    private static final Ask<Length> HEIGHT = Ask.length("Height");

    private static final double HEARTH_REACHES = 3;

    /** A fixed part of the catalogue. */
    public static PlacePart begin(PartKind kind) {
        return of(scene -> PartKinds.usual(kind, scene.plan(), scene.storey()));
    }

    /** A bay with a car. */
    public static PlacePart bay(Structure.Car car) {
        return of(scene -> PartKinds.bay(car, scene.units()));
    }

    private static PlacePart of(Function<Surroundings, Form> usual) {
        return new PlacePart(usual, Optional.empty(), Stair.Turn.RIGHT, Optional.empty(), Point.ORIGIN, 0, false);
    }

    private Form form(Surroundings scene) {
        var form = made.orElseGet(() -> usual.apply(scene));
        return form instanceof Stair stair && stair.turn() != hand ? stair.mirrored() : form;
    }

    private Structure part(Surroundings scene) {
        return new Structure(new StructureId(scene.plan().nextNumber()), form(scene), Position.of(at), turnDeg);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private PlacePart aimed(Surroundings scene, Pointer to) {
        var form = form(scene);
        if (to.keys().control()) {
            return standing(to.at(), to.at(), turnDeg, false);
        }
        if (form instanceof Block block && block.kind() == Structure.Kind.FIREPLACE) {
            var wall = AgainstWall.nearest(
                    scene.geometry(), to.at(), form.width().mm(), form.depth().mm(), HEARTH_REACHES * scene.reachMm());
            if (wall.isPresent()) {
                return standing(to.at(), wall.get().at(), wall.get().turnDeg(), true);
            }
        }
        var free = new Structure(new StructureId(0), form, Position.of(to.at()), turnDeg);
        var shift = TouchingWalls.shift(scene.geometry(), free, scene.reachMm());
        return standing(to.at(), shift.map(to.at()::plus).orElse(to.at()), turnDeg, shift.isPresent());
    }

    private PlacePart standing(Point pointing, Point where, double deg, boolean touches) {
        return new PlacePart(usual, made, hand, Optional.of(pointing), where, deg, touches);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return aimed(scene, pointer).placed(scene);
    }

    private Reply placed(Surroundings scene) {
        var form = form(scene);
        var added = StructureEdits.add(scene.plan(), scene.storey(), form, Position.of(at), turnDeg);
        return Reply.commit(
                        this, added.plan(), "Put in " + PartKinds.label(form).toLowerCase(Locale.ROOT))
                .picking(Set.of(added.id()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (typed.isEmpty()) {
            return pointer.isPresent() ? placed(scene) : Reply.to(this);
        }
        var now = form(scene);
        var sizes = sizes(now);
        var asks = asks(now);
        for (var i = 0; i < sizes.size(); i++) {
            sizes.set(i, typed.of(asks.get(i)).orElse(sizes.get(i)));
        }
        return Reply.to(withMade(Optional.of(resized(now, sizes))));
    }

    private static List<Ask<Length>> asks(Form form) {
        return switch (form) {
            case Stair _ -> List.of(FLIGHT, GOING);
            case Block _ -> List.of(WIDTH, DEPTH, HEIGHT);
            case ParkingBay _ -> List.of(WIDTH, DEPTH);
        };
    }

    private static List<Length> sizes(Form form) {
        return new ArrayList<>(
                switch (form) {
                    case Stair stair -> List.of(stair.flight(), stair.going());
                    case Block block -> List.of(block.width(), block.depth(), block.height());
                    case ParkingBay bay -> List.of(bay.width(), bay.depth());
                });
    }

    private static Form resized(Form form, List<Length> sizes) {
        return switch (form) {
            case Stair stair -> stair.wide(sizes.get(0), stair.well()).stepped(stair.risers(), sizes.get(1));
            case Block block -> new Block(block.kind(), sizes.get(0), sizes.get(1), sizes.get(2));
            case ParkingBay bay -> new ParkingBay(bay.car(), sizes.get(0), sizes.get(1));
        };
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(
                switch (key) {
                    case TURN -> with(copy -> copy.turnDeg((turnDeg + 90) % 360).touching(false));
                    case FLIP -> withHand(hand.other());
                    case CLOSE, NEXT, AWAY -> this;
                });
    }

    @Override
    public Gesture dropped() {
        return of(usual);
    }

    @Override
    public Readout readout(Surroundings scene) {
        var form = form(scene);
        var asks = asks(form);
        var sizes = sizes(form);
        var fields = new ArrayList<Readout.Field>();
        for (var i = 0; i < asks.size(); i++) {
            fields.add(new Readout.Field(asks.get(i), shown(scene, sizes.get(i))));
        }
        return new Readout(fields, touching ? "face" : "", hint(scene, form));
    }

    private String hint(Surroundings scene, Form form) {
        return switch (form) {
            case Stair stair ->
                stair.risers() + " risers of " + shown(scene, Length.ofMm(stair.riserMm())) + ", 2R + T "
                        + shown(scene, Length.ofMm(stair.strideMm()))
                        + ". R turns, F flips it.";
            case ParkingBay bay -> {
                var clear = BayClearance.of(scene.geometry(), part(scene), bay);
                yield "Clear width " + shown(scene, Length.ofMm(clear.clearMm())) + ", wanted "
                        + shown(scene, Length.ofMm(clear.wantedMm())) + ". Click to put it in; R turns it.";
            }
            case Block _ -> "Click to put it in. R turns it, typed sizes remake it, Esc leaves.";
        };
    }

    private static String shown(Surroundings scene, Length length) {
        return LengthText.rounded(length, scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return pointer.isEmpty()
                ? List.of()
                : PartSketches.part(
                        scene.frame(), scene.plan(), scene.geometry().storey(), part(scene), scene.penMm());
    }
}
