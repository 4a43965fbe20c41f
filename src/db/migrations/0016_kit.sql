CREATE TABLE `kit_entry` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`at` text NOT NULL,
	`thing` text NOT NULL,
	`count` integer NOT NULL,
	`from_place` text,
	`to_place` text,
	`packed_for` text,
	`reason` text NOT NULL,
	`frozen_since` text,
	`deleted_at` text,
	FOREIGN KEY (`packed_for`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "kit_entry_kind" CHECK("kit_entry"."kind" in ('counted', 'carried')),
	CONSTRAINT "kit_entry_thing" CHECK("kit_entry"."thing" in ('nuc-box', 'brood-box', 'super', 'floor', 'crown-board', 'roof', 'excluder', 'split-board', 'drawn-comb', 'foundation', 'open-frame', 'frozen-stores', 'dummy', 'feeder', 'queen-cage', 'entrance-block', 'strap', 'newspaper', 'sugar', 'pen-white', 'pen-yellow', 'pen-red', 'pen-green', 'pen-blue')),
	CONSTRAINT "kit_entry_count" CHECK("kit_entry"."count" between 0 and 999),
	CONSTRAINT "kit_entry_reason_length" CHECK(length("kit_entry"."reason") <= 120),
	CONSTRAINT "kit_entry_frozen_since" CHECK("kit_entry"."frozen_since" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE INDEX `kit_entry_by_time` ON `kit_entry` (`at`);--> statement-breakpoint
ALTER TABLE `apiary` ADD `disease_suspected_since` text CONSTRAINT "apiary_disease_suspected_since" CHECK("disease_suspected_since" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]');
