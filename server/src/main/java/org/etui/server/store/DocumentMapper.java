package org.etui.server.store;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** SQL of pieces and jobs and their revisions. Nothing is ever deleted. */
public interface DocumentMapper {
    /** What is not in the bin, in its order. */
    @Select("select id, version, head, deleted, changed_at from document where kind = #{kind} and deleted = 0 "
            + "order by position, created_at")
    List<DocumentRow> all(String kind);

    /** A document of a kind, deleted or not. */
    @Select("select id, version, head, deleted, changed_at from document where kind = #{kind} and id = #{id}")
    Optional<DocumentRow> document(@Param("kind") String kind, @Param("id") String id);

    /** A revision. */
    @Select("select id, coalesce(parent, 0) as parent, document from document_revision where id = #{id}")
    RevisionRow revision(long id);

    /** The newest child of a revision: where redo goes. */
    @Select("select max(id) from document_revision where parent = #{parent}")
    Optional<Long> newestChild(long parent);

    /** How many there are of a kind, deleted ones too. */
    @Select("select count(*) from document where kind = #{kind}")
    long count(String kind);

    /** A new document; its head is set right after. */
    @Insert("insert into document (id, kind, version, head, position, created_at, changed_at) "
            + "values (#{id}, #{kind}, 1, 0, (select coalesce(max(position), 0) + 1 from document), #{now}, #{now})")
    void insertDocument(@Param("kind") String kind, @Param("id") String id, @Param("now") String now);

    /** A new revision. */
    @Insert("insert into document_revision (document_id, parent, document, created_at) "
            + "values (#{documentId}, #{parent}, #{document}, #{now})")
    void insertRevision(
            @Param("documentId") String documentId,
            @Param("parent") Long parent,
            @Param("document") String document,
            @Param("now") String now);

    /** The revision inserted last on this connection. */
    @Select("select last_insert_rowid()")
    long lastRevision();

    /** Sets the head of a new document. */
    @Update("update document set head = #{head} where id = #{id}")
    void setHead(@Param("id") String id, @Param("head") long head);

    /** Moves the head if the version is still the one expected; returns how many rows changed. */
    @Update("update document set head = #{head}, version = version + 1, changed_at = #{now} "
            + "where id = #{id} and version = #{version} and deleted = 0")
    int moveHead(
            @Param("id") String id, @Param("version") long version, @Param("head") long head, @Param("now") String now);

    /** Puts a document into the bin or takes it out; returns how many rows changed. */
    @Update("update document set deleted = #{deleted}, version = version + 1, changed_at = #{now} "
            + "where kind = #{kind} and id = #{id}")
    int setDeleted(
            @Param("kind") String kind,
            @Param("id") String id,
            @Param("deleted") boolean deleted,
            @Param("now") String now);
}
