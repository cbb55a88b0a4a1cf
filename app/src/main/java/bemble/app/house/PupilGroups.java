package bemble.app.house;

import bemble.app.house.GroupJson.Origin;
import bemble.app.house.GroupJson.PupilGroupRequest;
import bemble.app.house.GroupJson.PupilGroupView;
import bemble.app.refusal.MissingException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;

/** The groups of the current class. */
@Service
public class PupilGroups {
  private final GroupMapper mapper;
  private final Roll roll;
  private final Clock clock;
  private final TransactionOperations transactions;

  PupilGroups(GroupMapper mapper, Roll roll, Clock clock, TransactionOperations transactions) {
    this.mapper = mapper;
    this.roll = roll;
    this.clock = clock;
    this.transactions = transactions;
  }

  /** All of them by name. */
  public List<PupilGroupView> all() {
    long classId = roll.currentClass();
    Map<Long, List<Long>> pupils =
        mapper.pupils(classId).stream()
            .collect(
                Collectors.groupingBy(
                    GroupPupilRow::groupId,
                    Collectors.mapping(GroupPupilRow::pupilId, Collectors.toList())));
    return mapper.of(classId).stream()
        .map(
            row ->
                new PupilGroupView(
                    row.id(),
                    row.name(),
                    Origin.valueOf(row.origin()),
                    pupils.getOrDefault(row.id(), List.of()),
                    row.setId()))
        .toList();
  }

  /** Makes a group. One of the same name from the same rung is that group as it is now. */
  public List<PupilGroupView> make(PupilGroupRequest request) {
    roll.refuseNamed(request.name());
    String about = request.about() == null ? "" : request.about();
    Origin origin = about.isEmpty() ? Origin.CHOSEN : Origin.RUNG;
    long classId = roll.currentClass();
    String name = request.name();
    Optional<GroupRow> known = mapper.ofRung(classId, about, name);
    keep(
        known,
        new GroupRow(
            0, classId, name, origin.name(), about, null, request.set(), LocalDate.now(clock)),
        request.pupils());
    return all();
  }

  /** Keeps a group: as a new one, or in place of the one that is known. */
  private void keep(Optional<GroupRow> known, GroupRow group, List<Long> pupils) {
    if (known.isEmpty()) {
      insert(group, pupils);
      return;
    }
    transactions.executeWithoutResult(
        status -> {
          mapper.give(known.get().id(), group.setId());
          put(known.get().id(), pupils, group.classId());
        });
  }

  private void insert(GroupRow group, List<Long> pupils) {
    transactions.executeWithoutResult(status -> put(mapper.insert(group), pupils, group.classId()));
  }

  private void put(long id, List<Long> pupils, long classId) {
    mapper.removeAll(id);
    int added = pupils.stream().distinct().mapToInt(pupil -> mapper.add(id, pupil, classId)).sum();
    if (added == 0) {
      // They are of another class: another window may have changed the current one.
      throw missing();
    }
  }

  /** Renames a group and says who is in it. */
  public List<PupilGroupView> change(long id, PupilGroupRequest request) {
    GroupRow group = mapper.find(id).orElseThrow(PupilGroups::missing);
    roll.refuseNamed(request.name());
    transactions.executeWithoutResult(
        status -> {
          mapper.rename(id, request.name());
          put(id, request.pupils(), group.classId());
        });
    return all();
  }

  /** Deletes a group; its pupils and their handouts stay. */
  public List<PupilGroupView> delete(long id) {
    if (mapper.delete(id) == 0) {
      throw missing();
    }
    return all();
  }

  /** The set that was made for the group of a slip in a handout, if there is one. */
  public Optional<Long> setOf(long handout, String slip) {
    return mapper.ofSlip(handout, slip).map(GroupRow::setId);
  }

  /** A slip that pupils of a class have made in a handout. */
  public record OfSlip(long classId, long handout, String slip) {}

  /**
   * Keeps the pupils who share a slip in a handout as a group, with the set that was made for it.
   */
  public void keep(OfSlip of, String name, List<Long> pupils, long set) {
    String origin = Origin.SLIP.name();
    LocalDate today = LocalDate.now(clock);
    keep(
        mapper.ofSlip(of.handout(), of.slip()),
        new GroupRow(0, of.classId(), name, origin, of.slip(), of.handout(), set, today),
        pupils);
  }

  private static MissingException missing() {
    return new MissingException("group");
  }
}
