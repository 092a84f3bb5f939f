-- Steps of a plan carry named checks and advice. Plans made before there were any have none.
UPDATE "plans" SET "plan" = jsonb_set("plan", '{rounds}', (
  SELECT jsonb_agg(jsonb_set(round, '{passes}', (
    SELECT coalesce(jsonb_agg('{"checks": [], "advice": []}'::jsonb || pass ORDER BY place), '[]'::jsonb)
    FROM jsonb_array_elements(round->'passes') WITH ORDINALITY AS passes(pass, place)
  )) ORDER BY number)
  FROM jsonb_array_elements("plan"->'rounds') WITH ORDINALITY AS rounds(round, number)
))
WHERE jsonb_typeof("plan"->'rounds') = 'array' AND "plan"->'rounds' <> '[]'::jsonb;
