// Loaded into a server that is watched (`node --import`): tells the longest time that its event loop was held, and its
// processor time, whenever SIGUSR2 asks; both count from the last time.
import { monitorEventLoopDelay } from 'node:perf_hooks';

const RESOLUTION = 5;
const delay = monitorEventLoopDelay({ resolution: RESOLUTION });
delay.enable();
let cpu = process.cpuUsage();
process.on('SIGUSR2', () => {
  const { user, system } = process.cpuUsage(cpu);
  const held = Math.max(0, delay.max / 1e6 - RESOLUTION);
  process.stdout.write(`watched ${JSON.stringify({ held, cpu: (user + system) / 1000 })}\n`);
  delay.reset();
  cpu = process.cpuUsage();
});
