-- One vocabulary: passes, actions and positions have these names in plans, facts, settings and events. A name with its
-- quotes and colon is a key; inside a text that a person wrote, quotes are escaped, so no text is touched.
CREATE FUNCTION feverfew_renamed(given jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT replace(replace(replace(replace(replace(replace(replace(replace(replace(replace(replace(given::text,
		'"ladder": ', '"passes": '),
		'"steps": ', '"actions": '),
		'"schools": ', '"positions": '),
		'"schoolId": ', '"positionId": '),
		'"rungIndex": ', '"passIndex": '),
		'"stepId": ', '"actionId": '),
		'"verdict": "rung"', '"verdict": "inPlan"'),
		'"kind": "school"', '"kind": "position"'),
		'"kind": "stepDone"', '"kind": "actionDone"'),
		'"code": "otherSchool"', '"code": "otherPosition"'),
		'"code": "schoolFollowed"', '"code": "positionFollowed"')::jsonb
$$;--> statement-breakpoint
UPDATE "plans" SET "plan" = feverfew_renamed("plan");--> statement-breakpoint
UPDATE "troubles" SET "facts" = feverfew_renamed("facts");--> statement-breakpoint
UPDATE "households" SET "settings" = feverfew_renamed("settings");--> statement-breakpoint
UPDATE "run_events" SET "event" = feverfew_renamed("event");--> statement-breakpoint
DROP FUNCTION feverfew_renamed(jsonb);
