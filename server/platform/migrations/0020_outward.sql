ALTER TABLE "iolite"."workspace" ADD COLUMN "address" text;--> statement-breakpoint
ALTER TABLE "iolite"."workspace" ADD COLUMN "mail_from" text;