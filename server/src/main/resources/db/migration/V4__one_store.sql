-- What the bench has one of, such as its tools, is a document like any other: one store for all that has revisions.
-- Revisions of both tables are numbered from 1, so that those that move in go behind those that are there.
create temporary table moved as select coalesce(max(id), 0) as behind from document_revision;

insert into document (id, kind, version, head, position, created_at, changed_at)
select k.name, 'bench', k.version, k.head + m.behind, 0, coalesce(r.created_at, ''), coalesce(r.created_at, '')
from kept k cross join moved m left join kept_revision r on r.id = k.head;

insert into document_revision (id, document_id, parent, document, created_at)
select r.id + m.behind, r.name, r.parent + m.behind, r.document, r.created_at
from kept_revision r cross join moved m order by r.id;

drop table moved;
drop table kept_revision;
drop table kept;

-- Rows of the tray as they were worked out, by the revision that they show and the build of the model that did so.
create table tray_row (
    revision    integer primary key references document_revision (id) on delete cascade,
    version     integer not null,
    model       text    not null,
    document    text    not null
);
