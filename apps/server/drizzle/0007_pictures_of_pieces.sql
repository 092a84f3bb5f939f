ALTER TABLE "photos" ALTER COLUMN "run_id" DROP NOT NULL;--> statement-breakpoint
ALTER TABLE "photos" ADD COLUMN "piece_id" uuid;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_piece_id_pieces_id_fk" FOREIGN KEY ("piece_id") REFERENCES "public"."pieces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "photos_piece_id_index" ON "photos" USING btree ("piece_id");--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_of_one" CHECK (num_nonnulls("photos"."run_id", "photos"."piece_id") = 1);