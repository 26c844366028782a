package honeylamp.desktop.panel.card;

import honeylamp.catalogue.ColourCode;
import honeylamp.catalogue.Material;
import honeylamp.desktop.panel.part.Widgets;
import honeylamp.edit.Finishing;
import honeylamp.edit.Outcome;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend;
import honeylamp.plan.Laying.Blend.Mixing;
import honeylamp.plan.Laying.Coat;
import honeylamp.plan.Laying.Share;
import honeylamp.plan.Laying.Sheen;
import honeylamp.plan.Laying.Turning;
import honeylamp.plan.Oklch;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;

/** The colour of a finish here only, and tones that are mixed. */
record ToneFields(OneSurface on) {
    private static final double MOST_CHROMA = 0.16;

    /** Its own colour. */
    Node tone(Finish finish, Material material) {
        var tone = material.in(on.model().shown().view().look()).tone();
        var out = Widgets.section(
                "Colour, here only",
                toned(
                        "Lightness",
                        "lightness",
                        0.3,
                        1,
                        tone.lightness(),
                        finish,
                        v -> new Oklch(v, tone.chroma(), tone.hueDeg())),
                toned(
                        "Strength",
                        "chroma",
                        0,
                        MOST_CHROMA,
                        tone.chroma(),
                        finish,
                        v -> new Oklch(tone.lightness(), v, tone.hueDeg())),
                toned("Hue", "hue", 0, 360, tone.hueDeg(), finish, v -> new Oklch(tone.lightness(), tone.chroma(), v)),
                code(
                        on.id() + "-tone-code",
                        tone,
                        typed -> on.lay(finish.withTone(Optional.of(typed)), "Colour finish")),
                Widgets.slider(
                        "Grain and veins, %",
                        on.id() + "-figure",
                        0,
                        100 * Laying.STRONGEST_FIGURE,
                        100 * material.laying().figure(),
                        (v, going) -> on.model()
                                .slide(
                                        on.put()
                                                .apply(Optional.of(finish.withLaying(Optional.of(
                                                        material.laying().withFigure(5 * Math.rint(v / 5) / 100))))),
                                        "Change figure",
                                        going)),
                sheen(finish, material.laying()),
                Widgets.button(
                        "Usual colour",
                        on.id() + "-tone-back",
                        "The finish has the colour of its material again",
                        () -> on.lay(finish.withTone(Optional.empty()), "Take colour back")));
        if (!material.laying().isSeamless()) { // what is in one piece has none to draw along
            out.getChildren().add(out.getChildren().size() - 2, second(finish, material.laying()));
        }
        return out;
    }

    private Node second(Finish finish, Laying laying) {
        return Widgets.slider(
                "Second pass, %",
                on.id() + "-second",
                0,
                100,
                100 * laying.coat().second(),
                (v, going) -> on.model()
                        .slide(
                                on.put()
                                        .apply(Optional.of(coated(
                                                finish, laying, laying.coat().withSecond(5 * Math.rint(v / 5) / 100)))),
                                "Change second pass",
                                going));
    }

    private Node sheen(Finish finish, Laying laying) {
        return OneSurface.row(Stream.of(Sheen.values())
                .map(s -> Widgets.toggle(
                        s.label(),
                        on.id() + "-sheen-" + s.label().toLowerCase(Locale.ROOT),
                        "How much light its pieces throw back",
                        laying.coat().sheen() == s,
                        () -> on.lay(coated(finish, laying, laying.coat().withSheen(s)), "Change sheen")))
                .toArray(Node[]::new));
    }

    private static Finish coated(Finish finish, Laying laying, Coat coat) {
        return finish.withLaying(Optional.of(laying.withCoat(coat)));
    }

    /** A colour by its code. */
    Node code(String fieldId, Oklch colour, Consumer<Oklch> take) {
        var field = new TextField(ColourCode.of(colour));
        field.setId(fieldId);
        field.setAccessibleText("Colour code");
        field.setOnAction(_ -> ColourCode.read(field.getText())
                .ifPresentOrElse(
                        take,
                        () -> on.model()
                                .complain("\"" + field.getText()
                                        + "\" is no colour code. Type six digits from 0 to F, such as #7C9A82.")));
        var row = Widgets.row(Widgets.quiet("Code"), Widgets.spring(), field);
        row.getStyleClass().add("field-row");
        return row;
    }

    /** Tones that are mixed, with their shares; and whether pieces are turned. */
    Node blend(Finish finish, Material material) {
        var laying = material.laying();
        var blend = laying.blend();
        var box = new VBox(4);
        for (var i = 0; i < blend.shares().size(); i++) {
            var at = i;
            var share = blend.shares().get(i);
            box.getChildren()
                    .add(code(
                            on.id() + "-blend-code-" + (i + 1),
                            share.tone(),
                            typed -> blended(finish, laying, at, new Share(typed, share.share()))));
            box.getChildren()
                    .add(Widgets.slider(
                            "Share",
                            on.id() + "-blend-share-" + (i + 1),
                            1,
                            10,
                            share.share(),
                            (v, going) -> on.model()
                                    .slide(
                                            on.put()
                                                    .apply(Optional.of(finish.withLaying(Optional.of(Finishing.mixed(
                                                            laying, at, new Share(share.tone(), Math.rint(v))))))),
                                            "Mix tones",
                                            going)));
        }
        var buttons = OneSurface.row();
        if (blend.shares().size() < Finishing.MOST_TONES) {
            buttons.getChildren()
                    .add(Widgets.button(
                            blend.shares().isEmpty() ? "Mix two tones" : "One tone more",
                            on.id() + "-blend-more",
                            "Pieces of several tones, in shares",
                            () -> on.lay(
                                    Outcome.done(Finishing.oneToneMore(
                                            laying,
                                            material.in(on.model()
                                                            .shown()
                                                            .view()
                                                            .look())
                                                    .tone())),
                                    finish,
                                    "Mix tones")));
        }
        if (!blend.shares().isEmpty()) {
            buttons.getChildren()
                    .addAll(
                            Widgets.button(
                                    "One tone",
                                    on.id() + "-blend-none",
                                    "The tone of the material alone again",
                                    () -> on.lay(Outcome.done(laying.withBlend(Blend.NONE)), finish, "Mix tones")),
                            Widgets.toggle(
                                    "In turn",
                                    on.id() + "-blend-turn",
                                    "One after the other, or else by chance",
                                    blend.mixing() == Mixing.IN_TURN,
                                    () -> on.lay(Outcome.done(Finishing.mixedOtherwise(laying)), finish, "Mix tones")));
        }
        buttons.getChildren()
                .add(Widgets.toggle(
                        "Turned by chance",
                        on.id() + "-turning",
                        "Pieces are turned by quarters of a turn, so that neighbours differ",
                        laying.turning() == Turning.BY_CHANCE,
                        () -> on.lay(Outcome.done(Finishing.turnedOtherwise(laying)), finish, "Turn pieces")));
        box.getChildren().add(buttons);
        return Widgets.section("Tones", box);
    }

    private void blended(Finish finish, Laying laying, int at, Share share) {
        on.lay(Outcome.done(Finishing.mixed(laying, at, share)), finish, "Mix tones");
    }

    private interface Toned {
        Oklch tone(double value);
    }

    private Node toned(String label, String what, double least, double most, double value, Finish finish, Toned toned) {
        return Widgets.slider(
                label,
                on.id() + "-tone-" + what,
                least,
                most,
                value,
                (v, going) -> on.model()
                        .slide(
                                on.put().apply(Optional.of(finish.withTone(Optional.of(toned.tone(v))))),
                                "Colour finish",
                                going));
    }
}
