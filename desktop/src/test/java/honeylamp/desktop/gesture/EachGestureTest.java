package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.PartKinds;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.gesture.Pointer.Keys;
import honeylamp.desktop.gesture.draw.DrawBoundary;
import honeylamp.desktop.gesture.draw.DrawOutline;
import honeylamp.desktop.gesture.draw.DrawShape;
import honeylamp.desktop.gesture.draw.Outlining;
import honeylamp.desktop.gesture.draw.SetNorth;
import honeylamp.desktop.gesture.look.CropView;
import honeylamp.desktop.gesture.look.MeasureRound;
import honeylamp.desktop.gesture.look.PressSwitch;
import honeylamp.desktop.gesture.look.WalkLit;
import honeylamp.desktop.gesture.pick.FacePoint;
import honeylamp.desktop.gesture.pick.MakeLike;
import honeylamp.desktop.gesture.pick.PickCaption;
import honeylamp.desktop.gesture.pick.PickOnPage;
import honeylamp.desktop.gesture.place.DrawMark;
import honeylamp.desktop.gesture.place.LayUnits;
import honeylamp.desktop.gesture.place.MarkActivity;
import honeylamp.desktop.gesture.place.PlaceFitting;
import honeylamp.desktop.gesture.place.PlacePart;
import honeylamp.desktop.gesture.trace.AcceptLevel;
import honeylamp.desktop.gesture.trace.CropPicture;
import honeylamp.desktop.gesture.trace.LevelPicture;
import honeylamp.desktop.gesture.trace.NoteOnPicture;
import honeylamp.desktop.gesture.trace.PutPoint;
import honeylamp.desktop.gesture.trace.SquareUp;
import honeylamp.edit.EveningEdits;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.PageEdits;
import honeylamp.edit.UnderlayEdits;
import honeylamp.edit.UnitEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Doing;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.FreeMark.Shape;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Ground;
import honeylamp.plan.Page.LaidPicture;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import honeylamp.plan.Surface;
import honeylamp.plan.Underlay;
import honeylamp.plan.View;
import honeylamp.takeoff.lighting.StarterLights;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** One test of each gesture that {@link GestureTest} does not play: what it makes, what it refuses, and that it is dropped. */
class EachGestureTest {
    private static final Keys NONE = new Keys(false, false, false);

    /** An empty plan with a picture of 800 × 600 pixels in its middle. */
    private static Plan traced() {
        var plan = NewPlan.in(UnitSystem.MM);
        return UnderlayEdits.add(
                        plan,
                        plan.storeys().getFirst().id(),
                        new Underlay.Picture("0".repeat(64), "scan", 800, 600),
                        Point.ORIGIN)
                .plan();
    }

    private static Underlay picture(Hand hand) {
        return hand.storey().underlays().getFirst();
    }

    /** A point of the plan over a pixel of the picture. */
    private static Point over(Hand hand, double x, double y) {
        return picture(hand).plan(new Point(x, y));
    }

    private static void isDropped(Hand hand) {
        hand.gesture = hand.gesture.dropped();
        assertThat(hand.gesture.underWay()).isFalse();
    }

    @Test
    void drawBoundary() {
        var hand = new Hand(SailclothYard.plan(), DrawBoundary.begin());
        hand.click(8000, 1000).click(8000, 1000);
        assertThat(hand.commits).isZero(); // no length
        isDropped(hand);
        hand.click(8000, 1000).click(9000, 1500);
        assertThat(hand.storey().boundaries())
                .hasSize(1
                        + SailclothYard.plan().storeys().getFirst().boundaries().size());
        isDropped(hand);
    }

    @Test
    void drawMark() {
        var hand = new Hand(NewPlan.in(UnitSystem.MM), DrawMark.begin(new NewMark(Shape.BOX, Line.DASHED)));
        hand.click(0, 0).click(0, 0);
        assertThat(hand.commits).isZero(); // one spot
        isDropped(hand);
        hand.drag(100, 100, 900, 700, NONE);
        assertThat(hand.storey().freeMarks()).singleElement().satisfies(m -> {
            assertThat(m.shape()).isEqualTo(Shape.BOX);
            assertThat(m.line()).isEqualTo(Line.DASHED);
            assertThat(m.points()).hasSize(4);
        });
        hand.click(2000, 0).move(2100, 50).type("1 m", "-400"); // across and up
        assertThat(hand.storey().freeMarks().getLast().points().get(2)).isEqualTo(Position.of(new Point(3000, -400)));
        hand.drag(5000, 0, 5800, 300, new Keys(true, false, false)); // as wide as it is high
        assertThat(hand.storey().freeMarks().getLast().points().get(2)).isEqualTo(Position.of(new Point(5800, 800)));
        isDropped(hand);
    }

    @Test
    void measureRound() {
        var hand = new Hand(SailclothYard.plan(), MeasureRound.begin());
        hand.click(-9000, -9000);
        assertThat(hand.complaint).contains("No wall");
        var walls = hand.storey().walls();
        var level = walls.stream()
                .filter(w -> !w.isCurved() && Math.abs(w.chord().unit().y()) < 0.01)
                .findFirst()
                .orElseThrow();
        var upright = walls.stream()
                .filter(w -> !w.isCurved() && Math.abs(w.chord().unit().x()) < 0.01)
                .findFirst()
                .orElseThrow();
        var first = level.chord().at(level.chord().length() * 0.4);
        hand.click(first.x(), first.y()).click(first.x(), first.y());
        assertThat(hand.complaint).contains("run the same way");
        isDropped(hand);
        var second = upright.chord().at(upright.chord().length() * 0.4);
        hand.click(first.x(), first.y()).click(second.x(), second.y()).click(first.x() + 300, second.y() + 200);
        assertThat(hand.storey().roundDimensions()).singleElement().satisfies(d -> {
            assertThat(d.measures()).isEqualTo(Measures.ANGLE);
            assertThat(d.value()).isCloseTo(90, within(0.6));
        });
        isDropped(hand);
    }

    @Test
    void drawMarkByHand() {
        var hand = new Hand(NewPlan.in(UnitSystem.MM), DrawMark.begin(new NewMark(Shape.FREEHAND, Line.FULL)));
        hand.click(0, 0);
        assertThat(hand.complaint).contains("while the button is down");
        hand.drag(0, 0, 2000, 500, NONE);
        assertThat(hand.storey().freeMarks())
                .singleElement()
                .satisfies(m -> assertThat(m.shape()).isEqualTo(Shape.FREEHAND));
        isDropped(hand);
    }

    @Test
    void drawOutline() {
        var hand = new Hand(NewPlan.in(UnitSystem.MM), DrawOutline.begin(new Outlining.OnGround(Ground.Use.LAWN)));
        hand.click(0, 0).click(5000, 0).click(5000, 3000);
        assertThat(hand.gesture.underWay()).isTrue();
        hand.click(0, 3000).click(0, 0);
        assertThat(hand.storey().grounds()).singleElement().satisfies(g -> {
            assertThat(g.use()).isEqualTo(Ground.Use.LAWN);
            assertThat(g.corners()).hasSize(4);
        });
        isDropped(hand);
    }

    @Test
    void drawOutlineOfARegionOnAFloor() {
        var hand = new Hand(SailclothYard.plan(), DrawOutline.begin(new Outlining.OnFloor()));
        var room = hand.storey().rooms().getFirst().at().point();
        hand.click(room.x(), room.y()).move(room.x() + 100, room.y() + 100).type("700", "400");
        assertThat(hand.storey().regions()).singleElement().satisfies(r -> {
            assertThat(r.ring().area()).isCloseTo(700 * 400, within(1e-6));
            assertThat(hand.storey().coverings())
                    .singleElement()
                    .satisfies(c -> assertThat(c.surface()).isEqualTo(new Surface.OwnRegion(r.id())));
        });
        isDropped(hand);
        // a band of 200 along a bent line in the middle of a floor
        hand.click(room.x(), room.y())
                .click(room.x() + 1000, room.y())
                .click(room.x() + 1000, room.y() + 800)
                .type("", "200");
        assertThat(hand.storey().regions()).hasSize(2);
        assertThat(hand.storey().regions().getLast().ring().area()).isCloseTo(200 * 1800, within(1.0));
        isDropped(hand);
        // far from every room
        hand.click(-90_000, -90_000).move(-89_000, -89_000).type("700", "400");
        assertThat(hand.complaint).contains("lies on the floor of a room");
        assertThat(hand.storey().regions()).hasSize(2);
    }

    @Test
    void drawShape() {
        var hand = new Hand(NewPlan.in(UnitSystem.MM), DrawShape.begin(DrawShape.Kind.RECTANGLE));
        hand.click(0, 0).type("4000", "3000");
        assertThat(hand.storey().walls()).hasSize(4);
        assertThat(hand.storey().walls())
                .extracting(w -> w.length().mm())
                .containsExactlyInAnyOrder(4000.0, 3000.0, 4000.0, 3000.0);
        isDropped(hand);
    }

    @Test
    void placePart() {
        for (var kind : PartKinds.all()) {
            var hand = new Hand(QuillbackLane.plan(), PlacePart.begin(kind));
            var before = hand.storey().structures().size();
            hand.click(3000, 3000);
            assertThat(hand.storey().structures()).as("%s", kind).hasSize(before + 1);
            isDropped(hand);
        }
        var bay = new Hand(QuillbackLane.plan(), PlacePart.bay(Structure.Car.values()[0]));
        bay.click(9000, 9000);
        assertThat(bay.storey().structures()).anyMatch(s -> s.form() instanceof Structure.ParkingBay);
    }

    @Test
    void placePartStepsAStairByTypedSizes() {
        var stair = PartKinds.all().stream()
                .filter(k -> PartKinds.usual(
                                k,
                                QuillbackLane.plan(),
                                QuillbackLane.plan().storeys().getFirst().id())
                        instanceof Stair)
                .findFirst()
                .orElseThrow();
        var hand = new Hand(QuillbackLane.plan(), PlacePart.begin(stair));
        hand.move(3000, 3000).type("1100 mm");
        assertThat(hand.complaint).isEmpty();
        hand.type("no length");
        assertThat(hand.complaint).isNotEmpty();
    }

    @Test
    void layUnits() {
        var plan = SailclothYard.plan();
        var room = plan.storeys().getFirst().rooms().getLast().id();
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        var made = UnitEdits.make(plan, geometry, Set.of(room), "Nook").orThrow();
        var hand = new Hand(made.plan(), LayUnits.begin(Optional.of(made.id())));
        hand.click(30_000, 5000);
        assertThat(hand.plan.repeats().copies()).hasSize(1);
        isDropped(hand);
    }

    @Test
    void levelPicture() {
        var hand = new Hand(traced(), LevelPicture.begin());
        var from = over(hand, 100, 300);
        var along = new Point(1000, 100);
        hand.click(from.x(), from.y()).click(from.x() + along.x(), from.y() + along.y());
        assertThat(picture(hand).placing().turnDeg()).isCloseTo(-Math.toDegrees(Math.atan2(100, 1000)), within(0.01));
        isDropped(hand);
    }

    @Test
    void acceptLevel() {
        var plan = traced();
        var hand = new Hand(
                plan,
                new AcceptLevel(plan.storeys().getFirst().underlays().getFirst().id(), 2.5));
        hand.type("");
        assertThat(hand.commits).isEqualTo(1);
        assertThat(Math.abs(picture(hand).placing().turnDeg())).isCloseTo(2.5, within(1e-6));
    }

    @Test
    void putPoint() {
        var hand = new Hand(traced(), PutPoint.begin());
        var from = over(hand, 200, 150);
        hand.click(from.x(), from.y()).click(7000, 5000);
        assertThat(over(hand, 200, 150).distance(new Point(7000, 5000))).isLessThan(1);
        isDropped(hand);
    }

    @Test
    void squareUp() {
        var hand = new Hand(traced(), SquareUp.begin());
        for (var pixel : List.of(new Point(100, 100), new Point(700, 120), new Point(690, 500), new Point(110, 480))) {
            var p = over(hand, pixel.x(), pixel.y());
            hand.click(p.x(), p.y());
        }
        hand.type("6000", "4000");
        assertThat(picture(hand).squaring()).isPresent();
        isDropped(hand);
    }

    @Test
    void cropPicture() {
        var hand = new Hand(traced(), CropPicture.begin());
        var from = over(hand, 100, 100);
        var to = over(hand, 500, 400);
        hand.click(from.x(), from.y()).click(to.x(), to.y()).type("");
        var crop = picture(hand).crop().orElseThrow();
        assertThat(crop.width()).isCloseTo(400, within(2.0));
        assertThat(crop.height()).isCloseTo(300, within(2.0));
        isDropped(hand);
    }

    @Test
    void noteOnPicture() {
        var hand = new Hand(traced(), NoteOnPicture.begin());
        var from = over(hand, 100, 100);
        var to = over(hand, 300, 200);
        hand.drag(from.x(), from.y(), to.x(), to.y(), NONE).type("damp here");
        assertThat(picture(hand).notes())
                .singleElement()
                .satisfies(n -> assertThat(n.text()).isEqualTo("damp here"));
        isDropped(hand);
    }

    @Test
    void pickCaption() {
        var plan = SailclothYard.plan();
        var added = NoteEdits.add(plan, plan.storeys().getFirst().id(), Position.ofMm(20_000, 5000), "Note");
        var hand = new Hand(added.plan(), PickCaption.begin());
        hand.drag(20_000, 5000, 21_000, 5500, NONE);
        assertThat(hand.storey().notes().getLast().at()).isEqualTo(Position.ofMm(21_000, 5500));
        assertThat(hand.picked).containsExactly(added.id());
        isDropped(hand);
    }

    /** A picture of 40 by 30 mm on paper, at 20, 10 within the margins; at 1:50 a millimetre on paper is 50 in the plan. */
    @Test
    void pickOnPage() {
        var page = new PageId(1);
        var picture = new Underlay.Picture("0".repeat(64), "mark", 800, 600);
        var hand = new Hand(
                PageEdits.layPicture(SailclothYard.plan(), page, picture).orThrow(), PickOnPage.begin());
        hand.drag(25 * 50, -15 * 50, 125 * 50, -65 * 50, NONE); // 100 mm to the right and 50 down the page
        assertThat(pictures(hand)).containsExactly(new LaidPicture(picture, 120, 60, 40));
        hand.type("30", "", "60");
        assertThat(pictures(hand)).containsExactly(new LaidPicture(picture, 30, 60, 60));
        hand.type("-5", "", "");
        assertThat(hand.complaint).contains("would not lie on the paper");
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.AWAY));
        assertThat(pictures(hand)).isEmpty();
        isDropped(hand);
    }

    @Test
    void pickOnPageTakesNotes() {
        var page = new PageId(1);
        var hand =
                new Hand(PageEdits.layNote(SailclothYard.plan(), page, "Words").orThrow(), PickOnPage.begin());
        hand.drag(26 * 50, -15 * 50, 126 * 50, -65 * 50, NONE); // 100 mm to the right and 50 down the page
        var note = hand.plan.presentation().pages().getFirst().boxes().getFirst();
        assertThat(note.leftMm()).isEqualTo(124);
        assertThat(note.downMm()).isEqualTo(64);
        hand.type("30", "");
        assertThat(hand.plan
                        .presentation()
                        .pages()
                        .getFirst()
                        .boxes()
                        .getFirst()
                        .leftMm())
                .isEqualTo(30);
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.AWAY));
        assertThat(hand.plan.presentation().pages().getFirst().boxes()).isEmpty();
        isDropped(hand);
    }

    /** At 1:50 a millimetre on paper is 50 in the plan. */
    @Test
    void pickOnPageTakesTheView() {
        var hand = new Hand(SailclothYard.plan(), PickOnPage.begin());
        hand.drag(4000, 4000, 4000 + 20 * 50, 4000 - 8 * 50, NONE); // 20 mm to the right and 8 down the page
        assertThat(nudge(hand)).isEqualTo(new View.Nudge(20, 8));
        hand.drag(4000, 4000, 4000 + 50, 4000, NONE); // a millimetre: nobody meant to
        assertThat(nudge(hand)).isEqualTo(new View.Nudge(20, 8));
        hand.type("-3", "");
        assertThat(nudge(hand)).isEqualTo(new View.Nudge(-3, 8));
        hand.type("600", "");
        assertThat(hand.complaint).contains("within 500 mm");
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.AWAY));
        assertThat(hand.plan.presentation().views())
                .hasSize(SailclothYard.plan().presentation().views().size());
        isDropped(hand);
    }

    private static View.Nudge nudge(Hand hand) {
        return hand.plan.presentation().views().getFirst().nudge();
    }

    private static List<LaidPicture> pictures(Hand hand) {
        return hand.plan.presentation().pages().getFirst().pictures();
    }

    @Test
    void seePart() {
        var hand = new Hand(SailclothYard.plan(), CropView.begin());
        hand.click(1000, 1000).type("4000", "3000");
        assertThat(hand.plan.presentation().views().getFirst().crop()).isPresent();
        hand.click(1000, 1000).click(1020, 1030);
        assertThat(hand.complaint).contains("larger rectangle");
        isDropped(hand);
    }

    @Test
    void makeLike() {
        var chairs = SailclothYard.plan().storeys().getFirst().furnishings();
        var sofa =
                chairs.stream().filter(f -> f.kind().equals("sofa")).findFirst().orElseThrow();
        var chair = chairs.stream()
                .filter(f -> f.kind().equals("armchair"))
                .findFirst()
                .orElseThrow();
        var hand = new Hand(SailclothYard.plan(), MakeLike.begin(LookOn.at("Look."), Set.of(chair.id())));
        hand.click(-9000, -9000);
        assertThat(hand.complaint).contains("Nothing of that kind");
        assertThat(hand.commits).isZero();
        hand.click(sofa.at().x().mm(), sofa.at().y().mm());
        assertThat(hand.storey().elements().find(Furnishing.class, chair.id())).hasValueSatisfying(f -> {
            assertThat(f.kind()).isEqualTo("sofa");
            assertThat(f.width()).isEqualTo(sofa.width());
            assertThat(f.at()).isEqualTo(chair.at());
        });
        assertThat(hand.gesture.underWay()).isFalse(); // what went on before goes on
        hand.gesture = MakeLike.begin(LookOn.at("Look."), Set.of(chair.id()));
        isDropped(hand);
    }

    @Test
    void facePoint() {
        var plan = SailclothYard.plan();
        var chair = plan.storeys().getFirst().furnishings().stream()
                .filter(f -> f.kind().equals("armchair"))
                .findFirst()
                .orElseThrow();
        var hand = new Hand(plan, FacePoint.begin(LookOn.at("Look."), List.of(chair.id())));
        var at = chair.at().point();
        hand.move(at.x() + 20_000, at.y()); // to the east, beyond everything
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        assertThat(hand.commits).isZero();
        hand.click(at.x() + 20_000, at.y());
        assertThat(hand.storey()
                        .elements()
                        .find(Furnishing.class, chair.id())
                        .orElseThrow()
                        .turnDeg())
                .isCloseTo(90, within(1e-9)); // at 0 the front faces south
        assertThat(hand.picked).isEqualTo(Set.of(chair.id()));
        hand.gesture = FacePoint.begin(LookOn.at("Look."), List.of(chair.id()));
        isDropped(hand);
    }

    @Test
    void setNorth() {
        var hand = new Hand(SailclothYard.plan(), SetNorth.begin());
        hand.click(0, 0).click(0, 0);
        assertThat(hand.complaint).contains("same spot");
        isDropped(hand);
        hand.click(0, 0).click(3000, 0);
        assertThat(hand.plan.northDeg()).isCloseTo(0, within(1e-9)); // to the right
        hand.type("90");
        assertThat(hand.plan.northDeg()).isCloseTo(0, within(1e-9)); // a quarter clockwise from up is the same
        hand.click(0, 0);
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        isDropped(hand);
    }

    @Test
    void lookOn() {
        var hand = new Hand(SailclothYard.plan(), LookOn.at("Look."));
        hand.click(1000, 1000).type();
        assertThat(hand.commits).isZero();
        assertThat(hand.gesture.readout(hand.scene()).hint()).isEqualTo("Look.");
        isDropped(hand);
    }

    /** A gesture without a test of its own name here or in the tests beside it is found. */
    @Test
    void everyGestureIsPlayed() throws IOException {
        var here = Path.of("src/test/java/honeylamp/desktop");
        var tests = new StringBuilder();
        try (var files = Files.walk(here)) {
            for (var file :
                    files.filter(f -> f.toString().endsWith("Test.java")).toList()) {
                tests.append(Files.readString(file));
            }
        }
        try (var files = Files.walk(Path.of("src/main/java/honeylamp/desktop/gesture"))) {
            var gestures = files.filter(f -> f.toString().endsWith(".java") && read(f).contains("implements Gesture"))
                    .map(f -> f.getFileName().toString().replace(".java", ""))
                    .collect(Collectors.toSet());
            assertThat(gestures).hasSizeGreaterThan(25).allMatch(g -> tests.indexOf(g) >= 0);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Fitting lastFitting(Hand hand) {
        return hand.storey().fittings().getLast();
    }

    @Test
    void placeFitting() {
        var hand = new Hand(SailclothYard.plan(), PlaceFitting.begin(NewFitting.FIRST.withKind(FittingKind.ONE_WAY)));
        hand.click(-90_000, -90_000);
        assertThat(hand.complaint).contains("no wall here");
        hand.click(4600, 4250); // before the wall between living room and entrance
        assertThat(lastFitting(hand).on()).isInstanceOfSatisfying(Fitting.WallSide.class, side -> {
            assertThat(side.height()).isEqualTo(Length.ofMm(1050));
        });
        var beside =
                FittingPlaces.of(hand.scene().geometry(), lastFitting(hand)).getFirst();
        assertThat(beside.at().x()).isCloseTo(4600, within(200.0));
        hand.move(3000, 4200).type("1.2 m"); // another height, and it stays
        hand.click(3000, 4200);
        assertThat(lastFitting(hand).height()).contains(Length.ofMm(1200));
        isDropped(hand);

        hand.gesture = PlaceFitting.begin(NewFitting.FIRST.withKind(FittingKind.PENDANT));
        hand.click(9250, 1850); // near the middle of the dining table
        assertThat(lastFitting(hand).on()).isInstanceOf(Fitting.Piece.class);
        hand.gesture = PlaceFitting.begin(
                NewFitting.FIRST.withKind(FittingKind.DOWNLIGHT).withSpread(NewFitting.Spread.ROOM));
        hand.click(-90_000, -90_000);
        assertThat(hand.complaint).contains("no room here");
        hand.move(3000, 3000).type("3", "2");
        hand.click(3000, 3000);
        assertThat(lastFitting(hand).on()).isInstanceOfSatisfying(Fitting.InRoom.class, rows -> {
            assertThat(rows.across()).isEqualTo(3);
            assertThat(rows.rows()).isEqualTo(2);
        });
        isDropped(hand);
    }

    @Test
    void markActivity() {
        var hand = new Hand(SailclothYard.plan(), MarkActivity.begin(Doing.DINING));
        hand.click(9250, 1850); // the dining table
        var on = hand.storey().activities().getLast();
        assertThat(on.piece()).isPresent();
        assertThat(hand.picked).containsExactly(on.id());
        hand.drag(5500, 4800, 5500, 5800, Keys.NONE); // an entrance floor, facing north
        var free = hand.storey().activities().getLast();
        assertThat(free.piece()).isEmpty();
        assertThat(free.facingDeg()).isEqualTo(90);
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.TURN));
        hand.click(5500, 4600);
        assertThat(hand.storey().activities().getLast().facingDeg()).isEqualTo(45);
        isDropped(hand);
        assertThat(hand.commits).isEqualTo(3);
    }

    @Test
    void pressSwitch() {
        var plan = SailclothYard.plan();
        var lit = StarterLights.of(plan, LaidPlan.of(plan).all().getFirst());
        var hand = new Hand(lit, PressSwitch.begin());
        hand.click(-90_000, -90_000);
        assertThat(hand.complaint).contains("no switch and no light");
        var light = lit.storeys().getFirst().fittings().stream()
                .filter(f -> f.kind().isLight())
                .findFirst()
                .orElseThrow();
        var at = FittingPlaces.of(hand.scene().geometry(), light).getFirst().at();
        hand.click(at.x(), at.y());
        var off = hand.plan
                .presentation()
                .views()
                .getFirst()
                .light()
                .evening()
                .orElseThrow()
                .off();
        assertThat(off)
                .isEqualTo(EveningEdits.groups(lit).stream()
                        .filter(g -> !light.groups().contains(g))
                        .toList());
        isDropped(hand);
    }

    @Test
    void walkLit() {
        var plan = SailclothYard.plan();
        var lit = StarterLights.of(plan, LaidPlan.of(plan).all().getFirst());
        var hand = new Hand(lit, WalkLit.begin());
        hand.click(5300, 5300);
        assertThat(hand.gesture.underWay()).isTrue();
        hand.click(5200, 3000);
        assertThat(((WalkLit) hand.gesture).isWanted()).isTrue();
        assertThat(hand.gesture.readout(hand.scene()).hint()).contains("Looking");
        hand.walked = Optional.of(Walked.of(
                LaidPlan.of(lit).all().getFirst(),
                Optional.of(new Point(5300, 5300)),
                Optional.of(new Point(5200, 3000))));
        assertThat(hand.gesture.readout(hand.scene()).hint()).startsWith("Step 1 of 2, Entrance");
        assertThat(((WalkLit) hand.gesture).evening(lit))
                .as("it is day before the first step")
                .isEmpty();
        hand.type();
        var off = ((WalkLit) hand.gesture).evening(lit).orElseThrow().off();
        assertThat(off).as("the light of the entrance alone").hasSize(7).doesNotContain(4);
        hand.type();
        assertThat(hand.gesture.readout(hand.scene()).hint()).startsWith("Step 2 of 2, Living room: lit");
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.FLIP));
        assertThat(((WalkLit) hand.gesture).at()).isZero();
        isDropped(hand);
        assertThat(hand.commits).isZero();
    }
}
