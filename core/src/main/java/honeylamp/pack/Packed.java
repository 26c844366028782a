package honeylamp.pack;

/**
 * A file that was packed, and by what it is known again.
 *
 * @param file its name
 * @param asked digest of the plan and of what was asked of it
 * @param drawn digest of all that is drawn on it
 * @param written digest of its bytes
 */
public record Packed(String file, String asked, String drawn, String written) {}
