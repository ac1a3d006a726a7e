CREATE TABLE "iolite"."kept_entries" (
	"id" uuid NOT NULL,
	"person_id" uuid NOT NULL,
	"form" text NOT NULL,
	"version" integer NOT NULL,
	"record_id" uuid,
	"title" text NOT NULL,
	"body" jsonb NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "kept_entries_person_id_id_pk" PRIMARY KEY("person_id","id")
);
--> statement-breakpoint
ALTER TABLE "iolite"."kept_entries" ADD CONSTRAINT "kept_entries_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "history_form" ON "iolite"."history" USING btree ("form_key","person_id") WHERE action = 'added' and form_key is not null;