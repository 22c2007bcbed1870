// Design tokens are read by tools of both of the format's ages.
import assert from 'node:assert/strict';
import test from 'node:test';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { defineConfig, parse } from '@terrazzo/parser';
import four from 'style-dictionary-4';
import five from 'style-dictionary-5';
import { here, made, written } from './yonder.mjs';

const plan = join(here, 'blend.yaml');

/** The variables of CSS that a tool makes of a file of tokens. */
const css = async (tool, name) => {
  const folder = join(made, name + '/');
  const made4 = new tool({
    source: [join(made, name)],
    platforms: { css: { transformGroup: 'css', buildPath: folder.replace('.json', ''), files: [{ destination: 'v.css', format: 'css/variables' }] } },
    log: { verbosity: 'silent', warnings: 'disabled' }
  });
  await made4.buildAllPlatforms();
  return Object.fromEntries([...readFileSync(join(folder.replace('.json', ''), 'v.css'), 'utf8').matchAll(/--([\w-]+): (.*);/g)]
    .map(([, name, value]) => [name, value]));
};

test('objects, as the format of 2025.10 has them', async () => {
  const src = written('new.tokens.json', 'measure', plan, 'bottom');
  const filename = pathToFileURL(join(made, 'new.tokens.json'));
  const { tokens } = await parse([{ filename, src }], { config: defineConfig({}, { cwd: pathToFileURL(made + '/') }) });
  const types = new Set(Object.values(tokens).map(token => token.$type));
  assert.deepEqual([...types].sort(), ['border', 'color', 'cubicBezier', 'dimension', 'duration', 'gradient', 'shadow', 'typography']);
  assert.equal(tokens['gradient.ground'].$value.length, 2);
  assert.deepEqual(tokens['gradient.ground'].$value.map(stop => stop.position), [0, 1]);
  assert.ok(Object.keys(tokens).every(name => /^[\w.-]+$/.test(name)));
  const variables = await css(five, 'new.tokens.json');
  assert.equal(variables['colour-accent'], '#0a6c74');
  assert.equal(variables['size-bottom-height'], '84px');
  assert.match(variables['type-item-tides-label'], /^600 12px\/1.2 Inter$/);
});

for (const [name, tool] of [['four', four], ['five', five]]) {
  test(`texts, in version ${name} of a tool`, async () => {
    written(name + '.tokens.json', 'measure', plan, 'bottom', '--token-texts');
    const variables = await css(tool, name + '.tokens.json');
    assert.equal(variables['colour-accent'], '#0a6c74');
    assert.equal(variables['size-bottom-height'], '84px');
    assert.equal(variables['time-select-duration'], '200ms');
    assert.match(variables['shadow'], /^0px 4px 12px 0px #[0-9a-f]{8}$/);
    const unread = Object.keys(variables).filter(key => /object Object/.test(variables[key]));
    // A gradient is a list of objects in all versions of the format.
    assert.deepEqual(unread.filter(key => key !== 'gradient-ground'), []);
  });
}
