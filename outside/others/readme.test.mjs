// The README runs as it stands: its plan, its journeys and its commands, in their order, in an empty folder.
import assert from 'node:assert/strict';
import test from 'node:test';
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, symlinkSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { home, made } from './yonder.mjs';

// A server, an archive of the command, and what runs everything.
const APART = / (live|dist|demo)\b|verify/;

test('readme', () => {
  const text = readFileSync(join(home, 'README.md'), 'utf8');
  const folder = join(made, 'readme');
  mkdirSync(folder);
  symlinkSync(join(home, 'yonder'), join(folder, 'yonder'));
  writeFileSync(join(folder, 'plan.yaml'), /```yaml\n([^]*?)```/.exec(text)[1]);
  writeFileSync(join(folder, 'journeys.yaml'), /```yaml journeys\n([^]*?)```/.exec(text)[1]);
  const commands = [...text.matchAll(/^\|[^|]*\| `([^`]+)` \|$/gm)].map(found => found[1]).filter(line => !APART.test(line) && !/^yonder /.test(line));
  assert.ok(commands.length >= 14, commands.join('\n'));
  for (const command of commands) {
    const { status, stderr, stdout } = spawnSync('bash', ['-c', command], { cwd: folder, encoding: 'utf8' });
    // The plan was changed before it is compared, which the status says.
    assert.equal(status, command.includes(' compare ') ? 3 : 0, command + '\n' + stdout + stderr);
    const written = / -o (\S+)/.exec(command);
    if (written) assert.ok(existsSync(join(folder, written[1])), command);
  }
  assert.ok(existsSync(join(folder, 'plan.yaml.history')), 'what an edit leaves is where the README says');
});
