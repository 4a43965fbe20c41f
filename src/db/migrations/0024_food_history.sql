PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_revision` (
	`id` text PRIMARY KEY NOT NULL,
	`entity` text NOT NULL,
	`entity_id` text NOT NULL,
	`revised_at` text NOT NULL,
	`action` text NOT NULL,
	`before` text NOT NULL,
	CONSTRAINT "revision_entity" CHECK("__new_revision"."entity" in ('apiary', 'colony', 'queen', 'queen-event', 'inspection', 'programme', 'check-answer', 'survey', 'season-plan', 'food')),
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
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('swarmMonths', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'onlySealedUpNightC', 'lightFlowKg', 'strongFlowKg', 'broodSize', 'superSize', 'ownSizes', 'cellsKept', 'earlyFirst', 'schoolsAsked', 'timeZone', 'units', 'secondThinning', 'freeWeek', 'away', 'extraHours', 'wayMinutes', 'workMinutes', 'latitude', 'longitude', 'calendarShows', 'calendarReminds'))
);
--> statement-breakpoint
INSERT INTO `__new_setting`("key", "value") SELECT "key", "value" FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;