package bemble.app;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The time, as something that a test can set; a day begins when it does for the teacher. */
@Configuration
class ClockConfiguration {
  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
