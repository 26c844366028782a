package honeylamp.bench;

import honeylamp.catalogue.TierSets;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.edit.Reach;
import honeylamp.edit.RoomEdits;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.DimensionArt;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.illustrate.words.OtherWords;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** All words of a view placed anew: of the demo, and of 296 rooms with three tiers on every side. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 6, time = 2)
@Measurement(iterations = 4, time = 2)
@Fork(1)
public class WordsBench {
    private static final double SCALE = 50;
    private static final TierSet FURNITURE = TierSets.all().getLast();

    private final LaidView demo = view(tiered(SailclothYard.plan()));
    private final Plan rooms = named(LargePlan.made());
    private final LaidView large = view(tiered(rooms));
    private final LaidView furnished = view(dimensioned(rooms, FURNITURE));
    private final Remembered kept = new Remembered();

    private static Plan named(Plan plan) {
        var storey = plan.storeys().getFirst().id();
        var out = plan;
        var number = 0;
        for (var room : StoreyGeometry.of(plan, plan.storeys().getFirst()).rooms()) {
            if (room.mark().isEmpty()) {
                out = RoomEdits.name(out, storey, room, "Room " + number++);
            }
        }
        return out;
    }

    private static Plan tiered(Plan plan) {
        return dimensioned(plan, TierSets.THREE_TIERS);
    }

    private static Plan dimensioned(Plan plan, TierSet set) {
        return TierSets.chosen(plan, plan.presentation().views().getFirst().id(), Reach.ALL, set);
    }

    private static LaidView view(Plan plan) {
        LaidPage page = LaidPlan.of(plan).pages().getFirst();
        return page.views().getFirst();
    }

    private static List<Mark> words(LaidView view, Remembered remembered) {
        var frame = PaperFrame.atOrigin(SCALE);
        var pens = Pens.of(view.look(), SCALE);
        remembered.next();
        var others = OtherWords.of(view, frame, pens, remembered);
        var out = new ArrayList<>(new LabelArt(view, frame, pens, others, remembered).rooms());
        out.addAll(new DimensionArt(frame, pens)
                .tiers(
                        view,
                        TierPlaces.seen(view),
                        others.readOutside(view.storey().geometry())));
        return out;
    }

    /** The words of the demo from nothing. */
    @Benchmark
    public List<Mark> wordsBaseline() {
        return words(demo, new Remembered());
    }

    /** Those of 296 rooms. */
    @Benchmark
    public List<Mark> wordsOfManyRooms() {
        return words(large, new Remembered());
    }

    /** Those of 296 rooms with 370 pieces measured from their walls. */
    @Benchmark
    public List<Mark> wordsOfManyPieces() {
        return words(furnished, new Remembered());
    }

    /** Those of 296 rooms once more, as after an edit that touches none of them. */
    @Benchmark
    public List<Mark> wordsOfManyRoomsAgain() {
        return words(large, kept);
    }
}
