package bemble.app.house;

import bemble.methods.Methods;
import bemble.problem.Operation;
import java.util.List;

/**
 * A sum of the garden in which a remark is heard.
 *
 * @param problem the sum
 * @param method the method
 */
record SampleSum(String problem, String method) {
  /** Sums in which, together, nearly all remarks of a kind of work are made, the plainest first. */
  static List<SampleSum> of(String book) {
    return Methods.of(operation(book)).stream()
        .flatMap(
            method -> method.sampleLines().stream().map(line -> new SampleSum(line, method.id())))
        .toList();
  }

  private static Operation operation(String book) {
    return switch (book) {
      case "adding", "checking" -> Operation.ADDITION;
      case "taking" -> Operation.SUBTRACTION;
      case "multiplying" -> Operation.MULTIPLICATION;
      case "dividing" -> Operation.DIVISION;
      default -> Operation.ROOT;
    };
  }
}
