-- What jobs took out of the shop's boxes and tins stands in their own sheets, so that taking a change back puts it back.
alter table shim_box add column booked_at datetime(6);
alter table job_sheet
  add column shims_booked varchar(60) as (json_value(document, '$.booked[0].box')) persistent,
  add column tin_taken varchar(20) as (json_value(document, '$.taken.tin')) persistent,
  add column grease_until varchar(10) as (json_value(document, '$.regrease.on')) persistent,
  add index job_sheet_shims (shims_booked),
  add index job_sheet_tin (tin_taken),
  add index job_sheet_grease (grease_until);
alter table grease_tin add column content_g double;
create table tin_waste (
  id bigint auto_increment primary key,
  tin_id bigint not null references grease_tin (id),
  grams double not null,
  words varchar(200) not null,
  person varchar(80) not null,
  at datetime(6) not null
);
