CREATE TABLE "iolite"."list_file_parts" (
	"job_id" uuid NOT NULL,
	"at" integer NOT NULL,
	"content" "bytea" NOT NULL,
	CONSTRAINT "list_file_parts_job_id_at_pk" PRIMARY KEY("job_id","at")
);
--> statement-breakpoint
ALTER TABLE "iolite"."list_file_parts" ADD CONSTRAINT "list_file_parts_job_id_jobs_id_fk" FOREIGN KEY ("job_id") REFERENCES "iolite"."jobs"("id") ON DELETE cascade ON UPDATE no action;