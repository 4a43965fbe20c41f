export * from './book';
export * from './colonies';
export * from './frames';
export * from './inspections';
export * from './kit';
export * from './programmes';
export * from './rounds';
export * from './weather';
