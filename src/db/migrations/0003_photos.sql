CREATE TABLE `photo` (
	`id` text PRIMARY KEY NOT NULL,
	`inspection_id` text NOT NULL,
	`jpeg` text NOT NULL,
	FOREIGN KEY (`inspection_id`) REFERENCES `inspection`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "photo_length" CHECK(length("photo"."jpeg") <= 250000)
);
--> statement-breakpoint
CREATE INDEX `photo_by_inspection` ON `photo` (`inspection_id`);