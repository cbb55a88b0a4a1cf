package bemble.app.export;

import bemble.app.export.Canvas.Point;
import bemble.app.export.PdfBook.Frame;
import bemble.app.export.PdfBook.Shown;
import bemble.app.refusal.RefusedException;
import bemble.app.words.Language;
import bemble.app.working.SumRef;
import bemble.app.working.Sums;
import bemble.check.Check;
import bemble.check.Checks;
import bemble.method.Sum;
import bemble.paper.Area;
import bemble.procedure.Section;
import bemble.procedure.Step;
import bemble.procedure.Working;
import bemble.style.Style;
import bemble.words.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Puts worked sums on paper and into pictures. */
@Service
public class Exports {
  private static final int MOST_FRAMES = 360;

  private final Sums sums;

  Exports(Sums sums) {
    this.sums = sums;
  }

  /** A sum worked, with all that is needed to show it. */
  private record Page(Working working, Check check, Wording wording, String heading, Style style) {}

  private Page page(SumRef request) {
    Sum sum = sums.read(request);
    Working working = sum.work();
    Wording wording = Language.wording(sum.style());
    return new Page(
        working,
        Checks.of(working, sum.style()),
        wording,
        wording.problem(sum.problem()),
        sum.style());
  }

  /** The sum as a PDF. */
  public byte[] pdf(PdfRequest request) {
    Page page = page(request.sum());
    try (PdfBook book = new PdfBook(request.sheet())) {
      if (request.kind() == PdfRequest.Kind.STRIP) {
        book.strip(frames(page, request.per()), request.tiling());
      } else {
        book.page(request.kind() == PdfRequest.Kind.PAGE ? finished(page) : blank(page));
      }
      return book.bytes();
    }
  }

  private static Frame finished(Page page) {
    List<Step> steps = page.working().steps();
    Working check = page.check().working();
    return new Frame(
        page.heading(),
        List.of(
            Shown.at(page.working(), steps.size() - 1), Shown.at(check, check.steps().size() - 1)),
        page.wording().say(steps.get(steps.size() - 1).remark()));
  }

  private static Frame blank(Page page) {
    String name = page.wording().label("sheet.name", Map.of("problem", page.heading()));
    return new Frame(name, List.of(Shown.blank(page.working(), page.style())), "");
  }

  private static List<Frame> frames(Page page, PdfRequest.@Nullable Per per) {
    Wording wording = page.wording();
    return frames(page.working(), step -> wording.say(step.remark()), wording, per);
  }

  private static List<Frame> frames(
      Working page, Function<Step, String> say, Wording wording, PdfRequest.@Nullable Per per) {
    List<Step> steps = page.steps();
    List<Frame> frames = new ArrayList<>();
    StringBuilder said = new StringBuilder();
    for (int i = 0; i < steps.size(); i++) {
      Section section = steps.get(i).section();
      said.append(said.isEmpty() ? "" : " ").append(say.apply(steps.get(i)));
      boolean goesOn = i + 1 < steps.size() && steps.get(i + 1).section().equals(section);
      if (per != PdfRequest.Per.COLUMN || !goesOn) {
        String heading = wording.section(section);
        Shown shown = Shown.fresh(page, i);
        frames.add(new Frame(heading, List.of(shown), said.toString()));
        said.setLength(0);
      }
    }
    if (frames.size() > MOST_FRAMES) {
      throw RefusedException.of("too-many-frames", "frames", frames.size(), "most", MOST_FRAMES);
    }
    return frames;
  }

  /**
   * A page step by step, with the sentence of each step, and behind it a finished one.
   *
   * @param then the page that comes last
   */
  public byte[] strip(
      Working page,
      Function<Step, String> say,
      Working then,
      Wording wording,
      PdfRequest.Size size) {
    List<Frame> frames = new ArrayList<>(frames(page, say, wording, PdfRequest.Per.STEP));
    int last = then.steps().size() - 1;
    String said = wording.say(then.steps().get(last).remark());
    frames.add(new Frame(wording.problem(then.problem()), List.of(Shown.at(then, last)), said));
    try (PdfBook book = new PdfBook(size)) {
      book.strip(frames, new PdfRequest.Tiling(2, 3));
      return book.bytes();
    }
  }

  /** The sum as an SVG picture, after {@code step}; its check follows its steps. */
  public String svg(SumRef request, int step) {
    Page page = page(request);
    int done = page.working().steps().size();
    SvgCanvas canvas = new SvgCanvas();
    MarkPainter painter = new MarkPainter(canvas);
    Area area = page.working().paper().extent();
    boolean checking = step >= done;
    if (checking) {
      area = area.joined(page.check().working().paper().extent());
    }
    painter.grid(area);
    page.working().paper().marksAt(step).forEach(painter::paint);
    if (checking) {
      page.check().working().paper().marksAt(step - done).forEach(painter::paint);
    }
    Point corner = new Point(area.from().column() - 0.5, area.from().row() - 0.5);
    int rows = area.to().row() - area.from().row() + 1;
    return canvas.picture(corner, area.columns() + 1.0, rows + 1.0, page.heading());
  }
}
