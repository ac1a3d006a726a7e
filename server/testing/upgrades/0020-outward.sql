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
    "-01a22a18-e66f-70f1-9306-b4264e0ce2bf" uuid,
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
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (1, NULL, 1, '{"job":"01a22a18-ed99-78f4-b1e3-fa0b84f63a29"}', 0, '2026-11-30 01:36:46.32813+00', 0, 8, NULL, '2026-11-30 01:36:46.32813+00', '2026-11-30 01:36:46.32813+00', '01a22a18-ed99-78f4-b1e3-fa0b84f63a29', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (2, NULL, 1, '{"job":"01a22a18-ee20-7bed-afd8-22b91e8620fd"}', 0, '2026-11-30 01:36:46.550186+00', 0, 8, NULL, '2026-11-30 01:36:46.550186+00', '2026-11-30 01:36:46.550186+00', '01a22a18-ee20-7bed-afd8-22b91e8620fd', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (3, NULL, 1, '{"job":"01a22a18-ee59-7601-b439-7020dffe9e6d"}', 0, '2026-11-30 01:36:46.641187+00', 0, 8, NULL, '2026-11-30 01:36:46.641187+00', '2026-11-30 01:36:46.641187+00', '01a22a18-ee59-7601-b439-7020dffe9e6d', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (4, NULL, 1, '{"job":"01a22a18-f0a9-7822-b8ae-09549a153d2f"}', 0, '2026-11-30 01:36:47.228621+00', 0, 8, NULL, '2026-11-30 01:36:47.228621+00', '2026-11-30 01:36:47.228621+00', '01a22a18-f0a9-7822-b8ae-09549a153d2f', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (5, NULL, 1, '{"job":"01a22a18-faad-7a44-8f4c-b54e248564da"}', 0, '2026-11-30 01:36:49.764141+00', 0, 8, NULL, '2026-11-30 01:36:49.764141+00', '2026-11-30 01:36:49.764141+00', '01a22a18-faad-7a44-8f4c-b54e248564da', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_jobs OVERRIDING SYSTEM VALUE VALUES (6, NULL, 1, '{"job":"01a22a18-fad1-75c9-a980-45354f8f7ede"}', 0, '2026-11-30 01:36:49.764141+00', 0, 8, NULL, '2026-11-30 01:36:49.764141+00', '2026-11-30 01:36:49.764141+00', '01a22a18-fad1-75c9-a980-45354f8f7ede', NULL, NULL, 0, NULL, DEFAULT);
INSERT INTO graphile_worker._private_tasks OVERRIDING SYSTEM VALUE VALUES (1, 'iolite');
INSERT INTO graphile_worker.migrations VALUES (1, '2026-11-30 01:36:43.347718+00', true);
INSERT INTO graphile_worker.migrations VALUES (2, '2026-11-30 01:36:43.398727+00', false);
INSERT INTO graphile_worker.migrations VALUES (3, '2026-11-30 01:36:43.421558+00', true);
INSERT INTO graphile_worker.migrations VALUES (4, '2026-11-30 01:36:43.434102+00', false);
INSERT INTO graphile_worker.migrations VALUES (5, '2026-11-30 01:36:43.440795+00', false);
INSERT INTO graphile_worker.migrations VALUES (6, '2026-11-30 01:36:43.449718+00', false);
INSERT INTO graphile_worker.migrations VALUES (7, '2026-11-30 01:36:43.455331+00', false);
INSERT INTO graphile_worker.migrations VALUES (8, '2026-11-30 01:36:43.459957+00', false);
INSERT INTO graphile_worker.migrations VALUES (9, '2026-11-30 01:36:43.465985+00', false);
INSERT INTO graphile_worker.migrations VALUES (10, '2026-11-30 01:36:43.470459+00', false);
INSERT INTO graphile_worker.migrations VALUES (11, '2026-11-30 01:36:43.476592+00', true);
INSERT INTO graphile_worker.migrations VALUES (12, '2026-11-30 01:36:43.523035+00', false);
INSERT INTO graphile_worker.migrations VALUES (13, '2026-11-30 01:36:43.530726+00', true);
INSERT INTO graphile_worker.migrations VALUES (14, '2026-11-30 01:36:43.538457+00', true);
INSERT INTO graphile_worker.migrations VALUES (15, '2026-11-30 01:36:43.545103+00', false);
INSERT INTO graphile_worker.migrations VALUES (16, '2026-11-30 01:36:43.548133+00', true);
INSERT INTO graphile_worker.migrations VALUES (17, '2026-11-30 01:36:43.556771+00', false);
INSERT INTO graphile_worker.migrations VALUES (18, '2026-11-30 01:36:43.560476+00', false);
INSERT INTO graphile_worker.migrations VALUES (19, '2026-11-30 01:36:43.565403+00', true);
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
INSERT INTO iolite.decisions VALUES (1, '01a22a18-edd7-70bf-a77d-07c05a0d7816', 1, 0, '01a22a18-ddf7-7c58-9e0b-88a99dd50254', 'send_back', 'Seen on the pontoon.', 1, '2026-11-30 01:36:47.237+00', '01a22a18-ddf7-7c58-9e0b-88a99dd50254', '[]', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', 1, '2026-11-30 01:36:46.551+00', NULL);
INSERT INTO iolite.decisions VALUES (2, '01a22a18-ee31-743e-a8c8-90a4ffb2676a', 1, 0, '01a22a18-ddf7-7c58-9e0b-88a99dd50254', 'approve', 'Seen on the pontoon.', 1, '2026-11-30 01:36:47.512+00', '01a22a18-ddf7-7c58-9e0b-88a99dd50254', '[]', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', 1, '2026-11-30 01:36:46.641+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'client_kinds', 1, 'published', 1, '{"id": "01a22a18-d14f-7a20-afcb-6804df72ea50", "key": "client_kinds", "label": "Client kinds", "choices": [{"id": "01a22a18-d14e-7520-9423-e02bd54c6829", "code": "private", "label": "Private"}, {"id": "01a22a18-d14f-7372-a8aa-f7713c0aa7e2", "code": "firm", "label": "Firm"}, {"id": "01a22a18-d14f-78e1-9f4d-d229738b9542", "code": "club", "label": "Club"}, {"id": "01a22a18-d14f-7c4a-8b29-f64f4037b727", "code": "school", "label": "School"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'hull_kinds', 1, 'published', 2, '{"id": "01a22a18-d14f-76c9-a269-52033cde4b7c", "key": "hull_kinds", "label": "Hull kinds", "choices": [{"id": "01a22a18-d14f-7cfd-937f-8731bbd7d716", "code": "sail", "label": "Sail"}, {"id": "01a22a18-d14f-7172-94c6-f68228b5e129", "code": "motor", "label": "Motor"}, {"id": "01a22a18-d14f-7daf-8ba5-f841ba3156ea", "code": "rowing", "label": "Rowing"}, {"id": "01a22a18-d14f-7d6a-bd83-c93a20535844", "code": "work_boat", "label": "Work boat"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'boat_states', 1, 'published', 3, '{"id": "01a22a18-d150-7e64-9c0b-68d1c035e6f5", "key": "boat_states", "label": "Boat states", "choices": [{"id": "01a22a18-d14f-736e-95b7-50fc0d034349", "code": "afloat", "label": "Afloat"}, {"id": "01a22a18-d14f-74a8-a594-19667cc5d313", "code": "ashore", "label": "Ashore"}, {"id": "01a22a18-d14f-7e00-b063-814cd33d00af", "code": "away", "label": "Away"}, {"id": "01a22a18-d150-70e9-94a8-20ac5fee702c", "code": "sold", "label": "Sold"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'pontoons', 1, 'published', 4, '{"id": "01a22a18-d150-7364-a0ec-2fc970382633", "key": "pontoons", "label": "Pontoons", "choices": [{"id": "01a22a18-d150-7de9-afe7-f5efcb70c6d3", "code": "a_pontoon", "label": "A pontoon"}, {"id": "01a22a18-d150-739f-9f9b-57fc010c6358", "code": "b_pontoon", "label": "B pontoon"}, {"id": "01a22a18-d150-7a63-86e1-4e3821962227", "code": "c_pontoon", "label": "C pontoon"}, {"id": "01a22a18-d150-742f-8cdc-99cc6aeec6ac", "code": "wall", "label": "Wall"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'invoice_states', 1, 'published', 5, '{"id": "01a22a18-d150-7ab7-b8fe-09a65bc37212", "key": "invoice_states", "label": "Invoice states", "choices": [{"id": "01a22a18-d150-7063-bfcb-67d760f1fc46", "code": "draft", "label": "Draft", "colour": "plain"}, {"id": "01a22a18-d150-709d-99c2-4bbce18633c5", "code": "issued", "label": "Issued", "colour": "straw"}, {"id": "01a22a18-d150-7e11-96b2-c6fdbb833ef7", "code": "part_paid", "label": "Part paid", "colour": "haze"}, {"id": "01a22a18-d150-738e-b625-59a18bea5903", "code": "paid", "label": "Paid", "colour": "kelp"}, {"id": "01a22a18-d150-72ad-8b08-4f2d8461d785", "code": "credited", "label": "Credited", "colour": "plain"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'vat_rates', 1, 'published', 6, '{"id": "01a22a18-d150-7c77-8873-0cb39556b843", "key": "vat_rates", "label": "VAT rates", "choices": [{"id": "01a22a18-d150-7404-a45c-83eef8a87667", "code": "standard", "extra": {"percentage": "0.2"}, "label": "Standard 20 %"}, {"id": "01a22a18-d150-7a38-9b49-94de87a0c4ea", "code": "reduced", "extra": {"percentage": "0.05"}, "label": "Reduced 5 %"}, {"id": "01a22a18-d150-78e6-80d6-c6de60f4a656", "code": "zero", "extra": {"percentage": "0"}, "label": "Zero 0 %"}, {"id": "01a22a18-d150-7e92-b351-d84fcf399a2c", "code": "exempt", "extra": {"percentage": "0"}, "label": "Exempt"}], "columns": [{"key": "percentage", "type": {"kind": "percent", "decimals": 2}, "label": "Percentage"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'payment_methods', 1, 'published', 7, '{"id": "01a22a18-d150-7715-9d1f-5c2328017cd8", "key": "payment_methods", "label": "Payment methods", "choices": [{"id": "01a22a18-d150-7653-b7b8-023f6ce05d9a", "code": "bank", "icon": "banknote", "label": "Bank transfer"}, {"id": "01a22a18-d150-7722-bd3e-04b4563be1a0", "code": "card", "icon": "credit card", "label": "Card"}, {"id": "01a22a18-d150-7403-81e0-3d638a2673f1", "code": "cash", "icon": "coins", "label": "Cash"}, {"id": "01a22a18-d150-7c35-b8d3-3850decce325", "code": "cheque", "label": "Cheque", "retired": true}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'stock_groups', 1, 'published', 8, '{"id": "01a22a18-d150-749b-a0c4-10e0429d9273", "key": "stock_groups", "label": "Stock groups", "choices": [{"id": "01a22a18-d150-74db-8465-2748b7481dda", "code": "rope", "label": "Rope and cordage"}, {"id": "01a22a18-d150-7cfa-9a3b-bec7fc6b1cb0", "code": "paint", "label": "Paint and antifoul"}, {"id": "01a22a18-d150-7ba5-b35f-184bcb5e62c5", "code": "engine", "label": "Engine parts"}, {"id": "01a22a18-d150-75e9-87ef-5eca832ccc48", "code": "safety", "label": "Safety gear"}, {"id": "01a22a18-d150-7f25-9cf9-d3636de10dbc", "code": "fittings", "label": "Deck fittings"}, {"id": "01a22a18-d150-78f0-b778-10e70723dcbc", "code": "services", "label": "Yard services"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'units', 1, 'published', 9, '{"id": "01a22a18-d150-7820-ba19-f2897ac18a74", "key": "units", "label": "Units", "choices": [{"id": "01a22a18-d150-7c10-9595-d10d33227ec2", "code": "each", "label": "each"}, {"id": "01a22a18-d150-781d-84e3-4caa53e51e89", "code": "metre", "label": "metre"}, {"id": "01a22a18-d150-7052-a8f0-8b5a7c424b13", "code": "litre", "label": "litre"}, {"id": "01a22a18-d150-7c8b-a953-fd0969795725", "code": "pair", "label": "pair"}, {"id": "01a22a18-d150-77d2-a7e0-3f1664f12a26", "code": "hour", "label": "hour"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'movement_kinds', 1, 'published', 10, '{"id": "01a22a18-d150-7f54-aaac-8ef965ad9877", "key": "movement_kinds", "label": "Kinds of movement", "choices": [{"id": "01a22a18-d150-7280-946a-d937c755b05c", "code": "receipt", "icon": "box", "extra": {"sign": "1"}, "label": "Receipt", "colour": "kelp"}, {"id": "01a22a18-d150-7a4e-953d-0d58334f9185", "code": "issue", "icon": "truck", "extra": {"sign": "-1"}, "label": "Issue", "colour": "haze"}, {"id": "01a22a18-d150-721a-b679-365f12e84701", "code": "return", "extra": {"sign": "1"}, "label": "Return from customer"}, {"id": "01a22a18-d150-75e7-88c4-77c5aea6822f", "code": "write_off", "icon": "stop", "extra": {"sign": "-1"}, "label": "Write-off", "colour": "brick"}, {"id": "01a22a18-d150-7dd0-b432-1bc6973fa011", "code": "count_up", "extra": {"sign": "1"}, "label": "Count, found more"}, {"id": "01a22a18-d150-7b3b-acb1-c976df3774e6", "code": "count_down", "extra": {"sign": "-1"}, "label": "Count, found less"}], "columns": [{"key": "sign", "type": {"kind": "number", "decimals": 0}, "label": "Sign"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'cost_centres', 1, 'published', 20, '{"id": "01a22a18-d152-7108-9b58-fd380eeef892", "key": "cost_centres", "label": "Cost centres", "choices": [{"id": "01a22a18-d152-7583-93fc-47179f46af26", "code": "yard", "label": "Yard"}, {"id": "01a22a18-d152-776d-b8e1-3cc1cd15944b", "code": "chandlery", "label": "Chandlery"}, {"id": "01a22a18-d152-7dbd-9b30-407d4aa6a5a5", "code": "office", "label": "Office"}, {"id": "01a22a18-d152-7b93-a2ff-bd285cd51447", "code": "restoration", "label": "Restoration"}, {"id": "01a22a18-d152-7f0b-a176-559efb76d730", "code": "moorings", "label": "Moorings"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_kinds', 1, 'published', 11, '{"id": "01a22a18-d150-749d-b619-33e26016e6d7", "key": "incident_kinds", "label": "Kinds of incident", "choices": [{"id": "01a22a18-d150-77d5-90f8-0ba2514c3c5b", "code": "injury", "icon": "bandage", "label": "Injury", "colour": "brick"}, {"id": "01a22a18-d150-7af3-85cd-f7e99b9d6f71", "code": "ill_health", "icon": "heart", "label": "Work-related ill health", "colour": "brick"}, {"id": "01a22a18-d150-7943-81c0-09db294bbeb6", "code": "damage", "icon": "hammer", "label": "Damage to property", "colour": "straw"}, {"id": "01a22a18-d150-7330-9ae2-a84728a0ea39", "code": "pollution", "icon": "droplet", "label": "Spill or pollution", "colour": "straw"}, {"id": "01a22a18-d150-7937-abc9-2ad2b55bbb47", "code": "near_miss", "icon": "warning", "label": "Near miss", "colour": "haze"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_causes', 1, 'published', 12, '{"id": "01a22a18-d151-7050-875f-5dcf83c423ea", "key": "incident_causes", "label": "Causes", "parent": "incident_kinds", "choices": [{"id": "01a22a18-d150-7aa7-a3b1-6e6b51337be9", "code": "slip", "label": "Slip or trip", "parent": "injury"}, {"id": "01a22a18-d150-759e-ae72-bf7137471b67", "code": "lifting", "label": "Lifting or carrying", "parent": "injury"}, {"id": "01a22a18-d151-7ff6-8f70-fc5d0ab121c1", "code": "struck", "label": "Struck by something", "parent": "injury"}, {"id": "01a22a18-d151-7d3f-81fc-0cad4da25d78", "code": "height", "label": "Fall from height", "parent": "injury"}, {"id": "01a22a18-d151-7e6d-96ba-6391c5b147f0", "code": "fumes", "label": "Fumes or dust", "parent": "ill_health"}, {"id": "01a22a18-d151-7e27-bbe9-9eb47193a1c3", "code": "noise", "label": "Noise", "parent": "ill_health"}, {"id": "01a22a18-d151-73aa-9164-15608858896e", "code": "collision", "label": "Collision", "parent": "damage"}, {"id": "01a22a18-d151-7f46-814f-4f7d80ca3a4a", "code": "dropped", "label": "Dropped load", "parent": "damage"}, {"id": "01a22a18-d151-78b6-a0e5-66c4ddc98405", "code": "fuel", "label": "Fuel spill", "parent": "pollution"}, {"id": "01a22a18-d151-76b5-a803-d085d446853b", "code": "rope", "label": "Rope or gear failed", "parent": "near_miss"}, {"id": "01a22a18-d151-77eb-b391-767891deddc2", "code": "deck", "label": "Slippery deck", "parent": "near_miss"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities_of_harm', 1, 'published', 13, '{"id": "01a22a18-d151-758d-ba3e-a239a06e85e6", "key": "severities_of_harm", "label": "Severity", "choices": [{"id": "01a22a18-d151-7e96-817b-94bf2af1035c", "code": "none", "label": "No harm", "colour": "plain"}, {"id": "01a22a18-d151-71c5-a9ae-8ec5ce641144", "code": "first_aid", "label": "First aid", "colour": "haze"}, {"id": "01a22a18-d151-7a6e-9e05-061d4ac9183b", "code": "medical", "label": "Medical treatment", "colour": "straw"}, {"id": "01a22a18-d151-72e0-a0fc-ec55382ca621", "code": "lost_time", "label": "Lost time", "colour": "brick"}, {"id": "01a22a18-d151-70d6-8e19-5827034a1e55", "code": "major", "label": "Major injury", "colour": "brick"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'body_parts', 1, 'published', 14, '{"id": "01a22a18-d151-73ba-a532-8c9a9c79de7d", "key": "body_parts", "label": "Parts of the body", "choices": [{"id": "01a22a18-d151-7518-ba03-0774c4f00ce6", "code": "head", "label": "Head"}, {"id": "01a22a18-d151-7ff6-911a-a51555e40923", "code": "eye", "label": "Eye"}, {"id": "01a22a18-d151-70dd-a53c-073813735514", "code": "hand", "label": "Hand or finger"}, {"id": "01a22a18-d151-78c8-ba7f-2c09fa9f15c2", "code": "arm", "label": "Arm"}, {"id": "01a22a18-d151-7ff4-a7cc-b1576fa974fd", "code": "back", "label": "Back"}, {"id": "01a22a18-d151-791e-b79c-44b5d233a74d", "code": "leg", "label": "Leg"}, {"id": "01a22a18-d151-7877-ae58-ba7269c07069", "code": "foot", "label": "Foot"}, {"id": "01a22a18-d151-7278-ac77-59e08964c8a3", "code": "other", "label": "Other"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'injury_kinds', 1, 'published', 15, '{"id": "01a22a18-d151-7f15-93ca-5712841d0126", "key": "injury_kinds", "label": "Kinds of injury", "choices": [{"id": "01a22a18-d151-7632-89ae-bc245e5f6ae0", "code": "cut", "label": "Cut"}, {"id": "01a22a18-d151-70ad-a02f-9b6fa1f05bcd", "code": "bruise", "label": "Bruise"}, {"id": "01a22a18-d151-7385-8ff3-8a3c211f076c", "code": "sprain", "label": "Sprain or strain"}, {"id": "01a22a18-d151-751f-8401-e922a1e9e97b", "code": "fracture", "label": "Fracture"}, {"id": "01a22a18-d151-7a5f-92f5-a67f6dd6fce3", "code": "burn", "label": "Burn"}, {"id": "01a22a18-d151-7143-b548-3fd81375fdb0", "code": "other", "label": "Other"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'incident_states', 1, 'published', 16, '{"id": "01a22a18-d151-7e7d-a5bc-a9a6fb1d688a", "key": "incident_states", "label": "Investigation", "choices": [{"id": "01a22a18-d151-7e36-8268-2d8a01b6f340", "code": "open", "label": "Open", "colour": "straw"}, {"id": "01a22a18-d151-7d4c-a246-58106e1c7168", "code": "actions", "label": "Actions under way", "colour": "haze"}, {"id": "01a22a18-d151-7a8e-8318-a39958eb2785", "code": "closed", "label": "Closed", "colour": "kelp"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'appeal_states', 1, 'published', 17, '{"id": "01a22a18-d151-75e5-8c00-1a9074b56d30", "key": "appeal_states", "label": "Appeal states", "choices": [{"id": "01a22a18-d151-7436-a2d6-2a5a05fa7865", "code": "planned", "label": "Planned", "colour": "plain"}, {"id": "01a22a18-d151-75b3-80a8-6fbb2fd02b63", "code": "running", "label": "Running", "colour": "haze"}, {"id": "01a22a18-d151-7b7a-939d-a599d88e7168", "code": "reached", "label": "Target reached", "colour": "kelp"}, {"id": "01a22a18-d151-7598-bf62-5dc5f3a37867", "code": "closed", "label": "Closed", "colour": "plain"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'donation_kinds', 1, 'published', 18, '{"id": "01a22a18-d151-7ed5-99e9-e845af2d0e15", "key": "donation_kinds", "label": "Kinds of donation", "choices": [{"id": "01a22a18-d151-7f8a-a2c2-c7f5fe3cd53d", "code": "single", "label": "Single gift"}, {"id": "01a22a18-d151-7b5c-8f38-c4a3f882cecc", "code": "regular", "label": "Regular gift"}, {"id": "01a22a18-d151-7eb7-9df3-39a628813b28", "code": "in_memory", "label": "In memory"}, {"id": "01a22a18-d151-73fd-9e68-14b8826420c0", "code": "grant", "label": "Grant"}, {"id": "01a22a18-d151-7d7a-8618-36a5d545cbac", "code": "in_kind", "label": "Gift in kind"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'purchase_states', 1, 'published', 19, '{"id": "01a22a18-d152-7bb8-a414-b0681d7af8f1", "key": "purchase_states", "label": "Purchase states", "choices": [{"id": "01a22a18-d151-778c-9364-9d8b80cced6a", "code": "requested", "icon": "clock", "label": "Requested", "colour": "straw"}, {"id": "01a22a18-d151-7fec-87b5-2a32211e3f84", "code": "approved", "icon": "check", "label": "Approved", "colour": "haze"}, {"id": "01a22a18-d151-7472-9668-037fb0f8cf33", "code": "ordered", "icon": "truck", "label": "Ordered", "colour": "haze"}, {"id": "01a22a18-d152-7413-9928-6d2cacb5d732", "code": "received", "icon": "box", "label": "Received", "colour": "kelp"}, {"id": "01a22a18-d152-7edd-81bc-f4e07b89e7bf", "code": "cancelled", "icon": "stop", "label": "Cancelled", "colour": "plain"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'berth_services', 1, 'published', 21, '{"id": "01a22a18-d152-70bf-81fa-3b0fb41a64ba", "key": "berth_services", "label": "Berth services", "choices": [{"id": "01a22a18-d152-771e-89dc-0af612a24402", "code": "water", "label": "Water"}, {"id": "01a22a18-d152-7ae4-9c97-7e16a344808d", "code": "power", "label": "Shore power"}, {"id": "01a22a18-d152-78ac-b4cb-7697f1703b9e", "code": "fuel", "label": "Fuel"}, {"id": "01a22a18-d152-761c-a8b3-63b2442767ca", "code": "wifi", "label": "Wi-Fi"}, {"id": "01a22a18-d152-726d-a18b-7b1a1c48230f", "code": "lift", "label": "Near the lift"}], "columns": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'clients', 1, 'published', 1, '{"id": "01a22a18-d152-7c53-a89b-e0bd315c098e", "key": "clients", "mark": "CLI", "alike": ["name", "email", "phone"], "title": "name", "beside": ["phone"], "fields": [{"id": "01a22a18-d152-7789-a879-04a08bf3b377", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d152-7f00-ba67-598ee0c48152", "key": "kind", "type": {"kind": "choice", "list": "client_kinds"}, "label": "Kind", "required": false}, {"id": "01a22a18-d152-7ff7-b2d9-96989710bb17", "key": "email", "type": {"kind": "email"}, "label": "E-mail", "required": false}, {"id": "01a22a18-d152-722a-8058-b8ab09fc4aab", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a22a18-d152-76ef-bc6a-8b75ec50eb51", "key": "address", "type": {"kind": "address"}, "label": "Address", "required": false}, {"id": "01a22a18-d152-77a3-a271-9527d1b6ff34", "key": "client_since", "type": {"kind": "date"}, "label": "Client since", "required": false}, {"id": "01a22a18-d152-7c56-91a2-2d08bc90804b", "key": "credit_limit", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Credit limit", "required": false}, {"id": "01a22a18-d152-7dc0-aa3e-94378c7ff28f", "key": "newsletter", "type": {"kind": "yes_no"}, "label": "Newsletter", "required": false}, {"id": "01a22a18-d152-7872-8790-f102e40d5d0f", "key": "web", "type": {"kind": "web"}, "label": "Web", "required": false}, {"id": "01a22a18-d152-73f4-b46e-12cd9cff041b", "key": "iban", "type": {"kind": "code", "scheme": "iban"}, "label": "Bank account (IBAN)", "section": "Accounts", "required": false}, {"id": "01a22a18-d152-71fa-a576-8267208d6336", "key": "open_balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(invoices[state != \"draft\"].balance)"}, "label": "Open balance", "section": "Accounts", "required": false}, {"id": "01a22a18-d152-79ac-ad74-703c5e10743b", "key": "over_limit", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "credit_limit != null and open_balance > credit_limit"}, "label": "Over credit limit", "section": "Accounts", "required": false}, {"id": "01a22a18-d152-7ad4-a8e4-38f96746afdb", "key": "last_invoice", "type": {"kind": "worked_out", "gives": {"kind": "date"}, "formula": "max(invoices.issued_on)"}, "label": "Last invoiced on", "section": "Accounts", "required": false}, {"id": "01a22a18-d152-7279-b9ca-086b7a8e8702", "key": "given", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Given in all", "section": "Accounts", "required": false}, {"id": "01a22a18-d152-7df2-a722-4d77fd9f9afc", "key": "notes", "type": {"kind": "formatted"}, "label": "Notes", "section": "Notes", "required": false}], "listed": ["kind", "email", "phone", "client_since", "credit_limit", "open_balance", "over_limit", "last_invoice"], "plural": "Clients", "singular": "Client", "constraints": [{"kind": "unique", "fields": ["email"], "folded": true}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'berths', 1, 'published', 3, '{"id": "01a22a18-d154-7067-8a6a-652473f6be64", "key": "berths", "mark": "BER", "alike": [], "title": "name", "beside": ["pontoon"], "fields": [{"id": "01a22a18-d154-79ef-b423-78ce68ff0575", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d154-7e1e-aef0-a2dc1452a236", "key": "pontoon", "type": {"kind": "choice", "list": "pontoons"}, "label": "Pontoon", "required": true}, {"id": "01a22a18-d154-78ec-9e15-4aa5187dcced", "key": "longest", "type": {"kind": "number", "unit": "m", "decimals": 1}, "label": "Longest boat", "required": false}, {"id": "01a22a18-d154-78bd-bed6-fed2e13f98c7", "key": "shore_power", "type": {"kind": "yes_no"}, "label": "Shore power", "required": false}, {"id": "01a22a18-d154-7789-9541-0fb2975c92c4", "key": "yearly_fee", "type": {"kind": "money", "currency": "GBP"}, "label": "Yearly fee", "required": false}, {"id": "01a22a18-d154-7680-98a4-d77f7de441c3", "key": "position", "type": {"kind": "position"}, "label": "Position", "required": false}, {"id": "01a22a18-d154-7719-a9f5-5d4c6c66fb41", "key": "taken_by", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(boats)"}, "label": "Taken by", "required": false}, {"id": "01a22a18-d154-7c0f-9974-0fadea2af0c6", "key": "services", "type": {"kind": "choices", "list": "berth_services"}, "label": "Services", "required": false}], "listed": ["pontoon", "longest", "shore_power", "services", "yearly_fee", "taken_by"], "plural": "Berths", "singular": "Berth", "constraints": [{"kind": "unique", "fields": ["name"], "folded": true}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'stock', 1, 'published', 4, '{"id": "01a22a18-d154-7112-b60b-4d43c1842e6e", "key": "stock", "mark": "STK", "alike": ["name", "bar_code"], "title": "name", "beside": ["code"], "fields": [{"id": "01a22a18-d154-7b74-a4f9-4456254e7296", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d154-71f5-9ecf-f742dfc4797f", "key": "code", "type": {"kind": "code", "scheme": "pattern", "example": "RO-0001", "pattern": "[A-Z]{2}-[0-9]{4}"}, "label": "Item code", "required": true}, {"id": "01a22a18-d154-7c21-8054-a13351d2042d", "key": "group", "type": {"kind": "choice", "list": "stock_groups"}, "label": "Group", "required": false}, {"id": "01a22a18-d154-73a0-ae40-57f3325640fc", "key": "unit", "type": {"kind": "choice", "list": "units"}, "label": "Unit", "required": false}, {"id": "01a22a18-d154-7f01-bf3b-14fc32a51c30", "key": "bar_code", "type": {"kind": "code", "scheme": "gtin"}, "label": "Bar code (GTIN)", "required": false}, {"id": "01a22a18-d154-7ebd-b9e1-c3743dbca949", "key": "shelf", "type": {"kind": "text"}, "label": "Shelf", "required": false}, {"id": "01a22a18-d154-7baa-ae2c-bccbd8f72515", "key": "sale_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Sale price, net", "section": "Prices", "required": false}, {"id": "01a22a18-d154-79eb-ab2a-cca3d804b9e3", "key": "cost_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost price", "section": "Prices", "required": false}, {"id": "01a22a18-d154-727b-bce9-d2eeabf92661", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "section": "Prices", "required": false}, {"id": "01a22a18-d154-7661-98f3-9a566a183470", "key": "margin", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if sale_price > 0 then (sale_price - cost_price) / sale_price else null"}, "label": "Margin", "section": "Prices", "required": false}, {"id": "01a22a18-d154-77c1-85ec-eca965c9365e", "key": "counted", "type": {"kind": "yes_no"}, "label": "Counted in stock", "section": "Quantities", "required": false}, {"id": "01a22a18-d154-7d6d-9b02-36ed32675c8f", "key": "on_hand", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "total(movements.signed)"}, "label": "On hand", "section": "Quantities", "required": false}, {"id": "01a22a18-d154-769c-a791-a0d7dc30a5ba", "key": "reorder_point", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder point", "section": "Quantities", "required": false}, {"id": "01a22a18-d154-7c07-9f90-1b96ed3cff0a", "key": "reorder_quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Reorder quantity", "section": "Quantities", "required": false}, {"id": "01a22a18-d154-7a7a-b279-bfcb4c654e22", "key": "to_reorder", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "counted = true and reorder_point != null and on_hand < reorder_point"}, "label": "Below reorder point", "section": "Quantities", "required": false}, {"id": "01a22a18-d154-748e-907e-36610f02aabd", "key": "value_on_hand", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "on_hand * cost_price"}, "label": "Value on hand", "section": "Quantities", "required": false}, {"id": "01a22a18-d154-7b27-a84e-a3a88bbc7a8f", "key": "supplier", "type": {"back": {"key": "supplies", "label": "Supplies"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a22a18-d154-7382-ac08-0600857bd854", "key": "fits", "type": {"back": {"key": "fits_to", "label": "Used with, from the other side"}, "kind": "links", "register": "stock"}, "label": "Used with", "required": false}, {"id": "01a22a18-d154-7a0b-b3f2-9d1f08e2470e", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["code", "group", "shelf", "unit", "sale_price", "on_hand", "reorder_point", "to_reorder", "value_on_hand"], "plural": "Stock", "singular": "Stock item", "constraints": [{"kind": "unique", "fields": ["code"], "folded": true}, {"kind": "must", "message": "Reorder quantity must be over 0.", "condition": "reorder_quantity = null or reorder_quantity > 0"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'movements', 1, 'published', 5, '{"id": "01a22a18-d155-7b39-b21d-3e1aee9cbac2", "key": "movements", "mark": "MOV", "alike": [], "title": "what", "beside": ["kind"], "fields": [{"id": "01a22a18-d154-76f1-a7fd-aeb1b7f21914", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a22a18-d155-7ee0-94d9-b84acc2cfc71", "key": "stock", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "stock"}, "label": "Item", "required": true}, {"id": "01a22a18-d155-75a8-a6de-f8d712915050", "key": "kind", "type": {"kind": "choice", "list": "movement_kinds"}, "label": "Kind", "required": true}, {"id": "01a22a18-d155-72be-9992-7b9b36ab0b1a", "key": "moved_on", "type": {"kind": "date"}, "label": "Moved on", "required": true}, {"id": "01a22a18-d155-77cb-b4d6-e283d5d39fb0", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a22a18-d155-75d0-b446-524538a12dd9", "key": "signed", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 2}, "formula": "quantity * kind.sign"}, "label": "In or out", "required": false}, {"id": "01a22a18-d155-7dad-bc6a-31e7dd5100d4", "key": "unit_cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost per unit", "required": false}, {"id": "01a22a18-d155-7ae0-ac98-fd68d869977a", "key": "value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "signed * unit_cost"}, "label": "Value", "required": false}, {"id": "01a22a18-d155-73c4-8f9e-47963696c9d9", "key": "purchase", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "purchases"}, "label": "Purchase", "required": false}, {"id": "01a22a18-d155-7052-8409-31fd8eda7a8a", "key": "invoice", "type": {"back": {"key": "movements", "label": "Movements"}, "kind": "link", "register": "invoices"}, "label": "Invoice", "required": false}, {"id": "01a22a18-d155-7010-86ad-78d9eb70742d", "key": "done_by", "type": {"kind": "person"}, "label": "Done by", "required": false}], "listed": ["kind", "moved_on", "signed", "unit_cost", "value", "stock"], "plural": "Stock movements", "singular": "Stock movement", "constraints": [{"kind": "must", "message": "A movement cannot lie in the future.", "condition": "moved_on <= today()"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'invoices', 1, 'published', 6, '{"id": "01a22a18-d155-7bf7-9a15-a1903e9abcec", "key": "invoices", "mark": "INV", "alike": [], "title": "subject", "beside": ["client", "balance"], "fields": [{"id": "01a22a18-d155-7032-89ce-744f28682f7d", "key": "subject", "type": {"kind": "text"}, "label": "Subject", "required": true}, {"id": "01a22a18-d155-7d73-85b1-6fb7a95c36b0", "key": "client", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "clients"}, "label": "Client", "required": true}, {"id": "01a22a18-d155-754f-b9e4-d403297ac2ae", "key": "boat", "type": {"back": {"key": "invoices", "label": "Invoices"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a22a18-d155-769c-b63e-5cd3b3d6faa3", "key": "invoice_number", "type": {"kind": "running_number", "when": "state != null and state != \"draft\"", "width": 5, "prefix": "TQ-", "restart": "never"}, "label": "Invoice number", "required": false}, {"id": "01a22a18-d155-76ff-b05f-558df89a7cbb", "key": "issued_on", "type": {"kind": "date"}, "label": "Issued", "required": false}, {"id": "01a22a18-d155-73b6-893a-a6b34079ccbb", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a22a18-d155-76fa-b1da-068baeb2711c", "key": "state", "type": {"kind": "choice", "list": "invoice_states"}, "label": "State", "required": true}, {"id": "01a22a18-d155-726e-94f5-d48da6a36001", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a22a18-d155-7e98-a4ed-79b4db6074fe", "key": "stock", "type": {"back": {"key": "invoice_lines", "label": "Invoice lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a22a18-d155-71e6-af1d-aaa090fe0994", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a22a18-d155-7a73-828a-555bdfb45826", "key": "quantity", "type": {"kind": "number", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a22a18-d155-73ab-83ca-1c2514fb94f4", "key": "unit_price", "type": {"kind": "money", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a22a18-d155-789a-a3d4-2fbd1b763059", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": true}, {"id": "01a22a18-d155-79d7-b338-7c6e0a71396c", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a22a18-d155-7750-b6d7-8f6ae84e3b92", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-79d7-b23c-f86fadc6ac9b", "key": "net_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"standard\"].net)"}, "label": "Net at 20 %", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-74d3-93a5-5500edd940c0", "key": "vat_standard", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_standard * 0.2"}, "label": "VAT at 20 %", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-7937-ab03-c7f9e78824ac", "key": "net_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines[vat_rate = \"reduced\"].net)"}, "label": "Net at 5 %", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-7627-9798-fd044b6d8daa", "key": "vat_reduced", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net_reduced * 0.05"}, "label": "VAT at 5 %", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-7bb6-8688-63d04357cf70", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "vat_standard + vat_reduced"}, "label": "VAT", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-7a73-9b9a-132a60c846f7", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a22a18-d155-7d53-b790-5d5e38f06443", "key": "payments", "type": {"kind": "rows", "fields": [{"id": "01a22a18-d155-7bee-9b7c-716a32f6c32b", "key": "paid_on", "type": {"kind": "date"}, "label": "Paid on", "required": true}, {"id": "01a22a18-d155-7af8-9a6b-5496a0c4e801", "key": "amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a22a18-d155-7dc9-ab06-2ddb6eecfb92", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a22a18-d155-7852-8968-c26af67fbfe9", "key": "reference", "type": {"kind": "text"}, "label": "Reference", "required": false}], "plural": "Payments", "singular": "Payment"}, "label": "Payments", "required": false}, {"id": "01a22a18-d155-7055-8498-d0a1295a8412", "key": "paid", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(payments.amount)"}, "label": "Paid", "section": "Amounts", "required": false}, {"id": "01a22a18-d155-71fb-9471-fb1eb227ec6e", "key": "balance", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if state = \"credited\" then 0 else gross - paid"}, "label": "Balance", "required": false}, {"id": "01a22a18-d155-7aac-8599-c305679586f9", "key": "days_late", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "if state in (\"issued\", \"part_paid\") and balance > 0 and due_on < today() then (today() - due_on).days else 0"}, "label": "Days late", "required": false}, {"id": "01a22a18-d155-716e-9956-61ba6f388f39", "key": "age_band", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if state = \"draft\" then \"not issued\" else if balance <= 0 then \"settled\" else if days_late <= 0 then \"not due\" else if days_late <= 30 then \"1 to 30 days\" else if days_late <= 60 then \"31 to 60 days\" else if days_late <= 90 then \"61 to 90 days\" else \"over 90 days\""}, "label": "Age", "required": false}, {"id": "01a22a18-d155-7b3e-900a-7f15a0af89f9", "key": "papers", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Papers", "required": false}], "listed": ["client", "boat", "issued_on", "due_on", "state", "gross", "balance", "days_late", "age_band"], "plural": "Invoices", "singular": "Invoice", "constraints": [{"kind": "must", "message": "An invoice cannot be due before it is issued.", "condition": "due_on = null or issued_on = null or due_on >= issued_on"}, {"kind": "must", "message": "An invoice that is issued needs at least one line.", "condition": "state = \"draft\" or count(lines) > 0"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'incidents', 1, 'published', 7, '{"id": "01a22a18-d156-7abf-b333-e3261e96a444", "key": "incidents", "mark": "INC", "alike": [], "title": "title", "beside": ["kind", "happened_at"], "fields": [{"id": "01a22a18-d156-73ef-89c2-437804b6a653", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": true}, {"id": "01a22a18-d156-7509-be88-78ff28707013", "key": "kind", "type": {"kind": "choice", "list": "incident_kinds"}, "label": "Kind", "required": true}, {"id": "01a22a18-d156-7d78-b53e-7d846cd92734", "key": "cause", "type": {"kind": "choice", "list": "incident_causes"}, "label": "Cause", "required": false}, {"id": "01a22a18-d156-70d4-bf02-8b56f0ef8260", "key": "happened_at", "type": {"kind": "moment"}, "label": "Happened", "required": true}, {"id": "01a22a18-d156-735a-9c5d-2e522223992a", "key": "place", "type": {"kind": "text"}, "label": "Place", "required": false}, {"id": "01a22a18-d156-76c6-9ac6-55807d66f384", "key": "position", "type": {"kind": "position"}, "label": "On the map", "required": false}, {"id": "01a22a18-d156-78d8-aee4-b69a0de23c12", "key": "berth", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a22a18-d156-78b9-aa5f-ba33bdf17449", "key": "boat", "type": {"back": {"key": "incidents", "label": "Incidents"}, "kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a22a18-d156-7e0c-b31e-a2ab3451e5c4", "key": "owner", "type": {"back": {"key": "incidents", "label": "Incidents with their boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a22a18-d156-7225-a3c4-035be28804f7", "key": "owner_phone", "type": {"kind": "phone"}, "label": "Owner’s phone", "required": false}, {"id": "01a22a18-d156-7981-8bf9-81d6b3af6eb0", "key": "reported_by", "type": {"kind": "person"}, "label": "Reported by", "required": false}, {"id": "01a22a18-d156-7b2f-803d-dee9d16c9915", "key": "what_happened", "type": {"kind": "formatted"}, "label": "What happened", "required": false}, {"id": "01a22a18-d156-7ee4-a2b3-6c3c45b48f16", "key": "hurt", "type": {"kind": "rows", "fields": [{"id": "01a22a18-d156-7d50-86e4-72d089e79376", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d156-7991-85de-49835724eb4f", "key": "employed", "type": {"kind": "yes_no"}, "label": "Employed here", "required": false}, {"id": "01a22a18-d156-7a8d-9c25-620487b77e7c", "key": "body_part", "type": {"kind": "choice", "list": "body_parts"}, "label": "Part of the body", "required": false}, {"id": "01a22a18-d156-7ce4-9069-769e2efefc26", "key": "injury", "type": {"kind": "choice", "list": "injury_kinds"}, "label": "Injury", "required": false}, {"id": "01a22a18-d156-762e-b24e-cff4883b83a7", "key": "severity", "type": {"kind": "choice", "list": "severities_of_harm"}, "label": "Severity", "required": false}, {"id": "01a22a18-d156-7d7b-b5ef-bf66c3a90b0e", "key": "days_lost", "type": {"kind": "number", "unit": "days", "least": "0", "decimals": 0}, "label": "Days lost", "required": false}, {"id": "01a22a18-d156-763d-b1f5-b47545b55162", "key": "treatment", "type": {"kind": "text"}, "label": "Treatment", "required": false}], "plural": "People hurt", "singular": "Person hurt"}, "label": "People hurt", "required": false}, {"id": "01a22a18-d156-7722-a828-214ade29a0f6", "key": "witnesses", "type": {"kind": "rows", "fields": [{"id": "01a22a18-d156-7f54-95ea-8f53180075b3", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d156-716f-aa8c-8149e09b6fa7", "key": "phone", "type": {"kind": "phone"}, "label": "Phone", "required": false}, {"id": "01a22a18-d156-7e49-804d-9235302ee67c", "key": "statement", "type": {"kind": "long_text"}, "label": "Statement", "required": false}], "plural": "Witnesses", "singular": "Witness"}, "label": "Witnesses", "required": false}, {"id": "01a22a18-d156-77de-90a7-9c6c616f1df3", "key": "days_lost", "type": {"kind": "worked_out", "gives": {"kind": "number", "unit": "days", "decimals": 0}, "formula": "total(hurt.days_lost)"}, "label": "Days lost", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-7b22-b99f-bf87104ab882", "key": "lost_time", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost >= 1"}, "label": "Lost-time injury", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-7225-8cd2-9454c4c16672", "key": "notifiable", "type": {"kind": "worked_out", "gives": {"kind": "yes_no"}, "formula": "some person in hurt satisfies person.employed = true and person.days_lost > 7"}, "label": "Over seven days off", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-7341-9f6c-18a692f4f28e", "key": "state", "type": {"kind": "choice", "list": "incident_states"}, "label": "Investigation", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-7b17-8c4d-ea695c49cbed", "key": "root_cause", "type": {"kind": "long_text"}, "label": "Root cause", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-7776-9f2b-5c7e73bcea33", "key": "actions", "type": {"kind": "rows", "fields": [{"id": "01a22a18-d156-7edf-9ff0-bca075cf825b", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a22a18-d156-74df-a196-bafd2df0ad2f", "key": "who", "type": {"kind": "person"}, "label": "Who", "required": false}, {"id": "01a22a18-d156-742a-9871-f5600bccd957", "key": "due_on", "type": {"kind": "date"}, "label": "Due", "required": false}, {"id": "01a22a18-d156-7c97-877b-a587be1c5a4e", "key": "done_on", "type": {"kind": "date"}, "label": "Done", "required": false}], "plural": "Actions", "singular": "Action"}, "label": "Actions", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-72d9-b161-618c19db7316", "key": "open_actions", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(actions[done_on = null])"}, "label": "Open actions", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-73c0-967d-b867a035777f", "key": "cost", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Cost", "section": "Investigation", "required": false}, {"id": "01a22a18-d156-79b3-9648-1a94d01dd2b5", "key": "photos", "type": {"kind": "files", "most": 20, "sort": "photos"}, "label": "Photos", "required": false}], "listed": ["kind", "cause", "happened_at", "place", "days_lost", "lost_time", "state", "open_actions"], "plural": "Incidents", "singular": "Incident", "constraints": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'safety_trustee', 1, 'published', 6, '{"id": "01a22a18-d15a-734b-8f4a-ccd23bde468e", "key": "safety_trustee", "label": "Trustee for safety", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'appeals', 1, 'published', 8, '{"id": "01a22a18-d158-741f-957f-8206d16246e1", "key": "appeals", "mark": "APL", "alike": [], "title": "name", "beside": ["state"], "fields": [{"id": "01a22a18-d156-77c9-90a4-e6a06bd21a49", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d156-7f4b-b697-4f6de31ddf4e", "key": "purpose", "type": {"kind": "formatted"}, "label": "What it is for", "required": false}, {"id": "01a22a18-d156-7f21-9906-566a224bb0d5", "key": "boat", "type": {"back": {"key": "appeals", "label": "Appeals"}, "kind": "link", "register": "boats"}, "label": "Vessel", "required": false}, {"id": "01a22a18-d156-76cd-8a6c-934b4d86d603", "key": "state", "type": {"kind": "choice", "list": "appeal_states"}, "label": "State", "required": false}, {"id": "01a22a18-d156-7081-b85e-305d14cf87a9", "key": "begins_on", "type": {"kind": "date"}, "label": "Begins", "required": false}, {"id": "01a22a18-d156-7ad6-b120-84a64700e431", "key": "ends_on", "type": {"kind": "date"}, "label": "Ends", "required": false}, {"id": "01a22a18-d156-7a84-a41d-575a4bca7a5d", "key": "target", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Target", "required": true}, {"id": "01a22a18-d156-7720-bb6f-2c8c88fc9d01", "key": "raised", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(donations.amount)"}, "label": "Raised so far", "required": false}, {"id": "01a22a18-d156-772a-a165-99945ea5b57c", "key": "share", "type": {"kind": "worked_out", "gives": {"kind": "percent", "decimals": 1}, "formula": "if target > 0 then raised / target else null"}, "label": "Of the target", "required": false}, {"id": "01a22a18-d156-767e-934f-bc92d676f547", "key": "gifts", "type": {"kind": "worked_out", "gives": {"kind": "number", "decimals": 0}, "formula": "count(donations)"}, "label": "Gifts", "required": false}, {"id": "01a22a18-d156-7c37-a9ae-660fac228b62", "key": "mean_gift", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gifts > 0 then raised / gifts else null"}, "label": "Mean gift", "required": false}, {"id": "01a22a18-d156-72fe-97a9-b52a3e56f5ec", "key": "page", "type": {"kind": "web"}, "label": "Page", "required": false}, {"id": "01a22a18-d158-70af-8984-bfa3047a0726", "key": "manager", "type": {"kind": "person"}, "label": "Manager", "required": false}, {"id": "01a22a18-d158-7f4a-b143-08951cbfcbf0", "key": "picture", "type": {"kind": "files", "most": 3, "sort": "photos"}, "label": "Picture", "required": false}], "listed": ["state", "begins_on", "ends_on", "target", "raised", "share", "gifts", "mean_gift"], "plural": "Appeals", "singular": "Appeal", "constraints": [{"kind": "must", "message": "An appeal cannot end before it begins.", "condition": "ends_on = null or begins_on = null or ends_on >= begins_on"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'donations', 1, 'published', 9, '{"id": "01a22a18-d158-751f-acf3-fb175c6970bc", "key": "donations", "mark": "DON", "alike": [], "title": "donor_name", "beside": ["amount"], "fields": [{"id": "01a22a18-d158-7ea4-8e82-4a4bd000d814", "key": "donor_name", "type": {"kind": "text"}, "label": "Donor", "required": true}, {"id": "01a22a18-d158-7e7b-a227-87fb48be5cc7", "key": "donor", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "clients"}, "label": "Donor in Clients", "required": false}, {"id": "01a22a18-d158-7c22-9a7d-8ad58b98d191", "key": "appeal", "type": {"back": {"key": "donations", "label": "Donations"}, "kind": "link", "register": "appeals"}, "label": "Appeal", "required": true}, {"id": "01a22a18-d158-77e0-b858-a10b34be6569", "key": "received_on", "type": {"kind": "date"}, "label": "Received", "required": true}, {"id": "01a22a18-d158-78a7-825b-6c42e3f9a2f2", "key": "amount", "type": {"kind": "money", "least": "0.01", "currency": "GBP"}, "label": "Amount", "required": true}, {"id": "01a22a18-d158-7162-8ce1-c1756e662b23", "key": "kind", "type": {"kind": "choice", "list": "donation_kinds"}, "label": "Kind", "required": false}, {"id": "01a22a18-d158-7085-bcc8-5fe4c30e6f71", "key": "method", "type": {"kind": "choice", "list": "payment_methods"}, "label": "Method", "required": false}, {"id": "01a22a18-d158-7d17-b52c-5d433b56e22c", "key": "gift_aid", "type": {"kind": "yes_no"}, "label": "Gift Aid declared", "required": false}, {"id": "01a22a18-d158-781a-b6e0-9a2148b851db", "key": "tax_to_claim", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "if gift_aid = true then amount * 0.25 else 0"}, "label": "Tax to claim", "required": false}, {"id": "01a22a18-d158-7f8a-a0c3-794dcd653e10", "key": "worth", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "amount + tax_to_claim"}, "label": "Worth to the appeal", "required": false}, {"id": "01a22a18-d158-764e-89ff-2b0216be9d43", "key": "anonymous", "type": {"kind": "yes_no"}, "label": "Wants no name", "required": false}, {"id": "01a22a18-d158-729d-8bd5-2876a9af7903", "key": "thanked_on", "type": {"kind": "date"}, "label": "Thanked", "required": false}, {"id": "01a22a18-d158-7846-a4e0-27ce7f19dc99", "key": "receipt", "type": {"kind": "running_number", "width": 4, "prefix": "R-", "restart": "yearly"}, "label": "Receipt number", "required": false}, {"id": "01a22a18-d158-736f-979e-d2536b882fa8", "key": "note", "type": {"kind": "long_text"}, "label": "Note", "required": false}], "listed": ["appeal", "received_on", "amount", "kind", "gift_aid", "worth", "thanked_on", "receipt"], "plural": "Donations", "singular": "Donation", "constraints": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'purchases', 1, 'published', 10, '{"id": "01a22a18-d159-7254-9551-705660f70573", "key": "purchases", "mark": "PUR", "alike": [], "title": "what_for", "beside": ["supplier"], "fields": [{"id": "01a22a18-d159-7a13-b3af-e5a6d7431811", "key": "what_for", "type": {"kind": "text"}, "label": "What for", "required": true}, {"id": "01a22a18-d159-71df-aa0a-3f73df0af361", "key": "supplier", "type": {"back": {"key": "purchases", "label": "Purchases"}, "kind": "link", "register": "clients"}, "label": "Supplier", "required": false}, {"id": "01a22a18-d159-74af-b4a3-ca7885baecf8", "key": "requested_by", "type": {"kind": "person"}, "label": "Requested by", "required": false}, {"id": "01a22a18-d159-7c94-be9d-183355f0271a", "key": "requested_on", "type": {"kind": "date"}, "label": "Requested", "required": true}, {"id": "01a22a18-d159-70a3-a876-e024cc240a5e", "key": "needed_by", "type": {"kind": "date"}, "label": "Needed by", "required": false}, {"id": "01a22a18-d159-7adb-8e9c-6c9b38e96f60", "key": "cost_centre", "type": {"kind": "choice", "list": "cost_centres"}, "label": "Cost centre", "required": false}, {"id": "01a22a18-d159-7f22-917d-cb43bcacddac", "key": "state", "type": {"kind": "choice", "list": "purchase_states"}, "label": "State", "required": true}, {"id": "01a22a18-d159-739b-b278-72f4d2920c1a", "key": "lines", "type": {"kind": "rows", "fields": [{"id": "01a22a18-d159-7e7f-a715-d8ca626ecad8", "key": "stock", "type": {"back": {"key": "purchase_lines", "label": "Purchase lines"}, "kind": "link", "register": "stock"}, "label": "Item", "required": false}, {"id": "01a22a18-d159-78ce-baa9-d2e721af635f", "key": "what", "type": {"kind": "text"}, "label": "What", "required": true}, {"id": "01a22a18-d159-7154-a4d0-24f72427ee7d", "key": "quantity", "type": {"kind": "number", "least": "0", "decimals": 2}, "label": "Quantity", "required": true}, {"id": "01a22a18-d159-718d-ad0f-d7b24807c6ea", "key": "unit_price", "type": {"kind": "money", "least": "0", "currency": "GBP"}, "label": "Unit price, net", "required": true}, {"id": "01a22a18-d159-7977-a805-4a0c0fb3433b", "key": "vat_rate", "type": {"kind": "choice", "list": "vat_rates"}, "label": "VAT rate", "required": false}, {"id": "01a22a18-d159-7e8e-8d3c-3566af3e4edf", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "quantity * unit_price"}, "label": "Net", "required": false}, {"id": "01a22a18-d15a-7938-b832-8b89394646ad", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net * vat_rate.percentage"}, "label": "VAT", "required": false}], "plural": "Lines", "singular": "Line"}, "label": "Lines", "required": false}, {"id": "01a22a18-d159-7234-98f4-aece8dd76e06", "key": "net", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.net)"}, "label": "Net", "required": false}, {"id": "01a22a18-d159-792d-9730-81d79a3e6180", "key": "vat", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(lines.vat)"}, "label": "VAT", "required": false}, {"id": "01a22a18-d159-7c84-b17b-494dfd1dceb2", "key": "gross", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "net + vat"}, "label": "Total", "required": false}, {"id": "01a22a18-d159-7b3a-bc7a-9efdeec54af7", "key": "received_value", "type": {"kind": "worked_out", "gives": {"kind": "money", "currency": "GBP"}, "formula": "total(movements.value)"}, "label": "Received so far", "required": false}, {"id": "01a22a18-d159-7cb2-805f-3ef6fb668e41", "key": "approved_amount", "type": {"kind": "money", "currency": "GBP"}, "label": "Approved amount", "required": false}, {"id": "01a22a18-d159-7490-aad5-7ce4ef366506", "key": "approved_by_accounts", "type": {"kind": "yes_no"}, "label": "Approved by accounts", "required": false}, {"id": "01a22a18-d159-7de1-af41-a5fd4959e376", "key": "quotes", "type": {"kind": "files", "most": 10, "sort": "documents"}, "label": "Quotations", "required": false}], "listed": ["supplier", "requested_on", "needed_by", "cost_centre", "state", "gross", "received_value"], "plural": "Purchases", "singular": "Purchase", "constraints": [{"kind": "must", "message": "It cannot be needed before it is requested.", "condition": "needed_by = null or requested_on = null or needed_by >= requested_on"}]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'operations_manager', 1, 'published', 1, '{"id": "01a22a18-d15a-7498-ab9f-467010296ea9", "key": "operations_manager", "label": "Operations manager", "sets_up": ["registers", "forms", "people"], "registers": {}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'treasurer', 1, 'published', 4, '{"id": "01a22a18-d15a-7201-9b7a-92b9d8b271e3", "key": "treasurer", "label": "Treasurer", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'trustee', 1, 'published', 5, '{"id": "01a22a18-d15a-76e0-aaf6-3e15cf36946c", "key": "trustee", "label": "Trustee", "sets_up": [], "registers": {"appeals": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "purchases": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'office', 1, 'published', 7, '{"id": "01a22a18-d15a-707b-8103-e6a30582e197", "key": "office", "label": "Office", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "appeals": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": ["iban"], "locked": [], "archive": true, "results": []}, "invoices": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "donations": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'client', 1, 'published', 8, '{"id": "01a22a18-d15a-7ebc-9c2c-852ae6a770f4", "key": "client", "label": "Client", "sets_up": [], "registers": {"boats": {"add": false, "see": "owner = me.record", "when": {}, "change": false, "export": false, "hidden": ["berth"], "locked": [], "archive": false, "results": []}, "clients": {"add": false, "see": "record = me.record", "only": ["phone", "address", "newsletter"], "when": {}, "change": "record = me.record", "export": false, "hidden": ["credit_limit", "over_limit", "notes"], "locked": [], "archive": false, "results": ["open_balance"]}, "invoices": {"add": false, "see": "client = me.record and state != null and state != \"draft\"", "when": {}, "change": false, "export": "client = me.record and state != null and state != \"draft\"", "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'report_incident', 1, 'published', 3, '{"id": "01a22a18-d15c-78f4-8370-be9551f621b6", "key": "report_incident", "label": "Report an incident", "pages": [{"id": "01a22a18-d15c-71d0-84e1-5744bddc2c05", "key": "what", "label": "What happened", "onward": [{"to": "hurt", "condition": "kind in (\"injury\", \"ill_health\")"}, {"to": "follow_up", "condition": "kind = \"near_miss\""}, {"to": "damage", "condition": "kind in (\"damage\", \"pollution\")"}]}, {"id": "01a22a18-d15c-7b25-bac9-627490d6ce7f", "key": "hurt", "label": "Who was hurt", "onward": [{"to": "follow_up", "condition": "days_lost > 7"}, {"to": "follow_up", "condition": "days_lost <= 7"}], "introduction": "One line for each person."}, {"id": "01a22a18-d15c-782f-9591-1d32a9e0e44f", "key": "damage", "label": "Damage and cost", "onward": [{"to": null, "condition": "cost <= 500"}]}, {"id": "01a22a18-d15c-7237-b569-3a11943aeddf", "key": "follow_up", "label": "What now", "onward": []}], "endings": [{"label": "Thank you. The safety trustee will call you", "words": "An injury with more than seven days off must be reported to the authority; that is done for you.", "leads_to": "thanks", "condition": "days_lost > 7"}, {"label": "Thank you for reporting", "words": "Every near miss that is told is an accident less.", "leads_to": "thanks", "condition": "kind = \"near_miss\""}, {"label": "Thank you", "words": "", "leads_to": "thanks"}], "purpose": "add", "register": "incidents", "sections": [{"key": "where", "help": "What you know; a berth or a place is enough.", "label": "Where it was"}], "questions": [{"id": "01a22a18-d15c-7e81-96fa-64527a39f562", "help": "In one line, as you would tell it.", "page": "what", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15c-7b75-865d-5d5436db427e", "page": "what", "field": "kind", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15c-7fbb-8ffb-fc4fcbdd57b9", "page": "what", "field": "cause", "rules": []}, {"id": "01a22a18-d15c-7e21-913b-b0a9b7bfe1c6", "page": "what", "field": "happened_at", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "happened_at <= now()"}]}, {"id": "01a22a18-d15c-7ea7-a9c9-ceb7e5c9a5a9", "page": "what", "field": "place", "rules": [], "section": "where"}, {"id": "01a22a18-d15c-72a8-b8cb-22abff39ae96", "page": "what", "field": "berth", "rules": [], "section": "where"}, {"id": "01a22a18-d15c-7385-834f-28490035a0c6", "page": "what", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}, {"from": "boat.owner.phone", "kind": "fills", "question": "owner_phone"}], "section": "where"}, {"id": "01a22a18-d15c-7d1a-bf24-d256de1e8893", "page": "what", "field": "owner", "rules": [], "section": "where"}, {"id": "01a22a18-d15c-7b19-bd34-0767d14a7371", "page": "what", "field": "owner_phone", "rules": [], "section": "where"}, {"id": "01a22a18-d15c-70f8-8381-55e4340bd7f1", "page": "what", "field": "what_happened", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15c-780f-a7bf-f1fb2c79b11d", "page": "what", "field": "reported_by", "rules": []}, {"id": "01a22a18-d15c-7f5b-a315-45210b1ffaf7", "page": "hurt", "field": "hurt", "rules": [{"kind": "asked_when", "condition": "kind in (\"injury\", \"ill_health\")"}, {"kind": "must_be_answered"}], "columns": [{"field": "days_lost", "rules": [{"kind": "asked_when", "condition": "employed = null or employed = true"}, {"kind": "must", "condition": "days_lost >= 0"}]}]}, {"id": "01a22a18-d15c-70df-80a4-7cc62515e0b8", "page": "hurt", "field": "days_lost", "rules": []}, {"id": "01a22a18-d15c-77a2-8452-bb559e7ae1fb", "page": "hurt", "field": "witnesses", "rules": []}, {"id": "01a22a18-d15c-76ce-a933-8642fcafb108", "page": "damage", "field": "cost", "rules": [{"kind": "must", "condition": "cost >= 0"}]}, {"id": "01a22a18-d15c-7c47-907c-b2488f2074b6", "page": "damage", "field": "photos", "rules": []}, {"id": "01a22a18-d15c-7893-8c06-fdf04cd9c356", "page": "follow_up", "field": "root_cause", "rules": []}, {"id": "01a22a18-d15c-7acc-a244-b92f64d11d5c", "page": "follow_up", "field": "actions", "rules": []}, {"id": "01a22a18-d15c-7d84-ab7c-cfb82e4f137a", "page": "follow_up", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"open\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office", "safety_trustee", "treasurer"], "introduction": "Anything that hurt someone, could have, or broke something. If someone is in danger, call for help first."}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('choice_list', 'severities', 1, 'published', 22, '{"id": "01a22a18-e670-7321-bb19-245735974d13", "key": "severities", "label": "Severities", "choices": [{"id": "01a22a18-e670-7a5e-a4b8-40dcd72fdaa5", "code": "scare", "label": "Scare"}, {"id": "01a22a18-e670-71e5-b478-a9b5be897d4f", "code": "damage", "label": "Damage"}, {"id": "01a22a18-e670-7626-bc61-bfd51304396c", "code": "injury", "label": "Injury"}], "columns": []}', '2026-11-30 01:36:44.637+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 1, 'retired', 2, '{"id": "01a22a18-d15a-77b6-b921-048aaaca3ec3", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_hand', 2, 'published', 2, '{"id": "01a22a18-d15a-77b6-b921-048aaaca3ec3", "key": "yard_hand", "label": "Yard hand", "sets_up": [], "registers": {"boats": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "stock": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": ["sale_price", "cost_price", "margin", "value_on_hand"], "locked": [], "archive": false, "results": []}, "berths": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": ["unit_cost", "value"], "locked": [], "archive": false, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": false, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-30 01:36:45.919+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 1, 'retired', 11, '{"id": "01a22a18-e66f-70ed-be3a-af403ba6eac2", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a22a18-e66f-7e8c-954e-2594f485137a", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a22a18-e66f-733c-8ec5-e4010e8a317a", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a22a18-e66f-70f1-9306-b4264e0ce2bf", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a22a18-e66f-75dc-b6e6-0debceee7982", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a22a18-e66f-7136-837a-40f2ebc8fb9a", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a22a18-e66f-71f4-818a-3777da613453", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a22a18-e66f-7664-ba69-1ecbd0d8216c", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a22a18-e66f-7ebc-811d-bbb1e2e567b9", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-30 01:36:44.637+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 1, 'retired', 3, '{"id": "01a22a18-d15a-7eb9-98eb-e0c17cca353d", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('role', 'yard_manager', 2, 'published', 3, '{"id": "01a22a18-d15a-7eb9-98eb-e0c17cca353d", "key": "yard_manager", "label": "Yard manager", "sets_up": [], "registers": {"boats": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "stock": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "berths": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "clients": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "invoices": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}, "incidents": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "movements": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": [], "archive": true, "results": []}, "purchases": {"add": true, "see": true, "when": {}, "change": true, "export": true, "hidden": [], "locked": ["approved_by_accounts"], "archive": true, "results": []}, "near_misses": {"add": false, "see": true, "when": {}, "change": false, "export": true, "hidden": [], "locked": [], "archive": false, "results": []}}}', '2026-11-30 01:36:45.919+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('form', 'new_client', 1, 'published', 1, '{"id": "01a22a18-d15b-7bbe-8f17-883f489f4703", "key": "new_client", "label": "New client", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a22a18-d15a-7310-8995-3cdcb43f6cf9", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15a-7ad1-a7f4-9a1d5a6f4b55", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a22a18-d15a-78f1-b70d-c208dfc1d79c", "field": "email", "rules": []}, {"id": "01a22a18-d15b-74a5-a2ef-cefec8c5cd4e", "field": "phone", "rules": []}, {"id": "01a22a18-d15b-7a6a-a98d-0971fcc58067", "field": "address", "rules": []}, {"id": "01a22a18-d15b-743a-9d42-51b20f2cc4aa", "field": "client_since", "rules": [{"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "client_since <= today()"}]}, {"id": "01a22a18-d15b-7145-8c39-5fa169966b93", "field": "credit_limit", "rules": [{"kind": "asked_when", "condition": "kind in (\"firm\", \"club\", \"school\")"}, {"kind": "must", "condition": "credit_limit >= 0"}]}, {"id": "01a22a18-d15b-7226-90bd-2c707adfc28b", "field": "newsletter", "rules": []}], "fill_in_by": ["office"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_arrival', 1, 'published', 2, '{"id": "01a22a18-d15c-740c-bc38-51dc342d8e7c", "key": "boat_arrival", "label": "Boat arrival", "pages": [], "endings": [], "purpose": "add", "register": "boats", "sections": [], "questions": [{"id": "01a22a18-d15b-76be-800d-137d7e6d73b9", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15c-79f6-bc97-2ca9087eff3c", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15c-7fb3-a83b-de7c4e8f805b", "field": "hull", "rules": []}, {"id": "01a22a18-d15c-793d-8418-c8f674c2c235", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a22a18-d15c-7aa6-a5eb-ee4014402359", "field": "state", "rules": [{"kind": "starts_as", "value": "\"afloat\""}]}, {"id": "01a22a18-d15c-77f7-a761-205c283b1bec", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}, {"kind": "offers_where", "condition": "entry.length_overall = null or longest >= entry.length_overall"}]}, {"id": "01a22a18-d15c-7a1e-b359-a85d63433e98", "field": "insured_until", "rules": []}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'raise_invoice', 1, 'published', 4, '{"id": "01a22a18-d15d-7a21-b830-34fcd6db5407", "key": "raise_invoice", "label": "Raise an invoice", "pages": [{"id": "01a22a18-d15d-7d50-bd3f-d9bfa95e554d", "key": "who", "label": "Who and what", "onward": []}, {"id": "01a22a18-d15d-7a23-a636-2c03c5b65fc9", "key": "lines", "label": "Lines", "onward": []}, {"id": "01a22a18-d15d-7c9f-bd8c-d9fb4e54695e", "key": "payment", "label": "Dates and state", "onward": []}], "endings": [], "purpose": "add", "register": "invoices", "sections": [], "questions": [{"id": "01a22a18-d15d-7699-960d-fc7cdc1966a5", "page": "who", "field": "client", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-7878-b6e2-ccd14597dde4", "page": "who", "field": "boat", "rules": [{"kind": "offers_where", "condition": "entry.client = null or owner = entry.client"}]}, {"id": "01a22a18-d15d-73c5-b2ec-91069509b577", "page": "who", "field": "subject", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-7de7-89ff-22880a29d239", "help": "Choosing an item fills its name, its price and its VAT rate.", "page": "lines", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.sale_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a22a18-d15d-71cb-9ffe-3e9b8ca55160", "page": "lines", "field": "net", "rules": []}, {"id": "01a22a18-d15d-7e3b-be53-59c6b1a6a16e", "page": "lines", "field": "vat", "rules": []}, {"id": "01a22a18-d15d-7cd0-84a2-89de6a5e0b2b", "page": "lines", "field": "gross", "rules": []}, {"id": "01a22a18-d15d-746d-93f9-dbd8d2d0ce46", "page": "payment", "field": "issued_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "issued_on <= today()"}]}, {"id": "01a22a18-d15d-78e6-88c0-0304f9e44105", "page": "payment", "field": "due_on", "rules": [{"kind": "starts_as", "value": "issued_on + duration(\"P30D\")"}, {"kind": "must", "condition": "due_on >= issued_on"}]}, {"id": "01a22a18-d15d-72fe-95ff-3f34a9b36f38", "page": "payment", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issued\""}, {"kind": "offers_only", "choices": ["draft", "issued"]}]}], "fill_in_by": ["office", "treasurer"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'record_donation', 1, 'published', 5, '{"id": "01a22a18-d15d-79c3-aca3-76bf6ee507ea", "key": "record_donation", "label": "Record a donation", "pages": [], "endings": [{"label": "Thank you", "words": "The receipt number is on the record.", "leads_to": "another"}], "purpose": "add", "register": "donations", "sections": [{"key": "aid", "help": "Only for people who pay tax in the United Kingdom.", "label": "Gift Aid", "condition": "kind in (\"single\", \"regular\", \"in_memory\")"}], "questions": [{"id": "01a22a18-d15d-7cfe-a4f4-507400d2d915", "field": "appeal", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as_opened", "register": "appeals"}]}, {"id": "01a22a18-d15d-7869-a79f-90b95e7f2158", "help": "If the donor is a client already; the name is filled in.", "field": "donor", "rules": [{"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a22a18-d15d-7b54-acfb-0b8af7574514", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-7f43-9645-30111419f8cb", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a22a18-d15d-7b53-a9e6-af9aea59d4f7", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "received_on <= today()"}]}, {"id": "01a22a18-d15d-797b-9824-79992116c933", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a22a18-d15d-72ca-b714-8466a9f8ec08", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-78b0-a01f-4f23dafac2fc", "field": "gift_aid", "rules": [{"kind": "starts_as", "value": "false"}], "section": "aid"}, {"id": "01a22a18-d15d-70d4-819f-7cc1ab09b3cd", "field": "tax_to_claim", "rules": [], "section": "aid"}, {"id": "01a22a18-d15d-71a4-972f-e64272dc7f0b", "field": "anonymous", "rules": [{"kind": "starts_as", "value": "false"}]}, {"id": "01a22a18-d15d-73bb-a3a7-ecf6ec8cfe74", "field": "thanked_on", "rules": [{"kind": "asked_when", "condition": "anonymous = false"}]}, {"id": "01a22a18-d15d-7d70-9d3e-b22f27d42fe5", "field": "note", "rules": []}], "fill_in_by": ["office", "treasurer"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'appeal_gift', 1, 'published', 6, '{"id": "01a22a18-d15d-7364-b9e6-87b6b4dc1408", "key": "appeal_gift", "label": "Gift to an appeal", "pages": [], "endings": [], "purpose": "add", "register": "donations", "sections": [], "questions": [{"id": "01a22a18-d15d-71d0-9bcc-3d1fcf3ddc25", "field": "appeal", "rules": [{"kind": "starts_as_opened", "register": "appeals"}, {"kind": "hidden"}]}, {"id": "01a22a18-d15d-7e08-97ef-ba9ed0868db4", "field": "donor", "rules": [{"kind": "starts_as_addressed", "name": "donor"}, {"kind": "hidden"}, {"from": "donor.name", "kind": "fills", "question": "donor_name"}]}, {"id": "01a22a18-d15d-7b06-977b-d3e7324df403", "field": "donor_name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-798f-8105-0c75f5fa79a8", "field": "amount", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "amount > 0"}]}, {"id": "01a22a18-d15d-7ee3-b257-5f6b3686ce41", "field": "received_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a22a18-d15d-7bdb-bd00-a5e63362d69a", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"single\""}]}, {"id": "01a22a18-d15d-7cbd-b116-f1af3e9bae9d", "field": "method", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-72b8-9052-b7e13c557792", "field": "gift_aid", "rules": []}], "fill_in_by": ["office", "treasurer"], "introduction": "For the desk at an event: open it from the appeal’s page, and only the gift is asked."}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'purchase_request', 1, 'published', 7, '{"id": "01a22a18-d15e-78d5-9f09-3063e14bc80f", "key": "purchase_request", "label": "Purchase request", "pages": [], "endings": [], "purpose": "add", "register": "purchases", "sections": [], "questions": [{"id": "01a22a18-d15d-7b4e-8415-c0c690feaf04", "field": "what_for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-740d-bb79-f5c4cf17836c", "field": "supplier", "rules": []}, {"id": "01a22a18-d15d-7604-9fa6-66ec36183d32", "field": "cost_centre", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15d-75e9-9a59-de18eb215de2", "field": "requested_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "requested_on <= today()"}]}, {"id": "01a22a18-d15d-721d-a6cd-5e719dc09372", "field": "needed_by", "rules": [{"kind": "must", "condition": "needed_by >= requested_on"}]}, {"id": "01a22a18-d15d-76f8-950a-eb0edb956fc2", "field": "lines", "rules": [{"kind": "must_be_answered"}, {"cell": "what", "from": "stock.name", "kind": "fills_cell"}, {"cell": "unit_price", "from": "stock.cost_price", "kind": "fills_cell"}, {"cell": "vat_rate", "from": "stock.vat_rate", "kind": "fills_cell"}]}, {"id": "01a22a18-d15d-7c2f-a18b-3c423db41051", "field": "net", "rules": []}, {"id": "01a22a18-d15d-74b5-9a50-c183d937154d", "field": "vat", "rules": []}, {"id": "01a22a18-d15d-772c-985a-0a9a90e931b4", "field": "gross", "rules": []}, {"id": "01a22a18-d15d-786d-93ed-a7f6171e782d", "help": "Over 1,000 net we need a quotation.", "field": "quotes", "rules": [{"kind": "asked_when", "condition": "net >= 1000"}, {"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-7d3f-9b30-f6781897c15e", "field": "state", "rules": [{"kind": "hidden_as", "value": "\"requested\""}]}], "fill_in_by": ["yard_hand", "yard_manager", "office"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'stock_movement', 1, 'published', 8, '{"id": "01a22a18-d15e-7420-9582-0e9a9e02a6e2", "key": "stock_movement", "label": "Stock movement", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a22a18-d15e-7efc-bcbe-e4a808a9f09a", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}, {"from": "stock.cost_price", "kind": "fills", "question": "unit_cost"}]}, {"id": "01a22a18-d15e-7ea9-9263-52c5cf812dd9", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-7564-b87b-8d064385f279", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a22a18-d15e-76ca-bd9f-202862c8cf98", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a22a18-d15e-7341-b6c1-cabf5cccfba7", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a22a18-d15e-79a7-a383-3fbba225f7a3", "field": "unit_cost", "rules": [{"kind": "locked_when", "condition": "kind in (\"issue\", \"write_off\")"}]}, {"id": "01a22a18-d15e-7f43-9fee-c1a3c95f9ab2", "field": "purchase", "rules": [{"kind": "asked_when", "condition": "kind = \"receipt\""}]}, {"id": "01a22a18-d15e-7158-9666-36e78294a323", "field": "invoice", "rules": [{"kind": "asked_when", "condition": "kind in (\"issue\", \"return\")"}]}, {"id": "01a22a18-d15e-7a34-95da-a50b508fafa3", "field": "done_by", "rules": []}], "fill_in_by": ["yard_manager", "office"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'move_stock', 1, 'published', 14, '{"id": "01a22a18-d15f-7dac-9205-da51ebf4a4fd", "key": "move_stock", "label": "Move stock", "pages": [], "endings": [{"label": "Thank you", "words": "", "leads_to": "another"}], "purpose": "add", "register": "movements", "sections": [], "questions": [{"id": "01a22a18-d15f-7573-aeac-a86538873c19", "field": "stock", "rules": [{"kind": "must_be_answered"}, {"from": "stock.name", "kind": "fills", "question": "what"}]}, {"id": "01a22a18-d15f-774e-9fc3-984c5ea90107", "field": "what", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15f-7494-8c8b-d7c538b34380", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"issue\""}]}, {"id": "01a22a18-d15f-7562-adf3-e3b6dcfb81a2", "field": "quantity", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "quantity > 0"}]}, {"id": "01a22a18-d15f-7b68-9e3b-f63577cddcb3", "field": "moved_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}, {"kind": "must", "condition": "moved_on <= today()"}]}, {"id": "01a22a18-d15f-7392-9be0-5c2f345fa4bd", "field": "done_by", "rules": []}], "fill_in_by": ["yard_hand"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'boat_details', 1, 'published', 9, '{"id": "01a22a18-d15e-720b-aa3c-ed79e605deb3", "key": "boat_details", "label": "Yearly boat details", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a22a18-d15e-7552-a2a3-2d70c1b2e12a", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-78e0-8b5d-211baf2675d1", "field": "owner", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-75c0-a241-8104ab3d38cc", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "offers_only", "choices": ["afloat", "ashore", "away"]}]}, {"id": "01a22a18-d15e-7bfe-8742-0c919fdd8db6", "field": "berth", "rules": [{"kind": "asked_when", "condition": "state = \"afloat\""}]}, {"id": "01a22a18-d15e-7120-9c7b-634338eac72f", "field": "length_overall", "rules": [{"kind": "must", "condition": "length_overall > 0"}]}, {"id": "01a22a18-d15e-7cb5-a2ac-74fd44ada6ac", "field": "beam", "rules": []}, {"id": "01a22a18-d15e-7173-aad3-500528d03ae3", "field": "draught", "rules": []}, {"id": "01a22a18-d15e-7b11-9e30-ebe3e1c0398f", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: ask for the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a22a18-d15e-7c33-b35f-89c680c481ec", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["office", "yard_manager"], "introduction": "What stood there last year stands beside what is changed."}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_inquiry', 1, 'published', 10, '{"id": "01a22a18-d15e-77c5-89b6-bd3c42f458e7", "key": "berth_inquiry", "label": "Berth inquiry", "pages": [], "endings": [], "purpose": "add", "register": "clients", "sections": [], "questions": [{"id": "01a22a18-d15e-7a0d-bc8e-e08215b5fd4b", "field": "name", "label": "Who asks", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-7f1a-8030-f1e3901553fa", "field": "kind", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "\"private\""}]}, {"id": "01a22a18-d15e-71c4-a48a-36b7a061feb0", "field": "phone", "rules": [{"kind": "must", "condition": "phone != null"}]}, {"id": "01a22a18-d15e-77f9-bdcd-bdaf3a910109", "field": "email", "rules": []}, {"id": "01a22a18-d15e-70fd-93d9-13537f74c807", "help": "Length of the boat, from when, with or without power.", "field": "notes", "label": "What they are looking for", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-7e4e-a2dd-bb3f605900b2", "field": "client_since", "rules": [{"kind": "hidden_as", "value": "today()"}]}], "fill_in_by": ["office", "yard_hand"], "registration": {"name": "name", "role": "client", "email": "email"}}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_item', 1, 'published', 11, '{"id": "01a22a18-d15e-7277-9020-e6b556fe9757", "key": "new_item", "label": "New stock item", "pages": [{"id": "01a22a18-d15f-701a-99f7-bae1c5115256", "key": "what", "label": "What it is", "onward": []}, {"id": "01a22a18-d15f-7225-a9f4-8723ed9eab55", "key": "prices", "label": "Prices", "onward": []}, {"id": "01a22a18-d15f-7cdf-8fa0-9a6828a0b576", "key": "keeping", "label": "Keeping it", "onward": [], "introduction": "Only what is counted is reordered."}], "endings": [], "purpose": "add", "register": "stock", "sections": [], "questions": [{"id": "01a22a18-d15e-732a-9e30-9b1a15279013", "page": "what", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-7dad-9d7e-7696e78f81d8", "page": "what", "field": "code", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-7554-b72d-cb7884378914", "page": "what", "field": "group", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15e-71e6-b322-363994693ba1", "page": "what", "field": "unit", "rules": [{"kind": "starts_as", "value": "\"each\""}]}, {"id": "01a22a18-d15e-76ea-ad2f-2960344b6c45", "page": "what", "field": "bar_code", "rules": []}, {"id": "01a22a18-d15e-7b57-a53b-74be02c6f709", "page": "prices", "field": "cost_price", "rules": [{"kind": "must", "condition": "cost_price >= 0"}]}, {"id": "01a22a18-d15e-786a-a220-40d43ad6cefd", "page": "prices", "field": "sale_price", "rules": [{"kind": "must", "message": "It would be sold for less than it costs.", "condition": "cost_price = null or sale_price >= cost_price"}]}, {"id": "01a22a18-d15e-71f2-b528-d912645b5f13", "page": "prices", "field": "margin", "rules": []}, {"id": "01a22a18-d15e-76aa-a7a3-b0d99049e607", "page": "prices", "field": "vat_rate", "rules": [{"kind": "starts_as", "value": "\"standard\""}]}, {"id": "01a22a18-d15e-777e-8dee-a7caf350efbe", "page": "prices", "field": "supplier", "rules": []}, {"id": "01a22a18-d15e-7fc5-959d-a591ed3ffa27", "page": "keeping", "field": "counted", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a22a18-d15e-7e3d-89bc-cfc189553b12", "page": "keeping", "field": "shelf", "rules": []}, {"id": "01a22a18-d15e-73eb-8d34-6e6baa2e93bc", "page": "keeping", "field": "reorder_point", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a22a18-d15e-7cfc-ac34-8b6ba820bc99", "page": "keeping", "field": "reorder_quantity", "rules": [{"kind": "asked_when", "condition": "counted = true"}]}, {"id": "01a22a18-d15e-71fb-b38d-4dd2b7700b6c", "page": "keeping", "field": "picture", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'new_appeal', 1, 'published', 12, '{"id": "01a22a18-d15f-7877-824b-9c9babe8ad56", "key": "new_appeal", "label": "New appeal", "pages": [], "endings": [], "purpose": "add", "register": "appeals", "sections": [], "questions": [{"id": "01a22a18-d15f-74bd-9a87-a0ff5f4fad86", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15f-7174-a4c7-8ca8afe4bde1", "field": "purpose", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15f-77d2-bd8d-a336f8b6b9ee", "field": "target", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "condition": "target > 0"}]}, {"id": "01a22a18-d15f-7feb-84a2-b49623e44c20", "field": "begins_on", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "today()"}]}, {"id": "01a22a18-d15f-769d-b4bb-7f5cc57beb19", "field": "ends_on", "rules": [{"kind": "must", "condition": "ends_on > begins_on"}]}, {"id": "01a22a18-d15f-708d-aedf-47c8eff0212d", "field": "state", "rules": [{"kind": "must_be_answered"}, {"kind": "starts_as", "value": "if begins_on > today() then \"planned\" else \"running\""}, {"kind": "offers_only", "choices": ["planned", "running"]}]}, {"id": "01a22a18-d15f-796f-a7a3-b576bee597f3", "field": "boat", "rules": []}, {"id": "01a22a18-d15f-7552-b358-077f6a520d81", "field": "manager", "rules": []}, {"id": "01a22a18-d15f-7abe-a32f-f1716b1a7b0c", "field": "page", "rules": []}, {"id": "01a22a18-d15f-72be-90d9-5e2d1af3a86d", "field": "picture", "rules": []}], "fill_in_by": ["office"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'berth_details', 1, 'published', 13, '{"id": "01a22a18-d15f-71a6-94c3-ec2387864510", "key": "berth_details", "label": "Berth details", "pages": [], "endings": [], "purpose": "both", "register": "berths", "sections": [], "questions": [{"id": "01a22a18-d15f-7a03-bbb9-f0301756a4cb", "field": "name", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15f-7cd5-9144-6402c3681ad7", "field": "pontoon", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-d15f-76ef-8e08-866de4e77704", "field": "longest", "rules": [{"kind": "must", "condition": "longest > 0"}]}, {"id": "01a22a18-d15f-7e7a-9117-c21559f47963", "field": "shore_power", "rules": [{"kind": "starts_as", "value": "true"}]}, {"id": "01a22a18-d15f-7a19-9cb2-49e557f6ca9d", "field": "services", "rules": []}, {"id": "01a22a18-d15f-7e33-95cf-dec92f5e7cd3", "field": "yearly_fee", "rules": [{"kind": "must", "condition": "yearly_fee >= 0"}]}, {"id": "01a22a18-d15f-7ca9-9a52-f8f69f0bbe6c", "field": "position", "rules": []}], "fill_in_by": ["office", "yard_manager"]}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('form', 'your_boat', 1, 'published', 15, '{"id": "01a22a18-d15f-7a3d-8ef8-07dab3226996", "key": "your_boat", "label": "Your boat this year", "pages": [], "endings": [], "purpose": "change", "register": "boats", "sections": [], "questions": [{"id": "01a22a18-d15f-7b12-98eb-37e12d0b47a0", "field": "insured_until", "rules": [{"kind": "must_be_answered"}, {"kind": "must", "message": "The insurance has run out: send us the new policy.", "condition": "insured_until > today()"}]}, {"id": "01a22a18-d15f-7096-9779-e41893e329dd", "field": "sail_number", "rules": []}, {"id": "01a22a18-d15f-784c-ba3b-437623902e2e", "field": "beam", "rules": []}, {"id": "01a22a18-d15f-7a88-9717-ef21af09c040", "field": "draught", "rules": []}, {"id": "01a22a18-d15f-7f63-a0ee-cf6173dd24d2", "help": "The new policy as a picture or PDF.", "field": "papers", "rules": []}], "fill_in_by": ["client"], "introduction": "Tell us what has changed, so that nobody has to ring you."}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('route', 'near_misses', 1, 'published', 1, '{"id": "01a22a18-eae6-77c2-82e1-8e69428b7ae3", "key": "near_misses", "sets": {"refused": [], "approved": [], "sent_back": []}, "label": "Near misses", "steps": [{"id": "01a22a18-eae6-74f9-96a8-d301295cd685", "who": {"kind": "role", "role": "yard_manager"}, "fills": [], "label": "Yard manager", "locks": [], "notes": [], "shows": null, "beside": false, "refused": "first", "deadline": null, "how_many": "any", "condition": "cost > 500"}], "stops": [], "amount": null, "mended": "first", "reopens": [], "may_sign": [], "register": "near_misses", "condition": null, "tolerance": null, "again_from": null, "last_resort": {"kind": "role", "role": "operations_manager"}}', '2026-11-30 01:36:45.786+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('form', 'report_a_near_miss', 1, 'published', 16, '{"id": "01a22a18-ea61-7a26-9f7d-efcf12499f12", "key": "report_a_near_miss", "label": "Report a near miss", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a22a18-ea61-7fbd-a180-e0b2532b1f83", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-ea61-7c36-a7e2-32bdf3dcb295", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a22a18-ea61-7c4e-8836-57820ab9b20f", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-ea61-7bbd-a4ae-bdf65f4d8a06", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a22a18-ea61-7aa7-bd26-ad466679b082", "field": "owner", "rules": []}, {"id": "01a22a18-ea61-7f0e-9a03-1ceae91f4441", "field": "cost", "rules": [{"kind": "asked_when", "condition": "severity in (\"damage\", \"injury\")"}, {"kind": "must", "condition": "cost > 0"}]}, {"id": "01a22a18-ea61-70b3-a79b-4e738cadeab7", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": ["yard_hand"]}', '2026-11-30 01:36:45.919+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('register', 'boats', 1, 'retired', 2, '{"id": "01a22a18-d153-7c20-aefc-4c3cb3dc65c4", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a22a18-d153-76f4-b649-197b1258923e", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d153-7c4d-af70-0ef1ab65bac3", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a22a18-d153-740e-b5e7-1fd44c3abb6d", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a22a18-d153-7ee3-9bea-14b3f5fa7b7a", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a22a18-d153-79d9-a380-80e484773632", "key": "built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a22a18-d153-7ec4-bbb6-6b74d141e471", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a22a18-d153-7de3-831c-7823e5e47036", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a22a18-d153-7c76-899b-e48ec86016f3", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a22a18-d153-7d18-8bed-cd3b4961cbd9", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a22a18-d153-750b-8b04-8f116e056afe", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a22a18-d153-7a5d-a7d7-35dd8c975fe2", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a22a18-d153-7b12-9a60-7df11d5329f0", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a22a18-d153-720e-9e19-c42ed980fa12", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a22a18-d153-7760-ad36-89516f001da7", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-30 01:36:39.246+00', NULL);
INSERT INTO iolite.definitions VALUES ('register', 'boats', 2, 'published', 2, '{"id": "01a22a18-d153-7c20-aefc-4c3cb3dc65c4", "key": "boats", "mark": "BOA", "alike": ["name"], "title": "name", "beside": ["owner", "state"], "fields": [{"id": "01a22a18-d153-76f4-b649-197b1258923e", "key": "name", "type": {"kind": "text"}, "label": "Name", "required": true}, {"id": "01a22a18-d153-7c4d-af70-0ef1ab65bac3", "key": "owner", "type": {"back": {"key": "boats", "label": "Boats"}, "kind": "link", "register": "clients"}, "label": "Owner", "required": true}, {"id": "01a22a18-d153-740e-b5e7-1fd44c3abb6d", "key": "hull", "type": {"kind": "choice", "list": "hull_kinds"}, "label": "Hull", "required": false}, {"id": "01a22a18-d153-7ee3-9bea-14b3f5fa7b7a", "key": "length_overall", "type": {"kind": "number", "most": "200", "unit": "m", "least": "0", "decimals": 2}, "label": "Length overall", "required": false}, {"id": "01a22a18-d153-79d9-a380-80e484773632", "key": "year_built", "type": {"kind": "number", "most": "2100", "least": "1800", "decimals": 0}, "label": "Built", "required": false}, {"id": "01a22a18-d153-7ec4-bbb6-6b74d141e471", "key": "state", "type": {"kind": "choice", "list": "boat_states"}, "label": "State", "required": false}, {"id": "01a22a18-d153-7de3-831c-7823e5e47036", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}, {"id": "01a22a18-d153-7c76-899b-e48ec86016f3", "key": "insured_until", "type": {"kind": "date"}, "label": "Insured until", "required": false}, {"id": "01a22a18-d153-7d18-8bed-cd3b4961cbd9", "key": "beam", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Beam", "section": "Measurements", "required": false}, {"id": "01a22a18-d153-750b-8b04-8f116e056afe", "key": "draught", "type": {"kind": "number", "unit": "m", "least": "0", "decimals": 2}, "label": "Draught", "section": "Measurements", "required": false}, {"id": "01a22a18-d153-7a5d-a7d7-35dd8c975fe2", "key": "sail_number", "type": {"kind": "code", "scheme": "pattern", "example": "GBR 1234", "pattern": "[A-Z]{1,3} ?[0-9]{1,6}"}, "label": "Sail number", "section": "Measurements", "required": false}, {"id": "01a22a18-d153-7b12-9a60-7df11d5329f0", "key": "insurance_state", "type": {"kind": "worked_out", "gives": {"kind": "text"}, "formula": "if insured_until = null then \"not known\" else if insured_until < today() then \"lapsed\" else if insured_until <= today() + duration(\"P30D\") then \"ends within 30 days\" else \"in order\""}, "label": "Insurance", "required": false}, {"id": "01a22a18-d153-720e-9e19-c42ed980fa12", "key": "photos", "type": {"kind": "files", "most": 12, "sort": "photos"}, "label": "Photos", "section": "Papers", "required": false}, {"id": "01a22a18-d153-7760-ad36-89516f001da7", "key": "papers", "type": {"kind": "files", "most": 12, "sort": "documents"}, "label": "Papers", "section": "Papers", "required": false}], "listed": ["owner", "hull", "length_overall", "year_built", "state", "berth", "insured_until", "insurance_state"], "plural": "Boats", "singular": "Boat", "constraints": []}', '2026-11-30 01:36:47.956+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.definitions VALUES ('register', 'near_misses', 2, 'published', 11, '{"id": "01a22a18-e66f-70ed-be3a-af403ba6eac2", "key": "near_misses", "mark": "NEA", "alike": [], "beside": [], "fields": [{"id": "01a22a18-e66f-7e8c-954e-2594f485137a", "key": "title", "type": {"kind": "text"}, "label": "Title", "required": false}, {"id": "01a22a18-e66f-733c-8ec5-e4010e8a317a", "key": "when", "type": {"kind": "moment"}, "label": "When", "required": false}, {"id": "01a22a18-e66f-75dc-b6e6-0debceee7982", "key": "boat", "type": {"kind": "link", "register": "boats"}, "label": "Boat", "required": false}, {"id": "01a22a18-e66f-7136-837a-40f2ebc8fb9a", "key": "owner", "type": {"kind": "link", "register": "clients"}, "label": "Owner", "required": false}, {"id": "01a22a18-e66f-71f4-818a-3777da613453", "key": "severity", "type": {"kind": "choice", "list": "severities"}, "label": "Severity", "required": false}, {"id": "01a22a18-e66f-7664-ba69-1ecbd0d8216c", "key": "cost", "type": {"kind": "money", "currency": "GBP"}, "label": "Cost", "required": false}, {"id": "01a22a18-e66f-7ebc-811d-bbb1e2e567b9", "key": "what_happened", "type": {"kind": "long_text"}, "label": "What happened", "required": false}], "listed": [], "plural": "Near misses", "singular": "Near miss", "constraints": []}', '2026-11-30 01:36:48.913+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a');
INSERT INTO iolite.drafts VALUES ('report_a_near_miss', 1, '{"id": "01a22a18-ea61-7a26-9f7d-efcf12499f12", "key": "report_a_near_miss", "label": "Report a near miss soon", "pages": [], "endings": [], "purpose": "add", "register": "near_misses", "sections": [], "questions": [{"id": "01a22a18-ea61-7fbd-a180-e0b2532b1f83", "field": "title", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-ea61-7c36-a7e2-32bdf3dcb295", "field": "when", "rules": [{"kind": "starts_as", "value": "now()"}, {"kind": "must", "condition": "when <= now()"}]}, {"id": "01a22a18-ea61-7c4e-8836-57820ab9b20f", "field": "severity", "rules": [{"kind": "must_be_answered"}]}, {"id": "01a22a18-ea61-7bbd-a4ae-bdf65f4d8a06", "field": "boat", "rules": [{"from": "boat.owner", "kind": "fills", "question": "owner"}]}, {"id": "01a22a18-ea61-7aa7-bd26-ad466679b082", "field": "owner", "rules": []}, {"id": "01a22a18-ea61-70b3-a79b-4e738cadeab7", "field": "what_happened", "rules": [{"kind": "must", "condition": "string length(what_happened) >= 40"}]}], "fill_in_by": []}', '2026-11-30 01:36:49.747+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'form');
INSERT INTO iolite.groups VALUES ('01a22a18-fc76-7063-902a-2534399eebc9', '$argon2id$v=19$m=19456,t=2,p=1$mTtd3rB/4TLjTNPc5Rg7TQ$Bw6SD92uROli1EggOfCq3hoBHE8sIjvODflYIe70jd0', '{01a22a18-d15c-78f4-8370-be9551f621b6}', '18:00');
INSERT INTO iolite.history VALUES (1, '01a22a18-eb80-7f77-a1be-3d61f5267c21', '2026-11-30 01:36:46.008+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'added', NULL, NULL, '{}', '01a22a18-d152-7c53-a89b-e0bd315c098e', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (2, '01a22a18-eb80-71cb-928d-d27c6aee38af', '2026-11-30 01:36:46.225+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'added', NULL, NULL, '{}', '01a22a18-d153-7c20-aefc-4c3cb3dc65c4', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (3, '01a22a18-ecae-70a3-a2ed-6561b8c3f8a1', '2026-11-30 01:36:46.265+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'added', NULL, NULL, '{}', '01a22a18-d152-7c53-a89b-e0bd315c098e', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (4, '01a22a18-ecaf-7f19-81e9-a051fa0b7216', '2026-11-30 01:36:46.288+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'added', NULL, NULL, '{}', '01a22a18-d153-7c20-aefc-4c3cb3dc65c4', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (5, '01a22a18-ece7-72b4-abac-880d0213d3b1', '2026-11-30 01:36:46.329+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', 'added', 1, NULL, '{}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-ea61-7a26-9f7d-efcf12499f12', NULL, NULL);
INSERT INTO iolite.history VALUES (6, '01a22a18-edc2-7183-badf-471c4ef760fe', '2026-11-30 01:36:46.551+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', 'added', 1, NULL, '{}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-ea61-7a26-9f7d-efcf12499f12', NULL, NULL);
INSERT INTO iolite.history VALUES (7, '01a22a18-ee2b-7c2d-809f-9721957aeb40', '2026-11-30 01:36:46.641+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', 'added', 1, NULL, '{}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-ea61-7a26-9f7d-efcf12499f12', NULL, NULL);
INSERT INTO iolite.history VALUES (8, '01a22a18-ee66-75af-9612-d9f83ae3e82c', '2026-11-30 01:36:46.7+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', 'added', 1, NULL, '{}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-ea61-7a26-9f7d-efcf12499f12', NULL, NULL);
INSERT INTO iolite.history VALUES (9, '01a22a18-edc2-7183-badf-471c4ef760fe', '2026-11-30 01:36:47.237+00', '01a22a18-ddf7-7c58-9e0b-88a99dd50254', 'sent_back', NULL, 'Seen on the pontoon.', '{}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (10, '01a22a18-ee2b-7c2d-809f-9721957aeb40', '2026-11-30 01:36:47.512+00', '01a22a18-ddf7-7c58-9e0b-88a99dd50254', 'approved', NULL, 'Seen on the pontoon.', '{}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (11, '01a22a18-ece7-72b4-abac-880d0213d3b1', '2026-11-30 01:36:47.602+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'changed', NULL, NULL, '{"01a22a18-e66f-7664-ba69-1ecbd0d8216c": ["900", "950"]}', '01a22a18-e66f-70ed-be3a-af403ba6eac2', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (12, '01a22a18-f264-7abc-b771-33939bc46215', '2026-11-30 01:36:47.73+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'added', NULL, NULL, '{}', '01a22a18-d155-7bf7-9a15-a1903e9abcec', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (13, '01a22a18-ecaf-7f19-81e9-a051fa0b7216', '2026-11-30 01:36:47.795+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'changed', NULL, NULL, '{"01a22a18-d153-79d9-a380-80e484773632": [null, "1987"]}', '01a22a18-d153-7c20-aefc-4c3cb3dc65c4', NULL, NULL, NULL);
INSERT INTO iolite.history VALUES (14, '01a22a18-ecaf-7f19-81e9-a051fa0b7216', '2026-11-30 01:36:47.859+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'archived', NULL, NULL, '{}', '01a22a18-d153-7c20-aefc-4c3cb3dc65c4', NULL, NULL, NULL);
INSERT INTO iolite.jobs VALUES ('01a22a18-ed99-78f4-b1e3-fa0b84f63a29', 'tell_waiting', '{"signOff": "01a22a18-ecf9-7715-811d-9a6efac3ed3a"}', NULL, '2026-11-30 01:36:46.489+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-30 01:36:46.489+00');
INSERT INTO iolite.jobs VALUES ('01a22a18-ee20-7bed-afd8-22b91e8620fd', 'tell_waiting', '{"signOff": "01a22a18-edd7-70bf-a77d-07c05a0d7816"}', NULL, '2026-11-30 01:36:46.624+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-30 01:36:46.624+00');
INSERT INTO iolite.jobs VALUES ('01a22a18-ee59-7601-b439-7020dffe9e6d', 'tell_waiting', '{"signOff": "01a22a18-ee31-743e-a8c8-90a4ffb2676a"}', NULL, '2026-11-30 01:36:46.681+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-30 01:36:46.681+00');
INSERT INTO iolite.jobs VALUES ('01a22a18-f0a9-7822-b8ae-09549a153d2f', 'tell_waiting', '{"signOff": "01a22a18-edd7-70bf-a77d-07c05a0d7816"}', NULL, '2026-11-30 01:36:47.273+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-30 01:36:47.273+00');
INSERT INTO iolite.jobs VALUES ('01a22a18-faad-7a44-8f4c-b54e248564da', 'send_mail', '{"message": "01a22a18-faac-797e-b32e-a1fbf18d671e"}', NULL, '2026-11-30 01:36:49.837+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-30 01:36:49.837+00');
INSERT INTO iolite.jobs VALUES ('01a22a18-fad1-75c9-a980-45354f8f7ede', 'send_mail', '{"message": "01a22a18-fad1-7aca-b35a-ae8d1bc11244"}', NULL, '2026-11-30 01:36:49.873+00', 'waiting', NULL, NULL, NULL, NULL, false, '2026-11-30 01:36:49.873+00');
INSERT INTO iolite.kept_entries VALUES ('01a22a18-fd07-70c9-bf79-0f192c2ebe8a', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', 1, NULL, 'Half a story', '{"typed": {"title": {"value": "Half a story"}}}', '2026-11-30 01:36:50.485+00', '01a22a18-ea61-7a26-9f7d-efcf12499f12');
INSERT INTO iolite.lists VALUES ('owed_to_us', 1, NULL, 1, '{"key": "owed_to_us", "view": {"by": "age_band", "find": "", "kept": "0", "look": "table", "sort": "due_on", "marks": "", "filter": "state in (\"issued\", \"part_paid\") and balance > 0", "totals": "sum:gross,sum:balance", "widths": "", "worked": "", "columns": "subject,client,due_on,gross,balance,days_late,state", "archived": "no"}, "label": "Owed to us", "counted": true, "register": "invoices", "first_for": [], "pinned_for": ["treasurer", "office"], "shared_with": ["operations_manager", "treasurer", "trustee", "office"]}', '2026-11-30 01:36:39.246+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('invoiced_by_month', 2, NULL, 1, '{"key": "invoiced_by_month", "view": {"by": "issued_on:month", "find": "", "kept": "0", "look": "table", "sort": "-issued_on", "marks": "", "filter": "state != \"draft\"", "totals": "sum:net,sum:gross,average:gross", "widths": "", "worked": "", "columns": "subject,client,issued_on,net,vat,gross", "archived": "no"}, "label": "Invoiced by month", "counted": false, "register": "invoices", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer"]}', '2026-11-30 01:36:39.246+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('to_reorder', 3, NULL, 1, '{"key": "to_reorder", "view": {"by": "group", "find": "", "kept": "0", "look": "table", "sort": "name", "marks": "", "filter": "to_reorder = true", "totals": "sum:reorder_quantity", "widths": "", "worked": "", "columns": "name,shelf,on_hand,reorder_point,reorder_quantity,cost_price,supplier", "archived": "no"}, "label": "To reorder", "counted": true, "register": "stock", "first_for": [], "pinned_for": ["yard_manager"], "shared_with": ["operations_manager", "yard_manager", "yard_hand", "office"]}', '2026-11-30 01:36:39.246+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('still_open', 4, NULL, 1, '{"key": "still_open", "view": {"by": "state", "find": "", "kept": "0", "look": "table", "sort": "-happened_at", "marks": "", "filter": "state != \"closed\"", "totals": "", "widths": "", "worked": "", "columns": "title,kind,happened_at,place,open_actions,state", "archived": "no"}, "label": "Still open", "counted": true, "register": "incidents", "first_for": [], "pinned_for": ["safety_trustee"], "shared_with": ["operations_manager", "yard_manager", "safety_trustee"]}', '2026-11-30 01:36:39.246+00', NULL, NULL);
INSERT INTO iolite.lists VALUES ('gifts_by_appeal', 5, NULL, 1, '{"key": "gifts_by_appeal", "view": {"by": "appeal,received_on:year", "find": "", "kept": "0", "look": "table", "sort": "-received_on", "marks": "", "filter": "", "totals": "sum:amount,different:donor", "widths": "", "worked": "", "columns": "donor_name,appeal,received_on,amount,gift_aid,worth", "archived": "no"}, "label": "Gifts by appeal", "counted": false, "register": "donations", "first_for": [], "pinned_for": [], "shared_with": ["operations_manager", "treasurer", "trustee"]}', '2026-11-30 01:36:39.246+00', NULL, NULL);
INSERT INTO iolite.messages VALUES ('01a22a18-faac-797e-b32e-a1fbf18d671e', '2026-11-30 01:36:49.836+00', '01a22a18-fa9e-7c87-8053-7fd6d4b8df2c', 'Nell Harrow', 'nell.harrow@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Nell Harrow,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, nell.harrow@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'iG2TwhzTbYFb0xPmca8aQ2qPInDXYaMvhbLtIshPzQE', 'waiting', NULL, '01a22a18-faad-7a44-8f4c-b54e248564da');
INSERT INTO iolite.messages VALUES ('01a22a18-fad1-7aca-b35a-ae8d1bc11244', '2026-11-30 01:36:49.873+00', '01a22a18-fac9-7d22-a265-943c15d0e6b8', 'Anneke Voss', 'anneke.voss@example.org', 'Runa Oakes invites you to Tern Quay Boatyard', '{"Hello Anneke Voss,","Runa Oakes has let you in to Tern Quay Boatyard. Choose a password, and you are in. You sign in with this address, anneke.voss@example.org.","The link works once, and for 7 days."}', '{"path": "/invitation", "label": "Accept the invitation"}', 'ZJONl4dbiZUdmcSieqhJMQHDppgRUZmBIESUmLaP3aM', 'waiting', NULL, '01a22a18-fad1-75c9-a980-45354f8f7ede');
INSERT INTO iolite.people VALUES ('01a22a18-ddf5-738d-8ac2-99be2db35182', 'dev.anand@example.org', 'Dev Anand', '{yard_hand}', NULL, 2, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-ddf8-7144-aaa8-224045d2cb7c', 'ines.varga@example.org', 'Ines Varga', '{treasurer,trustee}', NULL, 4, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-ddfb-748d-8a68-e5fdecf70590', 'teo.marsh@example.org', 'Teo Marsh', '{safety_trustee,trustee}', NULL, 5, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-ddfd-7c03-b9a7-0d34a7dc8ddf', 'bea.quill@example.org', 'Bea Quill', '{office}', NULL, 6, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-ddfe-770d-9277-8cd669b5dcb2', 'orla.margetts@example.org', 'Orla Margetts', '{client}', NULL, 7, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-de00-7cd3-a5b5-294d6bf7499e', 'tomas.reed@example.org', 'Tomas Reed', '{trustee}', NULL, 8, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-dd9e-7a21-aa7d-89d95132099a', 'runa.oakes@example.org', 'Runa Oakes', '{operations_manager}', '$argon2id$v=19$m=19456,t=2,p=1$/I2OL3ORkvePgK3thd6bKg$iQ0u+q7FVSBvheUZM9pCPvcNRNoWrzf9URWQ24Mstrk', 0, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, '2026-11-30 01:36:43.984+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-ddf3-7cea-a1f0-3153c230fab9', 'piet.lund@example.org', 'Piet Lund', '{yard_hand}', NULL, 1, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, '2026-11-30 01:36:44.121+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-ddf7-7c58-9e0b-88a99dd50254', 'sana.whitlock@example.org', 'Sana Whitlock', '{yard_manager}', NULL, 3, NULL, 'person', '', '2026-11-30 01:36:39.246+00', NULL, '2026-11-30 01:36:44.213+00', NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-fa9e-7c87-8053-7fd6d4b8df2c', 'nell.harrow@example.org', 'Nell Harrow', '{office}', NULL, 9, NULL, 'person', '', NULL, NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-fac9-7d22-a265-943c15d0e6b8', 'anneke.voss@example.org', 'Anneke Voss', '{yard_hand}', NULL, 10, NULL, 'person', '', NULL, '2026-11-30 01:36:50.215+00', NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-fc76-7063-902a-2534399eebc9', '', 'Slipway tablet', '{yard_hand}', NULL, 11, NULL, 'group', '', '2026-11-30 01:36:50.289+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.people VALUES ('01a22a18-fce6-7b6a-9c29-cdb1590818a6', '', 'Year-end sums', '{treasurer}', NULL, 12, NULL, 'token', '', '2026-11-30 01:36:50.401+00', NULL, NULL, NULL, NULL, NULL, 'at_once', NULL, NULL, 0);
INSERT INTO iolite.receipts VALUES ('01a22a18-eb80-7f77-a1be-3d61f5267c21', 'clients', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'ac32ebddfb06e069aae0c9d5c335ac6409451b56df2bef228a7927726d93b03f');
INSERT INTO iolite.receipts VALUES ('01a22a18-eb80-71cb-928d-d27c6aee38af', 'boats', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'cc8366c5283da7e92a95395a623b7040f57321cfb955c8a47bd4f5b703902b53');
INSERT INTO iolite.receipts VALUES ('01a22a18-ecae-70a3-a2ed-6561b8c3f8a1', 'clients', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'b043a888b836c8682d4237592e75dba8f0d51b88a62f46252c52ded2dda5da99');
INSERT INTO iolite.receipts VALUES ('01a22a18-ecaf-7f19-81e9-a051fa0b7216', 'boats', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'd42aa6b60771363dd322968ff7d472d2d8063121edf60b5b365f8a2b5dd69a9f');
INSERT INTO iolite.receipts VALUES ('01a22a18-ece7-72b4-abac-880d0213d3b1', 'near_misses', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '8064fe870cfb8d76fe42725b64e393a39ed95ab9c9e4ae55199097609b564654');
INSERT INTO iolite.receipts VALUES ('01a22a18-edc2-7183-badf-471c4ef760fe', 'near_misses', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '3fde6299cff330b7e1f073f69882644d437572c8782f41ca7b8920632a5591a9');
INSERT INTO iolite.receipts VALUES ('01a22a18-ee2b-7c2d-809f-9721957aeb40', 'near_misses', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '7cf1b60adc74e8fe2c2e77312ce541e3abff939e05fc82e52f4dac71b6df4527');
INSERT INTO iolite.receipts VALUES ('01a22a18-ee66-75af-9612-d9f83ae3e82c', 'near_misses', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '1e6f3768ebc3a96dd66d9f2e4a94ad452dfc44c7ed02cb848dfa89512a82d3ee');
INSERT INTO iolite.receipts VALUES ('01a22a18-f264-7abc-b771-33939bc46215', 'invoices', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '95ff606db8b1ed8e9f5ad5ae1611d3bfb3bf5976b7b64726cd8ef2901edd9bc8');
INSERT INTO iolite.secret_links VALUES ('941ce88572b5414fb2aa7354e1e8050d5e7f4d7792ed1d2198e47347556894c0', 'invitation', '01a22a18-fa9e-7c87-8053-7fd6d4b8df2c', NULL, '2026-11-30 01:36:49.828+00', '2026-12-07 01:36:49.828+00');
INSERT INTO iolite.series VALUES ('invoices', 'invoice_number', 0, 2);
INSERT INTO iolite.sessions VALUES ('17a357b87cd4f760ad166672aac03c75371833526b2b9078830ffc36a931c32e', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:43.983+00', '2026-12-14 01:36:43.978+00', '2026-11-30 01:36:43.983+00', NULL, '15589787-5e5b-44bc-b5e7-89aaf531db33', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('f9de2c08ad898f4f8699789fba649f13e5a8b71cf8387fc075ad770d3a01f0bf', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:44.117+00', '2026-12-14 01:36:44.103+00', '2026-11-30 01:36:44.117+00', NULL, 'e7af4d69-6681-4580-8a59-4ea4945d8761', 'node', false, NULL, NULL);
INSERT INTO iolite.sessions VALUES ('2aebf88e8b1046aaad9a56c653146cd79ca26972bed956384e56b0e50a3df45d', '01a22a18-ddf7-7c58-9e0b-88a99dd50254', '2026-11-30 01:36:44.212+00', '2026-12-14 01:36:44.206+00', '2026-11-30 01:36:44.212+00', NULL, '4a69accf-8e5b-46b1-b224-fe13c0725d33', 'node', false, NULL, NULL);
INSERT INTO iolite.set_aside VALUES ('01a22a18-f8a4-70b7-8718-f01493f6c0cc', 'near_misses', NULL, '-01a22a18-e66f-70f1-9306-b4264e0ce2bf', '{"id": "01a22a18-e66f-70f1-9306-b4264e0ce2bf", "key": "berth", "type": {"kind": "link", "register": "berths"}, "label": "Berth", "required": false}', '2026-11-30 01:36:48.913+00');
INSERT INTO iolite.sign_off_events VALUES (1, '01a22a18-ecf9-7715-811d-9a6efac3ed3a', '{"at": "2026-11-30T01:36:46.329Z", "by": "01a22a18-ddf3-7cea-a1f0-3153c230fab9", "from": 0, "kind": "sent", "sender": "01a22a18-ddf3-7cea-a1f0-3153c230fab9"}');
INSERT INTO iolite.sign_off_events VALUES (2, '01a22a18-ecf9-7715-811d-9a6efac3ed3a', '{"at": "2026-11-30T01:36:46.329Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a22a18-ddf7-7c58-9e0b-88a99dd50254"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (3, '01a22a18-edd7-70bf-a77d-07c05a0d7816', '{"at": "2026-11-30T01:36:46.551Z", "by": "01a22a18-ddf3-7cea-a1f0-3153c230fab9", "from": 0, "kind": "sent", "sender": "01a22a18-ddf3-7cea-a1f0-3153c230fab9"}');
INSERT INTO iolite.sign_off_events VALUES (4, '01a22a18-edd7-70bf-a77d-07c05a0d7816', '{"at": "2026-11-30T01:36:46.551Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a22a18-ddf7-7c58-9e0b-88a99dd50254"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (5, '01a22a18-ee31-743e-a8c8-90a4ffb2676a', '{"at": "2026-11-30T01:36:46.641Z", "by": "01a22a18-ddf3-7cea-a1f0-3153c230fab9", "from": 0, "kind": "sent", "sender": "01a22a18-ddf3-7cea-a1f0-3153c230fab9"}');
INSERT INTO iolite.sign_off_events VALUES (6, '01a22a18-ee31-743e-a8c8-90a4ffb2676a', '{"at": "2026-11-30T01:36:46.641Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a22a18-ddf7-7c58-9e0b-88a99dd50254"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_events VALUES (7, '01a22a18-edd7-70bf-a77d-07c05a0d7816', '{"at": "2026-11-30T01:36:47.237Z", "by": "01a22a18-ddf7-7c58-9e0b-88a99dd50254", "to": null, "for": "01a22a18-ddf7-7c58-9e0b-88a99dd50254", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-30T01:36:47.237Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "send_back"}');
INSERT INTO iolite.sign_off_events VALUES (8, '01a22a18-ee31-743e-a8c8-90a4ffb2676a', '{"at": "2026-11-30T01:36:47.512Z", "by": "01a22a18-ddf7-7c58-9e0b-88a99dd50254", "to": null, "for": "01a22a18-ddf7-7c58-9e0b-88a99dd50254", "kind": "decided", "step": 0, "marks": [], "until": "2026-11-30T01:36:47.512Z", "comment": "Seen on the pontoon.", "version": 1, "decision": "approve"}');
INSERT INTO iolite.sign_off_events VALUES (9, '01a22a18-ecf9-7715-811d-9a6efac3ed3a', '{"at": "2026-11-30T01:36:47.602Z", "by": "01a22a18-dd9e-7a21-aa7d-89d95132099a", "from": 0, "kept": false, "kind": "changed"}');
INSERT INTO iolite.sign_off_events VALUES (10, '01a22a18-ecf9-7715-811d-9a6efac3ed3a', '{"at": "2026-11-30T01:36:47.602Z", "due": null, "kind": "entered", "step": 0, "asked": [{"counts": true, "person": "01a22a18-ddf7-7c58-9e0b-88a99dd50254"}], "needed": 1, "resort": null}');
INSERT INTO iolite.sign_off_parts VALUES ('01a22a18-ecf9-7715-811d-9a6efac3ed3a', 0, '01a22a18-ddf7-7c58-9e0b-88a99dd50254', 'asked');
INSERT INTO iolite.sign_off_seen VALUES ('01a22a18-edd7-70bf-a77d-07c05a0d7816', 1, '{"01a22a18-e66f-70f1-9306-b4264e0ce2bf": null, "01a22a18-e66f-7136-837a-40f2ebc8fb9a": null, "01a22a18-e66f-71f4-818a-3777da613453": "damage", "01a22a18-e66f-733c-8ec5-e4010e8a317a": "2026-11-30T01:36:46.530Z", "01a22a18-e66f-75dc-b6e6-0debceee7982": null, "01a22a18-e66f-7664-ba69-1ecbd0d8216c": "700", "01a22a18-e66f-7e8c-954e-2594f485137a": "Loose cleat", "01a22a18-e66f-7ebc-811d-bbb1e2e567b9": "The warp parted at the bollard while the yawl was being hauled."}');
INSERT INTO iolite.sign_off_seen VALUES ('01a22a18-ee31-743e-a8c8-90a4ffb2676a', 1, '{"01a22a18-e66f-70f1-9306-b4264e0ce2bf": null, "01a22a18-e66f-7136-837a-40f2ebc8fb9a": null, "01a22a18-e66f-71f4-818a-3777da613453": "injury", "01a22a18-e66f-733c-8ec5-e4010e8a317a": "2026-11-30T01:36:46.635Z", "01a22a18-e66f-75dc-b6e6-0debceee7982": "01a22a18-ecaf-7f19-81e9-a051fa0b7216", "01a22a18-e66f-7664-ba69-1ecbd0d8216c": "800", "01a22a18-e66f-7e8c-954e-2594f485137a": "Bent rail", "01a22a18-e66f-7ebc-811d-bbb1e2e567b9": "The warp parted at the bollard while the yawl was being hauled."}');
INSERT INTO iolite.sign_off_steps VALUES ('01a22a18-edd7-70bf-a77d-07c05a0d7816', 0, 'sent_back', '2026-11-30 01:36:46.551+00', NULL, 1, 0);
INSERT INTO iolite.sign_off_steps VALUES ('01a22a18-ee31-743e-a8c8-90a4ffb2676a', 0, 'signed', '2026-11-30 01:36:46.641+00', NULL, 1, 1);
INSERT INTO iolite.sign_off_steps VALUES ('01a22a18-ecf9-7715-811d-9a6efac3ed3a', 0, 'open', '2026-11-30 01:36:47.602+00', NULL, 1, 0);
INSERT INTO iolite.sign_offs VALUES ('01a22a18-edd7-70bf-a77d-07c05a0d7816', '01a22a18-edc2-7183-badf-471c4ef760fe', 1, 1, 'sent_back', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:46.551+00', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', '01a22a18-ea61-7a26-9f7d-efcf12499f12', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', 1, '', '2026-11-30 01:36:47.237+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, NULL);
INSERT INTO iolite.sign_offs VALUES ('01a22a18-ee31-743e-a8c8-90a4ffb2676a', '01a22a18-ee2b-7c2d-809f-9721957aeb40', 1, 1, 'approved', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:46.641+00', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', '01a22a18-ea61-7a26-9f7d-efcf12499f12', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', 1, '', '2026-11-30 01:36:47.512+00', '2026-11-30 01:36:47.512+00', NULL, NULL, NULL, '{}', '{}', '2026-11-30 01:36:47.512+00', NULL);
INSERT INTO iolite.sign_offs VALUES ('01a22a18-ecf9-7715-811d-9a6efac3ed3a', '01a22a18-ece7-72b4-abac-880d0213d3b1', 1, 2, 'waiting', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:47.602+00', '01a22a18-e66f-70ed-be3a-af403ba6eac2', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', '01a22a18-ea61-7a26-9f7d-efcf12499f12', '01a22a18-eae6-77c2-82e1-8e69428b7ae3', 1, 'Yard manager', '2026-11-30 01:36:46.329+00', NULL, NULL, NULL, NULL, '{}', '{}', NULL, '2026-11-30 01:36:47.602+00');
INSERT INTO iolite.tokens VALUES ('01a22a18-fce6-7b6a-9c29-cdb1590818a6', '68170255f488682482052a7abb84aa8037e016487fc87d41598a032bfaeac65e', '', '2999-12-31', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:50.406+00');
INSERT INTO iolite.workspace VALUES (1, 6, 'Tern Quay Boatyard', 'en-GB', 'Europe/London', 'GBP', '{2026-01-01,2026-04-03,2026-04-06,2026-05-04,2026-05-25,2026-08-31,2026-12-25,2026-12-28,2027-01-01,2027-03-26,2027-03-29,2027-05-03,2027-05-31,2027-08-30,2027-12-27,2027-12-28}', '{"email": "email", "register": "clients"}', true, true, NULL, NULL, NULL, NULL);
INSERT INTO iolite.workspace_history VALUES (1, '2026-11-30 01:36:49.767+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'invited', '01a22a18-fa9e-7c87-8053-7fd6d4b8df2c', 'invited Nell Harrow');
INSERT INTO iolite.workspace_history VALUES (2, '2026-11-30 01:36:49.767+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'invited', '01a22a18-fac9-7d22-a265-943c15d0e6b8', 'invited Anneke Voss');
INSERT INTO iolite.workspace_history VALUES (3, '2026-11-30 01:36:50.215+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'switched', '01a22a18-fac9-7d22-a265-943c15d0e6b8', 'switched Anneke Voss off');
INSERT INTO iolite.workspace_history VALUES (4, '2026-11-30 01:36:50.346+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'group', '01a22a18-fc76-7063-902a-2534399eebc9', 'let Slipway tablet in by a code');
INSERT INTO iolite.workspace_history VALUES (5, '2026-11-30 01:36:50.406+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', 'token', '01a22a18-fce6-7b6a-9c29-cdb1590818a6', 'made the token Year-end sums');
INSERT INTO records.boats VALUES ('01a22a18-eb80-71cb-928d-d27c6aee38af', 1, 'BOA-0001', 1, '2026-11-30 01:36:46.225+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:46.225+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', NULL, ' boa-0001 sea thrift', ' sea thrift boa-0001', 'Sea Thrift', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a22a18-eb80-7f77-a1be-3d61f5267c21', NULL);
INSERT INTO records.boats VALUES ('01a22a18-ecaf-7f19-81e9-a051fa0b7216', 2, 'BOA-0002', 3, '2026-11-30 01:36:46.288+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:47.795+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:47.859+00', ' boa-0002 samphire 1987 1987', ' samphire boa-0002', 'Samphire', NULL, NULL, 1987, NULL, NULL, NULL, NULL, NULL, '{}', '{}', '01a22a18-ecae-70a3-a2ed-6561b8c3f8a1', NULL);
INSERT INTO records.clients VALUES ('01a22a18-eb80-7f77-a1be-3d61f5267c21', 1, 'CLI-0001', 1, '2026-11-30 01:36:46.008+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:46.008+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', NULL, ' cli-0001 owner of sea thrift private', ' owner of sea thrift cli-0001', 'Owner of Sea Thrift', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.clients VALUES ('01a22a18-ecae-70a3-a2ed-6561b8c3f8a1', 2, 'CLI-0002', 1, '2026-11-30 01:36:46.265+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:46.265+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', NULL, ' cli-0002 owner of samphire private', ' owner of samphire cli-0002', 'Owner of Samphire', 'private', NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL, NULL);
INSERT INTO records.invoices VALUES ('01a22a18-f264-7abc-b771-33939bc46215', 1, 'INV-0001', 1, '2026-11-30 01:36:47.73+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', '2026-11-30 01:36:47.73+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', NULL, ' inv-0001 berth fee tq-00001 01 feb 2026 01 mar 2026 issued fee, 2, 12.50, standard 20 % 25.00 25 25.00 25 5.00 5 0.00 0 0.00 0 5.00 5 30.00 30 0.00 0 30.00 30', ' berth fee inv-0001', 'Berth fee', 'TQ-00001', '2026-02-01', '2026-03-01', 'issued', '{}', '01a22a18-eb80-7f77-a1be-3d61f5267c21', '01a22a18-eb80-71cb-928d-d27c6aee38af');
INSERT INTO records.near_misses VALUES ('01a22a18-edc2-7183-badf-471c4ef760fe', 2, 'NEA-0002', 1, '2026-11-30 01:36:46.551+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:46.551+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', NULL, ' nea-0002 loose cleat 30 nov 2026, 01:36 damage 700.00 700 the warp parted at the bollard while the yawl was being hauled.', ' loose cleat nea-0002', 'Loose cleat', '2026-11-30 01:36:46.53+00', 'damage', 700.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a22a18-ee2b-7c2d-809f-9721957aeb40', 3, 'NEA-0003', 1, '2026-11-30 01:36:46.641+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:46.641+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', NULL, ' nea-0003 bent rail 30 nov 2026, 01:36 injury 800.00 800 the warp parted at the bollard while the yawl was being hauled.', ' bent rail nea-0003', 'Bent rail', '2026-11-30 01:36:46.635+00', 'injury', 800.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a22a18-ecaf-7f19-81e9-a051fa0b7216', NULL);
INSERT INTO records.near_misses VALUES ('01a22a18-ee66-75af-9612-d9f83ae3e82c', 4, 'NEA-0004', 1, '2026-11-30 01:36:46.7+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:46.7+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', NULL, ' nea-0004 slipped on weed 30 nov 2026, 01:36 scare the warp parted at the bollard while the yawl was being hauled.', ' slipped on weed nea-0004', 'Slipped on weed', '2026-11-30 01:36:46.694+00', 'scare', NULL, 'The warp parted at the bollard while the yawl was being hauled.', NULL, NULL, NULL);
INSERT INTO records.near_misses VALUES ('01a22a18-ece7-72b4-abac-880d0213d3b1', 1, 'NEA-0001', 2, '2026-11-30 01:36:46.329+00', '01a22a18-ddf3-7cea-a1f0-3153c230fab9', '2026-11-30 01:36:47.602+00', '01a22a18-dd9e-7a21-aa7d-89d95132099a', NULL, ' nea-0001 parted warp 30 nov 2026, 01:36 damage 950.00 950 the warp parted at the bollard while the yawl was being hauled.', ' parted warp nea-0001', 'Parted warp', '2026-11-30 01:36:46.312+00', 'damage', 950.00, 'The warp parted at the bollard while the yawl was being hauled.', NULL, '01a22a18-eb80-71cb-928d-d27c6aee38af', NULL);
INSERT INTO rows."invoices.lines" VALUES ('01a22a18-f265-7384-9a04-60e083bc13a4', '01a22a18-f264-7abc-b771-33939bc46215', 0, NULL, 'Fee', 2.00, 12.50, 'standard', DEFAULT);
SELECT pg_catalog.setval('drizzle.__drizzle_migrations_id_seq', 21, true);
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
CREATE INDEX near_misses_berth_idx ON records.near_misses USING btree ("-01a22a18-e66f-70f1-9306-b4264e0ce2bf");
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
    ADD CONSTRAINT near_misses_berth_fkey FOREIGN KEY ("-01a22a18-e66f-70f1-9306-b4264e0ce2bf") REFERENCES records.berths(id);
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
