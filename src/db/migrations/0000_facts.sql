CREATE TABLE `apiary` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`note` text NOT NULL,
	CONSTRAINT "apiary_name_length" CHECK(length("apiary"."name") <= 60),
	CONSTRAINT "apiary_note_length" CHECK(length("apiary"."note") <= 4000)
);
--> statement-breakpoint
CREATE TABLE `cell_observation` (
	`id` text PRIMARY KEY NOT NULL,
	`inspection_id` text NOT NULL,
	`cell_id` text NOT NULL,
	`found` text NOT NULL,
	`taken_down` integer NOT NULL,
	FOREIGN KEY (`inspection_id`) REFERENCES `inspection`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`cell_id`) REFERENCES `cell`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cell_observation_found" CHECK("cell_observation"."found" in ('cup-dry', 'egg', 'egg-upright', 'egg-leaning', 'egg-flat', 'larva-small', 'larva-large', 'sealed', 'sealed-fresh', 'sealed-ripe', 'queen-moving', 'emerged', 'torn-down', 'removed', 'not-found'))
);
--> statement-breakpoint
CREATE UNIQUE INDEX `cell_seen_once_an_inspection` ON `cell_observation` (`inspection_id`,`cell_id`);--> statement-breakpoint
CREATE INDEX `cell_observation_by_cell` ON `cell_observation` (`cell_id`);--> statement-breakpoint
CREATE TABLE `cell` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`label` text NOT NULL,
	`place` text NOT NULL,
	`box` integer,
	`frame` integer,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "cell_place" CHECK("cell"."place" in ('bottom', 'edge', 'face')),
	CONSTRAINT "cell_box" CHECK("cell"."box" between 1 and 10),
	CONSTRAINT "cell_frame" CHECK("cell"."frame" between 1 and 24)
);
--> statement-breakpoint
CREATE UNIQUE INDEX `cell_label_once` ON `cell` (`colony_id`,`label`);--> statement-breakpoint
CREATE TABLE `colony` (
	`id` text PRIMARY KEY NOT NULL,
	`apiary_id` text NOT NULL,
	`name` text NOT NULL,
	`stand` text NOT NULL,
	`origin` text NOT NULL,
	`parent_colony_id` text,
	`started_on` text NOT NULL,
	`ended_on` text,
	`note` text NOT NULL,
	FOREIGN KEY (`apiary_id`) REFERENCES `apiary`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`parent_colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "colony_origin" CHECK("colony"."origin" in ('established', 'nuc', 'prime-swarm', 'cast', 'split')),
	CONSTRAINT "colony_started_on" CHECK("colony"."started_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "colony_ended_on" CHECK("colony"."ended_on" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "colony_name_length" CHECK(length("colony"."name") <= 60),
	CONSTRAINT "colony_note_length" CHECK(length("colony"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `colony_by_apiary` ON `colony` (`apiary_id`);--> statement-breakpoint
CREATE TABLE `inspection` (
	`id` text PRIMARY KEY NOT NULL,
	`colony_id` text NOT NULL,
	`at_minute` text NOT NULL,
	`thoroughness` text NOT NULL,
	`queen` text NOT NULL,
	`eggs` text NOT NULL,
	`youngest` text,
	`drone_brood_in_worker_cells` text NOT NULL,
	`several_eggs_per_cell` text NOT NULL,
	`stores` text NOT NULL,
	`laying_room_days` integer,
	`note` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "inspection_thoroughness" CHECK("inspection"."thoroughness" in ('cleared', 'bees-on', 'tip-up')),
	CONSTRAINT "inspection_queen" CHECK("inspection"."queen" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_eggs" CHECK("inspection"."eggs" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_youngest" CHECK("inspection"."youngest" in ('eggs-upright', 'eggs', 'larvae-small', 'larvae-large', 'sealed', 'none')),
	CONSTRAINT "inspection_drone_brood" CHECK("inspection"."drone_brood_in_worker_cells" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_several_eggs" CHECK("inspection"."several_eggs_per_cell" in ('seen', 'none', 'not-looked-for')),
	CONSTRAINT "inspection_stores" CHECK("inspection"."stores" in ('room', 'nectar', 'honey', 'pollen', 'not-looked-for')),
	CONSTRAINT "inspection_laying_room" CHECK("inspection"."laying_room_days" between 0 and 99),
	CONSTRAINT "inspection_note_length" CHECK(length("inspection"."note") <= 4000)
);
--> statement-breakpoint
CREATE INDEX `inspection_by_colony` ON `inspection` (`colony_id`,`at_minute`);--> statement-breakpoint
CREATE TABLE `queen_event` (
	`id` text PRIMARY KEY NOT NULL,
	`queen_id` text NOT NULL,
	`colony_id` text NOT NULL,
	`on_day` text NOT NULL,
	`kind` text NOT NULL,
	`note` text NOT NULL,
	FOREIGN KEY (`queen_id`) REFERENCES `queen`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`colony_id`) REFERENCES `colony`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "queen_event_kind" CHECK("queen_event"."kind" in ('present', 'virgin-out', 'caged-in', 'released', 'marked', 'clipped', 'removed', 'lost')),
	CONSTRAINT "queen_event_on" CHECK("queen_event"."on_day" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE INDEX `queen_event_by_colony` ON `queen_event` (`colony_id`,`on_day`);--> statement-breakpoint
CREATE TABLE `queen` (
	`id` text PRIMARY KEY NOT NULL,
	`mother_queen_id` text,
	`origin` text NOT NULL,
	`emerged_from` text,
	`emerged_to` text,
	`note` text NOT NULL,
	FOREIGN KEY (`mother_queen_id`) REFERENCES `queen`(`id`) ON UPDATE no action ON DELETE no action,
	CONSTRAINT "queen_origin" CHECK("queen"."origin" in ('raised', 'bought', 'swarm', 'unknown')),
	CONSTRAINT "queen_emerged_from" CHECK("queen"."emerged_from" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]'),
	CONSTRAINT "queen_emerged_to" CHECK("queen"."emerged_to" glob '[12][0-9][0-9][0-9]-[01][0-9]-[0-3][0-9]')
);
--> statement-breakpoint
CREATE TABLE `revision` (
	`id` text PRIMARY KEY NOT NULL,
	`entity` text NOT NULL,
	`entity_id` text NOT NULL,
	`revised_at` text NOT NULL,
	`action` text NOT NULL,
	`before` text NOT NULL,
	CONSTRAINT "revision_entity" CHECK("revision"."entity" in ('apiary', 'colony', 'queen', 'inspection')),
	CONSTRAINT "revision_action" CHECK("revision"."action" in ('corrected', 'deleted', 'restored'))
);
--> statement-breakpoint
CREATE INDEX `revision_by_entity` ON `revision` (`entity_id`,`revised_at`);--> statement-breakpoint
CREATE TABLE `setting` (
	`key` text PRIMARY KEY NOT NULL,
	`value` text NOT NULL,
	CONSTRAINT "setting_key" CHECK("setting"."key" in ('hemisphere', 'leaveShutDays', 'matingFailedDays', 'fixedIntervalDays'))
);
