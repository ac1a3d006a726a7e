-- What the rule language reckons with and PostgreSQL does not have as it stands: numbers of 34 significant digits,
-- days that end with the year 9999, working days. Each gives what core/expression gives, nothing included; a test
-- holds the two together over random expressions.

-- The power of ten of the first digit that counts: 2 for 123.4, -3 for 0.00123.
CREATE FUNCTION "iolite"."exponent10"(x numeric) RETURNS integer LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
DECLARE
  a numeric := abs(x);
  fraction text;
BEGIN
  IF a >= 1 THEN RETURN length(trunc(a)::text) - 1; END IF;
  IF a = 0 THEN RETURN 0; END IF;
  fraction := split_part(a::text, '.', 2);
  RETURN - (length(fraction) - length(ltrim(fraction, '0')) + 1);
END $$;
--> statement-breakpoint
-- Rounded to so many decimals. Ways: even, half up, half down (halves to the even neighbour, away from and towards
-- zero), up, down (away from and towards zero), floor, ceiling.
CREATE FUNCTION "iolite"."round_to"(x numeric, places numeric, way text) RETURNS numeric LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
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
--> statement-breakpoint
-- A number of the rule language: 34 significant digits, half-even (IEEE 754-2008 decimal128); nothing beyond 10^6145.
CREATE FUNCTION "iolite"."round34"(x numeric) RETURNS numeric LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
DECLARE
  r numeric := "iolite"."round_to"(x, 33 - "iolite"."exponent10"(x), 'even');
BEGIN
  IF r IS NULL OR abs(r) >= '1e6145'::numeric THEN
    RETURN CASE WHEN abs(x) < 1 THEN 0 END;
  END IF;
  RETURN CASE WHEN abs(r) < '1e-6176'::numeric THEN 0 ELSE r END;
END $$;
--> statement-breakpoint
-- Division to 34 digits; nothing by zero. 36 digits of the quotient and whether anything is left decide the rounding.
CREATE FUNCTION "iolite"."divide34"(a numeric, b numeric) RETURNS numeric LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
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
--> statement-breakpoint
CREATE FUNCTION "iolite"."modulo34"(a numeric, b numeric) RETURNS numeric LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN b = 0 THEN NULL WHEN mod(a, b) = 0 OR (a < 0) = (b < 0) THEN "iolite"."round34"(mod(a, b))
    ELSE "iolite"."round34"(mod(a, b) + b) END
$$;
--> statement-breakpoint
-- A small whole power as an exact product, rounded once.
CREATE FUNCTION "iolite"."power34"(x numeric, n numeric) RETURNS numeric LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
DECLARE
  product numeric := 1;
BEGIN
  FOR i IN 1..n::integer LOOP product := product * x; END LOOP;
  RETURN "iolite"."round34"(product);
END $$;
--> statement-breakpoint
-- The multiple of a step near a number. Ways: half up (halves away from zero), up and down (away from and towards zero).
CREATE FUNCTION "iolite"."round_to_step"(x numeric, step numeric, way text) RETURNS numeric LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
DECLARE
  rest numeric;
BEGIN
  IF step = 0 THEN RETURN NULL; END IF;
  rest := mod(abs(x), abs(step));
  RETURN "iolite"."round34"(sign(x) * (abs(x) - rest
    + CASE WHEN (way = 'up' AND rest <> 0) OR (way = 'half up' AND rest * 2 >= abs(step)) THEN abs(step) ELSE 0 END));
END $$;
--> statement-breakpoint
-- The number a plain text says, or nothing.
CREATE FUNCTION "iolite"."find_number"(x text) RETURNS numeric LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN length(x) <= 102 AND x ~ '^-?([0-9]+(\.[0-9]+)?|\.[0-9]+)$' THEN "iolite"."round34"(x::numeric) END
$$;
--> statement-breakpoint
-- Part of a text: places count from 1, negative ones from the end.
CREATE FUNCTION "iolite"."substring_of"(x text, start numeric, size numeric) RETURNS text LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
DECLARE
  count integer := char_length(x);
  first numeric := CASE WHEN start > 0 THEN start ELSE count + start + 1 END;
BEGIN
  IF start = 0 OR first < 1 OR size < 0 OR start <> trunc(start) OR size <> trunc(size)
    OR abs(start) > 9007199254740991 OR size > 9007199254740991 THEN RETURN NULL; END IF;
  IF first > count THEN RETURN ''; END IF;
  RETURN substr(x, first::integer, least(size, count)::integer);
END $$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."within_calendar"(d date) RETURNS date LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN d BETWEEN DATE '0001-01-01' AND DATE '9999-12-31' THEN d END
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."find_date"(y numeric, m numeric, d numeric) RETURNS date LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE
    WHEN y <> trunc(y) OR m <> trunc(m) OR d <> trunc(d) OR y NOT BETWEEN 1 AND 9999 OR m NOT BETWEEN 1 AND 12 OR d < 1 THEN NULL
    WHEN d > extract(day FROM make_date(y::integer, m::integer, 1) + INTERVAL '1 month' - INTERVAL '1 day') THEN NULL
    ELSE make_date(y::integer, m::integer, d::integer) END
$$;
--> statement-breakpoint
-- Durations of days are milliseconds, of months a count of months; both end at ten thousand years.
CREATE FUNCTION "iolite"."within_days"(ms numeric) RETURNS numeric LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN abs(ms) <= 316224000000000 THEN ms END
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."within_months"(n numeric) RETURNS numeric LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN abs(n) <= 120000 THEN n END
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."plus_ms"(d date, ms numeric) RETURNS date LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN floor(ms / 86400000) BETWEEN DATE '0001-01-01' - d AND DATE '9999-12-31' - d
    THEN d + floor(ms / 86400000)::integer END
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."plus_ms"(at timestamptz, ms numeric) RETURNS timestamptz LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN extract(epoch FROM at) * 1000 + ms BETWEEN -62135510400000 AND 253402214399999
    THEN ((at AT TIME ZONE 'UTC') + make_interval(days => div(ms, 86400000)::integer, secs => (mod(ms, 86400000) / 1000)::double precision)) AT TIME ZONE 'UTC' END
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."plus_months"(d date, n numeric) RETURNS date LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN extract(year FROM d) * 12 + extract(month FROM d) - 1 + n BETWEEN 12 AND 119999
    THEN (d + make_interval(months => n::integer))::date END
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."months_between"(a date, b date) RETURNS numeric LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT (extract(year FROM b) - extract(year FROM a)) * 12 + extract(month FROM b) - extract(month FROM a)
    - CASE WHEN b >= a AND extract(day FROM b) < extract(day FROM a) THEN 1
           WHEN b < a AND extract(day FROM b) > extract(day FROM a) THEN -1 ELSE 0 END
$$;
--> statement-breakpoint
-- Mondays to Fridays up to and including a day, counted from Monday 29 Dec 1969; and the day that reaches a count.
CREATE FUNCTION "iolite"."weekdays_up_to"(d date) RETURNS integer LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT floor((d - DATE '1969-12-29') / 7.0)::integer * 5
    + least((d - DATE '1969-12-29') - floor((d - DATE '1969-12-29') / 7.0)::integer * 7 + 1, 5)
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."weekday_at"(n integer) RETURNS date LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT DATE '1969-12-29' + floor((n - 1) / 5.0)::integer * 7 + (n - 1 - floor((n - 1) / 5.0)::integer * 5)
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."holidays_in"(holidays date[], after date, up_to date) RETURNS integer LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT count(DISTINCT h)::integer FROM unnest(holidays) h WHERE h > after AND h <= up_to AND extract(isodow FROM h) < 6
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."working_days"(a date, b date, holidays date[]) RETURNS numeric LANGUAGE sql IMMUTABLE STRICT PARALLEL SAFE AS $$
  SELECT CASE WHEN b < a
    THEN - ("iolite"."weekdays_up_to"(a) - "iolite"."weekdays_up_to"(b) - "iolite"."holidays_in"(holidays, b, a))
    ELSE "iolite"."weekdays_up_to"(b) - "iolite"."weekdays_up_to"(a) - "iolite"."holidays_in"(holidays, a, b) END::numeric
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."add_working_days"(d date, n numeric, holidays date[]) RETURNS date LANGUAGE plpgsql IMMUTABLE STRICT PARALLEL SAFE AS $$
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
