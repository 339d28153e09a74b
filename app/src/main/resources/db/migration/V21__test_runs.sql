-- Test runs of bearings on the shop's own stand: how warm, at what speed, in what oil, at what level.
create table bearing_run (
  id bigint auto_increment primary key,
  series varchar(80) not null,
  rpm double not null,
  oil varchar(80) not null,
  level_mm double not null,
  air_c double not null,
  samples varchar(2000) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  index bearing_run_series (series)
);
