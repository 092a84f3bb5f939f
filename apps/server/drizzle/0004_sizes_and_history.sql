-- Facts kept before a size had words and a tried product a history are brought into today's shape. A size not told
-- stays "all over" where the kept plan begins with a bath: that bath was for the whole piece. Else it is not known.
CREATE FUNCTION feverfew_sized(f jsonb, all_over boolean) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT CASE WHEN f ? 'size' THEN f ELSE (f - 'sizeCm') || jsonb_build_object(
		'size', CASE WHEN jsonb_typeof(f->'sizeCm') = 'object' THEN f->'sizeCm'
			WHEN all_over THEN '"allOver"'::jsonb ELSE '"unknown"'::jsonb END,
		'tried', COALESCE((
			SELECT jsonb_agg('{"washedOut":"unknown"}'::jsonb || one ORDER BY at)
			FROM jsonb_array_elements(COALESCE(f->'tried', '[]'::jsonb)) WITH ORDINALITY AS list(one, at)), '[]'::jsonb)
	) END
$$;--> statement-breakpoint
CREATE FUNCTION feverfew_bathes(plan jsonb) RETURNS boolean LANGUAGE sql IMMUTABLE AS $$
	SELECT COALESCE(bool_or(jsonb_typeof(step->'bath') = 'object'), false)
	FROM jsonb_array_elements(COALESCE(plan->'ladder'->0->'steps', '[]'::jsonb)) AS step
$$;--> statement-breakpoint
UPDATE "troubles" SET "facts" = feverfew_sized("facts", COALESCE((
	SELECT feverfew_bathes(p."plan") FROM "plans" p WHERE p."trouble_id" = "troubles"."id"
	ORDER BY p."created_at" DESC, p."id" DESC LIMIT 1), false));--> statement-breakpoint
UPDATE "plans" SET "plan" = jsonb_set("plan", '{facts}', feverfew_sized("plan"->'facts', feverfew_bathes("plan")));--> statement-breakpoint
UPDATE "households" SET "settings" = jsonb_set("settings", '{household}',
	'{"pregnancy":false,"baby":false,"pets":false,"septicTank":false}'::jsonb || ("settings"->'household'));--> statement-breakpoint
DROP FUNCTION feverfew_bathes(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_sized(jsonb, boolean);
