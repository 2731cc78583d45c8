package upahead.server.platform.sql;

import static org.assertj.core.api.Assertions.assertThat;

import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.WithDemo;

@WithDemo
class AnyCaseTest {

    private static final Field<String> TEXT = DSL.inline("Gärtnerei ÜBERSEE, 100 % Ökostrom");

    @Autowired
    private DSLContext sql;

    @Test
    void umlautsAndAccentsAreLettersToo() {
        assertThat(holds(AnyCase.contains(TEXT, "übersee"))).isTrue();
        assertThat(holds(AnyCase.contains(TEXT, "GÄRTNEREI Ü"))).isTrue();
        assertThat(holds(AnyCase.contains(DSL.inline("Renée"), "RENÉE"))).isTrue();
        assertThat(holds(AnyCase.contains(TEXT, "uebersee"))).isFalse();
    }

    @Test
    void whatIsAPatternElsewhereStandsForItself() {
        assertThat(holds(AnyCase.contains(TEXT, "100 %"))).isTrue();
        assertThat(holds(AnyCase.contains(TEXT, "g%rtnerei"))).isFalse();
        assertThat(holds(AnyCase.contains(TEXT, "g_rtnerei"))).isFalse();
    }

    @Test
    void theSameIsTheSameAsAWhole() {
        assertThat(holds(AnyCase.same(DSL.inline("B127Ä"), "b127ä"))).isTrue();
        assertThat(holds(AnyCase.same(DSL.inline("B127Ä"), "b127"))).isFalse();
    }

    private boolean holds(Condition condition) {
        return sql.select(DSL.field(condition)).fetchSingle().value1();
    }
}
