-- The day of a booked recheck, taken out of the sheet of Prove, so that what is due can be asked for.
alter table job_sheet
  add column recheck_on varchar(10) as (json_value(document, '$.recheckOn')) persistent,
  add index job_sheet_recheck (recheck_on);
