// Every command of the README, the guides and the help means the same in bash, zsh and fish.
import assert from 'node:assert/strict';
import test from 'node:test';
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { home, made, yonder } from './yonder.mjs';

const FUNCTIONS = {
  bash: 'yonder() { printf "%s\\n" "$@" >&2; }\n',
  zsh: 'yonder() { printf "%s\\n" "$@" >&2; }\n',
  fish: 'function yonder; printf "%s\\n" $argv >&2; end\n'
};

const read = path => readFileSync(join(home, path), 'utf8');
const guides = ['README.md', ...readdirSync(join(home, 'docs')).filter(name => name.endsWith('.md')).map(name => 'docs/' + name)];

/** Commands that stand in code, as a block or within a line; not those that say where a name belongs. */
const commands = () => {
  const words = ['', ...read('docs/architecture.md') && yonder('--help').matchAll(/^ {2}([a-z]+) {2,}[A-Z]/gm)].slice(1).map(found => found[1]);
  const help = [yonder('--help'), ...words.filter(word => word !== 'help').map(word => yonder(word, '--help'))];
  const lines = help.flatMap(text => [...text.matchAll(/^ {2}(yonder .*)$/gm)].map(found => found[1]));
  for (const guide of guides) {
    for (const [, block, inline] of read(guide).matchAll(/^ {4}(?:\.\/)?(yonder .*)$|`(?:\.\/)?(yonder [^`\n]*)`/gm)) {
      lines.push(block ?? inline);
    }
  }
  return [...new Set(lines)].filter(line => !/\b[A-Z]{2,}\b|\|\||\.\.\./.test(line));
};

test('commands', () => {
  const all = commands();
  assert.ok(all.length > 60, all.length + ' commands');
  const folder = join(made, 'shells');
  mkdirSync(folder);
  for (const line of all) {
    const heard = Object.entries(FUNCTIONS).map(([shell, named]) => {
      const { stderr, error } = spawnSync(shell, ['-c', named + line], { cwd: folder, encoding: 'utf8' });
      assert.equal(error, undefined, shell);
      return [shell, stderr];
    });
    for (const [shell, words] of heard) {
      assert.equal(words, heard[0][1], `${shell}: ${line}`);
    }
  }
});
