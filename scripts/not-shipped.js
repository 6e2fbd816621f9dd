/** Stands for parts of libraries that no screen uses; what reached for one would find nothing in it. */
module.exports = {
  // The router prepares for stacks of the system, of which there are none on the web.
  featureFlags: { experiment: {} },
  createNativeStackNavigator: () => ({ Navigator: () => null }),
  // While the app is developed the router tells of a route without a screen in one of these.
  ToastWrapper: ({ children }) => children ?? null,
  Toast: ({ children }) => children ?? null,
};
