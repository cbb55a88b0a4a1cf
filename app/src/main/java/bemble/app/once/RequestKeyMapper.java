package bemble.app.once;

import java.time.OffsetDateTime;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The keys of requests whose changes are kept. */
@Mapper
public interface RequestKeyMapper {
  @Insert("insert into request_key (request_key) values (#{key})")
  int insert(String key);

  @Select("select count(*) > 0 from request_key where request_key = #{key}")
  boolean isKept(String key);

  @Delete("delete from request_key where request_key = #{key}")
  int delete(String key);

  @Delete("delete from request_key where changed_at < #{time}")
  int deleteBefore(OffsetDateTime time);
}
