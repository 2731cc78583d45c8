package upahead.server.payruns;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** At the first start on data of an earlier version, keeps what payroll got of runs closed until then. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class EarlierHandOvers implements ApplicationRunner {

    private final HandOver handOver;

    EarlierHandOvers(HandOver handOver) {
        this.handOver = handOver;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        handOver.keepEarlier();
    }
}
