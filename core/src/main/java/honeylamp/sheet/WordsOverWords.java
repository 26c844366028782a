package honeylamp.sheet;

import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.illustrate.words.OtherWords;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Words of a view that lie over each other: what finds its own place keeps off others, but hands put things anywhere. */
final class WordsOverWords {
    /** Less of each other words may cover, in mm² of paper. */
    private static final double LEAST_MM2 = 0.2;

    /** Words are this near to what they belong to, in paper mm. */
    private static final double REACH_MM = 0.5;

    private final LaidPage page;
    private final LaidView view;
    private final PaperFrame frame;

    private WordsOverWords(LaidPage page, LaidView view) {
        this.page = page;
        this.view = view;
        this.frame = SheetComposer.frame(page, view.view().id());
    }

    /** A snag for each two words that lie over each other in a view from above. */
    static List<Snag> of(LaidPage page, LaidView view) {
        return new WordsOverWords(page, view).snags();
    }

    private List<Snag> snags() {
        var words = words();
        var index = new BoxIndex(words.size(), i -> words.get(i).ring().bounds());
        var out = new ArrayList<Snag>();
        for (var i = 0; i < words.size(); i++) {
            for (var j : index.meeting(words.get(i).ring().bounds())) {
                if (j < i && lieOverEachOther(words.get(i), words.get(j))) {
                    out.add(snag(words.get(j), words.get(i)));
                }
            }
        }
        return List.copyOf(out);
    }

    private List<Mark.Text> words() {
        var pens = Pens.of(view.look(), frame.scale());
        var seen = view.view().seen();
        var remembered = new Remembered();
        var others = OtherWords.of(view, frame, pens, remembered);
        var art = new LabelArt(view, frame, pens, others, remembered);
        var labels = seen.shows(Kind.ROOM_NAMES) ? art.rooms() : List.<Mark>of();
        var outside = new ArrayList<>(others.readOutside(view.storey().geometry()));
        if (seen.shows(Kind.ROOM_NAMES)) {
            outside.addAll(art.readOutside());
        }
        var sides = TierPlaces.seen(view);
        var tiers = sides.isEmpty() ? List.<Mark>of() : new DimensionArt(frame, pens).tiers(view, sides, outside);
        return Stream.of(others.all(), labels, tiers).flatMap(Mark::words).toList();
    }

    private static boolean lieOverEachOther(Mark.Text a, Mark.Text b) {
        return Regions.intersection(List.of(Outline.of(a.ring())), List.of(Outline.of(b.ring()))).stream()
                        .mapToDouble(Outline::area)
                        .sum()
                > LEAST_MM2;
    }

    private Snag snag(Mark.Text below, Mark.Text above) {
        var about = Stream.of(middle(above), middle(below))
                .flatMap(p ->
                        Captions.at(view, view.storey().geometry().storey(), frame, p, frame.planMm(REACH_MM)).stream())
                .distinct()
                .toList();
        return new Snag(
                Snag.Kind.WORDS_OVER_WORDS,
                middle(above),
                about,
                "On " + page.name() + " \"" + above.text() + "\" lies over \"" + below.text()
                        + "\". Move one of the two, or let the view say less.");
    }

    private Point middle(Mark.Text text) {
        return frame.plan(text.ring().bounds().centre());
    }
}
