package honeylamp.store;

import honeylamp.plan.Activity;
import honeylamp.plan.Boundary;
import honeylamp.plan.Covering;
import honeylamp.plan.Dimension;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Elements;
import honeylamp.plan.Fitting;
import honeylamp.plan.FreeMark;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Note;
import honeylamp.plan.Opening;
import honeylamp.plan.Region;
import honeylamp.plan.Roof;
import honeylamp.plan.RoomMark;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.Storey;
import honeylamp.plan.Structure;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.annotation.JsonSerialize;
import tools.jackson.databind.util.StdConverter;

/** A storey as it stands in a file: one list for each kind of element, named by it. */
record StoreyForm(
        StoreyId id,
        String name,
        Storey.Levels levels,
        Optional<Roof> roof,
        List<Wall> walls,
        List<Opening> openings,
        List<RoomMark> rooms,
        List<Structure> structures,
        List<Furnishing> furnishings,
        List<Underlay> underlays,
        List<Dimension> dimensions,
        List<Note> notes,
        List<FreeMark> freeMarks,
        List<RoundDimension> roundDimensions,
        List<SettingOutLine> settingOut,
        List<Boundary> boundaries,
        List<Ground> grounds,
        List<Region> regions,
        List<Covering> coverings,
        List<Fitting> fittings,
        List<Activity> activities) {
    static StoreyForm of(Storey s) {
        return new StoreyForm(
                s.id(),
                s.name(),
                s.levels(),
                s.roof(),
                s.walls(),
                s.openings(),
                s.rooms(),
                s.structures(),
                s.furnishings(),
                s.underlays(),
                s.dimensions(),
                s.notes(),
                s.freeMarks(),
                s.roundDimensions(),
                s.settingOut(),
                s.boundaries(),
                s.grounds(),
                s.regions(),
                s.coverings(),
                s.fittings(),
                s.activities());
    }

    Storey storey() {
        return new Storey(
                id,
                name,
                levels,
                Elements.NONE
                        .with(Wall.class, walls)
                        .with(Opening.class, openings)
                        .with(RoomMark.class, rooms)
                        .with(Structure.class, structures)
                        .with(Furnishing.class, furnishings)
                        .with(Underlay.class, underlays)
                        .with(Dimension.class, dimensions)
                        .with(Note.class, notes)
                        .with(FreeMark.class, freeMarks)
                        .with(RoundDimension.class, roundDimensions)
                        .with(SettingOutLine.class, settingOut)
                        .with(Boundary.class, boundaries)
                        .with(Ground.class, grounds)
                        .with(Region.class, regions)
                        .with(Covering.class, coverings)
                        .with(Fitting.class, fittings)
                        .with(Activity.class, activities),
                roof);
    }

    /** Has storeys written and read in this form. */
    @JsonSerialize(converter = Writing.class)
    @JsonDeserialize(converter = Reading.class)
    interface Names {}

    static final class Writing extends StdConverter<Storey, StoreyForm> {
        @Override
        public StoreyForm convert(Storey storey) {
            return of(storey);
        }
    }

    static final class Reading extends StdConverter<StoreyForm, Storey> {
        @Override
        public Storey convert(StoreyForm form) {
            return form.storey();
        }
    }
}
