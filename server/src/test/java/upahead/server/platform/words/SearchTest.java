package upahead.server.platform.words;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SearchTest {

    @Test
    void findsEachWordAnywhereWhateverItsCase() {
        assertThat(Search.of(" nuala  GROUNDS ").finds("Nuala Vosper", "B130", "Grounds"))
                .isTrue();
        assertThat(Search.of("b13").finds("Nuala Vosper", "B130", "Grounds")).isTrue();
        assertThat(Search.of("nuala glasshouse").finds("Nuala Vosper", "B130", "Grounds"))
                .isFalse();
    }

    @Test
    void findsAllWhereNothingIsLookedFor() {
        assertThat(Search.of(null).finds("Nuala Vosper")).isTrue();
        assertThat(Search.of("  ").finds("Nuala Vosper")).isTrue();
    }
}
