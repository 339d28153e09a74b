-- Names follow the entities; times are UTC. Text that people type is utf8mb4.

create table account (
  id bigint auto_increment primary key,
  username varchar(40) not null unique,
  name varchar(80) not null,
  role varchar(20) not null,
  password_hash varchar(200) not null
);

create table vehicle (
  id bigint auto_increment primary key,
  name varchar(80) not null,
  kind varchar(20) not null,
  description varchar(200) not null,
  plate varchar(30) not null,
  axles int not null,
  track_mm double not null,
  axle_distance_mm double not null,
  length_mm double not null,
  school varchar(20) not null,
  version int not null
);

create table job (
  id bigint auto_increment primary key,
  vehicle_id bigint not null references vehicle (id),
  position varchar(20) not null,
  complaint varchar(500) not null,
  opened_at datetime(6) not null,
  opened_by varchar(80) not null,
  closed_at datetime(6),
  closed_by varchar(80),
  inboard_designation varchar(20) not null,
  inboard_marking varchar(200),
  outboard_designation varchar(20) not null,
  outboard_marking varchar(200),
  gauge varchar(30) not null,
  thread varchar(30),
  slots int,
  hole_lines int,
  retainer_positions int,
  window_from_mm double,
  window_to_mm double,
  window_source varchar(200),
  chosen_steps int,
  torque_force_n double,
  torque_radius_mm double,
  torque_limit_nm double,
  coming_to_rest varchar(20),
  recheck_on date,
  recheck_km int,
  version int not null,
  index (vehicle_id),
  index (closed_at)
);

create table job_dimension (
  job_id bigint not null references job (id),
  dimension varchar(30) not null,
  value_mm double not null,
  primary key (job_id, dimension)
);

create table job_part (
  job_id bigint not null references job (id),
  part varchar(30) not null,
  state varchar(20) not null,
  note varchar(500) not null,
  primary key (job_id, part)
);

create table job_station (
  job_id bigint not null references job (id),
  station varchar(20) not null,
  state varchar(20) not null,
  note varchar(2000) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  revision int not null,
  primary key (job_id, station)
);

create table job_end_play (
  job_id bigint not null references job (id),
  stage varchar(10) not null,
  place int not null,
  typed varchar(60) not null,
  value_mm double not null,
  person varchar(80) not null,
  at datetime(6) not null,
  primary key (job_id, stage, place)
);

create table job_test (
  job_id bigint not null references job (id),
  test varchar(20) not null,
  before_value double not null,
  before_second double,
  after_value double,
  after_second double,
  person varchar(80),
  at datetime(6),
  primary key (job_id, test)
);

create table job_stop (
  job_id bigint not null references job (id),
  stop varchar(20) not null,
  waived bit not null,
  detail varchar(500) not null,
  person varchar(80) not null,
  role varchar(20) not null,
  at datetime(6) not null,
  primary key (job_id, stop)
);

create table job_finding (
  job_id bigint not null references job (id),
  finding varchar(20) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  primary key (job_id, finding)
);

create table job_event (
  id bigint auto_increment primary key,
  job_id bigint not null references job (id),
  at datetime(6) not null,
  person varchar(80) not null,
  station varchar(20) not null,
  text varchar(1000) not null,
  index (job_id, at)
);
