const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// Zod's main entry carries every language it can speak; the app speaks one.
config.resolver.resolveRequest = (context, name, platform) =>
  /locales\/index(\.c?js)?$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath)
    ? context.resolveRequest(context, 'zod/v4/locales/en.js', platform)
    : context.resolveRequest(context, name, platform);

module.exports = config;
