package honeylamp.illustrate;

import honeylamp.FurnishedPlans;
import honeylamp.TestPlans;
import honeylamp.catalogue.TierSets;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.FigureLines;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Position;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** All words of random furnished plans, with everything switched on that says something. */
class AllWordsTest {
    private static final int PLANS = Integer.getInteger("honeylamp.plans", 40);

    /** A note that lies where it was put. */
    private static final String BY_HAND = "N";

    private static final double OVER_MM2 = 0.02;

    /** A word on paper, as its letters stand. */
    private record Word(String text, Outline outline) {
        static Word of(Mark.Text t) {
            return new Word(t.text(), Outline.of(t.ring()));
        }

        boolean lies(Outline other) {
            return outline.bounds().meets(other.bounds())
                    && Regions.intersection(List.of(outline), List.of(other)).stream()
                                    .mapToDouble(Outline::area)
                                    .sum()
                            > OVER_MM2;
        }

        boolean isStruckBy(Segment line) {
            return outline.bounds().meets(line.bounds())
                    && (outline.contains(line.a())
                            || outline.shell().edges().stream().anyMatch(line::touches));
        }
    }

    private static List<Word> words(Drawing drawing) {
        return drawing.layers().stream()
                .flatMap(l -> Mark.words(l.marks()).map(Word::of))
                .toList();
    }

    /** All lines drawn with words: of dimensions, their ticks and witness lines, and leaders. */
    private static List<Segment> lines(Drawing drawing) {
        var out = new ArrayList<Segment>();
        drawing.layers().stream()
                .filter(l -> l.kind() == LayerKind.DIMENSIONS || l.kind() == LayerKind.LABELS)
                .flatMap(l -> l.marks().stream())
                .forEach(m -> {
                    if (m instanceof Mark.Stroke stroke) {
                        out.addAll(FigureLines.of(stroke.path()));
                    }
                });
        return out;
    }

    /** In one unit after the other, with windows, a note, tags, three tiers, sizes of rooms and names of pieces. */
    private static LaidView telling(Random random, int index) {
        var plan = FurnishedPlans.next(random).withUnits(UnitSystem.values()[index % UnitSystem.values().length]);
        for (var wall = 0; wall < 4; wall++) {
            plan = TestPlans.opening(
                    plan, wall, OpeningKind.CASEMENT_WINDOW, 500, 400 + random.nextInt(1200), Hand.FIRST, Swing.LEFT);
        }
        var storey = TestPlans.storey(plan);
        var middle =
                TestPlans.geometry(plan).rooms().getLast().outline().bounds().centre();
        plan = NoteEdits.add(plan, storey, Position.of(middle), BY_HAND).plan();
        var view = TestPlans.view(plan).view().id();
        plan = TierSets.chosen(plan, view, Reach.ALL, TierSets.THREE_TIERS);
        plan = ViewEdits.annotation(
                plan,
                view,
                Reach.ALL,
                a -> a.withPairs(RoomPairs.ALL).naming("seats").naming("beds").naming("tables"));
        return TestPlans.view(ViewEdits.showing(plan, Kind.TAGS, Degree.SHOWN));
    }

    @ParameterizedTest
    @ValueSource(ints = {20, 50, 100, 200, 500})
    void noWordLiesOverAWordAWallALeafOrALine(int scale) {
        var random = new Random(1000 + scale);
        var soft = new SoftAssertions();
        for (var i = 0; i < PLANS; i++) {
            var view = telling(random, i);
            var frame = PaperFrame.atOrigin(scale);
            var drawing = Illustration.of(view, frame, Lamp.COLOUR, 1);
            var words = words(drawing);
            var hard = hard(view, frame);
            var lines = lines(drawing);
            for (var a = 0; a < words.size(); a++) {
                var word = words.get(a);
                var others = words.subList(0, a).stream()
                        .filter(o -> word.lies(o.outline))
                        .map(Word::text);
                soft.assertThat(others)
                        .as("plan %d at 1:%d: words over %s", i, scale, word.text)
                        .isEmpty();
                if (!word.text.equals(BY_HAND)) {
                    soft.assertThat(hard.stream().filter(word::lies))
                            .as("plan %d at 1:%d: walls and leaves under %s", i, scale, word.text)
                            .isEmpty();
                }
                soft.assertThat(lines.stream().filter(word::isStruckBy))
                        .as("plan %d at 1:%d: lines through %s", i, scale, word.text)
                        .isEmpty();
            }
        }
        soft.assertAll();
    }

    /** Walls and what leaves of doors sweep, on paper. */
    private static List<Outline> hard(LaidView view, PaperFrame frame) {
        var geometry = view.storey().geometry();
        var leaves =
                geometry.cuts().stream().flatMap(c -> LeafSweep.of(c).stream()).map(LeafSweep::area);
        return Stream.concat(geometry.network().poche().stream(), leaves)
                .map(o -> new Outline(
                        onPaper(o.shell(), frame),
                        o.holes().stream().map(h -> onPaper(h, frame)).toList()))
                .toList();
    }

    private static Ring onPaper(Ring plan, PaperFrame frame) {
        return new Ring(plan.corners().stream().map(frame::paper).toList());
    }
}
