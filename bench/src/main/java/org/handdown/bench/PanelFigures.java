package org.handdown.bench;

/** The figures of measuring panels: photo, pins, shapes, files, and checks against other libraries. */
public final class PanelFigures {
    private PanelFigures() {}

    public static void main(String[] args) {
        Figures out = new Figures(System.out);
        SurveyFigures.print(out);
        PhotoFigures.print(out);
        System.err.println(out.allMet() ? "  all goals met" : "  not every goal is met");
    }
}
