CREATE TABLE "iolite"."import_refusals" (
	"import_id" uuid NOT NULL,
	"line" integer NOT NULL,
	"detail" text NOT NULL,
	CONSTRAINT "import_refusals_import_id_line_pk" PRIMARY KEY("import_id","line")
);
--> statement-breakpoint
CREATE TABLE "iolite"."imports" (
	"id" uuid PRIMARY KEY NOT NULL,
	"kind" text NOT NULL,
	"register_id" uuid NOT NULL,
	"of" uuid,
	"given" jsonb NOT NULL,
	"csv" text,
	"through" integer DEFAULT 0 NOT NULL,
	"added" integer DEFAULT 0 NOT NULL,
	"changed" integer DEFAULT 0 NOT NULL,
	"unchanged" integer DEFAULT 0 NOT NULL,
	"refused" integer DEFAULT 0 NOT NULL,
	"sample" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"asked_at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "iolite"."known_sources" (
	"person_id" uuid NOT NULL,
	"source" text NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "known_sources_person_id_source_pk" PRIMARY KEY("person_id","source")
);
--> statement-breakpoint
CREATE TABLE "iolite"."sign_in_tries" (
	"id" uuid PRIMARY KEY NOT NULL,
	"email" text NOT NULL,
	"source" text NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "iolite"."sign_in_failures" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
DROP TABLE "iolite"."sign_in_failures" CASCADE;--> statement-breakpoint
ALTER TABLE "iolite"."history" ADD COLUMN "import_id" uuid;--> statement-breakpoint
ALTER TABLE "iolite"."sessions" ADD COLUMN "seen_at" timestamp (3) with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "iolite"."import_refusals" ADD CONSTRAINT "import_refusals_import_id_imports_id_fk" FOREIGN KEY ("import_id") REFERENCES "iolite"."imports"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "iolite"."known_sources" ADD CONSTRAINT "known_sources_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "iolite"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "sign_in_tries_email" ON "iolite"."sign_in_tries" USING btree ("email","at");--> statement-breakpoint
CREATE INDEX "sign_in_tries_source" ON "iolite"."sign_in_tries" USING btree ("source","at");--> statement-breakpoint
CREATE INDEX "history_import" ON "iolite"."history" USING btree ("import_id","id") WHERE import_id is not null;