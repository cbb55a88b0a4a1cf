package bemble.app;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The time, as something that a test can set; days are those of the machine's time zone. */
@Configuration
class ClockConfiguration {
  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
