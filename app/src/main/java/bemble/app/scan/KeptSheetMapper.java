package bemble.app.scan;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Sheets whose answers are taken and whose pictures are kept for a while. */
@Mapper
public interface KeptSheetMapper {
  /** Keeps the sheets of a pile that have nothing left to be taken. */
  @Insert(
      """
      insert into kept_sheet (page_id, handout_id, pupil_id, kept_until)
      select p.id, s.handout_id, p.pupil_id, #{until}
      from scan_page p join scan s on s.id = p.scan_id
      where s.id = #{scan} and p.pupil_id is not null
        and p.id not in (select page_id from scan_answer)
      """)
  int keep(@Param("scan") long scan, @Param("until") LocalDate until);

  @Select(
      """
      select page_id, pupil_id, kept_until from kept_sheet
      where handout_id = #{handout} order by pupil_id, page_id
      """)
  List<KeptSheetRow> of(long handout);

  @Select("select page_id from kept_sheet")
  Set<Long> allPages();

  @Delete("delete from kept_sheet where handout_id = #{handout}")
  int deleteOf(long handout);

  @Delete("delete from kept_sheet where kept_until < #{today}")
  int deleteBefore(LocalDate today);
}
