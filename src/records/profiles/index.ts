export * from './genericProfiles';
