package honeylamp.store;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.output.PageReading;
import honeylamp.output.Progress;
import honeylamp.plan.ElementId.PageId;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.Refining;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What to look at once more before a plan leaves the house; nothing of it holds anything up. */
public final class Leaving {
    /** Of more words that are hard to read on a page only the number is told. */
    private static final int MOST_WORDS = 4;

    private Leaving() {}

    /** What is to be looked at. */
    public enum About {
        NAME,
        NORTH,
        TITLE,
        SNAG,
        WORDS,
        ROOM_ON_PAGE,
        SCALE,
        APPROVAL
    }

    /**
     * One thing to look at.
     *
     * @param page it is about, if it is about one
     */
    public record Found(About about, Optional<PageId> page, String sentence) {}

    /**
     * All there is to look at, pages as they print.
     *
     * @throws Progress.Cancelled if the progress ended the work
     */
    public static List<Found> of(PlanDocument document, Progress progress) throws Progress.Cancelled {
        var laid = LaidPlan.of(document.plan());
        var out = new ArrayList<Found>();
        for (var hint : Refining.of(laid)) {
            about(hint.kind()).ifPresent(kind -> out.add(new Found(kind, Optional.empty(), hint.sentence())));
        }
        var snags = CheckReport.snags(document.plan()).size();
        if (snags > 0) {
            out.add(new Found(
                    About.SNAG, Optional.empty(), snags == 1 ? "One snag is open." : snags + " snags are open."));
        }
        var pictures = new PagePictures();
        var pages = laid.pages();
        for (var i = 0; i < pages.size(); i++) {
            progress.at((double) i / pages.size());
            page(out, pages.get(i), pictures.agreed(pages.get(i), document.assets()));
        }
        progress.at(1);
        return List.copyOf(out);
    }

    private static Optional<About> about(Refining.Kind kind) {
        return switch (kind) {
            case NAMES -> Optional.of(About.NAME);
            case TITLE -> Optional.of(About.TITLE);
            case NORTH -> Optional.of(About.NORTH);
            case LOOK, FLOORS, STRENGTH, SHADE, CLUTTER, LIVED_IN -> Optional.empty();
        };
    }

    private static void page(List<Found> out, LaidPage page, ComposedPage drawn) {
        var id = Optional.of(page.page().id());
        var reading = PageReading.of(page, drawn);
        var hard = reading.hard();
        hard.stream().limit(MOST_WORDS).forEach(word -> out.add(new Found(About.WORDS, id, reading.sentence(word))));
        if (hard.size() > MOST_WORDS) {
            out.add(new Found(About.WORDS, id, reading.sentence()));
        }
        sheetWords(drawn)
                .filter(words -> ComposedPage.isLeftOut(words))
                .forEach(words -> out.add(new Found(
                        About.ROOM_ON_PAGE,
                        id,
                        page.name() + ": " + words
                                + ". Take larger paper, or Go on on another page, under Where things stand.")));
        if (page.views().stream().anyMatch(v -> v.view().isFilling())) {
            out.add(new Found(About.SCALE, id, page.name() + " keeps to no scale, and says so."));
        }
        var holding = ApprovalStamp.holding(page, drawn);
        page.plan().drawn().review().approvals().stream()
                .filter(a -> a.page().equals(page.page().id()) && !holding.contains(a))
                .forEach(a -> out.add(new Found(
                        About.APPROVAL,
                        id,
                        page.name() + " has changed since " + (a.by().isBlank() ? "it" : a.by() + " approved it")
                                + (a.by().isBlank() ? " was approved" : "")
                                + (a.on().isBlank() ? "" : " on " + a.on()) + ".")));
    }

    private static Stream<String> sheetWords(ComposedPage drawn) {
        return Mark.words(drawn.drawing().only(k -> k == LayerKind.SHEET).layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .map(Mark.Text::text);
    }
}
