CREATE TABLE `food_entry` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at` text NOT NULL,
	`kind` text NOT NULL,
	`amount` real NOT NULL,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "food_entry_kind" CHECK("food_entry"."kind" in ('syrup', 'fondant', 'stores-frame', 'honey-taken')),
	CONSTRAINT "food_entry_amount" CHECK("food_entry"."amount" between 0 and 200),
	CONSTRAINT "food_entry_note_length" CHECK(length("food_entry"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `food_entry_by_colony` ON `food_entry` (`colony_id`,`at`);--> statement-breakpoint
CREATE TABLE `season_plan` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`year` integer NOT NULL,
	`way` text NOT NULL,
	`planned_on` text NOT NULL,
	`count` integer NOT NULL,
	`method` text,
	`by_day` text,
	`moved` text NOT NULL,
	`dropped` text NOT NULL,
	`again` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "season_plan_way" CHECK("season_plan"."way" in ('room-first', 'demaree', 'wait-for-cells', 'increase', 'requeen')),
	CONSTRAINT "season_plan_method" CHECK("season_plan"."method" in ('nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'walk-away', 'even-split', 'queen-split', 'vertical-split', 'requeen-mated', 'after-swarm', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound', 'hive-swarm', 'unite', 'add-box', 'add-super', 'test-comb', 'give-eggs', 'give-cell', 'cell-nuc')),
	CONSTRAINT "season_plan_count" CHECK("season_plan"."count" between 1 and 4),
	CONSTRAINT "season_plan_planned_on" CHECK("season_plan"."planned_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "season_plan_by" CHECK("season_plan"."by_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE INDEX `season_plan_by_colony` ON `season_plan` (`colony_id`,`year`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_revision` (
	`id` text PRIMARY KEY NOT NULL,
	`entity` text NOT NULL,
	`entity_id` text NOT NULL,
	`revised_at` text NOT NULL,
	`action` text NOT NULL,
	`before` text NOT NULL,
	CONSTRAINT "revision_entity" CHECK("__new_revision"."entity" in ('apiary', 'colony', 'queen', 'queen-event', 'inspection', 'programme', 'check-answer', 'survey', 'season-plan')),
	CONSTRAINT "revision_action" CHECK("__new_revision"."action" in ('corrected', 'deleted', 'restored'))
);
--> statement-breakpoint
INSERT INTO `__new_revision`("id", "entity", "entity_id", "revised_at", "action", "before") SELECT "id", "entity", "entity_id", "revised_at", "action", "before" FROM `revision`;--> statement-breakpoint
DROP TABLE `revision`;--> statement-breakpoint
ALTER TABLE `__new_revision` RENAME TO `revision`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `revision_by_entity` ON `revision` (`entity_id`,`revised_at`);--> statement-breakpoint
ALTER TABLE `apiary` ADD `year` text;--> statement-breakpoint
ALTER TABLE `queen` ADD `is_to_breed_from` integer DEFAULT false NOT NULL;--> statement-breakpoint
CREATE TABLE `__new_inspection` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text NOT NULL,
	`to_day` text,
	`until_minute` text,
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
	`temper` text DEFAULT 'not-noted' NOT NULL,
	`food` text DEFAULT 'not-looked-for' NOT NULL,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "inspection_thoroughness" CHECK("__new_inspection"."thoroughness" in ('cleared', 'bees-on', 'tip-up', 'not-searched')),
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
	CONSTRAINT "inspection_temper" CHECK("__new_inspection"."temper" in ('calm', 'uneasy', 'defensive', 'not-noted')),
	CONSTRAINT "inspection_food" CHECK("__new_inspection"."food" in ('enough', 'little', 'not-looked-for')),
	CONSTRAINT "inspection_note_length" CHECK(length("__new_inspection"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_inspection`("id", "colony_id", "at_minute", "to_day", "until_minute", "thoroughness", "queen", "queen_seen_as", "queen_handled", "piping", "is_by_helper", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "note", "deleted_at") SELECT "id", "colony_id", "at_minute", "to_day", "until_minute", "thoroughness", "queen", "queen_seen_as", "queen_handled", "piping", "is_by_helper", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "note", "deleted_at" FROM `inspection`;--> statement-breakpoint
DROP TABLE `inspection`;--> statement-breakpoint
ALTER TABLE `__new_inspection` RENAME TO `inspection`;--> statement-breakpoint
CREATE INDEX `inspection_by_colony` ON `inspection` (`colony_id`,`at_minute`);