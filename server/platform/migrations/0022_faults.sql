ALTER TABLE "iolite"."jobs" ADD COLUMN "run_by" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."jobs" ADD COLUMN "ends" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."jobs" ADD COLUMN "ended_at" integer;