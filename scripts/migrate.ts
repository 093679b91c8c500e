import { migrateDatabase } from '../src/lib/server/db/migrate';

await migrateDatabase();
