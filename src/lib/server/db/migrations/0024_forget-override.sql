-- the history says no reason of theirs either
GRANT CREATE ON SCHEMA public TO jaleo_maintenance;--> statement-breakpoint
-- A person asked to be forgotten: name, facts, health notes, results and free text go; sets and doses stay, under no name.
CREATE OR REPLACE FUNCTION public.forget_athlete(person uuid, by_user text, on_day date, note uuid) RETURNS boolean
LANGUAGE plpgsql SECURITY DEFINER SET search_path = public, pg_temp AS $$
DECLARE
  club uuid := nullif(current_setting('app.club_id', true), '')::uuid;
  known text;
  forgotten jsonb := '"A reason that was forgotten"';
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
  -- why a gate was overridden, where it was this person's or the words name them
  UPDATE change SET
    "from" = CASE WHEN "from" ->> 'override' IS NULL THEN "from" ELSE jsonb_set("from", '{override}', forgotten) END,
    "to" = CASE WHEN "to" ->> 'override' IS NULL THEN "to" ELSE jsonb_set("to", '{override}', forgotten) END
  WHERE club_id = club AND athlete_id IS NULL AND (
    "from" -> 'overrideFor' @> to_jsonb(ARRAY[person]) OR "to" -> 'overrideFor' @> to_jsonb(ARRAY[person])
    OR position(lower(known) IN lower(concat("from" ->> 'override', ' ', "to" ->> 'override'))) > 0);
  UPDATE command SET answer = NULL WHERE club_id = club AND position(known IN answer::text) > 0;
  UPDATE athlete SET name = 'Erased', birth_date = NULL, sex = NULL, body_mass_kg = NULL, height_m = NULL,
    growth_cm_per_month = NULL, jump_seasons = NULL, role = NULL, focus = NULL, background = DEFAULT, recent_work = NULL,
    ceilings = DEFAULT, weak_moment = NULL, guardian_consent = false, lighter_from = NULL, full_from = NULL, erased_at = now(), version = version + 1
  WHERE club_id = club AND id = person;
  INSERT INTO change (club_id, id, day, actor, subject, athlete_id, rules)
  VALUES (club, note, on_day, by_user, 'athlete-erased', person, '["SAFE-7"]'::jsonb);
  RETURN true;
END $$;--> statement-breakpoint
REVOKE CREATE ON SCHEMA public FROM jaleo_maintenance;
