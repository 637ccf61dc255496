import { speak } from './language';

await speak();
