package amberrail.core.table;

import amberrail.core.geometry.Point;

/** A straight piece of cushion nose between two jaws, in counter-clockwise order round the table. */
public record NoseSegment(Cushion cushion, Jaw startJaw, Jaw endJaw) {
    public Point start() {
        return startJaw.noseEnd();
    }

    public Point end() {
        return endJaw.noseEnd();
    }
}
