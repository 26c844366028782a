/**
 * All that Honey Lamp works out, without a window. The window and the command line see the doors below; how walls are
 * joined, pens chosen and marks made stays inside, and {@code DesktopFloorsTest} tells of a door that nobody uses.
 */
module honeylamp.core {
    requires java.desktop;
    requires java.xml;
    requires static io.soabase.recordbuilder.core;
    requires static java.compiler;
    requires static org.jspecify;
    requires com.drew.metadata;
    requires com.fasterxml.jackson.annotation;
    requires com.github.weisj.jsvg;
    requires commons.math3;
    requires net.e175.klaus.solarpositioning;
    requires org.apache.commons.csv;
    requires org.apache.fontbox;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    requires org.apache.xmpbox;
    requires org.commonmark;
    requires org.dhatim.fastexcel;
    requires org.locationtech.jts;
    requires org.slf4j;
    requires tools.jackson.core;
    requires tools.jackson.databind;

    exports honeylamp.catalogue;
    exports honeylamp.catalogue.piece;
    exports honeylamp.demo;
    exports honeylamp.derive.light;
    exports honeylamp.derive.listing;
    exports honeylamp.derive.openings;
    exports honeylamp.derive.own;
    exports honeylamp.derive.pointing;
    exports honeylamp.derive.rooms;
    exports honeylamp.derive.snags;
    exports honeylamp.derive.storeys;
    exports honeylamp.derive.traced;
    exports honeylamp.drawing;
    exports honeylamp.edit;
    exports honeylamp.geometry;
    exports honeylamp.lettering;
    exports honeylamp.model;
    exports honeylamp.guide;
    exports honeylamp.illustrate;
    exports honeylamp.illustrate.paper;
    exports honeylamp.illustrate.raised;
    exports honeylamp.illustrate.sketch;
    exports honeylamp.output;
    exports honeylamp.pack;
    exports honeylamp.pack.run;
    exports honeylamp.plan;
    exports honeylamp.raised;
    exports honeylamp.sheet;
    exports honeylamp.store;
    exports honeylamp.survey;
    exports honeylamp.takeoff;
    exports honeylamp.takeoff.fit;
    exports honeylamp.takeoff.brightness;
    exports honeylamp.takeoff.lighting;
    exports honeylamp.takeoff.lived;
    exports honeylamp.takeoff.way;
    exports honeylamp.tracing;
    exports honeylamp.underlay;
    exports honeylamp.units;
}
