-- People come, change their role and go; names sign records, so no two are alike.
alter table account
  add active boolean not null default true,
  add name_key varchar(120),
  add reset_hash varchar(64),
  add reset_until datetime(6),
  add reset_tries int not null default 0;
update account set name_key = lower(name);
-- Two of one name in an older folder both stay; the later one is told apart by its number.
update account a join account b on b.name_key = a.name_key and b.id < a.id
  set a.name_key = concat(a.name_key, ' #', a.id);
alter table account
  modify name_key varchar(120) not null,
  add unique (name_key);

-- A token made before this has no end and goes on until it is revoked.
alter table api_token add expires_at datetime(6);
