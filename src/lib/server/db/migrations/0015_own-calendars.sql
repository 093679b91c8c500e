CREATE TABLE "appearance" (
	"club_id" uuid NOT NULL,
	"event_id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"selected" boolean NOT NULL,
	"minutes" integer,
	"rpe" integer,
	CONSTRAINT "appearance_club_id_event_id_athlete_id_pk" PRIMARY KEY("club_id","event_id","athlete_id")
);
--> statement-breakpoint
ALTER TABLE "appearance" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "athlete_days" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"from_day" date NOT NULL,
	"to_day" date NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "athlete_days_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "athlete_days" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "gym_session" ALTER COLUMN "shape" SET DEFAULT '{"without":[],"order":[],"banned":[],"alone":false,"kind":null}'::jsonb;--> statement-breakpoint
ALTER TABLE "appearance" ADD CONSTRAINT "appearance_club_id_event_id_event_club_id_id_fk" FOREIGN KEY ("club_id","event_id") REFERENCES "public"."event"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "appearance" ADD CONSTRAINT "appearance_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "athlete_days" ADD CONSTRAINT "athlete_days_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "appearance_athlete" ON "appearance" USING btree ("club_id","athlete_id");--> statement-breakpoint
CREATE INDEX "athlete_days_athlete" ON "athlete_days" USING btree ("club_id","athlete_id","to_day");--> statement-breakpoint
CREATE POLICY "tenant" ON "appearance" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "athlete_days" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
ALTER TABLE public.appearance FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.athlete_days FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.appearance FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.athlete_days FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();
