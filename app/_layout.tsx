export { RootLayout as default, RootErrorBoundary as ErrorBoundary } from '@/features/frame';
