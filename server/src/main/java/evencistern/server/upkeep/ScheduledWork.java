package evencistern.server.upkeep;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.task.ThreadPoolTaskSchedulerCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataAccessException;
import org.springframework.transaction.TransactionException;

/** Work that finds the database away says so in a line, and is done at its next turn. */
@Configuration
class ScheduledWork {
    private static final Logger LOG = LoggerFactory.getLogger(ScheduledWork.class);

    @Bean
    ThreadPoolTaskSchedulerCustomizer aLineEach() {
        return scheduler -> scheduler.setErrorHandler(e -> {
            if (e instanceof DataAccessException || e instanceof TransactionException) {
                LOG.warn("put off, as the database is away: {}", e.getMessage());
            } else {
                LOG.error("scheduled work failed", e);
            }
        });
    }
}
