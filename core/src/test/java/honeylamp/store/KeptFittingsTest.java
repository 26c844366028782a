package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import honeylamp.catalogue.Fittings;
import honeylamp.catalogue.KeptFitting;
import honeylamp.plan.Buying;
import honeylamp.plan.Emission;
import honeylamp.plan.FittingKind;
import honeylamp.units.Length;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptFittingsTest {
    private static final Buying GANNET = Buying.UNKNOWN.withName("Gannet 9").withPrice(4950);

    @Test
    void productsAreReadAsTheyWereWrittenWithMeasuredLightToo(@TempDir Path folder) throws Exception {
        var measured = Fittings.emission(FittingKind.DOWNLIGHT)
                .orElseThrow()
                .withCurve(Collections.nCopies(Emission.CURVE_POINTS, 120));
        var light = new KeptFitting(FittingKind.DOWNLIGHT, Length.ZERO, Optional.of(measured), GANNET);
        var socket = new KeptFitting(FittingKind.SOCKET_2, Length.ZERO, Optional.empty(), GANNET.withName("Petrel"));
        var file = folder.resolve("fittings.json");
        KeptFile.FITTINGS.write(file, List.of(light, socket));
        assertThat(KeptFile.FITTINGS.read(file)).containsExactly(light, socket);
        var dimmer = light.emission().map(e -> e.withLumen(900));
        var other = new KeptFitting(FittingKind.DOWNLIGHT, Length.ZERO, dimmer, GANNET);
        assertThat(KeptFile.FITTINGS.with(List.of(light, socket), other)).containsExactlyInAnyOrder(socket, other);
    }

    @Test
    void whatHasNoNameOrAWrongLightIsRefused() {
        var light = Fittings.emission(FittingKind.DOWNLIGHT);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new KeptFitting(FittingKind.DOWNLIGHT, Length.ZERO, light, Buying.UNKNOWN))
                .withMessageContaining("needs a name");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> new KeptFitting(FittingKind.ONE_WAY, Length.ZERO, light, GANNET));
    }
}
