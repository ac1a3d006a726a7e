CREATE TABLE "iolite"."lists" (
	"key" text PRIMARY KEY NOT NULL,
	"position" bigserial NOT NULL,
	"owner" uuid,
	"revision" integer NOT NULL,
	"document" jsonb NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"changed_by" uuid,
	"retired_at" timestamp (3) with time zone
);
--> statement-breakpoint
CREATE INDEX "lists_owner" ON "iolite"."lists" USING btree ("owner");