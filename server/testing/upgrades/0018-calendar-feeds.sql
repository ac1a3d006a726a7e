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
    "-01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4" uuid,
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
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (1, NULL, 1, '{"job":"01a227f0-06f9-726f-a207-c2405b30d1dc"}', 0, '2026-11-29 15:32:51.204733+00', 0, 8, NULL, '2026-11-29 15:32:51.204733+00', '2026-11-29 15:32:51.204733+00', '01a227f0-06f9-726f-a207-c2405b30d1dc', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (2, NULL, 1, '{"job":"01a227f0-0785-7347-bebd-d005e6c3268b"}', 0, '2026-11-29 15:32:51.613693+00', 0, 8, NULL, '2026-11-29 15:32:51.613693+00', '2026-11-29 15:32:51.613693+00', '01a227f0-0785-7347-bebd-d005e6c3268b', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (3, NULL, 1, '{"job":"01a227f0-07fc-7c8f-bccc-b85abfb29c75"}', 0, '2026-11-29 15:32:51.764205+00', 0, 8, NULL, '2026-11-29 15:32:51.764205+00', '2026-11-29 15:32:51.764205+00', '01a227f0-07fc-7c8f-bccc-b85abfb29c75', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (4, NULL, 1, '{"job":"01a227f0-0b15-7d59-907e-7c01e88fba29"}', 0, '2026-11-29 15:32:52.571614+00', 0, 8, NULL, '2026-11-29 15:32:52.571614+00', '2026-11-29 15:32:52.571614+00', '01a227f0-0b15-7d59-907e-7c01e88fba29', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (5, NULL, 1, '{"job":"01a227f0-1bc2-7e37-8541-4309c2990ff3"}', 0, '2026-11-29 15:32:56.761515+00', 0, 8, NULL, '2026-11-29 15:32:56.761515+00', '2026-11-29 15:32:56.761515+00', '01a227f0-1bc2-7e37-8541-4309c2990ff3', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (6, NULL, 1, '{"job":"01a227f0-1bdf-7655-96a4-5aae25aeca66"}', 0, '2026-11-29 15:32:56.761515+00', 0, 8, NULL, '2026-11-29 15:32:56.761515+00', '2026-11-29 15:32:56.761515+00', '01a227f0-1bdf-7655-96a4-5aae25aeca66', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_tasks OVERRIDING SYSTEM VALUE VALUES (1, 'iolite');
INSERT INTO graphile_worker.migrations VALUES (1, '2026-11-29 15:32:47.670939+00', true);
INSERT INTO graphile_worker.migrations VALUES (2, '2026-11-29 15:32:47.69501+00', false);
INSERT INTO graphile_worker.migrations VALUES (3, '2026-11-29 15:32:47.701655+00', true);
INSERT INTO graphile_worker.migrations VALUES (4, '2026-11-29 15:32:47.708665+00', false);
INSERT INTO graphile_worker.migrations VALUES (5, '2026-11-29 15:32:47.713007+00', false);
INSERT INTO graphile_worker.migrations VALUES (6, '2026-11-29 15:32:47.717032+00', false);
INSERT INTO graphile_worker.migrations VALUES (7, '2026-11-29 15:32:47.721703+00', false);
INSERT INTO graphile_worker.migrations VALUES (8, '2026-11-29 15:32:47.727841+00', false);
INSERT INTO graphile_worker.migrations VALUES (9, '2026-11-29 15:32:47.731227+00', false);
INSERT INTO graphile_worker.migrations VALUES (10, '2026-11-29 15:32:47.733254+00', false);
INSERT INTO graphile_worker.migrations VALUES (11, '2026-11-29 15:32:47.734603+00', true);
INSERT INTO graphile_worker.migrations VALUES (12, '2026-11-29 15:32:47.767213+00', false);
INSERT INTO graphile_worker.migrations VALUES (13, '2026-11-29 15:32:47.770183+00', true);
INSERT INTO graphile_worker.migrations VALUES (14, '2026-11-29 15:32:47.775892+00', true);
INSERT INTO graphile_worker.migrations VALUES (15, '2026-11-29 15:32:47.77948+00', false);
INSERT INTO graphile_worker.migrations VALUES (16, '2026-11-29 15:32:47.78244+00', true);
INSERT INTO graphile_worker.migrations VALUES (17, '2026-11-29 15:32:47.789789+00', false);
INSERT INTO graphile_worker.migrations VALUES (18, '2026-11-29 15:32:47.794207+00', false);
INSERT INTO graphile_worker.migrations VALUES (19, '2026-11-29 15:32:47.797913+00', true);
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
INSERT INTO iolite.decisions VALUES (1, '01a227f0-0723-7ad9-a96a-e2be56756170', 1, 0, '01a227ef-f4cd-7696-95e9-498f6749d69e', 'send_back', 'Seen on the pontoon.', 1, '2026-11-29 15:32:52.575+00', '01a227ef-f4cd-7696-95e9-498f6749d69e', '[]', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', 1, '2026-11-29 15:32:51.619+00', NULL);
INSERT INTO iolite.decisions VALUES (2, '01a227f0-07b7-735a-a972-ce4c1a39f3fc', 1, 0, '01a227ef-f4cd-7696-95e9-498f6749d69e', 'approve', 'Seen on the pontoon.', 1, '2026-11-29 15:32:53.048+00', '01a227ef-f4cd-7696-95e9-498f6749d69e', '[]', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', 1, '2026-11-29 15:32:51.767+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'client_kinds', 1, 'published', 1, '{"id": "01a227ef-e75d-712b-a32b-db24a7ca3d59", "key": "client_kinds", "label": "Client kinds", "choices": [{"id": "01a227ef-e75d-737e-b826-ee74a82527a0", "code": "private", "label": "Private"}, {"id": "01a227ef-e75d-7bd2-8277-535348a505a5", "code": "firm", "label": "Firm"}, {"id": "01a227ef-e75d-7480-bb07-1fce6973b709", "code": "club", "label": "Club"}, {"id": "01a227ef-e75d-7201-b30d-de61599d170e", "code": "school", "label": "School"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'hull_kinds', 1, 'published', 2, '{"id": "01a227ef-e75e-74d4-a9be-27fc1610b882", "key": "hull_kinds", "label": "Hull kinds", "choices": [{"id": "01a227ef-e75d-7a2c-abe9-29c5708bad78", "code": "sail", "label": "Sail"}, {"id": "01a227ef-e75d-76b3-8c76-e489716384b2", "code": "motor", "label": "Motor"}, {"id": "01a227ef-e75e-7d3b-8e0e-192f4057a05a", "code": "rowing", "label": "Rowing"}, {"id": "01a227ef-e75e-7e3e-a6f4-ba58d9e4d6c2", "code": "work_boat", "label": "Work boat"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'boat_states', 1, 'published', 3, '{"id": "01a227ef-e75e-7e28-98b7-528f10809dbe", "key": "boat_states", "label": "Boat states", "choices": [{"id": "01a227ef-e75e-7a99-ab01-982d8180c82e", "code": "afloat", "label": "Afloat"}, {"id": "01a227ef-e75e-7555-b781-c28c56b2f311", "code": "ashore", "label": "Ashore"}, {"id": "01a227ef-e75e-75df-af28-5e63ad498d3d", "code": "away", "label": "Away"}, {"id": "01a227ef-e75e-7c9c-953d-0bea41d23cff", "code": "sold", "label": "Sold"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'pontoons', 1, 'published', 4, '{"id": "01a227ef-e75e-72d5-ab0b-964e67495ad1", "key": "pontoons", "label": "Pontoons", "choices": [{"id": "01a227ef-e75e-70bc-be49-dd0f60706ee4", "code": "a_pontoon", "label": "A pontoon"}, {"id": "01a227ef-e75e-7890-98a8-7cd05d991466", "code": "b_pontoon", "label": "B pontoon"}, {"id": "01a227ef-e75e-76c4-93d0-aecddc6d4e20", "code": "c_pontoon", "label": "C pontoon"}, {"id": "01a227ef-e75e-7061-9bb3-e71539393e8e", "code": "wall", "label": "Wall"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'invoice_states', 1, 'published', 5, '{"id": "01a227ef-e75e-7960-a705-36c36c2e4b87", "key": "invoice_states", "label": "Invoice states", "choices": [{"id": "01a227ef-e75e-77ea-a907-473964a3eb73", "code": "draft", "label": "Draft", "colour": "plain"}, {"id": "01a227ef-e75e-7336-89dd-250e6d1d3a0d", "code": "issued", "label": "Issued", "colour": "straw"}, {"id": "01a227ef-e75e-733c-9826-0465d92e4a3c", "code": "part_paid", "label": "Part paid", "colour": "haze"}, {"id": "01a227ef-e75e-78a7-b0b5-57c80c2545f7", "code": "paid", "label": "Paid", "colour": "kelp"}, {"id": "01a227ef-e75e-77a8-9f2e-b8a87f694c8d", "code": "credited", "label": "Credited", "colour": "plain"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'vat_rates', 1, 'published', 6, '{"id": "01a227ef-e75f-7c2c-a96c-2c14cb342999", "key": "vat_rates", "label": "VAT rates", "choices": [{"id": "01a227ef-e75f-780e-84fe-bf8716735dad", "code": "standard", "extra": {"percentage": "0.2"}, "label": "Standard 20 %"}, {"id": "01a227ef-e75f-7ce5-931e-cd587ff0a1a9", "code": "reduced", "extra": {"percentage": "0.05"}, "label": "Reduced 5 %"}, {"id": "01a227ef-e75f-78b5-be9c-d259b270d5de", "code": "zero", "extra": {"percentage": "0"}, "label": "Zero 0 %"}, {"id": "01a227ef-e75f-7977-ba91-00c510db2fe3", "code": "exempt", "extra": {"percentage": "0"}, "label": "Exempt"}], "columns": [{"key": "percentage", "type": {"kind": "percent", "decimals": 2}, "label": "Percentage"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'payment_methods', 1, 'published', 7, '{"id": "01a227ef-e75f-7d43-ab4f-ac9de039c528", "key": "payment_methods", "label": "Payment methods", "choices": [{"id": "01a227ef-e75f-7892-bd0a-0203c181ab66", "code": "bank", "icon": "banknote", "label": "Bank transfer"}, {"id": "01a227ef-e75f-7756-b3ca-c491f58a3c2e", "code": "card", "icon": "credit card", "label": "Card"}, {"id": "01a227ef-e75f-7489-bf23-24bee0f7ca97", "code": "cash", "icon": "coins", "label": "Cash"}, {"id": "01a227ef-e75f-7e6b-9580-7ce643689d59", "code": "cheque", "label": "Cheque", "retired": true}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'stock_groups', 1, 'published', 8, '{"id": "01a227ef-e75f-7c73-b0bf-b7effe7e90a5", "key": "stock_groups", "label": "Stock groups", "choices": [{"id": "01a227ef-e75f-7bed-831a-86ee41270bda", "code": "rope", "label": "Rope and cordage"}, {"id": "01a227ef-e75f-728f-b089-77cc50bad233", "code": "paint", "label": "Paint and antifoul"}, {"id": "01a227ef-e75f-7253-b6bb-c071e5e021af", "code": "engine", "label": "Engine parts"}, {"id": "01a227ef-e75f-7882-a8a6-834623bc2c80", "code": "safety", "label": "Safety gear"}, {"id": "01a227ef-e75f-7571-bccd-db6a250de8e5", "code": "fittings", "label": "Deck fittings"}, {"id": "01a227ef-e75f-7dab-a3fd-df6da0ce565a", "code": "services", "label": "Yard services"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'units', 1, 'published', 9, '{"id": "01a227ef-e75f-732a-b312-aa60394c3a90", "key": "units", "label": "Units", "choices": [{"id": "01a227ef-e75f-79b0-a5a7-9b9e35c22e1f", "code": "each", "label": "each"}, {"id": "01a227ef-e75f-7df9-83fd-1df3d266236b", "code": "metre", "label": "metre"}, {"id": "01a227ef-e75f-7eb9-8f33-8e1f716d7c83", "code": "litre", "label": "litre"}, {"id": "01a227ef-e75f-7086-ac02-5f2eda631a67", "code": "pair", "label": "pair"}, {"id": "01a227ef-e75f-7f79-8241-9fd4d8830a19", "code": "hour", "label": "hour"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'movement_kinds', 1, 'published', 10, '{"id": "01a227ef-e75f-7917-b553-5a2520e91b6a", "key": "movement_kinds", "label": "Kinds of movement", "choices": [{"id": "01a227ef-e75f-75ff-97e9-4fb4cda96f5e", "code": "receipt", "icon": "box", "extra": {"sign": "1"}, "label": "Receipt", "colour": "kelp"}, {"id": "01a227ef-e75f-7c24-b01b-42357f9a83f8", "code": "issue", "icon": "truck", "extra": {"sign": "-1"}, "label": "Issue", "colour": "haze"}, {"id": "01a227ef-e75f-7780-ae83-9a9fe7711721", "code": "return", "extra": {"sign": "1"}, "label": "Return from customer"}, {"id": "01a227ef-e75f-7ca3-8222-b2aa614bae5a", "code": "write_off", "icon": "stop", "extra": {"sign": "-1"}, "label": "Write-off", "colour": "brick"}, {"id": "01a227ef-e75f-7a78-b7b6-3b515473e608", "code": "count_up", "extra": {"sign": "1"}, "label": "Count, found more"}, {"id": "01a227ef-e75f-7013-bf9a-1b196a68b11d", "code": "count_down", "extra": {"sign": "-1"}, "label": "Count, found less"}], "columns": [{"key": "sign", "type": {"kind": "number", "decimals": 0}, "label": "Sign"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'cost_centres', 1, 'published', 20, '{"id": "01a227ef-e762-7d8b-8885-1ec38c4c1fd1", "key": "cost_centres", "label": "Cost centres", "choices": [{"id": "01a227ef-e761-7b29-8aa6-9fb3897aac55", "code": "yard", "label": "Yard"}, {"id": "01a227ef-e761-74e3-b7eb-093135b39fe2", "code": "chandlery", "label": "Chandlery"}, {"id": "01a227ef-e761-7de3-8307-39ba67a5048e", "code": "office", "label": "Office"}, {"id": "01a227ef-e761-7eb1-9f34-e4bee8ab6372", "code": "restoration", "label": "Restoration"}, {"id": "01a227ef-e761-74af-9436-174e87c854bc", "code": "moorings", "label": "Moorings"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_kinds', 1, 'published', 11, '{"id": "01a227ef-e75f-7446-99ad-d912a977aa46", "key": "incident_kinds", "label": "Kinds of incident", "choices": [{"id": "01a227ef-e75f-7b75-a28b-f6d3a8838653", "code": "injury", "icon": "bandage", "label": "Injury", "colour": "brick"}, {"id": "01a227ef-e75f-710b-a873-7edd5fac72be", "code": "ill_health", "icon": "heart", "label": "Work-related ill health", "colour": "brick"}, {"id": "01a227ef-e75f-7495-aaec-cd35f03246ee", "code": "damage", "icon": "hammer", "label": "Damage to property", "colour": "straw"}, {"id": "01a227ef-e75f-7799-a31b-8a90026d6f72", "code": "pollution", "icon": "droplet", "label": "Spill or pollution", "colour": "straw"}, {"id": "01a227ef-e75f-75b1-b264-68539cef7f37", "code": "near_miss", "icon": "warning", "label": "Near miss", "colour": "haze"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_causes', 1, 'published', 12, '{"id": "01a227ef-e760-788f-ab70-f714f2beb01e", "key": "incident_causes", "label": "Causes", "parent": "incident_kinds", "choices": [{"id": "01a227ef-e75f-7750-92eb-a98a5b1eeb06", "code": "slip", "label": "Slip or trip", "parent": "injury"}, {"id": "01a227ef-e75f-7b8e-8562-40b2883f36d3", "code": "lifting", "label": "Lifting or carrying", "parent": "injury"}, {"id": "01a227ef-e75f-7dd7-ac22-231df6bcc63e", "code": "struck", "label": "Struck by something", "parent": "injury"}, {"id": "01a227ef-e75f-73a8-8882-93efe550cc8f", "code": "height", "label": "Fall from height", "parent": "injury"}, {"id": "01a227ef-e75f-7cbc-94a4-7d4a25498894", "code": "fumes", "label": "Fumes or dust", "parent": "ill_health"}, {"id": "01a227ef-e760-704a-9a3e-caef3ca269fc", "code": "noise", "label": "Noise", "parent": "ill_health"}, {"id": "01a227ef-e760-72af-acfc-d7619c0c3d27", "code": "collision", "label": "Collision", "parent": "damage"}, {"id": "01a227ef-e760-7dcf-8d1c-7278330d4d60", "code": "dropped", "label": "Dropped load", "parent": "damage"}, {"id": "01a227ef-e760-7a84-ba16-36af1e4b9549", "code": "fuel", "label": "Fuel spill", "parent": "pollution"}, {"id": "01a227ef-e760-7615-8059-704d337b3483", "code": "rope", "label": "Rope or gear failed", "parent": "near_miss"}, {"id": "01a227ef-e760-74dd-b1a4-e14280001bf5", "code": "deck", "label": "Slippery deck", "parent": "near_miss"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities_of_harm', 1, 'published', 13, '{"id": "01a227ef-e760-72c6-ac89-3e8814013355", "key": "severities_of_harm", "label": "Severity", "choices": [{"id": "01a227ef-e760-7ba0-8aa8-9477b3b9e730", "code": "none", "label": "No harm", "colour": "plain"}, {"id": "01a227ef-e760-7866-9d91-6be34e6afbe5", "code": "first_aid", "label": "First aid", "colour": "haze"}, {"id": "01a227ef-e760-79fe-ba17-ed2fae3323fc", "code": "medical", "label": "Medical treatment", "colour": "straw"}, {"id": "01a227ef-e760-7d8a-a003-43f658deb99d", "code": "lost_time", "label": "Lost time", "colour": "brick"}, {"id": "01a227ef-e760-77be-a846-130d32000f6b", "code": "major", "label": "Major injury", "colour": "brick"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'body_parts', 1, 'published', 14, '{"id": "01a227ef-e760-75c1-bc64-0ab7b626243d", "key": "body_parts", "label": "Parts of the body", "choices": [{"id": "01a227ef-e760-71f6-9b93-87cf8f72881d", "code": "head", "label": "Head"}, {"id": "01a227ef-e760-742e-bcd6-46fd636fdc8e", "code": "eye", "label": "Eye"}, {"id": "01a227ef-e760-7a1d-8d99-70744a38849f", "code": "hand", "label": "Hand or finger"}, {"id": "01a227ef-e760-7728-93fe-f8d02b19e599", "code": "arm", "label": "Arm"}, {"id": "01a227ef-e760-7ba4-9ece-b2d63fc280c2", "code": "back", "label": "Back"}, {"id": "01a227ef-e760-724a-a4c9-2076d3cf57ca", "code": "leg", "label": "Leg"}, {"id": "01a227ef-e760-7752-b475-88fbbfbaa6ee", "code": "foot", "label": "Foot"}, {"id": "01a227ef-e760-76cd-ace2-0046ab18490e", "code": "other", "label": "Other"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'injury_kinds', 1, 'published', 15, '{"id": "01a227ef-e760-780a-8a44-35deaaeecd47", "key": "injury_kinds", "label": "Kinds of injury", "choices": [{"id": "01a227ef-e760-7c78-8722-8d8f435f7cac", "code": "cut", "label": "Cut"}, {"id": "01a227ef-e760-723b-9be5-2bbdc74f5aa6", "code": "bruise", "label": "Bruise"}, {"id": "01a227ef-e760-7364-96b3-73cd9530c838", "code": "sprain", "label": "Sprain or strain"}, {"id": "01a227ef-e760-72ee-8fcd-79142f6d8b82", "code": "fracture", "label": "Fracture"}, {"id": "01a227ef-e760-7863-aae3-72707494adf9", "code": "burn", "label": "Burn"}, {"id": "01a227ef-e760-77cd-a44d-4fb6a7a07d0f", "code": "other", "label": "Other"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_states', 1, 'published', 16, '{"id": "01a227ef-e760-721d-9d8f-02dd3c3ba8ad", "key": "incident_states", "label": "Investigation", "choices": [{"id": "01a227ef-e760-7e58-9a39-990b65726570", "code": "open", "label": "Open", "colour": "straw"}, {"id": "01a227ef-e760-7872-bf6e-b173309240ef", "code": "actions", "label": "Actions under way", "colour": "haze"}, {"id": "01a227ef-e760-7a6f-bf5c-83151fc6578b", "code": "closed", "label": "Closed", "colour": "kelp"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'appeal_states', 1, 'published', 17, '{"id": "01a227ef-e760-7d56-bbbc-b4ccef4c7483", "key": "appeal_states", "label": "Appeal states", "choices": [{"id": "01a227ef-e760-7a59-82da-44ef7ab69298", "code": "planned", "label": "Planned", "colour": "plain"}, {"id": "01a227ef-e760-7952-bd25-78f76f105be0", "code": "running", "label": "Running", "colour": "haze"}, {"id": "01a227ef-e760-7e7e-95c9-80f6ff5853c8", "code": "reached", "label": "Target reached", "colour": "kelp"}, {"id": "01a227ef-e760-7d91-b075-48493012942d", "code": "closed", "label": "Closed", "colour": "plain"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'donation_kinds', 1, 'published', 18, '{"id": "01a227ef-e761-73da-882f-575e296ad524", "key": "donation_kinds", "label": "Kinds of donation", "choices": [{"id": "01a227ef-e760-7968-9fa6-a73ce46385f8", "code": "single", "label": "Single gift"}, {"id": "01a227ef-e761-78a0-a3cd-e54700ab5037", "code": "regular", "label": "Regular gift"}, {"id": "01a227ef-e761-79d4-9e48-c7881cb599ba", "code": "in_memory", "label": "In memory"}, {"id": "01a227ef-e761-7ab9-af51-451605d6ed3e", "code": "grant", "label": "Grant"}, {"id": "01a227ef-e761-7e3d-b660-046f0402498e", "code": "in_kind", "label": "Gift in kind"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'purchase_states', 1, 'published', 19, '{"id": "01a227ef-e761-7f48-bb0e-f89888800c70", "key": "purchase_states", "label": "Purchase states", "choices": [{"id": "01a227ef-e761-7608-929a-d5ed947d9ace", "code": "requested", "icon": "clock", "label": "Requested", "colour": "straw"}, {"id": "01a227ef-e761-7c12-87d3-413295675c44", "code": "approved", "icon": "check", "label": "Approved", "colour": "haze"}, {"id": "01a227ef-e761-7db2-85b2-1ab49211d016", "code": "ordered", "icon": "truck", "label": "Ordered", "colour": "haze"}, {"id": "01a227ef-e761-7f63-afb4-4b492eaba487", "code": "received", "icon": "box", "label": "Received", "colour": "kelp"}, {"id": "01a227ef-e761-7fea-823e-cee0be472e70", "code": "cancelled", "icon": "stop", "label": "Cancelled", "colour": "plain"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'berth_services', 1, 'published', 21, '{"id": "01a227ef-e762-7c5b-8347-83d31f40c39e", "key": "berth_services", "label": "Berth services", "choices": [{"id": "01a227ef-e762-7aeb-9a5a-e1a9e621d785", "code": "water", "label": "Water"}, {"id": "01a227ef-e762-7b27-b8c0-93f90e864e02", "code": "power", "label": "Shore power"}, {"id": "01a227ef-e762-7a8b-bdbe-f9f562c414ad", "code": "fuel", "label": "Fuel"}, {"id": "01a227ef-e762-7a3c-84c4-b70d6d812a6f", "code": "wifi", "label": "Wi-Fi"}, {"id": "01a227ef-e762-7dfd-9cb0-978a4c6edd47", "code": "lift", "label": "Near the lift"}], "columns": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'clients', 1, 'published', 1, '{"id": "01a227ef-e763-7fa9-8a4f-995b9095b2c8", "key": "clients", "mark": "CLI", "alike": ["name", "email", "phone"], "title": "name", "beside": ["phone"], "fields": [{"id": "01a227ef-e762-7589-8cac-9add6cf6ec61", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e762-7a54-9eaa-cae70bd86438", "key": "kind", "type": {"kind": "choice", "list": "client_kinds"}, "label": "Kind", "required": false}, {"id": "01a227ef-e762-7226-908c-419dcdc34ebe", "key": "email", "type": {"kind": "email"}, "label": "E-mail", "required": false}, {"id": "01a227ef-e762-7154-8e67-44764ca43108", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a227ef-e762-7850-b15f-3a5212e2eaf5", "key": "address", "type": {"kind": "address"}, "label": "Address", "required": false}, {"id": "01a227ef-e762-7432-8e03-bd4438823f69", "key": "client_since", "type": {"kind": "date"}, "label": "Client since", "required": false}, {"id": "01a227ef-e762-79a0-ae35-710583b188a0", "key": "credit_limit", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Credit limit", "required": false}, {"id": "01a227ef-e762-7f41-9a56-3b8ded5a0536", "key": "newsletter", "type": {"kind": "yes_no"}, "label": "Newsletter", "required": false}, {"id": "01a227ef-e762-7a9d-b2a3-c753052b26b7", "key": "web", "type": {"kind": "web"}, "label": "Web", "required": false}, {"id": "01a227ef-e762-7f55-a9d8-4861e6a94981", "key": "iban", "type": {"kind": "code", "scheme": "iban"}, "label": "Bank account (IBAN)", "section": "Accounts", "required": false}, {"id": "01a227ef-e762-7b84-8a60-3b744615fafc", "key": "open_balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(invoices[state != \"draft\"].balance)"}, "label": "Open balance", "section": "Accounts", "required": false}, {"id": "01a227ef-e763-781f-8fa3-be2bcf3f3cba", "key": "over_limit", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "credit_limit != null and open_balance > credit_limit"}, "label": "Over credit limit", "section": "Accounts", "required": false}, {"id": "01a227ef-e763-75aa-9911-21c000260a2f", "key": "last_invoice", "type": {"kind": "worked_out", "gives": {"kind": "date"}, "formula": "max(invoices.issued_on)"}, "label": "Last invoiced on", "section": "Accounts", "required": false}, {"id": "01a227ef-e763-7e40-b3da-25fb03bdca61", "key": "given", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Given in all", "section": "Accounts", "required": false}, {"id": "01a227ef-e763-7bb1-a097-ba89bcc93937", "key": "notes", "type": {"kind": "formatted"}, "label": "Notes", "section": "Notes", "required": false}], "listed": ["kind", "email", "phone", "client_since", "credit_limit", "open_balance", "over_limit", "last_invoice"], "plural": "Clients", "singular": "Client", "constraints": [{"kind": "unique", "fields": ["email"], "folded": true}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'berths', 1, 'published', 3, '{"id": "01a227ef-e764-7a24-80b9-6568f3404ed2", "key": "berths", "mark": "BER", "alike": [], "title": "name", "beside": ["pontoon"], "fields": [{"id": "01a227ef-e764-71c0-87ac-8ee60d134b32", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e764-7463-9fcb-e2feb9a0f1cf", "key": "pontoon", "type": {"kind": "choice", "list": "pontoons"}, "label": "Pontoon", "required": true}, {"id": "01a227ef-e764-715a-8948-294f8fa1132c", "key": "longest", "type": {"kind": "number", "unit": "m", "decimals": 1}, "label": "Longest boat", "required": false}, {"id": "01a227ef-e764-7e52-8f31-1ccbd3cf67ad", "key": "shore_power", "type": {"kind": "yes_no"}, "label": "Shore power", "required": false}, {"id": "01a227ef-e764-70b9-897a-068b8ce7231a", "key": "yearly_fee", "type": {"kind": "money", "currency": "GBP"}, "label": "Yearly fee", "required": false}, {"id": "01a227ef-e764-761c-9faf-4e24691249ba", "key": "position", "type": {"kind": "position"}, "label": "Position", "required": false}, {"id": "01a227ef-e764-748f-801e-1bac975d4826", "key": "taken_by", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(boats)"}, "label": "Taken by", "required": false}, {"id": "01a227ef-e764-7ff1-a88c-339a51de529c", "key": "services", "type": {"kind": "choices", "list": "berth_services"}, "label": "Services", "required": false}], "listed": ["pontoon", "longest", "shore_power", "services", "yearly_fee", "taken_by"], "plural": "Berths", "singular": "Berth", "constraints": [{"kind": "unique", "fields": ["name"], "folded": true}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'stock', 1, 'published', 4, '{"id": "01a227ef-e764-7a2f-9b47-3d52285783eb", "key": "stock", "mark": "STK", "alike": ["name", "bar_code"], "title": "name", "beside": ["code"], "fields": [{"id": "01a227ef-e764-7f3b-813d-da73b9cf9606", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e764-7761-a551-9d7775413bf3", "key": "code", "type": {"kind": "code", "scheme": "pattern", "example": "RO-0001", "pattern": "[A-Z]{2}-[0-9]{4}"}, "label": "Item code", "required": true}, {"id": "01a227ef-e764-781c-8bb2-232058c98583", "key": "group", "type": {"kind": "choice", "list": "stock_groups"}, "label": "Group", "required": false}, {"id": "01a227ef-e764-7ebd-98c6-e59e2a76210c", "key": "unit", "type": {"kind": "choice", "list": "units"}, "label": "Unit", "required": false}, {"id": "01a227ef-e764-7b12-b25a-4462a29c75d5", "key": "bar_code", "type": {"kind": "code", "scheme": "gtin"}, "label": "Bar code (GTIN)", "required": false}, {"id": "01a227ef-e764-7a6c-859b-053365e5995b", "key": "shelf", "type": {"kind": "text"}, "label": "Shelf", "required": false}, {"id": "01a227ef-e764-71aa-9ff8-2ac8450538c8", "key": "sale_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Sale price, net", "section": "Prices", "required": false}, {"id": "01a227ef-e764-71fe-9aeb-e92df79db8ed", "key": "cost_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost price", "section": "Prices", "required": false}, {"id": "01a227ef-e764-727c-ad71-b45179cbfb76", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "section": "Prices", "required": false}, {"id": "01a227ef-e764-7e94-ba53-ff69cb377b44", "key": "margin", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if sale_price > 0 then (sale_price - cost_price) / sale_price else null"}, "label": "Margin", "section": "Prices", "required": false}, {"id": "01a227ef-e764-74db-8c6a-30cd190bf97f", "key": "counted", "type": {"kind": "yes_no"}, "label": "Counted in stock", "section": "Quantities", "required": false}, {"id": "01a227ef-e764-77aa-a0c1-aee3a0796603", "key": "on_hand", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "total(movements.signed)"}, "label": "On hand", "section": "Quantities", "required": false}, {"id": "01a227ef-e764-7d35-b3c8-2b898281eff1", "key": "reorder_point", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder point", "section": "Quantities", "required": false}, {"id": "01a227ef-e764-7611-b27e-f224029478f4", "key": "reorder_quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder quantity", "section": "Quantities", "required": false}, {"id": "01a227ef-e764-713b-afb1-69ba28668a45", "key": "to_reorder", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "counted = true and reorder_point != null and on_hand < reorder_point"}, "label": "Below reorder point", "section": "Quantities", "required": false}, {"id": "01a227ef-e764-70c9-949f-39121e845e63", "key": "value_on_hand", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "on_hand * cost_price"}, "label": "Value on hand", "section": "Quantities", "required": false}, {"id": "01a227ef-e764-7b21-a982-5e28afc39b24", "key": "supplier", "type": {"back": {"key": "supplies", "label": "Supplies"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a227ef-e764-7af0-9a05-48d9b3a32e3e", "key": "fits", "type": {"back": {"key": "fits_to", "label": "Used with, from the other side"}, "kind": "links", "register": "stock"}, "label": "Used with", "required": false}, {"id": "01a227ef-e764-78bd-8c6a-a517675fbc19", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["code", "group", "shelf", "unit", "sale_price", "on_hand", "reorder_point", "to_reorder", "value_on_hand"], "plural": "Stock", "singular": "Stock item", "constraints": [{"kind": "unique", "fields": ["code"], "folded": true}, {"kind": "must", "message": "Reorder quantity must be over 0.", "condition": "reorder_quantity = null or reorder_quantity > 0"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'movements', 1, 'published', 5, '{"id": "01a227ef-e765-72c5-a480-cfb69221b350", "key": "movements", "mark": "MOV", "alike": [], "title": "what", "beside": ["kind"], "fields": [{"id": "01a227ef-e764-712e-af5d-735accfe1c15", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a227ef-e764-76e1-840b-cb38b1df84c4", "key": "stock", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "stock"}, "label": "Item", "required": true}, {"id": "01a227ef-e764-7428-91f7-f0b44a604f65", "key": "kind", "type": {"kind": "choice", "list": "movement_kinds"}, "label": "Kind", "required": true}, {"id": "01a227ef-e764-7461-aaad-ee016887b860", "key": "moved_on", "type": {"kind": "date"}, "label": "Moved on", "required": true}, {"id": "01a227ef-e764-701d-93f8-7f82429d27d8", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a227ef-e765-7b3f-8a86-09b2f4d3562a", "key": "signed", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "quantity * kind.sign"}, "label": "In or out", "required": false}, {"id": "01a227ef-e765-7511-ac73-2ddc0c2ce24c", "key": "unit_cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost per unit", "required": false}, {"id": "01a227ef-e765-7f52-bd03-a4268e2547c0", "key": "value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "signed * unit_cost"}, "label": "Value", "required": false}, {"id": "01a227ef-e765-76a2-825d-31e1008f50a4", "key": "purchase", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "purchases"}, "label": "Purchase", "required": false}, {"id": "01a227ef-e765-78c3-960f-91d34807e188", "key": "invoice", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "invoices"}, "label": "Invoice", "required": false}, {"id": "01a227ef-e765-7c63-894a-f994c9803b8d", "key": "done_by", "type": {"kind": "person"}, "label": "Done by", "required": false}], "listed": ["kind", "moved_on", "signed", "unit_cost", "value", "stock"], "plural": "Stock movements", "singular": "Stock movement", "constraints": [{"kind": "must", "message": "A movement cannot lie in the future.", "condition": "moved_on <= today()"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'invoices', 1, 'published', 6, '{"id": "01a227ef-e765-7a5e-8719-989e55edc999", "key": "invoices", "mark": "INV", "alike": [], "title": "subject", "beside": ["client", "balance"], "fields": [{"id": "01a227ef-e765-7121-94ef-730de8ce2886", "key": "subject", "type": {"kind": "text"}, "label": "Subject", "required": true}, {"id": "01a227ef-e765-7af0-a287-4e3984cc3b80", "key": "client", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "clients"}, "label": "Client", "required": true}, {"id": "01a227ef-e765-769b-848e-710198393e01", "key": "boat", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a227ef-e765-7a1f-9507-25e5646483a1", "key": "invoice_number", "type": {"kind": "running_number", "when": "state != null and state != \"draft\"", "width": 5, "prefix": "TQ-", "restart": "never"}, "label": "Invoice number", "required": false}, {"id": "01a227ef-e765-7432-b74f-8abfdd5a5746", "key": "issued_on", "type": {"kind": "date"}, "label": "Issued", "required": false}, {"id": "01a227ef-e765-7ac8-a8a0-23fd28b8fd76", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a227ef-e765-7dde-a3f6-7dadd32ab7c5", "key": "state", "type": {"kind": "choice", "list": "invoice_states"}, "label": "State", "required": true}, {"id": "01a227ef-e765-71ee-bb79-eee57a3db15e", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a227ef-e765-74b3-8495-1edad2ecaa6f", "key": "stock", "type": {"back": {"key": "invoice_lines", "label": "Invoice lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a227ef-e765-7e2b-adf5-a0acf4799b27", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a227ef-e765-7530-85c6-aa0c18de8516", "key": "quantity", "type": {"kind": "number", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a227ef-e765-780d-ac3c-417ccf6ecf27", "key": "unit_price", "type": {"kind": "money", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a227ef-e765-704b-9ac4-3b2332138761", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": true}, {"id": "01a227ef-e765-76e6-8fde-b02596f4a8d0", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a227ef-e765-77f2-b5b7-29b6c880a726", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-7ad3-8f03-f2da864c3ce1", "key": "net_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"standard\"].net)"}, "label": "Net at 20 %", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-77bd-8553-ecaf0e27c062", "key": "vat_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_standard * 0.2"}, "label": "VAT at 20 %", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-77f2-a3bd-68e6c2e6fe30", "key": "net_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"reduced\"].net)"}, "label": "Net at 5 %", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-7fe5-b73c-1cfa75128ffe", "key": "vat_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_reduced * 0.05"}, "label": "VAT at 5 %", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-77b4-a69f-2761007cfcb9", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "vat_standard + vat_reduced"}, "label": "VAT", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-7c36-a802-8d5c0a22f3f9", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a227ef-e765-7c0e-b2dc-c93c6b7c8c01", "key": "payments", "type": {"kind": "rows", "fields": [{"id": "01a227ef-e765-7654-992c-839c9d9d82b2", "key": "paid_on", "type": {"kind": "date"}, "label": "Paid on", "required": true}, {"id": "01a227ef-e765-7e0c-8844-5c833f445c85", "key": "amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a227ef-e765-7ac3-b78c-48614d58bdd0", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a227ef-e765-7e7e-9dd4-24ceb92a4531", "key": "reference", "type": {"kind": "text"}, "label": "Reference", "required": false}], "plural": "Payments", "singular": "Payment"}, "label": "Payments", "required": false}, {"id": "01a227ef-e765-7a9c-a3a4-6f77e08f4d56", "key": "paid", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(payments.amount)"}, "label": "Paid", "section": "Amounts", "required": false}, {"id": "01a227ef-e765-77fe-bfa5-e312add553e5", "key": "balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if state = \"credited\" then 0 else gross - paid"}, "label": "Balance", "required": false}, {"id": "01a227ef-e765-718c-984f-57bc2723f1fc", "key": "days_late", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "if state in (\"issued\", \"part_paid\") and balance > 0 and due_on < today() then (today() - due_on).days else 0"}, "label": "Days late", "required": false}, {"id": "01a227ef-e765-71af-89bc-1915a8378c77", "key": "age_band", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if state = \"draft\" then \"not issued\" else if balance <= 0 then \"settled\" else if days_late <= 0 then \"not due\" else if days_late <= 30 then \"1 to 30 days\" else if days_late <= 60 then \"31 to 60 days\" else if days_late <= 90 then \"61 to 90 days\" else \"over 90 days\""}, "label": "Age", "required": false}, {"id": "01a227ef-e765-7957-894e-16054ed8e1f4", "key": "papers", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Papers", "required": false}], "listed": ["client", "boat", "issued_on", "due_on", "state", "gross", "balance", "days_late", "age_band"], "plural": "Invoices", "singular": "Invoice", "constraints": [{"kind": "must", "message": "An invoice cannot be due before it is issued.", "condition": "due_on = null or issued_on = null or due_on >= issued_on"}, {"kind": "must", "message": "An invoice that is issued needs at least one line.", "condition": "state = \"draft\" or count(lines) > 0"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'incidents', 1, 'published', 7, '{"id": "01a227ef-e766-75a1-9a23-d124880ffdb0", "key": "incidents", "mark": "INC", "alike": [], "title": "title", "beside": ["kind", "happened_at"], "fields": [{"id": "01a227ef-e765-7505-97d8-86021c1f8c6f", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": true}, {"id": "01a227ef-e765-7aa8-9fc9-63bd68b135f8", "key": "kind", "type": {"kind": "choice", "list": "incident_kinds"}, "label": "Kind", "required": true}, {"id": "01a227ef-e765-7b66-996d-8e9f7936b620", "key": "cause", "type": {"kind": "choice", "list": "incident_causes"}, "label": "Cause", "required": false}, {"id": "01a227ef-e765-7fac-8d9a-5024ddba66d4", "key": "happened_at", "type": {"kind": "moment"}, "label": "Happened", "required": true}, {"id": "01a227ef-e765-7b08-aa2c-5d7a9f530a23", "key": "place", "type": {"kind": "text"}, "label": "Place", "required": false}, {"id": "01a227ef-e765-7653-a1e8-0ff020ee08bf", "key": "position", "type": {"kind": "position"}, "label": "On the map", "required": false}, {"id": "01a227ef-e766-7d3a-a742-d335a4cb8634", "key": "berth", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a227ef-e766-7050-bb75-db7c2c554057", "key": "boat", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a227ef-e766-71b4-8dde-783ca1ff5fe1", "key": "owner", "type": {"back": {"key": "incidents", "label": "Incidents with their boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a227ef-e766-72e3-9aa0-7ecd3f9f6313", "key": "owner_phone", "type": {"kind": "phone"}, "label": "Owner’s phone", "required": false}, {"id": "01a227ef-e766-79b0-aba2-9807703d0983", "key": "reported_by", "type": {"kind": "person"}, "label": "Reported by", "required": false}, {"id": "01a227ef-e766-7028-ab28-e1eab0bf7bf4", "key": "what_happened", "type": {"kind": "formatted"}, "label": "What happened", "required": false}, {"id": "01a227ef-e766-7677-a77e-e86a5a4b8b86", "key": "hurt", "type": {"kind": "rows", "fields": [{"id": "01a227ef-e766-7028-9165-8553f24952a8", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e766-761d-b716-fc7e035e3e7c", "key": "employed", "type": {"kind": "yes_no"}, "label": "Employed here", "required": false}, {"id": "01a227ef-e766-7a15-9b56-55eca5424d7d", "key": "body_part", "type": {"kind": "choice", "list": "body_parts"}, "label": "Part of the body", "required": false}, {"id": "01a227ef-e766-7457-b6a6-e6d692750ed5", "key": "injury", "type": {"kind": "choice", "list": "injury_kinds"}, "label": "Injury", "required": false}, {"id": "01a227ef-e766-718d-872d-7dcf44c24704", "key": "severity", "type": {"kind": "choice", "list": "severities_of_harm"}, "label": "Severity", "required": false}, {"id": "01a227ef-e766-711b-95ee-a0982b0e4a84", "key": "days_lost", "type": {"kind": "number", "unit": "days", "least": "0", "decimals": 0}, "label": "Days lost", "required": false}, {"id": "01a227ef-e766-720d-8205-7c477790009d", "key": "treatment", "type": {"kind": "text"}, "label": "Treatment", "required": false}], "plural": "People hurt", "singular": "Person hurt"}, "label": "People hurt", "required": false}, {"id": "01a227ef-e766-777a-941a-06fc25ef552b", "key": "witnesses", "type": {"kind": "rows", "fields": [{"id": "01a227ef-e766-713f-81b6-64264ed998a2", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e766-7cf3-a204-19ed1eefe6c3", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a227ef-e766-76d6-8c52-388d44d9be9f", "key": "statement", "type": {"kind": "long_text"}, "label": "Statement", "required": false}], "plural": "Witnesses", "singular": "Witness"}, "label": "Witnesses", "required": false}, {"id": "01a227ef-e766-7269-9803-15c35d261f91", "key": "days_lost", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "total(hurt.days_lost)"}, "label": "Days lost", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-78d0-9c9f-485e280aed68", "key": "lost_time", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost >= 1"}, "label": "Lost-time injury", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-733f-ae3e-3d30dfd58c83", "key": "notifiable", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost > 7"}, "label": "Over seven days off", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-7e30-aa4c-fc5616c09185", "key": "state", "type": {"kind": "choice", "list": "incident_states"}, "label": "Investigation", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-7d2c-a282-439eff9f379d", "key": "root_cause", "type": {"kind": "long_text"}, "label": "Root cause", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-7bf8-b459-8b86fd747616", "key": "actions", "type": {"kind": "rows", "fields": [{"id": "01a227ef-e766-7602-95e6-5932f4ebc933", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a227ef-e766-7244-af3f-2b0e1bb95240", "key": "who", "type": {"kind": "person"}, "label": "Who", "required": false}, {"id": "01a227ef-e766-755f-9dcc-fc6a07289a50", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a227ef-e766-7183-a65d-fbd59c3bb223", "key": "done_on", "type": {"kind": "date"}, "label": "Done", "required": false}], "plural": "Actions", "singular": "Action"}, "label": "Actions", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-7861-aba7-9e230a261859", "key": "open_actions", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(actions[done_on = null])"}, "label": "Open actions", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-72f0-9c78-b10631604449", "key": "cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost", "section": "Investigation", "required": false}, {"id": "01a227ef-e766-7646-ab13-98813f8c6c65", "key": "photos", "type": {"kind": "files", "most": 20, "sort": "photos"}, "label": "Photos", "required": false}], "listed": ["kind", "cause", "happened_at", "place", "days_lost", "lost_time", "state", "open_actions"], "plural": "Incidents", "singular": "Incident", "constraints": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'safety_trustee', 1, 'published', 6, '{"id": "01a227ef-e772-7348-b4ee-ece90a69cfe0", "key": "safety_trustee", "label": "Trustee for safety", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'appeals', 1, 'published', 8, '{"id": "01a227ef-e769-7a99-9bb1-24a52b443e78", "key": "appeals", "mark": "APL", "alike": [], "title": "name", "beside": ["state"], "fields": [{"id": "01a227ef-e768-7b7e-8152-6d4aeeb5dcdf", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e768-75a3-9441-41afaed92daf", "key": "purpose", "type": {"kind": "formatted"}, "label": "What it is for", "required": false}, {"id": "01a227ef-e768-7f65-b8f9-f3ae8298eb0e", "key": "boat", "type": {"back": {"key": "appeals", "label": "Appeals"}, "kind": "link", "register": "boats"}, "label": "Vessel", "required": false}, {"id": "01a227ef-e768-7a27-a94d-66e991803ea2", "key": "state", "type": {"kind": "choice", "list": "appeal_states"}, "label": "State", "required": false}, {"id": "01a227ef-e768-76ff-9167-5072b3546e66", "key": "begins_on", "type": {"kind": "date"}, "label": "Begins", "required": false}, {"id": "01a227ef-e768-71e7-b74c-94f92f3db043", "key": "ends_on", "type": {"kind": "date"}, "label": "Ends", "required": false}, {"id": "01a227ef-e768-7717-b68d-253d3ea1bbf2", "key": "target", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Target", "required": true}, {"id": "01a227ef-e768-7319-9ac2-80bec3ee17d1", "key": "raised", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Raised so far", "required": false}, {"id": "01a227ef-e768-78a0-8c76-68cb684d6d53", "key": "share", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if target > 0 then raised / target else null"}, "label": "Of the target", "required": false}, {"id": "01a227ef-e768-7ebb-8e9c-0c7c87a4f913", "key": "gifts", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(donations)"}, "label": "Gifts", "required": false}, {"id": "01a227ef-e768-760d-8b62-44bd83bf8775", "key": "mean_gift", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gifts > 0 then raised / gifts else null"}, "label": "Mean gift", "required": false}, {"id": "01a227ef-e768-73e9-aeea-51747b953a9c", "key": "page", "type": {"kind": "web"}, "label": "Page", "required": false}, {"id": "01a227ef-e769-7bfc-9479-c112da0b5c35", "key": "manager", "type": {"kind": "person"}, "label": "Manager", "required": false}, {"id": "01a227ef-e769-7add-887b-818a4df79e97", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["state", "begins_on", "ends_on", "target", "raised", "share", "gifts", "mean_gift"], "plural": "Appeals", "singular": "Appeal", "constraints": [{"kind": "must", "message": "An appeal cannot end before it begins.", "condition": "ends_on = null or begins_on = null or ends_on >= begins_on"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'donations', 1, 'published', 9, '{"id": "01a227ef-e769-7205-be9f-31cf1313585e", "key": "donations", "mark": "DON", "alike": [], "title": "donor_name", "beside": ["amount"], "fields": [{"id": "01a227ef-e769-7985-a560-21429661dc88", "key": "donor_name", "type": {"kind": "text"}, "label": "Donor", "required": true}, {"id": "01a227ef-e769-739f-b3df-b13022b2b06e", "key": "donor", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "clients"}, "label": "Donor in Clients", "required": false}, {"id": "01a227ef-e769-77ce-84a7-57514edd72d0", "key": "appeal", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "appeals"}, "label": "Appeal", "required": true}, {"id": "01a227ef-e769-739a-af3b-e65521771158", "key": "received_on", "type": {"kind": "date"}, "label": "Received", "required": true}, {"id": "01a227ef-e769-744f-9a27-d0dd36274c70", "key": "amount", "type": {"kind": "money", "least": "0.01", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a227ef-e769-7ad9-b099-c68162ae9f76", "key": "kind", "type": {"kind": "choice", "list": "donation_kinds"}, "label": "Kind", "required": false}, {"id": "01a227ef-e769-7fbb-8ae2-ed1355b69b3f", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a227ef-e769-7699-bae4-a2e9bf8bba27", "key": "gift_aid", "type": {"kind": "yes_no"}, "label": "Gift Aid declared", "required": false}, {"id": "01a227ef-e769-7624-ae19-2fabbaace813", "key": "tax_to_claim", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gift_aid = true then amount * 0.25 else 0"}, "label": "Tax to claim", "required": false}, {"id": "01a227ef-e769-7ded-b225-65617e6fa868", "key": "worth", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "amount + tax_to_claim"}, "label": "Worth to the appeal", "required": false}, {"id": "01a227ef-e769-7313-b08a-c5848ab0f0f5", "key": "anonymous", "type": {"kind": "yes_no"}, "label": "Wants no name", "required": false}, {"id": "01a227ef-e769-7053-8378-3ffdf5e7e093", "key": "thanked_on", "type": {"kind": "date"}, "label": "Thanked", "required": false}, {"id": "01a227ef-e769-7151-8e15-7de6e3eb0015", "key": "receipt", "type": {"kind": "running_number", "width": 4, "prefix": "R-", "restart": "yearly"}, "label": "Receipt number", "required": false}, {"id": "01a227ef-e769-7ce2-8d77-c1cc233cdf05", "key": "note", "type": {"kind": "long_text"}, "label": "Note", "required": false}], "listed": ["appeal", "received_on", "amount", "kind", "gift_aid", "worth", "thanked_on", "receipt"], "plural": "Donations", "singular": "Donation", "constraints": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'purchases', 1, 'published', 10, '{"id": "01a227ef-e770-7b7a-848a-0daa3a300039", "key": "purchases", "mark": "PUR", "alike": [], "title": "what_for", "beside": ["supplier"], "fields": [{"id": "01a227ef-e769-7be4-a433-1540b3e3d10d", "key": "what_for", "type": {"kind": "text"}, "label": "What for", "required": true}, {"id": "01a227ef-e76a-7a8a-9fc8-1be60b52a010", "key": "supplier", "type": {"back": {"key": "purchases", "label": "Purchases"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a227ef-e76a-7e08-ba6e-303d1c34def3", "key": "requested_by", "type": {"kind": "person"}, "label": "Requested by", "required": false}, {"id": "01a227ef-e76a-7dc0-8b0d-6609c3500b31", "key": "requested_on", "type": {"kind": "date"}, "label": "Requested", "required": true}, {"id": "01a227ef-e76a-7462-967d-6916430bf4a5", "key": "needed_by", "type": {"kind": "date"}, "label": "Needed by", "required": false}, {"id": "01a227ef-e770-750e-aff5-83947b02aeba", "key": "cost_centre", "type": {"kind": "choice", "list": "cost_centres"}, "label": "Cost centre", "required": false}, {"id": "01a227ef-e770-78fc-931d-5929b90a2421", "key": "state", "type": {"kind": "choice", "list": "purchase_states"}, "label": "State", "required": true}, {"id": "01a227ef-e770-761d-9688-5a246108d757", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a227ef-e770-7200-97e7-652e7669838b", "key": "stock", "type": {"back": {"key": "purchase_lines", "label": "Purchase lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a227ef-e770-7e32-a4d9-2b3d31ae0997", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a227ef-e770-7078-acf0-ab4f22f3f5fd", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a227ef-e770-72dc-8c2e-95051da2c638", "key": "unit_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a227ef-e770-7ce8-9c25-5f70e2a0b69a", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": false}, {"id": "01a227ef-e771-7325-bc03-bd966c573471", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}, {"id": "01a227ef-e771-7384-8e5f-3f9389b46a22", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net * vat_rate.percentage"}, "label": "VAT", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a227ef-e770-7ad1-9146-8dcbe20e9289", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "required": false}, {"id": "01a227ef-e770-70fd-99aa-2b9334f97dc5", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.vat)"}, "label": "VAT", "required": false}, {"id": "01a227ef-e770-7b5d-a407-dc298308411e", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a227ef-e770-7c3c-99ca-fdfe90ebfba0", "key": "received_value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(movements.value)"}, "label": "Received so far", "required": false}, {"id": "01a227ef-e770-7d55-8603-95628d3b535a", "key": "approved_amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Approved amount", "required": false}, {"id": "01a227ef-e770-7396-9c0b-fd95bb543e50", "key": "approved_by_accounts", "type": {"kind": "yes_no"}, "label": "Approved by accounts", "required": false}, {"id": "01a227ef-e770-78df-b61c-64daa6bfa7be", "key": "quotes", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Quotations", "required": false}], "listed": ["supplier", "requested_on", "needed_by", "cost_centre", "state", "gross", "received_value"], "plural": "Purchases", "singular": "Purchase", "constraints": [{"kind": "must", "message": "It cannot be needed before it is requested.", "condition": "needed_by = null or requested_on = null or needed_by >= requested_on"}]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'operations_manager', 1, 'published', 1, '{"id": "01a227ef-e771-70e3-bbbb-040472fd5952", "key": "operations_manager", "label": "Operations manager", "sets_up": ["registers", "forms", "people"], "registers": {}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'treasurer', 1, 'published', 4, '{"id": "01a227ef-e772-7c58-be8b-226e4c1163b8", "key": "treasurer", "label": "Treasurer", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'trustee', 1, 'published', 5, '{"id": "01a227ef-e772-7f8d-94f8-2d539f8b018e", "key": "trustee", "label": "Trustee", "sets_up": [], "registers": {"appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "purchases": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'office', 1, 'published', 7, '{"id": "01a227ef-e772-7734-bbc3-a995220fb368", "key": "office", "label": "Office", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "appeals": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": ["iban"], "locked": [], "archive": true, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'client', 1, 'published', 8, '{"id": "01a227ef-e772-74fd-8469-f0fcf47d6548", "key": "client", "label": "Client", "sets_up": [], "registers": {"boats": {"add": false, "see": "owner = me.record", "when": {}, "change": false, "export": false, "hidden": ["berth"], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": "record = me.record", "only": ["phone", "address", "newsletter"], "when": {}, "change": "record = me.record", "export": false, "hidden": ["credit_limit", "over_limit", "notes"], "locked": [], "archive": false, "results": ["open_balance"]}, "invoices": {"add": false, "see": "client = me.record and state != null and state != \"draft\"", "when": {}, "change": false, "export": "client = me.record and state != null and state != \"draft\"", "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'report_incident', 1, 'published', 3, '{"id": "01a227ef-e774-7d3e-8c58-ac8ddc9dd199", "key": "report_incident", "label": "Report an incident", "pages": [{"id": "01a227ef-e774-705a-b035-b2456160be67", "key": "what", "label": "What happened", "onward": [{"to": "hurt", "condition": "kind in (\"injury\", \"ill_health\")"}, {"to": "follow_up", "condition": "kind = \"near_miss\""}, {"to": "damage", "condition": "kind in (\"damage\", \"pollution\")"}]}, {"id": "01a227ef-e774-7853-b1de-f128125ebe78", "key": "hurt", "label": "Who was hurt", "onward": [{"to": "follow_up", "condition": "days_lost > 7"}, {"to": "follow_up", "condition": "days_lost <= 7"}], "introduction": "One line for each person."}, {"id": "01a227ef-e774-7f4c-81fd-2bb974353bd0", "key": "damage", "label": "Damage and cost", "onward": [{"to": null, "condition": "cost <= 500"}]}, {"id": "01a227ef-e774-7d21-a3c0-97113e894b3a", "key": "follow_up", "label": "What now", "onward": []}], "endings": [{"label": "Thank you. The safety trustee will call you", "words": "An injury with more than seven days off must be reported to the authority; that is done for you.", "leads_to": "thanks", "condition": "days_lost > 7"}, {"label": "Thank you for reporting", "words": "Every near miss that is told is an accident less.", "leads_to": "thanks", "condition": "kind = \"near_miss\""}, {"label": "Thank you", "words": "", "leads_to": "thanks"}], "purpose": "add", "register": "incidents", "sections": [{"key": "where", "help": "What you know; a berth or a place is enough.", "label": "Where it was"}], "questions": [{"id": "01a227ef-e773-73b5-8b1b-2642557bfc46", "help": "In one line, as you would tell it.", "page": "what", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e773-744d-9133-3993a9ae5acf", "page": "what", "field": "kind", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e773-7938-81d0-25a5f116dc61", "page": "what", "field": "cause", "rules": []}, {"id": "01a227ef-e773-730c-b1c8-2cb77bfd94fa", "page": "what", "field": "happened_at", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "happened_at <= now()"}]}, {"id": "01a227ef-e773-761d-84bb-28504e50d1ee", "page": "what", "field": "place", "rules": [], "section": "where"}, {"id": "01a227ef-e773-7abc-8c8d-bd23dfbfb117", "page": "what", "field": "berth", "rules": [], "section": "where"}, {"id": "01a227ef-e773-7f4a-a558-cb2a404a5256", "page": "what", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}, {"from": "boat.owner.phone", "kind": "fills", "question": "owner_phone"}], "section": "where"}, {"id": "01a227ef-e773-72e9-9ccf-24e3d739218f", "page": "what", "field": "owner", "rules": [], "section": "where"}, {"id": "01a227ef-e773-7e07-a2a5-7f6ed385ebb3", "page": "what", "field": "owner_phone", "rules": [], "section": "where"}, {"id": "01a227ef-e773-7332-ba18-f4132c64ca96", "page": "what", "field": "what_happened", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e773-7025-b1b0-1177a41a620a", "page": "what", "field": "reported_by", "rules": []}, {"id": "01a227ef-e774-7246-8120-ee9c47d993c5", "page": "hurt", "field": "hurt", "rules": [{"kind": "asked_when", "condition": "kind in (\"injury\", \"ill_health\")"}, {"kind": "must_be_answered"}], "columns": [{"field": "days_lost", "rules": [{"kind": "asked_when", "condition": "employed = null or employed = true"}, {"kind": "must", "condition": "days_lost >= 0"}]}]}, {"id": "01a227ef-e774-7cf8-92d6-5dd5bbace364", "page": "hurt", "field": "days_lost", "rules": []}, {"id": "01a227ef-e774-7fcc-a1c8-7420e69614a9", "page": "hurt", "field": "witnesses", "rules": []}, {"id": "01a227ef-e774-7dc8-83cb-a53cc1f98a5b", "page": "damage", "field": "cost", "rules": [{"kind": "must", "condition": "cost >= 0"}]}, {"id": "01a227ef-e774-76c7-b79f-3c2243c12597", "page": "damage", "field": "photos", "rules": []}, {"id": "01a227ef-e774-715b-b2b7-0d49a5ddaa6c", "page": "follow_up", "field": "root_cause", "rules": []}, {"id": "01a227ef-e774-72e8-ae8a-bef8486e4ab9", "page": "follow_up", "field": "actions", "rules": []}, {"id": "01a227ef-e774-7a76-816e-6ba7e1d358f6", "page": "follow_up", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"open\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office", "safety_trustee", "treasurer"], "introduction": "Anything that hurt someone, could have, or broke something. If someone is in danger, call for help first."}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities', 1, 'published', 22, '{"id": "01a227ef-fb5f-7ef5-ac51-b16730ac8ddd", "key": "severities", "label": "Severities", "choices": [{"id": "01a227ef-fb5f-7cd4-a0a0-3b8ab642ced1", "code": "scare", "label": "Scare"}, {"id": "01a227ef-fb5f-704c-8ea0-84e2479d442b", "code": "damage", "label": "Damage"}, {"id": "01a227ef-fb5f-72f8-bb8f-2232d1bb0c0b", "code": "injury", "label": "Injury"}], "columns": []}', '2026-11-29 15:32:48.595+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 1, 'retired', 2, '{"id": "01a227ef-e772-7aa2-b37c-8b8fdff8a21d", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 2, 'published', 2, '{"id": "01a227ef-e772-7aa2-b37c-8b8fdff8a21d", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 15:32:50.243+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 1, 'retired', 11, '{"id": "01a227ef-fb5e-77b2-b450-3a7b6563e794", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a227ef-fb5e-70b0-a55d-443a269e2251", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a227ef-fb5e-7d64-a67a-5434e3bed458", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a227ef-fb5e-735e-aa75-b2a639c214fd", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a227ef-fb5e-7a5e-b73c-e8981f609c32", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a227ef-fb5e-7426-a604-9aa51825a014", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a227ef-fb5e-7f54-9d86-cc0795cd9dad", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a227ef-fb5e-735d-811d-f81439b52063", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-29 15:32:48.595+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 1, 'retired', 3, '{"id": "01a227ef-e772-706d-8072-6b8ee05256f4", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 2, 'published', 3, '{"id": "01a227ef-e772-706d-8072-6b8ee05256f4", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-29 15:32:50.243+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('form', 'new_client', 1, 'published', 1, '{"id": "01a227ef-e773-776e-a7d4-69b41dc5f135", "key": "new_client", "label": "New client", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a227ef-e772-727a-88c3-6723d7a283e7", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e772-7f0f-9634-c50aca7105b1", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a227ef-e772-7597-a725-ba86f64b5f9b", "field": "email", "rules": []}, {"id": "01a227ef-e773-7bf1-af81-88e4fc417ae1", "field": "phone", "rules": []}, {"id": "01a227ef-e773-72f6-931e-aa1dfb5406e9", "field": "address", "rules": []}, {"id": "01a227ef-e773-77f5-9e3b-e9ad7bba7b13", "field": "client_since", "rules": [{"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "client_since <= today()"}]}, {"id": "01a227ef-e773-7f04-b77a-978dfb7f6c32", "field": "credit_limit", "rules": [{"kind": "asked_when", "condition": "kind in (\"firm\", \"club\", \"school\")"}, {"kind": "must", "condition": "credit_limit >= 0"}]}, {"id": "01a227ef-e773-7837-ad2f-f1affa894b48", "field": "newsletter", "rules": []}], "fill_in_by": ["office"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_arrival', 1, 'published', 2, '{"id": "01a227ef-e773-7f92-a0a3-dac2327ce87b", "key": "boat_arrival", "label": "Boat arrival", "pages": [], "endings": [], "purpose": "add", "register": "boats", "sections": [], "questions": [{"id": "01a227ef-e773-7c96-9455-137ccb18d669", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e773-7be9-b648-2c8db03dc350", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e773-75f1-ba3f-10af0f6f2e6e", "field": "hull", "rules": []}, {"id": "01a227ef-e773-70da-a6c7-f973b0ed7ba1", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a227ef-e773-709e-b763-fcd28e8534ce", "field": "state", "rules": [{"kind": "starts_as", "value": "\"afloat\""}]}, {"id": "01a227ef-e773-7d33-afee-317f0e8f04ce", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}, {"kind": "offers_where", "condition": "entry.length_overall = null or longest >= entry.length_overall"}]}, {"id": "01a227ef-e773-7a6c-b73c-2888716a1b69", "field": "insured_until", "rules": []}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'raise_invoice', 1, 'published', 4, '{"id": "01a227ef-e775-7473-b1e4-ca2f8e7971ca", "key": "raise_invoice", "label": "Raise an invoice", "pages": [{"id": "01a227ef-e775-7d01-a14b-8864c4e00514", "key": "who", "label": "Who and what", "onward": []}, {"id": "01a227ef-e775-787a-aa4b-c27ccae5f2ef", "key": "lines", "label": "Lines", "onward": []}, {"id": "01a227ef-e775-7f3c-8762-24c4f7688281", "key": "payment", "label": "Dates and state", "onward": []}], "endings": [], "purpose": "add", "register": "invoices", "sections": [], "questions": [{"id": "01a227ef-e775-7bd1-9618-4da00bae6c91", "page": "who", "field": "client", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e775-7892-9533-503bf03eb988", "page": "who", "field": "boat", "rules": [{"kind": "offers_where", "condition": "entry.client = null or owner = entry.client"}]}, {"id": "01a227ef-e775-7b0a-81d0-31bd5951ed27", "page": "who", "field": "subject", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e775-7335-ad0a-1babef2474a0", "help": "Choosing an item fills its name, its price and its VAT rate.", "page": "lines", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.sale_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a227ef-e775-756e-845f-470dcbd0fe9e", "page": "lines", "field": "net", "rules": []}, {"id": "01a227ef-e775-70d8-a591-c3a0eb65d6fd", "page": "lines", "field": "vat", "rules": []}, {"id": "01a227ef-e775-7224-8501-83ad1598a798", "page": "lines", "field": "gross", "rules": []}, {"id": "01a227ef-e775-7663-a947-5e74b0a47ea6", "page": "payment", "field": "issued_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "issued_on <= today()"}]}, {"id": "01a227ef-e775-7264-bf2f-96a6911e3ec6", "page": "payment", "field": "due_on", "rules": [{"kind": "starts_as", "value": "issued_on + duration(\"P30D\")"}, {"kind": "must", "condition": "due_on >= issued_on"}]}, {"id": "01a227ef-e775-7206-af49-64808c95f1b9", "page": "payment", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issued\""}, {"kind": "offers_only", "choices": ["draft", "issued"]}]}], "fill_in_by": ["office", "treasurer"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'record_donation', 1, 'published', 5, '{"id": "01a227ef-e776-716d-a591-dbe841afa38b", "key": "record_donation", "label": "Record a donation", "pages": [], "endings": [{"label": "Thank you", "words": "The receipt number is on the record.", "leads_to": "another"}], "purpose": "add", "register": "donations", "sections": [{"key": "aid", "help": "Only for people who pay tax in the United Kingdom.", "label": "Gift Aid", "condition": "kind in (\"single\", \"regular\", \"in_memory\")"}], "questions": [{"id": "01a227ef-e775-721d-b060-20154a94f444", "field": "appeal", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as_opened", "register": "appeals"}]}, {"id": "01a227ef-e775-7e6d-9789-880561362391", "help": "If the donor is a client already; the name is filled in.", "field": "donor", "rules": [{"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a227ef-e775-7766-968b-babd240df60d", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e776-7759-a165-d527bb769a66", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a227ef-e776-7faf-8a13-c49b7b62393e", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "received_on <= today()"}]}, {"id": "01a227ef-e776-7d0b-8b4c-50a728665165", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a227ef-e776-7f14-a00d-c75fe2951336", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e776-7a28-96d0-5b67da8bf811", "field": "gift_aid", "rules": [{"kind": "starts_as", "value": "false"}], "section": "aid"}, {"id": "01a227ef-e776-7ed3-a8ad-f1b71aafb63e", "field": "tax_to_claim", "rules": [], "section": "aid"}, {"id": "01a227ef-e776-73b4-a80b-b1b95d2a935d", "field": "anonymous", "rules": [{"kind": "starts_as", "value": "false"}]}, {"id": "01a227ef-e776-7126-9c3e-917178df970f", "field": "thanked_on", "rules": [{"kind": "asked_when", "condition": "anonymous = false"}]}, {"id": "01a227ef-e776-72c4-ab79-15ace91493ce", "field": "note", "rules": []}], "fill_in_by": ["office", "treasurer"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'appeal_gift', 1, 'published', 6, '{"id": "01a227ef-e778-74fd-a50e-cd5f0c4f8195", "key": "appeal_gift", "label": "Gift to an appeal", "pages": [], "endings": [], "purpose": "add", "register": "donations", "sections": [], "questions": [{"id": "01a227ef-e776-7051-b39c-a3321fa956a3", "field": "appeal", "rules": [{"kind": "starts_as_opened", "register": "appeals"}, {"kind": "hidden"}]}, {"id": "01a227ef-e776-7525-85f3-deeed69b0e2e", "field": "donor", "rules": [{"kind": "starts_as_addressed", "name": "donor"}, {"kind": "hidden"}, {"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a227ef-e776-78f1-a9a8-d40179e7c625", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e778-7453-98c4-b1532edcbe14", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a227ef-e778-728e-b1e1-8ef29ce8a1ca", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a227ef-e778-7c10-b9a1-d636e4058853", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a227ef-e778-72e1-a545-03cc132555a2", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e778-7cf7-8c8b-1e83179a800c", "field": "gift_aid", "rules": []}], "fill_in_by": ["office", "treasurer"], "introduction": "For the desk at an event: open it from the appeal’s page, and only the gift is asked."}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'purchase_request', 1, 'published', 7, '{"id": "01a227ef-e779-793c-93bf-0a3deebbdfb6", "key": "purchase_request", "label": "Purchase request", "pages": [], "endings": [], "purpose": "add", "register": "purchases", "sections": [], "questions": [{"id": "01a227ef-e778-7802-820c-c3af37c6ac10", "field": "what_for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e778-75ba-9311-349b8c296a0c", "field": "supplier", "rules": []}, {"id": "01a227ef-e778-7577-bbc8-4f3b1bbbb07c", "field": "cost_centre", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e778-73a3-8f06-23facc1a01d4", "field": "requested_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "requested_on <= today()"}]}, {"id": "01a227ef-e778-763f-b427-9db5897ca172", "field": "needed_by", "rules": [{"kind": "must", "condition": "needed_by >= requested_on"}]}, {"id": "01a227ef-e778-7ecc-9f70-71a3042b9b1c", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.cost_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a227ef-e778-7f81-ab99-ec483f35ef78", "field": "net", "rules": []}, {"id": "01a227ef-e778-78bb-9615-92eb4563f25c", "field": "vat", "rules": []}, {"id": "01a227ef-e778-71fb-846f-a08e512b3bc7", "field": "gross", "rules": []}, {"id": "01a227ef-e778-70ee-be96-f792a109c053", "help": "Over 1,000 net we need a quotation.", "field": "quotes", "rules": [{"kind": "asked_when", "condition": "net >= 1000"}, {"kind": "must_be_answered"}]}, {"id": "01a227ef-e779-7df5-b93b-3cbec6338906", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"requested\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'stock_movement', 1, 'published', 8, '{"id": "01a227ef-e779-7f2f-acbf-0a51a2ea0859", "key": "stock_movement", "label": "Stock movement", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a227ef-e779-7bb9-9ee1-019748dbaddf", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}, {"from": "stock.cost_price", "kind": "fills", "question": "unit_cost"}]}, {"id": "01a227ef-e779-7aab-942d-cf23c707dfc3", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e779-78f3-b37b-b04c513e0ce5", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a227ef-e779-79db-9358-7e2b5297e098", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a227ef-e779-758c-91c4-fe9cb8f08b8a", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a227ef-e779-79b2-bf81-19d99419b2aa", "field": "unit_cost", "rules": [{"kind": "locked_when", "condition": "kind in (\"issue\", \"write_off\")"}]}, {"id": "01a227ef-e779-7bc8-a974-f732945bd5b2", "field": "purchase", "rules": [{"kind": "asked_when", "condition": "kind = \"receipt\""}]}, {"id": "01a227ef-e779-743e-ad75-336cb0ec6937", "field": "invoice", "rules": [{"kind": "asked_when", "condition": "kind in (\"issue\", \"return\")"}]}, {"id": "01a227ef-e779-7ab8-b97a-a24185ce2e63", "field": "done_by", "rules": []}], "fill_in_by": ["yard_manager", "office"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'move_stock', 1, 'published', 14, '{"id": "01a227ef-e781-7bdd-b591-ee2ab9949970", "key": "move_stock", "label": "Move stock", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a227ef-e77e-783c-ae94-9240d98c9110", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}]}, {"id": "01a227ef-e77e-7322-9f3b-17841f110d15", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77e-7aef-92de-b2ba70742ef3", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a227ef-e77e-7a0e-9e89-eb8b9e4368b1", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a227ef-e77e-73c4-8c0b-b52edcb14af0", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a227ef-e77f-7be5-aeeb-af17977a4f9f", "field": "done_by", "rules": []}], "fill_in_by": ["yard_hand"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_details', 1, 'published', 9, '{"id": "01a227ef-e779-77ef-b861-38db9f6f7d6e", "key": "boat_details", "label": "Yearly boat details", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a227ef-e779-76c1-9d79-1514b56bc12e", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e779-75c6-a903-09030c823eab", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e779-7360-9add-e59c79708660", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "offers_only", "choices": ["afloat", "ashore", "away"]}]}, {"id": "01a227ef-e779-74f4-afb0-c73a4994276a", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}]}, {"id": "01a227ef-e779-768e-aff1-ec4d586f34d8", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a227ef-e779-7754-976a-2de784bef598", "field": "beam", "rules": []}, {"id": "01a227ef-e779-7dab-8f2d-629122fd196e", "field": "draught", "rules": []}, {"id": "01a227ef-e779-7640-adc2-efedaab99e71", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: ask for the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a227ef-e779-7c12-8dba-bb502030fd0b", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["office", "yard_manager"], "introduction": "What stood there last year stands beside what is changed."}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_inquiry', 1, 'published', 10, '{"id": "01a227ef-e77a-7a57-8726-7f1e97d1b1a9", "key": "berth_inquiry", "label": "Berth inquiry", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a227ef-e779-7138-831c-8e62603e1a33", "field": "name", "label": "Who asks", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77a-7150-b6f7-089f62b3696a", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a227ef-e77a-7988-bca7-2d0a51ae775f", "field": "phone", "rules": [{"kind": "must", "condition": "phone != null"}]}, {"id": "01a227ef-e77a-7432-8bea-823b5ba2a8be", "field": "email", "rules": []}, {"id": "01a227ef-e77a-75f8-b9a1-9709030768ef", "help": "Length of the boat, from when, with or without power.", "field": "notes", "label": "What they are looking for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77a-7e8e-b66e-ebc4a7561c33", "field": "client_since", "rules": [{"kind": "hidden_as", "value": "today()"}]}], "fill_in_by": ["office", "yard_hand"], "registration": {"name": "name", "role": "client", "email": "email"}}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_item', 1, 'published', 11, '{"id": "01a227ef-e77a-71d0-9a19-d8b69651cd79", "key": "new_item", "label": "New stock item", "pages": [{"id": "01a227ef-e77a-74dc-95ec-b3d299c929fd", "key": "what", "label": "What it is", "onward": []}, {"id": "01a227ef-e77a-7455-a397-4de7ff56d8e4", "key": "prices", "label": "Prices", "onward": []}, {"id": "01a227ef-e77a-7cae-9b00-27c8d45eee08", "key": "keeping", "label": "Keeping it", "onward": [], "introduction": "Only what is counted is reordered."}], "endings": [], "purpose": "add", "register": "stock", "sections": [], "questions": [{"id": "01a227ef-e77a-7d51-be8d-248e5d81fec0", "page": "what", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77a-7e5a-8185-cd432637831a", "page": "what", "field": "code", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77a-7214-8e6e-8e6838449b3b", "page": "what", "field": "group", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77a-7ad1-a213-73cd960c2dc7", "page": "what", "field": "unit", "rules": [{"kind": "starts_as", "value": "\"each\""}]}, {"id": "01a227ef-e77a-77d8-ba7a-3ff2532be43d", "page": "what", "field": "bar_code", "rules": []}, {"id": "01a227ef-e77a-78c4-b935-5eb268cb4a0e", "page": "prices", "field": "cost_price", "rules": [{"kind": "must", "condition": "cost_price >= 0"}]}, {"id": "01a227ef-e77a-7bb3-abc9-66ea9a82fba3", "page": "prices", "field": "sale_price", "rules": [{"kind": "must", "message": "It would be sold for less than it costs.", "condition": "cost_price = null or sale_price >= cost_price"}]}, {"id": "01a227ef-e77a-7866-a029-be2bb1a1a84c", "page": "prices", "field": "margin", "rules": []}, {"id": "01a227ef-e77a-7fc4-abe6-015c857f1026", "page": "prices", "field": "vat_rate", "rules": [{"kind": "starts_as", "value": "\"standard\""}]}, {"id": "01a227ef-e77a-7eb6-893f-7ad77a30bca9", "page": "prices", "field": "supplier", "rules": []}, {"id": "01a227ef-e77a-7426-81d2-c3dc16123781", "page": "keeping", "field": "counted", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a227ef-e77a-7ee2-8801-2e9fe6b27fb9", "page": "keeping", "field": "shelf", "rules": []}, {"id": "01a227ef-e77a-7e3a-a501-51c47f5398b6", "page": "keeping", "field": "reorder_point", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a227ef-e77a-751e-9d51-293495710062", "page": "keeping", "field": "reorder_quantity", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a227ef-e77a-799f-b70b-934784d92b0e", "page": "keeping", "field": "picture", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_appeal', 1, 'published', 12, '{"id": "01a227ef-e77c-78da-8d08-2122fa7e25fb", "key": "new_appeal", "label": "New appeal", "pages": [], "endings": [], "purpose": "add", "register": "appeals", "sections": [], "questions": [{"id": "01a227ef-e77a-7ce3-baf7-863669ed6d1e", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77a-7362-b623-8bf2afc6291b", "field": "purpose", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77b-75e0-89ec-540c43115271", "field": "target", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "target > 0"}]}, {"id": "01a227ef-e77b-7a06-9488-d3ff443f762b", "field": "begins_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a227ef-e77b-7732-9cf7-c669f2b3c24e", "field": "ends_on", "rules": [{"kind": "must", "condition": "ends_on > begins_on"}]}, {"id": "01a227ef-e77c-7334-a40e-0549b071ad55", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "if begins_on > today() then \"planned\" else \"running\""}, {"kind": "offers_only", "choices": ["planned", "running"]}]}, {"id": "01a227ef-e77c-76f2-9f14-e66b73caf4c3", "field": "boat", "rules": []}, {"id": "01a227ef-e77c-74c3-9476-994db2435920", "field": "manager", "rules": []}, {"id": "01a227ef-e77c-7ac5-b8c5-1970bd82395e", "field": "page", "rules": []}, {"id": "01a227ef-e77c-7ef3-a8d3-9f7893c81e0c", "field": "picture", "rules": []}], "fill_in_by": ["office"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_details', 1, 'published', 13, '{"id": "01a227ef-e77d-7ef0-bfd1-4ac4cb7a74e1", "key": "berth_details", "label": "Berth details", "pages": [], "endings": [], "purpose": "both", "register": "berths", "sections": [], "questions": [{"id": "01a227ef-e77d-7f00-a73e-d7ab38fedf86", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77d-7832-905a-b48e1e9a3a4c", "field": "pontoon", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227ef-e77d-787e-9f6e-1270eca5d5e9", "field": "longest", "rules": [{"kind": "must", "condition": "longest > 0"}]}, {"id": "01a227ef-e77d-7a98-bc23-b42b1a2acfed", "field": "shore_power", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a227ef-e77d-782c-a1de-e8a0bc03e96d", "field": "services", "rules": []}, {"id": "01a227ef-e77d-744e-9251-9650f1477381", "field": "yearly_fee", "rules": [{"kind": "must", "condition": "yearly_fee >= 0"}]}, {"id": "01a227ef-e77d-7636-bc6a-6214dfdff6fc", "field": "position", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'your_boat', 1, 'published', 15, '{"id": "01a227ef-e783-7a52-b0e9-83a9f3727f9a", "key": "your_boat", "label": "Your boat this year", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a227ef-e783-759b-8205-f2a331bbae47", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: send us the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a227ef-e783-7073-9647-66f67613e063", "field": "sail_number", "rules": []}, {"id": "01a227ef-e783-7a44-9259-604cb28b7084", "field": "beam", "rules": []}, {"id": "01a227ef-e783-7fa4-abf0-1aeb47ea40a5", "field": "draught", "rules": []}, {"id": "01a227ef-e783-7b54-84f5-975d54403791", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["client"], "introduction": "Tell us what has changed, so that nobody has to ring you."}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('route', 'near_misses', 1, 'published', 1, '{"id": "01a227f0-009e-7ef3-8ad9-6ff5382ca395", "key": "near_misses", "sets": {"refused": [], "approved": [], "sent_back": []}, "label": "Near misses", "steps": [{"id": "01a227f0-009e-7a98-9eb8-5ab7cb534dc0", "who": {"kind": "role", "role": "yard_manager"}, "fills": [], "label": "Yard manager", "locks": [], "notes": [], "shows": null, "beside": false, "refused": "first", "deadline": null, "how_many": "any", "condition": "cost > 500"}], "stops": [], "amount": null, "mended": "first", "reopens": [], "may_sign": [], "register": "near_misses", "condition": null, "tolerance": null, "again_from": null, "last_resort": {"kind": "role", "role": "operations_manager"}}', '2026-11-29 15:32:49.944+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('form', 'report_a_near_miss', 1, 'published', 16, '{"id": "01a227f0-0051-7e3d-8aba-d942d0e1d9b5", "key": "report_a_near_miss", "label": "Report a near miss", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a227f0-0050-786e-a586-82529067e0e2", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227f0-0051-7ce8-843f-d6c06cb5551e", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a227f0-0051-7d01-93f6-f9e1f7b423fe", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227f0-0051-7ae8-9c9c-3726eb7606ab", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a227f0-0051-743f-9736-37ff0957ff9c", "field": "owner", "rules": []}, {"id": "01a227f0-0051-7ceb-908e-b2c5201c8700", "field": "cost", "rules": [{"kind": "asked_when", "condition": "severity in (\"damage\", \"injury\")"}, {"kind": "must", "condition": "cost > 0"}]}, {"id": "01a227f0-0051-7e01-83df-70451e8f0746", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": ["yard_hand"]}', '2026-11-29 15:32:50.243+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('register', 'boats', 1, 'retired', 2, '{"id": "01a227ef-e764-7ce4-b02b-d2bdb2544f70", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a227ef-e763-7361-aacd-54604716bc10", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e763-7d75-9719-542d5c2f16ad", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a227ef-e763-7b06-bfcc-0af0bfa98c9e", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a227ef-e763-7645-bf04-0aedf6f9b08c", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a227ef-e763-7b00-89a9-504f2c1c511c", "key": "built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a227ef-e763-7453-98c3-97dc0603aff6", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a227ef-e763-75df-b0b8-8e11998f1c4f", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a227ef-e763-7da5-abd3-769ddf6ebb83", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a227ef-e763-7439-801d-4f1fd411e7ab", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a227ef-e763-794b-a52b-ff42ba363f4b", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a227ef-e763-7f5b-a5d2-e6bc7dca6589", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a227ef-e763-7020-9235-a4650ca0265f", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a227ef-e764-7bea-894e-3c730c520ef7", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a227ef-e764-7dd1-8c15-88a6de833123", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-29 15:32:43.484+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'boats', 2, 'published', 2, '{"id": "01a227ef-e764-7ce4-b02b-d2bdb2544f70", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a227ef-e763-7361-aacd-54604716bc10", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a227ef-e763-7d75-9719-542d5c2f16ad", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a227ef-e763-7b06-bfcc-0af0bfa98c9e", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a227ef-e763-7645-bf04-0aedf6f9b08c", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a227ef-e763-7b00-89a9-504f2c1c511c", "key": "year_built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a227ef-e763-7453-98c3-97dc0603aff6", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a227ef-e763-75df-b0b8-8e11998f1c4f", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a227ef-e763-7da5-abd3-769ddf6ebb83", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a227ef-e763-7439-801d-4f1fd411e7ab", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a227ef-e763-794b-a52b-ff42ba363f4b", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a227ef-e763-7f5b-a5d2-e6bc7dca6589", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a227ef-e763-7020-9235-a4650ca0265f", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a227ef-e764-7bea-894e-3c730c520ef7", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a227ef-e764-7dd1-8c15-88a6de833123", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "year_built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-29 15:32:53.969+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 2, 'published', 11, '{"id": "01a227ef-fb5e-77b2-b450-3a7b6563e794", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a227ef-fb5e-70b0-a55d-443a269e2251", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a227ef-fb5e-7d64-a67a-5434e3bed458", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a227ef-fb5e-735e-aa75-b2a639c214fd", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a227ef-fb5e-7a5e-b73c-e8981f609c32", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a227ef-fb5e-7426-a604-9aa51825a014", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a227ef-fb5e-7f54-9d86-cc0795cd9dad", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a227ef-fb5e-735d-811d-f81439b52063", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-29 15:32:55.812+00', '01a227ef-f496-75f7-9c50-9e8740b36c15');
INSERT INTO iolite.drafts VALUES ('report_a_near_miss', 1, '{"id": "01a227f0-0051-7e3d-8aba-d942d0e1d9b5", "key": "report_a_near_miss", "label": "Report a near miss soon", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a227f0-0050-786e-a586-82529067e0e2", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227f0-0051-7ce8-843f-d6c06cb5551e", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a227f0-0051-7d01-93f6-f9e1f7b423fe", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a227f0-0051-7ae8-9c9c-3726eb7606ab", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a227f0-0051-743f-9736-37ff0957ff9c", "field": "owner", "rules": []}, {"id": "01a227f0-0051-7e01-83df-70451e8f0746", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": []}', '2026-11-29 15:32:56.738+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'form');
INSERT INTO iolite.groups VALUES ('01a227f0-1f46-7a4a-acfa-3c8f70adde21', '$argon2id$v=19$m=19456,t=2,p=1$j0I2X41y1dQQzFPZpQ6JBg$WVRMSThN4dFA6ZM3QnWclkxfYKatMo5tRS9cqzb7NXc', '{01a227ef-e774-7d3e-8c58-ac8ddc9dd199}', '18:00');
INSERT INTO iolite.history VALUES (1, '01a227f0-0291-7a26-b56a-c9f079afeae0', '2026-11-29 15:32:50.542+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'added', NULL, NULL, '{}', '01a227ef-e763-7fa9-8a4f-995b9095b2c8', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (2, '01a227f0-0292-7a9a-b29e-1d1030de4a13', '2026-11-29 15:32:50.938+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'added', NULL, NULL, '{}', '01a227ef-e764-7ce4-b02b-d2bdb2544f70', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (3, '01a227f0-04c8-73a2-bf5f-43dac28d98a2', '2026-11-29 15:32:51.032+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'added', NULL, NULL, '{}', '01a227ef-e763-7fa9-8a4f-995b9095b2c8', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (4, '01a227f0-04c8-72e5-9231-bf678c71d421', '2026-11-29 15:32:51.09+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'added', NULL, NULL, '{}', '01a227ef-e764-7ce4-b02b-d2bdb2544f70', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (5, '01a227f0-056b-784e-b4c3-59945f7403f4', '2026-11-29 15:32:51.205+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', 'added', 1, NULL, '{}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', NULL, NULL);
INSERT INTO iolite.history VALUES (6, '01a227f0-0710-72de-9043-600aefd79a7e', '2026-11-29 15:32:51.619+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', 'added', 1, NULL, '{}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', NULL, NULL);
INSERT INTO iolite.history VALUES (7, '01a227f0-07ac-7dce-8c27-dad4339ed583', '2026-11-29 15:32:51.767+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', 'added', 1, NULL, '{}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', NULL, NULL);
INSERT INTO iolite.history VALUES (8, '01a227f0-0810-7a5d-b6df-a78b140c9762', '2026-11-29 15:32:51.863+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', 'added', 1, NULL, '{}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', NULL, NULL);
INSERT INTO iolite.history VALUES (9, '01a227f0-0710-72de-9043-600aefd79a7e', '2026-11-29 15:32:52.575+00', '01a227ef-f4cd-7696-95e9-498f6749d69e', 'sent_back', NULL, 'Seen on the pontoon.', '{}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (10, '01a227f0-07ac-7dce-8c27-dad4339ed583', '2026-11-29 15:32:53.048+00', '01a227ef-f4cd-7696-95e9-498f6749d69e', 'approved', NULL, 'Seen on the pontoon.', '{}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (11, '01a227f0-056b-784e-b4c3-59945f7403f4', '2026-11-29 15:32:53.145+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'changed', NULL, NULL, '{"01a227ef-fb5e-7f54-9d86-cc0795cd9dad": ["900", "950"]}', '01a227ef-fb5e-77b2-b450-3a7b6563e794', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (12, '01a227f0-0dc3-724d-b009-3fa62afd87d3', '2026-11-29 15:32:53.367+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'added', NULL, NULL, '{}', '01a227ef-e765-7a5e-8719-989e55edc999', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (13, '01a227f0-04c8-72e5-9231-bf678c71d421', '2026-11-29 15:32:53.654+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'changed', NULL, NULL, '{"01a227ef-e763-7b00-89a9-504f2c1c511c": [null, "1987"]}', '01a227ef-e764-7ce4-b02b-d2bdb2544f70', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (14, '01a227f0-04c8-72e5-9231-bf678c71d421', '2026-11-29 15:32:53.793+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'archived', NULL, NULL, '{}', '01a227ef-e764-7ce4-b02b-d2bdb2544f70', NULL, NULL, NULL);
INSERT INTO iolite.jobs VALUES ('01a227f0-06f9-726f-a207-c2405b30d1dc', 'tell_waiting', '{"signOff": "01a227f0-0585-7a4a-bbb9-ac550db79636"}', NULL, '2026-11-29 15:32:51.577+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 15:32:51.577+00');
INSERT INTO iolite.jobs VALUES ('01a227f0-0785-7347-bebd-d005e6c3268b', 'tell_waiting', '{"signOff": "01a227f0-0723-7ad9-a96a-e2be56756170"}', NULL, '2026-11-29 15:32:51.717+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 15:32:51.717+00');
INSERT INTO iolite.jobs VALUES ('01a227f0-07fc-7c8f-bccc-b85abfb29c75', 'tell_waiting', '{"signOff": "01a227f0-07b7-735a-a972-ce4c1a39f3fc"}', NULL, '2026-11-29 15:32:51.836+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 15:32:51.836+00');
INSERT INTO iolite.jobs VALUES ('01a227f0-0b15-7d59-907e-7c01e88fba29', 'tell_waiting', '{"signOff": "01a227f0-0723-7ad9-a96a-e2be56756170"}', NULL, '2026-11-29 15:32:52.629+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 15:32:52.629+00');
INSERT INTO iolite.jobs VALUES ('01a227f0-1bc2-7e37-8541-4309c2990ff3', 'send_mail', '{"message": "01a227f0-1bc2-76ef-bac8-38b176f99448"}', NULL, '2026-11-29 15:32:56.898+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 15:32:56.898+00');
INSERT INTO iolite.jobs VALUES ('01a227f0-1bdf-7655-96a4-5aae25aeca66', 'send_mail', '{"message": "01a227f0-1bdf-7886-8b50-e3b2f03c5704"}', NULL, '2026-11-29 15:32:56.927+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-29 15:32:56.927+00');
INSERT INTO iolite.kept_entries VALUES ('01a227f0-20e9-7b72-a462-be4a2c96819a', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', 1, NULL, 'Half a story', '{"typed": {"title": {"value": "Half a story"}}}', '2026-11-29 15:32:58.261+00', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5');
INSERT INTO iolite.lists VALUES ('owed_to_us', 1, NULL, 1, '{"key": "owed_to_us", "view": {"by": "age_band", "find": "", "kept": "0", "look": "table", "sort": "due_on", "marks": "", "filter": "state in (\"issued\", \"part_paid\") and balance > 0", "totals": "sum:gross,sum:balance", "widths": "", "worked": "", "columns": "subject,client,due_on,gross,balance,days_late,state", "archived": "no"}, "label": "Owed to us", "counted": true, "register": "invoices", "first_for": [], "pinned_for": ["treasurer", "office"], "shared_with": ["operations_manager", "treasurer", "trustee", "office"]}', '2026-11-29 15:32:43.484+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('invoiced_by_month', 2, NULL, 1, '{"key": "invoiced_by_month", "view": {"by": "issued_on:month", "find": "", "kept": "0", "look": "table", "sort": "-issued_on", "marks": "", "filter": "state != \"draft\"", "totals": "sum:net,sum:gross,average:gross", "widths": "", "worked": "", "columns": "subject,client,issued_on,net,vat,gross", "archived": "no"}, "label": "Invoiced by month", "counted": false, "register": "invoices", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer"]}', '2026-11-29 15:32:43.484+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('to_reorder', 3, NULL, 1, '{"key": "to_reorder", "view": {"by": "group", "find": "", "kept": "0", "look": "table", "sort": "name", "marks": "", "filter": "to_reorder = true", "totals": "sum:reorder_quantity", "widths": "", "worked": "", "columns": "name,shelf,on_hand,reorder_point,reorder_quantity,cost_price,supplier", "archived": "no"}, "label": "To reorder", "counted": true, "register": "stock", "first_for": [], "pinned_for": ["yard_manager"], "shared_with": ["operations_manager", "yard_manager", "yard_hand", "office"]}', '2026-11-29 15:32:43.484+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('still_open', 4, NULL, 1, '{"key": "still_open", "view": {"by": "state", "find": "", "kept": "0", "look": "table", "sort": "-happened_at", "marks": "", "filter": "state != \"closed\"", "totals": "", "widths": "", "worked": "", "columns": "title,kind,happened_at,place,open_actions,state", "archived": "no"}, "label": "Still open", "counted": true, "register": "incidents", "first_for": [], "pinned_for": ["safety_trustee"], "shared_with": ["operations_manager", "yard_manager", "safety_trustee"]}', '2026-11-29 15:32:43.484+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('gifts_by_appeal', 5, NULL, 1, '{"key": "gifts_by_appeal", "view": {"by": "appeal,received_on:year", "find": "", "kept": "0", "look": "table", "sort": "-received_on", "marks": "", "filter": "", "totals": "sum:amount,different:donor", "widths": "", "worked": "", "columns": "donor_name,appeal,received_on,amount,gift_aid,worth", "archived": "no"}, "label": "Gifts by appeal", "counted": false, "register": "donations", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer", "trustee"]}', '2026-11-29 15:32:43.484+00', NULL, NULL);
INSERT INTO iolite.messages VALUES ('01a227f0-1bc2-76ef-bac8-38b176f99448', '2026-11-29 15:32:56.898+00', '01a227f0-1b69-782f-9cf5-51422500de9c', 'Nell Harrow', 'nell.harrow@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Nell Harrow,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, nell.harrow@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'hqIMxEkymXgAGNRsO4bzDgOQjFza0QLVd921YLq9vdY', 'waiting', NULL, '01a227f0-1bc2-7e37-8541-4309c2990ff3');
INSERT INTO iolite.messages VALUES ('01a227f0-1bdf-7886-8b50-e3b2f03c5704', '2026-11-29 15:32:56.927+00', '01a227f0-1bd6-7ab5-84fd-e0272919bdd2', 'Anneke Voss', 'anneke.voss@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Anneke Voss,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, anneke.voss@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'ahb8wgPDZTkmzJ7PnSRnhFKqWHlV3YH3yi51tX76QeE', 'waiting', NULL, '01a227f0-1bdf-7655-96a4-5aae25aeca66');
INSERT INTO iolite.people VALUES ('01a227ef-f4cc-72a3-9358-e7590dc1c3c6', 'dev.anand@example.org', 'Dev Anand', '{yard_hand}', NULL, 2, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4cf-725b-82e2-a18774b29fa2', 'ines.varga@example.org', 'Ines Varga', '{treasurer,trustee}', NULL, 4, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4d0-7cb1-bd23-93fee37e70b5', 'teo.marsh@example.org', 'Teo Marsh', '{safety_trustee,trustee}', NULL, 5, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4d1-7901-845a-764135e675a8', 'bea.quill@example.org', 'Bea Quill', '{office}', NULL, 6, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4d3-7d61-aba7-7ea1a334ddd2', 'orla.margetts@example.org', 'Orla Margetts', '{client}', NULL, 7, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4d4-7f7a-a56a-a3f5d41423aa', 'tomas.reed@example.org', 'Tomas Reed', '{trustee}', NULL, 8, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f496-75f7-9c50-9e8740b36c15', 'runa.oakes@example.org', 'Runa Oakes', '{operations_manager}', '$argon2id$v=19$m=19456,t=2,p=1$y894GWSqUQrZcFfNNxkYPw$wVmUFi0GxledczNsyFQ1X0ffDAAYeemhKtGN/UNa3fs', 0, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, '2026-11-29 15:32:48.213+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4ca-77aa-b352-9ecf821da6d8', 'piet.lund@example.org', 'Piet Lund', '{yard_hand}', NULL, 1, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, '2026-11-29 15:32:48.415+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227ef-f4cd-7696-95e9-498f6749d69e', 'sana.whitlock@example.org', 'Sana Whitlock', '{yard_manager}', NULL, 3, NULL, 'person', '', '2026-11-29 15:32:43.484+00', NULL, '2026-11-29 15:32:48.449+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227f0-1b69-782f-9cf5-51422500de9c', 'nell.harrow@example.org', 'Nell Harrow', '{office}', NULL, 9, NULL, 'person', '', NULL, NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227f0-1bd6-7ab5-84fd-e0272919bdd2', 'anneke.voss@example.org', 'Anneke Voss', '{yard_hand}', NULL, 10, NULL, 'person', '', NULL, '2026-11-29 15:32:57.546+00', NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227f0-1f46-7a4a-acfa-3c8f70adde21', '', 'Slipway tablet', '{yard_hand}', NULL, 11, NULL, 'group', '', '2026-11-29 15:32:57.79+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a227f0-2099-727d-a627-24d469aa133f', '', 'Year-end sums', '{treasurer}', NULL, 12, NULL, 'token', '', '2026-11-29 15:32:58.134+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.receipts VALUES ('01a227f0-0291-7a26-b56a-c9f079afeae0', 'clients', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'ac32ebddfb06e069aae0c9d5c335ac6409451b56df2bef228a7927726d93b03f');
INSERT INTO iolite.receipts VALUES ('01a227f0-0292-7a9a-b29e-1d1030de4a13', 'boats', '01a227ef-f496-75f7-9c50-9e8740b36c15', '5e60035eb9905824b011aeeee21dee7dfc0ee2bca76a07b168beb952d4f59b64');
INSERT INTO iolite.receipts VALUES ('01a227f0-04c8-73a2-bf5f-43dac28d98a2', 'clients', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'b043a888b836c8682d4237592e75dba8f0d51b88a62f46252c52ded2dda5da99');
INSERT INTO iolite.receipts VALUES ('01a227f0-04c8-72e5-9231-bf678c71d421', 'boats', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'bca83dfff0b886941d9a43e650f706d83a10202cbaa29fe09ea6f2de5634c578');
INSERT INTO iolite.receipts VALUES ('01a227f0-056b-784e-b4c3-59945f7403f4', 'near_misses', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '683329c670106ba0d6ebb0d64ee37acb804ce351220a37f4c3bcb7fe77793f44');
INSERT INTO iolite.receipts VALUES ('01a227f0-0710-72de-9043-600aefd79a7e', 'near_misses', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', 'd4d81a0b8f3b6c6569cf528d2395d6e28965605a5efb019b98254eced2409d67');
INSERT INTO iolite.receipts VALUES ('01a227f0-07ac-7dce-8c27-dad4339ed583', 'near_misses', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '8e0e2e98d1600c26e39dc6711194ef71bea440d68fc7865cc40a1b12028feb16');
INSERT INTO iolite.receipts VALUES ('01a227f0-0810-7a5d-b6df-a78b140c9762', 'near_misses', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2de971e9e41e3d7afcbf7af7575cf3df024c709087b1e83d42a52710a99d60a4');
INSERT INTO iolite.receipts VALUES ('01a227f0-0dc3-724d-b009-3fa62afd87d3', 'invoices', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2a987d7c6aa7ea174107fad1383a5721342f473d6634bb8d47a046ac82555b12');
INSERT INTO iolite.secret_links VALUES ('2973ecbd8e85a241d410b86f222fe08e55bcd8a03df73979229cc8908d5d3e7b', 'invitation', '01a227f0-1b69-782f-9cf5-51422500de9c', NULL, '2026-11-29 15:32:56.877+00', '2026-12-06 15:32:56.877+00');
INSERT INTO iolite.series VALUES ('invoices', 'invoice_number', 0, 2);
INSERT INTO iolite.sessions VALUES ('2f4bba9ba85a0a16ad1f1ff3f75894fd52624a8b434910103a45d9fb30c74b11', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:48.212+00', '2026-12-13 15:32:48.209+00', '2026-11-29 15:32:48.212+00', NULL, '370d547a-89d9-48bb-8fca-03e0d89b13b1', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('1f1361e5748264660d6354cbb1a60b39ec7fb752229814f1f8e4dbe9a3c2976c', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:48.391+00', '2026-12-13 15:32:48.381+00', '2026-11-29 15:32:48.391+00', NULL, 'd9eba4e9-f6e2-4928-bab3-0cf2233c28ae', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('231f0b2f3782ae4958f9b0c1fc2bb20012302881103977621c1f1d806fd2c929', '01a227ef-f4cd-7696-95e9-498f6749d69e', '2026-11-29 15:32:48.449+00', '2026-12-13 15:32:48.446+00', '2026-11-29 15:32:48.449+00', NULL, 'eb8aa1e9-f3b4-4832-84b2-0a67e996fa7b', 'node', false, NULL, NULL);
INSERT INTO iolite.set_aside VALUES ('01a227f0-18cd-7feb-adf7-3466f7a4a312', 'near_misses', NULL, '-01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4', '{"id": "01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}', '2026-11-29 15:32:55.812+00');
INSERT INTO iolite.sign_off_events VALUES (1, '01a227f0-0585-7a4a-bbb9-ac550db79636', '{"at": "2026-11-29T15:32:51.205Z", "by": "01a227ef-f4ca-77aa-b352-9ecf821da6d8", "from": 0, "kind": "sent", "sender": "01a227ef-f4ca-77aa-b352-9ecf821da6d8"}');
INSERT INTO iolite.sign_off_events VALUES (2, '01a227f0-0585-7a4a-bbb9-ac550db79636', '{"at": "2026-11-29T15:32:51.205Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a227ef-f4cd-7696-95e9-498f6749d69e"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (3, '01a227f0-0723-7ad9-a96a-e2be56756170', '{"at": "2026-11-29T15:32:51.619Z", "by": "01a227ef-f4ca-77aa-b352-9ecf821da6d8", "from": 0, "kind": "sent", "sender": "01a227ef-f4ca-77aa-b352-9ecf821da6d8"}');
INSERT INTO iolite.sign_off_events VALUES (4, '01a227f0-0723-7ad9-a96a-e2be56756170', '{"at": "2026-11-29T15:32:51.619Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a227ef-f4cd-7696-95e9-498f6749d69e"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (5, '01a227f0-07b7-735a-a972-ce4c1a39f3fc', '{"at": "2026-11-29T15:32:51.767Z", "by": "01a227ef-f4ca-77aa-b352-9ecf821da6d8", "from": 0, "kind": "sent", "sender": "01a227ef-f4ca-77aa-b352-9ecf821da6d8"}');
INSERT INTO iolite.sign_off_events VALUES (6, '01a227f0-07b7-735a-a972-ce4c1a39f3fc', '{"at": "2026-11-29T15:32:51.767Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a227ef-f4cd-7696-95e9-498f6749d69e"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (7, '01a227f0-0723-7ad9-a96a-e2be56756170', '{"at": "2026-11-29T15:32:52.575Z", "by": "01a227ef-f4cd-7696-95e9-498f6749d69e", "to": null, "for": "01a227ef-f4cd-7696-95e9-498f6749d69e", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-29T15:32:52.575Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "send_back"}');
INSERT INTO iolite.sign_off_events VALUES (8, '01a227f0-07b7-735a-a972-ce4c1a39f3fc', '{"at": "2026-11-29T15:32:53.048Z", "by": "01a227ef-f4cd-7696-95e9-498f6749d69e", "to": null, "for": "01a227ef-f4cd-7696-95e9-498f6749d69e", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-29T15:32:53.048Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "approve"}');
INSERT INTO iolite.sign_off_events VALUES (9, '01a227f0-0585-7a4a-bbb9-ac550db79636', '{"at": "2026-11-29T15:32:53.145Z", "by": "01a227ef-f496-75f7-9c50-9e8740b36c15", "from": 0, "kept": false, "kind": "changed"}');
INSERT INTO iolite.sign_off_events VALUES (10, '01a227f0-0585-7a4a-bbb9-ac550db79636', '{"at": "2026-11-29T15:32:53.145Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a227ef-f4cd-7696-95e9-498f6749d69e"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_parts VALUES ('01a227f0-0585-7a4a-bbb9-ac550db79636', 0, '01a227ef-f4cd-7696-95e9-498f6749d69e', 'asked');
INSERT INTO iolite.sign_off_seen VALUES ('01a227f0-0723-7ad9-a96a-e2be56756170', 1, '{"01a227ef-fb5e-70b0-a55d-443a269e2251": "Loose cleat", "01a227ef-fb5e-735d-811d-f81439b52063": "The warp parted at the bollard while the yawl was being hauled.", "01a227ef-fb5e-735e-aa75-b2a639c214fd": null, "01a227ef-fb5e-7426-a604-9aa51825a014": "damage", "01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4": null, "01a227ef-fb5e-7a5e-b73c-e8981f609c32": null, "01a227ef-fb5e-7d64-a67a-5434e3bed458": "2026-11-29T15:32:51.600Z", "01a227ef-fb5e-7f54-9d86-cc0795cd9dad": "700"}');
INSERT INTO iolite.sign_off_seen VALUES ('01a227f0-07b7-735a-a972-ce4c1a39f3fc', 1, '{"01a227ef-fb5e-70b0-a55d-443a269e2251": "Bent rail", "01a227ef-fb5e-735d-811d-f81439b52063": "The warp parted at the bollard while the yawl was being hauled.", "01a227ef-fb5e-735e-aa75-b2a639c214fd": "01a227f0-04c8-72e5-9231-bf678c71d421", "01a227ef-fb5e-7426-a604-9aa51825a014": "injury", "01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4": null, "01a227ef-fb5e-7a5e-b73c-e8981f609c32": null, "01a227ef-fb5e-7d64-a67a-5434e3bed458": "2026-11-29T15:32:51.757Z", "01a227ef-fb5e-7f54-9d86-cc0795cd9dad": "800"}');
INSERT INTO iolite.sign_off_steps VALUES ('01a227f0-0723-7ad9-a96a-e2be56756170', 0, 'sent_back', '2026-11-29 15:32:51.619+00', NULL, 1, 0);
INSERT INTO iolite.sign_off_steps VALUES ('01a227f0-07b7-735a-a972-ce4c1a39f3fc', 0, 'signed', '2026-11-29 15:32:51.767+00', NULL, 1, 1);
INSERT INTO iolite.sign_off_steps VALUES ('01a227f0-0585-7a4a-bbb9-ac550db79636', 0, 'open', '2026-11-29 15:32:53.145+00', NULL, 1, 0);
INSERT INTO iolite.sign_offs VALUES ('01a227f0-0723-7ad9-a96a-e2be56756170', '01a227f0-0710-72de-9043-600aefd79a7e', 1, 1, 'sent_back', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:51.619+00', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', 1, '', '2026-11-29 15:32:52.575+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, NULL);
INSERT INTO iolite.sign_offs VALUES ('01a227f0-07b7-735a-a972-ce4c1a39f3fc', '01a227f0-07ac-7dce-8c27-dad4339ed583', 1, 1, 'approved', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:51.767+00', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', 1, '', '2026-11-29 15:32:53.048+00', '2026-11-29 15:32:53.048+00', NULL, NULL, NULL, '{}', '{}', '2026-11-29 15:32:53.048+00', NULL);
INSERT INTO iolite.sign_offs VALUES ('01a227f0-0585-7a4a-bbb9-ac550db79636', '01a227f0-056b-784e-b4c3-59945f7403f4', 1, 2, 'waiting', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:53.145+00', '01a227ef-fb5e-77b2-b450-3a7b6563e794', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', '01a227f0-0051-7e3d-8aba-d942d0e1d9b5', '01a227f0-009e-7ef3-8ad9-6ff5382ca395', 1, 'Yard manager', '2026-11-29 15:32:51.205+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, '2026-11-29 15:32:53.145+00');
INSERT INTO iolite.tokens VALUES ('01a227f0-2099-727d-a627-24d469aa133f', '9b1a94e8355619b88a82948ab276b604e1bf511eb21878fae14a85e612d885a2', '', '2999-12-31', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:58.137+00');
INSERT INTO iolite.workspace VALUES (1, 6, 'Tern Quay Boatyard', 'en-GB', 'Europe/London', 'GBP', '{2026-01-01,2026-04-03,2026-04-06,2026-05-04,2026-05-25,2026-08-31,2026-12-25,2026-12-28,2027-01-01,2027-03-26,2027-03-29,2027-05-03,2027-05-31,2027-08-30,2027-12-27,2027-12-28}', '{"email": "email", "register": "clients"}', true, true, NULL, NULL);
INSERT INTO iolite.workspace_history VALUES (1, '2026-11-29 15:32:56.774+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'invited', '01a227f0-1b69-782f-9cf5-51422500de9c', 'invited Nell Harrow');
INSERT INTO iolite.workspace_history VALUES (2, '2026-11-29 15:32:56.774+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'invited', '01a227f0-1bd6-7ab5-84fd-e0272919bdd2', 'invited Anneke Voss');
INSERT INTO iolite.workspace_history VALUES (3, '2026-11-29 15:32:57.546+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'switched', '01a227f0-1bd6-7ab5-84fd-e0272919bdd2', 'switched Anneke Voss off');
INSERT INTO iolite.workspace_history VALUES (4, '2026-11-29 15:32:58.108+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'group', '01a227f0-1f46-7a4a-acfa-3c8f70adde21', 'let Slipway tablet in by a code');
INSERT INTO iolite.workspace_history VALUES (5, '2026-11-29 15:32:58.137+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', 'token', '01a227f0-2099-727d-a627-24d469aa133f', 'made the token Year-end sums');
INSERT INTO records.boats VALUES ('01a227f0-0292-7a9a-b29e-1d1030de4a13', 1, 'BOA-0001', 1, '2026-11-29 15:32:50.938+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:50.938+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', NULL, ' boa-0001 sea thrift', ' sea thrift boa-0001', 'Sea Thrift', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a227f0-0291-7a26-b56a-c9f079afeae0', NULL);
INSERT INTO records.boats VALUES ('01a227f0-04c8-72e5-9231-bf678c71d421', 2, 'BOA-0002', 3, '2026-11-29 15:32:51.09+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:53.654+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:53.793+00', ' boa-0002 samphire 1987 1987', ' samphire boa-0002', 'Samphire', NULL, NULL, 1987, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a227f0-04c8-73a2-bf5f-43dac28d98a2', NULL);
INSERT INTO records.clients VALUES ('01a227f0-0291-7a26-b56a-c9f079afeae0', 1, 'CLI-0001', 1, '2026-11-29 15:32:50.542+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:50.542+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', NULL, ' cli-0001 owner of sea thrift private', ' owner of sea thrift cli-0001', 'Owner of Sea Thrift', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.clients VALUES ('01a227f0-04c8-73a2-bf5f-43dac28d98a2', 2, 'CLI-0002', 1, '2026-11-29 15:32:51.032+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:51.032+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', NULL, ' cli-0002 owner of samphire private', ' owner of samphire cli-0002', 'Owner of Samphire', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.invoices VALUES ('01a227f0-0dc3-724d-b009-3fa62afd87d3', 1, 'INV-0001', 1, '2026-11-29 15:32:53.367+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', '2026-11-29 15:32:53.367+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', NULL, ' inv-0001 berth fee tq-00001 01 feb 2026 01 mar 2026 issued fee, 2, 12.50, standard 20 % 25.00 25 25.00 25 5.00 5 0.00 0 0.00 0 5.00 5 30.00 30 0.00 0 30.00 30', ' berth fee inv-0001', 'Berth fee', 'TQ-00001', '2026-02-01', '2026-03-01', 'issued', '{}', '01a227f0-0291-7a26-b56a-c9f079afeae0', '01a227f0-0292-7a9a-b29e-1d1030de4a13');
INSERT INTO records.near_misses VALUES ('01a227f0-0710-72de-9043-600aefd79a7e', 2, 'NEA-0002', 1, '2026-11-29 15:32:51.619+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:51.619+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', NULL, ' nea-0002 loose cleat 29 nov 2026, 15:32 damage 700.00 700 the warp parted at the bollard while the yawl was being hauled.', ' loose cleat nea-0002', 'Loose cleat', '2026-11-29 15:32:51.6+00', 'damage', 700.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a227f0-07ac-7dce-8c27-dad4339ed583', 3, 'NEA-0003', 1, '2026-11-29 15:32:51.767+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:51.767+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', NULL, ' nea-0003 bent rail 29 nov 2026, 15:32 injury 800.00 800 the warp parted at the bollard while the yawl was being hauled.', ' bent rail nea-0003', 'Bent rail', '2026-11-29 15:32:51.757+00', 'injury', 800.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a227f0-04c8-72e5-9231-bf678c71d421', NULL);
INSERT INTO records.near_misses VALUES ('01a227f0-0810-7a5d-b6df-a78b140c9762', 4, 'NEA-0004', 1, '2026-11-29 15:32:51.863+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:51.863+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', NULL, ' nea-0004 slipped on weed 29 nov 2026, 15:32 scare the warp parted at the bollard while the yawl was being hauled.', ' slipped on weed nea-0004', 'Slipped on weed', '2026-11-29 15:32:51.856+00', 'scare', NULL, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a227f0-056b-784e-b4c3-59945f7403f4', 1, 'NEA-0001', 2, '2026-11-29 15:32:51.205+00', '01a227ef-f4ca-77aa-b352-9ecf821da6d8', '2026-11-29 15:32:53.145+00', '01a227ef-f496-75f7-9c50-9e8740b36c15', NULL, ' nea-0001 parted warp 29 nov 2026, 15:32 damage 950.00 950 the warp parted at the bollard while the yawl was being hauled.', ' parted warp nea-0001', 'Parted warp', '2026-11-29 15:32:51.179+00', 'damage', 950.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a227f0-0292-7a9a-b29e-1d1030de4a13', NULL);
INSERT INTO rows."invoices.lines" VALUES ('01a227f0-0dc4-747a-b654-fef7a6207503', '01a227f0-0dc3-724d-b009-3fa62afd87d3', 0, NULL, 'Fee', 2.00, 12.50, 'standard', DEFAULT);
SELECT pg_catalog.setval('drizzle.__drizzle_migrations_id_seq', 19, true);
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
CREATE INDEX near_misses_berth_idx ON records.near_misses USING btree ("-01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4");
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
    ADD CONSTRAINT near_misses_berth_fkey FOREIGN KEY ("-01a227ef-fb5e-74b4-a2b6-f5ed513ea0d4") REFERENCES records.berths(id);
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
