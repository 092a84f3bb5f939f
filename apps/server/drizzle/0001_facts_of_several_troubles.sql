-- Facts kept before a plan could take several troubles, history and schools are brought into today's shape.
CREATE FUNCTION feverfew_label(label jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT CASE WHEN label IS NULL OR jsonb_typeof(label) = 'null' THEN 'null'::jsonb
		ELSE '{"dryCleanBars":0,"wetClean":null,"wetCleanBars":0}'::jsonb || label END
$$;--> statement-breakpoint
CREATE FUNCTION feverfew_piece(piece jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT piece || jsonb_build_object('label', feverfew_label(piece->'label'))
$$;--> statement-breakpoint
CREATE FUNCTION feverfew_facts(f jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT CASE WHEN f ? 'markIds' THEN f ELSE (f - 'markId' - 'triedAgentIds') || jsonb_build_object(
		'markIds', CASE WHEN f->>'markId' IS NULL THEN '[]'::jsonb ELSE jsonb_build_array(f->'markId') END,
		'goneComponentIds', '[]'::jsonb,
		'answers', '{}'::jsonb,
		'done', '[]'::jsonb,
		'schools', '{}'::jsonb,
		'reach', 'house',
		'piece', feverfew_piece(f->'piece'),
		'tried', COALESCE((
			SELECT jsonb_agg(jsonb_build_object('agentId', id, 'times', 1, 'effect', 'unknown', 'hot', false))
			FROM jsonb_array_elements(COALESCE(f->'triedAgentIds', '[]'::jsonb)) AS id), '[]'::jsonb)
	) END
$$;--> statement-breakpoint
CREATE FUNCTION feverfew_step(step jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT '{"batches":1}'::jsonb || step || jsonb_build_object('ingredients', COALESCE((
		SELECT jsonb_agg('{"standsInFor":null}'::jsonb || one ORDER BY at)
		FROM jsonb_array_elements(step->'ingredients') WITH ORDINALITY AS list(one, at)), '[]'::jsonb))
$$;--> statement-breakpoint
CREATE FUNCTION feverfew_rung(rung jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT '{"effectByMark":[],"acts":[],"edges":[]}'::jsonb || rung || jsonb_build_object('steps', COALESCE((
		SELECT jsonb_agg(feverfew_step(step) ORDER BY at)
		FROM jsonb_array_elements(rung->'steps') WITH ORDINALITY AS list(step, at)), '[]'::jsonb))
$$;--> statement-breakpoint
UPDATE "pieces" SET "facts" = feverfew_piece("facts");--> statement-breakpoint
UPDATE "troubles" SET "facts" = feverfew_facts("facts");--> statement-breakpoint
UPDATE "plans" SET "plan" = '{"cupboard":{"now":null,"ifBought":null},"schools":[],"diagnoses":[]}'::jsonb || "plan" || jsonb_build_object(
	'facts', feverfew_facts("plan"->'facts'),
	'ladder', COALESCE((
		SELECT jsonb_agg(feverfew_rung(rung) ORDER BY at)
		FROM jsonb_array_elements("plan"->'ladder') WITH ORDINALITY AS list(rung, at)), '[]'::jsonb));--> statement-breakpoint
UPDATE "households" SET "settings" = "settings" || jsonb_build_object(
	'household', '{"allowOxalic":false}'::jsonb || ("settings"->'household') || '{"schools":{}}'::jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_rung(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_step(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_facts(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_piece(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_label(jsonb);
