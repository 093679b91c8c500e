import { closeDatabase } from '../src/lib/server/db/client';
import { migrateDatabase } from '../src/lib/server/db/migrate';

await migrateDatabase();
await closeDatabase();
