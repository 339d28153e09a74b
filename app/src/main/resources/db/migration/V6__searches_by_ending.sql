-- Yard, vehicles and the list of searches ask at every visit which have no end yet or end in a recheck.
alter table listening add index (ending);
