package sectorum.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Starts the server. */
@SpringBootApplication
public class SectorumApplication {
    public static void main(String[] args) {
        SpringApplication.run(SectorumApplication.class, args);
    }
}
