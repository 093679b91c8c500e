ALTER TABLE "athlete" ADD COLUMN "ceilings" jsonb DEFAULT '[]'::jsonb NOT NULL;--> statement-breakpoint
ALTER TABLE "athlete" ADD COLUMN "weak_moment" jsonb;--> statement-breakpoint
ALTER TABLE "squad" ADD COLUMN "aims" jsonb DEFAULT '{"result":null,"targets":{"female":null,"male":null,"young":null},"enough":{"squat":null,"hinge":null}}'::jsonb NOT NULL;