package honeylamp.desktop.panel.guide;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.Topics;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.guide.Guide;
import honeylamp.guide.Span;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What the guide calls by name is called so in the window, and its keys are those of the window. */
class GuideWordsTest {
    private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\]|\\\\.)*)\"");
    private static final Pattern KEY =
            Pattern.compile("(Ctrl|Shift|Alt)\\+.*|F\\d+|[A-Z]|End|Home|Delete|Space|Esc|Enter|Tab");

    private static Set<String> literals() throws IOException {
        var out = new TreeSet<String>();
        for (var folder : new String[] {"src/main/java", "../core/src/main/java"}) {
            try (var files = Files.walk(Path.of(folder))) {
                for (var file :
                        files.filter(f -> f.toString().endsWith(".java")).toList()) {
                    LITERAL.matcher(Files.readString(file))
                            .results()
                            .map(m -> m.group(1).replace("\\u2026", ""))
                            .forEach(out::add);
                }
            }
        }
        return out;
    }

    @Test
    void whatIsNamedStandsInTheWindow() throws IOException {
        var there = literals();
        for (var page : Guide.shipped().pages()) {
            assertThat(page.spans()
                            .filter(Span.Label.class::isInstance)
                            .map(s -> s.words().replace("\u2026", ""))
                            .filter(words -> !there.contains(words)))
                    .as(page.key())
                    .isEmpty();
        }
    }

    /** No tool is left out, and none is looked for at a stage that has not got it. */
    @Test
    void everyToolIsToldOnThePageOfItsStage() {
        var guide = Guide.shipped();
        var all = Arrays.stream(WorkStage.values())
                .flatMap(s -> s.tools().stream())
                .map(Tool::label)
                .collect(Collectors.toSet());
        for (var stage : WorkStage.values()) {
            var page = guide.page(Topics.of(stage).page()).orElseThrow();
            var tools = stage.tools().stream().map(Tool::label).collect(Collectors.toSet());
            var told = page.spans()
                    .filter(Span.Label.class::isInstance)
                    .map(Span::words)
                    .collect(Collectors.toSet());
            assertThat(told).as(page.key()).containsAll(tools);
            told.retainAll(all);
            assertThat(tools).as(page.key()).containsAll(told);
        }
    }

    /** Among them the key that opens the guide itself. */
    @Test
    void itsKeysAreThoseInTheTable() throws IOException {
        var table = Files.readString(Path.of("../docs/keys.md"));
        for (var page : Guide.shipped().pages()) {
            assertThat(page.spans()
                            .filter(Span.Typed.class::isInstance)
                            .map(Span::words)
                            .filter(w -> KEY.matcher(w).matches())
                            .filter(key -> !Pattern.compile("(?m)^\\| (.*, )?" + Pattern.quote(key) + "(,.*)? \\|")
                                    .matcher(table)
                                    .find()))
                    .as(page.key())
                    .isEmpty();
        }
    }
}
