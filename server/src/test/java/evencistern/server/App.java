package evencistern.server;

import evencistern.testkit.Api;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The application, started once for all tests of this module on a free port, on 14 May 2026. */
final class App {
    static final String TODAY = "2026-05-14";
    private static final ConfigurableApplicationContext CONTEXT = start();

    private App() {}

    private static ConfigurableApplicationContext start() {
        SpringApplication application = new SpringApplication(EvenCisternApplication.class);
        application.setDefaultProperties(Map.of(
                "server.port", "0",
                "EVEN_CISTERN_PORT", "0",
                "EVEN_CISTERN_TODAY", TODAY));
        application.addInitializers(context -> context.getBeanFactory().addBeanPostProcessor(Statements.COUNTED));
        return application.run();
    }

    static String address() {
        return "http://127.0.0.1:" + CONTEXT.getEnvironment().getProperty("local.server.port");
    }

    static Api api() {
        return new Api(address());
    }

    static <T> T bean(Class<T> type) {
        return CONTEXT.getBean(type);
    }
}
