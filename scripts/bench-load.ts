import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import autocannon from 'autocannon';
import { gzipSync } from 'node:zlib';

/**
 * How many people at once: signed in, 32 connections on each page, against BASE_URL. Run by `npm run bench -- load`.
 * The wanted figures are those of the demo club on two cores shared with PostgreSQL and this tool.
 */
const WANTED = { Calls: 120, Squad: 120, Floor: 120, Bench: 80, 'Testing day': 60, Library: null } as const;
const CONNECTIONS = 32;
const SECONDS = Number(process.env.JALEO_LOAD_SECONDS ?? 8);

export async function benchLoad(base: string): Promise<void> {
  const signedIn = await fetch(`${base}/sign-in`, {
    method: 'POST',
    redirect: 'manual',
    headers: { origin: base, accept: 'text/html', 'content-type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ email: 'coach@jaleo.example', password: 'tuesday-lift' }),
  });
  const cookie = signedIn.headers
    .getSetCookie()
    .map((one) => one.split(';')[0])
    .join('; ');
  const read = async (path: string): Promise<string> =>
    (await fetch(base + path, { headers: { cookie, accept: 'text/html' } })).text();
  const squad = /\/calls\?squad=([0-9a-f-]{36})/.exec(await read('/calls'))?.[1] ?? '';
  const day = process.env.JALEO_LOAD_DAY ?? '2026-11-21';
  const session = /\/floor\/([0-9a-f-]{36})/.exec(await read(`/bench/${squad}/${day}`))?.[1] ?? '';
  const pages: Record<keyof typeof WANTED, string> = {
    Calls: '/calls',
    Squad: `/squad/${squad}`,
    Floor: `/floor/${session}`,
    Bench: `/bench/${squad}/${day}`,
    'Testing day': `/start/${squad}/${day}`,
    Library: '/library',
  };
  for (const name of Object.keys(pages) as (keyof typeof WANTED)[]) {
    const path = pages[name];
    const html = await read(path);
    const run = (duration: number) =>
      autocannon({ url: base + path, connections: CONNECTIONS, duration, headers: { cookie, accept: 'text/html' } });
    await run(2);
    const { requests, latency, non2xx, errors } = await run(SECONDS);
    const bad = non2xx + errors;
    console.log(
      `${`${name}, ${String(CONNECTIONS)} at once`.padEnd(30)} ${requests.average.toFixed(0).padStart(4)} a second` +
        (WANTED[name] === null ? '              ' : ` (wanted ${String(WANTED[name]).padStart(3)})`) +
        `, p97.5 ${String(latency.p97_5).padStart(4)} ms, HTML ${(html.length / 1000).toFixed(0)} kB (${(gzipSync(html).length / 1000).toFixed(0)} gzip)${bad > 0 ? `, ${String(bad)} FAILED` : ''}`,
    );
  }
  await twoProcesses(base, cookie);
}

/** Two processes on one database: each keeps what it read, and both see every write. */
async function twoProcesses(base: string, cookie: string): Promise<void> {
  const port = await freePort();
  const second = `http://localhost:${String(port)}`;
  const env = { ...process.env, PORT: String(port), ORIGIN: second, NODE_ENV: 'production' };
  const other = spawn('node', ['build'], { env, stdio: 'ignore' });
  try {
    for (let i = 0; i < 100; i++) {
      const there = await fetch(`${second}/readyz`).then(
        ({ ok }) => ok,
        () => false,
      );
      if (there) break;
      await new Promise((done) => setTimeout(done, 100));
    }
    const each = (url: string, connections: number) =>
      autocannon({ url: `${url}/calls`, connections, duration: SECONDS, headers: { cookie, accept: 'text/html' } });
    await each(second, 4);
    const one = await each(base, CONNECTIONS);
    const both = await Promise.all([each(base, CONNECTIONS / 2), each(second, CONNECTIONS / 2)]);
    const sum = both.reduce((all, { requests }) => all + requests.average, 0);
    console.log(
      `Calls, one process ${one.requests.average.toFixed(0)} a second, two ${sum.toFixed(0)} (the tool and PostgreSQL share the cores)`,
    );
  } finally {
    other.kill('SIGTERM');
  }
}

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer();
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() => {
        resolve(typeof address === 'object' && address ? address.port : 0);
      });
    });
  });
