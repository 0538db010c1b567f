-- What happened to the rack, entry by entry: what hangs on it is what they come to. Entries are added, never changed.
create table rack_entry (
    number      integer primary key autoincrement,
    document    text    not null,
    created_at  text    not null
);
