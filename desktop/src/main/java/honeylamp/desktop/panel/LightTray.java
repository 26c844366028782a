package honeylamp.desktop.panel;

import honeylamp.catalogue.Looks;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.units.Length;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Looks, the light, shade, line and texture, each with live effect. */
final class LightTray {
    private final WorkspaceModel model;

    LightTray(WorkspaceModel model) {
        this.model = model;
    }

    List<Node> nodes() {
        var now = model.now();
        var looks = new VBox(4);
        for (var look : Looks.all()) {
            looks.getChildren()
                    .add(Widgets.toggle(
                            look.name(),
                            "look-" + look.name().toLowerCase(Locale.ROOT).replace(' ', '-'),
                            "A preset; every value stays free to change",
                            look.name().equals(now.plan().look().name()),
                            () -> model.edit(model.now().plan().with(look), "Choose look")));
        }
        var look = now.plan().look();
        var light = now.plan().light();
        return List.of(
                Widgets.section("Look", looks),
                Widgets.section(
                        "Light",
                        Widgets.slider(
                                "From, clockwise from the top",
                                "light-from",
                                0,
                                360,
                                light.fromDeg(),
                                (v, going) -> light(going, l -> new Light(v, l.altitudeDeg()))),
                        Widgets.slider(
                                "Height above the horizon",
                                "light-altitude",
                                15,
                                80,
                                light.altitudeDeg(),
                                (v, going) -> light(going, l -> new Light(l.fromDeg(), v)))),
                Widgets.section(
                        "Shade",
                        Widgets.slider(
                                "Cast shadow",
                                "cast-shadow",
                                0,
                                1,
                                look.castShadow(),
                                (v, going) -> look(going, l -> l.withCastShadow(v))),
                        Widgets.slider(
                                "Corner shade",
                                "corner-shade",
                                0,
                                1,
                                look.cornerShade(),
                                (v, going) -> look(going, l -> l.withCornerShade(v))),
                        Widgets.slider(
                                "Corner reach, in metres",
                                "corner-reach",
                                0.2,
                                1.5,
                                look.cornerReach().mm() / 1000,
                                (v, going) -> look(going, l -> l.withCornerReach(Length.ofMm(1000 * v))))),
                Widgets.section(
                        "Line and texture",
                        Widgets.slider(
                                "Line weight",
                                "line-dial",
                                0.5,
                                2,
                                look.lineDial(),
                                (v, going) -> look(going, l -> l.withLineDial(v))),
                        Widgets.slider(
                                "Texture",
                                "texture",
                                0,
                                1,
                                look.textureStrength(),
                                (v, going) -> look(going, l -> l.withTextureStrength(v)))));
    }

    private void look(boolean going, Function<Look, Look> change) {
        model.slide(model.now().plan().with(change.apply(model.now().plan().look())), "Change look", going);
    }

    private void light(boolean going, Function<Light, Light> change) {
        model.slide(model.now().plan().with(change.apply(model.now().plan().light())), "Turn light", going);
    }
}
