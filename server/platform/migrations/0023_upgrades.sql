CREATE TABLE "iolite"."upgrades" (
	"name" text PRIMARY KEY NOT NULL,
	"done_at" timestamp (3) with time zone NOT NULL
);
--> statement-breakpoint
INSERT INTO "iolite"."upgrades" SELECT 'people_tied', now() FROM "iolite"."workspace" WHERE "tied";--> statement-breakpoint
INSERT INTO "iolite"."upgrades" SELECT 'words_marked', now() FROM "iolite"."workspace" WHERE "words_marked";--> statement-breakpoint
ALTER TABLE "iolite"."workspace" DROP COLUMN "tied";--> statement-breakpoint
ALTER TABLE "iolite"."workspace" DROP COLUMN "words_marked";