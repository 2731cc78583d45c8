package upahead.server.policies;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Terms stored by earlier programs, as they are rewritten when they are opened. */
class TermsRewrittenTest {

    private final ObjectMapper json = new ObjectMapper();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "'earning':{'method':'UPFRONT','amount':'21','firstYear':'BY_DAYS','every':null,'perYear':false}|"
                        + "'earning':{'method':'upfront','amount':'21','firstYear':'by-days'},'limits':{},'yearEnd':{}",
                "'earning':{'method':'PER_PERIOD','amount':'54','every':'MONTH','perYear':true,'posts':'START',"
                        + "'months':'FROM_HIRE','partial':'NONE','firstYear':'FULL','forEvery':'30'},'balanceLimit':'81',"
                        + "'usedPerYearLimit':'63','earnedPerYearLimit':null,'overdraw':'0'|"
                        + "'earning':{'method':'per-period','every':'month','perYear':'54','posts':'start',"
                        + "'months':'from-hire','partial':'none'},"
                        + "'limits':{'balance':'81','usedPerYear':'63','overdraw':'0'},'yearEnd':{}",
                "'earning':{'method':'PER_PERIOD','amount':'3','perYear':false}|"
                        + "'earning':{'method':'per-period','every':'pay-period','amount':'3'},'limits':{},'yearEnd':{}",
                "'earning':{'method':'PER_HOURS_WORKED','amount':'1','forEvery':'23','wholeStepsOnly':true,"
                        + "'paidLeaveCounts':true,'paidHolidaysCount':false,'counts':['regular'],'hoursPost':'DAY',"
                        + "'perYear':false,'every':'MONTH'},'tenure':[{'fromYears':4,'amount':'1.3'}],"
                        + "'scaleByFte':false,'scaleByDaysOfWeek':5|"
                        + "'earning':{'method':'per-hours-worked','earn':'1','forEvery':'23','wholeStepsOnly':true,"
                        + "'counts':['regular'],'paidLeaveCounts':true,'paidHolidaysCount':false,'posts':'day'},"
                        + "'tenure':[{'fromYears':4,'amount':'1.3'}],'scaleByFte':false,'scaleByDaysOfWeek':5,"
                        + "'limits':{},'yearEnd':{}",
                "'earning':{'method':'NONE','amount':'7'},'waitToUse':{'count':45,'in':'DAYS'},'carry':'0',"
                        + "'excess':'PAY_OUT','carriedUsable':{'time':{'count':3,'in':'MONTHS'},'until':null},"
                        + "'creditsUsable':{'count':9,'in':'MONTHS'},'onLeaving':'PAY_OUT',"
                        + "'rounding':{'step':'0.5','mode':'HALF_UP'}|"
                        + "'earning':{'method':'none'},'waitToUse':{'days':45},'creditsUsable':{'months':9},'limits':{},"
                        + "'yearEnd':{'carry':'none','carriedUsable':{'months':3},'excess':'pay-out'},"
                        + "'onLeaving':'pay-out','rounding':{'step':'0.5','mode':'half-up'}",
                "'earning':{'method':'NONE'},'carry':'30','carriedUsable':{'time':null,'until':'03-31'}|"
                        + "'earning':{'method':'none'},'limits':{},"
                        + "'yearEnd':{'carry':'30','carriedUsable':{'until':'03-31'}}",
            })
    void termsSayTheSameInTheOneWay(String before, String after) throws JsonProcessingException {
        String expected = "{" + after.replace('\'', '"') + "}";
        assertThat(new V11__Terms_as_in_case_files().terms(json.readTree("{" + before.replace('\'', '"') + "}")))
                .isEqualTo(json.readTree(expected));
    }
}
