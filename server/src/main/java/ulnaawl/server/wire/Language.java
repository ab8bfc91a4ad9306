package ulnaawl.server.wire;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import ulnaawl.people.PeopleNames;
import ulnaawl.words.Speech;

/** The language in which the server says what the core found. */
@Configuration
class Language {

  @Bean
  Speech speech(PeopleNames names) {
    return Speech.english(names);
  }
}
