/** The window. */
module honeylamp.desktop {
    requires atlantafx.base;
    requires honeylamp.core;
    requires java.desktop;
    requires javafx.controls;
    requires static io.soabase.recordbuilder.core;
    requires static java.compiler;
    requires static org.jspecify;
    requires org.slf4j;

    exports honeylamp.desktop to
            javafx.graphics;
}
