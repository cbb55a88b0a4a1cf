package bemble.app.marking;

import bemble.app.house.Classes;
import bemble.app.ladder.Ladders;
import bemble.app.marking.MarkingJson.DiagnosisExplanation;
import bemble.app.marking.MarkingJson.DiagnosisItem;
import bemble.app.marking.MarkingJson.DiagnosisRequest;
import bemble.app.marking.MarkingJson.DiagnosisView;
import bemble.app.refusal.RefusedException;
import bemble.app.sets.Drafts;
import bemble.app.sets.SetJson.SumRequest;
import bemble.diagnosis.AnswerSpace;
import bemble.diagnosis.Diagnosis;
import bemble.practice.Item;
import bemble.slip.Slip;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Diagnoses of one pupil's answers; nothing is kept. */
@RestController
@RequestMapping("/api/diagnoses")
class DiagnosisController {
  private static final int ASKED_NEXT = 3;

  private final Drafts drafts;
  private final Classes classes;
  private final Ladders ladders;

  DiagnosisController(Drafts drafts, Classes classes, Ladders ladders) {
    this.drafts = drafts;
    this.classes = classes;
    this.ladders = ladders;
  }

  @PostMapping
  DiagnosisView diagnose(@Valid @RequestBody DiagnosisRequest request) {
    if (request.items().size() != request.answers().size()) {
      throw RefusedException.of("answers-and-items");
    }
    List<Item> items = new ArrayList<>();
    for (DiagnosisItem item : request.items()) {
      items.add(drafts.item(new SumRequest(item.problem(), item.method(), null, null)));
    }
    Marker marker = new Marker(items, classes.currentStyle(), ladders.current());
    List<AnswerSpace> given = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      given.add(marker.given(i, request.answers().get(i).strip()));
    }
    Diagnosis diagnosis = marker.diagnosis(given);
    return new DiagnosisView(
        diagnosis.outcomes(),
        diagnosis.explanations().stream()
            .map(
                each ->
                    new DiagnosisExplanation(
                        each.slips().stream().map(Slip::id).toList(),
                        each.alike().stream().map(Slip::id).toList(),
                        each.isOwn(),
                        each.probability(),
                        each.explains(),
                        each.against()))
            .toList(),
        marker.askNext(given, ASKED_NEXT).stream().map(marker.words()::problem).toList());
  }
}
