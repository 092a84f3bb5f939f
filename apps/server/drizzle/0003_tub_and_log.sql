CREATE TABLE "care_events" (
	"id" uuid PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"piece_id" uuid NOT NULL,
	"what" text NOT NULL,
	"upkeep_id" text,
	"times" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "past_uses" (
	"id" text PRIMARY KEY NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"piece_id" uuid NOT NULL,
	"use" jsonb NOT NULL,
	"note" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "photos" (
	"id" uuid PRIMARY KEY NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"run_id" uuid NOT NULL,
	"jpeg" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "trial_events" (
	"id" uuid PRIMARY KEY NOT NULL,
	"trial_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"event" jsonb NOT NULL,
	CONSTRAINT "trial_events_trialId_seq_unique" UNIQUE("trial_id","seq")
);
--> statement-breakpoint
CREATE TABLE "trials" (
	"id" uuid PRIMARY KEY NOT NULL,
	"created_at" timestamp with time zone NOT NULL,
	"plan_id" uuid NOT NULL,
	"setup" jsonb NOT NULL
);
--> statement-breakpoint
ALTER TABLE "runs" ADD COLUMN "status" text DEFAULT 'active' NOT NULL;--> statement-breakpoint
ALTER TABLE "runs" ADD COLUMN "outcome" text;--> statement-breakpoint
ALTER TABLE "runs" ADD COLUMN "digest" jsonb;--> statement-breakpoint
ALTER TABLE "care_events" ADD CONSTRAINT "care_events_piece_id_pieces_id_fk" FOREIGN KEY ("piece_id") REFERENCES "public"."pieces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "past_uses" ADD CONSTRAINT "past_uses_piece_id_pieces_id_fk" FOREIGN KEY ("piece_id") REFERENCES "public"."pieces"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_run_id_runs_id_fk" FOREIGN KEY ("run_id") REFERENCES "public"."runs"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trial_events" ADD CONSTRAINT "trial_events_trial_id_trials_id_fk" FOREIGN KEY ("trial_id") REFERENCES "public"."trials"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "trials" ADD CONSTRAINT "trials_plan_id_plans_id_fk" FOREIGN KEY ("plan_id") REFERENCES "public"."plans"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "care_events_piece_id_index" ON "care_events" USING btree ("piece_id");--> statement-breakpoint
CREATE INDEX "photos_run_id_index" ON "photos" USING btree ("run_id");--> statement-breakpoint
CREATE INDEX "runs_status_index" ON "runs" USING btree ("status");--> statement-breakpoint
-- What was kept before there was a log gets its fields, with nothing claimed about the past; run digests are made at the next start.
UPDATE "pieces" SET "facts" = '{"since":null,"replacementCost":null}'::jsonb || "facts";--> statement-breakpoint
UPDATE "households" SET "settings" = '{"prices":{"money":"","agents":{},"kWh":null,"waterM3":null,"hour":null,"professional":null}}'::jsonb || "settings";--> statement-breakpoint
UPDATE "plans" SET "plan" = jsonb_set("plan", '{ladder}', COALESCE((
	SELECT jsonb_agg('{"ownLog":null}'::jsonb || r ORDER BY at)
	FROM jsonb_array_elements("plan"->'ladder') WITH ORDINALITY AS t(r, at)), '[]'::jsonb));
