import type pg from 'pg';

/**
 * Invented quotes up to a size, with a fifth as many clients and boats, spread over dates, amounts and states as a
 * yard's would be; written straight into the tables, in place of all that was there.
 */
export const fillQuotes = async (pool: pg.Pool, size: number): Promise<void> => {
  const person = '00000000-0000-7000-8000-000000000001';
  const id = (kind: string, n: string) => `('00000000-0000-7000-8${kind}-' || lpad(to_hex(${n}), 12, '0'))::uuid`;
  const common = (mark: string) =>
    `i, '${mark}-' || lpad(i::text, greatest(4, length(i::text)), '0'), 1, now(), '${person}'::uuid, now(), '${person}'::uuid`;
  const columns = 'id, seq, number, version, created_at, created_by, updated_at, updated_by';
  await pool.query('truncate records.quotes, records.boats, records.clients, records.berths cascade');
  // Made once over all of them: row by row they would take most of the time.
  const { rows: indexes } = await pool.query<{ name: string; made: string }>(
    `select format('%I.%I', schemaname, indexname) as name, indexdef as made from pg_indexes
      where schemaname = 'records' and tablename = any($1)
        and not exists (select from pg_constraint where conindid = format('%I.%I', schemaname, indexname)::regclass)`,
    [['quotes', 'boats', 'clients']],
  );
  for (const { name } of indexes) await pool.query(`drop index ${name}`);
  await pool.query(
    `insert into records.clients (${columns}, find_text, find_title, name) select ${id('0c1', 'i')}, ${common('CLI')}, ' client ' || i, ' client ' || i, 'Client ' || i from generate_series(1, ${size / 5}) i`,
  );
  await pool.query(
    `insert into records.boats (${columns}, find_text, find_title, name, owner, length_overall) select ${id('0b1', 'i')}, ${common('BOA')}, ' boat ' || i, ' boat ' || i, 'Boat ' || i, ${id('0c1', 'i')}, 4 + i % 20 from generate_series(1, ${size / 5}) i`,
  );
  await pool.query(
    `insert into records.quotes (${columns}, find_text, find_title, subject, client, boat, issued_on, due_on, net, vat, gross, paid, state)
      select ${id('0a1', 'i')}, ${common('QUO')}, ' berth fee ' || i, ' berth fee ' || i, 'Berth fee ' || i, ${id('0c1', `1 + i % ${size / 5}`)}, ${id('0b1', `1 + i % ${size / 5}`)},
        date '2020-01-01' + i % 2500, date '2020-01-31' + i % 2500, i % 4000 + 0.5, (i % 4000) * 0.2, i % 4000 * 1.2 + 0.5, 0,
        (array['draft','issued','part_paid','paid','credited'])[1 + i % 5] from generate_series(1, ${size}) i`,
  );
  for (const { made } of indexes) await pool.query(made);
  await pool.query(`update iolite.counters set next = ${size} + 1`);
  await pool.query('vacuum analyze');
};
