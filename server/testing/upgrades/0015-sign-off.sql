SET statement_timeout = 0;
SET lock_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;
CREATE SCHEMA choices;
CREATE SCHEMA drizzle;
CREATE SCHEMA graphile_worker;
CREATE SCHEMA iolite;
CREATE SCHEMA reading;
CREATE SCHEMA records;
CREATE SCHEMA rows;
CREATE EXTENSION IF NOT EXISTS pg_trgm WITH SCHEMA iolite;
COMMENT ON EXTENSION pg_trgm IS 'text similarity measurement and index searching based on trigrams';
CREATE TYPE graphile_worker.job_spec AS (
	identifier text,
	payload json,
	queue_name text,
	run_at timestamp with time zone,
	max_attempts smallint,
	job_key text,
	priority smallint,
	flags text[]
);
SET default_tablespace = '';
SET default_table_access_method = heap;
CREATE TABLE graphile_worker._private_jobs (
    id bigint NOT NULL,
    job_queue_id integer,
    task_id integer NOT NULL,
    payload json DEFAULT '{}'::json NOT NULL,
    priority smallint DEFAULT 0 NOT NULL,
    run_at timestamp with time zone DEFAULT now() NOT NULL,
    attempts smallint DEFAULT 0 NOT NULL,
    max_attempts smallint DEFAULT 25 NOT NULL,
    last_error text,
    created_at timestamp with time zone DEFAULT now() NOT NULL,
    updated_at timestamp with time zone DEFAULT now() NOT NULL,
    key text,
    locked_at timestamp with time zone,
    locked_by text,
    revision integer DEFAULT 0 NOT NULL,
    flags jsonb,
    is_available boolean GENERATED ALWAYS AS (((locked_at IS NULL) AND (attempts < max_attempts))) STORED NOT NULL,
    CONSTRAINT jobs_key_check CHECK (((length(key) > 0) AND (length(key) <= 512))),
    CONSTRAINT jobs_max_attempts_check CHECK ((max_attempts >= 1))
);
CREATE FUNCTION graphile_worker.add_job(identifier text, payload json DEFAULT NULL::json, queue_name text DEFAULT NULL::text, run_at timestamp with time zone DEFAULT NULL::timestamp with time zone, max_attempts integer DEFAULT NULL::integer, job_key text DEFAULT NULL::text, priority integer DEFAULT NULL::integer, flags text[] DEFAULT NULL::text[], job_key_mode text DEFAULT 'replace'::text) RETURNS graphile_worker._private_jobs
    LANGUAGE plpgsql
    AS $$
declare
  v_job "graphile_worker"._private_jobs;
begin
  if (job_key is null or job_key_mode is null or job_key_mode in ('replace', 'preserve_run_at')) then
    select * into v_job
    from "graphile_worker".add_jobs(
      ARRAY[(
        identifier,
        payload,
        queue_name,
        run_at,
        max_attempts::smallint,
        job_key,
        priority::smallint,
        flags
      )::"graphile_worker".job_spec],
      (job_key_mode = 'preserve_run_at')
    )
    limit 1;
    return v_job;
  elsif job_key_mode = 'unsafe_dedupe' then
    -- Ensure all the tasks exist
    insert into "graphile_worker"._private_tasks as tasks (identifier)
    values (add_job.identifier)
    on conflict do nothing;
    -- Ensure all the queues exist
    if add_job.queue_name is not null then
      insert into "graphile_worker"._private_job_queues as job_queues (queue_name)
      values (add_job.queue_name)
      on conflict do nothing;
    end if;
    -- Insert job, but if one already exists then do nothing, even if the
    -- existing job has already started (and thus represents an out-of-date
    -- world state). This is dangerous because it means that whatever state
    -- change triggered this add_job may not be acted upon (since it happened
    -- after the existing job started executing, but no further job is being
    -- scheduled), but it is useful in very rare circumstances for
    -- de-duplication. If in doubt, DO NOT USE THIS.
    insert into "graphile_worker"._private_jobs as jobs (
      job_queue_id,
      task_id,
      payload,
      run_at,
      max_attempts,
      key,
      priority,
      flags
    )
      select
        job_queues.id,
        tasks.id,
        coalesce(add_job.payload, '{}'::json),
        coalesce(add_job.run_at, now()),
        coalesce(add_job.max_attempts::smallint, 25::smallint),
        add_job.job_key,
        coalesce(add_job.priority::smallint, 0::smallint),
        (
          select jsonb_object_agg(flag, true)
          from unnest(add_job.flags) as item(flag)
        )
      from "graphile_worker"._private_tasks as tasks
      left join "graphile_worker"._private_job_queues as job_queues
      on job_queues.queue_name = add_job.queue_name
      where tasks.identifier = add_job.identifier
    on conflict (key)
      -- Bump the updated_at so that there's something to return
      do update set
        revision = jobs.revision + 1,
        updated_at = now()
      returning *
      into v_job;
    if v_job.revision = 0 then
      perform pg_notify('jobs:insert', '{"r":' || random()::text || ',"count":1}');
    end if;
    return v_job;
  else
    raise exception 'Invalid job_key_mode value, expected ''replace'', ''preserve_run_at'' or ''unsafe_dedupe''.' using errcode = 'GWBKM';
  end if;
end;
$$;
CREATE FUNCTION graphile_worker.add_jobs(specs graphile_worker.job_spec[], job_key_preserve_run_at boolean DEFAULT false) RETURNS SETOF graphile_worker._private_jobs
    LANGUAGE plpgsql
    AS $$
begin
  -- Ensure all the tasks exist
  insert into "graphile_worker"._private_tasks as tasks (identifier)
  select distinct spec.identifier
  from unnest(specs) spec
  on conflict do nothing;
  -- Ensure all the queues exist
  insert into "graphile_worker"._private_job_queues as job_queues (queue_name)
  select distinct spec.queue_name
  from unnest(specs) spec
  where spec.queue_name is not null
  on conflict do nothing;
  -- Ensure any locked jobs have their key cleared - in the case of locked
  -- existing job create a new job instead as it must have already started
  -- executing (i.e. it's world state is out of date, and the fact add_job
  -- has been called again implies there's new information that needs to be
  -- acted upon).
  update "graphile_worker"._private_jobs as jobs
  set
    key = null,
    attempts = jobs.max_attempts,
    updated_at = now()
  from unnest(specs) spec
  where spec.job_key is not null
  and jobs.key = spec.job_key
  and is_available is not true;
  -- WARNING: this count is not 100% accurate; 'on conflict' clause will cause it to be an overestimate
  perform pg_notify('jobs:insert', '{"r":' || random()::text || ',"count":' || array_length(specs, 1)::text || '}');
  -- TODO: is there a risk that a conflict could occur depending on the
  -- isolation level?
  return query insert into "graphile_worker"._private_jobs as jobs (
    job_queue_id,
    task_id,
    payload,
    run_at,
    max_attempts,
    key,
    priority,
    flags
  )
    select
      job_queues.id,
      tasks.id,
      coalesce(spec.payload, '{}'::json),
      coalesce(spec.run_at, now()),
      coalesce(spec.max_attempts, 25),
      spec.job_key,
      coalesce(spec.priority, 0),
      (
        select jsonb_object_agg(flag, true)
        from unnest(spec.flags) as item(flag)
      )
    from unnest(specs) spec
    inner join "graphile_worker"._private_tasks as tasks
    on tasks.identifier = spec.identifier
    left join "graphile_worker"._private_job_queues as job_queues
    on job_queues.queue_name = spec.queue_name
  on conflict (key) do update set
    job_queue_id = excluded.job_queue_id,
    task_id = excluded.task_id,
    payload =
      case
      when json_typeof(jobs.payload) = 'array' and json_typeof(excluded.payload) = 'array' then
        (jobs.payload::jsonb || excluded.payload::jsonb)::json
      else
        excluded.payload
      end,
    max_attempts = excluded.max_attempts,
    run_at = (case
      when job_key_preserve_run_at is true and jobs.attempts = 0 then jobs.run_at
      else excluded.run_at
    end),
    priority = excluded.priority,
    revision = jobs.revision + 1,
    flags = excluded.flags,
    -- always reset error/retry state
    attempts = 0,
    last_error = null,
    updated_at = now()
  where jobs.locked_at is null
  returning *;
end;
$$;
CREATE FUNCTION graphile_worker.complete_jobs(job_ids bigint[]) RETURNS SETOF graphile_worker._private_jobs
    LANGUAGE sql
    AS $$
  delete from "graphile_worker"._private_jobs as jobs
    where id = any(job_ids)
    and (
      locked_at is null
    or
      locked_at < now() - interval '4 hours'
    )
    returning *;
$$;
CREATE FUNCTION graphile_worker.force_unlock_workers(worker_ids text[]) RETURNS void
    LANGUAGE sql
    AS $$
update "graphile_worker"._private_jobs as jobs
set locked_at = null, locked_by = null
where locked_by = any(worker_ids);
update "graphile_worker"._private_job_queues as job_queues
set locked_at = null, locked_by = null
where locked_by = any(worker_ids);
$$;
CREATE FUNCTION graphile_worker.permanently_fail_jobs(job_ids bigint[], error_message text DEFAULT NULL::text) RETURNS SETOF graphile_worker._private_jobs
    LANGUAGE sql
    AS $$
  update "graphile_worker"._private_jobs as jobs
    set
      last_error = coalesce(error_message, 'Manually marked as failed'),
      attempts = max_attempts,
      updated_at = now()
    where id = any(job_ids)
    and (
      locked_at is null
    or
      locked_at < NOW() - interval '4 hours'
    )
    returning *;
$$;
CREATE FUNCTION graphile_worker.remove_job(job_key text) RETURNS graphile_worker._private_jobs
    LANGUAGE plpgsql STRICT
    AS $$
declare
  v_job "graphile_worker"._private_jobs;
begin
  -- Delete job if not locked
  delete from "graphile_worker"._private_jobs as jobs
    where key = job_key
    and (
      locked_at is null
    or
      locked_at < NOW() - interval '4 hours'
    )
  returning * into v_job;
  if not (v_job is null) then
    perform pg_notify('jobs:insert', '{"r":' || random()::text || ',"count":-1}');
    return v_job;
  end if;
  -- Otherwise prevent job from retrying, and clear the key
  update "graphile_worker"._private_jobs as jobs
  set
    key = null,
    attempts = jobs.max_attempts,
    updated_at = now()
  where key = job_key
  returning * into v_job;
  return v_job;
end;
$$;
CREATE FUNCTION graphile_worker.reschedule_jobs(job_ids bigint[], run_at timestamp with time zone DEFAULT NULL::timestamp with time zone, priority integer DEFAULT NULL::integer, attempts integer DEFAULT NULL::integer, max_attempts integer DEFAULT NULL::integer) RETURNS SETOF graphile_worker._private_jobs
    LANGUAGE sql
    AS $$
  update "graphile_worker"._private_jobs as jobs
    set
      run_at = coalesce(reschedule_jobs.run_at, jobs.run_at),
      priority = coalesce(reschedule_jobs.priority::smallint, jobs.priority),
      attempts = coalesce(reschedule_jobs.attempts::smallint, jobs.attempts),
      max_attempts = coalesce(reschedule_jobs.max_attempts::smallint, jobs.max_attempts),
      updated_at = now()
    where id = any(job_ids)
    and (
      locked_at is null
    or
      locked_at < NOW() - interval '4 hours'
    )
    returning *;
$$;
CREATE FUNCTION iolite.add_working_days(d date, n numeric, holidays date[]) RETURNS date
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  at date := d;
  onward date;
  remaining integer;
BEGIN
  IF n <> trunc(n) OR abs(n) > 1000000 THEN RETURN NULL; END IF;
  remaining := n::integer;
  WHILE remaining > 0 LOOP
    onward := "iolite"."weekday_at"("iolite"."weekdays_up_to"(at) + remaining);
    remaining := "iolite"."holidays_in"(holidays, at, onward);
    at := onward;
  END LOOP;
  WHILE remaining < 0 LOOP
    onward := "iolite"."weekday_at"("iolite"."weekdays_up_to"(at - 1) + remaining + 1);
    remaining := - "iolite"."holidays_in"(holidays, onward - 1, at - 1);
    at := onward;
  END LOOP;
  RETURN "iolite"."within_calendar"(at);
END $$;
CREATE FUNCTION iolite.divide34(a numeric, b numeric) RETURNS numeric
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  k integer;
  above numeric;
  below numeric;
  q numeric;
BEGIN
  IF b = 0 THEN RETURN NULL; END IF;
  IF a = 0 THEN RETURN 0; END IF;
  k := 37 - ("iolite"."exponent10"(a) - "iolite"."exponent10"(b));
  above := CASE WHEN k > 0 THEN a * ('1e' || k)::numeric ELSE a END;
  below := CASE WHEN k < 0 THEN b * ('1e' || (-k))::numeric ELSE b END;
  q := div(above, below);
  q := q * 10 + CASE WHEN above = q * below THEN 0 ELSE sign(a) * sign(b) END;
  RETURN "iolite"."round34"(q * ('1e' || (- k - 1))::numeric);
END $$;
CREATE FUNCTION iolite.exponent10(x numeric) RETURNS integer
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  a numeric := abs(x);
  fraction text;
BEGIN
  IF a >= 1 THEN RETURN length(trunc(a)::text) - 1; END IF;
  IF a = 0 THEN RETURN 0; END IF;
  fraction := split_part(a::text, '.', 2);
  RETURN - (length(fraction) - length(ltrim(fraction, '0')) + 1);
END $$;
CREATE FUNCTION iolite.find_date(y numeric, m numeric, d numeric) RETURNS date
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE
    WHEN y <> trunc(y) OR m <> trunc(m) OR d <> trunc(d) OR y NOT BETWEEN 1 AND 9999 OR m NOT BETWEEN 1 AND 12 OR d < 1 THEN NULL
    WHEN d > extract(day FROM make_date(y::integer, m::integer, 1) + INTERVAL '1 month' - INTERVAL '1 day') THEN NULL
    ELSE make_date(y::integer, m::integer, d::integer) END
$$;
CREATE FUNCTION iolite.find_number(x text) RETURNS numeric
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $_$
  SELECT CASE WHEN length(x) <= 102 AND x ~ '^-?([0-9]+(\.[0-9]+)?|\.[0-9]+)$' THEN "iolite"."round34"(x::numeric) END
$_$;
CREATE FUNCTION iolite.hold_list() RETURNS trigger
    LANGUAGE plpgsql
    AS $_$
DECLARE
  given text[];
  lost text;
BEGIN
  EXECUTE format('SELECT ($1).%I::text[]', tg_argv[0]) USING new INTO given;
  IF given IS NULL OR cardinality(given) = 0 THEN RETURN NULL; END IF;
  EXECUTE format(
    'SELECT x FROM unnest($1) x WHERE NOT EXISTS (SELECT FROM %I.%I t WHERE t.%I = x::%s) LIMIT 1',
    tg_argv[1], tg_argv[2], tg_argv[3], tg_argv[4]
  ) USING given INTO lost;
  IF lost IS NOT NULL THEN
    RAISE foreign_key_violation USING
      MESSAGE = format('%s of %s holds %s, which is not in %s.%s', tg_argv[0], tg_table_name, lost, tg_argv[1], tg_argv[2]);
  END IF;
  RETURN NULL;
END $_$;
CREATE FUNCTION iolite.holidays_in(holidays date[], after date, up_to date) RETURNS integer
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT count(DISTINCT h)::integer FROM unnest(holidays) h WHERE h > after AND h <= up_to AND extract(isodow FROM h) < 6
$$;
CREATE FUNCTION iolite.modulo34(a numeric, b numeric) RETURNS numeric
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN b = 0 THEN NULL WHEN mod(a, b) = 0 OR (a < 0) = (b < 0) THEN "iolite"."round34"(mod(a, b))
    ELSE "iolite"."round34"(mod(a, b) + b) END
$$;
CREATE FUNCTION iolite.months_between(a date, b date) RETURNS numeric
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT (extract(year FROM b) - extract(year FROM a)) * 12 + extract(month FROM b) - extract(month FROM a)
    - CASE WHEN b >= a AND extract(day FROM b) < extract(day FROM a) THEN 1
           WHEN b < a AND extract(day FROM b) > extract(day FROM a) THEN -1 ELSE 0 END
$$;
CREATE FUNCTION iolite.plus_months(d date, n numeric) RETURNS date
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN extract(year FROM d) * 12 + extract(month FROM d) - 1 + n BETWEEN 12 AND 119999
    THEN (d + make_interval(months => n::integer))::date END
$$;
CREATE FUNCTION iolite.plus_ms(d date, ms numeric) RETURNS date
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN floor(ms / 86400000) BETWEEN DATE '0001-01-01' - d AND DATE '9999-12-31' - d
    THEN d + floor(ms / 86400000)::integer END
$$;
CREATE FUNCTION iolite.plus_ms(at timestamp with time zone, ms numeric) RETURNS timestamp with time zone
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN extract(epoch FROM at) * 1000 + ms BETWEEN -62135510400000 AND 253402214399999
    THEN ((at AT TIME ZONE 'UTC') + make_interval(days => div(ms, 86400000)::integer, secs => (mod(ms, 86400000) / 1000)::double precision)) AT TIME ZONE 'UTC' END
$$;
CREATE FUNCTION iolite.power34(x numeric, n numeric) RETURNS numeric
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  product numeric := 1;
BEGIN
  FOR i IN 1..n::integer LOOP product := product * x; END LOOP;
  RETURN "iolite"."round34"(product);
END $$;
CREATE FUNCTION iolite.round34(x numeric) RETURNS numeric
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  r numeric := "iolite"."round_to"(x, 33 - "iolite"."exponent10"(x), 'even');
BEGIN
  IF r IS NULL OR abs(r) >= '1e6145'::numeric THEN
    RETURN CASE WHEN abs(x) < 1 THEN 0 END;
  END IF;
  RETURN CASE WHEN abs(r) < '1e-6176'::numeric THEN 0 ELSE r END;
END $$;
CREATE FUNCTION iolite.round_to(x numeric, places numeric, way text) RETURNS numeric
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  n integer;
  cut numeric;
  unit numeric;
  rest numeric;
  further boolean;
BEGIN
  IF places <> trunc(places) OR abs(places) > 6300 THEN RETURN NULL; END IF;
  n := places::integer;
  IF scale(x) <= n THEN RETURN x; END IF;
  cut := trunc(x, n);
  unit := ('1e' || (-n))::numeric;
  rest := abs(x - cut);
  IF rest = 0 THEN RETURN trim_scale(cut); END IF;
  further := CASE way
    WHEN 'even' THEN rest * 2 > unit OR (rest * 2 = unit AND mod(div(abs(cut), unit), 2) = 1)
    WHEN 'half up' THEN rest * 2 >= unit
    WHEN 'half down' THEN rest * 2 > unit
    WHEN 'up' THEN true
    WHEN 'down' THEN false
    WHEN 'floor' THEN x < 0
    WHEN 'ceiling' THEN x > 0
  END;
  RETURN trim_scale(CASE WHEN further THEN cut + sign(x) * unit ELSE cut END);
END $$;
CREATE FUNCTION iolite.round_to_step(x numeric, step numeric, way text) RETURNS numeric
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  rest numeric;
BEGIN
  IF step = 0 THEN RETURN NULL; END IF;
  rest := mod(abs(x), abs(step));
  RETURN "iolite"."round34"(sign(x) * (abs(x) - rest
    + CASE WHEN (way = 'up' AND rest <> 0) OR (way = 'half up' AND rest * 2 >= abs(step)) THEN abs(step) ELSE 0 END));
END $$;
CREATE FUNCTION iolite.substring_of(x text, start numeric, size numeric) RETURNS text
    LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
DECLARE
  count integer := char_length(x);
  first numeric := CASE WHEN start > 0 THEN start ELSE count + start + 1 END;
BEGIN
  IF start = 0 OR first < 1 OR size < 0 OR start <> trunc(start) OR size <> trunc(size)
    OR abs(start) > 9007199254740991 OR size > 9007199254740991 THEN RETURN NULL; END IF;
  IF first > count THEN RETURN ''; END IF;
  RETURN substr(x, first::integer, least(size, count)::integer);
END $$;
CREATE FUNCTION iolite.weekday_at(n integer) RETURNS date
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT DATE '1969-12-29' + floor((n - 1) / 5.0)::integer * 7 + (n - 1 - floor((n - 1) / 5.0)::integer * 5)
$$;
CREATE FUNCTION iolite.weekdays_up_to(d date) RETURNS integer
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT floor((d - DATE '1969-12-29') / 7.0)::integer * 5
    + least((d - DATE '1969-12-29') - floor((d - DATE '1969-12-29') / 7.0)::integer * 7 + 1, 5)
$$;
CREATE FUNCTION iolite.within_calendar(d date) RETURNS date
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN d BETWEEN DATE '0001-01-01' AND DATE '9999-12-31' THEN d END
$$;
CREATE FUNCTION iolite.within_days(ms numeric) RETURNS numeric
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN abs(ms) <= 316224000000000 THEN ms END
$$;
CREATE FUNCTION iolite.within_months(n numeric) RETURNS numeric
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN abs(n) <= 120000 THEN n END
$$;
CREATE FUNCTION iolite.working_days(a date, b date, holidays date[]) RETURNS numeric
    LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE
    AS $$
  SELECT CASE WHEN b < a
    THEN - ("iolite"."weekdays_up_to"(a) - "iolite"."weekdays_up_to"(b) - "iolite"."holidays_in"(holidays, b, a))
    ELSE "iolite"."weekdays_up_to"(b) - "iolite"."weekdays_up_to"(a) - "iolite"."holidays_in"(holidays, a, b) END::numeric
$$;
CREATE TABLE choices.appeal_states (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.berth_services (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.boat_states (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.body_parts (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.client_kinds (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.cost_centres (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.donation_kinds (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.hull_kinds (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.incident_causes (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.incident_kinds (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.incident_states (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.injury_kinds (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.invoice_states (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.movement_kinds (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text,
    sign numeric(15,0)
);
CREATE TABLE choices.payment_methods (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.pontoons (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.purchase_states (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.severities (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.severities_of_harm (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.stock_groups (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.units (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text
);
CREATE TABLE choices.vat_rates (
    code text NOT NULL,
    label text NOT NULL,
    "position" integer NOT NULL,
    retired boolean DEFAULT false NOT NULL,
    colour text,
    icon text,
    parent text,
    percentage numeric(19,4)
);
CREATE TABLE drizzle.__drizzle_migrations (
    id integer NOT NULL,
    hash text NOT NULL,
    created_at bigint
);
CREATE SEQUENCE drizzle.__drizzle_migrations_id_seq
    AS integer
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE drizzle.__drizzle_migrations_id_seq OWNED BY drizzle.__drizzle_migrations.id;
CREATE TABLE graphile_worker._private_job_queues (
    id integer NOT NULL,
    queue_name text NOT NULL,
    locked_at timestamp with time zone,
    locked_by text,
    is_available boolean GENERATED ALWAYS AS ((locked_at IS NULL)) STORED NOT NULL,
    CONSTRAINT job_queues_queue_name_check CHECK ((length(queue_name) <= 128))
);
CREATE TABLE graphile_worker._private_known_crontabs (
    identifier text NOT NULL,
    known_since timestamp with time zone NOT NULL,
    last_execution timestamp with time zone
);
CREATE TABLE graphile_worker._private_tasks (
    id integer NOT NULL,
    identifier text NOT NULL,
    CONSTRAINT tasks_identifier_check CHECK ((length(identifier) <= 128))
);
ALTER TABLE graphile_worker._private_job_queues ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME graphile_worker.job_queues_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE VIEW graphile_worker.jobs AS
 SELECT jobs.id,
    job_queues.queue_name,
    tasks.identifier AS task_identifier,
    jobs.priority,
    jobs.run_at,
    jobs.attempts,
    jobs.max_attempts,
    jobs.last_error,
    jobs.created_at,
    jobs.updated_at,
    jobs.key,
    jobs.locked_at,
    jobs.locked_by,
    jobs.revision,
    jobs.flags
   FROM ((graphile_worker._private_jobs jobs
     JOIN graphile_worker._private_tasks tasks ON ((tasks.id = jobs.task_id)))
     LEFT JOIN graphile_worker._private_job_queues job_queues ON ((job_queues.id = jobs.job_queue_id)));
ALTER TABLE graphile_worker._private_jobs ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME graphile_worker.jobs_id_seq1
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE TABLE graphile_worker.migrations (
    id integer NOT NULL,
    ts timestamp with time zone DEFAULT now() NOT NULL,
    breaking boolean DEFAULT false NOT NULL
);
ALTER TABLE graphile_worker._private_tasks ALTER COLUMN id ADD GENERATED ALWAYS AS IDENTITY (
    SEQUENCE NAME graphile_worker.tasks_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1
);
CREATE TABLE iolite.counters (
    register text NOT NULL,
    next integer NOT NULL
);
CREATE TABLE iolite.decisions (
    id bigint NOT NULL,
    sign_off_id uuid NOT NULL,
    round integer NOT NULL,
    step integer NOT NULL,
    person_id uuid NOT NULL,
    decision text NOT NULL,
    comment text NOT NULL,
    record_version integer NOT NULL,
    at timestamp(3) with time zone NOT NULL,
    for_id uuid,
    marks jsonb DEFAULT '[]'::jsonb NOT NULL,
    route_id uuid,
    route_version integer,
    entered_at timestamp(3) with time zone,
    undone_at timestamp(3) with time zone
);
CREATE SEQUENCE iolite.decisions_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE iolite.decisions_id_seq OWNED BY iolite.decisions.id;
CREATE TABLE iolite.definitions (
    kind text NOT NULL,
    key text NOT NULL,
    version integer NOT NULL,
    status text NOT NULL,
    "position" integer NOT NULL,
    document jsonb NOT NULL,
    created_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    created_by uuid
);
CREATE TABLE iolite.drafts (
    form text NOT NULL,
    revision integer NOT NULL,
    document jsonb NOT NULL,
    at timestamp(3) with time zone NOT NULL,
    by uuid NOT NULL,
    kind text DEFAULT 'form'::text NOT NULL
);
CREATE TABLE iolite.files (
    id uuid NOT NULL,
    name text NOT NULL,
    media_type text NOT NULL,
    size integer NOT NULL,
    width integer,
    height integer,
    added_by uuid NOT NULL,
    added_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    content bytea NOT NULL,
    thumbnail bytea
);
CREATE TABLE iolite.groups (
    person_id uuid NOT NULL,
    code_hash text NOT NULL,
    forms uuid[] NOT NULL,
    ends_at text NOT NULL
);
CREATE TABLE iolite.history (
    id bigint NOT NULL,
    record_id uuid NOT NULL,
    at timestamp(3) with time zone NOT NULL,
    person_id uuid NOT NULL,
    action text NOT NULL,
    form_version integer,
    comment text,
    changes jsonb NOT NULL,
    register_id uuid NOT NULL,
    form_id uuid,
    import_id uuid,
    by_name text
);
CREATE SEQUENCE iolite.history_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE iolite.history_id_seq OWNED BY iolite.history.id;
CREATE TABLE iolite.import_refusals (
    import_id uuid NOT NULL,
    line integer NOT NULL,
    detail text NOT NULL,
    misfits jsonb DEFAULT '[]'::jsonb NOT NULL
);
CREATE TABLE iolite.imports (
    id uuid NOT NULL,
    kind text NOT NULL,
    register_id uuid NOT NULL,
    of uuid,
    given jsonb NOT NULL,
    csv text,
    through integer DEFAULT 0 NOT NULL,
    added integer DEFAULT 0 NOT NULL,
    changed integer DEFAULT 0 NOT NULL,
    unchanged integer DEFAULT 0 NOT NULL,
    refused integer DEFAULT 0 NOT NULL,
    sample jsonb DEFAULT '[]'::jsonb NOT NULL,
    asked_at timestamp(3) with time zone DEFAULT now() NOT NULL
);
CREATE TABLE iolite.jobs (
    id uuid NOT NULL,
    task text NOT NULL,
    payload jsonb NOT NULL,
    begun_by uuid,
    begun_at timestamp(3) with time zone NOT NULL,
    state text NOT NULL,
    done integer,
    total integer,
    result jsonb,
    problem text,
    stopping boolean DEFAULT false NOT NULL,
    changed_at timestamp(3) with time zone NOT NULL
);
CREATE TABLE iolite.kept_entries (
    id uuid NOT NULL,
    person_id uuid NOT NULL,
    version integer NOT NULL,
    record_id uuid,
    title text NOT NULL,
    body jsonb NOT NULL,
    at timestamp(3) with time zone NOT NULL,
    form_id uuid NOT NULL
);
CREATE TABLE iolite.known_sources (
    person_id uuid NOT NULL,
    source text NOT NULL,
    at timestamp(3) with time zone NOT NULL
);
CREATE TABLE iolite.messages (
    id uuid NOT NULL,
    at timestamp(3) with time zone NOT NULL,
    to_id uuid,
    to_name text NOT NULL,
    to_address text NOT NULL,
    subject text NOT NULL,
    words text[] NOT NULL,
    link jsonb,
    secret text,
    state text NOT NULL,
    problem text,
    job_id uuid
);
CREATE TABLE iolite.people (
    id uuid NOT NULL,
    email text NOT NULL,
    name text NOT NULL,
    roles text[] NOT NULL,
    password_hash text,
    "position" integer NOT NULL,
    record_id uuid,
    kind text DEFAULT 'person'::text NOT NULL,
    telephone text DEFAULT ''::text NOT NULL,
    joined_at timestamp(3) with time zone DEFAULT now(),
    switched_off_at timestamp(3) with time zone,
    seen_at timestamp(3) with time zone,
    away_from text,
    away_until text,
    stand_in uuid,
    told_of_signing text DEFAULT 'at_once'::text NOT NULL,
    second_step text,
    second_step_begun text,
    second_step_used integer DEFAULT 0 NOT NULL
);
CREATE TABLE iolite.receipts (
    record_id uuid NOT NULL,
    register text NOT NULL,
    sender uuid NOT NULL,
    content_hash text NOT NULL
);
CREATE TABLE iolite.recovery_codes (
    person_id uuid NOT NULL,
    code_hash text NOT NULL
);
CREATE TABLE iolite.secret_links (
    hash text NOT NULL,
    kind text NOT NULL,
    person_id uuid,
    given jsonb,
    made_at timestamp(3) with time zone NOT NULL,
    ends_at timestamp(3) with time zone NOT NULL
);
CREATE TABLE iolite.series (
    register text NOT NULL,
    field text NOT NULL,
    year integer NOT NULL,
    next integer NOT NULL
);
CREATE TABLE iolite.sessions (
    token_hash text NOT NULL,
    person_id uuid NOT NULL,
    created_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    expires_at timestamp(3) with time zone NOT NULL,
    seen_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    looks_as uuid,
    id uuid DEFAULT gen_random_uuid() NOT NULL,
    device text DEFAULT ''::text NOT NULL,
    renew boolean DEFAULT false NOT NULL,
    former_hash text,
    renewed_at timestamp(3) with time zone
);
CREATE TABLE iolite.set_aside (
    id uuid NOT NULL,
    register text NOT NULL,
    rows text,
    "column" text NOT NULL,
    field jsonb NOT NULL,
    at timestamp(3) with time zone DEFAULT now() NOT NULL
);
CREATE TABLE iolite.sign_in_tries (
    id uuid NOT NULL,
    email text NOT NULL,
    source text NOT NULL,
    at timestamp(3) with time zone DEFAULT now() NOT NULL
);
CREATE TABLE iolite.sign_off_events (
    id bigint NOT NULL,
    sign_off_id uuid NOT NULL,
    event jsonb NOT NULL
);
CREATE SEQUENCE iolite.sign_off_events_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE iolite.sign_off_events_id_seq OWNED BY iolite.sign_off_events.id;
CREATE TABLE iolite.sign_off_parts (
    sign_off_id uuid NOT NULL,
    step integer NOT NULL,
    person_id uuid NOT NULL,
    asked text NOT NULL
);
CREATE TABLE iolite.sign_offs (
    id uuid NOT NULL,
    record_id uuid NOT NULL,
    route_version integer NOT NULL,
    round integer NOT NULL,
    stage text NOT NULL,
    sender uuid NOT NULL,
    sent_at timestamp(3) with time zone NOT NULL,
    register_id uuid NOT NULL,
    route_id uuid NOT NULL,
    form_id uuid,
    begun_route_id uuid NOT NULL,
    begun_version integer NOT NULL,
    step_label text DEFAULT ''::text NOT NULL,
    since timestamp(3) with time zone DEFAULT now() NOT NULL,
    decided_on timestamp(3) with time zone,
    due_at timestamp(3) with time zone,
    timer_at timestamp(3) with time zone,
    goes_on_at timestamp(3) with time zone,
    beyond jsonb DEFAULT '{}'::jsonb NOT NULL,
    wrote jsonb DEFAULT '{}'::jsonb NOT NULL,
    signed_at timestamp(3) with time zone,
    changed_at timestamp(3) with time zone
);
CREATE VIEW iolite.sign_off_facts AS
 SELECT so.record_id AS id,
    NULLIF(so.stage, 'none'::text) AS stage,
    NULLIF(so.step_label, ''::text) AS step,
    ( SELECT string_agg(p.name, ', '::text ORDER BY p.name) AS string_agg
           FROM (( SELECT DISTINCT part.person_id
                   FROM iolite.sign_off_parts part
                  WHERE (part.sign_off_id = so.id)) a
             JOIN iolite.people p ON ((p.id = a.person_id)))) AS waits_for,
        CASE
            WHEN (so.stage <> 'none'::text) THEN so.since
            ELSE NULL::timestamp with time zone
        END AS since,
    so.decided_on
   FROM iolite.sign_offs so;
CREATE TABLE iolite.sign_off_seen (
    sign_off_id uuid NOT NULL,
    version integer NOT NULL,
    "values" jsonb NOT NULL
);
CREATE TABLE iolite.sign_off_steps (
    sign_off_id uuid NOT NULL,
    step integer NOT NULL,
    status text NOT NULL,
    entered_at timestamp(3) with time zone,
    due timestamp(3) with time zone,
    needed integer NOT NULL,
    given integer NOT NULL
);
CREATE TABLE iolite.tokens (
    person_id uuid NOT NULL,
    token_hash text NOT NULL,
    note text NOT NULL,
    ends_on text NOT NULL,
    made_by uuid NOT NULL,
    made_at timestamp(3) with time zone NOT NULL
);
CREATE TABLE iolite.workspace (
    id integer NOT NULL,
    version integer NOT NULL,
    name text NOT NULL,
    locale text NOT NULL,
    zone text NOT NULL,
    currency text NOT NULL,
    holidays text[] DEFAULT '{}'::text[] NOT NULL,
    people jsonb,
    tied boolean DEFAULT false NOT NULL,
    words_marked boolean DEFAULT false NOT NULL,
    week_begins integer,
    begin_code text
);
CREATE TABLE iolite.workspace_history (
    id bigint NOT NULL,
    at timestamp(3) with time zone NOT NULL,
    person_id uuid NOT NULL,
    action text NOT NULL,
    about_id uuid,
    detail text NOT NULL
);
CREATE SEQUENCE iolite.workspace_history_id_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE iolite.workspace_history_id_seq OWNED BY iolite.workspace_history.id;
CREATE TABLE records.appeals (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    name text,
    purpose text,
    state text,
    begins_on date,
    ends_on date,
    target numeric(17,2),
    page text,
    manager uuid,
    picture uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    boat uuid,
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-4ed5669144be4cf0be56573a" CHECK ((target >= '0'::numeric)),
    CONSTRAINT "holds-b82bbee7a6404e60cef69b34" CHECK ((target IS NOT NULL)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500)),
    CONSTRAINT "holds-f4da634f161285330585dfad" CHECK ((((ends_on IS NULL) OR (begins_on IS NULL) OR (ends_on >= begins_on)) IS NOT FALSE))
);
CREATE TABLE records.boats (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    name text,
    hull text,
    length_overall numeric(17,2),
    year_built numeric(15,0),
    state text,
    insured_until date,
    beam numeric(17,2),
    draught numeric(17,2),
    sail_number text,
    photos uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    papers uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    owner uuid,
    berth uuid,
    CONSTRAINT "holds-2341420fad1972bdfb695f6a" CHECK ((year_built <= '2100'::numeric)),
    CONSTRAINT "holds-3b9d228f34315c13e3011396" CHECK ((beam >= '0'::numeric)),
    CONSTRAINT "holds-3bbf9e824989b9e7e2d5a2b5" CHECK ((owner IS NOT NULL)),
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-4e0d33e55cdb333922f1b6e6" CHECK ((year_built >= '1800'::numeric)),
    CONSTRAINT "holds-6968dd5224322dc578490d43" CHECK ((length_overall <= '200'::numeric)),
    CONSTRAINT "holds-8e65aa6a152951127cf4c21a" CHECK ((draught >= '0'::numeric)),
    CONSTRAINT "holds-c0bf01c3dd5d1ab17edd2626" CHECK ((length_overall >= '0'::numeric)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500))
);
CREATE TABLE records.donations (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    donor_name text,
    received_on date,
    amount numeric(17,2),
    kind text,
    method text,
    gift_aid boolean,
    anonymous boolean,
    thanked_on date,
    receipt text,
    note text,
    donor uuid,
    appeal uuid,
    tax_to_claim numeric(17,2) GENERATED ALWAYS AS (round(
CASE
    WHEN (gift_aid = true) THEN (amount * 0.25)
    ELSE '0'::numeric
END, 2)) STORED,
    worth numeric(17,2) GENERATED ALWAYS AS (round((amount + round(
CASE
    WHEN (gift_aid = true) THEN (amount * 0.25)
    ELSE '0'::numeric
END, 2)), 2)) STORED,
    CONSTRAINT "holds-051728261f00014712201b78" CHECK ((char_length(donor_name) <= 500)),
    CONSTRAINT "holds-31009164c33b9314b0d793fa" CHECK ((amount >= 0.01)),
    CONSTRAINT "holds-517d5a31369b41ab1f55ba3d" CHECK ((received_on IS NOT NULL)),
    CONSTRAINT "holds-54e361e3ad7b2c33abb0526c" CHECK ((amount IS NOT NULL)),
    CONSTRAINT "holds-c6c7d772542340918cdcfac2" CHECK ((donor_name IS NOT NULL)),
    CONSTRAINT "holds-e7a5b31525d03238dfec0fcc" CHECK ((appeal IS NOT NULL))
);
COMMENT ON COLUMN records.donations.tax_to_claim IS '3351efe12b736360b0e46a09';
COMMENT ON COLUMN records.donations.worth IS 'bee32ab003a792bc2371adda';
CREATE VIEW reading.appeals AS
 SELECT t.id,
    t.number,
    t.name,
    t.purpose,
    ( SELECT l.number
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat,
    ( SELECT l.name
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat_title,
    ( SELECT c.label
           FROM choices.appeal_states c
          WHERE (c.code = t.state)) AS state,
    t.begins_on,
    t.ends_on,
    t.target,
    round(( SELECT COALESCE(sum(r1.amount), (0)::numeric) AS "coalesce"
           FROM records.donations r1
          WHERE ((r1.appeal = t.id) AND (r1.archived_at IS NULL))), 2) AS raised,
    round(
        CASE
            WHEN (t.target > '0'::numeric) THEN iolite.divide34(round(( SELECT COALESCE(sum(r1.amount), (0)::numeric) AS "coalesce"
               FROM records.donations r1
              WHERE ((r1.appeal = t.id) AND (r1.archived_at IS NULL))), 2), t.target)
            ELSE NULL::numeric
        END, 3) AS share,
    round(( SELECT (count(*))::numeric AS count
           FROM records.donations r1
          WHERE ((r1.appeal = t.id) AND (r1.archived_at IS NULL))), 0) AS gifts,
    round(
        CASE
            WHEN (round(( SELECT (count(*))::numeric AS count
               FROM records.donations r1
              WHERE ((r1.appeal = t.id) AND (r1.archived_at IS NULL))), 0) > '0'::numeric) THEN iolite.divide34(round(( SELECT COALESCE(sum(r2.amount), (0)::numeric) AS "coalesce"
               FROM records.donations r2
              WHERE ((r2.appeal = t.id) AND (r2.archived_at IS NULL))), 2), round(( SELECT (count(*))::numeric AS count
               FROM records.donations r3
              WHERE ((r3.appeal = t.id) AND (r3.archived_at IS NULL))), 0))
            ELSE NULL::numeric
        END, 2) AS mean_gift,
    t.page,
    ( SELECT p.name
           FROM iolite.people p
          WHERE (p.id = t.manager)) AS manager,
    t.picture
   FROM records.appeals t
  WHERE (t.archived_at IS NULL);
CREATE TABLE records.berths (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    name text,
    pontoon text,
    longest numeric(16,1),
    shore_power boolean,
    yearly_fee numeric(17,2),
    "position" text,
    services text[] DEFAULT '{}'::text[] NOT NULL,
    "one-2d412af1dae48422e44232e4" text,
    CONSTRAINT "holds-389338f9f307f5bd8702caa7" CHECK (("position" ~ '^-?[0-9]{1,2}[.][0-9]{6},-?[0-9]{1,3}[.][0-9]{6}$'::text)),
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-a6517fb30586a6d025c58677" CHECK ((pontoon IS NOT NULL)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500))
);
CREATE VIEW reading.berths AS
 SELECT t.id,
    t.number,
    t.name,
    ( SELECT c.label
           FROM choices.pontoons c
          WHERE (c.code = t.pontoon)) AS pontoon,
    t.longest,
    t.shore_power,
    t.yearly_fee,
    t."position",
    round(( SELECT (count(*))::numeric AS count
           FROM records.boats r1
          WHERE ((r1.berth = t.id) AND (r1.archived_at IS NULL))), 0) AS taken_by,
    ARRAY( SELECT c.label
           FROM choices.berth_services c
          WHERE (c.code = ANY (t.services))
          ORDER BY c."position") AS services
   FROM records.berths t
  WHERE (t.archived_at IS NULL);
CREATE TABLE records.clients (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    name text,
    kind text,
    email text,
    phone text,
    address text,
    client_since date,
    credit_limit numeric(17,2),
    newsletter boolean,
    web text,
    iban text,
    notes text,
    "one-1314848f8aafbbb5a7a095dc" text,
    CONSTRAINT "holds-0463cb4a22e65c8d213472ee" CHECK ((phone ~ '^[+][0-9]{4,17}'::text)),
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-c610a7972ec95acf008e1cfc" CHECK ((credit_limit >= '0'::numeric)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500))
);
CREATE VIEW reading.boats AS
 SELECT t.id,
    t.number,
    t.name,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.owner)) AS owner,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.owner)) AS owner_title,
    ( SELECT c.label
           FROM choices.hull_kinds c
          WHERE (c.code = t.hull)) AS hull,
    t.length_overall,
    t.year_built,
    ( SELECT c.label
           FROM choices.boat_states c
          WHERE (c.code = t.state)) AS state,
    ( SELECT l.number
           FROM records.berths l
          WHERE (l.id = t.berth)) AS berth,
    ( SELECT l.name
           FROM records.berths l
          WHERE (l.id = t.berth)) AS berth_title,
    t.insured_until,
    t.beam,
    t.draught,
    t.sail_number,
        CASE
            WHEN (t.insured_until IS NULL) THEN 'not known'::text
            ELSE
            CASE
                WHEN (t.insured_until < ((now() AT TIME ZONE 'Europe/London'::text))::date) THEN 'lapsed'::text
                ELSE
                CASE
                    WHEN (t.insured_until <= iolite.plus_ms(((now() AT TIME ZONE 'Europe/London'::text))::date, '2592000000'::numeric)) THEN 'ends within 30 days'::text
                    ELSE 'in order'::text
                END
            END
        END AS insurance_state,
    t.photos,
    t.papers
   FROM records.boats t
  WHERE (t.archived_at IS NULL);
CREATE TABLE records.invoices (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    subject text,
    invoice_number text,
    issued_on date,
    due_on date,
    state text,
    papers uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    client uuid,
    boat uuid,
    CONSTRAINT "holds-0808b58670dae965f7236710" CHECK ((client IS NOT NULL)),
    CONSTRAINT "holds-0b399d0ba905cb293a8154b7" CHECK ((subject IS NOT NULL)),
    CONSTRAINT "holds-1b4527c7a1b48a7a1358055a" CHECK ((((due_on IS NULL) OR (issued_on IS NULL) OR (due_on >= issued_on)) IS NOT FALSE)),
    CONSTRAINT "holds-8bc9fd75dd50ef05dad6b8d8" CHECK ((char_length(subject) <= 500)),
    CONSTRAINT "holds-aa2ed342971bde0e01327be8" CHECK ((state IS NOT NULL))
);
CREATE TABLE rows."invoices.lines" (
    id uuid NOT NULL,
    entry uuid NOT NULL,
    seq integer NOT NULL,
    stock uuid,
    what text,
    quantity numeric(17,2),
    unit_price numeric(17,2),
    vat_rate text,
    net numeric(17,2) GENERATED ALWAYS AS (round(iolite.round34((quantity * unit_price)), 2)) STORED,
    CONSTRAINT "holds-141b67bee548ee30e9568ee4" CHECK ((vat_rate IS NOT NULL)),
    CONSTRAINT "holds-1875517573f80c9f36224fcc" CHECK ((unit_price IS NOT NULL)),
    CONSTRAINT "holds-21b0b7a19b07ee217580b8d5" CHECK ((char_length(what) <= 500)),
    CONSTRAINT "holds-406b64dce2a182e840697fa9" CHECK ((quantity IS NOT NULL)),
    CONSTRAINT "holds-4eb7961a891935f4d91de173" CHECK ((what IS NOT NULL))
);
COMMENT ON COLUMN rows."invoices.lines".net IS 'dc2d8f4b36866f57835cbb28';
CREATE TABLE rows."invoices.payments" (
    id uuid NOT NULL,
    entry uuid NOT NULL,
    seq integer NOT NULL,
    paid_on date,
    amount numeric(17,2),
    method text,
    reference text,
    CONSTRAINT "holds-19c23c01f7083faa5a311a6a" CHECK ((paid_on IS NOT NULL)),
    CONSTRAINT "holds-3b38efe4dd226cc3739492c0" CHECK ((char_length(reference) <= 500)),
    CONSTRAINT "holds-54e361e3ad7b2c33abb0526c" CHECK ((amount IS NOT NULL))
);
CREATE VIEW reading.clients AS
 SELECT t.id,
    t.number,
    t.name,
    ( SELECT c.label
           FROM choices.client_kinds c
          WHERE (c.code = t.kind)) AS kind,
    t.email,
    t.phone,
    t.address,
    t.client_since,
    t.credit_limit,
    t.newsletter,
    t.web,
    t.iban,
    round(( SELECT COALESCE(sum(round(
                CASE
                    WHEN (r1.state = 'credited'::text) THEN '0'::numeric
                    ELSE (round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r2
                      WHERE (r2.entry = r1.id)), 2) + round((round((round(( SELECT COALESCE(sum(r3.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r3
                      WHERE ((r3.entry = r1.id) AND (r3.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r4.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r4
                      WHERE ((r4.entry = r1.id) AND (r4.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r5.amount), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.payments" r5
                      WHERE (r5.entry = r1.id)), 2))
                END, 2)), (0)::numeric) AS "coalesce"
           FROM records.invoices r1
          WHERE ((r1.client = t.id) AND (r1.archived_at IS NULL) AND (r1.state IS DISTINCT FROM 'draft'::text))), 2) AS open_balance,
    ((t.credit_limit IS NOT NULL) AND (round(( SELECT COALESCE(sum(round(
                CASE
                    WHEN (r1.state = 'credited'::text) THEN '0'::numeric
                    ELSE (round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r2
                      WHERE (r2.entry = r1.id)), 2) + round((round((round(( SELECT COALESCE(sum(r3.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r3
                      WHERE ((r3.entry = r1.id) AND (r3.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r4.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r4
                      WHERE ((r4.entry = r1.id) AND (r4.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r5.amount), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.payments" r5
                      WHERE (r5.entry = r1.id)), 2))
                END, 2)), (0)::numeric) AS "coalesce"
           FROM records.invoices r1
          WHERE ((r1.client = t.id) AND (r1.archived_at IS NULL) AND (r1.state IS DISTINCT FROM 'draft'::text))), 2) > t.credit_limit)) AS over_limit,
    ( SELECT
                CASE
                    WHEN (count(*) = count(r1.issued_on)) THEN max(r1.issued_on)
                    ELSE NULL::date
                END AS "case"
           FROM records.invoices r1
          WHERE ((r1.client = t.id) AND (r1.archived_at IS NULL))) AS last_invoice,
    round(( SELECT COALESCE(sum(r1.amount), (0)::numeric) AS "coalesce"
           FROM records.donations r1
          WHERE ((r1.donor = t.id) AND (r1.archived_at IS NULL))), 2) AS given,
    t.notes
   FROM records.clients t
  WHERE (t.archived_at IS NULL);
CREATE VIEW reading.donations AS
 SELECT t.id,
    t.number,
    t.donor_name,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.donor)) AS donor,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.donor)) AS donor_title,
    ( SELECT l.number
           FROM records.appeals l
          WHERE (l.id = t.appeal)) AS appeal,
    ( SELECT l.name
           FROM records.appeals l
          WHERE (l.id = t.appeal)) AS appeal_title,
    t.received_on,
    t.amount,
    ( SELECT c.label
           FROM choices.donation_kinds c
          WHERE (c.code = t.kind)) AS kind,
    ( SELECT c.label
           FROM choices.payment_methods c
          WHERE (c.code = t.method)) AS method,
    t.gift_aid,
    t.tax_to_claim,
    t.worth,
    t.anonymous,
    t.thanked_on,
    t.receipt,
    t.note
   FROM records.donations t
  WHERE (t.archived_at IS NULL);
CREATE TABLE records.incidents (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    title text,
    kind text,
    cause text,
    happened_at timestamp(3) with time zone,
    place text,
    "position" text,
    owner_phone text,
    reported_by uuid,
    what_happened text,
    state text,
    root_cause text,
    cost numeric(17,2),
    photos uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    berth uuid,
    boat uuid,
    owner uuid,
    CONSTRAINT "holds-0e7613c6cfb51afe86a46c8a" CHECK ((happened_at IS NOT NULL)),
    CONSTRAINT "holds-0ea4942d12be4b0876a529c1" CHECK ((char_length(place) <= 500)),
    CONSTRAINT "holds-389338f9f307f5bd8702caa7" CHECK (("position" ~ '^-?[0-9]{1,2}[.][0-9]{6},-?[0-9]{1,3}[.][0-9]{6}$'::text)),
    CONSTRAINT "holds-5eefe2749f680bbaa7f79e25" CHECK ((kind IS NOT NULL)),
    CONSTRAINT "holds-74c80bcadc5c1f69ea954572" CHECK ((title IS NOT NULL)),
    CONSTRAINT "holds-7907e364f4df3fada5bfc882" CHECK ((char_length(title) <= 500)),
    CONSTRAINT "holds-c35eaf5e478c63f83f8af3f3" CHECK ((cost >= '0'::numeric)),
    CONSTRAINT "holds-efeb59389170f7dcde2219d7" CHECK ((owner_phone ~ '^[+][0-9]{4,17}'::text))
);
CREATE TABLE rows."incidents.actions" (
    id uuid NOT NULL,
    entry uuid NOT NULL,
    seq integer NOT NULL,
    what text,
    who uuid,
    due_on date,
    done_on date,
    CONSTRAINT "holds-21b0b7a19b07ee217580b8d5" CHECK ((char_length(what) <= 500)),
    CONSTRAINT "holds-4eb7961a891935f4d91de173" CHECK ((what IS NOT NULL))
);
CREATE TABLE rows."incidents.hurt" (
    id uuid NOT NULL,
    entry uuid NOT NULL,
    seq integer NOT NULL,
    name text,
    employed boolean,
    body_part text,
    injury text,
    severity text,
    days_lost numeric(15,0),
    treatment text,
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-957ef6ed636aa1a8841902fa" CHECK ((days_lost >= '0'::numeric)),
    CONSTRAINT "holds-a95d34e17d1b5853d6d9d8d7" CHECK ((char_length(treatment) <= 500)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500))
);
CREATE VIEW reading.incidents AS
 SELECT t.id,
    t.number,
    t.title,
    ( SELECT c.label
           FROM choices.incident_kinds c
          WHERE (c.code = t.kind)) AS kind,
    ( SELECT c.label
           FROM choices.incident_causes c
          WHERE (c.code = t.cause)) AS cause,
    t.happened_at,
    t.place,
    t."position",
    ( SELECT l.number
           FROM records.berths l
          WHERE (l.id = t.berth)) AS berth,
    ( SELECT l.name
           FROM records.berths l
          WHERE (l.id = t.berth)) AS berth_title,
    ( SELECT l.number
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat,
    ( SELECT l.name
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat_title,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.owner)) AS owner,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.owner)) AS owner_title,
    t.owner_phone,
    ( SELECT p.name
           FROM iolite.people p
          WHERE (p.id = t.reported_by)) AS reported_by,
    t.what_happened,
    round(( SELECT COALESCE(sum(r1.days_lost), (0)::numeric) AS "coalesce"
           FROM rows."incidents.hurt" r1
          WHERE (r1.entry = t.id)), 0) AS days_lost,
    ( SELECT
                CASE
                    WHEN bool_or(((NOT (r1.employed IS DISTINCT FROM true)) AND (r1.days_lost >= '1'::numeric))) THEN true
                    WHEN bool_or((((NOT (r1.employed IS DISTINCT FROM true)) AND (r1.days_lost >= '1'::numeric)) IS NULL)) THEN NULL::boolean
                    ELSE false
                END AS "case"
           FROM rows."incidents.hurt" r1
          WHERE (r1.entry = t.id)) AS lost_time,
    ( SELECT
                CASE
                    WHEN bool_or(((NOT (r1.employed IS DISTINCT FROM true)) AND (r1.days_lost > '7'::numeric))) THEN true
                    WHEN bool_or((((NOT (r1.employed IS DISTINCT FROM true)) AND (r1.days_lost > '7'::numeric)) IS NULL)) THEN NULL::boolean
                    ELSE false
                END AS "case"
           FROM rows."incidents.hurt" r1
          WHERE (r1.entry = t.id)) AS notifiable,
    ( SELECT c.label
           FROM choices.incident_states c
          WHERE (c.code = t.state)) AS state,
    t.root_cause,
    round(( SELECT (count(*))::numeric AS count
           FROM rows."incidents.actions" r1
          WHERE ((r1.entry = t.id) AND (r1.done_on IS NULL))), 0) AS open_actions,
    t.cost,
    t.photos
   FROM records.incidents t
  WHERE (t.archived_at IS NULL);
CREATE VIEW reading."incidents.actions" AS
 SELECT t.id,
    e.number,
    t.seq,
    t.what,
    ( SELECT p.name
           FROM iolite.people p
          WHERE (p.id = t.who)) AS who,
    t.due_on,
    t.done_on
   FROM (rows."incidents.actions" t
     JOIN records.incidents e ON ((e.id = t.entry)))
  WHERE (e.archived_at IS NULL);
CREATE VIEW reading."incidents.hurt" AS
 SELECT t.id,
    e.number,
    t.seq,
    t.name,
    t.employed,
    ( SELECT c.label
           FROM choices.body_parts c
          WHERE (c.code = t.body_part)) AS body_part,
    ( SELECT c.label
           FROM choices.injury_kinds c
          WHERE (c.code = t.injury)) AS injury,
    ( SELECT c.label
           FROM choices.severities_of_harm c
          WHERE (c.code = t.severity)) AS severity,
    t.days_lost,
    t.treatment
   FROM (rows."incidents.hurt" t
     JOIN records.incidents e ON ((e.id = t.entry)))
  WHERE (e.archived_at IS NULL);
CREATE TABLE rows."incidents.witnesses" (
    id uuid NOT NULL,
    entry uuid NOT NULL,
    seq integer NOT NULL,
    name text,
    phone text,
    statement text,
    CONSTRAINT "holds-0463cb4a22e65c8d213472ee" CHECK ((phone ~ '^[+][0-9]{4,17}'::text)),
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500))
);
CREATE VIEW reading."incidents.witnesses" AS
 SELECT t.id,
    e.number,
    t.seq,
    t.name,
    t.phone,
    t.statement
   FROM (rows."incidents.witnesses" t
     JOIN records.incidents e ON ((e.id = t.entry)))
  WHERE (e.archived_at IS NULL);
CREATE VIEW reading.invoices AS
 SELECT t.id,
    t.number,
    t.subject,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.client)) AS client,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.client)) AS client_title,
    ( SELECT l.number
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat,
    ( SELECT l.name
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat_title,
    t.invoice_number,
    t.issued_on,
    t.due_on,
    ( SELECT c.label
           FROM choices.invoice_states c
          WHERE (c.code = t.state)) AS state,
    round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE (r1.entry = t.id)), 2) AS net,
    round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE ((r1.entry = t.id) AND (r1.vat_rate = 'standard'::text))), 2) AS net_standard,
    round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE ((r1.entry = t.id) AND (r1.vat_rate = 'standard'::text))), 2) * 0.2), 2) AS vat_standard,
    round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE ((r1.entry = t.id) AND (r1.vat_rate = 'reduced'::text))), 2) AS net_reduced,
    round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE ((r1.entry = t.id) AND (r1.vat_rate = 'reduced'::text))), 2) * 0.05), 2) AS vat_reduced,
    round((round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE ((r1.entry = t.id) AND (r1.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r2
          WHERE ((r2.entry = t.id) AND (r2.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2) AS vat,
    round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r1
          WHERE (r1.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r2
          WHERE ((r2.entry = t.id) AND (r2.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r3.net), (0)::numeric) AS "coalesce"
           FROM rows."invoices.lines" r3
          WHERE ((r3.entry = t.id) AND (r3.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) AS gross,
    round(( SELECT COALESCE(sum(r1.amount), (0)::numeric) AS "coalesce"
           FROM rows."invoices.payments" r1
          WHERE (r1.entry = t.id)), 2) AS paid,
    round(
        CASE
            WHEN (t.state = 'credited'::text) THEN '0'::numeric
            ELSE (round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
               FROM rows."invoices.lines" r1
              WHERE (r1.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
               FROM rows."invoices.lines" r2
              WHERE ((r2.entry = t.id) AND (r2.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r3.net), (0)::numeric) AS "coalesce"
               FROM rows."invoices.lines" r3
              WHERE ((r3.entry = t.id) AND (r3.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r4.amount), (0)::numeric) AS "coalesce"
               FROM rows."invoices.payments" r4
              WHERE (r4.entry = t.id)), 2))
        END, 2) AS balance,
    round(
        CASE
            WHEN ((t.state = ANY (ARRAY['issued'::text, 'part_paid'::text])) AND (round(
            CASE
                WHEN (t.state = 'credited'::text) THEN '0'::numeric
                ELSE (round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
                   FROM rows."invoices.lines" r1
                  WHERE (r1.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
                   FROM rows."invoices.lines" r2
                  WHERE ((r2.entry = t.id) AND (r2.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r3.net), (0)::numeric) AS "coalesce"
                   FROM rows."invoices.lines" r3
                  WHERE ((r3.entry = t.id) AND (r3.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r4.amount), (0)::numeric) AS "coalesce"
                   FROM rows."invoices.payments" r4
                  WHERE (r4.entry = t.id)), 2))
            END, 2) > '0'::numeric) AND (t.due_on < ((now() AT TIME ZONE 'Europe/London'::text))::date)) THEN trunc(((((((now() AT TIME ZONE 'Europe/London'::text))::date - t.due_on))::numeric * (86400000)::numeric) / (86400000)::numeric))
            ELSE '0'::numeric
        END, 0) AS days_late,
        CASE
            WHEN (t.state = 'draft'::text) THEN 'not issued'::text
            ELSE
            CASE
                WHEN (round(
                CASE
                    WHEN (t.state = 'credited'::text) THEN '0'::numeric
                    ELSE (round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r1
                      WHERE (r1.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r2.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r2
                      WHERE ((r2.entry = t.id) AND (r2.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r3.net), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.lines" r3
                      WHERE ((r3.entry = t.id) AND (r3.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r4.amount), (0)::numeric) AS "coalesce"
                       FROM rows."invoices.payments" r4
                      WHERE (r4.entry = t.id)), 2))
                END, 2) <= '0'::numeric) THEN 'settled'::text
                ELSE
                CASE
                    WHEN (round(
                    CASE
                        WHEN ((t.state = ANY (ARRAY['issued'::text, 'part_paid'::text])) AND (round(
                        CASE
                            WHEN (t.state = 'credited'::text) THEN '0'::numeric
                            ELSE (round((round(( SELECT COALESCE(sum(r5.net), (0)::numeric) AS "coalesce"
                               FROM rows."invoices.lines" r5
                              WHERE (r5.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r6.net), (0)::numeric) AS "coalesce"
                               FROM rows."invoices.lines" r6
                              WHERE ((r6.entry = t.id) AND (r6.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r7.net), (0)::numeric) AS "coalesce"
                               FROM rows."invoices.lines" r7
                              WHERE ((r7.entry = t.id) AND (r7.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r8.amount), (0)::numeric) AS "coalesce"
                               FROM rows."invoices.payments" r8
                              WHERE (r8.entry = t.id)), 2))
                        END, 2) > '0'::numeric) AND (t.due_on < ((now() AT TIME ZONE 'Europe/London'::text))::date)) THEN trunc(((((((now() AT TIME ZONE 'Europe/London'::text))::date - t.due_on))::numeric * (86400000)::numeric) / (86400000)::numeric))
                        ELSE '0'::numeric
                    END, 0) <= '0'::numeric) THEN 'not due'::text
                    ELSE
                    CASE
                        WHEN (round(
                        CASE
                            WHEN ((t.state = ANY (ARRAY['issued'::text, 'part_paid'::text])) AND (round(
                            CASE
                                WHEN (t.state = 'credited'::text) THEN '0'::numeric
                                ELSE (round((round(( SELECT COALESCE(sum(r9.net), (0)::numeric) AS "coalesce"
                                   FROM rows."invoices.lines" r9
                                  WHERE (r9.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r10.net), (0)::numeric) AS "coalesce"
                                   FROM rows."invoices.lines" r10
                                  WHERE ((r10.entry = t.id) AND (r10.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r11.net), (0)::numeric) AS "coalesce"
                                   FROM rows."invoices.lines" r11
                                  WHERE ((r11.entry = t.id) AND (r11.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r12.amount), (0)::numeric) AS "coalesce"
                                   FROM rows."invoices.payments" r12
                                  WHERE (r12.entry = t.id)), 2))
                            END, 2) > '0'::numeric) AND (t.due_on < ((now() AT TIME ZONE 'Europe/London'::text))::date)) THEN trunc(((((((now() AT TIME ZONE 'Europe/London'::text))::date - t.due_on))::numeric * (86400000)::numeric) / (86400000)::numeric))
                            ELSE '0'::numeric
                        END, 0) <= '30'::numeric) THEN '1 to 30 days'::text
                        ELSE
                        CASE
                            WHEN (round(
                            CASE
                                WHEN ((t.state = ANY (ARRAY['issued'::text, 'part_paid'::text])) AND (round(
                                CASE
                                    WHEN (t.state = 'credited'::text) THEN '0'::numeric
                                    ELSE (round((round(( SELECT COALESCE(sum(r13.net), (0)::numeric) AS "coalesce"
                                       FROM rows."invoices.lines" r13
                                      WHERE (r13.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r14.net), (0)::numeric) AS "coalesce"
                                       FROM rows."invoices.lines" r14
                                      WHERE ((r14.entry = t.id) AND (r14.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r15.net), (0)::numeric) AS "coalesce"
                                       FROM rows."invoices.lines" r15
                                      WHERE ((r15.entry = t.id) AND (r15.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r16.amount), (0)::numeric) AS "coalesce"
                                       FROM rows."invoices.payments" r16
                                      WHERE (r16.entry = t.id)), 2))
                                END, 2) > '0'::numeric) AND (t.due_on < ((now() AT TIME ZONE 'Europe/London'::text))::date)) THEN trunc(((((((now() AT TIME ZONE 'Europe/London'::text))::date - t.due_on))::numeric * (86400000)::numeric) / (86400000)::numeric))
                                ELSE '0'::numeric
                            END, 0) <= '60'::numeric) THEN '31 to 60 days'::text
                            ELSE
                            CASE
                                WHEN (round(
                                CASE
                                    WHEN ((t.state = ANY (ARRAY['issued'::text, 'part_paid'::text])) AND (round(
                                    CASE
WHEN (t.state = 'credited'::text) THEN '0'::numeric
ELSE (round((round(( SELECT COALESCE(sum(r17.net), (0)::numeric) AS "coalesce"
   FROM rows."invoices.lines" r17
  WHERE (r17.entry = t.id)), 2) + round((round((round(( SELECT COALESCE(sum(r18.net), (0)::numeric) AS "coalesce"
   FROM rows."invoices.lines" r18
  WHERE ((r18.entry = t.id) AND (r18.vat_rate = 'standard'::text))), 2) * 0.2), 2) + round((round(( SELECT COALESCE(sum(r19.net), (0)::numeric) AS "coalesce"
   FROM rows."invoices.lines" r19
  WHERE ((r19.entry = t.id) AND (r19.vat_rate = 'reduced'::text))), 2) * 0.05), 2)), 2)), 2) - round(( SELECT COALESCE(sum(r20.amount), (0)::numeric) AS "coalesce"
   FROM rows."invoices.payments" r20
  WHERE (r20.entry = t.id)), 2))
                                    END, 2) > '0'::numeric) AND (t.due_on < ((now() AT TIME ZONE 'Europe/London'::text))::date)) THEN trunc(((((((now() AT TIME ZONE 'Europe/London'::text))::date - t.due_on))::numeric * (86400000)::numeric) / (86400000)::numeric))
                                    ELSE '0'::numeric
                                END, 0) <= '90'::numeric) THEN '61 to 90 days'::text
                                ELSE 'over 90 days'::text
                            END
                        END
                    END
                END
            END
        END AS age_band,
    t.papers
   FROM records.invoices t
  WHERE (t.archived_at IS NULL);
CREATE TABLE records.stock (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    name text,
    code text,
    "group" text,
    unit text,
    bar_code text,
    shelf text,
    sale_price numeric(17,2),
    cost_price numeric(17,2),
    vat_rate text,
    counted boolean,
    reorder_point numeric(17,2),
    reorder_quantity numeric(17,2),
    fits uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    picture uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    supplier uuid,
    margin numeric(18,3) GENERATED ALWAYS AS (round(
CASE
    WHEN (sale_price > '0'::numeric) THEN iolite.divide34((sale_price - cost_price), sale_price)
    ELSE NULL::numeric
END, 3)) STORED,
    "one-c060290cb9d4c0a4f2d18e47" text,
    CONSTRAINT "holds-45ced36f266552c022396482" CHECK ((name IS NOT NULL)),
    CONSTRAINT "holds-4e1c32d88533e7f26fe13672" CHECK ((code IS NOT NULL)),
    CONSTRAINT "holds-9854057f1618c75f989cb5b6" CHECK ((sale_price >= '0'::numeric)),
    CONSTRAINT "holds-ccd0cda4afee65b36b5ee5bb" CHECK ((char_length(name) <= 500)),
    CONSTRAINT "holds-ce0c6aa94199b11551825ca3" CHECK ((char_length(shelf) <= 500)),
    CONSTRAINT "holds-e1e0c5eb240f76c5d1d50b4e" CHECK ((((reorder_quantity IS NULL) OR (reorder_quantity > '0'::numeric)) IS NOT FALSE)),
    CONSTRAINT "holds-fa2376bc6aa1f7a956a9a372" CHECK ((reorder_point >= '0'::numeric)),
    CONSTRAINT "holds-fc814fb44ecaee549cf61a13" CHECK ((reorder_quantity >= '0'::numeric)),
    CONSTRAINT "holds-febba4c2796009f545114aa2" CHECK ((cost_price >= '0'::numeric))
);
COMMENT ON COLUMN records.stock.margin IS '627ae3c7d38651da0778e747';
CREATE VIEW reading."invoices.lines" AS
 SELECT t.id,
    e.number,
    t.seq,
    ( SELECT l.number
           FROM records.stock l
          WHERE (l.id = t.stock)) AS stock,
    ( SELECT l.name
           FROM records.stock l
          WHERE (l.id = t.stock)) AS stock_title,
    t.what,
    t.quantity,
    t.unit_price,
    ( SELECT c.label
           FROM choices.vat_rates c
          WHERE (c.code = t.vat_rate)) AS vat_rate,
    t.net
   FROM (rows."invoices.lines" t
     JOIN records.invoices e ON ((e.id = t.entry)))
  WHERE (e.archived_at IS NULL);
CREATE VIEW reading."invoices.payments" AS
 SELECT t.id,
    e.number,
    t.seq,
    t.paid_on,
    t.amount,
    ( SELECT c.label
           FROM choices.payment_methods c
          WHERE (c.code = t.method)) AS method,
    t.reference
   FROM (rows."invoices.payments" t
     JOIN records.invoices e ON ((e.id = t.entry)))
  WHERE (e.archived_at IS NULL);
CREATE TABLE records.movements (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    what text,
    kind text,
    moved_on date,
    quantity numeric(17,2),
    unit_cost numeric(17,2),
    done_by uuid,
    stock uuid,
    purchase uuid,
    invoice uuid,
    CONSTRAINT "holds-21b0b7a19b07ee217580b8d5" CHECK ((char_length(what) <= 500)),
    CONSTRAINT "holds-406b64dce2a182e840697fa9" CHECK ((quantity IS NOT NULL)),
    CONSTRAINT "holds-4eb7961a891935f4d91de173" CHECK ((what IS NOT NULL)),
    CONSTRAINT "holds-57f569faf778a1c3513aba59" CHECK ((unit_cost >= '0'::numeric)),
    CONSTRAINT "holds-5eefe2749f680bbaa7f79e25" CHECK ((kind IS NOT NULL)),
    CONSTRAINT "holds-6d9ae929a5cd7336f70f2edc" CHECK ((quantity >= '0'::numeric)),
    CONSTRAINT "holds-7fd3ee7c91406e1416830dda" CHECK ((moved_on IS NOT NULL)),
    CONSTRAINT "holds-d006befbb997b03833e7b8cc" CHECK ((stock IS NOT NULL))
);
CREATE TABLE records.purchases (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    what_for text,
    requested_by uuid,
    requested_on date,
    needed_by date,
    cost_centre text,
    state text,
    approved_amount numeric(17,2),
    approved_by_accounts boolean,
    quotes uuid[] DEFAULT '{}'::uuid[] NOT NULL,
    supplier uuid,
    CONSTRAINT "holds-0bea2ea10d6a32f56f6bb18c" CHECK ((what_for IS NOT NULL)),
    CONSTRAINT "holds-498073cfcaf2936453225907" CHECK ((requested_on IS NOT NULL)),
    CONSTRAINT "holds-748b2b5ce86450b078ba8d36" CHECK ((char_length(what_for) <= 500)),
    CONSTRAINT "holds-82f8f3014a27389d94b22b96" CHECK ((((needed_by IS NULL) OR (requested_on IS NULL) OR (needed_by >= requested_on)) IS NOT FALSE)),
    CONSTRAINT "holds-aa2ed342971bde0e01327be8" CHECK ((state IS NOT NULL))
);
CREATE VIEW reading.movements AS
 SELECT t.id,
    t.number,
    t.what,
    ( SELECT l.number
           FROM records.stock l
          WHERE (l.id = t.stock)) AS stock,
    ( SELECT l.name
           FROM records.stock l
          WHERE (l.id = t.stock)) AS stock_title,
    ( SELECT c.label
           FROM choices.movement_kinds c
          WHERE (c.code = t.kind)) AS kind,
    t.moved_on,
    t.quantity,
    round(iolite.round34((t.quantity * ( SELECT c1.sign
           FROM choices.movement_kinds c1
          WHERE (c1.code = t.kind)))), 2) AS signed,
    t.unit_cost,
    round(iolite.round34((round(iolite.round34((t.quantity * ( SELECT c1.sign
           FROM choices.movement_kinds c1
          WHERE (c1.code = t.kind)))), 2) * t.unit_cost)), 2) AS value,
    ( SELECT l.number
           FROM records.purchases l
          WHERE (l.id = t.purchase)) AS purchase,
    ( SELECT l.what_for
           FROM records.purchases l
          WHERE (l.id = t.purchase)) AS purchase_title,
    ( SELECT l.number
           FROM records.invoices l
          WHERE (l.id = t.invoice)) AS invoice,
    ( SELECT l.subject
           FROM records.invoices l
          WHERE (l.id = t.invoice)) AS invoice_title,
    ( SELECT p.name
           FROM iolite.people p
          WHERE (p.id = t.done_by)) AS done_by
   FROM records.movements t
  WHERE (t.archived_at IS NULL);
CREATE TABLE records.near_misses (
    id uuid NOT NULL,
    seq integer NOT NULL,
    number text NOT NULL,
    version integer DEFAULT 1 NOT NULL,
    created_at timestamp(3) with time zone NOT NULL,
    created_by uuid NOT NULL,
    updated_at timestamp(3) with time zone NOT NULL,
    updated_by uuid NOT NULL,
    archived_at timestamp(3) with time zone,
    find_text text NOT NULL,
    find_title text NOT NULL,
    title text,
    "when" timestamp(3) with time zone,
    severity text,
    cost numeric(17,2),
    what_happened text,
    "-01a2258c-dee6-7672-844e-21b00eac97f8" uuid,
    boat uuid,
    owner uuid,
    CONSTRAINT "holds-7907e364f4df3fada5bfc882" CHECK ((char_length(title) <= 500))
);
CREATE VIEW reading.near_misses AS
 SELECT t.id,
    t.number,
    t.title,
    t."when",
    ( SELECT l.number
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat,
    ( SELECT l.name
           FROM records.boats l
          WHERE (l.id = t.boat)) AS boat_title,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.owner)) AS owner,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.owner)) AS owner_title,
    ( SELECT c.label
           FROM choices.severities c
          WHERE (c.code = t.severity)) AS severity,
    t.cost,
    t.what_happened
   FROM records.near_misses t
  WHERE (t.archived_at IS NULL);
CREATE TABLE rows."purchases.lines" (
    id uuid NOT NULL,
    entry uuid NOT NULL,
    seq integer NOT NULL,
    stock uuid,
    what text,
    quantity numeric(17,2),
    unit_price numeric(17,2),
    vat_rate text,
    net numeric(17,2) GENERATED ALWAYS AS (round(iolite.round34((quantity * unit_price)), 2)) STORED,
    CONSTRAINT "holds-1875517573f80c9f36224fcc" CHECK ((unit_price IS NOT NULL)),
    CONSTRAINT "holds-21b0b7a19b07ee217580b8d5" CHECK ((char_length(what) <= 500)),
    CONSTRAINT "holds-406b64dce2a182e840697fa9" CHECK ((quantity IS NOT NULL)),
    CONSTRAINT "holds-4eb7961a891935f4d91de173" CHECK ((what IS NOT NULL)),
    CONSTRAINT "holds-63a735b54b849da0f3669976" CHECK ((unit_price >= '0'::numeric)),
    CONSTRAINT "holds-6d9ae929a5cd7336f70f2edc" CHECK ((quantity >= '0'::numeric))
);
COMMENT ON COLUMN rows."purchases.lines".net IS '8bf1db11ad74631b0d33461c';
CREATE VIEW reading.purchases AS
 SELECT t.id,
    t.number,
    t.what_for,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.supplier)) AS supplier,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.supplier)) AS supplier_title,
    ( SELECT p.name
           FROM iolite.people p
          WHERE (p.id = t.requested_by)) AS requested_by,
    t.requested_on,
    t.needed_by,
    ( SELECT c.label
           FROM choices.cost_centres c
          WHERE (c.code = t.cost_centre)) AS cost_centre,
    ( SELECT c.label
           FROM choices.purchase_states c
          WHERE (c.code = t.state)) AS state,
    round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."purchases.lines" r1
          WHERE (r1.entry = t.id)), 2) AS net,
    round(( SELECT COALESCE(sum(round(iolite.round34((r1.net * ( SELECT c2.percentage
                   FROM choices.vat_rates c2
                  WHERE (c2.code = r1.vat_rate)))), 2)), (0)::numeric) AS "coalesce"
           FROM rows."purchases.lines" r1
          WHERE (r1.entry = t.id)), 2) AS vat,
    round((round(( SELECT COALESCE(sum(r1.net), (0)::numeric) AS "coalesce"
           FROM rows."purchases.lines" r1
          WHERE (r1.entry = t.id)), 2) + round(( SELECT COALESCE(sum(round(iolite.round34((r2.net * ( SELECT c3.percentage
                   FROM choices.vat_rates c3
                  WHERE (c3.code = r2.vat_rate)))), 2)), (0)::numeric) AS "coalesce"
           FROM rows."purchases.lines" r2
          WHERE (r2.entry = t.id)), 2)), 2) AS gross,
    round(( SELECT COALESCE(sum(round(iolite.round34((round(iolite.round34((r1.quantity * ( SELECT c2.sign
                   FROM choices.movement_kinds c2
                  WHERE (c2.code = r1.kind)))), 2) * r1.unit_cost)), 2)), (0)::numeric) AS "coalesce"
           FROM records.movements r1
          WHERE ((r1.purchase = t.id) AND (r1.archived_at IS NULL))), 2) AS received_value,
    t.approved_amount,
    t.approved_by_accounts,
    t.quotes
   FROM records.purchases t
  WHERE (t.archived_at IS NULL);
CREATE VIEW reading."purchases.lines" AS
 SELECT t.id,
    e.number,
    t.seq,
    ( SELECT l.number
           FROM records.stock l
          WHERE (l.id = t.stock)) AS stock,
    ( SELECT l.name
           FROM records.stock l
          WHERE (l.id = t.stock)) AS stock_title,
    t.what,
    t.quantity,
    t.unit_price,
    ( SELECT c.label
           FROM choices.vat_rates c
          WHERE (c.code = t.vat_rate)) AS vat_rate,
    t.net,
    round(iolite.round34((t.net * ( SELECT c1.percentage
           FROM choices.vat_rates c1
          WHERE (c1.code = t.vat_rate)))), 2) AS vat
   FROM (rows."purchases.lines" t
     JOIN records.purchases e ON ((e.id = t.entry)))
  WHERE (e.archived_at IS NULL);
CREATE VIEW reading.stock AS
 SELECT t.id,
    t.number,
    t.name,
    t.code,
    ( SELECT c.label
           FROM choices.stock_groups c
          WHERE (c.code = t."group")) AS "group",
    ( SELECT c.label
           FROM choices.units c
          WHERE (c.code = t.unit)) AS unit,
    t.bar_code,
    t.shelf,
    t.sale_price,
    t.cost_price,
    ( SELECT c.label
           FROM choices.vat_rates c
          WHERE (c.code = t.vat_rate)) AS vat_rate,
    t.margin,
    t.counted,
    round(( SELECT COALESCE(sum(round(iolite.round34((r1.quantity * ( SELECT c2.sign
                   FROM choices.movement_kinds c2
                  WHERE (c2.code = r1.kind)))), 2)), (0)::numeric) AS "coalesce"
           FROM records.movements r1
          WHERE ((r1.stock = t.id) AND (r1.archived_at IS NULL))), 2) AS on_hand,
    t.reorder_point,
    t.reorder_quantity,
    ((NOT (t.counted IS DISTINCT FROM true)) AND (t.reorder_point IS NOT NULL) AND (round(( SELECT COALESCE(sum(round(iolite.round34((r1.quantity * ( SELECT c2.sign
                   FROM choices.movement_kinds c2
                  WHERE (c2.code = r1.kind)))), 2)), (0)::numeric) AS "coalesce"
           FROM records.movements r1
          WHERE ((r1.stock = t.id) AND (r1.archived_at IS NULL))), 2) < t.reorder_point)) AS to_reorder,
    round(iolite.round34((round(( SELECT COALESCE(sum(round(iolite.round34((r1.quantity * ( SELECT c2.sign
                   FROM choices.movement_kinds c2
                  WHERE (c2.code = r1.kind)))), 2)), (0)::numeric) AS "coalesce"
           FROM records.movements r1
          WHERE ((r1.stock = t.id) AND (r1.archived_at IS NULL))), 2) * t.cost_price)), 2) AS value_on_hand,
    ( SELECT l.number
           FROM records.clients l
          WHERE (l.id = t.supplier)) AS supplier,
    ( SELECT l.name
           FROM records.clients l
          WHERE (l.id = t.supplier)) AS supplier_title,
    ARRAY( SELECT l.number
           FROM records.stock l
          WHERE (l.id = ANY (t.fits))
          ORDER BY l.seq) AS fits,
    t.picture
   FROM records.stock t
  WHERE (t.archived_at IS NULL);
ALTER TABLE ONLY drizzle.__drizzle_migrations ALTER COLUMN id SET DEFAULT nextval('drizzle.__drizzle_migrations_id_seq'::regclass);
ALTER TABLE ONLY iolite.decisions ALTER COLUMN id SET DEFAULT nextval('iolite.decisions_id_seq'::regclass);
ALTER TABLE ONLY iolite.history ALTER COLUMN id SET DEFAULT nextval('iolite.history_id_seq'::regclass);
ALTER TABLE ONLY iolite.sign_off_events ALTER COLUMN id SET DEFAULT nextval('iolite.sign_off_events_id_seq'::regclass);
ALTER TABLE ONLY iolite.workspace_history ALTER COLUMN id SET DEFAULT nextval('iolite.workspace_history_id_seq'::regclass);
INSERT INTO choices.appeal_states VALUES ('planned', 'Planned', 0, false, 'plain', NULL, NULL);
INSERT INTO choices.appeal_states VALUES ('running', 'Running', 1, false, 'haze', NULL, NULL);
INSERT INTO choices.appeal_states VALUES ('reached', 'Target reached', 2, false, 'kelp', NULL, NULL);
INSERT INTO choices.appeal_states VALUES ('closed', 'Closed', 3, false, 'plain', NULL, NULL);
INSERT INTO choices.berth_services VALUES ('water', 'Water', 0, false, NULL, NULL, NULL);
INSERT INTO choices.berth_services VALUES ('power', 'Shore power', 1, false, NULL, NULL, NULL);
INSERT INTO choices.berth_services VALUES ('fuel', 'Fuel', 2, false, NULL, NULL, NULL);
INSERT INTO choices.berth_services VALUES ('wifi', 'Wi-Fi', 3, false, NULL, NULL, NULL);
INSERT INTO choices.berth_services VALUES ('lift', 'Near the lift', 4, false, NULL, NULL, NULL);
INSERT INTO choices.boat_states VALUES ('afloat', 'Afloat', 0, false, NULL, NULL, NULL);
INSERT INTO choices.boat_states VALUES ('ashore', 'Ashore', 1, false, NULL, NULL, NULL);
INSERT INTO choices.boat_states VALUES ('away', 'Away', 2, false, NULL, NULL, NULL);
INSERT INTO choices.boat_states VALUES ('sold', 'Sold', 3, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('head', 'Head', 0, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('eye', 'Eye', 1, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('hand', 'Hand or finger', 2, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('arm', 'Arm', 3, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('back', 'Back', 4, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('leg', 'Leg', 5, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('foot', 'Foot', 6, false, NULL, NULL, NULL);
INSERT INTO choices.body_parts VALUES ('other', 'Other', 7, false, NULL, NULL, NULL);
INSERT INTO choices.client_kinds VALUES ('private', 'Private', 0, false, NULL, NULL, NULL);
INSERT INTO choices.client_kinds VALUES ('firm', 'Firm', 1, false, NULL, NULL, NULL);
INSERT INTO choices.client_kinds VALUES ('club', 'Club', 2, false, NULL, NULL, NULL);
INSERT INTO choices.client_kinds VALUES ('school', 'School', 3, false, NULL, NULL, NULL);
INSERT INTO choices.cost_centres VALUES ('yard', 'Yard', 0, false, NULL, NULL, NULL);
INSERT INTO choices.cost_centres VALUES ('chandlery', 'Chandlery', 1, false, NULL, NULL, NULL);
INSERT INTO choices.cost_centres VALUES ('office', 'Office', 2, false, NULL, NULL, NULL);
INSERT INTO choices.cost_centres VALUES ('restoration', 'Restoration', 3, false, NULL, NULL, NULL);
INSERT INTO choices.cost_centres VALUES ('moorings', 'Moorings', 4, false, NULL, NULL, NULL);
INSERT INTO choices.donation_kinds VALUES ('single', 'Single gift', 0, false, NULL, NULL, NULL);
INSERT INTO choices.donation_kinds VALUES ('regular', 'Regular gift', 1, false, NULL, NULL, NULL);
INSERT INTO choices.donation_kinds VALUES ('in_memory', 'In memory', 2, false, NULL, NULL, NULL);
INSERT INTO choices.donation_kinds VALUES ('grant', 'Grant', 3, false, NULL, NULL, NULL);
INSERT INTO choices.donation_kinds VALUES ('in_kind', 'Gift in kind', 4, false, NULL, NULL, NULL);
INSERT INTO choices.hull_kinds VALUES ('sail', 'Sail', 0, false, NULL, NULL, NULL);
INSERT INTO choices.hull_kinds VALUES ('motor', 'Motor', 1, false, NULL, NULL, NULL);
INSERT INTO choices.hull_kinds VALUES ('rowing', 'Rowing', 2, false, NULL, NULL, NULL);
INSERT INTO choices.hull_kinds VALUES ('work_boat', 'Work boat', 3, false, NULL, NULL, NULL);
INSERT INTO choices.incident_causes VALUES ('slip', 'Slip or trip', 0, false, NULL, NULL, 'injury');
INSERT INTO choices.incident_causes VALUES ('lifting', 'Lifting or carrying', 1, false, NULL, NULL, 'injury');
INSERT INTO choices.incident_causes VALUES ('struck', 'Struck by something', 2, false, NULL, NULL, 'injury');
INSERT INTO choices.incident_causes VALUES ('height', 'Fall from height', 3, false, NULL, NULL, 'injury');
INSERT INTO choices.incident_causes VALUES ('fumes', 'Fumes or dust', 4, false, NULL, NULL, 'ill_health');
INSERT INTO choices.incident_causes VALUES ('noise', 'Noise', 5, false, NULL, NULL, 'ill_health');
INSERT INTO choices.incident_causes VALUES ('collision', 'Collision', 6, false, NULL, NULL, 'damage');
INSERT INTO choices.incident_causes VALUES ('dropped', 'Dropped load', 7, false, NULL, NULL, 'damage');
INSERT INTO choices.incident_causes VALUES ('fuel', 'Fuel spill', 8, false, NULL, NULL, 'pollution');
INSERT INTO choices.incident_causes VALUES ('rope', 'Rope or gear failed', 9, false, NULL, NULL, 'near_miss');
INSERT INTO choices.incident_causes VALUES ('deck', 'Slippery deck', 10, false, NULL, NULL, 'near_miss');
INSERT INTO choices.incident_kinds VALUES ('injury', 'Injury', 0, false, 'brick', 'bandage', NULL);
INSERT INTO choices.incident_kinds VALUES ('ill_health', 'Work-related ill health', 1, false, 'brick', 'heart', NULL);
INSERT INTO choices.incident_kinds VALUES ('damage', 'Damage to property', 2, false, 'straw', 'hammer', NULL);
INSERT INTO choices.incident_kinds VALUES ('pollution', 'Spill or pollution', 3, false, 'straw', 'droplet', NULL);
INSERT INTO choices.incident_kinds VALUES ('near_miss', 'Near miss', 4, false, 'haze', 'warning', NULL);
INSERT INTO choices.incident_states VALUES ('open', 'Open', 0, false, 'straw', NULL, NULL);
INSERT INTO choices.incident_states VALUES ('actions', 'Actions under way', 1, false, 'haze', NULL, NULL);
INSERT INTO choices.incident_states VALUES ('closed', 'Closed', 2, false, 'kelp', NULL, NULL);
INSERT INTO choices.injury_kinds VALUES ('cut', 'Cut', 0, false, NULL, NULL, NULL);
INSERT INTO choices.injury_kinds VALUES ('bruise', 'Bruise', 1, false, NULL, NULL, NULL);
INSERT INTO choices.injury_kinds VALUES ('sprain', 'Sprain or strain', 2, false, NULL, NULL, NULL);
INSERT INTO choices.injury_kinds VALUES ('fracture', 'Fracture', 3, false, NULL, NULL, NULL);
INSERT INTO choices.injury_kinds VALUES ('burn', 'Burn', 4, false, NULL, NULL, NULL);
INSERT INTO choices.injury_kinds VALUES ('other', 'Other', 5, false, NULL, NULL, NULL);
INSERT INTO choices.invoice_states VALUES ('draft', 'Draft', 0, false, 'plain', NULL, NULL);
INSERT INTO choices.invoice_states VALUES ('issued', 'Issued', 1, false, 'straw', NULL, NULL);
INSERT INTO choices.invoice_states VALUES ('part_paid', 'Part paid', 2, false, 'haze', NULL, NULL);
INSERT INTO choices.invoice_states VALUES ('paid', 'Paid', 3, false, 'kelp', NULL, NULL);
INSERT INTO choices.invoice_states VALUES ('credited', 'Credited', 4, false, 'plain', NULL, NULL);
INSERT INTO choices.movement_kinds VALUES ('receipt', 'Receipt', 0, false, 'kelp', 'box', NULL, 1);
INSERT INTO choices.movement_kinds VALUES ('issue', 'Issue', 1, false, 'haze', 'truck', NULL, -1);
INSERT INTO choices.movement_kinds VALUES ('return', 'Return from customer', 2, false, NULL, NULL, NULL, 1);
INSERT INTO choices.movement_kinds VALUES ('write_off', 'Write-off', 3, false, 'brick', 'stop', NULL, -1);
INSERT INTO choices.movement_kinds VALUES ('count_up', 'Count, found more', 4, false, NULL, NULL, NULL, 1);
INSERT INTO choices.movement_kinds VALUES ('count_down', 'Count, found less', 5, false, NULL, NULL, NULL, -1);
INSERT INTO choices.payment_methods VALUES ('bank', 'Bank transfer', 0, false, NULL, 'banknote', NULL);
INSERT INTO choices.payment_methods VALUES ('card', 'Card', 1, false, NULL, 'credit card', NULL);
INSERT INTO choices.payment_methods VALUES ('cash', 'Cash', 2, false, NULL, 'coins', NULL);
INSERT INTO choices.payment_methods VALUES ('cheque', 'Cheque', 3, true, NULL, NULL, NULL);
INSERT INTO choices.pontoons VALUES ('a_pontoon', 'A pontoon', 0, false, NULL, NULL, NULL);
INSERT INTO choices.pontoons VALUES ('b_pontoon', 'B pontoon', 1, false, NULL, NULL, NULL);
INSERT INTO choices.pontoons VALUES ('c_pontoon', 'C pontoon', 2, false, NULL, NULL, NULL);
INSERT INTO choices.pontoons VALUES ('wall', 'Wall', 3, false, NULL, NULL, NULL);
INSERT INTO choices.purchase_states VALUES ('requested', 'Requested', 0, false, 'straw', 'clock', NULL);
INSERT INTO choices.purchase_states VALUES ('approved', 'Approved', 1, false, 'haze', 'check', NULL);
INSERT INTO choices.purchase_states VALUES ('ordered', 'Ordered', 2, false, 'haze', 'truck', NULL);
INSERT INTO choices.purchase_states VALUES ('received', 'Received', 3, false, 'kelp', 'box', NULL);
INSERT INTO choices.purchase_states VALUES ('cancelled', 'Cancelled', 4, false, 'plain', 'stop', NULL);
INSERT INTO choices.severities VALUES ('scare', 'Scare', 0, false, NULL, NULL, NULL);
INSERT INTO choices.severities VALUES ('damage', 'Damage', 1, false, NULL, NULL, NULL);
INSERT INTO choices.severities VALUES ('injury', 'Injury', 2, false, NULL, NULL, NULL);
INSERT INTO choices.severities_of_harm VALUES ('none', 'No harm', 0, false, 'plain', NULL, NULL);
INSERT INTO choices.severities_of_harm VALUES ('first_aid', 'First aid', 1, false, 'haze', NULL, NULL);
INSERT INTO choices.severities_of_harm VALUES ('medical', 'Medical treatment', 2, false, 'straw', NULL, NULL);
INSERT INTO choices.severities_of_harm VALUES ('lost_time', 'Lost time', 3, false, 'brick', NULL, NULL);
INSERT INTO choices.severities_of_harm VALUES ('major', 'Major injury', 4, false, 'brick', NULL, NULL);
INSERT INTO choices.stock_groups VALUES ('rope', 'Rope and cordage', 0, false, NULL, NULL, NULL);
INSERT INTO choices.stock_groups VALUES ('paint', 'Paint and antifoul', 1, false, NULL, NULL, NULL);
INSERT INTO choices.stock_groups VALUES ('engine', 'Engine parts', 2, false, NULL, NULL, NULL);
INSERT INTO choices.stock_groups VALUES ('safety', 'Safety gear', 3, false, NULL, NULL, NULL);
INSERT INTO choices.stock_groups VALUES ('fittings', 'Deck fittings', 4, false, NULL, NULL, NULL);
INSERT INTO choices.stock_groups VALUES ('services', 'Yard services', 5, false, NULL, NULL, NULL);
INSERT INTO choices.units VALUES ('each', 'each', 0, false, NULL, NULL, NULL);
INSERT INTO choices.units VALUES ('metre', 'metre', 1, false, NULL, NULL, NULL);
INSERT INTO choices.units VALUES ('litre', 'litre', 2, false, NULL, NULL, NULL);
INSERT INTO choices.units VALUES ('pair', 'pair', 3, false, NULL, NULL, NULL);
INSERT INTO choices.units VALUES ('hour', 'hour', 4, false, NULL, NULL, NULL);
INSERT INTO choices.vat_rates VALUES ('standard', 'Standard 20 %', 0, false, NULL, NULL, NULL, 0.2000);
INSERT INTO choices.vat_rates VALUES ('reduced', 'Reduced 5 %', 1, false, NULL, NULL, NULL, 0.0500);
INSERT INTO choices.vat_rates VALUES ('zero', 'Zero 0 %', 2, false, NULL, NULL, NULL, 0.0000);
INSERT INTO choices.vat_rates VALUES ('exempt', 'Exempt', 3, false, NULL, NULL, NULL, 0.0000);
INSERT INTO drizzle.__drizzle_migrations VALUES (1, '3fdc43e4b559043448ae5e1a07368f31b64fd075359779d638e8ddb3624080a5', 1795440680206);
INSERT INTO drizzle.__drizzle_migrations VALUES (2, 'd60c7c0cd1076c557e5a1664d44088d21eac4a76fac0b88b4d3a003200a48f2e', 1795450736200);
INSERT INTO drizzle.__drizzle_migrations VALUES (3, '4fcfc441df5b375468a7b9ebd75b3034fa94a8f9e2f5a6d69915555d41eef277', 1795456191394);
INSERT INTO drizzle.__drizzle_migrations VALUES (4, '6f8e0a1f5381a97c64316adebc599f44df07ff57faf283d62517c2f142ca6380', 1795461458981);
INSERT INTO drizzle.__drizzle_migrations VALUES (5, '4e196f44b4050e782e00d172983a6bcbd631009f4ca57c779b1d5c3822960ccf', 1795461460042);
INSERT INTO drizzle.__drizzle_migrations VALUES (6, '2eed63dc9313114eeccea1cc66ddb5beca753f103fcc9bab5e35e27c087e41ce', 1795485048513);
INSERT INTO drizzle.__drizzle_migrations VALUES (7, 'b35204bd87806f7e90c60329e9d30760c6cf67330bc4e4c71d4f8f1bd939ea5c', 1795495048513);
INSERT INTO drizzle.__drizzle_migrations VALUES (8, 'ef565fc1c87ff4922b68b6fec2c1f0e40958fee83d8d80960919678a7ec01e1e', 1795848648765);
INSERT INTO drizzle.__drizzle_migrations VALUES (9, '8f5a014c34c8f377deeef1d1859582bebd636c4eaef08a23b6ac5b7d343ad6b4', 1795849900326);
INSERT INTO drizzle.__drizzle_migrations VALUES (10, 'b9785c24a3f87840d0382edc7e5765282ba22629a304a469adf0aa78d42bd977', 1795861962799);
INSERT INTO drizzle.__drizzle_migrations VALUES (11, 'e5fad75e36dd9c7f14656336b05e195d10c2bbce3e4699f1e7e9b2e964c5263a', 1795873101606);
INSERT INTO drizzle.__drizzle_migrations VALUES (12, '7593ef850ad4e5c9c4313284c942d64970a2bbbaade4108f7e92b2d9632f9ba2', 1795884585861);
INSERT INTO drizzle.__drizzle_migrations VALUES (13, '9b1999827ace1fe00a3f47923d463511c569706b2a8f0c66444839e8157e0542', 1795895218299);
INSERT INTO drizzle.__drizzle_migrations VALUES (14, '085fee48fb459e5dd9051bc4571c597722f3784c905cfc1fc8f776ed29196612', 1795906250992);
INSERT INTO drizzle.__drizzle_migrations VALUES (15, 'c1236c4a6e5313b715e0fd11022200185daa7350bc20b7f001a24979c5f95128', 1795921078934);
INSERT INTO drizzle.__drizzle_migrations VALUES (16, '6eb15c8df4b21678ba968c190505bbad92667d74f46934f1f4599b4fbbbdb203', 1795921081025);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (1, NULL, 1, '{"job":"01a2258c-e0c9-7bbf-b73e-55a7f7d90178"}', 0, '2026-11-29 04:25:19.259845+00', 0, 8, NULL, '2026-11-29 04:25:19.259845+00', '2026-11-29 04:25:19.259845+00', '01a2258c-e0c9-7bbf-b73e-55a7f7d90178', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (2, NULL, 1, '{"job":"01a2258c-e0e8-7b76-88a4-0577d1eb15b2"}', 0, '2026-11-29 04:25:19.325145+00', 0, 8, NULL, '2026-11-29 04:25:19.325145+00', '2026-11-29 04:25:19.325145+00', '01a2258c-e0e8-7b76-88a4-0577d1eb15b2', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (3, NULL, 1, '{"job":"01a2258c-e101-77f8-a5d8-1068f528d781"}', 0, '2026-11-29 04:25:19.34664+00', 0, 8, NULL, '2026-11-29 04:25:19.34664+00', '2026-11-29 04:25:19.34664+00', '01a2258c-e101-77f8-a5d8-1068f528d781', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (4, NULL, 1, '{"job":"01a2258c-e189-79c5-a807-3ec0aaa99b9d"}', 0, '2026-11-29 04:25:19.479606+00', 0, 8, NULL, '2026-11-29 04:25:19.479606+00', '2026-11-29 04:25:19.479606+00', '01a2258c-e189-79c5-a807-3ec0aaa99b9d', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (5, NULL, 1, '{"job":"01a2258c-e493-74a0-8d5f-23a10deb4378"}', 0, '2026-11-29 04:25:20.256911+00', 0, 8, NULL, '2026-11-29 04:25:20.256911+00', '2026-11-29 04:25:20.256911+00', '01a2258c-e493-74a0-8d5f-23a10deb4378', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (6, NULL, 1, '{"job":"01a2258c-e49b-7b09-aebd-279ee5fea821"}', 0, '2026-11-29 04:25:20.256911+00', 0, 8, NULL, '2026-11-29 04:25:20.256911+00', '2026-11-29 04:25:20.256911+00', '01a2258c-e49b-7b09-aebd-279ee5fea821', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_tasks OVERRIDING SYSTEM VALUE VALUES (1, 'iolite');
INSERT INTO graphile_worker.migrations VALUES (1, '2026-11-29 04:25:18.38374+00', true);
INSERT INTO graphile_worker.migrations VALUES (2, '2026-11-29 04:25:18.396535+00', false);
INSERT INTO graphile_worker.migrations VALUES (3, '2026-11-29 04:25:18.401126+00', true);
INSERT INTO graphile_worker.migrations VALUES (4, '2026-11-29 04:25:18.403827+00', false);
INSERT INTO graphile_worker.migrations VALUES (5, '2026-11-29 04:25:18.405792+00', false);
INSERT INTO graphile_worker.migrations VALUES (6, '2026-11-29 04:25:18.408044+00', false);
INSERT INTO graphile_worker.migrations VALUES (7, '2026-11-29 04:25:18.413041+00', false);
INSERT INTO graphile_worker.migrations VALUES (8, '2026-11-29 04:25:18.416736+00', false);
INSERT INTO graphile_worker.migrations VALUES (9, '2026-11-29 04:25:18.421043+00', false);
INSERT INTO graphile_worker.migrations VALUES (10, '2026-11-29 04:25:18.422465+00', false);
INSERT INTO graphile_worker.migrations VALUES (11, '2026-11-29 04:25:18.423312+00', true);
INSERT INTO graphile_worker.migrations VALUES (12, '2026-11-29 04:25:18.454335+00', false);
INSERT INTO graphile_worker.migrations VALUES (13, '2026-11-29 04:25:18.456951+00', true);
INSERT INTO graphile_worker.migrations VALUES (14, '2026-11-29 04:25:18.461119+00', true);
INSERT INTO graphile_worker.migrations VALUES (15, '2026-11-29 04:25:18.463538+00', false);
INSERT INTO graphile_worker.migrations VALUES (16, '2026-11-29 04:25:18.465015+00', true);
INSERT INTO graphile_worker.migrations VALUES (17, '2026-11-29 04:25:18.469348+00', false);
INSERT INTO graphile_worker.migrations VALUES (18, '2026-11-29 04:25:18.47249+00', false);
INSERT INTO graphile_worker.migrations VALUES (19, '2026-11-29 04:25:18.475389+00', true);
INSERT INTO iolite.counters VALUES ('berths', 1);
INSERT INTO iolite.counters VALUES ('stock', 1);
INSERT INTO iolite.counters VALUES ('movements', 1);
INSERT INTO iolite.counters VALUES ('incidents', 1);
INSERT INTO iolite.counters VALUES ('appeals', 1);
INSERT INTO iolite.counters VALUES ('donations', 1);
INSERT INTO iolite.counters VALUES ('purchases', 1);
INSERT INTO iolite.counters VALUES ('clients', 3);
INSERT INTO iolite.counters VALUES ('boats', 3);
INSERT INTO iolite.counters VALUES ('near_misses', 5);
INSERT INTO iolite.counters VALUES ('invoices', 2);
INSERT INTO iolite.decisions VALUES (1, '01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', 1, 0, '01a2258c-dc41-7ecf-8033-6456d1b5e920', 'send_back', 'Seen on the pontoon.', 1, '2026-11-29 04:25:19.48+00', '01a2258c-dc41-7ecf-8033-6456d1b5e920', '[]', '01a2258c-dffd-7393-b785-a154faaf109c', 1, '2026-11-29 04:25:19.325+00', NULL);
INSERT INTO iolite.decisions VALUES (2, '01a2258c-e0f3-7fc0-9345-342ee7530715', 1, 0, '01a2258c-dc41-7ecf-8033-6456d1b5e920', 'approve', 'Seen on the pontoon.', 1, '2026-11-29 04:25:19.545+00', '01a2258c-dc41-7ecf-8033-6456d1b5e920', '[]', '01a2258c-dffd-7393-b785-a154faaf109c', 1, '2026-11-29 04:25:19.347+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'client_kinds', 1, 'published', 1, '{"id": "01a2258c-d7c0-73de-8cb7-0e0357062d40", "key": "client_kinds", "label": "Client kinds", "choices": [{"id": "01a2258c-d7bf-7071-a827-36f07b8bb94d", "code": "private", "label": "Private"}, {"id": "01a2258c-d7c0-74ae-906a-94183c803236", "code": "firm", "label": "Firm"}, {"id": "01a2258c-d7c0-7b09-a095-9af6b056d2a3", "code": "club", "label": "Club"}, {"id": "01a2258c-d7c0-721a-a96b-055a072eb023", "code": "school", "label": "School"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'hull_kinds', 1, 'published', 2, '{"id": "01a2258c-d7c0-7a2d-960e-cc759cb38188", "key": "hull_kinds", "label": "Hull kinds", "choices": [{"id": "01a2258c-d7c0-7d7c-9b69-69079eccd21a", "code": "sail", "label": "Sail"}, {"id": "01a2258c-d7c0-7b73-8a4d-20871cf817fd", "code": "motor", "label": "Motor"}, {"id": "01a2258c-d7c0-75ea-b841-b2f0f6edfb69", "code": "rowing", "label": "Rowing"}, {"id": "01a2258c-d7c0-7c39-a758-8de135492ba9", "code": "work_boat", "label": "Work boat"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'boat_states', 1, 'published', 3, '{"id": "01a2258c-d7c0-7cd1-b7bf-7bc7a0bcf0b9", "key": "boat_states", "label": "Boat states", "choices": [{"id": "01a2258c-d7c0-741b-b236-12b62657f786", "code": "afloat", "label": "Afloat"}, {"id": "01a2258c-d7c0-7ad3-bb31-eb47cf50aa55", "code": "ashore", "label": "Ashore"}, {"id": "01a2258c-d7c0-7473-8bde-48c1475ba188", "code": "away", "label": "Away"}, {"id": "01a2258c-d7c0-7986-9a28-e600c30038e7", "code": "sold", "label": "Sold"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'pontoons', 1, 'published', 4, '{"id": "01a2258c-d7c0-7da2-ae78-b73cb9a8fbd9", "key": "pontoons", "label": "Pontoons", "choices": [{"id": "01a2258c-d7c0-76cd-8a03-4eecb08f46de", "code": "a_pontoon", "label": "A pontoon"}, {"id": "01a2258c-d7c0-7855-9b74-17e61d802a4d", "code": "b_pontoon", "label": "B pontoon"}, {"id": "01a2258c-d7c0-7ed4-b7a9-07addb0c5a2c", "code": "c_pontoon", "label": "C pontoon"}, {"id": "01a2258c-d7c0-709e-9735-5c06e2781c3b", "code": "wall", "label": "Wall"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'invoice_states', 1, 'published', 5, '{"id": "01a2258c-d7c1-71be-b362-1e266390eb36", "key": "invoice_states", "label": "Invoice states", "choices": [{"id": "01a2258c-d7c1-7734-9407-abda92cfb32a", "code": "draft", "label": "Draft", "colour": "plain"}, {"id": "01a2258c-d7c1-72ff-a296-10c8a568b030", "code": "issued", "label": "Issued", "colour": "straw"}, {"id": "01a2258c-d7c1-7909-b247-cc0ee2cdecb3", "code": "part_paid", "label": "Part paid", "colour": "haze"}, {"id": "01a2258c-d7c1-7e64-a668-892be3113f35", "code": "paid", "label": "Paid", "colour": "kelp"}, {"id": "01a2258c-d7c1-74ca-912c-621b98f75685", "code": "credited", "label": "Credited", "colour": "plain"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'vat_rates', 1, 'published', 6, '{"id": "01a2258c-d7c1-79cc-9d7d-512944b9e1ca", "key": "vat_rates", "label": "VAT rates", "choices": [{"id": "01a2258c-d7c1-7056-8baa-7655076f23c4", "code": "standard", "extra": {"percentage": "0.2"}, "label": "Standard 20 %"}, {"id": "01a2258c-d7c1-7050-8d52-56b2beb2c721", "code": "reduced", "extra": {"percentage": "0.05"}, "label": "Reduced 5 %"}, {"id": "01a2258c-d7c1-7cd2-8802-c72c1bb37c64", "code": "zero", "extra": {"percentage": "0"}, "label": "Zero 0 %"}, {"id": "01a2258c-d7c1-7250-a316-3d9de838e2f0", "code": "exempt", "extra": {"percentage": "0"}, "label": "Exempt"}], "columns": [{"key": "percentage", "type": {"kind": "percent", "decimals": 2}, "label": "Percentage"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'payment_methods', 1, 'published', 7, '{"id": "01a2258c-d7c1-7ba1-8391-88b2e22eb420", "key": "payment_methods", "label": "Payment methods", "choices": [{"id": "01a2258c-d7c1-7a6a-bd8e-f9ac17ea483c", "code": "bank", "icon": "banknote", "label": "Bank transfer"}, {"id": "01a2258c-d7c1-7f1d-b41a-26e406348b66", "code": "card", "icon": "credit card", "label": "Card"}, {"id": "01a2258c-d7c1-7496-a406-896c45ee0330", "code": "cash", "icon": "coins", "label": "Cash"}, {"id": "01a2258c-d7c1-72d1-bf5c-8edea1f70f9e", "code": "cheque", "label": "Cheque", "retired": true}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'stock_groups', 1, 'published', 8, '{"id": "01a2258c-d7c1-7d8c-af2c-25f1e85036a8", "key": "stock_groups", "label": "Stock groups", "choices": [{"id": "01a2258c-d7c1-7acd-aeb6-a7a242bfe1f4", "code": "rope", "label": "Rope and cordage"}, {"id": "01a2258c-d7c1-7215-997e-92a83b7636a4", "code": "paint", "label": "Paint and antifoul"}, {"id": "01a2258c-d7c1-7f92-a73d-acc1213c9726", "code": "engine", "label": "Engine parts"}, {"id": "01a2258c-d7c1-728e-9553-2d633e0d7552", "code": "safety", "label": "Safety gear"}, {"id": "01a2258c-d7c1-7288-b504-480f8193f56b", "code": "fittings", "label": "Deck fittings"}, {"id": "01a2258c-d7c1-7ec3-ad4c-6ada027013a6", "code": "services", "label": "Yard services"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'units', 1, 'published', 9, '{"id": "01a2258c-d7c1-7dcd-8e2e-2e65674a2357", "key": "units", "label": "Units", "choices": [{"id": "01a2258c-d7c1-7de2-82e3-e1e8d8fbfd39", "code": "each", "label": "each"}, {"id": "01a2258c-d7c1-7e31-92bc-c875b3e38c25", "code": "metre", "label": "metre"}, {"id": "01a2258c-d7c1-7061-9ea1-b8e0cde7a5fa", "code": "litre", "label": "litre"}, {"id": "01a2258c-d7c1-74dd-b318-1ce163154b85", "code": "pair", "label": "pair"}, {"id": "01a2258c-d7c1-7bf1-9e2b-d325e19a623d", "code": "hour", "label": "hour"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'movement_kinds', 1, 'published', 10, '{"id": "01a2258c-d7c1-71af-b4c3-5ae8e459f257", "key": "movement_kinds", "label": "Kinds of movement", "choices": [{"id": "01a2258c-d7c1-7b13-b929-54a6385d7309", "code": "receipt", "icon": "box", "extra": {"sign": "1"}, "label": "Receipt", "colour": "kelp"}, {"id": "01a2258c-d7c1-7384-bb5d-c4d6bd742312", "code": "issue", "icon": "truck", "extra": {"sign": "-1"}, "label": "Issue", "colour": "haze"}, {"id": "01a2258c-d7c1-73d0-bd4b-80962696d412", "code": "return", "extra": {"sign": "1"}, "label": "Return from customer"}, {"id": "01a2258c-d7c1-7d29-a70b-87b5bd12112c", "code": "write_off", "icon": "stop", "extra": {"sign": "-1"}, "label": "Write-off", "colour": "brick"}, {"id": "01a2258c-d7c1-7a80-ba73-6aa9da46f801", "code": "count_up", "extra": {"sign": "1"}, "label": "Count, found more"}, {"id": "01a2258c-d7c1-7803-a631-196b03f20acd", "code": "count_down", "extra": {"sign": "-1"}, "label": "Count, found less"}], "columns": [{"key": "sign", "type": {"kind": "number", "decimals": 0}, "label": "Sign"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'cost_centres', 1, 'published', 20, '{"id": "01a2258c-d7c2-784d-90d5-4dabbcdc123a", "key": "cost_centres", "label": "Cost centres", "choices": [{"id": "01a2258c-d7c2-7499-97ab-e57d6a40329a", "code": "yard", "label": "Yard"}, {"id": "01a2258c-d7c2-70b5-8c43-bbe0fac7209a", "code": "chandlery", "label": "Chandlery"}, {"id": "01a2258c-d7c2-73b3-85c9-6eb58a0c3cbc", "code": "office", "label": "Office"}, {"id": "01a2258c-d7c2-7cb4-9e0b-0ba6766fc47a", "code": "restoration", "label": "Restoration"}, {"id": "01a2258c-d7c2-7bce-bffe-d12c8d560f4c", "code": "moorings", "label": "Moorings"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_kinds', 1, 'published', 11, '{"id": "01a2258c-d7c1-7a59-93ea-7641b2b08a18", "key": "incident_kinds", "label": "Kinds of incident", "choices": [{"id": "01a2258c-d7c1-789e-a77a-7857b1f03918", "code": "injury", "icon": "bandage", "label": "Injury", "colour": "brick"}, {"id": "01a2258c-d7c1-7c51-9892-e56ab0d4b918", "code": "ill_health", "icon": "heart", "label": "Work-related ill health", "colour": "brick"}, {"id": "01a2258c-d7c1-7fc8-be97-826a37ca073d", "code": "damage", "icon": "hammer", "label": "Damage to property", "colour": "straw"}, {"id": "01a2258c-d7c1-7358-9959-79814659457e", "code": "pollution", "icon": "droplet", "label": "Spill or pollution", "colour": "straw"}, {"id": "01a2258c-d7c1-79e6-83dc-6287003cc261", "code": "near_miss", "icon": "warning", "label": "Near miss", "colour": "haze"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_causes', 1, 'published', 12, '{"id": "01a2258c-d7c1-7110-9a49-44075e0ab7e3", "key": "incident_causes", "label": "Causes", "parent": "incident_kinds", "choices": [{"id": "01a2258c-d7c1-7b75-9c30-4e39aa1228cf", "code": "slip", "label": "Slip or trip", "parent": "injury"}, {"id": "01a2258c-d7c1-77c6-ab70-9e18ab736d0f", "code": "lifting", "label": "Lifting or carrying", "parent": "injury"}, {"id": "01a2258c-d7c1-7417-9061-f871b2808884", "code": "struck", "label": "Struck by something", "parent": "injury"}, {"id": "01a2258c-d7c1-7dc4-9b4a-b37b4124a349", "code": "height", "label": "Fall from height", "parent": "injury"}, {"id": "01a2258c-d7c1-7620-9998-c150474d7ee7", "code": "fumes", "label": "Fumes or dust", "parent": "ill_health"}, {"id": "01a2258c-d7c1-757e-986d-6208b34f948a", "code": "noise", "label": "Noise", "parent": "ill_health"}, {"id": "01a2258c-d7c1-7180-919e-2ae3af976766", "code": "collision", "label": "Collision", "parent": "damage"}, {"id": "01a2258c-d7c1-7273-bcc7-17eb3c61592e", "code": "dropped", "label": "Dropped load", "parent": "damage"}, {"id": "01a2258c-d7c1-7032-993b-4bc9c72fe522", "code": "fuel", "label": "Fuel spill", "parent": "pollution"}, {"id": "01a2258c-d7c1-7a65-b6a1-bb3a7935c934", "code": "rope", "label": "Rope or gear failed", "parent": "near_miss"}, {"id": "01a2258c-d7c1-7e07-b7f3-6e253181800d", "code": "deck", "label": "Slippery deck", "parent": "near_miss"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities_of_harm', 1, 'published', 13, '{"id": "01a2258c-d7c2-711e-b6a7-c22650efc6ca", "key": "severities_of_harm", "label": "Severity", "choices": [{"id": "01a2258c-d7c1-77ed-9140-3b872f596f1e", "code": "none", "label": "No harm", "colour": "plain"}, {"id": "01a2258c-d7c1-7322-bcd2-f57da3653205", "code": "first_aid", "label": "First aid", "colour": "haze"}, {"id": "01a2258c-d7c1-7ec3-a473-466d769dd67d", "code": "medical", "label": "Medical treatment", "colour": "straw"}, {"id": "01a2258c-d7c1-7414-97e8-dde340c676df", "code": "lost_time", "label": "Lost time", "colour": "brick"}, {"id": "01a2258c-d7c1-79cd-b5ed-71a4c75898af", "code": "major", "label": "Major injury", "colour": "brick"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'body_parts', 1, 'published', 14, '{"id": "01a2258c-d7c2-7d7d-bd89-b6b3020f545c", "key": "body_parts", "label": "Parts of the body", "choices": [{"id": "01a2258c-d7c2-7e44-b001-01b799b2bb66", "code": "head", "label": "Head"}, {"id": "01a2258c-d7c2-72c7-b36c-33104b6680cc", "code": "eye", "label": "Eye"}, {"id": "01a2258c-d7c2-7717-be25-9e5d72b14cb8", "code": "hand", "label": "Hand or finger"}, {"id": "01a2258c-d7c2-73c8-990e-f31ecdb24d43", "code": "arm", "label": "Arm"}, {"id": "01a2258c-d7c2-7c73-8c9c-d3a2cc062b07", "code": "back", "label": "Back"}, {"id": "01a2258c-d7c2-730d-ab5f-30032ec6f964", "code": "leg", "label": "Leg"}, {"id": "01a2258c-d7c2-7932-b635-cd08ff51c728", "code": "foot", "label": "Foot"}, {"id": "01a2258c-d7c2-7a71-905d-a480ab735eef", "code": "other", "label": "Other"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'injury_kinds', 1, 'published', 15, '{"id": "01a2258c-d7c2-7489-a34f-191f4434b5be", "key": "injury_kinds", "label": "Kinds of injury", "choices": [{"id": "01a2258c-d7c2-7f65-9ed4-4a0d632ea6a9", "code": "cut", "label": "Cut"}, {"id": "01a2258c-d7c2-7749-8d09-75b050eda862", "code": "bruise", "label": "Bruise"}, {"id": "01a2258c-d7c2-7a5f-ae4d-0a38aedc6ebc", "code": "sprain", "label": "Sprain or strain"}, {"id": "01a2258c-d7c2-7f8a-8a68-27c669a069f4", "code": "fracture", "label": "Fracture"}, {"id": "01a2258c-d7c2-7dc4-a540-db2febd6cfa5", "code": "burn", "label": "Burn"}, {"id": "01a2258c-d7c2-7b0b-b5eb-d58abe6f9e2e", "code": "other", "label": "Other"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_states', 1, 'published', 16, '{"id": "01a2258c-d7c2-78d4-a859-8b59def05b6c", "key": "incident_states", "label": "Investigation", "choices": [{"id": "01a2258c-d7c2-7e8d-a59e-0309bccdcac1", "code": "open", "label": "Open", "colour": "straw"}, {"id": "01a2258c-d7c2-796a-87f2-ed56fc16882d", "code": "actions", "label": "Actions under way", "colour": "haze"}, {"id": "01a2258c-d7c2-7cb5-9687-fe0b7730b3ac", "code": "closed", "label": "Closed", "colour": "kelp"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'appeal_states', 1, 'published', 17, '{"id": "01a2258c-d7c2-7951-a4f0-836ab4f3f621", "key": "appeal_states", "label": "Appeal states", "choices": [{"id": "01a2258c-d7c2-7374-8bb6-96d80b9298b8", "code": "planned", "label": "Planned", "colour": "plain"}, {"id": "01a2258c-d7c2-76e2-91f3-b6d6455c17b7", "code": "running", "label": "Running", "colour": "haze"}, {"id": "01a2258c-d7c2-7b38-ae86-8b14ed4879c9", "code": "reached", "label": "Target reached", "colour": "kelp"}, {"id": "01a2258c-d7c2-7302-b459-f8729fa16c41", "code": "closed", "label": "Closed", "colour": "plain"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'donation_kinds', 1, 'published', 18, '{"id": "01a2258c-d7c2-7bf3-9ccd-0c73770d5b87", "key": "donation_kinds", "label": "Kinds of donation", "choices": [{"id": "01a2258c-d7c2-7120-8c8b-c13a76c2f3d0", "code": "single", "label": "Single gift"}, {"id": "01a2258c-d7c2-750a-be00-0676c27e53ad", "code": "regular", "label": "Regular gift"}, {"id": "01a2258c-d7c2-7256-820e-d0aa620abb37", "code": "in_memory", "label": "In memory"}, {"id": "01a2258c-d7c2-7308-82b3-7fe62a253e56", "code": "grant", "label": "Grant"}, {"id": "01a2258c-d7c2-727a-93cc-bc50aa208357", "code": "in_kind", "label": "Gift in kind"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'purchase_states', 1, 'published', 19, '{"id": "01a2258c-d7c2-79d6-ae7e-83a8e77cd205", "key": "purchase_states", "label": "Purchase states", "choices": [{"id": "01a2258c-d7c2-71cc-8b0b-38e3147d8b55", "code": "requested", "icon": "clock", "label": "Requested", "colour": "straw"}, {"id": "01a2258c-d7c2-7e23-8663-dc394d545a8d", "code": "approved", "icon": "check", "label": "Approved", "colour": "haze"}, {"id": "01a2258c-d7c2-7b0a-bb1d-a4d82e4a5b58", "code": "ordered", "icon": "truck", "label": "Ordered", "colour": "haze"}, {"id": "01a2258c-d7c2-71c8-9e16-991b99729810", "code": "received", "icon": "box", "label": "Received", "colour": "kelp"}, {"id": "01a2258c-d7c2-72fa-bbfd-392632a39b03", "code": "cancelled", "icon": "stop", "label": "Cancelled", "colour": "plain"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'berth_services', 1, 'published', 21, '{"id": "01a2258c-d7c2-7542-a3aa-646928ff8de6", "key": "berth_services", "label": "Berth services", "choices": [{"id": "01a2258c-d7c2-7019-a1f9-894d04d3062c", "code": "water", "label": "Water"}, {"id": "01a2258c-d7c2-710e-9c0d-d35040ab15b0", "code": "power", "label": "Shore power"}, {"id": "01a2258c-d7c2-7b6f-8d93-f7c03b8f00be", "code": "fuel", "label": "Fuel"}, {"id": "01a2258c-d7c2-73d0-83c0-0dec5cb55b63", "code": "wifi", "label": "Wi-Fi"}, {"id": "01a2258c-d7c2-7493-ac12-9a4d18f431b6", "code": "lift", "label": "Near the lift"}], "columns": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'clients', 1, 'published', 1, '{"id": "01a2258c-d7c3-705a-9d83-ad371f03c3e7", "key": "clients", "mark": "CLI", "alike": ["name", "email", "phone"], "title": "name", "beside": ["phone"], "fields": [{"id": "01a2258c-d7c2-7144-86ca-e5236176c96d", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c2-7bba-94f8-3334364eb360", "key": "kind", "type": {"kind": "choice", "list": "client_kinds"}, "label": "Kind", "required": false}, {"id": "01a2258c-d7c2-7dfe-855a-a592c9e09ebf", "key": "email", "type": {"kind": "email"}, "label": "E-mail", "required": false}, {"id": "01a2258c-d7c2-7bfc-94aa-b08d7c591b1a", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a2258c-d7c2-795e-bc75-5f92879d8813", "key": "address", "type": {"kind": "address"}, "label": "Address", "required": false}, {"id": "01a2258c-d7c2-7431-b37a-9690cd7fa928", "key": "client_since", "type": {"kind": "date"}, "label": "Client since", "required": false}, {"id": "01a2258c-d7c2-706c-ac4e-f83a198b3b9c", "key": "credit_limit", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Credit limit", "required": false}, {"id": "01a2258c-d7c2-76ee-8f85-c2c688512507", "key": "newsletter", "type": {"kind": "yes_no"}, "label": "Newsletter", "required": false}, {"id": "01a2258c-d7c2-77fc-a892-07c4cbe041bc", "key": "web", "type": {"kind": "web"}, "label": "Web", "required": false}, {"id": "01a2258c-d7c2-7e6f-a016-bd59d0ad6ba8", "key": "iban", "type": {"kind": "code", "scheme": "iban"}, "label": "Bank account (IBAN)", "section": "Accounts", "required": false}, {"id": "01a2258c-d7c2-78c5-b00b-9d9e350f74ee", "key": "open_balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(invoices[state != \"draft\"].balance)"}, "label": "Open balance", "section": "Accounts", "required": false}, {"id": "01a2258c-d7c2-7fef-87cb-919f8a583546", "key": "over_limit", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "credit_limit != null and open_balance > credit_limit"}, "label": "Over credit limit", "section": "Accounts", "required": false}, {"id": "01a2258c-d7c2-7b4f-b5f3-998a851c3d17", "key": "last_invoice", "type": {"kind": "worked_out", "gives": {"kind": "date"}, "formula": "max(invoices.issued_on)"}, "label": "Last invoiced on", "section": "Accounts", "required": false}, {"id": "01a2258c-d7c3-7580-b9d5-c29a5ea8a8b0", "key": "given", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Given in all", "section": "Accounts", "required": false}, {"id": "01a2258c-d7c3-7045-a739-aa5fb140bace", "key": "notes", "type": {"kind": "formatted"}, "label": "Notes", "section": "Notes", "required": false}], "listed": ["kind", "email", "phone", "client_since", "credit_limit", "open_balance", "over_limit", "last_invoice"], "plural": "Clients", "singular": "Client", "constraints": [{"kind": "unique", "fields": ["email"], "folded": true}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'berths', 1, 'published', 3, '{"id": "01a2258c-d7c3-73f9-998e-975f396e89fa", "key": "berths", "mark": "BER", "alike": [], "title": "name", "beside": ["pontoon"], "fields": [{"id": "01a2258c-d7c3-70b5-afb6-efde13301214", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c3-7739-9bb1-68567102bd13", "key": "pontoon", "type": {"kind": "choice", "list": "pontoons"}, "label": "Pontoon", "required": true}, {"id": "01a2258c-d7c3-79b5-80f4-c2d5f6bdfad0", "key": "longest", "type": {"kind": "number", "unit": "m", "decimals": 1}, "label": "Longest boat", "required": false}, {"id": "01a2258c-d7c3-7f9a-afd3-c74b06aac24a", "key": "shore_power", "type": {"kind": "yes_no"}, "label": "Shore power", "required": false}, {"id": "01a2258c-d7c3-7a52-837a-702bd27e277e", "key": "yearly_fee", "type": {"kind": "money", "currency": "GBP"}, "label": "Yearly fee", "required": false}, {"id": "01a2258c-d7c3-7a92-ab73-121932606b5f", "key": "position", "type": {"kind": "position"}, "label": "Position", "required": false}, {"id": "01a2258c-d7c3-78e2-9ac8-388995bbdff1", "key": "taken_by", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(boats)"}, "label": "Taken by", "required": false}, {"id": "01a2258c-d7c3-7d4e-b7ad-20c8d284f7ad", "key": "services", "type": {"kind": "choices", "list": "berth_services"}, "label": "Services", "required": false}], "listed": ["pontoon", "longest", "shore_power", "services", "yearly_fee", "taken_by"], "plural": "Berths", "singular": "Berth", "constraints": [{"kind": "unique", "fields": ["name"], "folded": true}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'stock', 1, 'published', 4, '{"id": "01a2258c-d7c3-74fd-b332-748daf523cb9", "key": "stock", "mark": "STK", "alike": ["name", "bar_code"], "title": "name", "beside": ["code"], "fields": [{"id": "01a2258c-d7c3-7c61-b893-67c5f84ab413", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c3-7c78-979f-c9346c2f3092", "key": "code", "type": {"kind": "code", "scheme": "pattern", "example": "RO-0001", "pattern": "[A-Z]{2}-[0-9]{4}"}, "label": "Item code", "required": true}, {"id": "01a2258c-d7c3-7165-9fe5-8f77fbc34886", "key": "group", "type": {"kind": "choice", "list": "stock_groups"}, "label": "Group", "required": false}, {"id": "01a2258c-d7c3-7fa5-8127-efe3ba9ad2c7", "key": "unit", "type": {"kind": "choice", "list": "units"}, "label": "Unit", "required": false}, {"id": "01a2258c-d7c3-7395-b2af-8965ff79f0c5", "key": "bar_code", "type": {"kind": "code", "scheme": "gtin"}, "label": "Bar code (GTIN)", "required": false}, {"id": "01a2258c-d7c3-7c04-a316-68b7061f4ef3", "key": "shelf", "type": {"kind": "text"}, "label": "Shelf", "required": false}, {"id": "01a2258c-d7c3-70ea-8ea8-f5be51401fca", "key": "sale_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Sale price, net", "section": "Prices", "required": false}, {"id": "01a2258c-d7c3-72a8-9300-b5781bcc5cf2", "key": "cost_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost price", "section": "Prices", "required": false}, {"id": "01a2258c-d7c3-7b20-8d47-f4893688ad21", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "section": "Prices", "required": false}, {"id": "01a2258c-d7c3-74cb-a043-09cfe9e66398", "key": "margin", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if sale_price > 0 then (sale_price - cost_price) / sale_price else null"}, "label": "Margin", "section": "Prices", "required": false}, {"id": "01a2258c-d7c3-738a-be7d-965f8b572ead", "key": "counted", "type": {"kind": "yes_no"}, "label": "Counted in stock", "section": "Quantities", "required": false}, {"id": "01a2258c-d7c3-7fe5-89a6-ba3e4ffde4f7", "key": "on_hand", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "total(movements.signed)"}, "label": "On hand", "section": "Quantities", "required": false}, {"id": "01a2258c-d7c3-7e47-a070-06b8f8d34197", "key": "reorder_point", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder point", "section": "Quantities", "required": false}, {"id": "01a2258c-d7c3-7688-8f71-9a5d8ec12f24", "key": "reorder_quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder quantity", "section": "Quantities", "required": false}, {"id": "01a2258c-d7c3-72a7-9773-e15026ff2c6c", "key": "to_reorder", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "counted = true and reorder_point != null and on_hand < reorder_point"}, "label": "Below reorder point", "section": "Quantities", "required": false}, {"id": "01a2258c-d7c3-7080-bfc9-b751f5811682", "key": "value_on_hand", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "on_hand * cost_price"}, "label": "Value on hand", "section": "Quantities", "required": false}, {"id": "01a2258c-d7c3-7265-9745-0ce117f3ed2d", "key": "supplier", "type": {"back": {"key": "supplies", "label": "Supplies"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a2258c-d7c3-7c43-be69-e59baa89c4a7", "key": "fits", "type": {"back": {"key": "fits_to", "label": "Used with, from the other side"}, "kind": "links", "register": "stock"}, "label": "Used with", "required": false}, {"id": "01a2258c-d7c3-79c4-a68b-3414ca1a1fda", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["code", "group", "shelf", "unit", "sale_price", "on_hand", "reorder_point", "to_reorder", "value_on_hand"], "plural": "Stock", "singular": "Stock item", "constraints": [{"kind": "unique", "fields": ["code"], "folded": true}, {"kind": "must", "message": "Reorder quantity must be over 0.", "condition": "reorder_quantity = null or reorder_quantity > 0"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'movements', 1, 'published', 5, '{"id": "01a2258c-d7c4-75f1-9cac-34ae85d16480", "key": "movements", "mark": "MOV", "alike": [], "title": "what", "beside": ["kind"], "fields": [{"id": "01a2258c-d7c4-7dd7-baa2-77f197adbbd4", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2258c-d7c4-70b8-9438-261f20748a12", "key": "stock", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "stock"}, "label": "Item", "required": true}, {"id": "01a2258c-d7c4-7ce7-ab39-53b3f7b269a1", "key": "kind", "type": {"kind": "choice", "list": "movement_kinds"}, "label": "Kind", "required": true}, {"id": "01a2258c-d7c4-7844-bd56-e8668f1643d7", "key": "moved_on", "type": {"kind": "date"}, "label": "Moved on", "required": true}, {"id": "01a2258c-d7c4-71ff-89c3-554c684933bd", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a2258c-d7c4-7a6b-8d54-f0c8e1e417d2", "key": "signed", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "quantity * kind.sign"}, "label": "In or out", "required": false}, {"id": "01a2258c-d7c4-70b6-993d-633cfb7edfb2", "key": "unit_cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost per unit", "required": false}, {"id": "01a2258c-d7c4-785a-b856-cbdd1a6f73b6", "key": "value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "signed * unit_cost"}, "label": "Value", "required": false}, {"id": "01a2258c-d7c4-795f-9b26-7cba4e9ed6a4", "key": "purchase", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "purchases"}, "label": "Purchase", "required": false}, {"id": "01a2258c-d7c4-709c-8a41-16094397bb50", "key": "invoice", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "invoices"}, "label": "Invoice", "required": false}, {"id": "01a2258c-d7c4-7364-92e9-479bff5f734c", "key": "done_by", "type": {"kind": "person"}, "label": "Done by", "required": false}], "listed": ["kind", "moved_on", "signed", "unit_cost", "value", "stock"], "plural": "Stock movements", "singular": "Stock movement", "constraints": [{"kind": "must", "message": "A movement cannot lie in the future.", "condition": "moved_on <= today()"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'invoices', 1, 'published', 6, '{"id": "01a2258c-d7c4-7302-b766-01a26598b6a3", "key": "invoices", "mark": "INV", "alike": [], "title": "subject", "beside": ["client", "balance"], "fields": [{"id": "01a2258c-d7c4-7c22-a6be-16ad2e89a1fe", "key": "subject", "type": {"kind": "text"}, "label": "Subject", "required": true}, {"id": "01a2258c-d7c4-7e33-9143-237f15780df4", "key": "client", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "clients"}, "label": "Client", "required": true}, {"id": "01a2258c-d7c4-7a59-b936-3477ab16ecd9", "key": "boat", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2258c-d7c4-7c50-b13d-fa1edb1d7831", "key": "invoice_number", "type": {"kind": "running_number", "when": "state != null and state != \"draft\"", "width": 5, "prefix": "TQ-", "restart": "never"}, "label": "Invoice number", "required": false}, {"id": "01a2258c-d7c4-767c-bebc-32b5fed42f47", "key": "issued_on", "type": {"kind": "date"}, "label": "Issued", "required": false}, {"id": "01a2258c-d7c4-7ad3-bc75-84c288a6c5e1", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a2258c-d7c4-79cd-8cce-cfce4c0fa73b", "key": "state", "type": {"kind": "choice", "list": "invoice_states"}, "label": "State", "required": true}, {"id": "01a2258c-d7c4-7d36-b720-6dbf86d3706f", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a2258c-d7c4-783a-9060-90700aa06bc6", "key": "stock", "type": {"back": {"key": "invoice_lines", "label": "Invoice lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a2258c-d7c4-7817-9f88-03509202a253", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2258c-d7c4-794c-8200-40a70c38a361", "key": "quantity", "type": {"kind": "number", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a2258c-d7c4-72db-93c4-88500883d414", "key": "unit_price", "type": {"kind": "money", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a2258c-d7c4-7267-a771-361c8a4b596d", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": true}, {"id": "01a2258c-d7c4-76ce-ad1e-15017daa7257", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a2258c-d7c4-7c59-90a0-a5bcb17e490a", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-7113-b76b-1b2d4afe4dc7", "key": "net_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"standard\"].net)"}, "label": "Net at 20 %", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-7304-b194-6e9a2cdaa8d8", "key": "vat_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_standard * 0.2"}, "label": "VAT at 20 %", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-7777-b1e6-776107822785", "key": "net_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"reduced\"].net)"}, "label": "Net at 5 %", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-73c0-916a-2cad0df7e2ce", "key": "vat_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_reduced * 0.05"}, "label": "VAT at 5 %", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-7fbd-9628-0e9998d452ce", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "vat_standard + vat_reduced"}, "label": "VAT", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-7b2b-b8e6-828d6d972b40", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a2258c-d7c4-71f0-b0f8-1591dbfc6834", "key": "payments", "type": {"kind": "rows", "fields": [{"id": "01a2258c-d7c4-7e69-8c4d-420312353eb1", "key": "paid_on", "type": {"kind": "date"}, "label": "Paid on", "required": true}, {"id": "01a2258c-d7c4-71be-8db4-8c0d1c357a5d", "key": "amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a2258c-d7c4-7acd-a0e1-d0c3c2baf056", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a2258c-d7c4-75a5-b37d-39fe3961d13c", "key": "reference", "type": {"kind": "text"}, "label": "Reference", "required": false}], "plural": "Payments", "singular": "Payment"}, "label": "Payments", "required": false}, {"id": "01a2258c-d7c4-7c81-99eb-35c87f687b40", "key": "paid", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(payments.amount)"}, "label": "Paid", "section": "Amounts", "required": false}, {"id": "01a2258c-d7c4-7414-b961-92a3959b9346", "key": "balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if state = \"credited\" then 0 else gross - paid"}, "label": "Balance", "required": false}, {"id": "01a2258c-d7c4-7c83-88be-f0907fc820a1", "key": "days_late", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "if state in (\"issued\", \"part_paid\") and balance > 0 and due_on < today() then (today() - due_on).days else 0"}, "label": "Days late", "required": false}, {"id": "01a2258c-d7c4-745e-a6ea-6a1ef5b71e09", "key": "age_band", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if state = \"draft\" then \"not issued\" else if balance <= 0 then \"settled\" else if days_late <= 0 then \"not due\" else if days_late <= 30 then \"1 to 30 days\" else if days_late <= 60 then \"31 to 60 days\" else if days_late <= 90 then \"61 to 90 days\" else \"over 90 days\""}, "label": "Age", "required": false}, {"id": "01a2258c-d7c4-7221-8f35-91df6afa2f6d", "key": "papers", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Papers", "required": false}], "listed": ["client", "boat", "issued_on", "due_on", "state", "gross", "balance", "days_late", "age_band"], "plural": "Invoices", "singular": "Invoice", "constraints": [{"kind": "must", "message": "An invoice cannot be due before it is issued.", "condition": "due_on = null or issued_on = null or due_on >= issued_on"}, {"kind": "must", "message": "An invoice that is issued needs at least one line.", "condition": "state = \"draft\" or count(lines) > 0"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'incidents', 1, 'published', 7, '{"id": "01a2258c-d7c4-7149-80df-ad34a208ebf4", "key": "incidents", "mark": "INC", "alike": [], "title": "title", "beside": ["kind", "happened_at"], "fields": [{"id": "01a2258c-d7c4-7e9c-b776-48f52b6b9559", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": true}, {"id": "01a2258c-d7c4-7dee-867f-4122b5a5ecba", "key": "kind", "type": {"kind": "choice", "list": "incident_kinds"}, "label": "Kind", "required": true}, {"id": "01a2258c-d7c4-72d0-ae1e-485a509d4aa7", "key": "cause", "type": {"kind": "choice", "list": "incident_causes"}, "label": "Cause", "required": false}, {"id": "01a2258c-d7c4-7250-9ee6-1dd95d80c54b", "key": "happened_at", "type": {"kind": "moment"}, "label": "Happened", "required": true}, {"id": "01a2258c-d7c4-7104-ad01-3adb4a619d62", "key": "place", "type": {"kind": "text"}, "label": "Place", "required": false}, {"id": "01a2258c-d7c4-7864-8849-2c341531c7e8", "key": "position", "type": {"kind": "position"}, "label": "On the map", "required": false}, {"id": "01a2258c-d7c4-7154-8f1a-146c4b17d35e", "key": "berth", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2258c-d7c4-7012-975f-b71601e06641", "key": "boat", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2258c-d7c4-70f5-9534-4c24059c35ac", "key": "owner", "type": {"back": {"key": "incidents", "label": "Incidents with their boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a2258c-d7c4-752b-943d-3203ee540c04", "key": "owner_phone", "type": {"kind": "phone"}, "label": "Owner’s phone", "required": false}, {"id": "01a2258c-d7c4-741d-8c0c-2bb3366caf79", "key": "reported_by", "type": {"kind": "person"}, "label": "Reported by", "required": false}, {"id": "01a2258c-d7c4-70ef-a30f-1458c3d90659", "key": "what_happened", "type": {"kind": "formatted"}, "label": "What happened", "required": false}, {"id": "01a2258c-d7c4-76e6-8888-6f324134d328", "key": "hurt", "type": {"kind": "rows", "fields": [{"id": "01a2258c-d7c5-72e8-8f8a-1cac81c8c1a3", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c5-7212-8ef1-ec61a7125959", "key": "employed", "type": {"kind": "yes_no"}, "label": "Employed here", "required": false}, {"id": "01a2258c-d7c5-7a0c-bb15-26339f075362", "key": "body_part", "type": {"kind": "choice", "list": "body_parts"}, "label": "Part of the body", "required": false}, {"id": "01a2258c-d7c5-715e-b810-45f8e355f454", "key": "injury", "type": {"kind": "choice", "list": "injury_kinds"}, "label": "Injury", "required": false}, {"id": "01a2258c-d7c5-7d8c-b39a-c6e7d4c5dcdc", "key": "severity", "type": {"kind": "choice", "list": "severities_of_harm"}, "label": "Severity", "required": false}, {"id": "01a2258c-d7c5-76ac-9fe2-d3be10988e88", "key": "days_lost", "type": {"kind": "number", "unit": "days", "least": "0", "decimals": 0}, "label": "Days lost", "required": false}, {"id": "01a2258c-d7c5-7e2a-bf9f-fe4931bb59e7", "key": "treatment", "type": {"kind": "text"}, "label": "Treatment", "required": false}], "plural": "People hurt", "singular": "Person hurt"}, "label": "People hurt", "required": false}, {"id": "01a2258c-d7c4-7be0-b4ae-47d94d123555", "key": "witnesses", "type": {"kind": "rows", "fields": [{"id": "01a2258c-d7c5-767e-9599-3e57e41b7b46", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c5-7dba-bb63-bb3ed436720b", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a2258c-d7c5-7424-99e1-b99f675883ed", "key": "statement", "type": {"kind": "long_text"}, "label": "Statement", "required": false}], "plural": "Witnesses", "singular": "Witness"}, "label": "Witnesses", "required": false}, {"id": "01a2258c-d7c4-7194-a719-f2c170f67a7d", "key": "days_lost", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "total(hurt.days_lost)"}, "label": "Days lost", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7fad-8740-7f776bf1ec1b", "key": "lost_time", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost >= 1"}, "label": "Lost-time injury", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7c77-bfcd-9db7c7a38754", "key": "notifiable", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost > 7"}, "label": "Over seven days off", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-73ea-97ee-d1928faa5007", "key": "state", "type": {"kind": "choice", "list": "incident_states"}, "label": "Investigation", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7acd-a245-cbaa28fb8a34", "key": "root_cause", "type": {"kind": "long_text"}, "label": "Root cause", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7faa-aa66-0777cad90129", "key": "actions", "type": {"kind": "rows", "fields": [{"id": "01a2258c-d7c5-72b2-8d05-8e1f209d7911", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2258c-d7c5-7d24-abe6-ed2f148f1d9f", "key": "who", "type": {"kind": "person"}, "label": "Who", "required": false}, {"id": "01a2258c-d7c5-7d23-8295-a6018c4cc4dd", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a2258c-d7c5-7de3-9fb9-1877279881ac", "key": "done_on", "type": {"kind": "date"}, "label": "Done", "required": false}], "plural": "Actions", "singular": "Action"}, "label": "Actions", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7dce-8d55-48bcbb4aa252", "key": "open_actions", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(actions[done_on = null])"}, "label": "Open actions", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7d9b-ac7e-d0f4f1a19712", "key": "cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost", "section": "Investigation", "required": false}, {"id": "01a2258c-d7c4-7721-9dc3-9e48bfea3284", "key": "photos", "type": {"kind": "files", "most": 20, "sort": "photos"}, "label": "Photos", "required": false}], "listed": ["kind", "cause", "happened_at", "place", "days_lost", "lost_time", "state", "open_actions"], "plural": "Incidents", "singular": "Incident", "constraints": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'safety_trustee', 1, 'published', 6, '{"id": "01a2258c-d7c6-75bc-b5d0-e826d9965d15", "key": "safety_trustee", "label": "Trustee for safety", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'appeals', 1, 'published', 8, '{"id": "01a2258c-d7c5-7aec-81f3-d1cd72956bbb", "key": "appeals", "mark": "APL", "alike": [], "title": "name", "beside": ["state"], "fields": [{"id": "01a2258c-d7c5-7cca-a383-dd2edad872d4", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c5-7aaf-95e0-9e41a16ea6a9", "key": "purpose", "type": {"kind": "formatted"}, "label": "What it is for", "required": false}, {"id": "01a2258c-d7c5-7818-90df-fb5e15c2a453", "key": "boat", "type": {"back": {"key": "appeals", "label": "Appeals"}, "kind": "link", "register": "boats"}, "label": "Vessel", "required": false}, {"id": "01a2258c-d7c5-7270-9679-0dc53924523f", "key": "state", "type": {"kind": "choice", "list": "appeal_states"}, "label": "State", "required": false}, {"id": "01a2258c-d7c5-78d4-bf9f-de009c6868d1", "key": "begins_on", "type": {"kind": "date"}, "label": "Begins", "required": false}, {"id": "01a2258c-d7c5-73b4-bb2b-46c7ac9caf6e", "key": "ends_on", "type": {"kind": "date"}, "label": "Ends", "required": false}, {"id": "01a2258c-d7c5-7787-817a-d35154cef60c", "key": "target", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Target", "required": true}, {"id": "01a2258c-d7c5-74f1-a7ff-dbba7cbfa565", "key": "raised", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Raised so far", "required": false}, {"id": "01a2258c-d7c5-7eac-9bcd-74391fe15b48", "key": "share", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if target > 0 then raised / target else null"}, "label": "Of the target", "required": false}, {"id": "01a2258c-d7c5-7607-9b7c-ba5177e28653", "key": "gifts", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(donations)"}, "label": "Gifts", "required": false}, {"id": "01a2258c-d7c5-7122-8ce4-34f9397e0b41", "key": "mean_gift", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gifts > 0 then raised / gifts else null"}, "label": "Mean gift", "required": false}, {"id": "01a2258c-d7c5-7ca3-a523-aae81be346f1", "key": "page", "type": {"kind": "web"}, "label": "Page", "required": false}, {"id": "01a2258c-d7c5-7451-ab65-6364716fff02", "key": "manager", "type": {"kind": "person"}, "label": "Manager", "required": false}, {"id": "01a2258c-d7c5-7df7-bc64-4f1941256af1", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["state", "begins_on", "ends_on", "target", "raised", "share", "gifts", "mean_gift"], "plural": "Appeals", "singular": "Appeal", "constraints": [{"kind": "must", "message": "An appeal cannot end before it begins.", "condition": "ends_on = null or begins_on = null or ends_on >= begins_on"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'donations', 1, 'published', 9, '{"id": "01a2258c-d7c5-79a2-9c0f-9d282e913720", "key": "donations", "mark": "DON", "alike": [], "title": "donor_name", "beside": ["amount"], "fields": [{"id": "01a2258c-d7c5-74e0-ac66-f1fbc7f5d3a5", "key": "donor_name", "type": {"kind": "text"}, "label": "Donor", "required": true}, {"id": "01a2258c-d7c5-7c10-8ac0-8260e4af12c4", "key": "donor", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "clients"}, "label": "Donor in Clients", "required": false}, {"id": "01a2258c-d7c5-79d6-95e8-7fb7eb5ec076", "key": "appeal", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "appeals"}, "label": "Appeal", "required": true}, {"id": "01a2258c-d7c5-73f5-b296-9fc02fb3e876", "key": "received_on", "type": {"kind": "date"}, "label": "Received", "required": true}, {"id": "01a2258c-d7c5-7f88-921e-9ed6a116141d", "key": "amount", "type": {"kind": "money", "least": "0.01", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a2258c-d7c5-749e-a2bd-b67320993649", "key": "kind", "type": {"kind": "choice", "list": "donation_kinds"}, "label": "Kind", "required": false}, {"id": "01a2258c-d7c5-7845-a0d3-d849c2aff45f", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a2258c-d7c5-7d1f-af36-a0557d2c3cde", "key": "gift_aid", "type": {"kind": "yes_no"}, "label": "Gift Aid declared", "required": false}, {"id": "01a2258c-d7c5-7169-97da-501ab58890ea", "key": "tax_to_claim", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gift_aid = true then amount * 0.25 else 0"}, "label": "Tax to claim", "required": false}, {"id": "01a2258c-d7c5-7d3c-9b0e-3efebcb89de9", "key": "worth", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "amount + tax_to_claim"}, "label": "Worth to the appeal", "required": false}, {"id": "01a2258c-d7c5-7f4f-9d43-7f0fe8ace00b", "key": "anonymous", "type": {"kind": "yes_no"}, "label": "Wants no name", "required": false}, {"id": "01a2258c-d7c5-77f2-a96a-cee82414dddc", "key": "thanked_on", "type": {"kind": "date"}, "label": "Thanked", "required": false}, {"id": "01a2258c-d7c5-7cf1-9159-99c49d97788b", "key": "receipt", "type": {"kind": "running_number", "width": 4, "prefix": "R-", "restart": "yearly"}, "label": "Receipt number", "required": false}, {"id": "01a2258c-d7c5-79db-9be0-9ac9b634283a", "key": "note", "type": {"kind": "long_text"}, "label": "Note", "required": false}], "listed": ["appeal", "received_on", "amount", "kind", "gift_aid", "worth", "thanked_on", "receipt"], "plural": "Donations", "singular": "Donation", "constraints": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'purchases', 1, 'published', 10, '{"id": "01a2258c-d7c5-7eb7-bd17-5c90baa97c13", "key": "purchases", "mark": "PUR", "alike": [], "title": "what_for", "beside": ["supplier"], "fields": [{"id": "01a2258c-d7c5-79f7-913a-c88ce25c3bea", "key": "what_for", "type": {"kind": "text"}, "label": "What for", "required": true}, {"id": "01a2258c-d7c5-7619-b48b-b2679f8ab538", "key": "supplier", "type": {"back": {"key": "purchases", "label": "Purchases"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a2258c-d7c5-74b7-9867-386c353c8897", "key": "requested_by", "type": {"kind": "person"}, "label": "Requested by", "required": false}, {"id": "01a2258c-d7c5-7483-b615-6391ad9f1d00", "key": "requested_on", "type": {"kind": "date"}, "label": "Requested", "required": true}, {"id": "01a2258c-d7c5-75b2-a3e8-ff079d9b4ad2", "key": "needed_by", "type": {"kind": "date"}, "label": "Needed by", "required": false}, {"id": "01a2258c-d7c5-7963-be34-1f144d108b89", "key": "cost_centre", "type": {"kind": "choice", "list": "cost_centres"}, "label": "Cost centre", "required": false}, {"id": "01a2258c-d7c5-7ee9-8d8e-5b6f41c4e6ad", "key": "state", "type": {"kind": "choice", "list": "purchase_states"}, "label": "State", "required": true}, {"id": "01a2258c-d7c5-7e30-849e-9e525d717b7a", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a2258c-d7c5-79f1-b20a-af142a01aa44", "key": "stock", "type": {"back": {"key": "purchase_lines", "label": "Purchase lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a2258c-d7c5-7319-b1f9-3e260c84e822", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2258c-d7c5-706b-b34e-d32d0ce4393c", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a2258c-d7c5-78b5-b0e3-398cda25f28d", "key": "unit_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a2258c-d7c5-7510-bc4e-c0799c2ff107", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": false}, {"id": "01a2258c-d7c5-7c1b-b824-2e0483641ace", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}, {"id": "01a2258c-d7c5-71f6-b5fc-898ad6a9f6a4", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net * vat_rate.percentage"}, "label": "VAT", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a2258c-d7c5-755c-bd04-c8be3c07c29c", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "required": false}, {"id": "01a2258c-d7c5-7438-a201-65caaf6469eb", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.vat)"}, "label": "VAT", "required": false}, {"id": "01a2258c-d7c5-7c06-ab14-08ac8828f8db", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a2258c-d7c5-7ad5-adb4-e9e4158ac457", "key": "received_value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(movements.value)"}, "label": "Received so far", "required": false}, {"id": "01a2258c-d7c5-76c4-8859-a75d53fd69d9", "key": "approved_amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Approved amount", "required": false}, {"id": "01a2258c-d7c5-7eb3-82e6-19fa78f4c962", "key": "approved_by_accounts", "type": {"kind": "yes_no"}, "label": "Approved by accounts", "required": false}, {"id": "01a2258c-d7c5-717d-bb9c-f388ab8babbb", "key": "quotes", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Quotations", "required": false}], "listed": ["supplier", "requested_on", "needed_by", "cost_centre", "state", "gross", "received_value"], "plural": "Purchases", "singular": "Purchase", "constraints": [{"kind": "must", "message": "It cannot be needed before it is requested.", "condition": "needed_by = null or requested_on = null or needed_by >= requested_on"}]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'operations_manager', 1, 'published', 1, '{"id": "01a2258c-d7c6-7ce4-b11a-c12916adc90a", "key": "operations_manager", "label": "Operations manager", "sets_up": ["registers", "forms", "people"], "registers": {}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'treasurer', 1, 'published', 4, '{"id": "01a2258c-d7c6-71f7-b589-49a2b382cbc8", "key": "treasurer", "label": "Treasurer", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'trustee', 1, 'published', 5, '{"id": "01a2258c-d7c6-7394-ae14-87b0ab41372d", "key": "trustee", "label": "Trustee", "sets_up": [], "registers": {"appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "purchases": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'office', 1, 'published', 7, '{"id": "01a2258c-d7c6-7e76-95b2-eb8f24fc70c9", "key": "office", "label": "Office", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "appeals": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": ["iban"], "locked": [], "archive": true, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'client', 1, 'published', 8, '{"id": "01a2258c-d7c6-7d8c-88f3-150229ee19a8", "key": "client", "label": "Client", "sets_up": [], "registers": {"boats": {"add": false, "see": "owner = me.record", "when": {}, "change": false, "export": false, "hidden": ["berth"], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": "record = me.record", "only": ["phone", "address", "newsletter"], "when": {}, "change": "record = me.record", "export": false, "hidden": ["credit_limit", "over_limit", "notes"], "locked": [], "archive": false, "results": ["open_balance"]}, "invoices": {"add": false, "see": "client = me.record and state != null and state != \"draft\"", "when": {}, "change": false, "export": "client = me.record and state != null and state != \"draft\"", "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'report_incident', 1, 'published', 3, '{"id": "01a2258c-d7c6-7286-b886-13af3ef52e11", "key": "report_incident", "label": "Report an incident", "pages": [{"id": "01a2258c-d7c6-7644-a66b-6329de51f07f", "key": "what", "label": "What happened", "onward": [{"to": "hurt", "condition": "kind in (\"injury\", \"ill_health\")"}, {"to": "follow_up", "condition": "kind = \"near_miss\""}, {"to": "damage", "condition": "kind in (\"damage\", \"pollution\")"}]}, {"id": "01a2258c-d7c6-795e-9a68-c919720f0b94", "key": "hurt", "label": "Who was hurt", "onward": [{"to": "follow_up", "condition": "days_lost > 7"}, {"to": "follow_up", "condition": "days_lost <= 7"}], "introduction": "One line for each person."}, {"id": "01a2258c-d7c6-79a8-9a5f-79af2459e429", "key": "damage", "label": "Damage and cost", "onward": [{"to": null, "condition": "cost <= 500"}]}, {"id": "01a2258c-d7c6-7721-b23a-33dab9f946ea", "key": "follow_up", "label": "What now", "onward": []}], "endings": [{"label": "Thank you. The safety trustee will call you", "words": "An injury with more than seven days off must be reported to the authority; that is done for you.", "leads_to": "thanks", "condition": "days_lost > 7"}, {"label": "Thank you for reporting", "words": "Every near miss that is told is an accident less.", "leads_to": "thanks", "condition": "kind = \"near_miss\""}, {"label": "Thank you", "words": "", "leads_to": "thanks"}], "purpose": "add", "register": "incidents", "sections": [{"key": "where", "help": "What you know; a berth or a place is enough.", "label": "Where it was"}], "questions": [{"id": "01a2258c-d7c6-7afd-b555-c1f9bb085018", "help": "In one line, as you would tell it.", "page": "what", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7c8c-9cac-35ad80ccb7cf", "page": "what", "field": "kind", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7a5a-983e-bc8ccff07dda", "page": "what", "field": "cause", "rules": []}, {"id": "01a2258c-d7c6-707a-a4a0-a5f57ea696b7", "page": "what", "field": "happened_at", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "happened_at <= now()"}]}, {"id": "01a2258c-d7c6-7f8b-8c5a-ff902276dac5", "page": "what", "field": "place", "rules": [], "section": "where"}, {"id": "01a2258c-d7c6-7fb8-be81-9a8cb998c6d1", "page": "what", "field": "berth", "rules": [], "section": "where"}, {"id": "01a2258c-d7c6-7ea6-9fc5-ca4120de9699", "page": "what", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}, {"from": "boat.owner.phone", "kind": "fills", "question": "owner_phone"}], "section": "where"}, {"id": "01a2258c-d7c6-7c9b-9762-39ed66faaad4", "page": "what", "field": "owner", "rules": [], "section": "where"}, {"id": "01a2258c-d7c6-77bb-b918-b4f2b8755ed4", "page": "what", "field": "owner_phone", "rules": [], "section": "where"}, {"id": "01a2258c-d7c6-7cb3-80ee-d00006f8686f", "page": "what", "field": "what_happened", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7288-a6b2-ccb521920d21", "page": "what", "field": "reported_by", "rules": []}, {"id": "01a2258c-d7c6-74b8-8278-6e5c03b77ede", "page": "hurt", "field": "hurt", "rules": [{"kind": "asked_when", "condition": "kind in (\"injury\", \"ill_health\")"}, {"kind": "must_be_answered"}], "columns": [{"field": "days_lost", "rules": [{"kind": "asked_when", "condition": "employed = null or employed = true"}, {"kind": "must", "condition": "days_lost >= 0"}]}]}, {"id": "01a2258c-d7c6-79d0-b8cc-d39fc29886df", "page": "hurt", "field": "days_lost", "rules": []}, {"id": "01a2258c-d7c6-7fb4-b224-b47574d1e1d1", "page": "hurt", "field": "witnesses", "rules": []}, {"id": "01a2258c-d7c6-769c-8b16-d03ee7545753", "page": "damage", "field": "cost", "rules": [{"kind": "must", "condition": "cost >= 0"}]}, {"id": "01a2258c-d7c6-75b2-95e9-b5ff84dccfdd", "page": "damage", "field": "photos", "rules": []}, {"id": "01a2258c-d7c6-7bd1-aa27-fcef086a5e06", "page": "follow_up", "field": "root_cause", "rules": []}, {"id": "01a2258c-d7c6-7357-9e85-b880f20d31aa", "page": "follow_up", "field": "actions", "rules": []}, {"id": "01a2258c-d7c6-7497-a767-187c8a2e8e02", "page": "follow_up", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"open\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office", "safety_trustee", "treasurer"], "introduction": "Anything that hurt someone, could have, or broke something. If someone is in danger, call for help first."}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities', 1, 'published', 22, '{"id": "01a2258c-dee6-7344-8041-424084fc8a0d", "key": "severities", "label": "Severities", "choices": [{"id": "01a2258c-dee6-7f29-9391-44b54bd772c9", "code": "scare", "label": "Scare"}, {"id": "01a2258c-dee6-7b53-a6ed-6cb9bbf48896", "code": "damage", "label": "Damage"}, {"id": "01a2258c-dee6-749a-9d76-67f336412a19", "code": "injury", "label": "Injury"}], "columns": []}', '2026-11-29 04:25:18.82+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 1, 'retired', 2, '{"id": "01a2258c-d7c6-77eb-9be3-9002b07793b4", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 2, 'published', 2, '{"id": "01a2258c-d7c6-77eb-9be3-9002b07793b4", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 04:25:19.134+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 1, 'retired', 11, '{"id": "01a2258c-dee6-791d-a0ff-cb94330d747b", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a2258c-dee6-789b-9d82-541cb4b9b2de", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a2258c-dee6-75a2-886a-64cbd8a1cd55", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a2258c-dee6-7672-844e-21b00eac97f8", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2258c-dee6-7399-a71b-cdbed1a00c6f", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2258c-dee6-7349-86b6-515955292f6b", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a2258c-dee6-7eca-bade-1bb210d698aa", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a2258c-dee6-7cbd-a83d-947c6f7f40ff", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a2258c-dee6-70ca-9c50-9b0511c24c1c", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-29 04:25:18.82+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 1, 'retired', 3, '{"id": "01a2258c-d7c6-7ee8-a751-efcf1135c4b2", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 2, 'published', 3, '{"id": "01a2258c-d7c6-7ee8-a751-efcf1135c4b2", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 04:25:19.134+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('form', 'new_client', 1, 'published', 1, '{"id": "01a2258c-d7c6-789a-a530-89a2a21cdd3c", "key": "new_client", "label": "New client", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a2258c-d7c6-773a-90c2-4d0272a3a4c8", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7b7a-8485-1258bba51b52", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a2258c-d7c6-7672-9437-aa0f4f345049", "field": "email", "rules": []}, {"id": "01a2258c-d7c6-76ce-b6e0-0b4eb7b84808", "field": "phone", "rules": []}, {"id": "01a2258c-d7c6-7c86-975a-a913737db6eb", "field": "address", "rules": []}, {"id": "01a2258c-d7c6-72bb-8ad3-b740a1586230", "field": "client_since", "rules": [{"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "client_since <= today()"}]}, {"id": "01a2258c-d7c6-7c79-be68-cf8b18ae0125", "field": "credit_limit", "rules": [{"kind": "asked_when", "condition": "kind in (\"firm\", \"club\", \"school\")"}, {"kind": "must", "condition": "credit_limit >= 0"}]}, {"id": "01a2258c-d7c6-7f41-b84d-a5f31c41dfe3", "field": "newsletter", "rules": []}], "fill_in_by": ["office"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_arrival', 1, 'published', 2, '{"id": "01a2258c-d7c6-78a5-86f5-df552148fd07", "key": "boat_arrival", "label": "Boat arrival", "pages": [], "endings": [], "purpose": "add", "register": "boats", "sections": [], "questions": [{"id": "01a2258c-d7c6-703a-9405-00304f347af9", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7a89-b1a5-c95954e87408", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-769a-9840-ca506a1b64e0", "field": "hull", "rules": []}, {"id": "01a2258c-d7c6-775f-9c68-67902548b37e", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a2258c-d7c6-72f4-8930-81f571db5100", "field": "state", "rules": [{"kind": "starts_as", "value": "\"afloat\""}]}, {"id": "01a2258c-d7c6-7390-a454-1b449bced2f0", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}, {"kind": "offers_where", "condition": "entry.length_overall = null or longest >= entry.length_overall"}]}, {"id": "01a2258c-d7c6-7077-86e9-54d3457b4bbf", "field": "insured_until", "rules": []}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'raise_invoice', 1, 'published', 4, '{"id": "01a2258c-d7c7-7034-93f3-7ad0a269f9c0", "key": "raise_invoice", "label": "Raise an invoice", "pages": [{"id": "01a2258c-d7c7-7906-a5f4-83278a6b7f49", "key": "who", "label": "Who and what", "onward": []}, {"id": "01a2258c-d7c7-745a-9bd0-2ec8ffda2ef8", "key": "lines", "label": "Lines", "onward": []}, {"id": "01a2258c-d7c7-752d-afde-de55b2b7851b", "key": "payment", "label": "Dates and state", "onward": []}], "endings": [], "purpose": "add", "register": "invoices", "sections": [], "questions": [{"id": "01a2258c-d7c6-77d5-98db-c3a682a115d4", "page": "who", "field": "client", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7d38-819e-483b7b565937", "page": "who", "field": "boat", "rules": [{"kind": "offers_where", "condition": "entry.client = null or owner = entry.client"}]}, {"id": "01a2258c-d7c6-7454-9425-9ae2e8ed9933", "page": "who", "field": "subject", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c6-7af4-ab2c-17a77e213773", "help": "Choosing an item fills its name, its price and its VAT rate.", "page": "lines", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.sale_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a2258c-d7c6-7088-8322-3848120dc36d", "page": "lines", "field": "net", "rules": []}, {"id": "01a2258c-d7c6-7f1c-89b7-3e1f3068a7f4", "page": "lines", "field": "vat", "rules": []}, {"id": "01a2258c-d7c6-7036-9ff9-d7807fea467d", "page": "lines", "field": "gross", "rules": []}, {"id": "01a2258c-d7c6-7ee3-9657-d3a6c484b1e3", "page": "payment", "field": "issued_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "issued_on <= today()"}]}, {"id": "01a2258c-d7c6-7528-88ba-05f31cc2ce3a", "page": "payment", "field": "due_on", "rules": [{"kind": "starts_as", "value": "issued_on + duration(\"P30D\")"}, {"kind": "must", "condition": "due_on >= issued_on"}]}, {"id": "01a2258c-d7c6-712d-bc30-f3eb987c8c96", "page": "payment", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issued\""}, {"kind": "offers_only", "choices": ["draft", "issued"]}]}], "fill_in_by": ["office", "treasurer"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'record_donation', 1, 'published', 5, '{"id": "01a2258c-d7c7-7449-9dda-d80d8563d495", "key": "record_donation", "label": "Record a donation", "pages": [], "endings": [{"label": "Thank you", "words": "The receipt number is on the record.", "leads_to": "another"}], "purpose": "add", "register": "donations", "sections": [{"key": "aid", "help": "Only for people who pay tax in the United Kingdom.", "label": "Gift Aid", "condition": "kind in (\"single\", \"regular\", \"in_memory\")"}], "questions": [{"id": "01a2258c-d7c7-73b9-9987-7ddaf075068e", "field": "appeal", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as_opened", "register": "appeals"}]}, {"id": "01a2258c-d7c7-7446-8de6-deb9fb88f4db", "help": "If the donor is a client already; the name is filled in.", "field": "donor", "rules": [{"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a2258c-d7c7-7495-b8f5-3d23e7c19b53", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7767-a4e8-e738f4af22eb", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a2258c-d7c7-7bc0-ae89-63fa801cc6de", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "received_on <= today()"}]}, {"id": "01a2258c-d7c7-7979-ac11-a58af86aec22", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a2258c-d7c7-7118-8d99-3ca39103c40a", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7f15-854d-aef18f8cb4a4", "field": "gift_aid", "rules": [{"kind": "starts_as", "value": "false"}], "section": "aid"}, {"id": "01a2258c-d7c7-7197-9d42-ce8214ffe4d9", "field": "tax_to_claim", "rules": [], "section": "aid"}, {"id": "01a2258c-d7c7-7dd5-b832-d2e5c64bee86", "field": "anonymous", "rules": [{"kind": "starts_as", "value": "false"}]}, {"id": "01a2258c-d7c7-7987-a59d-b728ce6a650f", "field": "thanked_on", "rules": [{"kind": "asked_when", "condition": "anonymous = false"}]}, {"id": "01a2258c-d7c7-7a7c-9309-a399b1849f33", "field": "note", "rules": []}], "fill_in_by": ["office", "treasurer"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'appeal_gift', 1, 'published', 6, '{"id": "01a2258c-d7c7-7fdc-acaa-37d6619b84ca", "key": "appeal_gift", "label": "Gift to an appeal", "pages": [], "endings": [], "purpose": "add", "register": "donations", "sections": [], "questions": [{"id": "01a2258c-d7c7-77ea-8767-54a8e27ee333", "field": "appeal", "rules": [{"kind": "starts_as_opened", "register": "appeals"}, {"kind": "hidden"}]}, {"id": "01a2258c-d7c7-7b81-bdab-3599eab17eca", "field": "donor", "rules": [{"kind": "starts_as_addressed", "name": "donor"}, {"kind": "hidden"}, {"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a2258c-d7c7-7f20-9e7d-749ec2e1b7df", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-754f-acc8-4642ff28b411", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a2258c-d7c7-706d-b0b0-f3b1452ba0a7", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a2258c-d7c7-74ae-81cc-c764ec2f3fc6", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a2258c-d7c7-79cb-b083-29d25754dd90", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7ad0-a73d-c35ba4b424ed", "field": "gift_aid", "rules": []}], "fill_in_by": ["office", "treasurer"], "introduction": "For the desk at an event: open it from the appeal’s page, and only the gift is asked."}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'purchase_request', 1, 'published', 7, '{"id": "01a2258c-d7c7-7ad7-a634-cdbdda4bfa16", "key": "purchase_request", "label": "Purchase request", "pages": [], "endings": [], "purpose": "add", "register": "purchases", "sections": [], "questions": [{"id": "01a2258c-d7c7-7d6f-bddf-226a9d37dac7", "field": "what_for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7e8a-8d69-f740dc2afded", "field": "supplier", "rules": []}, {"id": "01a2258c-d7c7-7a52-ab41-d06d07c8ff04", "field": "cost_centre", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7375-8540-a6c0669761a0", "field": "requested_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "requested_on <= today()"}]}, {"id": "01a2258c-d7c7-7f95-87a1-ce2aa935c833", "field": "needed_by", "rules": [{"kind": "must", "condition": "needed_by >= requested_on"}]}, {"id": "01a2258c-d7c7-7ef1-8519-a1e750f03964", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.cost_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a2258c-d7c7-781d-856e-fee4adc5fe59", "field": "net", "rules": []}, {"id": "01a2258c-d7c7-736e-8423-5bdd37413cfb", "field": "vat", "rules": []}, {"id": "01a2258c-d7c7-7816-b5d7-181d48839b3a", "field": "gross", "rules": []}, {"id": "01a2258c-d7c7-7003-82ef-e0e33e4a9c2d", "help": "Over 1,000 net we need a quotation.", "field": "quotes", "rules": [{"kind": "asked_when", "condition": "net >= 1000"}, {"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7b7f-ba83-dd3cf1707473", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"requested\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'stock_movement', 1, 'published', 8, '{"id": "01a2258c-d7c7-7a97-ac29-091821efff1f", "key": "stock_movement", "label": "Stock movement", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a2258c-d7c7-7f00-81e9-5b7c404fd632", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}, {"from": "stock.cost_price", "kind": "fills", "question": "unit_cost"}]}, {"id": "01a2258c-d7c7-7758-a482-cb72a4ba6d5f", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7c2f-a774-29d18bdb6577", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a2258c-d7c7-78d6-a207-164945042637", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a2258c-d7c7-7777-97f8-9792567486ba", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a2258c-d7c7-7f91-b0c7-83baaebc7cc3", "field": "unit_cost", "rules": [{"kind": "locked_when", "condition": "kind in (\"issue\", \"write_off\")"}]}, {"id": "01a2258c-d7c7-78bb-be87-c181f3d607af", "field": "purchase", "rules": [{"kind": "asked_when", "condition": "kind = \"receipt\""}]}, {"id": "01a2258c-d7c7-775c-a7b9-712a8cff7d84", "field": "invoice", "rules": [{"kind": "asked_when", "condition": "kind in (\"issue\", \"return\")"}]}, {"id": "01a2258c-d7c7-7f17-b83a-8f3d36a885ae", "field": "done_by", "rules": []}], "fill_in_by": ["yard_manager", "office"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'move_stock', 1, 'published', 14, '{"id": "01a2258c-d7c8-75a2-b120-f0429ba40616", "key": "move_stock", "label": "Move stock", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a2258c-d7c8-703f-823c-8de62f5ff6f7", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}]}, {"id": "01a2258c-d7c8-758d-901a-a07ef7c1516b", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c8-72a7-8a3b-c9a325a15a78", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a2258c-d7c8-73a7-a45a-a0697bd712f2", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a2258c-d7c8-72f5-815a-79955094f551", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a2258c-d7c8-724c-8853-e6d5ff5fdae0", "field": "done_by", "rules": []}], "fill_in_by": ["yard_hand"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_details', 1, 'published', 9, '{"id": "01a2258c-d7c7-70a5-aa95-70881830d10d", "key": "boat_details", "label": "Yearly boat details", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a2258c-d7c7-7491-b2e5-dd7d9e15b728", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7b26-a14b-1fabf8252588", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-73d6-82cb-be36aff2303f", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "offers_only", "choices": ["afloat", "ashore", "away"]}]}, {"id": "01a2258c-d7c7-7023-a340-ea9080f7d257", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}]}, {"id": "01a2258c-d7c7-7f8f-9f50-78df225ce230", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a2258c-d7c7-75a1-832f-cdba9f64c85e", "field": "beam", "rules": []}, {"id": "01a2258c-d7c7-790f-b63f-e51c5b5e9a59", "field": "draught", "rules": []}, {"id": "01a2258c-d7c7-7aff-b767-54aa6142e7ea", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: ask for the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a2258c-d7c7-7c37-9cbe-38dcc36c285c", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["office", "yard_manager"], "introduction": "What stood there last year stands beside what is changed."}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_inquiry', 1, 'published', 10, '{"id": "01a2258c-d7c7-7e7e-a31e-dd19dfc70b24", "key": "berth_inquiry", "label": "Berth inquiry", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a2258c-d7c7-7a9f-a13c-1ae9efd696aa", "field": "name", "label": "Who asks", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7437-bf37-f63153cfd1e6", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a2258c-d7c7-72be-a613-c0db7aacbfa6", "field": "phone", "rules": [{"kind": "must", "condition": "phone != null"}]}, {"id": "01a2258c-d7c7-7b8d-ada8-3bd366e108a0", "field": "email", "rules": []}, {"id": "01a2258c-d7c7-73d2-b6cc-8e1629248c70", "help": "Length of the boat, from when, with or without power.", "field": "notes", "label": "What they are looking for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7c72-bd80-934ca61ed9ed", "field": "client_since", "rules": [{"kind": "hidden_as", "value": "today()"}]}], "fill_in_by": ["office", "yard_hand"], "registration": {"name": "name", "role": "client", "email": "email"}}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_item', 1, 'published', 11, '{"id": "01a2258c-d7c8-7df0-a4be-115f5318dcc8", "key": "new_item", "label": "New stock item", "pages": [{"id": "01a2258c-d7c8-788a-a330-edca370ba608", "key": "what", "label": "What it is", "onward": []}, {"id": "01a2258c-d7c8-7a9c-879b-5589f1802a55", "key": "prices", "label": "Prices", "onward": []}, {"id": "01a2258c-d7c8-7123-87ac-87e6c846200d", "key": "keeping", "label": "Keeping it", "onward": [], "introduction": "Only what is counted is reordered."}], "endings": [], "purpose": "add", "register": "stock", "sections": [], "questions": [{"id": "01a2258c-d7c7-7a5d-bd33-246176bff848", "page": "what", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7919-a2e6-98dafcd579ee", "page": "what", "field": "code", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-7d65-bf2c-9a274d354d05", "page": "what", "field": "group", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c7-76b7-90b7-ae1d3ff73073", "page": "what", "field": "unit", "rules": [{"kind": "starts_as", "value": "\"each\""}]}, {"id": "01a2258c-d7c7-73bd-ae0c-a02bcca666fd", "page": "what", "field": "bar_code", "rules": []}, {"id": "01a2258c-d7c7-76f0-a079-3bb2e4fc352f", "page": "prices", "field": "cost_price", "rules": [{"kind": "must", "condition": "cost_price >= 0"}]}, {"id": "01a2258c-d7c7-7e0a-9f8e-53c60a487d43", "page": "prices", "field": "sale_price", "rules": [{"kind": "must", "message": "It would be sold for less than it costs.", "condition": "cost_price = null or sale_price >= cost_price"}]}, {"id": "01a2258c-d7c8-7926-bb9e-89c4a7bca410", "page": "prices", "field": "margin", "rules": []}, {"id": "01a2258c-d7c8-7b69-bd5d-facd71085892", "page": "prices", "field": "vat_rate", "rules": [{"kind": "starts_as", "value": "\"standard\""}]}, {"id": "01a2258c-d7c8-7712-987d-9ba3bba4468a", "page": "prices", "field": "supplier", "rules": []}, {"id": "01a2258c-d7c8-7ef9-bcd3-94c4bbadf242", "page": "keeping", "field": "counted", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a2258c-d7c8-7b98-8d58-09e9395647bc", "page": "keeping", "field": "shelf", "rules": []}, {"id": "01a2258c-d7c8-7145-aff8-45607d6c9788", "page": "keeping", "field": "reorder_point", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a2258c-d7c8-7723-b963-b72f3011ebcc", "page": "keeping", "field": "reorder_quantity", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a2258c-d7c8-71cc-91b4-456b17c594fa", "page": "keeping", "field": "picture", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_appeal', 1, 'published', 12, '{"id": "01a2258c-d7c8-74df-8691-0eb200e840a6", "key": "new_appeal", "label": "New appeal", "pages": [], "endings": [], "purpose": "add", "register": "appeals", "sections": [], "questions": [{"id": "01a2258c-d7c8-7e4e-983f-7f300e587040", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c8-721e-a157-88aef0e7fe7a", "field": "purpose", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c8-7ba4-a305-56285ef79d6e", "field": "target", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "target > 0"}]}, {"id": "01a2258c-d7c8-757a-b7f2-8290cdbba0ff", "field": "begins_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a2258c-d7c8-7dce-b2aa-bbc79298afe6", "field": "ends_on", "rules": [{"kind": "must", "condition": "ends_on > begins_on"}]}, {"id": "01a2258c-d7c8-701c-a7e3-7da9584cc533", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "if begins_on > today() then \"planned\" else \"running\""}, {"kind": "offers_only", "choices": ["planned", "running"]}]}, {"id": "01a2258c-d7c8-794f-955a-5892f6748404", "field": "boat", "rules": []}, {"id": "01a2258c-d7c8-79b1-b623-431d9dbe656c", "field": "manager", "rules": []}, {"id": "01a2258c-d7c8-7995-9cf4-00342997ea8f", "field": "page", "rules": []}, {"id": "01a2258c-d7c8-73c7-8bb5-eb629cfedb84", "field": "picture", "rules": []}], "fill_in_by": ["office"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_details', 1, 'published', 13, '{"id": "01a2258c-d7c8-78ba-9961-f9b86a4b05d4", "key": "berth_details", "label": "Berth details", "pages": [], "endings": [], "purpose": "both", "register": "berths", "sections": [], "questions": [{"id": "01a2258c-d7c8-7ec1-b357-0842be8423b4", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c8-7541-bcd7-67912853dacf", "field": "pontoon", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-d7c8-7907-a5e3-0f1d2f5b595b", "field": "longest", "rules": [{"kind": "must", "condition": "longest > 0"}]}, {"id": "01a2258c-d7c8-7576-a019-6c7eb1d5d20d", "field": "shore_power", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a2258c-d7c8-7e0c-b26e-3ad8aade413d", "field": "services", "rules": []}, {"id": "01a2258c-d7c8-770f-bc99-3ff395b1638a", "field": "yearly_fee", "rules": [{"kind": "must", "condition": "yearly_fee >= 0"}]}, {"id": "01a2258c-d7c8-7f32-a6b9-42db0cfac940", "field": "position", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'your_boat', 1, 'published', 15, '{"id": "01a2258c-d7c8-74d0-9c18-b8729b3d39c6", "key": "your_boat", "label": "Your boat this year", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a2258c-d7c8-7203-8352-9d0455e0b719", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: send us the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a2258c-d7c8-7e7f-8312-d4df60633ae7", "field": "sail_number", "rules": []}, {"id": "01a2258c-d7c8-7221-9397-aa506283dac0", "field": "beam", "rules": []}, {"id": "01a2258c-d7c8-76f6-ad4c-644adc3c74de", "field": "draught", "rules": []}, {"id": "01a2258c-d7c8-7f18-8334-df57575b0c67", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["client"], "introduction": "Tell us what has changed, so that nobody has to ring you."}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('route', 'near_misses', 1, 'published', 1, '{"id": "01a2258c-dffd-7393-b785-a154faaf109c", "key": "near_misses", "sets": {"refused": [], "approved": [], "sent_back": []}, "label": "Near misses", "steps": [{"id": "01a2258c-dffd-77a3-9d79-10ce97de8af1", "who": {"kind": "role", "role": "yard_manager"}, "fills": [], "label": "Yard manager", "locks": [], "notes": [], "shows": null, "beside": false, "refused": "first", "deadline": null, "how_many": "any", "condition": "cost > 500"}], "stops": [], "amount": null, "mended": "first", "reopens": [], "may_sign": [], "register": "near_misses", "condition": null, "tolerance": null, "again_from": null, "last_resort": {"kind": "role", "role": "operations_manager"}}', '2026-11-29 04:25:19.1+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('form', 'report_a_near_miss', 1, 'published', 16, '{"id": "01a2258c-dfed-7c5f-b4c2-286c12dab876", "key": "report_a_near_miss", "label": "Report a near miss", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a2258c-dfed-77bc-9182-35d4a9a16ba0", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-dfed-777f-98b3-ded3d9ba327e", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a2258c-dfed-7d97-a455-b8be5a1579cc", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-dfed-74ea-9d1c-3563c5508fe8", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a2258c-dfed-7ad9-8379-56b8d1d9bc3a", "field": "owner", "rules": []}, {"id": "01a2258c-dfed-7135-83f0-d6c51a4e0903", "field": "cost", "rules": [{"kind": "asked_when", "condition": "severity in (\"damage\", \"injury\")"}, {"kind": "must", "condition": "cost > 0"}]}, {"id": "01a2258c-dfed-79c8-af95-9bacc5369181", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": ["yard_hand"]}', '2026-11-29 04:25:19.134+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('register', 'boats', 1, 'retired', 2, '{"id": "01a2258c-d7c3-7773-b03a-840ca9755d1e", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a2258c-d7c3-7913-8669-be906af0c314", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c3-7015-90bc-f1538705d4d5", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a2258c-d7c3-7d43-b2ab-b281af289400", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a2258c-d7c3-7c23-8826-09375bc0cca0", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a2258c-d7c3-72fb-83fb-4faec8d8c891", "key": "built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a2258c-d7c3-72b1-b738-9c0b3ea8f9a6", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a2258c-d7c3-7c51-8bf4-9a119dbc7918", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2258c-d7c3-7545-9d4b-ef45bbc35456", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a2258c-d7c3-79e2-9e40-286933125f25", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a2258c-d7c3-7973-a97c-8afa540656fa", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a2258c-d7c3-70f8-8b6b-2c6d5e58dca5", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a2258c-d7c3-7039-a5af-934e4d6c9eac", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a2258c-d7c3-7ffa-b40a-191e2d80b759", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a2258c-d7c3-741a-b395-738698dcdd65", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-29 04:25:16.991+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'boats', 2, 'published', 2, '{"id": "01a2258c-d7c3-7773-b03a-840ca9755d1e", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a2258c-d7c3-7913-8669-be906af0c314", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2258c-d7c3-7015-90bc-f1538705d4d5", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a2258c-d7c3-7d43-b2ab-b281af289400", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a2258c-d7c3-7c23-8826-09375bc0cca0", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a2258c-d7c3-72fb-83fb-4faec8d8c891", "key": "year_built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a2258c-d7c3-72b1-b738-9c0b3ea8f9a6", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a2258c-d7c3-7c51-8bf4-9a119dbc7918", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2258c-d7c3-7545-9d4b-ef45bbc35456", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a2258c-d7c3-79e2-9e40-286933125f25", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a2258c-d7c3-7973-a97c-8afa540656fa", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a2258c-d7c3-70f8-8b6b-2c6d5e58dca5", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a2258c-d7c3-7039-a5af-934e4d6c9eac", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a2258c-d7c3-7ffa-b40a-191e2d80b759", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a2258c-d7c3-741a-b395-738698dcdd65", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "year_built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-29 04:25:19.675+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 2, 'published', 11, '{"id": "01a2258c-dee6-791d-a0ff-cb94330d747b", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a2258c-dee6-789b-9d82-541cb4b9b2de", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a2258c-dee6-75a2-886a-64cbd8a1cd55", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a2258c-dee6-7399-a71b-cdbed1a00c6f", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2258c-dee6-7349-86b6-515955292f6b", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a2258c-dee6-7eca-bade-1bb210d698aa", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a2258c-dee6-7cbd-a83d-947c6f7f40ff", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a2258c-dee6-70ca-9c50-9b0511c24c1c", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-29 04:25:19.981+00', '01a2258c-dc1f-7262-8487-aa35e7412627');
INSERT INTO iolite.drafts VALUES ('report_a_near_miss', 1, '{"id": "01a2258c-dfed-7c5f-b4c2-286c12dab876", "key": "report_a_near_miss", "label": "Report a near miss soon", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a2258c-dfed-77bc-9182-35d4a9a16ba0", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-dfed-777f-98b3-ded3d9ba327e", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a2258c-dfed-7d97-a455-b8be5a1579cc", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2258c-dfed-74ea-9d1c-3563c5508fe8", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a2258c-dfed-7ad9-8379-56b8d1d9bc3a", "field": "owner", "rules": []}, {"id": "01a2258c-dfed-79c8-af95-9bacc5369181", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": []}', '2026-11-29 04:25:20.24+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'form');
INSERT INTO iolite.groups VALUES ('01a2258c-e530-772c-9496-623d9d4b7c2f', '$argon2id$v=19$m=19456,t=2,p=1$5krBeG+VljhNlu95X3Qrhw$UB/PlMRDHz+dWwpGbwXqqpv/lw3F2RulmkQK0LYqRoA', '{01a2258c-d7c6-7286-b886-13af3ef52e11}', '18:00');
INSERT INTO iolite.history VALUES (1, '01a2258c-e030-700b-a13a-41b8f2d0a85d', '2026-11-29 04:25:19.175+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'added', NULL, NULL, '{}', '01a2258c-d7c3-705a-9d83-ad371f03c3e7', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (2, '01a2258c-e030-700f-a7bf-e3785837f8c5', '2026-11-29 04:25:19.225+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'added', NULL, NULL, '{}', '01a2258c-d7c3-7773-b03a-840ca9755d1e', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (3, '01a2258c-e083-7ade-b385-6c4064a0a630', '2026-11-29 04:25:19.238+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'added', NULL, NULL, '{}', '01a2258c-d7c3-705a-9d83-ad371f03c3e7', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (4, '01a2258c-e083-7f37-b375-e22c9e3af165', '2026-11-29 04:25:19.248+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'added', NULL, NULL, '{}', '01a2258c-d7c3-7773-b03a-840ca9755d1e', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (5, '01a2258c-e096-7a7b-85aa-79cdd16a4a58', '2026-11-29 04:25:19.26+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 'added', 1, NULL, '{}', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dfed-7c5f-b4c2-286c12dab876', NULL, NULL);
INSERT INTO iolite.history VALUES (6, '01a2258c-e0d4-7f3f-b9da-686bf5f2b9b9', '2026-11-29 04:25:19.325+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 'added', 1, NULL, '{}', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dfed-7c5f-b4c2-286c12dab876', NULL, NULL);
INSERT INTO iolite.history VALUES (7, '01a2258c-e0ee-79d4-aa77-8a45079cea2d', '2026-11-29 04:25:19.347+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 'added', 1, NULL, '{}', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dfed-7c5f-b4c2-286c12dab876', NULL, NULL);
INSERT INTO iolite.history VALUES (8, '01a2258c-e108-778c-8d7d-1c4948d7fb8d', '2026-11-29 04:25:19.372+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 'added', 1, NULL, '{}', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dfed-7c5f-b4c2-286c12dab876', NULL, NULL);
INSERT INTO iolite.history VALUES (9, '01a2258c-e0d4-7f3f-b9da-686bf5f2b9b9', '2026-11-29 04:25:19.48+00', '01a2258c-dc41-7ecf-8033-6456d1b5e920', 'sent_back', NULL, 'Seen on the pontoon.', '{}', '01a2258c-dee6-791d-a0ff-cb94330d747b', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (10, '01a2258c-e0ee-79d4-aa77-8a45079cea2d', '2026-11-29 04:25:19.545+00', '01a2258c-dc41-7ecf-8033-6456d1b5e920', 'approved', NULL, 'Seen on the pontoon.', '{}', '01a2258c-dee6-791d-a0ff-cb94330d747b', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (11, '01a2258c-e096-7a7b-85aa-79cdd16a4a58', '2026-11-29 04:25:19.563+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'changed', NULL, NULL, '{"01a2258c-dee6-7cbd-a83d-947c6f7f40ff": ["900", "950"]}', '01a2258c-dee6-791d-a0ff-cb94330d747b', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (12, '01a2258c-e1f0-73d4-b9a4-d25ce5d8cbf2', '2026-11-29 04:25:19.604+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'added', NULL, NULL, '{}', '01a2258c-d7c4-7302-b766-01a26598b6a3', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (13, '01a2258c-e083-7f37-b375-e22c9e3af165', '2026-11-29 04:25:19.625+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'changed', NULL, NULL, '{"01a2258c-d7c3-72fb-83fb-4faec8d8c891": [null, "1987"]}', '01a2258c-d7c3-7773-b03a-840ca9755d1e', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (14, '01a2258c-e083-7f37-b375-e22c9e3af165', '2026-11-29 04:25:19.645+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'archived', NULL, NULL, '{}', '01a2258c-d7c3-7773-b03a-840ca9755d1e', NULL, NULL, NULL);
INSERT INTO iolite.jobs VALUES ('01a2258c-e0c9-7bbf-b73e-55a7f7d90178', 'tell_waiting', '{"signOff": "01a2258c-e09c-7b0b-b494-e844b5d35969"}', NULL, '2026-11-29 04:25:19.305+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 04:25:19.305+00');
INSERT INTO iolite.jobs VALUES ('01a2258c-e0e8-7b76-88a4-0577d1eb15b2', 'tell_waiting', '{"signOff": "01a2258c-e0dd-7afa-a4e8-80e2dadd91d9"}', NULL, '2026-11-29 04:25:19.336+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 04:25:19.336+00');
INSERT INTO iolite.jobs VALUES ('01a2258c-e101-77f8-a5d8-1068f528d781', 'tell_waiting', '{"signOff": "01a2258c-e0f3-7fc0-9345-342ee7530715"}', NULL, '2026-11-29 04:25:19.361+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 04:25:19.361+00');
INSERT INTO iolite.jobs VALUES ('01a2258c-e189-79c5-a807-3ec0aaa99b9d', 'tell_waiting', '{"signOff": "01a2258c-e0dd-7afa-a4e8-80e2dadd91d9"}', NULL, '2026-11-29 04:25:19.497+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 04:25:19.497+00');
INSERT INTO iolite.jobs VALUES ('01a2258c-e493-74a0-8d5f-23a10deb4378', 'send_mail', '{"message": "01a2258c-e493-7099-bea3-548e3464f228"}', NULL, '2026-11-29 04:25:20.275+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 04:25:20.275+00');
INSERT INTO iolite.jobs VALUES ('01a2258c-e49b-7b09-aebd-279ee5fea821', 'send_mail', '{"message": "01a2258c-e49b-7e23-8e67-2f71c1fba003"}', NULL, '2026-11-29 04:25:20.283+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 04:25:20.283+00');
INSERT INTO iolite.kept_entries VALUES ('01a2258c-e553-72c6-a755-d90522ef2076', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 1, NULL, 'Half a story', '{"typed": {"title": {"value": "Half a story"}}}', '2026-11-29 04:25:20.482+00', '01a2258c-dfed-7c5f-b4c2-286c12dab876');
INSERT INTO iolite.messages VALUES ('01a2258c-e493-7099-bea3-548e3464f228', '2026-11-29 04:25:20.275+00', '01a2258c-e48e-7c50-885f-b2456d6a5fa9', 'Nell Harrow', 'nell.harrow@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Nell Harrow,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, nell.harrow@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'UK5uD-ngTUOU7uHDWD8FfMewWo5IOxLMvwa2N2W3zQ0', 'waiting', NULL, '01a2258c-e493-74a0-8d5f-23a10deb4378');
INSERT INTO iolite.messages VALUES ('01a2258c-e49b-7e23-8e67-2f71c1fba003', '2026-11-29 04:25:20.283+00', '01a2258c-e498-78e9-af7a-b7ef1dd0a824', 'Anneke Voss', 'anneke.voss@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Anneke Voss,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, anneke.voss@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'YiW2SZdH_rJeQYjbHq9objkk8F0NppVuQ-HXFoWlfcw', 'waiting', NULL, '01a2258c-e49b-7b09-aebd-279ee5fea821');
INSERT INTO iolite.people VALUES ('01a2258c-dc40-7c63-a2ac-5fc30ece21cc', 'dev.anand@example.org', 'Dev Anand', '{yard_hand}', NULL, 2, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc41-733a-b6c9-3cd8d6a47500', 'ines.varga@example.org', 'Ines Varga', '{treasurer,trustee}', NULL, 4, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc42-7076-8190-a274c5158426', 'teo.marsh@example.org', 'Teo Marsh', '{safety_trustee,trustee}', NULL, 5, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc42-77dc-a319-87f0026d11ea', 'bea.quill@example.org', 'Bea Quill', '{office}', NULL, 6, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc43-7ad6-9626-c2f4bb4d4634', 'orla.margetts@example.org', 'Orla Margetts', '{client}', NULL, 7, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc44-7a8a-a9b6-13252f08dc95', 'tomas.reed@example.org', 'Tomas Reed', '{trustee}', NULL, 8, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc1f-7262-8487-aa35e7412627', 'runa.oakes@example.org', 'Runa Oakes', '{operations_manager}', '$argon2id$v=19$m=19456,t=2,p=1$zJcvYi5Imsi8+SfWEEvAsA$IR4pAHBSrgdwRziQ/erOThh6b+x+DE8JYh2e7JcC6NM', 0, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, '2026-11-29 04:25:18.671+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc3f-7f75-a432-2ff3ff222413', 'piet.lund@example.org', 'Piet Lund', '{yard_hand}', NULL, 1, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, '2026-11-29 04:25:18.706+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-dc41-7ecf-8033-6456d1b5e920', 'sana.whitlock@example.org', 'Sana Whitlock', '{yard_manager}', NULL, 3, NULL, 'person', '', '2026-11-29 04:25:16.991+00', NULL, '2026-11-29 04:25:18.751+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-e48e-7c50-885f-b2456d6a5fa9', 'nell.harrow@example.org', 'Nell Harrow', '{office}', NULL, 9, NULL, 'person', '', NULL, NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-e498-78e9-af7a-b7ef1dd0a824', 'anneke.voss@example.org', 'Anneke Voss', '{yard_hand}', NULL, 10, NULL, 'person', '', NULL, '2026-11-29 04:25:20.417+00', NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-e530-772c-9496-623d9d4b7c2f', '', 'Slipway tablet', '{yard_hand}', NULL, 11, NULL, 'group', '', '2026-11-29 04:25:20.429+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2258c-e54e-73e6-bfd5-94c5034205fd', '', 'Year-end sums', '{treasurer}', NULL, 12, NULL, 'token', '', '2026-11-29 04:25:20.461+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.receipts VALUES ('01a2258c-e030-700b-a13a-41b8f2d0a85d', 'clients', '01a2258c-dc1f-7262-8487-aa35e7412627', 'ac32ebddfb06e069aae0c9d5c335ac6409451b56df2bef228a7927726d93b03f');
INSERT INTO iolite.receipts VALUES ('01a2258c-e030-700f-a7bf-e3785837f8c5', 'boats', '01a2258c-dc1f-7262-8487-aa35e7412627', 'd6272a65e1996e8a727b32802f561a72dbf05de4f902f52180f1f2728983214f');
INSERT INTO iolite.receipts VALUES ('01a2258c-e083-7ade-b385-6c4064a0a630', 'clients', '01a2258c-dc1f-7262-8487-aa35e7412627', 'b043a888b836c8682d4237592e75dba8f0d51b88a62f46252c52ded2dda5da99');
INSERT INTO iolite.receipts VALUES ('01a2258c-e083-7f37-b375-e22c9e3af165', 'boats', '01a2258c-dc1f-7262-8487-aa35e7412627', '3185cda7b5b6a053937508cdd423613c9cbb0f72a064e2b4c9fa8d43eccd0708');
INSERT INTO iolite.receipts VALUES ('01a2258c-e096-7a7b-85aa-79cdd16a4a58', 'near_misses', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2722ea2add2a1fbe770a84ec62c9550f3d074587f886d1aab5d4bc860512f768');
INSERT INTO iolite.receipts VALUES ('01a2258c-e0d4-7f3f-b9da-686bf5f2b9b9', 'near_misses', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 'ec6643f382ed737939b940d3281b9661c09bf5ff5b0d9c1cb40dcb26fc0f3a46');
INSERT INTO iolite.receipts VALUES ('01a2258c-e0ee-79d4-aa77-8a45079cea2d', 'near_misses', '01a2258c-dc3f-7f75-a432-2ff3ff222413', 'eae8b8ff06510ea9f027307c8a60c565b6e8830776d749d083d435d80b5f49f3');
INSERT INTO iolite.receipts VALUES ('01a2258c-e108-778c-8d7d-1c4948d7fb8d', 'near_misses', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '5055f7102d3539623bfc0e82e65e00dbea66054b49d227f6ef885367f6dd4a24');
INSERT INTO iolite.receipts VALUES ('01a2258c-e1f0-73d4-b9a4-d25ce5d8cbf2', 'invoices', '01a2258c-dc1f-7262-8487-aa35e7412627', 'e92e43f172a2583ca6091fe474242d5a904a2a5f0d882d6833e25c488e4c0612');
INSERT INTO iolite.secret_links VALUES ('821c8097ef4738b143685bdc75597fe3b406a8c746d0e4c92c8d20d42b5fe2dc', 'invitation', '01a2258c-e48e-7c50-885f-b2456d6a5fa9', NULL, '2026-11-29 04:25:20.272+00', '2026-12-06 04:25:20.272+00');
INSERT INTO iolite.series VALUES ('invoices', 'invoice_number', 0, 2);
INSERT INTO iolite.sessions VALUES ('43e433cd6b69efd511e90b45b1a24a62d2f57d0d8165f102723a903ab293f901', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:18.671+00', '2026-12-13 04:25:18.667+00', '2026-11-29 04:25:18.671+00', NULL, 'a7eb419a-adc9-458c-9c29-37a16dbd6d27', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('18121f536ad35c280e89ffc50f661e3895e024a91a8c6eb9dab8928388ff8a6e', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:18.705+00', '2026-12-13 04:25:18.7+00', '2026-11-29 04:25:18.705+00', NULL, '6d5bb0ac-4556-422b-b9f8-8b453222f7c4', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('3cb9d67a9292284088f9306f6623ca752fea7870157340023ca1aaeab83f66af', '01a2258c-dc41-7ecf-8033-6456d1b5e920', '2026-11-29 04:25:18.751+00', '2026-12-13 04:25:18.747+00', '2026-11-29 04:25:18.751+00', NULL, '03df8115-8a8c-4091-9be7-2e206b4d3349', 'node', false, NULL, NULL);
INSERT INTO iolite.set_aside VALUES ('01a2258c-e3c7-7147-92f4-ce12f9c67432', 'near_misses', NULL, '-01a2258c-dee6-7672-844e-21b00eac97f8', '{"id": "01a2258c-dee6-7672-844e-21b00eac97f8", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}', '2026-11-29 04:25:19.981+00');
INSERT INTO iolite.sign_off_events VALUES (1, '01a2258c-e09c-7b0b-b494-e844b5d35969', '{"at": "2026-11-29T04:25:19.260Z", "by": "01a2258c-dc3f-7f75-a432-2ff3ff222413", "from": 0, "kind": "sent", "sender": "01a2258c-dc3f-7f75-a432-2ff3ff222413"}');
INSERT INTO iolite.sign_off_events VALUES (2, '01a2258c-e09c-7b0b-b494-e844b5d35969', '{"at": "2026-11-29T04:25:19.260Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2258c-dc41-7ecf-8033-6456d1b5e920"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (3, '01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', '{"at": "2026-11-29T04:25:19.325Z", "by": "01a2258c-dc3f-7f75-a432-2ff3ff222413", "from": 0, "kind": "sent", "sender": "01a2258c-dc3f-7f75-a432-2ff3ff222413"}');
INSERT INTO iolite.sign_off_events VALUES (4, '01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', '{"at": "2026-11-29T04:25:19.325Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2258c-dc41-7ecf-8033-6456d1b5e920"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (5, '01a2258c-e0f3-7fc0-9345-342ee7530715', '{"at": "2026-11-29T04:25:19.347Z", "by": "01a2258c-dc3f-7f75-a432-2ff3ff222413", "from": 0, "kind": "sent", "sender": "01a2258c-dc3f-7f75-a432-2ff3ff222413"}');
INSERT INTO iolite.sign_off_events VALUES (6, '01a2258c-e0f3-7fc0-9345-342ee7530715', '{"at": "2026-11-29T04:25:19.347Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2258c-dc41-7ecf-8033-6456d1b5e920"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (7, '01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', '{"at": "2026-11-29T04:25:19.480Z", "by": "01a2258c-dc41-7ecf-8033-6456d1b5e920", "to": null, "for": "01a2258c-dc41-7ecf-8033-6456d1b5e920", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-29T04:25:19.480Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "send_back"}');
INSERT INTO iolite.sign_off_events VALUES (8, '01a2258c-e0f3-7fc0-9345-342ee7530715', '{"at": "2026-11-29T04:25:19.545Z", "by": "01a2258c-dc41-7ecf-8033-6456d1b5e920", "to": null, "for": "01a2258c-dc41-7ecf-8033-6456d1b5e920", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-29T04:25:19.545Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "approve"}');
INSERT INTO iolite.sign_off_events VALUES (9, '01a2258c-e09c-7b0b-b494-e844b5d35969', '{"at": "2026-11-29T04:25:19.563Z", "by": "01a2258c-dc1f-7262-8487-aa35e7412627", "from": 0, "kept": false, "kind": "changed"}');
INSERT INTO iolite.sign_off_events VALUES (10, '01a2258c-e09c-7b0b-b494-e844b5d35969', '{"at": "2026-11-29T04:25:19.563Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2258c-dc41-7ecf-8033-6456d1b5e920"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_parts VALUES ('01a2258c-e09c-7b0b-b494-e844b5d35969', 0, '01a2258c-dc41-7ecf-8033-6456d1b5e920', 'asked');
INSERT INTO iolite.sign_off_seen VALUES ('01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', 1, '{"01a2258c-dee6-70ca-9c50-9b0511c24c1c": "The warp parted at the bollard while the yawl was being hauled.", "01a2258c-dee6-7349-86b6-515955292f6b": null, "01a2258c-dee6-7399-a71b-cdbed1a00c6f": null, "01a2258c-dee6-75a2-886a-64cbd8a1cd55": "2026-11-29T04:25:19.316Z", "01a2258c-dee6-7672-844e-21b00eac97f8": null, "01a2258c-dee6-789b-9d82-541cb4b9b2de": "Loose cleat", "01a2258c-dee6-7cbd-a83d-947c6f7f40ff": "700", "01a2258c-dee6-7eca-bade-1bb210d698aa": "damage"}');
INSERT INTO iolite.sign_off_seen VALUES ('01a2258c-e0f3-7fc0-9345-342ee7530715', 1, '{"01a2258c-dee6-70ca-9c50-9b0511c24c1c": "The warp parted at the bollard while the yawl was being hauled.", "01a2258c-dee6-7349-86b6-515955292f6b": null, "01a2258c-dee6-7399-a71b-cdbed1a00c6f": "01a2258c-e083-7f37-b375-e22c9e3af165", "01a2258c-dee6-75a2-886a-64cbd8a1cd55": "2026-11-29T04:25:19.342Z", "01a2258c-dee6-7672-844e-21b00eac97f8": null, "01a2258c-dee6-789b-9d82-541cb4b9b2de": "Bent rail", "01a2258c-dee6-7cbd-a83d-947c6f7f40ff": "800", "01a2258c-dee6-7eca-bade-1bb210d698aa": "injury"}');
INSERT INTO iolite.sign_off_steps VALUES ('01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', 0, 'sent_back', '2026-11-29 04:25:19.325+00', NULL, 1, 0);
INSERT INTO iolite.sign_off_steps VALUES ('01a2258c-e0f3-7fc0-9345-342ee7530715', 0, 'signed', '2026-11-29 04:25:19.347+00', NULL, 1, 1);
INSERT INTO iolite.sign_off_steps VALUES ('01a2258c-e09c-7b0b-b494-e844b5d35969', 0, 'open', '2026-11-29 04:25:19.563+00', NULL, 1, 0);
INSERT INTO iolite.sign_offs VALUES ('01a2258c-e0dd-7afa-a4e8-80e2dadd91d9', '01a2258c-e0d4-7f3f-b9da-686bf5f2b9b9', 1, 1, 'sent_back', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.325+00', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dffd-7393-b785-a154faaf109c', '01a2258c-dfed-7c5f-b4c2-286c12dab876', '01a2258c-dffd-7393-b785-a154faaf109c', 1, '', '2026-11-29 04:25:19.48+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, NULL);
INSERT INTO iolite.sign_offs VALUES ('01a2258c-e0f3-7fc0-9345-342ee7530715', '01a2258c-e0ee-79d4-aa77-8a45079cea2d', 1, 1, 'approved', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.347+00', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dffd-7393-b785-a154faaf109c', '01a2258c-dfed-7c5f-b4c2-286c12dab876', '01a2258c-dffd-7393-b785-a154faaf109c', 1, '', '2026-11-29 04:25:19.545+00', '2026-11-29 04:25:19.545+00', NULL, NULL, NULL, '{}', '{}', '2026-11-29 04:25:19.545+00', NULL);
INSERT INTO iolite.sign_offs VALUES ('01a2258c-e09c-7b0b-b494-e844b5d35969', '01a2258c-e096-7a7b-85aa-79cdd16a4a58', 1, 2, 'waiting', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.563+00', '01a2258c-dee6-791d-a0ff-cb94330d747b', '01a2258c-dffd-7393-b785-a154faaf109c', '01a2258c-dfed-7c5f-b4c2-286c12dab876', '01a2258c-dffd-7393-b785-a154faaf109c', 1, 'Yard manager', '2026-11-29 04:25:19.26+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, '2026-11-29 04:25:19.563+00');
INSERT INTO iolite.tokens VALUES ('01a2258c-e54e-73e6-bfd5-94c5034205fd', '4b263b384ba1fdf3477e80f76fe4d3fe43a57785e541b36584aa2b88f3be93b5', '', '2999-12-31', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:20.462+00');
INSERT INTO iolite.workspace VALUES (1, 6, 'Tern Quay Boatyard', 'en-GB', 'Europe/London', 'GBP', '{2026-01-01,2026-04-03,2026-04-06,2026-05-04,2026-05-25,2026-08-31,2026-12-25,2026-12-28,2027-01-01,2027-03-26,2027-03-29,2027-05-03,2027-05-31,2027-08-30,2027-12-27,2027-12-28}', '{"email": "email", "register": "clients"}', true, true, NULL, NULL);
INSERT INTO iolite.workspace_history VALUES (1, '2026-11-29 04:25:20.259+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'invited', '01a2258c-e48e-7c50-885f-b2456d6a5fa9', 'invited Nell Harrow');
INSERT INTO iolite.workspace_history VALUES (2, '2026-11-29 04:25:20.259+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'invited', '01a2258c-e498-78e9-af7a-b7ef1dd0a824', 'invited Anneke Voss');
INSERT INTO iolite.workspace_history VALUES (3, '2026-11-29 04:25:20.417+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'switched', '01a2258c-e498-78e9-af7a-b7ef1dd0a824', 'switched Anneke Voss off');
INSERT INTO iolite.workspace_history VALUES (4, '2026-11-29 04:25:20.454+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'group', '01a2258c-e530-772c-9496-623d9d4b7c2f', 'let Slipway tablet in by a code');
INSERT INTO iolite.workspace_history VALUES (5, '2026-11-29 04:25:20.462+00', '01a2258c-dc1f-7262-8487-aa35e7412627', 'token', '01a2258c-e54e-73e6-bfd5-94c5034205fd', 'made the token Year-end sums');
INSERT INTO records.boats VALUES ('01a2258c-e030-700f-a7bf-e3785837f8c5', 1, 'BOA-0001', 1, '2026-11-29 04:25:19.225+00', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:19.225+00', '01a2258c-dc1f-7262-8487-aa35e7412627', NULL, ' boa-0001 sea thrift', ' sea thrift boa-0001', 'Sea Thrift', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a2258c-e030-700b-a13a-41b8f2d0a85d', NULL);
INSERT INTO records.boats VALUES ('01a2258c-e083-7f37-b375-e22c9e3af165', 2, 'BOA-0002', 3, '2026-11-29 04:25:19.248+00', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:19.625+00', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:19.645+00', ' boa-0002 samphire 1987 1987', ' samphire boa-0002', 'Samphire', NULL, NULL, 1987, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a2258c-e083-7ade-b385-6c4064a0a630', NULL);
INSERT INTO records.clients VALUES ('01a2258c-e030-700b-a13a-41b8f2d0a85d', 1, 'CLI-0001', 1, '2026-11-29 04:25:19.175+00', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:19.175+00', '01a2258c-dc1f-7262-8487-aa35e7412627', NULL, ' cli-0001 owner of sea thrift private', ' owner of sea thrift cli-0001', 'Owner of Sea Thrift', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.clients VALUES ('01a2258c-e083-7ade-b385-6c4064a0a630', 2, 'CLI-0002', 1, '2026-11-29 04:25:19.238+00', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:19.238+00', '01a2258c-dc1f-7262-8487-aa35e7412627', NULL, ' cli-0002 owner of samphire private', ' owner of samphire cli-0002', 'Owner of Samphire', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.invoices VALUES ('01a2258c-e1f0-73d4-b9a4-d25ce5d8cbf2', 1, 'INV-0001', 1, '2026-11-29 04:25:19.604+00', '01a2258c-dc1f-7262-8487-aa35e7412627', '2026-11-29 04:25:19.604+00', '01a2258c-dc1f-7262-8487-aa35e7412627', NULL, ' inv-0001 berth fee tq-00001 01 feb 2026 01 mar 2026 issued fee, 2, 12.50, standard 20 % 25.00 25 25.00 25 5.00 5 0.00 0 0.00 0 5.00 5 30.00 30 0.00 0 30.00 30', ' berth fee inv-0001', 'Berth fee', 'TQ-00001', '2026-02-01', '2026-03-01', 'issued', '{}', '01a2258c-e030-700b-a13a-41b8f2d0a85d', '01a2258c-e030-700f-a7bf-e3785837f8c5');
INSERT INTO records.near_misses VALUES ('01a2258c-e0d4-7f3f-b9da-686bf5f2b9b9', 2, 'NEA-0002', 1, '2026-11-29 04:25:19.325+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.325+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', NULL, ' nea-0002 loose cleat 29 nov 2026, 04:25 damage 700.00 700 the warp parted at the bollard while the yawl was being hauled.', ' loose cleat nea-0002', 'Loose cleat', '2026-11-29 04:25:19.316+00', 'damage', 700.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a2258c-e0ee-79d4-aa77-8a45079cea2d', 3, 'NEA-0003', 1, '2026-11-29 04:25:19.347+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.347+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', NULL, ' nea-0003 bent rail 29 nov 2026, 04:25 injury 800.00 800 the warp parted at the bollard while the yawl was being hauled.', ' bent rail nea-0003', 'Bent rail', '2026-11-29 04:25:19.342+00', 'injury', 800.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a2258c-e083-7f37-b375-e22c9e3af165', NULL);
INSERT INTO records.near_misses VALUES ('01a2258c-e108-778c-8d7d-1c4948d7fb8d', 4, 'NEA-0004', 1, '2026-11-29 04:25:19.372+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.372+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', NULL, ' nea-0004 slipped on weed 29 nov 2026, 04:25 scare the warp parted at the bollard while the yawl was being hauled.', ' slipped on weed nea-0004', 'Slipped on weed', '2026-11-29 04:25:19.368+00', 'scare', NULL, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a2258c-e096-7a7b-85aa-79cdd16a4a58', 1, 'NEA-0001', 2, '2026-11-29 04:25:19.26+00', '01a2258c-dc3f-7f75-a432-2ff3ff222413', '2026-11-29 04:25:19.563+00', '01a2258c-dc1f-7262-8487-aa35e7412627', NULL, ' nea-0001 parted warp 29 nov 2026, 04:25 damage 950.00 950 the warp parted at the bollard while the yawl was being hauled.', ' parted warp nea-0001', 'Parted warp', '2026-11-29 04:25:19.254+00', 'damage', 950.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a2258c-e030-700f-a7bf-e3785837f8c5', NULL);
INSERT INTO rows."invoices.lines" VALUES ('01a2258c-e1f0-7642-9b33-96b998c7a9cd', '01a2258c-e1f0-73d4-b9a4-d25ce5d8cbf2', 0, NULL, 'Fee', 2.00, 12.50, 'standard', DEFAULT);
SELECT pg_catalog.setval('drizzle.__drizzle_migrations_id_seq', 16, true);
SELECT pg_catalog.setval('graphile_worker.job_queues_id_seq', 1, false);
SELECT pg_catalog.setval('graphile_worker.jobs_id_seq1', 6, true);
SELECT pg_catalog.setval('graphile_worker.tasks_id_seq', 6, true);
SELECT pg_catalog.setval('iolite.decisions_id_seq', 2, true);
SELECT pg_catalog.setval('iolite.history_id_seq', 14, true);
SELECT pg_catalog.setval('iolite.sign_off_events_id_seq', 10, true);
SELECT pg_catalog.setval('iolite.workspace_history_id_seq', 5, true);
ALTER TABLE ONLY choices.appeal_states
    ADD CONSTRAINT appeal_states_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.berth_services
    ADD CONSTRAINT berth_services_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.boat_states
    ADD CONSTRAINT boat_states_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.body_parts
    ADD CONSTRAINT body_parts_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.client_kinds
    ADD CONSTRAINT client_kinds_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.cost_centres
    ADD CONSTRAINT cost_centres_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.donation_kinds
    ADD CONSTRAINT donation_kinds_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.hull_kinds
    ADD CONSTRAINT hull_kinds_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.incident_causes
    ADD CONSTRAINT incident_causes_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.incident_kinds
    ADD CONSTRAINT incident_kinds_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.incident_states
    ADD CONSTRAINT incident_states_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.injury_kinds
    ADD CONSTRAINT injury_kinds_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.invoice_states
    ADD CONSTRAINT invoice_states_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.movement_kinds
    ADD CONSTRAINT movement_kinds_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.payment_methods
    ADD CONSTRAINT payment_methods_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.pontoons
    ADD CONSTRAINT pontoons_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.purchase_states
    ADD CONSTRAINT purchase_states_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.severities_of_harm
    ADD CONSTRAINT severities_of_harm_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.severities
    ADD CONSTRAINT severities_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.stock_groups
    ADD CONSTRAINT stock_groups_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.units
    ADD CONSTRAINT units_pkey PRIMARY KEY (code);
ALTER TABLE ONLY choices.vat_rates
    ADD CONSTRAINT vat_rates_pkey PRIMARY KEY (code);
ALTER TABLE ONLY drizzle.__drizzle_migrations
    ADD CONSTRAINT __drizzle_migrations_pkey PRIMARY KEY (id);
ALTER TABLE ONLY graphile_worker._private_job_queues
    ADD CONSTRAINT job_queues_pkey1 PRIMARY KEY (id);
ALTER TABLE ONLY graphile_worker._private_job_queues
    ADD CONSTRAINT job_queues_queue_name_key UNIQUE (queue_name);
ALTER TABLE ONLY graphile_worker._private_jobs
    ADD CONSTRAINT jobs_key_key1 UNIQUE (key);
ALTER TABLE ONLY graphile_worker._private_jobs
    ADD CONSTRAINT jobs_pkey1 PRIMARY KEY (id);
ALTER TABLE ONLY graphile_worker._private_known_crontabs
    ADD CONSTRAINT known_crontabs_pkey PRIMARY KEY (identifier);
ALTER TABLE ONLY graphile_worker.migrations
    ADD CONSTRAINT migrations_pkey PRIMARY KEY (id);
ALTER TABLE ONLY graphile_worker._private_tasks
    ADD CONSTRAINT tasks_identifier_key UNIQUE (identifier);
ALTER TABLE ONLY graphile_worker._private_tasks
    ADD CONSTRAINT tasks_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.counters
    ADD CONSTRAINT counters_pkey PRIMARY KEY (register);
ALTER TABLE ONLY iolite.decisions
    ADD CONSTRAINT decisions_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.definitions
    ADD CONSTRAINT definitions_kind_key_version_pk PRIMARY KEY (kind, key, version);
ALTER TABLE ONLY iolite.drafts
    ADD CONSTRAINT drafts_kind_form_pk PRIMARY KEY (kind, form);
ALTER TABLE ONLY iolite.files
    ADD CONSTRAINT files_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.groups
    ADD CONSTRAINT groups_pkey PRIMARY KEY (person_id);
ALTER TABLE ONLY iolite.history
    ADD CONSTRAINT history_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.import_refusals
    ADD CONSTRAINT import_refusals_import_id_line_pk PRIMARY KEY (import_id, line);
ALTER TABLE ONLY iolite.imports
    ADD CONSTRAINT imports_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.jobs
    ADD CONSTRAINT jobs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.kept_entries
    ADD CONSTRAINT kept_entries_person_id_id_pk PRIMARY KEY (person_id, id);
ALTER TABLE ONLY iolite.known_sources
    ADD CONSTRAINT known_sources_person_id_source_pk PRIMARY KEY (person_id, source);
ALTER TABLE ONLY iolite.messages
    ADD CONSTRAINT messages_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.people
    ADD CONSTRAINT people_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.receipts
    ADD CONSTRAINT receipts_pkey PRIMARY KEY (record_id);
ALTER TABLE ONLY iolite.recovery_codes
    ADD CONSTRAINT recovery_codes_person_id_code_hash_pk PRIMARY KEY (person_id, code_hash);
ALTER TABLE ONLY iolite.secret_links
    ADD CONSTRAINT secret_links_pkey PRIMARY KEY (hash);
ALTER TABLE ONLY iolite.series
    ADD CONSTRAINT series_register_field_year_pk PRIMARY KEY (register, field, year);
ALTER TABLE ONLY iolite.sessions
    ADD CONSTRAINT sessions_id_unique UNIQUE (id);
ALTER TABLE ONLY iolite.sessions
    ADD CONSTRAINT sessions_pkey PRIMARY KEY (token_hash);
ALTER TABLE ONLY iolite.set_aside
    ADD CONSTRAINT set_aside_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.sign_in_tries
    ADD CONSTRAINT sign_in_tries_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.sign_off_events
    ADD CONSTRAINT sign_off_events_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.sign_off_parts
    ADD CONSTRAINT sign_off_parts_sign_off_id_step_person_id_pk PRIMARY KEY (sign_off_id, step, person_id);
ALTER TABLE ONLY iolite.sign_off_seen
    ADD CONSTRAINT sign_off_seen_sign_off_id_version_pk PRIMARY KEY (sign_off_id, version);
ALTER TABLE ONLY iolite.sign_off_steps
    ADD CONSTRAINT sign_off_steps_sign_off_id_step_pk PRIMARY KEY (sign_off_id, step);
ALTER TABLE ONLY iolite.sign_offs
    ADD CONSTRAINT sign_offs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.sign_offs
    ADD CONSTRAINT sign_offs_record_id_unique UNIQUE (record_id);
ALTER TABLE ONLY iolite.tokens
    ADD CONSTRAINT tokens_pkey PRIMARY KEY (person_id);
ALTER TABLE ONLY iolite.tokens
    ADD CONSTRAINT tokens_token_hash_unique UNIQUE (token_hash);
ALTER TABLE ONLY iolite.workspace_history
    ADD CONSTRAINT workspace_history_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.workspace
    ADD CONSTRAINT workspace_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.appeals
    ADD CONSTRAINT appeals_number_key UNIQUE (number);
ALTER TABLE ONLY records.appeals
    ADD CONSTRAINT appeals_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.appeals
    ADD CONSTRAINT appeals_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.berths
    ADD CONSTRAINT berths_number_key UNIQUE (number);
ALTER TABLE ONLY records.berths
    ADD CONSTRAINT berths_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.berths
    ADD CONSTRAINT berths_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_number_key UNIQUE (number);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.clients
    ADD CONSTRAINT clients_number_key UNIQUE (number);
ALTER TABLE ONLY records.clients
    ADD CONSTRAINT clients_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.clients
    ADD CONSTRAINT clients_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_number_key UNIQUE (number);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_number_key UNIQUE (number);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.invoices
    ADD CONSTRAINT invoices_number_key UNIQUE (number);
ALTER TABLE ONLY records.invoices
    ADD CONSTRAINT invoices_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.invoices
    ADD CONSTRAINT invoices_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_number_key UNIQUE (number);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_number_key UNIQUE (number);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_number_key UNIQUE (number);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_seq_key UNIQUE (seq);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_number_key UNIQUE (number);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_pkey PRIMARY KEY (id);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_seq_key UNIQUE (seq);
ALTER TABLE ONLY rows."incidents.actions"
    ADD CONSTRAINT "incidents.actions_entry_seq_key" UNIQUE (entry, seq) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE ONLY rows."incidents.actions"
    ADD CONSTRAINT "incidents.actions_pkey" PRIMARY KEY (id);
ALTER TABLE ONLY rows."incidents.hurt"
    ADD CONSTRAINT "incidents.hurt_entry_seq_key" UNIQUE (entry, seq) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE ONLY rows."incidents.hurt"
    ADD CONSTRAINT "incidents.hurt_pkey" PRIMARY KEY (id);
ALTER TABLE ONLY rows."incidents.witnesses"
    ADD CONSTRAINT "incidents.witnesses_entry_seq_key" UNIQUE (entry, seq) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE ONLY rows."incidents.witnesses"
    ADD CONSTRAINT "incidents.witnesses_pkey" PRIMARY KEY (id);
ALTER TABLE ONLY rows."invoices.lines"
    ADD CONSTRAINT "invoices.lines_entry_seq_key" UNIQUE (entry, seq) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE ONLY rows."invoices.lines"
    ADD CONSTRAINT "invoices.lines_pkey" PRIMARY KEY (id);
ALTER TABLE ONLY rows."invoices.payments"
    ADD CONSTRAINT "invoices.payments_entry_seq_key" UNIQUE (entry, seq) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE ONLY rows."invoices.payments"
    ADD CONSTRAINT "invoices.payments_pkey" PRIMARY KEY (id);
ALTER TABLE ONLY rows."purchases.lines"
    ADD CONSTRAINT "purchases.lines_entry_seq_key" UNIQUE (entry, seq) DEFERRABLE INITIALLY DEFERRED;
ALTER TABLE ONLY rows."purchases.lines"
    ADD CONSTRAINT "purchases.lines_pkey" PRIMARY KEY (id);
CREATE INDEX jobs_main_index ON graphile_worker._private_jobs USING btree (priority, run_at) INCLUDE (id, task_id, job_queue_id) WHERE (is_available = true);
CREATE INDEX jobs_no_queue_index ON graphile_worker._private_jobs USING btree (priority, run_at) INCLUDE (id, task_id) WHERE ((is_available = true) AND (job_queue_id IS NULL));
CREATE INDEX decisions_person ON iolite.decisions USING btree (person_id, sign_off_id);
CREATE INDEX decisions_route ON iolite.decisions USING btree (route_id, at);
CREATE INDEX decisions_sign_off ON iolite.decisions USING btree (sign_off_id);
CREATE UNIQUE INDEX definitions_one_published ON iolite.definitions USING btree (kind, key) WHERE (status = 'published'::text);
CREATE INDEX history_form ON iolite.history USING btree (form_id, person_id) WHERE ((action = 'added'::text) AND (form_id IS NOT NULL));
CREATE INDEX history_import ON iolite.history USING btree (import_id, id) WHERE (import_id IS NOT NULL);
CREATE INDEX history_record ON iolite.history USING btree (record_id, id);
CREATE INDEX jobs_state ON iolite.jobs USING btree (state, begun_at);
CREATE INDEX messages_at ON iolite.messages USING btree (at);
CREATE INDEX messages_to ON iolite.messages USING btree (to_id, at);
CREATE UNIQUE INDEX people_email ON iolite.people USING btree (email) WHERE (kind = 'person'::text);
CREATE INDEX secret_links_person ON iolite.secret_links USING btree (person_id);
CREATE INDEX sessions_former ON iolite.sessions USING btree (former_hash);
CREATE INDEX sessions_person ON iolite.sessions USING btree (person_id);
CREATE INDEX sign_in_tries_email ON iolite.sign_in_tries USING btree (email, at);
CREATE INDEX sign_in_tries_source ON iolite.sign_in_tries USING btree (source, at);
CREATE INDEX sign_off_events_of ON iolite.sign_off_events USING btree (sign_off_id, id);
CREATE INDEX sign_off_parts_person ON iolite.sign_off_parts USING btree (person_id, sign_off_id);
CREATE INDEX sign_offs_goes_on ON iolite.sign_offs USING btree (goes_on_at) WHERE (goes_on_at IS NOT NULL);
CREATE INDEX sign_offs_sender ON iolite.sign_offs USING btree (sender, stage);
CREATE INDEX sign_offs_stage ON iolite.sign_offs USING btree (stage);
CREATE INDEX sign_offs_timer ON iolite.sign_offs USING btree (timer_at) WHERE (timer_at IS NOT NULL);
CREATE INDEX appeals_boat_idx ON records.appeals USING btree (boat);
CREATE INDEX appeals_find_text_idx ON records.appeals USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX appeals_find_title_idx ON records.appeals USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX appeals_left_idx ON records.appeals USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX appeals_manager_idx ON records.appeals USING btree (manager);
CREATE INDEX appeals_state_idx ON records.appeals USING btree (state);
CREATE INDEX berths_find_text_idx ON records.berths USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX berths_find_title_idx ON records.berths USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX berths_left_idx ON records.berths USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX berths_pontoon_idx ON records.berths USING btree (pontoon);
CREATE INDEX berths_services_idx ON records.berths USING gin (services);
CREATE INDEX boats_berth_idx ON records.boats USING btree (berth);
CREATE INDEX boats_find_text_idx ON records.boats USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX boats_find_title_idx ON records.boats USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX boats_hull_idx ON records.boats USING btree (hull);
CREATE INDEX boats_left_idx ON records.boats USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX boats_owner_idx ON records.boats USING btree (owner);
CREATE INDEX boats_state_idx ON records.boats USING btree (state);
CREATE INDEX clients_find_text_idx ON records.clients USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX clients_find_title_idx ON records.clients USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX clients_kind_idx ON records.clients USING btree (kind);
CREATE INDEX clients_left_idx ON records.clients USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX donations_appeal_idx ON records.donations USING btree (appeal);
CREATE INDEX donations_donor_idx ON records.donations USING btree (donor);
CREATE INDEX donations_find_text_idx ON records.donations USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX donations_find_title_idx ON records.donations USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX donations_kind_idx ON records.donations USING btree (kind);
CREATE INDEX donations_left_idx ON records.donations USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX donations_method_idx ON records.donations USING btree (method);
CREATE INDEX donations_tax_to_claim_seq_idx ON records.donations USING btree (tax_to_claim, seq);
CREATE INDEX donations_tax_to_claim_seq_idx1 ON records.donations USING btree (tax_to_claim DESC NULLS LAST, seq);
CREATE INDEX donations_worth_seq_idx ON records.donations USING btree (worth, seq);
CREATE INDEX donations_worth_seq_idx1 ON records.donations USING btree (worth DESC NULLS LAST, seq);
CREATE INDEX incidents_berth_idx ON records.incidents USING btree (berth);
CREATE INDEX incidents_boat_idx ON records.incidents USING btree (boat);
CREATE INDEX incidents_cause_idx ON records.incidents USING btree (cause);
CREATE INDEX incidents_find_text_idx ON records.incidents USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX incidents_find_title_idx ON records.incidents USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX incidents_kind_idx ON records.incidents USING btree (kind);
CREATE INDEX incidents_left_idx ON records.incidents USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX incidents_owner_idx ON records.incidents USING btree (owner);
CREATE INDEX incidents_reported_by_idx ON records.incidents USING btree (reported_by);
CREATE INDEX incidents_state_idx ON records.incidents USING btree (state);
CREATE INDEX invoices_boat_idx ON records.invoices USING btree (boat);
CREATE INDEX invoices_client_idx ON records.invoices USING btree (client);
CREATE INDEX invoices_find_text_idx ON records.invoices USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX invoices_find_title_idx ON records.invoices USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX invoices_left_idx ON records.invoices USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX invoices_state_idx ON records.invoices USING btree (state);
CREATE INDEX movements_done_by_idx ON records.movements USING btree (done_by);
CREATE INDEX movements_find_text_idx ON records.movements USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX movements_find_title_idx ON records.movements USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX movements_invoice_idx ON records.movements USING btree (invoice);
CREATE INDEX movements_kind_idx ON records.movements USING btree (kind);
CREATE INDEX movements_left_idx ON records.movements USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX movements_purchase_idx ON records.movements USING btree (purchase);
CREATE INDEX movements_stock_idx ON records.movements USING btree (stock);
CREATE INDEX near_misses_berth_idx ON records.near_misses USING btree ("-01a2258c-dee6-7672-844e-21b00eac97f8");
CREATE INDEX near_misses_boat_idx ON records.near_misses USING btree (boat);
CREATE INDEX near_misses_find_text_idx ON records.near_misses USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX near_misses_find_title_idx ON records.near_misses USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX near_misses_left_idx ON records.near_misses USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX near_misses_owner_idx ON records.near_misses USING btree (owner);
CREATE INDEX near_misses_severity_idx ON records.near_misses USING btree (severity);
CREATE UNIQUE INDEX "one-1314848f8aafbbb5a7a095dc" ON records.clients USING btree ("one-1314848f8aafbbb5a7a095dc") WHERE (archived_at IS NULL);
CREATE UNIQUE INDEX "one-2d412af1dae48422e44232e4" ON records.berths USING btree ("one-2d412af1dae48422e44232e4") WHERE (archived_at IS NULL);
CREATE UNIQUE INDEX "one-c060290cb9d4c0a4f2d18e47" ON records.stock USING btree ("one-c060290cb9d4c0a4f2d18e47") WHERE (archived_at IS NULL);
CREATE INDEX purchases_cost_centre_idx ON records.purchases USING btree (cost_centre);
CREATE INDEX purchases_find_text_idx ON records.purchases USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX purchases_find_title_idx ON records.purchases USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX purchases_left_idx ON records.purchases USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX purchases_requested_by_idx ON records.purchases USING btree (requested_by);
CREATE INDEX purchases_state_idx ON records.purchases USING btree (state);
CREATE INDEX purchases_supplier_idx ON records.purchases USING btree (supplier);
CREATE INDEX stock_find_text_idx ON records.stock USING gin (find_text iolite.gin_trgm_ops);
CREATE INDEX stock_find_title_idx ON records.stock USING gin (find_title iolite.gin_trgm_ops);
CREATE INDEX stock_fits_idx ON records.stock USING gin (fits);
CREATE INDEX stock_group_idx ON records.stock USING btree ("group");
CREATE INDEX stock_left_idx ON records.stock USING btree ("left"(find_title, 100) COLLATE "C");
CREATE INDEX stock_margin_seq_idx ON records.stock USING btree (margin, seq);
CREATE INDEX stock_margin_seq_idx1 ON records.stock USING btree (margin DESC NULLS LAST, seq);
CREATE INDEX stock_supplier_idx ON records.stock USING btree (supplier);
CREATE INDEX stock_unit_idx ON records.stock USING btree (unit);
CREATE INDEX stock_vat_rate_idx ON records.stock USING btree (vat_rate);
CREATE INDEX "incidents.actions_who_idx" ON rows."incidents.actions" USING btree (who);
CREATE INDEX "incidents.hurt_body_part_idx" ON rows."incidents.hurt" USING btree (body_part);
CREATE INDEX "incidents.hurt_injury_idx" ON rows."incidents.hurt" USING btree (injury);
CREATE INDEX "incidents.hurt_severity_idx" ON rows."incidents.hurt" USING btree (severity);
CREATE INDEX "invoices.lines_stock_idx" ON rows."invoices.lines" USING btree (stock);
CREATE INDEX "invoices.lines_vat_rate_idx" ON rows."invoices.lines" USING btree (vat_rate);
CREATE INDEX "invoices.payments_method_idx" ON rows."invoices.payments" USING btree (method);
CREATE INDEX "purchases.lines_stock_idx" ON rows."purchases.lines" USING btree (stock);
CREATE INDEX "purchases.lines_vat_rate_idx" ON rows."purchases.lines" USING btree (vat_rate);
CREATE TRIGGER "held-fits" AFTER INSERT OR UPDATE OF fits ON records.stock FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('fits', 'records', 'stock', 'id', 'uuid');
CREATE TRIGGER "held-papers" AFTER INSERT OR UPDATE OF papers ON records.boats FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('papers', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-papers" AFTER INSERT OR UPDATE OF papers ON records.invoices FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('papers', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-photos" AFTER INSERT OR UPDATE OF photos ON records.boats FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('photos', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-photos" AFTER INSERT OR UPDATE OF photos ON records.incidents FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('photos', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-picture" AFTER INSERT OR UPDATE OF picture ON records.appeals FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('picture', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-picture" AFTER INSERT OR UPDATE OF picture ON records.stock FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('picture', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-quotes" AFTER INSERT OR UPDATE OF quotes ON records.purchases FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('quotes', 'iolite', 'files', 'id', 'uuid');
CREATE TRIGGER "held-services" AFTER INSERT OR UPDATE OF services ON records.berths FOR EACH ROW EXECUTE FUNCTION iolite.hold_list('services', 'choices', 'berth_services', 'code', 'text');
ALTER TABLE ONLY iolite.decisions
    ADD CONSTRAINT decisions_sign_off_id_sign_offs_id_fk FOREIGN KEY (sign_off_id) REFERENCES iolite.sign_offs(id);
ALTER TABLE ONLY iolite.groups
    ADD CONSTRAINT groups_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.import_refusals
    ADD CONSTRAINT import_refusals_import_id_imports_id_fk FOREIGN KEY (import_id) REFERENCES iolite.imports(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.kept_entries
    ADD CONSTRAINT kept_entries_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.known_sources
    ADD CONSTRAINT known_sources_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.messages
    ADD CONSTRAINT messages_to_id_people_id_fk FOREIGN KEY (to_id) REFERENCES iolite.people(id) ON DELETE SET NULL;
ALTER TABLE ONLY iolite.recovery_codes
    ADD CONSTRAINT recovery_codes_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.secret_links
    ADD CONSTRAINT secret_links_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.sessions
    ADD CONSTRAINT sessions_looks_as_people_id_fk FOREIGN KEY (looks_as) REFERENCES iolite.people(id) ON DELETE SET NULL;
ALTER TABLE ONLY iolite.sessions
    ADD CONSTRAINT sessions_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY iolite.sign_off_events
    ADD CONSTRAINT sign_off_events_sign_off_id_sign_offs_id_fk FOREIGN KEY (sign_off_id) REFERENCES iolite.sign_offs(id);
ALTER TABLE ONLY iolite.sign_off_parts
    ADD CONSTRAINT sign_off_parts_sign_off_id_sign_offs_id_fk FOREIGN KEY (sign_off_id) REFERENCES iolite.sign_offs(id);
ALTER TABLE ONLY iolite.sign_off_seen
    ADD CONSTRAINT sign_off_seen_sign_off_id_sign_offs_id_fk FOREIGN KEY (sign_off_id) REFERENCES iolite.sign_offs(id);
ALTER TABLE ONLY iolite.sign_off_steps
    ADD CONSTRAINT sign_off_steps_sign_off_id_sign_offs_id_fk FOREIGN KEY (sign_off_id) REFERENCES iolite.sign_offs(id);
ALTER TABLE ONLY iolite.tokens
    ADD CONSTRAINT tokens_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
ALTER TABLE ONLY records.appeals
    ADD CONSTRAINT appeals_boat_fkey FOREIGN KEY (boat) REFERENCES records.boats(id);
ALTER TABLE ONLY records.appeals
    ADD CONSTRAINT appeals_manager_fkey FOREIGN KEY (manager) REFERENCES iolite.people(id);
ALTER TABLE ONLY records.appeals
    ADD CONSTRAINT appeals_state_fkey FOREIGN KEY (state) REFERENCES choices.appeal_states(code);
ALTER TABLE ONLY records.berths
    ADD CONSTRAINT berths_pontoon_fkey FOREIGN KEY (pontoon) REFERENCES choices.pontoons(code);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_berth_fkey FOREIGN KEY (berth) REFERENCES records.berths(id);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_hull_fkey FOREIGN KEY (hull) REFERENCES choices.hull_kinds(code);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_owner_fkey FOREIGN KEY (owner) REFERENCES records.clients(id);
ALTER TABLE ONLY records.boats
    ADD CONSTRAINT boats_state_fkey FOREIGN KEY (state) REFERENCES choices.boat_states(code);
ALTER TABLE ONLY records.clients
    ADD CONSTRAINT clients_kind_fkey FOREIGN KEY (kind) REFERENCES choices.client_kinds(code);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_appeal_fkey FOREIGN KEY (appeal) REFERENCES records.appeals(id);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_donor_fkey FOREIGN KEY (donor) REFERENCES records.clients(id);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_kind_fkey FOREIGN KEY (kind) REFERENCES choices.donation_kinds(code);
ALTER TABLE ONLY records.donations
    ADD CONSTRAINT donations_method_fkey FOREIGN KEY (method) REFERENCES choices.payment_methods(code);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_berth_fkey FOREIGN KEY (berth) REFERENCES records.berths(id);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_boat_fkey FOREIGN KEY (boat) REFERENCES records.boats(id);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_cause_fkey FOREIGN KEY (cause) REFERENCES choices.incident_causes(code);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_kind_fkey FOREIGN KEY (kind) REFERENCES choices.incident_kinds(code);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_owner_fkey FOREIGN KEY (owner) REFERENCES records.clients(id);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_reported_by_fkey FOREIGN KEY (reported_by) REFERENCES iolite.people(id);
ALTER TABLE ONLY records.incidents
    ADD CONSTRAINT incidents_state_fkey FOREIGN KEY (state) REFERENCES choices.incident_states(code);
ALTER TABLE ONLY records.invoices
    ADD CONSTRAINT invoices_boat_fkey FOREIGN KEY (boat) REFERENCES records.boats(id);
ALTER TABLE ONLY records.invoices
    ADD CONSTRAINT invoices_client_fkey FOREIGN KEY (client) REFERENCES records.clients(id);
ALTER TABLE ONLY records.invoices
    ADD CONSTRAINT invoices_state_fkey FOREIGN KEY (state) REFERENCES choices.invoice_states(code);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_done_by_fkey FOREIGN KEY (done_by) REFERENCES iolite.people(id);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_invoice_fkey FOREIGN KEY (invoice) REFERENCES records.invoices(id);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_kind_fkey FOREIGN KEY (kind) REFERENCES choices.movement_kinds(code);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_purchase_fkey FOREIGN KEY (purchase) REFERENCES records.purchases(id);
ALTER TABLE ONLY records.movements
    ADD CONSTRAINT movements_stock_fkey FOREIGN KEY (stock) REFERENCES records.stock(id);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_berth_fkey FOREIGN KEY ("-01a2258c-dee6-7672-844e-21b00eac97f8") REFERENCES records.berths(id);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_boat_fkey FOREIGN KEY (boat) REFERENCES records.boats(id);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_owner_fkey FOREIGN KEY (owner) REFERENCES records.clients(id);
ALTER TABLE ONLY records.near_misses
    ADD CONSTRAINT near_misses_severity_fkey FOREIGN KEY (severity) REFERENCES choices.severities(code);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_cost_centre_fkey FOREIGN KEY (cost_centre) REFERENCES choices.cost_centres(code);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_requested_by_fkey FOREIGN KEY (requested_by) REFERENCES iolite.people(id);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_state_fkey FOREIGN KEY (state) REFERENCES choices.purchase_states(code);
ALTER TABLE ONLY records.purchases
    ADD CONSTRAINT purchases_supplier_fkey FOREIGN KEY (supplier) REFERENCES records.clients(id);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_group_fkey FOREIGN KEY ("group") REFERENCES choices.stock_groups(code);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_supplier_fkey FOREIGN KEY (supplier) REFERENCES records.clients(id);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_unit_fkey FOREIGN KEY (unit) REFERENCES choices.units(code);
ALTER TABLE ONLY records.stock
    ADD CONSTRAINT stock_vat_rate_fkey FOREIGN KEY (vat_rate) REFERENCES choices.vat_rates(code);
ALTER TABLE ONLY rows."incidents.actions"
    ADD CONSTRAINT "incidents.actions_entry_fkey" FOREIGN KEY (entry) REFERENCES records.incidents(id) ON DELETE CASCADE;
ALTER TABLE ONLY rows."incidents.actions"
    ADD CONSTRAINT "incidents.actions_who_fkey" FOREIGN KEY (who) REFERENCES iolite.people(id);
ALTER TABLE ONLY rows."incidents.hurt"
    ADD CONSTRAINT "incidents.hurt_body_part_fkey" FOREIGN KEY (body_part) REFERENCES choices.body_parts(code);
ALTER TABLE ONLY rows."incidents.hurt"
    ADD CONSTRAINT "incidents.hurt_entry_fkey" FOREIGN KEY (entry) REFERENCES records.incidents(id) ON DELETE CASCADE;
ALTER TABLE ONLY rows."incidents.hurt"
    ADD CONSTRAINT "incidents.hurt_injury_fkey" FOREIGN KEY (injury) REFERENCES choices.injury_kinds(code);
ALTER TABLE ONLY rows."incidents.hurt"
    ADD CONSTRAINT "incidents.hurt_severity_fkey" FOREIGN KEY (severity) REFERENCES choices.severities_of_harm(code);
ALTER TABLE ONLY rows."incidents.witnesses"
    ADD CONSTRAINT "incidents.witnesses_entry_fkey" FOREIGN KEY (entry) REFERENCES records.incidents(id) ON DELETE CASCADE;
ALTER TABLE ONLY rows."invoices.lines"
    ADD CONSTRAINT "invoices.lines_entry_fkey" FOREIGN KEY (entry) REFERENCES records.invoices(id) ON DELETE CASCADE;
ALTER TABLE ONLY rows."invoices.lines"
    ADD CONSTRAINT "invoices.lines_stock_fkey" FOREIGN KEY (stock) REFERENCES records.stock(id);
ALTER TABLE ONLY rows."invoices.lines"
    ADD CONSTRAINT "invoices.lines_vat_rate_fkey" FOREIGN KEY (vat_rate) REFERENCES choices.vat_rates(code);
ALTER TABLE ONLY rows."invoices.payments"
    ADD CONSTRAINT "invoices.payments_entry_fkey" FOREIGN KEY (entry) REFERENCES records.invoices(id) ON DELETE CASCADE;
ALTER TABLE ONLY rows."invoices.payments"
    ADD CONSTRAINT "invoices.payments_method_fkey" FOREIGN KEY (method) REFERENCES choices.payment_methods(code);
ALTER TABLE ONLY rows."purchases.lines"
    ADD CONSTRAINT "purchases.lines_entry_fkey" FOREIGN KEY (entry) REFERENCES records.purchases(id) ON DELETE CASCADE;
ALTER TABLE ONLY rows."purchases.lines"
    ADD CONSTRAINT "purchases.lines_stock_fkey" FOREIGN KEY (stock) REFERENCES records.stock(id);
ALTER TABLE ONLY rows."purchases.lines"
    ADD CONSTRAINT "purchases.lines_vat_rate_fkey" FOREIGN KEY (vat_rate) REFERENCES choices.vat_rates(code);
ALTER TABLE graphile_worker._private_job_queues ENABLE ROW LEVEL SECURITY;
ALTER TABLE graphile_worker._private_jobs ENABLE ROW LEVEL SECURITY;
ALTER TABLE graphile_worker._private_known_crontabs ENABLE ROW LEVEL SECURITY;
ALTER TABLE graphile_worker._private_tasks ENABLE ROW LEVEL SECURITY;
