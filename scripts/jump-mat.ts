import { createServer, type Socket } from 'node:net';
import { matLines } from '../src/core/measure';
import { seeded } from '../src/core/random';

/**
 * A simulated jump mat: a small device that speaks the mat's line protocol (docs/jump-mat.md) to whoever connects.
 *   npm run mat -- [--port 7117] [--height 0.35] [--contact 0.2] [--jumps 10] [--every 8] [--noise 0.04]
 *                  [--chatter 0.1] [--loss 0.02] [--seed 7] [--unplug-after JUMPS]
 */
const option = (name: string, otherwise: number): number => {
  const at = process.argv.indexOf(`--${name}`);
  const value = Number(at < 0 ? otherwise : process.argv[at + 1]);
  if (!Number.isFinite(value)) throw new Error(`jump-mat: --${name} needs a number`);
  return value;
};
const port = option('port', 7117);
const athlete = {
  heightM: option('height', 0.35),
  contactS: option('contact', 0.2),
  noise: option('noise', 0.04),
  chatter: option('chatter', 0.1),
  loss: option('loss', 0.02),
};
const jumps = option('jumps', 10);
const everyS = option('every', 8);
const unplugAfter = option('unplug-after', 0);
const random = seeded(option('seed', 7));

createServer((socket: Socket) => {
  const began = performance.now();
  const timers: NodeJS.Timeout[] = [];
  let seq = 1;
  let landed = 0;
  socket.write('jaleo-mat 1 simulated\n');
  const beat = setInterval(() => socket.write(`beat ${(performance.now() - began).toFixed(0)}\n`), 1000);
  const set = (): void => {
    const startMs = performance.now() - began;
    const lines = matLines(athlete, jumps, startMs, seq, random);
    seq = Number(lines.at(-1)?.line.split(' ')[0] ?? seq) + 1;
    for (const { atMs, line } of lines)
      timers.push(
        setTimeout(() => {
          socket.write(`${line}\n`);
          if (line.endsWith(' on')) landed += 1;
          if (unplugAfter > 0 && landed > unplugAfter) socket.destroy();
        }, atMs - startMs),
      );
  };
  set();
  const again = setInterval(set, everyS * 1000 + jumps * 900);
  socket.on('close', () => {
    clearInterval(beat);
    clearInterval(again);
    for (const timer of timers) clearTimeout(timer);
  });
  socket.on('error', () => socket.destroy());
}).listen(port, '127.0.0.1', () => {
  console.log(`The simulated mat is on 127.0.0.1:${String(port)}.`);
});
