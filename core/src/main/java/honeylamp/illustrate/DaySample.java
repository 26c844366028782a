package honeylamp.illustrate;

import honeylamp.derive.light.SunPlace;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Role;
import honeylamp.plan.Sun;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** A storey from above at an hour of a day, small and without words. */
public final class DaySample {
    /** The side of the picture, in paper mm. */
    public static final double SIDE_MM = 90;

    private static final double MARGIN = 1.12;
    private static final double SHADE_PX_PER_MM = 1;

    private static final Set<LayerKind> LEFT_OUT =
            EnumSet.of(LayerKind.DIMENSIONS, LayerKind.LABELS, LayerKind.OVERHEAD, LayerKind.UNDERLAY, LayerKind.SHEET);

    private DaySample() {}

    /**
     * The full hours of a sun's day while it is up.
     *
     * @param every so many hours are passed from one to the next
     */
    public static List<LocalDateTime> hours(Sun sun, int every) {
        var midnight = sun.clock().toLocalDate().atStartOfDay();
        return IntStream.iterate(0, h -> h < 24, h -> h + every)
                .mapToObj(midnight::plusHours)
                .filter(t -> !SunPlace.of(sun.withClock(t)).isDown())
                .toList();
    }

    /** A view under its light, about the paper origin; empty where nothing stands. */
    public static Drawing of(LaidView view) {
        var half = SIDE_MM / 2;
        var square = Figure.ring(new Box(-half, -half, half, half).ring());
        var paper = new Mark.Fill(
                square, Ink.of(view.look().palette().of(Role.PAPER).argb()));
        var layers = new ArrayList<>(List.of(Layer.of(LayerKind.PAPER, List.of(paper))));
        view.storey().geometry().shellBounds().ifPresent(box -> {
            var scale = MARGIN * Math.max(box.width(), box.height()) / SIDE_MM;
            var middle = box.centre();
            var frame = new PaperFrame(scale, -middle.x() / scale, middle.y() / scale);
            layers.addAll(Illustration.of(view, frame, Lamp.LIT, SHADE_PX_PER_MM, new Remembered())
                    .only(k -> !LEFT_OUT.contains(k))
                    .layers());
        });
        return new Drawing(layers).clipped(square);
    }
}
