package honeylamp.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.Lamplit;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.AwtShapes;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Page;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The lighting and power pages of the tea room, on the paper they were made for and on others. */
class LightingPagesTest {
    private static final Plan PLAN = Lamplit.quillbackLane();
    private static final String KEY = "Lighting and power";

    /** Symbols are smaller than this, in paper mm, and links longer; but strips, which are straight. */
    private static final double SYMBOL_MM = 7;

    private static List<Page> pages(Plan plan, Listing listing) {
        return plan.presentation().pages().stream()
                .filter(p -> p.lists().contains(listing))
                .toList();
    }

    private static ComposedPage composed(Plan plan, Page page) {
        return SheetComposer.compose(LaidPlan.of(plan).page(page.id()), Lamp.COLOUR, 0.5);
    }

    private static List<Mark> marks(ComposedPage page, LayerKind kind) {
        return page.drawing().layers().stream()
                .filter(l -> l.kind() == kind)
                .flatMap(l -> l.marks().stream())
                .toList();
    }

    private static List<Mark.Text> listed(ComposedPage page) {
        return Mark.words(marks(page, LayerKind.SHEET)).toList();
    }

    private static Plan on(Paper paper, Way way) {
        return PageEdits.sheet(PLAN, PLAN.presentation().pages().getFirst().id(), Reach.ALL, s -> s.on(paper, way));
    }

    private static List<Line2D> pieces(Figure path) {
        var out = new ArrayList<Line2D>();
        var walk = new FlatteningPathIterator(AwtShapes.shape(path).getPathIterator(null), 0.01);
        var at = new double[6];
        double x = 0;
        double y = 0;
        for (; !walk.isDone(); walk.next()) {
            if (walk.currentSegment(at) == PathIterator.SEG_LINETO) {
                out.add(new Line2D.Double(x, y, at[0], at[1]));
            }
            x = at[0];
            y = at[1];
        }
        return out;
    }

    private static List<Figure> links(List<Mark> fittings) {
        var out = new ArrayList<Figure>();
        for (var mark : fittings) {
            if (mark instanceof Mark.Stroke stroke) {
                var box = stroke.path().bounds();
                if (Math.hypot(box.width(), box.height()) > SYMBOL_MM
                        && pieces(stroke.path()).size() > 8) {
                    out.add(stroke.path());
                }
            }
        }
        return out;
    }

    private static boolean strikes(Figure link, Box words) {
        var within = new Rectangle2D.Double(words.minX(), words.minY(), words.width(), words.height());
        return pieces(link).stream().anyMatch(within::intersectsLine);
    }

    @ParameterizedTest
    @CsvSource({"A3, PORTRAIT", "A3, LANDSCAPE", "A2, PORTRAIT"})
    void noLinkStrikesANumber(String name, Way way) {
        var plan = on(paper(name), way);
        for (var page : pages(plan, Listing.FITTINGS)) {
            var marks = marks(composed(plan, page), LayerKind.FITTINGS);
            var links = links(marks);
            var words = Mark.words(marks).toList();
            assertThat(links).hasSizeGreaterThan(20);
            assertThat(words).hasSizeGreaterThan(40);
            assertThat(words)
                    .allSatisfy(word -> assertThat(links)
                            .as(word.text())
                            .noneMatch(link -> strikes(link, word.ring().bounds())));
        }
    }

    private static Paper paper(String name) {
        return Paper.standard().stream()
                .filter(p -> p.label().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** A long key goes on beside itself, so that the plan has more of the page. */
    @Test
    void theKeyGoesOnInTheColumnBeside() {
        var plan = on(Paper.A4, Way.PORTRAIT);
        for (var page : pages(plan, Listing.FITTINGS)) {
            var composed = composed(plan, page);
            var said = listed(composed).stream().map(Mark.Text::text).toList();
            assertThat(said).contains(KEY, KEY + ", continued", "Downlight", "Socket, double");
            assertThat(said.stream().filter(w -> w.matches("[A-Z][a-z]+.*"))).doesNotHaveDuplicates();
            // 1:128 is 3/32" to the foot; in one column the key left room for 1:192 alone
            assertThat(composed.frame().scale()).isEqualTo(128);
        }
    }

    /** The schedule was put on A3 by hand; on other paper it is as wide as that is. */
    @ParameterizedTest
    @CsvSource({"A4, PORTRAIT", "A4, LANDSCAPE", "A3, LANDSCAPE", "A1, PORTRAIT", "Letter, PORTRAIT"})
    void theScheduleStaysOnItsPaper(String name, Way way) {
        var plan = on(paper(name), way);
        var composed = composed(plan, pages(plan, Listing.FITTING_SCHEDULE).getFirst());
        var sheet = new Box(0, 0, composed.widthMm(), composed.heightMm());
        assertThat(listed(composed))
                .anyMatch(t -> t.text().equals("Lighting schedule"))
                .allSatisfy(t -> assertThat(sheet.contains(t.ring().bounds()))
                        .as(t.text())
                        .isTrue());
    }
}
