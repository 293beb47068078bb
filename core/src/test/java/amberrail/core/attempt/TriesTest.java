package amberrail.core.attempt;

import static org.assertj.core.api.Assertions.assertThat;

import amberrail.core.attempt.Tries.PlayedOne;
import amberrail.core.drill.TryResult;
import amberrail.core.drill.TryScore;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TriesTest {
    /** Attempts as try, shot, result: "A0S" is the first shot of try A, a success. */
    @ParameterizedTest
    @CsvSource({
        "1, 'A0S B0F C0-', 'S F -'",
        "2, 'A0S A1S', 'S'",
        "2, 'A0S', ''",
        "2, 'A0F', 'F'",
        "2, 'A0S A1F B0S', 'F'",
        "2, 'A0S B0S B1S', '- S'",
        "2, 'A0- A1S B0- B1F', '- F'",
        "3, 'A0S A1S A2S B0S B1S', 'S'"
    })
    void triesComeOutInOrder(int shots, String attempts, String expected) {
        List<PlayedOne> played = new ArrayList<>();
        for (String one : attempts.split(" ")) {
            TryResult result = result(one.charAt(2));
            played.add(new PlayedOne(
                    one.charAt(0),
                    one.charAt(1) - '0',
                    new Judgement(result, List.of(), result == TryResult.SUCCESS ? 2 : 0)));
        }
        List<TryScore> scores = Tries.of(played, shots);
        StringBuilder got = new StringBuilder();
        for (TryScore score : scores) {
            got.append(got.isEmpty() ? "" : " ")
                    .append(
                            score.result() == TryResult.SUCCESS
                                    ? 'S'
                                    : score.result() == TryResult.FAILURE ? 'F' : '-');
            assertThat(score.points()).isEqualTo(score.result() == TryResult.SUCCESS ? 2 * shots : 0);
        }
        assertThat(got.toString()).isEqualTo(expected);
    }

    private static TryResult result(char letter) {
        return letter == 'S' ? TryResult.SUCCESS : letter == 'F' ? TryResult.FAILURE : TryResult.NOT_JUDGED;
    }
}
