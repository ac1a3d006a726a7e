-- Every definition gets the id it is known by for good (UUID version 7, RFC 9562), in all of its versions the same; what
-- was kept by keys names ids from now on.
CREATE FUNCTION "iolite"."given_id"() RETURNS uuid LANGUAGE sql VOLATILE AS $$
	SELECT encode(set_bit(set_bit(overlay(uuid_send(gen_random_uuid())
		PLACING substring(int8send((extract(epoch FROM clock_timestamp()) * 1000)::bigint) FROM 3) FROM 1 FOR 6), 52, 1), 53, 1), 'hex')::uuid
$$;
--> statement-breakpoint
CREATE TABLE "iolite"."given_ids" (
	"what" text NOT NULL,
	"whose" text NOT NULL,
	"called" text NOT NULL,
	"id" uuid NOT NULL DEFAULT "iolite"."given_id"(),
	PRIMARY KEY ("what", "whose", "called")
);
--> statement-breakpoint
INSERT INTO "iolite"."given_ids" ("what", "whose", "called")
SELECT DISTINCT kind, '', key FROM "iolite"."definitions"
UNION SELECT 'form', '', form FROM "iolite"."drafts";
--> statement-breakpoint
INSERT INTO "iolite"."given_ids" ("what", "whose", "called")
SELECT DISTINCT 'field', d.key, f ->> 'key'
FROM "iolite"."definitions" d, jsonb_array_elements(d.document -> 'fields') f WHERE d.kind = 'register'
UNION SELECT 'row_field', d.key || '.' || (f ->> 'key'), r ->> 'key'
FROM "iolite"."definitions" d, jsonb_array_elements(d.document -> 'fields') f, jsonb_array_elements(f #> '{type,fields}') r
WHERE d.kind = 'register' AND f #>> '{type,kind}' = 'rows'
UNION SELECT 'aside', a.register || coalesce('.' || a.rows, ''), a."column" FROM "iolite"."set_aside" a
UNION SELECT 'row_field', a.register || '.' || a."column", r ->> 'key'
FROM "iolite"."set_aside" a, jsonb_array_elements(a.field #> '{type,fields}') r WHERE a.field #>> '{type,kind}' = 'rows'
UNION SELECT 'choice', d.key, c ->> 'code'
FROM "iolite"."definitions" d, jsonb_array_elements(d.document -> 'choices') c WHERE d.kind = 'choice_list'
UNION SELECT 'step', d.key, (s ->> 'role') || ' ' || (s ->> 'label')
FROM "iolite"."definitions" d, jsonb_array_elements(d.document -> 'steps') s WHERE d.kind = 'route';
--> statement-breakpoint
INSERT INTO "iolite"."given_ids" ("what", "whose", "called")
SELECT DISTINCT 'question', d.key, q ->> 'field'
FROM (SELECT key, document FROM "iolite"."definitions" WHERE kind = 'form' UNION ALL SELECT form, document FROM "iolite"."drafts") d,
	jsonb_array_elements(d.document -> 'questions') q
UNION SELECT 'page', d.key, p ->> 'key'
FROM (SELECT key, document FROM "iolite"."definitions" WHERE kind = 'form' UNION ALL SELECT form, document FROM "iolite"."drafts") d,
	jsonb_array_elements(coalesce(d.document -> 'pages', '[]')) p;
--> statement-breakpoint
CREATE FUNCTION "iolite"."id_given"(w text, o text, c text) RETURNS uuid LANGUAGE sql STABLE AS $$
	SELECT id FROM "iolite"."given_ids" WHERE what = w AND whose = o AND called = c
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."items_with_ids"(items jsonb, w text, o text, name text) RETURNS jsonb LANGUAGE sql STABLE AS $$
	SELECT coalesce(jsonb_agg(jsonb_build_object('id', "iolite"."id_given"(w, o, item ->> name)) || item ORDER BY n), '[]')
	FROM jsonb_array_elements(coalesce(items, '[]')) WITH ORDINALITY AS t(item, n)
$$;
--> statement-breakpoint
CREATE FUNCTION "iolite"."with_row_ids"(field jsonb, o text) RETURNS jsonb LANGUAGE sql STABLE AS $$
	SELECT CASE WHEN field #>> '{type,kind}' = 'rows'
		THEN jsonb_set(field, '{type,fields}', "iolite"."items_with_ids"(field #> '{type,fields}', 'row_field', o, 'key'))
		ELSE field END
$$;
--> statement-breakpoint
UPDATE "iolite"."definitions" d SET document = jsonb_build_object('id', "iolite"."id_given"(d.kind, '', d.key)) ||
	CASE d.kind
	WHEN 'register' THEN jsonb_set(document, '{fields}', (
		SELECT jsonb_agg(jsonb_build_object('id', "iolite"."id_given"('field', d.key, f ->> 'key')) ||
			"iolite"."with_row_ids"(f, d.key || '.' || (f ->> 'key')) ORDER BY n)
		FROM jsonb_array_elements(document -> 'fields') WITH ORDINALITY AS t(f, n)))
	WHEN 'choice_list' THEN jsonb_set(document, '{choices}', "iolite"."items_with_ids"(document -> 'choices', 'choice', d.key, 'code'))
	WHEN 'form' THEN document || jsonb_build_object(
		'questions', "iolite"."items_with_ids"(document -> 'questions', 'question', d.key, 'field'),
		'pages', "iolite"."items_with_ids"(document -> 'pages', 'page', d.key, 'key'))
	WHEN 'route' THEN jsonb_set(document, '{steps}', (
		SELECT jsonb_agg(jsonb_build_object('id', "iolite"."id_given"('step', d.key, (s ->> 'role') || ' ' || (s ->> 'label'))) || s ORDER BY n)
		FROM jsonb_array_elements(document -> 'steps') WITH ORDINALITY AS t(s, n)))
	ELSE document END;
--> statement-breakpoint
UPDATE "iolite"."drafts" d SET document = jsonb_build_object('id', "iolite"."id_given"('form', '', d.form)) || document ||
	jsonb_build_object(
		'questions', "iolite"."items_with_ids"(document -> 'questions', 'question', d.form, 'field'),
		'pages', "iolite"."items_with_ids"(document -> 'pages', 'page', d.form, 'key'));
--> statement-breakpoint
UPDATE "iolite"."set_aside" a SET field = "iolite"."with_row_ids"(
	jsonb_build_object('id', "iolite"."id_given"('aside', a.register || coalesce('.' || a.rows, ''), a."column")) || a.field,
	a.register || '.' || a."column");
--> statement-breakpoint
-- Of a field that stands in its register no more, what was set aside last under its key is meant.
CREATE FUNCTION "iolite"."field_given"(o text, c text) RETURNS uuid LANGUAGE sql STABLE AS $$
	SELECT coalesce(
		(SELECT g.id FROM "iolite"."given_ids" g
			JOIN "iolite"."definitions" d ON d.kind = 'register' AND d.key = o AND d.status = 'published'
			WHERE g.what = 'field' AND g.whose = o AND g.called = c AND d.document -> 'fields' @> jsonb_build_array(jsonb_build_object('key', c))),
		(SELECT (a.field ->> 'id')::uuid FROM "iolite"."set_aside" a
			WHERE a.register = o AND a.rows IS NULL AND a.field ->> 'key' = c ORDER BY a.at DESC LIMIT 1),
		"iolite"."id_given"('field', o, c))
$$;
--> statement-breakpoint
-- Rows in what a history tells: each row's values by the ids of their fields.
CREATE FUNCTION "iolite"."rows_by_ids"(value jsonb, o text) RETURNS jsonb LANGUAGE sql STABLE AS $$
	SELECT CASE WHEN jsonb_typeof(value) = 'array' AND jsonb_typeof(value -> 0) = 'object' THEN (
		SELECT jsonb_agg(jsonb_set(r, '{values}', coalesce((
			SELECT jsonb_object_agg(coalesce("iolite"."id_given"('row_field', o, v.key)::text, v.key), v.value)
			FROM jsonb_each(r -> 'values') v), '{}')) ORDER BY n)
		FROM jsonb_array_elements(value) WITH ORDINALITY AS t(r, n))
	ELSE value END
$$;
--> statement-breakpoint
DROP INDEX "iolite"."history_form";--> statement-breakpoint
ALTER TABLE "iolite"."history" ADD COLUMN "register_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."history" ADD COLUMN "form_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."kept_entries" ADD COLUMN "form_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "register_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "route_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "form_id" uuid;--> statement-breakpoint
UPDATE "iolite"."history" h SET
	register_id = "iolite"."id_given"('register', '', h.register),
	form_id = "iolite"."id_given"('form', '', h.form_key),
	changes = coalesce((
		SELECT jsonb_object_agg(coalesce("iolite"."field_given"(h.register, c.key)::text, c.key), jsonb_build_array(
			"iolite"."rows_by_ids"(c.value -> 0, h.register || '.' || c.key), "iolite"."rows_by_ids"(c.value -> 1, h.register || '.' || c.key)))
		FROM jsonb_each(h.changes) c), '{}');
--> statement-breakpoint
UPDATE "iolite"."sign_offs" s SET
	register_id = "iolite"."id_given"('register', '', s.register),
	route_id = "iolite"."id_given"('route', '', s.route_key),
	form_id = "iolite"."id_given"('form', '', s.form_key);
--> statement-breakpoint
UPDATE "iolite"."kept_entries" k SET form_id = CASE WHEN k.form LIKE '.%'
	THEN "iolite"."id_given"('register', '', substr(k.form, 2)) ELSE "iolite"."id_given"('form', '', k.form) END;
--> statement-breakpoint
DELETE FROM "iolite"."kept_entries" WHERE form_id IS NULL;--> statement-breakpoint
ALTER TABLE "iolite"."history" ALTER COLUMN "register_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."kept_entries" ALTER COLUMN "form_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ALTER COLUMN "register_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ALTER COLUMN "route_id" SET NOT NULL;--> statement-breakpoint
CREATE INDEX "history_form" ON "iolite"."history" USING btree ("form_id","person_id") WHERE action = 'added' and form_id is not null;--> statement-breakpoint
ALTER TABLE "iolite"."history" DROP COLUMN "register";--> statement-breakpoint
ALTER TABLE "iolite"."history" DROP COLUMN "form_key";--> statement-breakpoint
ALTER TABLE "iolite"."kept_entries" DROP COLUMN "form";--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" DROP COLUMN "register";--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" DROP COLUMN "route_key";--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" DROP COLUMN "form_key";--> statement-breakpoint
DROP FUNCTION "iolite"."rows_by_ids"(jsonb, text);--> statement-breakpoint
DROP FUNCTION "iolite"."field_given"(text, text);--> statement-breakpoint
DROP FUNCTION "iolite"."with_row_ids"(jsonb, text);--> statement-breakpoint
DROP FUNCTION "iolite"."items_with_ids"(jsonb, text, text, text);--> statement-breakpoint
DROP FUNCTION "iolite"."id_given"(text, text, text);--> statement-breakpoint
DROP TABLE "iolite"."given_ids";--> statement-breakpoint
DROP FUNCTION "iolite"."given_id"();
