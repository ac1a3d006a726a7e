CREATE TABLE "iolite"."groups" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"code_hash" text NOT NULL,
	"forms" uuid[] NOT NULL,
	"ends_at" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."messages" (
	"id" uuid PRIMARY KEY NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	"to_id" uuid,
	"to_name" text NOT NULL,
	"to_address" text NOT NULL,
	"subject" text NOT NULL,
	"words" text[] NOT NULL,
	"link" jsonb,
	"secret" text,
	"state" text NOT NULL,
	"problem" text,
	"job_id" uuid
);
--> statement-breakpoint
CREATE TABLE "iolite"."recovery_codes" (
	"person_id" uuid NOT NULL,
	"code_hash" text NOT NULL,
	CONSTRAINT "recovery_codes_person_id_code_hash_pk" PRIMARY KEY("person_id","code_hash")
);
--> statement-breakpoint
CREATE TABLE "iolite"."secret_links" (
	"hash" text PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"person_id" uuid,
	"given" jsonb,
	"made_at" timestamp (3) with time zone NOT NULL,
	"ends_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."tokens" (
	"person_id" uuid PRIMARY KEY NOT NULL,
	"token_hash" text NOT NULL,
	"note" text NOT NULL,
	"ends_on" text NOT NULL,
	"made_by" uuid NOT NULL,
	"made_at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "tokens_token_hash_unique" UNIQUE("token_hash")
);
--> statement-breakpoint
ALTER TABLE "iolite"."people" DROP CONSTRAINT "people_email_unique";--> statement-breakpoint
ALTER TABLE "iolite"."history" ADD COLUMN "by_name" text;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "kind" text DEFAULT 'person' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "telephone" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "joined_at" timestamp (3) with time zone DEFAULT now();--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "switched_off_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "seen_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "away_from" text;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "away_until" text;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "stand_in" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "told_of_signing" text DEFAULT 'at_once' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "second_step" text;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "second_step_begun" text;--> statement-breakpoint
ALTER TABLE "iolite"."people" ADD COLUMN "second_step_used" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "id" uuid DEFAULT gen_random_uuid() NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "device" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "renew" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "former_hash" text;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "renewed_at" timestamp (3) with time zone;--> statement-breakpoint
ALTER TABLE "iolite"."workspace" ADD COLUMN "week_begins" integer;--> statement-breakpoint
ALTER TABLE "iolite"."workspace" ADD COLUMN "begin_code" text;--> statement-breakpoint
ALTER TABLE "iolite"."groups" ADD CONSTRAINT "groups_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."messages" ADD CONSTRAINT "messages_to_id_people_id_fk" FOREIGN KEY ("to_id") REFERENCES "iolite"."people"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."recovery_codes" ADD CONSTRAINT "recovery_codes_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."secret_links" ADD CONSTRAINT "secret_links_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."tokens" ADD CONSTRAINT "tokens_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "messages_at" ON "iolite"."messages" USING btree ("at");--> statement-breakpoint
CREATE INDEX "messages_to" ON "iolite"."messages" USING btree ("to_id","at");--> statement-breakpoint
CREATE INDEX "secret_links_person" ON "iolite"."secret_links" USING btree ("person_id");--> statement-breakpoint
CREATE UNIQUE INDEX "people_email" ON "iolite"."people" USING btree ("email") WHERE kind = 'person';--> statement-breakpoint
CREATE INDEX "sessions_former" ON "iolite"."sessions" USING btree ("former_hash");--> statement-breakpoint
CREATE INDEX "sessions_person" ON "iolite"."sessions" USING btree ("person_id");--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD CONSTRAINT "sessions_id_unique" UNIQUE("id");