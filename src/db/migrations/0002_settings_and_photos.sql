CREATE TABLE `photo` (
	`id` text PRIMARY KEY NOT NULL,
	`inspection_id` text NOT NULL,
	`jpeg` text NOT NULL,
	FOREIGN KEY (`inspection_id`) REFERENCES `inspection`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "photo_length" CHECK(length("photo"."jpeg") <= 250000)
);
--> statement-breakpoint
CREATE INDEX `photo_by_inspection` ON `photo` (`inspection_id`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_setting` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('hemisphere', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'cellsKept', 'secondThinning'))
);
--> statement-breakpoint
INSERT INTO `__new_setting`("key", "value") SELECT "key", "value" FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;--> statement-breakpoint
PRAGMA foreign_keys=ON;