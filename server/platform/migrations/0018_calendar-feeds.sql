CREATE TABLE "iolite"."calendar_feeds" (
	"id" uuid PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"list" text NOT NULL,
	"secret_hash" text NOT NULL,
	"made_at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "calendar_feeds_secret_hash_unique" UNIQUE("secret_hash")
);
--> statement-breakpoint
ALTER TABLE "iolite"."calendar_feeds" ADD CONSTRAINT "calendar_feeds_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;