package evencistern.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the server that stores and serves a garden. */
@SpringBootApplication
@EnableScheduling
@EnableResilientMethods
public class EvenCisternApplication {
    public static void main(String[] args) {
        SpringApplication.run(EvenCisternApplication.class, args);
    }
}
