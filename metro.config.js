const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const resolveDefault = config.resolver.resolveRequest;

// The bench builds an empty app beside this one, from the same packages as they come.
const asItComes = (process.env.ZOLDER_APP_ROOT ?? 'app') !== 'app';

// What the router and the platform ship beside what this app uses: stacks, tabs and headers of their own,
// previews, lists, animations, pictures; questions asked in other ways, drawings read from text. The app
// has one slot, and components of its own.
const NOT_SHIPPED = [
  /expo-router\/build\/(layouts\/(Stack\.|Tabs|TopTabs|experimental-stack|stack-utils)|native-tabs|link\/preview\/(?!LinkPreviewContext|PreviewRouteContext)|views\/((useS|S)itemap|ErrorBoundary|Unmatched|Toast))/,
  /expo-router\/build\/(react-navigation\/(bottom-tabs|elements|native-stack)|fork\/native-stack)\//,
  /react-native-screens\//,
  /react-native-web\/dist\/(cjs\/)?exports\/(Animated|Button|CheckBox|FlatList|Image|ImageBackground|Modal|Picker|ProgressBar|RefreshControl|SectionList|Switch|Touchable\w+|VirtualizedList)\//,
  /react-native-web\/dist\/(cjs\/)?vendor\/react-native\/(Animated|FlatList|SectionList|Virtualized\w*|PanResponder|TurboModule)\//,
  /@tanstack\/(query-core|react-query)\/build\/\w+\/(hydration|queriesObserver|infiniteQueryObserver|streamedQuery|HydrationBoundary|useQueries|use\w*Infinite\w*|useSuspense\w*|useMutationState|usePrefetch\w*)\./,
  /react-native-svg\/lib\/\w+\/(xml|deprecated|css\/|utils\/fetchData)/,
];

// zod ships every language; only English is used, and the rest would add 40 kB to each bundle.
config.resolver.resolveRequest = (context, name, platform) => {
  const resolve = resolveDefault ?? context.resolveRequest;
  const fromZod = context.originModulePath.includes(`${path.sep}zod${path.sep}`);
  if (fromZod && /locales\/index\.(c?js|mjs)$/.test(name)) {
    return { type: 'sourceFile', filePath: path.resolve(__dirname, 'scripts/zod-locales.js') };
  }
  // The whole of the statistics package would ship with the first screen; three functions are used.
  if (name === 'simple-statistics')
    return {
      type: 'sourceFile',
      filePath: path.resolve(__dirname, 'scripts/simple-statistics.js'),
    };
  // The empty app asks no book.
  if (asItComes && context.originModulePath === path.join(__dirname, 'entry.ts') && name[0] === '@')
    return { type: 'empty' };
  const found = resolve(context, name, platform);
  const file = found.type === 'sourceFile' ? found.filePath.split(path.sep).join('/') : '';
  return !asItComes && NOT_SHIPPED.some((part) => part.test(file))
    ? { type: 'sourceFile', filePath: path.resolve(__dirname, 'scripts/not-shipped.js') }
    : found;
};

// A module runs when something of it is first used: much of what the libraries ship never is.
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: !asItComes },
});

// The path on a host is written into what is cached.
config.cacheVersion = `base ${process.env.ZOLDER_BASE ?? ''} ${asItComes ? 'as it comes' : ''}`;

module.exports = config;
