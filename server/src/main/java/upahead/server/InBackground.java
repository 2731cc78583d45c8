package upahead.server;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** What is done without anybody asking, such as sending mail; commands that only look at data leave it alone. */
@Configuration
@EnableScheduling
@ConditionalOnProperty("upahead.in-background")
class InBackground {}
