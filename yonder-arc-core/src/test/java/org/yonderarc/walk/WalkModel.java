package org.yonderarc.walk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.yonderarc.plan.App;

/** Lists of texts, changed in place. Screens that need the fact have an id that starts with g. */
final class WalkModel {
    final Map<String, List<String>> trails = new HashMap<>();
    final List<String> visited = new ArrayList<>();
    final App.Back rule;
    final List<String> items;
    String branch = "s0";
    final List<String> folded = new ArrayList<>();
    boolean in;
    boolean open;
    String effect = "";

    WalkModel(App.Back rule, List<String> items) {
        this.rule = rule;
        this.items = items;
        trails.put("s0", new ArrayList<>(List.of("s0")));
    }

    List<String> trail() {
        return trails.get(branch);
    }

    String top() {
        return trail().get(trail().size() - 1);
    }

    boolean forbidden(String screen) {
        return screen.startsWith("g") && !in;
    }

    /** What is shown: a forbidden place is hidden behind the door. */
    String shown() {
        return forbidden(top()) ? "door" : top();
    }

    void leaveBranchFor(String next) {
        if (next.equals(branch)) {
            return;
        }
        List<String> old = trail();
        while (old.size() > 1 && forbidden(old.get(old.size() - 1))) {
            old.remove(old.size() - 1);
        }
        visited.removeAll(List.of(branch, next));
        visited.add(branch);
        branch = next;
    }

    void take(String step) {
        effect = "";
        String rest = step.substring(step.indexOf(':') + 1);
        if (step.equals("choose:hidden") && !in) {
            effect = "refused";
        } else if (step.startsWith("choose")) {
            open = false;
            if (rest.equals(branch)) {
                if (trail().size() == 1) {
                    effect = "again";
                }
                trail().subList(1, trail().size()).clear();
            } else {
                leaveBranchFor(rest);
                trails.computeIfAbsent(rest, item -> new ArrayList<>(List.of(root(item))));
            }
        } else if (step.startsWith("open")) {
            open = false;
            if (!top().equals(rest)) {
                trail().add(rest);
            }
        } else if (step.startsWith("replace")) {
            open = false;
            trail().set(trail().size() - 1, rest);
        } else if (step.equals("up")) {
            up();
        } else if (step.startsWith("collapse")) {
            if (!folded.remove(rest)) {
                folded.add(rest);
            }
        } else if (step.equals("back")) {
            back();
        } else if (step.startsWith("finish")) {
            if (trail().size() > 1) {
                open = false;
                trail().remove(trail().size() - 1);
                effect = "result";
            } else {
                effect = "refused";
            }
        } else if (step.startsWith("link")) {
            open = false;
            List<String> to = linked(rest);
            leaveBranchFor(to.get(0));
            trails.put(branch, new ArrayList<>(to.subList(1, to.size())));
        } else if (step.startsWith("reset")) {
            open = false;
            leaveBranchFor(rest.equals("c0") ? "hidden" : items.contains(rest) ? rest : branch);
            trails.put(branch, new ArrayList<>(List.of(rest)));
        } else if (step.startsWith("clear")) {
            if (rest.equals(branch)) {
                open = false;
                trail().subList(1, trail().size()).clear();
            } else {
                trails.remove(rest);
                visited.remove(rest);
            }
        } else if (step.equals("restart")) {
            open = false;
            branch = "s0";
            folded.clear();
            visited.clear();
            trails.clear();
            trails.put("s0", new ArrayList<>(List.of("s0")));
        } else if (step.startsWith("toggle")) {
            open = !open;
        } else {
            tell(rest.endsWith("true"));
        }
    }

    private static String root(String item) {
        return switch (item) {
            case "one" -> "p?n=1";
            case "two" -> "p?n=2";
            case "hidden" -> "c0";
            default -> item;
        };
    }

    /** The branch of an address, and the trail there: an item that leads exactly there, else one above, else the start. */
    private List<String> linked(String address) {
        if (address.startsWith("/p/")) {
            String number = address.substring(3);
            return number.equals("1")
                    ? List.of("one", "p?n=1")
                    : number.equals("2") ? List.of("two", "p?n=2") : List.of("s0", "s0", "p?n=" + number);
        }
        String screen = address.substring(1);
        if (screen.equals("c0")) {
            return List.of("hidden", "c0");
        }
        return items.contains(screen) ? List.of(screen, screen) : List.of("s0", "s0", screen);
    }

    /** To the screen above what is shown, which takes its place where it isn't below on the trail. */
    private void up() {
        if (!shown().startsWith("p?")) {
            effect = "refused";
            return;
        }
        open = false;
        int above = trail().subList(0, trail().size() - 1).lastIndexOf("s0");
        if (above >= 0) {
            trail().subList(above + 1, trail().size()).clear();
        } else {
            trail().set(trail().size() - 1, "s0");
        }
    }

    private void back() {
        if (open) {
            open = false;
        } else if (trail().size() > 1) {
            trail().remove(trail().size() - 1);
        } else {
            String to = rule == App.Back.LEAVE
                    ? null
                    : rule == App.Back.START
                            ? branch.equals("s0") ? null : "s0"
                            : visited.isEmpty() ? null : visited.get(visited.size() - 1);
            if (to == null) {
                effect = "leave";
                return;
            }
            String from = branch;
            leaveBranchFor(to);
            trails.computeIfAbsent(to, item -> new ArrayList<>(List.of(root(item))));
            visited.removeAll(List.of(from, to));
        }
    }

    private void tell(boolean now) {
        boolean signedOut = in && !now;
        in = now;
        if (signedOut) {
            trails.values().forEach(trail -> {
                List<String> kept = new ArrayList<>(trail.subList(1, trail.size()));
                kept.removeIf(this::forbidden);
                trail.subList(1, trail.size()).clear();
                trail.addAll(kept);
            });
        }
    }
}
