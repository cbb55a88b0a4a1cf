-- A pupil's work on a sum is one row, whoever set it: its page, its answer in the grid of a
-- handout, its place in a run, its seat in a room. Each of these parts may be empty.
drop view evidence;
alter table attempt rename to work;
alter table stroke alter column attempt_id rename to work_id;
-- An answer that was typed has no page; its sum stands in the handout.
alter table work alter column plain set null;
alter table work alter column method set null;
alter table work alter column rung set null;
alter table work alter column style set null;
alter table work alter column setting_out set null;
alter table work alter column telling set null;
alter table work alter column begun_at set null;
alter table work alter column explanation set null;
alter table work alter column who set default '';
-- What the judge found on the page.
alter table work alter column slip rename to finding;
alter table work alter column slips rename to findings;
alter table work alter column slip_id rename to page_slip;
-- The place in a handout that the page is for: typed in for it, or found when it was handed in.
alter table work alter column handout_id rename to for_handout_id;
alter table work alter column handout_number rename to for_number;
-- A check goes with the page that it proves.
alter table work drop constraint decision_of_check;
alter table work add (
    proves bigint references work (id) on delete cascade,
    -- The answer in a grid: where, as it was typed, how it is marked, and by which judge.
    handout_id bigint references handout (id) on delete set null,
    number int,
    worked_on date,
    given varchar(80),
    outcome varchar(10),
    slip varchar(80),
    overruled boolean default false not null,
    marked_by int,
    changed_at timestamp(3) with time zone,
    -- The place in a run, the sum that comes again there, and what came of it with its check.
    run_number int,
    again_of int,
    settled_right boolean,
    seconds int,
    paused_millis bigint default 0 not null,
    -- The seat of a room in which it was written, and whether it was shown to all.
    seat_id bigint references room_seat (id) on delete set null,
    shown boolean default false not null
);
update work set proves = check_of;
alter table work drop column check_of;
alter table work alter column proves rename to check_of;
alter table work add constraint decision_of_check
    check (came_back is null or check_of is not null);
-- The page behind each answer; a page that was deleted, or whose run was, stands alone.
update work w
set (for_handout_id, for_number, handout_id, number, worked_on, given, outcome, slip, overruled,
     marked_by, changed_at, said) = (
    select a.handout_id, a.number, a.handout_id, a.number,
           case when w.for_handout_id = a.handout_id then h.given_on
                else cast(w.handed_in_at as date) end,
           a.given, a.outcome, a.slip, a.overruled, a.judged_by, a.changed_at,
           case when h.deleted_at is null then a.said else w.said end
    from answer a join handout h on h.id = a.handout_id
    where a.attempt_id = w.id and a.pupil_id = w.pupil_id
    order by a.handout_id desc, a.number fetch first row only)
where w.deleted_at is null and w.handed_in_at is not null
  and exists (select 1 from answer a where a.attempt_id = w.id and a.pupil_id = w.pupil_id)
  and not exists (select 1 from run where id = w.run_id and deleted_at is not null);
-- Rows are added below beside those that have their numbers.
alter table work alter column id restart with (select coalesce(max(id), 0) + 1 from work);
create unique index work_in_grid on work (handout_id, pupil_id, number);
insert into work (handout_id, pupil_id, number, worked_on, given, outcome, slip, overruled,
                  marked_by, changed_at, said)
select a.handout_id, a.pupil_id, a.number,
       case when t.id is null or t.for_handout_id = a.handout_id then h.given_on
            else cast(t.handed_in_at as date) end,
       a.given, a.outcome, a.slip, a.overruled, a.judged_by, a.changed_at, a.said
from answer a
join handout h on h.id = a.handout_id
left join work t on t.id = a.attempt_id
where not exists (select 1 from work w
                  where w.handout_id = a.handout_id and w.pupil_id = a.pupil_id
                    and w.number = a.number);
-- A page that is brought back may find its answer again.
update work w
set (for_handout_id, for_number, given) = (
    select a.handout_id, a.number, a.given from answer a where a.attempt_id = w.id
    order by a.handout_id desc, a.number fetch first row only)
where w.handout_id is null and exists (select 1 from answer a where a.attempt_id = w.id);
drop table answer;
-- The sums of runs, begun or not.
update work w
set (rung, run_number, again_of, settled_right, seconds, paused_millis, pupil_id) = (
    select case when s.rung = '' then w.rung else s.rung end, s.number, s.again_of, s.all_right,
           s.seconds, s.paused_millis, r.pupil_id
    from run_sum s join run r on r.id = s.run_id where s.attempt_id = w.id)
where exists (select 1 from run_sum s where s.attempt_id = w.id);
insert into work (run_id, who, pupil_id, plain, method, rung, run_number, again_of, settled_right,
                  seconds, paused_millis)
select s.run_id, r.who, r.pupil_id, s.plain, s.method, s.rung, s.number, s.again_of, s.all_right,
       s.seconds, s.paused_millis
from run_sum s join run r on r.id = s.run_id
where s.attempt_id is null;
drop table run_sum;
create unique index work_in_run on work (run_id, run_number);
-- The pages of a room.
update work w
set (seat_id, shown) = (select p.seat_id, p.shown from room_page p where p.attempt_id = w.id)
where exists (select 1 from room_page p where p.attempt_id = w.id);
drop table room_page;
-- The latest pages are found among many answers.
create index work_begun on work (begun_at);
-- Every sum of a rung that a pupil has worked, told from what is kept each time that it is asked
-- for. Where it answers a handout, the answer is the evidence, with what is known of the page;
-- the page counts by itself while the handout is gone.
create view evidence as
select w.pupil_id, coalesce(s.rung, w.rung) as rung,
       case when h.id is not null then w.worked_on
            else cast(coalesce(w.handed_in_at, r.begun_at) as date) end as worked_on,
       case when h.id is not null
                 then w.outcome = 'RIGHT' and (w.overruled or coalesce(w.all_right, true))
            when w.run_number is not null then w.settled_right
            else w.all_right end as all_right,
       coalesce(w.helped or w.telling = 'AS_I_GO' or w.mends is not null
                or w.again_of is not null, false) as helped,
       coalesce(case when h.id is not null and w.overruled then w.slip else w.said end, '') as slip,
       case when h.id is not null then 'HANDOUT'
            when w.run_number is not null then 'RUN'
            else 'ATTEMPT' end as source,
       coalesce(h.id, case when w.run_number is not null then w.run_id else w.id end) as source_id
from work w
left join handout h on h.id = w.handout_id and h.deleted_at is null
left join handout_sum s on s.handout_id = h.id and s.number = w.number
left join run r on r.id = w.run_id and r.deleted_at is null
where w.pupil_id is not null and coalesce(s.rung, w.rung) <> ''
  and case when h.id is not null then w.outcome in ('RIGHT', 'WRONG')
           when w.run_number is not null then r.id is not null and w.settled_right is not null
           else w.all_right is not null and w.handed_in_at is not null and w.deleted_at is null
                and w.check_of is null and w.run_id is null and not w.from_paper end;
