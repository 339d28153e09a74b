-- A part is written at several stations: its own revision keeps an older part sheet from putting
-- back what another station set. Marks of before count as revision 0, of no station.
alter table job_part
  add column revision int not null default 0,
  add column station varchar(20) null;
