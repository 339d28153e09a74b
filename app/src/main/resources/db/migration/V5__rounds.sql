-- A round over a vehicle, whole or at one position that is open anyway.
create table vehicle_round (
  id bigint auto_increment primary key,
  vehicle_id bigint not null references vehicle (id),
  only_at varchar(40) not null,
  started_by varchar(80) not null,
  started_at datetime(6) not null,
  ended_by varchar(80),
  ended_at datetime(6),
  index (vehicle_id)
);

-- What was found at a position; a later line of the same round counts instead of an earlier one.
create table round_line (
  id bigint auto_increment primary key,
  round_id bigint not null references vehicle_round (id),
  position varchar(40) not null,
  play double,
  run_out double,
  heat double,
  grip double,
  feel varchar(20) not null,
  note varchar(300) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  index (round_id)
);
