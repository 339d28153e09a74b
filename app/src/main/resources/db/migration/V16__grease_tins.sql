-- The shop's own greases, as their data sheets have them; what a sheet does not say stays null.
create table grease_tin (
  id bigint auto_increment primary key,
  name varchar(80) not null,
  thickener varchar(40) not null,
  v40 double,
  v100 double,
  least_c double not null,
  most_c double not null,
  ndm_limit double,
  wash_out_percent double,
  extreme_pressure boolean not null,
  density double not null,
  refuses varchar(60) not null,
  place varchar(80) not null,
  opened varchar(10) not null,
  used_up boolean not null,
  person varchar(80) not null,
  at datetime(6) not null
);
