package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.KeptLook;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Colouring;
import honeylamp.plan.Light;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.Sun;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Looks and lights in plans, and looks among what a person keeps. */
class KeptLooksTest {
    @TempDir
    private Path folder;

    private static List<Look> all() {
        return Looks.all();
    }

    private static Plan with(Look look) {
        var plan = SailclothYard.plan();
        return ViewEdits.look(plan, plan.presentation().views().getFirst().id(), Reach.ALL, _ -> look);
    }

    private static Look own() {
        var look = Looks.stronger(Looks.NIGHT_DRAWING, 1.5).withLineDial(1.2);
        return look.withPalette(look.palette().with(Map.of(Role.CUSHION, new Oklch(0.6, 0.11, 20))))
                .withColouring(look.colouring().withWhite(0.31));
    }

    @ParameterizedTest
    @MethodSource("all")
    void aPlanKeepsItsLook(Look look) throws Exception {
        var file = folder.resolve("look.honeylamp");
        PlanFile.save(PlanDocument.of(with(look)), new byte[0], file);
        var opened = ((PlanFile.Opened.Good) PlanFile.open(file)).document();
        assertThat(opened.plan()).isEqualTo(with(look));
    }

    @Test
    void aPlanKeepsItsSun() throws Exception {
        var light = new Light(12, 34)
                .withFalls(Light.Falls.AROUND)
                .withSun(Optional.of(new Sun(-33.87, 151.21, LocalDateTime.of(2026, 12, 21, 10, 15), 10.5)));
        var plan = SailclothYard.plan();
        var lit = ViewEdits.light(plan, plan.presentation().views().getFirst().id(), Reach.ALL, _ -> light);
        var file = folder.resolve("sun.honeylamp");
        PlanFile.save(PlanDocument.of(lit), new byte[0], file);
        var opened = ((PlanFile.Opened.Good) PlanFile.open(file)).document();
        assertThat(opened.plan()).isEqualTo(lit);
        assertThat(opened.plan().presentation().views().getFirst().light()).isEqualTo(light);
    }

    @Test
    void aLookThatWasChangedIsKeptWithAllThatWasChanged() throws Exception {
        var file = folder.resolve("looks.json");
        var kept = List.of(new KeptLook("Harbour night", own()), new KeptLook("Plain", Looks.LISTING));
        KeptFile.LOOKS.write(file, kept);
        assertThat(KeptFile.LOOKS.read(file)).isEqualTo(kept);
        assertThat(KeptFile.LOOKS.with(kept, new KeptLook("Plain", Looks.INK)))
                .extracting(KeptLook::name)
                .containsExactly("Harbour night", "Plain");
    }

    /** A look of before there was a colouring shows things in their own colours. */
    @Test
    void aLookWithoutAColouringShowsThingsAsTheyAre() throws Exception {
        var file = folder.resolve("looks.json");
        KeptFile.LOOKS.write(file, List.of(new KeptLook("Old", Looks.DAYLIGHT.withLineDial(1.4))));
        var json = Files.readString(file);
        var before = json.replaceAll("\"colouring\"\\s*:\\s*\\{[^}]*},?", "");
        assertThat(before).isNotEqualTo(json);
        Files.writeString(file, before);
        assertThat(KeptFile.LOOKS.read(file)).singleElement().satisfies(k -> {
            assertThat(k.look().colouring()).isEqualTo(Colouring.AS_LAID);
            assertThat(k.look().lineDial()).isEqualTo(1.4);
        });
    }
}
