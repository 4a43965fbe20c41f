CREATE TABLE `brought_in` (
	`id` text PRIMARY KEY NOT NULL,
	`at_instant` text NOT NULL,
	`kind` text NOT NULL,
	`file` text NOT NULL,
	`heads` text NOT NULL,
	`matching` text NOT NULL,
	`rows` integer NOT NULL,
	`written` text NOT NULL,
	`undone_at` text,
	CONSTRAINT "brought_in_kind" CHECK("brought_in"."kind" in ('colonies', 'queens', 'queen-events', 'inspections', 'cells', 'weights'))
);
