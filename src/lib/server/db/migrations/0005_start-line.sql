CREATE TABLE "battery" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"tests" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "battery_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "battery" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "test_day" (
	"club_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"day" date NOT NULL,
	"tests" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "test_day_club_id_squad_id_day_pk" PRIMARY KEY("club_id","squad_id","day")
);
--> statement-breakpoint
ALTER TABLE "test_day" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "athlete" ADD COLUMN "focus" jsonb;--> statement-breakpoint
ALTER TABLE "athlete" ADD COLUMN "background" jsonb DEFAULT '{"pastInjuries":[],"wears":"","surface":null,"takeOffLeg":null,"practiceHours":null}'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "athlete" ADD COLUMN "recent_work" jsonb;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "side" text DEFAULT 'both' NOT NULL;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "trials" jsonb;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "joints" jsonb;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "asks" boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "source" text DEFAULT 'typed' NOT NULL;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "typed_by" text;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "version" integer DEFAULT 1 NOT NULL;--> statement-breakpoint
ALTER TABLE "test_result" ADD COLUMN "changed_at" timestamp with time zone DEFAULT now() NOT NULL;--> statement-breakpoint
ALTER TABLE "test_day" ADD CONSTRAINT "test_day_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE public.battery FORCE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE public.test_day FORCE ROW LEVEL SECURITY;--> statement-breakpoint
-- one row a test, day and side from here on: of two, the later stands (the history keeps both)
ALTER TABLE public.test_result DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
DELETE FROM public.test_result a USING public.test_result b WHERE a.club_id = b.club_id AND a.athlete_id = b.athlete_id AND a.day = b.day AND a.test = b.test AND (a.created_at, a.id) < (b.created_at, b.id);--> statement-breakpoint
ALTER TABLE public.test_result ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE UNIQUE INDEX "test_result_cell" ON "test_result" USING btree ("club_id","athlete_id","day","test","side");--> statement-breakpoint
CREATE POLICY "tenant" ON "battery" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "test_day" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));