package bemble.app.extract;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;

/** Reads whatever was inserted in the way in which the screens read it. */
@Component
class Everything {
  private final List<Look> looks;

  Everything(List<Look> looks) {
    this.looks = looks;
  }

  /**
   * Looks at the current class and at all inserted rows.
   *
   * @param numbers for each table, the numbers of the inserted rows as values
   * @throws RuntimeException if a screen could not show a row
   */
  void look(Map<String, Map<Long, Long>> numbers) {
    looks.forEach(look -> look.at(numbers));
  }
}
