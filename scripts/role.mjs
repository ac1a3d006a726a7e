// The role the server works with: no superuser, past no row security, and what it reads with. Made by the cluster's own
// superuser, who also hands over what is there already. Runs once node_modules is there.
import pg from 'pg';

export const ROLE = 'iolite';

/** What stands in a database already belongs to whoever made it: each object is given over by itself. */
const HAND_OVER = `do $$
declare mine oid := (select oid from pg_roles where rolname = current_user);
declare each record;
begin
  for each in
    select format('alter schema %I owner to ${ROLE}', nspname) as command from pg_namespace
    where nspowner = mine and nspname !~ '^pg_' and nspname not in ('information_schema', 'public')
    union all
    -- A sequence of a column goes with its table.
    select format('alter %s %s owner to ${ROLE}',
      case relkind when 'v' then 'view' when 'm' then 'materialized view' when 'S' then 'sequence' else 'table' end,
      c.oid::regclass)
    from pg_class c join pg_namespace n on n.oid = relnamespace
    where relowner = mine and relkind in ('r', 'p', 'v', 'm', 'S') and nspname !~ '^pg_' and nspname <> 'information_schema'
      and not exists (select from pg_depend d where d.classid = 'pg_class'::regclass and d.objid = c.oid
        and (d.deptype = 'e' or relkind = 'S' and d.deptype in ('a', 'i')))
    union all
    select format('alter routine %s owner to ${ROLE}', p.oid::regprocedure)
    from pg_proc p join pg_namespace n on n.oid = pronamespace
    where proowner = mine and nspname !~ '^pg_' and nspname <> 'information_schema'
      and not exists (select from pg_depend d where d.classid = 'pg_proc'::regclass and d.objid = p.oid and d.deptype = 'e')
    union all
    -- Types of tables and of lists go with what they are of.
    select format('alter type %s owner to ${ROLE}', t.oid::regtype)
    from pg_type t join pg_namespace n on n.oid = typnamespace left join pg_class c on c.oid = typrelid
    where typowner = mine and nspname !~ '^pg_' and nspname <> 'information_schema' and typcategory <> 'A'
      and (typrelid = 0 or c.relkind = 'c')
      and not exists (select from pg_depend d where d.classid = 'pg_type'::regclass and d.objid = t.oid and d.deptype in ('e', 'i'))
    union all
    select format('alter collation %I.%I owner to ${ROLE}', nspname, collname)
    from pg_collation join pg_namespace n on n.oid = collnamespace
    where collowner = mine and nspname !~ '^pg_' and nspname <> 'information_schema'
  loop execute each.command; end loop;
end $$`;

/** Makes the role where there is none, lets it work in the superuser's database, and gives it all that stands there. */
export const prepareRole = async (superuserUrl, password) => {
  const client = new pg.Client({ connectionString: superuserUrl });
  await client.connect();
  try {
    for (const role of [ROLE, 'iolite_reading']) {
      const known = await client.query('select from pg_roles where rolname = $1', [role]);
      if (known.rowCount === 0) await client.query(`create role ${role} nologin`);
    }
    await client.query(
      `alter role ${ROLE} login nosuperuser nobypassrls nocreatedb nocreaterole password ${client.escapeLiteral(password)}`,
    );
    const { database } = client;
    await client.query(`grant all on database ${client.escapeIdentifier(database)} to ${ROLE}`);
    await client.query(`grant all on schema public to ${ROLE}`);
    await client.query(HAND_OVER);
  } finally {
    await client.end();
  }
};
