package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pixels;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.raised.QuickPicture;
import honeylamp.illustrate.raised.SquareWords;
import honeylamp.illustrate.raised.SurfacePicture;
import honeylamp.illustrate.raised.SurfacePictures;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import honeylamp.raised.Looking;
import honeylamp.raised.SeenThings;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What covers surfaces while a raised view is turned. */
class FacetPicturesTest {
    private static final int RED = 0xffcc2020;
    private static final int GREEN = 0xff20cc20;
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);

    /** A room 4 by 3 m with oak planks, seen from above its corner. */
    private static LaidView view(Rays rays, double turnDeg) {
        var walls = TestPlans.clearRectangle(4000, 3000);
        var plan = RoomEdits.mark(
                        walls, TestPlans.storey(walls), Position.ofMm(2000, 1500), "Study", Finish.of("wide-plank-oak"))
                .plan();
        var subject = new Raised.WholeStorey(
                TestPlans.storey(plan), plan.storeys().getFirst().levels().cut(), new Eye(rays, turnDeg, 70));
        var raised = ViewEdits.raised(
                        plan, plan.presentation().views().getFirst().id(), subject, "Raised")
                .plan();
        return LaidPlan.of(raised).view(raised.presentation().views().getLast().id());
    }

    /** Red in the west half of the box, green in the east. */
    private static SurfacePicture halves(Box box) {
        var argb = new int[64 * 48];
        for (var i = 0; i < argb.length; i++) {
            argb[i] = i % 64 < 32 ? RED : GREEN;
        }
        return new SurfacePicture(box, new Pixels(64, 48, argb));
    }

    private static int at(LaidView view, Mark.Image image, SpacePoint p) {
        var raised = (Raised) view.view().subject();
        var projection = Looking.of(view, raised).orElseThrow().projection();
        var paper = FRAME.paper(projection.of(p));
        var x = (paper.x() - image.where().minX())
                / image.where().width()
                * image.pixels().width();
        var y = (paper.y() - image.where().minY())
                / image.where().height()
                * image.pixels().height();
        return image.pixels().argb()[(int) y * image.pixels().width() + (int) x];
    }

    /** What covers the floor lies where it lies in the room, however one looks at it, lit or not. */
    @ParameterizedTest
    @CsvSource({"PARALLEL, 30", "PARALLEL, 200", "PERSPECTIVE, 30", "PERSPECTIVE, 290"})
    void coveringsLieWhereTheyAre(Rays rays, double turnDeg) {
        var view = view(rays, turnDeg);
        var things = SeenThings.of(view);
        SurfacePictures pictures = facet -> facet.skin()
                .laid()
                .filter(l -> l.finish().material().equals("wide-plank-oak"))
                .map(_ -> halves(facet.outline().bounds()));
        var image = QuickPicture.of(view, things, FRAME)
                .from((Raised) view.view().subject(), pictures)
                .stream()
                .filter(Mark.Image.class::isInstance)
                .map(Mark.Image.class::cast)
                .findFirst()
                .orElseThrow();
        var seen = 0;
        for (var x : new double[] {700, 1300, 1900, 2100, 2700, 3300}) {
            for (var y : new double[] {700, 1500, 2300}) {
                if (things.at(projected(view, x, y), view).isEmpty()) {
                    continue; // a wall stands before it
                }
                var rgb = at(view, image, new SpacePoint(x, y, 0));
                var red = rgb >> 16 & 0xff;
                var green = rgb >> 8 & 0xff;
                if (Math.max(red, green) > 2 * Math.min(red, green)) { // else a wall is seen there
                    seen++;
                    assertThat(red > green).as(x + ", " + y).isEqualTo(x < 2000);
                }
            }
        }
        assertThat(seen).isGreaterThan(15);
    }

    private static Point projected(LaidView view, double x, double y) {
        return Looking.of(view, (Raised) view.view().subject())
                .orElseThrow()
                .projection()
                .of(new SpacePoint(x, y, 0));
    }

    /** Planks are painted once: seen from elsewhere the same picture is there. */
    @Test
    void whatWasPaintedIsKept() {
        var pictures = new FacetPictures();
        var view = view(Rays.PARALLEL, 30);
        var bodies = SeenThings.of(view).bodies();
        var floor = bodies.stream()
                .flatMap(b -> b.facets().stream())
                .filter(f -> f.skin()
                        .laid()
                        .filter(l -> l.finish().material().equals("wide-plank-oak"))
                        .isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(pictures.in(view.look()).of(floor)).isEmpty();
        var first = pictures.paint(view, bodies, () -> true).of(floor);
        assertThat(first).isPresent();
        assertThat(first.get().pixels()).isEqualTo(Math.round(4000 / 7.0) * Math.round(3000 / 7.0));
        var other = view(Rays.PERSPECTIVE, 200);
        assertThat(pictures.paint(other, SeenThings.of(other).bodies(), () -> true)
                        .of(floor)
                        .get())
                .isSameAs(first.get());
        assertThat(new FacetPictures().paint(view, bodies, () -> false).of(floor))
                .as("nobody waits")
                .isEmpty();
    }

    /** While it turns the words of the view before are covered: those beside a storey and its lengths. */
    @Test
    void paperLiesOverTheWordsOfBefore() {
        var view = view(Rays.PARALLEL, 30);
        var subject = (Raised) view.view().subject();
        var words = SquareWords.room(view, subject);
        assertThat(words.right()).isGreaterThan(5);
        var things = SeenThings.of(view);
        var over = QuickPicture.of(view, things, FRAME)
                .from(subject, SurfacePictures.NONE)
                .getFirst();
        var covered = ((Mark.Fill) over).path().bounds();
        var extent = Looking.of(view, subject).orElseThrow().extent();
        assertThat(covered.maxX()).isGreaterThanOrEqualTo(FRAME.paper(extent).maxX() + words.right());
        assertThat(covered.minX()).isLessThanOrEqualTo(FRAME.paper(extent).minX() - words.left());
    }

    /** A picture of one tone, whatever that is, is lit as the surface is: it looks as without it. */
    @Test
    void aPictureOfOneToneChangesNothing() {
        var view = view(Rays.PARALLEL, 30);
        var things = SeenThings.of(view);
        var plain =
                QuickPicture.of(view, things, FRAME).from((Raised) view.view().subject(), SurfacePictures.NONE);
        SurfacePictures even = facet -> facet.skin().laid().map(_ -> {
            var argb = new int[16];
            Arrays.fill(argb, 0xff808080);
            return new SurfacePicture(facet.outline().bounds(), new Pixels(4, 4, argb));
        });
        var covered =
                QuickPicture.of(view, things, FRAME).from((Raised) view.view().subject(), even);
        var a = ((Mark.Image) plain.getLast()).pixels().argb();
        var b = ((Mark.Image) covered.getLast()).pixels().argb();
        for (var i = 0; i < a.length; i++) {
            assertThat(Math.abs((a[i] >> 16 & 0xff) - (b[i] >> 16 & 0xff))).isLessThanOrEqualTo(2);
        }
    }
}
