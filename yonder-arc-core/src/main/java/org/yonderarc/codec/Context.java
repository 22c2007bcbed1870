package org.yonderarc.codec;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.yonderarc.finding.Code;
import org.yonderarc.finding.Finding;
import org.yonderarc.finding.Findings;
import org.yonderarc.plan.Percent;
import org.yonderarc.tree.Spot;
import org.yonderarc.tree.TextValue;
import org.yonderarc.tree.Value;

/**
 * The context of what is being read: what messages call it, and where findings are collected.
 *
 * @param subject {@code "title"}, or {@code screen "survey"}
 * @param findings what was noticed so far
 * @param dropped the JSON Pointers of the list items that could not be read, and are left out
 */
public record Context(String subject, Findings findings, Set<String> dropped) {
    public Context(String subject) {
        this(subject, new Findings(), new HashSet<>());
    }

    public Context of(String other) {
        return new Context(other, findings, dropped);
    }

    public void report(Code code, Spot spot, String message, String remedy) {
        findings.add(new Finding(code, spot, message, remedy));
    }

    /** What is read of a list or a map; of one with more than {@code most} parts, the first of them. */
    public <T> List<T> within(List<T> all, int most, Spot spot) {
        if (all.size() <= most) {
            return all;
        }
        report(
                Code.TOO_LARGE,
                spot,
                opening() + " takes at most " + most + ", but here are " + all.size() + ".",
                "Leave the rest out; no app needs as many.");
        return all.subList(0, most);
    }

    /** A text; of one that is too long, its start; with an empty text where it can't be one. */
    String within(TextValue text) {
        String all = text.text();
        if (!Percent.isEncodable(all)) {
            report(
                    Code.BAD_VALUE,
                    text.spot(),
                    opening() + " holds half of a character: a surrogate without its other half.",
                    "Write the whole character, or leave it out.");
            return "";
        }
        int length = all.codePointCount(0, all.length());
        if (length <= Bounds.TEXT) {
            return all;
        }
        report(
                Code.TOO_LARGE,
                text.spot(),
                opening() + " takes at most " + Bounds.TEXT + " characters, but here are " + length + ".",
                "Write a shorter one; nobody reads as much in a menu.");
        return all.substring(0, all.offsetByCodePoints(0, Bounds.TEXT));
    }

    public void wrongType(Value value, String wanted, String remedy) {
        report(
                Code.WRONG_TYPE,
                value.spot(),
                opening() + " takes " + wanted + ", but here is " + value.kind() + ".",
                remedy);
    }

    public void badValue(Value value, String problem, String remedy) {
        boolean ends = problem.endsWith(".") || problem.endsWith("?");
        report(Code.BAD_VALUE, value.spot(), capitalised(problem) + (ends ? "" : "."), remedy);
    }

    /** What is being read, as a sentence begins with it. */
    public String opening() {
        return subject.startsWith("\"") || subject.startsWith("the ") ? capitalised(subject) : "The " + subject;
    }

    public static String capitalised(String text) {
        return text.isEmpty() ? text : Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }
}
