CREATE TABLE "kept_card" (
	"club_id" uuid NOT NULL,
	"name" text NOT NULL,
	"minutes" integer NOT NULL,
	"lines" jsonb NOT NULL,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "kept_card_club_id_name_pk" PRIMARY KEY("club_id","name")
);
--> statement-breakpoint
ALTER TABLE "kept_card" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "gym_session" ALTER COLUMN "shape" SET DEFAULT '{"without":[],"order":[],"banned":[],"alone":false}'::jsonb;--> statement-breakpoint
ALTER TABLE "session_line" ADD COLUMN "note" text;--> statement-breakpoint
ALTER TABLE "session_line" ADD COLUMN "only" jsonb;--> statement-breakpoint
CREATE POLICY "tenant" ON "kept_card" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
ALTER TABLE public.kept_card FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.kept_card FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();
