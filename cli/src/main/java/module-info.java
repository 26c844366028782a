/** The command line. */
module honeylamp.cli {
    requires honeylamp.core;
    requires info.picocli;
    requires java.desktop;
    requires static org.jspecify;

    opens honeylamp.cli to
            info.picocli;
}
