package honeylamp.output;

import honeylamp.drawing.ink.Gradient;
import honeylamp.drawing.ink.Gradient.Stop;
import java.util.List;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.common.function.PDFunction;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType2;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType3;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;

/** Gradients as PDF's axial and radial shadings, colours stitched together from stop to stop. */
final class PdfGradients {
    private PdfGradients() {}

    static PDShading of(Gradient gradient) {
        return switch (gradient) {
            case Gradient.Linear linear -> {
                var out = new PDShadingType2(kind(PDShading.SHADING_TYPE2));
                out.setCoords(numbers(
                        linear.from().x(),
                        linear.from().y(),
                        linear.to().x(),
                        linear.to().y()));
                out.setExtend(bothWays());
                yield coloured(out, gradient);
            }
            case Gradient.Radial radial -> {
                var out = new PDShadingType3(kind(PDShading.SHADING_TYPE3));
                var x = radial.centre().x();
                var y = radial.centre().y();
                out.setCoords(numbers(x, y, 0, x, y, radial.radiusMm()));
                out.setExtend(bothWays());
                yield coloured(out, gradient);
            }
        };
    }

    private static COSDictionary kind(int shadingType) {
        var out = new COSDictionary();
        out.setInt(COSName.SHADING_TYPE, shadingType);
        return out;
    }

    private static PDShading coloured(PDShading shading, Gradient gradient) {
        shading.setColorSpace(PDDeviceRGB.INSTANCE);
        shading.setFunction(function(gradient.stops()));
        return shading;
    }

    /** Before the first stop and after the last the end colours. */
    private static PDFunction function(List<Stop> stops) {
        var parts = new COSArray();
        var bounds = new COSArray();
        var encode = new COSArray();
        var from = new Stop(0, stops.getFirst().rgb());
        for (var stop : stops) {
            part(from, stop, parts, bounds, encode);
            from = stop;
        }
        part(from, new Stop(1, from.rgb()), parts, bounds, encode);
        bounds.remove(bounds.size() - 1); // the end of the last is that of the whole
        var out = new COSDictionary();
        out.setInt(COSName.FUNCTION_TYPE, 3);
        out.setItem(COSName.DOMAIN, numbers(0, 1));
        out.setItem(COSName.FUNCTIONS, parts);
        out.setItem(COSName.BOUNDS, bounds);
        out.setItem(COSName.ENCODE, encode);
        return new PDFunctionType3(out);
    }

    private static void part(Stop from, Stop to, COSArray parts, COSArray bounds, COSArray encode) {
        if (to.at() <= from.at()) {
            return;
        }
        var out = new COSDictionary();
        out.setInt(COSName.FUNCTION_TYPE, 2);
        out.setItem(COSName.DOMAIN, numbers(0, 1));
        out.setItem(COSName.C0, colour(from.rgb()));
        out.setItem(COSName.C1, colour(to.rgb()));
        out.setItem(COSName.N, COSInteger.ONE);
        parts.add(new PDFunctionType2(out).getCOSObject());
        bounds.add(new COSFloat((float) to.at()));
        encode.add(COSInteger.ZERO);
        encode.add(COSInteger.ONE);
    }

    private static COSArray colour(int rgb) {
        return numbers((rgb >> 16 & 0xff) / 255.0, (rgb >> 8 & 0xff) / 255.0, (rgb & 0xff) / 255.0);
    }

    private static COSArray numbers(double... values) {
        var out = new COSArray();
        for (var value : values) {
            out.add(new COSFloat((float) value));
        }
        return out;
    }

    private static COSArray bothWays() {
        var out = new COSArray();
        out.add(COSBoolean.TRUE);
        out.add(COSBoolean.TRUE);
        return out;
    }
}
