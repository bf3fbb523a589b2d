/** Types of what the tests use of `lib.mjs`. */
export function checkNode(version?: string): void;
export function choosePort(fallback: number): Promise<number>;
export function ensureChromium(known?: (string | undefined)[], mayInstall?: boolean): string;
export function waysToInstall(npm: string): [command: string, args: string[]][];
