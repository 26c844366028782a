package honeylamp.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.SailclothYard;
import honeylamp.desktop.command.Command.Where;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.desktop.workspace.WorkspaceModel;
import honeylamp.store.Origin;
import honeylamp.store.PlanDocument;
import java.io.IOException;
import java.lang.reflect.Proxy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;

/** The one table of commands: its keys, its words, and the page of the docs made of it. */
class CommandTableTest {
    private static final Path PAGE = Path.of("../docs/keys.md");

    private final List<String> asked = new ArrayList<>();
    private final WorkspaceModel model = new WorkspaceModel(Origin.of(PlanDocument.of(SailclothYard.plan())), _ -> {});
    private final CommandTable table = new CommandTable(model, window());

    /** A window that notes what it is asked for. */
    private WindowActions window() {
        return (WindowActions) Proxy.newProxyInstance(
                WindowActions.class.getClassLoader(), new Class<?>[] {WindowActions.class}, (_, method, _) -> {
                    asked.add(method.getName());
                    return method.getReturnType() == boolean.class ? Boolean.FALSE : null;
                });
    }

    private static KeyEvent press(KeyCode code, boolean control, boolean shift) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, shift, control, false, false);
    }

    @Test
    void theKeysOfCommandsStagesAndToolsNeverMeet() {
        var all = new ArrayList<Keys>();
        table.all().forEach(c -> all.addAll(c.keys()));
        Arrays.stream(WorkStage.values()).forEach(s -> s.keys().ifPresent(all::add));
        Arrays.stream(Tool.values()).forEach(t -> t.keys().ifPresent(all::add));
        for (var one : all) {
            for (var shift : List.of(true, false)) {
                var pressed = press(one.code(), one.control() == Keys.Control.HELD, shift);
                assertThat(all.stream().filter(k -> k.matches(pressed)))
                        .as(one.text())
                        .hasSizeLessThanOrEqualTo(1);
            }
        }
    }

    @Test
    void everyCommandHasItsOwnNameAndSaysWhatItDoes() {
        assertThat(table.all()).extracting(Command::id).doesNotHaveDuplicates();
        assertThat(table.all()).allSatisfy(c -> {
            assertThat(c.words()).isNotBlank();
            assertThat(c.hint()).isNotBlank().doesNotEndWith(".");
        });
        assertThat(new HashSet<>(Arrays.asList(Tool.values())).stream().map(Tool::id))
                .doesNotHaveDuplicates();
        assertThat(Tool.values()).allSatisfy(t -> assertThat(t.icon()).startsWith("M"));
    }

    @Test
    void keysAskForTheirCommandWhereTheyMay() {
        assertThat(table.of(press(KeyCode.S, true, false), _ -> true)
                        .orElseThrow()
                        .id())
                .isEqualTo("save");
        assertThat(table.of(press(KeyCode.S, true, true), _ -> true)
                        .orElseThrow()
                        .id())
                .isEqualTo("save-as");
        assertThat(table.of(press(KeyCode.Z, true, true), _ -> true)
                        .orElseThrow()
                        .id())
                .isEqualTo("redo");
        var inText = Set.of(Where.ANYWHERE);
        assertThat(table.of(press(KeyCode.C, true, false), inText::contains)).isEmpty();
        assertThat(table.of(press(KeyCode.L, false, false), inText::contains)).isEmpty();
        assertThat(table.of(press(KeyCode.SPACE, false, false), inText::contains))
                .isEmpty();
        table.of("export").action().run();
        assertThat(asked).containsExactly("exportSheet");
    }

    @Test
    void whatCannotBeDoneNowSaysSo() {
        assertThat(table.isPossible(table.of("undo"))).isFalse();
        assertThat(table.isPossible(table.of("copy"))).isFalse();
        model.pick(Set.of(model.now().currentStorey().walls().getFirst().id()));
        assertThat(table.isPossible(table.of("copy"))).isTrue();
        table.of("delete").action().run();
        assertThat(table.isPossible(table.of("undo"))).isTrue();
        assertThat(table.of("undo").tip()).isEqualTo("Take the last action back (Ctrl+Z)");
    }

    /** {@code -Dhoneylamp.write.keys=true} writes the page anew. */
    @Test
    void theListOfKeysInTheDocsIsMadeOfTheTable() throws IOException {
        var page = KeyList.page(table);
        if (Boolean.getBoolean("honeylamp.write.keys")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE)).isEqualTo(page);
    }
}
