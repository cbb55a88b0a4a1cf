package bemble.app.demo;

import bemble.app.page.KeepRequest;
import bemble.app.page.Pages;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * Fills a fresh Workbook with pages of the Ashlatch garden, the easiest last kept and so on top;
 * and makes the classes, which all other demo data belongs to.
 */
@Component
class DemoPages implements DemoPart {
  private final Pages pages;
  private final ObjectMapper json;

  DemoPages(Pages pages, ObjectMapper json) {
    this.pages = pages;
    this.json = json;
  }

  @Override
  public void make() throws IOException {
    if (pages.search("", Long.MAX_VALUE).total() > 0) {
      return;
    }
    try (InputStream file = getClass().getResourceAsStream("/demo/pages.json")) {
      List<KeepRequest> demo = json.readValue(file, new TypeReference<>() {});
      for (int i = demo.size() - 1; i >= 0; i--) {
        pages.keep(demo.get(i));
      }
    }
  }
}
