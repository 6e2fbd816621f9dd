/** Tells one state of the record schemas from another; written by `npm run schema`, held by a test. */
export const SCHEMA_FINGERPRINT = 'f6e26069';
