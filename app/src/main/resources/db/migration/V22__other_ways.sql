-- Other ways in which the shop's customers could spend for a watt: entered by it, dated, held against what bearings save.
create table other_way (
  id bigint auto_increment primary key,
  words varchar(120) not null,
  watts double not null,
  price double not null,
  person varchar(80) not null,
  at datetime(6) not null
);
