-- What stands in the squares of a working on a filled sheet; no figure where it could not be read.
create table scan_square (
    page_id bigint not null,
    number int not null,
    row_at int not null,
    column_at int not null,
    figure int,
    primary key (page_id, number, row_at, column_at),
    foreign key (page_id, number) references scan_answer (page_id, number) on delete cascade
);
-- Sheets whose answers are taken and whose pictures are kept until a day.
create table kept_sheet (
    page_id bigint primary key,
    handout_id bigint not null references handout (id) on delete cascade,
    pupil_id bigint not null references pupil (id) on delete cascade,
    kept_until date not null
);
-- Whether the page was read off paper: it goes with the answer that was read there.
alter table attempt add column from_paper boolean default false not null;

-- A page from paper is evidence with its answer alone.
drop view evidence;
create view evidence as
select a.pupil_id, s.rung,
       case when t.id is null or t.handout_id = a.handout_id then h.given_on
            else cast(t.handed_in_at as date) end as worked_on,
       a.outcome = 'RIGHT' and (a.overruled or coalesce(t.all_right, true)) as all_right,
       coalesce(t.helped or t.telling = 'AS_I_GO' or t.mends is not null, false)
         or exists (select 1 from run_sum where attempt_id = t.id and again_of is not null)
         as helped,
       coalesce(case when a.overruled then a.slip else a.said end, '') as slip,
       'HANDOUT' as source, h.id as source_id
from answer a
join handout h on h.id = a.handout_id and h.deleted_at is null
join handout_sum s on s.handout_id = a.handout_id and s.number = a.number
left join attempt t on t.id = a.attempt_id
where a.outcome in ('RIGHT', 'WRONG') and s.rung <> ''
union all
select r.pupil_id, s.rung, cast(coalesce(a.handed_in_at, r.begun_at) as date), s.all_right,
       r.telling = 'AS_I_GO' or s.again_of is not null or coalesce(a.helped, false),
       coalesce(a.said, ''), 'RUN', r.id
from run_sum s
join run r on r.id = s.run_id and r.deleted_at is null and r.pupil_id is not null
left join attempt a on a.id = s.attempt_id
where s.all_right is not null and s.rung <> ''
  and not exists (select 1 from answer w join handout h on h.id = w.handout_id
                  where w.attempt_id = s.attempt_id and h.deleted_at is null)
union all
select a.pupil_id, a.rung, cast(a.handed_in_at as date), a.all_right,
       a.helped or a.telling = 'AS_I_GO' or a.mends is not null, coalesce(a.said, ''),
       'ATTEMPT', a.id
from attempt a
where a.pupil_id is not null and a.rung <> '' and a.all_right is not null
  and a.handed_in_at is not null and a.deleted_at is null and a.check_of is null
  and a.run_id is null and not a.from_paper
  and not exists (select 1 from answer w join handout h on h.id = w.handout_id
                  where w.attempt_id = a.id and h.deleted_at is null);
