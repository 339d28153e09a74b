-- What a marking said beyond the number: closures, clearance, class, cage, angle, what stayed unread.
alter table job_bearing add column facts varchar(2000);
