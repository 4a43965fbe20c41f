CREATE TABLE `practised` (
	`id` text PRIMARY KEY NOT NULL,
	`at` text NOT NULL,
	`kind` text NOT NULL,
	`skill` text NOT NULL,
	`level` integer NOT NULL,
	`seed` integer NOT NULL,
	`is_right` integer NOT NULL,
	`days_off` real,
	`grade` text NOT NULL,
	CONSTRAINT "practised_kind" CHECK("practised"."kind" in ('read-cell', 'find-all', 'read-brood', 'which-cause', 'leave-shut', 'when-back', 'not-shaken')),
	CONSTRAINT "practised_grade" CHECK("practised"."grade" in ('known', 'near', 'again')),
	CONSTRAINT "practised_level" CHECK("practised"."level" between 1 and 3),
	CONSTRAINT "practised_skill_length" CHECK(length("practised"."skill") <= 60)
);
--> statement-breakpoint
CREATE INDEX `practised_by_time` ON `practised` (`at`);