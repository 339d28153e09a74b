-- The shop's own shelf: what lies where, what came in with which lot, what was measured of it.
create table shelf_item (
  id bigint auto_increment primary key,
  number varchar(80) not null,
  designation varchar(40) not null,
  place varchar(40) not null,
  quantity int not null,
  price decimal(10, 2),
  lot varchar(40) not null,
  supplier varchar(80) not null,
  note varchar(300) not null,
  unmarked bit not null,
  person varchar(80) not null,
  at datetime(6) not null,
  version int not null,
  index (designation),
  index (place)
);

-- Pieces taken and put: lines are only added.
create table shelf_move (
  id bigint auto_increment primary key,
  item_id bigint not null references shelf_item (id),
  pieces int not null,
  reason varchar(120) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  index (item_id)
);

-- Incoming inspections: one measured piece each; millimetres, micrometres for the play.
create table shelf_inspection (
  id bigint auto_increment primary key,
  item_id bigint not null references shelf_item (id),
  tolerance_class varchar(10) not null,
  clearance varchar(10) not null,
  bore double,
  outside double,
  width double,
  size_uncertainty double not null,
  instrument varchar(30) not null,
  play_um double,
  play_uncertainty_um double not null,
  corner double,
  note varchar(300) not null,
  verdict varchar(20) not null,
  person varchar(80) not null,
  at datetime(6) not null,
  index (item_id)
);
