package org.etui.server.store;

import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** SQL of what happened to the rack. */
public interface RackMapper {
    /** Entries behind a number, in order. */
    @Select("select number, document, created_at as createdAt from rack_entry where number > #{number} order by number")
    List<RackRow> after(long number);

    /** The number of the last entry; 0 where there is none. */
    @Select("select coalesce(max(number), 0) from rack_entry")
    long last();

    /** Adds an entry. */
    @Insert("insert into rack_entry (number, document, created_at) values (#{number}, #{document}, #{now})")
    void add(@Param("number") long number, @Param("document") String document, @Param("now") String now);
}
