-- Pieces and jobs are kept alike: a document of a kind, its head pointing at one of its revisions.
alter table piece rename to document;
alter table piece_revision rename to document_revision;
alter table document_revision rename column piece_id to document_id;
alter table document add column kind text not null default 'piece';

create index document_of_kind on document (kind, deleted);

-- Where a bench card stands: the step and the timers that run. Only the last is kept.
create table card_progress (
    subject     text    primary key,
    document    text    not null,
    changed_at  text    not null
);
