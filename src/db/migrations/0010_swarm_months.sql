PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_setting` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	CONSTRAINT "setting_key" CHECK("__new_setting"."key" in ('swarmMonths', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays', 'leastBroodNuc', 'leastBroodSplit', 'leastBroodDemaree', 'leastSeamsDemaree', 'mainFlowNearDays', 'interleaveNightC', 'onlySealedUpNightC', 'lightFlowKg', 'strongFlowKg', 'broodSize', 'superSize', 'ownSizes', 'cellsKept', 'timeZone', 'secondThinning'))
);
--> statement-breakpoint
-- Which half of the world it is was asked, where now the months are in which swarms come.
INSERT INTO `__new_setting`("key", "value") SELECT
	CASE "key" WHEN 'hemisphere' THEN 'swarmMonths' ELSE "key" END,
	CASE WHEN "key" <> 'hemisphere' THEN "value" WHEN "value" = '"south"' THEN '[10,11,12,1]' ELSE '[4,5,6,7]' END
FROM `setting`;--> statement-breakpoint
DROP TABLE `setting`;--> statement-breakpoint
ALTER TABLE `__new_setting` RENAME TO `setting`;--> statement-breakpoint
PRAGMA foreign_keys=ON;