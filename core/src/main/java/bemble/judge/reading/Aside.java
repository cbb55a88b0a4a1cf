package bemble.judge.reading;

import bemble.judge.reading.Prediction.Expected;
import bemble.judge.reading.Prediction.Seen;
import bemble.judge.report.Finding;
import bemble.judge.report.Stage;
import bemble.paper.Role;
import bemble.paper.Spot;
import bemble.paper.Square;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A number written in the right row, with every figure the same way off the square in which it is
 * due.
 *
 * @param row its figures and where they are due, the one that is written first in front
 * @param right how many columns further right they stand; below 0 where they stand further left
 */
public record Aside(List<Expected> row, int right) {
  private static final int FURTHEST = 2;
  private static final int FEWEST = 2;

  /** The number to which a wrong figure belongs, if the whole number stands aside. */
  public static Optional<Aside> of(Handwriting page, Prediction meant, Seen wrong, Stage stage) {
    List<Expected> row = row(meant, wrong);
    if (row.isEmpty()) {
      return Optional.empty();
    }
    return Stream.iterate(1, far -> far <= FURTHEST, far -> far + 1)
        .flatMap(far -> Stream.of(new Aside(row, -far), new Aside(row, far)))
        .filter(aside -> aside.isOn(page, stage))
        .findFirst();
  }

  /** The figures of an answer, a row or a number that its writer copied, which stand in one row. */
  private static List<Expected> row(Prediction meant, Seen wrong) {
    Role role = wrong.entry().slot().role();
    boolean isLine = role.kind() == Role.Kind.ANSWER || role == Role.PARTIAL;
    if (!isLine && !wrong.isSetOut()) {
      return List.of();
    }
    int row = wrong.entry().slot().square().row();
    return meant.seen().stream()
        .filter(seen -> seen.entry().slot().role() == role)
        .flatMap(seen -> seen.expected().stream())
        .filter(one -> one.spot() == Spot.FULL && one.at().row() == row)
        .toList();
  }

  /**
   * Whether most of the squares have the figures of the number, or are blank as it would leave
   * them.
   */
  private boolean isOn(Handwriting page, Stage stage) {
    Set<Square> due = due();
    Square first = row.get(0).at();
    boolean isOff = !isWritten(page, first) || !due.contains(aside(first));
    if (!isOff || !isWritten(page, aside(first))) {
      return false;
    }
    row.forEach(one -> due.remove(aside(one.at())));
    List<Expected> found = alike(page);
    int alike = found.size();
    long written = row.stream().filter(one -> isWritten(page, aside(one.at()))).count();
    // One figure of several may stand there by chance, unless the others are still to come.
    boolean begun = stage == Stage.IN_WORK && found.contains(row.get(0));
    boolean isNumber = begun || alike >= Math.min(row.size(), FEWEST);
    return isNumber && 2 * alike > written && due.stream().noneMatch(left -> isWritten(page, left));
  }

  private Set<Square> due() {
    Set<Square> due = new HashSet<>();
    row.forEach(one -> due.add(one.at()));
    return due;
  }

  private static boolean isWritten(Handwriting page, Square at) {
    return page.at(at, Spot.FULL).isPresent();
  }

  /** The figures of the number that stand aside as they are due. */
  public List<Expected> alike(Handwriting page) {
    return row.stream()
        .filter(one -> page.at(aside(one.at()), Spot.FULL).equals(Optional.of(one.text())))
        .toList();
  }

  /** The page as it reads with the number, and its point, in their due places. */
  public Transposed on(Transposed page, Prediction meant) {
    Set<Square> due = due();
    return page.moved(
        written -> {
          Square at = written.at().moved(0, -right);
          boolean point = written.isPoint() && meant.pointsOnPaper().contains(at);
          return due.contains(at) && (written.isFull() || point) ? at : written.at();
        },
        at -> due.contains(at) ? aside(at) : at);
  }

  private Square aside(Square due) {
    return due.moved(0, right);
  }

  /** The kind of its finding. */
  public Finding.Kind kind() {
    return right < 0 ? Finding.Kind.TOO_FAR_LEFT : Finding.Kind.TOO_FAR_RIGHT;
  }
}
