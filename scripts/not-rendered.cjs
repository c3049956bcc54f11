/**
 * Parts of libraries that come along with what is used and that nothing here renders: the navigators and headers of a phone,
 * lists of their own kind, themes of an older Material Design. Without them the first load is a seventh smaller. Their names
 * stand where they are imported, and are undefined; ESLint keeps our own code from them.
 */
const ofReactNative = [
  'Button',
  'CheckBox',
  'FlatList',
  'ImageBackground',
  'KeyboardAvoidingView',
  'Modal',
  'Picker',
  'ProgressBar',
  'RefreshControl',
  'SectionList',
  'VirtualizedList',
];

const files = [
  'expo-router/build/color/index',
  'expo-router/build/layouts/Tabs',
  'expo-router/build/layouts/experimental-stack',
  'expo-router/build/layouts/stack-utils/index',
  'expo-router/build/link/Link',
  'expo-router/build/react-navigation/bottom-tabs/index',
  'expo-router/build/react-navigation/elements/index',
  'expo-router/build/stack',
  'expo-router/build/standard-navigation/index',
  'expo-router/build/views/Sitemap',
  'react-native-paper/lib/module/styles/themes/v2/DarkTheme',
  'react-native-paper/lib/module/styles/themes/v2/LightTheme',
  ...ofReactNative.map((name) => `react-native-web/dist/exports/${name}/index`),
];

/** Files in whose place `stand-ins.js` is put, because others ask for something of them while they are loaded. */
const replaced = [
  'expo-router/build/fork/native-stack/createNativeStackNavigator',
  'expo-router/build/head/index',
  'react-native-paper/lib/module/styles/themes/v2/colors',
  'react-native-screens/lib/module/index',
];

const isOneOf = (names) =>
  new RegExp(`[\\\\/]node_modules[\\\\/](${names.join('|').replaceAll('/', '[\\\\/]')})\\.js$`);

module.exports = {
  ofReactNative,
  ofRouter: ['Color', 'Link', 'Stack', 'Tabs', 'Sitemap'],
  isNotRendered: isOneOf(files),
  isReplaced: isOneOf(replaced),
};
