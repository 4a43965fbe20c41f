PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_setting` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('swarmMonths', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'onlySealedUpNightC', 'lightFlowKg', 'strongFlowKg', 'broodSize', 'superSize', 'ownSizes', 'cellsKept', 'earlyFirst', 'schoolsAsked', 'timeZone', 'units', 'secondThinning', 'freeWeek', 'away', 'extraHours', 'wayMinutes', 'roadMinutes', 'workMinutes', 'latitude', 'longitude', 'calendarShows', 'calendarReminds'))
);
--> statement-breakpoint
INSERT INTO `__new_setting`("key", "value") SELECT "key", "value" FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;--> statement-breakpoint
PRAGMA foreign_keys=ON;