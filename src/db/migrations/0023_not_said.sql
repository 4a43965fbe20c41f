PRAGMA foreign_keys=OFF;--> statement-breakpoint
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
	CONSTRAINT "inspection_thoroughness" CHECK("__new_inspection"."thoroughness" in ('cleared', 'bees-on', 'tip-up', 'not-searched', 'not-said')),
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
INSERT INTO `__new_inspection`("id", "colony_id", "at_minute", "to_day", "until_minute", "thoroughness", "queen", "queen_seen_as", "queen_handled", "piping", "is_by_helper", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "temper", "food", "note", "deleted_at") SELECT "id", "colony_id", "at_minute", "to_day", "until_minute", "thoroughness", "queen", "queen_seen_as", "queen_handled", "piping", "is_by_helper", "eggs", "youngest", "drone_brood_in_worker_cells", "several_eggs_per_cell", "stores", "laying_room_days", "brood_frames", "covered_seams", "drones", "temper", "food", "note", "deleted_at" FROM `inspection`;--> statement-breakpoint
DROP TABLE `inspection`;--> statement-breakpoint
ALTER TABLE `__new_inspection` RENAME TO `inspection`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `inspection_by_colony` ON `inspection` (`colony_id`,`at_minute`);