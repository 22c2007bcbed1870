package org.yonderarc.plan;

import java.util.ArrayList;
import java.util.List;
import org.yonderarc.plan.Condition.Operator;

/** Reads conditions by recursive descent, within bounds. */
final class ConditionParser {
    /** Longer conditions can't be understood by anybody; the bound also keeps the recursion shallow. */
    private static final int LONGEST = 500;

    private record Token(String text, int offset, boolean quoted) {}

    private final List<Token> tokens = new ArrayList<>();
    private int next;

    ConditionParser(String text) {
        if (text.length() > LONGEST) {
            throw new ConditionException("a condition has at most " + LONGEST + " characters", 0);
        }
        int at = 0;
        while (at < text.length()) {
            at = text.charAt(at) == ' ' ? at + 1 : token(text, at);
        }
        tokens.add(new Token("", text.length(), false));
    }

    private int token(String text, int from) {
        char first = text.charAt(from);
        int to = from + 1;
        if (first == '\'' || first == '"') {
            int close = text.indexOf(first, to);
            if (close < 0) {
                throw new ConditionException("a quote is not closed", from);
            }
            tokens.add(new Token(text.substring(to, close), from, true));
            return close + 1;
        }
        if ("=<>!".indexOf(first) >= 0) {
            to += to < text.length() && text.charAt(to) == '=' ? 1 : 0;
        } else if (isWord(first)) {
            while (to < text.length() && isWord(text.charAt(to))) {
                to++;
            }
        } else if (first != '(' && first != ')') {
            throw new ConditionException("\"" + first + "\" has no meaning in a condition", from);
        }
        tokens.add(new Token(text.substring(from, to), from, false));
        return to;
    }

    String renamed(String text, String fact, String to) {
        var out = new StringBuilder();
        int from = 0;
        for (Token token : tokens) {
            if (!token.quoted && token.text.equals(fact)) {
                out.append(text, from, token.offset).append(to);
                from = token.offset + fact.length();
            }
        }
        return out.append(text.substring(from)).toString();
    }

    private static boolean isWord(char c) {
        return (c >= 'a' && c <= 'z')
                || (c >= 'A' && c <= 'Z')
                || (c >= '0' && c <= '9')
                || c == '-'
                || c == '.'
                || c == '_';
    }

    Condition parse() {
        Condition condition = or();
        if (!isEnd()) {
            String more = peek().text;
            throw trouble(
                    more.equals(")")
                            ? "\")\" has no \"(\" before it"
                            : "\"and\" or \"or\" is missing before \"" + more + "\"");
        }
        return condition;
    }

    private Condition or() {
        Condition left = and();
        while (accept("or")) {
            left = new Condition.Or(left, and());
        }
        return left;
    }

    private Condition and() {
        Condition left = not();
        while (accept("and")) {
            left = new Condition.And(left, not());
        }
        return left;
    }

    private Condition not() {
        if (accept("not")) {
            return new Condition.Not(not());
        }
        if (accept("(")) {
            Condition inner = or();
            if (!accept(")")) {
                throw trouble("\")\" is missing");
            }
            return inner;
        }
        return comparison();
    }

    private Condition comparison() {
        String fact = fact();
        for (Operator operator : Operator.values()) {
            if (accept(operator.sign())) {
                return compare(fact, operator);
            }
        }
        return new Condition.Is(fact);
    }

    private Condition compare(String fact, Operator operator) {
        int at = next;
        FactValue value = value();
        boolean ordered = operator != Operator.EQUAL && operator != Operator.UNEQUAL;
        if (ordered && value instanceof FactValue.Flag) {
            throw new ConditionException("true and false have no order; use \"=\" or \"!=\"", tokens.get(at).offset);
        }
        return new Condition.Compare(fact, operator, value);
    }

    private String fact() {
        Token token = peek();
        if (isEnd()) {
            throw trouble("a fact is missing at the end");
        }
        if (token.quoted || Ids.problem(token.text).isPresent() || isKeyword(token.text)) {
            throw trouble("a fact is expected instead of \"" + token.text + "\"");
        }
        next++;
        return token.text;
    }

    private FactValue value() {
        Token token = peek();
        if (isEnd()) {
            throw trouble("a value is missing at the end");
        }
        next++;
        if (token.quoted) {
            return new FactValue.Text(token.text);
        }
        if (token.text.equals("true") || token.text.equals("false")) {
            return new FactValue.Flag(token.text.equals("true"));
        }
        return new FactValue.Number(0)
                .parse(token.text)
                .orElseThrow(() -> new ConditionException(
                        "\"" + token.text + "\" is not a number; put a text in quotes, such as '" + token.text + "'",
                        token.offset));
    }

    private static boolean isKeyword(String text) {
        return List.of("and", "or", "not", "true", "false").contains(text);
    }

    private boolean accept(String text) {
        Token token = peek();
        boolean accepted = !token.quoted && !isEnd() && token.text.equals(text);
        next += accepted ? 1 : 0;
        return accepted;
    }

    private boolean isEnd() {
        return next == tokens.size() - 1;
    }

    private Token peek() {
        return tokens.get(next);
    }

    private ConditionException trouble(String message) {
        return new ConditionException(message, peek().offset);
    }
}
