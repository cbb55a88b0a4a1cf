package bemble.app.house;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** The groups of a class. */
@Mapper
public interface GroupMapper {
  String COLUMNS =
      """
      select id, class_id, name, origin, about, handout_id,
             (select s.id from practice_set s where s.id = set_id and s.deleted_at is null)
               as set_id, made_on
      from pupil_group
      """;

  @Select(COLUMNS + "where class_id = #{classId} order by lower(name), id")
  List<GroupRow> of(long classId);

  @Select(COLUMNS + "where id = #{id}")
  Optional<GroupRow> find(long id);

  /** The group that was made of the pupils who shared a slip in a handout. */
  @Select(COLUMNS + "where handout_id = #{handout} and about = #{slip} fetch first row only")
  Optional<GroupRow> ofSlip(@Param("handout") long handout, @Param("slip") String slip);

  /** The group of a name that was made from a rung. */
  @Select(
      COLUMNS
          + "where class_id = #{classId} and origin = 'RUNG' and about = #{rung}"
          + " and name = #{name} fetch first row only")
  Optional<GroupRow> ofRung(
      @Param("classId") long classId, @Param("rung") String rung, @Param("name") String name);

  @Select(
      """
      select gp.group_id, gp.pupil_id from group_pupil gp
      join pupil_group g on g.id = gp.group_id
      join pupil p on p.id = gp.pupil_id and p.left_at is null
      where g.class_id = #{classId} order by p.place nulls last, lower(p.name)
      """)
  List<GroupPupilRow> pupils(long classId);

  @Select(
      """
      select id from final table (
        insert into pupil_group (class_id, name, origin, about, handout_id, set_id, made_on)
        values (#{classId}, #{name}, #{origin}, #{about}, #{handoutId},
                (select id from practice_set where id = #{setId}), #{madeOn}))
      """)
  long insert(GroupRow group);

  @Update("update pupil_group set name = #{name} where id = #{id}")
  int rename(@Param("id") long id, @Param("name") String name);

  @Update(
      """
      update pupil_group set set_id = (select s.id from practice_set s where s.id = #{set})
      where id = #{id}
      """)
  int give(@Param("id") long id, @Param("set") @Nullable Long set);

  @Delete("delete from group_pupil where group_id = #{id}")
  int removeAll(long id);

  @Insert(
      """
      insert into group_pupil (group_id, pupil_id)
      select #{id}, id from pupil where id = #{pupil} and class_id = #{classId}
      """)
  int add(@Param("id") long id, @Param("pupil") long pupil, @Param("classId") long classId);

  @Delete("delete from pupil_group where id = #{id}")
  int delete(long id);
}
