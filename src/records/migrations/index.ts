export { MIGRATIONS, understand, type Understood } from './migrateRevision';
export { SCHEMA_FINGERPRINT } from './fingerprint';
