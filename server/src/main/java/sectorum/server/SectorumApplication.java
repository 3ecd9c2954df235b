package sectorum.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;

/** Starts the server. Accounts are the people's own table, so that no made-up user is added. */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class SectorumApplication {
    public static void main(String[] args) {
        SpringApplication.run(SectorumApplication.class, args);
    }
}
