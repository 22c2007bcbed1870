// Every command of the README, the guides and the help means the same in bash, zsh and fish.
import assert from 'node:assert/strict';
import test from 'node:test';
import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
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
  return [...new Set(lines)].filter(line => !/\b[A-Z]{2,}\b|\|\||\.\.\.|\| source/.test(line));
};

test('commands', () => {
  const all = commands();
  assert.ok(all.length > 60, all.length + ' commands');
  const folder = join(made, 'shells');
  mkdirSync(folder);
  writeFileSync(join(folder, 'plan.yaml'), '');
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

test('completion', () => {
  const plan = join(home, 'yonder-arc-examples/src/main/resources/org/yonderarc/examples/brinelight.yaml');
  const run = (shell, script) => {
    const { stdout, stderr, status } = spawnSync(shell, ['-c', script], { cwd: made, encoding: 'utf8', env: { ...process.env, PATH: home + ':' + process.env.PATH } });
    assert.equal(status, 0, shell + ': ' + stderr);
    return stdout.trim().split('\n').sort();
  };
  const line = `yonder walk ${plan} choose:s`;
  // bash parts the last word at its colon, and completes what stands behind.
  assert.deepEqual(run('bash', `source <(yonder export --completion bash); COMP_LINE='${line}'; COMP_POINT=\${#COMP_LINE}
    COMP_WORDS=(yonder walk ${plan} choose : s); COMP_CWORD=5; _yonder; printf '%s\\n' "\${COMPREPLY[@]}"`), ['species', 'surveys']);
  assert.deepEqual(run('fish', `yonder export --completion fish | source; complete -C '${line}'`), ['choose:species', 'choose:surveys']);
  assert.deepEqual(run('zsh', `compdef() { }; compadd() { print -l -- $found }; source <(yonder export --completion zsh)
    words=(yonder walk ${plan} choose:s); CURRENT=4; _yonder`), ['choose:species', 'choose:surveys']);
  spawnSync('touch', ['x.yaml', 'x.yaml.history'], { cwd: made });
  assert.deepEqual(run('bash', `source <(yonder export --completion bash); COMP_LINE='yonder check x'; COMP_POINT=14
    COMP_WORDS=(yonder check x); COMP_CWORD=2; _yonder; printf '%s\\n' "\${COMPREPLY[@]}"`), ['x.yaml']);
});
