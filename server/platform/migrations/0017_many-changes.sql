CREATE TABLE "iolite"."many_changes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"register_id" uuid NOT NULL,
	"begun_by" uuid NOT NULL,
	"begun_at" timestamp (3) with time zone NOT NULL,
	"deed" jsonb NOT NULL,
	"records" uuid[] NOT NULL,
	"of" uuid,
	"total" integer NOT NULL,
	"through" integer DEFAULT 0 NOT NULL,
	"changed" integer DEFAULT 0 NOT NULL,
	"unchanged" integer DEFAULT 0 NOT NULL,
	"refused" integer DEFAULT 0 NOT NULL,
	"outcomes" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"reasons" jsonb DEFAULT '[]'::jsonb NOT NULL
);
--> statement-breakpoint
CREATE INDEX "many_changes_of" ON "iolite"."many_changes" USING btree ("of") WHERE "iolite"."many_changes"."of" is not null;