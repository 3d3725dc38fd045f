/** `npm run demo`: installs, builds and serves the application with the demo yard open. */
import { build, ensurePackages, root, say } from './steps.mjs';
import { spawn } from 'node:child_process';

await ensurePackages();
const built = await build({ NEXT_PUBLIC_YARD: 'demo' });
if (built.code !== 0) process.exit(built.code);
const port = process.env.PORT ?? '3000';
say(`Serving the demo yard on http://localhost:${port} (stop with Ctrl+C)`);
const server = spawn(`${root}node_modules/.bin/next`, ['start', '-p', port], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
});
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
