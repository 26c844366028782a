package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.takeoff.EdgePieces.Middle;
import java.util.Random;
import org.junit.jupiter.api.Test;

class EdgePiecesTest {
    @Test
    void threeMetresOfThreeHundredsWithJointsOfFourEndBetterOnAPieceThanOnAJoint() {
        // on a piece: 1500 - 150 = 1350 = 4 x 304 + 4 + 130; on a joint: 1500 + 2 = 1502 = 4 x 304 + 4 + 282
        assertThat(EdgePieces.with(Middle.PIECE, 3000, 300, 4)).isEqualTo(new EdgePieces(Middle.PIECE, 9, 130));
        assertThat(EdgePieces.with(Middle.JOINT, 3000, 300, 4)).isEqualTo(new EdgePieces(Middle.JOINT, 8, 282));
        assertThat(EdgePieces.best(3000, 300, 4).edgeMm()).isEqualTo(282);
    }

    @Test
    void wholePiecesAloneAreBest() {
        // five of 200 and four joints of 5
        assertThat(EdgePieces.best(1020, 200, 5)).isEqualTo(new EdgePieces(Middle.PIECE, 5, 0));
        assertThat(EdgePieces.best(815, 200, 5)).isEqualTo(new EdgePieces(Middle.JOINT, 4, 0));
    }

    @Test
    void aPieceLongerThanItsPlaceIsCutItself() {
        assertThat(EdgePieces.with(Middle.PIECE, 120, 300, 4)).isEqualTo(new EdgePieces(Middle.PIECE, 0, 60));
    }

    /** Laid out piece by piece from one end with both ends alike: no other arrangement has larger ends. */
    @Test
    void noArrangementWithEqualEndsHasLargerOnes() {
        var random = new Random(100);
        for (var run = 0; run < 100; run++) {
            var piece = 50 + random.nextInt(600);
            var joint = random.nextInt(12);
            var length = piece + random.nextInt(6000);
            var best = EdgePieces.best(length, piece, joint);
            var found = 0.0;
            for (var wholes = 0; wholes * (piece + joint) <= length + joint; wholes++) {
                var edge = (length - wholes * piece - (wholes + 1.0) * joint) / 2;
                var over = length - wholes * piece - (wholes - 1.0) * joint;
                var fills = wholes > 0 && over >= 0 && over <= 2 * joint; // a joint at either wall
                if (fills) {
                    found = piece;
                } else if (edge > 0 && edge <= piece) {
                    found = Math.max(found, edge);
                }
            }
            var shown = best.edgeMm() == 0 ? piece : best.edgeMm();
            assertThat(shown).as("%d of %d and %d", length, piece, joint).isCloseTo(found, within(1e-6));
        }
    }
}
