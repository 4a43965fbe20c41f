PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_revision` (
	`id` text PRIMARY KEY NOT NULL,
	`entity` text NOT NULL,
	`entity_id` text NOT NULL,
	`revised_at` text NOT NULL,
	`action` text NOT NULL,
	`before` text NOT NULL,
	CONSTRAINT "revision_entity" CHECK("__new_revision"."entity" in ('apiary', 'colony', 'queen', 'queen-event', 'inspection', 'programme', 'check-answer', 'survey')),
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
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('hemisphere', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'onlySealedUpNightC', 'broodSize', 'superSize', 'ownSizes', 'cellsKept', 'timeZone', 'secondThinning'))
);
--> statement-breakpoint
INSERT INTO `__new_setting`("key", "value") SELECT "key", "value" FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;--> statement-breakpoint
CREATE TABLE `__new_queen_event` (
	`id` text PRIMARY KEY NOT NULL,
	`queen_id` text NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text,
	`on_day` text NOT NULL,
	`to_day` text,
	`kind` text NOT NULL,
	`went` text,
	`hived_as_id` text,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`queen_id`) REFERENCES `queen`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`hived_as_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "queen_event_kind" CHECK("__new_queen_event"."kind" in ('present', 'virgin-out', 'virgin-in', 'virgin-caged-in', 'virgin-taken', 'caged-in', 'released', 'marked', 'clipped', 'removed', 'lost', 'swarmed', 'cast-left')),
	CONSTRAINT "queen_event_to" CHECK("__new_queen_event"."to_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "queen_event_went" CHECK("__new_queen_event"."went" in ('not-known', 'hanging', 'flew-off', 'hived')),
	CONSTRAINT "queen_event_on" CHECK("__new_queen_event"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
INSERT INTO `__new_queen_event`("id", "queen_id", "colony_id", "at_minute", "on_day", "to_day", "kind", "went", "hived_as_id", "note", "deleted_at") SELECT "id", "queen_id", "colony_id", NULL, "on_day", NULL, "kind", NULL, NULL, "note", NULL FROM `queen_event`;--> statement-breakpoint
DROP TABLE `queen_event`;--> statement-breakpoint
ALTER TABLE `__new_queen_event` RENAME TO `queen_event`;--> statement-breakpoint
CREATE INDEX `queen_event_by_colony` ON `queen_event` (`colony_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `__new_cell` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`label` text NOT NULL,
	`place` text NOT NULL,
	`box` integer,
	`frame` integer,
	`part` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cell_place" CHECK("__new_cell"."place" in ('not-said', 'bottom', 'edge', 'face')),
	CONSTRAINT "cell_box" CHECK("__new_cell"."box" between 1 and 10),
	CONSTRAINT "cell_frame" CHECK("__new_cell"."frame" between 1 and 24),
	CONSTRAINT "cell_part" CHECK("__new_cell"."part" in ('below', 'above'))
);
--> statement-breakpoint
INSERT INTO `__new_cell`("id", "colony_id", "label", "place", "box", "frame", "part") SELECT "id", "colony_id", "label", "place", "box", "frame", "part" FROM `cell`;--> statement-breakpoint
DROP TABLE `cell`;--> statement-breakpoint
ALTER TABLE `__new_cell` RENAME TO `cell`;--> statement-breakpoint
CREATE UNIQUE INDEX `cell_label_once` ON `cell` (`colony_id`,`label`);--> statement-breakpoint
CREATE TABLE `__new_check_answer` (
	`id` text PRIMARY KEY NOT NULL,
	`programme_id` text NOT NULL,
	`colony_id` text NOT NULL,
	`code` text NOT NULL,
	`nth` integer NOT NULL,
	`at_minute` text NOT NULL,
	`answer` text NOT NULL,
	`queenless_colony_id` text,
	`note` text NOT NULL,
	FOREIGN KEY (`programme_id`) REFERENCES `programme`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`queenless_colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "check_answer_code" CHECK("__new_check_answer"."code" in ('nuc-settled', 'thin-cells', 'move-parent', 'eggs', 'laying-check', 'clear-top-cells', 'top-brood-gone', 'bottom-check', 'supers-check', 'which-half', 'doors', 'released', 'space-check', 'united', 'read-comb', 'turn-hive', 'shift-boxes')),
	CONSTRAINT "check_answer_nth" CHECK("__new_check_answer"."nth" between 1 and 40),
	CONSTRAINT "check_answer_answer_length" CHECK(length("__new_check_answer"."answer") <= 40),
	CONSTRAINT "check_answer_note_length" CHECK(length("__new_check_answer"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_check_answer`("id", "programme_id", "colony_id", "code", "nth", "at_minute", "answer", "queenless_colony_id", "note") SELECT "id", "programme_id", "colony_id", "code", "nth", "at_minute", "answer", "queenless_colony_id", "note" FROM `check_answer`;--> statement-breakpoint
DROP TABLE `check_answer`;--> statement-breakpoint
ALTER TABLE `__new_check_answer` RENAME TO `check_answer`;--> statement-breakpoint
CREATE INDEX `check_answer_by_programme` ON `check_answer` (`programme_id`);--> statement-breakpoint
CREATE TABLE `__new_colony` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`name` text NOT NULL,
	`stand` text NOT NULL,
	`origin` text NOT NULL,
	`parent_colony_id` text,
	`started_on` text NOT NULL,
	`ended_on` text,
	`note` text NOT NULL,
	`wanted` text DEFAULT 'nothing' NOT NULL,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`parent_colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "colony_origin" CHECK("__new_colony"."origin" in ('established', 'nuc', 'prime-swarm', 'cast', 'split')),
	CONSTRAINT "colony_wanted" CHECK("__new_colony"."wanted" in ('nothing', 'queen', 'better-strain')),
	CONSTRAINT "colony_started_on" CHECK("__new_colony"."started_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "colony_ended_on" CHECK("__new_colony"."ended_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "colony_name_length" CHECK(length("__new_colony"."name") <= 60),
	CONSTRAINT "colony_note_length" CHECK(length("__new_colony"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_colony`("id", "apiary_id", "name", "stand", "origin", "parent_colony_id", "started_on", "ended_on", "note", "wanted") SELECT "id", "apiary_id", "name", "stand", "origin", "parent_colony_id", "started_on", "ended_on", "note", 'nothing' FROM `colony`;--> statement-breakpoint
DROP TABLE `colony`;--> statement-breakpoint
ALTER TABLE `__new_colony` RENAME TO `colony`;--> statement-breakpoint
CREATE INDEX `colony_by_apiary` ON `colony` (`apiary_id`);--> statement-breakpoint
ALTER TABLE `cell_move` ADD `at_minute` text;--> statement-breakpoint
CREATE TABLE `__new_inspection` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text NOT NULL,
	`to_day` text,
	`thoroughness` text NOT NULL,
	`queen` text NOT NULL,
	`queen_seen_as` text DEFAULT 'not-said' NOT NULL,
	`queen_handled` text DEFAULT 'left' NOT NULL,
	`piping` text DEFAULT 'not-listened' NOT NULL,
	`is_by_helper` integer DEFAULT false NOT NULL,
	`eggs` text NOT NULL,
	`youngest` text,
	`drone_brood_in_worker_cells` text NOT NULL,
	`several_eggs_per_cell` text NOT NULL,
	`stores` text NOT NULL,
	`laying_room_days` integer,
	`brood_frames` integer,
	`covered_seams` integer,
	`drones` text DEFAULT 'not-looked-for' NOT NULL,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "inspection_thoroughness" CHECK("__new_inspection"."thoroughness" in ('cleared', 'bees-on', 'tip-up')),
	CONSTRAINT "inspection_queen" CHECK("__new_inspection"."queen" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_to" CHECK("__new_inspection"."to_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "inspection_queen_seen_as" CHECK("__new_inspection"."queen_seen_as" in ('not-said', 'as-known', 'virgin', 'unmarked')),
	CONSTRAINT "inspection_queen_handled" CHECK("__new_inspection"."queen_handled" in ('left', 'caged', 'taken')),
	CONSTRAINT "inspection_piping" CHECK("__new_inspection"."piping" in ('not-listened', 'none', 'tooting', 'quacking', 'both')),
	CONSTRAINT "inspection_eggs" CHECK("__new_inspection"."eggs" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_youngest" CHECK("__new_inspection"."youngest" in ('eggs-upright', 'eggs', 'larvae-small', 'larvae-large', 'sealed', 'none')),
	CONSTRAINT "inspection_drone_brood" CHECK("__new_inspection"."drone_brood_in_worker_cells" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_several_eggs" CHECK("__new_inspection"."several_eggs_per_cell" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_stores" CHECK("__new_inspection"."stores" in ('room', 'nectar', 'honey', 'pollen', 'not-looked-for')),
	CONSTRAINT "inspection_laying_room" CHECK("__new_inspection"."laying_room_days" between 0 and 99),
	CONSTRAINT "inspection_brood_frames" CHECK("__new_inspection"."brood_frames" between 0 and 60),
	CONSTRAINT "inspection_covered_seams" CHECK("__new_inspection"."covered_seams" between 0 and 60),
	CONSTRAINT "inspection_drones" CHECK("__new_inspection"."drones" in ('flying', 'sealed-only', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_note_length" CHECK(length("__new_inspection"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_inspection`("id", "colony_id", "at_minute", "to_day", "thoroughness", "queen", "queen_seen_as", "queen_handled", "piping", "is_by_helper", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "note", "deleted_at") SELECT "id", "colony_id", "at_minute", NULL, "thoroughness", "queen", 'not-said', 'left', 'not-listened', 0, "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "note", "deleted_at" FROM `inspection`;--> statement-breakpoint
DROP TABLE `inspection`;--> statement-breakpoint
ALTER TABLE `__new_inspection` RENAME TO `inspection`;--> statement-breakpoint
CREATE INDEX `inspection_by_colony` ON `inspection` (`colony_id`,`at_minute`);--> statement-breakpoint
CREATE TABLE `__new_programme` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`method` text NOT NULL,
	`at_minute` text,
	`on_day` text NOT NULL,
	`to_day` text,
	`ended_on` text,
	`second_thinning` integer NOT NULL,
	`only_sealed_brood_up` integer NOT NULL,
	`buys_queen` integer NOT NULL,
	`turns_daily` integer DEFAULT false NOT NULL,
	`queen_id` text,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`queen_id`) REFERENCES `queen`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "programme_method" CHECK("__new_programme"."method" in ('nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'walk-away', 'even-split', 'queen-split', 'vertical-split', 'requeen-mated', 'after-swarm', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound', 'hive-swarm', 'unite', 'add-box', 'add-super', 'test-comb', 'give-eggs', 'give-cell', 'cell-nuc')),
	CONSTRAINT "programme_on" CHECK("__new_programme"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_to" CHECK("__new_programme"."to_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_ended_on" CHECK("__new_programme"."ended_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_note_length" CHECK(length("__new_programme"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_programme`("id", "colony_id", "method", "at_minute", "on_day", "to_day", "ended_on", "second_thinning", "only_sealed_brood_up", "buys_queen", "turns_daily", "queen_id", "note", "deleted_at") SELECT "id", "colony_id", "method", NULL, "on_day", NULL, "ended_on", "second_thinning", "only_sealed_brood_up", "buys_queen", 0, "queen_id", "note", "deleted_at" FROM `programme`;--> statement-breakpoint
DROP TABLE `programme`;--> statement-breakpoint
ALTER TABLE `__new_programme` RENAME TO `programme`;--> statement-breakpoint
CREATE INDEX `programme_by_colony` ON `programme` (`colony_id`,`on_day`);