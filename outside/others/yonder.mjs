// The command, as others call it.
import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const here = dirname(fileURLToPath(import.meta.url));
export const home = process.env.YONDER_HOME ?? join(here, '..', '..');
export const made = mkdtempSync(join(tmpdir(), 'others-'));
const plans = join(home, 'yonder-arc-examples/src/main/resources/org/yonderarc/examples');

/** The plans of the examples, by name. */
export const examples = ['brinelight', 'crumbtray', 'hutline', 'loomstead', 'marlstep']
  .map(name => [name, join(plans, name + '.yaml')]);

export const yonder = (...words) =>
  execFileSync(join(home, 'yonder'), words, { encoding: 'utf8', maxBuffer: 1 << 26, stdio: ['ignore', 'pipe', 'pipe'] });

export const status = (...words) => spawnSync(join(home, 'yonder'), words, { encoding: 'utf8' });

/** What the command writes into a file, as text. */
export const written = (file, ...words) => {
  const path = join(made, file);
  yonder(...words, '-o', path);
  return readFileSync(path, 'utf8');
};

/** The numbers of a linear congruential generator, so that a run can be had again. */
export const random = seed => () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
