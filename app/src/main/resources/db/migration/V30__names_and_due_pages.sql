-- The database would write the view anew, in an order of its own, when its tables change.
drop view evidence;

-- Every name has as much room as every other.
alter table school_class alter column name varchar(80);
alter table pupil alter column name varchar(80);
alter table attempt alter column who varchar(80);
alter table run alter column who varchar(80);
alter table holiday alter column name varchar(80);

-- Whether a page that was handed in may still have to fill an answer in.
alter table attempt add column grid_due boolean default false not null;
update attempt a
set grid_due = true
where a.handed_in_at is not null and a.deleted_at is null and a.check_of is null
  and a.pupil_id is not null and not a.from_paper
  and not exists (select 1 from answer where attempt_id = a.id)
  and exists (
    select 1 from handout h
    join handout_pupil p on p.handout_id = h.id and p.pupil_id = a.pupil_id
    join handout_sum s on s.handout_id = h.id
    where h.deleted_at is null and h.given_on <= cast(a.handed_in_at as date)
      and (s.number = a.handout_number and h.id = a.handout_id
           or a.handout_id is null and s.plain = a.plain and s.method = a.method)
      and not exists (select 1 from answer
                      where handout_id = h.id and pupil_id = a.pupil_id and number = s.number));

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
