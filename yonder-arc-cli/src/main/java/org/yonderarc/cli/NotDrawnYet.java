package org.yonderarc.cli;

import java.io.PrintWriter;
import java.util.Optional;
import org.yonderarc.fit.Device;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Menu;
import org.yonderarc.plan.Plan;

/** Says what a plan asks for and pictures don't show yet, so that nobody takes a gap for a fault of the plan. */
final class NotDrawnYet {
    private NotDrawnYet() {}

    static void tell(Plan plan, Device device, PrintWriter err) {
        String kind = DeviceKind.at(plan.kinds(), device.width());
        for (Bar bar : plan.bars()) {
            Optional<Form> form = bar.form(kind);
            if (form.isPresent() && (form.get() instanceof Form.Rail || form.get() instanceof Form.Drawer)) {
                err.println("Note: the bar \"" + bar.id() + "\" is a "
                        + form.get().word() + " on " + kind + ", and that form is checked but not drawn yet.");
            }
            if (form.isPresent() && form.get() instanceof Form.Bottom bottom) {
                int items = bar.menu()
                        .flatMap(plan.menus()::find)
                        .map(Menu::items)
                        .map(java.util.List::size)
                        .orElse(0);
                if (items > bottom.most()) {
                    err.println("Note: the bar \"" + bar.id() + "\" holds " + bottom.most() + " items, but all " + items
                            + " are drawn: the overflow isn't drawn yet.");
                }
            }
        }
    }
}
