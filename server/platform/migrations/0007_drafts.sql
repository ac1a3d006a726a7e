CREATE TABLE "iolite"."drafts" (
	"form" text PRIMARY KEY NOT NULL,
	"revision" integer NOT NULL,
	"document" jsonb NOT NULL,
	"at" timestamp (3) with time zone NOT NULL,
	"by" uuid NOT NULL
);
--> statement-breakpoint
INSERT INTO "iolite"."drafts" ("form", "revision", "document", "at", "by")
SELECT key, 1, document, created_at, coalesce(created_by, (SELECT id FROM "iolite"."people" ORDER BY position LIMIT 1))
FROM "iolite"."definitions" WHERE status = 'draft' AND kind = 'form';
--> statement-breakpoint
DELETE FROM "iolite"."definitions" WHERE status = 'draft';
--> statement-breakpoint
DROP INDEX "iolite"."definitions_one_draft";
