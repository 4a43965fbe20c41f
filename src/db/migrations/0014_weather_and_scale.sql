CREATE TABLE `device_key` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`of_id` text NOT NULL,
	`digest` text NOT NULL,
	`made_at` text NOT NULL,
	`ended_at` text,
	`used_at` text,
	CONSTRAINT "device_key_kind" CHECK("device_key"."kind" in ('weather', 'scale'))
);
--> statement-breakpoint
CREATE UNIQUE INDEX `device_key_digest_unique` ON `device_key` (`digest`);--> statement-breakpoint
CREATE TABLE `night` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`on_day` text NOT NULL,
	`low_c` real NOT NULL,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "night_on" CHECK("night"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE UNIQUE INDEX `night_once` ON `night` (`apiary_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `scale_answer` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text NOT NULL,
	`answer` text NOT NULL,
	`said_at` text NOT NULL,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "scale_answer_answer" CHECK("scale_answer"."answer" in ('swarm', 'cast', 'none', 'look'))
);
--> statement-breakpoint
CREATE UNIQUE INDEX `scale_answer_once` ON `scale_answer` (`colony_id`,`at_minute`);--> statement-breakpoint
CREATE TABLE `scale_day` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`on_day` text NOT NULL,
	`readings` text NOT NULL,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "scale_day_on" CHECK("scale_day"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE UNIQUE INDEX `scale_day_once` ON `scale_day` (`colony_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `weather_day` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`on_day` text NOT NULL,
	`hours` text NOT NULL,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "weather_day_on" CHECK("weather_day"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE UNIQUE INDEX `weather_day_once` ON `weather_day` (`apiary_id`,`on_day`);