CREATE TABLE `book` (
	`id` text PRIMARY KEY NOT NULL,
	`made_at` text NOT NULL,
	`writes` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `receipt` (
	`entity_id` text NOT NULL,
	`version` text NOT NULL,
	`received_at` text NOT NULL,
	PRIMARY KEY(`entity_id`, `version`)
);
