package honeylamp.desktop.workspace;

import honeylamp.derive.traced.PictureLines;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Underlay;
import honeylamp.plan.Underlay.Sight;
import java.util.ArrayList;
import java.util.List;

/** The pictures to trace that are seen at the moment: their lines to catch, and the notes on them. */
final class SeenPictures {
    private SeenPictures() {}

    private static List<Underlay> of(Workspace now) {
        return now.showsUnderlay()
                ? now.currentStorey().underlays().stream()
                        .filter(u -> u.sight() == Sight.SHOWN)
                        .toList()
                : List.of();
    }

    /** Their lines, the picture on top first; none if they are not to be caught. */
    static PictureLines lines(Workspace now, PictureStore pictures) {
        if (now.choices().lines() == Choices.Lines.IGNORED) {
            return PictureLines.NONE;
        }
        var all = new ArrayList<PictureLines>();
        for (var underlay : of(now).reversed()) {
            pictures.get(underlay.picture()).ifPresent(p -> all.add(PictureLines.of(underlay, p)));
        }
        return (p, reach) ->
                all.stream().flatMap(l -> l.near(p, reach).stream()).findFirst();
    }

    /** The notes on them. */
    static List<Mark> notes(Workspace now, Surroundings scene) {
        return of(now).stream()
                .flatMap(u -> Sketches.pictureNotes(scene.frame(), u, scene.penMm()).stream())
                .toList();
    }
}
