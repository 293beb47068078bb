package amberrail.core.grading;

import amberrail.core.statistics.GradeScale;

/** The five bands of the scale (grading.md). */
public enum Band {
    CHALK(0, 200),
    BAIZE(275, 350),
    SLATE(425, 500),
    BRASS(575, 650),
    AMBER(725, 800);

    private final int from;
    private final int middle;

    Band(int from, int middle) {
        this.from = from;
        this.middle = middle;
    }

    /** Lowest grade of the band. */
    public int from() {
        return from;
    }

    /** Ability (logit) of a student in its middle. */
    public double middleLogits() {
        return GradeScale.logits(middle);
    }

    /** The band that a grade lies in; below 0 it is Chalk, above 1000 Amber. */
    public static Band of(double grade) {
        Band found = CHALK;
        for (Band band : values()) {
            if (grade >= band.from) {
                found = band;
            }
        }
        return found;
    }
}
