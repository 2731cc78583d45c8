package upahead.server.platform.daily;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Looks every minute whether a day has begun; what fails is tried again a minute later and keeps nothing else from its day. */
@Component
class EveryMinute {

    private static final Logger LOG = LoggerFactory.getLogger(EveryMinute.class);

    private final DailyWork work;

    EveryMinute(DailyWork work) {
        this.work = work;
    }

    @Scheduled(fixedDelayString = "${upahead.daily.every:60s}", initialDelayString = "${upahead.daily.every:60s}")
    void look() {
        for (OnceADay each : work.all()) {
            try {
                if (work.isDue(each)) {
                    work.perform(each);
                }
            } catch (RuntimeException failed) {
                LOG.warn("{} is done later: {}", each.name(), failed.getMessage());
            }
        }
    }
}
