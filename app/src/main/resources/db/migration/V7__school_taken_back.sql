-- The school is the vehicle's: kept beside the state of a job, and only where the change was about it.
alter table job_undo add column school_before varchar(20) null;
