package org.etui.server.store;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** SQL of what the bench keeps one of, and its revisions. Nothing is ever deleted. */
public interface KeptMapper {
    /**
     * A kept thing.
     *
     * @param version counts every change
     * @param head the revision it stands at
     */
    record Row(long version, long head) {}

    /** What stands under a name. */
    @Select("select version, head from kept where name = #{name}")
    Optional<Row> row(String name);

    /** A revision. */
    @Select("select id, coalesce(parent, 0) as parent, document from kept_revision where id = #{id}")
    RevisionRow revision(long id);

    /** The newest child of a revision: where redo goes. */
    @Select("select max(id) from kept_revision where parent = #{parent}")
    Optional<Long> newestChild(long parent);

    /** A new name; its head is moved right after. */
    @Insert("insert into kept (name, version, head) values (#{name}, 0, 0)")
    void insert(String name);

    /** A new revision. */
    @Insert("insert into kept_revision (name, parent, document, created_at) "
            + "values (#{name}, #{parent}, #{document}, #{now})")
    void insertRevision(
            @Param("name") String name,
            @Param("parent") Long parent,
            @Param("document") String document,
            @Param("now") String now);

    /** The revision inserted last on this connection. */
    @Select("select last_insert_rowid()")
    long lastRevision();

    /** Moves the head if the version is still the one expected; returns how many rows changed. */
    @Update("update kept set head = #{head}, version = version + 1 where name = #{name} and version = #{version}")
    int moveHead(@Param("name") String name, @Param("version") long version, @Param("head") long head);
}
