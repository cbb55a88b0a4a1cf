package bemble.app.register;

import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The work of the pupils of a class, and a teacher's decisions about it. */
@Mapper
public interface RegisterMapper {
  @Select(
      """
      select pupil_id, rung, worked_on, all_right, helped, slip, count(*) as sums from evidence
      where pupil_id in (select id from pupil where class_id = #{classId})
      group by pupil_id, rung, worked_on, all_right, helped, slip
      order by worked_on, rung, pupil_id, slip
      """)
  List<EvidenceRow> evidence(long classId);

  @Select(
      """
      select pupil_id, rung, worked_on, all_right, helped, slip, count(*) as sums from evidence
      where pupil_id = #{pupil}
      group by pupil_id, rung, worked_on, all_right, helped, slip
      order by worked_on, rung, pupil_id, slip
      """)
  List<EvidenceRow> evidenceOf(long pupil);

  /** The latest work of a pupil. */
  @Select(
      """
      select source, source_id,
             coalesce(
               case source when 'HANDOUT' then (select title from handout where id = source_id)
                           when 'RUN' then (select title from run where id = source_id)
                           else (select plain from work where id = source_id) end, '') as title,
             worked_on, count(*) as sums, sum(case when all_right then 1 else 0 end) as rights
      from evidence where pupil_id = #{pupil}
      group by source, source_id, worked_on
      order by worked_on desc, source_id desc fetch first #{most} rows only
      """)
  List<WorkRow> work(@Param("pupil") long pupil, @Param("most") int most);

  @Select(
      """
      select pupil_id, rung, standing, note, decided_at from decided_standing
      where pupil_id in (select id from pupil where class_id = #{classId})
      """)
  List<DecidedRow> decided(long classId);

  @Update(
      """
      merge into decided_standing (pupil_id, rung, standing, note, decided_at)
      key (pupil_id, rung)
      values (#{pupilId}, #{rung}, #{standing}, #{note}, #{decidedAt})
      """)
  int decide(DecidedRow row);

  @Delete("delete from decided_standing where pupil_id = #{pupil} and rung = #{rung}")
  int leaveToRules(@Param("pupil") long pupil, @Param("rung") String rung);

  @Select("select handout_id as id, number, plain, method from handout_sum where rung = ''")
  List<UnplacedRow> unplacedHandoutSums();

  @Update(
      """
      update handout_sum set rung = #{rung}
      where handout_id = #{sum.id} and number = #{sum.number}
      """)
  int placeHandoutSum(@Param("sum") UnplacedRow sum, @Param("rung") String rung);

  @Select("select id, 0 as number, plain, method from work where rung = ''")
  List<UnplacedRow> unplacedWork();

  @Update("update work set rung = #{rung} where id = #{sum.id}")
  int placeWork(@Param("sum") UnplacedRow sum, @Param("rung") String rung);

  /** Attempts of pupils that are handed in and not judged, or by another judge. */
  @Select(
      """
      select id from work
      where handed_in_at is not null and deleted_at is null and pupil_id is not null
        and (all_right is null or judged_by is null or judged_by <> #{by})
      """)
  List<Long> unjudged(int by);
}
