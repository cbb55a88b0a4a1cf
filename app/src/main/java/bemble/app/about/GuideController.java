package bemble.app.about;

import bemble.app.guard.AnyClass;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The guide for teachers over HTTP. */
@RestController
class GuideController {
  /** All its pages in their order. */
  @GetMapping("/api/guide")
  @AnyClass
  List<GuidePage> guide() {
    return Guide.pages();
  }
}
