package org.etui.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** SQL of photographs. */
public interface PhotographMapper {
    /** Those that stand, without their pictures, the newest first. */
    @Select("select number, subject, created_at as createdAt from photograph where taken_back = 0 order by number desc")
    List<PhotographRow> all();

    /** The picture of one, in base64; null where there is none. */
    @Select("select document from photograph where number = #{number}")
    String picture(long number);

    /** Keeps one. */
    @Insert("insert into photograph (subject, document, created_at) values (#{subject}, #{picture}, #{now})")
    void add(@Param("subject") String subject, @Param("picture") String picture, @Param("now") String now);

    /** Takes one back, or takes that back; returns how many there were. */
    @Update("update photograph set taken_back = #{back} where number = #{number}")
    int takeBack(@Param("number") long number, @Param("back") boolean back);
}
