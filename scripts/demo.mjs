/** One command from a fresh clone to a running Cobbet; the first visit offers the sample book and a blank one. */
import { ensureInstalled } from './installed.mjs';

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 9)) {
  process.stderr.write(`Cobbet needs Node.js 20.9 or later; this is ${process.versions.node}.\n`);
  process.exit(1);
}
const port = Number(process.env.PORT ?? 3000);
if (!Number.isInteger(port) || port < 1 || port > 65535) {
  process.stderr.write(`PORT must be a number from 1 to 65535, not “${process.env.PORT}”.\n`);
  process.exit(1);
}
ensureInstalled();
const { build, isBuilt, portIsFree, startServer } = await import('./server.mjs');
if (!(await portIsFree(port))) {
  process.stderr.write(
    `Port ${port} is taken. Stop what uses it, or choose another: PORT=3001 npm run demo\n`,
  );
  process.exit(1);
}
if (!isBuilt()) {
  process.stdout.write('Building (about half a minute, once)…\n');
  build();
}
try {
  const server = await startServer(port, { quiet: true });
  process.stdout.write(`\nCobbet is at ${server.address}\n\n`);
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => void server.stop());
  server.child.once('exit', (code) => process.exit(code ?? 0));
} catch (error) {
  process.stderr.write(`Cobbet did not start: ${error.message}\n`);
  process.exit(1);
}
