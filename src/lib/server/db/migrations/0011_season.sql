CREATE TABLE "season" (
	"club_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"start" date NOT NULL,
	"end" date NOT NULL,
	"sessions_a_week" integer,
	"closures" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"practices" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "season_club_id_squad_id_pk" PRIMARY KEY("club_id","squad_id")
);
--> statement-breakpoint
ALTER TABLE "season" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "gym_session" ADD COLUMN "role" text;--> statement-breakpoint
ALTER TABLE "event" ADD COLUMN "peak" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "event" ADD COLUMN "uid" text;--> statement-breakpoint
ALTER TABLE "season" ADD CONSTRAINT "season_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE POLICY "tenant" ON "season" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
ALTER TABLE public.season FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.season FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();--> statement-breakpoint
CREATE UNIQUE INDEX "event_uid" ON "event" USING btree ("club_id","squad_id","uid");
