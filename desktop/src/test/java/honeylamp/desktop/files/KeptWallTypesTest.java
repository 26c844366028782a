package honeylamp.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.catalogue.NewPlan;
import honeylamp.units.UnitSystem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class KeptWallTypesTest {
    @TempDir
    private Path folder;

    @Test
    void whatIsKeptIsThereTheNextTime() {
        var file = folder.resolve("home").resolve("wall-types.json");
        var type = NewPlan.in(UnitSystem.MM).wallTypes().get(2);
        assertThat(new KeptWallTypes(file).keep(type)).isEmpty();
        assertThat(new KeptWallTypes(file).types())
                .singleElement()
                .satisfies(t -> assertThat(t.name()).isEqualTo(type.name()));
    }

    @Test
    void aFileThatCannotBeReadIsLeftAlone() throws IOException {
        var file = folder.resolve("wall-types.json");
        Files.writeString(file, "not a list");
        var kept = new KeptWallTypes(file);
        assertThat(kept.types()).isEmpty();
        assertThat(kept.keep(NewPlan.in(UnitSystem.MM).wallTypes().getFirst())).contains("Move the file away");
        assertThat(file).hasContent("not a list");
    }
}
