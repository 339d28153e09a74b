-- Photographs of a job. Their bytes lie apart, so that a list loads none; one that was deleted keeps its line.
create table photograph (
  id bigint auto_increment primary key,
  job_id bigint not null references job (id),
  station varchar(12) not null,
  name varchar(120) not null,
  good boolean not null,
  width int not null,
  height int not null,
  person varchar(80) not null,
  at datetime(6) not null,
  deleted_by varchar(80),
  deleted_at datetime(6),
  reason varchar(200),
  index (job_id)
);

create table photograph_file (
  id bigint auto_increment primary key,
  photograph_id bigint not null references photograph (id),
  thumbnail boolean not null,
  content mediumblob not null,
  unique (photograph_id, thumbnail)
);
