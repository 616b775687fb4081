package evencistern.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server that stores and serves a garden. */
@SpringBootApplication
public class EvenCisternApplication {
    public static void main(String[] args) {
        SpringApplication.run(EvenCisternApplication.class, args);
    }
}
