CREATE TABLE "auth"."attempt" (
	"key" text PRIMARY KEY NOT NULL,
	"failures" integer NOT NULL,
	"last_at" timestamp with time zone NOT NULL,
	"blocked_until" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "auth"."invite" (
	"id" text PRIMARY KEY NOT NULL,
	"organization_id" text NOT NULL,
	"role" text NOT NULL,
	"hash" text NOT NULL,
	"inviter_id" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"used_at" timestamp with time zone,
	CONSTRAINT "invite_hash_unique" UNIQUE("hash"),
	CONSTRAINT "invite_role" CHECK (role in ('head-coach', 'assistant', 'athlete', 'physio-read'))
);
--> statement-breakpoint
ALTER TABLE "club" ADD COLUMN "health_months" integer DEFAULT 24 NOT NULL;--> statement-breakpoint
ALTER TABLE "athlete" ADD COLUMN "erased_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "athlete_link" ADD COLUMN "expires_at" timestamp with time zone DEFAULT now() + interval '1 year' NOT NULL;--> statement-breakpoint
ALTER TABLE "auth"."invite" ADD CONSTRAINT "invite_organization_id_organization_id_fk" FOREIGN KEY ("organization_id") REFERENCES "auth"."organization"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "auth"."invite" ADD CONSTRAINT "invite_inviter_id_user_id_fk" FOREIGN KEY ("inviter_id") REFERENCES "auth"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "invite_organization" ON "auth"."invite" USING btree ("organization_id");--> statement-breakpoint
-- What happened is added to and never rewritten, not even by the owner of the tables. One named role may: its two
-- functions below forget a person, and old health notes.
CREATE FUNCTION public.refuse_rewrite() RETURNS trigger LANGUAGE plpgsql SET search_path = pg_catalog AS $$
BEGIN
  IF current_user = 'jaleo_maintenance' THEN RETURN CASE TG_OP WHEN 'DELETE' THEN OLD ELSE NEW END; END IF;
  RAISE EXCEPTION 'rows of % are added to, never rewritten', TG_TABLE_NAME USING ERRCODE = 'insufficient_privilege';
END $$;--> statement-breakpoint
CREATE FUNCTION public.refuse_truncate() RETURNS trigger LANGUAGE plpgsql SET search_path = pg_catalog AS $$
BEGIN
  RAISE EXCEPTION 'rows of % are added to, never emptied', TG_TABLE_NAME USING ERRCODE = 'insufficient_privilege';
END $$;--> statement-breakpoint
DO $$
DECLARE t text;
BEGIN
  FOREACH t IN ARRAY ARRAY['change', 'health_view', 'fact', 'set_log', 'check_in'] LOOP
    EXECUTE format('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE ON public.%I FOR EACH ROW EXECUTE FUNCTION public.refuse_rewrite()', t);
    EXECUTE format('CREATE TRIGGER never_emptied BEFORE TRUNCATE ON public.%I FOR EACH STATEMENT EXECUTE FUNCTION public.refuse_truncate()', t);
    EXECUTE format('GRANT SELECT, UPDATE, DELETE ON public.%I TO jaleo_maintenance', t);
  END LOOP;
END $$;--> statement-breakpoint
GRANT USAGE, CREATE ON SCHEMA public TO jaleo_maintenance;--> statement-breakpoint
GRANT INSERT ON public.change TO jaleo_maintenance;--> statement-breakpoint
GRANT SELECT, UPDATE, DELETE ON public.athlete, public.complaint, public.test_result, public.athlete_link, public.track,
  public.squad_athlete, public.command TO jaleo_maintenance;--> statement-breakpoint
-- A person asked to be forgotten: name, facts, health notes, results and free text go; sets and doses stay, under no name.
CREATE FUNCTION public.forget_athlete(person uuid, by_user text, on_day date, note uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE
  club uuid := nullif(current_setting('app.club_id', true), '')::uuid;
  known text;
BEGIN
  SELECT name INTO known FROM athlete WHERE club_id = club AND id = person AND erased_at IS NULL FOR UPDATE;
  IF known IS NULL THEN RETURN false; END IF;
  DELETE FROM complaint WHERE club_id = club AND athlete_id = person;
  DELETE FROM check_in WHERE club_id = club AND athlete_id = person;
  DELETE FROM fact WHERE club_id = club AND athlete_id = person AND kind IN ('complaint', 'clearance', 'referral');
  DELETE FROM test_result WHERE club_id = club AND athlete_id = person;
  DELETE FROM track WHERE club_id = club AND athlete_id = person;
  DELETE FROM athlete_link WHERE club_id = club AND athlete_id = person;
  DELETE FROM squad_athlete WHERE club_id = club AND athlete_id = person;
  UPDATE set_log SET fault = NULL WHERE club_id = club AND athlete_id = person AND fault IS NOT NULL;
  UPDATE fact SET body = body - 'saw' WHERE club_id = club AND athlete_id = person AND body ? 'saw';
  UPDATE change SET "from" = NULL, "to" = NULL, saw = NULL WHERE club_id = club AND athlete_id = person;
  UPDATE command SET answer = NULL WHERE club_id = club AND position(known IN answer::text) > 0;
  UPDATE athlete SET name = 'Erased', birth_date = NULL, sex = NULL, body_mass_kg = NULL, height_m = NULL,
    growth_cm_per_month = NULL, jump_seasons = NULL, role = NULL, focus = NULL, background = DEFAULT, recent_work = NULL,
    ceilings = DEFAULT, weak_moment = NULL, guardian_consent = false, erased_at = now(), version = version + 1
  WHERE club_id = club AND id = person;
  INSERT INTO change (club_id, id, day, actor, subject, athlete_id, rules)
  VALUES (club, note, on_day, by_user, 'athlete-erased', person, '["SAFE-7"]'::jsonb);
  RETURN true;
END $$;--> statement-breakpoint
-- Health notes past the club's own time: mornings and complaints of athletes who have none open.
CREATE FUNCTION public.forget_old_health(before_day date, on_day date, note uuid) RETURNS integer
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE
  club uuid := nullif(current_setting('app.club_id', true), '')::uuid;
  gone integer := 0;
  step integer;
  people uuid[];
BEGIN
  SELECT array_agg(a.id) INTO people FROM athlete a WHERE a.club_id = club AND NOT EXISTS (
    SELECT 1 FROM complaint c WHERE c.club_id = club AND c.athlete_id = a.id AND (c.score > 0 OR c.updated_day >= before_day));
  IF people IS NULL THEN RETURN 0; END IF;
  DELETE FROM check_in WHERE club_id = club AND athlete_id = ANY (people) AND day < before_day;
  GET DIAGNOSTICS gone = ROW_COUNT;
  DELETE FROM fact WHERE club_id = club AND athlete_id = ANY (people) AND day < before_day
    AND kind IN ('complaint', 'clearance', 'referral');
  GET DIAGNOSTICS step = ROW_COUNT;
  gone := gone + step;
  DELETE FROM complaint WHERE club_id = club AND athlete_id = ANY (people) AND updated_day < before_day;
  GET DIAGNOSTICS step = ROW_COUNT;
  gone := gone + step;
  UPDATE change SET "from" = NULL, "to" = NULL, saw = NULL
  WHERE club_id = club AND athlete_id = ANY (people) AND day < before_day
    AND subject IN ('complaint', 'clearance', 'referred', 'morning') AND ("from" IS NOT NULL OR "to" IS NOT NULL);
  IF gone > 0 THEN
    INSERT INTO change (club_id, id, day, actor, subject, "to", rules)
    VALUES (club, note, on_day, 'rule', 'health-forgotten', jsonb_build_object('before', before_day, 'rows', gone), '["SAFE-7"]'::jsonb);
  END IF;
  RETURN gone;
END $$;--> statement-breakpoint
REVOKE ALL ON FUNCTION public.forget_athlete(uuid, text, date, uuid), public.forget_old_health(date, date, uuid) FROM PUBLIC;--> statement-breakpoint
GRANT EXECUTE ON FUNCTION public.forget_athlete(uuid, text, date, uuid), public.forget_old_health(date, date, uuid) TO jaleo_app;--> statement-breakpoint
ALTER FUNCTION public.forget_athlete(uuid, text, date, uuid) OWNER TO jaleo_maintenance;--> statement-breakpoint
ALTER FUNCTION public.forget_old_health(date, date, uuid) OWNER TO jaleo_maintenance;--> statement-breakpoint
REVOKE CREATE ON SCHEMA public FROM jaleo_maintenance;
