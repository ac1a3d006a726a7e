CREATE TABLE "iolite"."files" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"media_type" text NOT NULL,
	"size" integer NOT NULL,
	"width" integer,
	"height" integer,
	"added_by" uuid NOT NULL,
	"added_at" timestamp (3) with time zone DEFAULT now() NOT NULL,
	"content" "bytea" NOT NULL,
	"thumbnail" "bytea"
);
--> statement-breakpoint
CREATE TABLE "iolite"."series" (
	"register" text NOT NULL,
	"field" text NOT NULL,
	"year" integer NOT NULL,
	"next" integer NOT NULL,
	CONSTRAINT "series_register_field_year_pk" PRIMARY KEY("register","field","year")
);
--> statement-breakpoint
CREATE TABLE "iolite"."set_aside" (
	"id" uuid PRIMARY KEY NOT NULL,
	"register" text NOT NULL,
	"rows" text,
	"column" text NOT NULL,
	"field" jsonb NOT NULL,
	"at" timestamp (3) with time zone DEFAULT now() NOT NULL
);
