package evencistern.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the server that stores and serves a garden. Nobody signs in, so no user and no password are made up. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@EnableScheduling
@EnableResilientMethods
public class EvenCisternApplication {
    public static void main(String[] args) {
        SpringApplication.run(EvenCisternApplication.class, args);
    }
}
