/**
 * Stands where a library brings much for little: the names that something else of the library asks for while it is loaded, and
 * nothing behind them. `not-rendered.cjs` says of which files.
 */

/** The router makes its native stack when it is loaded; no layout here is one. */
export const createNativeStackNavigator = () => ({ Navigator: () => null });

/** Screens of a phone's own; what the router sets for them while it is loaded. */
export const featureFlags = { experiment: {} };

/** What stands in a page's head is written once, in `public/index.html`. */
export const Head = { Provider: ({ children }) => children };

/** Of the palette of an older Material Design, what components of Paper fall back to where a theme has no colour. */
export const black = '#000000';
export const white = '#ffffff';
