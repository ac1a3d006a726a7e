-- Registers made before titles were looked for by their beginning get the index that new ones are made with.
do $$
declare register text;
begin
  for register in
    select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
    where n.nspname = 'records' and c.relkind = 'r'
  loop
    execute format('create index on records.%I ((left(find_title, 100) collate "C"))', register);
  end loop;
end $$;
