package bemble.method;

import bemble.problem.Operation;
import bemble.slip.Slip;
import bemble.style.Setting;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Everything about a method except how it works. Each call returns a head with one part more. */
public final class MethodHead {
  private final Operation operation;
  private final String id;
  private PageForm form = PageForm.COLUMNS;
  private int layout = 1;
  private List<Slip> slips = List.of();
  private List<Setting> schools = List.of();
  private List<String> sharesAidsWith = List.of();
  private Optional<String> partner = Optional.empty();
  private List<String> sampleLines = List.of();

  private MethodHead(Operation operation, String id) {
    this.operation = operation;
    this.id = id;
  }

  /**
   * The head of a method that is laid out in columns, and of which nothing else is known yet.
   *
   * @param operation the operation that it belongs to
   * @param id its name within the operation, stable for storage: {@code in-pairs}
   */
  public static MethodHead of(Operation operation, String id) {
    return new MethodHead(operation, id);
  }

  private MethodHead with(Consumer<MethodHead> change) {
    MethodHead copy = new MethodHead(operation, id);
    copy.form = form;
    copy.layout = layout;
    copy.slips = slips;
    copy.schools = schools;
    copy.sharesAidsWith = sharesAidsWith;
    copy.partner = partner;
    copy.sampleLines = sampleLines;
    change.accept(copy);
    return copy;
  }

  /** How its page is laid out. */
  public MethodHead form(PageForm form) {
    return with(head -> head.form = form);
  }

  /** The version of its layout, if it is not the first. */
  public MethodHead layout(int layout) {
    return with(head -> head.layout = layout);
  }

  /** The slips that are known to happen in it, the likelier first. */
  public MethodHead slips(List<Slip> slips) {
    return with(head -> head.slips = List.copyOf(slips));
  }

  /** The settings whose other choices are accepted on its pages. */
  public MethodHead schools(List<Setting> schools) {
    return with(head -> head.schools = List.copyOf(schools));
  }

  /** The methods whose small figures are accepted on its pages too. */
  public MethodHead sharesAidsWith(List<String> sharesAidsWith) {
    return with(head -> head.sharesAidsWith = List.copyOf(sharesAidsWith));
  }

  /** The method that proves its answers, if it is not the usual one. */
  public MethodHead partner(String partner) {
    return with(head -> head.partner = Optional.of(partner));
  }

  /** Lines of the garden in which nearly all of its remarks are made, the plainest first. */
  public MethodHead sampleLines(List<String> sampleLines) {
    return with(head -> head.sampleLines = List.copyOf(sampleLines));
  }

  Operation operation() {
    return operation;
  }

  /** The name of the method within its operation. */
  public String id() {
    return id;
  }

  PageForm form() {
    return form;
  }

  int layout() {
    return layout;
  }

  List<Slip> slips() {
    return slips;
  }

  List<Setting> schools() {
    return schools;
  }

  List<String> sharesAidsWith() {
    return sharesAidsWith;
  }

  Optional<String> partner() {
    return partner;
  }

  List<String> sampleLines() {
    return sampleLines;
  }
}
