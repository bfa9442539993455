-- A lesson held on videos that the rider sent: nobody is met, and nothing is ridden while it is held.
alter table lesson add column is_on_video boolean not null default false;

-- Who opened the page of a lesson, and when last. A rider's says that what is shown was read; a coach's, that the words there were.
create table page_reading (
    yard_id uuid not null,
    lesson_id uuid not null,
    person_id uuid not null,
    read_at timestamptz not null,
    primary key (yard_id, lesson_id, person_id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, person_id) references person (yard_id, id)
);
create index page_reading_by_person on page_reading (yard_id, person_id);

-- What is said back and forth under a comment on a clip. Never changed, only added to.
create table comment_word (
    yard_id uuid not null,
    id uuid not null,
    lesson_id uuid not null,
    comment_id uuid not null,
    text text not null check (char_length(text) between 1 and 600),
    said_by uuid not null,
    said_at timestamptz not null,
    primary key (yard_id, id),
    foreign key (yard_id, lesson_id) references lesson (yard_id, id),
    foreign key (yard_id, said_by) references person (yard_id, id)
);
create index comment_word_by_lesson on comment_word (yard_id, lesson_id, said_at);
create index comment_word_by_time on comment_word (yard_id, said_at);
create index comment_word_said_by on comment_word (yard_id, said_by);

-- a page that is only opened changes nothing by hand
insert into changed_by_hand (relation, at_column) values ('comment_word', 'said_at');
select restore_wall();
grant select, insert on comment_word to ${app_role};
grant select, insert on page_reading to ${app_role};
grant update (read_at) on page_reading to ${app_role};
