import type { ExpoConfig } from 'expo/config';

const config: ExpoConfig = {
  name: 'Nipperkin',
  slug: 'nipperkin',
  scheme: 'nipperkin',
  version: '0.1.0',
  platforms: ['web'],
  userInterfaceStyle: 'automatic',
  web: { bundler: 'metro', output: 'single' },
  // Routes by themselves are small; what they place is loaded together, see src/places.
  plugins: [['expo-router', { root: './src/app', sitemap: false }]],
  experiments: { typedRoutes: true },
};

export default config;
