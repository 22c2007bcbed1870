package org.yonderarc.edit;

/**
 * How a text comes back from the one that was made of it: what stands between a common start and a common end is another.
 *
 * @param start how many characters both have at their start
 * @param end how many characters both have at their end
 * @param removed what the older text has in between
 */
record Delta(int start, int end, String removed) {
    /** What turns {@code after} back into {@code before}. */
    static Delta of(String before, String after) {
        int most = Math.min(before.length(), after.length());
        int start = 0;
        while (start < most && before.charAt(start) == after.charAt(start)) {
            start++;
        }
        // Both halves of a surrogate pair stay together: one by itself can't be written as UTF-8.
        if (start > 0 && Character.isHighSurrogate(before.charAt(start - 1))) {
            start--;
        }
        int end = 0;
        while (end < most - start
                && before.charAt(before.length() - 1 - end) == after.charAt(after.length() - 1 - end)) {
            end++;
        }
        if (end > 0 && Character.isLowSurrogate(before.charAt(before.length() - end))) {
            end--;
        }
        return new Delta(start, end, before.substring(start, before.length() - end));
    }

    /** The older text, from the newer one. */
    String undo(String after) {
        return after.substring(0, start) + removed + after.substring(after.length() - end);
    }
}
