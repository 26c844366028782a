package honeylamp.desktop.gesture;

import honeylamp.catalogue.Looks.ToneReach;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.FurnishingKind.Made;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.snags.Snags;
import honeylamp.edit.DrawnFace;
import honeylamp.edit.Reach;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.edit.WallEdits.End;
import honeylamp.output.Export;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.Schemes;
import honeylamp.plan.TextRole;
import honeylamp.plan.Wall;
import honeylamp.store.Leaving;
import honeylamp.store.PictureImport;
import honeylamp.units.BoardModule;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * What is chosen in the tray and stays chosen until changed there.
 *
 * @param wall how walls are drawn and corrected
 * @param opening the opening put in next
 * @param seen what is shown and caught beside the plan itself
 * @param furnishing the key of the piece placed next
 * @param made the size it is placed in; empty for the usual one
 * @param material the key of the floor laid next
 * @param part the fixed part, car, ground and unit put in next
 * @param pictures how pictures to trace are brought in and changed
 * @param gapReach wall ends nearer than this to a wall or to each other are taken for gaps
 * @param picture how pages become pictures
 * @param presenting what is changed of looks, views and pages
 * @param finishing what the card tells of finishes
 * @param round how the window is laid round the drawing
 * @param run the run of units laid next
 * @param mark the free mark drawn next
 * @param own how own pieces are drawn and placed next
 * @param lighting what else is chosen for lights
 * @param fitting the light, switch or outlet put in next
 * @param leaving what was found when all pages were looked over; empty as long as they were not
 * @param brand the name of the brand that packs carry
 * @param unsent pages that are left out of the page for the client
 */
@RecordBuilder
public record Choices(
        NewWall wall,
        NewOpening opening,
        Seen seen,
        String furnishing,
        Optional<Made> made,
        String material,
        NewPart part,
        Pictures pictures,
        Length gapReach,
        Export.Picture picture,
        Presenting presenting,
        Finishing finishing,
        Round round,
        NewRun run,
        NewMark mark,
        NewOwn own,
        NewFitting fitting,
        NewLighting lighting,
        Optional<String> brand,
        Optional<List<Leaving.Found>> leaving,
        Set<ElementId.PageId> unsent)
        implements ChoicesBuilder.With {
    /** Freezes the set. */
    public Choices {
        unsent = Set.copyOf(unsent);
    }

    /** With a page left out of the page for the client, or in it again. */
    public Choices sending(ElementId.PageId page) {
        var other = new HashSet<>(unsent);
        if (!other.remove(page)) {
            other.add(page);
        }
        return withUnsent(other);
    }

    /** Whether walls run square by themselves. */
    public enum Angle {
        /** Level or plumb. */
        SQUARE,
        /** Any direction. */
        FREE
    }

    /** Whether the lines of pictures to trace are caught. */
    public enum Lines {
        CAUGHT,
        IGNORED
    }

    /** How large a raised picture is shown in a corner of the plan. */
    public enum Glance {
        SMALL,
        LARGE,
        HIDDEN;

        /** Shown if it is hidden, hidden if it is shown. */
        public Glance other() {
            return this == HIDDEN ? SMALL : HIDDEN;
        }

        /** The other size. */
        public Glance otherSize() {
            return this == LARGE ? SMALL : LARGE;
        }
    }

    /** Whether the working of areas is shown. */
    public enum Working {
        /** Rooms are taken apart, all bases listed. */
        SHOWN,
        HIDDEN
    }

    /**
     * How walls are drawn and corrected.
     *
     * @param lengthEnd the end of a wall that moves when its length is typed
     * @param works what becomes of walls drawn next in the building works
     */
    @RecordBuilder
    public record NewWall(WallTypeId type, DrawnFace face, Angle angle, End lengthEnd, Wall.Works works)
            implements ChoicesNewWallBuilder.With {}

    /**
     * How pictures to trace are brought in and changed.
     *
     * @param notes what becomes of a camera's notes
     */
    public record Pictures(TracedWork tracedWork, PictureImport.Notes notes) {}

    /**
     * What is shown, caught and taken up on the screen; nothing of it prints.
     *
     * @param ghost another storey seen through this one
     * @param grid the step of the scale grid, if it is shown
     * @param module what sheet goods come in, if lengths are told in it
     * @param nextStep where the next step of what is under way is said
     */
    @RecordBuilder
    public record Seen(
            Lines lines,
            Glance glance,
            Working working,
            Optional<Ghost> ghost,
            Traced traced,
            Walls walls,
            Optional<Length> grid,
            Optional<BoardModule> module,
            NextStep nextStep)
            implements ChoicesSeenBuilder.With {}

    /** Where the next step of what is under way is said. */
    public enum NextStep {
        /** At the pointer, and in the measure line. */
        BESIDE_POINTER,
        /** In the measure line only. */
        IN_MEASURE_LINE;

        public NextStep other() {
            return this == BESIDE_POINTER ? IN_MEASURE_LINE : BESIDE_POINTER;
        }
    }

    /** Where pictures to trace are seen. */
    public enum Traced {
        /** In the stages that trace. */
        BY_STAGE,
        ALWAYS;

        public Traced other() {
            return this == BY_STAGE ? ALWAYS : BY_STAGE;
        }
    }

    /** Whether walls are seen through where a picture is traced. */
    public enum Walls {
        SOLID,
        SEEN_THROUGH;

        public Walls other() {
            return this == SOLID ? SEEN_THROUGH : SOLID;
        }
    }

    /**
     * Another storey seen through this one.
     *
     * @param strength from 0 (not seen) to 1
     * @param across moved so far, to lay two storeys beside each other
     */
    public record Ghost(StoreyId storey, double strength, Length across, Length up) {
        private static final double FAINT = 0.35;

        /** A storey in its true place, faint. */
        public static Ghost of(StoreyId storey) {
            return new Ghost(storey, FAINT, Length.ZERO, Length.ZERO);
        }
    }

    /**
     * What is changed of looks, views and pages.
     *
     * @param reach whether of the one worked on or of all
     * @param role whose colour is changed
     * @param line whose pen is changed
     * @param text whose type is changed
     * @param material the key of the finish whose tone is changed
     * @param tones which finishes a change of tone goes for
     * @param before the look there was before the one chosen last, to flip to
     * @param comparing what is seen beside the plan as it is, if anything
     * @param against the arrangement with which the one laid open is compared
     */
    @RecordBuilder
    public record Presenting(
            Reach reach,
            Role role,
            LineRole line,
            TextRole text,
            String material,
            ToneReach tones,
            Optional<Look> before,
            Optional<Comparing> comparing,
            SchemeId against)
            implements ChoicesPresentingBuilder.With {}

    /**
     * What the card tells of finishes.
     *
     * @param startsOf the surface for which places to begin are proposed, by the lead of its fields; empty for none
     * @param piecesOf the one whose pieces are set out; empty for none
     * @param leastPercent a cut piece with a smaller side than this share of a whole one's is too small
     */
    @RecordBuilder
    public record Finishing(String startsOf, String piecesOf, int leastPercent)
            implements ChoicesFinishingBuilder.With {}

    /** Whether the tray lies open beside the drawing. */
    public enum Shelf {
        OPEN,
        FOLDED;

        public Shelf other() {
            return this == OPEN ? FOLDED : OPEN;
        }
    }

    /** Whether there is more in the window than the drawing and its measure line. */
    public enum Rest {
        SHOWN,
        HIDDEN;

        public Rest other() {
            return this == SHOWN ? HIDDEN : SHOWN;
        }
    }

    /** What the card tells while nothing is picked. */
    public enum Aside {
        NOTHING,
        /** Areas, storeys and their heights. */
        STOREY,
        /** The type of the walls drawn next. */
        WALL_TYPE
    }

    /** The list that lies open below the drawing. */
    public enum Docked {
        NOTHING,
        SNAGS,
        /** Everything that stands on the storey. */
        CONTENTS
    }

    /**
     * How the window is laid round the drawing.
     *
     * @param folded sections of cards that are folded, by their headings
     */
    @RecordBuilder
    public record Round(Shelf shelf, Rest rest, Aside aside, Docked docked, Set<String> folded)
            implements ChoicesRoundBuilder.With {
        /** Freezes the set. */
        public Round {
            folded = Set.copyOf(folded);
        }

        /** What is not needed for every plan. */
        private static final Set<String> FOLDED = Set.of("Packs", "Brand of packs");

        private static final String SUMS = "Sums of tiers";

        /** Whether tiers of dimensions are shown as sums. */
        public boolean sumsAreShown() {
            return folded.contains(SUMS);
        }

        /** With the sums of tiers shown, or no longer. */
        public Round summing() {
            return folding(SUMS);
        }

        /** A section of cards folded, or open again. */
        public Round folding(String section) {
            var other = new HashSet<>(folded);
            if (!other.remove(section)) {
                other.add(section);
            }
            return withFolded(other);
        }
    }

    /** The choices of a fresh start. */
    public static Choices of(WallTypeId wallType, UnitSystem units) {
        return new Choices(
                new NewWall(wallType, DrawnFace.INNER, Angle.SQUARE, End.TO, Wall.Works.EXISTING),
                NewOpening.of(OpeningKind.DOOR, units),
                new Seen(
                        Lines.CAUGHT,
                        Glance.HIDDEN,
                        Working.HIDDEN,
                        Optional.empty(),
                        Traced.BY_STAGE,
                        Walls.SOLID,
                        Optional.empty(),
                        Optional.empty(),
                        NextStep.BESIDE_POINTER),
                "sofa",
                Optional.empty(),
                "wide-plank-oak",
                NewPart.FIRST,
                new Pictures(TracedWork.GOES_ALONG, PictureImport.Notes.LEFT_OUT),
                Snags.USUAL_GAP_REACH,
                Export.Picture.USUAL,
                new Presenting(
                        Reach.ALL,
                        Role.INK,
                        LineRole.CUT_WALL,
                        TextRole.ROOM_NAME,
                        "",
                        ToneReach.ONE,
                        Optional.empty(),
                        Optional.empty(),
                        Schemes.AS_DRAWN),
                new Finishing("", "", 50),
                new Round(Shelf.OPEN, Rest.SHOWN, Aside.NOTHING, Docked.NOTHING, Round.FOLDED),
                NewRun.FIRST,
                NewMark.FIRST,
                NewOwn.first(units),
                NewFitting.FIRST,
                NewLighting.FIRST,
                Optional.empty(),
                Optional.empty(),
                Set.of());
    }

    /** The type of walls drawn next. */
    public WallTypeId wallType() {
        return wall.type;
    }

    /** Which line of a wall is drawn. */
    public DrawnFace face() {
        return wall.face;
    }

    /** Square or free. */
    public Angle angle() {
        return wall.angle;
    }

    /** What becomes of walls drawn next in the building works. */
    public Wall.Works works() {
        return wall.works;
    }

    /** The end of a wall that moves when its length is typed. */
    public End lengthEnd() {
        return wall.lengthEnd;
    }

    /** Whether lines of pictures are caught. */
    public Lines lines() {
        return seen.lines;
    }

    /** Whether the raised glance is shown. */
    public Glance glance() {
        return seen.glance;
    }

    /** Whether the working of areas is shown. */
    public Working working() {
        return seen.working;
    }

    /** Whether traced work goes along with its picture. */
    public TracedWork tracedWork() {
        return pictures.tracedWork;
    }

    /** The storey seen through this one. */
    public Optional<Ghost> ghost() {
        return seen.ghost;
    }

    /** The choices as a plan allows them: a wall type that went with an undone action is no choice any more. */
    public Choices within(Plan plan) {
        return plan.wallTypes().stream().anyMatch(t -> t.id().equals(wall.type))
                ? this
                : withWallType(plan.wallTypes().getFirst().id());
    }

    public Choices withWallType(WallTypeId other) {
        return withWall(wall.withType(other));
    }

    public Choices withFace(DrawnFace other) {
        return withWall(wall.withFace(other));
    }

    /** Square or free. */
    public Choices withAngle(Angle other) {
        return withWall(wall.withAngle(other));
    }

    /** With walls drawn next existing, to be removed or new. */
    public Choices withWorks(Wall.Works other) {
        return withWall(wall.withWorks(other));
    }

    /** With another end of a wall that moves when its length is typed. */
    public Choices withLengthEnd(End other) {
        return withWall(wall.withLengthEnd(other));
    }

    /** With lines of pictures caught or not. */
    public Choices withLines(Lines other) {
        return withSeen(seen.withLines(other));
    }

    /** With the raised glance shown or hidden. */
    public Choices withGlance(Glance other) {
        return withSeen(seen.withGlance(other));
    }

    /** With the working of areas shown or hidden. */
    public Choices withWorking(Working other) {
        return withSeen(seen.withWorking(other));
    }

    /** With another storey seen through, or none. */
    public Choices withGhost(Optional<Ghost> other) {
        return withSeen(seen.withGhost(other));
    }

    /** With traced work going along with its picture or staying. */
    public Choices withTracedWork(TracedWork other) {
        return withPictures(new Pictures(other, pictures.notes));
    }

    /** With a camera's notes kept or left out. */
    public Choices withNotes(PictureImport.Notes other) {
        return withPictures(new Pictures(pictures.tracedWork, other));
    }

    /** With the tray open or folded. */
    public Choices withShelf(Shelf other) {
        return withRound(round.withShelf(other));
    }

    /** With the rest of the window shown or hidden. */
    public Choices withRest(Rest other) {
        return withRound(round.withRest(other));
    }

    /** With something for the card to tell while nothing is picked. */
    public Choices withAside(Aside other) {
        return withRound(round.withAside(other));
    }

    /** With a list open below the drawing, or none. */
    public Choices withDocked(Docked other) {
        return withRound(round.withDocked(other));
    }

    /** With something for the card to tell while nothing is picked; what it tells already is put away. */
    public Choices telling(Aside asked) {
        return withAside(asked == round.aside ? Aside.NOTHING : asked);
    }

    /** Changing this view and page, or all. */
    public Choices withReach(Reach other) {
        return withPresenting(presenting.withReach(other));
    }

    /** Changing the colour of a role. */
    public Choices withRole(Role other) {
        return withPresenting(presenting.withRole(other));
    }

    /** Changing the pen of a role. */
    public Choices withLine(LineRole other) {
        return withPresenting(presenting.withLine(other));
    }

    /** Changing the tone of a finish. */
    public Choices withToned(String material) {
        return withPresenting(presenting.withMaterial(material));
    }

    /** The same with another piece placed next, in its usual size. */
    public Choices placing(String kind) {
        return with(copy -> copy.furnishing(kind).made(Optional.empty()).own(own.withPlacing(Optional.empty())));
    }

    /** The same with another kind placed next, in its usual size: one that ships, or an own one. */
    public Choices placing(FurnishingKind kind) {
        return placing(kind.key()).withOwn(own.withPlacing(kind.own()));
    }

    /** The kind that is placed next. */
    public FurnishingKind placed() {
        return own.placing()
                .map(Furnishings::of)
                .or(() -> Furnishings.of(furnishing))
                .orElseThrow();
    }

    /** Telling something else of finishes. */
    public Choices withFinishing(UnaryOperator<Finishing> change) {
        return withFinishing(change.apply(finishing));
    }

    /** Changing the type of a role. */
    public Choices withText(TextRole other) {
        return withPresenting(presenting.withText(other));
    }
}
