CREATE TABLE "iolite"."import_shapes" (
	"register_id" uuid NOT NULL,
	"shape" text NOT NULL,
	"plan" jsonb NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "import_shapes_register_id_shape_pk" PRIMARY KEY("register_id","shape")
);
--> statement-breakpoint
-- What was only rehearsed is of no use any more. What was brought in stays, and can still be undone; what was undone is kept with it.
DELETE FROM "iolite"."imports" WHERE "kind" = 'rehearsal';--> statement-breakpoint
ALTER TABLE "iolite"."imports" ALTER COLUMN "register_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."import_refusals" ADD COLUMN "cells" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "begun_by" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "begun_at" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "name" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "sort" text DEFAULT 'csv' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "phase" text DEFAULT 'storing' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "job_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "file" "bytea";--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "cells" "bytea";--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "cells_of" text;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "reading" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "plan" jsonb;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "revision" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "found" jsonb;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "found_revision" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "made" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "field_ids" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ADD COLUMN "undone" jsonb;--> statement-breakpoint
UPDATE "iolite"."imports" i SET "begun_by" = j."begun_by", "begun_at" = j."begun_at", "job_id" = i."id" FROM "iolite"."jobs" j WHERE j."id" = i."id";--> statement-breakpoint
UPDATE "iolite"."imports" i SET "phase" = 'undoing', "job_id" = u."id", "undone" = jsonb_build_object('archived', u."added", 'changed', u."changed", 'refused', '[]'::jsonb) FROM "iolite"."imports" u WHERE u."of" = i."id";--> statement-breakpoint
DELETE FROM "iolite"."imports" WHERE "kind" <> 'import' OR "begun_by" IS NULL;--> statement-breakpoint
ALTER TABLE "iolite"."imports" ALTER COLUMN "begun_by" SET NOT NULL, ALTER COLUMN "job_id" SET NOT NULL, ALTER COLUMN "name" DROP DEFAULT, ALTER COLUMN "sort" DROP DEFAULT, ALTER COLUMN "phase" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "iolite"."import_refusals" DROP COLUMN "misfits";--> statement-breakpoint
ALTER TABLE "iolite"."imports" DROP COLUMN "kind";--> statement-breakpoint
ALTER TABLE "iolite"."imports" DROP COLUMN "of";--> statement-breakpoint
ALTER TABLE "iolite"."imports" ALTER COLUMN "given" SET DEFAULT '{}'::jsonb;--> statement-breakpoint
UPDATE "iolite"."imports" SET "given" = '{}';--> statement-breakpoint
ALTER TABLE "iolite"."imports" DROP COLUMN "csv";--> statement-breakpoint
ALTER TABLE "iolite"."imports" DROP COLUMN "sample";