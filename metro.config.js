const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

const from = (context, name) => context.originModulePath.includes(`/node_modules/${name}/`);

config.resolver.resolveRequest = (context, name, platform) => {
  // Zod's main entry carries every language it can speak; the app speaks one.
  if (/locales\/index(\.c?js)?$/.test(name) && from(context, 'zod'))
    return context.resolveRequest(context, 'zod/v4/locales/en.js', platform);
  // Gestures are handled without it; it would be carried along for nothing.
  if (name === 'react-native-reanimated' && from(context, 'react-native-gesture-handler'))
    return { type: 'empty' };
  return context.resolveRequest(context, name, platform);
};

module.exports = config;
