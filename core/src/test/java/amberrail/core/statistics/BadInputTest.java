package amberrail.core.statistics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import amberrail.core.problem.InvalidInputException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What cannot be is refused with its code and field, never answered with a number (methods.md, section 0). */
class BadInputTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @ParameterizedTest(name = "{0} {1} -> {2} {3}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "compareProportions | {'a':{'successes':6,'trials':5},'b':{'successes':1,'trials':5},'level':0.95} | INVALID_COUNT | a.successes",
                "compareProportions | {'a':{'successes':1,'trials':5},'b':{'successes':1,'trials':5},'level':95} | INVALID_LEVEL | level",
                "normalEllipse | {'covariance':[[4,0],[0,1]],'share':1} | INVALID_PROBABILITY | share",
                "radialSummary | {'radii':[1,-2],'scratches':0,'level':0.95} | NEGATIVE_VALUE | radii",
                "radialSummary | {'radii':[1],'scratches':-1,'level':0.95} | INVALID_COUNT | scratches",
                "robust | {'direction':[0,0],'points':[[1,1]]} | ZERO_DIRECTION | direction",
                "mirrorCompare | {'original':[1,null,3],'mirror':[1,2,3],'level':0.95} | NOT_FINITE | original",
                "firthTrend | {'sessions':[{'t':1,'made':3,'attempts':2}],'level':0.95} | INVALID_COUNT | sessions.made",
                "theilSen | {'t':[1,2],'y':[1],'level':0.95} | DIMENSION_MISMATCH | y",
                "theilSen | {'t':[1,1],'y':[1,2],'level':0.95} | DUPLICATE_TIME | t",
                "ewma | {'kind':'proportion','sessions':[{'made':1,'attempts':2},{'made':1,'attempts':2}],'baseline':2,'lambda':0.3,'width':2.7,'inflation':1} | INVALID_PARAMETER | baseline",
                "ewma | {'kind':'proportion','sessions':[{'made':1,'attempts':2},{'made':1,'attempts':2}],'baseline':1,'lambda':0,'width':2.7,'inflation':1} | INVALID_PARAMETER | lambda",
                "attemptsNeededProportion | {'firstMade':6,'change':0.15,'alpha':0.05,'power':0.8,'firstAttempts':5,'secondAttempts':5} | INVALID_COUNT | successes",
                "attemptsNeededProportion | {'firstMade':3,'change':0,'alpha':0.05,'power':0.8,'firstAttempts':5,'secondAttempts':5} | INVALID_PARAMETER | change",
                "attemptsNeededSpread | {'ratio':0,'cv':0.5,'alpha':0.05,'power':0.8,'firstAttempts':5,'secondAttempts':5} | INVALID_PARAMETER | ratio",
                "nextStation | {'candidates':[{'id':'a','p':1.2}],'band':[0.6,0.75]} | INVALID_PROBABILITY | candidates.p",
                "nextStation | {'candidates':[],'band':[0.8,0.75]} | INVALID_PARAMETER | band",
                "nextInterval | {'intervalDays':33,'made':1,'attempts':5} | INVALID_PARAMETER | intervalDays",
                "nextInterval | {'intervalDays':3,'made':6,'attempts':5} | INVALID_COUNT | made",
                "planSession | {'minutes':60,'band':[0.6,0.75],'drills':[{'id':'a','skill':'stun','minutes':5,'p':0.5,'daysSince':1,'intervalDays':1}],'weights':{},'need':{}} | UNKNOWN_ID | drills.skill",
                "blockPlan | {'weeks':5,'sessionsPerWeek':1,'minutes':60,'weights':{'a':1}} | INVALID_PARAMETER | weeks",
                "blockPlan | {'weeks':3,'sessionsPerWeek':1,'minutes':60,'weights':{'a':0}} | INVALID_PARAMETER | weights",
                "mapCause | {'jacobian':[[1],[1]],'priorSd':[1],'error':[1,1],'noise':[[1,2],[2,1]],'aim':null} | INVALID_MATRIX | noise",
                "mapCause | {'jacobian':[[1],[1]],'priorSd':[1],'error':[1,1],'noise':[[1,0],[0,1]],'aim':{'index':0,'low':2,'high':1}} | INVALID_PARAMETER | aim",
                "mapCause | {'jacobian':[[2000000],[1]],'priorSd':[1],'error':[1,1],'noise':[[1,0],[0,1]],'aim':null} | INVALID_PARAMETER | jacobian",
                "strokeMean | {'strokes':{'z':[[0,0,0]],'outcome':['thick'],'landing':[null]},'sizes':[1,1,1,1],'heavy':false} | DIMENSION_MISMATCH | strokes.z",
                "strokeMean | {'strokes':{'z':[[0,0,0,0]],'outcome':['clean'],'landing':[null]},'sizes':[1,1,1,1],'heavy':false} | NOT_FINITE | strokes.landing",
                "spreadCv | {'a':[1,-2,3,4,5],'b':[1,2,3,4,5]} | NEGATIVE_VALUE | a",
                "formRho | {'rows':[{'student':'a','session':'b','made':3,'attempts':2,'p':0.5}]} | INVALID_COUNT | rows.made",
                "itemSlope | {'difficulty':0,'abilities':[0,1,2],'rates':[0.1,0.2,1.2]} | INVALID_PROBABILITY | rates",
                "raschFit | {'students':['a','a'],'stations':[],'rows':[],'prior':{'sdAbility':1,'sdDrift':2,'driftWeeks':26,'sdDrill':1,'sdStation':1,'rho':0}} | DUPLICATE_ID | students",
                "raschFit | {'students':['a'],'stations':[],'rows':[],'prior':{'sdAbility':0,'sdDrift':2,'driftWeeks':26,'sdDrill':1,'sdStation':1,'rho':0}} | INVALID_PARAMETER | prior.sdAbility",
            })
    void isRefusedWithItsCodeAndField(String method, String input, String code, String field)
            throws JsonProcessingException {
        var asked = JSON.readTree(input.replace('\'', '"'));
        InvalidInputException refused = catchThrowableOfType(
                InvalidInputException.class, () -> MethodCalls.named(method).answer(asked));
        assertThat(refused).as("it is refused").isNotNull();
        assertThat(refused.code().name()).isEqualTo(code);
        assertThat(refused.field()).isEqualTo(field);
        assertThat(Set.of("", "null")).doesNotContain(refused.rule());
    }
}
