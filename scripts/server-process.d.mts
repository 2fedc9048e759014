import type { ChildProcess, StdioOptions } from 'node:child_process';

export declare const serveArgs: (host: string, port: number) => string[];
export declare const freePort: () => Promise<number>;
export declare function startServer(
  port: number,
  env: Readonly<Record<string, string>>,
  stdio?: StdioOptions,
): ChildProcess;
export declare function stopServer(child: ChildProcess, signal?: NodeJS.Signals): void;
export declare function endServer(child: ChildProcess, signal: NodeJS.Signals): Promise<void>;
export declare function answers(url: string, tries?: number): Promise<boolean>;
