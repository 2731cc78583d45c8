package upahead.server.platform.access;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import upahead.server.WithDemo;
import upahead.server.platform.throttle.Throttles;

@WithDemo
class TriesTest {

    private static final String HOME = "192.0.2.1";

    @Autowired
    private Throttles throttles;

    @Autowired
    private KnownAddressStore known;

    private Tries tries;

    @BeforeEach
    void nothingWasTriedYet() {
        tries = new Tries(throttles, known);
    }

    @Test
    void aNameMayBeTriedEightTimesAMinuteFromAnAddress() {
        assertThat(let("osric", HOME, 8)).isEqualTo(8);
        assertThat(tries.letPassword("osric", HOME)).isFalse();
        assertThat(tries.letPassword("kerensa", HOME)).isTrue();
        assertThat(tries.letPassword("osric", "192.0.2.2")).isTrue();
    }

    @Test
    void aRightPasswordBeginsAnew() {
        let("osric", HOME, 7);
        tries.right("osric", HOME);
        assertThat(let("osric", HOME, 20)).isEqualTo(8);
    }

    @Test
    void aNameTriedFromManyAddressesIsHeldUpThere() {
        assertThat(fromManyAddresses("osric", 60)).isEqualTo(40);
    }

    /** Otherwise anybody could keep anybody out for as long as they like. */
    @Test
    void whoSignedInFromAnAddressIsNotShutOutByWhatIsTriedElsewhere() {
        tries.know("osric", HOME);
        fromManyAddresses("osric", 60);
        assertThat(tries.letPassword("osric", "192.0.2.9")).isFalse();
        assertThat(tries.letPassword("osric", HOME)).isTrue();
    }

    @Test
    void anAddressMayTrySixtyNamesAMinute() {
        int let = 0;
        for (int name = 0; name < 100; name++) {
            let += tries.letPassword("name" + name, HOME) ? 1 : 0;
        }
        assertThat(let).isEqualTo(60);
        assertThat(tries.letLink(HOME)).isFalse();
    }

    @Test
    void everybodyTogetherMayTryAThousandTimesAMinute() {
        int let = 0;
        for (int each = 0; each < 1_200; each++) {
            let += tries.letPassword("name" + each, "198.51.100." + each) ? 1 : 0;
        }
        assertThat(let).isEqualTo(1_000);
        assertThat(tries.letLink("203.0.113.1")).isFalse();
    }

    @Test
    void linksAreSentSeldom() {
        assertThat(tries.letAsking("osric", HOME)).isTrue();
        tries.letAsking("osric", HOME);
        tries.letAsking("osric", "192.0.2.2");
        assertThat(tries.letAsking("osric", "192.0.2.3")).isFalse();
        int let = 0;
        for (int name = 0; name < 40; name++) {
            let += tries.letAsking("name" + name, "192.0.2.4") ? 1 : 0;
        }
        assertThat(let).isEqualTo(20);
    }

    @Test
    void aNameHoweverLongIsOneName() {
        String longest = "a".repeat(200);
        let(longest, HOME, 8);
        assertThat(tries.letPassword(longest + "b", HOME)).isFalse();
    }

    private int let(String name, String address, int times) {
        int let = 0;
        for (int time = 0; time < times; time++) {
            let += tries.letPassword(name, address) ? 1 : 0;
        }
        return let;
    }

    private int fromManyAddresses(String name, int times) {
        int let = 0;
        for (int time = 0; time < times; time++) {
            let += tries.letPassword(name, "198.51.100." + time) ? 1 : 0;
        }
        return let;
    }
}
