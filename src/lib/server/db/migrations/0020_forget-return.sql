-- ways back from complaints, and what was said to their calls, are health notes too: they go with the others
GRANT CREATE ON SCHEMA public TO jaleo_maintenance;--> statement-breakpoint
-- A person asked to be forgotten: name, facts, health notes, results and free text go; sets and doses stay, under no name.
CREATE OR REPLACE FUNCTION public.forget_athlete(person uuid, by_user text, on_day date, note uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE
  club uuid := nullif(current_setting('app.club_id', true), '')::uuid;
  known text;
BEGIN
  SELECT name INTO known FROM athlete WHERE club_id = club AND id = person AND erased_at IS NULL FOR UPDATE;
  IF known IS NULL THEN RETURN false; END IF;
  DELETE FROM complaint WHERE club_id = club AND athlete_id = person;
  DELETE FROM check_in WHERE club_id = club AND athlete_id = person;
  DELETE FROM fact WHERE club_id = club AND athlete_id = person
    AND kind IN ('complaint', 'clearance', 'referral', 'returned', 'call');
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
    ceilings = DEFAULT, weak_moment = NULL, guardian_consent = false, lighter_from = NULL, erased_at = now(), version = version + 1
  WHERE club_id = club AND id = person;
  INSERT INTO change (club_id, id, day, actor, subject, athlete_id, rules)
  VALUES (club, note, on_day, by_user, 'athlete-erased', person, '["SAFE-7"]'::jsonb);
  RETURN true;
END $$;--> statement-breakpoint
-- Health notes past the club's own time: mornings and complaints of athletes who have none open.
CREATE OR REPLACE FUNCTION public.forget_old_health(before_day date, on_day date, note uuid) RETURNS integer
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
    AND (kind IN ('complaint', 'clearance', 'referral', 'returned') OR (kind = 'call' AND body->>'key' LIKE 'return %'));
  GET DIAGNOSTICS step = ROW_COUNT;
  gone := gone + step;
  DELETE FROM complaint WHERE club_id = club AND athlete_id = ANY (people) AND updated_day < before_day;
  GET DIAGNOSTICS step = ROW_COUNT;
  gone := gone + step;
  UPDATE change SET "from" = NULL, "to" = NULL, saw = NULL
  WHERE club_id = club AND athlete_id = ANY (people) AND day < before_day
    AND subject IN ('complaint', 'clearance', 'referred', 'returned', 'morning') AND ("from" IS NOT NULL OR "to" IS NOT NULL);
  IF gone > 0 THEN
    INSERT INTO change (club_id, id, day, actor, subject, "to", rules)
    VALUES (club, note, on_day, 'rule', 'health-forgotten', jsonb_build_object('before', before_day, 'rows', gone), '["SAFE-7"]'::jsonb);
  END IF;
  RETURN gone;
END $$;--> statement-breakpoint
REVOKE CREATE ON SCHEMA public FROM jaleo_maintenance;
