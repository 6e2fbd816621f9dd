export { MIGRATIONS, understand } from './migrateRevision';
export { SCHEMA_FINGERPRINT } from './fingerprint';
