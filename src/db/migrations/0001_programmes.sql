CREATE TABLE `calendar_feed` (
	`id` text PRIMARY KEY NOT NULL,
	`token` text NOT NULL,
	`made_at` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `calendar_feed_token_unique` ON `calendar_feed` (`token`);--> statement-breakpoint
CREATE TABLE `cell_move` (
	`id` text PRIMARY KEY NOT NULL,
	`cell_id` text NOT NULL,
	`to_colony_id` text NOT NULL,
	`label` text NOT NULL,
	`on_day` text NOT NULL,
	`travel` text NOT NULL,
	FOREIGN KEY (`cell_id`) REFERENCES `cell`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`to_colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cell_move_travel" CHECK("cell_move"."travel" in ('on-frame', 'cut-out', 'caged-virgin')),
	CONSTRAINT "cell_move_on" CHECK("cell_move"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE UNIQUE INDEX `cell_moves_once` ON `cell_move` (`cell_id`);--> statement-breakpoint
CREATE INDEX `cell_move_by_receiver` ON `cell_move` (`to_colony_id`);--> statement-breakpoint
CREATE TABLE `check_answer` (
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
	CONSTRAINT "check_answer_code" CHECK("check_answer"."code" in ('nuc-settled', 'thin-cells', 'move-parent', 'eggs', 'laying-check', 'clear-top-cells', 'top-brood-gone', 'bottom-check', 'supers-check', 'which-half', 'doors', 'released', 'space-check', 'united', 'read-comb')),
	CONSTRAINT "check_answer_nth" CHECK("check_answer"."nth" between 1 and 40),
	CONSTRAINT "check_answer_answer_length" CHECK(length("check_answer"."answer") <= 40),
	CONSTRAINT "check_answer_note_length" CHECK(length("check_answer"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `check_answer_by_programme` ON `check_answer` (`programme_id`);--> statement-breakpoint
CREATE TABLE `check_change` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`check_key` text NOT NULL,
	`at_minute` text NOT NULL,
	`kind` text NOT NULL,
	`to_day` text,
	`reason` text NOT NULL,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "check_change_kind" CHECK("check_change"."kind" in ('moved', 'skipped', 'as-it-was')),
	CONSTRAINT "check_change_to" CHECK("check_change"."to_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "check_change_key_length" CHECK(length("check_change"."check_key") <= 120),
	CONSTRAINT "check_change_reason_length" CHECK(length("check_change"."reason") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `check_change_by_colony` ON `check_change` (`colony_id`);--> statement-breakpoint
CREATE TABLE `kept_cell` (
	`id` text PRIMARY KEY NOT NULL,
	`programme_id` text NOT NULL,
	`cell_id` text NOT NULL,
	FOREIGN KEY (`programme_id`) REFERENCES `programme`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`cell_id`) REFERENCES `cell`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE UNIQUE INDEX `kept_cell_once` ON `kept_cell` (`programme_id`,`cell_id`);--> statement-breakpoint
CREATE TABLE `programme_unit` (
	`id` text PRIMARY KEY NOT NULL,
	`programme_id` text NOT NULL,
	`unit` text NOT NULL,
	`colony_id` text NOT NULL,
	FOREIGN KEY (`programme_id`) REFERENCES `programme`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "programme_unit_length" CHECK(length("programme_unit"."unit") <= 40)
);
--> statement-breakpoint
CREATE UNIQUE INDEX `programme_unit_once` ON `programme_unit` (`programme_id`,`unit`);--> statement-breakpoint
CREATE INDEX `programme_unit_by_colony` ON `programme_unit` (`colony_id`);--> statement-breakpoint
CREATE TABLE `programme` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`method` text NOT NULL,
	`on_day` text NOT NULL,
	`ended_on` text,
	`second_thinning` integer NOT NULL,
	`only_sealed_brood_up` integer NOT NULL,
	`buys_queen` integer NOT NULL,
	`queen_id` text,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`queen_id`) REFERENCES `queen`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "programme_method" CHECK("programme"."method" in ('nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'walk-away', 'even-split', 'queen-split', 'vertical-split', 'requeen-mated', 'after-swarm', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound', 'hive-swarm', 'unite', 'add-box', 'add-super', 'test-comb', 'give-eggs', 'give-cell')),
	CONSTRAINT "programme_on" CHECK("programme"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_ended_on" CHECK("programme"."ended_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_note_length" CHECK(length("programme"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `programme_by_colony` ON `programme` (`colony_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `step_done` (
	`id` text PRIMARY KEY NOT NULL,
	`programme_id` text NOT NULL,
	`step` integer NOT NULL,
	`at_minute` text NOT NULL,
	FOREIGN KEY (`programme_id`) REFERENCES `programme`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "step_done_step" CHECK("step_done"."step" between 0 and 40)
);
--> statement-breakpoint
CREATE UNIQUE INDEX `step_done_once` ON `step_done` (`programme_id`,`step`);--> statement-breakpoint
CREATE TABLE `__new_revision` (
	`id` text PRIMARY KEY NOT NULL,
	`entity` text NOT NULL,
	`entity_id` text NOT NULL,
	`revised_at` text NOT NULL,
	`action` text NOT NULL,
	`before` text NOT NULL,
	CONSTRAINT "revision_entity" CHECK("__new_revision"."entity" in ('apiary', 'colony', 'queen', 'inspection', 'programme', 'check-answer')),
	CONSTRAINT "revision_action" CHECK("__new_revision"."action" in ('corrected', 'deleted', 'restored'))
);
--> statement-breakpoint
INSERT INTO `__new_revision`("id", "entity", "entity_id", "revised_at", "action", "before") SELECT "id", "entity", "entity_id", "revised_at", "action", "before" FROM `revision`;--> statement-breakpoint
DROP TABLE `revision`;--> statement-breakpoint
ALTER TABLE `__new_revision` RENAME TO `revision`;--> statement-breakpoint
CREATE INDEX `revision_by_entity` ON `revision` (`entity_id`,`revised_at`);--> statement-breakpoint
CREATE TABLE `__new_apiary` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`note` text NOT NULL,
	`main_flow_from` text,
	`main_flow_to` text,
	CONSTRAINT "apiary_name_length" CHECK(length("__new_apiary"."name") <= 60),
	CONSTRAINT "apiary_note_length" CHECK(length("__new_apiary"."note") <= 4000),
	CONSTRAINT "apiary_main_flow_from" CHECK("__new_apiary"."main_flow_from" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "apiary_main_flow_to" CHECK("__new_apiary"."main_flow_to" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
INSERT INTO `__new_apiary`("id", "name", "note", "main_flow_from", "main_flow_to") SELECT "id", "name", "note", NULL, NULL FROM `apiary`;--> statement-breakpoint
DROP TABLE `apiary`;--> statement-breakpoint
ALTER TABLE `__new_apiary` RENAME TO `apiary`;--> statement-breakpoint
CREATE TABLE `__new_cell` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`label` text NOT NULL,
	`place` text NOT NULL,
	`box` integer,
	`frame` integer,
	`part` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cell_place" CHECK("__new_cell"."place" in ('bottom', 'edge', 'face')),
	CONSTRAINT "cell_box" CHECK("__new_cell"."box" between 1 and 10),
	CONSTRAINT "cell_frame" CHECK("__new_cell"."frame" between 1 and 24),
	CONSTRAINT "cell_part" CHECK("__new_cell"."part" in ('below', 'above'))
);
--> statement-breakpoint
INSERT INTO `__new_cell`("id", "colony_id", "label", "place", "box", "frame", "part") SELECT "id", "colony_id", "label", "place", "box", "frame", NULL FROM `cell`;--> statement-breakpoint
DROP TABLE `cell`;--> statement-breakpoint
ALTER TABLE `__new_cell` RENAME TO `cell`;--> statement-breakpoint
CREATE UNIQUE INDEX `cell_label_once` ON `cell` (`colony_id`,`label`);--> statement-breakpoint
CREATE TABLE `__new_inspection` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text NOT NULL,
	`thoroughness` text NOT NULL,
	`queen` text NOT NULL,
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
INSERT INTO `__new_inspection`("id", "colony_id", "at_minute", "thoroughness", "queen", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "note", "deleted_at") SELECT "id", "colony_id", "at_minute", "thoroughness", "queen", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", NULL, NULL, 'not-looked-for', "note", "deleted_at" FROM `inspection`;--> statement-breakpoint
DROP TABLE `inspection`;--> statement-breakpoint
ALTER TABLE `__new_inspection` RENAME TO `inspection`;--> statement-breakpoint
CREATE INDEX `inspection_by_colony` ON `inspection` (`colony_id`,`at_minute`);