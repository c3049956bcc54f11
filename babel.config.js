module.exports = (api) => {
  api.cache(true);
  return {
    presets: ['babel-preset-expo'],
    // Keeps the parts of Paper that no screen uses out of the first load.
    plugins: ['react-native-paper/babel'],
  };
};
