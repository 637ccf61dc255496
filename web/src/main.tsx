import { speak } from './language/language';

// Words are read from the catalogue when a module is loaded: the language comes first, then all the rest.
await speak();
await import('./start');
