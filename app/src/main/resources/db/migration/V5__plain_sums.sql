-- A sum is stored plainly: a point for decimals, no thousands marks.
alter table page alter column problem rename to plain;
alter table attempt alter column problem rename to plain;
update page
set plain = regexp_replace(plain, '(?<=[0-9])[,\u2009](?=[0-9])', '')
where style not like '%"decimalMark":"COMMA"%';
update page
set plain = replace(regexp_replace(plain, '(?<=[0-9])\u2009(?=[0-9])', ''), ',', '.')
where style like '%"decimalMark":"COMMA"%';
