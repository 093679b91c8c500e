DROP POLICY "tenant" ON "line_override" CASCADE;--> statement-breakpoint
DROP TABLE "line_override" CASCADE;--> statement-breakpoint
DROP POLICY "tenant" ON "proposal" CASCADE;--> statement-breakpoint
DROP TABLE "proposal" CASCADE;