PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_frame_plan` (
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
	CONSTRAINT "frame_plan_method" CHECK("__new_frame_plan"."method" in ('nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'walk-away', 'even-split', 'queen-split', 'vertical-split', 'requeen-mated', 'after-swarm', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound', 'hive-swarm', 'unite', 'add-box', 'add-super', 'test-comb', 'give-eggs', 'give-cell', 'cell-nuc')),
	CONSTRAINT "frame_plan_on" CHECK("__new_frame_plan"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
INSERT INTO `__new_frame_plan`("id", "colony_id", "method", "on_day", "units", "frames_out", "queen_frame_id", "steps", "done", "finished_at", "deleted_at") SELECT "id", "colony_id", "method", "on_day", "units", "frames_out", "queen_frame_id", "steps", "done", "finished_at", "deleted_at" FROM `frame_plan`;--> statement-breakpoint
DROP TABLE `frame_plan`;--> statement-breakpoint
ALTER TABLE `__new_frame_plan` RENAME TO `frame_plan`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `frame_plan_by_colony` ON `frame_plan` (`colony_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `__new_programme` (
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
	CONSTRAINT "programme_method" CHECK("__new_programme"."method" in ('nuc-swarm', 'old-site-swarm', 'demaree', 'part-demaree', 'walk-away', 'even-split', 'queen-split', 'vertical-split', 'requeen-mated', 'after-swarm', 'open-sides', 'interleave', 'honey-bound', 'pollen-bound', 'hive-swarm', 'unite', 'add-box', 'add-super', 'test-comb', 'give-eggs', 'give-cell', 'cell-nuc')),
	CONSTRAINT "programme_on" CHECK("__new_programme"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_ended_on" CHECK("__new_programme"."ended_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "programme_note_length" CHECK(length("__new_programme"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_programme`("id", "colony_id", "method", "on_day", "ended_on", "second_thinning", "only_sealed_brood_up", "buys_queen", "queen_id", "note", "deleted_at") SELECT "id", "colony_id", "method", "on_day", "ended_on", "second_thinning", "only_sealed_brood_up", "buys_queen", "queen_id", "note", "deleted_at" FROM `programme`;--> statement-breakpoint
DROP TABLE `programme`;--> statement-breakpoint
ALTER TABLE `__new_programme` RENAME TO `programme`;--> statement-breakpoint
CREATE INDEX `programme_by_colony` ON `programme` (`colony_id`,`on_day`);