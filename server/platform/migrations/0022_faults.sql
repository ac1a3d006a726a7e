ALTER TABLE "iolite"."files" ADD COLUMN "attached" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."jobs" ADD COLUMN "run_by" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."jobs" ADD COLUMN "ends" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."jobs" ADD COLUMN "ended_at" integer;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "former_names" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
UPDATE "iolite"."files" SET "attached" = true;