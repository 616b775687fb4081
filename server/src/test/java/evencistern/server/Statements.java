package evencistern.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** How many statements the database is asked to run for the requests of a test. */
final class Statements {
    private static final AtomicInteger RUN = new AtomicInteger();
    private static final AtomicInteger AFTER_COMMIT = new AtomicInteger();
    private static final AtomicBoolean COMMITTED = new AtomicBoolean();

    /** Puts a count before the database; what the server does on its own meanwhile is not counted. */
    static final BeanPostProcessor COUNTED = new BeanPostProcessor() {
        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            return bean instanceof DataSource source
                    ? ProxyDataSourceBuilder.create(source)
                            .afterQuery((execution, queries) -> {
                                if (ofARequest()) {
                                    RUN.incrementAndGet();
                                    AFTER_COMMIT.addAndGet(COMMITTED.get() ? 1 : 0);
                                }
                            })
                            .afterMethod(method -> {
                                if (ofARequest() && method.getMethod().getName().equals("commit")) {
                                    COMMITTED.set(true);
                                }
                            })
                            .build()
                    : bean;
        }
    };

    private Statements() {}

    private static boolean ofARequest() {
        return Thread.currentThread().getName().startsWith("http-");
    }

    /** Those that one request runs once it has committed: should they fail, it says that nothing was done. */
    static int afterCommitOf(Runnable request) {
        AFTER_COMMIT.set(0);
        COMMITTED.set(false);
        request.run();
        assertThat(COMMITTED).as("something was committed").isTrue();
        return AFTER_COMMIT.get();
    }

    /** Those of what is done meanwhile. */
    static int of(Runnable requests) {
        int before = RUN.get();
        requests.run();
        return RUN.get() - before;
    }
}
