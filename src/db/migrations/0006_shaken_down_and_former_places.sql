CREATE TABLE `former_place` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`until_day` text NOT NULL,
	`name` text NOT NULL,
	`apiary_id` text NOT NULL,
	`stand` text NOT NULL,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "former_place_until" CHECK("former_place"."until_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "former_place_name_length" CHECK(length("former_place"."name") <= 60),
	CONSTRAINT "former_place_stand_length" CHECK(length("former_place"."stand") <= 80)
);
--> statement-breakpoint
CREATE INDEX `former_place_by_colony` ON `former_place` (`colony_id`,`until_day`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
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
	CONSTRAINT "check_answer_code" CHECK("__new_check_answer"."code" in ('nuc-settled', 'thin-cells', 'move-parent', 'eggs', 'laying-check', 'clear-top-cells', 'top-brood-gone', 'bottom-check', 'supers-check', 'which-half', 'board-in', 'doors', 'released', 'space-check', 'united', 'read-comb', 'turn-hive', 'shift-boxes')),
	CONSTRAINT "check_answer_nth" CHECK("__new_check_answer"."nth" between 1 and 40),
	CONSTRAINT "check_answer_answer_length" CHECK(length("__new_check_answer"."answer") <= 40),
	CONSTRAINT "check_answer_note_length" CHECK(length("__new_check_answer"."note") <= 4000)
);
--> statement-breakpoint
INSERT INTO `__new_check_answer`("id", "programme_id", "colony_id", "code", "nth", "at_minute", "answer", "queenless_colony_id", "note") SELECT "id", "programme_id", "colony_id", "code", "nth", "at_minute", "answer", "queenless_colony_id", "note" FROM `check_answer`;--> statement-breakpoint
DROP TABLE `check_answer`;--> statement-breakpoint
ALTER TABLE `__new_check_answer` RENAME TO `check_answer`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `check_answer_by_programme` ON `check_answer` (`programme_id`);--> statement-breakpoint
ALTER TABLE `programme` ADD `queen_shaken_down` integer DEFAULT false NOT NULL;--> statement-breakpoint
INSERT INTO `former_place` (`id`, `colony_id`, `until_day`, `name`, `apiary_id`, `stand`)
SELECT `was`.`id`, `was`.`entity_id`, substr(`was`.`revised_at`, 1, 10), `was`.`name`, `was`.`apiary_id`, `was`.`stand`
FROM (
	SELECT `id`, `entity_id`, `revised_at`,
		json_extract(`before`, '$.name') AS `name`,
		json_extract(`before`, '$.apiaryId') AS `apiary_id`,
		json_extract(`before`, '$.stand') AS `stand`,
		lead(json_array(json_extract(`before`, '$.name'), json_extract(`before`, '$.apiaryId'), json_extract(`before`, '$.stand')))
			OVER (PARTITION BY `entity_id` ORDER BY `revised_at`, `id`) AS `then`
	FROM `revision` WHERE `entity` = 'colony'
) AS `was`
JOIN `colony` ON `colony`.`id` = `was`.`entity_id`
JOIN `apiary` ON `apiary`.`id` = `was`.`apiary_id`
WHERE json_array(`was`.`name`, `was`.`apiary_id`, `was`.`stand`)
	<> coalesce(`was`.`then`, json_array(`colony`.`name`, `colony`.`apiary_id`, `colony`.`stand`));
