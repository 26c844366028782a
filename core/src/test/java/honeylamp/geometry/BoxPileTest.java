package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Boxes put down one by one. */
class BoxPileTest {
    @Test
    void meetsWhatLookingAtEachFinds() {
        var random = new Random(5);
        var pile = new BoxPile();
        var all = new ArrayList<Box>();
        for (var i = 0; i < 2000; i++) {
            var x = random.nextInt(400) - 200;
            var y = random.nextInt(400) - 200;
            // whole numbers, so that edges often touch; some boxes are lines or points
            var box = new Box(x, y, x + random.nextInt(12), y + random.nextInt(5));
            assertThat(pile.meets(box)).isEqualTo(all.stream().anyMatch(box::meets));
            pile.add(box);
            all.add(box);
        }
    }
}
