package honeylamp.derive.snags;

import honeylamp.plan.Hold;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.List;

/** Dimensions and notes that have lost what they were put on. */
final class WordSnags {
    private WordSnags() {}

    static List<Snag> of(Storey storey) {
        var out = new ArrayList<Snag>();
        for (var dimension : storey.dimensions()) {
            if (dimension.hold() == Hold.LOST) {
                out.add(
                        new Snag(
                                Snag.Kind.LOOSE_DIMENSION,
                                dimension.line().middle(),
                                List.of(dimension.id()),
                                "What this dimension was put on is gone. Drag its end to what it should measure, or delete it."));
            }
        }
        for (var dimension : storey.roundDimensions()) {
            if (dimension.hold() == Hold.LOST) {
                out.add(new Snag(
                        Snag.Kind.LOOSE_DIMENSION,
                        dimension.middle().point(),
                        List.of(dimension.id()),
                        "What this dimension was put on is gone, or no longer has it. Delete it, and measure anew."));
            }
        }
        for (var note : storey.notes()) {
            note.leader()
                    .filter(l -> l.hold() == Hold.LOST)
                    .ifPresent(
                            l -> out.add(
                                    new Snag(
                                            Snag.Kind.LOOSE_NOTE,
                                            l.tip().point(),
                                            List.of(note.id()),
                                            "What this note points at is gone. Drag its tip to what it speaks of, or take its leader away.")));
        }
        return out;
    }
}
