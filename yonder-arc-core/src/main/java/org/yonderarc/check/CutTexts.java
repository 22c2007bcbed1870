package org.yonderarc.check;

import static org.yonderarc.portable.Lists.toList;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.finding.Code;
import org.yonderarc.fit.Device;
import org.yonderarc.fit.FittedBar;
import org.yonderarc.fit.FittedItem;
import org.yonderarc.fit.Fitting;
import org.yonderarc.layout.Layout;
import org.yonderarc.layout.TextFit;
import org.yonderarc.layout.TextLine;
import org.yonderarc.layout.TextMeasure;
import org.yonderarc.plan.Plan;

/** Texts of bars that are cut off, each with the place where it is so most. */
final class CutTexts {
    private static final String SAY_LESS = "Shorten it.";

    private final Subject subject;
    private final Plan plan;
    private final TextMeasure measure;
    private final Map<String, Subject.PlacedItem> items = new HashMap<>();
    private final Map<String, Cut> cut = new LinkedHashMap<>();

    /** A text that is cut off: what it says, in which language, where, and how much wider it is, in dp. */
    private record Cut(
            Code code, String pointer, String text, String language, Device device, double over, String remedy) {}

    CutTexts(Subject subject, TextMeasure measure) {
        this.subject = subject;
        this.plan = subject.plan();
        this.measure = measure;
        subject.items().forEach(placed -> items.putIfAbsent(placed.item().id(), placed));
    }

    /** Tells of all that were looked at. */
    void tell() {
        cut.values()
                .forEach(found -> subject.tell(
                        found.code,
                        found.pointer,
                        "\"" + found.text + "\"" + (found.language.isEmpty() ? "" : " in " + found.language)
                                + " is about "
                                + (int) Math.ceil(found.over) + " dp wider than the space it has on "
                                + found.device.id()
                                + ", and is cut off there.",
                        found.remedy));
    }

    /** Looks at the texts of a bar. */
    void look(Layout.Bar bar, Fitting fitting) {
        bar.slots().forEach(slot -> label(slot, fitting));
        texts(bar, fitting);
    }

    private void title(FittedBar bar, TextLine line, Fitting fitting) {
        boolean isName = bar.title().equals(plan.app().name()) && !bar.title().equals(fitting.title());
        cut(
                line,
                bar.title(),
                isName
                        ? "/app/name"
                        : Subject.pointer("screens", fitting.place().screen(), "title"),
                fitting,
                Code.TEXT_CUT,
                "Shorten it, or put fewer actions beside it.");
    }

    private void label(Layout.Slot slot, Fitting fitting) {
        FittedItem item = slot.item();
        Subject.PlacedItem placed = items.get(item.id());
        if (placed == null) {
            return;
        }
        String at = placed.pointer();
        cut(
                slot.label(),
                item.brief(),
                at,
                fitting,
                Code.LABEL_TOO_WIDE,
                "Set \"short-label\", a label for narrow bars, or show fewer items.");
        cut(slot.body().note(), item.note(), at + "/note", fitting, Code.TEXT_CUT, SAY_LESS);
        slot.body().value().ifPresent(line -> cut(line, item.value(), at + "/value", fitting, Code.TEXT_CUT, SAY_LESS));
    }

    /** Headings stand in the menu, the person and what stands below the title in the bar. */
    private void texts(Layout.Bar bar, Fitting fitting) {
        FittedBar fitted = bar.fitted();
        Layout.Head head = bar.head();
        head.title().ifPresent(line -> title(fitted, line, fitting));
        head.note()
                .ifPresent(
                        line -> cut(line, fitted.note(), subject.bar(fitted.id()), fitting, Code.TEXT_CUT, SAY_LESS));
        head.face()
                .ifPresent(face -> List.of(face.person().title(), face.person().note())
                        .forEach(full -> cut(
                                face.texts().stream()
                                        .filter(line -> full.contains(start(line)))
                                        .collect(toList()),
                                full,
                                subject.bar(fitted.id()),
                                fitting,
                                Code.TEXT_CUT,
                                SAY_LESS)));
        bar.list().headings().forEach(line -> fitted.lines().stream()
                .flatMap(one -> one.heading().stream())
                .filter(heading -> heading.startsWith(start(line)))
                .findFirst()
                .ifPresent(heading -> cut(line, heading, subject.bar(fitted.id()), fitting, Code.TEXT_CUT, SAY_LESS)));
    }

    /** What is left of a text that is cut off. */
    private static String start(TextLine line) {
        return TextFit.isShortened(line.text())
                ? line.text().substring(0, line.text().length() - 1)
                : line.text();
    }

    /** The worst of all the places where a text is cut off. */
    private void cut(TextLine line, String full, String pointer, Fitting fitting, Code code, String remedy) {
        cut(List.of(line), full, pointer, fitting, code, remedy);
    }

    private void cut(List<TextLine> lines, String full, String pointer, Fitting fitting, Code code, String remedy) {
        if (lines.stream().noneMatch(line -> TextFit.isShortened(line.text()) && !full.contains(line.text()))) {
            return;
        }
        double over = measure.width(full, lines.get(0).type())
                - lines.stream().mapToDouble(TextLine::width).sum();
        String key = pointer + " " + full;
        Cut before = cut.get(key);
        if (over > 0 && (before == null || over > before.over)) {
            String language = plan.app().languages().isEmpty() ? "" : fitting.language();
            cut.put(key, new Cut(code, pointer, full, language, fitting.device(), over, remedy));
        }
    }
}
