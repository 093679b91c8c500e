-- one order of writing over all facts
CREATE SEQUENCE public.fact_seq;--> statement-breakpoint
GRANT USAGE ON SEQUENCE public.fact_seq TO jaleo_app;--> statement-breakpoint
CREATE TABLE "command" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"verb" text NOT NULL,
	"actor" text NOT NULL,
	"hash" text NOT NULL,
	"answer" jsonb,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "command_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "command" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "fact" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"seq" bigint DEFAULT nextval('fact_seq') NOT NULL,
	"kind" text NOT NULL,
	"day" date NOT NULL,
	"written_at" timestamp with time zone DEFAULT now() NOT NULL,
	"actor" text NOT NULL,
	"athlete_id" uuid,
	"squad_id" uuid,
	"session_id" uuid,
	"exercise_id" text,
	"row" text,
	"body" jsonb NOT NULL,
	CONSTRAINT "fact_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "fact" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "track" (
	"club_id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"exercise_id" text NOT NULL,
	"row" text NOT NULL,
	"role" text DEFAULT '' NOT NULL,
	"state" jsonb NOT NULL,
	"last_done" date,
	"fold_version" integer NOT NULL,
	CONSTRAINT "track_club_id_athlete_id_exercise_id_row_role_pk" PRIMARY KEY("club_id","athlete_id","exercise_id","row","role")
);
--> statement-breakpoint
ALTER TABLE "track" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "typed_line" (
	"club_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"slot" text NOT NULL,
	"athlete_id" uuid NOT NULL,
	"exercise_id" text,
	"row" text NOT NULL,
	"dose" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "typed_line_club_id_session_id_slot_athlete_id_pk" PRIMARY KEY("club_id","session_id","slot","athlete_id")
);
--> statement-breakpoint
ALTER TABLE "typed_line" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "set_log" DROP CONSTRAINT "set_log_club_id_session_id_gym_session_club_id_id_fk";
--> statement-breakpoint
DROP INDEX "check_in_once";--> statement-breakpoint
DROP INDEX "set_log_once";--> statement-breakpoint
DROP INDEX "set_log_session";--> statement-breakpoint
DROP INDEX "set_log_athlete";--> statement-breakpoint
ALTER TABLE "check_in" ADD COLUMN "seq" bigint DEFAULT nextval('fact_seq') NOT NULL;--> statement-breakpoint
ALTER TABLE "gym_session" ADD COLUMN "facility_id" uuid;--> statement-breakpoint
ALTER TABLE "gym_session" ADD COLUMN "closed_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "gym_session" ADD COLUMN "real_minutes" integer;--> statement-breakpoint
ALTER TABLE "gym_session" ADD COLUMN "session_rpe" integer;--> statement-breakpoint
ALTER TABLE "session_line" ADD COLUMN "full" jsonb;--> statement-breakpoint
ALTER TABLE "session_line" ADD COLUMN "typed" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "session_line" ADD COLUMN "substitutes" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "session_line" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "based" jsonb;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "eased" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "removed" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "actor" text;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "flagged" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "set_log" ADD COLUMN "seq" bigint DEFAULT nextval('fact_seq') NOT NULL;--> statement-breakpoint
ALTER TABLE "complaint" ADD COLUMN "origin" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "fact" ADD CONSTRAINT "fact_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "track" ADD CONSTRAINT "track_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "typed_line" ADD CONSTRAINT "typed_line_club_id_session_id_gym_session_club_id_id_fk" FOREIGN KEY ("club_id","session_id") REFERENCES "public"."gym_session"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "typed_line" ADD CONSTRAINT "typed_line_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "command_at" ON "command" USING btree ("club_id","at");--> statement-breakpoint
CREATE INDEX "fact_athlete" ON "fact" USING btree ("club_id","athlete_id","kind","day","seq");--> statement-breakpoint
CREATE INDEX "fact_session" ON "fact" USING btree ("club_id","session_id");--> statement-breakpoint
CREATE INDEX "fact_day" ON "fact" USING btree ("club_id","day");--> statement-breakpoint
CREATE INDEX "track_recent" ON "track" USING btree ("club_id","last_done");--> statement-breakpoint
ALTER TABLE "set_log" ADD CONSTRAINT "set_log_club_id_session_id_gym_session_club_id_id_fk" FOREIGN KEY ("club_id","session_id") REFERENCES "public"."gym_session"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "check_in_athlete" ON "check_in" USING btree ("club_id","athlete_id","day","seq");--> statement-breakpoint
CREATE INDEX "set_log_set" ON "set_log" USING btree ("club_id","session_id","athlete_id","slot","set_number");--> statement-breakpoint
CREATE INDEX "set_log_day" ON "set_log" USING btree ("club_id","athlete_id","day");--> statement-breakpoint
CREATE INDEX "set_log_athlete" ON "set_log" USING btree ("club_id","athlete_id","exercise_id","day");--> statement-breakpoint
CREATE POLICY "tenant" ON "command" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "fact" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "track" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "typed_line" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
ALTER TABLE public.command FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.track FORCE ROW LEVEL SECURITY;--> statement-breakpoint
-- facts are added to, never rewritten
REVOKE UPDATE, DELETE ON public.fact, public.set_log, public.check_in FROM jaleo_app;--> statement-breakpoint
REVOKE DELETE ON public.command FROM jaleo_app;--> statement-breakpoint
CREATE VIEW public.set_now WITH (security_invoker = true) AS
SELECT * FROM (
  SELECT DISTINCT ON (club_id, session_id, athlete_id, slot, set_number) *
  FROM public.set_log
  ORDER BY club_id, session_id, athlete_id, slot, set_number, done_at DESC, id DESC
) latest
WHERE NOT removed;--> statement-breakpoint
GRANT SELECT ON public.set_now TO jaleo_app;--> statement-breakpoint
-- what follows moves the rows of every club
ALTER TABLE public.session_line NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.line_override NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.set_log NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.proposal NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.complaint NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.change NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.club NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE public.session_line SET typed = pinned;--> statement-breakpoint
INSERT INTO public.typed_line (club_id, session_id, slot, athlete_id, exercise_id, "row", dose)
SELECT o.club_id, o.session_id, o.slot, o.athlete_id, o.exercise_id, o."row", o.dose
FROM public.line_override o WHERE o.typed;--> statement-breakpoint
-- where each club's facts begin: complaints are taken over as they stand, older answers open none again
INSERT INTO public.fact (club_id, id, kind, day, actor, body)
SELECT club_id, gen_random_uuid(), 'opened', current_date, 'migration', '{}'::jsonb FROM public.club;--> statement-breakpoint
INSERT INTO public.fact (club_id, id, kind, day, actor, athlete_id, body)
SELECT club_id, id, 'complaint', current_date, 'migration', athlete_id,
  jsonb_build_object('place', place, 'side', side, 'score', score, 'signs', signs, 'since', since, 'calmAnswers', calm_answers)
FROM public.complaint ORDER BY since, id;--> statement-breakpoint
INSERT INTO public.fact (club_id, id, kind, day, actor, athlete_id, body)
SELECT c.club_id, gen_random_uuid(), 'clearance', current_date, 'migration', c.athlete_id,
  jsonb_build_object(
    'complaint', c.id,
    'given', jsonb_build_object(
      'role', c.clearance->'role', 'from', c.clearance->'from', 'expires', c.clearance->'expires', 'lifts', c.clearance->'lifts',
      'scope', jsonb_build_object('maxTier', null, 'maxIntensity', null, 'note', coalesce(c.clearance->>'scope', ''))),
    'knew', jsonb_build_object('signs', c.signs, 'score', coalesce((
      SELECT (h.to->>'score')::int FROM public.change h
      WHERE h.club_id = c.club_id AND h.athlete_id = c.athlete_id AND h.subject = 'complaint' AND h.to->>'place' = c.place
        AND h.day <= (c.clearance->>'from')::date
      ORDER BY h.at DESC LIMIT 1), c.score)))
FROM public.complaint c WHERE jsonb_typeof(c.clearance) = 'object';--> statement-breakpoint
INSERT INTO public.fact (club_id, id, kind, day, actor, athlete_id, body)
SELECT club_id, gen_random_uuid(), 'referral', current_date, 'migration', athlete_id, jsonb_build_object('complaint', id)
FROM public.complaint WHERE referred_at IS NOT NULL;--> statement-breakpoint
UPDATE public.complaint c SET origin = c.id::text, clearance = (
  SELECT f.body->'given' || (f.body->'knew') || jsonb_build_object('endedOn',
    CASE WHEN c.score > (f.body->'knew'->>'score')::int THEN to_jsonb(current_date) ELSE 'null'::jsonb END)
  FROM public.fact f WHERE f.club_id = c.club_id AND f.kind = 'clearance' AND f.body->>'complaint' = c.id::text);--> statement-breakpoint
-- what each athlete owned: the last dose written for an exercise in a row, easing that had added up left out
INSERT INTO public.fact (club_id, id, kind, day, actor, athlete_id, exercise_id, "row", body)
SELECT DISTINCT ON (l.club_id, l.athlete_id, l.exercise_id, l."row")
  l.club_id, gen_random_uuid(), 'step', current_date, 'migration', l.athlete_id, l.exercise_id, l."row",
  jsonb_build_object('cause', 'opened', 'to', jsonb_build_object('exerciseId', l.exercise_id, 'dose', l.written),
    'sessionId', null, 'tight', false, 'rules', '[]'::jsonb, 'saw', '{}'::jsonb)
FROM public.set_log l
WHERE NOT EXISTS (
  SELECT 1 FROM public.line_override o
  WHERE o.club_id = l.club_id AND o.session_id = l.session_id AND o.slot = l.slot AND o.athlete_id = l.athlete_id
    AND EXISTS (SELECT 1 FROM jsonb_array_elements(o.reasons) r
      WHERE r->>'code' IN ('after_layoff', 'eased_for_complaint', 'contacts_trimmed', 'barred_by_complaint')))
ORDER BY l.club_id, l.athlete_id, l.exercise_id, l."row", l.day DESC, l.done_at DESC;--> statement-breakpoint
-- and what was accepted since
INSERT INTO public.fact (club_id, id, kind, day, actor, athlete_id, exercise_id, "row", body)
SELECT DISTINCT ON (p.club_id, p.athlete_id, p.from->>'exerciseId', p."row")
  p.club_id, gen_random_uuid(), 'step', current_date, 'migration', p.athlete_id, p.from->>'exerciseId', p."row",
  jsonb_build_object('cause', 'opened', 'to', p.to, 'sessionId', null, 'tight', p.saw->>'answer' = 'tight',
    'rules', p.rules, 'saw', p.saw)
FROM public.proposal p
WHERE p.state = 'accepted' AND NOT EXISTS (
  SELECT 1 FROM public.set_log l WHERE l.club_id = p.club_id AND l.athlete_id = p.athlete_id
    AND l.exercise_id = p.from->>'exerciseId' AND l."row" = p."row" AND l.day >= coalesce(p.decided_day, p.day))
ORDER BY p.club_id, p.athlete_id, p.from->>'exerciseId', p."row", p.day DESC, p.id DESC;--> statement-breakpoint
INSERT INTO public.change (club_id, id, day, actor, subject, athlete_id, rules)
SELECT DISTINCT l.club_id, gen_random_uuid(), current_date, 'migration', 'taken-over', l.athlete_id, '[]'::jsonb
FROM (SELECT DISTINCT club_id, athlete_id FROM public.set_log) l;--> statement-breakpoint
ALTER TABLE public.session_line FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.set_log FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.complaint FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.change FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.club FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.fact FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.typed_line FORCE ROW LEVEL SECURITY;
