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
CREATE TABLE iolite.lists (
    key text NOT NULL,
    "position" bigint NOT NULL,
    owner uuid,
    revision integer NOT NULL,
    document jsonb NOT NULL,
    created_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    changed_by uuid,
    retired_at timestamp(3) with time zone
);
CREATE SEQUENCE iolite.lists_position_seq
    START WITH 1
    INCREMENT BY 1
    NO MINVALUE
    NO MAXVALUE
    CACHE 1;
ALTER SEQUENCE iolite.lists_position_seq OWNED BY iolite.lists."position";
CREATE TABLE iolite.many_changes (
    id uuid NOT NULL,
    kind text NOT NULL,
    register_id uuid NOT NULL,
    begun_by uuid NOT NULL,
    begun_at timestamp(3) with time zone NOT NULL,
    deed jsonb NOT NULL,
    records uuid[] NOT NULL,
    of uuid,
    total integer NOT NULL,
    through integer DEFAULT 0 NOT NULL,
    changed integer DEFAULT 0 NOT NULL,
    unchanged integer DEFAULT 0 NOT NULL,
    refused integer DEFAULT 0 NOT NULL,
    outcomes jsonb DEFAULT '[]'::jsonb NOT NULL,
    reasons jsonb DEFAULT '[]'::jsonb NOT NULL
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
    "-01a2278f-1b30-781c-b461-f4783043015c" uuid,
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
ALTER TABLE ONLY iolite.lists ALTER COLUMN "position" SET DEFAULT nextval('iolite.lists_position_seq'::regclass);
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
INSERT INTO drizzle.__drizzle_migrations VALUES (17, 'aa59a7e9ab3513cc1a740488f4f25b775ac412f94f518b3481627e3923ec4b23', 1795948160030);
INSERT INTO drizzle.__drizzle_migrations VALUES (18, 'd3953c01a03446e6a3cacc08622b4ac40749d5a6a574cde6c6c81aa1c968493e', 1795959939607);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (1, NULL, 1, '{"job":"01a2278f-1e0e-771c-b76e-7bf5c580169f"}', 0, '2026-11-29 13:47:00.414411+00', 0, 8, NULL, '2026-11-29 13:47:00.414411+00', '2026-11-29 13:47:00.414411+00', '01a2278f-1e0e-771c-b76e-7bf5c580169f', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (2, NULL, 1, '{"job":"01a2278f-1e2f-7da3-aa1e-5cc92a610347"}', 0, '2026-11-29 13:47:00.513375+00', 0, 8, NULL, '2026-11-29 13:47:00.513375+00', '2026-11-29 13:47:00.513375+00', '01a2278f-1e2f-7da3-aa1e-5cc92a610347', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (3, NULL, 1, '{"job":"01a2278f-1e4e-7c93-82a2-e3dbe8a43cd9"}', 0, '2026-11-29 13:47:00.53829+00', 0, 8, NULL, '2026-11-29 13:47:00.53829+00', '2026-11-29 13:47:00.53829+00', '01a2278f-1e4e-7c93-82a2-e3dbe8a43cd9', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (4, NULL, 1, '{"job":"01a2278f-1f38-74b2-adae-e42a309df626"}', 0, '2026-11-29 13:47:00.764328+00', 0, 8, NULL, '2026-11-29 13:47:00.764328+00', '2026-11-29 13:47:00.764328+00', '01a2278f-1f38-74b2-adae-e42a309df626', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (5, NULL, 1, '{"job":"01a2278f-2424-7833-902b-ec126d09c6ab"}', 0, '2026-11-29 13:47:02.019605+00', 0, 8, NULL, '2026-11-29 13:47:02.019605+00', '2026-11-29 13:47:02.019605+00', '01a2278f-2424-7833-902b-ec126d09c6ab', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (6, NULL, 1, '{"job":"01a2278f-2432-7339-a1c1-4e708c2de6aa"}', 0, '2026-11-29 13:47:02.019605+00', 0, 8, NULL, '2026-11-29 13:47:02.019605+00', '2026-11-29 13:47:02.019605+00', '01a2278f-2432-7339-a1c1-4e708c2de6aa', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_tasks OVERRIDING SYSTEM VALUE VALUES (1, 'iolite');
INSERT INTO graphile_worker.migrations VALUES (1, '2026-11-29 13:46:59.353635+00', true);
INSERT INTO graphile_worker.migrations VALUES (2, '2026-11-29 13:46:59.365214+00', false);
INSERT INTO graphile_worker.migrations VALUES (3, '2026-11-29 13:46:59.370502+00', true);
INSERT INTO graphile_worker.migrations VALUES (4, '2026-11-29 13:46:59.374412+00', false);
INSERT INTO graphile_worker.migrations VALUES (5, '2026-11-29 13:46:59.377011+00', false);
INSERT INTO graphile_worker.migrations VALUES (6, '2026-11-29 13:46:59.379859+00', false);
INSERT INTO graphile_worker.migrations VALUES (7, '2026-11-29 13:46:59.382251+00', false);
INSERT INTO graphile_worker.migrations VALUES (8, '2026-11-29 13:46:59.384869+00', false);
INSERT INTO graphile_worker.migrations VALUES (9, '2026-11-29 13:46:59.387484+00', false);
INSERT INTO graphile_worker.migrations VALUES (10, '2026-11-29 13:46:59.388979+00', false);
INSERT INTO graphile_worker.migrations VALUES (11, '2026-11-29 13:46:59.389782+00', true);
INSERT INTO graphile_worker.migrations VALUES (12, '2026-11-29 13:46:59.414156+00', false);
INSERT INTO graphile_worker.migrations VALUES (13, '2026-11-29 13:46:59.416138+00', true);
INSERT INTO graphile_worker.migrations VALUES (14, '2026-11-29 13:46:59.419542+00', true);
INSERT INTO graphile_worker.migrations VALUES (15, '2026-11-29 13:46:59.421719+00', false);
INSERT INTO graphile_worker.migrations VALUES (16, '2026-11-29 13:46:59.42354+00', true);
INSERT INTO graphile_worker.migrations VALUES (17, '2026-11-29 13:46:59.427208+00', false);
INSERT INTO graphile_worker.migrations VALUES (18, '2026-11-29 13:46:59.430366+00', false);
INSERT INTO graphile_worker.migrations VALUES (19, '2026-11-29 13:46:59.43303+00', true);
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
INSERT INTO iolite.decisions VALUES (1, '01a2278f-1e21-7b65-9818-1c4920d208e6', 1, 0, '01a2278f-1843-7044-b64a-63d274d9bae1', 'send_back', 'Seen on the pontoon.', 1, '2026-11-29 13:47:00.765+00', '01a2278f-1843-7044-b64a-63d274d9bae1', '[]', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', 1, '2026-11-29 13:47:00.513+00', NULL);
INSERT INTO iolite.decisions VALUES (2, '01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', 1, 0, '01a2278f-1843-7044-b64a-63d274d9bae1', 'approve', 'Seen on the pontoon.', 1, '2026-11-29 13:47:00.879+00', '01a2278f-1843-7044-b64a-63d274d9bae1', '[]', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', 1, '2026-11-29 13:47:00.538+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'client_kinds', 1, 'published', 1, '{"id": "01a2278f-1287-75c4-bccc-866670d2c506", "key": "client_kinds", "label": "Client kinds", "choices": [{"id": "01a2278f-1286-7eef-b743-209144d36007", "code": "private", "label": "Private"}, {"id": "01a2278f-1287-7e9e-96fb-01fb928d2d3c", "code": "firm", "label": "Firm"}, {"id": "01a2278f-1287-7a72-91b3-193f8db8aeed", "code": "club", "label": "Club"}, {"id": "01a2278f-1287-7668-9be0-d92490e4736b", "code": "school", "label": "School"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'hull_kinds', 1, 'published', 2, '{"id": "01a2278f-1288-7653-bb7d-834e2abde304", "key": "hull_kinds", "label": "Hull kinds", "choices": [{"id": "01a2278f-1287-75d0-a861-747cb1800cde", "code": "sail", "label": "Sail"}, {"id": "01a2278f-1287-74dc-a175-1f9849bd6007", "code": "motor", "label": "Motor"}, {"id": "01a2278f-1288-7fc0-bfca-171390996b5d", "code": "rowing", "label": "Rowing"}, {"id": "01a2278f-1288-70a4-aca6-0f626a11fd83", "code": "work_boat", "label": "Work boat"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'boat_states', 1, 'published', 3, '{"id": "01a2278f-1288-7e93-b2be-1f69979f57f8", "key": "boat_states", "label": "Boat states", "choices": [{"id": "01a2278f-1288-74cf-a8cf-f2a7d7544e7c", "code": "afloat", "label": "Afloat"}, {"id": "01a2278f-1288-78b3-b5e1-ab09964a5601", "code": "ashore", "label": "Ashore"}, {"id": "01a2278f-1288-7554-bbbb-14ccaa225381", "code": "away", "label": "Away"}, {"id": "01a2278f-1288-7b44-bf10-0b8f1621f02a", "code": "sold", "label": "Sold"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'pontoons', 1, 'published', 4, '{"id": "01a2278f-1289-74d9-8dd7-196ec8d5111f", "key": "pontoons", "label": "Pontoons", "choices": [{"id": "01a2278f-1288-73da-a31e-0cf9e8b9700b", "code": "a_pontoon", "label": "A pontoon"}, {"id": "01a2278f-1288-7f9d-b4b1-97fe4c898739", "code": "b_pontoon", "label": "B pontoon"}, {"id": "01a2278f-1288-7b15-9587-e0e3cce7b071", "code": "c_pontoon", "label": "C pontoon"}, {"id": "01a2278f-1289-733d-8126-c4977e1b1373", "code": "wall", "label": "Wall"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'invoice_states', 1, 'published', 5, '{"id": "01a2278f-1289-768e-8707-e863b330dc2e", "key": "invoice_states", "label": "Invoice states", "choices": [{"id": "01a2278f-1289-7dff-90cb-78fe52776b66", "code": "draft", "label": "Draft", "colour": "plain"}, {"id": "01a2278f-1289-7522-b094-6cee347f73b5", "code": "issued", "label": "Issued", "colour": "straw"}, {"id": "01a2278f-1289-7446-9895-5aea495007ec", "code": "part_paid", "label": "Part paid", "colour": "haze"}, {"id": "01a2278f-1289-7986-94b9-b808d5bb1ec7", "code": "paid", "label": "Paid", "colour": "kelp"}, {"id": "01a2278f-1289-7499-98d5-338e95d90772", "code": "credited", "label": "Credited", "colour": "plain"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'vat_rates', 1, 'published', 6, '{"id": "01a2278f-1289-7d21-b41e-1ad27ed5fe5a", "key": "vat_rates", "label": "VAT rates", "choices": [{"id": "01a2278f-1289-7700-ac7d-522d8481fca5", "code": "standard", "extra": {"percentage": "0.2"}, "label": "Standard 20 %"}, {"id": "01a2278f-1289-7593-afc3-36a7e6069493", "code": "reduced", "extra": {"percentage": "0.05"}, "label": "Reduced 5 %"}, {"id": "01a2278f-1289-7651-b136-14ef0f91a1e6", "code": "zero", "extra": {"percentage": "0"}, "label": "Zero 0 %"}, {"id": "01a2278f-1289-78d3-a14d-af4cbf11d0b2", "code": "exempt", "extra": {"percentage": "0"}, "label": "Exempt"}], "columns": [{"key": "percentage", "type": {"kind": "percent", "decimals": 2}, "label": "Percentage"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'payment_methods', 1, 'published', 7, '{"id": "01a2278f-1289-732b-a4fe-b2eeb73f3fd0", "key": "payment_methods", "label": "Payment methods", "choices": [{"id": "01a2278f-1289-712a-899d-44ef1a5268a4", "code": "bank", "icon": "banknote", "label": "Bank transfer"}, {"id": "01a2278f-1289-7452-b46c-83db3899ed42", "code": "card", "icon": "credit card", "label": "Card"}, {"id": "01a2278f-1289-763c-b6bb-07bad5306163", "code": "cash", "icon": "coins", "label": "Cash"}, {"id": "01a2278f-1289-748c-af4f-0d7032f20dc4", "code": "cheque", "label": "Cheque", "retired": true}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'stock_groups', 1, 'published', 8, '{"id": "01a2278f-1289-7a72-b85b-d26227b8cd75", "key": "stock_groups", "label": "Stock groups", "choices": [{"id": "01a2278f-1289-775e-9d55-8feff262332f", "code": "rope", "label": "Rope and cordage"}, {"id": "01a2278f-1289-73da-85fb-9f9ff75e1866", "code": "paint", "label": "Paint and antifoul"}, {"id": "01a2278f-1289-74c2-b3b0-b7b3a77d2d23", "code": "engine", "label": "Engine parts"}, {"id": "01a2278f-1289-7629-b53a-fbe27355cfdc", "code": "safety", "label": "Safety gear"}, {"id": "01a2278f-1289-74f6-95a8-c72994480400", "code": "fittings", "label": "Deck fittings"}, {"id": "01a2278f-1289-75a3-b844-4c6ae2cca12e", "code": "services", "label": "Yard services"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'units', 1, 'published', 9, '{"id": "01a2278f-128a-7842-a2f9-9704873bc932", "key": "units", "label": "Units", "choices": [{"id": "01a2278f-1289-7b3e-a867-54d178c53cc8", "code": "each", "label": "each"}, {"id": "01a2278f-1289-7c6d-9633-678e89798730", "code": "metre", "label": "metre"}, {"id": "01a2278f-128a-7122-bdcf-98f9b5b7d990", "code": "litre", "label": "litre"}, {"id": "01a2278f-128a-7ebc-a437-7af7ae9fb34e", "code": "pair", "label": "pair"}, {"id": "01a2278f-128a-7154-9309-53a9e13d6c11", "code": "hour", "label": "hour"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'movement_kinds', 1, 'published', 10, '{"id": "01a2278f-128a-755e-82a4-12e933c61e91", "key": "movement_kinds", "label": "Kinds of movement", "choices": [{"id": "01a2278f-128a-7ace-842f-e6a78540739d", "code": "receipt", "icon": "box", "extra": {"sign": "1"}, "label": "Receipt", "colour": "kelp"}, {"id": "01a2278f-128a-738c-a77b-016e203a33b0", "code": "issue", "icon": "truck", "extra": {"sign": "-1"}, "label": "Issue", "colour": "haze"}, {"id": "01a2278f-128a-7a9d-80c0-3a160a58fcdb", "code": "return", "extra": {"sign": "1"}, "label": "Return from customer"}, {"id": "01a2278f-128a-7c93-b098-508bd7a6ff97", "code": "write_off", "icon": "stop", "extra": {"sign": "-1"}, "label": "Write-off", "colour": "brick"}, {"id": "01a2278f-128a-79a3-af6d-a7d29399d686", "code": "count_up", "extra": {"sign": "1"}, "label": "Count, found more"}, {"id": "01a2278f-128a-707d-bbdf-6fde152d92af", "code": "count_down", "extra": {"sign": "-1"}, "label": "Count, found less"}], "columns": [{"key": "sign", "type": {"kind": "number", "decimals": 0}, "label": "Sign"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'cost_centres', 1, 'published', 20, '{"id": "01a2278f-128c-720f-aa4a-51086903194f", "key": "cost_centres", "label": "Cost centres", "choices": [{"id": "01a2278f-128c-7e5e-b942-8373dbff57f8", "code": "yard", "label": "Yard"}, {"id": "01a2278f-128c-7b68-a2d8-a071cd206167", "code": "chandlery", "label": "Chandlery"}, {"id": "01a2278f-128c-7dba-aa42-c2bb223ef319", "code": "office", "label": "Office"}, {"id": "01a2278f-128c-70ca-911f-b8a546978d96", "code": "restoration", "label": "Restoration"}, {"id": "01a2278f-128c-73ed-91aa-2067671a1ab6", "code": "moorings", "label": "Moorings"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_kinds', 1, 'published', 11, '{"id": "01a2278f-128a-733d-b3ce-a3f1a9de41e7", "key": "incident_kinds", "label": "Kinds of incident", "choices": [{"id": "01a2278f-128a-778e-a2fc-c699ea092d48", "code": "injury", "icon": "bandage", "label": "Injury", "colour": "brick"}, {"id": "01a2278f-128a-765a-b789-6f305adacd74", "code": "ill_health", "icon": "heart", "label": "Work-related ill health", "colour": "brick"}, {"id": "01a2278f-128a-7a7e-a9d4-de8bdeb2a350", "code": "damage", "icon": "hammer", "label": "Damage to property", "colour": "straw"}, {"id": "01a2278f-128a-7891-a87c-074a999580a8", "code": "pollution", "icon": "droplet", "label": "Spill or pollution", "colour": "straw"}, {"id": "01a2278f-128a-7566-a251-a6a82e83a681", "code": "near_miss", "icon": "warning", "label": "Near miss", "colour": "haze"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_causes', 1, 'published', 12, '{"id": "01a2278f-128a-749c-8654-20cd6c83cbf7", "key": "incident_causes", "label": "Causes", "parent": "incident_kinds", "choices": [{"id": "01a2278f-128a-73e7-8018-dafef8bb883d", "code": "slip", "label": "Slip or trip", "parent": "injury"}, {"id": "01a2278f-128a-712b-b58b-33aca26a32ce", "code": "lifting", "label": "Lifting or carrying", "parent": "injury"}, {"id": "01a2278f-128a-72b0-a37a-d7feec5ee273", "code": "struck", "label": "Struck by something", "parent": "injury"}, {"id": "01a2278f-128a-73a5-9d22-f13554231ae7", "code": "height", "label": "Fall from height", "parent": "injury"}, {"id": "01a2278f-128a-7c5a-a08b-c6ad6a9c6b07", "code": "fumes", "label": "Fumes or dust", "parent": "ill_health"}, {"id": "01a2278f-128a-7032-96e6-10f147a97059", "code": "noise", "label": "Noise", "parent": "ill_health"}, {"id": "01a2278f-128a-7d79-953b-cf2d387022a3", "code": "collision", "label": "Collision", "parent": "damage"}, {"id": "01a2278f-128a-7b29-a6d0-36a27dc28a11", "code": "dropped", "label": "Dropped load", "parent": "damage"}, {"id": "01a2278f-128a-7c1f-830b-df2bacf96a5b", "code": "fuel", "label": "Fuel spill", "parent": "pollution"}, {"id": "01a2278f-128a-7216-9bfe-aa39af4d7105", "code": "rope", "label": "Rope or gear failed", "parent": "near_miss"}, {"id": "01a2278f-128a-74aa-9352-114b6ca74c24", "code": "deck", "label": "Slippery deck", "parent": "near_miss"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities_of_harm', 1, 'published', 13, '{"id": "01a2278f-128b-71cf-a205-41a6fdacce8e", "key": "severities_of_harm", "label": "Severity", "choices": [{"id": "01a2278f-128b-75c9-a0f9-08461c42aee1", "code": "none", "label": "No harm", "colour": "plain"}, {"id": "01a2278f-128b-7fd7-b2a1-c326281a644b", "code": "first_aid", "label": "First aid", "colour": "haze"}, {"id": "01a2278f-128b-72f6-aab5-205e57409f5b", "code": "medical", "label": "Medical treatment", "colour": "straw"}, {"id": "01a2278f-128b-75de-b5b3-9ea4c0153d66", "code": "lost_time", "label": "Lost time", "colour": "brick"}, {"id": "01a2278f-128b-7c40-b41c-4967797fb2d1", "code": "major", "label": "Major injury", "colour": "brick"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'body_parts', 1, 'published', 14, '{"id": "01a2278f-128b-7ce3-85ef-c19a62b9db9d", "key": "body_parts", "label": "Parts of the body", "choices": [{"id": "01a2278f-128b-70cd-8d6f-d2af1fa11c9a", "code": "head", "label": "Head"}, {"id": "01a2278f-128b-72b9-a050-5754a99c2549", "code": "eye", "label": "Eye"}, {"id": "01a2278f-128b-7c9a-a4c1-7643a43a8353", "code": "hand", "label": "Hand or finger"}, {"id": "01a2278f-128b-73ce-970f-db75e2b59e7a", "code": "arm", "label": "Arm"}, {"id": "01a2278f-128b-70d7-9ba7-e7301e505d9c", "code": "back", "label": "Back"}, {"id": "01a2278f-128b-78fd-a02c-35b1f94f844d", "code": "leg", "label": "Leg"}, {"id": "01a2278f-128b-7505-8797-038c62732069", "code": "foot", "label": "Foot"}, {"id": "01a2278f-128b-7618-9eee-3fc1b0cc05d3", "code": "other", "label": "Other"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'injury_kinds', 1, 'published', 15, '{"id": "01a2278f-128b-7aeb-ba23-badca8b5a69e", "key": "injury_kinds", "label": "Kinds of injury", "choices": [{"id": "01a2278f-128b-7243-8aab-5a54db8d2195", "code": "cut", "label": "Cut"}, {"id": "01a2278f-128b-7ce3-8b08-ac9e46ff18c7", "code": "bruise", "label": "Bruise"}, {"id": "01a2278f-128b-7288-933c-f5525a488ef9", "code": "sprain", "label": "Sprain or strain"}, {"id": "01a2278f-128b-75cd-b5a0-3e33157a64e0", "code": "fracture", "label": "Fracture"}, {"id": "01a2278f-128b-7298-9c09-d82c9ab6d705", "code": "burn", "label": "Burn"}, {"id": "01a2278f-128b-7342-ba78-d9aeb7d22039", "code": "other", "label": "Other"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_states', 1, 'published', 16, '{"id": "01a2278f-128b-7629-b107-cd84a7d1ff56", "key": "incident_states", "label": "Investigation", "choices": [{"id": "01a2278f-128b-7772-9586-7d29f51aa850", "code": "open", "label": "Open", "colour": "straw"}, {"id": "01a2278f-128b-782b-8b88-fc4c4aebd3fa", "code": "actions", "label": "Actions under way", "colour": "haze"}, {"id": "01a2278f-128b-75e4-9c3e-2118b57639dc", "code": "closed", "label": "Closed", "colour": "kelp"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'appeal_states', 1, 'published', 17, '{"id": "01a2278f-128b-76c4-a663-6e275adc61c1", "key": "appeal_states", "label": "Appeal states", "choices": [{"id": "01a2278f-128b-7fdf-becb-990aebcb7edc", "code": "planned", "label": "Planned", "colour": "plain"}, {"id": "01a2278f-128b-7d4a-9d14-2bf7bdf66fc3", "code": "running", "label": "Running", "colour": "haze"}, {"id": "01a2278f-128b-7108-99ff-0cf2b9fa27fd", "code": "reached", "label": "Target reached", "colour": "kelp"}, {"id": "01a2278f-128b-7d9d-b255-9ce05dfeb13d", "code": "closed", "label": "Closed", "colour": "plain"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'donation_kinds', 1, 'published', 18, '{"id": "01a2278f-128c-73b7-8bf3-5fdb30221a45", "key": "donation_kinds", "label": "Kinds of donation", "choices": [{"id": "01a2278f-128b-7433-8a0b-c4d4de6d42c3", "code": "single", "label": "Single gift"}, {"id": "01a2278f-128b-7fa2-80d1-ae9a08e30cb8", "code": "regular", "label": "Regular gift"}, {"id": "01a2278f-128b-7f65-af9f-ea27da4b0808", "code": "in_memory", "label": "In memory"}, {"id": "01a2278f-128c-7f18-a511-f4bc0b08873b", "code": "grant", "label": "Grant"}, {"id": "01a2278f-128c-78a2-8439-883c0e17b776", "code": "in_kind", "label": "Gift in kind"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'purchase_states', 1, 'published', 19, '{"id": "01a2278f-128c-7b74-b960-8adeeaec96fd", "key": "purchase_states", "label": "Purchase states", "choices": [{"id": "01a2278f-128c-7aaa-98a9-f32073e62f88", "code": "requested", "icon": "clock", "label": "Requested", "colour": "straw"}, {"id": "01a2278f-128c-7f04-8967-9627186cc671", "code": "approved", "icon": "check", "label": "Approved", "colour": "haze"}, {"id": "01a2278f-128c-731a-a55b-0e58134fd507", "code": "ordered", "icon": "truck", "label": "Ordered", "colour": "haze"}, {"id": "01a2278f-128c-75e4-be94-68e9ec665880", "code": "received", "icon": "box", "label": "Received", "colour": "kelp"}, {"id": "01a2278f-128c-7114-9f9d-2d67b849f6ae", "code": "cancelled", "icon": "stop", "label": "Cancelled", "colour": "plain"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'berth_services', 1, 'published', 21, '{"id": "01a2278f-128c-7a80-b486-2ba9d75efbf7", "key": "berth_services", "label": "Berth services", "choices": [{"id": "01a2278f-128c-7582-b5d4-900a395a2d20", "code": "water", "label": "Water"}, {"id": "01a2278f-128c-7983-8284-7b04e442030b", "code": "power", "label": "Shore power"}, {"id": "01a2278f-128c-7ddb-9268-fc31c5a25865", "code": "fuel", "label": "Fuel"}, {"id": "01a2278f-128c-72b5-810e-fc5d366d6524", "code": "wifi", "label": "Wi-Fi"}, {"id": "01a2278f-128c-7f88-bcf9-7f5b27a83801", "code": "lift", "label": "Near the lift"}], "columns": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'clients', 1, 'published', 1, '{"id": "01a2278f-128d-7f02-8f76-107ad0b8c5f7", "key": "clients", "mark": "CLI", "alike": ["name", "email", "phone"], "title": "name", "beside": ["phone"], "fields": [{"id": "01a2278f-128c-76ec-a9ec-55a053b75146", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-128c-7075-9572-16e8344cc2cd", "key": "kind", "type": {"kind": "choice", "list": "client_kinds"}, "label": "Kind", "required": false}, {"id": "01a2278f-128d-7165-9ba9-d74f9210acbc", "key": "email", "type": {"kind": "email"}, "label": "E-mail", "required": false}, {"id": "01a2278f-128d-79ca-a94e-b5ad29217184", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a2278f-128d-719e-a404-45f0eafdaa5d", "key": "address", "type": {"kind": "address"}, "label": "Address", "required": false}, {"id": "01a2278f-128d-7b7e-b5f0-9690b47f0b75", "key": "client_since", "type": {"kind": "date"}, "label": "Client since", "required": false}, {"id": "01a2278f-128d-7f21-b2b4-e698955de7e8", "key": "credit_limit", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Credit limit", "required": false}, {"id": "01a2278f-128d-76de-9931-14400ee74cd3", "key": "newsletter", "type": {"kind": "yes_no"}, "label": "Newsletter", "required": false}, {"id": "01a2278f-128d-79e6-99ce-205411cecfe9", "key": "web", "type": {"kind": "web"}, "label": "Web", "required": false}, {"id": "01a2278f-128d-7dc1-8755-b551835804ca", "key": "iban", "type": {"kind": "code", "scheme": "iban"}, "label": "Bank account (IBAN)", "section": "Accounts", "required": false}, {"id": "01a2278f-128d-7e67-b19f-42a8d5f5d4fe", "key": "open_balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(invoices[state != \"draft\"].balance)"}, "label": "Open balance", "section": "Accounts", "required": false}, {"id": "01a2278f-128d-743a-90dc-b9cdcc3b585a", "key": "over_limit", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "credit_limit != null and open_balance > credit_limit"}, "label": "Over credit limit", "section": "Accounts", "required": false}, {"id": "01a2278f-128d-7b90-9416-f8a52176fed6", "key": "last_invoice", "type": {"kind": "worked_out", "gives": {"kind": "date"}, "formula": "max(invoices.issued_on)"}, "label": "Last invoiced on", "section": "Accounts", "required": false}, {"id": "01a2278f-128d-7f4b-90f0-4eee67e13022", "key": "given", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Given in all", "section": "Accounts", "required": false}, {"id": "01a2278f-128d-7ba3-a487-492007979129", "key": "notes", "type": {"kind": "formatted"}, "label": "Notes", "section": "Notes", "required": false}], "listed": ["kind", "email", "phone", "client_since", "credit_limit", "open_balance", "over_limit", "last_invoice"], "plural": "Clients", "singular": "Client", "constraints": [{"kind": "unique", "fields": ["email"], "folded": true}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'berths', 1, 'published', 3, '{"id": "01a2278f-128e-7787-8ab8-cd149704e0d6", "key": "berths", "mark": "BER", "alike": [], "title": "name", "beside": ["pontoon"], "fields": [{"id": "01a2278f-128e-7fe8-b051-27db86461a39", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-128e-7056-a09f-3b3269c0e3f3", "key": "pontoon", "type": {"kind": "choice", "list": "pontoons"}, "label": "Pontoon", "required": true}, {"id": "01a2278f-128e-7132-a5bc-d712be950298", "key": "longest", "type": {"kind": "number", "unit": "m", "decimals": 1}, "label": "Longest boat", "required": false}, {"id": "01a2278f-128e-7119-9b1b-5d1bfe5ff1ee", "key": "shore_power", "type": {"kind": "yes_no"}, "label": "Shore power", "required": false}, {"id": "01a2278f-128e-7ee1-bdd8-da48b34c83eb", "key": "yearly_fee", "type": {"kind": "money", "currency": "GBP"}, "label": "Yearly fee", "required": false}, {"id": "01a2278f-128e-79ac-9d9d-a01209e7a09c", "key": "position", "type": {"kind": "position"}, "label": "Position", "required": false}, {"id": "01a2278f-128e-73c8-ab69-bf5d40fca005", "key": "taken_by", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(boats)"}, "label": "Taken by", "required": false}, {"id": "01a2278f-128e-70fb-b476-ebee3ecda9ca", "key": "services", "type": {"kind": "choices", "list": "berth_services"}, "label": "Services", "required": false}], "listed": ["pontoon", "longest", "shore_power", "services", "yearly_fee", "taken_by"], "plural": "Berths", "singular": "Berth", "constraints": [{"kind": "unique", "fields": ["name"], "folded": true}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'stock', 1, 'published', 4, '{"id": "01a2278f-128f-7dc9-beff-e36b3f220956", "key": "stock", "mark": "STK", "alike": ["name", "bar_code"], "title": "name", "beside": ["code"], "fields": [{"id": "01a2278f-128e-7457-97b3-3e81d2d2ef33", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-128e-76bd-8210-aa940415b972", "key": "code", "type": {"kind": "code", "scheme": "pattern", "example": "RO-0001", "pattern": "[A-Z]{2}-[0-9]{4}"}, "label": "Item code", "required": true}, {"id": "01a2278f-128f-7e96-826c-a6df24101c26", "key": "group", "type": {"kind": "choice", "list": "stock_groups"}, "label": "Group", "required": false}, {"id": "01a2278f-128f-7ca7-9966-0282e9321efa", "key": "unit", "type": {"kind": "choice", "list": "units"}, "label": "Unit", "required": false}, {"id": "01a2278f-128f-75b1-9df4-b18e3013e0c8", "key": "bar_code", "type": {"kind": "code", "scheme": "gtin"}, "label": "Bar code (GTIN)", "required": false}, {"id": "01a2278f-128f-7673-a418-311fd2baaa13", "key": "shelf", "type": {"kind": "text"}, "label": "Shelf", "required": false}, {"id": "01a2278f-128f-727f-8101-baceabbad2fe", "key": "sale_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Sale price, net", "section": "Prices", "required": false}, {"id": "01a2278f-128f-7a1e-b2a9-57f92a366b0d", "key": "cost_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost price", "section": "Prices", "required": false}, {"id": "01a2278f-128f-7db0-9164-b7c01c4f502e", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "section": "Prices", "required": false}, {"id": "01a2278f-128f-753c-a225-0590c5c95063", "key": "margin", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if sale_price > 0 then (sale_price - cost_price) / sale_price else null"}, "label": "Margin", "section": "Prices", "required": false}, {"id": "01a2278f-128f-7e20-a9e1-95b983a7cd6f", "key": "counted", "type": {"kind": "yes_no"}, "label": "Counted in stock", "section": "Quantities", "required": false}, {"id": "01a2278f-128f-789d-8701-aab4024511d2", "key": "on_hand", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "total(movements.signed)"}, "label": "On hand", "section": "Quantities", "required": false}, {"id": "01a2278f-128f-79f9-a5ef-85a765eb6848", "key": "reorder_point", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder point", "section": "Quantities", "required": false}, {"id": "01a2278f-128f-773b-ad3d-bc5d3955c783", "key": "reorder_quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder quantity", "section": "Quantities", "required": false}, {"id": "01a2278f-128f-784a-bf79-d1bdeaff4470", "key": "to_reorder", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "counted = true and reorder_point != null and on_hand < reorder_point"}, "label": "Below reorder point", "section": "Quantities", "required": false}, {"id": "01a2278f-128f-7397-a815-7b0f63016af3", "key": "value_on_hand", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "on_hand * cost_price"}, "label": "Value on hand", "section": "Quantities", "required": false}, {"id": "01a2278f-128f-76b7-9911-00f9529f4a4c", "key": "supplier", "type": {"back": {"key": "supplies", "label": "Supplies"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a2278f-128f-7ecf-b5cf-98c2486ef33a", "key": "fits", "type": {"back": {"key": "fits_to", "label": "Used with, from the other side"}, "kind": "links", "register": "stock"}, "label": "Used with", "required": false}, {"id": "01a2278f-128f-715d-92f0-c3bd0ce959f3", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["code", "group", "shelf", "unit", "sale_price", "on_hand", "reorder_point", "to_reorder", "value_on_hand"], "plural": "Stock", "singular": "Stock item", "constraints": [{"kind": "unique", "fields": ["code"], "folded": true}, {"kind": "must", "message": "Reorder quantity must be over 0.", "condition": "reorder_quantity = null or reorder_quantity > 0"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'movements', 1, 'published', 5, '{"id": "01a2278f-128f-76a0-b706-162ac9a5ec76", "key": "movements", "mark": "MOV", "alike": [], "title": "what", "beside": ["kind"], "fields": [{"id": "01a2278f-128f-7a88-805e-d1054f4f590b", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2278f-128f-7ef3-9872-469999ed3dde", "key": "stock", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "stock"}, "label": "Item", "required": true}, {"id": "01a2278f-128f-752d-a0cc-3012a32ee195", "key": "kind", "type": {"kind": "choice", "list": "movement_kinds"}, "label": "Kind", "required": true}, {"id": "01a2278f-128f-7ef1-8a9a-830ec7521871", "key": "moved_on", "type": {"kind": "date"}, "label": "Moved on", "required": true}, {"id": "01a2278f-128f-75a3-8886-e4b56e6b2ccd", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a2278f-128f-728f-81eb-24e1ad8d6718", "key": "signed", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "quantity * kind.sign"}, "label": "In or out", "required": false}, {"id": "01a2278f-128f-75b6-a071-cc30e50f69fb", "key": "unit_cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost per unit", "required": false}, {"id": "01a2278f-128f-7661-a86e-6809c5268ceb", "key": "value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "signed * unit_cost"}, "label": "Value", "required": false}, {"id": "01a2278f-128f-70a9-b904-b5e710990933", "key": "purchase", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "purchases"}, "label": "Purchase", "required": false}, {"id": "01a2278f-128f-75e2-a373-bec23a23e5e6", "key": "invoice", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "invoices"}, "label": "Invoice", "required": false}, {"id": "01a2278f-128f-721b-b0da-951384bd8473", "key": "done_by", "type": {"kind": "person"}, "label": "Done by", "required": false}], "listed": ["kind", "moved_on", "signed", "unit_cost", "value", "stock"], "plural": "Stock movements", "singular": "Stock movement", "constraints": [{"kind": "must", "message": "A movement cannot lie in the future.", "condition": "moved_on <= today()"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'invoices', 1, 'published', 6, '{"id": "01a2278f-1290-7e5d-a4ed-7eac5a0352e3", "key": "invoices", "mark": "INV", "alike": [], "title": "subject", "beside": ["client", "balance"], "fields": [{"id": "01a2278f-128f-7e87-afc1-1610f086dd56", "key": "subject", "type": {"kind": "text"}, "label": "Subject", "required": true}, {"id": "01a2278f-128f-7e20-914f-6ae85ac47de5", "key": "client", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "clients"}, "label": "Client", "required": true}, {"id": "01a2278f-1290-779b-a0bd-b9e5ff2dba55", "key": "boat", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2278f-1290-7c15-8c7d-a73453980fe3", "key": "invoice_number", "type": {"kind": "running_number", "when": "state != null and state != \"draft\"", "width": 5, "prefix": "TQ-", "restart": "never"}, "label": "Invoice number", "required": false}, {"id": "01a2278f-1290-7ce2-9c0e-3627078db83f", "key": "issued_on", "type": {"kind": "date"}, "label": "Issued", "required": false}, {"id": "01a2278f-1290-7dfe-b1bf-30716c488666", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a2278f-1290-7a7a-a6a2-a397eb054d6d", "key": "state", "type": {"kind": "choice", "list": "invoice_states"}, "label": "State", "required": true}, {"id": "01a2278f-1290-7e94-8e96-1d9ba17fd2b5", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a2278f-1290-7f26-9974-bf6aba2cc4c1", "key": "stock", "type": {"back": {"key": "invoice_lines", "label": "Invoice lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a2278f-1290-7adb-9bbd-155fad6086a2", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2278f-1290-7b9f-951d-1fb597b1b6c7", "key": "quantity", "type": {"kind": "number", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a2278f-1290-7f22-93f1-b617fb0f101a", "key": "unit_price", "type": {"kind": "money", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a2278f-1290-7071-b328-8c74579b9391", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": true}, {"id": "01a2278f-1290-70e7-9c63-d707bed809f7", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a2278f-1290-7631-826e-e37b568d149a", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-761e-b49b-c7c720618aee", "key": "net_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"standard\"].net)"}, "label": "Net at 20 %", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-78fd-bac0-21083c72e2a4", "key": "vat_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_standard * 0.2"}, "label": "VAT at 20 %", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-7e48-a076-b41d238d21b3", "key": "net_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"reduced\"].net)"}, "label": "Net at 5 %", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-7fa6-a6d3-91024fddee1b", "key": "vat_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_reduced * 0.05"}, "label": "VAT at 5 %", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-7500-adc3-51e0cd3e1190", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "vat_standard + vat_reduced"}, "label": "VAT", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-7f7a-9dca-fb88c4ca0618", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a2278f-1290-7093-b6ca-7cdb26612956", "key": "payments", "type": {"kind": "rows", "fields": [{"id": "01a2278f-1290-7aaf-b2dc-a567761a671e", "key": "paid_on", "type": {"kind": "date"}, "label": "Paid on", "required": true}, {"id": "01a2278f-1291-782e-a566-15dd6059b395", "key": "amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a2278f-1291-7f92-b072-f64d4153289b", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a2278f-1291-77da-abde-012acac0116b", "key": "reference", "type": {"kind": "text"}, "label": "Reference", "required": false}], "plural": "Payments", "singular": "Payment"}, "label": "Payments", "required": false}, {"id": "01a2278f-1290-739f-920b-553cca982d10", "key": "paid", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(payments.amount)"}, "label": "Paid", "section": "Amounts", "required": false}, {"id": "01a2278f-1290-7b2c-8f3c-35ef4cbda53a", "key": "balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if state = \"credited\" then 0 else gross - paid"}, "label": "Balance", "required": false}, {"id": "01a2278f-1290-7747-bbf8-69aad7ce061b", "key": "days_late", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "if state in (\"issued\", \"part_paid\") and balance > 0 and due_on < today() then (today() - due_on).days else 0"}, "label": "Days late", "required": false}, {"id": "01a2278f-1290-711a-a35f-bb8f8ee347f8", "key": "age_band", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if state = \"draft\" then \"not issued\" else if balance <= 0 then \"settled\" else if days_late <= 0 then \"not due\" else if days_late <= 30 then \"1 to 30 days\" else if days_late <= 60 then \"31 to 60 days\" else if days_late <= 90 then \"61 to 90 days\" else \"over 90 days\""}, "label": "Age", "required": false}, {"id": "01a2278f-1290-7d87-91eb-fe9f80427098", "key": "papers", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Papers", "required": false}], "listed": ["client", "boat", "issued_on", "due_on", "state", "gross", "balance", "days_late", "age_band"], "plural": "Invoices", "singular": "Invoice", "constraints": [{"kind": "must", "message": "An invoice cannot be due before it is issued.", "condition": "due_on = null or issued_on = null or due_on >= issued_on"}, {"kind": "must", "message": "An invoice that is issued needs at least one line.", "condition": "state = \"draft\" or count(lines) > 0"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'incidents', 1, 'published', 7, '{"id": "01a2278f-1291-7ab7-ac81-74885d0e88e3", "key": "incidents", "mark": "INC", "alike": [], "title": "title", "beside": ["kind", "happened_at"], "fields": [{"id": "01a2278f-1291-772b-8ab2-f0edd7e9b8a1", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": true}, {"id": "01a2278f-1291-7068-8cc5-69b2cbd97072", "key": "kind", "type": {"kind": "choice", "list": "incident_kinds"}, "label": "Kind", "required": true}, {"id": "01a2278f-1291-751a-a738-6383949cc648", "key": "cause", "type": {"kind": "choice", "list": "incident_causes"}, "label": "Cause", "required": false}, {"id": "01a2278f-1291-776c-8ba8-a29df022507a", "key": "happened_at", "type": {"kind": "moment"}, "label": "Happened", "required": true}, {"id": "01a2278f-1291-7087-a1ab-1257aa9521f8", "key": "place", "type": {"kind": "text"}, "label": "Place", "required": false}, {"id": "01a2278f-1291-74af-98e3-508258842bb5", "key": "position", "type": {"kind": "position"}, "label": "On the map", "required": false}, {"id": "01a2278f-1291-7ae3-bfdb-671eb3b1e33b", "key": "berth", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2278f-1291-7b11-90b1-cc2fba8469c5", "key": "boat", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2278f-1291-7f01-bd14-67b47509b2b0", "key": "owner", "type": {"back": {"key": "incidents", "label": "Incidents with their boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a2278f-1291-7808-ad67-7625ff3b880b", "key": "owner_phone", "type": {"kind": "phone"}, "label": "Owner’s phone", "required": false}, {"id": "01a2278f-1291-79c8-bb67-7983ccf450e4", "key": "reported_by", "type": {"kind": "person"}, "label": "Reported by", "required": false}, {"id": "01a2278f-1291-79c6-827c-207993d527bd", "key": "what_happened", "type": {"kind": "formatted"}, "label": "What happened", "required": false}, {"id": "01a2278f-1291-725c-907f-e0ed8cdcba95", "key": "hurt", "type": {"kind": "rows", "fields": [{"id": "01a2278f-1291-7fe6-867c-158fe5dae707", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-1291-7704-8912-b955b5f38802", "key": "employed", "type": {"kind": "yes_no"}, "label": "Employed here", "required": false}, {"id": "01a2278f-1291-7585-8141-8bf1d0e21ed6", "key": "body_part", "type": {"kind": "choice", "list": "body_parts"}, "label": "Part of the body", "required": false}, {"id": "01a2278f-1291-74ad-9b97-0de28245f094", "key": "injury", "type": {"kind": "choice", "list": "injury_kinds"}, "label": "Injury", "required": false}, {"id": "01a2278f-1291-7aa3-816c-92998ea990ab", "key": "severity", "type": {"kind": "choice", "list": "severities_of_harm"}, "label": "Severity", "required": false}, {"id": "01a2278f-1291-79c3-a23b-821972ad3429", "key": "days_lost", "type": {"kind": "number", "unit": "days", "least": "0", "decimals": 0}, "label": "Days lost", "required": false}, {"id": "01a2278f-1291-7788-b506-93c5d574c622", "key": "treatment", "type": {"kind": "text"}, "label": "Treatment", "required": false}], "plural": "People hurt", "singular": "Person hurt"}, "label": "People hurt", "required": false}, {"id": "01a2278f-1291-7dd8-bb32-babf23d49253", "key": "witnesses", "type": {"kind": "rows", "fields": [{"id": "01a2278f-1292-70ec-8e59-5aa79a471ac9", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-1292-7429-be0b-2e6663204b55", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a2278f-1292-73e7-9d39-26d66feac315", "key": "statement", "type": {"kind": "long_text"}, "label": "Statement", "required": false}], "plural": "Witnesses", "singular": "Witness"}, "label": "Witnesses", "required": false}, {"id": "01a2278f-1291-79e8-b8d4-19d5e4b02261", "key": "days_lost", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "total(hurt.days_lost)"}, "label": "Days lost", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-7efd-947a-61e377a6ccbc", "key": "lost_time", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost >= 1"}, "label": "Lost-time injury", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-7d06-9019-a44daa1531ec", "key": "notifiable", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost > 7"}, "label": "Over seven days off", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-776f-a598-b8e7bcd6a287", "key": "state", "type": {"kind": "choice", "list": "incident_states"}, "label": "Investigation", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-75f3-9798-57a27c230b26", "key": "root_cause", "type": {"kind": "long_text"}, "label": "Root cause", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-7698-86bd-808919d6d300", "key": "actions", "type": {"kind": "rows", "fields": [{"id": "01a2278f-1292-71e2-bec7-24fa0d23bac9", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2278f-1292-7d30-81fc-bc1cd3180d69", "key": "who", "type": {"kind": "person"}, "label": "Who", "required": false}, {"id": "01a2278f-1292-7a64-872c-6df278df2531", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a2278f-1292-7023-b56b-52d641dc470b", "key": "done_on", "type": {"kind": "date"}, "label": "Done", "required": false}], "plural": "Actions", "singular": "Action"}, "label": "Actions", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-7743-a4f0-4c10d21e684f", "key": "open_actions", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(actions[done_on = null])"}, "label": "Open actions", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-742f-a8bd-f8e897ae8502", "key": "cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost", "section": "Investigation", "required": false}, {"id": "01a2278f-1291-7830-b6fb-0f00c1a75a3b", "key": "photos", "type": {"kind": "files", "most": 20, "sort": "photos"}, "label": "Photos", "required": false}], "listed": ["kind", "cause", "happened_at", "place", "days_lost", "lost_time", "state", "open_actions"], "plural": "Incidents", "singular": "Incident", "constraints": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'safety_trustee', 1, 'published', 6, '{"id": "01a2278f-1294-76b6-b90e-de2521e3fb8a", "key": "safety_trustee", "label": "Trustee for safety", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'appeals', 1, 'published', 8, '{"id": "01a2278f-1292-72c8-9dbb-8ab8fecb1107", "key": "appeals", "mark": "APL", "alike": [], "title": "name", "beside": ["state"], "fields": [{"id": "01a2278f-1292-7aec-89c6-4b1d14b9ea95", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-1292-78a5-b9f2-2bf6d88f8aa3", "key": "purpose", "type": {"kind": "formatted"}, "label": "What it is for", "required": false}, {"id": "01a2278f-1292-7b4e-9171-61a35f365406", "key": "boat", "type": {"back": {"key": "appeals", "label": "Appeals"}, "kind": "link", "register": "boats"}, "label": "Vessel", "required": false}, {"id": "01a2278f-1292-7e36-aa77-dc1a4801310d", "key": "state", "type": {"kind": "choice", "list": "appeal_states"}, "label": "State", "required": false}, {"id": "01a2278f-1292-7aea-812c-c7a1437dbf45", "key": "begins_on", "type": {"kind": "date"}, "label": "Begins", "required": false}, {"id": "01a2278f-1292-715a-bebb-5a52d2eb43b2", "key": "ends_on", "type": {"kind": "date"}, "label": "Ends", "required": false}, {"id": "01a2278f-1292-7bf6-a36f-1125e776aaa9", "key": "target", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Target", "required": true}, {"id": "01a2278f-1292-7bb2-8ef6-9133232560ec", "key": "raised", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Raised so far", "required": false}, {"id": "01a2278f-1292-7e6a-8100-01e83fb79882", "key": "share", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if target > 0 then raised / target else null"}, "label": "Of the target", "required": false}, {"id": "01a2278f-1292-7725-835c-3ac407904b46", "key": "gifts", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(donations)"}, "label": "Gifts", "required": false}, {"id": "01a2278f-1292-747e-b0f0-9ce2812d6247", "key": "mean_gift", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gifts > 0 then raised / gifts else null"}, "label": "Mean gift", "required": false}, {"id": "01a2278f-1292-756c-bcae-bff24e60eb23", "key": "page", "type": {"kind": "web"}, "label": "Page", "required": false}, {"id": "01a2278f-1292-7144-b231-9c4705aac7ce", "key": "manager", "type": {"kind": "person"}, "label": "Manager", "required": false}, {"id": "01a2278f-1292-7701-97fb-97c7118787b3", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["state", "begins_on", "ends_on", "target", "raised", "share", "gifts", "mean_gift"], "plural": "Appeals", "singular": "Appeal", "constraints": [{"kind": "must", "message": "An appeal cannot end before it begins.", "condition": "ends_on = null or begins_on = null or ends_on >= begins_on"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'donations', 1, 'published', 9, '{"id": "01a2278f-1293-7f23-8c9c-a9fb4755dcf9", "key": "donations", "mark": "DON", "alike": [], "title": "donor_name", "beside": ["amount"], "fields": [{"id": "01a2278f-1292-7f64-b81c-7f1475756b78", "key": "donor_name", "type": {"kind": "text"}, "label": "Donor", "required": true}, {"id": "01a2278f-1292-7441-afae-50360015b8e3", "key": "donor", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "clients"}, "label": "Donor in Clients", "required": false}, {"id": "01a2278f-1292-7744-b0fd-6b26ecbfa870", "key": "appeal", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "appeals"}, "label": "Appeal", "required": true}, {"id": "01a2278f-1292-7c66-ac59-330dd8f543db", "key": "received_on", "type": {"kind": "date"}, "label": "Received", "required": true}, {"id": "01a2278f-1292-7545-b999-5d2643746217", "key": "amount", "type": {"kind": "money", "least": "0.01", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a2278f-1292-7ae1-83fe-c2293915031a", "key": "kind", "type": {"kind": "choice", "list": "donation_kinds"}, "label": "Kind", "required": false}, {"id": "01a2278f-1293-7fd5-aa71-89d7946f1c19", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a2278f-1293-7ce5-927f-8ed61943e104", "key": "gift_aid", "type": {"kind": "yes_no"}, "label": "Gift Aid declared", "required": false}, {"id": "01a2278f-1293-793a-967f-0d1b935c1c98", "key": "tax_to_claim", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gift_aid = true then amount * 0.25 else 0"}, "label": "Tax to claim", "required": false}, {"id": "01a2278f-1293-7dc8-8930-bf978f98eb8e", "key": "worth", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "amount + tax_to_claim"}, "label": "Worth to the appeal", "required": false}, {"id": "01a2278f-1293-7df0-9c93-90804c7f4af4", "key": "anonymous", "type": {"kind": "yes_no"}, "label": "Wants no name", "required": false}, {"id": "01a2278f-1293-71c4-b1ca-45e99794bf94", "key": "thanked_on", "type": {"kind": "date"}, "label": "Thanked", "required": false}, {"id": "01a2278f-1293-7f53-9c5b-f5d7dc541de0", "key": "receipt", "type": {"kind": "running_number", "width": 4, "prefix": "R-", "restart": "yearly"}, "label": "Receipt number", "required": false}, {"id": "01a2278f-1293-7ff3-85ad-44a768e75051", "key": "note", "type": {"kind": "long_text"}, "label": "Note", "required": false}], "listed": ["appeal", "received_on", "amount", "kind", "gift_aid", "worth", "thanked_on", "receipt"], "plural": "Donations", "singular": "Donation", "constraints": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'purchases', 1, 'published', 10, '{"id": "01a2278f-1293-7ec6-b8d2-28c3ebf5cf52", "key": "purchases", "mark": "PUR", "alike": [], "title": "what_for", "beside": ["supplier"], "fields": [{"id": "01a2278f-1293-7bbd-a83e-d9fe69ec000b", "key": "what_for", "type": {"kind": "text"}, "label": "What for", "required": true}, {"id": "01a2278f-1293-77ff-8223-0995a48ea11c", "key": "supplier", "type": {"back": {"key": "purchases", "label": "Purchases"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a2278f-1293-7e1b-9066-e32cfb9a6a4e", "key": "requested_by", "type": {"kind": "person"}, "label": "Requested by", "required": false}, {"id": "01a2278f-1293-7b56-8d7c-ac4590983953", "key": "requested_on", "type": {"kind": "date"}, "label": "Requested", "required": true}, {"id": "01a2278f-1293-7f92-a7bb-e4c55eabfaaa", "key": "needed_by", "type": {"kind": "date"}, "label": "Needed by", "required": false}, {"id": "01a2278f-1293-7163-9d8b-9e47ee343256", "key": "cost_centre", "type": {"kind": "choice", "list": "cost_centres"}, "label": "Cost centre", "required": false}, {"id": "01a2278f-1293-7a6d-baab-d3972a358a86", "key": "state", "type": {"kind": "choice", "list": "purchase_states"}, "label": "State", "required": true}, {"id": "01a2278f-1293-752c-8334-762a819327e2", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a2278f-1293-79f5-9c95-d1269ef95ede", "key": "stock", "type": {"back": {"key": "purchase_lines", "label": "Purchase lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a2278f-1293-746f-b3b3-b1965aaf4368", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a2278f-1293-7114-a3ca-c2ab0ce71f2f", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a2278f-1293-7db7-bcfa-3c7da056be57", "key": "unit_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a2278f-1293-77ae-a232-50097607b3a7", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": false}, {"id": "01a2278f-1294-7386-a9d3-c99c6362239a", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}, {"id": "01a2278f-1294-7e26-a4a1-f7a589a8be7b", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net * vat_rate.percentage"}, "label": "VAT", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a2278f-1293-74c9-b4bf-215f7cb5aa31", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "required": false}, {"id": "01a2278f-1293-7caf-be1d-7697dbe1e769", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.vat)"}, "label": "VAT", "required": false}, {"id": "01a2278f-1293-7cff-b4a8-8d98a5732c14", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a2278f-1293-7c9b-8fad-2e3dab09b7e3", "key": "received_value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(movements.value)"}, "label": "Received so far", "required": false}, {"id": "01a2278f-1293-7eb2-9407-1d48c1681e51", "key": "approved_amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Approved amount", "required": false}, {"id": "01a2278f-1293-708a-bbd2-b56da8fc2d19", "key": "approved_by_accounts", "type": {"kind": "yes_no"}, "label": "Approved by accounts", "required": false}, {"id": "01a2278f-1293-7ff7-8cd0-0bacebce21df", "key": "quotes", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Quotations", "required": false}], "listed": ["supplier", "requested_on", "needed_by", "cost_centre", "state", "gross", "received_value"], "plural": "Purchases", "singular": "Purchase", "constraints": [{"kind": "must", "message": "It cannot be needed before it is requested.", "condition": "needed_by = null or requested_on = null or needed_by >= requested_on"}]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'operations_manager', 1, 'published', 1, '{"id": "01a2278f-1294-7d95-af76-98e3bd0b9a80", "key": "operations_manager", "label": "Operations manager", "sets_up": ["registers", "forms", "people"], "registers": {}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'treasurer', 1, 'published', 4, '{"id": "01a2278f-1294-7c8a-b794-9c55e143d656", "key": "treasurer", "label": "Treasurer", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'trustee', 1, 'published', 5, '{"id": "01a2278f-1294-710a-a1c7-5800f3f3c3c1", "key": "trustee", "label": "Trustee", "sets_up": [], "registers": {"appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "purchases": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'office', 1, 'published', 7, '{"id": "01a2278f-1294-7553-bb64-a30b30a52c81", "key": "office", "label": "Office", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "appeals": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": ["iban"], "locked": [], "archive": true, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'client', 1, 'published', 8, '{"id": "01a2278f-1294-7b54-b6fa-de8341d8e575", "key": "client", "label": "Client", "sets_up": [], "registers": {"boats": {"add": false, "see": "owner = me.record", "when": {}, "change": false, "export": false, "hidden": ["berth"], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": "record = me.record", "only": ["phone", "address", "newsletter"], "when": {}, "change": "record = me.record", "export": false, "hidden": ["credit_limit", "over_limit", "notes"], "locked": [], "archive": false, "results": ["open_balance"]}, "invoices": {"add": false, "see": "client = me.record and state != null and state != \"draft\"", "when": {}, "change": false, "export": "client = me.record and state != null and state != \"draft\"", "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'report_incident', 1, 'published', 3, '{"id": "01a2278f-1296-7886-854c-1a1ce9921816", "key": "report_incident", "label": "Report an incident", "pages": [{"id": "01a2278f-1296-7e99-bfa8-37d945cc6102", "key": "what", "label": "What happened", "onward": [{"to": "hurt", "condition": "kind in (\"injury\", \"ill_health\")"}, {"to": "follow_up", "condition": "kind = \"near_miss\""}, {"to": "damage", "condition": "kind in (\"damage\", \"pollution\")"}]}, {"id": "01a2278f-1296-76e4-bb45-b1fd87069f29", "key": "hurt", "label": "Who was hurt", "onward": [{"to": "follow_up", "condition": "days_lost > 7"}, {"to": "follow_up", "condition": "days_lost <= 7"}], "introduction": "One line for each person."}, {"id": "01a2278f-1296-782a-94c9-fa79f0ccf92c", "key": "damage", "label": "Damage and cost", "onward": [{"to": null, "condition": "cost <= 500"}]}, {"id": "01a2278f-1296-7463-ac5c-e2b2929b74ee", "key": "follow_up", "label": "What now", "onward": []}], "endings": [{"label": "Thank you. The safety trustee will call you", "words": "An injury with more than seven days off must be reported to the authority; that is done for you.", "leads_to": "thanks", "condition": "days_lost > 7"}, {"label": "Thank you for reporting", "words": "Every near miss that is told is an accident less.", "leads_to": "thanks", "condition": "kind = \"near_miss\""}, {"label": "Thank you", "words": "", "leads_to": "thanks"}], "purpose": "add", "register": "incidents", "sections": [{"key": "where", "help": "What you know; a berth or a place is enough.", "label": "Where it was"}], "questions": [{"id": "01a2278f-1295-7d29-980f-b7cb8313ce05", "help": "In one line, as you would tell it.", "page": "what", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1295-7f53-8e4f-c478d1cb639a", "page": "what", "field": "kind", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1295-7758-9c8b-1b173989e16d", "page": "what", "field": "cause", "rules": []}, {"id": "01a2278f-1295-7b93-b36e-3e1bf61bef91", "page": "what", "field": "happened_at", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "happened_at <= now()"}]}, {"id": "01a2278f-1295-7495-bbe4-215236dc5e9c", "page": "what", "field": "place", "rules": [], "section": "where"}, {"id": "01a2278f-1295-71fa-b387-3c0ca226a70f", "page": "what", "field": "berth", "rules": [], "section": "where"}, {"id": "01a2278f-1295-7f0f-a643-d31a061a0bd6", "page": "what", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}, {"from": "boat.owner.phone", "kind": "fills", "question": "owner_phone"}], "section": "where"}, {"id": "01a2278f-1295-764a-bd5a-d98220092683", "page": "what", "field": "owner", "rules": [], "section": "where"}, {"id": "01a2278f-1295-7149-838c-3f97653321dc", "page": "what", "field": "owner_phone", "rules": [], "section": "where"}, {"id": "01a2278f-1295-705d-b2dc-55b8139030c8", "page": "what", "field": "what_happened", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1295-7a04-b389-372a16a51efa", "page": "what", "field": "reported_by", "rules": []}, {"id": "01a2278f-1295-7e11-9cb7-722d7184d311", "page": "hurt", "field": "hurt", "rules": [{"kind": "asked_when", "condition": "kind in (\"injury\", \"ill_health\")"}, {"kind": "must_be_answered"}], "columns": [{"field": "days_lost", "rules": [{"kind": "asked_when", "condition": "employed = null or employed = true"}, {"kind": "must", "condition": "days_lost >= 0"}]}]}, {"id": "01a2278f-1295-7bcb-b72b-3e56371d3574", "page": "hurt", "field": "days_lost", "rules": []}, {"id": "01a2278f-1296-71fd-afb0-412e05eaa930", "page": "hurt", "field": "witnesses", "rules": []}, {"id": "01a2278f-1296-70be-959c-170c97b9f16e", "page": "damage", "field": "cost", "rules": [{"kind": "must", "condition": "cost >= 0"}]}, {"id": "01a2278f-1296-755b-8a8a-5b84363ff8d3", "page": "damage", "field": "photos", "rules": []}, {"id": "01a2278f-1296-7d50-8a87-e016ed56c207", "page": "follow_up", "field": "root_cause", "rules": []}, {"id": "01a2278f-1296-7ce5-876f-1c82bbb1f087", "page": "follow_up", "field": "actions", "rules": []}, {"id": "01a2278f-1296-785e-ae18-6c8d0488b020", "page": "follow_up", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"open\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office", "safety_trustee", "treasurer"], "introduction": "Anything that hurt someone, could have, or broke something. If someone is in danger, call for help first."}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities', 1, 'published', 22, '{"id": "01a2278f-1b31-75c6-ab9c-a66fd92482db", "key": "severities", "label": "Severities", "choices": [{"id": "01a2278f-1b31-716d-9ec9-916e88deed7e", "code": "scare", "label": "Scare"}, {"id": "01a2278f-1b31-7fbf-809c-9d0c7f73d2b3", "code": "damage", "label": "Damage"}, {"id": "01a2278f-1b31-77e3-bc77-40f5c1670421", "code": "injury", "label": "Injury"}], "columns": []}', '2026-11-29 13:46:59.757+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 1, 'retired', 2, '{"id": "01a2278f-1294-7372-8916-2fc5e62d6105", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 2, 'published', 2, '{"id": "01a2278f-1294-7372-8916-2fc5e62d6105", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 13:47:00.215+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 1, 'retired', 11, '{"id": "01a2278f-1b30-77c5-8f44-2fd968d56f75", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a2278f-1b30-7fb4-8eb6-3d52e9306652", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a2278f-1b30-7e40-9938-26017602cad8", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a2278f-1b30-781c-b461-f4783043015c", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2278f-1b30-7b65-a445-ff963276a859", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2278f-1b30-74ea-8999-c81d2b62d11b", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a2278f-1b30-794d-bf86-71fd8b985778", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a2278f-1b30-770f-b46d-ea39976431d8", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a2278f-1b30-7014-80fd-dffbf2c21b61", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-29 13:46:59.757+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 1, 'retired', 3, '{"id": "01a2278f-1294-7579-a5d9-182413fa58c5", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 2, 'published', 3, '{"id": "01a2278f-1294-7579-a5d9-182413fa58c5", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 13:47:00.215+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('form', 'new_client', 1, 'published', 1, '{"id": "01a2278f-1295-74e4-a61d-a2dc90c25c50", "key": "new_client", "label": "New client", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a2278f-1294-78a0-b9b1-7c6ea8fe894f", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1294-70f2-97f9-a886fda1a1cb", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a2278f-1294-73c9-b558-adec80bcffb3", "field": "email", "rules": []}, {"id": "01a2278f-1294-7a85-b4b2-fd118adfd38e", "field": "phone", "rules": []}, {"id": "01a2278f-1295-7094-96af-f9f791487ab5", "field": "address", "rules": []}, {"id": "01a2278f-1295-7f1f-ab72-8f70e67d4b11", "field": "client_since", "rules": [{"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "client_since <= today()"}]}, {"id": "01a2278f-1295-71f2-8421-457b5c4766e3", "field": "credit_limit", "rules": [{"kind": "asked_when", "condition": "kind in (\"firm\", \"club\", \"school\")"}, {"kind": "must", "condition": "credit_limit >= 0"}]}, {"id": "01a2278f-1295-7051-84da-e704cca1effe", "field": "newsletter", "rules": []}], "fill_in_by": ["office"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_arrival', 1, 'published', 2, '{"id": "01a2278f-1295-7897-a8c2-a0e75fff0a93", "key": "boat_arrival", "label": "Boat arrival", "pages": [], "endings": [], "purpose": "add", "register": "boats", "sections": [], "questions": [{"id": "01a2278f-1295-7674-951c-bfd1033bccdc", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1295-70c4-8a0d-99354a4dbfef", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1295-7446-8e67-982acb7cfa21", "field": "hull", "rules": []}, {"id": "01a2278f-1295-7cd2-825c-9720ffef4d73", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a2278f-1295-7611-b87b-4f0962f57ea6", "field": "state", "rules": [{"kind": "starts_as", "value": "\"afloat\""}]}, {"id": "01a2278f-1295-79e2-b601-2c76881be1b9", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}, {"kind": "offers_where", "condition": "entry.length_overall = null or longest >= entry.length_overall"}]}, {"id": "01a2278f-1295-7527-be29-6aa92b53c6e1", "field": "insured_until", "rules": []}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'raise_invoice', 1, 'published', 4, '{"id": "01a2278f-1296-7167-bd16-60dd90c73541", "key": "raise_invoice", "label": "Raise an invoice", "pages": [{"id": "01a2278f-1296-7c2b-bbfc-21686a6be081", "key": "who", "label": "Who and what", "onward": []}, {"id": "01a2278f-1296-7b77-bcf8-0fa023e939e0", "key": "lines", "label": "Lines", "onward": []}, {"id": "01a2278f-1296-790e-a7f2-b735982d25b4", "key": "payment", "label": "Dates and state", "onward": []}], "endings": [], "purpose": "add", "register": "invoices", "sections": [], "questions": [{"id": "01a2278f-1296-759c-bef2-009802a34737", "page": "who", "field": "client", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1296-7a11-ab53-fe4f27417c05", "page": "who", "field": "boat", "rules": [{"kind": "offers_where", "condition": "entry.client = null or owner = entry.client"}]}, {"id": "01a2278f-1296-7d08-be8b-a82c5cf15cc2", "page": "who", "field": "subject", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1296-7160-b129-a14cecccf8e7", "help": "Choosing an item fills its name, its price and its VAT rate.", "page": "lines", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.sale_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a2278f-1296-79f4-9c7a-700a2115e29c", "page": "lines", "field": "net", "rules": []}, {"id": "01a2278f-1296-7455-97d2-4735f41ad2ea", "page": "lines", "field": "vat", "rules": []}, {"id": "01a2278f-1296-7ecf-bcf3-18284cc2e826", "page": "lines", "field": "gross", "rules": []}, {"id": "01a2278f-1296-7e9b-a879-dbd4d428d44b", "page": "payment", "field": "issued_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "issued_on <= today()"}]}, {"id": "01a2278f-1296-721d-8e05-d4f151650127", "page": "payment", "field": "due_on", "rules": [{"kind": "starts_as", "value": "issued_on + duration(\"P30D\")"}, {"kind": "must", "condition": "due_on >= issued_on"}]}, {"id": "01a2278f-1296-7c86-ba77-4f5016dca888", "page": "payment", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issued\""}, {"kind": "offers_only", "choices": ["draft", "issued"]}]}], "fill_in_by": ["office", "treasurer"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'record_donation', 1, 'published', 5, '{"id": "01a2278f-1297-7b12-af37-2e12875d8f4f", "key": "record_donation", "label": "Record a donation", "pages": [], "endings": [{"label": "Thank you", "words": "The receipt number is on the record.", "leads_to": "another"}], "purpose": "add", "register": "donations", "sections": [{"key": "aid", "help": "Only for people who pay tax in the United Kingdom.", "label": "Gift Aid", "condition": "kind in (\"single\", \"regular\", \"in_memory\")"}], "questions": [{"id": "01a2278f-1296-7856-8579-62bb55db0c0d", "field": "appeal", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as_opened", "register": "appeals"}]}, {"id": "01a2278f-1296-7d98-aee9-54c3e77ecd77", "help": "If the donor is a client already; the name is filled in.", "field": "donor", "rules": [{"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a2278f-1297-7979-bab7-a94f410c2cb8", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-73da-b76d-f26fe03dd43a", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a2278f-1297-7130-9b8a-0c69b655d98b", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "received_on <= today()"}]}, {"id": "01a2278f-1297-71a0-ad61-f2cffcc990c0", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a2278f-1297-7c01-8553-b26de4d8edce", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-7b70-89d5-96fe6a131581", "field": "gift_aid", "rules": [{"kind": "starts_as", "value": "false"}], "section": "aid"}, {"id": "01a2278f-1297-7600-b87a-118df784b526", "field": "tax_to_claim", "rules": [], "section": "aid"}, {"id": "01a2278f-1297-7462-92db-f3abcbf02e02", "field": "anonymous", "rules": [{"kind": "starts_as", "value": "false"}]}, {"id": "01a2278f-1297-7a0d-b089-12607b80cbd3", "field": "thanked_on", "rules": [{"kind": "asked_when", "condition": "anonymous = false"}]}, {"id": "01a2278f-1297-78bc-963f-b62eb76daf3f", "field": "note", "rules": []}], "fill_in_by": ["office", "treasurer"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'appeal_gift', 1, 'published', 6, '{"id": "01a2278f-1297-74e6-81c4-2c0e871c83a7", "key": "appeal_gift", "label": "Gift to an appeal", "pages": [], "endings": [], "purpose": "add", "register": "donations", "sections": [], "questions": [{"id": "01a2278f-1297-7923-8ec5-fbf7bbe55f8d", "field": "appeal", "rules": [{"kind": "starts_as_opened", "register": "appeals"}, {"kind": "hidden"}]}, {"id": "01a2278f-1297-7d17-bc2a-69dde05915ab", "field": "donor", "rules": [{"kind": "starts_as_addressed", "name": "donor"}, {"kind": "hidden"}, {"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a2278f-1297-7980-95d8-f5d9893b7d8b", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-7b3b-85d8-7b63390aac45", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a2278f-1297-7735-a273-0f3e9c657564", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a2278f-1297-7119-99eb-49d298bcfbda", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a2278f-1297-78b3-8ea8-a995ba2b832f", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-7ab1-8f60-d1c5eff7de95", "field": "gift_aid", "rules": []}], "fill_in_by": ["office", "treasurer"], "introduction": "For the desk at an event: open it from the appeal’s page, and only the gift is asked."}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'purchase_request', 1, 'published', 7, '{"id": "01a2278f-1297-78d8-b2f1-669b2d019261", "key": "purchase_request", "label": "Purchase request", "pages": [], "endings": [], "purpose": "add", "register": "purchases", "sections": [], "questions": [{"id": "01a2278f-1297-7bd7-a243-754d834bada6", "field": "what_for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-7c32-9f6f-cb600db91e5b", "field": "supplier", "rules": []}, {"id": "01a2278f-1297-7e53-8e4b-90c11e7dede4", "field": "cost_centre", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-70dd-83a2-b7736b461751", "field": "requested_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "requested_on <= today()"}]}, {"id": "01a2278f-1297-752c-b6ac-8d10846d4f57", "field": "needed_by", "rules": [{"kind": "must", "condition": "needed_by >= requested_on"}]}, {"id": "01a2278f-1297-758e-b919-f9365dd2b5c0", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.cost_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a2278f-1297-7c94-b9d3-17c2b2ee73f1", "field": "net", "rules": []}, {"id": "01a2278f-1297-7587-98b8-7ea1a951aa23", "field": "vat", "rules": []}, {"id": "01a2278f-1297-7c00-86ac-297c97dde235", "field": "gross", "rules": []}, {"id": "01a2278f-1297-7186-80d4-422ebf784165", "help": "Over 1,000 net we need a quotation.", "field": "quotes", "rules": [{"kind": "asked_when", "condition": "net >= 1000"}, {"kind": "must_be_answered"}]}, {"id": "01a2278f-1297-72ba-82de-3745e16e7c51", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"requested\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'stock_movement', 1, 'published', 8, '{"id": "01a2278f-1298-7a61-a70d-9aed0ffaa562", "key": "stock_movement", "label": "Stock movement", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a2278f-1297-7c96-b585-e9029125e444", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}, {"from": "stock.cost_price", "kind": "fills", "question": "unit_cost"}]}, {"id": "01a2278f-1297-7c00-83fd-27265c884fb6", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1298-712e-a5ba-4053cd672130", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a2278f-1298-7955-9173-f58b0aa6ee1c", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a2278f-1298-729c-b3e3-718f83eaf469", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a2278f-1298-7599-bb2b-3753916046c4", "field": "unit_cost", "rules": [{"kind": "locked_when", "condition": "kind in (\"issue\", \"write_off\")"}]}, {"id": "01a2278f-1298-795c-aa3c-74691fd3241f", "field": "purchase", "rules": [{"kind": "asked_when", "condition": "kind = \"receipt\""}]}, {"id": "01a2278f-1298-7d6e-b7e1-9a8dd1c1052e", "field": "invoice", "rules": [{"kind": "asked_when", "condition": "kind in (\"issue\", \"return\")"}]}, {"id": "01a2278f-1298-7eba-95fc-3ae00ef14eba", "field": "done_by", "rules": []}], "fill_in_by": ["yard_manager", "office"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'move_stock', 1, 'published', 14, '{"id": "01a2278f-129a-7243-865e-ba399507b0c6", "key": "move_stock", "label": "Move stock", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a2278f-129a-7b47-be9c-5c097d16a26c", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}]}, {"id": "01a2278f-129a-72d0-a60b-e432d0c6cf0d", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-129a-7e00-8b78-e3cd3c631ee1", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a2278f-129a-741a-b086-9c382f42324d", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a2278f-129a-7a39-9041-9a126fbe2e74", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a2278f-129a-7709-b32f-74723fff57cb", "field": "done_by", "rules": []}], "fill_in_by": ["yard_hand"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_details', 1, 'published', 9, '{"id": "01a2278f-1298-78e5-8fb4-761dfbb97038", "key": "boat_details", "label": "Yearly boat details", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a2278f-1298-717a-9378-ed8a90eea86c", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1298-7bae-a237-0422f917db20", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1298-7787-a889-9823f2960402", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "offers_only", "choices": ["afloat", "ashore", "away"]}]}, {"id": "01a2278f-1298-7131-b0f2-1e9ca8901291", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}]}, {"id": "01a2278f-1298-7928-b2f6-3aabe78578e7", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a2278f-1298-7369-b401-ed07278facf3", "field": "beam", "rules": []}, {"id": "01a2278f-1298-7b53-b6a6-24810ee74f14", "field": "draught", "rules": []}, {"id": "01a2278f-1298-7e1e-beb8-e71d88b72c63", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: ask for the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a2278f-1298-72a1-99d3-8e034e789c80", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["office", "yard_manager"], "introduction": "What stood there last year stands beside what is changed."}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_inquiry', 1, 'published', 10, '{"id": "01a2278f-1299-7cbe-884f-0b154c3acb54", "key": "berth_inquiry", "label": "Berth inquiry", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a2278f-1298-7ea5-9b6f-8c32e8d2b449", "field": "name", "label": "Who asks", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1298-7c24-9f53-943f8c99e341", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a2278f-1298-7c81-8cfc-b6554ea705da", "field": "phone", "rules": [{"kind": "must", "condition": "phone != null"}]}, {"id": "01a2278f-1298-740b-a061-86ed1c240967", "field": "email", "rules": []}, {"id": "01a2278f-1299-7613-b383-3e27de4220a2", "help": "Length of the boat, from when, with or without power.", "field": "notes", "label": "What they are looking for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1299-782c-ac92-390cf028fb97", "field": "client_since", "rules": [{"kind": "hidden_as", "value": "today()"}]}], "fill_in_by": ["office", "yard_hand"], "registration": {"name": "name", "role": "client", "email": "email"}}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_item', 1, 'published', 11, '{"id": "01a2278f-1299-7468-bf2d-c0705625c79d", "key": "new_item", "label": "New stock item", "pages": [{"id": "01a2278f-1299-7eed-be5b-a1977d10ca2b", "key": "what", "label": "What it is", "onward": []}, {"id": "01a2278f-1299-75f2-8d66-9e0f160fa2ee", "key": "prices", "label": "Prices", "onward": []}, {"id": "01a2278f-1299-799e-b4cf-76936105d6fa", "key": "keeping", "label": "Keeping it", "onward": [], "introduction": "Only what is counted is reordered."}], "endings": [], "purpose": "add", "register": "stock", "sections": [], "questions": [{"id": "01a2278f-1299-742d-80e6-013bd9a0be8c", "page": "what", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1299-7684-b6ad-5c4b1ea9c879", "page": "what", "field": "code", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1299-7e21-acfa-eb495ac21f7e", "page": "what", "field": "group", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1299-7fbc-a2c9-d752498cc1c9", "page": "what", "field": "unit", "rules": [{"kind": "starts_as", "value": "\"each\""}]}, {"id": "01a2278f-1299-72c9-aebb-c60335adad74", "page": "what", "field": "bar_code", "rules": []}, {"id": "01a2278f-1299-7f6e-b44d-7d3942641ec1", "page": "prices", "field": "cost_price", "rules": [{"kind": "must", "condition": "cost_price >= 0"}]}, {"id": "01a2278f-1299-79d0-a6ac-19570fc0fe31", "page": "prices", "field": "sale_price", "rules": [{"kind": "must", "message": "It would be sold for less than it costs.", "condition": "cost_price = null or sale_price >= cost_price"}]}, {"id": "01a2278f-1299-7349-92b1-5e62051f405e", "page": "prices", "field": "margin", "rules": []}, {"id": "01a2278f-1299-7256-b196-27fb095e6e50", "page": "prices", "field": "vat_rate", "rules": [{"kind": "starts_as", "value": "\"standard\""}]}, {"id": "01a2278f-1299-72ee-937c-56cb845c9321", "page": "prices", "field": "supplier", "rules": []}, {"id": "01a2278f-1299-76ae-874c-500bc4c992d4", "page": "keeping", "field": "counted", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a2278f-1299-7a73-830c-309b92ff6b80", "page": "keeping", "field": "shelf", "rules": []}, {"id": "01a2278f-1299-710d-9afe-e50db1a6b9b8", "page": "keeping", "field": "reorder_point", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a2278f-1299-7707-bae7-19ff0e9dbd8d", "page": "keeping", "field": "reorder_quantity", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a2278f-1299-7366-bef3-cfce2c4057f0", "page": "keeping", "field": "picture", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_appeal', 1, 'published', 12, '{"id": "01a2278f-129a-7a3e-94b5-ffacca0344e3", "key": "new_appeal", "label": "New appeal", "pages": [], "endings": [], "purpose": "add", "register": "appeals", "sections": [], "questions": [{"id": "01a2278f-1299-7bda-be22-fbadd2daa3b4", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-129a-7a38-b7be-d52c5e9174c9", "field": "purpose", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-129a-78b5-a057-4d7e1bddbc8c", "field": "target", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "target > 0"}]}, {"id": "01a2278f-129a-7086-ab2b-b9111506d82b", "field": "begins_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a2278f-129a-71ca-80d6-5e27501fbd19", "field": "ends_on", "rules": [{"kind": "must", "condition": "ends_on > begins_on"}]}, {"id": "01a2278f-129a-7a31-84d4-d64370c5d32a", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "if begins_on > today() then \"planned\" else \"running\""}, {"kind": "offers_only", "choices": ["planned", "running"]}]}, {"id": "01a2278f-129a-77e8-98b3-f9ddc61c7888", "field": "boat", "rules": []}, {"id": "01a2278f-129a-7df4-9a9d-f7050d4ea6f2", "field": "manager", "rules": []}, {"id": "01a2278f-129a-7f15-9fc8-4b84be5a9a59", "field": "page", "rules": []}, {"id": "01a2278f-129a-706e-96f3-fdcb2d873071", "field": "picture", "rules": []}], "fill_in_by": ["office"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_details', 1, 'published', 13, '{"id": "01a2278f-129a-7b71-b6fb-bb300017c273", "key": "berth_details", "label": "Berth details", "pages": [], "endings": [], "purpose": "both", "register": "berths", "sections": [], "questions": [{"id": "01a2278f-129a-7c1b-8da9-6d2fa1b7c467", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-129a-768d-9caa-5f0e99c5e33c", "field": "pontoon", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-129a-76d5-ac0c-471555f05d1b", "field": "longest", "rules": [{"kind": "must", "condition": "longest > 0"}]}, {"id": "01a2278f-129a-7a5c-9bcf-cc0c107b2858", "field": "shore_power", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a2278f-129a-7fb1-92ef-101ec87ad505", "field": "services", "rules": []}, {"id": "01a2278f-129a-78ad-9421-4a6685290f81", "field": "yearly_fee", "rules": [{"kind": "must", "condition": "yearly_fee >= 0"}]}, {"id": "01a2278f-129a-73bb-be1f-e50db2a02ac2", "field": "position", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'your_boat', 1, 'published', 15, '{"id": "01a2278f-129a-7596-8a8e-5f242f9bb319", "key": "your_boat", "label": "Your boat this year", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a2278f-129a-7529-b407-db54babf58a1", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: send us the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a2278f-129a-7672-bc8f-da9f030d1a0e", "field": "sail_number", "rules": []}, {"id": "01a2278f-129a-7d2b-b05b-c680e8f32ba4", "field": "beam", "rules": []}, {"id": "01a2278f-129a-781d-b681-05f0c1de27b3", "field": "draught", "rules": []}, {"id": "01a2278f-129a-7eed-9cb1-356b2ca39b70", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["client"], "introduction": "Tell us what has changed, so that nobody has to ring you."}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('route', 'near_misses', 1, 'published', 1, '{"id": "01a2278f-1cb3-71eb-a9e7-57a2f5aa1582", "key": "near_misses", "sets": {"refused": [], "approved": [], "sent_back": []}, "label": "Near misses", "steps": [{"id": "01a2278f-1cb3-798f-bbc2-db2def91f175", "who": {"kind": "role", "role": "yard_manager"}, "fills": [], "label": "Yard manager", "locks": [], "notes": [], "shows": null, "beside": false, "refused": "first", "deadline": null, "how_many": "any", "condition": "cost > 500"}], "stops": [], "amount": null, "mended": "first", "reopens": [], "may_sign": [], "register": "near_misses", "condition": null, "tolerance": null, "again_from": null, "last_resort": {"kind": "role", "role": "operations_manager"}}', '2026-11-29 13:47:00.145+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('form', 'report_a_near_miss', 1, 'published', 16, '{"id": "01a2278f-1c94-778b-ac53-256add59cc11", "key": "report_a_near_miss", "label": "Report a near miss", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a2278f-1c94-7b54-8de7-57c67ff39628", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1c94-70a6-ba04-4eeb41503a09", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a2278f-1c94-7d72-b0d9-d4ef4c962cc5", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1c94-757a-ab5c-3741a68be918", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a2278f-1c94-7177-9c0e-1b4a5e3038e9", "field": "owner", "rules": []}, {"id": "01a2278f-1c94-7e19-a0cc-3a0e6c565254", "field": "cost", "rules": [{"kind": "asked_when", "condition": "severity in (\"damage\", \"injury\")"}, {"kind": "must", "condition": "cost > 0"}]}, {"id": "01a2278f-1c94-76c0-bc05-f501e70fe77a", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": ["yard_hand"]}', '2026-11-29 13:47:00.215+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('register', 'boats', 1, 'retired', 2, '{"id": "01a2278f-128e-7334-ae59-73faf852127f", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a2278f-128e-7604-bffe-6b58f912b35d", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-128e-7b34-beba-9232c9365f7f", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a2278f-128e-7d34-982d-24333f2dcd60", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a2278f-128e-760c-ad50-57c2777c3035", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a2278f-128e-78ff-82c9-9e510c9b5d51", "key": "built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a2278f-128e-74c2-a341-498cc0587f46", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a2278f-128e-76bf-a825-559ed8ce1377", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2278f-128e-795e-b829-85845ab5ef56", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a2278f-128e-7083-a5d0-366baaae5672", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a2278f-128e-7eb9-b91b-25fa0ec5f1b5", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a2278f-128e-7fc8-a956-aceaa7158a23", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a2278f-128e-714f-9b6d-7894c9c08389", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a2278f-128e-7c8c-b4ee-9149d01e0240", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a2278f-128e-7cd2-a4f5-046684ee7489", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-29 13:46:57.541+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'boats', 2, 'published', 2, '{"id": "01a2278f-128e-7334-ae59-73faf852127f", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a2278f-128e-7604-bffe-6b58f912b35d", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a2278f-128e-7b34-beba-9232c9365f7f", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a2278f-128e-7d34-982d-24333f2dcd60", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a2278f-128e-760c-ad50-57c2777c3035", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a2278f-128e-78ff-82c9-9e510c9b5d51", "key": "year_built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a2278f-128e-74c2-a341-498cc0587f46", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a2278f-128e-76bf-a825-559ed8ce1377", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a2278f-128e-795e-b829-85845ab5ef56", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a2278f-128e-7083-a5d0-366baaae5672", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a2278f-128e-7eb9-b91b-25fa0ec5f1b5", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a2278f-128e-7fc8-a956-aceaa7158a23", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a2278f-128e-714f-9b6d-7894c9c08389", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a2278f-128e-7c8c-b4ee-9149d01e0240", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a2278f-128e-7cd2-a4f5-046684ee7489", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "year_built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-29 13:47:01.106+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 2, 'published', 11, '{"id": "01a2278f-1b30-77c5-8f44-2fd968d56f75", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a2278f-1b30-7fb4-8eb6-3d52e9306652", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a2278f-1b30-7e40-9938-26017602cad8", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a2278f-1b30-7b65-a445-ff963276a859", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a2278f-1b30-74ea-8999-c81d2b62d11b", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a2278f-1b30-794d-bf86-71fd8b985778", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a2278f-1b30-770f-b46d-ea39976431d8", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a2278f-1b30-7014-80fd-dffbf2c21b61", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-29 13:47:01.638+00', '01a2278f-1804-7391-ba08-1a416e87a860');
INSERT INTO iolite.drafts VALUES ('report_a_near_miss', 1, '{"id": "01a2278f-1c94-778b-ac53-256add59cc11", "key": "report_a_near_miss", "label": "Report a near miss soon", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a2278f-1c94-7b54-8de7-57c67ff39628", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1c94-70a6-ba04-4eeb41503a09", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a2278f-1c94-7d72-b0d9-d4ef4c962cc5", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a2278f-1c94-757a-ab5c-3741a68be918", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a2278f-1c94-7177-9c0e-1b4a5e3038e9", "field": "owner", "rules": []}, {"id": "01a2278f-1c94-76c0-bc05-f501e70fe77a", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": []}', '2026-11-29 13:47:02.007+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'form');
INSERT INTO iolite.groups VALUES ('01a2278f-251a-70e5-823a-1df0abb02c60', '$argon2id$v=19$m=19456,t=2,p=1$X/y8xwpiwmpmKd6zd56ayw$w08S5OE5lyO5+sFWgXKvgQCj81EaagrFBKff9n6LCbI', '{01a2278f-1296-7886-854c-1a1ce9921816}', '18:00');
INSERT INTO iolite.history VALUES (1, '01a2278f-1d13-72c7-806e-d7aabcbc03d3', '2026-11-29 13:47:00.271+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'added', NULL, NULL, '{}', '01a2278f-128d-7f02-8f76-107ad0b8c5f7', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (2, '01a2278f-1d13-762f-a017-5954fddb80a8', '2026-11-29 13:47:00.345+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'added', NULL, NULL, '{}', '01a2278f-128e-7334-ae59-73faf852127f', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (3, '01a2278f-1d8c-715f-9e70-e8a1c6689cd5', '2026-11-29 13:47:00.371+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'added', NULL, NULL, '{}', '01a2278f-128d-7f02-8f76-107ad0b8c5f7', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (4, '01a2278f-1d8c-7aa5-971b-900b69a7d93d', '2026-11-29 13:47:00.389+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'added', NULL, NULL, '{}', '01a2278f-128e-7334-ae59-73faf852127f', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (5, '01a2278f-1db3-737c-b631-08fdc96889ab', '2026-11-29 13:47:00.415+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', 'added', 1, NULL, '{}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1c94-778b-ac53-256add59cc11', NULL, NULL);
INSERT INTO iolite.history VALUES (6, '01a2278f-1e1b-7bad-80d8-a0349397bf58', '2026-11-29 13:47:00.513+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', 'added', 1, NULL, '{}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1c94-778b-ac53-256add59cc11', NULL, NULL);
INSERT INTO iolite.history VALUES (7, '01a2278f-1e35-7382-80db-4bb1aaecc9e5', '2026-11-29 13:47:00.538+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', 'added', 1, NULL, '{}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1c94-778b-ac53-256add59cc11', NULL, NULL);
INSERT INTO iolite.history VALUES (8, '01a2278f-1e55-7e25-9077-68e941d8a2ea', '2026-11-29 13:47:00.57+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', 'added', 1, NULL, '{}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1c94-778b-ac53-256add59cc11', NULL, NULL);
INSERT INTO iolite.history VALUES (9, '01a2278f-1e1b-7bad-80d8-a0349397bf58', '2026-11-29 13:47:00.765+00', '01a2278f-1843-7044-b64a-63d274d9bae1', 'sent_back', NULL, 'Seen on the pontoon.', '{}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (10, '01a2278f-1e35-7382-80db-4bb1aaecc9e5', '2026-11-29 13:47:00.879+00', '01a2278f-1843-7044-b64a-63d274d9bae1', 'approved', NULL, 'Seen on the pontoon.', '{}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (11, '01a2278f-1db3-737c-b631-08fdc96889ab', '2026-11-29 13:47:00.907+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'changed', NULL, NULL, '{"01a2278f-1b30-770f-b46d-ea39976431d8": ["900", "950"]}', '01a2278f-1b30-77c5-8f44-2fd968d56f75', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (12, '01a2278f-1fed-7d37-84b7-e95dfd997e5c', '2026-11-29 13:47:00.983+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'added', NULL, NULL, '{}', '01a2278f-1290-7e5d-a4ed-7eac5a0352e3', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (13, '01a2278f-1d8c-7aa5-971b-900b69a7d93d', '2026-11-29 13:47:01.02+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'changed', NULL, NULL, '{"01a2278f-128e-78ff-82c9-9e510c9b5d51": [null, "1987"]}', '01a2278f-128e-7334-ae59-73faf852127f', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (14, '01a2278f-1d8c-7aa5-971b-900b69a7d93d', '2026-11-29 13:47:01.059+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'archived', NULL, NULL, '{}', '01a2278f-128e-7334-ae59-73faf852127f', NULL, NULL, NULL);
INSERT INTO iolite.jobs VALUES ('01a2278f-1e0e-771c-b76e-7bf5c580169f', 'tell_waiting', '{"signOff": "01a2278f-1dbf-7251-9458-e613342c4cea"}', NULL, '2026-11-29 13:47:00.494+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 13:47:00.494+00');
INSERT INTO iolite.jobs VALUES ('01a2278f-1e2f-7da3-aa1e-5cc92a610347', 'tell_waiting', '{"signOff": "01a2278f-1e21-7b65-9818-1c4920d208e6"}', NULL, '2026-11-29 13:47:00.527+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 13:47:00.527+00');
INSERT INTO iolite.jobs VALUES ('01a2278f-1e4e-7c93-82a2-e3dbe8a43cd9', 'tell_waiting', '{"signOff": "01a2278f-1e3a-7a0f-a7f1-6962014fdf9c"}', NULL, '2026-11-29 13:47:00.558+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 13:47:00.558+00');
INSERT INTO iolite.jobs VALUES ('01a2278f-1f38-74b2-adae-e42a309df626', 'tell_waiting', '{"signOff": "01a2278f-1e21-7b65-9818-1c4920d208e6"}', NULL, '2026-11-29 13:47:00.792+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 13:47:00.792+00');
INSERT INTO iolite.jobs VALUES ('01a2278f-2424-7833-902b-ec126d09c6ab', 'send_mail', '{"message": "01a2278f-2423-7e26-b651-726558405388"}', NULL, '2026-11-29 13:47:02.052+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 13:47:02.052+00');
INSERT INTO iolite.jobs VALUES ('01a2278f-2432-7339-a1c1-4e708c2de6aa', 'send_mail', '{"message": "01a2278f-2432-782a-a58e-0619440c126f"}', NULL, '2026-11-29 13:47:02.066+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 13:47:02.066+00');
INSERT INTO iolite.kept_entries VALUES ('01a2278f-2547-7759-ba1a-6fdbf8023396', '01a2278f-1841-7291-bbab-8a1b840b38ed', 1, NULL, 'Half a story', '{"typed": {"title": {"value": "Half a story"}}}', '2026-11-29 13:47:02.366+00', '01a2278f-1c94-778b-ac53-256add59cc11');
INSERT INTO iolite.lists VALUES ('owed_to_us', 1, NULL, 1, '{"key": "owed_to_us", "view": {"by": "age_band", "find": "", "sort": "due_on", "filter": "state in (\"issued\", \"part_paid\") and balance > 0", "totals": "sum:gross,sum:balance", "columns": "subject,client,due_on,gross,balance,days_late,state", "archived": "no"}, "label": "Owed to us", "counted": true, "register": "invoices", "first_for": [], "pinned_for": ["treasurer", "office"], "shared_with": ["operations_manager", "treasurer", "trustee", "office"]}', '2026-11-29 13:46:57.541+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('invoiced_by_month', 2, NULL, 1, '{"key": "invoiced_by_month", "view": {"by": "issued_on:month", "find": "", "sort": "-issued_on", "filter": "state != \"draft\"", "totals": "sum:net,sum:gross,average:gross", "columns": "subject,client,issued_on,net,vat,gross", "archived": "no"}, "label": "Invoiced by month", "counted": false, "register": "invoices", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer"]}', '2026-11-29 13:46:57.541+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('to_reorder', 3, NULL, 1, '{"key": "to_reorder", "view": {"by": "group", "find": "", "sort": "name", "filter": "to_reorder = true", "totals": "sum:reorder_quantity", "columns": "name,shelf,on_hand,reorder_point,reorder_quantity,cost_price,supplier", "archived": "no"}, "label": "To reorder", "counted": true, "register": "stock", "first_for": [], "pinned_for": ["yard_manager"], "shared_with": ["operations_manager", "yard_manager", "yard_hand", "office"]}', '2026-11-29 13:46:57.541+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('still_open', 4, NULL, 1, '{"key": "still_open", "view": {"by": "state", "find": "", "sort": "-happened_at", "filter": "state != \"closed\"", "totals": "", "columns": "title,kind,happened_at,place,open_actions,state", "archived": "no"}, "label": "Still open", "counted": true, "register": "incidents", "first_for": [], "pinned_for": ["safety_trustee"], "shared_with": ["operations_manager", "yard_manager", "safety_trustee"]}', '2026-11-29 13:46:57.541+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('gifts_by_appeal', 5, NULL, 1, '{"key": "gifts_by_appeal", "view": {"by": "appeal,received_on:year", "find": "", "sort": "-received_on", "filter": "", "totals": "sum:amount,different:donor", "columns": "donor_name,appeal,received_on,amount,gift_aid,worth", "archived": "no"}, "label": "Gifts by appeal", "counted": false, "register": "donations", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer", "trustee"]}', '2026-11-29 13:46:57.541+00', NULL, NULL);
INSERT INTO iolite.messages VALUES ('01a2278f-2423-7e26-b651-726558405388', '2026-11-29 13:47:02.051+00', '01a2278f-2417-74d0-aaed-d904fb9b5d94', 'Nell Harrow', 'nell.harrow@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Nell Harrow,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, nell.harrow@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'p6rVFOsYDFYX9PKiN5GMRFUlSKWPTVer0A9rJnPsNsI', 'waiting', NULL, '01a2278f-2424-7833-902b-ec126d09c6ab');
INSERT INTO iolite.messages VALUES ('01a2278f-2432-782a-a58e-0619440c126f', '2026-11-29 13:47:02.066+00', '01a2278f-242e-74ed-bd57-394abefb6779', 'Anneke Voss', 'anneke.voss@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Anneke Voss,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, anneke.voss@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'On9ux0TGKop3fTclfo1TMEEHczudBy9t-SAVIYAe5PE', 'waiting', NULL, '01a2278f-2432-7339-a1c1-4e708c2de6aa');
INSERT INTO iolite.people VALUES ('01a2278f-1843-77db-a4ad-7c60ec425807', 'dev.anand@example.org', 'Dev Anand', '{yard_hand}', NULL, 2, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1844-7023-8a90-e15e9ee1467a', 'ines.varga@example.org', 'Ines Varga', '{treasurer,trustee}', NULL, 4, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1845-7db2-895a-dfdbac72728a', 'teo.marsh@example.org', 'Teo Marsh', '{safety_trustee,trustee}', NULL, 5, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1845-7c4b-83d3-7d01d0e9bfa5', 'bea.quill@example.org', 'Bea Quill', '{office}', NULL, 6, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1846-7376-bf77-2505b60059f4', 'orla.margetts@example.org', 'Orla Margetts', '{client}', NULL, 7, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1847-7dbe-8ede-c25b72d634a8', 'tomas.reed@example.org', 'Tomas Reed', '{trustee}', NULL, 8, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1804-7391-ba08-1a416e87a860', 'runa.oakes@example.org', 'Runa Oakes', '{operations_manager}', '$argon2id$v=19$m=19456,t=2,p=1$wmKdWZbtK3NrWDgfbs/W1Q$+mKvrzXA9BcljGgPD6KsqpXxaN+2QCbeYnuHCSVUiIk', 0, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, '2026-11-29 13:46:59.607+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1841-7291-bbab-8a1b840b38ed', 'piet.lund@example.org', 'Piet Lund', '{yard_hand}', NULL, 1, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, '2026-11-29 13:46:59.65+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-1843-7044-b64a-63d274d9bae1', 'sana.whitlock@example.org', 'Sana Whitlock', '{yard_manager}', NULL, 3, NULL, 'person', '', '2026-11-29 13:46:57.541+00', NULL, '2026-11-29 13:46:59.672+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-2417-74d0-aaed-d904fb9b5d94', 'nell.harrow@example.org', 'Nell Harrow', '{office}', NULL, 9, NULL, 'person', '', NULL, NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-242e-74ed-bd57-394abefb6779', 'anneke.voss@example.org', 'Anneke Voss', '{yard_hand}', NULL, 10, NULL, 'person', '', NULL, '2026-11-29 13:47:02.26+00', NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-251a-70e5-823a-1df0abb02c60', '', 'Slipway tablet', '{yard_hand}', NULL, 11, NULL, 'group', '', '2026-11-29 13:47:02.288+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a2278f-2540-7880-9098-dcec85cc343e', '', 'Year-end sums', '{treasurer}', NULL, 12, NULL, 'token', '', '2026-11-29 13:47:02.335+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.receipts VALUES ('01a2278f-1d13-72c7-806e-d7aabcbc03d3', 'clients', '01a2278f-1804-7391-ba08-1a416e87a860', 'ac32ebddfb06e069aae0c9d5c335ac6409451b56df2bef228a7927726d93b03f');
INSERT INTO iolite.receipts VALUES ('01a2278f-1d13-762f-a017-5954fddb80a8', 'boats', '01a2278f-1804-7391-ba08-1a416e87a860', '734e5a56b0ffa907de53dd6671d5da117ab8cc711fc73375ebad62747a822db0');
INSERT INTO iolite.receipts VALUES ('01a2278f-1d8c-715f-9e70-e8a1c6689cd5', 'clients', '01a2278f-1804-7391-ba08-1a416e87a860', 'b043a888b836c8682d4237592e75dba8f0d51b88a62f46252c52ded2dda5da99');
INSERT INTO iolite.receipts VALUES ('01a2278f-1d8c-7aa5-971b-900b69a7d93d', 'boats', '01a2278f-1804-7391-ba08-1a416e87a860', 'd60ec302b7ae540c9ef795643bcb71c6cef4083124be74a842759a93ad15e028');
INSERT INTO iolite.receipts VALUES ('01a2278f-1db3-737c-b631-08fdc96889ab', 'near_misses', '01a2278f-1841-7291-bbab-8a1b840b38ed', '641b81b9787f30a9ae80b96de27f3089130657e96b721cdef3b8208979ba4281');
INSERT INTO iolite.receipts VALUES ('01a2278f-1e1b-7bad-80d8-a0349397bf58', 'near_misses', '01a2278f-1841-7291-bbab-8a1b840b38ed', '9ef15fc855449cb571536cdde3e72e248de16043988b2d61423e1af4881a56a6');
INSERT INTO iolite.receipts VALUES ('01a2278f-1e35-7382-80db-4bb1aaecc9e5', 'near_misses', '01a2278f-1841-7291-bbab-8a1b840b38ed', '93c286668b158c769c6fe52395442912ae21dd9ebf35ce192bd474d02822f5a8');
INSERT INTO iolite.receipts VALUES ('01a2278f-1e55-7e25-9077-68e941d8a2ea', 'near_misses', '01a2278f-1841-7291-bbab-8a1b840b38ed', '75aa77d4dd98bbb1238b7c2718462daad386dbb2de7984358c9a19124927104f');
INSERT INTO iolite.receipts VALUES ('01a2278f-1fed-7d37-84b7-e95dfd997e5c', 'invoices', '01a2278f-1804-7391-ba08-1a416e87a860', '8fbe1f9ff4567380e1f326fa36b2cfcb1f15a0fc160538a12a46fa5c39b123c5');
INSERT INTO iolite.secret_links VALUES ('9d48169fa8d6adf12a79883632f432f5d9c4c76041a607b7be41cc6a0f193b45', 'invitation', '01a2278f-2417-74d0-aaed-d904fb9b5d94', NULL, '2026-11-29 13:47:02.041+00', '2026-12-06 13:47:02.041+00');
INSERT INTO iolite.series VALUES ('invoices', 'invoice_number', 0, 2);
INSERT INTO iolite.sessions VALUES ('bfa137d28eb193c4f3c44552ed2fb7da832f86f9b65902d7067f8ddf7f2310e0', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:46:59.607+00', '2026-12-13 13:46:59.603+00', '2026-11-29 13:46:59.607+00', NULL, '45c7bbad-6420-4f2d-b500-c9b948c7271c', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('9070cfc77a5b555d5c41dc705757206283e29a04c2de8c9646224527ad14b1b3', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:46:59.65+00', '2026-12-13 13:46:59.646+00', '2026-11-29 13:46:59.65+00', NULL, '115352e0-f7d3-4106-a095-dd99b4096907', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('c205ac6caf5cfe96947692693333bb150b6a2679116f86c5d1b03d459619898f', '01a2278f-1843-7044-b64a-63d274d9bae1', '2026-11-29 13:46:59.672+00', '2026-12-13 13:46:59.67+00', '2026-11-29 13:46:59.672+00', NULL, '77013da2-a56f-4750-9d08-73fac127bf97', 'node', false, NULL, NULL);
INSERT INTO iolite.set_aside VALUES ('01a2278f-2309-7d06-9e84-0175ea0148fd', 'near_misses', NULL, '-01a2278f-1b30-781c-b461-f4783043015c', '{"id": "01a2278f-1b30-781c-b461-f4783043015c", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}', '2026-11-29 13:47:01.638+00');
INSERT INTO iolite.sign_off_events VALUES (1, '01a2278f-1dbf-7251-9458-e613342c4cea', '{"at": "2026-11-29T13:47:00.415Z", "by": "01a2278f-1841-7291-bbab-8a1b840b38ed", "from": 0, "kind": "sent", "sender": "01a2278f-1841-7291-bbab-8a1b840b38ed"}');
INSERT INTO iolite.sign_off_events VALUES (2, '01a2278f-1dbf-7251-9458-e613342c4cea', '{"at": "2026-11-29T13:47:00.415Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2278f-1843-7044-b64a-63d274d9bae1"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (3, '01a2278f-1e21-7b65-9818-1c4920d208e6', '{"at": "2026-11-29T13:47:00.513Z", "by": "01a2278f-1841-7291-bbab-8a1b840b38ed", "from": 0, "kind": "sent", "sender": "01a2278f-1841-7291-bbab-8a1b840b38ed"}');
INSERT INTO iolite.sign_off_events VALUES (4, '01a2278f-1e21-7b65-9818-1c4920d208e6', '{"at": "2026-11-29T13:47:00.513Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2278f-1843-7044-b64a-63d274d9bae1"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (5, '01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', '{"at": "2026-11-29T13:47:00.538Z", "by": "01a2278f-1841-7291-bbab-8a1b840b38ed", "from": 0, "kind": "sent", "sender": "01a2278f-1841-7291-bbab-8a1b840b38ed"}');
INSERT INTO iolite.sign_off_events VALUES (6, '01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', '{"at": "2026-11-29T13:47:00.538Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2278f-1843-7044-b64a-63d274d9bae1"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (7, '01a2278f-1e21-7b65-9818-1c4920d208e6', '{"at": "2026-11-29T13:47:00.765Z", "by": "01a2278f-1843-7044-b64a-63d274d9bae1", "to": null, "for": "01a2278f-1843-7044-b64a-63d274d9bae1", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-29T13:47:00.765Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "send_back"}');
INSERT INTO iolite.sign_off_events VALUES (8, '01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', '{"at": "2026-11-29T13:47:00.879Z", "by": "01a2278f-1843-7044-b64a-63d274d9bae1", "to": null, "for": "01a2278f-1843-7044-b64a-63d274d9bae1", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-29T13:47:00.879Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "approve"}');
INSERT INTO iolite.sign_off_events VALUES (9, '01a2278f-1dbf-7251-9458-e613342c4cea', '{"at": "2026-11-29T13:47:00.907Z", "by": "01a2278f-1804-7391-ba08-1a416e87a860", "from": 0, "kept": false, "kind": "changed"}');
INSERT INTO iolite.sign_off_events VALUES (10, '01a2278f-1dbf-7251-9458-e613342c4cea', '{"at": "2026-11-29T13:47:00.907Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a2278f-1843-7044-b64a-63d274d9bae1"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_parts VALUES ('01a2278f-1dbf-7251-9458-e613342c4cea', 0, '01a2278f-1843-7044-b64a-63d274d9bae1', 'asked');
INSERT INTO iolite.sign_off_seen VALUES ('01a2278f-1e21-7b65-9818-1c4920d208e6', 1, '{"01a2278f-1b30-7014-80fd-dffbf2c21b61": "The warp parted at the bollard while the yawl was being hauled.", "01a2278f-1b30-74ea-8999-c81d2b62d11b": null, "01a2278f-1b30-770f-b46d-ea39976431d8": "700", "01a2278f-1b30-781c-b461-f4783043015c": null, "01a2278f-1b30-794d-bf86-71fd8b985778": "damage", "01a2278f-1b30-7b65-a445-ff963276a859": null, "01a2278f-1b30-7e40-9938-26017602cad8": "2026-11-29T13:47:00.507Z", "01a2278f-1b30-7fb4-8eb6-3d52e9306652": "Loose cleat"}');
INSERT INTO iolite.sign_off_seen VALUES ('01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', 1, '{"01a2278f-1b30-7014-80fd-dffbf2c21b61": "The warp parted at the bollard while the yawl was being hauled.", "01a2278f-1b30-74ea-8999-c81d2b62d11b": null, "01a2278f-1b30-770f-b46d-ea39976431d8": "800", "01a2278f-1b30-781c-b461-f4783043015c": null, "01a2278f-1b30-794d-bf86-71fd8b985778": "injury", "01a2278f-1b30-7b65-a445-ff963276a859": "01a2278f-1d8c-7aa5-971b-900b69a7d93d", "01a2278f-1b30-7e40-9938-26017602cad8": "2026-11-29T13:47:00.534Z", "01a2278f-1b30-7fb4-8eb6-3d52e9306652": "Bent rail"}');
INSERT INTO iolite.sign_off_steps VALUES ('01a2278f-1e21-7b65-9818-1c4920d208e6', 0, 'sent_back', '2026-11-29 13:47:00.513+00', NULL, 1, 0);
INSERT INTO iolite.sign_off_steps VALUES ('01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', 0, 'signed', '2026-11-29 13:47:00.538+00', NULL, 1, 1);
INSERT INTO iolite.sign_off_steps VALUES ('01a2278f-1dbf-7251-9458-e613342c4cea', 0, 'open', '2026-11-29 13:47:00.907+00', NULL, 1, 0);
INSERT INTO iolite.sign_offs VALUES ('01a2278f-1e21-7b65-9818-1c4920d208e6', '01a2278f-1e1b-7bad-80d8-a0349397bf58', 1, 1, 'sent_back', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.513+00', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', '01a2278f-1c94-778b-ac53-256add59cc11', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', 1, '', '2026-11-29 13:47:00.765+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, NULL);
INSERT INTO iolite.sign_offs VALUES ('01a2278f-1e3a-7a0f-a7f1-6962014fdf9c', '01a2278f-1e35-7382-80db-4bb1aaecc9e5', 1, 1, 'approved', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.538+00', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', '01a2278f-1c94-778b-ac53-256add59cc11', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', 1, '', '2026-11-29 13:47:00.879+00', '2026-11-29 13:47:00.879+00', NULL, NULL, NULL, '{}', '{}', '2026-11-29 13:47:00.879+00', NULL);
INSERT INTO iolite.sign_offs VALUES ('01a2278f-1dbf-7251-9458-e613342c4cea', '01a2278f-1db3-737c-b631-08fdc96889ab', 1, 2, 'waiting', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.907+00', '01a2278f-1b30-77c5-8f44-2fd968d56f75', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', '01a2278f-1c94-778b-ac53-256add59cc11', '01a2278f-1cb3-71eb-a9e7-57a2f5aa1582', 1, 'Yard manager', '2026-11-29 13:47:00.415+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, '2026-11-29 13:47:00.907+00');
INSERT INTO iolite.tokens VALUES ('01a2278f-2540-7880-9098-dcec85cc343e', '98cc2184afc80ea98ae1d8cabce23286f794cdb6a76d17512e6551ead0dd2829', '', '2999-12-31', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:02.336+00');
INSERT INTO iolite.workspace VALUES (1, 6, 'Tern Quay Boatyard', 'en-GB', 'Europe/London', 'GBP', '{2026-01-01,2026-04-03,2026-04-06,2026-05-04,2026-05-25,2026-08-31,2026-12-25,2026-12-28,2027-01-01,2027-03-26,2027-03-29,2027-05-03,2027-05-31,2027-08-30,2027-12-27,2027-12-28}', '{"email": "email", "register": "clients"}', true, true, NULL, NULL);
INSERT INTO iolite.workspace_history VALUES (1, '2026-11-29 13:47:02.023+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'invited', '01a2278f-2417-74d0-aaed-d904fb9b5d94', 'invited Nell Harrow');
INSERT INTO iolite.workspace_history VALUES (2, '2026-11-29 13:47:02.023+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'invited', '01a2278f-242e-74ed-bd57-394abefb6779', 'invited Anneke Voss');
INSERT INTO iolite.workspace_history VALUES (3, '2026-11-29 13:47:02.26+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'switched', '01a2278f-242e-74ed-bd57-394abefb6779', 'switched Anneke Voss off');
INSERT INTO iolite.workspace_history VALUES (4, '2026-11-29 13:47:02.326+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'group', '01a2278f-251a-70e5-823a-1df0abb02c60', 'let Slipway tablet in by a code');
INSERT INTO iolite.workspace_history VALUES (5, '2026-11-29 13:47:02.336+00', '01a2278f-1804-7391-ba08-1a416e87a860', 'token', '01a2278f-2540-7880-9098-dcec85cc343e', 'made the token Year-end sums');
INSERT INTO records.boats VALUES ('01a2278f-1d13-762f-a017-5954fddb80a8', 1, 'BOA-0001', 1, '2026-11-29 13:47:00.345+00', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:00.345+00', '01a2278f-1804-7391-ba08-1a416e87a860', NULL, ' boa-0001 sea thrift', ' sea thrift boa-0001', 'Sea Thrift', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a2278f-1d13-72c7-806e-d7aabcbc03d3', NULL);
INSERT INTO records.boats VALUES ('01a2278f-1d8c-7aa5-971b-900b69a7d93d', 2, 'BOA-0002', 3, '2026-11-29 13:47:00.389+00', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:01.02+00', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:01.059+00', ' boa-0002 samphire 1987 1987', ' samphire boa-0002', 'Samphire', NULL, NULL, 1987, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a2278f-1d8c-715f-9e70-e8a1c6689cd5', NULL);
INSERT INTO records.clients VALUES ('01a2278f-1d13-72c7-806e-d7aabcbc03d3', 1, 'CLI-0001', 1, '2026-11-29 13:47:00.271+00', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:00.271+00', '01a2278f-1804-7391-ba08-1a416e87a860', NULL, ' cli-0001 owner of sea thrift private', ' owner of sea thrift cli-0001', 'Owner of Sea Thrift', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.clients VALUES ('01a2278f-1d8c-715f-9e70-e8a1c6689cd5', 2, 'CLI-0002', 1, '2026-11-29 13:47:00.371+00', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:00.371+00', '01a2278f-1804-7391-ba08-1a416e87a860', NULL, ' cli-0002 owner of samphire private', ' owner of samphire cli-0002', 'Owner of Samphire', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.invoices VALUES ('01a2278f-1fed-7d37-84b7-e95dfd997e5c', 1, 'INV-0001', 1, '2026-11-29 13:47:00.983+00', '01a2278f-1804-7391-ba08-1a416e87a860', '2026-11-29 13:47:00.983+00', '01a2278f-1804-7391-ba08-1a416e87a860', NULL, ' inv-0001 berth fee tq-00001 01 feb 2026 01 mar 2026 issued fee, 2, 12.50, standard 20 % 25.00 25 25.00 25 5.00 5 0.00 0 0.00 0 5.00 5 30.00 30 0.00 0 30.00 30', ' berth fee inv-0001', 'Berth fee', 'TQ-00001', '2026-02-01', '2026-03-01', 'issued', '{}', '01a2278f-1d13-72c7-806e-d7aabcbc03d3', '01a2278f-1d13-762f-a017-5954fddb80a8');
INSERT INTO records.near_misses VALUES ('01a2278f-1e1b-7bad-80d8-a0349397bf58', 2, 'NEA-0002', 1, '2026-11-29 13:47:00.513+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.513+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', NULL, ' nea-0002 loose cleat 29 nov 2026, 13:47 damage 700.00 700 the warp parted at the bollard while the yawl was being hauled.', ' loose cleat nea-0002', 'Loose cleat', '2026-11-29 13:47:00.507+00', 'damage', 700.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a2278f-1e35-7382-80db-4bb1aaecc9e5', 3, 'NEA-0003', 1, '2026-11-29 13:47:00.538+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.538+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', NULL, ' nea-0003 bent rail 29 nov 2026, 13:47 injury 800.00 800 the warp parted at the bollard while the yawl was being hauled.', ' bent rail nea-0003', 'Bent rail', '2026-11-29 13:47:00.534+00', 'injury', 800.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a2278f-1d8c-7aa5-971b-900b69a7d93d', NULL);
INSERT INTO records.near_misses VALUES ('01a2278f-1e55-7e25-9077-68e941d8a2ea', 4, 'NEA-0004', 1, '2026-11-29 13:47:00.57+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.57+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', NULL, ' nea-0004 slipped on weed 29 nov 2026, 13:47 scare the warp parted at the bollard while the yawl was being hauled.', ' slipped on weed nea-0004', 'Slipped on weed', '2026-11-29 13:47:00.565+00', 'scare', NULL, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a2278f-1db3-737c-b631-08fdc96889ab', 1, 'NEA-0001', 2, '2026-11-29 13:47:00.415+00', '01a2278f-1841-7291-bbab-8a1b840b38ed', '2026-11-29 13:47:00.907+00', '01a2278f-1804-7391-ba08-1a416e87a860', NULL, ' nea-0001 parted warp 29 nov 2026, 13:47 damage 950.00 950 the warp parted at the bollard while the yawl was being hauled.', ' parted warp nea-0001', 'Parted warp', '2026-11-29 13:47:00.403+00', 'damage', 950.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a2278f-1d13-762f-a017-5954fddb80a8', NULL);
INSERT INTO rows."invoices.lines" VALUES ('01a2278f-1fed-7a15-9af7-f933f1251223', '01a2278f-1fed-7d37-84b7-e95dfd997e5c', 0, NULL, 'Fee', 2.00, 12.50, 'standard', DEFAULT);
SELECT pg_catalog.setval('drizzle.__drizzle_migrations_id_seq', 18, true);
SELECT pg_catalog.setval('graphile_worker.job_queues_id_seq', 1, false);
SELECT pg_catalog.setval('graphile_worker.jobs_id_seq1', 6, true);
SELECT pg_catalog.setval('graphile_worker.tasks_id_seq', 6, true);
SELECT pg_catalog.setval('iolite.decisions_id_seq', 2, true);
SELECT pg_catalog.setval('iolite.history_id_seq', 14, true);
SELECT pg_catalog.setval('iolite.lists_position_seq', 5, true);
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
ALTER TABLE ONLY iolite.lists
    ADD CONSTRAINT lists_pkey PRIMARY KEY (key);
ALTER TABLE ONLY iolite.many_changes
    ADD CONSTRAINT many_changes_pkey PRIMARY KEY (id);
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
CREATE INDEX lists_owner ON iolite.lists USING btree (owner);
CREATE INDEX many_changes_of ON iolite.many_changes USING btree (of) WHERE (of IS NOT NULL);
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
CREATE INDEX near_misses_berth_idx ON records.near_misses USING btree ("-01a2278f-1b30-781c-b461-f4783043015c");
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
    ADD CONSTRAINT near_misses_berth_fkey FOREIGN KEY ("-01a2278f-1b30-781c-b461-f4783043015c") REFERENCES records.berths(id);
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
