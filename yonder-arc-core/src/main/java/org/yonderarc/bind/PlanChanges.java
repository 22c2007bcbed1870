package org.yonderarc.bind;

import org.yonderarc.plan.App;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DevicePreset;
import org.yonderarc.plan.Fact;
import org.yonderarc.plan.Item;
import org.yonderarc.plan.Motion;
import org.yonderarc.plan.Screen;
import org.yonderarc.plan.Style;
import org.yonderarc.shape.MotionShape;
import org.yonderarc.shape.StyleShape;
import org.yonderarc.tree.Changes;

/** Tells key by key where two things of a plan differ; what a thing is made of is known from the shape it is read by. */
public final class PlanChanges {
    private PlanChanges() {}

    /** Where two apps differ. */
    public static void of(App before, App after, Changes to) {
        PlanShape.APP.compare(before, after, "", to);
    }

    /** Where two screens differ. */
    public static void of(Screen before, Screen after, Changes to) {
        ScreenShape.SCREEN.compare(before, after, "", to);
    }

    /** Where two items differ. */
    public static void of(Item before, Item after, Changes to) {
        MenuShape.ITEM.compare(before, after, "", to);
    }

    /** Where two bars differ. */
    public static void of(Bar before, Bar after, Changes to) {
        PlanShape.BAR.compare(before, after, "", to);
    }

    /** Where two facts differ. */
    public static void of(Fact before, Fact after, Changes to) {
        FactShape.FACT.compare(before, after, "", to);
    }

    /** Where two devices differ. */
    public static void of(DevicePreset before, DevicePreset after, Changes to) {
        PlanShape.DEVICE.compare(before, after, "", to);
    }

    /** Where two styles differ. */
    public static void of(Style before, Style after, Changes to) {
        StyleShape.STYLE.compare(before, after, "", to);
    }

    /** Where two motions differ. */
    public static void of(Motion before, Motion after, Changes to) {
        MotionShape.MOTION.compare(before, after, "", to);
    }
}
