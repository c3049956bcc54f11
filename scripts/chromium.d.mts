export function chromiumPath(): string | undefined;
export const chromiumSwitches: string[];
