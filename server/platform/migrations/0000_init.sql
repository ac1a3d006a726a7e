CREATE SCHEMA "iolite";
--> statement-breakpoint
CREATE TABLE "iolite"."counters" (
	"register" text PRIMARY KEY NOT NULL,
	"next" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."decisions" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"sign_off_id" uuid NOT NULL,
	"round" integer NOT NULL,
	"step" integer NOT NULL,
	"person_id" uuid NOT NULL,
	"decision" text NOT NULL,
	"comment" text NOT NULL,
	"record_version" integer NOT NULL,
	"at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."definitions" (
	"kind" text NOT NULL,
	"key" text NOT NULL,
	"version" integer NOT NULL,
	"status" text NOT NULL,
	"position" integer NOT NULL,
	"document" jsonb NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"created_by" uuid,
	CONSTRAINT "definitions_kind_key_version_pk" PRIMARY KEY("kind","key","version")
);
--> statement-breakpoint
CREATE TABLE "iolite"."history" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"register" text NOT NULL,
	"record_id" uuid NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	"person_id" uuid NOT NULL,
	"action" text NOT NULL,
	"form_key" text,
	"form_version" integer,
	"comment" text,
	"changes" jsonb NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."people" (
	"id" uuid PRIMARY KEY NOT NULL,
	"email" text NOT NULL,
	"name" text NOT NULL,
	"roles" text[] NOT NULL,
	"password_hash" text,
	"position" integer NOT NULL,
	CONSTRAINT "people_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "iolite"."receipts" (
	"record_id" uuid PRIMARY KEY NOT NULL,
	"register" text NOT NULL,
	"sender" uuid NOT NULL,
	"content_hash" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."sessions" (
	"token_hash" text PRIMARY KEY NOT NULL,
	"person_id" uuid NOT NULL,
	"created_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."sign_in_failures" (
	"email" text NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."sign_offs" (
	"id" uuid PRIMARY KEY NOT NULL,
	"register" text NOT NULL,
	"record_id" uuid NOT NULL,
	"route_key" text NOT NULL,
	"route_version" integer NOT NULL,
	"round" integer NOT NULL,
	"stage" text NOT NULL,
	"step" integer NOT NULL,
	"sender" uuid NOT NULL,
	"sent_at" timestamp (3) with time zone NOT NULL,
	"form_key" text,
	"signers" uuid[] NOT NULL,
	"last_resort" integer NOT NULL,
	CONSTRAINT "sign_offs_record_id_unique" UNIQUE("record_id")
);
--> statement-breakpoint
CREATE TABLE "iolite"."workspace" (
	"id" integer PRIMARY KEY NOT NULL,
	"version" integer NOT NULL,
	"name" text NOT NULL,
	"locale" text NOT NULL,
	"zone" text NOT NULL,
	"currency" text NOT NULL
);
--> statement-breakpoint
ALTER TABLE "iolite"."decisions" ADD CONSTRAINT "decisions_sign_off_id_sign_offs_id_fk" FOREIGN KEY ("sign_off_id") REFERENCES "iolite"."sign_offs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD CONSTRAINT "sessions_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "decisions_sign_off" ON "iolite"."decisions" USING btree ("sign_off_id");--> statement-breakpoint
CREATE UNIQUE INDEX "definitions_one_published" ON "iolite"."definitions" USING btree ("kind","key") WHERE status = 'published';--> statement-breakpoint
CREATE UNIQUE INDEX "definitions_one_draft" ON "iolite"."definitions" USING btree ("kind","key") WHERE status = 'draft';--> statement-breakpoint
CREATE INDEX "history_record" ON "iolite"."history" USING btree ("record_id","id");--> statement-breakpoint
CREATE INDEX "sign_in_failures_email" ON "iolite"."sign_in_failures" USING btree ("email","at");--> statement-breakpoint
CREATE INDEX "sign_offs_stage" ON "iolite"."sign_offs" USING btree ("stage");