-- What a position was converted to, found without opening every sheet.
alter table job_sheet
  add column converted varchar(200) as (json_value(document, '$.conversion.now')) persistent,
  add index job_sheet_converted (converted);
