package honeylamp.store;

import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.nio.file.ReadOnlyFileSystemException;
import java.util.Locale;

/** Why a file could not be written or read, in words for people. */
public final class FileTrouble {
    private FileTrouble() {}

    /** The reason as the end of a sentence, without its full stop: "the disk is full". */
    public static String reason(Exception e) {
        return switch (e) {
            case NoSuchFileException _ -> "the folder is not there any more";
            case AccessDeniedException _ -> "you may not write there";
            case NotDirectoryException _ -> "a file stands where a folder is needed";
            case ReadOnlyFileSystemException _ -> "that place can only be read";
            default -> of(said(e));
        };
    }

    private static String said(Exception e) {
        var text = e instanceof FileSystemException f && f.getReason() != null ? f.getReason() : e.getMessage();
        return text == null || text.isBlank() ? e.getClass().getSimpleName() : text;
    }

    private static String of(String said) {
        var low = said.toLowerCase(Locale.ROOT);
        if (low.contains("no space left")) {
            return "the disk is full";
        }
        if (low.contains("quota")) {
            return "your share of the disk is used up";
        }
        if (low.contains("read-only file system")) {
            return "that place can only be read";
        }
        if (low.contains("permission denied")) {
            return "you may not write there";
        }
        if (low.contains("name too long")) {
            return "the name is too long for this disk";
        }
        if (low.contains("not a directory") || low.contains("file exists")) {
            return "a file stands where a folder is needed";
        }
        if (low.contains("no such file")) {
            return "the folder is not there any more";
        }
        return said;
    }
}
