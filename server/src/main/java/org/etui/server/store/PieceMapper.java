package org.etui.server.store;

import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** SQL of pieces and their revisions. Nothing is ever deleted. */
public interface PieceMapper {
    /** Pieces on the tray, in its order. */
    @Select("select id, version, head, deleted, changed_at from piece where deleted = 0 order by position, created_at")
    List<PieceRow> tray();

    /** A piece, deleted or not. */
    @Select("select id, version, head, deleted, changed_at from piece where id = #{id}")
    Optional<PieceRow> piece(String id);

    /** A revision. */
    @Select("select id, coalesce(parent, 0) as parent, document from piece_revision where id = #{id}")
    RevisionRow revision(long id);

    /** The newest child of a revision: where redo goes. */
    @Select("select max(id) from piece_revision where parent = #{parent}")
    Optional<Long> newestChild(long parent);

    /** How many pieces there are, deleted ones too. */
    @Select("select count(*) from piece")
    long count();

    /** A new piece; its head is set right after. */
    @Insert("insert into piece (id, version, head, position, created_at, changed_at) "
            + "values (#{id}, 1, 0, (select coalesce(max(position), 0) + 1 from piece), #{now}, #{now})")
    void insertPiece(@Param("id") String id, @Param("now") String now);

    /** A new revision. */
    @Insert("insert into piece_revision (piece_id, parent, document, created_at) "
            + "values (#{pieceId}, #{parent}, #{document}, #{now})")
    void insertRevision(
            @Param("pieceId") String pieceId,
            @Param("parent") Long parent,
            @Param("document") String document,
            @Param("now") String now);

    /** The revision inserted last on this connection. */
    @Select("select last_insert_rowid()")
    long lastRevision();

    /** Sets the head of a new piece. */
    @Update("update piece set head = #{head} where id = #{id}")
    void setHead(@Param("id") String id, @Param("head") long head);

    /** Moves the head if the version is still the one expected; returns how many rows changed. */
    @Update("update piece set head = #{head}, version = version + 1, changed_at = #{now} "
            + "where id = #{id} and version = #{version} and deleted = 0")
    int moveHead(
            @Param("id") String id, @Param("version") long version, @Param("head") long head, @Param("now") String now);

    /** Puts a piece into the bin or takes it out; returns how many rows changed. */
    @Update("update piece set deleted = #{deleted}, version = version + 1, changed_at = #{now} where id = #{id}")
    int setDeleted(@Param("id") String id, @Param("deleted") boolean deleted, @Param("now") String now);
}
