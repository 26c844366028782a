package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WholeFileTest {
    @TempDir
    private Path folder;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void replacesAnOlderFileAsAWhole() throws IOException {
        var file = Files.writeString(folder.resolve("a.txt"), "older and longer");
        WholeFile.<IOException>write(file, out -> out.write(bytes("new")));
        assertThat(file).hasContent("new");
        assertOnly(file);
    }

    @Test
    void aFailureHalfWayLeavesTheOlderFileAndNoLitter() throws IOException {
        var file = Files.writeString(folder.resolve("a.txt"), "older");
        assertThatThrownBy(() -> WholeFile.<IOException>write(file, out -> {
                    out.write(bytes("half of the n"));
                    throw new IOException("the disk is full");
                }))
                .hasMessage("the disk is full");
        assertThat(file).hasContent("older");
        assertOnly(file);
    }

    @Test
    void aProgrammersMistakeLeavesNoLitterEither() {
        var file = folder.resolve("b.txt");
        assertThatThrownBy(() -> WholeFile.<IOException>write(file, _ -> {
                    throw new IllegalStateException("mistake");
                }))
                .isInstanceOf(IllegalStateException.class);
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void aMissingFolderIsNamed() {
        assertThatThrownBy(
                        () -> WholeFile.<IOException>write(folder.resolve("no").resolve("c.txt"), out -> out.write(1)))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("c.txt");
    }

    @Test
    void filesAreReadableByWhoeverTheFolderAllows() throws IOException {
        var file = folder.resolve("d.txt");
        WholeFile.<IOException>write(file, out -> out.write(bytes("x")));
        var plain = Files.writeString(folder.resolve("e.txt"), "x");
        assertThat(Files.getPosixFilePermissions(file)).isEqualTo(Files.getPosixFilePermissions(plain));
    }

    private void assertOnly(Path file) throws IOException {
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(file);
        }
    }
}
