export * from './bundleLimits';
export * from './bundleRefusal';
export * from './bundleSchema';
export * from './checkWhole';
export * from './digest';
export * from './mergePreview';
export * from './readBundle';
export * from './writeBundle';
