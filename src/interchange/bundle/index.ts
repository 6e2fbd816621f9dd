export * from './bundleLimits';
export * from './bundleSchema';
export * from './canonicalJson';
export * from './mergePreview';
export * from './readBundle';
export * from './writeBundle';
