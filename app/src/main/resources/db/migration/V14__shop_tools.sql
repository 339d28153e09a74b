-- What a workshop owns to get tight rings off: one row for each tool that it has.
create table shop_tool (
  tool varchar(40) not null primary key,
  detail varchar(200) not null,
  person varchar(80) not null,
  at datetime(6) not null
);
