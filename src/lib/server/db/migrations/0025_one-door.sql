ALTER TABLE "command" ADD COLUMN "page_id" uuid;--> statement-breakpoint
ALTER TABLE "command" ADD COLUMN "wrote" jsonb;--> statement-breakpoint
ALTER TABLE "calendar_link" ADD COLUMN "expires_at" timestamp with time zone DEFAULT now() + interval '1 year' NOT NULL;--> statement-breakpoint
CREATE INDEX "command_page" ON "command" USING btree ("club_id","page_id");--> statement-breakpoint
-- commands go after their time; what was answered once with a secret in it is forgotten now
GRANT DELETE ON public.command TO jaleo_app;--> statement-breakpoint
ALTER TABLE public.command DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
UPDATE public.command SET answer = '{"ok":true,"value":null}'::jsonb WHERE verb = 'calendar-link';--> statement-breakpoint
ALTER TABLE public.command ENABLE ROW LEVEL SECURITY;
