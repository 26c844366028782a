package honeylamp.store;

import honeylamp.output.WholeFile;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 of what is compared. */
public final class Digests {
    private Digests() {}

    /** Of a plan with its pictures, and of more words. */
    public static String of(PlanDocument document, String more) {
        try {
            return Digests.<RuntimeException>of(out -> {
                out.write(PlanJson.compact(PlanJson.write(document.plan())));
                for (var name : document.assets().keySet().stream().sorted().toList()) {
                    out.write(name.getBytes(StandardCharsets.UTF_8));
                }
                out.write(more.getBytes(StandardCharsets.UTF_8));
            });
        } catch (IOException e) {
            throw new UncheckedIOException("nothing is written anywhere", e);
        }
    }

    /** Of a file; of one that is not there, that of nothing. */
    public static String of(Path file) throws IOException {
        return Digests.<RuntimeException>of(out -> {
            if (Files.exists(file)) {
                Files.copy(file, out);
            }
        });
    }

    /** Of what is written. */
    public static <X extends Exception> String of(WholeFile.Body<X> writing) throws IOException, X {
        var digest = sha256();
        writing.writeTo(new DigestOutputStream(OutputStream.nullOutputStream(), digest));
        return HexFormat.of().formatHex(digest.digest());
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
