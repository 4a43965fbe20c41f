/** Said to the application of who asks; nobody else can say it. */
export const ROLE_HEADER = 'x-ubbet-role';
/** The page's nonce, for its own first script. */
export const NONCE_HEADER = 'x-ubbet-nonce';
/** It came over Ubbet's own HTTPS. */
export const SECURE_HEADER = 'x-ubbet-secure';
