package honeylamp.bench;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.StringJoiner;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** Runs the benchmarks and prints each as a ratio to its baseline in the same run. */
public final class Ratios {
    private static final String BASELINE = "Baseline";

    private Ratios() {}

    /** Runs all benchmarks, or those whose names hold the argument. */
    public static void main(String[] arguments) throws RunnerException {
        var pattern = arguments.length == 0 ? ".*Bench.*" : ".*" + arguments[0] + ".*";
        var results = new Runner(new OptionsBuilder().include(pattern).build()).run();
        Map<String, Double> milliseconds = new HashMap<>();
        for (var result : results) {
            var name = result.getParams().getBenchmark();
            var sizes = new StringJoiner("/", " ", "").setEmptyValue("");
            result.getParams()
                    .getParamsKeys()
                    .forEach(k -> sizes.add(result.getParams().getParam(k)));
            milliseconds.put(
                    name.substring(name.lastIndexOf('.') + 1) + sizes,
                    result.getPrimaryResult().getScore());
        }
        System.out.println();
        milliseconds.entrySet().stream()
                .filter(e -> !e.getKey().endsWith(BASELINE))
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> print(e.getKey(), e.getValue(), milliseconds));
    }

    /** A benchmark without a baseline of its own is compared with the smallest of its sizes. */
    private static void print(String name, double value, Map<String, Double> all) {
        var base = all.entrySet().stream()
                .filter(e -> e.getKey().endsWith(BASELINE)
                        && name.startsWith(e.getKey().substring(0, e.getKey().length() - BASELINE.length())))
                .map(Map.Entry::getValue)
                .findFirst()
                .or(() -> all.entrySet().stream()
                        .filter(e -> e.getKey().startsWith(name.replaceFirst(" .*", " ")))
                        .map(Map.Entry::getValue)
                        .min(Double::compare));
        System.out.printf(
                Locale.ROOT,
                "%-16s %8.2f ms%s%n",
                name,
                value,
                base.map(b -> String.format(Locale.ROOT, " = %6.1f x %.2f ms", value / b, b))
                        .orElse(""));
    }
}
