package org.handdown.bench;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintStream;

/** Prints each figure as one JSON line: name, value, unit, goal, met. What lies behind them goes to standard error. */
final class Figures {
    private static final ObjectMapper JSON = new ObjectMapper();

    private final PrintStream out;
    private boolean allMet = true;

    Figures(PrintStream out) {
        this.out = out;
    }

    void atLeast(String name, double value, String unit, double goal) {
        line(name, value, unit, "≥ " + plain(goal), value >= goal);
    }

    void atMost(String name, double value, String unit, double goal) {
        line(name, value, unit, "≤ " + plain(goal), value <= goal);
    }

    /** A figure without a goal. */
    void told(String name, double value, String unit) {
        line(name, value, unit, "", true);
    }

    private void line(String name, double value, String unit, String goal, boolean met) {
        allMet &= met;
        ObjectNode node = JSON.createObjectNode()
                .put("name", name)
                .put("value", Math.round(value * 1000) / 1000.0)
                .put("unit", unit)
                .put("goal", goal)
                .put("met", met);
        out.println(node);
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    void note(String text) {
        System.err.println("  " + text);
    }

    boolean allMet() {
        return allMet;
    }
}
