package honeylamp.takeoff.lighting;

import honeylamp.edit.Outcome;
import honeylamp.plan.Emission;
import honeylamp.plan.Emission.Dimming;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * A light as it was measured, read from a photometric file of ANSI/IES LM-63 (1986 to 2019), type C. Planes around the axis
 * are averaged: the light is taken as alike all around. Files with a tilt of their lamps are refused.
 *
 * @param name as the file says, or empty words
 */
public record Photometry(String name, Emission light) {
    /** Larger files are none of a single light. */
    public static final int MOST_CHARACTERS = 2_000_000;

    private static final int MOST_ANGLES = 721;
    private static final int HEAD_NUMBERS = 13;
    private static final int TYPE_C = 1;
    private static final int KELVIN = 3_000;

    /** The light of a file; refused with what is wrong and where. */
    public static Outcome<Photometry> read(String text) {
        if (text.length() > MOST_CHARACTERS) {
            return Outcome.refused(
                    "the file is longer than any of a single light", "Choose a photometric file of IES LM-63.");
        }
        return new Reader(text).read();
    }

    private static final class Reader {
        private final List<String> lines;
        private String name = "";

        Reader(String text) {
            this.lines = text.lines().toList();
        }

        private static Outcome<Photometry> no(String what) {
            return Outcome.refused(what, "Choose a photometric file of IES LM-63, type C.");
        }

        Outcome<Photometry> read() {
            if (lines.isEmpty() || !isHead(lines.getFirst())) {
                return no("line 1 does not say IESNA: it is no photometric file");
            }
            var tilt = -1;
            for (var i = 0; i < lines.size() && tilt < 0; i++) {
                var line = lines.get(i).strip();
                if (line.toUpperCase(Locale.ROOT).startsWith("TILT=")) {
                    tilt = i;
                } else {
                    keyword(line);
                }
            }
            if (tilt < 0) {
                return no("there is no line TILT=");
            }
            if (!lines.get(tilt).strip().toUpperCase(Locale.ROOT).equals("TILT=NONE")) {
                return no("line " + (tilt + 1) + " tilts its lamps, which is not read");
            }
            return numbers(tilt + 1);
        }

        private static boolean isHead(String line) {
            return line.strip().toUpperCase(Locale.ROOT).startsWith("IES");
        }

        /** The catalogue number, or else the name of the luminaire. */
        private void keyword(String line) {
            var end = line.indexOf(']');
            if (line.startsWith("[") && end > 0) {
                var key = line.substring(1, end).toUpperCase(Locale.ROOT);
                var said = line.substring(end + 1).strip();
                if (key.equals("LUMCAT") || key.equals("LUMINAIRE") && name.isEmpty()) {
                    name = said.length() > 60 ? said.substring(0, 60) : said;
                }
            }
        }

        private Outcome<Photometry> numbers(int from) {
            var values = new ArrayList<Double>();
            for (var i = from; i < lines.size(); i++) {
                for (var word : lines.get(i).strip().split("[\\s,]+")) {
                    if (!word.isEmpty()) {
                        try {
                            var value = Double.parseDouble(word);
                            if (!Double.isFinite(value)) {
                                return no("line " + (i + 1) + " says \"" + word + "\", which is no number");
                            }
                            values.add(value);
                        } catch (NumberFormatException e) {
                            return no("line " + (i + 1) + " says \"" + shortened(word) + "\", which is no number");
                        }
                    }
                }
            }
            return values.size() < HEAD_NUMBERS ? no("it ends after " + values.size() + " numbers") : table(values);
        }

        private static String shortened(String word) {
            return word.length() > 20 ? word.substring(0, 20) + "\u2026" : word;
        }

        private Outcome<Photometry> table(List<Double> values) {
            var up = values.get(3).intValue();
            var around = values.get(4).intValue();
            if (up < 2 || up > MOST_ANGLES || around < 1 || around > MOST_ANGLES) {
                return no("it tells " + up + " by " + around + " angles");
            }
            if (values.get(5).intValue() != TYPE_C) {
                return no("it is of type " + (values.get(5).intValue() == 2 ? "B" : "A"));
            }
            var wanted = HEAD_NUMBERS + up + around + up * around;
            if (values.size() < wanted) {
                return no("it ends after " + values.size() + " of " + wanted + " numbers");
            }
            var angles = values.subList(HEAD_NUMBERS, HEAD_NUMBERS + up);
            for (var i = 1; i < up; i++) {
                if (angles.get(i) <= angles.get(i - 1)) {
                    return no("its angles do not rise");
                }
            }
            if (angles.getFirst() < 0 || angles.getLast() > 180) {
                return no("its angles go beyond 0 and 180 degrees");
            }
            var factor = values.get(2) * values.get(10);
            var first = HEAD_NUMBERS + up + around;
            var mean = IntStream.range(0, up)
                    .mapToObj(i -> factor
                            * IntStream.range(0, around)
                                    .mapToDouble(plane -> values.get(first + plane * up + i))
                                    .average()
                                    .orElse(0))
                    .toList();
            return light(values, angles, mean);
        }

        private Outcome<Photometry> light(List<Double> values, List<Double> angles, List<Double> mean) {
            if (mean.stream().anyMatch(c -> c < 0 || c > Emission.MOST_CANDELA)) {
                return no("it tells less light than none, or more than any lamp has");
            }
            // what the curve itself adds up to: files of lamps without rated lumens say -1
            var lumen = lumen(angles, mean);
            var watt = Math.clamp(values.get(12), 0, Emission.MOST_WATT);
            if (lumen < 1 || lumen > Emission.MOST_LUMEN) {
                return no("its light adds up to " + Math.round(lumen) + " lm");
            }
            var curve = IntStream.range(0, Emission.CURVE_POINTS)
                    .mapToObj(i -> (int) Math.round(at(angles, mean, 5.0 * i) * 1000 / lumen))
                    .toList();
            return Outcome.done(new Photometry(
                    name,
                    new Emission((int) Math.round(lumen), watt, beam(angles, mean), KELVIN, Dimming.FULL, curve)));
        }

        /** The light at an angle; none beyond those that were measured. */
        private static double at(List<Double> angles, List<Double> mean, double deg) {
            for (var i = 0; i + 1 < angles.size(); i++) {
                if (deg >= angles.get(i) && deg <= angles.get(i + 1)) {
                    var part = (deg - angles.get(i)) / (angles.get(i + 1) - angles.get(i));
                    return mean.get(i) * (1 - part) + mean.get(i + 1) * part;
                }
            }
            return 0;
        }

        private static double lumen(List<Double> angles, List<Double> mean) {
            var step = Math.toRadians(0.5);
            return IntStream.range(0, 360)
                    .mapToDouble(i -> at(angles, mean, (i + 0.5) / 2) * 2 * Math.PI * Math.sin((i + 0.5) * step) * step)
                    .sum();
        }

        /** Twice the angle at which there is half of the most light. */
        private static double beam(List<Double> angles, List<Double> mean) {
            var most = mean.stream().mapToDouble(c -> c).max().orElse(0);
            var last = IntStream.rangeClosed(0, 180)
                    .filter(deg -> at(angles, mean, deg) >= most / 2)
                    .max()
                    .orElse(60);
            return Math.clamp(2.0 * last, Emission.LEAST_BEAM_DEG, 360);
        }
    }
}
