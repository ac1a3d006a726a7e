CREATE TABLE "iolite"."workspace_history" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	"person_id" uuid NOT NULL,
	"action" text NOT NULL,
	"about_id" uuid,
	"detail" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "record_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "looks_as" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."workspace" ADD COLUMN "tied" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."workspace" ADD COLUMN "words_marked" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD CONSTRAINT "sessions_looks_as_people_id_fk" FOREIGN KEY ("looks_as") REFERENCES "iolite"."people"("id") ON DELETE set null ON UPDATE no action;