CREATE TABLE "calendar_link" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"hash" text NOT NULL,
	"made_by" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"revoked_at" timestamp with time zone,
	CONSTRAINT "calendar_link_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "calendar_link" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "season_step" (
	"club_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"number" integer NOT NULL,
	"day" date NOT NULL,
	"actor" text NOT NULL,
	"verb" text NOT NULL,
	"before" jsonb NOT NULL,
	"after" jsonb NOT NULL,
	"moved" jsonb NOT NULL,
	"undone" boolean DEFAULT false NOT NULL,
	CONSTRAINT "season_step_club_id_squad_id_number_pk" PRIMARY KEY("club_id","squad_id","number")
);
--> statement-breakpoint
ALTER TABLE "season_step" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "season_week" (
	"club_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"start" date NOT NULL,
	"week" jsonb NOT NULL,
	CONSTRAINT "season_week_club_id_squad_id_start_pk" PRIMARY KEY("club_id","squad_id","start")
);
--> statement-breakpoint
ALTER TABLE "season_week" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "season" ADD COLUMN "changes" jsonb DEFAULT '{"moves":[],"phases":[],"blocks":[]}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "season" ADD COLUMN "planned_from" date DEFAULT current_date NOT NULL;--> statement-breakpoint
ALTER TABLE "season" ALTER COLUMN "planned_from" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "season" NO FORCE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE "season" SET "practices" = (SELECT coalesce(jsonb_agg(one || '{"except":[]}'::jsonb), '[]'::jsonb) FROM jsonb_array_elements("practices") AS one);--> statement-breakpoint
ALTER TABLE "season" FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "calendar_link" ADD CONSTRAINT "calendar_link_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season_step" ADD CONSTRAINT "season_step_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "season_week" ADD CONSTRAINT "season_week_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE UNIQUE INDEX "calendar_link_hash" ON "calendar_link" USING btree ("club_id","hash");--> statement-breakpoint
CREATE INDEX "calendar_link_squad" ON "calendar_link" USING btree ("club_id","squad_id");--> statement-breakpoint
CREATE POLICY "tenant" ON "calendar_link" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "season_step" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "season_week" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
ALTER TABLE public.calendar_link FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.calendar_link FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();--> statement-breakpoint
ALTER TABLE public.season_step FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.season_step FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();--> statement-breakpoint
ALTER TABLE public.season_week FORCE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TRIGGER touch AFTER INSERT OR UPDATE OR DELETE ON public.season_week FOR EACH STATEMENT EXECUTE FUNCTION public.touch_club();
