package org.yonderarc.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The members of a flow collection, such as {@code [ a, b ]}, with the comments that stand between them: one behind a
 * member on its line is that member's, and lines of comments above a member are, too.
 */
final class FlowMembers {
    /** A member's own text, the comment lines above it, and the comment behind it; empty where there is none. */
    private record Member(String above, String own, String behind) {}

    private final String text;
    private final String newline;
    private final int start;
    private final int end;
    private final List<Member> members = new ArrayList<>();
    private final String indent;
    private final String closing;
    /** The white space before the closing bracket where that has a line of its own; else nothing. */
    private final String bracketIndent;

    private final boolean bracketHasLine;
    private boolean hasComments;

    /**
     * The members.
     *
     * @param start the index behind the opening bracket
     * @param parts where each member starts and ends
     * @param end the index of the closing bracket
     */
    FlowMembers(String text, String newline, int start, List<int[]> parts, int end) {
        this.text = text;
        this.newline = newline;
        this.start = start;
        this.end = end;
        String above = gap(start, parts.get(0)[0], false)[1];
        for (int i = 0; i < parts.size(); i++) {
            int[] part = parts.get(i);
            boolean isLast = i + 1 == parts.size();
            String[] gap = gap(part[1], isLast ? end : parts.get(i + 1)[0], true);
            members.add(new Member(above, text.substring(part[0], part[1]), gap[0]));
            above = gap[1];
        }
        closing = above;
        String before = text.substring(text.lastIndexOf('\n', end - 1) + 1, end);
        bracketHasLine = before.isBlank();
        bracketIndent = bracketHasLine ? before : "";
        int last = parts.get(parts.size() - 1)[0];
        indent = " ".repeat(last - text.lastIndexOf('\n', last - 1) - 1);
    }

    /** What stands between two members: the comment behind the first, and the comment lines above the second. */
    private String[] gap(int from, int to, boolean behindMember) {
        String gap = text.substring(from, to);
        if (gap.indexOf('#') < 0) {
            return new String[] {"", ""};
        }
        hasComments = true;
        List<String> lines = gap.lines().toList();
        int hash = lines.get(0).indexOf('#');
        String behind = hash < 0 ? "" : lines.get(0).substring(hash).strip();
        List<String> above = lines.subList(1, lines.size()).stream()
                .map(String::strip)
                .filter(line -> line.startsWith("#"))
                .toList();
        if (!behindMember && !behind.isEmpty()) {
            // A comment behind the opening bracket stays above the first member.
            var all = new ArrayList<>(List.of(behind));
            all.addAll(above);
            return new String[] {"", String.join("\n", all)};
        }
        return new String[] {behind, String.join("\n", above)};
    }

    boolean hasComments() {
        return hasComments;
    }

    Splice.Cut with(String member, int index) throws EditException {
        return with("", member, index);
    }

    /** With a member more, below lines of comments. */
    Splice.Cut with(String above, String member, int index) throws EditException {
        if (index == members.size()) {
            lastMayChange();
        }
        var all = new ArrayList<>(members);
        all.add(index, new Member(above, member, ""));
        return cut(all);
    }

    /** The comments that are about a member. */
    List<String> comments(int index) {
        Member member = members.get(index);
        return Stream.concat(
                        Stream.of(member.above.split("\n")),
                        Stream.concat(
                                Comments.of("[" + member.own + "]").stream().map(Comments.Comment::text),
                                Stream.of(member.behind)))
                .filter(comment -> !comment.isEmpty())
                .toList();
    }

    /** The members from one to another within one that begins so; the brackets of both end behind them. */
    Splice.Cut within(String head, int first, int last) throws EditException {
        if (last == members.size() - 1) {
            lastMayChange();
        }
        String inner = indent + "  ";
        var own = new StringBuilder(head).append(newline);
        for (int i = first; i <= last; i++) {
            Member member = members.get(i);
            for (String comment : member.above.isEmpty() ? new String[0] : member.above.split("\n")) {
                own.append(inner).append(comment).append(newline);
            }
            own.append(inner).append(member.own).append(i < last ? "," : "");
            own.append(member.behind.isEmpty() ? "" : " " + member.behind).append(newline);
        }
        own.append(indent).append("] }");
        var all = new ArrayList<>(members.subList(0, first));
        all.add(new Member("", own.toString(), ""));
        all.addAll(members.subList(last + 1, members.size()));
        return cut(all);
    }

    Splice.Cut without(int index) throws EditException {
        if (index == members.size() - 1) {
            lastMayChange();
        }
        var all = new ArrayList<>(members);
        all.remove(index);
        return cut(all);
    }

    Splice.Cut ordered(List<Integer> order) throws EditException {
        if (order.get(order.size() - 1) != order.size() - 1) {
            lastMayChange();
        }
        return cut(order.stream().map(members::get).toList());
    }

    /** A comment behind the closing bracket, on the last member's line, can't go along with it. */
    private void lastMayChange() throws EditException {
        int lineEnd = text.indexOf('\n', end);
        String rest = text.substring(end + 1, lineEnd < 0 ? text.length() : lineEnd);
        boolean isOnLine = !text.substring(text.lastIndexOf('\n', end) + 1, end).isBlank();
        if (isOnLine && rest.strip().startsWith("#")) {
            throw new EditException("The comment behind the list's end is about its last member, and can't go along."
                    + " Change this place by hand.");
        }
    }

    private Splice.Cut cut(List<Member> all) {
        var out = new StringBuilder(" ");
        boolean isLineOpen = true;
        for (int i = 0; i < all.size(); i++) {
            Member member = all.get(i);
            for (String comment : member.above.isEmpty() ? new String[0] : member.above.split("\n")) {
                out.append(isLineOpen ? "" : indent).append(comment).append(newline);
                isLineOpen = false;
            }
            out.append(isLineOpen ? "" : indent).append(member.own).append(i + 1 < all.size() ? "," : "");
            boolean isLast = i + 1 == all.size();
            if (!member.behind.isEmpty()) {
                out.append(' ').append(member.behind);
            }
            boolean breaks = !isLast || bracketHasLine || !member.behind.isEmpty() || !closing.isEmpty();
            out.append(breaks ? newline : " ");
            isLineOpen = !breaks;
        }
        for (String comment : closing.isEmpty() ? new String[0] : closing.split("\n")) {
            out.append(indent).append(comment).append(newline);
        }
        if (!isLineOpen) {
            out.append(bracketHasLine ? bracketIndent : indent.substring(Math.min(2, indent.length())));
        }
        return new Splice.Cut(start, end, out.toString());
    }
}
