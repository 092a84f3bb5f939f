CREATE TABLE "mixes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"name" text NOT NULL,
	"mix" jsonb NOT NULL
);
--> statement-breakpoint
-- Households and plans kept before a bath was worked out get what a bath needs, with nothing claimed about the past.
CREATE FUNCTION feverfew_vessel(v jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT jsonb_build_object('shape', NULL, 'form', CASE
		WHEN (v->>'volumeL')::numeric >= 60 THEN 'bathtub'
		WHEN v->>'name' ILIKE '%bucket%' THEN 'bucket'
		WHEN v->>'name' ILIKE '%sink%' THEN 'sink'
		WHEN v->>'name' ILIKE '%bowl%' THEN 'bowl'
		ELSE 'basin' END) || v
$$;--> statement-breakpoint
UPDATE "households" SET "settings" = jsonb_set("settings", '{household}',
	'{"roomC":20,"ownMeasures":[],"products":[]}'::jsonb || ("settings"->'household') || jsonb_build_object('vessels', COALESCE((
		SELECT jsonb_agg(feverfew_vessel(v) ORDER BY at) FROM jsonb_array_elements("settings"->'household'->'vessels') WITH ORDINALITY AS t(v, at)), '[]'::jsonb)));--> statement-breakpoint
CREATE FUNCTION feverfew_ingredient(i jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT '{"strengthAfter":null,"oxygenG":0}'::jsonb || i || CASE WHEN jsonb_typeof(i->'snapped') = 'object' THEN
		jsonb_build_object('snapped', (i->'snapped') || jsonb_build_object('counts', COALESCE((
			SELECT jsonb_agg('{"name":null}'::jsonb || c ORDER BY at)
			FROM jsonb_array_elements(i->'snapped'->'counts') WITH ORDINALITY AS t(c, at)), '[]'::jsonb)))
		ELSE '{}'::jsonb END
$$;--> statement-breakpoint
CREATE FUNCTION feverfew_bath_step(s jsonb) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
	SELECT '{"outlook":null}'::jsonb || s
		|| CASE WHEN jsonb_typeof(s->'pH') = 'object' THEN jsonb_build_object('pH', jsonb_build_object(
			'likely', ((s->'pH'->>'low')::numeric + (s->'pH'->>'high')::numeric) / 2,
			'at25', ((s->'pH'->>'low')::numeric + (s->'pH'->>'high')::numeric) / 2,
			'basis', 'stated', 'ionicStrength', 0, 'firm', true) || (s->'pH')) ELSE '{}'::jsonb END
		|| CASE WHEN jsonb_typeof(s->'dwell') = 'object'
			THEN jsonb_build_object('dwell', '{"aimMin":null}'::jsonb || (s->'dwell')) ELSE '{}'::jsonb END
		|| jsonb_build_object('ingredients', COALESCE((
			SELECT jsonb_agg(feverfew_ingredient(i) ORDER BY at)
			FROM jsonb_array_elements(s->'ingredients') WITH ORDINALITY AS t(i, at)), '[]'::jsonb))
$$;--> statement-breakpoint
UPDATE "plans" SET "plan" = jsonb_set("plan", '{ladder}', COALESCE((
	SELECT jsonb_agg(r || jsonb_build_object('steps', COALESCE((
		SELECT jsonb_agg(feverfew_bath_step(s) ORDER BY step_at)
		FROM jsonb_array_elements(r->'steps') WITH ORDINALITY AS u(s, step_at)), '[]'::jsonb)) ORDER BY rung_at)
	FROM jsonb_array_elements("plan"->'ladder') WITH ORDINALITY AS t(r, rung_at)), '[]'::jsonb));--> statement-breakpoint
DROP FUNCTION feverfew_bath_step(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_ingredient(jsonb);--> statement-breakpoint
DROP FUNCTION feverfew_vessel(jsonb);
