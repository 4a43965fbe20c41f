CREATE TABLE `stand` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`name` text NOT NULL,
	`x` real NOT NULL,
	`y` real NOT NULL,
	`facing` integer NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "stand_name_length" CHECK(length("stand"."name") <= 80),
	CONSTRAINT "stand_facing" CHECK("stand"."facing" between 0 and 359)
);
--> statement-breakpoint
CREATE INDEX `stand_by_apiary` ON `stand` (`apiary_id`);--> statement-breakpoint
CREATE TABLE `yard_mark` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`kind` text NOT NULL,
	`x1` real NOT NULL,
	`y1` real NOT NULL,
	`x2` real NOT NULL,
	`y2` real NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "yard_mark_kind" CHECK("yard_mark"."kind" in ('path', 'hedge', 'shed', 'neighbour', 'water'))
);
--> statement-breakpoint
CREATE INDEX `yard_mark_by_apiary` ON `yard_mark` (`apiary_id`);