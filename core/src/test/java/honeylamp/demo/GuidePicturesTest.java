package honeylamp.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The pictures of the guide show the demos as they are now. */
class GuidePicturesTest {
    private static final Path KEPT = Path.of("../docs/guide/pictures");

    @Test
    void theKeptPicturesAreThoseDrawnFromTheDemos(@TempDir Path folder) throws Exception {
        GuidePictures.write(folder);
        try (var drawn = Files.list(folder);
                var kept = Files.list(KEPT)) {
            assertThat(kept.map(f -> f.getFileName().toString()))
                    .containsExactlyInAnyOrderElementsOf(
                            drawn.map(f -> f.getFileName().toString()).toList());
        }
        try (var drawn = Files.list(folder)) {
            for (var file : drawn.toList()) {
                assertThat(pixels(file))
                        .as(file.getFileName().toString())
                        .isEqualTo(pixels(KEPT.resolve(file.getFileName())));
            }
        }
    }

    private static int[] pixels(Path file) throws Exception {
        BufferedImage image = ImageIO.read(file.toFile());
        return image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
    }
}
