-- What the bench keeps one of, such as its tools: a named document whose head points at one of its revisions.
create table kept (
    name        text    primary key,
    version     integer not null,
    head        integer not null
);

create table kept_revision (
    id          integer primary key autoincrement,
    name        text    not null references kept (name),
    parent      integer references kept_revision (id),
    document    text    not null,
    created_at  text    not null
);

create index kept_revision_of on kept_revision (name, parent);
