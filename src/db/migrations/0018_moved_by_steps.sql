CREATE TABLE `stand_move` (
	`id` text PRIMARY KEY NOT NULL,
	`stand_id` text NOT NULL,
	`onto_id` text,
	`from_x` real NOT NULL,
	`from_y` real NOT NULL,
	`to_x` real NOT NULL,
	`to_y` real NOT NULL,
	`begun_on` text NOT NULL,
	`steps` text NOT NULL,
	`ended_on` text,
	FOREIGN KEY (`stand_id`) REFERENCES `stand`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`onto_id`) REFERENCES `stand`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `stand_move_by_stand` ON `stand_move` (`stand_id`);--> statement-breakpoint
PRAGMA foreign_keys=OFF;--> statement-breakpoint
CREATE TABLE `__new_yard_mark` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`kind` text NOT NULL,
	`x1` real NOT NULL,
	`y1` real NOT NULL,
	`x2` real NOT NULL,
	`y2` real NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "yard_mark_kind" CHECK("__new_yard_mark"."kind" in ('path', 'hedge', 'shed', 'neighbour', 'water', 'way-mark'))
);
--> statement-breakpoint
INSERT INTO `__new_yard_mark`("id", "apiary_id", "kind", "x1", "y1", "x2", "y2", "deleted_at") SELECT "id", "apiary_id", "kind", "x1", "y1", "x2", "y2", "deleted_at" FROM `yard_mark`;--> statement-breakpoint
DROP TABLE `yard_mark`;--> statement-breakpoint
ALTER TABLE `__new_yard_mark` RENAME TO `yard_mark`;--> statement-breakpoint
PRAGMA foreign_keys=ON;--> statement-breakpoint
CREATE INDEX `yard_mark_by_apiary` ON `yard_mark` (`apiary_id`);