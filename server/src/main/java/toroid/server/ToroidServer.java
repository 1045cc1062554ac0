package toroid.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The server: the workshop's data, the calculators as an HTTP API, and the app itself. */
@SpringBootApplication
@EnableScheduling
public class ToroidServer {
    public static void main(String[] arguments) {
        SpringApplication.run(ToroidServer.class, arguments);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
