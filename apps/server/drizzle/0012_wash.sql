CREATE TABLE "heap_lines" (
	"id" uuid PRIMARY KEY NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"piece_id" uuid,
	"line" jsonb NOT NULL,
	"load_id" uuid,
	"place" text,
	"hung_at" timestamp with time zone,
	"dry_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "wash_loads" (
	"id" uuid PRIMARY KEY NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"load" jsonb NOT NULL,
	"done_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "wash_settings" (
	"id" integer PRIMARY KEY NOT NULL,
	"settings" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "heap_lines" ADD CONSTRAINT "heap_lines_piece_id_pieces_id_fk" FOREIGN KEY ("piece_id") REFERENCES "public"."pieces"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "heap_lines" ADD CONSTRAINT "heap_lines_load_id_wash_loads_id_fk" FOREIGN KEY ("load_id") REFERENCES "public"."wash_loads"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "heap_lines_load_id_index" ON "heap_lines" USING btree ("load_id");--> statement-breakpoint
CREATE INDEX "heap_lines_piece_id_index" ON "heap_lines" USING btree ("piece_id");