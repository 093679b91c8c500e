import * as Comlink from 'comlink';
import type { Difference } from '$core/load';
import type { WhatIf, WhatIfApi } from './what-if.worker';

/** Two plans held side by side in a worker of its own; call in the browser only. */
export async function compareInWorker(asked: WhatIf): Promise<{ fitted: boolean; days: Difference[] }> {
  const worker = new Worker(new URL('./what-if.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await Comlink.wrap<WhatIfApi>(worker).compare(asked);
  } finally {
    worker.terminate();
  }
}
