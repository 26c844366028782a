package honeylamp.illustrate;

import honeylamp.derive.lighting.LampPoint;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.shade.LampLight;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.illustrate.shade.WindowGlow;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A picture after dark: what lamps light, and the glow of lit windows; in one look always, in others where a view says so. */
record AfterDark(LaidView view, PaperFrame frame, Pens pens, double shadePxPerMm, Remembered remembered) {
    private static final double LIT_PANE = 0.7;
    private static final double BESIDE_MM = 60;

    private enum About {
        ROOMS,
        LAMPS,
        GLOW
    }

    private record Shining(List<Box> words, LampLight.Asked asked, double pxPerMm) {}

    /** Whether the picture is dark. */
    boolean isDark() {
        return isNightly() || view.view().light().evening().isPresent();
    }

    private boolean isNightly() {
        return view.look().shading() == Shading.LAMPS;
    }

    private StoreyGeometry geometry() {
        return view.storey().geometry();
    }

    private Evening evening() {
        return view.view().light().evening().orElse(Evening.ALL);
    }

    /**
     * What lies over the picture.
     *
     * @param words where words are read, in paper mm
     * @param pieces whose tops are lit
     */
    List<Layer> layers(List<Box> words, List<Solid> pieces) {
        var out = new ArrayList<Layer>();
        out.add(new Layer(LayerKind.LAMPS, Blend.MULTIPLY, List.of(lampLight(words, pieces))));
        Optional<Mark> glow = remembered.answerOf(
                About.GLOW,
                List.of(geometry(), evening()),
                () -> WindowGlow.of(geometry(), frame, glow(), this::isLit));
        glow.ifPresent(mark -> out.add(Layer.of(LayerKind.LAMPS, List.of(mark))));
        if (!isNightly()) {
            out.add(new Layer(LayerKind.LAMPS, Blend.MULTIPLY, panes()));
        }
        return out;
    }

    /** Windows of lit rooms are warm, others as dark as it is outside. */
    private List<Mark> panes() {
        return geometry().cuts().stream()
                .filter(c -> c.opening().kind().isWindow())
                .<Mark>map(c -> new Mark.Fill(
                        frame.paper(Figure.ring(c.ring())), isBesideLit(c) ? glow().at(LIT_PANE) : LampLight.dusk()))
                .toList();
    }

    private boolean isBesideLit(OpeningCut cut) {
        var across = cut.unit().left().times(cut.thicknessMm() / 2 + BESIDE_MM);
        var middle = cut.middle().middle();
        return Stream.of(middle.plus(across), middle.minus(across))
                .anyMatch(p -> geometry().roomAt(p).filter(this::isLit).isPresent());
    }

    private Ink glow() {
        return pens.ink(isNightly() ? Role.GLASS : Role.SUNLIGHT);
    }

    private boolean isLit(Room room) {
        return !LampLight.isFitted(geometry()) || litRooms().contains(room);
    }

    private Set<Room> litRooms() {
        return remembered.answerOf(
                About.ROOMS,
                List.of(geometry(), evening()),
                () -> LampPoint.on(geometry(), evening()::lights).stream()
                        .flatMap(l -> geometry().roomAt(l.at()).stream())
                        .collect(Collectors.toSet()));
    }

    private Mark lampLight(List<Box> words, List<Solid> pieces) {
        var outside = isNightly() ? LampLight.Outside.NIGHT : LampLight.Outside.DUSK;
        var asked = new Shining(words, new LampLight.Asked(evening(), pieces, outside), shadePxPerMm);
        var same = remembered.answer(asked, () -> asked);
        return remembered.answerOf(About.LAMPS, List.of(geometry(), same), () -> {
            var inRooms = words.stream().filter(this::isInRoom).toList();
            var outdoors =
                    isNightly() ? words.stream().filter(box -> !isInRoom(box)).toList() : List.<Box>of();
            return LampLight.of(geometry(), frame, asked.asked, inRooms, outdoors, shadePxPerMm);
        });
    }

    private boolean isInRoom(Box words) {
        return geometry().roomAt(frame.plan(words.centre())).isPresent();
    }
}
