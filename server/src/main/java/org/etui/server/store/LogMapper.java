package org.etui.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** SQL of what really happened. */
public interface LogMapper {
    /** Facts behind a number, in order. */
    @Select("select number, document, taken_back as takenBack, created_at as createdAt from log_entry "
            + "where number > #{number} order by number")
    List<LogRow> after(long number);

    /** Adds a fact. */
    @Insert("insert into log_entry (document, created_at) values (#{document}, #{now})")
    void add(@Param("document") String document, @Param("now") String now);

    /** Takes a fact back, or takes that back; returns how many there were. */
    @Update("update log_entry set taken_back = #{back} where number = #{number}")
    int takeBack(@Param("number") long number, @Param("back") boolean back);
}
