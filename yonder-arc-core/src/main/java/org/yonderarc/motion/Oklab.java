package org.yonderarc.motion;

import org.yonderarc.plan.Colour;

/** Mixes colours in OKLab, as CSS Color 4, sections 9.2 and 12 have it: even to the eye, alpha premultiplied. */
final class Oklab {
    private Oklab() {}

    static Colour mix(Colour a, Colour b, double share) {
        if (share <= 0 || a.equals(b)) {
            return a;
        }
        if (share >= 1) {
            return b;
        }
        double alpha = a.alpha() + (b.alpha() - a.alpha()) * share;
        if (alpha <= 0) {
            return b.withAlpha(0);
        }
        double[] x = lab(a);
        double[] y = lab(b);
        double[] mixed = new double[3];
        for (int i = 0; i < 3; i++) {
            mixed[i] = (x[i] * a.alpha() * (1 - share) + y[i] * b.alpha() * share) / alpha;
        }
        return rgb(mixed, alpha);
    }

    private static double[] lab(Colour colour) {
        double r = linear(colour.red());
        double g = linear(colour.green());
        double b = linear(colour.blue());
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
        return new double[] {
            0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s
        };
    }

    private static Colour rgb(double[] lab, double alpha) {
        double l = cube(lab[0] + 0.3963377774 * lab[1] + 0.2158037573 * lab[2]);
        double m = cube(lab[0] - 0.1055613458 * lab[1] - 0.0638541728 * lab[2]);
        double s = cube(lab[0] - 0.0894841775 * lab[1] - 1.2914855480 * lab[2]);
        return new Colour(
                channel(4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s),
                channel(-1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s),
                channel(-0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s),
                Math.max(0, Math.min(1, alpha)));
    }

    private static double cube(double value) {
        return value * value * value;
    }

    private static double linear(int channel) {
        double share = channel / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    private static int channel(double linear) {
        double share = linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
        return (int) Math.round(Math.max(0, Math.min(1, share)) * 255);
    }
}
