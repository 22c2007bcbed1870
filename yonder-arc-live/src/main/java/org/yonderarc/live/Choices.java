package org.yonderarc.live;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.yonderarc.edit.Edit;
import org.yonderarc.edit.EditException;
import org.yonderarc.edit.PlanEditor;
import org.yonderarc.edit.Things;
import org.yonderarc.files.PlanFile;
import org.yonderarc.files.SourceText;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.Setting;
import org.yonderarc.plan.Bar;
import org.yonderarc.plan.DeviceKind;
import org.yonderarc.plan.Form;
import org.yonderarc.plan.Plan;
import org.yonderarc.plan.Scheme;
import org.yonderarc.scene.Scene;
import org.yonderarc.tree.MapValue;
import org.yonderarc.tree.Trees;
import org.yonderarc.view.View;
import org.yonderarc.walk.Walk;

/** The forms that a bar could have on a kind of device, each with a small picture of this very plan. */
final class Choices {
    private final LivePlan plan;

    Choices(LivePlan plan) {
        this.plan = plan;
    }

    MapValue of(String bar, String kind, String scheme) throws EditException {
        LivePlan.Now now = plan.now();
        Plan good = now.good().flatMap(PlanFile::plan).orElseThrow(() -> new EditException("The plan has errors."));
        Device device = device(good, kind);
        var out = new ArrayList<MapValue>();
        Form.Kind current = good.bars().stream()
                .filter(one -> one.id().equals(bar))
                .findFirst()
                .flatMap(one -> form(one, kind))
                .map(Form::kind)
                .orElse(null);
        for (Form.Kind form : Form.Kind.values()) {
            try {
                PlanFile tried = form == current
                        ? now.good().orElseThrow()
                        : with(now.read().source(), bar, kind, form);
                if (tried.plan().isPresent()) {
                    out.add(Json.map(
                            "form",
                            form.word(),
                            "chosen",
                            form == current,
                            "picture",
                            plan.assets()
                                    .studio(tried.plan().get())
                                    .part(scene(tried.plan().get(), device, scheme), form.word() + "-")));
                }
            } catch (EditException notThere) {
                // A form that this bar can't have is none to choose.
                continue;
            }
        }
        return Json.map("choices", out);
    }

    /** A picture of the plan's start on a kind of device. */
    byte[] view(String kind, String scheme) throws EditException {
        Plan good =
                plan.now().good().flatMap(PlanFile::plan).orElseThrow(() -> new EditException("The plan has errors."));
        return plan.assets()
                .studio(good)
                .svg(scene(good, device(good, kind), scheme))
                .getBytes(StandardCharsets.UTF_8);
    }

    /** Its form on a kind of device; none where it doesn't show there. */
    private static Optional<Form> form(Bar bar, String kind) {
        return Optional.ofNullable(bar.forms().get(kind))
                .or(() -> Optional.ofNullable(bar.forms().get(Bar.ANY_KIND)));
    }

    private PlanFile with(SourceText source, String bar, String kind, Form.Kind form) throws EditException {
        var editor = new PlanEditor(source);
        editor.apply(edit(Things.of(source), bar, kind, form));
        return plan.assets().read(editor.source());
    }

    private static Edit edit(Things things, String bar, String kind, Form.Kind form) throws EditException {
        String at = things.pointer("bar:" + bar);
        String key = kind.isEmpty() ? "/form" : "/forms/" + kind;
        return new Edit.Set(at + key, Trees.text(form.word()));
    }

    private Scene scene(Plan tried, Device device, String scheme) {
        var walk = Walk.of(tried);
        Scheme inScheme = scheme.equals("dark") ? Scheme.DARK : Scheme.LIGHT;
        var view = new View(
                walk,
                Setting.of(device).with(inScheme),
                plan.assets().studio(tried).measure());
        return view.scene(walk.start());
    }

    /** A device of a kind: the narrowest preset that belongs to it. */
    private static Device device(Plan plan, String kind) {
        List<Device> presets = Device.presets(plan);
        return presets.stream()
                .filter(device -> kind.isEmpty() || kindOf(plan, device).equals(kind))
                .findFirst()
                .orElse(Device.PHONE);
    }

    private static String kindOf(Plan plan, Device device) {
        String found = "";
        double from = -1;
        for (DeviceKind kind : plan.deviceKinds()) {
            if (kind.from() <= device.width() && kind.from() > from) {
                from = kind.from();
                found = kind.id();
            }
        }
        return found;
    }
}
