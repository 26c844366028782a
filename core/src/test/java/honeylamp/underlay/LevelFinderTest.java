package honeylamp.underlay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.SurveySheet;
import honeylamp.demo.place.SurveySheet.Style;
import java.awt.image.BufferedImage;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LevelFinderTest {
    @ParameterizedTest
    @CsvSource({"1.4,PENCIL", "-3.2,PENCIL", "0,RULED", "12.5,RULED", "-7.75,PHOTO"})
    void theProposalIsTheTurnOfTheSheet(double turnDeg, Style style) {
        var sheet = Sheets.of(new SurveySheet(1750, 1300, 9.2, turnDeg, 3L, 1, 0, style));
        assertThat(LevelFinder.of(sheet.picture()))
                .hasValueSatisfying(p -> assertThat(p.turnDeg()).isCloseTo(turnDeg, within(0.12)));
    }

    @Test
    void aPictureWithoutLinesGetsNoProposal() {
        var image = new BufferedImage(600, 500, BufferedImage.TYPE_INT_RGB);
        var random = new Random(2);
        for (var y = 0; y < 500; y++) {
            for (var x = 0; x < 600; x++) {
                image.setRGB(x, y, 0x010101 * (180 + random.nextInt(60)));
            }
        }
        assertThat(LevelFinder.of(TracedPicture.of(image))).isEmpty();
    }
}
