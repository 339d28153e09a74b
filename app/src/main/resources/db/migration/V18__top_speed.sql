-- What a vehicle's papers say of its speed: decides whether a makeshift seat may be on it at all.
alter table vehicle add column top_speed_kmh double null;
