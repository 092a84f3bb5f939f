-- A line that was changed from a piece to a handful, or the reverse, kept the column of before. What it says last holds.
UPDATE "heap_lines" SET "piece_id" = null WHERE "piece_id" is not null AND "line"->>'itemId' is not null;--> statement-breakpoint
UPDATE "heap_lines" SET "piece_id" = ("line"->>'pieceId')::uuid
  WHERE "piece_id" is null AND "line"->>'itemId' is null
    AND EXISTS (SELECT 1 FROM "pieces" WHERE "pieces"."id"::text = lower("line"->>'pieceId'));--> statement-breakpoint
DELETE FROM "heap_lines" WHERE "piece_id" is null AND "line"->>'itemId' is null;--> statement-breakpoint
UPDATE "heap_lines" SET "line" = "line" - 'pieceId';--> statement-breakpoint
ALTER TABLE "heap_lines" ADD CONSTRAINT "heap_line_is_of_one" CHECK (("heap_lines"."piece_id" is null) <> ("heap_lines"."line"->>'itemId' is null) and not ("heap_lines"."line" ? 'pieceId'));--> statement-breakpoint
-- A line that was hung and then taken back out of its load stayed hung.
UPDATE "heap_lines" SET "place" = null, "rolled" = false, "hung_at" = null, "dry_at" = null WHERE "load_id" is null;--> statement-breakpoint
ALTER TABLE "heap_lines" ADD CONSTRAINT "heap_line_hangs_washed" CHECK ("heap_lines"."load_id" is not null or ("heap_lines"."hung_at" is null and "heap_lines"."dry_at" is null));
