package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class TypedTest {
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> SILL = Ask.distance("Sill");
    private static final Ask<Double> TURN = Ask.angle("Turn");
    private static final Ask<Integer> COUNT = Ask.count("Count", 1, 9, "\"%s\" is no count from 1 to 9.");
    private static final Ask<Ask.Reach> REACH = Ask.reach("Length");

    private static Typed read(List<Ask<?>> asks, String... texts) {
        var fields = asks.stream().map(a -> new Readout.Field(a, "")).toList();
        return Typed.read(fields, List.of(texts), UnitSystem.MM);
    }

    @Test
    void anAnswerIsFoundByItsQuestionWhereverItsFieldStands() {
        List<Ask<?>> asks = new ArrayList<>(List.of(WIDTH, SILL, TURN));
        var one = read(asks, "900", "", "90");
        Collections.reverse(asks);
        var other = read(asks, "90", "", "900");
        for (var typed : List.of(one, other)) {
            assertThat(typed.of(WIDTH)).contains(Length.ofMm(900));
            assertThat(typed.of(SILL)).isEmpty();
            assertThat(typed.of(TURN)).contains(90.0);
        }
    }

    @Test
    void aQuestionThatWasNotPutHasNoAnswer() {
        assertThat(read(List.of(WIDTH), "900").of(Ask.length("Depth"))).isEmpty();
        // the same name read otherwise is another question
        assertThat(read(List.of(WIDTH), "900").of(Ask.shift("Width"))).isEmpty();
    }

    @Test
    void eachFieldIsReadByItsOwnRule() {
        assertThat(read(List.of(WIDTH), "0").wrong()).isPresent();
        assertThat(read(List.of(SILL), "0").of(SILL)).contains(Length.ZERO);
        assertThat(read(List.of(WIDTH), "-5").wrong()).isPresent();
        assertThat(read(List.of(Ask.shift("Up")), "-5").of(Ask.shift("Up"))).contains(Length.ofMm(-5));
        assertThat(read(List.of(COUNT), "12").wrong()).contains("\"12\" is no count from 1 to 9.");
        assertThat(read(List.of(COUNT), " 3 ").of(COUNT)).contains(3);
        assertThat(read(List.of(COUNT), "99999999999").wrong()).isPresent();
    }

    @Test
    void whatIsEchoedIsWhatIsTaken() {
        assertThat(read(List.of(WIDTH), "2m/4").echo()).contains("500").startsWith("= ");
        assertThat(read(List.of(WIDTH), "-5").echo()).isEmpty();
        assertThat(read(List.of(TURN), "90").echo()).isEqualTo("= 90.00\u00b0");
        assertThat(read(List.of(WIDTH, TURN), "900", "45").echo())
                .contains("900")
                .endsWith(", 45.00\u00b0");
    }

    @Test
    void aReachIsALengthOrAnOffset() {
        assertThat(read(List.of(REACH), "600").of(REACH)).contains(new Ask.Reach.Along(Length.ofMm(600)));
        var offset = read(List.of(REACH), "600;-900");
        assertThat(offset.of(REACH)).contains(new Ask.Reach.Offset(Length.ofMm(600), Length.ofMm(-900)));
        assertThat(offset.echo()).isEqualTo("= 600 mm; -900 mm");
        assertThat(read(List.of(REACH), "600;;1").wrong()).isPresent();
    }

    @Test
    void nothingTypedIsNothing() {
        assertThat(read(List.of(WIDTH, TURN), "", "  ").isEmpty()).isTrue();
        assertThat(read(List.of(WIDTH, TURN)).wrong()).isEmpty();
    }
}
