package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * A fixed part of the building or its site that is no wall. Placed like a furnishing: its own frame has
 * x to the right and y to the back, and the centre of its footprint stands at {@code at}.
 *
 * @param turnDeg counter-clockwise; at 0 the front faces south
 */
@RecordBuilder
public record Structure(StructureId id, Form form, Position at, double turnDeg)
        implements Element, StructureBuilder.With {
    /** What it is and how large. */
    public sealed interface Form permits Block, Stair, ParkingBay {
        /** Across the front. */
        Length width();

        /** From front to back. */
        Length depth();

        /** How far it rises above its floor. */
        Length height();
    }

    /** The kinds of parts that their three sizes describe. */
    public enum Kind {
        /** A timber or stone post, cut by the plan. */
        POST,
        /** A slab edge with a railing, such as a balcony. */
        BALCONY,
        /** A sloping floor; it climbs by its height to the back. */
        RAMP,
        /** A part of the floor that is missing, so that one sees into the storey below. */
        VOID,
        /** A second floor within the height of a room; its height is where one stands, its front has the railing. */
        GALLERY,
        /** A shaft for a lift, through every storey its height reaches. */
        LIFT_SHAFT,
        /** A beam under the ceiling; its height is that of its underside. */
        BEAM,
        /** A hearth under its chimney breast; the fire opens to the front. */
        FIREPLACE,
        /** A chimney with its flues, through every storey its height reaches. */
        CHIMNEY,
        /** A window in the roof above. */
        ROOFLIGHT,
        /** What of the building above reaches beyond the walls below, or a canopy; its height is that of its underside. */
        OVERHANG,
        /** A part of the ceiling that lies higher than the rest, at its height. */
        TRAY_CEILING,
        /** A ceiling that falls to the front; its height is that of its low side. */
        SLOPING_CEILING,
        /** A part that stands up out of the roof above, a window in its front; its height is that of its eaves. */
        DORMER;

        /** Whether it stands in every storey it reaches. */
        public boolean runsThrough() {
            return this == LIFT_SHAFT || this == CHIMNEY;
        }

        /** Whether it only says of what stands below it how it is covered: nothing keeps off it. */
        public boolean saysWhatIsAbove() {
            return this == OVERHANG || this == TRAY_CEILING || this == SLOPING_CEILING || this == DORMER;
        }
    }

    /** A part that three sizes describe. */
    public record Block(Kind kind, Length width, Length depth, Length height) implements Form {
        /** Refuses sizes of zero or less. */
        public Block {
            Checks.positive("structure width", width);
            Checks.positive("structure depth", depth);
            Checks.positive("structure height", height);
        }

        /** The same so much higher, above the floor if it hangs. */
        public Block higherBy(Length by) {
            return new Block(kind, width, depth, height.plus(by));
        }

        /** Of a ramp: it climbs 1 in so much. */
        public double climbsOneIn() {
            return depth.mm() / height.mm();
        }
    }

    /** A place for a car, its front to the back of the bay. */
    @RecordBuilder
    public record ParkingBay(Car car, Length width, Length depth) implements Form, StructureParkingBayBuilder.With {
        /** Refuses sizes of zero or less. */
        public ParkingBay {
            Checks.positive("bay width", width);
            Checks.positive("bay depth", depth);
        }

        @Override
        public Length height() {
            return car.height();
        }
    }

    /** Cars of three sizes, without their mirrors. */
    public enum Car {
        /** A town car. */
        SMALL(1650, 3700, 1500),
        /** A family car. */
        MIDDLE(1800, 4500, 1480),
        /** An estate or a van. */
        LARGE(1950, 5000, 1750);

        private final Length width;
        private final Length length;
        private final Length height;

        Car(double widthMm, double lengthMm, double heightMm) {
            this.width = Length.ofMm(widthMm);
            this.length = Length.ofMm(lengthMm);
            this.height = Length.ofMm(heightMm);
        }

        /** Across the body. */
        public Length width() {
            return width;
        }

        /** From bumper to bumper. */
        public Length length() {
            return length;
        }

        /** Up to the roof. */
        public Length height() {
            return height;
        }
    }

    /** Refuses a turn that is no number. */
    public Structure {
        Checks.finite("structure turn", turnDeg);
    }

    /** Across the front. */
    public Length width() {
        return form.width();
    }

    /** From front to back. */
    public Length depth() {
        return form.depth();
    }

    /** How far it rises above its floor. */
    public Length height() {
        return form.height();
    }

    /** Whether it is a part of this kind. */
    public boolean is(Kind kind) {
        return form instanceof Block block && block.kind() == kind;
    }

    /** From the part's own frame, in mm about its centre, to plan mm. */
    public Affine placing() {
        return Affine.turn(turnDeg).then(Affine.move(at.x().mm(), at.y().mm()));
    }

    /** The box around it in its own frame, in mm about its centre. */
    public Box box() {
        var w = width().mm() / 2;
        var d = depth().mm() / 2;
        return new Box(-w, -d, w, d);
    }

    /** The footprint in plan mm, counter-clockwise. */
    public Ring footprint() {
        return box().ring().through(placing());
    }

    /** The part turned to another angle, kept from 0 up to 360. */
    public Structure turnedTo(double deg) {
        return withTurnDeg(((deg % 360) + 360) % 360);
    }

    /** The part as a mirror shows it, facing so: a stair turns to the other hand, others are alike on both sides. */
    public Structure mirroredTo(double deg) {
        var faced = turnedTo(deg);
        return form instanceof Stair stair ? faced.withForm(stair.mirrored()) : faced;
    }

    @Override
    public Structure moved(Motion motion) {
        var there = withAt(motion.of(at));
        return motion.mirrors() ? there.mirroredTo(motion.turned(turnDeg)) : there.turnedTo(motion.turned(turnDeg));
    }

    @Override
    public Structure under(ElementId.Key key) {
        return withId(new StructureId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(at);
    }
}
