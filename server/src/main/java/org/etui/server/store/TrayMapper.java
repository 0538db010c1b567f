package org.etui.server.store;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** SQL of the rows of the tray, kept with the revisions that they show. */
public interface TrayMapper {
    /** Pieces that are not in the bin, in their order. */
    @Select("select id, version, head, deleted, changed_at from document where kind = 'piece' and deleted = 0 "
            + "order by position, created_at limit #{most} offset #{from}")
    List<DocumentRow> lying(@Param("from") long from, @Param("most") long most);

    /** The row of a revision, if this build of the model has made one. */
    @Select("select version, document from tray_row where revision = #{revision} and model = #{model}")
    Optional<TrayStore.Row> row(@Param("revision") long revision, @Param("model") String model);

    /** The document of a revision. */
    @Select("select document from document_revision where id = #{revision}")
    String document(long revision);

    /** Keeps a row. */
    @Insert("insert into tray_row (revision, version, model, document) "
            + "values (#{revision}, #{version}, #{model}, #{document}) on conflict (revision) do update "
            + "set version = excluded.version, model = excluded.model, document = excluded.document")
    void put(
            @Param("revision") long revision,
            @Param("version") long version,
            @Param("model") String model,
            @Param("document") String document);
}
