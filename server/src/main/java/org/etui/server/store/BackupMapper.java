package org.etui.server.store;

import java.util.List;
import java.util.Map;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** SQL of a backup: rows as they are. Names of tables and columns come from {@link Backup.Table}, never from a file. */
public interface BackupMapper {
    /** So many rows of a table behind one of them, in the order of its key. */
    @Select("select rowid as \"rowid\", * from ${table} where rowid > #{after} order by rowid limit #{most}")
    List<Map<String, Object>> rows(@Param("table") String table, @Param("after") long after, @Param("most") int most);

    /** Puts in a row. */
    @Insert(
            "<script>insert into ${table} (<foreach collection='row.keys' item='c' separator=','>${c}</foreach>) values "
                    + "(<foreach collection='row.values' item='v' separator=','>#{v}</foreach>)</script>")
    void put(@Param("table") String table, @Param("row") Map<String, Object> row);

    /** Documents whose head is none of their own revisions, and revisions whose parent is none of their document's: what does not hang together. */
    @Select("select (select count(*) from document d where not exists "
            + "(select 1 from document_revision r where r.id = d.head and r.document_id = d.id)) + "
            + "(select count(*) from document_revision r where r.parent is not null and not exists "
            + "(select 1 from document_revision p where p.id = r.parent and p.document_id = r.document_id))")
    long loose();

    /** How much there is that is a maker's own work: what the bench begins with does not count. */
    @Select(
            "select (select count(*) from document where kind <> 'bench') + (select count(*) from rack_entry) "
                    + "+ (select count(*) from card_progress) + (select count(*) from log_entry) + (select count(*) from photograph)")
    long own();

    /** Takes away what the bench began with. */
    @Delete("delete from document_revision")
    void clearRevisions();

    /** The same, the rest of it. */
    @Delete("delete from document")
    void clearDocuments();
}
