package org.yonderarc.form;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.plan.RadialForm;
import org.yonderarc.plan.RadialForm.Beside;
import org.yonderarc.plan.RadialForm.Corner;

/**
 * Where items stand around a round button: on a quarter of a circle from a corner and on half of one from an edge.
 * Where labels stand beside their icons, the arc is drawn out along the edge, so that each label has a line of its own.
 *
 * @param item the diameter of an item, in dp
 * @param button the diameter of the button, in dp
 * @param label the height that a label below its item takes, in dp; 0 where none does
 */
record Arc(RadialForm form, double item, double spacing, double button, double label) {
    /** How far items stand from the button's middle, at the side of an arc that is drawn out. */
    private static final double SIDE = 88;
    /** The narrowest cell of an item with its label below. */
    static final double CELL = 84;
    /** Between the button and an item above it, at least. */
    private static final double CLEAR = 4;
    /** The smallest circle on which items stand. */
    private static final double NEAREST = 96;

    /** Where an item stands, seen from the button's middle. */
    record Spot(double x, double y) {}

    static boolean isBeside(RadialForm form) {
        return form.labels() == Beside.BESIDE && form.position() != Corner.LOWER;
    }

    private boolean isSide() {
        return form.position() == Corner.END || form.position() == Corner.START;
    }

    /** From the first item to the last, in degrees. */
    private double sweep() {
        return switch (form.position()) {
            case LOWER_END, LOWER_START -> 90;
            case LOWER, END, START -> 180;
        };
    }

    /** The direction from which the arc starts, in degrees against the clock from the right; it goes on clockwise. */
    private double start() {
        return switch (form.position()) {
            case LOWER_END, LOWER -> 180;
            case LOWER_START, START -> 90;
            case END -> 270;
        };
    }

    private double width() {
        return label > 0 ? Math.max(CELL, item) : item;
    }

    /** Whether so many items stand within what the arc can take across and up, seen from the button's middle. */
    boolean fits(int count, double across, double up) {
        if (isBeside(form)) {
            double pitch = item + spacing;
            return item / 2 + (isSide() ? (count - 1) * pitch / 2 : above() + (count - 1) * pitch) <= up;
        }
        double radius = radius(count);
        return radius + width() / 2 <= across && radius + item / 2 + (isSide() ? label : 0) <= up;
    }

    /** The radius of the circle on which so many items stand without touching each other or the button. */
    private double radius(int count) {
        double step = step(count);
        double pitch = item + spacing;
        for (int i = 1; i < count; i++) {
            pitch = Math.max(pitch, apart(first(count) - (i - 0.5) * step + 90, width(), item + label));
        }
        double radius = Math.max(NEAREST, pitch / (2 * Math.sin(Math.toRadians(Math.min(180, step)) / 2)));
        for (int i = 0; i < count; i++) {
            double high = (item + button) / 2 + label;
            radius = Math.max(radius, CLEAR + apart(first(count) - i * step, (width() + button) / 2, high));
        }
        return radius;
    }

    /** How far two boxes must be apart in a direction so that they are apart across or up, whichever is sooner. */
    private static double apart(double direction, double across, double up) {
        double turn = Math.toRadians(direction);
        return Math.min(across / Math.abs(Math.cos(turn)), up / Math.abs(Math.sin(turn)));
    }

    private double step(int count) {
        return count > 1 ? sweep() / (count - 1) : sweep();
    }

    private double first(int count) {
        return count > 1 ? start() : start() - sweep() / 2;
    }

    /** Where items stand, in the order of the menu: from the top in reading direction. */
    List<Spot> spots(int count) {
        return isBeside(form) ? column(count) : circle(count);
    }

    private List<Spot> circle(int count) {
        double radius = radius(count);
        var spots = new ArrayList<Spot>();
        for (int i = 0; i < count; i++) {
            double turn = Math.toRadians(first(count) - i * step(count));
            spots.add(new Spot(radius * Math.cos(turn), -radius * Math.sin(turn)));
        }
        return spots;
    }

    /** How far the lowest item of a column stands above the button. */
    private double above() {
        return Math.max(item + spacing, (item + button) / 2 + CLEAR);
    }

    /** On an arc that is drawn out along the edge, one line apart from each other. */
    private List<Spot> column(int count) {
        double pitch = item + spacing;
        double side = form.position() == Corner.LOWER_START || form.position() == Corner.START ? 1 : -1;
        double reach = Math.max(NEAREST, isSide() ? count * pitch / 2 : above() + (count - 1) * pitch);
        var spots = new ArrayList<Spot>();
        for (int i = 0; i < count; i++) {
            double y = isSide() ? (i - (count - 1) / 2.0) * pitch : -above() - (count - 1 - i) * pitch;
            double away = SIDE * Math.sqrt(Math.max(0, 1 - y * y / (reach * reach)));
            spots.add(new Spot(side * away, y));
        }
        return spots;
    }
}
