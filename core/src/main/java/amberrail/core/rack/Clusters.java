package amberrail.core.rack;

import java.util.ArrayList;
import java.util.List;

/** Balls that tie each other up: nearer than a gap, or each left without half a pocket by the other; joined from ball to ball. */
final class Clusters {
    private Clusters() {}

    static List<List<String>> of(RackPosition position) {
        int[] balls = position.onTable();
        int[] group = new int[balls.length];
        boolean[] tied = new boolean[balls.length];
        for (int i = 0; i < balls.length; i++) {
            group[i] = i;
            tied[i] = isTied(position, balls[i]);
        }
        for (int i = 0; i < balls.length; i++) {
            for (int j = 0; j < i; j++) {
                if (isNear(position, balls[i], balls[j])
                        || tied[i]
                                && tied[j]
                                && hides(position, balls[i], balls[j])
                                && hides(position, balls[j], balls[i])) {
                    join(group, group[i], group[j]);
                }
            }
        }
        return named(position, balls, group);
    }

    private static boolean isNear(RackPosition position, int one, int other) {
        double apart = position.place(one).distanceMillimetres(position.place(other));
        return apart - position.table().touchingObjects <= LayoutSurvey.CLUSTER_GAP;
    }

    private static boolean isTied(RackPosition position, int ball) {
        for (int pocket = 0; pocket < position.windowsOf(ball).count(); pocket++) {
            if (Openings.shareWithout(position, ball, pocket, -1) >= LayoutSurvey.HALF) {
                return false;
            }
        }
        return true;
    }

    /** Whether a ball would have more of some pocket without another. */
    private static boolean hides(RackPosition position, int ball, int other) {
        for (int pocket = 0; pocket < position.windowsOf(ball).count(); pocket++) {
            if (Openings.shareWithout(position, ball, pocket, other)
                    > Openings.shareWithout(position, ball, pocket, -1)) {
                return true;
            }
        }
        return false;
    }

    private static void join(int[] group, int from, int to) {
        for (int i = 0; i < group.length; i++) {
            group[i] = group[i] == from ? to : group[i];
        }
    }

    private static List<List<String>> named(RackPosition position, int[] balls, int[] group) {
        List<List<String>> clusters = new ArrayList<>();
        for (int i = 0; i < balls.length; i++) {
            List<String> members = new ArrayList<>();
            for (int j = 0; j < balls.length; j++) {
                if (group[j] == i) {
                    members.add(position.game().balls().get(balls[j]).id());
                }
            }
            if (members.size() > 1) {
                clusters.add(List.copyOf(members));
            }
        }
        return List.copyOf(clusters);
    }
}
