CREATE SCHEMA "auth";
--> statement-breakpoint
CREATE TABLE "auth"."account" (
	"id" text PRIMARY KEY NOT NULL,
	"account_id" text NOT NULL,
	"provider_id" text NOT NULL,
	"user_id" text NOT NULL,
	"access_token" text,
	"refresh_token" text,
	"id_token" text,
	"access_token_expires_at" timestamp with time zone,
	"refresh_token_expires_at" timestamp with time zone,
	"scope" text,
	"password" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "auth"."invitation" (
	"id" text PRIMARY KEY NOT NULL,
	"organization_id" text NOT NULL,
	"email" text NOT NULL,
	"role" text NOT NULL,
	"status" text DEFAULT 'pending' NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"inviter_id" text NOT NULL,
	CONSTRAINT "invitation_role" CHECK (role in ('head-coach', 'assistant', 'athlete', 'physio-read'))
);
--> statement-breakpoint
CREATE TABLE "auth"."member" (
	"id" text PRIMARY KEY NOT NULL,
	"organization_id" text NOT NULL,
	"user_id" text NOT NULL,
	"role" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "member_role" CHECK (role in ('head-coach', 'assistant', 'athlete', 'physio-read'))
);
--> statement-breakpoint
CREATE TABLE "auth"."organization" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"slug" text NOT NULL,
	"logo" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"metadata" text,
	CONSTRAINT "organization_slug_unique" UNIQUE("slug")
);
--> statement-breakpoint
CREATE TABLE "auth"."rate_limit" (
	"id" text PRIMARY KEY NOT NULL,
	"key" text NOT NULL,
	"count" integer NOT NULL,
	"last_request" bigint NOT NULL,
	CONSTRAINT "rate_limit_key_unique" UNIQUE("key")
);
--> statement-breakpoint
CREATE TABLE "auth"."session" (
	"id" text PRIMARY KEY NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"token" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ip_address" text,
	"user_agent" text,
	"user_id" text NOT NULL,
	"active_organization_id" text,
	CONSTRAINT "session_token_unique" UNIQUE("token")
);
--> statement-breakpoint
CREATE TABLE "auth"."user" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"email" text NOT NULL,
	"email_verified" boolean DEFAULT false NOT NULL,
	"image" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "user_email_unique" UNIQUE("email")
);
--> statement-breakpoint
CREATE TABLE "auth"."verification" (
	"id" text PRIMARY KEY NOT NULL,
	"identifier" text NOT NULL,
	"value" text NOT NULL,
	"expires_at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "club" (
	"club_id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"zone" text NOT NULL,
	"mass_unit" text DEFAULT 'kg' NOT NULL,
	"length_unit" text DEFAULT 'cm' NOT NULL,
	"schools" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "club" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "club_table" (
	"club_id" uuid NOT NULL,
	"table" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"json" jsonb NOT NULL,
	CONSTRAINT "club_table_club_id_table_pk" PRIMARY KEY("club_id","table")
);
--> statement-breakpoint
ALTER TABLE "club_table" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "staff" (
	"club_id" uuid NOT NULL,
	"user_id" text NOT NULL,
	"display_name" text NOT NULL,
	CONSTRAINT "staff_club_id_user_id_pk" PRIMARY KEY("club_id","user_id")
);
--> statement-breakpoint
ALTER TABLE "staff" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "change" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"day" date NOT NULL,
	"actor" text NOT NULL,
	"subject" text NOT NULL,
	"athlete_id" uuid,
	"squad_id" uuid,
	"session_id" uuid,
	"from" jsonb,
	"to" jsonb,
	"rules" jsonb NOT NULL,
	"saw" jsonb,
	CONSTRAINT "change_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "change" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "check_in" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"day" date NOT NULL,
	"answer" text NOT NULL,
	"place" text,
	"side" text,
	"score" integer,
	"signs" jsonb NOT NULL,
	"by_staff" text,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "check_in_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "check_in" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "gym_session" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"athlete_id" uuid,
	"day" date NOT NULL,
	"phase" text NOT NULL,
	"minutes" integer NOT NULL,
	"template" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "gym_session_club_id_id_pk" PRIMARY KEY("club_id","id"),
	CONSTRAINT "gym_session_once" UNIQUE NULLS NOT DISTINCT("club_id","squad_id","day","athlete_id")
);
--> statement-breakpoint
ALTER TABLE "gym_session" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "health_view" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"user_id" text NOT NULL,
	"athlete_id" uuid NOT NULL,
	CONSTRAINT "health_view_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "health_view" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "line_override" (
	"club_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"slot" text NOT NULL,
	"athlete_id" uuid NOT NULL,
	"exercise_id" text,
	"row" text NOT NULL,
	"dose" jsonb NOT NULL,
	"reasons" jsonb NOT NULL,
	"typed" boolean NOT NULL,
	CONSTRAINT "line_override_club_id_session_id_slot_athlete_id_pk" PRIMARY KEY("club_id","session_id","slot","athlete_id")
);
--> statement-breakpoint
ALTER TABLE "line_override" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "proposal" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"slot" text NOT NULL,
	"row" text NOT NULL,
	"day" date NOT NULL,
	"kind" text NOT NULL,
	"from" jsonb NOT NULL,
	"to" jsonb NOT NULL,
	"rules" jsonb NOT NULL,
	"saw" jsonb NOT NULL,
	"state" text DEFAULT 'open' NOT NULL,
	"decided_by" text,
	"decided_day" date,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "proposal_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "proposal" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "session_line" (
	"club_id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"slot" text NOT NULL,
	"position" integer NOT NULL,
	"block" text NOT NULL,
	"group" text,
	"exercise_id" text NOT NULL,
	"row" text NOT NULL,
	"dose" jsonb NOT NULL,
	"reasons" jsonb NOT NULL,
	"pinned" boolean NOT NULL,
	CONSTRAINT "session_line_club_id_session_id_slot_pk" PRIMARY KEY("club_id","session_id","slot")
);
--> statement-breakpoint
ALTER TABLE "session_line" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "set_log" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"session_id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"slot" text NOT NULL,
	"set_number" integer NOT NULL,
	"day" date NOT NULL,
	"exercise_id" text NOT NULL,
	"row" text NOT NULL,
	"written" jsonb NOT NULL,
	"amount" double precision NOT NULL,
	"load_kg" double precision,
	"rir" integer,
	"fault" text,
	"as_written" boolean NOT NULL,
	"done_at" timestamp with time zone NOT NULL,
	CONSTRAINT "set_log_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "set_log" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "athlete" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"birth_date" date,
	"sex" text,
	"body_mass_kg" double precision,
	"height_m" double precision,
	"growth_cm_per_month" double precision,
	"lift_level" text DEFAULT 'foundation' NOT NULL,
	"jump_level" text DEFAULT 'foundation' NOT NULL,
	"jump_seasons" integer,
	"role" text,
	"guardian_consent" boolean DEFAULT false NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "athlete_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "athlete" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "athlete_link" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"hash" text NOT NULL,
	"revoked_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "athlete_link_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "athlete_link" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "complaint" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"place" text NOT NULL,
	"side" text,
	"score" integer NOT NULL,
	"signs" jsonb NOT NULL,
	"since" date NOT NULL,
	"calm_answers" integer DEFAULT 0 NOT NULL,
	"clearance" jsonb,
	"referred_at" timestamp with time zone,
	"updated_day" date NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "complaint_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "complaint" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "event" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"day" date NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "event_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "event" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "squad" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"name" text NOT NULL,
	"sport_id" text NOT NULL,
	"phase" text NOT NULL,
	"gym_days" jsonb NOT NULL,
	"kit" jsonb NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "squad_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "squad" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "squad_athlete" (
	"club_id" uuid NOT NULL,
	"squad_id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	CONSTRAINT "squad_athlete_club_id_squad_id_athlete_id_pk" PRIMARY KEY("club_id","squad_id","athlete_id")
);
--> statement-breakpoint
ALTER TABLE "squad_athlete" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
CREATE TABLE "test_result" (
	"club_id" uuid NOT NULL,
	"id" uuid NOT NULL,
	"athlete_id" uuid NOT NULL,
	"test" text NOT NULL,
	"day" date NOT NULL,
	"passed" boolean,
	"value" double precision,
	"load_kg" double precision,
	"reps" integer,
	"rir" integer,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "test_result_club_id_id_pk" PRIMARY KEY("club_id","id")
);
--> statement-breakpoint
ALTER TABLE "test_result" ENABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "auth"."account" ADD CONSTRAINT "account_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "auth"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "auth"."invitation" ADD CONSTRAINT "invitation_organization_id_organization_id_fk" FOREIGN KEY ("organization_id") REFERENCES "auth"."organization"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "auth"."invitation" ADD CONSTRAINT "invitation_inviter_id_user_id_fk" FOREIGN KEY ("inviter_id") REFERENCES "auth"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "auth"."member" ADD CONSTRAINT "member_organization_id_organization_id_fk" FOREIGN KEY ("organization_id") REFERENCES "auth"."organization"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "auth"."member" ADD CONSTRAINT "member_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "auth"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "auth"."session" ADD CONSTRAINT "session_user_id_user_id_fk" FOREIGN KEY ("user_id") REFERENCES "auth"."user"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "check_in" ADD CONSTRAINT "check_in_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "gym_session" ADD CONSTRAINT "gym_session_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "line_override" ADD CONSTRAINT "line_override_club_id_session_id_gym_session_club_id_id_fk" FOREIGN KEY ("club_id","session_id") REFERENCES "public"."gym_session"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "proposal" ADD CONSTRAINT "proposal_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "session_line" ADD CONSTRAINT "session_line_club_id_session_id_gym_session_club_id_id_fk" FOREIGN KEY ("club_id","session_id") REFERENCES "public"."gym_session"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_log" ADD CONSTRAINT "set_log_club_id_session_id_gym_session_club_id_id_fk" FOREIGN KEY ("club_id","session_id") REFERENCES "public"."gym_session"("club_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "set_log" ADD CONSTRAINT "set_log_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "athlete_link" ADD CONSTRAINT "athlete_link_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "complaint" ADD CONSTRAINT "complaint_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "event" ADD CONSTRAINT "event_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "squad_athlete" ADD CONSTRAINT "squad_athlete_club_id_squad_id_squad_club_id_id_fk" FOREIGN KEY ("club_id","squad_id") REFERENCES "public"."squad"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "squad_athlete" ADD CONSTRAINT "squad_athlete_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "test_result" ADD CONSTRAINT "test_result_club_id_athlete_id_athlete_club_id_id_fk" FOREIGN KEY ("club_id","athlete_id") REFERENCES "public"."athlete"("club_id","id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "account_user" ON "auth"."account" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "invitation_organization" ON "auth"."invitation" USING btree ("organization_id");--> statement-breakpoint
CREATE INDEX "invitation_email" ON "auth"."invitation" USING btree ("email");--> statement-breakpoint
CREATE UNIQUE INDEX "member_once" ON "auth"."member" USING btree ("organization_id","user_id");--> statement-breakpoint
CREATE INDEX "member_user" ON "auth"."member" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "session_user" ON "auth"."session" USING btree ("user_id");--> statement-breakpoint
CREATE INDEX "verification_identifier" ON "auth"."verification" USING btree ("identifier");--> statement-breakpoint
CREATE INDEX "change_athlete" ON "change" USING btree ("club_id","athlete_id","at");--> statement-breakpoint
CREATE INDEX "change_day" ON "change" USING btree ("club_id","day");--> statement-breakpoint
CREATE UNIQUE INDEX "check_in_once" ON "check_in" USING btree ("club_id","athlete_id","day");--> statement-breakpoint
CREATE INDEX "gym_session_day" ON "gym_session" USING btree ("club_id","day");--> statement-breakpoint
CREATE INDEX "health_view_athlete" ON "health_view" USING btree ("club_id","athlete_id","at");--> statement-breakpoint
CREATE UNIQUE INDEX "proposal_once" ON "proposal" USING btree ("club_id","athlete_id","session_id","slot");--> statement-breakpoint
CREATE INDEX "proposal_state" ON "proposal" USING btree ("club_id","state","squad_id");--> statement-breakpoint
CREATE INDEX "proposal_session" ON "proposal" USING btree ("club_id","session_id");--> statement-breakpoint
CREATE UNIQUE INDEX "set_log_once" ON "set_log" USING btree ("club_id","session_id","athlete_id","slot","set_number");--> statement-breakpoint
CREATE INDEX "set_log_athlete" ON "set_log" USING btree ("club_id","athlete_id","day");--> statement-breakpoint
CREATE INDEX "set_log_session" ON "set_log" USING btree ("club_id","session_id");--> statement-breakpoint
CREATE INDEX "athlete_name" ON "athlete" USING btree ("club_id","name");--> statement-breakpoint
CREATE UNIQUE INDEX "athlete_link_hash" ON "athlete_link" USING btree ("club_id","hash");--> statement-breakpoint
CREATE INDEX "athlete_link_athlete" ON "athlete_link" USING btree ("club_id","athlete_id");--> statement-breakpoint
CREATE INDEX "complaint_athlete" ON "complaint" USING btree ("club_id","athlete_id");--> statement-breakpoint
CREATE INDEX "event_squad" ON "event" USING btree ("club_id","squad_id","day");--> statement-breakpoint
CREATE INDEX "squad_athlete_athlete" ON "squad_athlete" USING btree ("club_id","athlete_id");--> statement-breakpoint
CREATE INDEX "test_result_athlete" ON "test_result" USING btree ("club_id","athlete_id","day");--> statement-breakpoint
CREATE POLICY "tenant" ON "club" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "club_table" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "staff" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "change" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "check_in" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "gym_session" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "health_view" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "line_override" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "proposal" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "session_line" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "set_log" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "athlete" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "athlete_link" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "complaint" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "event" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "squad" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "squad_athlete" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));--> statement-breakpoint
CREATE POLICY "tenant" ON "test_result" AS PERMISSIVE FOR ALL TO public USING (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid)) WITH CHECK (club_id = (select nullif(current_setting('app.club_id', true), '')::uuid));