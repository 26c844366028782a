package honeylamp.plan;

import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * One storey: its levels, and all that stands on it.
 *
 * @param elements by kind in the order in which they were made
 * @param roof over what no other storey stands on; empty if nobody said
 */
@RecordBuilder
public record Storey(StoreyId id, String name, Levels levels, Elements elements, Optional<Roof> roof)
        implements StoreyBuilder.With {
    /**
     * The heights of a storey.
     *
     * @param level its floor above the plan's zero
     * @param height clear, from floor to ceiling
     * @param cut where the plan is cut, above the floor
     */
    @RecordBuilder
    public record Levels(Length level, Length height, Length cut) implements StoreyLevelsBuilder.With {
        /** Where plans are usually cut. */
        public static final Length USUAL_CUT = Length.ofMm(1200);

        /** Refuses a storey without height, and a cut at or below the floor. */
        public Levels {
            Checks.positive("storey height", height);
            Checks.positive("cut height", cut);
        }
    }

    /** A storey with nothing on it. */
    public static Storey empty(StoreyId id, String name, Length level, Length height) {
        return new Storey(id, name, new Levels(level, height, Levels.USUAL_CUT), Elements.NONE, Optional.empty());
    }

    /** Its floor above the plan's zero. */
    public Length level() {
        return levels.level();
    }

    /** Its clear height. */
    public Length height() {
        return levels.height();
    }

    /** The storey with other elements; the same storey if they are the same. */
    public Storey with(Elements other) {
        return other == elements ? this : withElements(other);
    }

    /** The storey with other elements of one kind. */
    public <T extends Element> Storey with(Class<T> kind, List<T> other) {
        return with(elements.with(kind, other));
    }

    /** The storey with the element of this id changed; the same storey if it is not here or does not change. */
    public <T extends Element> Storey change(Class<T> kind, ElementId wanted, UnaryOperator<T> change) {
        return with(elements.change(kind, wanted, change));
    }

    public List<Wall> walls() {
        return elements.of(Wall.class);
    }

    /** The walls that are there when the works are done. */
    public List<Wall> standing() {
        var walls = walls();
        return walls.stream().allMatch(Wall::stands)
                ? walls
                : walls.stream().filter(Wall::stands).toList();
    }

    /** Whether there are walls or openings that go or are new. */
    public boolean hasWorks() {
        return walls().stream().anyMatch(w -> w.works() != Wall.Works.EXISTING)
                || openings().stream().anyMatch(o -> o.works() != Wall.Works.EXISTING);
    }

    /** The openings that are there when the works are done: neither closed up nor in a wall that goes. */
    public List<Opening> standingOpenings() {
        return standing() == walls() && openings().stream().allMatch(Opening::stands)
                ? openings()
                : inStandingWalls(Opening::stands);
    }

    /** The openings that are closed up in walls that stay. */
    public List<Opening> closedUp() {
        return inStandingWalls(o -> !o.stands());
    }

    private List<Opening> inStandingWalls(Predicate<Opening> wanted) {
        var gone = walls().stream().filter(w -> !w.stands()).map(Wall::id).collect(Collectors.toSet());
        return openings().stream()
                .filter(o -> !gone.contains(o.host()) && wanted.test(o))
                .toList();
    }

    /** The doors, windows and plain openings. */
    public List<Opening> openings() {
        return elements.of(Opening.class);
    }

    /** What was said of rooms. */
    public List<RoomMark> rooms() {
        return elements.of(RoomMark.class);
    }

    /** The fixed parts that are no walls. */
    public List<Structure> structures() {
        return elements.of(Structure.class);
    }

    public List<Furnishing> furnishings() {
        return elements.of(Furnishing.class);
    }

    /** The pictures to trace. */
    public List<Underlay> underlays() {
        return elements.of(Underlay.class);
    }

    /** The single dimensions. */
    public List<Dimension> dimensions() {
        return elements.of(Dimension.class);
    }

    /** The dimensions of angles and of curved lines. */
    public List<RoundDimension> roundDimensions() {
        return elements.of(RoundDimension.class);
    }

    public List<Note> notes() {
        return elements.of(Note.class);
    }

    /** What is drawn about the plan. */
    public List<FreeMark> freeMarks() {
        return elements.of(FreeMark.class);
    }

    public List<SettingOutLine> settingOut() {
        return elements.of(SettingOutLine.class);
    }

    /** The room edges without walls. */
    public List<Boundary> boundaries() {
        return elements.of(Boundary.class);
    }

    /** The surfaces of the site. */
    public List<Ground> grounds() {
        return elements.of(Ground.class);
    }

    /** The finishes of surfaces; those of floors are said of rooms. */
    public List<Covering> coverings() {
        return elements.of(Covering.class);
    }

    /** The parts of surfaces that are covered by themselves. */
    public List<Region> regions() {
        return elements.of(Region.class);
    }

    /** The lights, switches and outlets. */
    public List<Fitting> fittings() {
        return elements.of(Fitting.class);
    }

    /** What is done where. */
    public List<Activity> activities() {
        return elements.of(Activity.class);
    }

    /** The wall of this id, if it stands here. */
    public Optional<Wall> wall(WallId wanted) {
        return elements.find(Wall.class, wanted);
    }

    /** The opening of this id, if it is here. */
    public Optional<Opening> opening(OpeningId wanted) {
        return elements.find(Opening.class, wanted);
    }

    /** The openings of a wall. */
    public List<Opening> openingsIn(WallId host) {
        return openings().stream().filter(o -> o.host().equals(host)).toList();
    }
}
