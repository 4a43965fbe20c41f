/** Under which a device says the time zone that it is in, with every request. */
export const ZONE_COOKIE = 'ubbet-zone';
