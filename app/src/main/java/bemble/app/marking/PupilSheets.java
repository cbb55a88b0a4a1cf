package bemble.app.marking;

import bemble.app.export.Exercise;
import bemble.app.house.PupilRow;
import bemble.app.house.Roll;
import bemble.app.sets.SetJson.Sheet;
import bemble.app.sets.SetJson.SheetExtras;
import bemble.app.sets.SetJson.SheetFormat;
import bemble.app.sets.SetJson.SheetRequest;
import bemble.app.sets.SetJson.SumRequest;
import bemble.app.sets.SetPrinter;
import bemble.app.sets.SetPrinter.Writer;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The sheets of a handout, a copy for each of its pupils. */
@Service
public class PupilSheets {
  /**
   * How the sheets look.
   *
   * @param withNames whether each pupil's name is printed beside the number
   */
  public record CopiesRequest(
      @Nullable SheetFormat format, @Nullable SheetExtras extras, @Nullable Boolean withNames) {
    /** On A4, with nothing beside the sums. */
    public static CopiesRequest plain(int square, Exercise.Layout layout) {
      return new CopiesRequest(new SheetFormat(null, square, layout), null, null);
    }
  }

  private final HandoutMapper mapper;
  private final Handouts handouts;
  private final Roll roll;
  private final SetPrinter printer;

  PupilSheets(HandoutMapper mapper, Handouts handouts, Roll roll, SetPrinter printer) {
    this.mapper = mapper;
    this.handouts = handouts;
    this.roll = roll;
    this.printer = printer;
  }

  /** The sheets as PDF. */
  public byte[] pdf(long id, CopiesRequest request) {
    HandoutRow handout = handouts.find(id);
    List<SumRequest> sums =
        mapper.sums(id).stream()
            .map(sum -> new SumRequest(sum.plain(), sum.method(), sum.rung(), null))
            .toList();
    SheetRequest sheets =
        new SheetRequest(
            handout.title(),
            null,
            sums,
            handout.setId(),
            Sheet.EXERCISES,
            request.format(),
            request.extras());
    boolean names = Boolean.TRUE.equals(request.withNames());
    Map<Long, Integer> numbers = roll.numbers(handout.classId());
    List<Writer> writers =
        mapper.pupils(id).stream()
            .filter(pupil -> numbers.containsKey(pupil.id()))
            .map(pupil -> writer(pupil, Objects.requireNonNull(numbers.get(pupil.id())), names))
            .toList();
    return printer.copies(sheets, id, writers);
  }

  private static Writer writer(PupilRow pupil, int number, boolean named) {
    return new Writer(pupil.id(), number, named ? Optional.of(pupil.name()) : Optional.empty());
  }
}
