package honeylamp.illustrate;

import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Layer;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Box;
import honeylamp.illustrate.fitting.ActivityArt;
import honeylamp.illustrate.fitting.BrightnessArt;
import honeylamp.illustrate.fitting.FittingArt;
import honeylamp.illustrate.fitting.LaidLinks;
import honeylamp.illustrate.fitting.LinkArt;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Annotation.Brightness;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Showing.Kind;
import honeylamp.takeoff.brightness.LuxGrid;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;

/** What a view says of light that is planned: links of switches, what is done where, how bright it is. */
record PlannedLights(LaidView view, PaperFrame frame, Pens pens, Remembered remembered) {
    private static final double LUX_STEP_MM = 100;

    private enum About {
        LINKS,
        LAST_LINKS,
        BRIGHTNESS
    }

    /** What links keep off: the same object as long as the words are the same. */
    private record Linking(List<Box> words) {}

    private StoreyGeometry geometry() {
        return view.storey().geometry();
    }

    private boolean shows(Kind kind) {
        return view.view().seen().shows(kind);
    }

    /**
     * The light of fittings that are on, told as the view asks for it.
     *
     * @param words that it keeps off, in paper mm
     */
    List<Layer> brightness(List<Box> words) {
        var as = view.view().annotation().brightness();
        if (as == Brightness.NONE || !shows(Kind.FITTINGS)) {
            return List.of();
        }
        var evening = view.view().light().evening().orElse(Evening.ALL);
        var rules = view.plan().drawn().lighting();
        List<LuxGrid> rooms = remembered.answerOf(
                About.BRIGHTNESS,
                List.of(geometry(), evening, rules),
                () -> LuxGrid.of(view.storey(), rules, evening::lights, LUX_STEP_MM));
        var taken = new ArrayList<>(words);
        taken.addAll(symbolBoxes());
        return new BrightnessArt(frame, pens, taken).layers(rooms, as);
    }

    /** What symbols of fittings and activities take of the paper. */
    private List<Box> symbolBoxes() {
        var fittings = new FittingArt(frame, pens);
        var activities = new ActivityArt(frame, pens);
        return Stream.concat(
                        shows(Kind.FITTINGS)
                                ? FittingPlaces.on(geometry()).stream().map(fittings::box)
                                : Stream.empty(),
                        shows(Kind.ACTIVITIES)
                                ? ActivityPlaces.on(geometry().storey()).stream()
                                        .map(activities::box)
                                : Stream.empty())
                .toList();
    }

    /** Marks of activities with their words. */
    List<Mark> activities() {
        return new ActivityArt(frame, pens)
                .marks(
                        ActivityPlaces.on(geometry().storey()),
                        symbolBoxes(),
                        p -> geometry().roomAt(p).isPresent());
    }

    /**
     * Links from switches to lights.
     *
     * @param read words that they keep off, in paper mm
     */
    List<Mark> links(List<Box> read) {
        var asked = new Linking(read);
        var words = remembered.answer(asked, () -> asked);
        var storey = geometry().storey();
        return remembered.answerOf(
                About.LINKS,
                List.of(
                        storey.fittings(),
                        geometry().network(),
                        geometry().cuts(),
                        geometry().rooms(),
                        storey.furnishings(),
                        words),
                () -> linked(words.words));
    }

    private List<Mark> linked(List<Box> words) {
        AtomicReference<LaidLinks> last =
                remembered.answer(About.LAST_LINKS, () -> new AtomicReference<>(LaidLinks.NONE));
        var linked = new LinkArt(frame, pens).links(geometry(), words, last.get());
        last.set(linked.laid());
        return linked.marks();
    }
}
