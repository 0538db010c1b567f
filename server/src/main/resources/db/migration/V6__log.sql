-- What really happened, fact by fact: facts are added, and at most marked as taken back.
create table log_entry (
    number      integer primary key autoincrement,
    document    text    not null,
    taken_back  integer not null default 0,
    created_at  text    not null
);

-- Photographs of what was made, as they were taken, in base64 so that a backup stays readable.
create table photograph (
    number      integer primary key autoincrement,
    subject     text    not null,
    document    text    not null,
    taken_back  integer not null default 0,
    created_at  text    not null
);

create index photograph_of on photograph (subject, taken_back);
