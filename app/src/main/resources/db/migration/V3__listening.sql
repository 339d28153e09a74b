-- From a complaint to a named cause: what was asked, by whom, and what came of it.

create table listening (
  id bigint auto_increment primary key,
  kind varchar(20) not null,
  vehicle_id bigint references vehicle (id),
  words varchar(2000) not null,
  barred varchar(100) not null,
  started_at datetime(6) not null,
  started_by varchar(80) not null,
  ended_at datetime(6),
  ended_by varchar(80),
  ending varchar(20),
  job_id bigint references job (id),
  recheck_on date,
  recheck_km int,
  recheck_note varchar(500),
  version int not null,
  index (vehicle_id),
  index (ended_at)
);

-- Answers are only added; one that is struck out keeps its line. An empty answer is a test passed over.
create table listening_answer (
  id bigint auto_increment primary key,
  listening_id bigint not null references listening (id),
  test varchar(40) not null,
  answer varchar(40) not null,
  heard varchar(200) not null,
  reading varchar(2000) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  struck_by varchar(80),
  struck_at datetime(6),
  index (listening_id)
);

-- A job's opening findings: what accused, to be repeated at Prove.
create table job_opening (
  job_id bigint not null references job (id),
  place int not null,
  test varchar(40) not null,
  question varchar(300) not null,
  answer varchar(100) not null,
  reading varchar(500) not null,
  repeated bit not null,
  outcome varchar(20),
  person varchar(80),
  at datetime(6),
  primary key (job_id, place)
);

alter table job
  add column opening_cause varchar(200),
  add column opening_share double,
  add column opening_action varchar(200),
  add column opening_if_left varchar(200),
  add column opening_urgency varchar(20),
  add column opening_look_why varchar(500),
  add column looked_by varchar(80),
  add column looked_at datetime(6),
  add column looked_note varchar(500),
  add column looked_waived bit;
