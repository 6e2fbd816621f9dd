import '@/chunks/provide';

export {
  RootErrorBoundary as ErrorBoundary,
  RootLayout as default,
} from '@/features/frame/RootLayout';
