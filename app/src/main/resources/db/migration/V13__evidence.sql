-- What an attempt shows of what its writer can do: the rung of its sum, whether there was help on
-- the way, and what came of it by the judge. Those of earlier versions are placed and judged when
-- all evidence is worked out again.
alter table attempt add column rung varchar(60) default '' not null;
alter table attempt add column helped boolean default false not null;
alter table attempt add column all_right boolean;
alter table attempt add column slip_id varchar(80) default '' not null;
-- The place in a handout that a page is typed in for, if any.
alter table attempt add column handout_id bigint references handout (id) on delete set null;
alter table attempt add column handout_number int;

-- The page that filled an answer in.
alter table answer add column attempt_id bigint references attempt (id) on delete set null;

-- Every sum of a rung that a pupil has worked. It is told from what is kept each time that it is
-- asked for, so that it can never differ from it. Where a page filled an answer in, the answer is
-- the evidence, with what is known of the page; the page counts by itself when the answer is gone.
create view evidence as
select a.pupil_id, s.rung,
       case when t.id is null or t.handout_id = a.handout_id then h.given_on
            else cast(t.handed_in_at as date) end as worked_on,
       a.mark = 'RIGHT' and (a.overruled or coalesce(t.all_right, true)) as all_right,
       coalesce(t.helped or t.telling = 'AS_I_GO' or t.mends is not null, false)
         or exists (select 1 from run_sum where attempt_id = t.id and again_of is not null)
         as helped,
       coalesce(a.slip, t.slip_id, '') as slip, 'HANDOUT' as source, h.id as source_id
from answer a
join handout h on h.id = a.handout_id and h.deleted_at is null
join handout_sum s on s.handout_id = a.handout_id and s.number = a.number
left join attempt t on t.id = a.attempt_id
where a.mark in ('RIGHT', 'WRONG') and s.rung <> ''
union all
-- A sum that comes again was walked through before.
select r.pupil_id, s.rung, cast(coalesce(a.handed_in_at, r.begun_at) as date), s.all_right,
       r.telling = 'AS_I_GO' or s.again_of is not null or coalesce(a.helped, false),
       coalesce(s.slip, ''), 'RUN', r.id
from run_sum s
join run r on r.id = s.run_id and r.deleted_at is null and r.pupil_id is not null
left join attempt a on a.id = s.attempt_id
where s.all_right is not null and s.rung <> ''
  and not exists (select 1 from answer w join handout h on h.id = w.handout_id
                  where w.attempt_id = s.attempt_id and h.deleted_at is null)
union all
select a.pupil_id, a.rung, cast(a.handed_in_at as date), a.all_right,
       a.helped or a.telling = 'AS_I_GO' or a.mends is not null, a.slip_id, 'ATTEMPT', a.id
from attempt a
where a.pupil_id is not null and a.rung <> '' and a.all_right is not null
  and a.handed_in_at is not null and a.deleted_at is null and a.check_of is null
  and a.run_id is null
  and not exists (select 1 from answer w join handout h on h.id = w.handout_id
                  where w.attempt_id = a.id and h.deleted_at is null);

create index answer_of_attempt on answer (attempt_id);

-- A standing that a teacher has decided, whatever the rules say.
create table decided_standing (
    pupil_id bigint not null references pupil (id) on delete cascade,
    rung varchar(60) not null,
    standing varchar(12) not null,
    note varchar(400) not null,
    decided_at timestamp(3) with time zone not null,
    primary key (pupil_id, rung)
);
