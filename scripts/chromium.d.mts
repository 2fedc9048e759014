/** Flags of the browser that the interface tests and the pictures share. */
export declare const CHROMIUM_ARGS: readonly string[];
