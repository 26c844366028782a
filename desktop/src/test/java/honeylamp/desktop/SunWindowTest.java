package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Light;
import honeylamp.plan.Light.Falls;
import honeylamp.plan.Look;
import honeylamp.plan.Sun;
import java.time.LocalDateTime;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Light by hand and by the sun, typed and pressed in the real window. */
class SunWindowTest {
    private static Light light(WindowDriver w) throws Exception {
        return w.plan().presentation().views().getFirst().light();
    }

    private static Sun sun(WindowDriver w) throws Exception {
        return light(w).sun().orElseThrow();
    }

    private static Look look(WindowDriver w) throws Exception {
        return LaidPlan.of(w.plan()).pages().getFirst().look();
    }

    @Test
    void theSunIsPutOverAPlaceAtATime() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            var byHand = light(w);
            w.press("light-by-sun");
            w.fill("sun-latitude", "33.87 S");
            w.fill("sun-longitude", "151.21");
            w.fill("sun-date", "2026-12-21");
            w.fill("sun-clock", "10:15");
            w.fill("sun-ahead", "11");
            assertThat(sun(w)).isEqualTo(new Sun(-33.87, 151.21, LocalDateTime.of(2026, 12, 21, 10, 15), 11));
            assertThat(w.<Label>node("sun-says").getText()).contains("clockwise from north");
            w.press("sun-hour-15");
            assertThat(sun(w).clock()).isEqualTo(LocalDateTime.of(2026, 12, 21, 15, 0));
            w.fill("sun-latitude", "95 N");
            assertThat(w.message()).contains("90 S to 90 N");
            w.fill("sun-date", "21st of June");
            assertThat(w.message()).contains("2026-06-21");
            w.fill("sun-clock", "25:00");
            assertThat(w.message()).contains("15:30");
            assertThat(sun(w).latitudeDeg()).isEqualTo(-33.87);
            w.fill("sun-clock", "02:00");
            assertThat(w.<Label>node("sun-says").getText()).contains("down");
            w.fill("sun-clock", "9:30");
            var seen = LaidPlan.of(w.plan())
                    .pages()
                    .getFirst()
                    .views()
                    .getFirst()
                    .light()
                    .orElseThrow();
            w.press("light-by-hand"); // it stays where the sun put it
            assertThat(light(w).sun()).isEmpty();
            assertThat(light(w).fromDeg()).isCloseTo(seen.fromDeg(), within(1e-9));
            for (var i = 0; i < 10; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(light(w)).isEqualTo(byHand);
        }
    }

    @Test
    void theDayOfAPolarNightIsEmptyAndSaysSo() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.press("light-by-sun");
            w.fill("sun-latitude", "78 N");
            w.fill("sun-date", "2026-12-21");
            assertThat(w.<Node>node("sun-day")).isNull();
            assertThat(w.<Label>node("sun-says").getText()).contains("down");
        }
    }

    @Test
    void shadeFallsOnTheGroundAndHeightsAreTrue() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.press("shade-falls-around");
            assertThat(light(w).falls()).isEqualTo(Falls.AROUND);
            w.press("true-heights");
            assertThat(look(w).heightCap()).isEqualTo(Look.TRUE_HEIGHTS);
            w.press("true-heights");
            assertThat(look(w).heightCap().mm()).isEqualTo(1100);
        }
    }

    /** Beside every slider its number stands, and is typed over. */
    @Test
    void theNumberOfASliderIsTypedOver() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-look");
            w.fill("light-altitude-value", "33");
            assertThat(light(w).altitudeDeg()).isEqualTo(33);
            assertThat(w.<Slider>node("light-altitude").getValue()).isEqualTo(33);
            w.fill("height-cap-value", "2,25");
            assertThat(look(w).heightCap().mm()).isEqualTo(2250);
            w.fill("light-altitude-value", "120");
            assertThat(light(w).altitudeDeg()).isEqualTo(33);
            assertThat(w.<Label>node("light-altitude-wrong").getText()).isEqualTo("Type a number from 15 to 80.");
        }
    }
}
