-- Positions that a mechanic added to one vehicle: read and written with it, never asked for across vehicles.
alter table vehicle add column own_positions longtext not null default '[]';
-- An arrangement's id carries the holds that were chosen, where there are some.
alter table job modify column arrangement varchar(60) not null default 'a1';
