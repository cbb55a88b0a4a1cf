package bemble.app.register;

import bemble.app.house.Classes;
import bemble.app.house.Roll;
import bemble.app.ladder.Ladders;
import bemble.app.register.RegisterJson.FirstSheetView;
import bemble.app.register.RegisterJson.PlaceView;
import bemble.ladder.Rung;
import bemble.problem.Operation;
import bemble.progress.Evidence;
import bemble.progress.FoundPlace;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;

/** Finds the places of pupils who come in the middle of a year, by few sums. */
@Service
public class FirstSheets {
  private final Register register;
  private final Classes classes;
  private final Ladders ladders;
  private final Roll roll;

  FirstSheets(Register register, Classes classes, Ladders ladders, Roll roll) {
    this.register = register;
    this.classes = classes;
    this.ladders = ladders;
    this.roll = roll;
  }

  /** The rungs of a first sheet of an operation, and how far each pupil was found to have come. */
  public FirstSheetView of(Operation operation) {
    long classId = classes.here();
    List<Rung> rungs = ladders.of(classId).ladder().of(operation);
    Map<Long, Map<String, List<Evidence>>> work = register.work(classId);
    List<PlaceView> places =
        roll.names(classId).keySet().stream()
            .map(pupil -> view(pupil, FoundPlace.of(rungs, work.getOrDefault(pupil, Map.of()))))
            .toList();
    return new FirstSheetView(FoundPlace.first(rungs).stream().map(Rung::id).toList(), places);
  }

  private static PlaceView view(long pupil, FoundPlace place) {
    return new PlaceView(
        pupil, place.upTo().map(Rung::id).orElse(null), place.ask().map(Rung::id).orElse(null));
  }
}
