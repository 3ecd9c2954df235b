package sectorum.server;

import java.time.Clock;
import java.time.ZoneId;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The one clock, so that whoever needs the time is given it. */
@Configuration
class Clocks {
    @Bean
    Clock clock() {
        return Clock.system(ZoneId.systemDefault());
    }
}
