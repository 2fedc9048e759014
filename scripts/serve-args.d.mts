export declare const serveArgs: (host: string, port: number) => string[];
