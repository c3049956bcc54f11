export function chromiumPath(): string | undefined;
export function testChromiumPath(): string | undefined;
export const chromiumSwitches: string[];
