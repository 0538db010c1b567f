-- A piece is one aggregate: its head points at one of its revisions; undo, redo and nothing lost come from the tree.
create table piece (
    id          text    primary key,
    version     integer not null,
    head        integer not null,
    position    integer not null,
    deleted     integer not null default 0,
    created_at  text    not null,
    changed_at  text    not null
);

create table piece_revision (
    id          integer primary key autoincrement,
    piece_id    text    not null references piece (id),
    parent      integer references piece_revision (id),
    document    text    not null,
    created_at  text    not null
);

create index piece_revision_of on piece_revision (piece_id, parent);
