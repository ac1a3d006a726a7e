ALTER TABLE "iolite"."workspace" ADD COLUMN "holidays" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."workspace" ADD COLUMN "people" jsonb;