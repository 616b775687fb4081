package evencistern.server;

import java.util.concurrent.atomic.AtomicInteger;
import javax.sql.DataSource;
import net.ttddyy.dsproxy.support.ProxyDataSourceBuilder;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** How many statements the database is asked to run for the requests of a test. */
final class Statements {
    private static final AtomicInteger RUN = new AtomicInteger();

    /** Puts a count before the database; what the server does on its own meanwhile is not counted. */
    static final BeanPostProcessor COUNTED = new BeanPostProcessor() {
        @Override
        public Object postProcessAfterInitialization(Object bean, String name) {
            return bean instanceof DataSource source
                    ? ProxyDataSourceBuilder.create(source)
                            .afterQuery((execution, queries) -> {
                                if (Thread.currentThread().getName().startsWith("http-")) {
                                    RUN.incrementAndGet();
                                }
                            })
                            .build()
                    : bean;
        }
    };

    private Statements() {}

    /** Those of what is done meanwhile. */
    static int of(Runnable requests) {
        int before = RUN.get();
        requests.run();
        return RUN.get() - before;
    }
}
