ALTER TABLE "iolite"."sign_offs" DROP COLUMN "step";--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" DROP COLUMN "signers";--> statement-breakpoint
ALTER TABLE "iolite"."sign_offs" DROP COLUMN "last_resort";--> statement-breakpoint
-- What lists, rules and worked-out fields read of a record's sign-off, by the record's own id.
CREATE VIEW "iolite"."sign_off_facts" AS
  SELECT so."record_id" AS "id",
    nullif(so."stage", 'none') AS "stage",
    nullif(so."step_label", '') AS "step",
    (SELECT string_agg(p."name", ', ' ORDER BY p."name")
      FROM (SELECT DISTINCT part."person_id" FROM "iolite"."sign_off_parts" part WHERE part."sign_off_id" = so."id") a
      JOIN "iolite"."people" p ON p."id" = a."person_id") AS "waits_for",
    CASE WHEN so."stage" <> 'none' THEN so."since" END AS "since",
    so."decided_on"
  FROM "iolite"."sign_offs" so;
