module.exports = (api) => {
  const testing = api.env('test');
  return {
    presets: ['babel-preset-expo'],
    // Jest runs CommonJS: what the app fetches late is required late there.
    plugins: testing ? ['@babel/plugin-transform-dynamic-import'] : [],
  };
};
