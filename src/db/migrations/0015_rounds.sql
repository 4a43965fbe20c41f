CREATE TABLE `round_wish` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`on_day` text,
	`apiary_id` text,
	`colony_id` text,
	`check_key` text,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "round_wish_kind" CHECK("round_wish"."kind" in ('pinned', 'forbidden', 'left-out')),
	CONSTRAINT "round_wish_on" CHECK("round_wish"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "round_wish_key_length" CHECK(length("round_wish"."check_key") <= 120)
);
--> statement-breakpoint
CREATE TABLE `round` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`began_at` text NOT NULL,
	`ended_at` text,
	`hives` text NOT NULL,
	`had_help` integer NOT NULL,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "round_note_length" CHECK(length("round"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `round_by_apiary` ON `round` (`apiary_id`,`began_at`);--> statement-breakpoint
CREATE TABLE `seen_plan` (
	`id` text PRIMARY KEY NOT NULL,
	`plan` text NOT NULL
);
--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_setting` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('swarmMonths', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'onlySealedUpNightC', 'lightFlowKg', 'strongFlowKg', 'broodSize', 'superSize', 'ownSizes', 'cellsKept', 'timeZone', 'units', 'secondThinning', 'freeWeek', 'away', 'extraHours', 'wayMinutes', 'workMinutes', 'latitude', 'longitude', 'calendarShows'))
);
--> statement-breakpoint
INSERT INTO `__new_setting`("key", "value") SELECT "key", "value" FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
ALTER TABLE `apiary` ADD `way_minutes` integer CONSTRAINT "apiary_way_minutes" CHECK("way_minutes" between 0 and 600);--> statement-breakpoint
ALTER TABLE `inspection` ADD `until_minute` text;