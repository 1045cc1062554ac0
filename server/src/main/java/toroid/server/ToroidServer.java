package toroid.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.ApplicationListener;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;
import toroid.server.backup.WorkshopReplaced;

/** The server: the workshop's data, the calculators as an HTTP API, and the app itself. */
@SpringBootApplication
@EnableScheduling
public class ToroidServer {
    public static void main(String[] arguments) {
        new ToroidServer.Standing(arguments).begin();
    }

    /** The server as it runs by itself: where another workshop was put into its database, it begins anew, with nothing left in memory. */
    private static final class Standing {
        private final String[] arguments;
        private ConfigurableApplicationContext context;

        Standing(String[] arguments) {
            this.arguments = arguments;
        }

        synchronized void begin() {
            var server = new SpringApplication(ToroidServer.class);
            // found by its main method otherwise, and that has ended the second time
            server.setMainApplicationClass(ToroidServer.class);
            server.addListeners(new ApplicationListener<WorkshopReplaced>() {
                @Override
                public void onApplicationEvent(WorkshopReplaced replaced) {
                    var thread = new Thread(Standing.this::anew, "anew");
                    // the process lives by it while no server stands
                    thread.setDaemon(false);
                    // and by nothing of the server that ends
                    thread.setContextClassLoader(ToroidServer.class.getClassLoader());
                    thread.start();
                }
            });
            context = server.run(arguments);
        }

        /** Whoever asked for it is answered first: the server ends gracefully. */
        private synchronized void anew() {
            context.close();
            begin();
        }
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
