package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.LookId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Swing;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is seen of a plan, and how.
 *
 * @param name empty if it is called like what it shows
 * @param look one of the plan's looks
 * @param scale the denominator, e.g. 50 for 1:50; empty means the largest standard scale that fits
 * @param crop the part of the plan that is seen, as it lies when turned; empty means all
 * @param turnDeg how far the plan is turned on the page, counter-clockwise, from 0 up to 360 degrees
 * @param works which walls are seen, and whether they tell what becomes of them
 * @param moved names of rooms that were put elsewhere by hand
 * @param movedTiers tiers of dimensions that were put nearer or farther by hand
 * @param movedSlanted the same along faces that look to none of the four sides
 * @param tiers which dimensions it has around the plan
 * @param annotation what else it says in words and figures
 * @param depth how far one seems to look down into it, from 0 for a plan without depth to 1
 * @param livedIn how much of daily life lies about in its rooms, from 0 for bare to 1
 * @param fit how large it is where no scale is asked for
 * @param nudge how far it was put from the middle of its part of the page by hand
 * @param arranged which scheme it shows
 * @param lit by what its surfaces are lit, if it is raised
 */
@RecordBuilder
public record View(
        ViewId id,
        String name,
        Subject subject,
        LookId look,
        Light light,
        Optional<Integer> scale,
        Optional<Crop> crop,
        double turnDeg,
        Showing showing,
        Works works,
        List<MovedName> moved,
        List<MovedTier> movedTiers,
        List<MovedSlanted> movedSlanted,
        Tiers tiers,
        Annotation annotation,
        double depth,
        double livedIn,
        Fit fit,
        Nudge nudge,
        Arranged arranged,
        Lit lit)
        implements ViewBuilder.With {
    /** What a view shows. */
    public sealed interface Subject permits Subject.StoreyPlan, Subject.Front, Raised {
        /** A storey from above, cut at its cut height. */
        record StoreyPlan(StoreyId storey) implements Subject {}

        /** Walls as one sees them who stands before them. */
        sealed interface Front extends Subject {
            StoreyId storey();

            /** So far before a wall what stands there is seen. */
            Length depth();

            /** The same with what stands nearer or farther. */
            Front deep(Length other);
        }

        /** So deep one usually looks: as far as worktops and beds reach. */
        Length USUAL_DEPTH = Length.ofMm(1000);

        /**
         * A side of a wall as it is seen from a room, with all sides in line with it.
         *
         * @param side of the wall, seen along it from its first end
         */
        record Elevation(StoreyId storey, RoomId room, WallId wall, Swing side, Length depth) implements Front {
            /** Refuses a depth less than nothing. */
            public Elevation {
                Checks.notNegative("depth of an elevation", depth);
            }

            /** Seen as deep as usual. */
            public Elevation(StoreyId storey, RoomId room, WallId wall, Swing side) {
                this(storey, room, wall, side, USUAL_DEPTH);
            }

            @Override
            public Elevation deep(Length other) {
                return new Elevation(storey, room, wall, side, other);
            }
        }

        /** All walls of a room, one beside the other as one sees them turning to the right. */
        record Unrolled(StoreyId storey, RoomId room, Length depth) implements Front {
            /** Refuses a depth less than nothing. */
            public Unrolled {
                Checks.notNegative("depth of an elevation", depth);
            }

            @Override
            public Unrolled deep(Length other) {
                return new Unrolled(storey, room, other);
            }
        }

        /**
         * A side of a wall that looks outside, with all sides in line with it.
         *
         * @param side of the wall, seen along it from its first end
         */
        record OuterFace(StoreyId storey, WallId wall, Swing side, Length depth) implements Front {
            /** Refuses a depth less than nothing. */
            public OuterFace {
                Checks.notNegative("depth of an elevation", depth);
            }

            @Override
            public OuterFace deep(Length other) {
                return new OuterFace(storey, wall, side, other);
            }
        }
    }

    /** Which walls are seen when some are to be removed and others built. */
    public enum Works {
        /** All, each as what becomes of it: what goes is dashed, what is new stands out from what is there. */
        MARKED("Changes marked"),
        /** What is there now. */
        BEFORE("Before the works"),
        /** What will be there. */
        AFTER("After the works");

        private final String label;

        Works(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** A storey as it is seen so: only the walls and openings that are there, none of them marked. */
        public Storey seen(Storey storey) {
            if (this == MARKED) {
                return storey;
            }
            var gone = this == BEFORE ? Wall.Works.NEW : Wall.Works.REMOVED;
            return walls(pieces(storey, gone), gone);
        }

        /** The pieces that are there, none of them marked. */
        private static Storey pieces(Storey storey, Wall.Works gone) {
            if (storey.furnishings().stream().allMatch(f -> f.works() == Wall.Works.EXISTING)) {
                return storey;
            }
            return storey.with(
                    Furnishing.class,
                    storey.furnishings().stream()
                            .filter(f -> f.works() != gone)
                            .map(f -> f.withWorks(Wall.Works.EXISTING))
                            .toList());
        }

        private static Storey walls(Storey storey, Wall.Works gone) {
            if (!storey.hasWorks()) {
                return storey;
            }
            var walls = storey.walls().stream()
                    .filter(w -> w.works() != gone)
                    .map(w -> w.withWorks(Wall.Works.EXISTING))
                    .toList();
            var there = walls.stream().map(Wall::id).collect(Collectors.toSet());
            return storey.with(Wall.class, walls)
                    .with(
                            Opening.class,
                            storey.openings().stream()
                                    .filter(o -> there.contains(o.host()) && o.works() != gone)
                                    .map(o -> o.withWorks(Wall.Works.EXISTING))
                                    .toList());
        }
    }

    /** By what surfaces of raised views are lit. */
    public enum Lit {
        /** Each by the way it looks, with shadows in one tone. */
        DRAWN("Drawn shade"),
        /** By light that is followed from surface to surface. */
        TRACED("Soft light");

        private final String label;

        Lit(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }
    }

    /** How large a view is where no scale is asked for. */
    public enum Fit {
        /** The largest standard scale at which it fits. */
        STANDARD,
        /** It fills its part of the page, and says that it is not to scale. */
        FILLING
    }

    /**
     * How far a view was put from the middle of its part of the page, in paper mm.
     *
     * @param rightMm less than 0 to the left
     * @param downMm less than 0 up
     */
    public record Nudge(double rightMm, double downMm) {
        /** It lies in the middle. */
        public static final Nudge NONE = new Nudge(0, 0);

        /** Farther than this no view is put, in paper mm. */
        public static final double MOST_MM = 500;

        /** Refuses more than 500 mm. */
        public Nudge {
            Checks.within("right of the middle", rightMm, -MOST_MM, MOST_MM);
            Checks.within("below the middle", downMm, -MOST_MM, MOST_MM);
        }
    }

    /**
     * Which arrangement is seen.
     *
     * @param as the scheme that is seen; empty for the one laid open
     * @param against the one from which it is marked what differs; empty if nothing is marked
     */
    public record Arranged(Optional<SchemeId> as, Optional<SchemeId> against) {
        /** The one laid open, with nothing marked. */
        public static final Arranged OPEN = new Arranged(Optional.empty(), Optional.empty());

        boolean isIn(Schemes schemes) {
            return equals(in(schemes));
        }

        Arranged in(Schemes schemes) {
            return schemes.all().isEmpty() ? OPEN : new Arranged(as.filter(schemes::has), against.filter(schemes::has));
        }
    }

    /** A part of the plan between two corners, in plan mm. */
    public record Crop(Position from, Position to) {
        /** Refuses a part without width or height. */
        public Crop {
            if (from.x().equals(to.x()) || from.y().equals(to.y())) {
                throw new IllegalArgumentException("a part of the plan needs a width and a height");
            }
        }

        /** The box around the part where a motion takes it. */
        Crop moved(Motion motion) {
            var corners = Stream.of(from, to, new Position(from.x(), to.y()), new Position(to.x(), from.y()))
                    .map(motion::of)
                    .toList();
            var across = corners.stream().map(Position::x).sorted().toList();
            var up = corners.stream().map(Position::y).sorted().toList();
            return new Crop(
                    new Position(across.getFirst(), up.getFirst()), new Position(across.getLast(), up.getLast()));
        }
    }

    /** The middle of a room's name, in plan mm. */
    public record MovedName(RoomId of, Position at) {}

    /**
     * A tier of dimensions that lies elsewhere than usual.
     *
     * @param tier its place on its side, 0 for the innermost
     * @param awayMm how much farther from the building it lies than usual, in paper mm; less than 0 if it lies nearer
     */
    public record MovedTier(Side side, int tier, double awayMm) {
        /** Farther than this no tier is put from its place, in paper mm. */
        public static final double MOST_MM = 200;

        /** Refuses tiers that are none, and shifts of more than 200 mm. */
        public MovedTier {
            Checks.within("tier", tier, 0, 9);
            Checks.within("shift of a tier", awayMm, -MOST_MM, MOST_MM);
        }
    }

    /**
     * A tier along a slanted face that lies elsewhere than usual.
     *
     * @param along the wall, or the first of the walls, whose face it is
     * @param tier its place on its face, 0 for the innermost
     * @param awayMm how much farther from the face it lies than usual, in paper mm; less than 0 if it lies nearer
     */
    public record MovedSlanted(WallId along, int tier, double awayMm) {
        /** Refuses tiers that are none, and shifts of more than 200 mm. */
        public MovedSlanted {
            Checks.within("tier", tier, 0, 9);
            Checks.within("shift of a tier", awayMm, -MovedTier.MOST_MM, MovedTier.MOST_MM);
        }
    }

    /** Freezes the lists; refuses scales outside 1:1 to 1:5000. */
    public View {
        Checks.within("turn of a view", turnDeg, 0, 360);
        Checks.within("depth of a view", depth, 0, 1);
        Checks.within("how lived-in a view is", livedIn, 0, 1);
        scale.ifPresent(s -> Checks.within("scale", s, 1, 5000));
        moved = List.copyOf(moved);
        movedTiers = List.copyOf(movedTiers);
        movedSlanted = List.copyOf(movedSlanted);
    }

    /** A view of a whole storey as a new plan has it. */
    public static View of(ViewId id, StoreyId storey, LookId look, Light light) {
        return new View(
                id,
                "",
                new Subject.StoreyPlan(storey),
                look,
                light,
                Optional.empty(),
                Optional.empty(),
                0,
                Showing.USUAL,
                Works.MARKED,
                List.of(),
                List.of(),
                List.of(),
                Tiers.USUAL,
                Annotation.USUAL,
                0,
                0,
                Fit.STANDARD,
                Nudge.NONE,
                Arranged.OPEN,
                Lit.DRAWN);
    }

    /** What is seen once words and figures are left out, if they are. */
    public Showing seen() {
        return annotation.words() == Annotation.Words.WRITTEN ? showing : showing.wordless();
    }

    /** Whether it keeps to no standard scale. */
    public boolean isFilling() {
        return scale.isEmpty() && fit == Fit.FILLING;
    }

    /** Whether it is made for lights: a storey plan that shows them over faint walls. */
    public boolean isForLights() {
        return subject instanceof Subject.StoreyPlan
                && showing.shows(Showing.Kind.FITTINGS)
                && showing.of(Showing.Kind.WALLS) == Showing.Degree.FADED;
    }

    /** The storey it is a view of. */
    public StoreyId storey() {
        return switch (subject) {
            case Subject.StoreyPlan(var storey) -> storey;
            case Subject.Front front -> front.storey();
            case Raised raised -> raised.storey();
        };
    }

    /** Whether it looks down on a storey, so that one can draw in it. */
    public boolean isPlan() {
        return subject instanceof Subject.StoreyPlan;
    }

    /** Whether lengths can be measured in it: not in perspective. */
    public boolean isMeasured() {
        return !(subject instanceof Raised raised) || raised.eye().rays() != Raised.Rays.PERSPECTIVE;
    }

    /** The view of something else; names that were put by hand are left behind. */
    public View of(StoreyId storey) {
        return with(copy -> copy.subject(new Subject.StoreyPlan(storey))
                .crop(Optional.empty())
                .moved(List.of())
                .movedTiers(List.of())
                .movedSlanted(List.of()));
    }

    /**
     * The view with the plan turned otherwise, in degrees counter-clockwise. What was put by hand turns along by quarter
     * turns; at other turns tiers go back to their places, and of a part the box around it is seen.
     */
    public View turned(double deg) {
        var to = (deg % 360 + 360) % 360;
        var by = to - turnDeg;
        var motion = Motion.turn(Point.ORIGIN, by);
        var part = crop.map(c -> c.moved(motion));
        var quarters = by / 90;
        var moved = quarters == Math.rint(quarters)
                ? movedTiers.stream()
                        .map(t -> new MovedTier(t.side().turned((int) quarters), t.tier(), t.awayMm()))
                        .toList()
                : List.<MovedTier>of();
        var rows = quarters == Math.rint(quarters) ? this.tiers.turned((int) quarters) : this.tiers;
        return with(copy -> copy.crop(part).turnDeg(to).movedTiers(moved).tiers(rows));
    }

    /** The view as one draws in it: not turned, all of it, and what becomes of walls marked. */
    public View straight() {
        var marked = works == Works.MARKED ? this : withWorks(Works.MARKED);
        var open = marked.arranged.as().isEmpty() ? marked : marked.withArranged(Arranged.OPEN);
        return turnDeg == 0 ? open : open.turned(0).withCrop(Optional.empty());
    }

    /** How many quarters it is turned, counter-clockwise; empty if it stands between two. */
    public Optional<Integer> quarters() {
        return Optional.of(turnDeg / 90).filter(q -> q == Math.rint(q)).map(Double::intValue);
    }

    /** The view with a tier put so much farther than usual, in paper mm; 0 puts it back. */
    public View moving(Side side, int tier, double awayMm) {
        var other = new ArrayList<>(movedTiers);
        other.removeIf(m -> m.side() == side && m.tier() == tier);
        if (awayMm != 0) {
            other.add(new MovedTier(side, tier, awayMm));
        }
        return withMovedTiers(other);
    }

    /** How much farther than usual a tier lies, in paper mm. */
    public double awayMm(Side side, int tier) {
        return movedTiers.stream()
                .filter(m -> m.side() == side && m.tier() == tier)
                .mapToDouble(MovedTier::awayMm)
                .findFirst()
                .orElse(0);
    }

    /** The view with a tier along a slanted face put so much farther than usual, in paper mm; 0 puts it back. */
    public View moving(WallId along, int tier, double awayMm) {
        var other = new ArrayList<>(movedSlanted);
        other.removeIf(m -> m.along().equals(along) && m.tier() == tier);
        if (awayMm != 0) {
            other.add(new MovedSlanted(along, tier, awayMm));
        }
        return withMovedSlanted(other);
    }

    /** How much farther than usual a tier along a slanted face lies, in paper mm. */
    public double awayMm(WallId along, int tier) {
        return movedSlanted.stream()
                .filter(m -> m.along().equals(along) && m.tier() == tier)
                .mapToDouble(MovedSlanted::awayMm)
                .findFirst()
                .orElse(0);
    }

    /** Whether any tier was put elsewhere by hand. */
    public boolean hasMovedTiers() {
        return !movedTiers.isEmpty() || !movedSlanted.isEmpty();
    }

    /** With all tiers in their usual places. */
    public View withTiersBack() {
        return hasMovedTiers() ? with(copy -> copy.movedTiers(List.of()).movedSlanted(List.of())) : this;
    }

    /** Where a room's name was put by hand. */
    public Optional<Position> movedName(RoomId room) {
        return moved.stream()
                .filter(m -> m.of().equals(room))
                .map(MovedName::at)
                .findFirst();
    }
}
