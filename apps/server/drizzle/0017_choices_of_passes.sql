-- The choice to go on to the next pass, and the finding on products that must keep apart, have the names of passes.
CREATE FUNCTION feverfew_renamed(given jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT replace(replace(replace(given::text,
		'"choice": "nextRung"', '"choice": "nextPass"'),
		'"code": "apartFromRung"', '"code": "apartFromPass"'),
		'"rungMethodId": ', '"passMethodId": ')::jsonb
$$;--> statement-breakpoint
UPDATE "plans" SET "plan" = feverfew_renamed("plan");--> statement-breakpoint
UPDATE "run_events" SET "event" = feverfew_renamed("event");--> statement-breakpoint
DROP FUNCTION feverfew_renamed(jsonb);
