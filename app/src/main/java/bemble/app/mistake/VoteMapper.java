package bemble.app.mistake;

import java.time.LocalDate;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

/** The votes of classes on where a page first goes wrong. The logbook tells of them. */
@Mapper
public interface VoteMapper {
  @Insert(
      """
      insert into class_vote (class_id, voted_on, title, slip, votes, right_votes)
      values (#{classId}, #{day}, #{title}, #{slip}, #{votes}, #{right})
      """)
  int insert(
      @Param("classId") long classId,
      @Param("day") LocalDate day,
      @Param("title") String title,
      @Param("slip") String slip,
      @Param("votes") int votes,
      @Param("right") int right);
}
