-- Row-level security holds for the owner too, on the tables added after the start.
ALTER TABLE public.facility FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.library_entry FORCE ROW LEVEL SECURITY;--> statement-breakpoint
-- every squad's kit becomes a named place of its own; the owner may look across clubs only while the policy rests
ALTER TABLE public.squad DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.facility DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
INSERT INTO public.facility (club_id, id, name, kit) SELECT club_id, id, name || ' gym', kit FROM public.squad;--> statement-breakpoint
UPDATE public.squad SET facility_id = id;--> statement-breakpoint
ALTER TABLE public.facility ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.squad ENABLE ROW LEVEL SECURITY;
