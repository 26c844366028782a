package honeylamp.illustrate.pen;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.Looks;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two inks of a look with lamps. */
class IndoorsTest {
    private static final Box HOUSE = new Box(0, 0, 100, 80);

    private static Mark line(Pens pens, double x0, double x1) {
        return new Mark.Stroke(Figure.line(new Point(x0, 10), new Point(x1, 20)), Pen.butt(0.2), pens.ink());
    }

    @Test
    void whatLiesInRoomsKeepsTheirInkAndTheRestHasThatOfThePaper() {
        var rooms = Pens.of(Indoors.of(Looks.DUSK), 50);
        var paper = Pens.of(Looks.DUSK, 50);
        assertThat(rooms.ink()).isEqualTo(paper.ink(Role.PAPER)).isNotEqualTo(paper.ink());
        var marks = List.of(line(rooms, 10, 40), line(rooms, -20, 140), line(rooms, 120, 140));
        assertThat(Indoors.told(marks, rooms, Looks.DUSK, HOUSE::contains))
                .as("inside, around, beside")
                .containsExactly(line(rooms, 10, 40), line(paper, -20, 140), line(paper, 120, 140));
    }

    @Test
    void otherLooksHaveOneInk() {
        var pens = Pens.of(Indoors.of(Looks.DAYLIGHT), 50);
        assertThat(pens.look()).isEqualTo(Looks.DAYLIGHT);
        var marks = List.of(line(pens, 120, 140));
        assertThat(Indoors.told(marks, pens, Looks.DAYLIGHT, HOUSE::contains)).isSameAs(marks);
    }
}
