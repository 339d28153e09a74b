-- Shims of the shop by the box that they lie in: what was booked at a job is gone from it.
create table shim_box (
  id bigint auto_increment primary key,
  name varchar(60) not null unique,
  stock varchar(1000) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  version int not null default 0
);
