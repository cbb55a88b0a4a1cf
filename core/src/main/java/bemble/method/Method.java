package bemble.method;

import bemble.paper.Area;
import bemble.paper.Shape;
import bemble.problem.Operation;
import bemble.problem.Problem;
import bemble.procedure.Script;
import bemble.procedure.Working;
import bemble.remark.Cue;
import bemble.slip.Slip;
import bemble.style.Setting;
import bemble.style.Style;
import java.util.List;
import java.util.Optional;

/**
 * A school's way of working a sum: the only description of it that there is.
 *
 * @param <P> the sums that it works
 */
public interface Method<P extends Problem> {
  /** The head: everything about the method except how it works. */
  MethodHead head();

  /** The operation that it belongs to. */
  default Operation operation() {
    return head().operation();
  }

  /** Its name within the operation, stable for storage: {@code in-pairs}. */
  default String id() {
    return head().id();
  }

  /** How its page is laid out. */
  default PageForm form() {
    return head().form();
  }

  /**
   * The version of its layout: counted up when it puts a mark into another square, since earlier
   * writing on squares cannot be read on the new ones.
   */
  default int layout() {
    return head().layout();
  }

  /** The slips that are known to happen in it, the likelier first. */
  default List<Slip> slips() {
    return head().slips();
  }

  /** The settings whose other choices are accepted on its pages, whichever of them a class has. */
  default List<Setting> schools() {
    return head().schools();
  }

  /** The methods of its operation whose small figures are accepted on its pages too, by id. */
  default List<String> sharesAidsWith() {
    return head().sharesAidsWith();
  }

  /**
   * The method that proves its answers by other work; empty where the usual one of the operation
   * does.
   */
  default Optional<String> partner() {
    return head().partner();
  }

  /**
   * The cue words of a round in a style, in the order of its moves; none where it goes in no
   * rounds.
   */
  default List<Cue> cues(Style style) {
    return List.of();
  }

  /** Lines of the garden in which nearly all of its remarks are made, the plainest first. */
  default List<String> sampleLines() {
    return head().sampleLines();
  }

  /** Why it cannot be used for a sum of its operation; empty where it can. */
  default Optional<Misfit> misfit(P problem) {
    return Optional.empty();
  }

  /**
   * The rulings for a writer on an empty page, besides the page's own: they tell nothing of one sum
   * but the lengths of its numbers.
   *
   * @param sheet as far as the sheet reaches
   */
  default List<Shape> ruled(P problem, Style style, Area sheet) {
    return List.of();
  }

  /** The problem, which it fits, worked on {@code script} by its hand in its conventions. */
  Working work(P problem, Script script);
}
