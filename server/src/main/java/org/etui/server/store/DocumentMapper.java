package org.etui.server.store;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** SQL of all that has revisions. Documents are only ever deleted when the bin is emptied, revisions also as {@link OldRevisions} says. */
public interface DocumentMapper {
    /** What is not in the bin, in its order. */
    @Select("select id, version, head, deleted, changed_at from document where kind = #{kind} and deleted = 0 "
            + "order by position, created_at")
    List<DocumentRow> all(String kind);

    /** What lies in the bin, the last put in first. */
    @Select("select id, version, head, deleted, changed_at from document where kind = #{kind} and deleted = 1 "
            + "order by changed_at desc")
    List<DocumentRow> bin(String kind);

    /** How many documents of a kind there are, how often they changed and where they stand: all the same only where nothing changed. */
    @Select("select count(*) || '-' || coalesce(sum(version), 0) || '-' || coalesce(sum(head), 0) "
            + "from document where kind = #{kind} and deleted = 0")
    String state(String kind);

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
            + "values (#{id}, #{kind}, 1, 0, #{position}, #{now}, #{now})")
    void insertDocument(
            @Param("kind") String kind,
            @Param("id") String id,
            @Param("position") long position,
            @Param("now") String now);

    /** The place behind all others. */
    @Select("select coalesce(max(position), 0) + 1 from document")
    long lastPosition();

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

    /** Deletes the revisions of what lies in the bin; the documents follow. */
    @Delete("delete from document_revision where document_id in "
            + "(select id from document where kind = #{kind} and deleted = 1)")
    void emptyBinOfRevisions(String kind);

    /** Deletes what lies in the bin; returns how much that was. */
    @Delete("delete from document where kind = #{kind} and deleted = 1")
    int emptyBin(String kind);

    /** The first revisions from before a moment that neither stand nor are the last of their day, the oldest first. */
    @Select("select id from (select id, document_id, lead(id) over "
            + "(partition by document_id, substr(created_at, 1, 10) order by id) as later "
            + "from document_revision where created_at < #{before}) r where later is not null "
            + "and not exists (select 1 from document d where d.id = r.document_id and d.head = r.id) "
            + "order by id limit #{most}")
    List<Long> oldRevisions(@Param("before") String before, @Param("most") int most);

    /** Lets what came from a revision come from what that came from. */
    @Update(
            "update document_revision set parent = (select g.parent from document_revision g where g.id = #{id}) "
                    + "where document_id = (select g.document_id from document_revision g where g.id = #{id}) and parent = #{id}")
    void passOver(long id);

    /** Deletes a revision that nothing comes from. */
    @Delete("delete from document_revision where id = #{id}")
    void deleteRevision(long id);
}
