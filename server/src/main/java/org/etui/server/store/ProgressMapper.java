package org.etui.server.store;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** SQL of where bench cards stand. */
public interface ProgressMapper {
    /** Where the card of a piece or job stands, as JSON. */
    @Select("select document from card_progress where subject = #{subject}")
    Optional<String> document(String subject);

    /** Keeps where it stands. */
    @Insert("insert into card_progress (subject, document, changed_at) values (#{subject}, #{document}, #{now}) "
            + "on conflict (subject) do update set document = excluded.document, changed_at = excluded.changed_at")
    void put(@Param("subject") String subject, @Param("document") String document, @Param("now") String now);
}
