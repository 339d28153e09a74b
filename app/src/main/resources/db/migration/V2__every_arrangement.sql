-- Parts, sizes and bearings are named by the arrangement's template instead of by a list for one arrangement.

alter table job add column arrangement varchar(10) not null default 'a1';
alter table job modify column position varchar(40) not null;

create table job_bearing (
  job_id bigint not null references job (id),
  place varchar(30) not null,
  designation varchar(40) not null,
  marking varchar(200) not null,
  primary key (job_id, place)
);

insert into job_bearing (job_id, place, designation, marking)
  select id, 'inboard', inboard_designation, inboard_marking from job where inboard_marking is not null;
insert into job_bearing (job_id, place, designation, marking)
  select id, 'outboard', outboard_designation, outboard_marking from job where outboard_marking is not null;
alter table job drop column inboard_designation, drop column inboard_marking,
  drop column outboard_designation, drop column outboard_marking;

update job_part set part = lower(replace(part, '_', '-'));

alter table job_dimension modify column dimension varchar(60) not null;
update job_dimension set dimension = case dimension
  when 'SEAL_SEAT' then 'spindle.seal-seat'
  when 'INBOARD_SEAT' then 'spindle.inboard-seat'
  when 'OUTBOARD_SEAT' then 'spindle.outboard-seat'
  when 'SEAL_OUTSIDE' then 'seal.outside'
  when 'SEAL_WIDTH' then 'seal.width'
  when 'INBOARD_BORE' then 'hub.inboard-bore'
  when 'OUTBOARD_BORE' then 'hub.outboard-bore'
  when 'SHOULDER_DISTANCE' then 'hub.shoulder-distance'
  when 'BARREL_OUTSIDE' then 'hub.barrel-outside'
  when 'FLANGE_OUTSIDE' then 'hub.flange-outside'
  when 'FLANGE_THICKNESS' then 'hub.flange-thickness'
  when 'WASHER_OUTSIDE' then 'washer.outside'
  when 'WASHER_THICKNESS' then 'washer.thickness'
  when 'NUT_HEIGHT' then 'nut.height'
  when 'NUT_ACROSS_FLATS' then 'nut.across-flats'
  when 'CAP_LENGTH' then 'cap.length'
  else dimension end;

-- A vehicle's build decides which arrangement stands where.
alter table vehicle add column build varchar(30) not null default '';
update vehicle set build = case kind when 'TRAILER' then 'taper-pair' else 'rear-driven' end;

-- What was packed, and the shop's gun.
alter table job
  add column pack_duty varchar(20),
  add column pack_by_hand bit,
  add column pack_density double;

create table job_mass (
  job_id bigint not null references job (id),
  place varchar(30) not null,
  mass_g double not null,
  primary key (job_id, place)
);

create table grease_gun (
  id bigint auto_increment primary key,
  grams_per_stroke double not null,
  strokes int not null,
  grams double not null,
  person varchar(80) not null,
  at datetime(6) not null
);

-- The last change of a job, to be taken back; revisions are counted over the whole job, so that one taken back never returns.
alter table job add column changes int not null default 0;
update job set changes = (select coalesce(max(s.revision), 0) from job_station s where s.job_id = job.id);

create table job_undo (
  job_id bigint primary key references job (id),
  event_id bigint not null,
  text varchar(1000) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  state_before mediumtext not null
);

-- Tokens for the JSON interface; only their hash is kept.
create table api_token (
  id bigint auto_increment primary key,
  account_id bigint not null references account (id),
  name varchar(80) not null,
  token_hash varchar(64) not null unique,
  created_at datetime(6) not null,
  last_used_at datetime(6),
  revoked_at datetime(6)
);
