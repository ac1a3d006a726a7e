CREATE TABLE "iolite"."jobs" (
	"id" uuid PRIMARY KEY NOT NULL,
	"task" text NOT NULL,
	"payload" jsonb NOT NULL,
	"begun_by" uuid,
	"begun_at" timestamp (3) with time zone NOT NULL,
	"state" text NOT NULL,
	"done" integer,
	"total" integer,
	"result" jsonb,
	"problem" text,
	"stopping" boolean DEFAULT false NOT NULL,
	"changed_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE INDEX "jobs_state" ON "iolite"."jobs" USING btree ("state","begun_at");