package honeylamp.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.store.KeptFile;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptLibraryTest {
    @TempDir
    private Path folder;

    @Test
    void whatIsKeptIsThereTheNextTime() {
        var file = folder.resolve("home").resolve("wall-types.json");
        var type = NewPlan.in(UnitSystem.MM).wallTypes().get(2);
        assertThat(new KeptLibrary<>(KeptFile.WALL_TYPES, file).keep(type)).isEmpty();
        assertThat(new KeptLibrary<>(KeptFile.WALL_TYPES, file).all())
                .singleElement()
                .satisfies(t -> assertThat(t.name()).isEqualTo(type.name()));
    }

    @Test
    void aFileThatCannotBeReadIsLeftAlone() throws IOException {
        var file = folder.resolve("wall-types.json");
        Files.writeString(file, "not a list");
        var kept = new KeptLibrary<>(KeptFile.WALL_TYPES, file);
        assertThat(kept.all()).isEmpty();
        assertThat(kept.keep(NewPlan.in(UnitSystem.MM).wallTypes().getFirst())).contains("Move the file away");
        assertThat(file).hasContent("not a list");
    }

    @Test
    void entriesThatAreNothingAreLeftOutAndNothingKeepsTheProgramFromStarting() throws IOException {
        var type = NewPlan.in(UnitSystem.MM).wallTypes().get(2);
        var file = folder.resolve("wall-types.json");
        assertThat(new KeptLibrary<>(KeptFile.WALL_TYPES, file).keep(type)).isEmpty();
        var whole = Files.readString(file);
        Files.writeString(file, whole.replaceFirst("\\[", "[null,"));
        assertThat(new KeptLibrary<>(KeptFile.WALL_TYPES, file).all())
                .singleElement()
                .satisfies(t -> assertThat(t.name()).isEqualTo(type.name()));
        for (var damaged : new String[] {
            "null", "[null]", "[{}]", "[7]", "", whole.replaceFirst("\"name\" *: *\"[^\"]*\"", "\"name\": null")
        }) {
            Files.writeString(file, damaged);
            assertThat(new KeptLibrary<>(KeptFile.WALL_TYPES, file).all())
                    .as(damaged)
                    .isEmpty();
        }
        assertThat(new KeptLibrary<>(KeptFile.WALL_TYPES, file.resolve("below-a-file.json")).all())
                .isEmpty();
    }
}
