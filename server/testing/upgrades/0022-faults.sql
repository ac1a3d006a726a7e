SET statement_timeout = 0;
SET lock_timeout = 0;
SET client_encoding = 'UTF8';
SET standard_conforming_strings = on;
SELECT pg_catalog.set_config('search_path', '', false);
SET check_function_bodies = false;
SET xmloption = content;
SET client_min_messages = warning;
SET row_security = off;
CREATE SCHEMA aside;
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
CREATE TABLE iolite.calendar_feeds (
    id uuid NOT NULL,
    person_id uuid NOT NULL,
    list text NOT NULL,
    secret_hash text NOT NULL,
    made_at timestamp(3) with time zone NOT NULL
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
    thumbnail bytea,
    attached boolean DEFAULT false NOT NULL
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
    cells jsonb DEFAULT '[]'::jsonb NOT NULL
);
CREATE TABLE iolite.import_shapes (
    register_id uuid NOT NULL,
    shape text NOT NULL,
    plan jsonb NOT NULL,
    at timestamp(3) with time zone DEFAULT now() NOT NULL
);
CREATE TABLE iolite.imports (
    id uuid NOT NULL,
    register_id uuid,
    given jsonb DEFAULT '{}'::jsonb NOT NULL,
    through integer DEFAULT 0 NOT NULL,
    added integer DEFAULT 0 NOT NULL,
    changed integer DEFAULT 0 NOT NULL,
    unchanged integer DEFAULT 0 NOT NULL,
    refused integer DEFAULT 0 NOT NULL,
    asked_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    begun_by uuid NOT NULL,
    begun_at timestamp(3) with time zone DEFAULT now() NOT NULL,
    name text NOT NULL,
    sort text NOT NULL,
    phase text NOT NULL,
    job_id uuid NOT NULL,
    file bytea,
    cells bytea,
    cells_of text,
    reading jsonb DEFAULT '{}'::jsonb NOT NULL,
    plan jsonb,
    revision integer DEFAULT 1 NOT NULL,
    found jsonb,
    found_revision integer DEFAULT 0 NOT NULL,
    made jsonb DEFAULT '{}'::jsonb NOT NULL,
    field_ids jsonb DEFAULT '{}'::jsonb NOT NULL,
    undone jsonb
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
    changed_at timestamp(3) with time zone NOT NULL,
    run_by uuid,
    ends integer DEFAULT 0 NOT NULL,
    ended_at integer
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
CREATE TABLE iolite.list_file_parts (
    job_id uuid NOT NULL,
    at integer NOT NULL,
    content bytea NOT NULL
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
    second_step_used integer DEFAULT 0 NOT NULL,
    former_names jsonb DEFAULT '[]'::jsonb NOT NULL
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
    begin_code text,
    address text,
    mail_from text
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
    "-01a23301-8885-7016-8005-874fac6fe61f" uuid,
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
INSERT INTO drizzle.__drizzle_migrations VALUES (19, '2c4650127a0a6a4e3d17805b8e6d43b06a2d3c47acaaf6f282f0f1f2cca4a3b0', 1795965738742);
INSERT INTO drizzle.__drizzle_migrations VALUES (20, 'c331286eb5c875c795f85bf7c1d2abeeda5ddf700a31f7f740d8c715592f1706', 1795976880505);
INSERT INTO drizzle.__drizzle_migrations VALUES (21, '3a6472dba1cc572b4548f5a1b836eec2433513e39668c01b8f637e73ab115d9c', 1796001526697);
INSERT INTO drizzle.__drizzle_migrations VALUES (22, 'ebabd5495381d2542911226ad3472fd1d22fd3986e61d51e9aa6bdcdaeb46c08', 1796013455818);
INSERT INTO drizzle.__drizzle_migrations VALUES (23, 'd8895d5a5071fba60c87b54156e4766216d9d4d708a09e2456c0b30c08119043', 1796150055505);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (1, NULL, 1, '{"job":"01a23301-8be3-766a-bc98-3c6e9ddd0668"}', 0, '2026-12-01 19:07:49.007728+00', 0, 8, NULL, '2026-12-01 19:07:49.007728+00', '2026-12-01 19:07:49.007728+00', '01a23301-8be3-766a-bc98-3c6e9ddd0668', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (2, NULL, 1, '{"job":"01a23301-8c0e-7288-8f73-b8e13964fe95"}', 0, '2026-12-01 19:07:49.118122+00', 0, 8, NULL, '2026-12-01 19:07:49.118122+00', '2026-12-01 19:07:49.118122+00', '01a23301-8c0e-7288-8f73-b8e13964fe95', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (3, NULL, 1, '{"job":"01a23301-8c38-752c-8f65-14e2a6be4b93"}', 0, '2026-12-01 19:07:49.159404+00', 0, 8, NULL, '2026-12-01 19:07:49.159404+00', '2026-12-01 19:07:49.159404+00', '01a23301-8c38-752c-8f65-14e2a6be4b93', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (4, NULL, 1, '{"job":"01a23301-8d63-76f0-9b04-d92713ac5edb"}', 0, '2026-12-01 19:07:49.447284+00', 0, 8, NULL, '2026-12-01 19:07:49.447284+00', '2026-12-01 19:07:49.447284+00', '01a23301-8d63-76f0-9b04-d92713ac5edb', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (5, NULL, 1, '{"job":"01a23301-9250-7b54-8406-d0fbc761a1f3"}', 0, '2026-12-01 19:07:50.694168+00', 0, 8, NULL, '2026-12-01 19:07:50.694168+00', '2026-12-01 19:07:50.694168+00', '01a23301-9250-7b54-8406-d0fbc761a1f3', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (6, NULL, 1, '{"job":"01a23301-9264-74d7-b4fc-e1c2d11545f9"}', 0, '2026-12-01 19:07:50.694168+00', 0, 8, NULL, '2026-12-01 19:07:50.694168+00', '2026-12-01 19:07:50.694168+00', '01a23301-9264-74d7-b4fc-e1c2d11545f9', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_tasks OVERRIDING SYSTEM VALUE VALUES (1, 'iolite');
INSERT INTO graphile_worker.migrations VALUES (1, '2026-12-01 19:07:47.673257+00', true);
INSERT INTO graphile_worker.migrations VALUES (2, '2026-12-01 19:07:47.68974+00', false);
INSERT INTO graphile_worker.migrations VALUES (3, '2026-12-01 19:07:47.69735+00', true);
INSERT INTO graphile_worker.migrations VALUES (4, '2026-12-01 19:07:47.702682+00', false);
INSERT INTO graphile_worker.migrations VALUES (5, '2026-12-01 19:07:47.706607+00', false);
INSERT INTO graphile_worker.migrations VALUES (6, '2026-12-01 19:07:47.710991+00', false);
INSERT INTO graphile_worker.migrations VALUES (7, '2026-12-01 19:07:47.715122+00', false);
INSERT INTO graphile_worker.migrations VALUES (8, '2026-12-01 19:07:47.719344+00', false);
INSERT INTO graphile_worker.migrations VALUES (9, '2026-12-01 19:07:47.724576+00', false);
INSERT INTO graphile_worker.migrations VALUES (10, '2026-12-01 19:07:47.727058+00', false);
INSERT INTO graphile_worker.migrations VALUES (11, '2026-12-01 19:07:47.728726+00', true);
INSERT INTO graphile_worker.migrations VALUES (12, '2026-12-01 19:07:47.764943+00', false);
INSERT INTO graphile_worker.migrations VALUES (13, '2026-12-01 19:07:47.768437+00', true);
INSERT INTO graphile_worker.migrations VALUES (14, '2026-12-01 19:07:47.772798+00', true);
INSERT INTO graphile_worker.migrations VALUES (15, '2026-12-01 19:07:47.775885+00', false);
INSERT INTO graphile_worker.migrations VALUES (16, '2026-12-01 19:07:47.778229+00', true);
INSERT INTO graphile_worker.migrations VALUES (17, '2026-12-01 19:07:47.786979+00', false);
INSERT INTO graphile_worker.migrations VALUES (18, '2026-12-01 19:07:47.791505+00', false);
INSERT INTO graphile_worker.migrations VALUES (19, '2026-12-01 19:07:47.795863+00', true);
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
INSERT INTO iolite.decisions VALUES (1, '01a23301-8bfe-72f2-b2cb-edd94f272fef', 1, 0, '01a23301-84bf-7082-bb72-c0c61890efd9', 'send_back', 'Seen on the pontoon.', 1, '2026-12-01 19:07:49.448+00', '01a23301-84bf-7082-bb72-c0c61890efd9', '[]', '01a23301-8a53-7b94-a8d2-1612f26c9d76', 1, '2026-12-01 19:07:49.118+00', NULL);
INSERT INTO iolite.decisions VALUES (2, '01a23301-8c28-74a8-a67d-e612a3f178a9', 1, 0, '01a23301-84bf-7082-bb72-c0c61890efd9', 'approve', 'Seen on the pontoon.', 1, '2026-12-01 19:07:49.589+00', '01a23301-84bf-7082-bb72-c0c61890efd9', '[]', '01a23301-8a53-7b94-a8d2-1612f26c9d76', 1, '2026-12-01 19:07:49.16+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'client_kinds', 1, 'published', 1, '{"id": "01a23301-7f38-777f-8561-cbb2f9ea6264", "key": "client_kinds", "label": "Client kinds", "choices": [{"id": "01a23301-7f37-78da-b20c-c7441a2f307e", "code": "private", "label": "Private"}, {"id": "01a23301-7f37-7a21-81d0-63e10a917e05", "code": "firm", "label": "Firm"}, {"id": "01a23301-7f37-79be-be7a-7e3ea4c007bd", "code": "club", "label": "Club"}, {"id": "01a23301-7f37-7997-ae62-115134e80fee", "code": "school", "label": "School"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'hull_kinds', 1, 'published', 2, '{"id": "01a23301-7f38-7a4b-be86-10623d1db40a", "key": "hull_kinds", "label": "Hull kinds", "choices": [{"id": "01a23301-7f38-7ac5-b00c-dc022eeec6c2", "code": "sail", "label": "Sail"}, {"id": "01a23301-7f38-74df-87d1-fa6e4b2365ec", "code": "motor", "label": "Motor"}, {"id": "01a23301-7f38-75b6-aaa9-a6699c143cc1", "code": "rowing", "label": "Rowing"}, {"id": "01a23301-7f38-7659-a68b-1631dd3b12aa", "code": "work_boat", "label": "Work boat"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'boat_states', 1, 'published', 3, '{"id": "01a23301-7f39-7466-b1f2-22b7fc2d967b", "key": "boat_states", "label": "Boat states", "choices": [{"id": "01a23301-7f38-7fc9-97ae-62fe1e5d3b7d", "code": "afloat", "label": "Afloat"}, {"id": "01a23301-7f39-7fb6-8646-af9772c44be0", "code": "ashore", "label": "Ashore"}, {"id": "01a23301-7f39-756c-b1ea-bc83dccca2c0", "code": "away", "label": "Away"}, {"id": "01a23301-7f39-7125-92ce-3cd6d95ccdba", "code": "sold", "label": "Sold"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'pontoons', 1, 'published', 4, '{"id": "01a23301-7f39-74b5-bb4a-c8525ee62e2c", "key": "pontoons", "label": "Pontoons", "choices": [{"id": "01a23301-7f39-7010-ba67-c3aabace71db", "code": "a_pontoon", "label": "A pontoon"}, {"id": "01a23301-7f39-7043-8814-efde1b3f8c53", "code": "b_pontoon", "label": "B pontoon"}, {"id": "01a23301-7f39-7291-a8d7-8a83378d225c", "code": "c_pontoon", "label": "C pontoon"}, {"id": "01a23301-7f39-756a-a825-50f576530fb8", "code": "wall", "label": "Wall"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'invoice_states', 1, 'published', 5, '{"id": "01a23301-7f39-7776-b691-f6c39853134b", "key": "invoice_states", "label": "Invoice states", "choices": [{"id": "01a23301-7f39-7707-bf61-47184ab90f66", "code": "draft", "label": "Draft", "colour": "plain"}, {"id": "01a23301-7f39-77ba-bb8e-c8d1b6dc24a5", "code": "issued", "label": "Issued", "colour": "straw"}, {"id": "01a23301-7f39-742c-a0f1-1cfaa1d5e3b6", "code": "part_paid", "label": "Part paid", "colour": "haze"}, {"id": "01a23301-7f39-7200-98d3-e3704cf58e50", "code": "paid", "label": "Paid", "colour": "kelp"}, {"id": "01a23301-7f39-7d12-af69-4b942e8c4881", "code": "credited", "label": "Credited", "colour": "plain"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'vat_rates', 1, 'published', 6, '{"id": "01a23301-7f39-7de2-927a-9ec4ae0a2c71", "key": "vat_rates", "label": "VAT rates", "choices": [{"id": "01a23301-7f39-729f-8ee4-509a17e05a38", "code": "standard", "extra": {"percentage": "0.2"}, "label": "Standard 20 %"}, {"id": "01a23301-7f39-7b3b-ac77-8de6876209d5", "code": "reduced", "extra": {"percentage": "0.05"}, "label": "Reduced 5 %"}, {"id": "01a23301-7f39-7ff2-8855-05d94a2628f8", "code": "zero", "extra": {"percentage": "0"}, "label": "Zero 0 %"}, {"id": "01a23301-7f39-72e4-bcb5-527159513755", "code": "exempt", "extra": {"percentage": "0"}, "label": "Exempt"}], "columns": [{"key": "percentage", "type": {"kind": "percent", "decimals": 2}, "label": "Percentage"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'payment_methods', 1, 'published', 7, '{"id": "01a23301-7f39-7c59-b63f-5c1692eb0ee0", "key": "payment_methods", "label": "Payment methods", "choices": [{"id": "01a23301-7f39-73ac-ae02-c989179903f0", "code": "bank", "icon": "banknote", "label": "Bank transfer"}, {"id": "01a23301-7f39-7922-98a1-d080b30aef96", "code": "card", "icon": "credit card", "label": "Card"}, {"id": "01a23301-7f39-770d-96e5-8a9a446a3e4b", "code": "cash", "icon": "coins", "label": "Cash"}, {"id": "01a23301-7f39-799f-beea-7b1d36251203", "code": "cheque", "label": "Cheque", "retired": true}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'stock_groups', 1, 'published', 8, '{"id": "01a23301-7f3a-71a8-9650-94cb032fb76c", "key": "stock_groups", "label": "Stock groups", "choices": [{"id": "01a23301-7f3a-7658-8a96-1c5294c9c934", "code": "rope", "label": "Rope and cordage"}, {"id": "01a23301-7f3a-7deb-ba31-2c9682b6078f", "code": "paint", "label": "Paint and antifoul"}, {"id": "01a23301-7f3a-7e5d-8098-b00fc2b6682e", "code": "engine", "label": "Engine parts"}, {"id": "01a23301-7f3a-7bc4-b57a-b2bbf869045c", "code": "safety", "label": "Safety gear"}, {"id": "01a23301-7f3a-72b1-b5df-8006020b3cd9", "code": "fittings", "label": "Deck fittings"}, {"id": "01a23301-7f3a-79aa-bfe0-86daf25214f8", "code": "services", "label": "Yard services"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'units', 1, 'published', 9, '{"id": "01a23301-7f3a-7267-ab76-f9fb11af5808", "key": "units", "label": "Units", "choices": [{"id": "01a23301-7f3a-7f46-b3cd-b929331ac1e6", "code": "each", "label": "each"}, {"id": "01a23301-7f3a-7938-8806-9b1d18c3fadf", "code": "metre", "label": "metre"}, {"id": "01a23301-7f3a-75fd-b211-01c2355812a1", "code": "litre", "label": "litre"}, {"id": "01a23301-7f3a-7e52-93fe-80b6a0d6b5df", "code": "pair", "label": "pair"}, {"id": "01a23301-7f3a-72a7-8ab7-474212363578", "code": "hour", "label": "hour"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'movement_kinds', 1, 'published', 10, '{"id": "01a23301-7f3a-77a2-88ca-8c30c13b2772", "key": "movement_kinds", "label": "Kinds of movement", "choices": [{"id": "01a23301-7f3a-7886-88b5-f9c4a84a1d44", "code": "receipt", "icon": "box", "extra": {"sign": "1"}, "label": "Receipt", "colour": "kelp"}, {"id": "01a23301-7f3a-79b5-a4b8-697e64471de8", "code": "issue", "icon": "truck", "extra": {"sign": "-1"}, "label": "Issue", "colour": "haze"}, {"id": "01a23301-7f3a-7d19-9024-730a42d47dfa", "code": "return", "extra": {"sign": "1"}, "label": "Return from customer"}, {"id": "01a23301-7f3a-708c-a6f7-4dddcbea2418", "code": "write_off", "icon": "stop", "extra": {"sign": "-1"}, "label": "Write-off", "colour": "brick"}, {"id": "01a23301-7f3a-7a3b-802e-7efbb2640400", "code": "count_up", "extra": {"sign": "1"}, "label": "Count, found more"}, {"id": "01a23301-7f3a-76e6-9264-9dfa7769c218", "code": "count_down", "extra": {"sign": "-1"}, "label": "Count, found less"}], "columns": [{"key": "sign", "type": {"kind": "number", "decimals": 0}, "label": "Sign"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'cost_centres', 1, 'published', 20, '{"id": "01a23301-7f3c-707f-817c-fc85f544e574", "key": "cost_centres", "label": "Cost centres", "choices": [{"id": "01a23301-7f3c-7126-b9be-3ebf8e47a7f1", "code": "yard", "label": "Yard"}, {"id": "01a23301-7f3c-73f9-9ed9-e14bc30c5a46", "code": "chandlery", "label": "Chandlery"}, {"id": "01a23301-7f3c-7245-a186-ee1e6e639ed5", "code": "office", "label": "Office"}, {"id": "01a23301-7f3c-7799-8bcf-0df64b3b025b", "code": "restoration", "label": "Restoration"}, {"id": "01a23301-7f3c-767d-89d2-ab41f1839f5b", "code": "moorings", "label": "Moorings"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_kinds', 1, 'published', 11, '{"id": "01a23301-7f3a-72d6-b041-ae1756e1acf7", "key": "incident_kinds", "label": "Kinds of incident", "choices": [{"id": "01a23301-7f3a-7c01-8b96-4b29dc6c6c1f", "code": "injury", "icon": "bandage", "label": "Injury", "colour": "brick"}, {"id": "01a23301-7f3a-7fd9-9623-c1715a70ab13", "code": "ill_health", "icon": "heart", "label": "Work-related ill health", "colour": "brick"}, {"id": "01a23301-7f3a-75df-bbcb-f3e03b8444fa", "code": "damage", "icon": "hammer", "label": "Damage to property", "colour": "straw"}, {"id": "01a23301-7f3a-7134-a9b5-41d0c626c209", "code": "pollution", "icon": "droplet", "label": "Spill or pollution", "colour": "straw"}, {"id": "01a23301-7f3a-7d08-9b89-6fab5cf9775c", "code": "near_miss", "icon": "warning", "label": "Near miss", "colour": "haze"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_causes', 1, 'published', 12, '{"id": "01a23301-7f3b-71ae-84fb-2c21f7bf6275", "key": "incident_causes", "label": "Causes", "parent": "incident_kinds", "choices": [{"id": "01a23301-7f3b-768c-b3e3-6dffdf11daf3", "code": "slip", "label": "Slip or trip", "parent": "injury"}, {"id": "01a23301-7f3b-7a27-8dd1-cead796131d6", "code": "lifting", "label": "Lifting or carrying", "parent": "injury"}, {"id": "01a23301-7f3b-7aab-b828-630f4e948915", "code": "struck", "label": "Struck by something", "parent": "injury"}, {"id": "01a23301-7f3b-7746-8bcd-c32619e179dc", "code": "height", "label": "Fall from height", "parent": "injury"}, {"id": "01a23301-7f3b-7c30-80b6-f38fb86dbea2", "code": "fumes", "label": "Fumes or dust", "parent": "ill_health"}, {"id": "01a23301-7f3b-7f9a-845a-9615bbffb71f", "code": "noise", "label": "Noise", "parent": "ill_health"}, {"id": "01a23301-7f3b-7be7-8411-2311fe8e0fb2", "code": "collision", "label": "Collision", "parent": "damage"}, {"id": "01a23301-7f3b-7e09-a42c-24be36bc3e7e", "code": "dropped", "label": "Dropped load", "parent": "damage"}, {"id": "01a23301-7f3b-7d44-aeb4-cbfba0d5262f", "code": "fuel", "label": "Fuel spill", "parent": "pollution"}, {"id": "01a23301-7f3b-7692-afe7-2ed005f9ecea", "code": "rope", "label": "Rope or gear failed", "parent": "near_miss"}, {"id": "01a23301-7f3b-7551-80f4-3d187e455c97", "code": "deck", "label": "Slippery deck", "parent": "near_miss"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities_of_harm', 1, 'published', 13, '{"id": "01a23301-7f3b-748f-add9-bab2c858076d", "key": "severities_of_harm", "label": "Severity", "choices": [{"id": "01a23301-7f3b-7633-9c0c-36fa2b7a7f38", "code": "none", "label": "No harm", "colour": "plain"}, {"id": "01a23301-7f3b-7e52-8d8f-fc0d9d79d00a", "code": "first_aid", "label": "First aid", "colour": "haze"}, {"id": "01a23301-7f3b-7500-a0c4-dda039625393", "code": "medical", "label": "Medical treatment", "colour": "straw"}, {"id": "01a23301-7f3b-7727-8ac0-500fc20785ce", "code": "lost_time", "label": "Lost time", "colour": "brick"}, {"id": "01a23301-7f3b-7cff-a06d-9838255cebd6", "code": "major", "label": "Major injury", "colour": "brick"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'body_parts', 1, 'published', 14, '{"id": "01a23301-7f3b-73d8-a2b9-af5b8c8eb31a", "key": "body_parts", "label": "Parts of the body", "choices": [{"id": "01a23301-7f3b-7aea-88f7-99c8cece664c", "code": "head", "label": "Head"}, {"id": "01a23301-7f3b-70af-81bd-cd53555be9b8", "code": "eye", "label": "Eye"}, {"id": "01a23301-7f3b-71a0-a4bc-76b1a5272c6b", "code": "hand", "label": "Hand or finger"}, {"id": "01a23301-7f3b-72a8-9af2-4131a507120c", "code": "arm", "label": "Arm"}, {"id": "01a23301-7f3b-74d7-9184-5286c758fe2a", "code": "back", "label": "Back"}, {"id": "01a23301-7f3b-7ddd-8922-7bdea485aa76", "code": "leg", "label": "Leg"}, {"id": "01a23301-7f3b-7955-b008-3253926d37d1", "code": "foot", "label": "Foot"}, {"id": "01a23301-7f3b-7163-86fe-fc6e56453ef8", "code": "other", "label": "Other"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'injury_kinds', 1, 'published', 15, '{"id": "01a23301-7f3b-7c23-bb5a-9d06ded07c36", "key": "injury_kinds", "label": "Kinds of injury", "choices": [{"id": "01a23301-7f3b-78b6-b0f0-2fa8428f59a0", "code": "cut", "label": "Cut"}, {"id": "01a23301-7f3b-737f-ba97-fe734e27f0d3", "code": "bruise", "label": "Bruise"}, {"id": "01a23301-7f3b-7e8b-b53f-c261df1b2b85", "code": "sprain", "label": "Sprain or strain"}, {"id": "01a23301-7f3b-79fb-8db5-c49f27e33bdd", "code": "fracture", "label": "Fracture"}, {"id": "01a23301-7f3b-762a-882d-e689898a7c83", "code": "burn", "label": "Burn"}, {"id": "01a23301-7f3b-719f-874d-81c050c7f25e", "code": "other", "label": "Other"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_states', 1, 'published', 16, '{"id": "01a23301-7f3c-7f45-ad57-600a2e280ee9", "key": "incident_states", "label": "Investigation", "choices": [{"id": "01a23301-7f3b-7bc0-8791-3821048ba1dc", "code": "open", "label": "Open", "colour": "straw"}, {"id": "01a23301-7f3b-7eee-abb8-58fca32c14e6", "code": "actions", "label": "Actions under way", "colour": "haze"}, {"id": "01a23301-7f3c-74a7-bc53-3136f741e982", "code": "closed", "label": "Closed", "colour": "kelp"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'appeal_states', 1, 'published', 17, '{"id": "01a23301-7f3c-7f2b-8f26-8a49d1cfa31e", "key": "appeal_states", "label": "Appeal states", "choices": [{"id": "01a23301-7f3c-7685-bcc1-a9d046ea6dff", "code": "planned", "label": "Planned", "colour": "plain"}, {"id": "01a23301-7f3c-7697-b701-e8531575d1a7", "code": "running", "label": "Running", "colour": "haze"}, {"id": "01a23301-7f3c-7fd1-bc20-f95b7a39f730", "code": "reached", "label": "Target reached", "colour": "kelp"}, {"id": "01a23301-7f3c-7124-a87a-45c6cd44be4c", "code": "closed", "label": "Closed", "colour": "plain"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'donation_kinds', 1, 'published', 18, '{"id": "01a23301-7f3c-7ce9-b472-73f615377695", "key": "donation_kinds", "label": "Kinds of donation", "choices": [{"id": "01a23301-7f3c-7a5a-b8f4-4a4549462478", "code": "single", "label": "Single gift"}, {"id": "01a23301-7f3c-7b3c-acb9-95430461c0a4", "code": "regular", "label": "Regular gift"}, {"id": "01a23301-7f3c-7dc1-975a-dc0f60c78e58", "code": "in_memory", "label": "In memory"}, {"id": "01a23301-7f3c-7efc-bd4a-4621272178cd", "code": "grant", "label": "Grant"}, {"id": "01a23301-7f3c-72c3-aa35-f7df3a0310d5", "code": "in_kind", "label": "Gift in kind"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'purchase_states', 1, 'published', 19, '{"id": "01a23301-7f3c-7153-ac7c-fe2872defd6a", "key": "purchase_states", "label": "Purchase states", "choices": [{"id": "01a23301-7f3c-7ad7-9c32-45d535aa3475", "code": "requested", "icon": "clock", "label": "Requested", "colour": "straw"}, {"id": "01a23301-7f3c-7949-9bb9-7a514cae5231", "code": "approved", "icon": "check", "label": "Approved", "colour": "haze"}, {"id": "01a23301-7f3c-767d-9bb7-fb504eec6a6d", "code": "ordered", "icon": "truck", "label": "Ordered", "colour": "haze"}, {"id": "01a23301-7f3c-7123-a3a1-8e1ea8a5a15f", "code": "received", "icon": "box", "label": "Received", "colour": "kelp"}, {"id": "01a23301-7f3c-796b-844a-f8cbdd921cd5", "code": "cancelled", "icon": "stop", "label": "Cancelled", "colour": "plain"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'berth_services', 1, 'published', 21, '{"id": "01a23301-7f3c-77af-b9b8-f07bdf266b44", "key": "berth_services", "label": "Berth services", "choices": [{"id": "01a23301-7f3c-7833-a799-450786b8af92", "code": "water", "label": "Water"}, {"id": "01a23301-7f3c-7ed0-bbd2-632f4072b580", "code": "power", "label": "Shore power"}, {"id": "01a23301-7f3c-7cb2-8390-817bcd9cc982", "code": "fuel", "label": "Fuel"}, {"id": "01a23301-7f3c-7403-b490-80473bc06de8", "code": "wifi", "label": "Wi-Fi"}, {"id": "01a23301-7f3c-761e-9ef4-24a351a9304c", "code": "lift", "label": "Near the lift"}], "columns": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'clients', 1, 'published', 1, '{"id": "01a23301-7f3d-7ff2-8cae-950f5d5ee8f6", "key": "clients", "mark": "CLI", "alike": ["name", "email", "phone"], "title": "name", "beside": ["phone"], "fields": [{"id": "01a23301-7f3d-7c85-815c-4ce637634b2e", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f3d-787f-9a23-568a33aa2996", "key": "kind", "type": {"kind": "choice", "list": "client_kinds"}, "label": "Kind", "required": false}, {"id": "01a23301-7f3d-748b-a354-04c1dceec784", "key": "email", "type": {"kind": "email"}, "label": "E-mail", "required": false}, {"id": "01a23301-7f3d-7ae3-a84b-16424c5ccf84", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a23301-7f3d-7193-971c-52c9b791f603", "key": "address", "type": {"kind": "address"}, "label": "Address", "required": false}, {"id": "01a23301-7f3d-7956-9836-4f4f340b8b26", "key": "client_since", "type": {"kind": "date"}, "label": "Client since", "required": false}, {"id": "01a23301-7f3d-720f-8b63-e80bbf03dfd4", "key": "credit_limit", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Credit limit", "required": false}, {"id": "01a23301-7f3d-7b96-ad2c-b0c0e3271112", "key": "newsletter", "type": {"kind": "yes_no"}, "label": "Newsletter", "required": false}, {"id": "01a23301-7f3d-7012-986c-0edc51546fa3", "key": "web", "type": {"kind": "web"}, "label": "Web", "required": false}, {"id": "01a23301-7f3d-73cb-9f35-d0c5269cdaa8", "key": "iban", "type": {"kind": "code", "scheme": "iban"}, "label": "Bank account (IBAN)", "section": "Accounts", "required": false}, {"id": "01a23301-7f3d-739f-aea8-6e7f590510e2", "key": "open_balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(invoices[state != \"draft\"].balance)"}, "label": "Open balance", "section": "Accounts", "required": false}, {"id": "01a23301-7f3d-7747-a16a-ed2d8eb047db", "key": "over_limit", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "credit_limit != null and open_balance > credit_limit"}, "label": "Over credit limit", "section": "Accounts", "required": false}, {"id": "01a23301-7f3d-78e6-84a9-3ab65dc8659f", "key": "last_invoice", "type": {"kind": "worked_out", "gives": {"kind": "date"}, "formula": "max(invoices.issued_on)"}, "label": "Last invoiced on", "section": "Accounts", "required": false}, {"id": "01a23301-7f3d-79c7-a5b0-6414cd06e570", "key": "given", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Given in all", "section": "Accounts", "required": false}, {"id": "01a23301-7f3d-75d1-a51d-312afcfee88c", "key": "notes", "type": {"kind": "formatted"}, "label": "Notes", "section": "Notes", "required": false}], "listed": ["kind", "email", "phone", "client_since", "credit_limit", "open_balance", "over_limit", "last_invoice"], "plural": "Clients", "singular": "Client", "constraints": [{"kind": "unique", "fields": ["email"], "folded": true}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'berths', 1, 'published', 3, '{"id": "01a23301-7f3e-7dba-8fda-9c70f219747f", "key": "berths", "mark": "BER", "alike": [], "title": "name", "beside": ["pontoon"], "fields": [{"id": "01a23301-7f3e-7915-a00f-0cd79cb2dfd5", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f3e-7377-9cd8-1bfcaea8a6b8", "key": "pontoon", "type": {"kind": "choice", "list": "pontoons"}, "label": "Pontoon", "required": true}, {"id": "01a23301-7f3e-749f-a0d6-b479a270e396", "key": "longest", "type": {"kind": "number", "unit": "m", "decimals": 1}, "label": "Longest boat", "required": false}, {"id": "01a23301-7f3e-7bf6-9512-1dd33e88f5d2", "key": "shore_power", "type": {"kind": "yes_no"}, "label": "Shore power", "required": false}, {"id": "01a23301-7f3e-7d53-b45c-000c753f850c", "key": "yearly_fee", "type": {"kind": "money", "currency": "GBP"}, "label": "Yearly fee", "required": false}, {"id": "01a23301-7f3e-7685-8004-bcac14a4268c", "key": "position", "type": {"kind": "position"}, "label": "Position", "required": false}, {"id": "01a23301-7f3e-7f5b-8936-08056a3728f1", "key": "taken_by", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(boats)"}, "label": "Taken by", "required": false}, {"id": "01a23301-7f3e-795d-9d8f-ac5b41702ca1", "key": "services", "type": {"kind": "choices", "list": "berth_services"}, "label": "Services", "required": false}], "listed": ["pontoon", "longest", "shore_power", "services", "yearly_fee", "taken_by"], "plural": "Berths", "singular": "Berth", "constraints": [{"kind": "unique", "fields": ["name"], "folded": true}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'stock', 1, 'published', 4, '{"id": "01a23301-7f3f-7f7e-bfff-b37ecd9930b3", "key": "stock", "mark": "STK", "alike": ["name", "bar_code"], "title": "name", "beside": ["code"], "fields": [{"id": "01a23301-7f3e-7b1b-860a-1a87806b4f92", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f3e-754a-b866-118aad3b2f69", "key": "code", "type": {"kind": "code", "scheme": "pattern", "example": "RO-0001", "pattern": "[A-Z]{2}-[0-9]{4}"}, "label": "Item code", "required": true}, {"id": "01a23301-7f3e-7431-9d93-a6632546d0a2", "key": "group", "type": {"kind": "choice", "list": "stock_groups"}, "label": "Group", "required": false}, {"id": "01a23301-7f3e-737b-895f-63063a490403", "key": "unit", "type": {"kind": "choice", "list": "units"}, "label": "Unit", "required": false}, {"id": "01a23301-7f3e-7ff4-9161-7770cec92ab9", "key": "bar_code", "type": {"kind": "code", "scheme": "gtin"}, "label": "Bar code (GTIN)", "required": false}, {"id": "01a23301-7f3e-7f3e-9937-a3f5039b363f", "key": "shelf", "type": {"kind": "text"}, "label": "Shelf", "required": false}, {"id": "01a23301-7f3e-764a-904c-da0b38301fc9", "key": "sale_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Sale price, net", "section": "Prices", "required": false}, {"id": "01a23301-7f3e-70d9-8d38-abe7df096b33", "key": "cost_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost price", "section": "Prices", "required": false}, {"id": "01a23301-7f3e-7f8e-b182-b3f71e717634", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "section": "Prices", "required": false}, {"id": "01a23301-7f3e-7e12-afcf-c0120c41ac29", "key": "margin", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if sale_price > 0 then (sale_price - cost_price) / sale_price else null"}, "label": "Margin", "section": "Prices", "required": false}, {"id": "01a23301-7f3e-7c96-8796-8255b565ad39", "key": "counted", "type": {"kind": "yes_no"}, "label": "Counted in stock", "section": "Quantities", "required": false}, {"id": "01a23301-7f3e-7e86-83a0-c134d48929e3", "key": "on_hand", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "total(movements.signed)"}, "label": "On hand", "section": "Quantities", "required": false}, {"id": "01a23301-7f3e-78cc-a25a-9f642948ae7c", "key": "reorder_point", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder point", "section": "Quantities", "required": false}, {"id": "01a23301-7f3e-7292-bd8d-221a2b237966", "key": "reorder_quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder quantity", "section": "Quantities", "required": false}, {"id": "01a23301-7f3f-7782-a7c6-fad5e7187ca8", "key": "to_reorder", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "counted = true and reorder_point != null and on_hand < reorder_point"}, "label": "Below reorder point", "section": "Quantities", "required": false}, {"id": "01a23301-7f3f-7661-9525-94bab2f178c4", "key": "value_on_hand", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "on_hand * cost_price"}, "label": "Value on hand", "section": "Quantities", "required": false}, {"id": "01a23301-7f3f-7925-83da-f5f3f225f176", "key": "supplier", "type": {"back": {"key": "supplies", "label": "Supplies"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a23301-7f3f-7c82-b665-261413f4bbdd", "key": "fits", "type": {"back": {"key": "fits_to", "label": "Used with, from the other side"}, "kind": "links", "register": "stock"}, "label": "Used with", "required": false}, {"id": "01a23301-7f3f-7050-990f-7ee3cc725ad7", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["code", "group", "shelf", "unit", "sale_price", "on_hand", "reorder_point", "to_reorder", "value_on_hand"], "plural": "Stock", "singular": "Stock item", "constraints": [{"kind": "unique", "fields": ["code"], "folded": true}, {"kind": "must", "message": "Reorder quantity must be over 0.", "condition": "reorder_quantity = null or reorder_quantity > 0"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'movements', 1, 'published', 5, '{"id": "01a23301-7f3f-7f7a-93e4-c4b59a376bc8", "key": "movements", "mark": "MOV", "alike": [], "title": "what", "beside": ["kind"], "fields": [{"id": "01a23301-7f3f-720b-ae90-5294c25d80c4", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a23301-7f3f-734a-8a59-afc25fac2e9a", "key": "stock", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "stock"}, "label": "Item", "required": true}, {"id": "01a23301-7f3f-72b4-b09d-b53416cf4189", "key": "kind", "type": {"kind": "choice", "list": "movement_kinds"}, "label": "Kind", "required": true}, {"id": "01a23301-7f3f-717f-a0a6-3dca52864d99", "key": "moved_on", "type": {"kind": "date"}, "label": "Moved on", "required": true}, {"id": "01a23301-7f3f-74e6-9e33-45c98b525341", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a23301-7f3f-7838-ac55-535f735d86f9", "key": "signed", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "quantity * kind.sign"}, "label": "In or out", "required": false}, {"id": "01a23301-7f3f-7cc4-811c-4ebc2554e2ed", "key": "unit_cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost per unit", "required": false}, {"id": "01a23301-7f3f-7e37-a61f-913c16ace332", "key": "value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "signed * unit_cost"}, "label": "Value", "required": false}, {"id": "01a23301-7f3f-70c9-9a63-aace12d23f42", "key": "purchase", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "purchases"}, "label": "Purchase", "required": false}, {"id": "01a23301-7f3f-7bb1-b915-d46010eefb48", "key": "invoice", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "invoices"}, "label": "Invoice", "required": false}, {"id": "01a23301-7f3f-7c1c-a538-aa75be237d59", "key": "done_by", "type": {"kind": "person"}, "label": "Done by", "required": false}], "listed": ["kind", "moved_on", "signed", "unit_cost", "value", "stock"], "plural": "Stock movements", "singular": "Stock movement", "constraints": [{"kind": "must", "message": "A movement cannot lie in the future.", "condition": "moved_on <= today()"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'invoices', 1, 'published', 6, '{"id": "01a23301-7f40-7253-b22a-a5eabb9de96b", "key": "invoices", "mark": "INV", "alike": [], "title": "subject", "beside": ["client", "balance"], "fields": [{"id": "01a23301-7f3f-71f0-9e12-217bdfcc96f1", "key": "subject", "type": {"kind": "text"}, "label": "Subject", "required": true}, {"id": "01a23301-7f3f-7720-beab-4dd2a98cc189", "key": "client", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "clients"}, "label": "Client", "required": true}, {"id": "01a23301-7f3f-7e49-afb8-6fdedc57bb20", "key": "boat", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a23301-7f3f-7ae2-a594-3da5e43c3ccd", "key": "invoice_number", "type": {"kind": "running_number", "when": "state != null and state != \"draft\"", "width": 5, "prefix": "TQ-", "restart": "never"}, "label": "Invoice number", "required": false}, {"id": "01a23301-7f3f-754c-80f0-6b74a460cd68", "key": "issued_on", "type": {"kind": "date"}, "label": "Issued", "required": false}, {"id": "01a23301-7f3f-7b3a-8567-6103a170cef3", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a23301-7f3f-732b-a7db-477a2da70c0c", "key": "state", "type": {"kind": "choice", "list": "invoice_states"}, "label": "State", "required": true}, {"id": "01a23301-7f3f-77d6-ae19-9aa492844005", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a23301-7f40-7834-89e0-0ebcd31a63f9", "key": "stock", "type": {"back": {"key": "invoice_lines", "label": "Invoice lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a23301-7f40-7677-aa66-1e36ceec4f79", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a23301-7f40-7a4d-8abb-65475968b6db", "key": "quantity", "type": {"kind": "number", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a23301-7f40-76e5-b4c8-fd244a517add", "key": "unit_price", "type": {"kind": "money", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a23301-7f40-70f6-a133-c41d5fe1535d", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": true}, {"id": "01a23301-7f40-78c6-9bc1-7343c50523ca", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a23301-7f3f-7e2b-b7bf-7227cc2d813c", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-7c1b-9357-9c06f994caab", "key": "net_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"standard\"].net)"}, "label": "Net at 20 %", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-7b33-a1da-c4b279902881", "key": "vat_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_standard * 0.2"}, "label": "VAT at 20 %", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-76db-8c12-1e100ccdae4a", "key": "net_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"reduced\"].net)"}, "label": "Net at 5 %", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-7f1f-b634-8a20e04e9665", "key": "vat_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_reduced * 0.05"}, "label": "VAT at 5 %", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-79ca-b024-0fb3b9fc677d", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "vat_standard + vat_reduced"}, "label": "VAT", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-79ba-a6bc-efa91c5f973c", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a23301-7f3f-7e5a-8e4b-cf6885eecb41", "key": "payments", "type": {"kind": "rows", "fields": [{"id": "01a23301-7f40-70ba-959f-9aa4c1b4d780", "key": "paid_on", "type": {"kind": "date"}, "label": "Paid on", "required": true}, {"id": "01a23301-7f40-7ac5-b47d-0bb3816f4bc1", "key": "amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a23301-7f40-7400-859f-1696994b146b", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a23301-7f40-7ad2-9b69-deb52529767c", "key": "reference", "type": {"kind": "text"}, "label": "Reference", "required": false}], "plural": "Payments", "singular": "Payment"}, "label": "Payments", "required": false}, {"id": "01a23301-7f3f-79bd-97f0-817d93249242", "key": "paid", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(payments.amount)"}, "label": "Paid", "section": "Amounts", "required": false}, {"id": "01a23301-7f3f-7118-a92c-4e37834082e0", "key": "balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if state = \"credited\" then 0 else gross - paid"}, "label": "Balance", "required": false}, {"id": "01a23301-7f40-7ad7-9a81-48eef82b7335", "key": "days_late", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "if state in (\"issued\", \"part_paid\") and balance > 0 and due_on < today() then (today() - due_on).days else 0"}, "label": "Days late", "required": false}, {"id": "01a23301-7f40-72de-9d10-06c8a5f79896", "key": "age_band", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if state = \"draft\" then \"not issued\" else if balance <= 0 then \"settled\" else if days_late <= 0 then \"not due\" else if days_late <= 30 then \"1 to 30 days\" else if days_late <= 60 then \"31 to 60 days\" else if days_late <= 90 then \"61 to 90 days\" else \"over 90 days\""}, "label": "Age", "required": false}, {"id": "01a23301-7f40-7594-b061-c504603d80e9", "key": "papers", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Papers", "required": false}], "listed": ["client", "boat", "issued_on", "due_on", "state", "gross", "balance", "days_late", "age_band"], "plural": "Invoices", "singular": "Invoice", "constraints": [{"kind": "must", "message": "An invoice cannot be due before it is issued.", "condition": "due_on = null or issued_on = null or due_on >= issued_on"}, {"kind": "must", "message": "An invoice that is issued needs at least one line.", "condition": "state = \"draft\" or count(lines) > 0"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'incidents', 1, 'published', 7, '{"id": "01a23301-7f41-7ea3-961e-84a8dcad9d09", "key": "incidents", "mark": "INC", "alike": [], "title": "title", "beside": ["kind", "happened_at"], "fields": [{"id": "01a23301-7f40-7fbd-85ea-655af4660763", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": true}, {"id": "01a23301-7f40-7aa8-b1bf-17d0da255f44", "key": "kind", "type": {"kind": "choice", "list": "incident_kinds"}, "label": "Kind", "required": true}, {"id": "01a23301-7f40-71f0-b7d6-3b65b6b4a656", "key": "cause", "type": {"kind": "choice", "list": "incident_causes"}, "label": "Cause", "required": false}, {"id": "01a23301-7f40-7c41-8518-2bbe95a9c605", "key": "happened_at", "type": {"kind": "moment"}, "label": "Happened", "required": true}, {"id": "01a23301-7f40-740d-8d88-3d73d767fb5e", "key": "place", "type": {"kind": "text"}, "label": "Place", "required": false}, {"id": "01a23301-7f40-7ffe-a5df-c4f79bd89a37", "key": "position", "type": {"kind": "position"}, "label": "On the map", "required": false}, {"id": "01a23301-7f40-79e8-924f-b849efd9c239", "key": "berth", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a23301-7f40-73f4-a61a-e94bdee9e0fb", "key": "boat", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a23301-7f40-71c9-bad2-6d2f4f1f6486", "key": "owner", "type": {"back": {"key": "incidents", "label": "Incidents with their boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a23301-7f40-7d83-b315-1dfadc701d98", "key": "owner_phone", "type": {"kind": "phone"}, "label": "Owner’s phone", "required": false}, {"id": "01a23301-7f40-7a42-bb26-8d9ba2fcff00", "key": "reported_by", "type": {"kind": "person"}, "label": "Reported by", "required": false}, {"id": "01a23301-7f40-7462-9c4a-0cbce55fcb02", "key": "what_happened", "type": {"kind": "formatted"}, "label": "What happened", "required": false}, {"id": "01a23301-7f40-7dab-bf0d-3ff73c862ea8", "key": "hurt", "type": {"kind": "rows", "fields": [{"id": "01a23301-7f41-776b-8197-f50be217bc37", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f41-7ffe-b6a9-0e336d900e53", "key": "employed", "type": {"kind": "yes_no"}, "label": "Employed here", "required": false}, {"id": "01a23301-7f41-7c4d-ac6d-1fd21ff9369a", "key": "body_part", "type": {"kind": "choice", "list": "body_parts"}, "label": "Part of the body", "required": false}, {"id": "01a23301-7f41-7210-88e6-2e47dacf4b37", "key": "injury", "type": {"kind": "choice", "list": "injury_kinds"}, "label": "Injury", "required": false}, {"id": "01a23301-7f41-717d-af2e-64fac0533564", "key": "severity", "type": {"kind": "choice", "list": "severities_of_harm"}, "label": "Severity", "required": false}, {"id": "01a23301-7f41-7ab8-b0ed-ec3c6b1dab9e", "key": "days_lost", "type": {"kind": "number", "unit": "days", "least": "0", "decimals": 0}, "label": "Days lost", "required": false}, {"id": "01a23301-7f41-70b4-9280-68bed510f47e", "key": "treatment", "type": {"kind": "text"}, "label": "Treatment", "required": false}], "plural": "People hurt", "singular": "Person hurt"}, "label": "People hurt", "required": false}, {"id": "01a23301-7f40-7ee4-9a71-ceee02fa031c", "key": "witnesses", "type": {"kind": "rows", "fields": [{"id": "01a23301-7f41-7601-a724-d0d49db2f7e7", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f41-71bc-8d2c-e982a3c02cb9", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a23301-7f41-794d-af05-beaa9ed53cab", "key": "statement", "type": {"kind": "long_text"}, "label": "Statement", "required": false}], "plural": "Witnesses", "singular": "Witness"}, "label": "Witnesses", "required": false}, {"id": "01a23301-7f40-784d-8454-4c6940b71ebe", "key": "days_lost", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "total(hurt.days_lost)"}, "label": "Days lost", "section": "Investigation", "required": false}, {"id": "01a23301-7f40-7ab0-a50e-4a52dedfd127", "key": "lost_time", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost >= 1"}, "label": "Lost-time injury", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-7284-b144-ae9c4122b171", "key": "notifiable", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost > 7"}, "label": "Over seven days off", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-76f3-905c-3cd8401dc61d", "key": "state", "type": {"kind": "choice", "list": "incident_states"}, "label": "Investigation", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-7275-b83a-de7942398ae7", "key": "root_cause", "type": {"kind": "long_text"}, "label": "Root cause", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-78f5-92f5-2d3ee7cdc606", "key": "actions", "type": {"kind": "rows", "fields": [{"id": "01a23301-7f41-7d55-87f3-3e73e8bc4336", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a23301-7f41-79a3-8461-2dc332e1670e", "key": "who", "type": {"kind": "person"}, "label": "Who", "required": false}, {"id": "01a23301-7f41-7f46-a0aa-60173bd5f01b", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a23301-7f41-75b3-b9f9-3eb5c80331cd", "key": "done_on", "type": {"kind": "date"}, "label": "Done", "required": false}], "plural": "Actions", "singular": "Action"}, "label": "Actions", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-76be-bb6a-f76059f385a5", "key": "open_actions", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(actions[done_on = null])"}, "label": "Open actions", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-7121-855e-1d5240a6aae0", "key": "cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost", "section": "Investigation", "required": false}, {"id": "01a23301-7f41-7010-a31f-a7821e5e4494", "key": "photos", "type": {"kind": "files", "most": 20, "sort": "photos"}, "label": "Photos", "required": false}], "listed": ["kind", "cause", "happened_at", "place", "days_lost", "lost_time", "state", "open_actions"], "plural": "Incidents", "singular": "Incident", "constraints": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'safety_trustee', 1, 'published', 6, '{"id": "01a23301-7f43-7dfb-a25b-1e4a35891515", "key": "safety_trustee", "label": "Trustee for safety", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'appeals', 1, 'published', 8, '{"id": "01a23301-7f42-79f1-b7a1-b8a06585c532", "key": "appeals", "mark": "APL", "alike": [], "title": "name", "beside": ["state"], "fields": [{"id": "01a23301-7f41-793e-948c-b26037b83bad", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f41-7f15-8f81-e2b4384c7dae", "key": "purpose", "type": {"kind": "formatted"}, "label": "What it is for", "required": false}, {"id": "01a23301-7f41-7574-9505-c17a6cc39a3a", "key": "boat", "type": {"back": {"key": "appeals", "label": "Appeals"}, "kind": "link", "register": "boats"}, "label": "Vessel", "required": false}, {"id": "01a23301-7f41-74aa-be52-f3960c8c822c", "key": "state", "type": {"kind": "choice", "list": "appeal_states"}, "label": "State", "required": false}, {"id": "01a23301-7f41-78c5-aee8-2113841abad3", "key": "begins_on", "type": {"kind": "date"}, "label": "Begins", "required": false}, {"id": "01a23301-7f41-76fe-8d1f-9483424e0e53", "key": "ends_on", "type": {"kind": "date"}, "label": "Ends", "required": false}, {"id": "01a23301-7f41-7cf6-8f28-26dd28fa5bcb", "key": "target", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Target", "required": true}, {"id": "01a23301-7f41-70fb-aaed-012e68b4f357", "key": "raised", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Raised so far", "required": false}, {"id": "01a23301-7f41-7618-9557-d4ddcf2e4016", "key": "share", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if target > 0 then raised / target else null"}, "label": "Of the target", "required": false}, {"id": "01a23301-7f41-7641-80b0-f10feb24a222", "key": "gifts", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(donations)"}, "label": "Gifts", "required": false}, {"id": "01a23301-7f41-73d2-a20e-31354bb5f330", "key": "mean_gift", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gifts > 0 then raised / gifts else null"}, "label": "Mean gift", "required": false}, {"id": "01a23301-7f41-7704-a9ee-587572c8197a", "key": "page", "type": {"kind": "web"}, "label": "Page", "required": false}, {"id": "01a23301-7f42-7dd0-aba0-5bbffd6fb41a", "key": "manager", "type": {"kind": "person"}, "label": "Manager", "required": false}, {"id": "01a23301-7f42-71c8-9c88-ffc8fa5eeba1", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["state", "begins_on", "ends_on", "target", "raised", "share", "gifts", "mean_gift"], "plural": "Appeals", "singular": "Appeal", "constraints": [{"kind": "must", "message": "An appeal cannot end before it begins.", "condition": "ends_on = null or begins_on = null or ends_on >= begins_on"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'donations', 1, 'published', 9, '{"id": "01a23301-7f42-709c-a764-e9dd47539121", "key": "donations", "mark": "DON", "alike": [], "title": "donor_name", "beside": ["amount"], "fields": [{"id": "01a23301-7f42-707c-a052-91b1e8e50fb6", "key": "donor_name", "type": {"kind": "text"}, "label": "Donor", "required": true}, {"id": "01a23301-7f42-76f1-881f-7f8394c38fb7", "key": "donor", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "clients"}, "label": "Donor in Clients", "required": false}, {"id": "01a23301-7f42-7153-9d87-5b8bf28a9b66", "key": "appeal", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "appeals"}, "label": "Appeal", "required": true}, {"id": "01a23301-7f42-7884-99db-9fb12d265fce", "key": "received_on", "type": {"kind": "date"}, "label": "Received", "required": true}, {"id": "01a23301-7f42-7f83-97b9-1e276160f0b6", "key": "amount", "type": {"kind": "money", "least": "0.01", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a23301-7f42-7a7d-959e-6256e39c7401", "key": "kind", "type": {"kind": "choice", "list": "donation_kinds"}, "label": "Kind", "required": false}, {"id": "01a23301-7f42-7427-92bf-c3077e1902c6", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a23301-7f42-751e-91ca-77f4d3e6941a", "key": "gift_aid", "type": {"kind": "yes_no"}, "label": "Gift Aid declared", "required": false}, {"id": "01a23301-7f42-7a4b-956c-2ce154a32e9a", "key": "tax_to_claim", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gift_aid = true then amount * 0.25 else 0"}, "label": "Tax to claim", "required": false}, {"id": "01a23301-7f42-7f78-91da-b4aecfd63f37", "key": "worth", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "amount + tax_to_claim"}, "label": "Worth to the appeal", "required": false}, {"id": "01a23301-7f42-7d2a-86a6-22538b4aad6b", "key": "anonymous", "type": {"kind": "yes_no"}, "label": "Wants no name", "required": false}, {"id": "01a23301-7f42-7b3f-bf22-930cf96d375d", "key": "thanked_on", "type": {"kind": "date"}, "label": "Thanked", "required": false}, {"id": "01a23301-7f42-7d78-9588-8c4134b1d456", "key": "receipt", "type": {"kind": "running_number", "width": 4, "prefix": "R-", "restart": "yearly"}, "label": "Receipt number", "required": false}, {"id": "01a23301-7f42-795f-b454-fac5d1c57452", "key": "note", "type": {"kind": "long_text"}, "label": "Note", "required": false}], "listed": ["appeal", "received_on", "amount", "kind", "gift_aid", "worth", "thanked_on", "receipt"], "plural": "Donations", "singular": "Donation", "constraints": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'purchases', 1, 'published', 10, '{"id": "01a23301-7f43-7fcd-a6a5-a4c89a8a99d1", "key": "purchases", "mark": "PUR", "alike": [], "title": "what_for", "beside": ["supplier"], "fields": [{"id": "01a23301-7f42-7a7f-887a-b351a9b72da0", "key": "what_for", "type": {"kind": "text"}, "label": "What for", "required": true}, {"id": "01a23301-7f42-79f0-8a5e-d40dbba5e0a2", "key": "supplier", "type": {"back": {"key": "purchases", "label": "Purchases"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a23301-7f42-73f4-bac1-9c9aa7b1775c", "key": "requested_by", "type": {"kind": "person"}, "label": "Requested by", "required": false}, {"id": "01a23301-7f42-7546-b289-cfecb212e371", "key": "requested_on", "type": {"kind": "date"}, "label": "Requested", "required": true}, {"id": "01a23301-7f42-7caa-8bc7-1c4d32bd23fb", "key": "needed_by", "type": {"kind": "date"}, "label": "Needed by", "required": false}, {"id": "01a23301-7f42-7671-b02e-9f4e9130a003", "key": "cost_centre", "type": {"kind": "choice", "list": "cost_centres"}, "label": "Cost centre", "required": false}, {"id": "01a23301-7f42-77d6-8971-70a76740880e", "key": "state", "type": {"kind": "choice", "list": "purchase_states"}, "label": "State", "required": true}, {"id": "01a23301-7f42-7776-ade8-702a8e6a20ac", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a23301-7f43-70bf-b8ba-fb95fbffff02", "key": "stock", "type": {"back": {"key": "purchase_lines", "label": "Purchase lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a23301-7f43-7f5a-9d47-27011a6d5a4d", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a23301-7f43-71a9-9b5a-dfafa30eaaf5", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a23301-7f43-707b-9e1c-59e519869bd9", "key": "unit_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a23301-7f43-7aa2-a51c-c1ff679852d6", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": false}, {"id": "01a23301-7f43-7485-99ba-cf90fbe02e3f", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}, {"id": "01a23301-7f43-75d3-a6df-eb3f4508c4f9", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net * vat_rate.percentage"}, "label": "VAT", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a23301-7f43-7a7d-a104-a1fb10579e47", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "required": false}, {"id": "01a23301-7f43-743a-9b81-1694a20fa0c6", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.vat)"}, "label": "VAT", "required": false}, {"id": "01a23301-7f43-7115-bf9f-a95c8c5e8e9e", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a23301-7f43-78c4-a870-f2d6676a3621", "key": "received_value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(movements.value)"}, "label": "Received so far", "required": false}, {"id": "01a23301-7f43-7576-9f09-aa29837915b8", "key": "approved_amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Approved amount", "required": false}, {"id": "01a23301-7f43-766e-9f0a-45f68130c246", "key": "approved_by_accounts", "type": {"kind": "yes_no"}, "label": "Approved by accounts", "required": false}, {"id": "01a23301-7f43-7605-8b8e-f8dc622ce3fe", "key": "quotes", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Quotations", "required": false}], "listed": ["supplier", "requested_on", "needed_by", "cost_centre", "state", "gross", "received_value"], "plural": "Purchases", "singular": "Purchase", "constraints": [{"kind": "must", "message": "It cannot be needed before it is requested.", "condition": "needed_by = null or requested_on = null or needed_by >= requested_on"}]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'operations_manager', 1, 'published', 1, '{"id": "01a23301-7f43-72df-94b6-a843198d5564", "key": "operations_manager", "label": "Operations manager", "sets_up": ["registers", "forms", "people"], "registers": {}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'treasurer', 1, 'published', 4, '{"id": "01a23301-7f43-7114-98b5-8c3bf7587af9", "key": "treasurer", "label": "Treasurer", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'trustee', 1, 'published', 5, '{"id": "01a23301-7f43-72e0-8d19-98aa903b1e4b", "key": "trustee", "label": "Trustee", "sets_up": [], "registers": {"appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "purchases": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'office', 1, 'published', 7, '{"id": "01a23301-7f43-765e-8151-a775e6cc83c3", "key": "office", "label": "Office", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "appeals": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": ["iban"], "locked": [], "archive": true, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'client', 1, 'published', 8, '{"id": "01a23301-7f43-7170-9955-33b93e706335", "key": "client", "label": "Client", "sets_up": [], "registers": {"boats": {"add": false, "see": "owner = me.record", "when": {}, "change": false, "export": false, "hidden": ["berth"], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": "record = me.record", "only": ["phone", "address", "newsletter"], "when": {}, "change": "record = me.record", "export": false, "hidden": ["credit_limit", "over_limit", "notes"], "locked": [], "archive": false, "results": ["open_balance"]}, "invoices": {"add": false, "see": "client = me.record and state != null and state != \"draft\"", "when": {}, "change": false, "export": "client = me.record and state != null and state != \"draft\"", "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'report_incident', 1, 'published', 3, '{"id": "01a23301-7f45-76b0-9536-d1f8557ab68f", "key": "report_incident", "label": "Report an incident", "pages": [{"id": "01a23301-7f45-7963-8ace-515650602b32", "key": "what", "label": "What happened", "onward": [{"to": "hurt", "condition": "kind in (\"injury\", \"ill_health\")"}, {"to": "follow_up", "condition": "kind = \"near_miss\""}, {"to": "damage", "condition": "kind in (\"damage\", \"pollution\")"}]}, {"id": "01a23301-7f45-7330-afb8-a8e5592a4c02", "key": "hurt", "label": "Who was hurt", "onward": [{"to": "follow_up", "condition": "days_lost > 7"}, {"to": "follow_up", "condition": "days_lost <= 7"}], "introduction": "One line for each person."}, {"id": "01a23301-7f45-7836-a35c-303ef8f8afdc", "key": "damage", "label": "Damage and cost", "onward": [{"to": null, "condition": "cost <= 500"}]}, {"id": "01a23301-7f45-7dcc-80e2-8c3bfa4feab3", "key": "follow_up", "label": "What now", "onward": []}], "endings": [{"label": "Thank you. The safety trustee will call you", "words": "An injury with more than seven days off must be reported to the authority; that is done for you.", "leads_to": "thanks", "condition": "days_lost > 7"}, {"label": "Thank you for reporting", "words": "Every near miss that is told is an accident less.", "leads_to": "thanks", "condition": "kind = \"near_miss\""}, {"label": "Thank you", "words": "", "leads_to": "thanks"}], "purpose": "add", "register": "incidents", "sections": [{"key": "where", "help": "What you know; a berth or a place is enough.", "label": "Where it was"}], "questions": [{"id": "01a23301-7f45-7600-b85e-a126e0eabc9d", "help": "In one line, as you would tell it.", "page": "what", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f45-791e-9846-df9c838f1b57", "page": "what", "field": "kind", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f45-7bcd-bbbe-07af92254251", "page": "what", "field": "cause", "rules": []}, {"id": "01a23301-7f45-77cb-aa4e-7d9ca4faf0f6", "page": "what", "field": "happened_at", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "happened_at <= now()"}]}, {"id": "01a23301-7f45-7b24-95c1-9d59877aec9f", "page": "what", "field": "place", "rules": [], "section": "where"}, {"id": "01a23301-7f45-79bb-9dfc-62f80811ef4e", "page": "what", "field": "berth", "rules": [], "section": "where"}, {"id": "01a23301-7f45-7325-a13d-43185b6b5993", "page": "what", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}, {"from": "boat.owner.phone", "kind": "fills", "question": "owner_phone"}], "section": "where"}, {"id": "01a23301-7f45-75e7-ab2d-55d43a1ad598", "page": "what", "field": "owner", "rules": [], "section": "where"}, {"id": "01a23301-7f45-7258-97d7-080aba0053cd", "page": "what", "field": "owner_phone", "rules": [], "section": "where"}, {"id": "01a23301-7f45-75fa-9843-80cf26f7edc4", "page": "what", "field": "what_happened", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f45-72e1-ad93-829a64b04e7d", "page": "what", "field": "reported_by", "rules": []}, {"id": "01a23301-7f45-7592-bb45-d0ef027a0047", "page": "hurt", "field": "hurt", "rules": [{"kind": "asked_when", "condition": "kind in (\"injury\", \"ill_health\")"}, {"kind": "must_be_answered"}], "columns": [{"field": "days_lost", "rules": [{"kind": "asked_when", "condition": "employed = null or employed = true"}, {"kind": "must", "condition": "days_lost >= 0"}]}]}, {"id": "01a23301-7f45-7cf4-a295-9d3fd47500f7", "page": "hurt", "field": "days_lost", "rules": []}, {"id": "01a23301-7f45-7359-8b96-142f4bdd0cf1", "page": "hurt", "field": "witnesses", "rules": []}, {"id": "01a23301-7f45-7eee-a298-fe92d6713378", "page": "damage", "field": "cost", "rules": [{"kind": "must", "condition": "cost >= 0"}]}, {"id": "01a23301-7f45-7445-b1ca-7f278a70333b", "page": "damage", "field": "photos", "rules": []}, {"id": "01a23301-7f45-78d7-a837-ea94bdcdf013", "page": "follow_up", "field": "root_cause", "rules": []}, {"id": "01a23301-7f45-78d0-8447-c0d60dda109e", "page": "follow_up", "field": "actions", "rules": []}, {"id": "01a23301-7f45-704d-a2e8-ad865c4c5d1e", "page": "follow_up", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"open\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office", "safety_trustee", "treasurer"], "introduction": "Anything that hurt someone, could have, or broke something. If someone is in danger, call for help first."}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities', 1, 'published', 22, '{"id": "01a23301-8886-74e8-ac2e-f1794dfc467d", "key": "severities", "label": "Severities", "choices": [{"id": "01a23301-8885-7feb-a57a-ddb146eb22e5", "code": "scare", "label": "Scare"}, {"id": "01a23301-8886-7828-ac51-05cac183a821", "code": "damage", "label": "Damage"}, {"id": "01a23301-8886-74be-b938-c51a1c14c394", "code": "injury", "label": "Injury"}], "columns": []}', '2026-12-01 19:07:48.224+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 1, 'retired', 2, '{"id": "01a23301-7f43-74fe-ba65-8dec4ae4228d", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 2, 'published', 2, '{"id": "01a23301-7f43-74fe-ba65-8dec4ae4228d", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-12-01 19:07:48.77+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 1, 'retired', 11, '{"id": "01a23301-8885-7cc3-b5a1-f45696d7f5d1", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a23301-8885-7448-a3b3-0ac8809ca4d7", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a23301-8885-7f71-984f-13bc0c4965b1", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a23301-8885-7016-8005-874fac6fe61f", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a23301-8885-7738-8a8c-312026935edc", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a23301-8885-738c-950e-0bfc9a29ec99", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a23301-8885-77e8-bc5d-fa1d7be7766b", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a23301-8885-7850-80b7-863ef1ae22bc", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a23301-8885-7a70-8b15-716d654576a5", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-12-01 19:07:48.224+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 1, 'retired', 3, '{"id": "01a23301-7f43-746a-94db-a69a06e0128c", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 2, 'published', 3, '{"id": "01a23301-7f43-746a-94db-a69a06e0128c", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-12-01 19:07:48.77+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('form', 'new_client', 1, 'published', 1, '{"id": "01a23301-7f44-7b78-b589-a438b318f4af", "key": "new_client", "label": "New client", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a23301-7f44-7f07-b7d9-5a13475169dd", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f44-788c-9508-6fff56564033", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a23301-7f44-794d-a2a7-47c19bebe877", "field": "email", "rules": []}, {"id": "01a23301-7f44-79ca-b1ee-ca200e815097", "field": "phone", "rules": []}, {"id": "01a23301-7f44-774b-8df8-3ef77059a589", "field": "address", "rules": []}, {"id": "01a23301-7f44-73be-9460-6803fc358ef9", "field": "client_since", "rules": [{"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "client_since <= today()"}]}, {"id": "01a23301-7f44-77e1-97d1-941092bad392", "field": "credit_limit", "rules": [{"kind": "asked_when", "condition": "kind in (\"firm\", \"club\", \"school\")"}, {"kind": "must", "condition": "credit_limit >= 0"}]}, {"id": "01a23301-7f44-7260-8a2d-b1609ebeb158", "field": "newsletter", "rules": []}], "fill_in_by": ["office"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_arrival', 1, 'published', 2, '{"id": "01a23301-7f44-71be-a736-5e9060a50e40", "key": "boat_arrival", "label": "Boat arrival", "pages": [], "endings": [], "purpose": "add", "register": "boats", "sections": [], "questions": [{"id": "01a23301-7f44-7e2e-826a-e6baa993ff03", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f44-7bc5-ac1f-1fcd23386158", "field": "owner", "rules": [{"kind": "must_be_answered"}, {"asks": [{"field": "name", "rules": []}, {"field": "kind", "rules": []}, {"field": "email", "rules": []}, {"field": "phone", "rules": []}], "kind": "offers_new"}]}, {"id": "01a23301-7f44-7011-be8c-41d87c101462", "field": "hull", "rules": []}, {"id": "01a23301-7f44-7a06-9306-a4a1e6084808", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a23301-7f44-7549-a941-fb4a0f047360", "field": "state", "rules": [{"kind": "starts_as", "value": "\"afloat\""}]}, {"id": "01a23301-7f44-7cf1-85dc-1634888432ec", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}, {"kind": "offers_where", "condition": "entry.length_overall = null or longest >= entry.length_overall"}]}, {"id": "01a23301-7f44-7ff2-a75f-3c5fce7d1893", "field": "insured_until", "rules": []}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'raise_invoice', 1, 'published', 4, '{"id": "01a23301-7f46-7d53-96e9-991203ad987e", "key": "raise_invoice", "label": "Raise an invoice", "pages": [{"id": "01a23301-7f46-78fe-800f-6b2f92dcae43", "key": "who", "label": "Who and what", "onward": []}, {"id": "01a23301-7f46-75ad-9064-476f5dbe6631", "key": "lines", "label": "Lines", "onward": []}, {"id": "01a23301-7f46-706f-8447-71ad4144acc7", "key": "payment", "label": "Dates and state", "onward": []}], "endings": [], "purpose": "add", "register": "invoices", "sections": [], "questions": [{"id": "01a23301-7f45-787a-bfb8-4991693d1018", "page": "who", "field": "client", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f46-724a-9b41-f7614cd1035c", "page": "who", "field": "boat", "rules": [{"kind": "offers_where", "condition": "entry.client = null or owner = entry.client"}]}, {"id": "01a23301-7f46-7f46-89f3-e6438be24208", "page": "who", "field": "subject", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f46-7450-ae33-8b53ae1fb385", "help": "Choosing an item fills its name, its price and its VAT rate.", "page": "lines", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.sale_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a23301-7f46-7432-8837-82767ed1cdd0", "page": "lines", "field": "net", "rules": []}, {"id": "01a23301-7f46-7852-b5a2-65a5d19e067b", "page": "lines", "field": "vat", "rules": []}, {"id": "01a23301-7f46-753e-8f09-8a94770b0212", "page": "lines", "field": "gross", "rules": []}, {"id": "01a23301-7f46-7928-9f48-4e909d7684b2", "page": "payment", "field": "issued_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "issued_on <= today()"}]}, {"id": "01a23301-7f46-7610-82cc-f296a27543dc", "page": "payment", "field": "due_on", "rules": [{"kind": "starts_as", "value": "issued_on + duration(\"P30D\")"}, {"kind": "must", "condition": "due_on >= issued_on"}]}, {"id": "01a23301-7f46-71c2-b9c1-eb515176efee", "page": "payment", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issued\""}, {"kind": "offers_only", "choices": ["draft", "issued"]}]}], "fill_in_by": ["office", "treasurer"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'record_donation', 1, 'published', 5, '{"id": "01a23301-7f46-7b2d-8cd0-ba843c57b83b", "key": "record_donation", "label": "Record a donation", "pages": [], "endings": [{"label": "Thank you", "words": "The receipt number is on the record.", "leads_to": "another"}], "purpose": "add", "register": "donations", "sections": [{"key": "aid", "help": "Only for people who pay tax in the United Kingdom.", "label": "Gift Aid", "condition": "kind in (\"single\", \"regular\", \"in_memory\")"}], "questions": [{"id": "01a23301-7f46-7966-9a88-eb1f105a9b38", "field": "appeal", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as_opened", "register": "appeals"}]}, {"id": "01a23301-7f46-7612-8b79-4b2d435d68c8", "help": "If the donor is a client already; the name is filled in.", "field": "donor", "rules": [{"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a23301-7f46-7fdf-b5a7-393cc4083eea", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f46-7788-bc68-6c13a185a978", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a23301-7f46-7acc-b343-d9ef50515a76", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "received_on <= today()"}]}, {"id": "01a23301-7f46-70e4-82bd-bb3d8f0b3989", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a23301-7f46-7169-bc10-3af4a0ea62f1", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f46-7cac-9d1b-81830baf911b", "field": "gift_aid", "rules": [{"kind": "starts_as", "value": "false"}], "section": "aid"}, {"id": "01a23301-7f46-74e9-ba79-7d7f28eecb02", "field": "tax_to_claim", "rules": [], "section": "aid"}, {"id": "01a23301-7f46-7a49-9ca6-e4f8dc84f348", "field": "anonymous", "rules": [{"kind": "starts_as", "value": "false"}]}, {"id": "01a23301-7f46-7716-b84d-ff8bbb74420b", "field": "thanked_on", "rules": [{"kind": "asked_when", "condition": "anonymous = false"}]}, {"id": "01a23301-7f46-7b49-acc8-00c75db750e4", "field": "note", "rules": []}], "fill_in_by": ["office", "treasurer"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'appeal_gift', 1, 'published', 6, '{"id": "01a23301-7f47-7d30-b25f-e4f7b77895d9", "key": "appeal_gift", "label": "Gift to an appeal", "pages": [], "endings": [], "purpose": "add", "register": "donations", "sections": [], "questions": [{"id": "01a23301-7f46-7dbf-be1e-bc2b55e5aa6a", "field": "appeal", "rules": [{"kind": "starts_as_opened", "register": "appeals"}, {"kind": "hidden"}]}, {"id": "01a23301-7f46-7e6d-bcb6-468f40b47000", "field": "donor", "rules": [{"kind": "starts_as_addressed", "name": "donor"}, {"kind": "hidden"}, {"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a23301-7f46-71f5-893f-95bf41321e44", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f46-7b49-a346-b936027ee5b1", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a23301-7f46-7f9d-8dd9-e5149d064c83", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a23301-7f47-7563-b7d0-8f5656fdf779", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a23301-7f47-797e-b00c-f1e8e3b47ee3", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-72b2-8e79-d439a37f0c36", "field": "gift_aid", "rules": []}], "fill_in_by": ["office", "treasurer"], "introduction": "For the desk at an event: open it from the appeal’s page, and only the gift is asked."}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'purchase_request', 1, 'published', 7, '{"id": "01a23301-7f47-729e-aa40-2c452c22df91", "key": "purchase_request", "label": "Purchase request", "pages": [], "endings": [], "purpose": "add", "register": "purchases", "sections": [], "questions": [{"id": "01a23301-7f47-7a57-9b79-38f904df5d1b", "field": "what_for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-7e4c-8bf5-6e375dbb4cd4", "field": "supplier", "rules": []}, {"id": "01a23301-7f47-7fbf-9414-05b6adf70023", "field": "cost_centre", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-7b57-ae80-75d2e5b8e06f", "field": "requested_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "requested_on <= today()"}]}, {"id": "01a23301-7f47-7578-bc29-ce7e84160160", "field": "needed_by", "rules": [{"kind": "must", "condition": "needed_by >= requested_on"}]}, {"id": "01a23301-7f47-7383-8f84-7be1359c78df", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.cost_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a23301-7f47-7a2b-b2bc-1d3d924109a3", "field": "net", "rules": []}, {"id": "01a23301-7f47-78fb-8886-21e3dfa2a0c2", "field": "vat", "rules": []}, {"id": "01a23301-7f47-7608-822f-045c83b353aa", "field": "gross", "rules": []}, {"id": "01a23301-7f47-7a13-bf97-65482c42f272", "help": "Over 1,000 net we need a quotation.", "field": "quotes", "rules": [{"kind": "asked_when", "condition": "net >= 1000"}, {"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-7541-b84d-55b4b7ae443e", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"requested\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'stock_movement', 1, 'published', 8, '{"id": "01a23301-7f47-72e6-8edc-cca15ed1e791", "key": "stock_movement", "label": "Stock movement", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a23301-7f47-7492-a7ae-82fc9cac783a", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}, {"from": "stock.cost_price", "kind": "fills", "question": "unit_cost"}]}, {"id": "01a23301-7f47-7d38-91f3-1b3333db8389", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-792f-a988-1a63f5ed577e", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a23301-7f47-744f-ae19-e5585a760b1d", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a23301-7f47-7a4b-85eb-cab7552fc3eb", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a23301-7f47-74ab-a36a-564a5d53944a", "field": "unit_cost", "rules": [{"kind": "locked_when", "condition": "kind in (\"issue\", \"write_off\")"}]}, {"id": "01a23301-7f47-7c7c-a374-db1356a12b32", "field": "purchase", "rules": [{"kind": "asked_when", "condition": "kind = \"receipt\""}]}, {"id": "01a23301-7f47-701d-b9a3-999232b5f316", "field": "invoice", "rules": [{"kind": "asked_when", "condition": "kind in (\"issue\", \"return\")"}]}, {"id": "01a23301-7f47-74af-bb35-84439ed01a19", "field": "done_by", "rules": []}], "fill_in_by": ["yard_manager", "office"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'move_stock', 1, 'published', 14, '{"id": "01a23301-7f49-7667-80f0-f4174c29ca48", "key": "move_stock", "label": "Move stock", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a23301-7f49-7aed-9fbf-3090d1440b7d", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}]}, {"id": "01a23301-7f49-78e4-8106-b395b69a9892", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f49-733b-8bab-ab524f6189b7", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a23301-7f49-7f6a-9a38-80c890a5a9d2", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a23301-7f49-7d05-bf10-5107d3bb5f27", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a23301-7f49-78cb-9d4d-a724b1764cd9", "field": "done_by", "rules": []}], "fill_in_by": ["yard_hand"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_details', 1, 'published', 9, '{"id": "01a23301-7f48-7f17-a72e-f08b253c1273", "key": "boat_details", "label": "Yearly boat details", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a23301-7f47-74a2-8674-42721385b8cd", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-72b7-a96e-8868aee9866b", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f47-77d5-a5a2-22ddd3307e4f", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "offers_only", "choices": ["afloat", "ashore", "away"]}]}, {"id": "01a23301-7f47-7c59-8526-5f56fe8629ae", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}]}, {"id": "01a23301-7f48-7c12-a87a-5cafb9c1aa00", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a23301-7f48-7f1a-bd21-4dea0614f277", "field": "beam", "rules": []}, {"id": "01a23301-7f48-7a65-953c-03ba96176028", "field": "draught", "rules": []}, {"id": "01a23301-7f48-7d4c-b90e-5c77fc9d1601", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: ask for the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a23301-7f48-7e35-a095-f27963b453d6", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["office", "yard_manager"], "introduction": "What stood there last year stands beside what is changed."}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_inquiry', 1, 'published', 10, '{"id": "01a23301-7f48-7161-93bb-890c33a3306b", "key": "berth_inquiry", "label": "Berth inquiry", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a23301-7f48-75d0-8369-42244f3e9c3f", "field": "name", "label": "Who asks", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f48-7c7f-b617-1a7e1f0be7bd", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a23301-7f48-76b6-945c-cbeab6f15db5", "field": "phone", "rules": [{"kind": "must", "condition": "phone != null"}]}, {"id": "01a23301-7f48-7659-bca7-2481af0d5699", "field": "email", "rules": []}, {"id": "01a23301-7f48-7352-86fe-73686874576f", "help": "Length of the boat, from when, with or without power.", "field": "notes", "label": "What they are looking for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f48-781e-8b5b-50637f9a08ed", "field": "client_since", "rules": [{"kind": "hidden_as", "value": "today()"}]}], "fill_in_by": ["office", "yard_hand"], "registration": {"name": "name", "role": "client", "email": "email"}}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_item', 1, 'published', 11, '{"id": "01a23301-7f49-7970-9d10-625563c69c4c", "key": "new_item", "label": "New stock item", "pages": [{"id": "01a23301-7f49-7a8e-8ed9-316ef9b3a97f", "key": "what", "label": "What it is", "onward": []}, {"id": "01a23301-7f49-7a32-8c23-b4d892f1e32e", "key": "prices", "label": "Prices", "onward": []}, {"id": "01a23301-7f49-754f-adde-7a72fe318399", "key": "keeping", "label": "Keeping it", "onward": [], "introduction": "Only what is counted is reordered."}], "endings": [], "purpose": "add", "register": "stock", "sections": [], "questions": [{"id": "01a23301-7f48-7a0a-bcb7-e63c70d73ace", "page": "what", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f48-7a9c-b632-1b935d7ec10c", "page": "what", "field": "code", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f48-746e-9204-3e74753c5e76", "page": "what", "field": "group", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f48-741f-8dbe-662441c2e861", "page": "what", "field": "unit", "rules": [{"kind": "starts_as", "value": "\"each\""}]}, {"id": "01a23301-7f48-79fb-8d3b-7e362723ed7c", "page": "what", "field": "bar_code", "rules": []}, {"id": "01a23301-7f48-7cb0-b807-58061a5d027f", "page": "prices", "field": "cost_price", "rules": [{"kind": "must", "condition": "cost_price >= 0"}]}, {"id": "01a23301-7f48-7f8c-b65f-2fe1e645ab14", "page": "prices", "field": "sale_price", "rules": [{"kind": "must", "message": "It would be sold for less than it costs.", "condition": "cost_price = null or sale_price >= cost_price"}]}, {"id": "01a23301-7f48-7a1f-8e90-fa86955be013", "page": "prices", "field": "margin", "rules": []}, {"id": "01a23301-7f48-745b-8b89-f8c95b655ffc", "page": "prices", "field": "vat_rate", "rules": [{"kind": "starts_as", "value": "\"standard\""}]}, {"id": "01a23301-7f48-7f05-a681-d60b928d1604", "page": "prices", "field": "supplier", "rules": []}, {"id": "01a23301-7f48-718c-b98c-6f699b0aa8c3", "page": "keeping", "field": "counted", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a23301-7f48-774d-bc32-0ec9b6883665", "page": "keeping", "field": "shelf", "rules": []}, {"id": "01a23301-7f48-7de5-a269-7683c0ac56ae", "page": "keeping", "field": "reorder_point", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a23301-7f48-7679-afad-48ae7feb9f64", "page": "keeping", "field": "reorder_quantity", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a23301-7f48-78d3-ac26-227219b7caf7", "page": "keeping", "field": "picture", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_appeal', 1, 'published', 12, '{"id": "01a23301-7f49-7e70-b67f-8fa3a6544977", "key": "new_appeal", "label": "New appeal", "pages": [], "endings": [], "purpose": "add", "register": "appeals", "sections": [], "questions": [{"id": "01a23301-7f49-7bcf-bfe3-1d757b98c14f", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f49-70d6-a9ec-e0f2544d4102", "field": "purpose", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f49-78ed-9a08-de22b91385b8", "field": "target", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "target > 0"}]}, {"id": "01a23301-7f49-7a92-9667-717add5a7668", "field": "begins_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a23301-7f49-744b-a2ba-88e699ed11e3", "field": "ends_on", "rules": [{"kind": "must", "condition": "ends_on > begins_on"}]}, {"id": "01a23301-7f49-780d-9d3f-eb724563ec57", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "if begins_on > today() then \"planned\" else \"running\""}, {"kind": "offers_only", "choices": ["planned", "running"]}]}, {"id": "01a23301-7f49-716b-9e77-903a722f5772", "field": "boat", "rules": []}, {"id": "01a23301-7f49-7082-852d-035fb72735be", "field": "manager", "rules": []}, {"id": "01a23301-7f49-751c-a05c-d4dba9b3ab1a", "field": "page", "rules": []}, {"id": "01a23301-7f49-7ae5-8ffc-b0b946520c9e", "field": "picture", "rules": []}], "fill_in_by": ["office"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_details', 1, 'published', 13, '{"id": "01a23301-7f49-7341-b533-8507fdb2a806", "key": "berth_details", "label": "Berth details", "pages": [], "endings": [], "purpose": "both", "register": "berths", "sections": [], "questions": [{"id": "01a23301-7f49-78f4-a645-37dd409e7422", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f49-7349-bd6e-4e725f81c924", "field": "pontoon", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-7f49-74e3-8ba2-7d6c50f83567", "field": "longest", "rules": [{"kind": "must", "condition": "longest > 0"}]}, {"id": "01a23301-7f49-7eb4-ac6d-a7fea87ca8da", "field": "shore_power", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a23301-7f49-7f47-8ecb-3c7ef546101e", "field": "services", "rules": []}, {"id": "01a23301-7f49-7438-a97d-7a0c8267918e", "field": "yearly_fee", "rules": [{"kind": "must", "condition": "yearly_fee >= 0"}]}, {"id": "01a23301-7f49-7cee-aa85-bd437cbdbd93", "field": "position", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'your_boat', 1, 'published', 15, '{"id": "01a23301-7f4a-7ced-9b33-fcc574f7c534", "key": "your_boat", "label": "Your boat this year", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a23301-7f4a-76d0-b4fe-f8605e125704", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: send us the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a23301-7f4a-7cd4-9aa1-cfb3843bde38", "field": "sail_number", "rules": []}, {"id": "01a23301-7f4a-7990-90fc-fedc0bbf4afa", "field": "beam", "rules": []}, {"id": "01a23301-7f4a-73de-8ef0-29f29ec4b07d", "field": "draught", "rules": []}, {"id": "01a23301-7f4a-77d8-afbe-206c435188ea", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["client"], "introduction": "Tell us what has changed, so that nobody has to ring you."}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('route', 'near_misses', 1, 'published', 1, '{"id": "01a23301-8a53-7b94-a8d2-1612f26c9d76", "key": "near_misses", "sets": {"refused": [], "approved": [], "sent_back": []}, "label": "Near misses", "steps": [{"id": "01a23301-8a53-76c8-b487-3d04163d10f7", "who": {"kind": "role", "role": "yard_manager"}, "fills": [], "label": "Yard manager", "locks": [], "notes": [], "shows": null, "beside": false, "refused": "first", "deadline": null, "how_many": "any", "condition": "cost > 500"}], "stops": [], "amount": null, "mended": "first", "reopens": [], "may_sign": [], "register": "near_misses", "condition": null, "tolerance": null, "again_from": null, "last_resort": {"kind": "role", "role": "operations_manager"}}', '2026-12-01 19:07:48.689+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('form', 'report_a_near_miss', 1, 'published', 16, '{"id": "01a23301-8a30-736a-b433-05eb0a6b9dcb", "key": "report_a_near_miss", "label": "Report a near miss", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a23301-8a2f-7541-9742-e15564914019", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-8a2f-720d-b116-c43fb8613d65", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a23301-8a2f-7ba5-9d62-8868587283aa", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-8a2f-7356-a4f2-4dfa3311bff8", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a23301-8a2f-7b85-aa24-86f8eb308946", "field": "owner", "rules": []}, {"id": "01a23301-8a30-7f8f-85a9-fbf1ff2236bf", "field": "cost", "rules": [{"kind": "asked_when", "condition": "severity in (\"damage\", \"injury\")"}, {"kind": "must", "condition": "cost > 0"}]}, {"id": "01a23301-8a30-7d75-b1d6-458c28708b21", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": ["yard_hand"]}', '2026-12-01 19:07:48.77+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('register', 'boats', 1, 'retired', 2, '{"id": "01a23301-7f3e-766a-acc1-ea64fd2d1318", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a23301-7f3d-7893-bc05-4a70f30c6b5c", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f3d-7e51-9b73-6cfd5df14f80", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a23301-7f3e-76e3-80c6-a53f95a0c724", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a23301-7f3e-7feb-9c3c-40543fd318d5", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a23301-7f3e-7e8f-a0ed-bbc492f954b4", "key": "built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a23301-7f3e-7786-a45d-8b226e3a0934", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a23301-7f3e-7e56-880b-7b27e4693b5e", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a23301-7f3e-7db9-b7e5-e624cec57939", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a23301-7f3e-7c24-b16a-0fe2d8c4a934", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a23301-7f3e-78a9-be58-de0419f8b9c9", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a23301-7f3e-7471-889f-7be11967fa28", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a23301-7f3e-7e75-b8cf-e4ec446db15a", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a23301-7f3e-79aa-8b89-98cf5893e230", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a23301-7f3e-7943-90f5-71b8384ce668", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-12-01 19:07:45.846+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'boats', 2, 'published', 2, '{"id": "01a23301-7f3e-766a-acc1-ea64fd2d1318", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a23301-7f3d-7893-bc05-4a70f30c6b5c", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a23301-7f3d-7e51-9b73-6cfd5df14f80", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a23301-7f3e-76e3-80c6-a53f95a0c724", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a23301-7f3e-7feb-9c3c-40543fd318d5", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a23301-7f3e-7e8f-a0ed-bbc492f954b4", "key": "year_built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a23301-7f3e-7786-a45d-8b226e3a0934", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a23301-7f3e-7e56-880b-7b27e4693b5e", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a23301-7f3e-7db9-b7e5-e624cec57939", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a23301-7f3e-7c24-b16a-0fe2d8c4a934", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a23301-7f3e-78a9-be58-de0419f8b9c9", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a23301-7f3e-7471-889f-7be11967fa28", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a23301-7f3e-7e75-b8cf-e4ec446db15a", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a23301-7f3e-79aa-8b89-98cf5893e230", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a23301-7f3e-7943-90f5-71b8384ce668", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "year_built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-12-01 19:07:49.82+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 2, 'published', 11, '{"id": "01a23301-8885-7cc3-b5a1-f45696d7f5d1", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a23301-8885-7448-a3b3-0ac8809ca4d7", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a23301-8885-7f71-984f-13bc0c4965b1", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a23301-8885-7738-8a8c-312026935edc", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a23301-8885-738c-950e-0bfc9a29ec99", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a23301-8885-77e8-bc5d-fa1d7be7766b", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a23301-8885-7850-80b7-863ef1ae22bc", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a23301-8885-7a70-8b15-716d654576a5", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-12-01 19:07:50.345+00', '01a23301-84a2-7945-adf2-b62c7a15d06f');
INSERT INTO iolite.drafts VALUES ('report_a_near_miss', 1, '{"id": "01a23301-8a30-736a-b433-05eb0a6b9dcb", "key": "report_a_near_miss", "label": "Report a near miss soon", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a23301-8a2f-7541-9742-e15564914019", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-8a2f-720d-b116-c43fb8613d65", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a23301-8a2f-7ba5-9d62-8868587283aa", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a23301-8a2f-7356-a4f2-4dfa3311bff8", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a23301-8a2f-7b85-aa24-86f8eb308946", "field": "owner", "rules": []}, {"id": "01a23301-8a30-7d75-b1d6-458c28708b21", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": []}', '2026-12-01 19:07:50.678+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'form');
INSERT INTO iolite.groups VALUES ('01a23301-933a-7ba5-935f-26bc788bc378', '$argon2id$v=19$m=19456,t=2,p=1$jqvPFOpeC83usyPXmPk7bw$kkji0ROjtYimMke/iNIVHU5IXb9s92J0ce/Bw5li1VA', '{01a23301-7f45-76b0-9536-d1f8557ab68f}', '18:00');
INSERT INTO iolite.history VALUES (1, '01a23301-8ad0-7729-8c2f-4db65cf6b1fa', '2026-12-01 19:07:48.851+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'added', NULL, NULL, '{}', '01a23301-7f3d-7ff2-8cae-950f5d5ee8f6', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (2, '01a23301-8ad0-702e-b4d2-251b6ad1d358', '2026-12-01 19:07:48.937+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'added', NULL, NULL, '{}', '01a23301-7f3e-766a-acc1-ea64fd2d1318', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (3, '01a23301-8b5b-76be-808d-fc9636100140', '2026-12-01 19:07:48.962+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'added', NULL, NULL, '{}', '01a23301-7f3d-7ff2-8cae-950f5d5ee8f6', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (4, '01a23301-8b5c-7145-b46e-e8eef1b38da2', '2026-12-01 19:07:48.986+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'added', NULL, NULL, '{}', '01a23301-7f3e-766a-acc1-ea64fd2d1318', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (5, '01a23301-8b86-7d0f-a443-76419cd0e9bb', '2026-12-01 19:07:49.008+00', '01a23301-84bc-7a59-b405-e87470440c1b', 'added', 1, NULL, '{}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a30-736a-b433-05eb0a6b9dcb', NULL, NULL);
INSERT INTO iolite.history VALUES (6, '01a23301-8bf5-7558-a1e2-09a09f264d52', '2026-12-01 19:07:49.118+00', '01a23301-84bc-7a59-b405-e87470440c1b', 'added', 1, NULL, '{}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a30-736a-b433-05eb0a6b9dcb', NULL, NULL);
INSERT INTO iolite.history VALUES (7, '01a23301-8c1d-7faa-8638-2d0ee0a7e34a', '2026-12-01 19:07:49.16+00', '01a23301-84bc-7a59-b405-e87470440c1b', 'added', 1, NULL, '{}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a30-736a-b433-05eb0a6b9dcb', NULL, NULL);
INSERT INTO iolite.history VALUES (8, '01a23301-8c42-739b-90db-5d0279bf9693', '2026-12-01 19:07:49.193+00', '01a23301-84bc-7a59-b405-e87470440c1b', 'added', 1, NULL, '{}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a30-736a-b433-05eb0a6b9dcb', NULL, NULL);
INSERT INTO iolite.history VALUES (9, '01a23301-8bf5-7558-a1e2-09a09f264d52', '2026-12-01 19:07:49.448+00', '01a23301-84bf-7082-bb72-c0c61890efd9', 'sent_back', NULL, 'Seen on the pontoon.', '{}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (10, '01a23301-8c1d-7faa-8638-2d0ee0a7e34a', '2026-12-01 19:07:49.589+00', '01a23301-84bf-7082-bb72-c0c61890efd9', 'approved', NULL, 'Seen on the pontoon.', '{}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (11, '01a23301-8b86-7d0f-a443-76419cd0e9bb', '2026-12-01 19:07:49.62+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'changed', NULL, NULL, '{"01a23301-8885-7850-80b7-863ef1ae22bc": ["900", "950"]}', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (12, '01a23301-8e36-76b2-abeb-ddcbf6c8d9f1', '2026-12-01 19:07:49.692+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'added', NULL, NULL, '{}', '01a23301-7f40-7253-b22a-a5eabb9de96b', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (13, '01a23301-8b5c-7145-b46e-e8eef1b38da2', '2026-12-01 19:07:49.731+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'changed', NULL, NULL, '{"01a23301-7f3e-7e8f-a0ed-bbc492f954b4": [null, "1987"]}', '01a23301-7f3e-766a-acc1-ea64fd2d1318', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (14, '01a23301-8b5c-7145-b46e-e8eef1b38da2', '2026-12-01 19:07:49.764+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'archived', NULL, NULL, '{}', '01a23301-7f3e-766a-acc1-ea64fd2d1318', NULL, NULL, NULL);
INSERT INTO iolite.jobs VALUES ('01a23301-8be3-766a-bc98-3c6e9ddd0668', 'tell_waiting', '{"signOff": "01a23301-8b90-788a-9ad2-6a73cf91284b"}', NULL, '2026-12-01 19:07:49.091+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-12-01 19:07:49.091+00', NULL, 0, NULL);
INSERT INTO iolite.jobs VALUES ('01a23301-8c0e-7288-8f73-b8e13964fe95', 'tell_waiting', '{"signOff": "01a23301-8bfe-72f2-b2cb-edd94f272fef"}', NULL, '2026-12-01 19:07:49.134+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-12-01 19:07:49.134+00', NULL, 0, NULL);
INSERT INTO iolite.jobs VALUES ('01a23301-8c38-752c-8f65-14e2a6be4b93', 'tell_waiting', '{"signOff": "01a23301-8c28-74a8-a67d-e612a3f178a9"}', NULL, '2026-12-01 19:07:49.176+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-12-01 19:07:49.176+00', NULL, 0, NULL);
INSERT INTO iolite.jobs VALUES ('01a23301-8d63-76f0-9b04-d92713ac5edb', 'tell_waiting', '{"signOff": "01a23301-8bfe-72f2-b2cb-edd94f272fef"}', NULL, '2026-12-01 19:07:49.475+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-12-01 19:07:49.475+00', NULL, 0, NULL);
INSERT INTO iolite.jobs VALUES ('01a23301-9250-7b54-8406-d0fbc761a1f3', 'send_mail', '{"message": "01a23301-9250-7bf6-8434-554834a853b3"}', NULL, '2026-12-01 19:07:50.736+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-12-01 19:07:50.736+00', NULL, 0, NULL);
INSERT INTO iolite.jobs VALUES ('01a23301-9264-74d7-b4fc-e1c2d11545f9', 'send_mail', '{"message": "01a23301-9264-7803-a9b8-7b88b09fa462"}', NULL, '2026-12-01 19:07:50.756+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-12-01 19:07:50.756+00', NULL, 0, NULL);
INSERT INTO iolite.kept_entries VALUES ('01a23301-9387-7405-a246-ae1e006a20f9', '01a23301-84bc-7a59-b405-e87470440c1b', 1, NULL, 'Half a story', '{"typed": {"title": {"value": "Half a story"}}}', '2026-12-01 19:07:51.074+00', '01a23301-8a30-736a-b433-05eb0a6b9dcb');
INSERT INTO iolite.lists VALUES ('owed_to_us', 1, NULL, 1, '{"key": "owed_to_us", "view": {"by": "age_band", "find": "", "kept": "0", "look": "table", "sort": "due_on", "marks": "", "filter": "state in (\"issued\", \"part_paid\") and balance > 0", "totals": "sum:gross,sum:balance", "widths": "", "worked": "", "columns": "subject,client,due_on,gross,balance,days_late,state", "archived": "no"}, "label": "Owed to us", "counted": true, "register": "invoices", "first_for": [], "pinned_for": ["treasurer", "office"], "shared_with": ["operations_manager", "treasurer", "trustee", "office"]}', '2026-12-01 19:07:45.846+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('invoiced_by_month', 2, NULL, 1, '{"key": "invoiced_by_month", "view": {"by": "issued_on:month", "find": "", "kept": "0", "look": "table", "sort": "-issued_on", "marks": "", "filter": "state != \"draft\"", "totals": "sum:net,sum:gross,average:gross", "widths": "", "worked": "", "columns": "subject,client,issued_on,net,vat,gross", "archived": "no"}, "label": "Invoiced by month", "counted": false, "register": "invoices", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer"]}', '2026-12-01 19:07:45.846+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('to_reorder', 3, NULL, 1, '{"key": "to_reorder", "view": {"by": "group", "find": "", "kept": "0", "look": "table", "sort": "name", "marks": "", "filter": "to_reorder = true", "totals": "sum:reorder_quantity", "widths": "", "worked": "", "columns": "name,shelf,on_hand,reorder_point,reorder_quantity,cost_price,supplier", "archived": "no"}, "label": "To reorder", "counted": true, "register": "stock", "first_for": [], "pinned_for": ["yard_manager"], "shared_with": ["operations_manager", "yard_manager", "yard_hand", "office"]}', '2026-12-01 19:07:45.846+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('still_open', 4, NULL, 1, '{"key": "still_open", "view": {"by": "state", "find": "", "kept": "0", "look": "table", "sort": "-happened_at", "marks": "", "filter": "state != \"closed\"", "totals": "", "widths": "", "worked": "", "columns": "title,kind,happened_at,place,open_actions,state", "archived": "no"}, "label": "Still open", "counted": true, "register": "incidents", "first_for": [], "pinned_for": ["safety_trustee"], "shared_with": ["operations_manager", "yard_manager", "safety_trustee"]}', '2026-12-01 19:07:45.846+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('gifts_by_appeal', 5, NULL, 1, '{"key": "gifts_by_appeal", "view": {"by": "appeal,received_on:year", "find": "", "kept": "0", "look": "table", "sort": "-received_on", "marks": "", "filter": "", "totals": "sum:amount,different:donor", "widths": "", "worked": "", "columns": "donor_name,appeal,received_on,amount,gift_aid,worth", "archived": "no"}, "label": "Gifts by appeal", "counted": false, "register": "donations", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer", "trustee"]}', '2026-12-01 19:07:45.846+00', NULL, NULL);
INSERT INTO iolite.messages VALUES ('01a23301-9250-7bf6-8434-554834a853b3', '2026-12-01 19:07:50.736+00', '01a23301-9249-7bbb-9372-6099c727635b', 'Nell Harrow', 'nell.harrow@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Nell Harrow,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, nell.harrow@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'PYGsr90XMovxbjNp9s85QdXgxzR6qFT1aXpZv4nmz5k', 'waiting', NULL, '01a23301-9250-7b54-8406-d0fbc761a1f3');
INSERT INTO iolite.messages VALUES ('01a23301-9264-7803-a9b8-7b88b09fa462', '2026-12-01 19:07:50.756+00', '01a23301-925f-76cc-8e3e-4f04a81278b0', 'Anneke Voss', 'anneke.voss@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Anneke Voss,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, anneke.voss@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'w6oRUZ699owRSlHTyUp0JSAVus2dQCxAsh7rWvMbVSc', 'waiting', NULL, '01a23301-9264-74d7-b4fc-e1c2d11545f9');
INSERT INTO iolite.people VALUES ('01a23301-84be-750d-8dcc-90bcc783c7d1', 'dev.anand@example.org', 'Dev Anand', '{yard_hand}', NULL, 2, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84c1-7023-881b-8722dfc94c0d', 'ines.varga@example.org', 'Ines Varga', '{treasurer,trustee}', NULL, 4, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84c2-75ab-8050-13e14827400a', 'teo.marsh@example.org', 'Teo Marsh', '{safety_trustee,trustee}', NULL, 5, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84c3-7f02-a636-1b6198502f52', 'bea.quill@example.org', 'Bea Quill', '{office}', NULL, 6, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84c4-72e8-bed8-19318cd480b6', 'orla.margetts@example.org', 'Orla Margetts', '{client}', NULL, 7, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84c5-77bb-add0-6fe2650b2735', 'tomas.reed@example.org', 'Tomas Reed', '{trustee}', NULL, 8, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84a2-7945-adf2-b62c7a15d06f', 'runa.oakes@example.org', 'Runa Oakes', '{operations_manager}', '$argon2id$v=19$m=19456,t=2,p=1$8EzYyR1gWkRNKKGHJt5o3g$rHrt1SmA0Ht9AVo4aTfzbk6UcDQmowXNtv2sBtuJgZU', 0, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, '2026-12-01 19:07:48.012+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84bc-7a59-b405-e87470440c1b', 'piet.lund@example.org', 'Piet Lund', '{yard_hand}', NULL, 1, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, '2026-12-01 19:07:48.053+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-84bf-7082-bb72-c0c61890efd9', 'sana.whitlock@example.org', 'Sana Whitlock', '{yard_manager}', NULL, 3, NULL, 'person', '', '2026-12-01 19:07:45.846+00', NULL, '2026-12-01 19:07:48.083+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-9249-7bbb-9372-6099c727635b', 'nell.harrow@example.org', 'Nell Harrow', '{office}', NULL, 9, NULL, 'person', '', NULL, NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-925f-76cc-8e3e-4f04a81278b0', 'anneke.voss@example.org', 'Anneke Voss', '{yard_hand}', NULL, 10, NULL, 'person', '', NULL, '2026-12-01 19:07:50.942+00', NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-933a-7ba5-935f-26bc788bc378', '', 'Slipway tablet', '{yard_hand}', NULL, 11, NULL, 'group', '', '2026-12-01 19:07:50.965+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.people VALUES ('01a23301-9380-76b4-9d4d-9e823fb9939a', '', 'Year-end sums', '{treasurer}', NULL, 12, NULL, 'token', '', '2026-12-01 19:07:51.038+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0, '[]');
INSERT INTO iolite.receipts VALUES ('01a23301-8ad0-7729-8c2f-4db65cf6b1fa', 'clients', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'ac32ebddfb06e069aae0c9d5c335ac6409451b56df2bef228a7927726d93b03f');
INSERT INTO iolite.receipts VALUES ('01a23301-8ad0-702e-b4d2-251b6ad1d358', 'boats', '01a23301-84a2-7945-adf2-b62c7a15d06f', '795ebd036490f040b518b0a9a7a6746e152724219fc5c6c0029d13fdd5d7034a');
INSERT INTO iolite.receipts VALUES ('01a23301-8b5b-76be-808d-fc9636100140', 'clients', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'b043a888b836c8682d4237592e75dba8f0d51b88a62f46252c52ded2dda5da99');
INSERT INTO iolite.receipts VALUES ('01a23301-8b5c-7145-b46e-e8eef1b38da2', 'boats', '01a23301-84a2-7945-adf2-b62c7a15d06f', '1242c21ef8092372188df2595d8c30565598c941bdbafb6c8eb6c433c1fa9b35');
INSERT INTO iolite.receipts VALUES ('01a23301-8b86-7d0f-a443-76419cd0e9bb', 'near_misses', '01a23301-84bc-7a59-b405-e87470440c1b', '91040f4db247a177b4bb4d20495c202de7e1a8829386792eaf3b974a2c6a4000');
INSERT INTO iolite.receipts VALUES ('01a23301-8bf5-7558-a1e2-09a09f264d52', 'near_misses', '01a23301-84bc-7a59-b405-e87470440c1b', '88eb316cc87422030414a8ef955d278d95f8074517d6588eab0698cf9746ee8e');
INSERT INTO iolite.receipts VALUES ('01a23301-8c1d-7faa-8638-2d0ee0a7e34a', 'near_misses', '01a23301-84bc-7a59-b405-e87470440c1b', 'b604bab80d046cf4b4637f052d3129bbed708eb82aa7be0b24f1a0ced785ab3e');
INSERT INTO iolite.receipts VALUES ('01a23301-8c42-739b-90db-5d0279bf9693', 'near_misses', '01a23301-84bc-7a59-b405-e87470440c1b', '6aa5c8c1b0e94fa7c301a0060ac70b95a9e32ef7eeb2777ea1096025a6f2f10a');
INSERT INTO iolite.receipts VALUES ('01a23301-8e36-76b2-abeb-ddcbf6c8d9f1', 'invoices', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'cc59c27af022255549c3d525db8a8167161fab75cb6adf2b74b7970838138497');
INSERT INTO iolite.secret_links VALUES ('f7c64180bd69f108280a2cd9046431fddad6939c09a3d5fafc6d48f261369b58', 'invitation', '01a23301-9249-7bbb-9372-6099c727635b', NULL, '2026-12-01 19:07:50.731+00', '2026-12-08 19:07:50.731+00');
INSERT INTO iolite.series VALUES ('invoices', 'invoice_number', 0, 2);
INSERT INTO iolite.sessions VALUES ('5c35507af5de7d18ad05f847cc8d13f7d5dbd9f20fc61f54efc2022a35b3fedb', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:48.01+00', '2026-12-15 19:07:48.005+00', '2026-12-01 19:07:48.01+00', NULL, '64b1a7f7-1f1e-47a5-96ad-9f51f5593d4f', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('4fdcc506ec44f174f95e4dfef04811f745aba73fc697c04d6911179254f88a89', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:48.052+00', '2026-12-15 19:07:48.05+00', '2026-12-01 19:07:48.052+00', NULL, '1cb4aeaf-5387-4b51-be84-393b2c2db274', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('4397ebdd7e00639cdfc51df758944e65a166ce3b571e2a43d754686db959407e', '01a23301-84bf-7082-bb72-c0c61890efd9', '2026-12-01 19:07:48.082+00', '2026-12-15 19:07:48.08+00', '2026-12-01 19:07:48.082+00', NULL, '54aafdc1-63f8-48df-a4a7-94525ff0ad2b', 'node', false, NULL, NULL);
INSERT INTO iolite.set_aside VALUES ('01a23301-9141-7f68-bf5f-5519c0317ea1', 'near_misses', NULL, '-01a23301-8885-7016-8005-874fac6fe61f', '{"id": "01a23301-8885-7016-8005-874fac6fe61f", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}', '2026-12-01 19:07:50.345+00');
INSERT INTO iolite.sign_off_events VALUES (1, '01a23301-8b90-788a-9ad2-6a73cf91284b', '{"at": "2026-12-01T19:07:49.008Z", "by": "01a23301-84bc-7a59-b405-e87470440c1b", "from": 0, "kind": "sent", "sender": "01a23301-84bc-7a59-b405-e87470440c1b"}');
INSERT INTO iolite.sign_off_events VALUES (2, '01a23301-8b90-788a-9ad2-6a73cf91284b', '{"at": "2026-12-01T19:07:49.008Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a23301-84bf-7082-bb72-c0c61890efd9"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (3, '01a23301-8bfe-72f2-b2cb-edd94f272fef', '{"at": "2026-12-01T19:07:49.118Z", "by": "01a23301-84bc-7a59-b405-e87470440c1b", "from": 0, "kind": "sent", "sender": "01a23301-84bc-7a59-b405-e87470440c1b"}');
INSERT INTO iolite.sign_off_events VALUES (4, '01a23301-8bfe-72f2-b2cb-edd94f272fef', '{"at": "2026-12-01T19:07:49.118Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a23301-84bf-7082-bb72-c0c61890efd9"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (5, '01a23301-8c28-74a8-a67d-e612a3f178a9', '{"at": "2026-12-01T19:07:49.160Z", "by": "01a23301-84bc-7a59-b405-e87470440c1b", "from": 0, "kind": "sent", "sender": "01a23301-84bc-7a59-b405-e87470440c1b"}');
INSERT INTO iolite.sign_off_events VALUES (6, '01a23301-8c28-74a8-a67d-e612a3f178a9', '{"at": "2026-12-01T19:07:49.160Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a23301-84bf-7082-bb72-c0c61890efd9"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (7, '01a23301-8bfe-72f2-b2cb-edd94f272fef', '{"at": "2026-12-01T19:07:49.448Z", "by": "01a23301-84bf-7082-bb72-c0c61890efd9", "to": null, "for": "01a23301-84bf-7082-bb72-c0c61890efd9", "kind": "decided", "step": 0, "marks": [], "until": "2026-12-01T19:07:49.448Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "send_back"}');
INSERT INTO iolite.sign_off_events VALUES (8, '01a23301-8c28-74a8-a67d-e612a3f178a9', '{"at": "2026-12-01T19:07:49.589Z", "by": "01a23301-84bf-7082-bb72-c0c61890efd9", "to": null, "for": "01a23301-84bf-7082-bb72-c0c61890efd9", "kind": "decided", "step": 0, "marks": [], "until": "2026-12-01T19:07:49.589Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "approve"}');
INSERT INTO iolite.sign_off_events VALUES (9, '01a23301-8b90-788a-9ad2-6a73cf91284b', '{"at": "2026-12-01T19:07:49.620Z", "by": "01a23301-84a2-7945-adf2-b62c7a15d06f", "from": 0, "kept": false, "kind": "changed"}');
INSERT INTO iolite.sign_off_events VALUES (10, '01a23301-8b90-788a-9ad2-6a73cf91284b', '{"at": "2026-12-01T19:07:49.620Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a23301-84bf-7082-bb72-c0c61890efd9"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_parts VALUES ('01a23301-8b90-788a-9ad2-6a73cf91284b', 0, '01a23301-84bf-7082-bb72-c0c61890efd9', 'asked');
INSERT INTO iolite.sign_off_seen VALUES ('01a23301-8bfe-72f2-b2cb-edd94f272fef', 1, '{"01a23301-8885-7016-8005-874fac6fe61f": null, "01a23301-8885-738c-950e-0bfc9a29ec99": null, "01a23301-8885-7448-a3b3-0ac8809ca4d7": "Loose cleat", "01a23301-8885-7738-8a8c-312026935edc": null, "01a23301-8885-77e8-bc5d-fa1d7be7766b": "damage", "01a23301-8885-7850-80b7-863ef1ae22bc": "700", "01a23301-8885-7a70-8b15-716d654576a5": "The warp parted at the bollard while the yawl was being hauled.", "01a23301-8885-7f71-984f-13bc0c4965b1": "2026-12-01T19:07:49.109Z"}');
INSERT INTO iolite.sign_off_seen VALUES ('01a23301-8c28-74a8-a67d-e612a3f178a9', 1, '{"01a23301-8885-7016-8005-874fac6fe61f": null, "01a23301-8885-738c-950e-0bfc9a29ec99": null, "01a23301-8885-7448-a3b3-0ac8809ca4d7": "Bent rail", "01a23301-8885-7738-8a8c-312026935edc": "01a23301-8b5c-7145-b46e-e8eef1b38da2", "01a23301-8885-77e8-bc5d-fa1d7be7766b": "injury", "01a23301-8885-7850-80b7-863ef1ae22bc": "800", "01a23301-8885-7a70-8b15-716d654576a5": "The warp parted at the bollard while the yawl was being hauled.", "01a23301-8885-7f71-984f-13bc0c4965b1": "2026-12-01T19:07:49.149Z"}');
INSERT INTO iolite.sign_off_steps VALUES ('01a23301-8bfe-72f2-b2cb-edd94f272fef', 0, 'sent_back', '2026-12-01 19:07:49.118+00', NULL, 1, 0);
INSERT INTO iolite.sign_off_steps VALUES ('01a23301-8c28-74a8-a67d-e612a3f178a9', 0, 'signed', '2026-12-01 19:07:49.16+00', NULL, 1, 1);
INSERT INTO iolite.sign_off_steps VALUES ('01a23301-8b90-788a-9ad2-6a73cf91284b', 0, 'open', '2026-12-01 19:07:49.62+00', NULL, 1, 0);
INSERT INTO iolite.sign_offs VALUES ('01a23301-8bfe-72f2-b2cb-edd94f272fef', '01a23301-8bf5-7558-a1e2-09a09f264d52', 1, 1, 'sent_back', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.118+00', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a53-7b94-a8d2-1612f26c9d76', '01a23301-8a30-736a-b433-05eb0a6b9dcb', '01a23301-8a53-7b94-a8d2-1612f26c9d76', 1, '', '2026-12-01 19:07:49.448+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, NULL);
INSERT INTO iolite.sign_offs VALUES ('01a23301-8c28-74a8-a67d-e612a3f178a9', '01a23301-8c1d-7faa-8638-2d0ee0a7e34a', 1, 1, 'approved', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.16+00', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a53-7b94-a8d2-1612f26c9d76', '01a23301-8a30-736a-b433-05eb0a6b9dcb', '01a23301-8a53-7b94-a8d2-1612f26c9d76', 1, '', '2026-12-01 19:07:49.589+00', '2026-12-01 19:07:49.589+00', NULL, NULL, NULL, '{}', '{}', '2026-12-01 19:07:49.589+00', NULL);
INSERT INTO iolite.sign_offs VALUES ('01a23301-8b90-788a-9ad2-6a73cf91284b', '01a23301-8b86-7d0f-a443-76419cd0e9bb', 1, 2, 'waiting', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.62+00', '01a23301-8885-7cc3-b5a1-f45696d7f5d1', '01a23301-8a53-7b94-a8d2-1612f26c9d76', '01a23301-8a30-736a-b433-05eb0a6b9dcb', '01a23301-8a53-7b94-a8d2-1612f26c9d76', 1, 'Yard manager', '2026-12-01 19:07:49.008+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, '2026-12-01 19:07:49.62+00');
INSERT INTO iolite.tokens VALUES ('01a23301-9380-76b4-9d4d-9e823fb9939a', '0e1551a14c75c4853219b4781027a9e2fa93bc2adefa6e0995b94aef9f097c69', '', '2999-12-31', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:51.04+00');
INSERT INTO iolite.workspace VALUES (1, 6, 'Tern Quay Boatyard', 'en-GB', 'Europe/London', 'GBP', '{2026-01-01,2026-04-03,2026-04-06,2026-05-04,2026-05-25,2026-08-31,2026-12-25,2026-12-28,2027-01-01,2027-03-26,2027-03-29,2027-05-03,2027-05-31,2027-08-30,2027-12-27,2027-12-28}', '{"email": "email", "register": "clients"}', true, true, NULL, NULL, NULL, NULL);
INSERT INTO iolite.workspace_history VALUES (1, '2026-12-01 19:07:50.702+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'invited', '01a23301-9249-7bbb-9372-6099c727635b', 'invited Nell Harrow');
INSERT INTO iolite.workspace_history VALUES (2, '2026-12-01 19:07:50.702+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'invited', '01a23301-925f-76cc-8e3e-4f04a81278b0', 'invited Anneke Voss');
INSERT INTO iolite.workspace_history VALUES (3, '2026-12-01 19:07:50.942+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'switched', '01a23301-925f-76cc-8e3e-4f04a81278b0', 'switched Anneke Voss off');
INSERT INTO iolite.workspace_history VALUES (4, '2026-12-01 19:07:51.025+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'group', '01a23301-933a-7ba5-935f-26bc788bc378', 'let Slipway tablet in by a code');
INSERT INTO iolite.workspace_history VALUES (5, '2026-12-01 19:07:51.04+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', 'token', '01a23301-9380-76b4-9d4d-9e823fb9939a', 'made the token Year-end sums');
INSERT INTO records.boats VALUES ('01a23301-8ad0-702e-b4d2-251b6ad1d358', 1, 'BOA-0001', 1, '2026-12-01 19:07:48.937+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:48.937+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', NULL, ' boa-0001 sea thrift', ' sea thrift boa-0001', 'Sea Thrift', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a23301-8ad0-7729-8c2f-4db65cf6b1fa', NULL);
INSERT INTO records.boats VALUES ('01a23301-8b5c-7145-b46e-e8eef1b38da2', 2, 'BOA-0002', 3, '2026-12-01 19:07:48.986+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:49.731+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:49.764+00', ' boa-0002 samphire 1987 1987', ' samphire boa-0002', 'Samphire', NULL, NULL, 1987, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a23301-8b5b-76be-808d-fc9636100140', NULL);
INSERT INTO records.clients VALUES ('01a23301-8ad0-7729-8c2f-4db65cf6b1fa', 1, 'CLI-0001', 1, '2026-12-01 19:07:48.851+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:48.851+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', NULL, ' cli-0001 owner of sea thrift private', ' owner of sea thrift cli-0001', 'Owner of Sea Thrift', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.clients VALUES ('01a23301-8b5b-76be-808d-fc9636100140', 2, 'CLI-0002', 1, '2026-12-01 19:07:48.962+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:48.962+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', NULL, ' cli-0002 owner of samphire private', ' owner of samphire cli-0002', 'Owner of Samphire', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.invoices VALUES ('01a23301-8e36-76b2-abeb-ddcbf6c8d9f1', 1, 'INV-0001', 1, '2026-12-01 19:07:49.692+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', '2026-12-01 19:07:49.692+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', NULL, ' inv-0001 berth fee tq-00001 01 feb 2026 01 mar 2026 issued fee, 2, 12.50, standard 20 % 25.00 25 25.00 25 5.00 5 0.00 0 0.00 0 5.00 5 30.00 30 0.00 0 30.00 30', ' berth fee inv-0001', 'Berth fee', 'TQ-00001', '2026-02-01', '2026-03-01', 'issued', '{}', '01a23301-8ad0-7729-8c2f-4db65cf6b1fa', '01a23301-8ad0-702e-b4d2-251b6ad1d358');
INSERT INTO records.near_misses VALUES ('01a23301-8bf5-7558-a1e2-09a09f264d52', 2, 'NEA-0002', 1, '2026-12-01 19:07:49.118+00', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.118+00', '01a23301-84bc-7a59-b405-e87470440c1b', NULL, ' nea-0002 loose cleat 01 dec 2026, 19:07 damage 700.00 700 the warp parted at the bollard while the yawl was being hauled.', ' loose cleat nea-0002', 'Loose cleat', '2026-12-01 19:07:49.109+00', 'damage', 700.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a23301-8c1d-7faa-8638-2d0ee0a7e34a', 3, 'NEA-0003', 1, '2026-12-01 19:07:49.16+00', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.16+00', '01a23301-84bc-7a59-b405-e87470440c1b', NULL, ' nea-0003 bent rail 01 dec 2026, 19:07 injury 800.00 800 the warp parted at the bollard while the yawl was being hauled.', ' bent rail nea-0003', 'Bent rail', '2026-12-01 19:07:49.149+00', 'injury', 800.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a23301-8b5c-7145-b46e-e8eef1b38da2', NULL);
INSERT INTO records.near_misses VALUES ('01a23301-8c42-739b-90db-5d0279bf9693', 4, 'NEA-0004', 1, '2026-12-01 19:07:49.193+00', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.193+00', '01a23301-84bc-7a59-b405-e87470440c1b', NULL, ' nea-0004 slipped on weed 01 dec 2026, 19:07 scare the warp parted at the bollard while the yawl was being hauled.', ' slipped on weed nea-0004', 'Slipped on weed', '2026-12-01 19:07:49.187+00', 'scare', NULL, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a23301-8b86-7d0f-a443-76419cd0e9bb', 1, 'NEA-0001', 2, '2026-12-01 19:07:49.008+00', '01a23301-84bc-7a59-b405-e87470440c1b', '2026-12-01 19:07:49.62+00', '01a23301-84a2-7945-adf2-b62c7a15d06f', NULL, ' nea-0001 parted warp 01 dec 2026, 19:07 damage 950.00 950 the warp parted at the bollard while the yawl was being hauled.', ' parted warp nea-0001', 'Parted warp', '2026-12-01 19:07:48.998+00', 'damage', 950.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a23301-8ad0-702e-b4d2-251b6ad1d358', NULL);
INSERT INTO rows."invoices.lines" VALUES ('01a23301-8e36-7e26-a0d9-bddf7537ef93', '01a23301-8e36-76b2-abeb-ddcbf6c8d9f1', 0, NULL, 'Fee', 2.00, 12.50, 'standard', DEFAULT);
SELECT pg_catalog.setval('drizzle.__drizzle_migrations_id_seq', 23, true);
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
ALTER TABLE ONLY iolite.calendar_feeds
    ADD CONSTRAINT calendar_feeds_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.calendar_feeds
    ADD CONSTRAINT calendar_feeds_secret_hash_unique UNIQUE (secret_hash);
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
ALTER TABLE ONLY iolite.import_shapes
    ADD CONSTRAINT import_shapes_register_id_shape_pk PRIMARY KEY (register_id, shape);
ALTER TABLE ONLY iolite.imports
    ADD CONSTRAINT imports_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.jobs
    ADD CONSTRAINT jobs_pkey PRIMARY KEY (id);
ALTER TABLE ONLY iolite.kept_entries
    ADD CONSTRAINT kept_entries_person_id_id_pk PRIMARY KEY (person_id, id);
ALTER TABLE ONLY iolite.known_sources
    ADD CONSTRAINT known_sources_person_id_source_pk PRIMARY KEY (person_id, source);
ALTER TABLE ONLY iolite.list_file_parts
    ADD CONSTRAINT list_file_parts_job_id_at_pk PRIMARY KEY (job_id, at);
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
CREATE INDEX near_misses_berth_idx ON records.near_misses USING btree ("-01a23301-8885-7016-8005-874fac6fe61f");
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
ALTER TABLE ONLY iolite.calendar_feeds
    ADD CONSTRAINT calendar_feeds_person_id_people_id_fk FOREIGN KEY (person_id) REFERENCES iolite.people(id) ON DELETE CASCADE;
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
ALTER TABLE ONLY iolite.list_file_parts
    ADD CONSTRAINT list_file_parts_job_id_jobs_id_fk FOREIGN KEY (job_id) REFERENCES iolite.jobs(id) ON DELETE CASCADE;
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
    ADD CONSTRAINT near_misses_berth_fkey FOREIGN KEY ("-01a23301-8885-7016-8005-874fac6fe61f") REFERENCES records.berths(id);
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
