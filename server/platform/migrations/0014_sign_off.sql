CREATE TABLE "iolite"."sign_off_events" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"sign_off_id" uuid NOT NULL,
	"event" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."sign_off_parts" (
	"sign_off_id" uuid NOT NULL,
	"step" integer NOT NULL,
	"person_id" uuid NOT NULL,
	"asked" text NOT NULL,
	CONSTRAINT "sign_off_parts_sign_off_id_step_person_id_pk" PRIMARY KEY("sign_off_id","step","person_id")
);
--> statement-breakpoint
CREATE TABLE "iolite"."sign_off_seen" (
	"sign_off_id" uuid NOT NULL,
	"version" integer NOT NULL,
	"values" jsonb NOT NULL,
	CONSTRAINT "sign_off_seen_sign_off_id_version_pk" PRIMARY KEY("sign_off_id","version")
);
--> statement-breakpoint
CREATE TABLE "iolite"."sign_off_steps" (
	"sign_off_id" uuid NOT NULL,
	"step" integer NOT NULL,
	"status" text NOT NULL,
	"entered_at" timestamp (3) with time zone,
	"due" timestamp (3) with time zone,
	"needed" integer NOT NULL,
	"given" integer NOT NULL,
	CONSTRAINT "sign_off_steps_sign_off_id_step_pk" PRIMARY KEY("sign_off_id","step")
);
--> statement-breakpoint
ALTER TABLE "iolite"."drafts" ADD COLUMN "kind" text DEFAULT 'form' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."drafts" DROP CONSTRAINT "drafts_pkey";--> statement-breakpoint
ALTER TABLE "iolite"."drafts" ADD CONSTRAINT "drafts_kind_form_pk" PRIMARY KEY("kind","form");--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD COLUMN "for_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD COLUMN "marks" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD COLUMN "route_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD COLUMN "route_version" integer;--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD COLUMN "entered_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD COLUMN "undone_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "begun_route_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "begun_version" integer;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "step_label" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "since" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "decided_on" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "due_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "timer_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "goes_on_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "beyond" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "wrote" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "signed_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ADD COLUMN "changed_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."sign_off_events" ADD CONSTRAINT "sign_off_events_sign_off_id_sign_offs_id_fk" FOREIGN KEY ("sign_off_id") REFERENCES "iolite"."sign_offs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."sign_off_parts" ADD CONSTRAINT "sign_off_parts_sign_off_id_sign_offs_id_fk" FOREIGN KEY ("sign_off_id") REFERENCES "iolite"."sign_offs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."sign_off_seen" ADD CONSTRAINT "sign_off_seen_sign_off_id_sign_offs_id_fk" FOREIGN KEY ("sign_off_id") REFERENCES "iolite"."sign_offs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."sign_off_steps" ADD CONSTRAINT "sign_off_steps_sign_off_id_sign_offs_id_fk" FOREIGN KEY ("sign_off_id") REFERENCES "iolite"."sign_offs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sign_off_events_of" ON "iolite"."sign_off_events" USING btree ("sign_off_id","id");--> statement-breakpoint
CREATE INDEX "sign_off_parts_person" ON "iolite"."sign_off_parts" USING btree ("person_id","sign_off_id");--> statement-breakpoint
CREATE INDEX "decisions_person" ON "iolite"."decisions" USING btree ("person_id","sign_off_id");--> statement-breakpoint
CREATE INDEX "decisions_route" ON "iolite"."decisions" USING btree ("route_id","at");--> statement-breakpoint
CREATE INDEX "sign_offs_sender" ON "iolite"."sign_offs" USING btree ("sender","stage");--> statement-breakpoint
CREATE INDEX "sign_offs_timer" ON "iolite"."sign_offs" USING btree ("timer_at") WHERE timer_at is not null;--> statement-breakpoint
CREATE INDEX "sign_offs_goes_on" ON "iolite"."sign_offs" USING btree ("goes_on_at") WHERE goes_on_at is not null;--> statement-breakpoint
-- Routes as they are written from now on: a step says who signs it in one of several ways.
UPDATE "iolite"."definitions" SET "document" = jsonb_set(
    jsonb_set("document", '{last_resort}', jsonb_build_object('kind', 'role', 'role', "document" -> 'last_resort')),
    '{steps}',
    (SELECT jsonb_agg((step - 'role') || jsonb_build_object('who', jsonb_build_object('kind', 'role', 'role', step -> 'role')) ORDER BY n)
      FROM jsonb_array_elements("document" -> 'steps') WITH ORDINALITY AS s(step, n)))
  WHERE "kind" = 'route' AND jsonb_typeof("document" -> 'last_resort') = 'string';--> statement-breakpoint
UPDATE "iolite"."sign_offs" SET "begun_route_id" = "route_id", "begun_version" = "route_version", "since" = "sent_at";--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ALTER COLUMN "begun_route_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" ALTER COLUMN "begun_version" SET NOT NULL;--> statement-breakpoint
UPDATE "iolite"."decisions" d SET "for_id" = d."person_id", "route_id" = so."route_id", "route_version" = so."route_version"
  FROM "iolite"."sign_offs" so WHERE so."id" = d."sign_off_id";--> statement-breakpoint
-- What is on its way, as what happened to it: the rounds that are over, then the steps of the present one.
DO $$
DECLARE
  so record;
  d record;
  steps integer;
  labels jsonb;
  status text;
  moment_of text := 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"';
BEGIN
  FOR so IN SELECT * FROM iolite.sign_offs LOOP
    SELECT jsonb_array_length(document -> 'steps'), document -> 'steps' INTO steps, labels FROM iolite.definitions
      WHERE kind = 'route' AND document ->> 'id' = so.route_id::text AND version = so.route_version;
    CONTINUE WHEN steps IS NULL;
    INSERT INTO iolite.sign_off_events (sign_off_id, event)
      SELECT so.id, jsonb_build_object('kind', 'sent', 'at', to_char(so.sent_at AT TIME ZONE 'UTC', moment_of),
        'by', so.sender, 'sender', so.sender, 'from', 0) FROM generate_series(1, so.round);
    FOR step_at IN 0 .. steps - 1 LOOP
      SELECT * INTO d FROM iolite.decisions
        WHERE sign_off_id = so.id AND round = so.round AND step = step_at ORDER BY id DESC LIMIT 1;
      status := 'to_come';
      IF FOUND THEN
        INSERT INTO iolite.sign_off_events (sign_off_id, event) VALUES
          (so.id, jsonb_build_object('kind', 'entered', 'at', to_char(so.sent_at AT TIME ZONE 'UTC', moment_of),
            'step', step_at, 'asked', jsonb_build_array(jsonb_build_object('person', d.person_id, 'counts', true)),
            'needed', 1, 'resort', NULL, 'due', NULL)),
          (so.id, jsonb_build_object('kind', 'decided', 'at', to_char(d.at AT TIME ZONE 'UTC', moment_of),
            'step', step_at, 'by', d.person_id, 'for', d.person_id, 'decision', d.decision, 'version', d.record_version,
            'comment', d.comment, 'marks', '[]'::jsonb, 'to', NULL, 'until', to_char(d.at AT TIME ZONE 'UTC', moment_of)));
        status := CASE d.decision WHEN 'approve' THEN 'signed' WHEN 'refuse' THEN 'refused' ELSE 'sent_back' END;
      ELSIF so.stage = 'waiting' AND step_at = so.step THEN
        INSERT INTO iolite.sign_off_events (sign_off_id, event) VALUES
          (so.id, jsonb_build_object('kind', 'entered', 'at', to_char(so.sent_at AT TIME ZONE 'UTC', moment_of),
            'step', step_at,
            'asked', CASE WHEN so.last_resort = 1 THEN '[]'::jsonb ELSE
              (SELECT coalesce(jsonb_agg(jsonb_build_object('person', p, 'counts', true)), '[]'::jsonb) FROM unnest(so.signers) p) END,
            'needed', 1,
            'resort', CASE WHEN so.last_resort = 1 AND cardinality(so.signers) > 0
              THEN jsonb_build_object('people', to_jsonb(so.signers), 'missing', 1) END,
            'due', NULL));
        INSERT INTO iolite.sign_off_parts (sign_off_id, step, person_id, asked)
          SELECT so.id, step_at, p, CASE WHEN so.last_resort = 1 THEN 'resort' ELSE 'asked' END FROM unnest(so.signers) p
          ON CONFLICT DO NOTHING;
        UPDATE iolite.sign_offs SET step_label = labels -> step_at ->> 'label' WHERE id = so.id;
        status := 'open';
      ELSIF so.stage IN ('approved', 'none') OR step_at < so.step THEN
        INSERT INTO iolite.sign_off_events (sign_off_id, event) VALUES
          (so.id, jsonb_build_object('kind', 'skipped', 'at', to_char(so.sent_at AT TIME ZONE 'UTC', moment_of), 'step', step_at));
        status := 'skipped';
      END IF;
      INSERT INTO iolite.sign_off_steps (sign_off_id, step, status, entered_at, needed, given)
        VALUES (so.id, step_at, status, CASE WHEN status IN ('to_come', 'skipped') THEN NULL ELSE so.sent_at END, 1,
          CASE WHEN status = 'signed' THEN 1 ELSE 0 END);
    END LOOP;
    IF so.stage <> 'waiting' THEN
      UPDATE iolite.sign_offs SET
        since = coalesce((SELECT max(at) FROM iolite.decisions WHERE sign_off_id = so.id), so.sent_at),
        decided_on = CASE WHEN so.stage IN ('approved', 'refused')
          THEN (SELECT max(at) FROM iolite.decisions WHERE sign_off_id = so.id) END
        WHERE id = so.id;
    END IF;
  END LOOP;
END $$;
