ALTER TABLE "command" ADD COLUMN "page_id" uuid;--> statement-breakpoint
ALTER TABLE "command" ADD COLUMN "wrote" jsonb;--> statement-breakpoint
CREATE INDEX "command_page" ON "command" USING btree ("club_id","page_id");