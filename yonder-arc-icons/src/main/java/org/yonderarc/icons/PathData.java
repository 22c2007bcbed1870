package org.yonderarc.icons;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.layout.Outline;

/**
 * Reads path data as SVG 1.1, section 8.3 writes it, into moves, lines and cubic curves. What stands before a fault is read, and nothing after it, as
 * the specification asks.
 */
final class PathData {
    private final String text;
    private final List<Outline.Part> parts = new ArrayList<>();
    private int at;
    private boolean isSound = true;

    private double x;
    private double y;
    /** Where the subpath began. */
    private double startX;

    private double startY;
    /** The control point that a smooth curve mirrors, and the kind of curve it belongs to. */
    private double controlX;

    private double controlY;
    private char controlOf = ' ';

    private PathData(String text) {
        this.text = text;
    }

    static List<Outline.Part> parts(String text) {
        var data = new PathData(text);
        data.read();
        return data.parts;
    }

    private void read() {
        char command = next(' ');
        while (isSound && "Mm".indexOf(parts.isEmpty() ? command : 'M') >= 0 && command != 0) {
            boolean isRelative = Character.isLowerCase(command);
            draw(Character.toUpperCase(command), isRelative ? x : 0, isRelative ? y : 0);
            command = next(command);
        }
    }

    /** The next command: what is written, or the last one again where numbers go on; 0 at the end or before a fault. */
    private char next(char last) {
        skip();
        if (at >= text.length()) {
            return 0;
        }
        char c = text.charAt(at);
        if ("MmLlHhVvCcSsQqTtAaZz".indexOf(c) >= 0) {
            at++;
            return c;
        }
        boolean goesOn = last != ' ' && last != 'Z' && last != 'z' && "+-.0123456789".indexOf(c) >= 0;
        return !goesOn ? 0 : last == 'M' ? 'L' : last == 'm' ? 'l' : last;
    }

    private void draw(char command, double fromX, double fromY) {
        switch (command) {
            case 'M' -> move(fromX + number(), fromY + number());
            case 'L' -> line(fromX + number(), fromY + number());
            case 'H' -> line(fromX + number(), y);
            case 'V' -> line(x, fromY + number());
            case 'C' ->
                cubic(
                        fromX + number(),
                        fromY + number(),
                        fromX + number(),
                        fromY + number(),
                        fromX + number(),
                        fromY + number());
            case 'S' -> {
                double firstX = controlOf == 'C' ? 2 * x - controlX : x;
                double firstY = controlOf == 'C' ? 2 * y - controlY : y;
                cubic(firstX, firstY, fromX + number(), fromY + number(), fromX + number(), fromY + number());
            }
            case 'Q' -> quadratic(fromX + number(), fromY + number(), fromX + number(), fromY + number());
            case 'T' -> {
                double middleX = controlOf == 'Q' ? 2 * x - controlX : x;
                double middleY = controlOf == 'Q' ? 2 * y - controlY : y;
                quadratic(middleX, middleY, fromX + number(), fromY + number());
            }
            case 'A' -> arc(number(), number(), number(), flag(), flag(), fromX + number(), fromY + number());
            default -> close();
        }
    }

    private void move(double toX, double toY) {
        if (isSound) {
            parts.add(new Outline.Move(toX, toY));
            startX = toX;
            startY = toY;
            goes(toX, toY);
        }
    }

    private void line(double toX, double toY) {
        if (isSound) {
            parts.add(new Outline.Line(toX, toY));
            goes(toX, toY);
        }
    }

    private void close() {
        parts.add(new Outline.Close());
        goes(startX, startY);
    }

    private void goes(double toX, double toY) {
        x = toX;
        y = toY;
        controlOf = ' ';
    }

    private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
        if (isSound) {
            parts.add(new Outline.Curve(x1, y1, x2, y2, toX, toY));
            goes(toX, toY);
            controls('C', x2, y2);
        }
    }

    private void controls(char kind, double throughX, double throughY) {
        controlOf = kind;
        controlX = throughX;
        controlY = throughY;
    }

    private void quadratic(double middleX, double middleY, double toX, double toY) {
        cubic(
                x + 2 * (middleX - x) / 3,
                y + 2 * (middleY - y) / 3,
                toX + 2 * (middleX - toX) / 3,
                toY + 2 * (middleY - toY) / 3,
                toX,
                toY);
        controls('Q', middleX, middleY);
    }

    /** An arc of an ellipse, as appendix F.6 of the specification computes it. */
    private void arc(
            double acrossRadius,
            double downRadius,
            double turn,
            boolean isLarge,
            boolean sweeps,
            double toX,
            double toY) {
        double rx = Math.abs(acrossRadius);
        double ry = Math.abs(downRadius);
        if (rx == 0 || ry == 0 || !isSound || (x == toX && y == toY)) {
            line(toX, toY);
            return;
        }
        double cos = Math.cos(Math.toRadians(turn));
        double sin = Math.sin(Math.toRadians(turn));
        double halfX = (cos * (x - toX) + sin * (y - toY)) / 2;
        double halfY = (cos * (y - toY) - sin * (x - toX)) / 2;
        double lack = Math.sqrt(halfX * halfX / (rx * rx) + halfY * halfY / (ry * ry));
        rx *= Math.max(1, lack);
        ry *= Math.max(1, lack);
        double around = rx * rx * halfY * halfY + ry * ry * halfX * halfX;
        double length = Math.sqrt(Math.max(0, rx * rx * ry * ry / around - 1)) * (isLarge == sweeps ? -1 : 1);
        double middleX = length * rx * halfY / ry;
        double middleY = -length * ry * halfX / rx;
        double from = Math.atan2((halfY - middleY) / ry, (halfX - middleX) / rx);
        double sweep = Math.atan2((-halfY - middleY) / ry, (-halfX - middleX) / rx) - from;
        if (sweeps && sweep < 0) {
            sweep += 2 * Math.PI;
        } else if (!sweeps && sweep > 0) {
            sweep -= 2 * Math.PI;
        }
        int pieces = Math.max(1, (int) Math.ceil(Math.abs(sweep) / (Math.PI / 2) - 1e-9));
        double step = sweep / pieces;
        double pull = 4.0 / 3 * Math.tan(step / 4);
        double centerX = cos * middleX - sin * middleY + (x + toX) / 2;
        double centerY = sin * middleX + cos * middleY + (y + toY) / 2;
        for (int i = 0; i < pieces; i++) {
            double a = from + i * step;
            double b = a + step;
            double x1 = rx * (Math.cos(a) - pull * Math.sin(a));
            double y1 = ry * (Math.sin(a) + pull * Math.cos(a));
            double x2 = rx * (Math.cos(b) + pull * Math.sin(b));
            double y2 = ry * (Math.sin(b) - pull * Math.cos(b));
            double endX = rx * Math.cos(b);
            double endY = ry * Math.sin(b);
            boolean isLast = i == pieces - 1;
            cubic(
                    centerX + cos * x1 - sin * y1,
                    centerY + sin * x1 + cos * y1,
                    centerX + cos * x2 - sin * y2,
                    centerY + sin * x2 + cos * y2,
                    isLast ? toX : centerX + cos * endX - sin * endY,
                    isLast ? toY : centerY + sin * endX + cos * endY);
        }
        controlOf = ' ';
    }

    private void skip() {
        while (at < text.length() && " \t\r\n\f,".indexOf(text.charAt(at)) >= 0) {
            at++;
        }
    }

    /** One digit: others may follow it at once. */
    private boolean flag() {
        skip();
        char c = at < text.length() ? text.charAt(at) : ' ';
        at++;
        isSound &= c == '0' || c == '1';
        return c == '1';
    }

    private double number() {
        skip();
        int from = at;
        if (at < text.length() && "+-".indexOf(text.charAt(at)) >= 0) {
            at++;
        }
        int digits = digits();
        if (at < text.length() && text.charAt(at) == '.') {
            at++;
            digits += digits();
        }
        if (digits == 0) {
            isSound = false;
            return 0;
        }
        if (at < text.length() && "eE".indexOf(text.charAt(at)) >= 0) {
            int before = at++;
            if (at < text.length() && "+-".indexOf(text.charAt(at)) >= 0) {
                at++;
            }
            if (digits() == 0) {
                at = before;
            }
        }
        return Double.parseDouble(text.substring(from, at));
    }

    private int digits() {
        int from = at;
        while (at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9') {
            at++;
        }
        return at - from;
    }
}
