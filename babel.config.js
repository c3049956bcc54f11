module.exports = (api) => {
  api.cache(true);
  return {
    // Nothing here runs beside the screen's own thread, and looking for what would takes a part of each build.
    presets: [['babel-preset-expo', { reanimated: false, worklets: false }]],
    // Keeps the parts of Paper that no screen uses out of the first load.
    plugins: ['react-native-paper/babel'],
  };
};
