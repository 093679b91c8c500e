ALTER TABLE "squad" ALTER COLUMN "facility_id" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "squad" ADD CONSTRAINT "squad_club_id_facility_id_facility_club_id_id_fk" FOREIGN KEY ("club_id","facility_id") REFERENCES "public"."facility"("club_id","id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "squad" DROP COLUMN "kit";