package bemble.app.demo;

import bemble.app.house.ClassRequest;
import bemble.app.house.ClassView;
import bemble.app.house.Classes;
import bemble.app.page.KeepRequest;
import bemble.app.page.Pages;
import bemble.style.Choice;
import bemble.style.Style;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Fills a fresh Workbook with pages of the Ashlatch garden, the easiest last kept and so on top;
 * and makes the classes, which all other demo data belongs to.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
@ConditionalOnProperty("bemble.demo")
class DemoPages implements ApplicationRunner {
  private final Pages pages;
  private final Classes classes;
  private final ObjectMapper json;

  DemoPages(Pages pages, Classes classes, ObjectMapper json) {
    this.classes = classes;
    this.pages = pages;
    this.json = json;
  }

  @Override
  public void run(ApplicationArguments arguments) throws IOException {
    if (pages.search("", Long.MAX_VALUE).total() > 0) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/pages.json")) {
      List<KeepRequest> demo = json.readValue(file, new TypeReference<>() {});
      for (int i = demo.size() - 1; i >= 0; i--) {
        pages.keep(demo.get(i));
      }
    }
    addClasses();
  }

  /** Three classes, each with a way of its own. */
  private void addClasses() {
    ClassView first = classes.all().get(0);
    classes.change(first.id(), new ClassRequest("Walled Garden", Style.STANDARD, first.version()));
    classes.add(
        new ClassRequest(
            "Seed Barn",
            Style.STANDARD
                .with(Choice.ExchangeWord.BORROW)
                .with(Choice.FirstPlaceWord.UNITS)
                .with(Choice.CarryPosition.BELOW),
            null));
    classes.add(
        new ClassRequest(
            "Cold Frame",
            Style.STANDARD
                .with(Choice.CarryWord.REGROUP)
                .with(Choice.ExchangeWord.REGROUP)
                .with(Choice.AcrossZeros.IN_ONE_GO)
                .saying("exchange", "{top} are too few for {bottom}. Open {one}: {ten} come out."),
            null));
  }
}
