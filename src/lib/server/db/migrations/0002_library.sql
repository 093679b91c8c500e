CREATE TABLE "facility" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"kit" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "facility_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "facility" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "library_entry" (
	"club_id" uuid NOT NULL,
	"kind" text NOT NULL,
	"id" text NOT NULL,
	"json" jsonb NOT NULL,
	"base" jsonb,
	"version" integer DEFAULT 1 NOT NULL,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "library_entry_club_id_kind_id_pk" PRIMARY KEY("club_id","kind","id")
);
--> statement-breakpoint
ALTER TABLE "library_entry" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "squad" ADD COLUMN "facility_id" uuid;--> statement-breakpoint
ALTER TABLE "squad" ADD COLUMN "schools" jsonb DEFAULT '{}'::jsonb NOT NULL;--> statement-breakpoint
CREATE POLICY "tenant" ON "facility" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "library_entry" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));