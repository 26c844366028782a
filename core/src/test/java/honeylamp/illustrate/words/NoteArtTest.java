package honeylamp.illustrate.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Note;
import honeylamp.plan.NoteForm;
import honeylamp.plan.NoteForm.Edge;
import honeylamp.plan.NoteForm.Ground;
import honeylamp.plan.NoteForm.Setting;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.takeoff.PlanFields;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Notes as they are set: what they read, how lines break, where columns and leaders lie. */
class NoteArtTest {
    private static final NoteForm LEFT = NoteForm.USUAL.withSetting(Setting.LEFT);

    private static Plan loft() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        return RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Sail loft");
    }

    private static Plan noted(Plan plan, String text, NoteForm form, Optional<Position> tip) {
        var added = NoteEdits.add(plan, TestPlans.storey(plan), Position.ofMm(2500, 2000), text, tip);
        return NoteEdits.form(added.plan(), TestPlans.storey(plan), added.id(), _ -> form);
    }

    private static NoteArt art(Plan plan) {
        var view = TestPlans.view(plan);
        return new NoteArt(view, PaperFrame.atOrigin(50), Pens.of(view.look(), 50));
    }

    private static Note note(Plan plan) {
        return plan.storeys().getFirst().notes().getLast();
    }

    private static List<Mark> marks(Plan plan) {
        return art(plan).marks(plan.storeys().getFirst().notes());
    }

    private static Stream<Mark.Text> texts(Plan plan) {
        return marks(plan).stream().filter(Mark.Text.class::isInstance).map(Mark.Text.class::cast);
    }

    /** 5 by 4 m clear, so 20 m²; one room, so that is all. */
    @Test
    void wordsInBracesAreReadFromThePlan() {
        var plan = noted(loft(), "{room}: {area} of {total area}, {Scale}; {what}", LEFT, Optional.empty());
        assertThat(art(plan).words(note(plan))).isEqualTo("Sail loft: 20.00 m\u00b2 of 20.00 m\u00b2, 1:50; {what}");
    }

    /** A window 0.9 to 2.1 m above the floor is 1.2 m high, a wardrobe 2 m; a window moved up takes its words with it. */
    @Test
    void aNoteSaysHowHighWhatItPointsAtIs() {
        var furnished = TestPlans.with(loft(), "wardrobe", 1000, 600, 2000, 1000, 1000, 0);
        var windowed = TestPlans.opening(furnished, 0, OpeningKind.FIXED_WINDOW, 2000, 1200, Hand.FIRST, Swing.LEFT);
        var window = TestPlans.newest(windowed);
        var set = heights(windowed, 900, 2100);
        var jambs = TestPlans.geometry(set).cut(window.id()).orElseThrow();
        var at = Optional.of(
                Position.of(new Segment(jambs.leftFace().a(), jambs.rightFace().b()).middle()));
        assertThat(PlanFields.heightWords(TestPlans.geometry(set), at.get().point()))
                .isEqualTo("sill {sill}, head {head}");
        var plan = noted(set, "sill {sill}, head {head}, h {height}", LEFT, at);
        assertThat(art(plan).words(note(plan))).isEqualTo("sill 900 mm, head 2100 mm, h 1200 mm");
        var higher = heights(plan, 1000, 2300);
        assertThat(art(higher).words(note(higher))).isEqualTo("sill 1000 mm, head 2300 mm, h 1300 mm");
        var piece = noted(furnished, "h {height}, sill {sill}", LEFT, Optional.of(Position.ofMm(1000, 1000)));
        assertThat(art(piece).words(note(piece))).isEqualTo("h 2000 mm, sill \u2013");
        assertThat(PlanFields.heightWords(TestPlans.geometry(piece), new Point(1000, 1000)))
                .isEqualTo("h {height}");
        var floor = noted(loft(), "{height}", LEFT, Optional.of(Position.ofMm(4000, 3000)));
        assertThat(art(floor).words(note(floor)))
                .isEqualTo(art(floor).words(note(noted(floor, "{ceiling}", LEFT, at))));
    }

    /** In feet and inches the figures of notes have true primes and built fractions, as all figures of a drawing have. */
    @Test
    void whatNotesReadHasPrimesAndBuiltFractions() {
        var feet = loft().withUnits(UnitSystem.FEET_INCHES);
        var plan = noted(feet, "{thickness}", LEFT, Optional.of(Position.ofMm(5150, 2000)));
        assertThat(art(plan).words(note(plan))).isEqualTo("11\u2009\u00b9\u00b3\u2044\u2081\u2086\u2033");
    }

    private static Plan heights(Plan plan, double sill, double head) {
        return ((Outcome.Done<Plan>) OpeningEdits.setHeights(
                        plan,
                        TestPlans.storey(plan),
                        TestPlans.newest(plan).id(),
                        Length.ofMm(sill),
                        Length.ofMm(head)))
                .made();
    }

    @Test
    void aLeaderSaysWhatItPointsAt() {
        var furnished = TestPlans.with(loft(), "wardrobe", 1000, 600, 2000, 1000, 1000, 0);
        var tip = Optional.of(Position.ofMm(1000, 1000));
        var plan = noted(furnished, "{name}", LEFT, tip);
        assertThat(art(plan).words(note(plan))).isEqualTo("Wardrobe");
        var wall = noted(loft(), "{name}, {thickness}", LEFT, Optional.of(Position.ofMm(5150, 2000)));
        assertThat(art(wall).words(note(wall)))
                .isEqualTo(wall.wallType(TestPlans.OUTER).name() + ", 300 mm");
        var floor = noted(loft(), "{name}", LEFT, Optional.of(Position.ofMm(4000, 3000)));
        assertThat(art(floor).words(note(floor))).isEqualTo(art(floor).words(note(noted(floor, "{floor}", LEFT, tip))));
    }

    @Test
    void headingsAreLargerAndPointsOfAListStandIn() {
        var plan = noted(loft(), "# Works\nStrip the paint.\n- sand\n- oil twice", LEFT, Optional.empty());
        var texts = texts(plan).toList();
        assertThat(texts)
                .extracting(Mark.Text::text)
                .containsExactly("Works", "Strip the paint.", "\u2022", "sand", "\u2022", "oil twice");
        assertThat(texts.getFirst().capHeightMm()).isGreaterThan(texts.get(1).capHeightMm());
        assertThat(texts.get(3).at().x()).isGreaterThan(texts.get(1).at().x());
        assertThat(texts).extracting(t -> t.at().y()).isSorted();
    }

    @Test
    void linesBreakBetweenWordsAtTheirWidthAndFillColumns() {
        var text = "Boards of larch, oiled, laid with open joints over bearers of oak that rest on the old ring beam";
        var narrow = noted(loft(), text, LEFT.withWidthMm(30), Optional.empty());
        assertThat(texts(narrow))
                .hasSizeGreaterThan(3)
                .allSatisfy(t -> assertThat(t.widthMm()).isLessThanOrEqualTo(30));
        assertThat(String.join(" ", texts(narrow).map(Mark.Text::text).toList()))
                .isEqualTo(text);
        var columns = noted(loft(), text, LEFT.withWidthMm(30).withColumns(2), Optional.empty());
        assertThat(texts(columns).map(t -> t.at().x()).distinct()).hasSize(2);
        var box = art(columns).box(note(columns));
        assertThat(box.width()).isCloseTo(65, within(1e-9)); // 30 + 5 + 30
        assertThat(box.centre().x()).isCloseTo(50, within(1e-9)); // 2,500 mm at 1:50
    }

    @Test
    void edgeAndGroundLieAroundTheWordsAndTheLeaderEndsAtItsTip() {
        var form = LEFT.withEdge(Edge.LINE).withGround(Ground.PAPER);
        var plan = noted(loft(), "Oil twice", form, Optional.of(Position.ofMm(500, 2000)));
        var marks = marks(plan);
        assertThat(marks.getFirst()).isInstanceOf(Mark.Stroke.class); // the leader, under all
        assertThat(((Mark.Stroke) marks.getFirst()).path().bounds().minX()).isCloseTo(10, within(1e-9));
        var box = art(plan).box(note(plan));
        assertThat(((Mark.Stroke) marks.getFirst()).path().bounds().maxX()).isCloseTo(box.minX(), within(1e-9));
        texts(plan).forEach(t -> assertThat(box.grown(-1.9).contains(t.start())).isTrue());
    }

    /** On paper the note lies at 50, -40 mm: there the tip of the mark is, and what is written stands above its line. */
    @Test
    void aLevelHasItsTipWhereItWasPutAndReadsTheFloor() {
        var plan = noted(loft(), "{level}", LEFT.withSign(NoteForm.Sign.LEVEL), Optional.empty());
        assertThat(texts(plan)).singleElement().satisfies(t -> {
            assertThat(t.text()).isEqualTo("\u00b10.000");
            assertThat(t.at().y()).isBetween(-44.0, -42.2);
            assertThat(t.start().x()).isCloseTo(50, within(1e-6));
        });
        var head = fills(plan).getFirst().path().bounds();
        assertThat(head.maxY()).isCloseTo(-40, within(1e-9));
        assertThat(head.centre().x()).isCloseTo(50, within(1e-9));
        assertThat(art(plan).box(note(plan)).maxY())
                .as("can be picked by its mark")
                .isCloseTo(-40, within(1e-9));
    }

    /** Words a little aside of straight below the threshold: the head points straight up the page, its tip at it. */
    @Test
    void anEntrancePointsIn() {
        var threshold = Position.ofMm(2600, 2600);
        var plan = noted(loft(), "Entrance", LEFT.withSign(NoteForm.Sign.ENTRANCE), Optional.of(threshold));
        var head = fills(plan).getFirst().path().bounds();
        assertThat(head.minY()).isCloseTo(-52, within(1e-9));
        assertThat(head.centre().x()).isCloseTo(52, within(1e-9));
        assertThat(head.height()).isCloseTo(3.6, within(1e-9));
        var slanting = noted(
                loft(), "Entrance", LEFT.withSign(NoteForm.Sign.ENTRANCE), Optional.of(Position.ofMm(3500, 2900)));
        var turned = fills(slanting).getFirst().path().bounds();
        assertThat(turned.width()).as("42 degrees from level is no square").isGreaterThan(3.65);
    }

    private static List<Mark.Fill> fills(Plan plan) {
        return marks(plan).stream()
                .filter(Mark.Fill.class::isInstance)
                .map(Mark.Fill.class::cast)
                .toList();
    }
}
