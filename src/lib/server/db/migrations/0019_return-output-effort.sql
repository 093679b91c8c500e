ALTER TABLE "check_in" ADD COLUMN "rpe" integer;--> statement-breakpoint
ALTER TABLE "check_in" ADD COLUMN "session_id" uuid;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "output" double precision;--> statement-breakpoint
ALTER TABLE "complaint" ADD COLUMN "way_back" jsonb;--> statement-breakpoint
CREATE INDEX "check_in_effort" ON "check_in" USING btree ("club_id","session_id") WHERE rpe is not null;--> statement-breakpoint
-- the view lists its columns as they were when it was made
DROP VIEW public.set_now;--> statement-breakpoint
CREATE VIEW public.set_now WITH (security_invoker = true) AS
SELECT * FROM (
  SELECT DISTINCT ON (club_id, session_id, athlete_id, slot, set_number) *
  FROM public.set_log
  ORDER BY club_id, session_id, athlete_id, slot, set_number, done_at DESC, id DESC
) latest
WHERE NOT removed;--> statement-breakpoint
GRANT SELECT ON public.set_now TO jaleo_app;
