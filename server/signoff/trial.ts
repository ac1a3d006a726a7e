import { inArray, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { RouteTrial } from '#contract/index.ts';
import type { RecordValues } from '#core/register/index.ts';
import {
  type CompiledRoute,
  compileRoute,
  type Foreseen,
  foresee,
  recordValues,
  routeSchema,
  takes,
} from '#core/signoff/index.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import { readSigners } from '../people/signers.ts';
import { clockNow } from '../platform/clock.ts';
import type { Queryable } from '../platform/database.ts';
import type { Task } from '../platform/jobs.ts';
import { valueOrRefuse } from '../platform/refusal.ts';
import { signOffs } from '../platform/schema.ts';
import { readNewest, readPaths, readTitles } from '../records/reader/index.ts';
import { systemSight } from '../records/sight.ts';

/** The job that tries a route on the records that are there. */
export const ROUTE_TRIAL = 'route_trial';

/** The records a trial looks at, where not at all of them. */
const SOME = 500;
/** So many are read at a time, and so many are told of. */
const AT_A_TIME = 1_000;
const MOST_TOLD = 20;
const MOST_RECORDS = 1_000_000;

const payloadSchema = z.object({ route: routeSchema, all: z.boolean() });

/** What happened to some records: who signed, by record. */
const readHappened = async (
  db: Queryable,
  ids: readonly string[],
): Promise<ReadonlyMap<string, { readonly steps: string; readonly signatures: number }>> => {
  const rows = await db
    .select({
      record: signOffs.recordId,
      stage: signOffs.stage,
      steps: sql<string | null>`(select string_agg(s.label, ', then ') from (
        select distinct on (d.step) d.step, r.document -> 'steps' -> d.step ->> 'label' as label
        from iolite.decisions d
        join iolite.definitions r on r.kind = 'route' and r.document ->> 'id' = d.route_id::text and r.version = d.route_version
        where d.sign_off_id = iolite.sign_offs.id and d.decision = 'approve' and d.undone_at is null order by d.step) s)`,
      signatures: sql<string>`(select count(*) from iolite.decisions d
        where d.sign_off_id = iolite.sign_offs.id and d.decision = 'approve' and d.undone_at is null)`,
    })
    .from(signOffs)
    .where(inArray(signOffs.recordId, [...ids]));
  return new Map(
    rows.map(({ record, steps, signatures }) => [record, { steps: steps ?? '', signatures: Number(signatures) }]),
  );
};

const sayPath = (route: CompiledRoute, steps: readonly Foreseen[]): string =>
  steps
    .flatMap(({ step, status }) => (status === 'skipped' ? [] : [route.route.steps[step]?.label ?? '']))
    .join(', then ');

const NOBODY = 'nobody';

/**
 * Tries a route on the newest records, or on all: who would have signed, how that differs from what happened, how many
 * signatures more. Nothing is stored of it but its outcome; it tells how far it is, and can be stopped.
 */
export const routeTrialTask = (reader: DefinitionsReader): Task => ({
  name: ROUTE_TRIAL,
  run: async ({ db, job, progress }): Promise<RouteTrial> => {
    const { route: given, all } = payloadSchema.parse(job.payload);
    const definitions = await reader.read(db);
    const { catalogue } = definitions;
    const route = valueOrRefuse(compileRoute(given, catalogue, definitions.roles));
    const clock = clockNow(catalogue);
    const sight = systemSight(definitions, clock, 'a trial goes through all records, and tells only who makes routes');
    const reading = { db, sight, clock };
    const people = await readSigners(db, clock);
    const ids = await readNewest(reading, route.register, all ? MOST_RECORDS : SOME);
    const paths = route.reads.filter(([first]) => first !== 'sender');
    // Records that the conditions cannot tell apart, sent by the same person, go the same way.
    const ways = new Map<string, readonly Foreseen[]>();
    const counts = new Map<string, number>();
    const sample: RouteTrial['sample'] = [];
    let [taken, signed, signatures, before, differ] = [0, 0, 0, 0, 0];
    for (let from = 0; from < ids.length; from += AT_A_TIME) {
      const some = ids.slice(from, from + AT_A_TIME);
      const read =
        paths.length === 0 ? new Map<string, RecordValues>() : await readPaths(reading, route.register, some, paths);
      const happened = await readHappened(db, some);
      const authors = await readAuthors(db, some);
      const told: { readonly record: string; readonly would: string; readonly was: string }[] = [];
      for (const id of some) {
        const values = recordValues(read.get(id) ?? {}, clock);
        const was = happened.get(id);
        before += was?.signatures ?? 0;
        const isTaken = takes(route, values);
        const sender = authors.get(id) ?? '';
        const key = `${sender} ${JSON.stringify(read.get(id) ?? {})}`;
        const steps = isTaken ? (ways.get(key) ?? foresee(route, { values, people, signers: () => [] }, sender)) : [];
        if (ways.size < 10_000) ways.set(key, steps);
        const would = sayPath(route, steps) || NOBODY;
        taken += Number(isTaken);
        signed += Number(would !== NOBODY);
        signatures += steps.reduce((sum, { status, needed }) => (status === 'skipped' ? sum : sum + needed), 0);
        counts.set(would, (counts.get(would) ?? 0) + 1);
        const did = was?.steps || NOBODY;
        if (did === would) continue;
        differ++;
        if (sample.length + told.length < MOST_TOLD) told.push({ record: id, would, was: did });
      }
      const titles = await readTitles(
        reading,
        route.register,
        told.map(({ record }) => record),
      );
      for (const each of told) {
        const title = titles.get(each.record);
        if (title) sample.push({ ...each, number: title.number, title: title.title });
      }
      await progress(Math.min(from + AT_A_TIME, ids.length), ids.length);
    }
    const found = [...counts].map(([says, count]) => ({ says, count })).toSorted((a, b) => b.count - a.count);
    return { records: ids.length, taken, signed, signatures, before, differ, paths: found, sample };
  },
});

/** Who added some records. */
const readAuthors = async (db: Queryable, ids: readonly string[]): Promise<ReadonlyMap<string, string>> => {
  const { rows } = await db.execute(
    sql`select distinct on (record_id) record_id, person_id from iolite.history
      where record_id = any(${`{${ids.join(',')}}`}::uuid[]) order by record_id, id`,
  );
  return new Map(rows.map((row) => [String(row.record_id), String(row.person_id)]));
};
