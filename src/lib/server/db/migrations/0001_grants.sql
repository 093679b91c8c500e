-- Row-level security holds for the table owner too: a query that forgets the club finds nothing.
DO $$
DECLARE t text;
BEGIN
  FOR t IN SELECT c.table_name FROM information_schema.columns c WHERE c.table_schema = 'public' AND c.column_name = 'club_id' LOOP
    EXECUTE format('ALTER TABLE public.%I ENABLE ROW LEVEL SECURITY', t);
    EXECUTE format('ALTER TABLE public.%I FORCE ROW LEVEL SECURITY', t);
  END LOOP;
END $$;--> statement-breakpoint
REVOKE ALL ON SCHEMA public FROM PUBLIC;--> statement-breakpoint
REVOKE ALL ON SCHEMA auth FROM PUBLIC;--> statement-breakpoint
GRANT USAGE ON SCHEMA public TO jaleo_app;--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO jaleo_app;--> statement-breakpoint
-- what was done and who looked is added to, never rewritten
REVOKE UPDATE, DELETE ON public.change, public.health_view FROM jaleo_app;--> statement-breakpoint
GRANT USAGE ON SCHEMA auth TO jaleo_auth;--> statement-breakpoint
GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA auth TO jaleo_auth;--> statement-breakpoint
ALTER DEFAULT PRIVILEGES IN SCHEMA public GRANT SELECT, INSERT, UPDATE, DELETE ON TABLES TO jaleo_app;--> statement-breakpoint
ALTER DEFAULT PRIVILEGES IN SCHEMA auth GRANT SELECT, INSERT, UPDATE, DELETE ON TABLES TO jaleo_auth;
