CREATE TABLE `frame_plan` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`method` text NOT NULL,
	`on_day` text NOT NULL,
	`units` text NOT NULL,
	`frames_out` text NOT NULL,
	`queen_frame_id` text,
	`steps` text NOT NULL,
	`done` text NOT NULL,
	`finished_at` text,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "frame_plan_method" CHECK("frame_plan"."method" in ('nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'walk-away', 'even-split', 'queen-split', 'vertical-split', 'requeen-mated', 'after-swarm', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound', 'hive-swarm', 'unite', 'add-box', 'add-super', 'test-comb', 'give-eggs', 'give-cell')),
	CONSTRAINT "frame_plan_on" CHECK("frame_plan"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE INDEX `frame_plan_by_colony` ON `frame_plan` (`colony_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `kept_frame` (
	`id` text PRIMARY KEY NOT NULL,
	`label` text NOT NULL,
	`comb_year` integer,
	`base` text NOT NULL,
	`note` text NOT NULL,
	CONSTRAINT "kept_frame_label_length" CHECK(length("kept_frame"."label") <= 60),
	CONSTRAINT "kept_frame_comb_year" CHECK("kept_frame"."comb_year" between 1990 and 2100),
	CONSTRAINT "kept_frame_base" CHECK("kept_frame"."base" in ('wired-wax', 'unwired-wax', 'plastic', 'starter-strip', 'unknown')),
	CONSTRAINT "kept_frame_note_length" CHECK(length("kept_frame"."note") <= 4000)
);
--> statement-breakpoint
CREATE TABLE `survey` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text NOT NULL,
	`source` text NOT NULL,
	`manner` text NOT NULL,
	`flow` text NOT NULL,
	`covered_seams` integer,
	`queen_frame_id` text,
	`hive` text NOT NULL,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "survey_source" CHECK("survey"."source" in ('survey', 'moves')),
	CONSTRAINT "survey_manner" CHECK("survey"."manner" in ('frames', 'counts')),
	CONSTRAINT "survey_flow" CHECK("survey"."flow" in ('none', 'light', 'strong')),
	CONSTRAINT "survey_covered_seams" CHECK("survey"."covered_seams" between 0 and 60),
	CONSTRAINT "survey_note_length" CHECK(length("survey"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `survey_by_colony` ON `survey` (`colony_id`,`at_minute`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_revision` (
	`id` text PRIMARY KEY NOT NULL,
	`entity` text NOT NULL,
	`entity_id` text NOT NULL,
	`revised_at` text NOT NULL,
	`action` text NOT NULL,
	`before` text NOT NULL,
	CONSTRAINT "revision_entity" CHECK("__new_revision"."entity" in ('apiary', 'colony', 'queen', 'inspection', 'programme', 'check-answer', 'survey')),
	CONSTRAINT "revision_action" CHECK("__new_revision"."action" in ('corrected', 'deleted', 'restored'))
);
--> statement-breakpoint
INSERT INTO `__new_revision`("id", "entity", "entity_id", "revised_at", "action", "before") SELECT "id", "entity", "entity_id", "revised_at", "action", "before" FROM `revision`;--> statement-breakpoint
DROP TABLE `revision`;--> statement-breakpoint
ALTER TABLE `__new_revision` RENAME TO `revision`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `revision_by_entity` ON `revision` (`entity_id`,`revised_at`);--> statement-breakpoint
CREATE TABLE `__new_setting` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('hemisphere', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'onlySealedUpNightC', 'broodSize', 'superSize', 'ownSizes', 'cellsKept', 'secondThinning'))
);
--> statement-breakpoint
INSERT INTO `__new_setting`("key", "value") SELECT "key", "value" FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;